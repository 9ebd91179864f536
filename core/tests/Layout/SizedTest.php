<?php

declare(strict_types=1);

use Kindred\Document\Overlay;
use Kindred\Document\Span;
use Kindred\Document\Tree;
use Kindred\Input\Reader;
use Kindred\Layout\Sized;
use Kindred\Layout\Turned;
use Kindred\Render\PlayedScreens;
use Kindred\Tests\Sample;

/* Screens at another size than they are drawn: turned on their side, and laid over screens of other devices. */

/** A sheet of 390 × 300 px with a bar that keeps both sides, a knob that keeps to the right and a foot that keeps to the bottom; a small phone and a tablet. */
function sheeted(array $over = [], array $screen = []): Tree
{
    $box = fn (string $id, float $x, float $y, float $width, array $pins, array $more = []): array => $more + ['id' => $id, 'kind' => 'box', 'name' => ucfirst($id), 'x' => $x, 'y' => $y, 'width' => $width, 'height' => 40, 'pins' => $pins];
    $screens = fn (string $id, string $device, float $x, float $width, float $height): array => ['type' => 'create-screen', 'screen' => ['id' => $id, 'name' => $id, 'device' => $device, 'x' => $x, 'y' => 2000, 'width' => $width, 'height' => $height]];
    $tree = Sample::after(Sample::tree(), $screens('sheet', 'phone', 0, 390, 300), $screens('small', 'small-phone', 500, 360, 640), $screens('slab', 'tablet', 1000, 820, 1180));
    $tree = $tree->withScreens($tree->screen('sheet')->with(...$screen, over: Overlay::read(Reader::of(['place' => 'bottom', 'scrim' => '#00000066'] + $over))));

    return Sample::after($tree, ['type' => 'create-layers', 'screen' => 'sheet', 'seed' => 's', 'layers' => [
        $box('bar1', 24, 20, 342, ['left' => true, 'right' => true, 'top' => true]), $box('knob', 326, 80, 40, ['right' => true, 'top' => true]), $box('foot', 24, 240, 342, ['left' => true, 'right' => true, 'bottom' => true]),
    ]]);
}

/** @return array<string, array{float, float, float, float}> boxes by name */
function boxesOn(Tree $tree, string $screen): array
{
    $found = [];
    foreach ($tree->layersOf($screen) as $layer) {
        $found[$layer->name] = [$layer->box->x, $layer->box->y, $layer->box->width, $layer->box->height];
    }

    return $found;
}

it('lays out a screen at another size by its pins, and leaves the document as it was', function (): void {
    $tree = sheeted();
    $laid = (new Sized(Sample::relayout()))->lay($tree, $tree->screen('sheet'), 800, 500);
    expect(boxesOn($laid, 'sheet'))->toEqual(['Bar1' => [24, 20, 752, 40], 'Knob' => [736, 80, 40, 40], 'Foot' => [24, 440, 752, 40]])
        ->and([$laid->screen('sheet')->box->width, $laid->screen('sheet')->box->height, $laid->screen('sheet')->view])->toEqual([800, 500, 500])
        ->and(boxesOn($tree, 'sheet')['Foot'])->toEqual([24, 240, 342, 40]);
});

it('stays as long as its layers need it where it comes to be lower', function (): void {
    $tree = sheeted();
    $low = Sample::after($tree, ['type' => 'create-layers', 'screen' => 'sheet', 'seed' => 'l', 'layers' => [['kind' => 'box', 'name' => 'Low', 'x' => 0, 'y' => 200, 'width' => 40, 'height' => 90, 'pins' => ['left' => true, 'top' => true]]]]);
    $laid = (new Sized(Sample::relayout()))->lay($low, $low->screen('sheet'), 390, 120);
    expect([$laid->screen('sheet')->box->height, $laid->screen('sheet')->view])->toEqual([290, 120]);
});

it('turns whole devices that are held in the hand, and no sheets and no desks', function (): void {
    $tree = Sample::after(sheeted(), ['type' => 'create-screen', 'screen' => ['id' => 'desk', 'name' => 'desk', 'device' => 'desktop', 'x' => 3000, 'y' => 0, 'width' => 1440, 'height' => 900]]);
    $turned = (new Turned(Sample::relayout()))->lay($tree);
    $size = fn (string $id): array => [$turned->screen($id)->box->width, $turned->screen($id)->view];
    expect($size('small'))->toEqual([640, 360])->and($size('slab'))->toEqual([1180, 820])->and($size('sheet'))->toEqual([390, 300])->and($size('desk'))->toEqual([1440, 900]);
    // A menu that is a whole device is turned as its device is.
    $whole = sheeted(screen: ['view' => 844.0]);
    $whole = $whole->withScreens($whole->screen('sheet')->with(box: $whole->screen('sheet')->box->sized(390, 844)));
    $laid = (new Turned(Sample::relayout()))->lay($whole)->screen('sheet');
    expect([$laid->box->width, $laid->view])->toEqual([844, 390]);
});

