<?php

declare(strict_types=1);

use Kindred\Document\Anchor;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Entries;
use Kindred\Document\Layer;
use Kindred\Document\Overlay;
use Kindred\Document\Span;
use Kindred\Document\Tree;
use Kindred\Document\Widget\Item;
use Kindred\Flow\Programme;
use Kindred\Flow\Simulator;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Tests\Sample;

/* What cues do, on what conditions, and how screens lie over each other. */

/** A screen with every kind of value on it, one over it, and one beside. */
function studio(): Tree
{
    $widgets = [
        ['lit', 'switch', ['on' => false]], ['pieces', 'stepper', ['value' => 2, 'min' => 0, 'max' => 10, 'step' => 1]], ['name', 'text-field', ['required' => true]],
        ['shelf', 'radio-group', ['items' => [['label' => 'Top', 'on' => true], ['label' => 'Middle'], ['label' => 'Low']]]],
        ['glazes', 'check-boxes', ['items' => [['label' => 'Moss'], ['label' => 'Ash', 'on' => true], ['label' => 'Clay', 'on' => true]]]], ['day', 'date-picker', []],
    ];
    $layers = array_map(fn (array $one): Layer => Layer::read(Reader::of(['id' => "w{$one[0]}s", 'screen' => 'home', 'parent' => null, 'rank' => "y{$one[0]}", 'kind' => 'widget', 'widget' => $one[1], 'name' => $one[0], 'label' => $one[0], 'signal' => $one[0], 'x' => 0, 'y' => 0, 'width' => 200, 'height' => 48] + $one[2])), $widgets);

    return Sample::after(Sample::tree()->withLayers(...$layers),
        ...array_map(fn (string $id): array => ['type' => 'create-screen', 'screen' => ['id' => $id, 'name' => $id, 'device' => 'phone', 'x' => 0, 'y' => 0, 'width' => 390, 'height' => $id === 'sheet' ? 300 : 844]], ['sheet', 'done', 'else']),
    );
}

/**
 * @param  list<array<string, mixed>>  $actions
 * @param  list<array<string, mixed>>  $conditions
 * @param  list<array<string, mixed>>  $otherwise
 * @param  array<string, mixed>  $trigger
 */
function does(Tree $tree, array $actions, array $conditions = [], array $otherwise = [], array $trigger = ['kind' => 'tap'], string $screen = 'home', ?string $layer = 'boxa'): Tree
{
    static $count = 0;

    return Sample::after($tree, ['type' => 'put-cue', 'screen' => $screen, 'layer' => $layer, 'cue' => ['id' => 'made'.++$count.'x', 'trigger' => $trigger, 'actions' => $actions, 'conditions' => $conditions, 'otherwise' => $otherwise]]);
}

/** @param  list<array<string, mixed>>  $events  a tap on the box comes last */
function tapped(Tree $tree, array $events = []): Simulator
{
    $run = new Simulator(Programme::compile($tree), today: 20_000);
    foreach ([...$events, ['type' => 'tap', 'path' => ['boxa', '']]] as $event) {
        $run->send($event);
    }

    return $run;
}

const DONE = ['kind' => 'show', 'screen' => 'done'];
const OTHERWISE = ['kind' => 'show', 'screen' => 'else'];
const SHEET = ['kind' => 'lay-over', 'screen' => 'sheet'];

