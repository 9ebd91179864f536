<?php

declare(strict_types=1);

use Kindred\Exchange\Svg\SvgReader;
use Kindred\Tests\Sample;
use Kindred\Type\Typesetter;

/** @return list<array<string, mixed>> the layers of a drawing of 200 by 100 */
function broughtIn(string $inner): array
{
    return SvgReader::read("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"200\" height=\"100\">{$inner}</svg>", new Typesetter(Sample::faces()), fn (): ?string => null)['layers'];
}

/** The only effects of the only layer of a drawing that is filtered so. */
function filtered(string $filter): array
{
    return broughtIn("<filter id=\"f\">{$filter}</filter><rect width=\"40\" height=\"20\" filter=\"url(#f)\"/>")[0]['effects'] ?? [];
}

it('reads filters that have an equal as effects', function (string $filter, array $effects): void {
    expect(filtered($filter))->toEqual($effects);
})->with([
    'a blur' => ['<feGaussianBlur stdDeviation="3"/>', [['kind' => 'blur', 'radius' => 3.0]]],
    'a blur of two widths takes the first' => ['<feGaussianBlur stdDeviation="2 9"/>', [['kind' => 'blur', 'radius' => 2.0]]],
    'a blur that is too wide is bounded' => ['<feGaussianBlur stdDeviation="5000"/>', [['kind' => 'blur', 'radius' => 200.0]]],
    'less colour' => ['<feColorMatrix type="saturate" values="0.2"/>', [['kind' => 'adjust', 'adjustment' => ['saturate' => 0.2]]]],
    'a shadow' => ['<feDropShadow dx="1" dy="2" stdDeviation="3" flood-color="#a94c31" flood-opacity=".5"/>', [['colour' => '#a94c3180', 'offsetX' => 1.0, 'offsetY' => 2.0, 'blur' => 6.0]]],
    'two shadows' => ['<feDropShadow dx="1" dy="1" stdDeviation="1"/><feDropShadow dx="4" dy="4" stdDeviation="4" flood-color="teal"/>', [['colour' => '#000000', 'offsetX' => 1.0, 'offsetY' => 1.0, 'blur' => 2.0], ['colour' => '#008080', 'offsetX' => 4.0, 'offsetY' => 4.0, 'blur' => 8.0]]],
    'a shadow merged by hand' => ['<feGaussianBlur in="SourceAlpha" stdDeviation="2"/><feOffset dx="3" dy="4" result="o"/><feComponentTransfer><feFuncA type="linear" slope=".4"/></feComponentTransfer><feMerge><feMergeNode/><feMergeNode in="SourceGraphic"/></feMerge>', [['colour' => '#00000066', 'offsetX' => 3.0, 'offsetY' => 4.0, 'blur' => 4.0]]],
    'a shadow inside' => ['<feFlood flood-opacity="0" result="b"/><feBlend in="SourceGraphic" in2="b" result="shape"/><feColorMatrix in="SourceAlpha" values="0 0 0 0 0 0 0 0 0 0 0 0 0 0 0 0 0 0 127 0" result="h"/><feOffset dy="2"/><feGaussianBlur stdDeviation="1"/><feComposite in2="h" operator="arithmetic" k2="-1" k3="1"/><feColorMatrix values="0 0 0 0 1 0 0 0 0 1 0 0 0 0 1 0 0 0 0.5 0"/><feBlend in2="shape"/>', [['colour' => '#ffffff80', 'offsetX' => 0.0, 'offsetY' => 2.0, 'blur' => 2.0, 'inner' => true]]],
    'nothing' => ['', []],
    'what has no equal' => ['<feTurbulence baseFrequency=".1"/>', []],
    'what has no equal beside what has' => ['<feGaussianBlur stdDeviation="2"/><feMorphology radius="2"/>', []],
]);

it('reads functions of filters as effects', function (string $css, array $effects): void {
    expect(broughtIn("<rect width=\"40\" height=\"20\" filter=\"{$css}\"/>")[0]['effects'] ?? [])->toEqual($effects);
})->with([
    ['blur(4px)', [['kind' => 'blur', 'radius' => 4.0]]],
    ['brightness(120%) contrast(.5)', [['kind' => 'adjust', 'adjustment' => ['brightness' => 1.2]], ['kind' => 'adjust', 'adjustment' => ['contrast' => 0.5]]]],
    ['grayscale()', [['kind' => 'adjust', 'adjustment' => ['grayscale' => 1.0]]]],
    ['drop-shadow(1px 2px 3px rgb(0 0 0 / 50%))', [['colour' => '#00000080', 'offsetX' => 1.0, 'offsetY' => 2.0, 'blur' => 6.0]]],
    ['drop-shadow(teal 1px 2px)', [['colour' => '#008080', 'offsetX' => 1.0, 'offsetY' => 2.0, 'blur' => 0.0]]],
    ['none', []], ['sepia(1)', []], ['blur(2px) hue-rotate(20deg)', []], ['rubbish', []],
]);

