<?php

declare(strict_types=1);

use Kindred\Document\Edit\Field;
use Kindred\Document\Edit\Trials;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Tests\AnyCommand;
use Kindred\Tests\Sample;

const FAMILIES = ['Hanken Grotesk' => [300, 400, 700], 'Lora' => [400, 600]];

/** A screen with one layer of a kind, and another box to take colours from. */
function tried(string $kind): Tree
{
    $own = ['text' => ['words' => 'Bowl', 'style' => ['family' => 'Lora', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.5]], 'icon' => ['icon' => 'flame'], 'picture' => ['asset' => AnyCommand::asset()], 'path' => ['d' => 'M0 0h60v40z']][$kind] ?? [];

    return Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'next', 'seed' => 'try', 'layers' => [
        $own + ['kind' => $kind, 'name' => 'Tried', 'x' => 10, 'y' => 20, 'width' => 60, 'height' => 40, 'fills' => [['colour' => '#112233']], 'strokes' => [['colour' => '#445566', 'width' => 2]]],
        ['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 5, 'height' => 5, 'fills' => [['colour' => '#b4472e']]],
    ]]);
}

function theTried(Tree $tree): Layer
{
    return array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === 'Tried'))[0];
}

it('offers values that can be set, the present one first, and each is another', function (string $kind): void {
    $tree = tried($kind);
    $layer = theTried($tree);
    $fields = Trials::fields($layer);
    expect($fields)->not->toBe([]);
    foreach ($fields as $field) {
        $values = Trials::of($tree, $layer, $field, FAMILIES);
        expect($values[0])->toBe((string) $field->of($layer), "{$field->path} begins with what there is")
            ->and(count(array_unique($values)))->toBe(count($values))->and(count($values))->toBeLessThanOrEqual(Trials::MAX);
        foreach (array_slice($values, 1) as $value) {
            $set = $field->set($tree, $layer, $value, new Box(0, 0, 390, 844))->layer($layer->id);
            expect($field->of($set))->not->toBe($values[0], "{$field->path}: {$value} is another");
        }
    }
})->with(['box', 'ellipse', 'text', 'icon', 'picture', 'path']);

it('begins with the colour, then what a text is set in', function (): void {
    $paths = fn (string $kind): array => array_map(fn (Field $field): string => $field->path, Trials::fields(theTried(tried($kind))));
    expect($paths('text')[0])->toBe('fills.0.colour')->and($paths('text')[1])->toStartWith('style.')->and($paths('box'))->toContain('corners', 'strokes.0.width', 'opacity', 'blend', 'rotation', 'width')->not->toContain('x', 'corners.topLeft', 'kind')
        ->and($paths('icon'))->toContain('icon', 'line')->and($paths('picture'))->toContain('fit');
});

it('takes colours from what is in use, the commonest first, and weights from the family', function (): void {
    $tree = tried('text');
    $layer = theTried($tree);
    $of = fn (string $path): array => Trials::of($tree, $layer, Field::find($path) ?? throw new LogicException, FAMILIES);
    expect($of('fills.0.colour'))->toContain('#b4472e')->and($of('style.weight'))->toBe(['400', '600'])->and($of('style.family'))->toBe(['Lora', 'Hanken Grotesk'])
        ->and($of('style.size'))->toBe(['16', '12', '20', '24']);
});
