<?php

declare(strict_types=1);

use Kindred\Document\Layer;
use Kindred\Document\Layer\Kinds;
use Kindred\Document\LayerNest;
use Kindred\Document\Place;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

const EVERYTHING = [
    'id' => 'layer1', 'name' => 'All of it', 'x' => 1.5, 'y' => -2, 'width' => 30, 'height' => 40, 'rotation' => 12.5, 'opacity' => 0.4, 'locked' => true, 'hidden' => true,
    'fills' => [['colour' => '#112233'], ['colour' => '#44556680']], 'strokes' => [['colour' => '#000000', 'width' => 3, 'position' => 'centre']],
    'corners' => ['topLeft' => 1, 'topRight' => 2, 'bottomRight' => 3, 'bottomLeft' => 4],
    'sizing' => ['width' => 'stretch', 'height' => 'content', 'minWidth' => 8, 'maxWidth' => 900, 'minHeight' => 2.5, 'maxHeight' => 70, 'alignSelf' => 'baseline', 'absolute' => true],
    'pins' => ['left' => true, 'right' => false, 'top' => false, 'bottom' => false, 'horizontal' => 'middle', 'vertical' => 'proportion'],
    'cues' => [['id' => 'cue1', 'trigger' => ['kind' => 'delay', 'delay' => 250], 'actions' => [['kind' => 'show', 'screen' => 'next',
        'transition' => ['kind' => 'cover', 'direction' => 'up', 'duration' => 120, 'delay' => 5, 'easing' => 'cubic-bezier(0.1, 0.2, 0.3, 0.4)']]]]],
];

/** @return array<string, array<string, mixed>> what each kind has beside what every layer has */
function kinds(): array
{
    return [
        'path' => ['d' => 'M0 0L30 0C30 20 20 40 0 40Z', 'evenOdd' => true],
        'compound' => ['d' => 'M0 0L30 0L30 40Z'], 'box' => [], 'ellipse' => ['startAngle' => 12.5, 'sweep' => 200, 'hole' => 0.25, 'ends' => 'chord'], 'polygon' => ['points' => 7, 'innerRadius' => 0.4, 'rounding' => 3.5], 'group' => [], 'line' => ['rising' => true], 'icon' => ['icon' => 'flame', 'line' => 1.25, 'optical' => true], 'picture' => ['asset' => str_repeat('0f', 32), 'fit' => 'contain'],
        'array' => ['columns' => null, 'minWidth' => 120.5, 'rowGap' => 3, 'columnGap' => 4, 'cellHeight' => 'equal', 'overrides' => (object) ['row1' => (object) ['label' => (object) ['fills.0.colour' => '#112233', 'words' => 'Odd', 'opacity' => 0.5]]],
            'sheet' => ['columns' => [['id' => 'name', 'name' => 'Name', 'slot' => 'picture', 'layer' => 'label'], ['id' => 'note', 'name' => 'Note', 'slot' => 'words', 'layer' => null]], 'rows' => [['id' => 'row1', 'cells' => (object) ['name' => 'x']], ['id' => 'row2', 'cells' => (object) []]]]],
        'chart' => ['ink' => '#112233', 'grid' => '#ddeeff', 'form' => 'gauge', 'style' => ['family' => 'Lora', 'weight' => 700, 'size' => 11.5, 'letterSpacing' => 0.02, 'transform' => 'uppercase', 'italic' => true], 'across' => true, 'together' => 'stacked', 'curve' => 'smooth', 'lineWidth' => 3.5, 'dots' => 4, 'areaOpacity' => 0.5, 'gap' => 0.25, 'spacing' => 1, 'rounding' => 3,
            'thickness' => 8, 'startAngle' => -90, 'sweep' => 180, 'hole' => 0.5, 'min' => -5, 'max' => 1300.5, 'logarithmic' => true, 'steps' => 6, 'gridLines' => false, 'scaleLabels' => false, 'pointLabels' => false, 'valueLabels' => 'share', 'legend' => 'right', 'goal' => 1240, 'before' => '€', 'after' => ' kg', 'decimals' => 2,
            'sheet' => ['columns' => [['id' => 'month', 'name' => 'Month', 'slot' => 'label', 'layer' => null], ['id' => 'fired', 'name' => 'Fired', 'slot' => 'value', 'layer' => null]], 'rows' => [['id' => 'row1', 'cells' => (object) ['month' => 'May', 'fired' => '12']]]]],
        'widget' => ['widget' => 'menu', 'label' => 'More', 'hint' => 'Help', 'text' => 'Typed', 'items' => [['label' => 'Copy', 'cells' => ['Ctrl C'], 'on' => true, 'icon' => 'copy', 'key' => 'C'], ['label' => '', 'separator' => true]], 'columns' => ['One', 'Two'], 'icon' => 'ellipsis', 'on' => true, 'value' => 12.5, 'min' => -4, 'max' => 40, 'step' => 0.5],
        'instance' => ['component' => 'button', 'states' => (object) ['axis1' => 'state1'], 'overrides' => (object) ['label' => (object) ['words' => 'Book', 'style.size' => 20], 'icon.inner' => (object) ['hidden' => true]]],
        'stack' => ['direction' => 'column-reverse', 'wrap' => 'wrap', 'rowGap' => 4, 'columnGap' => 5.5, 'padding' => ['top' => 1, 'right' => 2, 'bottom' => 3, 'left' => 4], 'justifyContent' => 'space-evenly', 'alignItems' => 'center', 'alignContent' => 'flex-end'],
        'text' => ['words' => "Two\nbowls", 'wrapped' => true, 'style' => ['family' => 'Lora', 'weight' => 700, 'size' => 18.5, 'lineHeight' => 1.1, 'letterSpacing' => 0.02, 'align' => 'right', 'transform' => 'uppercase', 'trim' => true, 'italic' => true]],
    ];
}

