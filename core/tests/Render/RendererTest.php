<?php

declare(strict_types=1);

use Kindred\Document\Edit\Field;
use Kindred\Document\Finish;
use Kindred\Document\Style\Corners;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Geometry\Box;
use Kindred\Render\TextMode;
use Kindred\Tests\Sample;

function svg(Tree $tree, bool $editable = false, TextMode $text = TextMode::Live): string
{
    return Sample::renderer()->screen($tree, $tree->screen('home'), Sample::rendering($editable, $text));
}

function xml(string $svg): DOMDocument
{
    $document = new DOMDocument;
    expect($document->loadXML($svg))->toBeTrue();

    return $document;
}

it('never lets what a person typed become markup', function (string $typed): void {
    $tree = Sample::after(Sample::tree(),
        ['type' => 'set-words', 'screen' => 'home', 'layer' => 'words', 'words' => $typed],
        ['type' => 'set-field', 'screen' => 'home', 'layers' => ['words'], 'field' => 'style.family', 'value' => trim($typed) === '' ? 'x' : mb_substr($typed, 0, 80)],
    );
    $plain = Sample::tree();
    foreach ([true, false] as $editable) {
        $count = fn (Tree $tree): array => array_count_values(array_map(fn (DOMNode $node): string => $node->nodeName, iterator_to_array(xml(svg($tree, $editable))->getElementsByTagName('*'))));
        $with = $count($tree);
        unset($with['tspan'], $with['text']);
        $without = $count($plain);
        unset($without['tspan'], $without['text']);
        expect($with)->toBe($without);
    }
})->with([
    '<script>alert(1)</script>', '"/><image href=x onerror=alert(1)>', "'; fill=\"red", '</text></svg><h1>', '&lt;b&gt; &amp; &#60;', "]]>\0\x08\x1b", '<!-- -->', "\u{FFFE}\u{202E}abc", '{{ 7*7 }} @php',
]);

it('shows words as they were typed', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'set-words', 'screen' => 'home', 'layer' => 'words', 'words' => '1 < 2 & "so"']);
    expect(xml(svg($tree))->getElementsByTagName('tspan')->item(0)?->textContent)->toBe('1 < 2 & "so"');
});

it('draws without style attributes, which the page’s policy forbids', function (): void {
    expect(svg(Sample::tree(), true))->not->toContain('style=')->not->toContain('<style');
});

it('draws text as outlines that lie where the live text does', function (): void {
    $outlined = svg(Sample::tree(), false, TextMode::Outlines);
    expect($outlined)->not->toContain('<text')->toContain('<path d="M');
});

it('leaves hidden layers out, but keeps them for the wall', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'mark-layers', 'screen' => 'home', 'layers' => ['boxa'], 'hidden' => true]);
    expect(svg($tree))->not->toContain('boxa')->and(svg($tree, true))->toContain('display="none"');
});

it('fits corner radii as CSS does', function (array $radii, float $width, float $height, array $fitted): void {
    $corners = (new Corners(...$radii))->fitted(new Box(0, 0, $width, $height));
    expect(array_values($corners->toArray()))->toEqual($fitted);
})->with([
    [[10, 10, 10, 10], 100, 50, [10, 10, 10, 10]],
    [[100, 100, 100, 100], 100, 50, [25, 25, 25, 25]],
    // CSS Backgrounds 3, section 4.5: all radii by the smallest ratio.
    [[80, 40, 0, 0], 60, 200, [40, 20, 0, 0]],
    [[5, 5, 5, 5], 0, 0, [0, 0, 0, 0]],
]);

it('answers to a tap in the whole box of what is linked', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'put-cue', 'screen' => 'home', 'layer' => 'icon', 'cue' => ['id' => 'cue1', 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'return']]]);
    expect(svg($tree))->toContain('<rect width="24" height="24" fill="none" pointer-events="all"/>')
        ->and(svg(Sample::tree()))->not->toContain('pointer-events');
});

it('turns a layer about its middle', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'rotation', 'value' => '90']);
    expect(svg($tree))->toContain('transform="translate(20 30)rotate(90 50 20)"');
});