it('happens when its conditions hold, and does something else otherwise', function (array $conditions, bool $holds): void {
    $run = tapped(does(studio(), [DONE], $conditions, [OTHERWISE]), [
        ['type' => 'press', 'widget' => 'wpiecess', 'press' => 'more'], ['type' => 'enter', 'widget' => 'wnames', 'value' => ' Maren '],
    ]);
    expect($run->stand()['screen'])->toBe($holds ? 'done' : 'else');
})->with([
    [[], true],
    [[['kind' => 'signal', 'signal' => 'pieces', 'compare' => 'is', 'value' => '3']], true], [[['kind' => 'signal', 'signal' => 'pieces', 'compare' => 'over', 'value' => '3']], false],
    [[['kind' => 'signal', 'signal' => 'pieces', 'compare' => 'at-least', 'value' => '3']], true], [[['kind' => 'signal', 'signal' => 'pieces', 'compare' => 'under', 'value' => 'four']], false],
    [[['kind' => 'signal', 'signal' => 'pieces', 'compare' => 'at-most', 'value' => '2.9']], false], [[['kind' => 'signal', 'signal' => 'name', 'compare' => 'is', 'value' => 'Maren']], true],
    [[['kind' => 'signal', 'signal' => 'name', 'compare' => 'is-not', 'value' => 'maren']], true], [[['kind' => 'signal', 'signal' => 'name', 'compare' => 'has', 'value' => 'are']], true],
    [[['kind' => 'signal', 'signal' => 'name', 'compare' => 'empty']], false], [[['kind' => 'signal', 'signal' => 'lit', 'compare' => 'is', 'value' => 'off']], true],
    [[['kind' => 'signal', 'signal' => 'shelf', 'compare' => 'is', 'value' => 'Top']], true], [[['kind' => 'signal', 'signal' => 'glazes', 'compare' => 'has', 'value' => 'Ash']], true],
    [[['kind' => 'signal', 'signal' => 'glazes', 'compare' => 'has', 'value' => 'As']], false], [[['kind' => 'signal', 'signal' => 'glazes', 'part' => 'count', 'compare' => 'is', 'value' => '2']], true],
    [[['kind' => 'signal', 'signal' => 'day', 'compare' => 'filled']], false], [[['kind' => 'signal', 'signal' => 'today', 'compare' => 'over', 'value' => '2024-10-03']], true],
    [[['kind' => 'signal', 'signal' => 'today', 'compare' => 'is', 'value' => '2024-10-04']], true], [[['kind' => 'signal', 'signal' => 'pieces', 'compare' => 'under', 'to' => 'today']], true],
    // What nothing gives never holds, however it is asked for.
    [[['kind' => 'signal', 'signal' => 'gone', 'compare' => 'is-not', 'value' => 'x']], false],
    // “And” binds closer than “or”.
    [[['kind' => 'fields', 'not' => true], ['kind' => 'signal', 'signal' => 'lit', 'compare' => 'is', 'value' => 'on'], ['kind' => 'signal', 'signal' => 'pieces', 'compare' => 'is', 'value' => '3', 'or' => true]], true],
    [[['kind' => 'signal', 'signal' => 'pieces', 'compare' => 'is', 'value' => '3'], ['kind' => 'signal', 'signal' => 'lit', 'compare' => 'is', 'value' => 'on']], false],
    [[['kind' => 'fields']], true],
]);

it('sets, steps and works out values', function (string $signal, array $set, mixed $expected): void {
    $run = tapped(does(studio(), [['kind' => 'value', 'signal' => $signal] + $set]));
    expect($run->values->all()[$signal])->toBe($expected);
})->with([
    ['pieces', ['value' => '7'], 7.0], ['pieces', ['value' => '70'], 10.0], ['pieces', ['value' => 'many'], 2.0], ['pieces', ['how' => 'by', 'value' => '-1'], 1.0], ['pieces', ['how' => 'formula', 'value' => 'pieces * 3 - 1'], 5.0],
    ['pieces', ['how' => 'formula', 'value' => 'pieces *'], 2.0], ['lit', ['value' => 'on'], true], ['lit', ['how' => 'by', 'value' => '1'], true], ['lit', ['how' => 'formula', 'value' => 'pieces - 2'], false],
    ['name', ['value' => 'Maren'], 'Maren'], ['name', ['how' => 'formula', 'value' => 'pieces / 4'], '0.5'], ['name', ['how' => 'by', 'value' => '3'], '3'],
    ['shelf', ['value' => 'Low'], 2], ['shelf', ['value' => ''], -1], ['shelf', ['value' => 'Cellar'], 0], ['shelf', ['how' => 'by', 'value' => '9'], 2], ['shelf', ['how' => 'formula', 'value' => 'pieces'], 1],
    ['glazes', ['value' => 'Clay, Moss'], [0, 2]], ['day', ['value' => '2024-10-05'], 20_001], ['day', ['value' => 'today'], 20_000], ['day', ['value' => 'soon'], null],
]);

