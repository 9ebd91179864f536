<?php

declare(strict_types=1);

use Kindred\Document\Difference;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Layout\Computed;
use Kindred\Tests\Sample;

/**
 * The sample with a stack in it, and one layer more in that stack.
 *
 * @param  array<string, mixed>  $item
 * @param  array<string, mixed>  $stack
 */
function stacked(array $item, array $stack = []): Tree
{
    $item += ['name' => 'Item', 'x' => 0, 'y' => 0, 'width' => 60, 'height' => 30];

    return Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'computed', 'layers' => [
        $stack + ['kind' => 'stack', 'name' => 'Around', 'direction' => 'row', 'x' => 10, 'y' => 20, 'width' => 300, 'height' => 80, 'children' => [$item]],
    ]]);
}

function called(Tree $tree, string $name): Layer
{
    return array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === $name))[0];
}

const STYLE = ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4];

it('is the place in a stack, and a size that is no length', function (array $item, array $computed): void {
    $tree = stacked($item);
    expect(Computed::of($tree, called($tree, 'Item')))->toBe($computed);
})->with([
    'a box of its own size' => [['kind' => 'box'], ['x', 'y']],
    'a box as wide as there is room' => [['kind' => 'box', 'sizing' => ['width' => 'stretch']], ['x', 'y', 'width']],
    'a box as high as there is room' => [['kind' => 'box', 'sizing' => ['height' => 'stretch']], ['x', 'y', 'height']],
    'words, as large as their lines' => [['kind' => 'text', 'words' => 'Clay', 'style' => STYLE], ['x', 'y', 'width', 'height']],
    'wrapped words' => [['kind' => 'text', 'words' => 'Clay', 'wrapped' => true, 'style' => STYLE], ['x', 'y', 'height']],
    'a stack in the stack' => [['kind' => 'stack', 'direction' => 'row', 'sizing' => ['width' => 'content'], 'children' => [['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 9, 'height' => 9]]], ['x', 'y', 'width']],
    'what lies in it absolutely' => [['kind' => 'box', 'sizing' => ['absolute' => true, 'width' => 'stretch']], []],
    'what is hidden' => [['kind' => 'box', 'hidden' => true], []],
]);

it('is the size of what follows its content, where it lies freely', function (array $stack, array $computed): void {
    $tree = stacked(['kind' => 'box'], $stack);
    expect(Computed::of($tree, called($tree, 'Around')))->toBe($computed);
})->with([
    'a stack of a set size' => [[], []],
    'a stack as wide as its items' => [['sizing' => ['width' => 'content']], ['width']],
    'a stack as large as its items' => [['sizing' => ['width' => 'content', 'height' => 'content']], ['width', 'height']],
    // On its own there is no room to stretch into.
    'a stack that would stretch' => [['sizing' => ['width' => 'stretch']], []],
]);

it('is the size of words and groups, but not of a group that is turned, nor of anything else', function (): void {
    $tree = Sample::tree();
    $turned = Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => ['group'], 'field' => 'rotation', 'value' => '30']);
    $array = Sample::after($tree, ['type' => 'array-layers', 'screen' => 'home', 'layers' => ['boxa'], 'seed' => 'array']);
    expect(Computed::of($tree, $tree->layer('words')))->toBe(['width', 'height'])
        ->and(Computed::of($tree, $tree->layer('words')->with(content: $tree->layer('boxa')->content)))->toBe([])
        ->and(Computed::of($tree, $tree->layer('group')))->toBe(['width', 'height'])
        ->and(Computed::of($turned, $turned->layer('group')))->toBe([])
        ->and(Computed::of($array, called($array, 'Array')))->toBe(['height'])
        // The design of cells is made as wide as its column, which cannot be told from its width.
        ->and(Computed::of($array, $array->layer('boxa')))->toBe([]);
});

it('cannot be typed: a place in a stack and the height of words, but no size that becomes a length', function (array $item, array $stacked, array $free): void {
    $tree = stacked($item);
    $out = Sample::after($tree, ['type' => 'reorder-layers', 'screen' => 'home', 'parent' => null, 'layers' => [called($tree, 'Item')->id], 'above' => null]);
    expect(Computed::fixed($tree, called($tree, 'Item')))->toBe($stacked)->and(Computed::fixed($out, called($out, 'Item')))->toBe($free);
})->with([
    'a box' => [['kind' => 'box', 'sizing' => ['width' => 'stretch']], ['x', 'y'], []],
    'words' => [['kind' => 'text', 'words' => 'Clay', 'style' => STYLE], ['x', 'y', 'height'], ['height']],
    'a group' => [['kind' => 'group', 'children' => [['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 9, 'height' => 9]]], ['x', 'y'], []],
    'what lies absolutely' => [['kind' => 'box', 'sizing' => ['absolute' => true]], [], []],
]);

it('leaves a change out only where nothing of it was made by somebody, on either side', function (): void {
    $named = function (Tree $before, array ...$commands): array {
        $after = Sample::after($before, ...array_map(fn (array $command): array => $command + ['screen' => 'home'], $commands));
        $names = array_map(fn (string $id): string => ($after->layers[$id] ?? $before->layer($id))->name, Computed::without(Difference::between($before, $after), $before, $after)->layers());
        sort($names);

        return $names;
    };
    $tree = stacked(['kind' => 'box'], ['sizing' => ['width' => 'content']]);
    $stack = called($tree, 'Around')->id;
    $item = called($tree, 'Item')->id;
    // The stack grows with its item: that is nobody's edit. The item's width is.
    expect($named($tree, ['type' => 'set-field', 'layers' => [$item], 'field' => 'width', 'value' => '90']))->toBe(['Item'])
        ->and($named($tree, ['type' => 'set-field', 'layers' => [$stack], 'field' => 'columnGap', 'value' => '9']))->toBe(['Around'])
        // Into the stack and out of it a layer has been moved by somebody, wherever the layout puts it.
        ->and($named($tree, ['type' => 'reorder-layers', 'parent' => $stack, 'layers' => ['boxa'], 'above' => null]))->toBe(['Box'])
        ->and($named($tree, ['type' => 'reorder-layers', 'parent' => null, 'layers' => [$item], 'above' => null]))->toBe(['Around', 'Item'])
        ->and($named($tree, ['type' => 'delete-layers', 'layers' => ['boxa']]))->toBe(['Box'])
        ->and($named($tree, ['type' => 'set-words', 'layer' => 'words', 'words' => 'Longer than it was']))->toBe(['Words']);
});