it('draws a stroke inside, on or outside the edge', function (string $position, string $rect): void {
    $tree = Sample::after(Sample::tree(),
        ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'strokes.0.width', 'value' => '4'],
        ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'strokes.0.position', 'value' => $position],
    );
    expect(svg($tree))->toContain($rect);
})->with([['inside', '<rect x="2" y="2" width="96" height="36"'], ['centre', '<rect width="100" height="40" fill="none"'], ['outside', '<rect x="-2" y="-2" width="104" height="44"']]);

it('draws a gradient of which only one colour is seen as that colour', function (array $paint, string $fill): void {
    $stops = [['colour' => '#ff0000', 'at' => 0.3], ['colour' => '#00ff00', 'at' => 0.3], ['colour' => '#0000ff', 'at' => 0.3]];
    $tree = Sample::after(Sample::tree(), ['type' => 'put-field', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'fills', 'value' => [$paint + ['stops' => $stops]]]);
    $drawn = Sample::renderer()->layer($tree, $tree->layer('boxa'), Sample::rendering());
    expect($drawn)->toContain("fill=\"{$fill}\"")->not->toContain('Gradient')->not->toContain('pattern');
})->with([
    'repeating without length' => [['kind' => 'linear', 'repeats' => true], '#0000ff'],
    'round a point, repeating without length' => [['kind' => 'radial', 'repeats' => true], '#0000ff'],
    'about a point, repeating without length' => [['kind' => 'conic', 'repeats' => true], '#0000ff'],
    'without a size' => [['kind' => 'radial', 'extent' => 'own', 'radiusX' => 0, 'radiusY' => 0], '#0000ff'],
    'without a size, repeating' => [['kind' => 'radial', 'extent' => 'own', 'radiusX' => 0, 'radiusY' => 0, 'repeats' => true, 'stops' => [['colour' => '#ff0000', 'at' => 0], ['colour' => '#0000ff', 'at' => 1]]], '#800080'],
]);

/** What marks a stroke begins and ends with are drawn as, as path data. */
function marked(array $layer, array $stroke, Finish $finish = Finish::Dressed): string
{
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'marked', 'layers' => [$layer + ['x' => 10, 'y' => 10, 'strokes' => [$stroke + ['colour' => '#17594f', 'width' => 2]]]]]);
    $new = array_values(array_diff_key($tree->layers, Sample::tree()->layers))[0];

    return Sample::renderer()->layer($tree, $new, Sample::rendering()->in($finish));
}

it('begins and ends open strokes with marks that grow with their width', function (): void {
    $route = ['kind' => 'path', 'd' => 'M0 0L40 0'];
    // The tip of an arrow lies one and a half widths beyond the end, and points along the line.
    expect(marked($route, ['end' => 'arrow']))->toContain('<path d="M43 0L35 4L35 -4Z" fill="#17594f"/>')
        ->and(marked($route, ['start' => 'arrow', 'width' => 4]))->toContain('<path d="M-6 0L10 -8L10 8Z" fill="#17594f"/>')
        ->and(marked($route, ['start' => 'bar']))->toContain('d="M-1 -4L1 -4L1 4L-1 4Z"')
        ->and(marked($route, ['end' => 'dot']))->toContain('M36.5 0C')
        ->and(marked(['kind' => 'line', 'width' => 40, 'height' => 0], ['start' => 'bar', 'end' => 'arrow']))->toContain('M43 0L35 4L35 -4Z')
        // As far as a curve runs at its end.
        ->and(marked(['kind' => 'path', 'd' => 'M0 0C0 20 40 0 40 20'], ['end' => 'arrow']))->toContain('M40 23L36 15L44 15Z')
        // A handle on the end itself says nothing of the way.
        ->and(marked(['kind' => 'path', 'd' => 'M0 0C0 20 40 20 40 20'], ['end' => 'bar']))->toContain('M41 24L39 24L39 16L41 16Z')
        ->and(marked($route, ['end' => 'arrow'], Finish::Rough))->toContain('d="M43 0L35 4L35 -4Z"');
    // What is closed has no ends; nor have boxes such properties.
    expect(marked(['kind' => 'path', 'd' => 'M0 0L40 0L20 20Z'], ['end' => 'arrow']))->not->toContain('M43 0')
        ->and(Field::find('strokes.0.end')?->of(Sample::tree()->layer('boxa')))->toBeNull();
});