it('does several things in order, and only what there is to be done', function (): void {
    $run = tapped(does(studio(), [['kind' => 'value', 'signal' => 'pieces', 'how' => 'by', 'value' => '1'], ['kind' => 'value', 'signal' => 'pieces', 'how' => 'formula', 'value' => 'pieces * 2'], ['kind' => 'value', 'signal' => 'gone', 'value' => '1'],
        ['kind' => 'scroll', 'layer' => 'wnames'], ['kind' => 'focus', 'layer' => 'wnames'], ['kind' => 'address', 'address' => 'https://fernhollow.example/kiln']]));
    expect($run->values->all()['pieces'])->toBe(6.0)->and($run->done)->toBe(['scroll wnames', 'focus wnames', 'address https://fernhollow.example/kiln'])
        ->and(Programme::compile(does(studio(), [['kind' => 'show', 'screen' => 'home']]))['cues'])->toHaveCount(1)
        ->and(Programme::compile(Sample::after(does(studio(), [DONE]), ['type' => 'delete-screens', 'screens' => ['done']]))['cues'])->toBe([]);
});

it('happens by itself, by keys and by words', function (array $trigger, array $events, bool $happens): void {
    $run = new Simulator(Programme::compile(does(studio(), [DONE], trigger: $trigger, layer: null)), today: 20_000);
    foreach ($events as $event) {
        $run->send($event);
    }
    expect($run->stand()['screen'])->toBe($happens ? 'done' : 'home');
})->with([
    [['kind' => 'open'], [], true], [['kind' => 'key', 'key' => 'Ctrl+k'], [['type' => 'key', 'key' => 'Ctrl+K']], true], [['kind' => 'key', 'key' => 'k'], [['type' => 'key', 'key' => 'Ctrl+K']], false],
    [['kind' => 'spoken', 'phrase' => 'Light the kiln!'], [['type' => 'say', 'words' => 'please,  LIGHT the Kiln']], true], [['kind' => 'spoken', 'phrase' => 'kiln'], [['type' => 'say', 'words' => 'kilns']], false], [['kind' => 'spoken', 'phrase' => ''], [['type' => 'say', 'words' => '']], false],
    [['kind' => 'signal', 'reaches' => ['signal' => 'pieces', 'compare' => 'over', 'value' => '3']], [['type' => 'press', 'widget' => 'wpiecess', 'press' => 'more']], false],
    [['kind' => 'signal', 'reaches' => ['signal' => 'pieces', 'compare' => 'over', 'value' => '3']], [['type' => 'press', 'widget' => 'wpiecess', 'press' => 'more'], ['type' => 'press', 'widget' => 'wpiecess', 'press' => 'more']], true],
    // What holds already is not reached.
    [['kind' => 'signal', 'reaches' => ['signal' => 'pieces', 'compare' => 'under', 'value' => '5']], [['type' => 'press', 'widget' => 'wpiecess', 'press' => 'more']], false],
]);