it('reads back every property of every kind as it wrote it', function (string $kind, array $own): void {
    $layer = Layer::read(Reader::of(['kind' => $kind, 'screen' => 'home', 'parent' => 'group', 'rank' => 'm'] + $own + EVERYTHING));
    $again = Layer::read(Reader::of(json_decode((string) json_encode($layer->toArray()), true)));
    expect($again)->toEqual($layer)
        ->and($layer->kind())->toBe($kind)
        ->and(array_intersect_key($layer->properties(), $own))->toEqual($own)
        ->and(array_intersect_key($layer->properties(), EVERYTHING))->toEqual(array_diff_key(EVERYTHING, ['id' => 1]));
})->with(fn () => array_map(fn (string $kind): array => [$kind, kinds()[$kind]], array_keys(kinds())));

it('tries every kind that there is', function (): void {
    expect(array_keys(kinds()))->toEqualCanonicalizing(array_map(fn (string $class): string => $class::kind(), Kinds::ALL));
});

it('takes the usual where nothing is said', function (): void {
    $layer = Layer::read(Reader::of(['kind' => 'ellipse', 'x' => 0, 'y' => 0, 'width' => 5, 'height' => 5]), id: 'some', rank: 'm');
    expect([$layer->name, $layer->rotation, $layer->opacity, $layer->locked, $layer->hidden, $layer->fills, $layer->strokes, $layer->cues, $layer->screen])
        ->toEqual(['Ellipse', 0, 1, false, false, [], [], [], null]);
});

