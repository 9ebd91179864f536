<?php

declare(strict_types=1);

use Kindred\Document\Difference;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layout\ScrollAxes;
use Kindred\Document\Layout\ScrollSnap;
use Kindred\Document\Place;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Layout\ScrollRegion;
use Kindred\Tests\Sample;

/* Layers that are let scroll. */

/** @return array<string, mixed> */
function tileAt(string $name, float $x, float $y, float $width = 100, float $height = 80): array
{
    return ['kind' => 'box', 'name' => $name, 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $height];
}

/** The sample with layers on its next screen, which is 390 px wide and high as a phone. */
function laidOnNext(array ...$layers): Tree
{
    return Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'next', 'seed' => 'laid', 'layers' => $layers]);
}

function calledThere(Tree $tree, string $name): Layer
{
    return array_values(array_filter($tree->layersOf('next'), fn (Layer $layer): bool => $layer->name === $name))[0] ?? throw new LogicException("There is no {$name}.");
}

/** @param  list<string>  $names */
function letScroll(Tree $tree, array $names): Tree
{
    return Sample::after($tree, ['type' => 'scroll-layers', 'screen' => 'next', 'seed' => 'scroll', 'layers' => array_map(fn (string $name): string => calledThere($tree, $name)->id, $names)]);
}

/** @return array{float, float} where a layer lies on its screen */
function cornerOf(Tree $tree, Layer $layer): array
{
    $boxes = array_map(fn (Layer $one): array => [$one->box->x, $one->box->y], [$layer, ...$tree->ancestors($layer)]);

    return [array_sum(array_column($boxes, 0)), array_sum(array_column($boxes, 1))];
}

it('lets what is selected scroll where it lies, as far as the screen shows', function (array $tiles, array $box, ScrollAxes $axes, array $far): void {
    $tree = laidOnNext(...$tiles);
    $names = array_column($tiles, 'name');
    $after = letScroll($tree, $names);
    $container = calledThere($after, 'Scrolled');
    $region = ScrollRegion::of($after, $container) ?? throw new LogicException('It is not scrolled.');
    expect([$container->box->x, $container->box->y, $container->box->width, $container->box->height])->toEqual($box)
        ->and($container->content instanceof Stack ? $container->content->scroll->axes : null)->toBe($axes)
        ->and([$region->farAcross(), $region->farDown()])->toEqual($far)
        ->and(array_map(fn (string $name): array => cornerOf($after, calledThere($after, $name)), $names))->toEqual(array_map(fn (string $name): array => cornerOf($tree, calledThere($tree, $name)), $names));
})->with([
    'a row that reaches over the right edge' => [array_map(fn (int $i): array => tileAt("Tile {$i}", 20 + 120 * $i, 100), range(0, 4)), [20, 100, 370, 80], ScrollAxes::Across, [210, 0]],
    'a column that reaches over the bottom' => [array_map(fn (int $i): array => tileAt("Tile {$i}", 20, 300 + 200 * $i, 100, 180), range(0, 4)), [20, 300, 100, 544], ScrollAxes::Down, [0, 436]],
    'a board that reaches over both' => [[tileAt('Near', 100, 200), tileAt('Far', 900, 1200)], [100, 200, 290, 644], ScrollAxes::Both, [610, 436]],
    'what fits, to be made lower by hand' => [[tileAt('One', 20, 20), tileAt('Two', 20, 120)], [20, 20, 100, 180], ScrollAxes::Down, [0, 0]],
    'what lies beside the screen stays whole' => [[tileAt('Out', 500, 100)], [500, 100, 100, 80], ScrollAxes::Down, [0, 0]],
]);

