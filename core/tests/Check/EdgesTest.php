<?php

declare(strict_types=1);

use Kindred\Check\Finding;
use Kindred\Tests\Check\Planted;

/**
 * How often a rule finds something on a screen.
 *
 * @param  list<array<string, mixed>>  $layers
 * @param  array<string, mixed>  $screen
 */
function foundBy(string $rule, array $layers, array $screen = []): int
{
    return count(array_filter(Planted::findings((new Planted)->screen('edges', $layers, $screen)->screen('other', [])->tree()), fn (Finding $one): bool => $one->rule::key() === $rule));
}

/** A target of a size. */
function spot(string $name, float $x, float $y, float $width, float $height): array
{
    return Planted::box($name, $x, $y, $width, $height, '#555555', Planted::tap('other') + ['name' => $name]);
}

const CENTRED = ['style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4, 'align' => 'center']];

/** A row of boxes with a gap, the last of them with another one. */
function rowOfBoxes(float $gap, float $last, int $count = 5): array
{
    return array_map(fn (int $i): array => Planted::box("Box {$i}", 20 + $i * (40 + $gap) + ($i === $count - 1 ? $last - $gap : 0), 100, 40, 40), range(0, $count - 1));
}

/** A column of boxes, one of them moved to the right. */
function columnOfBoxes(float $by, float $wider = 0): array
{
    return array_map(fn (int $i): array => Planted::box("Box {$i}", 40 + ($i === 2 ? $by : 0), 100 + 60 * $i, 100 + 10 * $i + ($i === 2 ? $wider : 0), 40), range(0, 3));
}

it('finds just what lies beyond its limit, and nothing at it', function (string $rule, array $layers, int $found, array $screen = []): void {
    expect(foundBy($rule, $layers, $screen))->toBe($found);
})->with([
    // Sizes of text and contrasts.
    'text at 12 px' => ['text-size', [Planted::text('A', 'Kiln', 20, 20, size: 12)], 0],
    'text below 12 px' => ['text-size', [Planted::text('A', 'Kiln', 20, 20, size: 11.9)], 1],
    'a small run in larger text' => ['text-size', [Planted::text('A', 'Kiln shelf', 20, 20, more: ['runs' => [['from' => 0, 'to' => 4, 'size' => 9]]])], 1],
    'nothing written small' => ['text-size', [Planted::text('A', '  ', 20, 20, size: 8)], 0],
    'grey at 4.54:1' => ['contrast', [Planted::text('A', 'Kiln', 20, 20, colour: '#767676')], 0],
    'grey at 4.48:1' => ['contrast', [Planted::text('A', 'Kiln', 20, 20, colour: '#777777')], 1],
    'large grey at 3.03:1' => ['contrast', [Planted::text('A', 'Kiln', 20, 20, size: 24, colour: '#949494')], 0],
    'large grey at 2.99:1' => ['contrast', [Planted::text('A', 'Kiln', 20, 20, size: 24, colour: '#959595')], 1],
    'large in a part of its words only' => ['contrast', [Planted::text('A', 'Kiln shelf', 20, 20, colour: '#949494', more: ['runs' => [['from' => 0, 'to' => 4, 'size' => 24]]])], 1],
    'words on a card beside its edge' => ['contrast', [Planted::box('Card', 20, 20, 60, 60, '#222222'), Planted::text('A', 'Kiln', 100, 30, 60)], 0],
    'dark words on a dark card' => ['contrast', [Planted::box('Card', 20, 20, 200, 60, '#222222'), Planted::text('A', 'Kiln', 40, 30, 60)], 1],
    'on a card that is hidden' => ['contrast', [Planted::box('Card', 20, 20, 200, 60, '#222222', ['hidden' => true]), Planted::text('A', 'Kiln', 40, 30, 60)], 0],
    'on a card that is seen through' => ['contrast', [Planted::box('Card', 20, 20, 200, 60, '#22222220'), Planted::text('A', 'Kiln', 40, 30, 60)], 0],
    'under a card: nobody sees it' => ['contrast', [Planted::text('A', 'Kiln', 40, 30, 60, colour: '#fefefe'), Planted::box('Card', 20, 20, 200, 60, '#222222')], 0],
    'an icon at 3.03:1' => ['graphic-contrast', [Planted::icon('Tick', 20, 20, colour: '#949494')], 0],
    'an icon at 2.99:1' => ['graphic-contrast', [Planted::icon('Tick', 20, 20, colour: '#959595')], 1],
    'a shape for its looks' => ['graphic-contrast', [Planted::box('Patch', 20, 20, 40, 40, '#fafafa')], 0],
    'a series at 3.03:1' => ['graphic-contrast', [Planted::bars('Visits', 20, 20, ['Guests' => '#949494'])], 0],
    'a series at 2.99:1' => ['graphic-contrast', [Planted::bars('Visits', 20, 20, ['Guests' => '#959595'])], 1],
    'a pale series on a dark card' => ['graphic-contrast', [Planted::box('Card', 0, 0, 300, 200, '#222222'), Planted::bars('Visits', 20, 20, ['Guests' => '#dddddd'])], 0],

    // Targets: 44 px to a finger, 24 px to a pointer.
    'a target of 44 px' => ['target-size', [spot('A', 20, 20, 44, 44)], 0],
    'a target of 43.9 px' => ['target-size', [spot('A', 20, 20, 44, 43.9)], 1],
    'to a pointer 24 px' => ['target-size', [spot('A', 20, 20, 24, 24)], 0, ['device' => 'desktop', 'width' => 1280, 'height' => 800, 'view' => 800]],
    'to a pointer 23 px' => ['target-size', [spot('A', 20, 20, 24, 23)], 1, ['device' => 'desktop', 'width' => 1280, 'height' => 800, 'view' => 800]],
    'targets edge to edge' => ['target-spacing', [spot('A', 20, 20, 44, 44), spot('B', 64, 20, 44, 44)], 0],
    'targets 1 px on each other' => ['target-spacing', [spot('A', 20, 20, 44, 44), spot('B', 63, 20, 44, 44)], 0],
    'targets 2 px on each other' => ['target-spacing', [spot('A', 20, 20, 44, 44), spot('B', 62, 20, 44, 44)], 1],
    'a small one with room about it' => ['target-spacing', [spot('A', 20, 20, 16, 16), spot('B', 48, 20, 44, 44)], 0],
    'a small one without' => ['target-spacing', [spot('A', 20, 20, 16, 16), spot('B', 38, 20, 44, 44)], 1],
    'one wholly upon the other' => ['target-spacing', [spot('A', 20, 20, 200, 100), spot('B', 60, 40, 60, 44)], 0],

    // What lies where.
    'lines that touch' => ['collision', [Planted::text('A', 'Kiln shelf', 20, 20), Planted::text('B', 'Glaze', 20, 36)], 0],
    'lines on each other' => ['collision', [Planted::text('A', 'Kiln shelf', 20, 20), Planted::text('B', 'Glaze', 20, 30)], 1],
    'side by side' => ['collision', [Planted::text('A', 'Kiln', 20, 20, 100), Planted::text('B', 'Glaze', 140, 20, 100)], 0],
    'a badge with its own ground' => ['collision', [Planted::icon('Bell', 20, 20, 40), Planted::box('Badge', 40, 20, 20, 20, '#a94c31'), Planted::text('Three', '3', 46, 18, 10, 12, '#ffffff')], 0],
    'words that end at the edge' => ['off-screen', [Planted::icon('Tick', 366, 20)], 0],
    'an icon half a px over it' => ['off-screen', [Planted::icon('Tick', 366.5, 20)], 0],
    'an icon a px over it' => ['off-screen', [Planted::icon('Tick', 367, 20)], 1],
    'a ground that bleeds off' => ['off-screen', [Planted::box('Ground', -20, -20, 430, 200)], 0],
    'beside the screen' => ['off-screen', [Planted::box('Lost', 391, 20, 40, 40)], 1],
    'words on their chip' => ['leaves-container', [Planted::box('Chip', 20, 20, 80, 40, '#dddddd'), Planted::text('A', 'Kiln', 30, 28, 60, more: ['wrapped' => false])], 0],
    'words over the edge of their chip' => ['leaves-container', [Planted::box('Chip', 20, 20, 80, 40, '#dddddd'), Planted::text('A', 'Kiln shelf', 50, 28, 60, more: ['wrapped' => false])], 1],
    'words mostly beside a box' => ['leaves-container', [Planted::box('Chip', 20, 20, 40, 40, '#dddddd'), Planted::text('A', 'Kiln shelf two', 50, 28, 60, more: ['wrapped' => false])], 0],
    'the very same upon it' => ['duplicate-layer', [Planted::box('A', 20, 20, 40, 40), Planted::box('A', 20, 20, 40, 40)], 1],
    'the same beside it' => ['duplicate-layer', [Planted::box('A', 20, 20, 40, 40), Planted::box('A', 70, 20, 40, 40)], 0],
    'another colour upon it' => ['duplicate-layer', [Planted::box('A', 20, 20, 40, 40), Planted::box('A', 20, 20, 40, 40, '#dddddd')], 0],
    'a box that paints nothing' => ['empty-layer', [Planted::box('A', 20, 20, 40, 40, '')], 1],
    'one that can be tapped' => ['empty-layer', [Planted::box('A', 20, 20, 40, 40, '', Planted::tap('other'))], 0],
    'a box with an edge alone' => ['empty-layer', [Planted::box('A', 20, 20, 40, 40, '', ['strokes' => [['colour' => '#222222', 'width' => 1]]])], 0],
    'hidden' => ['hidden-layer', [Planted::box('A', 20, 20, 40, 40, '#222222', ['hidden' => true])], 1],

    // Near misses: from 1 px on, up to 3.
    'two that miss one line' => ['alignment', [...columnOfBoxes(2), Planted::box('Fifth', 38, 340, 147, 40), Planted::box('Sixth', 40, 400, 160, 40)], 2],
    'a left edge off by 0.9 px' => ['alignment', columnOfBoxes(0.9), 0],
    'a left edge off by 1 px' => ['alignment', columnOfBoxes(1), 1],
    'a left edge off by 3 px' => ['alignment', columnOfBoxes(3), 1],
    'a left edge off by 3.5 px' => ['alignment', columnOfBoxes(3.5), 0],
    'gaps that are alike' => ['uneven-gap', rowOfBoxes(16, 16), 0],
    'a gap of 0.9 px more' => ['uneven-gap', rowOfBoxes(16, 16.9), 0],
    'a gap of 1 px more' => ['uneven-gap', rowOfBoxes(16, 17), 1],
    'a gap of 3 px less' => ['uneven-gap', rowOfBoxes(16, 13), 1],
    'a gap of 4 px less' => ['uneven-gap', rowOfBoxes(16, 12), 0],
    'two gaps that are off' => ['uneven-gap', array_map(fn (int $i): array => Planted::box("Box {$i}", 20 + $i * 42 + ($i > 1 ? 2 : 0) + ($i > 5 ? 1 : 0), 100, 36, 36), range(0, 7)), 2],
    'one out of its place, between two gaps that are off' => ['uneven-gap', array_map(fn (int $i): array => Planted::box("Box {$i}", 20 + $i * 42 + ($i === 3 ? 2 : 0), 100, 36, 36), range(0, 6)), 1],
    'no gap to go by' => ['uneven-gap', rowOfBoxes(16, 17, 2), 0],
    'words in the middle' => ['off-centre', [Planted::box('Chip', 20, 20, 140, 48, '#17594f'), Planted::text('A', 'Book', 20, 32.8, 140, 16, '#ffffff', CENTRED)], 0],
    'words 1 px beside it' => ['off-centre', [Planted::box('Chip', 20, 20, 140, 48, '#17594f'), Planted::text('A', 'Book', 21, 32.8, 140, 16, '#ffffff', CENTRED)], 1],
    'words 4 px beside it' => ['off-centre', [Planted::box('Chip', 20, 20, 140, 48, '#17594f'), Planted::text('A', 'Book', 24, 32.8, 140, 16, '#ffffff', CENTRED)], 0],
    'an icon 2 px too high' => ['off-centre', [Planted::box('Chip', 20, 20, 48, 48, '#17594f'), Planted::icon('Tick', 32, 30, 24, '#ffffff')], 1],
    'with something else upon it' => ['off-centre', [Planted::box('Chip', 20, 20, 48, 48, '#17594f'), Planted::icon('Tick', 32, 30, 24, '#ffffff'), Planted::box('Dot', 60, 60, 6, 6, '#ffffff')], 0],
    'a tile 1 px wider' => ['near-size', array_map(fn (int $i): array => Planted::box("Tile {$i}", 20 + 90 * $i, 300, $i === 2 ? 61 : 60, 60), range(0, 3)), 1],
    'a tile 4 px wider' => ['near-size', array_map(fn (int $i): array => Planted::box("Tile {$i}", 20 + 90 * $i, 300, $i === 2 ? 64 : 60, 60), range(0, 3)), 0],
]);

it('follows the limit that a project sets, to the last hundredth', function (string $rule, float $limit, array $layers, int $found): void {
    $tree = (new Planted)->with(['rules' => [['id' => 'rule1', 'rule' => $rule, 'limit' => $limit]]])->screen('edges', $layers)->screen('other', [])->tree();
    expect(count(array_filter(Planted::findings($tree), fn (Finding $one): bool => $one->rule::key() === $rule)))->toBe($found);
})->with([
    'text of 14 px where 14 are asked' => ['text-size', 14, [Planted::text('A', 'Kiln', 20, 20, size: 14)], 0],
    'text of 13.99 px' => ['text-size', 14, [Planted::text('A', 'Kiln', 20, 20, size: 13.99)], 1],
    'a target of 60 px where 60 are asked' => ['target-size', 60, [spot('A', 20, 20, 60, 60)], 0],
    'a target of 59 px' => ['target-size', 60, [spot('A', 20, 20, 60, 59)], 1],
    'a contrast of 7 where 7 are asked' => ['contrast', 7, [Planted::text('A', 'Kiln', 20, 20, colour: '#595959')], 0],
    'a contrast of 6.9' => ['contrast', 7, [Planted::text('A', 'Kiln', 20, 20, colour: '#5a5a5a')], 1],
    'large words where 7 are asked' => ['contrast', 7, [Planted::text('A', 'Kiln', 20, 20, size: 24, colour: '#767676')], 0],
    'a margin of 16 where 16 are asked' => ['margin', 16, [Planted::text('A', 'Kiln', 16, 20)], 0],
    'a margin of 15' => ['margin', 16, [Planted::text('A', 'Kiln', 15, 20)], 1],
]);
