<?php

declare(strict_types=1);

use Kindred\Style\Aspect;
use Kindred\Style\Written;

it('reads what copies and states have for themselves as layers with nothing but that', function (array $of, array $expected): void {
    expect(Written::overrides($of))->toBe($expected);
})->with([
    'nothing' => [['kind' => 'box', 'fills' => [['colour' => '#111111']]], []],
    'an instance' => [['kind' => 'instance', 'overrides' => ['track' => ['fills.0.colour' => '#2f4a3c', 'opacity' => 0.5]]], [['track', ['fills' => ['0' => ['colour' => '#2f4a3c']], 'opacity' => 0.5]]]],
    'cells' => [['kind' => 'array', 'overrides' => ['row1' => ['label' => ['style.size' => 12]], 'row2' => ['label' => ['style.size' => 14]]]], [['label', ['style' => ['size' => 12]]], ['label', ['style' => ['size' => 14]]]]],
    'states' => [['component' => ['overrides' => [['in' => ['power' => 'ison'], 'layers' => ['knob.inner1' => ['x' => 23]]]]]], [['knob.inner1', ['x' => 23]]]],
    'a paint as a whole' => [['kind' => 'instance', 'overrides' => ['track' => ['fills.0.paint' => ['kind' => 'linear', 'angle' => 90], 'fills.0.opacity' => 0.4]]], [['track', ['fills' => ['0' => ['kind' => 'linear', 'angle' => 90, 'opacity' => 0.4]]]]]],
    'single corners' => [['kind' => 'instance', 'overrides' => ['track' => ['corners.topLeft' => 4, 'padding.left' => 2, 'rowGap' => 8]]], [['track', ['rowGap' => 8]]]],
    'what follows a token' => [['kind' => 'instance', 'overrides' => ['track' => ['fills.0.colour' => '#2f4a3c', 'fills.0.bound' => ['paint' => 'fern'], 'bound' => ['corners' => 'soft']]]], [['track', ['fills' => ['0' => ['colour' => '#2f4a3c', 'bound' => ['paint' => 'fern']]], 'bound' => ['corners' => 'soft']]]]],
]);

it('leaves a trace of each value wherever it is stored', function (string $aspect, mixed $plain, string $stored): void {
    expect(str_contains($stored, $aspect::trace($plain)))->toBeTrue();
})->with([
    'a colour in a fill' => [Aspect\Colours::class, '#2f4a3c', '{"fills":[{"colour":"#2f4a3c"}]}'],
    'a colour in a state' => [Aspect\Colours::class, '#2f4a3c', '{"layers":{"track":{"fills.0.colour":"#2f4a3c"}}}'],
    'a size' => [Aspect\Sizes::class, 14.0, '{"style":{"size":14.0}}'],
    'a size in a cell' => [Aspect\Sizes::class, 14, '{"row1":{"label":{"style.size":14}}}'],
    'a weight in a cell' => [Aspect\Weights::class, 700, '{"row1":{"label":{"style.weight":700}}}'],
    'a radius of all corners' => [Aspect\Radii::class, 12, '{"corners":{"topLeft":12,"topRight":12}}'],
    'the width of a stroke in a state' => [Aspect\StrokeWidths::class, 2, '{"track":{"strokes.0.width":2}}'],
]);

it('knows what is bound, in lists and beside them', function (): void {
    expect(Written::bound(['bound' => ['corners' => 'soft', 'wrong' => 4], 'fills' => [['colour' => '#111111'], ['bound' => ['paint' => 'clay'], 'stops' => [['bound' => ['colour' => 'fern']]]]]]))
        ->toBe(['corners' => 'soft', 'fills.1.paint' => 'clay', 'fills.1.stops.0.colour' => 'fern'])
        ->and(Written::bound(['fills' => 'none', 'bound' => 7]))->toBe([]);
});
