<?php

declare(strict_types=1);

use Kindred\Document\Place;
use Kindred\Document\Tree;
use Kindred\Geometry\Axis;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Layout\Snaps;
use Kindred\Render\GridRenderer;
use Kindred\Tests\Sample;
use Kindred\Type\Typesetter;

/** @param  array<string, mixed>  $grid */
function gridded(array $grid, string $device = 'phone'): Tree
{
    return Sample::after(Sample::tree(), ['type' => 'set-screen-field', 'screen' => 'home', 'field' => 'device', 'value' => $device], ['type' => 'put-grid', 'screen' => 'home', 'grid' => ['id' => 'grid1'] + $grid]);
}

/** @return list<list<float>> start and size of each track */
function tracks(Tree $tree): array
{
    $screen = $tree->screen('home');
    $grid = $screen->grids[0];

    return array_map(fn (Box $track): array => $grid->kind->value === 'columns' ? [$track->x, $track->width] : [$track->y, $track->height], $grid->tracks($screen->box->width, $screen->box->height));
}

it('begins with as many columns as are usual on the device', function (string $device, int $count, float $margin): void {
    $grid = gridded(['kind' => 'columns'], $device)->screen('home')->grids[0];
    expect([$grid->count, $grid->margin])->toEqual([$count, $margin]);
})->with([['watch', 2, 16], ['phone', 4, 16], ['tablet', 8, 24], ['desktop', 12, 24]]);

it('shares what the margins leave, or stands in the middle with a width of its own', function (array $grid, array $tracks): void {
    expect(tracks(gridded($grid)))->toEqual($tracks);
})->with([
    [['kind' => 'columns', 'count' => 2, 'margin' => 20, 'gutter' => 10], [[20, 170], [200, 170]]],
    [['kind' => 'columns', 'count' => 3, 'size' => 100, 'margin' => 20, 'gutter' => 15], [[30, 100], [145, 100], [260, 100]]],
    [['kind' => 'rows', 'count' => 2, 'size' => 40, 'margin' => 12, 'gutter' => 8], [[12, 40], [60, 40]]],
    [['kind' => 'rows', 'count' => 4, 'margin' => 0, 'gutter' => 0], [[0, 211], [211, 211], [422, 211], [633, 211]]],
]);

it('takes numbers as they are typed everywhere', function (array $grid, string $field, string $typed, int|float|string|null $becomes): void {
    $set = ['type' => 'set-grid-field', 'screen' => 'home', 'grid' => 'grid1', 'field' => $field, 'value' => $typed];
    expect(Sample::after(gridded($grid), $set)->screen('home')->grids[0]->toArray()[$field])->toEqual($becomes);
})->with([
    [['kind' => 'columns', 'count' => 4], 'count', '*3', 12],
    [['kind' => 'columns', 'count' => 4], 'size', '8*10', 80.0],
    [['kind' => 'columns', 'count' => 4, 'size' => 80], 'size', '', null],
    [['kind' => 'squares', 'size' => 8], 'size', '/2', 4.0],
    [['kind' => 'rows', 'count' => 4, 'margin' => 16], 'margin', '+4', 20.0],
    [['kind' => 'rows', 'count' => 4, 'gutter' => 16], 'gutter', '=80*1.5', 120.0],
    [['kind' => 'rows', 'count' => 4], 'colour', '#11223344', '#11223344'],
]);

it('is what layers come to rest against, and so are guides', function (array $grid, array $x, array $y): void {
    $tree = Sample::after(gridded($grid), ['type' => 'set-screen-field', 'screen' => 'home', 'field' => 'guides.x', 'value' => '37; 50%, 390 - 7'], ['type' => 'move-guide', 'screen' => 'home', 'axis' => 'y', 'to' => 333]);
    $snaps = Snaps::of($tree, new Place('home'), [], new Typesetter(Sample::faces()));
    $at = fn (string $axis): array => array_column($snaps->lines[$axis], 'at');
    expect(array_diff([37.0, 195.0, 383.0, ...$x], $at('x')))->toBe([])->and(array_diff([333.0, ...$y], $at('y')))->toBe([]);
})->with([
    [['kind' => 'columns', 'count' => 2, 'margin' => 20, 'gutter' => 10], [20.0, 190.0, 200.0, 370.0], []],
    [['kind' => 'baseline', 'size' => 24, 'margin' => 6], [], [6.0, 30.0, 54.0]],
    [['kind' => 'squares', 'size' => 50], [0.0, 50.0, 350.0], [800.0]],
    [['kind' => 'dots', 'size' => 13], [26.0], [26.0]],
]);

it('moves and removes guides', function (): void {
    $guide = fn (?float $from, ?float $to): array => array_filter(['type' => 'move-guide', 'screen' => 'home', 'axis' => 'x', 'from' => $from, 'to' => $to], fn (mixed $value): bool => $value !== null);
    $tree = Sample::after(Sample::tree(), $guide(null, 40), $guide(null, 12.5), $guide(40, 60));
    expect($tree->screen('home')->guides->along(Axis::X))->toBe([12.5, 60.0])
        ->and(Sample::after($tree, $guide(12.5, null))->screen('home')->guides->text(Axis::X))->toBe('60');
});

it('draws every kind in its colour, and no screen without', function (string $kind, string $shape): void {
    $svg = GridRenderer::draw(gridded(['kind' => $kind, 'size' => 8, 'count' => 4, 'colour' => '#b4472e40'])->screen('home'));
    expect($svg)->toContain($shape)->toContain('#b4472e')->and(GridRenderer::draw(Sample::tree()->screen('home')))->toBe('');
})->with([['columns', '<rect'], ['rows', '<rect'], ['squares', '<pattern'], ['baseline', 'M0 0H8'], ['dots', '<circle'], ['paper', 'M0 0H32M0 0V32']]);

it('says what cannot be', function (array $command, string $problem): void {
    expect(fn (): Tree => Sample::after(Sample::tree(), $command + ['screen' => 'home']))->toThrow(InvalidInput::class, $problem);
})->with([
    [['type' => 'put-grid', 'grid' => ['id' => 'grid1', 'kind' => 'hexagons']], 'one of these is expected: columns, rows'],
    [['type' => 'put-grid', 'grid' => ['id' => 'grid1', 'kind' => 'columns', 'count' => 0]], 'the number must lie between 1 and 100'],
    [['type' => 'put-grid', 'grid' => ['id' => 'grid1', 'kind' => 'dots', 'size' => 0]], 'the number must lie between 1 and'],
    [['type' => 'set-grid-field', 'grid' => 'grid1', 'field' => 'count', 'value' => '3'], 'no longer there'],
    [['type' => 'set-screen-field', 'field' => 'guides.y', 'value' => '12, here'], '“here” is not a number or sum'],
    [['type' => 'set-screen-field', 'field' => 'guides.y', 'value' => implode(',', range(1, 101))], 'at most 100 guides'],
]);

it('refuses what a facet cannot be, and stays as it was', function (string $field, string $typed, string $problem): void {
    $set = ['type' => 'set-grid-field', 'screen' => 'home', 'grid' => 'grid1', 'field' => $field, 'value' => $typed];
    expect(fn (): Tree => Sample::after(gridded(['kind' => 'squares', 'size' => 8]), $set))->toThrow(InvalidInput::class, $problem);
})->with([
    ['count', '101', 'between 1 and 100'], ['count', '2.5', 'whole'], ['size', '', 'A size is needed'], ['size', '0', 'between 1 and'],
    ['margin', '-1', 'between 0 and'], ['colour', 'mud', 'mud'],
]);