it('draws what fills the screen below in each size that it may come to, and once where its size is its own', function (array $over, array $sizes): void {
    $tree = sheeted($over);
    $templates = [...(new PlayedScreens(Sample::renderer(), Sample::relayout()))->templates($tree, Sample::rendering()->with(working: true))];
    $of = array_values(array_filter($templates, fn (string $one): bool => str_contains($one, 'data-screen="sheet"')));
    $said = array_map(fn (string $one): string => preg_match('/^<template[^>]* data-size="([^"]*)"/', $one, $found) === 1 ? $found[1] : '', $of);
    expect($said)->toBe(['', ...$sizes]);
    foreach ($sizes as $i => $size) {
        [$width] = explode('x', $size);
        expect($of[$i + 1])->toMatch('/<svg[^>]* width="'.preg_quote($width, '/').'"/');
    }
    // No id stands twice on the page.
    preg_match_all('/ id="([^"]+)"/', implode('', $of), $ids);
    expect(array_unique($ids[1]))->toHaveCount(count($ids[1]));
})->with([
    'its own size' => [[], []],
    'wide: the phone has its own width' => [['width' => 'whole'], ['360x300', '820x300']],
    'wide between margins' => [['width' => 'whole', 'margin' => 16], ['358x300', '328x300', '788x300']],
    'high' => [['height' => 'whole', 'place' => 'left'], ['390x844', '390x640', '390x1180']],
    'all of it' => [['width' => 'whole', 'height' => 'whole'], ['390x844', '360x640', '820x1180']],
]);

it('goes by what is seen of a screen that ends before its device does', function (): void {
    $tree = sheeted(['width' => 'whole', 'height' => 'whole', 'margin' => 12.35]);
    $short = $tree->screen('small');
    $tree = $tree->withScreens($short->with(box: $short->box->sized(360, 400)));
    $templates = implode('', [...(new PlayedScreens(Sample::renderer(), Sample::relayout()))->templates($tree, Sample::rendering()->with(working: true))]);
    expect($templates)->toContain('data-size="335.3x375.3"')->not->toContain('x615.3');
});

it('draws no more sizes than can be had', function (): void {
    $tree = sheeted(['width' => 'whole']);
    foreach (range(1, 20) as $i) {
        $tree = $tree->withScreens($tree->screen('small')->with(id: "size{$i}", box: $tree->screen('small')->box->sized(400 + $i, 640)));
    }
    $templates = implode('', [...(new PlayedScreens(Sample::renderer(), Sample::relayout()))->templates($tree, Sample::rendering()->with(working: true))]);
    expect(substr_count($templates, 'data-size='))->toBe(Overlay::MOST_SIZES);
});

it('reads and writes size and margin, and refuses others', function (): void {
    $over = Overlay::read(Reader::of(['place' => 'bottom', 'scrim' => '#00000066', 'width' => 'whole', 'margin' => 12]));
    expect($over->width)->toBe(Span::Whole)->and($over->height)->toBe(Span::Own)->and($over->toArray())->toMatchArray(['width' => 'whole', 'margin' => 12])->not->toHaveKey('height')
        ->and(fn () => Overlay::read(Reader::of(['place' => 'bottom', 'scrim' => '#00000066', 'width' => 'half'])))->toThrow(Kindred\Input\InvalidInput::class, 'width')
        ->and(fn () => Overlay::read(Reader::of(['place' => 'bottom', 'scrim' => '#00000066', 'margin' => 401])))->toThrow(Kindred\Input\InvalidInput::class, 'margin');
    $tree = Sample::after(sheeted(), ['type' => 'set-screen-field', 'screen' => 'sheet', 'field' => 'over.height', 'value' => 'whole'], ['type' => 'set-screen-field', 'screen' => 'sheet', 'field' => 'over.margin', 'value' => '8']);
    expect([$tree->screen('sheet')->over?->height, $tree->screen('sheet')->over?->margin])->toEqual([Span::Whole, 8.0])
        ->and(fn () => Sample::after($tree, ['type' => 'set-screen-field', 'screen' => 'sheet', 'field' => 'over.margin', 'value' => '-1']))->toThrow(Kindred\Input\InvalidInput::class);
});