it('tells fields by getting and losing the focus, and layers by the pointer', function (): void {
    $tree = does(does(studio(), [['kind' => 'value', 'signal' => 'pieces', 'how' => 'by', 'value' => '1']], trigger: ['kind' => 'focus'], layer: 'wnames'), [['kind' => 'value', 'signal' => 'pieces', 'how' => 'by', 'value' => '4']], trigger: ['kind' => 'blur'], layer: 'wnames');
    $tree = does(does($tree, [['kind' => 'value', 'signal' => 'lit', 'value' => 'on']], trigger: ['kind' => 'pointer-enter']), [['kind' => 'value', 'signal' => 'lit', 'value' => 'off']], trigger: ['kind' => 'pointer-leave']);
    $run = new Simulator(Programme::compile($tree));
    $run->send(['type' => 'focus', 'widget' => 'wnames', 'path' => ['wnames', '']]);
    expect($run->values->all()['pieces'])->toBe(3.0);
    $run->send(['type' => 'leave', 'widget' => 'wnames', 'path' => ['wnames', '']]);
    expect($run->values->all()['pieces'])->toBe(7.0);
    $lit = [];
    foreach ([['boxa', ''], ['boxa', ''], [''], []] as $path) {
        $run->send(['type' => 'hover', 'path' => $path]);
        $lit[] = $run->values->all()['lit'];
    }
    expect($lit)->toBe([true, true, false, false]);
});

it('lays screens over each other and takes them off again, each as it came', function (): void {
    $tree = does(does(does(studio(), [SHEET]), [['kind' => 'take-off']], screen: 'sheet', layer: null), [['kind' => 'lay-over', 'screen' => 'done', 'transition' => ['kind' => 'push', 'direction' => 'left', 'duration' => 100]]], trigger: ['kind' => 'key', 'key' => 'M'], screen: 'sheet', layer: null);
    $run = tapped($tree);
    expect([$run->stand()['screen'], $run->over(), $run->stand()['plan']['tracks'][0]])->toBe(['home', ['sheet'], ['subject' => 'arriving', 'property' => 'translateY', 'times' => [0.0, 1.0], 'values' => [1.0, 0.0]]]);
    // The uppermost answers.
    $run->send(['type' => 'tap', 'path' => ['boxa', '']]);
    expect($run->over())->toBe([]);
    $run->send(['type' => 'tap', 'path' => ['boxa', '']]);
    $run->send(['type' => 'key', 'key' => 'M']);
    expect($run->over())->toBe(['sheet', 'done']);
    $run->send(['type' => 'return']);
    expect($run->over())->toBe(['sheet'])->and($run->stand()['plan']['tracks'][1])->toBe(['subject' => 'leaving', 'property' => 'translateX', 'times' => [0.0, 1.0], 'values' => [0.0, 1.0]]);
    $run->send(['type' => 'outside']);
    expect([$run->over(), $run->stand()['trail']])->toBe([[], []]);
    $run->send(['type' => 'outside']);
    expect($run->stand()['screen'])->toBe('home');
});

it('is dragged away to where it came from, where it says so', function (): void {
    $tree = Sample::after(does(studio(), [SHEET]), ['type' => 'set-screen-field', 'screen' => 'sheet', 'field' => 'over.dragged', 'value' => 'true']);
    foreach ([[149, 1], [150, 0]] as [$by, $over]) {
        $run = tapped($tree);
        $run->send(['type' => 'down', 'path' => [''], 'x' => 100, 'y' => 600]);
        $run->send(['type' => 'elapse', 'ms' => 500]);
        $run->send(['type' => 'move', 'x' => 100, 'y' => 600 + $by]);
        expect($run->following()['progress'] ?? null)->toBe($by / 300);
        $run->send(['type' => 'elapse', 'ms' => 500]);
        $run->send(['type' => 'up']);
        expect($run->over())->toHaveCount($over);
    }
});

