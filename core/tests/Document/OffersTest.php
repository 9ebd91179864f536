<?php

declare(strict_types=1);

use Kindred\Document\Token\Offers;
use Kindred\Document\Token\Token;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Tests\Sample;

/** @param  list<array<string, mixed>>  $layers */
function offering(array $layers): Tree
{
    $file = Sample::file();
    $file['screens'][0]['layers'] = array_map(fn (int $i, array $layer): array => $layer + ['id' => "offer{$i}", 'kind' => 'box', 'name' => 'Box', 'x' => 0, 'y' => 0, 'width' => 80, 'height' => 40], array_keys($layers), $layers);
    $file['tokens'] = [
        ['id' => 'clay', 'name' => 'colour.clay', 'kind' => 'color', 'value' => '#b4472e'],
        ['id' => 'gaps', 'name' => 'space.card', 'kind' => 'dimension', 'value' => 16],
        ['id' => 'soft', 'name' => 'radius.soft', 'kind' => 'dimension', 'value' => 16],
        ['id' => 'body', 'name' => 'type.size.body', 'kind' => 'dimension', 'value' => 18],
        ['id' => 'pale', 'name' => 'opacity.pale', 'kind' => 'number', 'value' => 0.5],
    ];

    return ProjectFile::read((string) json_encode($file))->tree;
}

it('offers the token that has the very value, and by its name is meant for it', function (array $layer, string $path, ?string $token): void {
    $tree = offering([$layer]);
    $tokens = array_filter($tree->things(Kindred\Document\Entity::Token), fn (mixed $one): bool => $one instanceof Token);
    expect(array_map(fn (Token $one): string => $one->id, Offers::of([$tree->layer('offer0')], [$path], $tokens)))->toBe($token === null ? [] : [$path => $token]);
})->with(function (): array {
    $corners = ['topLeft' => 16, 'topRight' => 16, 'bottomRight' => 16, 'bottomLeft' => 16];
    $stack = ['kind' => 'stack', 'children' => []];
    $words = ['kind' => 'text', 'words' => 'Glaze', 'style' => ['family' => 'Lora', 'weight' => 400, 'size' => 18, 'lineHeight' => 1.4]];

    return [
        'a colour' => [['fills' => [['colour' => '#b4472e']]], 'fills.0.paint', 'clay'],
        'one that is nearly the same' => [['fills' => [['colour' => '#b4472f']]], 'fills.0.paint', null],
        'one that follows a token already' => [['fills' => [['colour' => '#b4472e', 'bound' => ['paint' => 'clay']]]], 'fills.0.paint', null],
        'the colour of a paint, which has no field of its own' => [['fills' => [['colour' => '#b4472e']]], 'fills.0.colour', null],
        'round corners, among lengths of the same value' => [['corners' => $corners], 'corners', 'soft'],
        'a gap' => [['columnGap' => 16] + $stack, 'columnGap', 'gaps'],
        'a size of words' => [$words, 'style.size', 'body'],
        'opacity' => [['opacity' => 0.5], 'opacity', 'pale'],
        'opacity that is as usual' => [[], 'opacity', null],
        'a width, which is worth no token' => [['width' => 16], 'width', null],
        'what the layer has not' => [[], 'style.size', null],
    ];
});

it('offers nothing where there is nothing to offer', function (): void {
    $tree = offering([['fills' => [['colour' => '#b4472e']]]]);
    $tokens = array_filter($tree->things(Kindred\Document\Entity::Token), fn (mixed $one): bool => $one instanceof Token);
    expect(Offers::of([], ['fills.0.paint'], $tokens))->toBe([])->and(Offers::of([$tree->layer('offer0')], ['fills.0.paint'], []))->toBe([])->and(Offers::of([$tree->layer('offer0')], [], $tokens))->toBe([]);
});
