<?php

declare(strict_types=1);

use Kindred\Document\Address;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Tests\Sample;

/** A screen with these layers. */
function seenThrough(array ...$layers): Tree
{
    return ProjectFile::read((string) json_encode(['format' => 'kindred-canvas', 'version' => 3, 'name' => 'Glass', 'screens' => [
        ['id' => 'home', 'name' => 'Home', 'device' => 'custom', 'x' => 0, 'y' => 0, 'width' => 200, 'height' => 200, 'ground' => '#f4efe6', 'layers' => $layers],
    ]]))->tree;
}

/** A box of a colour, which is its id. */
function pane(string $colour, array $more = []): array
{
    return $more + ['id' => "c{$colour}", 'kind' => 'box', 'x' => 10, 'y' => 10, 'width' => 100, 'height' => 60, 'fills' => [['colour' => "#{$colour}"]]];
}

/** One that what lies behind is seen through, out of focus. */
function glass(string $id = 'glass', array $more = []): array
{
    return $more + ['id' => $id, 'kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 200, 'height' => 40, 'fills' => [['colour' => '#ffffff40']], 'effects' => [['kind' => 'backdrop', 'adjustment' => ['blur' => 6]]]];
}

/** @return list<string> the colours that are drawn again behind a layer, in a picture that stands alone */
function colours(Tree $tree, string $id = 'glass'): array
{
    $drawn = Sample::renderer()->screen($tree, $tree->screen('home'), Sample::rendering()->with(alone: true));
    $document = new DOMDocument;
    expect($document->loadXML($drawn))->toBeTrue();
    $found = [];
    foreach ((new DOMXPath($document))->query("//*[@filter='url(#{$id}-behind)']//@fill") ?: [] as $fill) {
        $found[] = ltrim($fill->nodeValue ?? '', '#');
    }

    return $found;
}

it('draws behind a layer all that lies before it, in its order, and nothing that lies over it', function (): void {
    $pair = ['id' => 'pair', 'kind' => 'group', 'x' => 5, 'y' => 5, 'width' => 120, 'height' => 70, 'children' => [pane('222222'), pane('333333')]];
    expect(colours(seenThrough(pane('111111'), $pair, glass(), pane('444444'))))->toBe(['f4efe6', '111111', '222222', '333333'])
        // From within a group all is seen, too.
        ->and(colours(seenThrough(pane('111111'), ['children' => [pane('222222'), glass(), pane('333333')]] + $pair)))->toBe(['f4efe6', '111111', '222222'])
        // What is hidden is not there.
        ->and(colours(seenThrough(pane('111111', ['hidden' => true]), pane('222222'), glass())))->toBe(['f4efe6', '222222']);
});

it('sees nothing beyond a group that is put together by itself first', function (array $group): void {
    $pair = ['id' => 'pair', 'kind' => 'group', 'x' => 5, 'y' => 5, 'width' => 120, 'height' => 70, 'children' => [pane('222222'), glass()]];
    expect(colours(seenThrough(pane('111111'), $group + $pair)))->toBe(['222222']);
})->with([
    'half clear' => [['opacity' => 0.5]],
    'mixed with what lies below' => [['blend' => 'multiply']],
    'isolated' => [['isolation' => 'isolate']],
    'out of focus' => [['effects' => [['kind' => 'blur', 'radius' => 2]]]],
    'fading out' => [['masks' => [['kind' => 'linear', 'stops' => [['colour' => '#000000', 'at' => 0], ['colour' => '#00000000', 'at' => 1]]]]]],
    'masked' => [['children' => [pane('222222'), glass(), pane('333333', ['masking' => true])]]],
]);

it('leaves out of what lies behind one layer how another is seen through', function (): void {
    // Each would hold all the ones before it, twice as much with every one of them.
    expect(colours(seenThrough(pane('111111'), glass('first'), glass('second'), glass('third')), 'third'))->toBe(['f4efe6', '111111', 'ffffff', 'ffffff']);
});

it('turns what lies behind back where the layer is turned', function (): void {
    $tree = seenThrough(pane('111111'), glass(more: ['x' => 40, 'y' => 50, 'rotation' => 30]));
    $drawn = Sample::renderer()->screen($tree, $tree->screen('home'), Sample::rendering()->with(alone: true));
    expect($drawn)->toContain('<g transform="rotate(-30 100 20)translate(-40 -50)"><rect width="200" height="200" fill="#f4efe6"/>');
});

it('draws so much again and no more', function (): void {
    $many = seenThrough(...array_map(fn (int $i): array => glass("glass{$i}", ['x' => $i % 20, 'y' => intdiv($i, 20)]), range(1, 1000)));
    $drawn = Sample::renderer()->screen($many, $many->screen('home'), Sample::rendering()->with(alone: true));
    // The last that was begun is drawn to its end.
    expect(strlen($drawn))->toBeBetween(16_000_000, 18_000_000)->and(substr_count($drawn, 'data-layer="glass1000"'))->toBe(1);
    // The next picture has as much of its own.
    expect(strlen(Sample::renderer()->screen($many, $many->screen('home'), Sample::rendering()->with(alone: true))))->toBe(strlen($drawn));
});

it('leaves it to the browser on a page', function (): void {
    $tree = seenThrough(pane('111111'), glass());
    $drawn = Sample::renderer()->screen($tree, $tree->screen('home'), Sample::rendering(true));
    expect($drawn)->toContain('<g class="behind" clip-path="url(#glass-through)"><g filter="blur(6px)" pointer-events="none"/></g>')->and(substr_count($drawn, '#111111'))->toBe(1);
});

it('is told as a picture of its own what lies behind a layer', function (): void {
    $tree = seenThrough(pane('111111'), pane('222222', ['x' => 700, 'y' => 700]), pane('333333', ['x' => 20, 'y' => 20]), pane('444444'));
    $behind = Sample::renderer()->behind($tree, Address::of('c333333'), Sample::rendering()->with(alone: true));
    // As large as the layer; what is far from it does not count, nor what is over it, nor the layer itself.
    expect($behind)->toContain('viewBox="20 20 100 60"')->toContain('#111111')->not->toContain('#222222')->not->toContain('#333333')->not->toContain('#444444');
});

it('reckons with what lies near enough to be seen, when a picture stands alone', function (array $layer, array $region): void {
    $tree = seenThrough($layer);
    $drawn = Sample::renderer()->screen($tree, $tree->screen('home'), Sample::rendering()->with(alone: true));
    expect(preg_match('/<filter id="[^"]*" filterUnits="userSpaceOnUse" x="([^"]*)" y="([^"]*)" width="([^"]*)" height="([^"]*)"/', $drawn, $found))->toBe(1)
        ->and(array_map(floatval(...), array_slice($found, 1)))->toEqual($region);
})->with([
    // Three standard deviations of 5 px, and one px.
    'a shadow, around the shape' => [pane('111111', ['effects' => [['colour' => '#000000', 'offsetY' => 20, 'blur' => 10]]]), [-16, -16, 132, 92]],
    'a shadow that has spread' => [pane('111111', ['effects' => [['colour' => '#000000', 'blur' => 10, 'spread' => 4]]]), [-20, -20, 140, 100]],
    'an inner shadow, where the shape is in it' => [pane('111111', ['effects' => [['colour' => '#000000', 'offsetX' => 3, 'offsetY' => 20, 'blur' => 10, 'inner' => true]]]), [-19, -36, 132, 92]],
    'a blur with what the stroke needs' => [pane('111111', ['strokes' => [['colour' => '#000000', 'width' => 4]], 'effects' => [['kind' => 'blur', 'radius' => 2]]]), [-11, -11, 122, 82]],
    'what is seen through' => [glass(), [-19, -19, 238, 78]],
]);
