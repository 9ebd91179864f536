<?php

declare(strict_types=1);

use Kindred\Document\Style\Corners;
use Kindred\Geometry\Box;
use Kindred\Paint\Colour;
use Kindred\Render\Paints;
use Kindred\Render\Svg;

it('writes elements', function (array $attributes, string $svg): void {
    expect(Svg::element('rect', $attributes))->toBe($svg);
})->with([
    [[], '<rect/>'], [['x' => 1.5, 'y' => 2, 'id' => 'a'], '<rect x="1.5" y="2" id="a"/>'], [['x' => null, 'data-ground' => true, 'hidden' => false], '<rect data-ground=""/>'],
    [['x' => -0.0001, 'y' => 1e-12], '<rect x="0" y="0"/>'], [['d' => 'a"b\'c<d>&'], '<rect d="a&quot;b&apos;c&lt;d&gt;&amp;"/>'],
]);

it('nests what it wrote', function (): void {
    expect(Svg::element('g', [], Svg::element('a'), Svg::text('<b>')))->toBe('<g><a/>&lt;b&gt;</g>')->and(Svg::element('g', [], ''))->toBe('<g/>');
});

it('gives text that every XML reader takes, whatever bytes came in', function (): void {
    mt_srand(3);
    for ($i = 0; $i < 300; $i++) {
        $bytes = implode('', array_map(fn (): string => mt_rand(0, 3) === 0 ? ['<', '&', ']]>', "\0", "\u{FFFF}", "\u{D7FF}", '👩🏽‍🎨'][mt_rand(0, 6)] : chr(mt_rand(0, 255)), range(1, mt_rand(1, 40))));
        $document = new DOMDocument;
        expect($document->loadXML(Svg::element('text', ['data-name' => $bytes], Svg::text($bytes))))->toBeTrue()
            ->and($document->getElementsByTagName('*')->length)->toBe(1);
    }
});

it('writes paint as attributes, alpha apart', function (): void {
    expect(Paints::attributes('fill', Colour::parse('#1234')))->toEqual(['fill' => '#112233', 'fill-opacity' => Colour::parse('#1234')->alpha])
        ->and(Paints::attributes('stroke', Colour::parse('#123')))->toBe(['stroke' => '#112233', 'stroke-opacity' => null])
        ->and(Paints::attributes('fill', null))->toBe(['fill' => 'none', 'fill-opacity' => null]);
});

it('draws corners as arcs of the radii that fit', function (Corners $corners, string $path): void {
    expect($corners->path(new Box(0, 0, 100, 50)))->toBe($path);
})->with([
    [new Corners, 'M0 0H100V50H0V0Z'],
    [Corners::all(10), 'M10 0H90A10 10 0 0 1 100 10V40A10 10 0 0 1 90 50H10A10 10 0 0 1 0 40V10A10 10 0 0 1 10 0Z'],
    [Corners::all(400), 'M25 0H75A25 25 0 0 1 100 25V25A25 25 0 0 1 75 50H25A25 25 0 0 1 0 25V25A25 25 0 0 1 25 0Z'],
    [new Corners(topRight: 20), 'M0 0H80A20 20 0 0 1 100 20V50H0V0Z'],
]);

it('grows round corners with their box and leaves square ones square', function (): void {
    expect((new Corners(10, 0, 3, 1))->grown(4)->toArray())->toBe(['topLeft' => 14.0, 'topRight' => 0.0, 'bottomRight' => 7.0, 'bottomLeft' => 5.0])
        ->and((new Corners(10, 0, 3, 1))->grown(-2)->toArray())->toBe(['topLeft' => 8.0, 'topRight' => 0.0, 'bottomRight' => 1.0, 'bottomLeft' => 0.0])
        ->and(Corners::all(4)->same())->toBe(4.0)->and((new Corners(1))->same())->toBeNull();
});
