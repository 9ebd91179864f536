<?php

declare(strict_types=1);

use Kindred\Document\Address;
use Kindred\Document\Difference;
use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Overtaken;
use Kindred\Document\Place;
use Kindred\Document\Sheet\Fed;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Sheet\Slot;
use Kindred\Document\Style\Fill;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Flow\Programme;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Layout\Cells;
use Kindred\Layout\HeightMemory;
use Kindred\Layout\LaidCopy;
use Kindred\Layout\Measurement;
use Kindred\Layout\Relayout;
use Kindred\Tests\Sample;
use Kindred\Type\TextStyle;
use Kindred\Type\Typesetter;

/**
 * A phone screen with an array "pots" 342 px wide of a card: a ground, a name and a swatch.
 *
 * @param  array<string, mixed>  $more  of the array
 * @param  list<array<string, string>>  $rows
 */
function pots(array $more = [], array $rows = [['name' => 'Bowl'], ['name' => 'Mug'], ['name' => 'Vase']]): Tree
{
    $style = ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.5];
    $card = ['id' => 'card', 'kind' => 'stack', 'name' => 'Card', 'x' => 0, 'y' => 0, 'width' => 163, 'direction' => 'column', 'rowGap' => 8, 'padding' => ['top' => 10, 'right' => 10, 'bottom' => 10, 'left' => 10],
        'sizing' => ['height' => 'content'], 'fills' => [['colour' => '#ffffff']], 'children' => [
            ['id' => 'swatch', 'kind' => 'box', 'name' => 'Swatch', 'height' => 40, 'sizing' => ['width' => 'stretch'], 'fills' => [['colour' => '#cccccc']]],
            ['id' => 'name', 'kind' => 'text', 'name' => 'Name', 'words' => 'Name', 'wrapped' => true, 'style' => $style, 'sizing' => ['width' => 'stretch']],
        ]];
    $file = Sample::file();
    $file['screens'][0]['layers'] = [['id' => 'pots', 'kind' => 'array', 'name' => 'Pots', 'x' => 24, 'y' => 100, 'width' => 342, 'columns' => 2, 'rowGap' => 12, 'columnGap' => 16, 'children' => [$card],
        'sheet' => ['columns' => [['id' => 'name', 'name' => 'Name', 'slot' => 'words', 'layer' => 'name'], ['id' => 'tone', 'name' => 'Tone', 'slot' => 'colour', 'layer' => 'swatch'], ['id' => 'shown', 'name' => 'Shown', 'slot' => 'shown', 'layer' => 'swatch']],
            'rows' => array_map(fn (int $i, array $cells): array => ['id' => 'row'.($i + 1), 'cells' => $cells + ['shown' => 'yes']], array_keys($rows), $rows)]] + $more];
    $file['screens'][0]['layers'][0] = $more + $file['screens'][0]['layers'][0];
    $tree = ProjectFile::read((string) json_encode($file))->tree;

    return Sample::relayout()->after(new Tree($tree->project), $tree);
}

/** @return list<LaidCopy> */
function cells(Tree $tree, string $array = 'pots'): array
{
    return Sample::cells()->of($tree, $tree->layer($array));
}

function relayout(): Relayout
{
    static $relayout = null;

    return $relayout ??= Sample::relayout();
}

/** @return list<list<float>> x, y, width, height of each cell's root in the array */
function areas(Tree $tree, string $array = 'pots'): array
{
    return array_map(fn (LaidCopy $cell): array => [$cell->root->box->x, $cell->root->box->y, $cell->root->box->width, $cell->root->box->height], cells($tree, $array));
}

function words(Tree $tree, string $array = 'pots', string $layer = 'name'): array
{
    return array_map(fn (LaidCopy $cell): string => $cell->tree->layer($layer)->content instanceof Text ? $cell->tree->layer($layer)->content->words : '', cells($tree, $array));
}

/** @return array<string, mixed> */
function onPots(string $type, mixed ...$more): array
{
    return ['type' => $type, 'screen' => 'home', 'layer' => 'pots'] + $more;
}

it('lays out a cell a row in columns of equal width', function (array $more, array $areas, float $height): void {
    $tree = pots($more);
    expect(areas($tree))->toEqual($areas)->and($tree->layer('pots')->box->height)->toEqual($height);
})->with([
    'two columns' => [[], [[0, 0, 163, 92], [179, 0, 163, 92], [0, 104, 163, 92]], 196],
    'three columns' => [['columns' => 3], [[0, 0, 103.333, 92], [119.333, 0, 103.333, 92], [238.667, 0, 103.333, 92]], 92],
    'as many as fit 100 px: repeat(auto-fill, minmax(100px, 1fr))' => [['columns' => null, 'minWidth' => 100], [[0, 0, 103.333, 92], [119.333, 0, 103.333, 92], [238.667, 0, 103.333, 92]], 92],
    'where not even one fits' => [['columns' => null, 'minWidth' => 900], [[0, 0, 342, 92], [0, 104, 342, 92], [0, 208, 342, 92]], 300],
    'exactly as many as fit' => [['columns' => null, 'minWidth' => 163], [[0, 0, 163, 92], [179, 0, 163, 92], [0, 104, 163, 92]], 196],
]);

