<?php

declare(strict_types=1);

use Kindred\Document\Layer;
use Kindred\Document\Layer\BoxLayer;
use Kindred\Document\Layout\AlignItems;
use Kindred\Document\Layout\FlexDirection;
use Kindred\Document\Layout\Inference;
use Kindred\Document\Layout\JustifyContent;
use Kindred\Geometry\Box;
use Kindred\Tests\Sample;

/**
 * @param  list<array{float, float, float, float}>  $boxes
 * @return list<Layer>
 */
function placedBoxes(array $boxes): array
{
    return array_map(fn (int $i, array $box): Layer => new Layer("box{$i}", 'home', null, 'a'.chr(97 + $i), "Box {$i}", new Box(...$box), new BoxLayer), array_keys($boxes), $boxes);
}

it('reads direction, gap and alignment off where layers lie', function (array $boxes, FlexDirection $direction, float $gap, AlignItems $align): void {
    $found = Inference::of(placedBoxes($boxes));
    expect($found?->stack->direction)->toBe($direction)->and($found?->stack->rowGap)->toBe($gap)->and($found?->stack->columnGap)->toBe($gap)
        ->and($found?->stack->alignItems)->toBe($align)->and($found?->orderly)->toBeTrue();
})->with([
    'a column from the left' => [[[20, 10, 80, 30], [20, 52, 120, 30], [20, 94, 60, 30]], FlexDirection::Column, 12.0, AlignItems::FlexStart],
    'a row by its middle' => [[[0, 10, 40, 40], [48, 20, 40, 20], [96, 0, 40, 60]], FlexDirection::Row, 8.0, AlignItems::Center],
    'a row by its feet, given from right to left' => [[[100, 20, 40, 20], [50, 10, 40, 30], [0, 0, 40, 40]], FlexDirection::Row, 10.0, AlignItems::FlexEnd],
]);

it('takes the box below all others for the ground, with its padding', function (): void {
    $found = Inference::of(placedBoxes([[0, 0, 200, 100], [12, 16, 60, 68], [80, 16, 100, 68]]));
    expect($found?->ground?->id)->toBe('box0')->and($found?->stack->padding->toArray())->toEqual(['top' => 16, 'right' => 20, 'bottom' => 16, 'left' => 12])
        ->and($found?->box)->toEqual(new Box(0, 0, 200, 100))->and($found?->stack->justifyContent)->toBe(JustifyContent::FlexStart);
});

it('finds no order where gaps differ or edges do not meet', function (array $boxes): void {
    expect(Inference::of(placedBoxes($boxes))?->orderly)->toBeFalse();
})->with([
    'gaps of 10 and 40' => [[[0, 0, 40, 40], [50, 0, 40, 40], [130, 0, 40, 40]]],
    'no edge in common' => [[[0, 0, 40, 40], [50, 13, 40, 40], [100, 31, 40, 55]]],
    'one upon the other' => [[[0, 0, 40, 40], [10, 0, 40, 40], [20, 0, 40, 40]]],
    'one alone' => [[[0, 0, 40, 40]]],
]);

it('stacks what is orderly without moving it', function (int $seed): void {
    mt_srand($seed);
    $row = mt_rand(0, 1) === 1;
    $gap = mt_rand(0, 24);
    $share = [0, 0.5, 1][mt_rand(0, 2)];
    $at = 0;
    $layers = [];
    for ($i = 0, $count = mt_rand(2, 6); $i < $count; $i++) {
        [$along, $across] = [mt_rand(10, 60), mt_rand(5, 30) * 2];
        $side = 100 + (60 - $across) * $share;
        $layers[] = ['id' => "item{$i}", 'kind' => 'box', 'x' => $row ? 20 + $at : $side, 'y' => $row ? $side : 20 + $at, 'width' => $row ? $along : $across, 'height' => $row ? $across : $along];
        $at += $along + $gap;
    }
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'next', 'seed' => 'items', 'layers' => $layers]);
    $ids = array_values(array_map(fn (Layer $layer): string => $layer->id, array_filter($tree->layers, fn (Layer $layer): bool => $layer->screen === 'next')));
    $stacked = Sample::after($tree, ['type' => 'stack-layers', 'screen' => 'next', 'layers' => $ids, 'seed' => 'stack']);
    foreach ($ids as $id) {
        $stack = $stacked->layer((string) $stacked->layer($id)->parent);
        $box = $stacked->layer($id)->box->movedBy($stack->box->x, $stack->box->y);
        foreach (['x', 'y', 'width', 'height'] as $side) {
            expect(abs($box->{$side} - $tree->layer($id)->box->{$side}))->toBeLessThan(0.002);
        }
    }
})->with(range(1, 15));