it('names the place of what a layer cannot be', function (array $change, string $problem): void {
    $data = array_replace(['kind' => 'box'] + EVERYTHING, $change);
    expect(fn () => Layer::read(Reader::of($data, 'layers[3]'), rank: 'm'))->toThrow(InvalidInput::class, "layers[3].{$problem}");
})->with([
    [['kind' => 'cube'], 'kind: “cube” is not a kind of layer; known are box, ellipse, polygon, line, path, text, picture, icon, group, compound, stack, array'],
    [['kind' => null], 'kind: text is expected here'], [['width' => -1], 'width: the number must lie between 0 and'], [['opacity' => 1.01], 'opacity: the number must lie between 0 and 1'],
    [['rotation' => 361], 'rotation'], [['locked' => 'no'], 'locked: true or false'], [['name' => "\n"], 'name: this cannot be empty'],
    [['fills' => array_fill(0, 17, ['colour' => '#fff'])], 'fills: between 0 and 16'], [['fills' => [['colour' => '#fff'], ['colour' => 'url(#x)']]], 'fills[1].colour: “url(#x)” is not a colour'],
    [['strokes' => [['colour' => '#fff', 'width' => 0]]], 'strokes[0].width: the number must lie between 0.1 and 200'], [['corners' => ['topLeft' => -1]], 'corners.topLeft'],
    [['cues' => [['id' => 'cue1', 'trigger' => ['kind' => 'wish'], 'action' => ['kind' => 'return']]]], 'cues[0].trigger.kind: one of these is expected: tap, double-tap'],
    [['cues' => [['id' => 'cue1', 'trigger' => ['kind' => 'delay', 'delay' => 600_001], 'action' => ['kind' => 'return']]]], 'cues[0].trigger.delay: the number must lie between 0 and 600000'],
    [['cues' => [['id' => 'cue1', 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'show']]]], 'cues[0].actions[0].screen: an id is'],
    [['kind' => 'icon', 'icon' => 'Flame!'], 'icon: an icon is named by'], [['kind' => 'picture', 'asset' => 'bowl.png'], 'asset: a picture is named by the SHA-256'],
    [['kind' => 'text', 'words' => str_repeat('x', 20_001), 'style' => []], 'words: the text is longer than 20000 characters'],
    [['kind' => 'text', 'words' => 'x', 'style' => ['family' => 'Lora', 'weight' => 400, 'size' => 0, 'lineHeight' => 1]], 'style.size: the number must lie between 1 and 1000'],
    [['kind' => 'path', 'd' => 'L1 1'], 'd: path data begins with a move'],
    [['kind' => 'chart', 'min' => 4, 'max' => 4], 'max: the maximum of a scale must lie above its minimum'], [['kind' => 'chart', 'form' => 'pie'], 'form: one of these is expected: bars, lines'], [['kind' => 'chart', 'ink' => 'url(#x)'], 'ink: “url(#x)” is not a colour'],
    [['kind' => 'array', 'columns' => 0], 'columns: the number must lie between 1 and 100'], [['kind' => 'array', 'sheet' => ['rows' => array_fill(0, 2001, ['id' => 'same'])]], 'sheet.rows: between 0 and 2000 entries'], [['kind' => 'array', 'sheet' => ['rows' => [['id' => 'row1'], ['id' => 'row1']]]], 'sheet.rows: two of these have the same id'],
    [['kind' => 'array', 'sheet' => ['rows' => [['id' => 'row1', 'cells' => ['name' => 5]]]]], 'sheet.rows[0].cells.name: text of at most 5000 characters'], [['kind' => 'array', 'overrides' => ['row1' => ['label' => ['words' => str_repeat('x', 5001)]]]], 'overrides.row1.label.words: text of at most 5000 characters'],
    [['kind' => 'stack', 'direction' => 'sideways'], 'direction: one of these is expected: row, row-reverse'], [['kind' => 'stack', 'padding' => ['left' => -1]], 'padding.left: the number must lie between 0'],
    [['sizing' => ['width' => 'fill']], 'sizing.width: one of these is expected: length, content, stretch'], [['sizing' => ['maxHeight' => 100_001]], 'sizing.maxHeight: the number must lie between 0 and 100000'], [['pins' => ['left' => 3]], 'pins.left: true or false'],
    [['kind' => 'text', 'words' => 'x'], 'style: an object is expected here'],
]);

it('puts a nest in a place with new ids, parents before children, in order', function (): void {
    $box = ['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 5, 'height' => 5];
    $nest = LayerNest::read(Reader::of(['kind' => 'group', 'name' => 'Outer', 'children' => [['name' => 'Low'] + $box, ['kind' => 'group', 'name' => 'Inner', 'children' => [['name' => 'Deep'] + $box]] + $box, ['name' => 'High'] + $box]] + $box));
    $layers = $nest->layers(new Place('home'), 'm', Kindred\Document\Id::beside('seed'));
    $names = array_map(fn (Layer $layer): string => $layer->name, $layers);
    $by = array_combine($names, $layers);
    expect($names)->toBe(['Outer', 'Low', 'Inner', 'Deep', 'High'])
        ->and($by['Deep']->parent)->toBe($by['Inner']->id)->and($by['Inner']->parent)->toBe($by['Outer']->id)->and($by['Outer']->parent)->toBeNull()
        ->and(array_unique(array_map(fn (Layer $layer): ?string => $layer->screen, $layers)))->toBe(['home'])
        ->and($by['Low']->rank < $by['Inner']->rank && $by['Inner']->rank < $by['High']->rank)->toBeTrue()
        ->and(array_unique(array_map(fn (Layer $layer): string => $layer->id, $layers)))->toHaveCount(5)
        // The same seed gives the same ids, so that an edit that is sent again makes nothing new.
        ->and($nest->layers(new Place('home'), 'm', Kindred\Document\Id::beside('seed')))->toEqual($layers);
});

it('lets only containers have children', function (): void {
    LayerNest::read(Reader::of(['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 5, 'height' => 5, 'children' => [['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 1, 'height' => 1]]]));
})->throws(InvalidInput::class, 'only a group, a stack or an array has children');