it('makes rows as high as their tallest cell, or all as the tallest', function (string $cellHeight, array $heights): void {
    $tree = pots(['cellHeight' => $cellHeight], [['name' => 'Bowl'], ['name' => 'A mug that somebody made for the whole studio'], ['name' => 'Vase']]);
    expect(array_map(fn (array $area): float => $area[3], areas($tree)))->toEqual($heights);
})->with([['content', [140, 140, 92]], ['equal', [140, 140, 140]]]);

it('feeds words, colours and what is shown', function (): void {
    $tree = pots([], [['name' => 'Bowl', 'tone' => '#b4472e'], ['name' => 'Mug', 'tone' => 'no colour at all'], ['name' => 'Vase', 'shown' => 'no']]);
    [$bowl, $mug, $vase] = cells($tree);
    expect(words($tree))->toBe(['Bowl', 'Mug', 'Vase'])
        ->and($bowl->tree->layer('swatch')->fills[0]->colour()->toHex())->toBe('#b4472e')
        ->and($mug->tree->layer('swatch')->fills[0]->colour()->toHex())->toBe('#cccccc')
        ->and([$vase->tree->layer('swatch')->hidden, $vase->root->box->height])->toEqual([true, 44.0]);
});

it('follows its design in every cell, except where one has its own', function (): void {
    $set = fn (string $field, string $value, string $layer, array $more = []): array => ['type' => 'set-field', 'screen' => 'home', 'layers' => [$layer], 'field' => $field, 'value' => $value] + $more;
    $tree = Sample::after(pots(), $set('height', '60', 'swatch'), $set('corners', '8', 'card'), $set('fills.0.colour', '#111111', 'name.row2', ['apart' => true]), $set('style.size', '20', 'name.row2', ['apart' => true]));
    $fills = fn (Tree $tree): array => array_map(fn (LaidCopy $cell): array => [$cell->root->corners->topLeft, $cell->tree->layer('swatch')->box->height, count($cell->tree->layer('name')->fills), $cell->tree->layer('name')->content->style->size], cells($tree));
    expect($fills($tree))->toEqual([[8, 60, 0, 16], [8, 60, 1, 20], [8, 60, 0, 16]]);
    $reset = Sample::after($tree, ['type' => 'reset-override', 'screen' => 'home', 'layer' => 'name.row2', 'field' => 'style.size']);
    expect($fills($reset))->toEqual([[8, 60, 0, 16], [8, 60, 1, 16], [8, 60, 0, 16]]);
    $all = Sample::after($tree, ['type' => 'reset-override', 'screen' => 'home', 'layer' => 'name.row2']);
    expect($fills($all))->toEqual([[8, 60, 0, 16], [8, 60, 0, 16], [8, 60, 0, 16]])->and($all->layer('pots')->content->toArray()['overrides'])->toEqual(new stdClass);
    // Layers added to the design and taken out of it are so in every cell.
    $added = Sample::after($tree, ['type' => 'create-layers', 'screen' => 'home', 'parent' => 'card', 'seed' => 's', 'layers' => [['kind' => 'box', 'name' => 'Dot', 'x' => 0, 'y' => 0, 'width' => 10, 'height' => 10]]]);
    expect(array_map(fn (LaidCopy $cell): int => count($cell->tree->layers), cells($added)))->toBe([4, 4, 4]);
    $removed = Sample::after($tree, ['type' => 'delete-layers', 'screen' => 'home', 'layers' => ['swatch']]);
    expect(array_map(fn (LaidCopy $cell): int => count($cell->tree->layers), cells($removed)))->toBe([2, 2, 2])->and($removed->layer('pots')->box->height)->toEqual(50.0 + 12 + 44);
});

it('writes what a column feeds into the sheet, in the row in which it was changed', function (): void {
    $tree = Sample::after(pots(), ['type' => 'set-words', 'screen' => 'home', 'layer' => 'name.row2', 'words' => 'Jug'],
        ['type' => 'set-field', 'screen' => 'home', 'layers' => ['swatch.row3'], 'field' => 'fills.0.colour', 'value' => '#17594f']);
    expect(words($tree))->toBe(['Bowl', 'Jug', 'Vase'])
        ->and(cells($tree)[2]->tree->layer('swatch')->fills[0]->colour()->toHex())->toBe('#17594f')
        ->and($tree->layer('swatch')->fills[0]->colour()->toHex())->toBe('#cccccc');
    $unbound = Sample::after(pots(), onPots('remove-column', column: 'name'), ['type' => 'set-words', 'screen' => 'home', 'layer' => 'name.row1', 'words' => 'Pot'],
        ['type' => 'set-words', 'screen' => 'home', 'layer' => 'name.row3', 'words' => 'Odd one', 'apart' => true]);
    expect(words($unbound))->toBe(['Pot', 'Pot', 'Odd one']);
});