it('makes a group the container, with all that it is, and a stack scroll as it is', function (): void {
    $tree = laidOnNext(['kind' => 'group', 'name' => 'Board', 'x' => 40, 'y' => 700, 'width' => 300, 'height' => 400, 'opacity' => 0.8, 'children' => [tileAt('Top', 0, 0, 300), tileAt('Low', 0, 320, 300)]]);
    $after = letScroll($tree, ['Board']);
    $board = calledThere($after, 'Board');
    expect($board->id)->toBe(calledThere($tree, 'Board')->id)->and($board->opacity)->toBe(0.8)->and($board->content)->toBeInstanceOf(Stack::class)
        ->and([$board->box->x, $board->box->y, $board->box->width, $board->box->height])->toEqual([40, 700, 300, 144])
        ->and(cornerOf($after, calledThere($after, 'Low')))->toEqual([40, 1020])->and(ScrollRegion::of($after, $board)?->farDown())->toEqual(256);
    // Once more it stays as it is.
    expect(Difference::between($after, letScroll($after, ['Board']))->isEmpty())->toBeTrue();
    $stacked = Sample::after($tree, ['type' => 'stack-layers', 'screen' => 'next', 'seed' => 'k', 'layers' => [calledThere($tree, 'Board')->id]]);
    $scrolling = letScroll($stacked, ['Board']);
    expect(calledThere($scrolling, 'Board')->content->scroll->axes)->toBe(ScrollAxes::Down)->and(calledThere($scrolling, 'Low')->sizing->absolute)->toBeFalse()->and(calledThere($scrolling, 'Board')->content->rowGap)->toBe(calledThere($stacked, 'Board')->content->rowGap);
});

it('lets an array scroll', function (): void {
    $tree = laidOnNext(tileAt('Cell', 20, 700, 300));
    $tree = Sample::after($tree, ['type' => 'array-layers', 'screen' => 'next', 'seed' => 'a', 'layers' => [calledThere($tree, 'Cell')->id]]);
    $array = array_values(array_filter($tree->layersOf('next'), fn (Layer $one): bool => $one->kind() === 'array'))[0];
    $after = Sample::after($tree, ['type' => 'scroll-layers', 'screen' => 'next', 'seed' => 's', 'layers' => [$array->id]]);
    $region = ScrollRegion::of($after, calledThere($after, 'Scrolled'));
    expect($array->box->height)->toBeGreaterThan(200)->and(calledThere($after, 'Scrolled')->box->height)->toEqual(144)->and($region?->farDown())->toEqual($array->box->height - 144)->and($after->layer($array->id)->parent)->toBe(calledThere($after, 'Scrolled')->id);
});

it('lets an instance scroll', function (): void {
    $tree = laidOnNext(tileAt('Design', 20, 300, 200, 900));
    $tree = Sample::after($tree, ['type' => 'make-component', 'screen' => 'next', 'layers' => [calledThere($tree, 'Design')->id], 'seed' => 'c']);
    $instance = array_values(array_filter($tree->layersOf('next'), fn (Layer $one): bool => $one->component() !== null))[0];
    $after = Sample::after($tree, ['type' => 'scroll-layers', 'screen' => 'next', 'seed' => 's', 'layers' => [$instance->id]]);
    expect(calledThere($after, 'Scrolled')->box->height)->toEqual(544)->and(ScrollRegion::of($after, calledThere($after, 'Scrolled'))?->farDown())->toEqual(356)->and($after->layer($instance->id)->component())->toBe($instance->component());
});

it('rests at layers that lie freely where nothing is laid out', function (): void {
    $after = letScroll(laidOnNext(...array_map(fn (int $i): array => tileAt("Tile {$i}", 20 + 120 * $i, 100), range(0, 4))), array_map(fn (int $i): string => "Tile {$i}", range(0, 4)));
    $container = calledThere($after, 'Scrolled');
    $snapped = Sample::after($after, ['type' => 'set-field', 'screen' => 'next', 'layers' => [$container->id], 'field' => 'scroll.snap', 'value' => 'start']);
    expect(ScrollRegion::of($snapped, calledThere($snapped, 'Scrolled'))?->toArray()['stopsX'])->toEqual([0, 120, 210, 210, 210])->and(calledThere($snapped, 'Scrolled')->content->scroll->snap)->toBe(ScrollSnap::Start);
    // Beside what is laid out, it is no place to rest.
    $mixed = Sample::after($snapped, ['type' => 'set-field', 'screen' => 'next', 'layers' => [calledThere($snapped, 'Tile 0')->id], 'field' => 'sizing.absolute', 'value' => 'false']);
    expect(ScrollRegion::of($mixed, calledThere($mixed, 'Scrolled'))?->toArray()['stopsX'])->toHaveCount(1);
});

