<?php

declare(strict_types=1);

use Kindred\Document\Edit\Likeness;
use Kindred\Document\Edit\Look;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Layer\PictureFit;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Sample;

function field(string $layer, string $field, string $value): array
{
    return ['type' => 'set-field', 'screen' => 'home', 'layers' => [$layer], 'field' => $field, 'value' => $value];
}

it('gives layers the look of another, as far as they have what makes it up', function (): void {
    $tree = Sample::after(Sample::tree(),
        field('boxa', 'fills.0.colour', '#a94c31'), field('boxa', 'strokes.0.colour', '#17594f'), field('boxa', 'strokes.0.width', '3'), field('boxa', 'corners.topLeft', '9'), field('boxa', 'opacity', '40'),
    );
    $look = Look::of($tree->layer('boxa'));
    $tree = Sample::after($tree, ['type' => 'set-style', 'screen' => 'home', 'layers' => ['words', 'icon', 'left'], 'style' => $look]);
    $words = Look::of($tree->layer('words'));
    expect($words['fills'])->toBe([['colour' => '#a94c31']])->and($words['opacity'])->toBe(0.4)->and($words)->not->toHaveKey('strokes')->and($words['style.family'])->toBe(Look::of(Sample::tree()->layer('words'))['style.family'])
        ->and(Look::of($tree->layer('left')))->toBe($look)
        ->and($tree->layer('left')->box)->toEqual(Sample::tree()->layer('left')->box);
    // A look without a stroke takes the stroke away.
    $tree = Sample::after($tree, ['type' => 'set-style', 'screen' => 'home', 'layers' => ['left'], 'style' => ['strokes' => []]]);
    expect($tree->layer('left')->strokes)->toBe([]);
});

it('finds what looks alike, in all or in one thing', function (Likeness $by, array $found): void {
    $tree = Sample::after(Sample::tree(), field('boxa', 'fills.0.colour', '#123456'), field('left', 'fills.0.colour', '#123456'), field('right', 'fills.0.colour', '#123456'), field('icon', 'fills.0.colour', '#123456'), field('right', 'strokes.0.width', '2'));
    $ids = array_map(fn ($layer): string => $layer->id, $by->among($tree->layers, [$tree->layer('boxa')]));
    sort($ids);
    expect($ids)->toBe($found);
})->with([[Likeness::Fill, ['boxa', 'icon', 'left', 'right']], [Likeness::Look, ['boxa', 'left']], [Likeness::Stroke, []], [Likeness::Type, []]]);

it('makes another shape of one, of the same paint in the same place', function (): void {
    $before = Sample::after(Sample::tree(), field('boxa', 'fills.0.colour', '#123456'), field('boxa', 'strokes.0.colour', ''));
    $ellipse = Sample::after($before, field('boxa', 'kind', 'ellipse'));
    expect($ellipse->layer('boxa')->kind())->toBe('ellipse')->and($ellipse->layer('boxa')->box)->toEqual($before->layer('boxa')->box)->and($ellipse->layer('boxa')->fills)->toEqual($before->layer('boxa')->fills);
    $line = Sample::after($ellipse, field('boxa', 'kind', 'line'))->layer('boxa');
    expect($line->strokes[0]->colour()->toHex())->toBe('#123456')
        ->and(Sample::after($before, field('words', 'kind', 'ellipse'))->layer('words')->kind())->toBe('text')
        ->and(fn (): Tree => Sample::after($before, field('boxa', 'kind', 'cloud')))->toThrow(InvalidInput::class, 'Shapes are box, ellipse, polygon and line');
});

// Oracle: CSS Images 3, object-fit and object-position (50% of the free space is before the picture).
it('lays a picture into its box as CSS does', function (PictureFit $fit, float $zoom, float $x, float $y, array $place): void {
    $at = (new Picture(str_repeat('a', 64), $fit, $zoom, $x, $y))->place(200, 100, [400, 400]);
    expect([$at->x, $at->y, $at->width, $at->height])->toEqual($place);
})->with([
    [PictureFit::Cover, 1, 0.5, 0.5, [0, -50, 200, 200]], [PictureFit::Cover, 1, 0, 1, [0, -100, 200, 200]], [PictureFit::Cover, 2, 0.25, 0, [-50, 0, 400, 400]],
    [PictureFit::Contain, 1, 1, 0.5, [100, 0, 100, 100]], [PictureFit::Fill, 1, 0.5, 0.5, [0, 0, 200, 100]],
]);

it('says in percent how large a picture is and where it lies', function (): void {
    $picture = ['type' => 'create-layers', 'screen' => 'home', 'seed' => 's', 'layers' => [['kind' => 'picture', 'asset' => str_repeat('a', 64), 'x' => 0, 'y' => 0, 'width' => 200, 'height' => 100]]];
    $tree = Sample::after(Sample::tree(), $picture);
    $id = (string) array_key_last($tree->layers);
    $content = Sample::after($tree, field($id, 'zoom', '150'), field($id, 'zoom', '+50'), field($id, 'positionX', '25%'))->layer($id)->content;
    expect($content instanceof Picture ? [$content->zoom, $content->positionX, $content->positionY] : null)->toEqual([2.0, 0.25, 0.5])
        ->and(fn (): Tree => Sample::after($tree, field($id, 'positionY', '140')))->toThrow(InvalidInput::class, 'Position down must lie between 0 and 100 %');
});