it('changes a cell from what it has itself: its own values, and those of its row', function (): void {
    $set = fn (string $field, string $value, string ...$layers): array => ['type' => 'set-field', 'screen' => 'home', 'layers' => $layers, 'field' => $field, 'value' => $value, 'apart' => true];
    $of = fn (Tree $tree, Closure $what): array => array_map(fn (LaidCopy $cell): mixed => $what($cell->tree->layer('name')->content->style), cells($tree));
    $sizes = Sample::after(pots(), $set('style.size', '20', 'name.row2'), $set('style.size', '+4', 'name.row1', 'name.row2'), $set('style.size', '*2', 'name.row2'));
    expect($of($sizes, fn (TextStyle $style): float => $style->size))->toEqual([20, 48, 16]);
    $forms = Sample::after(pots(), $set('style.variant', 'tabular-nums', 'name.row2'), $set('style.variant', '+ordinal', 'name.row1', 'name.row2'), $set('style.variant', '-tabular-nums', 'name.row3'));
    expect($of($forms, fn (TextStyle $style): string => $style->variant->text()))->toBe(['ordinal', 'tabular-nums ordinal', 'normal']);
    // A list is that of the cell: one more fill comes to those that it has.
    $fills = Sample::after(pots([], [['tone' => '#b4472e'], []]), ['type' => 'add-to-list', 'screen' => 'home', 'layers' => ['swatch.row1', 'swatch.row2'], 'list' => 'fills', 'at' => 0, 'entry' => ['colour' => '#17594f'], 'apart' => true]);
    expect(array_map(fn (LaidCopy $cell): array => array_map(fn (Fill $fill): ?string => $fill->colour()?->toHex(), $cell->tree->layer('swatch')->fills), cells($fills)))->toBe([['#17594f', '#b4472e'], ['#17594f', '#cccccc']]);
    // A look that one of two cells has already is that of both.
    $look = ['type' => 'set-style', 'screen' => 'home', 'layers' => ['swatch.row1', 'swatch.row2'], 'style' => ['opacity' => 0.5], 'apart' => true];
    $looks = Sample::after(pots(), $set('opacity', '0.5', 'swatch.row1'), $look);
    expect(array_map(fn (LaidCopy $cell): float => $cell->tree->layer('swatch')->opacity, cells($looks)))->toEqual([0.5, 0.5, 1]);
});

it('writes in a cell what all others say, and how its words alone are set', function (): void {
    $say = fn (string $words, array $more = []): array => ['type' => 'set-words', 'screen' => 'home', 'layer' => 'name.row2', 'words' => $words] + $more;
    expect(words(Sample::after(pots(), $say('Name'))))->toBe(['Bowl', 'Name', 'Vase']);
    $runs = fn (Tree $tree): array => array_map(fn (LaidCopy $cell): int => count($cell->tree->layer('name')->content->runs), cells($tree));
    $bare = Sample::after(pots(), onPots('remove-column', column: 'name'));
    $bold = Sample::after($bare, $say('Name', ['runs' => [['from' => 0, 'to' => 2, 'weight' => 700]], 'apart' => true]));
    expect($runs($bold))->toBe([0, 1, 0])->and($runs(Sample::after($bold, $say('Name', ['runs' => [], 'apart' => true]))))->toBe([0, 0, 0]);
});

it('adds, removes, moves and fills rows and columns', function (): void {
    $tree = Sample::after(pots(), onPots('add-rows', after: 'row1', count: 2, seed: 'a'));
    expect(words($tree))->toBe(['Bowl', 'Bowl', 'Bowl', 'Mug', 'Vase']);
    expect(words(Sample::after(pots(), onPots('move-row', row: 'row3', after: null))))->toBe(['Vase', 'Bowl', 'Mug'])
        ->and(words(Sample::after(pots(), onPots('move-row', row: 'row1', after: 'row2'))))->toBe(['Mug', 'Bowl', 'Vase'])
        ->and(words(Sample::after(pots(), onPots('remove-rows', rows: ['row1', 'row3']))))->toBe(['Mug'])
        ->and(words(Sample::after(pots(), onPots('set-cell', row: 'row2', column: 'name', value: 'Cup'))))->toBe(['Bowl', 'Cup', 'Vase']);
    $pasted = Sample::after(pots(), onPots('fill-cells', row: 'row2', column: 'name', values: [['A', '#111111'], ['B', '#222222'], ['C', '#333333']], seed: 'p'));
    expect(words($pasted))->toBe(['Bowl', 'A', 'B', 'C'])->and(cells($pasted)[3]->tree->layer('swatch')->fills[0]->colour()->toHex())->toBe('#333333');
    // What the columns are called is a row of names, but not where the same stands in the first cells, after which they are called.
    $values = [['Name', 'Tone'], ['Cup', '#111111']];
    expect(words(Sample::after(pots(), onPots('fill-cells', row: 'row1', column: 'name', values: $values, seed: 'p'))))->toBe(['Cup', 'Mug', 'Vase'])
        ->and(words(Sample::after(pots([], [['name' => 'Name', 'tone' => 'Tone'], ['name' => 'Mug']]), onPots('fill-cells', row: 'row1', column: 'name', values: $values, seed: 'p'))))->toBe(['Name', 'Cup'])
        ->and(words(Sample::after(pots([], [['name' => "NAME\n", 'tone' => 'tone'], ['name' => 'Mug']]), onPots('fill-cells', row: 'row1', column: 'name', values: $values, seed: 'p'))))->toBe(['Name', 'Cup']);
    $taken = Sample::after(pots(), onPots('take-sheet', columns: [['column' => 'name'], [], ['name' => 'Stock']], rows: [['Plate', 'x', '4'], ['Tile', 'y', '9']], replace: true, seed: 't'));
    $sheet = $taken->layer('pots')->content->sheet;
    expect(words($taken))->toBe(['Plate', 'Tile'])->and($sheet->columns[3]->name)->toBe('Stock')->and($sheet->rows[1]->cells()[$sheet->columns[3]->id])->toBe('9');
    $sampled = fn (string $seed): array => words(Sample::after(pots(), onPots('sample-column', column: 'name', sample: 'names', seed: $seed)));
    expect($sampled('one'))->toBe($sampled('one'))->not->toBe($sampled('two'));
});