it('is one step that is undone, also after somebody else has changed something in it', function (): void {
    $tree = laidOnNext(tileAt('One', 20, 700), tileAt('Two', 20, 800));
    $after = letScroll($tree, ['One', 'Two']);
    $step = Difference::between($tree, $after);
    $changed = Sample::after($after, ['type' => 'set-field', 'screen' => 'next', 'layers' => [calledThere($after, 'One')->id], 'field' => 'opacity', 'value' => '50']);
    $undone = Sample::consequences()->replayed($changed, $step->inverse());
    expect(Sample::plain(Sample::consequences()->replayed($after, $step->inverse())))->toEqual(Sample::plain($tree))
        ->and(calledThere($undone, 'One')->opacity)->toBe(0.5)->and(cornerOf($undone, calledThere($undone, 'One')))->toEqual([20, 700])->and(fn () => calledThere($undone, 'Scrolled'))->toThrow(LogicException::class);
});

it('says what it cannot do', function (Closure $names, string $says): void {
    $tree = laidOnNext(['kind' => 'group', 'name' => 'Board', 'x' => 0, 'y' => 0, 'width' => 100, 'height' => 80, 'children' => [tileAt('Inside', 0, 0)]], tileAt('Outside', 0, 200));
    expect(fn () => Sample::after($tree, ['type' => 'scroll-layers', 'screen' => 'next', 'seed' => 's', 'layers' => $names($tree)]))->toThrow(InvalidInput::class, $says);
})->with([
    'layers of different places' => [fn (Tree $tree): array => [calledThere($tree, 'Inside')->id, calledThere($tree, 'Outside')->id], 'lie in different groups'],
    'nothing' => [fn (): array => [], 'between 1 and'],
]);

it('takes as many layers as a screen has, and comes back from a file as it was', function (): void {
    $tree = laidOnNext(...array_map(fn (int $i): array => tileAt("Tile {$i}", 20 + 4 * $i, 40 + 30 * $i, 40, 20), range(0, 999)));
    $names = array_column($tree->layersOf('next'), 'id');
    $after = Sample::after($tree, ['type' => 'scroll-layers', 'screen' => 'next', 'seed' => 's', 'layers' => $names]);
    $container = calledThere($after, 'Scrolled');
    $region = ScrollRegion::of($after, $container);
    expect($after->children(new Place('next', $container->id)))->toHaveCount(count($names))->and($region?->farDown())->toEqual(40 + 30 * 999 + 20 - 844)->and(count($region?->toArray()['stopsY'] ?? []))->toBe(count($names));
    $back = ProjectFile::read(Sample::written(new ProjectFile($after)))->tree;
    expect(ScrollRegion::of($back, $back->layer($container->id))?->toArray())->toBe($region?->toArray());
});

it('keeps what lies deep in groups and stacks in its place on the screen', function (): void {
    $tree = laidOnNext(['kind' => 'group', 'name' => 'Outer', 'x' => 30, 'y' => 600, 'width' => 200, 'height' => 600, 'children' => [
        ['kind' => 'group', 'name' => 'Inner', 'x' => 10, 'y' => 100, 'width' => 150, 'height' => 500, 'rotation' => 0, 'children' => [tileAt('Deep', 0, 420), tileAt('High', 0, 0)]],
        ['kind' => 'text', 'name' => 'Says', 'words' => 'Kilns', 'x' => 0, 'y' => 0, 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 14, 'lineHeight' => 1.4]],
    ]]);
    $after = letScroll($tree, ['Inner']);
    expect(calledThere($after, 'Inner')->box->height)->toEqual(844 - 700)->and(cornerOf($after, calledThere($after, 'Deep')))->toEqual([40, 1120])->and(cornerOf($after, calledThere($after, 'High')))->toEqual([40, 700])->and(calledThere($after, 'Outer')->isGroup())->toBeTrue();
    // Once more around that: the region lies in a region.
    $both = letScroll($after, ['Outer']);
    expect(ScrollRegion::of($both, calledThere($both, 'Outer')))->not->toBeNull()->and(ScrollRegion::of($both, calledThere($both, 'Inner')))->not->toBeNull()->and(cornerOf($both, calledThere($both, 'Deep')))->toEqual([40, 1120]);
});
