<?php

declare(strict_types=1);

use Kindred\Device\Catalogue;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Layout\OnDevice;
use Kindred\Layout\Overflow;
use Kindred\Tests\Sample;

/** @return list<float> x, y, width, height in the parent */
function place(Tree $tree, string $id): array
{
    $box = $tree->layer($id)->box;

    return [$box->x, $box->y, $box->width, $box->height];
}

/** @return array<string, mixed> */
function set(string $field, string $value, string ...$layers): array
{
    return ['type' => 'set-field', 'screen' => 'home', 'layers' => $layers, 'field' => $field, 'value' => $value];
}

function named(Tree $tree, string $name): Layer
{
    foreach ($tree->layers as $layer) {
        if ($layer->name === $name) {
            return $layer;
        }
    }
    throw new LogicException("No layer is called {$name}.");
}

/** A phone screen of these layers, laid out. @param  list<array<string, mixed>>  $layers */
function screenOf(array $layers): Tree
{
    $file = Sample::file();
    $file['screens'][0]['layers'] = $layers;
    $tree = ProjectFile::read((string) json_encode($file))->tree;

    return Sample::relayout()->after(new Tree($tree->project), $tree);
}

/** @return array<string, mixed> */
function brick(string $id, float $x, float $y, float $width, float $height, array $more = []): array
{
    return ['id' => $id, 'kind' => 'box', 'name' => ucfirst($id), 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $height] + $more;
}

it('stacks what lies in a column, with its gap and alignment, and nothing moves', function (): void {
    $tree = screenOf([brick('upper', 30, 40, 100, 20), brick('lower', 30, 108, 60, 20), brick('middle', 30, 72, 80, 24)]);
    $after = Sample::after($tree, ['type' => 'stack-layers', 'screen' => 'home', 'layers' => ['upper', 'lower', 'middle'], 'seed' => 'stack']);
    $stack = named($after, 'Stack');
    expect(place($after, $stack->id))->toEqual([30, 40, 100, 88])
        ->and(place($after, 'middle'))->toEqual([0, 32, 80, 24])->and(place($after, 'lower'))->toEqual([0, 68, 60, 20])
        ->and($stack->content->toArray())->toMatchArray(['direction' => 'column', 'rowGap' => 12.0, 'alignItems' => 'flex-start', 'justifyContent' => 'flex-start'])
        ->and(array_map(fn (Layer $layer): string => $layer->id, $after->children(new Kindred\Document\Place('home', $stack->id))))->toBe(['upper', 'middle', 'lower']);
});

it('takes a box under the others as the ground of the stack', function (): void {
    $tree = screenOf([
        brick('ground', 20, 30, 200, 48, ['fills' => [['colour' => '#17594f']], 'corners' => ['topLeft' => 8, 'topRight' => 8, 'bottomRight' => 8, 'bottomLeft' => 8]]),
        brick('mark', 36, 42, 24, 24), brick('label', 68, 44, 136, 20),
    ]);
    $after = Sample::after($tree, ['type' => 'stack-layers', 'screen' => 'home', 'layers' => ['ground', 'mark', 'label'], 'seed' => 'stack']);
    $stack = named($after, 'Stack');
    expect(place($after, $stack->id))->toEqual([20, 30, 200, 48])
        ->and(place($after, 'mark'))->toEqual([16, 12, 24, 24])->and(place($after, 'label'))->toEqual([48, 14, 136, 20])
        ->and([$stack->fills[0]->colour()->toHex(), $stack->corners->topLeft])->toEqual(['#17594f', 8])
        ->and($stack->content->toArray())->toMatchArray(['direction' => 'row', 'columnGap' => 8.0, 'alignItems' => 'center', 'justifyContent' => 'center'])
        ->and(isset($after->layers['ground']))->toBeFalse();
});

