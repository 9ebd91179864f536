<?php

declare(strict_types=1);

use Kindred\Document\Tree;
use Kindred\Flow\Programme;
use Kindred\Flow\Simulator;
use Kindred\Tests\Sample;

/** @param  array<string, mixed>  $action */
function cue(string $screen, ?string $layer, array $action, array $trigger = ['kind' => 'tap'], ?array $transition = null): array
{
    static $count = 0;

    return ['type' => 'put-cue', 'screen' => $screen, 'layer' => $layer, 'cue' => array_filter(['id' => 'cue'.++$count.'x', 'trigger' => $trigger, 'action' => $action, 'transition' => $transition])];
}

const TO_NEXT = ['kind' => 'show', 'screen' => 'next'];
const CUT = ['kind' => 'cut'];

function flow(): Tree
{
    return Sample::after(Sample::tree(),
        ['type' => 'create-layers', 'screen' => 'next', 'seed' => 's', 'layers' => [['kind' => 'box', 'name' => 'Back', 'x' => 0, 'y' => 0, 'width' => 50, 'height' => 50]]],
        cue('home', 'group', TO_NEXT),
    );
}

/** @param  list<array<string, mixed>>  $events */
function run(Tree $tree, array $events): Simulator
{
    $simulator = new Simulator(Programme::compile($tree));
    foreach ($events as $event) {
        $simulator->send($event);
    }

    return $simulator;
}

it('lets a tap on anything inside a linked group count', function (): void {
    $table = Programme::compile(flow());
    expect(array_keys($table['states'][0]['cues']))->toBe(['group'])
        ->and(run(flow(), [['type' => 'tap', 'path' => ['right', 'group', '']]])->stand()['screen'])->toBe('next')
        ->and(run(flow(), [['type' => 'tap', 'path' => ['boxa', '']]])->stand()['screen'])->toBe('home');
});

it('goes back the way it came', function (): void {
    $tree = flow();
    $back = array_key_last($tree->layers);
    $tree = Sample::after($tree, cue('next', $back, ['kind' => 'return']));
    $there = run($tree, [['type' => 'tap', 'path' => ['left', 'group', '']]])->stand();
    $again = run($tree, [['type' => 'tap', 'path' => ['left', 'group', '']], ['type' => 'tap', 'path' => [$back, '']]])->stand();
    expect($again['screen'])->toBe('home')
        ->and($again['trail'])->toBe([])
        ->and($there['plan']['tracks'][0]['values'])->toBe([1.0, 0.0])
        ->and($again['plan']['tracks'][0]['values'])->toBe([-1.0, 0.0]);
});

it('fires delayed cues once their screen has settled, the earliest first', function (): void {
    $tree = Sample::after(flow(),
        cue('home', null, TO_NEXT, ['kind' => 'delay', 'delay' => 2000]),
        cue('next', null, ['kind' => 'return'], ['kind' => 'delay', 'delay' => 500], CUT),
    );
    $at = fn (int $ms): ?string => run($tree, [['type' => 'elapse', 'ms' => $ms]])->stand()['screen'];
    // 2000 ms, a push of 300 ms, 500 ms on the next screen, then home again for 2000 ms.
    expect([$at(1999), $at(2000), $at(2799), $at(2800), $at(4799), $at(4800)])->toBe(['home', 'next', 'next', 'home', 'home', 'next']);
});

it('does not hang on cues that lead in a circle at once', function (): void {
    $tree = Sample::after(flow(),
        cue('home', null, TO_NEXT, ['kind' => 'delay', 'delay' => 0], CUT),
        cue('next', null, ['kind' => 'show', 'screen' => 'home'], ['kind' => 'delay', 'delay' => 0], CUT),
    );
    expect(count(run($tree, [['type' => 'elapse', 'ms' => 1]])->stand()['trail']))->toBe(Simulator::MOST_STEPS);
});

it('leaves out cues of hidden layers and to screens that are gone', function (array $command): void {
    expect(Programme::compile(Sample::after(flow(), $command))['cues'])->toBe([]);
})->with([
    [['type' => 'mark-layers', 'screen' => 'home', 'layers' => ['group'], 'hidden' => true]],
    [['type' => 'delete-screens', 'screens' => ['next']]],
]);

it('restarts at the entry and opens any screen', function (): void {
    $simulator = run(flow(), [['type' => 'tap', 'path' => ['left', 'group', '']], ['type' => 'restart']]);
    expect($simulator->stand())->toBe(['screen' => 'home', 'trail' => [], 'plan' => null]);
    $simulator->send(['type' => 'open', 'screen' => 'next']);
    $simulator->send(['type' => 'return']);
    expect($simulator->stand()['screen'])->toBe('next');
});