/**
 * What stands beside the home screen in a rehearsal: what opens from widgets, and keys.
 *
 * @param  list<array<string, mixed>>  $widgets
 * @return list<string>
 */
function besideScreen(array $widgets, string $device = 'phone', float $width = 390): array
{
    $file = Sample::file();
    $file['screens'][0] = ['device' => $device, 'width' => $width, 'layers' => array_map(fn (int $i, array $widget): array => $widget + ['id' => "widget{$i}", 'kind' => 'widget', 'name' => "Widget {$i}", 'x' => 20, 'y' => 80 * $i, 'width' => 300, 'height' => 60], array_keys($widgets), $widgets)] + $file['screens'][0];
    $tree = ProjectFile::read((string) json_encode($file))->tree;
    preg_match_all('/<div class="beside" hidden (data-\w+)="([^"]*)"/', Sample::renderer()->played($tree, $tree->screen('home'), Sample::rendering()->with(working: true)), $found, PREG_SET_ORDER);

    return array_map(fn (array $one): string => trim("{$one[1]} {$one[2]}"), $found);
}

it('draws keys beside a screen that is touched and typed into, unless it has its own', function (array $widgets, array $beside, string $device = 'phone', float $width = 390): void {
    expect(besideScreen($widgets, $device, $width))->toBe($beside);
})->with([
    'a field' => [[['widget' => 'text-field', 'label' => 'Name']], ['data-keys']],
    'nothing to type into' => [[['widget' => 'button', 'label' => 'Book']], []],
    'a keyboard that is drawn already' => [[['widget' => 'text-field', 'label' => 'Name'], ['widget' => 'keyboard', 'height' => 216]], []],
    'a screen with keys of its own' => [[['widget' => 'text-field', 'label' => 'Name']], [], 'desktop', 1280],
    'a list of choices, which opens' => [[['widget' => 'select', 'label' => 'Glaze', 'items' => [['label' => 'Ash'], ['label' => 'Salt']]]], ['data-opens widget0']],
]);

it('cuts layers out as large as they are painted, where their groups lie', function (): void {
    $file = Sample::file();
    $file['screens'][0]['layers'] = [['id' => 'shelf', 'kind' => 'group', 'name' => 'Shelf', 'x' => 40, 'y' => 60, 'width' => 100, 'height' => 50, 'children' => [
        ['id' => 'bowl', 'kind' => 'box', 'name' => 'Bowl', 'x' => 10, 'y' => 5, 'width' => 30, 'height' => 20, 'fills' => [['colour' => '#b4472e']], 'strokes' => [['colour' => '#000000', 'width' => 4, 'position' => 'outside']]],
        ['id' => 'plate', 'kind' => 'ellipse', 'name' => 'Plate', 'x' => 60, 'y' => 30, 'width' => 40, 'height' => 20, 'hidden' => true, 'fills' => [['colour' => '#17594f']]],
    ]]];
    $tree = ProjectFile::read((string) json_encode($file))->tree;
    $one = new SimpleXMLElement(Sample::renderer()->cutOut($tree, [$tree->layer('bowl')], Sample::rendering()));
    expect((string) $one['viewBox'])->toBe('46 61 38 28')->and([(string) $one['width'], (string) $one['height']])->toBe(['38', '28'])->and((string) $one->g['transform'])->toBe('translate(40 60)');
    // What is hidden is shown by whoever asks for it.
    $both = Sample::renderer()->cutOut($tree, [$tree->layer('bowl'), $tree->layer('plate')], Sample::rendering());
    expect($both)->toContain('viewBox="46 61 94 49"')->toContain('#17594f');
});
