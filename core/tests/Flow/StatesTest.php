<?php

declare(strict_types=1);

use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Flow\Programme;
use Kindred\Flow\Simulator;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Sample;

/* Cues that wait for states of instances. */

/**
 * Two lamps on the home screen, each with a state “Lit” that a tap turns on and off, and a box whose cue leads on under a condition.
 *
 * @param  array<string, mixed>|null  $condition  null for none; the state is that which is lit where none is given
 * @return array{Tree, array{axis: string, off: string, lit: string}}
 */
function lamps(?array $condition, ?string $in = null): array
{
    $file = Sample::file();
    $use = fn (string $id, float $y): array => ['id' => $id, 'kind' => 'instance', 'name' => $id, 'component' => 'lamp', 'x' => 20, 'y' => $y];
    $file['screens'][0]['layers'] = [$use('lamp1', 20), $use('lamp2', 80), ['id' => 'onward', 'kind' => 'box', 'name' => 'Onward', 'x' => 20, 'y' => 200, 'width' => 60, 'height' => 40]];
    $file['screens'][] = ['id' => 'lamp', 'name' => 'Lamp', 'device' => 'custom', 'x' => 0, 'y' => 2000, 'width' => 200, 'height' => 200, 'view' => 200, 'component' => ['root' => 'bulb'], 'layers' => [
        ['id' => 'bulb', 'kind' => 'box', 'name' => 'Bulb', 'x' => 0, 'y' => 0, 'width' => 40, 'height' => 40, 'fills' => [['colour' => '#cccccc']]],
    ]];
    $tree = Sample::after(ProjectFile::read((string) json_encode($file))->tree, ['type' => 'add-state', 'component' => 'lamp', 'name' => 'Lit', 'seed' => 'lit']);
    $axis = ($tree->component('lamp') ?? throw new LogicException)->axes[0];
    $states = ['axis' => $axis->id, 'off' => $axis->states[0]->id, 'lit' => $axis->states[1]->id];
    $tree = Sample::after($tree, ['type' => 'put-cue', 'screen' => 'lamp', 'layer' => 'bulb', 'cue' => ['id' => 'turn1', 'trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'state', 'axis' => $axis->id]]]],
        ['type' => 'put-cue', 'screen' => 'home', 'layer' => 'onward', 'cue' => ['id' => 'onward1', 'trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'show', 'screen' => 'next']]] + ($condition === null ? [] : ['conditions' => [['kind' => 'state', 'axis' => $axis->id, 'state' => $axis->states[1]->id] + $condition]])]);

    return [$tree, $states];
}

/**
 * Where somebody comes who taps some lamps, and then the box.
 *
 * @param  list<string>  $tapped
 */
function showsAfter(Tree $tree, array $tapped): ?string
{
    $run = new Simulator(Programme::compile($tree), 1, 20_000);
    foreach ($tapped as $lamp) {
        $run->send(['type' => 'tap', 'path' => ['bulb', $lamp, ''], 'turns' => [$lamp]]);
    }
    $run->send(['type' => 'elapse', 'ms' => 2000]);
    $run->send(['type' => 'tap', 'path' => ['onward', '']]);

    return $run->stand()['screen'];
}

it('goes on only while an instance is in a state', function (?array $condition, array $tapped, string $screen): void {
    expect(showsAfter(lamps($condition)[0], $tapped))->toBe($screen);
})->with([
    'no condition' => [null, [], 'next'],
    'it is not yet' => [['instance' => 'lamp1'], [], 'home'],
    'it has come to it' => [['instance' => 'lamp1'], ['lamp1'], 'next'],
    'it has been, and is no more' => [['instance' => 'lamp1'], ['lamp1', 'lamp1'], 'home'],
    'another one is' => [['instance' => 'lamp1'], ['lamp2'], 'home'],
    'both are' => [['instance' => 'lamp1'], ['lamp2', 'lamp1'], 'next'],
    'it must not be, and is not' => [['instance' => 'lamp2', 'not' => true], ['lamp1'], 'next'],
    'it must not be, and is' => [['instance' => 'lamp2', 'not' => true], ['lamp2'], 'home'],
]);

it('sets what a cue waits for by the states that there are', function (): void {
    [$tree, $of] = lamps(null);
    $field = fn (string $field, string $value): array => ['type' => 'set-cue-field', 'screen' => 'home', 'layer' => 'onward', 'cue' => 'onward1', 'field' => $field, 'value' => $value];
    $set = Sample::after($tree, $field('conditions.0.kind', 'state'));
    expect($set->layer('onward')->cues[0]->conditions[0]->condition->toArray())->toBe(['axis' => $of['axis'], 'state' => $of['off'], 'instance' => 'lamp1']);
    $lit = Sample::after($set, $field('conditions.0.becomes', "lamp2:{$of['axis']} {$of['lit']}"));
    expect($lit->layer('onward')->cues[0]->conditions[0]->condition->toArray())->toBe(['axis' => $of['axis'], 'state' => $of['lit'], 'instance' => 'lamp2'])
        ->and(showsAfter($lit, []))->toBe('home')->and(showsAfter($lit, ['lamp2']))->toBe('next')
        ->and(fn () => Sample::after($set, $field('conditions.0.becomes', "lamp2:{$of['axis']} gone")))->toThrow(InvalidInput::class, 'That state is not there; it may have been removed in another window.');
});

it('takes a cue in the place of the one that is there, and says where the new one leads', function (): void {
    [$tree, $of] = lamps(null);
    $put = fn (array $acts): array => ['type' => 'put-cue', 'screen' => 'home', 'layer' => 'onward', 'cue' => ['id' => 'onward1', 'trigger' => ['kind' => 'tap'], 'actions' => $acts]];
    $label = fn (array $acts): string => Sample::command($put($acts))->label($tree);
    $again = Sample::after($tree, $put([['kind' => 'return']]));
    expect($again->layer('onward')->cues)->toHaveCount(1)->and($again->layer('onward')->cues[0]->returns())->toBeTrue()
        ->and(array_map($label, [[['kind' => 'show', 'screen' => 'next']], [['kind' => 'return']], [['kind' => 'address', 'address' => 'https://example.org']], [['kind' => 'state', 'axis' => $of['axis'], 'instance' => 'lamp1']]]))->toBe(['Link Onward to Next', 'Link Onward to return', 'Link Onward to do something', 'Link Onward to another state']);
});