it('reflows when something in it changes its size, is hidden, taken out or put back', function (): void {
    $tree = screenOf([['id' => 'rows', 'kind' => 'stack', 'name' => 'Rows', 'x' => 10, 'y' => 10, 'width' => 0, 'height' => 0, 'direction' => 'column', 'rowGap' => 10, 'padding' => ['top' => 5, 'left' => 6, 'right' => 7, 'bottom' => 8],
        'sizing' => ['width' => 'content', 'height' => 'content'], 'children' => [brick('first', 0, 0, 50, 20), brick('second', 0, 0, 70, 30), brick('third', 0, 0, 40, 10)]]]);
    expect(place($tree, 'rows'))->toEqual([10, 10, 83, 93])->and(place($tree, 'third'))->toEqual([6, 75, 40, 10]);
    $taller = Sample::after($tree, set('height', '44', 'second'));
    expect(place($taller, 'rows'))->toEqual([10, 10, 83, 107])->and(place($taller, 'third'))->toEqual([6, 89, 40, 10]);
    $hidden = Sample::after($tree, ['type' => 'mark-layers', 'screen' => 'home', 'layers' => ['second'], 'hidden' => true]);
    expect(place($hidden, 'rows'))->toEqual([10, 10, 63, 53])->and(place($hidden, 'third'))->toEqual([6, 35, 40, 10]);
    $out = Sample::after($tree, ['type' => 'reorder-layers', 'screen' => 'home', 'layers' => ['first'], 'above' => 'rows']);
    expect(place($out, 'rows'))->toEqual([10, 10, 83, 63])->and($out->layer('first')->parent)->toBeNull();
    $back = Sample::after($out, ['type' => 'reorder-layers', 'screen' => 'home', 'parent' => 'rows', 'layers' => ['first'], 'above' => 'third']);
    expect(place($back, 'first'))->toEqual([6, 65, 50, 20])->and(place($back, 'rows'))->toEqual([10, 10, 83, 93]);
    // Where it is dragged does not count; its order does.
    expect(place(Sample::after($tree, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['third'], 'dx' => 99, 'dy' => 99]), 'third'))->toEqual([6, 75, 40, 10]);
});

it('sizes by content, stretch and length, within limits; a side pulled by hand is a length', function (): void {
    $text = ['kind' => 'text', 'x' => 0, 'y' => 0, 'width' => 0, 'height' => 0, 'words' => 'Good clay', 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.5]];
    $tree = screenOf([['id' => 'bar1', 'kind' => 'stack', 'name' => 'Bar', 'x' => 0, 'y' => 0, 'width' => 300, 'height' => 50, 'alignItems' => 'center', 'columnGap' => 10, 'children' => [
        brick('flex', 0, 0, 1, 20, ['sizing' => ['width' => 'stretch']]), ['id' => 'words', 'name' => 'Words'] + $text, brick('tall', 0, 0, 30, 1, ['sizing' => ['height' => 'stretch']]),
    ]]]);
    $width = $tree->layer('words')->box->width;
    expect(place($tree, 'flex'))->toEqual([0, 15, 250 - $width, 20])->and(place($tree, 'words'))->toEqual([260 - $width, 13, $width, 24])->and(place($tree, 'tall'))->toEqual([270, 0, 30, 50]);
    $limited = Sample::after($tree, set('sizing.maxWidth', '80', 'flex'), set('sizing.minHeight', '32', 'flex'));
    expect(place($limited, 'flex'))->toEqual([0, 9, 80, 32]);
    $pulled = Sample::after($tree, ['type' => 'place-layers', 'screen' => 'home', 'places' => [['id' => 'words', 'x' => 0, 'y' => 0, 'width' => 40, 'height' => 24, 'rotation' => 0]]]);
    expect(place($pulled, 'words'))->toEqual([220, 1, 40, 48])->and($pulled->layer('words')->content->toArray()['wrapped'])->toBeTrue();
});

it('leaves what is absolute to its pins', function (): void {
    $tree = screenOf([['id' => 'card', 'kind' => 'stack', 'name' => 'Card', 'x' => 0, 'y' => 0, 'width' => 200, 'height' => 100, 'children' => [
        brick('body', 0, 0, 50, 50), brick('badge', 176, 4, 20, 20, ['sizing' => ['absolute' => true], 'pins' => ['right' => true, 'top' => true]]),
    ]]]);
    expect(place($tree, 'badge'))->toEqual([176, 4, 20, 20]);
    $wide = Sample::after($tree, set('width', '260', 'card'), set('height', '140', 'card'));
    expect(place($wide, 'badge'))->toEqual([236, 4, 20, 20])->and(place($wide, 'body'))->toEqual([0, 0, 50, 50]);
    // Of a card as large as its content too.
    $grown = Sample::after($tree, set('sizing.width', 'content', 'card'), set('width', '90', 'body'));
    expect(place($grown, 'card'))->toEqual([0, 0, 90, 100])->and(place($grown, 'badge'))->toEqual([66, 4, 20, 20]);
});

it('holds layers to the edges of a screen that changes its size', function (array $pins, array $expected): void {
    $tree = screenOf([brick('held', 24, 100, 342, 56, $pins === [] ? [] : ['pins' => $pins])]);
    $after = Sample::after($tree, ['type' => 'set-screen-field', 'screen' => 'home', 'field' => 'device', 'value' => 'tablet']);
    expect(place($after, 'held'))->toEqualWithDelta($expected, 0.001)
        ->and(place(Sample::after($after, ['type' => 'set-screen-field', 'screen' => 'home', 'field' => 'device', 'value' => 'phone']), 'held'))->toEqualWithDelta([24, 100, 342, 56], 0.001);
})->with([
    'nothing said' => [[], [24, 100, 342, 56]],
    'left and right' => [['left' => true, 'right' => true, 'top' => true], [24, 100, 772, 56]],
    'right and bottom' => [['right' => true, 'bottom' => true], [454, 436, 342, 56]],
    'all four' => [['left' => true, 'right' => true, 'top' => true, 'bottom' => true], [24, 100, 772, 392]],
    'the middle' => [['top' => true], [239, 100, 342, 56]],
    'the proportion' => [['top' => true, 'horizontal' => 'proportion'], [24 * 820 / 390, 100, 342 * 820 / 390, 56]],
]);

