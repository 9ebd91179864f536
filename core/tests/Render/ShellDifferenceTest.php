<?php

declare(strict_types=1);

use Kindred\Render\ShellDifference;
use Kindred\Tests\Sample;

/**
 * What setting a field changes in a layer's own drawing.
 *
 * @return list<array{int, string, string|null}>|null
 */
function repainted(string $layer, string $field, string $value): ?array
{
    $before = Sample::tree();
    $after = Sample::after($before, ['type' => 'set-field', 'screen' => 'home', 'layers' => [$layer], 'field' => $field, 'value' => $value]);
    $shell = fn ($tree): string => Sample::renderer()->shell($tree, $tree->layer($layer), Sample::rendering(true));

    return ShellDifference::between($shell($before), $shell($after));
}

it('tells paint apart from what follows from a size', function (string $layer, string $field, string $value, ?array $difference): void {
    expect(repainted($layer, $field, $value))->toBe($difference);
})->with([
    'a fill' => ['boxa', 'fills.0.colour', '#a94c31', [[1, 'fill', '#a94c31']]],
    'a fill that lets through' => ['boxa', 'fills.0.colour', '#a94c3180', [[1, 'fill', '#a94c31'], [1, 'fill-opacity', '0.502']]],
    'words in another colour' => ['words', 'fills.0.colour', '#a94c31', [[2, 'fill', '#a94c31']]],
    'opacity' => ['boxa', 'opacity', '0.4', [[0, 'opacity', '0.4']]],
    'no fill: the box is still there to be picked' => ['boxa', 'fills.0.colour', '', [[1, 'fill', 'none'], [1, 'pointer-events', 'all']]],
    'nothing' => ['boxa', 'opacity', '1', []],
    'corners, which are cut to the size' => ['boxa', 'corners', '12', null],
    'a place' => ['boxa', 'x', '80', null],
    'a stroke, one element more' => ['boxa', 'strokes.0.colour', '#a94c31', null],
    'words in another size' => ['words', 'style.size', '20', null],
]);