it('tells parts of the same name apart, however many there are', function (): void {
    $part = pots()->layer('swatch');
    $called = fn (string ...$names): array => array_values(Fed::names(array_combine(array_map(fn (int $i): string => "part{$i}", array_keys($names)), array_map(fn (string $name): Layer => $part->with(name: $name), array_values($names)))));
    expect($called('Box', 'Box 2', 'Box', 'Tile', 'Box', 'Box 2'))->toBe(['Box', 'Box 2', 'Box 3', 'Tile', 'Box 4', 'Box 2 2'])
        ->and($called(...array_fill(0, 5000, 'Box'))[4999])->toBe('Box 5000');
});

it('becomes layers again that show the same, where they were', function (): void {
    $tree = pots([], [['name' => 'Bowl', 'tone' => '#b4472e'], ['name' => 'A mug that somebody made for the whole studio'], ['name' => 'Vase']]);
    $before = array_map(fn (LaidCopy $cell): array => [$cell->root->box->x, $cell->root->box->y, $cell->root->box->height], cells($tree));
    $after = Sample::after($tree, ['type' => 'detach-arrays', 'screen' => 'home', 'layers' => ['pots'], 'seed' => 'd']);
    $stack = array_values(array_filter($after->layers, fn (Layer $layer): bool => $layer->name === 'Pots'))[0];
    $cells = $after->children(new Kindred\Document\Place('home', $stack->id));
    expect(array_map(fn (Layer $cell): array => [$cell->box->x, $cell->box->y, $cell->box->height], $cells))->toEqual($before)
        ->and($stack->box->height)->toEqual($tree->layer('pots')->box->height)
        ->and(array_map(fn (Layer $cell): string => array_reverse($after->children(new Kindred\Document\Place('home', $cell->id)))[0]->content->words, $cells))->toBe(['Bowl', 'A mug that somebody made for the whole studio', 'Vase']);
});

it('is made of a selection, with a column for each text', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'array-layers', 'screen' => 'home', 'layers' => ['boxa', 'words'], 'seed' => 'a']);
    $array = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->content instanceof ArrayLayer))[0];
    $sheet = $array->content->sheet;
    expect([$array->box->x, $array->box->y, $array->content->columns, count($sheet->rows)])->toEqual([20, 30, 3, 3])
        ->and(array_map(fn ($column): array => [$column->name, $column->slot->value, $column->layer], $sheet->columns))->toBe([['Words', 'words', 'words']])
        ->and(words($tree, $array->id, 'words'))->toBe(['Good clay', 'Good clay', 'Good clay'])
        ->and($array->box->width)->toEqual(3 * 100 + 2 * 16);
    // Copied, its columns feed the copy's own layers.
    $copied = Sample::after($tree, ['type' => 'duplicate-layers', 'screen' => 'home', 'layers' => [$array->id], 'seed' => 'c', 'dx' => 0, 'dy' => 300]);
    $copy = array_values(array_filter($copied->layers, fn (Layer $layer): bool => $layer->content instanceof ArrayLayer && $layer->id !== $array->id))[0];
    $fed = (string) $copy->content->sheet->columns[0]->layer;
    expect($fed)->not->toBe('words')->and($copied->layer($fed)->name)->toBe('Words')->and(words($copied, $copy->id, $fed))->toBe(['Good clay', 'Good clay', 'Good clay']);
});

it('lies in a stack, and a stack below it moves when it grows', function (): void {
    $tree = Sample::after(pots(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'b', 'layers' => [['kind' => 'box', 'name' => 'Below', 'x' => 24, 'y' => 320, 'width' => 342, 'height' => 20]]]);
    $below = array_key_last($tree->layers);
    $tree = Sample::after($tree, ['type' => 'stack-layers', 'screen' => 'home', 'layers' => ['pots', $below], 'seed' => 's'], ['type' => 'set-field', 'screen' => 'home', 'layers' => ['pots'], 'field' => 'sizing.width', 'value' => 'stretch']);
    expect($tree->layer($below)->box->y)->toEqual(220.0);
    $grown = Sample::after($tree, onPots('add-rows', count: 2, seed: 'r'));
    expect($grown->layer('pots')->box->height)->toEqual(300.0)->and($grown->layer($below)->box->y)->toEqual(324.0);
    $narrow = Sample::after($grown, ['type' => 'set-field', 'screen' => 'home', 'layers' => [$tree->layer('pots')->parent], 'field' => 'width', 'value' => '200']);
    expect(areas($narrow)[1])->toEqual([108, 0, 92, 92])->and($narrow->layer($below)->box->y)->toEqual(324.0);
});