it('lays out stacks in stretched groups, and groups around stacks', function (): void {
    $tree = screenOf([['id' => 'outer', 'kind' => 'stack', 'x' => 0, 'y' => 0, 'width' => 300, 'height' => 100, 'direction' => 'column', 'children' => [
        ['id' => 'group', 'kind' => 'group', 'x' => 0, 'y' => 0, 'width' => 100, 'height' => 20, 'sizing' => ['width' => 'stretch'], 'children' => [
            ['id' => 'inner', 'kind' => 'stack', 'x' => 0, 'y' => 0, 'width' => 100, 'height' => 20, 'children' => [brick('grows', 0, 0, 10, 10, ['sizing' => ['width' => 'stretch']]), brick('stays', 0, 0, 20, 10)]],
        ]],
    ]]]);
    expect(place($tree, 'group'))->toEqual([0, 0, 300, 20])->and(place($tree, 'inner'))->toEqual([0, 0, 300, 20])->and(place($tree, 'grows'))->toEqual([0, 0, 280, 10])->and(place($tree, 'stays'))->toEqual([280, 0, 20, 10]);
});

it('says what cannot be', function (array $command, string $problem): void {
    $tree = screenOf([['id' => 'rows', 'kind' => 'stack', 'x' => 0, 'y' => 0, 'width' => 90, 'height' => 90, 'children' => [brick('first', 0, 0, 50, 20)]], brick('other', 0, 0, 5, 5)]);
    expect(fn (): Tree => Sample::after($tree, $command))->toThrow(InvalidInput::class, $problem);
})->with([
    [set('rowGap', '-1', 'rows'), 'Row gap must lie between 0 and 100000 px'],
    [set('sizing.maxWidth', 'wide', 'first'), '“wide” is not a number or sum'],
    [set('direction', 'up', 'rows'), 'one of these is expected: row, row-reverse, column, column-reverse'],
    [set('sizing.width', 'auto', 'first'), 'one of these is expected: length, content, stretch'],
    [['type' => 'stack-layers', 'screen' => 'home', 'layers' => ['first', 'other'], 'seed' => 's'], 'Only layers that lie beside each other'],
    [['type' => 'stack-layers', 'screen' => 'home', 'layers' => [], 'seed' => 's'], 'between 1 and 5000 entries'],
]);

it('bears contradictions and extremes without overlap or endless work', function (array $stack, array $expected): void {
    $tree = screenOf([['id' => 'rows', 'kind' => 'stack', 'x' => 0, 'y' => 0, 'width' => 0, 'height' => 0, 'children' => [brick('first', 0, 0, 50, 20), brick('second', 0, 0, 50, 20)]] + $stack]);
    expect([place($tree, 'rows'), place($tree, 'first'), place($tree, 'second')])->toEqual($expected);
})->with([
    'least more than most' => [['sizing' => ['width' => 'content', 'height' => 'content', 'minWidth' => 300, 'maxWidth' => 20]], [[0, 0, 300, 20], [0, 0, 50, 20], [50, 0, 50, 20]]],
    'no room at all' => [['padding' => ['left' => 40, 'right' => 40]], [[0, 0, 80, 0], [40, 0, 50, 20], [90, 0, 50, 20]]],
    'a gap wider than the world' => [['columnGap' => 100_000, 'sizing' => ['width' => 'content', 'height' => 'content']], [[0, 0, 100_100, 20], [0, 0, 50, 20], [100_050, 0, 50, 20]]],
]);

it('names what sticks out on a device', function (): void {
    $tree = screenOf([
        brick('wide', 24, 20, 342, 40), brick('held', 24, 80, 342, 40, ['pins' => ['left' => true, 'right' => true, 'top' => true]]),
        ['id' => 'rows', 'kind' => 'stack', 'name' => 'Rows', 'x' => 0, 'y' => 140, 'width' => 100, 'height' => 20, 'children' => [brick('first', 0, 0, 60, 20), brick('second', 0, 0, 60, 20)]],
    ]);
    $on = fn (string $device): array => array_map(fn (Overflow $one): string => "{$one->layer->name} of {$one->of}", Overflow::on((new OnDevice(Sample::relayout()))->lay($tree, 'home', Catalogue::find($device) ?? throw new LogicException($device)), 'home'));
    expect($on('phone'))->toBe(['Second of Rows'])->and($on('watch'))->toBe(['Wide of the screen', 'Second of Rows']);
});