it('returns to the first screen, to a named one, or puts another in its place', function (): void {
    $tree = does(does(does(does(studio(), [DONE]), [OTHERWISE], screen: 'done', layer: null), [['kind' => 'return', 'first' => true]], trigger: ['kind' => 'key', 'key' => 'F'], screen: 'else', layer: null), [['kind' => 'return', 'to' => 'done']], trigger: ['kind' => 'key', 'key' => 'D'], screen: 'else', layer: null);
    $tree = does($tree, [['kind' => 'replace', 'screen' => 'next']], trigger: ['kind' => 'key', 'key' => 'R'], screen: 'else', layer: null);
    $at = fn (string $key): array => (function () use ($tree, $key): array {
        $run = tapped($tree);
        $run->send(['type' => 'tap', 'path' => ['']]);
        $run->send(['type' => 'key', 'key' => $key]);

        return [$run->stand()['screen'], $run->stand()['trail']];
    })();
    expect($at('F'))->toBe(['home', []])->and($at('D'))->toBe(['done', ['home']])->and($at('R'))->toBe(['next', ['home', 'done']]);
    // One that was not shown on the way is shown, and the way begins there.
    $run = new Simulator(Programme::compile(does($tree, [['kind' => 'return', 'to' => 'else']])));
    $run->send(['type' => 'tap', 'path' => ['right', '']]);
    expect($run->stand()['screen'])->toBe('home');
});

it('leaves what goes round in circles', function (): void {
    $run = tapped(does(does(studio(), [DONE], trigger: ['kind' => 'open'], screen: 'else', layer: null), [OTHERWISE], trigger: ['kind' => 'open'], screen: 'done', layer: null), [['type' => 'open', 'screen' => 'done']]);
    expect(count($run->stand()['trail']))->toBe(Simulator::MOST_STEPS);
    $run = tapped(does(does(studio(), [['kind' => 'value', 'signal' => 'lit', 'value' => 'on']], trigger: ['kind' => 'signal', 'reaches' => ['signal' => 'lit', 'value' => 'off']], layer: null), [['kind' => 'value', 'signal' => 'lit', 'value' => 'off']], trigger: ['kind' => 'signal', 'reaches' => ['signal' => 'lit', 'value' => 'on']], layer: null),
        [['type' => 'press', 'widget' => 'wlits', 'press' => 'toggle']]);
    expect($run->values->all()['lit'])->toBeBool();
});

it('lies where its place says', function (Anchor $place, array $expected, ?Box $beside = null): void {
    $over = Overlay::usual()->with(place: $place, x: 12.0, y: 34.0);
    $box = $over->box(390, 844, new Box(1000, 0, 300, 200), $beside);
    expect([$box->x, $box->y, $box->width, $box->height])->toEqual([...$expected, 300, 200]);
})->with([
    [Anchor::Bottom, [45, 644]], [Anchor::Top, [45, 0]], [Anchor::Left, [0, 322]], [Anchor::Right, [90, 322]], [Anchor::Middle, [45, 322]], [Anchor::TopLeft, [0, 0]], [Anchor::TopRight, [90, 0]], [Anchor::BottomLeft, [0, 644]], [Anchor::BottomRight, [90, 644]], [Anchor::Hand, [12, 34]],
    'below what was tapped' => [Anchor::Beside, [20, 148], new Box(20, 100, 60, 48)], 'above where there is more room' => [Anchor::Beside, [90, 560], new Box(320, 760, 60, 48)], 'in the middle where nothing was' => [Anchor::Beside, [45, 322]],
]);

it('is as large as it is drawn, or as what lies below leaves room for', function (array $of, array $seen, array $own, array $size, array $place): void {
    $over = Overlay::usual()->with(...$of);
    [$width, $height] = $over->size(...$seen, ...$own);
    $box = $over->box($seen[0], $seen[1], new Box(0, 0, $width, $height));
    expect([$width, $height])->toEqual($size)->and([$box->x, $box->y])->toEqual($place);
})->with([
    'as it is drawn' => [[], [360, 640], [300, 200], [300, 200], [30, 440]],
    'what is longer than the screen below is scrolled' => [[], [360, 640], [300, 900], [300, 640], [30, 0]],
    'and keeps its margins' => [['margin' => 20.0], [360, 640], [300, 900], [300, 600], [30, 20]],
    'as wide as the screen below' => [['width' => Span::Whole], [360, 640], [390, 200], [360, 200], [0, 440]],
    'as high' => [['height' => Span::Whole, 'place' => Anchor::Left], [360, 640], [280, 844], [280, 640], [0, 0]],
    'all of it between margins' => [['width' => Span::Whole, 'height' => Span::Whole, 'margin' => 16.0], [360, 640], [390, 844], [328, 608], [16, 16]],
    'at an edge with a margin' => [['width' => Span::Whole, 'margin' => 12.0], [360, 640], [390, 200], [336, 200], [12, 428]],
    'no smaller than a finger, whatever lies below' => [['width' => Span::Whole, 'height' => Span::Whole, 'margin' => 400.0], [360, 640], [390, 200], [16, 16], [172, 224]],
]);