it('says what cannot be, and changes nothing', function (array $command, string $problem): void {
    expect(fn (): Tree => Sample::after(pots(), $command))->toThrow(InvalidInput::class, $problem);
})->with([
    [onPots('remove-rows', rows: ['row1', 'row2', 'row3']), 'An array keeps one row at least'],
    [onPots('add-rows', count: 2000, seed: 's'), 'A data sheet holds at most 2,000 rows; with these it would have 2,003'],
    [onPots('fill-cells', row: 'row1', column: 'name', values: array_fill(0, 2001, ['x']), seed: 's'), 'a data sheet holds at most 2,000 rows; these are 2,001'],
    [onPots('fill-cells', row: 'row1', column: 'name', values: [array_fill(0, 31, 'x')], seed: 's'), 'a list of at most 30 texts is expected'],
    [onPots('set-cell', row: 'row9', column: 'name', value: 'x'), 'The row is no longer there'],
    [onPots('set-cell', row: 'row1', column: 'price', value: 'x'), 'The column is no longer there'],
    [onPots('put-column', column: ['id' => 'more', 'name' => 'More', 'slot' => 'words', 'layer' => 'name']), 'The column “Name” feeds “Name” already.'],
    [onPots('put-column', column: ['id' => 'more', 'name' => 'More', 'slot' => 'picture', 'layer' => 'swatch']), '“Swatch” has no such thing for a column to feed.'],
    [onPots('put-column', column: ['id' => 'more', 'name' => 'More', 'slot' => 'words', 'layer' => 'pots']), 'That layer is not in the design'],
    [['type' => 'set-field', 'screen' => 'home', 'layers' => ['name.row1'], 'field' => 'style.size', 'value' => '12', 'row' => 'row1'], 'This page is older than the application'],
    [['type' => 'set-field', 'screen' => 'home', 'layers' => ['name.row9'], 'field' => 'style.size', 'value' => '12'], '“Name” no longer lies in that copy'],
    [['type' => 'set-field', 'screen' => 'home', 'layers' => ['name.row1.row1'], 'field' => 'style.size', 'value' => '12', 'apart' => true], '“Name” no longer lies in that copy'],
    [['type' => 'set-field', 'screen' => 'home', 'layers' => ['name.'], 'field' => 'style.size', 'value' => '12'], 'layers[0]: an id is 4 to 26 letters'],
    [['type' => 'reset-override', 'screen' => 'home', 'layer' => 'name'], '“Name” does not lie in that copy'],
    [['type' => 'reorder-layers', 'screen' => 'home', 'parent' => 'pots', 'layers' => ['swatch'], 'above' => 'card'], 'The cells of “Pots” have one design'],
    [['type' => 'ungroup-layers', 'screen' => 'home', 'parent' => 'pots', 'layers' => ['card']], 'The cells of “Pots” have one design'],
    [['type' => 'set-field', 'screen' => 'home', 'layers' => ['card.row1'], 'field' => 'direction', 'value' => 'row', 'apart' => true], 'One cell cannot be laid out in another way'],
    [['type' => 'set-field', 'screen' => 'home', 'layers' => ['name.row1'], 'field' => 'style.size', 'value' => 'big', 'apart' => true], '“big” is not a number'],
]);

it('holds of a changed sheet the rows that changed, so that each change can be taken back on its own', function (): void {
    $tree = pots();
    $first = Sample::after($tree, onPots('set-cell', row: 'row1', column: 'name', value: 'Jug'));
    $second = Sample::after($first, onPots('set-cell', row: 'row3', column: 'name', value: 'Urn'));
    $difference = Difference::between($tree, $first);
    expect($difference->toArray()['changes'])->toBe([[
        'entity' => 'layer', 'id' => 'pots',
        'before' => ['row:row1' => '{"name":"Bowl","shown":"yes"}'], 'after' => ['row:row1' => '{"name":"Jug","shown":"yes"}'],
    ]]);
    expect(words($difference->inverse()->applyTo($second)))->toBe(['Bowl', 'Mug', 'Urn'])
        ->and(fn () => $difference->applyTo($second))->toThrow(Overtaken::class);

    $moved = Difference::between($tree, Sample::after($tree, onPots('move-row', row: 'row1', after: 'row3')));
    expect(array_keys($moved->changes[0]->after ?? []))->toBe(['rows'])->and(words($moved->applyTo($tree)))->toBe(['Mug', 'Vase', 'Bowl']);
    $removed = Difference::between($tree, Sample::after($tree, onPots('remove-rows', rows: ['row2'])));
    expect($removed->changes[0]->after)->toMatchArray(['rows' => ['row1', 'row3'], 'row:row2' => null])->not->toHaveKey('row:row1')
        ->and(words($removed->inverse()->applyTo($removed->applyTo($tree))))->toBe(['Bowl', 'Mug', 'Vase']);
});

it('comes back from the JSON of its differences after any change of a sheet, forth and back', function (int $seed): void {
    mt_srand($seed);
    $tree = pots();
    for ($step = 0; $step < 30; $step++) {
        $rows = $tree->layer('pots')->content->sheet->rows;
        $row = $rows[mt_rand(0, count($rows) - 1)]->id;
        $after = Sample::after($tree, match (count($rows) < 3 ? 1 : mt_rand(0, 5)) {
            0 => onPots('remove-rows', rows: [$row]),
            1 => onPots('add-rows', count: mt_rand(1, 3), after: $row, seed: "seed{$seed}x{$step}"),
            2 => onPots('move-row', row: $row, after: $rows[mt_rand(0, count($rows) - 1)]->id),
            3 => onPots('fill-cells', row: $row, column: 'name', values: [["Jug {$step}", '#aa3300'], ["Urn\n{$step}"]], seed: "fill{$seed}x{$step}"),
            4 => onPots('put-column', column: ['id' => "more{$step}", 'name' => "More {$step}"]),
            default => onPots('set-cell', row: $row, column: 'name', value: str_repeat('Glaze ', mt_rand(0, 6))),
        });
        $difference = Difference::between($tree, $after);
        $again = Difference::read(Reader::of(json_decode((string) json_encode($difference->toArray(), JSON_PRESERVE_ZERO_FRACTION), true)));
        expect(Sample::plain($again->applyTo($tree)))->toEqual(Sample::plain($after))
            ->and(Sample::plain($again->inverse()->applyTo($after)))->toEqual(Sample::plain($tree));
        $tree = $after;
    }
})->with(range(1, 4));

