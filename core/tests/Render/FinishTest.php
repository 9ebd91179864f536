<?php

declare(strict_types=1);

use Kindred\Document\Difference;
use Kindred\Document\Finish;
use Kindred\Document\Tree;
use Kindred\Geometry\PathData;
use Kindred\Paint\Colour;
use Kindred\Render\Finish\RoughPen;
use Kindred\Render\TextMode;
use Kindred\Tests\Sample;

/** The sample with one layer of every kind, all of them in colour, on a coloured ground. */
function everyKind(string $finish): Tree
{
    $file = Sample::file();
    $file['finish'] = $finish;
    $paint = ['fills' => [['colour' => '#a94c31'], ['colour' => '#2f4a3c80']], 'strokes' => [['colour' => '#b97a0c', 'width' => 2]]];
    $at = fn (int $i): array => ['id' => "kind{$i}", 'x' => 10, 'y' => $i * 60, 'width' => 120, 'height' => 50];
    $style = ['family' => 'Spectral', 'weight' => 600, 'size' => 18, 'lineHeight' => 1.3];
    $file['pictures'] = [hash('sha256', 'x') => base64_encode('x')];
    $file['screens'][0] = ['ground' => '#f6efe6', 'layers' => [
        ['kind' => 'box', 'corners' => ['topLeft' => 12]] + $at(0) + $paint,
        ['kind' => 'ellipse'] + $at(1) + $paint,
        ['kind' => 'line'] + $at(2) + $paint,
        ['kind' => 'path', 'd' => 'M0 0C40 80 90 -30 120 50Z'] + $at(3) + $paint,
        ['kind' => 'text', 'words' => 'Two bowls to collect from shelf C', 'wrapped' => true, 'style' => $style] + $at(4) + $paint,
        ['kind' => 'icon', 'icon' => 'check'] + $at(5) + $paint,
        ['kind' => 'picture', 'asset' => hash('sha256', 'x'), 'corners' => ['topLeft' => 9, 'topRight' => 9, 'bottomRight' => 9, 'bottomLeft' => 9]] + $at(6),
        ['kind' => 'stack', 'children' => [['kind' => 'box', 'id' => 'inner', 'width' => 30, 'height' => 20] + $paint]] + $at(7) + $paint,
        ['kind' => 'text', 'words' => 'Words without a colour', 'style' => $style] + $at(8),
        ['kind' => 'box', 'height' => 1] + $at(9) + ['fills' => [['colour' => '#e2d6c6']]],
    ]] + $file['screens'][0];
    $tree = \Kindred\Exchange\ProjectFile::read((string) json_encode($file))->tree;

    return Sample::relayout()->after(new Tree($tree->project), $tree);
}

function drawnAs(string $finish, TextMode $text = TextMode::Live, bool $editable = false): string
{
    $tree = everyKind($finish);

    return Sample::renderer()->screen($tree, $tree->screen('home'), Sample::rendering($editable, $text));
}

it('is grey all over where it is not dressed', function (string $finish, TextMode $text): void {
    preg_match_all('/(?:fill|stroke)="(#[0-9a-f]{6})"/', drawnAs($finish, $text), $found);
    expect($found[1])->not->toBeEmpty();
    foreach ($found[1] as $colour) {
        expect(substr($colour, 1, 2).substr($colour, 1, 2).substr($colour, 1, 2))->toBe(substr($colour, 1));
    }
})->with(['rough', 'plain'])->with([TextMode::Live, TextMode::Outlines]);

it('keeps gradients, of areas and of lines, in greys of the same luminance', function (string $finish): void {
    $file = Sample::file();
    $file['finish'] = $finish;
    $gradient = ['kind' => 'linear', 'stops' => [['colour' => '#a94c31', 'at' => 0], ['colour' => '#f2d6a2', 'at' => 1]]];
    $painted = ['x' => 10, 'y' => 10, 'width' => 120, 'height' => 50, 'strokes' => [['width' => 4] + $gradient]];
    $file['screens'][0]['layers'] = [
        ['id' => 'closed', 'kind' => 'box', 'fills' => [$gradient]] + $painted,
        ['id' => 'open', 'kind' => 'path', 'd' => 'M0 0C40 80 90 -30 120 50'] + $painted,
        ['id' => 'line', 'kind' => 'line'] + $painted,
        ['id' => 'sides', 'kind' => 'box', 'strokes' => [['width' => 4, 'sides' => ['top' => 4, 'bottom' => 2]] + $gradient]] + $painted,
        ['id' => 'rule', 'kind' => 'box', 'height' => 1, 'strokes' => [], 'fills' => [$gradient]] + $painted,
        ['id' => 'icon', 'kind' => 'icon', 'icon' => 'check', 'strokes' => [], 'fills' => [$gradient]] + $painted,
    ];
    $tree = \Kindred\Exchange\ProjectFile::read((string) json_encode($file))->tree;
    $drawing = new DOMDocument;
    $drawing->loadXML(Sample::renderer()->screen($tree, $tree->screen('home'), Sample::rendering(true)));
    $path = new DOMXPath($drawing);
    foreach (['closed', 'open', 'line', 'sides', 'rule', 'icon'] as $id) {
        $layer = "//*[@data-layer='{$id}']";
        $painted = $path->query("{$layer}//@stroke[starts-with(., 'url(#')] | {$layer}//@fill[starts-with(., 'url(#')]");
        expect($painted->length)->toBeGreaterThan(0, $id);
        foreach ($painted as $reference) {
            $stops = $path->query("//*[@id='".substr($reference->value, 5, -1)."']/*[local-name()='stop']/@stop-color");
            expect([$stops[0]?->value, $stops[$stops->length - 1]?->value])->toBe(array_map(fn (string $colour): string => Colour::parse($colour)->grey()->toHex(), ['#a94c31', '#f2d6a2']), $id);
        }
    }
})->with(['rough', 'plain']);

