<?php

declare(strict_types=1);

use Kindred\Document\Copies;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Sample;

/** Three cards, two on one screen and one on the next, each a group of a ground and a name; the third says something else. */
function threeCards(): Tree
{
    $file = Sample::file();
    $file['screens'][0]['layers'] = $file['screens'][1]['layers'] = [];
    foreach ([['carda', 0, 20.0, 'Bowl'], ['cardb', 0, 140.0, 'Bowl'], ['cardc', 1, 60.0, 'Mug']] as [$id, $screen, $x, $name]) {
        $file['screens'][$screen]['layers'][] = ['id' => $id, 'kind' => 'group', 'name' => $id, 'x' => $x, 'y' => 30, 'width' => 100, 'height' => 60, 'children' => [
            ['id' => "{$id}ground", 'kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 100, 'height' => 60, 'fills' => [['colour' => '#eeeeee']]],
            ['id' => "{$id}name", 'kind' => 'text', 'x' => 8, 'y' => 8, 'width' => 84, 'words' => $name, 'wrapped' => true, 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.5]],
        ]];
    }
    $tree = ProjectFile::read((string) json_encode($file))->tree;

    return Sample::relayout()->after(new Tree($tree->project), $tree);
}

/** @param  array<string, mixed>  $command  on the first card */
function inAll(array $command): Tree
{
    $tree = threeCards();
    $copies = Copies::of($tree, $tree->layer('carda')) ?? throw new LogicException;

    return Sample::after($tree, ['type' => 'edit-together',
        'copies' => array_map(fn (array $parts): array => ['screen' => $parts[0]->screen, 'parts' => array_map(fn (Layer $part): string => $part->id, $parts)], $copies->parts),
        'apart' => (object) array_map(array_keys(...), $copies->differences),
        'command' => $command + ['screen' => 'home'],
    ]);
}

/** @return list<mixed> of the three cards */
function ofAll(Tree $tree, string $part, Closure $what): array
{
    return array_map(fn (string $id): mixed => isset($tree->layers[$id.$part]) ? $what($tree->layer($id.$part)) : null, ['carda', 'cardb', 'cardc']);
}

it('does in all copies what is done to a part of one, on every screen', function (): void {
    expect(ofAll(inAll(['type' => 'set-field', 'layers' => ['cardaground'], 'field' => 'fills.0.colour', 'value' => '#b4472e']), 'ground', fn (Layer $layer): string => $layer->fills[0]->colour()->toHex()))->toBe(['#b4472e', '#b4472e', '#b4472e'])
        ->and(ofAll(inAll(['type' => 'set-field', 'layers' => ['cardaname'], 'field' => 'style.size', 'value' => '*2']), 'name', fn (Layer $layer): mixed => $layer->content->toArray()['style']['size']))->toEqual([32, 32, 32])
        ->and(ofAll(inAll(['type' => 'mark-layers', 'layers' => ['cardaname'], 'hidden' => true]), 'name', fn (Layer $layer): bool => $layer->hidden))->toBe([true, true, true])
        ->and(ofAll(inAll(['type' => 'delete-layers', 'layers' => ['cardaname']]), 'name', fn (Layer $layer): string => $layer->id))->toBe([null, null, null]);
});

it('moves parts by as much in each, and leaves where the copies lie to each', function (): void {
    $x = fn (Layer $layer): array => [$layer->box->x, $layer->box->width];
    $place = fn (string $id, float $to, float $width): array => ['type' => 'place-layers', 'places' => [['id' => $id, 'x' => $to, 'y' => 8, 'width' => $width, 'height' => 24, 'rotation' => 0]]];
    expect(ofAll(inAll($place('cardaname', 14, 70)), 'name', $x))->toEqual([[14, 70], [14, 70], [14, 70]])
        ->and(ofAll(inAll(['type' => 'move-layers', 'layers' => ['cardaname'], 'dx' => 3, 'dy' => 0]), 'name', fn (Layer $layer): float => $layer->box->x))->toEqual([11, 11, 11])
        ->and(ofAll(inAll(['type' => 'move-layers', 'layers' => ['carda'], 'dx' => 3, 'dy' => 0]), '', fn (Layer $layer): float => $layer->box->x))->toEqual([23, 140, 60])
        ->and(ofAll(inAll(['type' => 'delete-layers', 'layers' => ['carda']]), '', fn (Layer $layer): string => $layer->id))->toBe([null, 'cardb', 'cardc']);
});

it('adds to each what is added to one, and leaves words alone where they differ', function (): void {
    $dot = ['kind' => 'box', 'name' => 'Dot', 'x' => 80, 'y' => 40, 'width' => 8, 'height' => 8];
    $tree = inAll(['type' => 'create-layers', 'parent' => 'carda', 'seed' => 'dots', 'layers' => [$dot]]);
    expect(array_count_values(array_map(fn (Layer $layer): string => $layer->parent ?? '', array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === 'Dot'))))->toEqual(['carda' => 1, 'cardb' => 1, 'cardc' => 1])
        // The third says something else, so what it says is its own, and so is what the others say.
        ->and(ofAll(inAll(['type' => 'set-words', 'layer' => 'cardaname', 'words' => 'Vase']), 'name', fn (Layer $layer): mixed => $layer->content->toArray()['words']))->toBe(['Vase', 'Bowl', 'Mug']);
});

it('works out the most copies of the most parts that it takes within a second', function (): void {
    $parts = fn (int $copy): array => array_map(fn (int $part): string => "c{$copy}p{$part}", range(0, 199));
    $reader = Kindred\Input\Reader::of(['type' => 'edit-together', 'copies' => array_map(fn (int $copy): array => ['screen' => 'home', 'parts' => $parts($copy)], range(1, 500)),
        'command' => ['type' => 'mark-layers', 'screen' => 'home', 'layers' => array_slice($parts(1), 0, 10), 'hidden' => true]]);
    $set = Kindred\Command\Commands::read($reader)->workingSet();
    expect(count(array_unique($set->layers)))->toBe(5000);
});

it('is one step, named after what was done, and holds no other of its kind', function (): void {
    $command = ['type' => 'edit-together', 'copies' => [['screen' => 'home', 'parts' => ['carda']]], 'command' => ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['carda'], 'dx' => 1, 'dy' => 1]];
    expect(Kindred\Command\Commands::read(Kindred\Input\Reader::of($command))->label(threeCards()))->toBe('Move carda, in all copies')
        ->and(fn () => Kindred\Command\Commands::read(Kindred\Input\Reader::of(['command' => $command] + $command)))->toThrow(InvalidInput::class, 'edited one by one');
});