it('writes the rows of a sheet as lines and reads them back', function (string $value): void {
    $sheet = new Sheet([], [Row::of('row1', ['name' => $value, 'tone' => '#aabbcc']), Row::of('row2')]);
    $again = (new Sheet)->withLines($sheet->lines());
    expect($again)->toEqual($sheet)->and($again->rows[0]->cells())->toBe(['name' => $value, 'tone' => '#aabbcc'])->and($again->rows[1]->cells())->toBe([])
        ->and(substr_count($sheet->lines(), "\n"))->toBe(1);
})->with(['', 'Kiln shelf', "two\nlines\r\n and a tab\t", 'Ähre 釉 “quoted” \\ / </script>', "\u{2028}", '0']);

it('gives cells from what it remembers exactly as if it worked them out anew', function (): void {
    $memory = new class implements HeightMemory
    {
        /** @var array<string, array<string, array<int, float>>> */
        public array $kept = [];

        public int $reused = 0;

        public function recall(string $array, string $design): array
        {
            $this->reused += isset($this->kept[$array][$design]) ? 1 : 0;

            return $this->kept[$array][$design] ?? [];
        }

        public function keep(string $array, string $design, array $heights): void
        {
            $this->kept[$array][$design] = $heights;
        }
    };
    $rows = array_map(fn (int $i): array => ['name' => str_repeat('Kiln shelf ', $i % 4 + 1)], range(0, 8));
    mt_srand(11);
    $field = fn (string $layer, string $field, string $value, string $row = ''): array => ['type' => 'set-field', 'screen' => 'home', 'layers' => [$row === '' ? $layer : "{$layer}.{$row}"], 'field' => $field, 'value' => $value, 'apart' => $row !== ''];
    $tree = pots([], $rows);
    for ($i = 0; $i < 60; $i++) {
        $row = 'row'.mt_rand(1, 9);
        $command = match (mt_rand(0, 8)) {
            0, 1 => onPots('set-cell', row: $row, column: 'name', value: str_repeat('Glaze ', mt_rand(0, 9))),
            2 => $field('pots', 'rowGap', (string) mt_rand(0, 30)),
            3 => $field('pots', 'width', (string) mt_rand(200, 400)),
            4 => $field('name', 'style.size', (string) mt_rand(10, 30)),
            5 => $field('name', 'style.size', (string) mt_rand(10, 30), $row),
            6 => $field('swatch', 'fills.0.colour', '#12345'.mt_rand(0, 9)),
            7 => $field('swatch', 'height', (string) mt_rand(20, 80)),
            default => $field('pots', 'cellHeight', mt_rand(0, 1) === 0 ? 'equal' : 'content'),
        };
        $tree = (new Relayout($typesetter = new Typesetter(Sample::faces()), Relayout::cells($typesetter, Sample::shapes(), $memory), Sample::shapes()))->after($tree, Sample::command($command)->apply($tree));
        $plain = fn (LaidCopy $cell): array => [$cell->name, get_object_vars($cell->area), array_map(fn (Layer $layer): array => $layer->toArray(), $cell->tree->layers)];
        $remembering = Relayout::cells(new Typesetter(Sample::faces()), Sample::shapes(), $memory)->of($tree, $tree->layer('pots'));
        $anew = Sample::cells();
        expect(array_map($plain, $remembering))->toEqual(array_map($plain, $anew->of($tree, $tree->layer('pots'))))
            ->and($anew->height($tree, $tree->layer('pots')))->toBe($tree->layer('pots')->box->height);
    }
    expect($memory->reused)->toBeGreaterThan(60);
});

it('begins a column with what the design says, as long as nothing stands in it', function (): void {
    $cells = fn (Kindred\Document\Tree $tree): array => array_map(fn ($row): string => $row->cells()['more'] ?? '', $tree->layer('pots')->content->sheet->rows);
    $column = fn (?string $layer): array => onPots('put-column', column: ['id' => 'more', 'name' => 'More', 'slot' => 'colour', 'layer' => $layer]);
    $tree = Sample::after(pots(), onPots('remove-column', column: 'tone'), onPots('put-column', column: ['id' => 'more', 'name' => 'More']));
    expect(array_unique($cells($tree)))->toBe(['']);
    $tree = Sample::after($tree, $column('swatch'));
    expect(array_unique($cells($tree)))->toHaveCount(1)->and($cells($tree)[0])->toStartWith('#');
    $row = $tree->layer('pots')->content->sheet->rows[0]->id;
    $tree = Sample::after($tree, onPots('set-cell', row: $row, column: 'more', value: '#123456'), $column(null), $column('swatch'));
    expect($cells($tree)[0])->toBe('#123456');
});

