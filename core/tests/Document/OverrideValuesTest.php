<?php

declare(strict_types=1);

use Kindred\Document\Address;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Token\Bindings;

it('knows which value ends what another follows', function (string $bound, string $path, bool $ends): void {
    expect(Bindings::governs($bound, $path))->toBe($ends);
})->with([
    'the same' => ['corners', 'corners', true],
    'one corner of four' => ['corners', 'corners.topLeft', true],
    'all corners of which one follows' => ['corners.topLeft', 'corners', true],
    'another property' => ['corners', 'opacity', false],
    'one that begins alike' => ['row', 'rowGap', false],
    'the colour of a paint' => ['fills.0.paint', 'fills.0.colour', true],
    'a paint in the place of its colour' => ['fills.0.colour', 'fills.0.paint', true],
    'a stop of a gradient' => ['fills.0.paint', 'fills.0.stops.1.colour', true],
    'a paint with a stop that follows' => ['fills.0.stops.1.colour', 'fills.0.paint', true],
    'the kind of a paint' => ['fills.0.paint', 'fills.0.kind', true],
    'the opacity of a fill' => ['fills.0.paint', 'fills.0.opacity', false],
    'another fill' => ['fills.0.paint', 'fills.1.colour', false],
    'all fills' => ['fills.1.paint', 'fills', true],
    'a fill beside a stroke' => ['strokes.0.paint', 'fills.0.colour', false],
    'the width of a stroke' => ['strokes.0.width', 'strokes.0.colour', false],
    'the blur of a shadow' => ['effects.0.effect', 'effects.0.blur', true],
    'whether a shadow is hidden' => ['effects.0.effect', 'effects.0.hidden', false],
    'a size in a style' => ['style', 'style.size', true],
    'a style with a size that follows' => ['style.size', 'style', true],
    'the weight beside the size' => ['style.size', 'style.weight', false],
]);

it('keeps what a copy has for itself, and what of it follows tokens, together', function (): void {
    $layer = new Address('track');
    $of = OverrideValues::with([], $layer, 'fills.0.colour', '#2f4a3c');
    $of = OverrideValues::with($of, $layer, 'fills.0.bound', ['paint' => 'fern']);
    $of = OverrideValues::with($of, $layer, 'corners', ['topLeft' => 4]);
    $of = OverrideValues::with($of, $layer, 'bound', ['corners' => 'soft']);
    $of = OverrideValues::with($of, $layer, 'bound', ['opacity' => 'faint']);
    expect(array_map(fn (array $one): string => $one[0], OverrideValues::bound($of['track'])))->toBe(['fills.0.paint' => 'fern', 'opacity' => 'faint', 'corners' => 'soft'])
        ->and(OverrideValues::paths($of, $layer))->toBe(['fills.0.colour', 'corners'])
        ->and(OverrideValues::areBound($of))->toBeTrue()->and(OverrideValues::tokens($of))->toEqualCanonicalizing(['fern', 'soft', 'faint']);
    // A value by hand ends just what it is about, and what is empty then goes.
    $typed = OverrideValues::with($of, $layer, 'fills.0.colour', '#111111');
    expect($typed['track'])->not->toHaveKey('fills.0.bound')->toHaveKey('bound');
    $reset = OverrideValues::without($typed, $layer, 'corners');
    expect($reset['track'])->toBe(['fills.0.colour' => '#111111', 'bound' => ['opacity' => 'faint']]);
    expect(OverrideValues::without(OverrideValues::with([], $layer, 'opacity', 0.5), $layer, 'opacity'))->toBe([]);
});

it('follows another token instead of one, or none', function (): void {
    $of = ['track' => ['fills.0.colour' => '#2f4a3c', 'fills.0.bound' => ['paint' => 'fern']], 'knob.inner1' => ['corners' => 4, 'bound' => ['corners' => 'fern', 'opacity' => 'soft'], 'opacity' => 0.5]];
    expect(OverrideValues::rebound($of, 'fern', 'moss'))->toEqual(['track' => ['fills.0.colour' => '#2f4a3c', 'fills.0.bound' => ['paint' => 'moss']], 'knob.inner1' => ['corners' => 4, 'bound' => ['corners' => 'moss', 'opacity' => 'soft'], 'opacity' => 0.5]])
        ->and(OverrideValues::rebound($of, 'fern', null))->toEqual(['track' => ['fills.0.colour' => '#2f4a3c'], 'knob.inner1' => ['corners' => 4, 'bound' => ['opacity' => 'soft'], 'opacity' => 0.5]])
        ->and(OverrideValues::rebound($of, 'clay', null))->toEqual($of)
        ->and(OverrideValues::rebound(['track' => ['bound' => ['corners' => 'fern']]], 'fern', null))->toBe([]);
});

it('finds icons and components that stand in copies instead of those of their design', function (): void {
    $of = ['sign' => ['icon' => 'flame'], 'inner1' => ['component' => 'other1', 'words' => 'Book'], 'none1' => ['icon' => 7]];
    expect(OverrideValues::icons($of))->toBe(['flame'])->and(OverrideValues::components($of))->toBe(['other1'])->and(OverrideValues::words($of))->toBe(['Book']);
});