it('lays gradients into the box that they fill', function (string $gradient, string $shape, array $fill): void {
    $read = broughtIn($gradient.$shape)[0]['fills'][0];
    foreach ($fill as $key => $value) {
        // What is in the middle is not written.
        expect($read[$key] ?? 0.5)->toEqualWithDelta($value, 0.002);
    }
})->with([
    // The line of CSS reaches from corner to corner: across a square at 45° the same as that of SVG.
    'across' => ['<linearGradient id="g"><stop stop-color="red"/><stop offset="1" stop-color="blue"/></linearGradient>', '<rect width="50" height="50" fill="url(#g)"/>', ['angle' => 90.0, 'stops' => [['colour' => '#ff0000', 'at' => 0], ['colour' => '#0000ff', 'at' => 1]]]],
    'down, a part of it' => ['<linearGradient id="g" x2="0" y1=".25" y2=".75"><stop stop-color="red"/><stop offset="1" stop-color="blue"/></linearGradient>', '<rect width="50" height="80" fill="url(#g)"/>', ['kind' => 'linear', 'stops' => [['colour' => '#ff0000', 'at' => 0.25], ['colour' => '#0000ff', 'at' => 0.75]]]],
    'slanted, in a square' => ['<linearGradient id="g" x2="1" y2="1"><stop stop-color="red"/><stop offset="1" stop-color="blue"/></linearGradient>', '<rect width="50" height="50" fill="url(#g)"/>', ['angle' => 135.0, 'stops' => [['colour' => '#ff0000', 'at' => 0], ['colour' => '#0000ff', 'at' => 1]]]],
    'out from a point' => ['<radialGradient id="g" cx=".25" cy=".5" r=".25"><stop stop-color="red"/><stop offset="1" stop-color="blue"/></radialGradient>', '<rect width="80" height="40" fill="url(#g)"/>', ['centreX' => 0.25, 'centreY' => 0.5, 'radiusX' => 0.25, 'radiusY' => 0.25, 'extent' => 'own']],
    'in the space of a group' => ['<radialGradient id="g" gradientUnits="userSpaceOnUse" cx="10" cy="10" r="5"><stop stop-color="red"/><stop offset="1" stop-color="blue"/></radialGradient>', '<g transform="translate(50 0) scale(2)"><rect width="20" height="20" fill="url(#g)"/></g>', ['centreX' => 0.5, 'centreY' => 0.5, 'radiusX' => 0.25, 'radiusY' => 0.25]],
    'there and back' => ['<linearGradient id="g" x2=".5" spreadMethod="reflect"><stop stop-color="red"/><stop offset="1" stop-color="blue"/></linearGradient>', '<rect width="50" height="50" fill="url(#g)"/>', ['repeats' => true, 'stops' => [['colour' => '#ff0000', 'at' => 0], ['colour' => '#0000ff', 'at' => 0.5], ['colour' => '#0000ff', 'at' => 0.5], ['colour' => '#ff0000', 'at' => 1]]]],
    'of one stop' => ['<linearGradient id="g"><stop offset=".5" stop-color="red" stop-opacity=".5"/></linearGradient>', '<rect width="50" height="50" fill="url(#g)"/>', ['colour' => '#ff000080']],
    'seen through' => ['<linearGradient id="g"><stop stop-color="red"/><stop offset="1" stop-color="blue"/></linearGradient>', '<rect width="50" height="50" fill="url(#g)" fill-opacity=".3"/>', ['opacity' => 0.3]],
]);

it('keeps what cuts and mixes as the properties of layers', function (string $inner, array $expected): void {
    $layer = broughtIn($inner)[0];
    foreach ($expected as $path => $value) {
        $found = array_reduce(explode('.', $path), fn (mixed $in, string $key): mixed => is_array($in) ? $in[$key] ?? null : null, $layer);
        expect($found)->toEqual($value, "{$path} of {$inner}");
    }
})->with([
    'a clip by a rounded box' => ['<clipPath id="c"><rect x="10" y="5" width="30" height="20" rx="4"/></clipPath><rect width="90" height="90" clip-path="url(#c)"/>', ['kind' => 'group', 'x' => 10, 'width' => 30, 'children.1.masking' => true, 'children.1.corners.topLeft' => 4, 'children.0.x' => -10]],
    'a clip of two shapes is one path' => ['<clipPath id="c"><rect width="10" height="10"/><circle cx="30" cy="5" r="5"/></clipPath><rect width="90" height="90" clip-path="url(#c)"/>', ['children.1.kind' => 'path', 'children.1.width' => 35]],
    'a clip by words' => ['<clipPath id="c"><text y="40">Clay</text></clipPath><rect width="90" height="90" clip-path="url(#c)"/>', ['children.1.kind' => 'text', 'children.1.words' => 'Clay']],
    'a mask by light' => ['<mask id="m"><rect width="90" height="90" fill="#808080"/></mask><rect width="90" height="90" mask="url(#m)"/>', ['children.1.masking' => true, 'children.1.fills.0.colour' => '#00000080']],
    'a mask by alpha' => ['<mask id="m" mask-type="alpha"><rect width="90" height="90" fill="#808080" fill-opacity=".25"/></mask><rect width="90" height="90" mask="url(#m)"/>', ['children.1.fills.0.colour' => '#00000040']],
    'a mode of a group' => ['<g style="mix-blend-mode:overlay"><rect width="9" height="9"/><rect width="9" height="9"/></g>', ['kind' => 'group', 'blend' => 'overlay']],
    'a group by itself' => ['<g style="isolation:isolate"><rect width="9" height="9"/><rect width="9" height="9"/></g>', ['isolation' => 'isolate']],
    'a filter of a group' => ['<g style="filter:blur(2px)"><rect width="9" height="9"/><rect width="9" height="9"/></g>', ['kind' => 'group', 'effects.0.radius' => 2]],
    'two filters, one in the other' => ['<g style="filter:blur(2px)"><rect width="9" height="9" style="filter:blur(1px)"/></g>', ['kind' => 'group', 'effects.0.radius' => 2, 'children.0.effects.0.radius' => 1]],
    'dashes, ends and corners' => ['<path d="M0 0h9v9" stroke="red" fill="none" stroke-dasharray="4 2" stroke-linecap="round" stroke-linejoin="bevel"/>', ['strokes.0.dash' => [4.0, 2.0], 'strokes.0.cap' => 'round', 'strokes.0.join' => 'bevel']],
]);
