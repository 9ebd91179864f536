<?php

declare(strict_types=1);

use Kindred\Document\Finish;
use Kindred\Document\Layer\ArcEnds;
use Kindred\Document\Layer\Ellipse;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Layer\PolygonLayer;
use Kindred\Document\Style\StrokePosition;
use Kindred\Geometry\Box;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\PathData;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Sample;

/** @param  array<string, mixed>  $own */
function shapeOn(array $own): Kindred\Document\Tree
{
    return Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 's', 'layers' => [
        ['id' => 'shape', 'x' => 100, 'y' => 100, 'width' => 100, 'height' => 60, 'fills' => [['colour' => '#17594f']]] + $own,
    ]]);
}

function theShape(Kindred\Document\Tree $tree): Kindred\Document\Layer
{
    return $tree->layers[array_key_last($tree->layers)];
}

// Oracle: the areas of sectors, segments, rings and polygons of school geometry, stretched with their box.
it('encloses the area that its numbers say', function (Ellipse|PolygonLayer $shape, float $ofSquare): void {
    foreach ([[100.0, 100.0], [100.0, 60.0]] as [$width, $height]) {
        $area = abs(Curves::of(PathData::parse($shape->path(new Box(7, 9, $width, $height))->text()))->area());
        expect($area / ($width * $height / 4))->toEqualWithDelta($ofSquare, 2e-3);
    }
})->with([
    'all of it' => [fn () => new Ellipse, M_PI],
    'a ring' => [fn () => new Ellipse(hole: 0.6), M_PI * (1 - 0.36)],
    'a sector' => [fn () => new Ellipse(startAngle: 200, sweep: 90), M_PI / 4],
    'more than half' => [fn () => new Ellipse(startAngle: 350, sweep: 359), M_PI * 359 / 360],
    'a sector of a ring' => [fn () => new Ellipse(startAngle: 20, sweep: 250, hole: 0.5), deg2rad(250) / 2 * 0.75],
    'a segment' => [fn () => new Ellipse(sweep: 120, hole: 0.5, ends: ArcEnds::Chord), (deg2rad(120) - sin(deg2rad(120))) / 2],
    'a triangle' => [fn () => new PolygonLayer(3), 1.5 * sin(2 * M_PI / 3)],
    'twelve sides' => [fn () => new PolygonLayer(12), 3.0],
    'a star' => [fn () => new PolygonLayer(5, 0.4), 5 * 0.4 * sin(M_PI / 5)],
    'no star where it is cut no deeper than its sides' => [fn () => new PolygonLayer(4, 0.8), 2.0],
]);

it('starts where it says, clockwise from the top', function (float $start, float $sweep, array $from, array $to): void {
    $segments = (new Ellipse($start, $sweep, ends: ArcEnds::Open))->path(new Box(0, 0, 200, 100))->segments;
    expect($segments[0][1])->toEqualWithDelta($from, 0.01)->and(array_slice($segments[count($segments) - 1][1], -2))->toEqualWithDelta($to, 0.01);
})->with([[0, 90, [100, 0], [200, 50]], [90, 180, [200, 50], [0, 50]], [180, 270, [100, 100], [200, 50]], [270, 45, [0, 50], [100 - 100 * M_SQRT1_2, 50 - 50 * M_SQRT1_2]]]);

it('is set by what is typed, within what there can be', function (array $own, string $field, string $typed, mixed $value): void {
    $after = Sample::after($tree = shapeOn($own), ['type' => 'set-field', 'screen' => 'home', 'layers' => [theShape($tree)->id], 'field' => $field, 'value' => $typed]);
    expect(theShape($after)->content->{$field})->toEqual($value);
})->with([
    [['kind' => 'ellipse'], 'sweep', '360/4', 90.0], [['kind' => 'ellipse'], 'startAngle', '-450', -90.0], [['kind' => 'ellipse', 'hole' => 0.5], 'hole', '+10', 0.6],
    [['kind' => 'ellipse'], 'ends', 'open', ArcEnds::Open], [['kind' => 'polygon'], 'points', '+2', 8], [['kind' => 'polygon'], 'innerRadius', '38%', 0.38],
]);