it('moves what is moved in a cell, and nothing else there', function (): void {
    $part = fn (string $id, float $x, float $y, float $width, float $height): array => ['id' => $id, 'kind' => 'box', 'name' => $id, 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $height, 'fills' => [['colour' => '#cccccc']]];
    $file = Sample::file();
    $file['screens'][0]['layers'] = [['id' => 'grid', 'kind' => 'array', 'name' => 'Grid', 'x' => 0, 'y' => 0, 'width' => 342, 'columns' => 2, 'columnGap' => 12, 'rowGap' => 12,
        'children' => [['id' => 'card', 'kind' => 'group', 'name' => 'Card', 'x' => 0, 'y' => 0, 'width' => 165, 'height' => 100, 'children' => [$part('ground', 0, 0, 165, 100) + ['pins' => ['left' => true, 'right' => true, 'top' => true]], $part('mark', 10, 10, 30, 30), $part('edge', 60, 10, 40, 20)]]],
        'sheet' => ['columns' => [], 'rows' => [['id' => 'row1', 'cells' => []], ['id' => 'row2', 'cells' => []]]]]];
    $tree = ProjectFile::read((string) json_encode($file))->tree;
    $tree = relayout()->after(new Tree($tree->project), $tree);
    $boxes = fn (Tree $tree): array => array_map(fn (string $id): array => [$tree->layer($id)->box->x, $tree->layer($id)->box->y, $tree->layer($id)->box->width, $tree->layer($id)->box->height], ['ground', 'edge', 'card']);
    $before = $boxes($tree);
    // To the right over the edge, then to the left over the other: the rest lies as it lay.
    foreach ([[150, 5], [-260, 0]] as [$dx, $dy]) {
        $tree = Sample::after($tree, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['mark'], 'dx' => $dx, 'dy' => $dy]);
        expect($boxes($tree))->toEqual($before);
    }
    expect(array_map(fn (LaidCopy $cell): array => [$cell->root->box->x, $cell->root->box->width, $cell->tree->layer('ground')->box->width], cells($tree, 'grid')))->toEqual([[0, 165, 165], [177, 165, 165]]);
    // What goes lower makes the cells higher.
    $tree = Sample::after($tree, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['mark'], 'dx' => 0, 'dy' => 95]);
    expect($tree->layer('card')->box->height)->toEqual(140.0)->and($boxes($tree)[0])->toEqual($before[0]);
});

/** A screen with shelves and nothing else. */
function shelves(): Tree
{
    $file = Sample::file();
    $file['screens'][0]['layers'] = [Sample::shelves()];
    $tree = ProjectFile::read((string) json_encode($file))->tree;

    return Sample::relayout()->after(new Tree($tree->project), $tree);
}

/** @return array<string, string> the words of every label by its address */
function labels(Tree $tree): array
{
    $labels = [];
    foreach (Sample::expansion()->shown($tree, new Place('home')) as [$layer, $address]) {
        if ($layer->id === 'label' && $layer->content instanceof Text) {
            $labels[(string) $address] = $layer->content->words;
        }
    }

    return $labels;
}

/** @return array<string, mixed> */
function onLabel(string $at, string $type, mixed ...$more): array
{
    return ['type' => $type, 'screen' => 'home'] + ($type === 'set-field' ? ['layers' => [$at]] : ['layer' => $at]) + $more;
}

it('lays an array out in the cells of another', function (): void {
    $tree = shelves();
    // A shelf: a line of 24, a gap of 8, pots of 24; two of them with a gap of 16.
    expect($tree->layer('shelves')->box->height)->toEqual(2 * 56.0 + 16)
        ->and(array_map(strval(...), $tree->addresses($tree->layer('label'))))->toBe(['label.shelf1.poth1', 'label.shelf1.poth2', 'label.shelf1.poth3', 'label.shelf2.poth1', 'label.shelf2.poth2', 'label.shelf2.poth3'])
        ->and(labels($tree))->toBe(array_combine(array_map(strval(...), $tree->addresses($tree->layer('label'))), ['Bowl', 'Mug', 'Vase', 'Bowl', 'Mug', 'Vase']));
    $boxes = array_column((new Measurement(new Typesetter(Sample::faces()), Sample::expansion()))->of($tree, 'home'), null, 'id');
    expect(array_slice($boxes['tile.shelf2.poth3'], 3))->toEqual(['x' => 20 + 2 * 90, 'y' => 300 + 72 + 32, 'width' => 80, 'height' => 24])
        ->and(Sample::expansion()->offset($tree, Address::of('tile.shelf2.poth3')))->toEqual(new Kindred\Geometry\Point(180, 72))
        ->and(Sample::renderer()->screen($tree, $tree->screen('home'), Sample::rendering(editable: true)))->toContain('data-layer="tile.shelf2.poth3"', 'data-layer="pots.shelf1"');
});