it('covers all only where nothing is seen beside it', function (array $of, array $own, bool $covers): void {
    expect(Overlay::usual()->with(...$of)->covers(390, 844, ...$own))->toBe($covers);
})->with([[[], [390, 844], true], [[], [390, 843], false], [[], [300, 844], false], [['width' => Span::Whole, 'height' => Span::Whole], [100, 100], true], [['width' => Span::Whole, 'height' => Span::Whole, 'margin' => 1.0], [100, 100], false], [['place' => Anchor::Hand], [390, 844], false], [['place' => Anchor::Beside], [390, 844], false]]);

it('is dragged away as far as it is large there', function (array $more, float $by, bool $gone): void {
    $over = ['place' => 'bottom', 'scrim' => '#00000066', 'dragged' => true] + $more;
    $tree = studio();
    $tree = does($tree->withScreens($tree->screen('sheet')->with(over: Overlay::read(Reader::of($over)))), [['kind' => 'lay-over', 'screen' => 'sheet']]);
    $play = new Simulator(Programme::compile($tree));
    $play->send(['type' => 'tap', 'path' => ['boxa']]);
    expect($play->over())->toBe(['sheet']);
    // Slowly, so that only the distance counts.
    $play->send(['type' => 'down', 'x' => 100, 'y' => 400, 'path' => [], 'touch' => true]);
    foreach (range(1, 20) as $i) {
        $play->send(['type' => 'elapse', 'ms' => 100]);
        $play->send(['type' => 'move', 'x' => 100, 'y' => 400 + $by * $i / 20]);
    }
    $play->send(['type' => 'elapse', 'ms' => 500]);
    $play->send(['type' => 'up']);
    expect($play->over())->toBe($gone ? [] : ['sheet']);
})->with([
    'more than half of 300 px' => [[], 160, true], 'less' => [[], 140, false],
    'more than half of 844 px' => [['height' => 'whole'], 430, true], 'less of that' => [['height' => 'whole'], 400, false],
    'more than half of 744 px' => [['height' => 'whole', 'margin' => 50], 380, true], 'less of those' => [['height' => 'whole', 'margin' => 50], 360, false],
]);