it('refuses what no shape is', function (array $own, string $field, string $typed, string $problem): void {
    $tree = shapeOn($own);
    expect(fn () => Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => [theShape($tree)->id], 'field' => $field, 'value' => $typed]))->toThrow(InvalidInput::class, $problem);
})->with([
    [['kind' => 'ellipse'], 'sweep', '0', 'Sweep must lie between 1 and 360'], [['kind' => 'ellipse'], 'hole', '100%', 'Hole must lie between 0 and 99'],
    [['kind' => 'polygon'], 'points', '2', 'Points must lie between 3 and 100'], [['kind' => 'polygon'], 'points', '101', 'Points must lie between 3 and 100'], [['kind' => 'polygon'], 'innerRadius', '4%', 'Inner radius must lie between 5 and 100'],
]);

it('becomes a path of the same outline, its rounding a number still', function (array $own, float $rounding): void {
    $before = theShape($tree = shapeOn($own));
    $after = theShape(Sample::after($tree, ['type' => 'convert-to-paths', 'screen' => 'home', 'layers' => [$before->id]]));
    assert($after->content instanceof PathLayer && ($before->content instanceof Ellipse || $before->content instanceof PolygonLayer));
    $area = fn (PathData $path): float => Curves::of($path)->area();
    expect($area(PathData::parse($after->content->outline())))->toEqualWithDelta($area($before->content->path($before->box)), 2.0)->and($after->content->rounding)->toEqual($rounding)
        ->and($after->fills)->toEqual($before->fills);
})->with([[['kind' => 'ellipse', 'sweep' => 200, 'hole' => 0.4], 0.0], [['kind' => 'ellipse', 'hole' => 0.4], 0.0], [['kind' => 'polygon', 'points' => 5, 'innerRadius' => 0.4, 'rounding' => 3], 3.0]]);

it('is a part of a compound: a bar over a ring leaves its hole', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 's', 'layers' => [
        ['id' => 'ring', 'kind' => 'ellipse', 'hole' => 0.5, 'x' => 100, 'y' => 100, 'width' => 100, 'height' => 100], ['id' => 'hexagon', 'kind' => 'polygon', 'x' => 300, 'y' => 100, 'width' => 20, 'height' => 20],
    ]]);
    $ids = array_slice(array_map(strval(...), array_keys($tree->layers)), -2);
    $compound = theShape(Sample::after($tree, ['type' => 'combine-layers', 'screen' => 'home', 'layers' => $ids, 'operation' => 'union', 'seed' => 'c']));
    assert($compound->content instanceof Kindred\Document\Layer\Compound);
    expect(abs(Curves::of(PathData::parse($compound->content->d))->area()))->toEqualWithDelta(M_PI * 2500 * 0.75 + 1.5 * sqrt(3) * 100, 5.0);
});

it('has the strokes and shadows that its edge can have', function (): void {
    $open = new Ellipse(sweep: 90, ends: ArcEnds::Open);
    expect($open->paint()['strokes'])->toContain('position')->not->toContain('end')
        ->and((new Ellipse(sweep: 90))->paint()['strokes'])->toContain('end')->not->toContain('position')
        ->and((new Ellipse)->paint()['effects'])->not->toContain('spread')->and((new Ellipse(hole: 0.2))->paint()['effects'])->toContain('spread');
    $tree = shapeOn(['kind' => 'ellipse', 'hole' => 0.5, 'effects' => [['colour' => '#000000', 'blur' => 4]], 'strokes' => [['colour' => '#000000', 'width' => 4, 'position' => StrokePosition::Inside->value]]]);
    $drawn = Sample::renderer()->layer($tree, theShape($tree), Sample::rendering()->with(finish: Finish::Dressed));
    // The shadow is one of all that it paints; the stroke lies in the ring, not in its hole.
    expect(substr_count($drawn, 'drop-shadow'))->toBe(1)->and($drawn)->toContain('<clipPath');
});