it('draws no edge by hand round what is clear', function (): void {
    $file = Sample::file();
    $file['finish'] = 'rough';
    $file['screens'][0]['layers'] = [['id' => 'room', 'kind' => 'box', 'x' => 10, 'y' => 10, 'width' => 120, 'height' => 50, 'fills' => [['colour' => '#ffffff00']]]];
    $tree = \Kindred\Exchange\ProjectFile::read((string) json_encode($file))->tree;
    expect(preg_match('/<g[^>]*data-layer="room"[^>]*>(.*?)<\/g>/s', Sample::renderer()->screen($tree, $tree->screen('home'), Sample::rendering(true)), $found))->toBe(1)
        ->and($found[1])->not->toContain('<path');
});

it('changes no box and no word, only how they are drawn', function (string $finish): void {
    $facts = function (string $svg): array {
        preg_match_all('/data-box="[^"]*"|<tspan[^>]*>([^<]*)/', $svg, $found);

        return array_map(fn (string $text): string => preg_replace('/<tspan.*?>/', '', $text), $found[0]);
    };
    expect($facts(drawnAs($finish, editable: true)))->toBe($facts(drawnAs('dressed', editable: true)))
        ->and(drawnAs($finish))->not->toBe(drawnAs('dressed'));
})->with(['rough', 'plain']);

it('draws the same by hand every time, each layer in its own way', function (): void {
    expect(drawnAs('rough'))->toBe(drawnAs('rough'))->and(drawnAs('rough', TextMode::Outlines))->toBe(drawnAs('rough', TextMode::Outlines));
    $square = PathData::parse('M0 0H100V60H0z');
    expect((new RoughPen('one'))->strokes($square, 60))->toBe((new RoughPen('one'))->strokes($square, 60))
        ->not->toBe((new RoughPen('two'))->strokes($square, 60));
});

it('keeps a hand-drawn edge within a few px of the true one, and draws it twice', function (): void {
    foreach (['home', 'kiln', 'clay', 'fern'] as $seed) {
        [$first, $second] = (new RoughPen($seed))->strokes(PathData::parse('M0 0H300V200H0z'), 200);
        expect($first)->not->toBe($second);
        foreach ([$first, $second] as $stroke) {
            foreach (PathData::parse($stroke)->points(12) as $point) {
                $off = min(abs($point->x), abs($point->x - 300), abs($point->y), abs($point->y - 200));
                expect($off)->toBeLessThan(4.0)->and($point->x)->toBeGreaterThan(-4)->toBeLessThan(304);
            }
        }
    }
    // What is small is drawn with a calmer hand.
    $bounds = PathData::parse((new RoughPen('dot'))->strokes(PathData::parse('M0 0H8V8H0z'), 8)[0])->bounds();
    expect($bounds?->width)->toBeGreaterThan(7)->toBeLessThan(9);
});

it('fits hand lettering to the lines of the true face', function (): void {
    preg_match_all('/textLength="([\d.]+)" lengthAdjust="spacingAndGlyphs">([^<]+)/', drawnAs('rough'), $found);
    $face = Sample::faces()->face('Spectral', 600);
    expect($found[2])->toContain('Two bowls to');
    foreach ($found[2] as $i => $line) {
        expect((float) $found[1][$i])->toEqualWithDelta($face->width($line) * 18, 0.051);
    }
});

it('keeps every contrast: a grey is as light as the colour it stands for', function (string $colour): void {
    $colour = Colour::parse($colour);
    expect($colour->grey()->luminance())->toEqualWithDelta($colour->luminance(), 0.004)
        ->and($colour->grey()->alpha)->toBe($colour->alpha)
        ->and(abs($colour->grey()->contrastRatio(Colour::parse('#ffffff')) / $colour->contrastRatio(Colour::parse('#ffffff')) - 1))->toBeLessThan(0.03);
})->with(['#a94c31', '#2f4a3c', '#d9a441', '#ffffff', '#000000', '#17594f80', '#0000ff']);

it('is that of the project unless a screen has its own, one step each, taken back exactly', function (): void {
    $tree = Sample::tree();
    $rough = Sample::after($tree, ['type' => 'set-finish', 'finish' => 'rough']);
    $own = Sample::after($rough, ['type' => 'set-screen-field', 'screen' => 'next', 'field' => 'finish', 'value' => 'plain']);
    expect([$tree->finish('home'), $rough->finish('home'), $own->finish('home'), $own->finish('next'), $own->finish(null)])
        ->toBe([Finish::Dressed, Finish::Rough, Finish::Rough, Finish::Plain, Finish::Dressed])
        ->and(Sample::plain(Difference::between($tree, $own)->inverse()->applyTo($own)))->toBe(Sample::plain($tree))
        ->and(Difference::between($tree, $own)->layers())->toBe([])
        ->and(Sample::after($own, ['type' => 'set-screen-field', 'screen' => 'next', 'field' => 'finish', 'value' => ''])->finish('next'))->toBe(Finish::Rough);
});

it('is refused by name where there is none of that', function (): void {
    expect(fn () => Sample::command(['type' => 'set-finish', 'finish' => 'shiny']))->toThrow(Kindred\Input\InvalidInput::class, 'rough, plain, dressed')
        ->and(fn () => Sample::after(Sample::tree(), ['type' => 'set-screen-field', 'screen' => 'home', 'field' => 'finish', 'value' => 'shiny']))->toThrow(Kindred\Input\InvalidInput::class, 'one of these is expected: rough, plain, dressed');
});
