<?php

declare(strict_types=1);

use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Flow\Programme;
use Kindred\Tests\Sample;

/** A column of two rows that open and a line below, in a card; one more row lies free. @return array{Tree, array<string, string>} with the ids of layers by name */
function rowsThatOpen(): array
{
    $text = fn (string $name, string $words): array => ['kind' => 'text', 'name' => $name, 'words' => $words, 'x' => 0, 'y' => 0, 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.5]];
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'r', 'layers' => [
        ['kind' => 'stack', 'name' => 'Row', 'x' => 20, 'y' => 600, 'width' => 200, 'height' => 0, 'direction' => 'column', 'sizing' => ['width' => 'length', 'height' => 'content'], 'children' => [$text('Asked', 'When does it open?'), ['hidden' => true] + $text('Answer', 'At nine')]],
    ]]);
    $id = fn (Tree $of, string $name): string => array_values(array_filter($of->layers, fn (Layer $one): bool => $one->name === $name))[0]->id;
    $tree = Sample::after($tree, ['type' => 'make-component', 'screen' => 'home', 'layers' => [$id($tree, 'Row')], 'seed' => 'c']);
    $sheet = $tree->sheets()[0];
    $use = fn (string $name): array => ['kind' => 'instance', 'name' => $name, 'component' => $sheet->id, 'x' => 0, 'y' => 0];
    $tree = Sample::after($tree, ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'Open', 'seed' => 's'], ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'card', 'layers' => [
        ['kind' => 'stack', 'name' => 'Card', 'x' => 20, 'y' => 100, 'width' => 240, 'height' => 0, 'direction' => 'column', 'rowGap' => 8, 'sizing' => ['width' => 'length', 'height' => 'content'], 'fills' => [['colour' => '#eeeeee']], 'children' => [$use('First'), $use('Second'), $text('Below', 'Come in by the yard')]],
    ]]);
    $axis = $tree->component($sheet->id)->axes[0];
    $answer = $id($tree, 'Answer');
    $first = $id($tree, 'First');
    // Open, the answer is seen; a tap on the question opens and closes it.
    $tree = Sample::after($tree, ['type' => 'set-states', 'screen' => 'home', 'layers' => [$first], 'axis' => $axis->id, 'state' => $axis->states[1]->id], ['type' => 'mark-layers', 'screen' => $sheet->id, 'layers' => ["{$answer}.{$first}"], 'hidden' => false],
        ['type' => 'set-states', 'screen' => 'home', 'layers' => [$first], 'axis' => $axis->id, 'state' => $axis->states[0]->id],
        ['type' => 'put-cue', 'screen' => $sheet->id, 'layer' => $sheet->component->root, 'cue' => ['id' => 'open1', 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'state', 'axis' => $axis->id]]]);

    return [$tree, array_column(array_map(fn (Layer $one): array => [$one->name, $one->id], array_values($tree->layersOf('home'))), 1, 0) + ['axis' => $axis->id, 'open' => $axis->states[1]->id]];
}

it('says what moves and grows around an instance in each of its states, and nothing where nothing is laid out', function (): void {
    [$tree, $id] = rowsThatOpen();
    $shifts = Programme::compile($tree, Sample::relayout())['shifts'];
    $open = "{$id['axis']}:{$id['open']}";
    expect(array_keys($shifts))->toEqualCanonicalizing([$id['First'], $id['Second']])
        ->and($shifts[$id['First']])->toEqual([$open => [$id['Card'] => [0, 0, 0, 24], $id['Second'] => [0, 24, 0, 0], $id['Below'] => [0, 24, 0, 0]]])
        ->and($shifts[$id['Second']])->toEqual([$open => [$id['Card'] => [0, 0, 0, 24], $id['Below'] => [0, 24, 0, 0]]])
        ->and(Programme::compile($tree)['shifts'])->toBe([]);
    // What they add up to is what is laid out with both open.
    $both = Sample::after($tree, ...array_map(fn (string $one): array => ['type' => 'set-states', 'screen' => 'home', 'layers' => [$id[$one]], 'axis' => $id['axis'], 'state' => $id['open']], ['First', 'Second']));
    expect($both->layer($id['Below'])->box->y - $tree->layer($id['Below'])->box->y)->toBe(48.0)->and($both->layer($id['Card'])->box->height - $tree->layer($id['Card'])->box->height)->toBe(48.0);
});

it('begins from the states in which instances stand', function (): void {
    [$tree, $id] = rowsThatOpen();
    $opened = Sample::after($tree, ['type' => 'set-states', 'screen' => 'home', 'layers' => [$id['First']], 'axis' => $id['axis'], 'state' => $id['open']]);
    $shifts = Programme::compile($opened, Sample::relayout())['shifts'];
    expect(array_values($shifts[$id['First']])[0][$id['Below']])->toEqual([0, -24, 0, 0])->and($shifts[$id['First']])->not->toHaveKey("{$id['axis']}:{$id['open']}");
});