it('is changed step by step, and what follows is told', function (): void {
    $tree = does(studio(), [DONE]);
    $cue = $tree->layer('boxa')->cues[0]->id;
    $set = fn (string $field, string $value): array => ['type' => 'set-cue-field', 'screen' => 'home', 'layer' => 'boxa', 'cue' => $cue, 'field' => $field, 'value' => $value];
    $written = fn (Tree $of): array => $of->layer('boxa')->cues[0]->toArray();
    $tree = Sample::after($tree, $set('conditions.0.kind', 'signal'), $set('conditions.0.reads', 'glazes.count'), $set('conditions.0.compare', 'over'), $set('conditions.0.value', '1'), $set('conditions.1.kind', 'fields'), $set('conditions.1.or', 'true'),
        $set('actions.1.kind', 'value'), $set('actions.1.signal', 'pieces'), $set('actions.1.how', 'by'), $set('actions.1.value', '1'), $set('actions.1.at', '0'), $set('otherwise.0.kind', 'lay-over'), $set('otherwise.0.screen', 'sheet'), $set('otherwise.1.kind', 'focus'), $set('otherwise.1.layer', 'wnames'));
    expect($written($tree)['conditions'])->toEqual([['kind' => 'signal', 'signal' => 'glazes', 'part' => 'count', 'compare' => 'over', 'value' => '1'], ['kind' => 'fields', 'or' => true]])
        ->and(array_column($written($tree)['actions'], 'kind'))->toBe(['value', 'show'])->and($written($tree)['otherwise'])->toEqual([['kind' => 'lay-over', 'screen' => 'sheet', 'transition' => null], ['kind' => 'focus', 'layer' => 'wnames', 'transition' => null]])
        ->and($tree->layer('boxa')->cues[0]->targets())->toBe(['done', 'sheet']);
    // Without a condition nothing is done otherwise.
    expect($written(Sample::after($tree, $set('conditions.0.kind', ''), $set('conditions.0.kind', ''))))->not->toHaveKeys(['conditions', 'otherwise'])
        ->and($written(Sample::after($tree, $set('actions.0.kind', '')))['actions'])->toHaveCount(1)
        ->and(fn () => Sample::after($tree, $set('actions.5.kind', 'return')))->toThrow(InvalidInput::class, 'at most 12')
        ->and(fn () => Sample::after($tree, $set('actions.4.screen', 'done')))->toThrow(InvalidInput::class, 'no longer there')
        ->and(fn () => Sample::after($tree, $set('actions.1.kind', 'state')))->toThrow(InvalidInput::class, 'Only an instance whose component has states')
        ->and(fn () => Sample::after($tree, $set('trigger.kind', 'key'), $set('trigger.key', 'two words')))->toThrow(InvalidInput::class, 'a key is a letter')
        ->and(fn () => Sample::after($tree, $set('actions.0.kind', 'address'), $set('actions.0.address', 'javascript:alert(1)')))->toThrow(InvalidInput::class, 'an address begins with');
});

it('takes what it is about along when its screen is duplicated', function (): void {
    $tree = Sample::after(does(studio(), [['kind' => 'scroll', 'layer' => 'wnames'], ['kind' => 'focus', 'layer' => 'wnames']]), ['type' => 'duplicate-screen', 'screen' => 'home', 'seed' => 'copy']);
    $copy = array_values(array_filter($tree->screens, fn ($screen): bool => str_starts_with($screen->name, 'Home') && $screen->id !== 'home'))[0];
    $layers = array_values(array_filter($tree->layersOf($copy->id), fn ($layer): bool => $layer->cues !== []));
    $there = array_column($tree->layersOf($copy->id), 'name', 'id');
    expect($layers)->toHaveCount(1)->and($there[$layers[0]->cues[0]->actions[0]->action->layer])->toBe('name')->and($there[$layers[0]->cues[0]->actions[1]->action->layer])->toBe('name');
});

