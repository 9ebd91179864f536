<?php

declare(strict_types=1);

use Kindred\Document\Copies;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Layout\LaidCopy;
use Kindred\Tests\Sample;

/**
 * Cards on two screens, each a group of a ground and a name.
 *
 * @param  list<array{string, string, float, float, string, array<string, mixed>}>  $cards  id, screen, x, y, name, changes of the ground
 */
function cards(array $cards): Tree
{
    $file = Sample::file();
    $file['screens'][0]['layers'] = $file['screens'][1]['layers'] = [];
    foreach ($cards as [$id, $screen, $x, $y, $name, $ground]) {
        $file['screens'][$screen === 'home' ? 0 : 1]['layers'][] = ['id' => $id, 'kind' => 'group', 'name' => ucfirst($id), 'x' => $x, 'y' => $y, 'width' => 100, 'height' => 60, 'children' => [
            $ground + ['id' => "{$id}a", 'kind' => 'box', 'name' => 'Ground', 'x' => 0, 'y' => 0, 'width' => 100, 'height' => 60, 'fills' => [['colour' => '#eeeeee']]],
            ['id' => "{$id}b", 'kind' => 'text', 'name' => 'Name', 'x' => 8, 'y' => 8, 'width' => 84, 'words' => $name, 'wrapped' => true, 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.5]],
        ]];
    }
    $tree = ProjectFile::read((string) json_encode($file))->tree;

    return Sample::relayout()->after(new Tree($tree->project), $tree);
}

$messy = [
    ['card', 'home', 20, 30, 'Bowl', []], ['card2', 'home', 136, 30, 'Mug', ['fills' => [['colour' => '#b4472e']]]],
    ['card3', 'home', 20, 104, 'Vase', ['corners' => ['topLeft' => 9, 'topRight' => 9, 'bottomRight' => 9, 'bottomLeft' => 9]]], ['other', 'next', 50, 50, 'Jug', ['opacity' => 0.5]],
];

it('finds what is of the same parts, on every screen, and tells what differs', function () use ($messy): void {
    $tree = cards($messy);
    $copies = Copies::of($tree, $tree->layer('card')) ?? throw new LogicException;
    expect(array_map(fn (array $parts): string => $parts[0]->id, $copies->parts))->toBe(['card', 'card2', 'card3', 'other'])
        ->and($copies->told(1))->toBe(['opacity: 100%, 50%', 'fill: #eeeeee, #b4472e', 'corner radius: 0, 9'])
        ->and($copies->told(2))->toBe(['words: Bowl, Mug, Vase, Jug'])->and($copies->told(0))->toBe([]);
});

it('takes nothing for a copy that has other parts, another size, or lies in a cell', function (): void {
    $tree = cards([['card', 'home', 20, 30, 'Bowl', []], ['card2', 'home', 136, 30, 'Mug', []]]);
    expect(Copies::of(Sample::after($tree, ['type' => 'delete-layers', 'screen' => 'home', 'layers' => ['card2b']]), $tree->layer('card')))->toBeNull();
    $wide = Sample::after($tree, ['type' => 'place-layers', 'screen' => 'home', 'places' => [['id' => 'card2', 'x' => 0, 'y' => 0, 'width' => 200, 'height' => 60, 'rotation' => 0]]]);
    expect(Copies::of($wide, $wide->layer('card')))->toBeNull()->and(Copies::of($tree, $tree->layer('carda')))->toBeNull();
    $array = Sample::after($tree, ['type' => 'array-layers', 'screen' => 'home', 'layers' => ['card2'], 'seed' => 's']);
    expect(Copies::of($array, $array->layer('card')))->toBeNull();
});

it('makes an array of them that loses nothing', function () use ($messy): void {
    $tree = Sample::after(cards($messy), ['type' => 'gather-copies', 'screen' => 'home', 'layers' => ['card3', 'card2', 'card'], 'seed' => 'g']);
    $array = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->content instanceof ArrayLayer))[0];
    $cells = Sample::cells()->of($tree, $array);
    expect([$array->content->columns, $array->content->rowGap, $array->content->columnGap])->toEqual([2, 14, 16])
        ->and(array_map(fn (LaidCopy $cell): array => [$cell->root->box->x + $array->box->x, $cell->root->box->y + $array->box->y, $cell->tree->layer('cardb')->content->words, $cell->tree->layer('carda')->fills[0]->colour()->toHex(), $cell->tree->layer('carda')->corners->topLeft], $cells))
        ->toEqual([[20, 30, 'Bowl', '#eeeeee', 0], [136, 30, 'Mug', '#b4472e', 0], [20, 104, 'Vase', '#eeeeee', 9]])
        ->and($tree->layers)->toHaveCount(7);
});

it('says when they are no copies', function (array $layers, string $problem): void {
    expect(fn (): Tree => Sample::after(Sample::tree(), ['type' => 'gather-copies', 'screen' => 'home', 'layers' => $layers, 'seed' => 's']))->toThrow(InvalidInput::class, $problem);
})->with([[['group', 'boxa'], 'These are not copies of each other'], [['group'], 'Select two copies or more'], [['boxa', 'left'], 'Only layers that lie beside each other']]);

it('fills the sheet with what copies say that say the same', function (): void {
    $tree = Sample::after(cards([['card', 'home', 20, 30, 'Bowl', []], ['card2', 'home', 136, 30, 'Bowl', []]]), ['type' => 'gather-copies', 'screen' => 'home', 'layers' => ['card', 'card2'], 'seed' => 'g']);
    $array = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->content instanceof ArrayLayer))[0];
    expect(array_map(fn ($column): string => $column->layer ?? '', $array->content->sheet->columns))->toBe(['cardb'])
        ->and(array_map(fn ($row): array => array_values($row->cells()), $array->content->sheet->rows))->toBe([['Bowl'], ['Bowl']]);
});
