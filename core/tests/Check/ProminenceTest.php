<?php

declare(strict_types=1);

use Kindred\Check\Prominence;
use Kindred\Check\Scene;
use Kindred\Check\Weighed;
use Kindred\Tests\Check\Planted;

/**
 * What is met on a screen, the most prominent first.
 *
 * @param  list<array<string, mixed>>  $layers
 * @return list<Weighed>
 */
function metOn(array $layers, string $ground = '#ffffff'): array
{
    $tree = (new Planted)->screen('screen', $layers, ['ground' => $ground])->tree();

    return Prominence::of(new Scene($tree, $tree->screen('screen'), Planted::eyes()));
}

it('meets first what is larger, heavier, stands out more, or has a colour of its own', function (array $first, array $second, string $by): void {
    $met = metOn([$second, $first]);
    expect($met[0]->thing->layer->name)->toBe('First')->and($met[0]->by($met[1]))->toBe($by);
})->with([
    'larger words' => [Planted::text('First', 'Glaze firing', 24, 40, 340, 28), Planted::text('Second', 'Glaze firing', 24, 140, 340, 16), 'it is larger'],
    'heavier words' => [Planted::text('First', 'Glaze firing', 24, 40, more: ['style' => ['family' => 'Hanken Grotesk', 'weight' => 800, 'size' => 16, 'lineHeight' => 1.4]]), Planted::text('Second', 'Glaze firing', 24, 140), 'it is larger'],
    'darker words' => [Planted::text('First', 'Glaze firing', 24, 40, colour: '#111111'), Planted::text('Second', 'Glaze firing', 24, 140, colour: '#bbbbbb'), 'it stands out more from what lies behind it'],
    'a colour' => [Planted::box('First', 24, 40, 80, 80, '#d0342c'), Planted::box('Second', 24, 240, 80, 80, '#909090'), 'its colour is stronger'],
    'a larger shape' => [Planted::box('First', 24, 40, 160, 160, '#909090'), Planted::box('Second', 24, 340, 60, 60, '#909090'), 'it is larger'],
]);

it('takes for one thing what is met as one', function (): void {
    $met = metOn([
        Planted::group('Button', 24, 40, 200, 48, [Planted::box('Ground', 0, 0, 200, 48, '#17594f'), Planted::text('Says', 'Book', 16, 12, 100, 16, '#ffffff')], Planted::tap()),
        Planted::box('Card', 24, 120, 342, 200, '#eeeeee'), Planted::text('On the card', 'Big kiln', 40, 140, 200),
        Planted::box('All of the ground', 0, 400, 390, 444, '#f3eadd'),
    ]);
    // A ground on which something stands, and one that is most of the screen, are met with what is on them.
    expect(array_map(fn (Weighed $one): string => $one->thing->layer->name, $met))->toBe(['Button', 'On the card']);
});

it('counts more what has a colour that nothing else has', function (): void {
    $grey = fn (int $i): array => Planted::box("Grey {$i}", 24 + $i * 90, 40, 60, 60, '#8a8a8a');
    $alone = metOn([Planted::box('Clay', 24, 240, 60, 60, '#b4472e'), $grey(0), $grey(1), $grey(2)]);
    $among = metOn([Planted::box('Clay', 24, 240, 60, 60, '#b4472e'), ...array_map(fn (int $i): array => ['fills' => [['colour' => '#b4472e']]] + $grey($i), [0, 1, 2])]);
    $clay = fn (array $met): Weighed => array_values(array_filter($met, fn (Weighed $one): bool => $one->thing->layer->name === 'Clay'))[0];
    expect($clay($alone)->prominence())->toBeGreaterThan($clay($among)->prominence())->and($clay($alone)->pull)->toEqualWithDelta($clay($among)->pull, 1e-9);
});

it('meets nothing on an empty screen, nor what has the colour of its ground', function (): void {
    expect(metOn([]))->toBe([])->and(metOn([Planted::box('White on white', 24, 24, 60, 60, '#ffffff')]))->toBe([]);
});