it('changes what lies in a cell of a cell there, in the sheet or in all of them', function (): void {
    $words = Sample::after(shelves(), onLabel('label.shelf2.poth2', 'set-words', words: 'Jug'));
    expect(array_values(labels($words)))->toBe(['Bowl', 'Jug', 'Vase', 'Bowl', 'Jug', 'Vase']);
    $there = Sample::after($words, onLabel('label.shelf2.poth2', 'set-words', words: 'A jug of two lines', apart: true));
    expect(array_values(labels($there)))->toBe(['Bowl', 'Jug', 'Vase', 'Bowl', 'A jug of two lines', 'Vase'])
        // Only that shelf grows, by two lines.
        ->and($there->layer('shelves')->box->height - $words->layer('shelves')->box->height)->toEqual(24.0);
    $larger = Sample::after($there, onLabel('label.shelf1.poth1', 'set-field', field: 'style.size', value: '20'), onLabel('label.shelf1.poth1', 'set-field', field: 'style.size', value: '12', apart: true));
    $size = fn (string $at): float => Sample::expansion()->at($larger, Address::of($at))->content->style->size;
    expect([$size('label.shelf1.poth1'), $size('label.shelf2.poth1'), $size('label.shelf1.poth2')])->toEqual([12, 20, 20]);
    $back = Sample::after($larger, onLabel('label.shelf2.poth2', 'reset-override'), onLabel('label.shelf1.poth1', 'reset-override', field: 'style.size'));
    expect(array_values(labels($back)))->toBe(['Bowl', 'Jug', 'Vase', 'Bowl', 'Jug', 'Vase'])->and($back->layer('shelves')->content->overrides)->toBe([]);
    // Several cells at once.
    $both = Sample::after($back, ['type' => 'set-field', 'screen' => 'home', 'layers' => ['label.shelf1.poth1', 'label.shelf2.poth3'], 'field' => 'style.size', 'value' => '30', 'apart' => true]);
    expect($both->layer('shelves')->content->overrides)->toBe(['shelf1' => ['label.poth1' => ['style.size' => 30.0]], 'shelf2' => ['label.poth3' => ['style.size' => 30.0]]]);
    // Each from the size that it has there.
    $more = Sample::after($both, ['type' => 'set-field', 'screen' => 'home', 'layers' => ['label.shelf1.poth1', 'label.shelf1.poth2'], 'field' => 'style.size', 'value' => '+3', 'apart' => true]);
    expect($more->layer('shelves')->content->overrides['shelf1'])->toBe(['label.poth1' => ['style.size' => 33.0], 'label.poth2' => ['style.size' => 23.0]]);
    // Copies, files and detached cells keep it.
    $copied = Sample::after($there, ['type' => 'duplicate-layers', 'screen' => 'home', 'layers' => ['shelves'], 'seed' => 's', 'dx' => 0, 'dy' => 0]);
    $copy = array_values(array_filter($copied->layers, fn (Layer $layer): bool => $layer->name === 'Shelves' && $layer->id !== 'shelves'))[0];
    $label = array_values(array_filter($copied->subtree($copy->id), fn (Layer $layer): bool => $layer->name === 'Label'))[0];
    expect($copy->content->overrides)->toBe(['shelf2' => ["{$label->id}.poth2" => ['words' => 'A jug of two lines']]])
        ->and(labels(ProjectFile::read(Sample::written(new ProjectFile($there)))->tree))->toBe(labels($there));
    $detached = Sample::after($there, ['type' => 'detach-arrays', 'screen' => 'home', 'layers' => ['shelves'], 'seed' => 'd']);
    $lower = array_values(array_filter($detached->layers, fn (Layer $layer): bool => $layer->name === 'Pots'))[1];
    expect(words($detached, $lower->id, array_key_last($detached->layers)))->toBe(['Bowl', 'A jug of two lines', 'Vase']);
});

it('takes over what a sheet around it feeds when an array is made in a cell', function (): void {
    $tree = Sample::after(pots(), ['type' => 'array-layers', 'screen' => 'home', 'layers' => ['name'], 'seed' => 's']);
    $inner = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === 'Array'))[0];
    expect($inner->parent)->toBe('card')->and($inner->content->sheet->columns[0]->layer)->toBe('name')
        ->and($tree->layer('pots')->content->sheet->feeding('name', Slot::Words))->toBeNull()
        ->and($tree->layer('pots')->content->sheet->rows[0]->cells()['name'])->toBe('Bowl')
        // And one around an array feeds nothing that lies in its cells.
        ->and(Sample::after(pots(), ['type' => 'array-layers', 'screen' => 'home', 'layers' => ['pots'], 'seed' => 's'])->layer(Id::beside('s')->next())->content->sheet->columns)->toBe([]);
});

it('gives a widget in each cell of a cell a signal of its own in a rehearsal', function (): void {
    $tree = Sample::after(shelves(), ['type' => 'create-layers', 'screen' => 'home', 'parent' => 'tile', 'seed' => 's', 'layers' => [['kind' => 'widget', 'widget' => 'switch', 'label' => 'Kept', 'x' => 0, 'y' => 0, 'width' => 60, 'height' => 44]]]);
    $programme = Programme::compile($tree);
    $switch = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->kind() === 'widget'))[0];
    expect(array_keys($programme['widgets']))->toBe(array_map(strval(...), $tree->addresses($switch)))->toHaveCount(6)
        ->and(array_keys($programme['signals']))->toContain('kept', 'kept_6');
    preg_match_all('/data-works="([^"]*)"/', Sample::renderer()->played($tree, $tree->screen('home'), Sample::rendering()->with(working: true)), $found);
    expect($found[1])->toBe(array_keys($programme['widgets']));
});

it('puts a colour that is painted in a cell into the row that the cell takes it from, and a gradient into all cells', function (): void {
    $paint = fn (string $value): Tree => Sample::after(pots(), ['type' => 'set-field', 'screen' => 'home', 'layers' => ['swatch.row2'], 'field' => 'fills.0.paint', 'value' => $value]);
    $painted = fn (Tree $tree): array => array_map(fn (LaidCopy $cell): string => $cell->tree->layer('swatch')->fills[0]->paint->css(), cells($tree));
    expect($painted($paint('teal')))->toBe(['#cccccc', '#008080', '#cccccc'])->and($paint('teal')->layer('swatch')->fills[0]->colour()->toHex())->toBe('#cccccc')
        ->and(array_unique($painted($paint('linear-gradient(red, blue)'))))->toBe(['linear-gradient(#ff0000 0%, #0000ff 100%)']);
});