it('is given to other layers as it is, once to each, without what is about layers of other screens', function (): void {
    $far = Layer::read(Reader::of(['id' => 'farbox', 'screen' => 'next', 'parent' => null, 'rank' => 'm', 'kind' => 'box', 'name' => 'Far', 'x' => 0, 'y' => 0, 'width' => 40, 'height' => 40]));
    $tree = does(studio()->withLayers($far), [DONE, ['kind' => 'scroll', 'layer' => 'wnames']], [['kind' => 'signal', 'signal' => 'lit', 'value' => 'on']]);
    $cue = $tree->layer('boxa')->cues[0];
    $give = fn (string $screen, string ...$layers): array => ['type' => 'give-cues', 'screen' => $screen, 'layers' => $layers, 'cues' => [$cue->toArray()], 'seed' => 'given'];
    $given = Sample::after($tree, $give('home', 'boxa', 'right', 'left'), $give('next', 'farbox'));
    $plain = fn (Cue $one): array => ['id' => ''] + $one->toArray();
    expect(array_map($plain, $given->layer('right')->cues))->toEqual([$plain($cue)])->and(array_map($plain, $given->layer('left')->cues))->toEqual([$plain($cue)])->and($given->layer('boxa')->cues)->toHaveCount(1)
        ->and(array_column($plain($given->layer('farbox')->cues[0])['actions'], 'kind'))->toBe(['show'])
        ->and(array_unique(array_map(fn (string $layer): string => $given->layer($layer)->cues[0]->id, ['boxa', 'right', 'left'])))->toHaveCount(3)
        // What it has already is not given twice; what would show its own screen, or is of an entry that it has not, is not given. Nothing is said to be done then.
        ->and(fn () => Sample::after($given, $give('home', 'right')))->toThrow(InvalidInput::class, 'Nothing was given')
        ->and(fn () => Sample::after($tree, ['cues' => [['id' => 'self', 'trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'show', 'screen' => 'home']]]]] + $give('home', 'right')))->toThrow(InvalidInput::class, 'Nothing was given')
        ->and(fn () => Sample::after($tree, ['cues' => [['id' => 'once', 'trigger' => ['kind' => 'tap'], 'actions' => [DONE], 'entry' => 'Shop']]] + $give('home', 'right')))->toThrow(InvalidInput::class, 'Nothing was given')
        ->and(Sample::command($give('home', 'right', 'left'))->label($tree))->toBe('Give 2 layers the copied cue');
});

it('is of single entries of a widget, which it follows when they are called otherwise; each is linked to the screen of its name at once', function (): void {
    $bar = Layer::read(Reader::of(['id' => 'tabbar', 'screen' => 'home', 'parent' => null, 'rank' => 'z', 'kind' => 'widget', 'widget' => 'bottom-bar', 'name' => 'Bar', 'items' => [['label' => 'Home', 'on' => true], ['label' => 'DONE'], ['label' => 'Sheet'], ['label' => 'Shop']], 'x' => 0, 'y' => 760, 'width' => 390, 'height' => 84]));
    $tree = Sample::after(studio()->withLayers($bar), ['type' => 'link-entries', 'screen' => 'home', 'layer' => 'tabbar', 'seed' => 'all']);
    $leads = fn (Tree $of): array => array_column(array_map(fn (Cue $cue): array => [$cue->entry, $cue->targets()[0]], $of->layer('tabbar')->cues), 1, 0);
    expect($leads($tree))->toBe(['DONE' => 'done', 'Sheet' => 'sheet'])
        // What is linked stays; once more changes nothing.
        ->and(Sample::after($tree, ['type' => 'link-entries', 'screen' => 'home', 'layer' => 'tabbar', 'seed' => 'again'])->layer('tabbar')->cues)->toEqual($tree->layer('tabbar')->cues)
        ->and(fn () => Sample::after($tree, ['type' => 'link-entries', 'screen' => 'home', 'layer' => 'boxa', 'seed' => 'none']))->toThrow(InvalidInput::class, 'No screen is called like');
    $run = new Simulator(Programme::compile($tree));
    $run->send(['type' => 'tap', 'path' => ['tabbar#0', 'tabbar', '']]);
    expect($run->stand()['screen'])->toBe('home');
    $run->send(['type' => 'tap', 'path' => ['tabbar#1', 'tabbar', '']]);
    expect($run->stand()['screen'])->toBe('done');
    // One that is called otherwise keeps its cue; one that is gone has none.
    $content = $tree->layer('tabbar')->content;
    $items = fn (string ...$labels): Tree => Entries::followed($tree, $tree->withLayers($tree->layer('tabbar')->with(content: $content->with(items: array_map(fn (string $label): Item => new Item($label), $labels)))));
    expect($leads($items('Home', 'Ready', 'Sheet', 'Shop')))->toBe(['Ready' => 'done', 'Sheet' => 'sheet'])
        ->and($leads($items('Home', 'Sheet', 'DONE', 'Shop')))->toBe(['DONE' => 'done', 'Sheet' => 'sheet'])
        ->and(array_keys(Programme::compile($items('Home', 'Sheet'))['states'][0]['cues']))->toBe(['tabbar#1']);
});
