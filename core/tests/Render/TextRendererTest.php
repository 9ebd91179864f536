<?php

declare(strict_types=1);

use Kindred\Document\Tree;
use Kindred\Geometry\PathData;
use Kindred\Render\TextMode;
use Kindred\Tests\Sample;
use Kindred\Type\LaidLine;
use Kindred\Type\TextAlign;
use Kindred\Type\TextStyle;
use Kindred\Type\Typesetter;

/**
 * The words of the sample set otherwise, and the screen drawn.
 *
 * @param  array<string, string>  $facets
 */
function wordsSet(array $facets, string $words = 'Good clay'): Tree
{
    $commands = [['type' => 'set-words', 'screen' => 'home', 'layer' => 'words', 'words' => $words]];
    foreach ($facets as $field => $value) {
        $commands[] = ['type' => 'set-field', 'screen' => 'home', 'layers' => ['words'], 'field' => $field, 'value' => $value];
    }

    return Sample::after(Sample::tree(), ...$commands);
}

/** The element that holds the words of the sample, or what takes hold of them. */
function drawnWords(Tree $tree, string $element, bool $editable = false, TextMode $text = TextMode::Live): ?DOMElement
{
    $document = new DOMDocument;
    // Read as the wall reads it: in HTML an attribute keeps its line breaks.
    $document->loadHTML('<?xml encoding="UTF-8">'.Sample::renderer()->screen($tree, $tree->screen('home'), Sample::rendering($editable, $text)), LIBXML_NOERROR);
    foreach ($document->getElementsByTagName($element) as $one) {
        if ($editable === false || ($one->parentNode instanceof DOMElement && $one->parentNode->getAttribute('data-layer') === 'words')) {
            return $one;
        }
    }

    return null;
}

it('says how words are set', function (array $facets, string $attribute, string $value): void {
    expect(drawnWords(wordsSet($facets), 'text')?->getAttribute($attribute))->toBe($value);
})->with([
    'plain words are upright' => [[], 'font-style', ''], [['style.italic' => 'true'], 'font-style', 'italic'],
    'a weight that the family lacks' => [['style.family' => 'Spectral', 'style.weight' => '900'], 'font-weight', '700'],
    'a family that is not at hand' => [['style.family' => 'Nobody Sans'], 'font-family', 'Hanken Grotesk, sans-serif'],
    'tracking in px' => [['style.size' => '20', 'style.letterSpacing' => '0.1'], 'letter-spacing', '2'], 'no tracking' => [[], 'letter-spacing', ''],
    'a colour that lets through' => [['fills.0.colour' => '#a94c3180'], 'fill', '#a94c31'],
]);

it('puts each line where it was laid', function (): void {
    $tree = wordsSet(['wrapped' => 'true', 'width' => '80', 'style.align' => 'right', 'style.italic' => 'true'], "Two bowls to\n\nthe kiln");
    $style = new TextStyle(align: TextAlign::Right, italic: true);
    $laid = (new Typesetter(Sample::faces()))->lay("Two bowls to\n\nthe kiln", $style, 80);
    $spans = iterator_to_array(drawnWords($tree, 'text')?->getElementsByTagName('tspan') ?? new ArrayIterator);
    $filled = array_values(array_filter($laid->lines, fn (LaidLine $line): bool => trim($line->text) !== ''));
    expect(array_map(fn (DOMElement $span): string => $span->textContent, $spans))->toBe(array_map(fn (LaidLine $line): string => $line->text, $filled));
    foreach ($spans as $i => $span) {
        expect((float) $span->getAttribute('x'))->toEqualWithDelta($filled[$i]->x, 0.001)
            ->and((float) $span->getAttribute('y'))->toEqualWithDelta($filled[$i]->baseline, 0.001);
    }
});

it('draws outlines as wide as the words, between their cap height and baseline', function (string $family, string $italic): void {
    $tree = wordsSet(['style.family' => $family, 'style.size' => '100', 'style.italic' => $italic], 'HH');
    $bounds = PathData::parse(drawnWords($tree, 'path', true, TextMode::Outlines)?->getAttribute('d') ?? '')->bounds();
    $face = Sample::faces()->face($family, 400, $italic === 'true');
    $lean = $italic === 'true' && ! Sample::faces()->hasItalic($family) ? $face->capHeight() * 25 : 0.0;
    expect($bounds?->height)->toEqualWithDelta($face->capHeight() * 100, 1.5)
        ->and($bounds?->width)->toBeLessThan($face->width('HH') * 100 + $lean + 12)->toBeGreaterThan($face->width('HH') * 70);
})->with(['Hanken Grotesk', 'Bricolage Grotesque', 'Lora', 'JetBrains Mono'], ['false', 'true']);

it('tells the wall what the lines do not show', function (array $facets, string $words, string $set, string $typed): void {
    $grip = drawnWords(wordsSet($facets, $words), 'rect', true);
    expect($grip?->getAttribute('data-set'))->toBe($set)->and($grip?->getAttribute('data-words'))->toBe($typed);
})->with([
    'one line says all' => [[], 'Good clay', '', ''],
    'two lines' => [[], "Good\nclay", '', "Good\nclay"],
    'another case' => [['style.transform' => 'uppercase'], 'Good clay', 'uppercase', 'Good clay'],
    'all of it' => [['wrapped' => 'true', 'width' => '200', 'style.align' => 'center', 'style.trim' => 'true', 'style.italic' => 'true'], 'Clay', 'wrapped center trim italic', ''],
]);

it('keeps hold of words that are empty', function (): void {
    $tree = wordsSet([], '   ');
    expect(drawnWords($tree, 'text'))->toBeNull()->and(drawnWords($tree, 'rect', true)?->getAttribute('pointer-events'))->toBe('all');
});
