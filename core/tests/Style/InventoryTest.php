<?php

declare(strict_types=1);

use Kindred\Document\Difference;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Token;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Layout\Computed;
use Kindred\Paint\Oklab;
use Kindred\Style\Aspect;
use Kindred\Style\InUse;
use Kindred\Style\Inventory;
use Kindred\Tests\Sample;

function inventoryOf(Tree $tree): Inventory
{
    $inventory = new Inventory(Bindings::tokens($tree));
    // Layers as they are stored, screens as they are at hand.
    foreach ($tree->layers as $layer) {
        $inventory->layer(json_decode((string) json_encode($layer->toArray()), true));
    }
    foreach ($tree->screens as $screen) {
        $inventory->screen($screen->toArray());
    }

    return $inventory;
}

/**
 * @param  class-string<Aspect>  $aspect
 * @return array<string, int> how often each is used
 */
function usedOften(Tree $tree, string $aspect): array
{
    return array_column(array_map(fn (InUse $one): array => [$one->shown, $one->count], inventoryOf($tree)->values($aspect)), 1, 0);
}

/**
 * @param  class-string<Aspect>  $aspect
 * @return list<list<string>>
 */
function nearOnes(Tree $tree, string $aspect, float $near = 1.0): array
{
    return array_map(fn (array $group): array => array_map(fn (InUse $one): string => $one->shown, $group), inventoryOf($tree)->groups($aspect, $near));
}

/** Home with boxes of some colours, and of whatever else. */
function withBoxes(string $list, array ...$each): Tree
{
    $layers = array_map(fn (array $own, int $i): array => $own + ['kind' => 'box', 'name' => "Box {$i}", 'x' => 0, 'y' => 0, 'width' => 10, 'height' => 10], $each, array_keys($each));

    return Sample::after(Sample::tree(), ['type' => 'delete-layers', 'screen' => 'home', 'layers' => ['boxa', 'words', 'icon', 'group']], ['type' => 'create-layers', 'screen' => 'home', 'layers' => $layers, 'seed' => $list]);
}

function withGreys(string ...$colours): Tree
{
    return withBoxes('greys', ...array_map(fn (string $colour): array => ['fills' => [['colour' => $colour]]], $colours));
}

it('counts every distinct value of each part of the look', function (): void {
    $tree = Sample::after(Sample::tree(),
        ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'corners', 'value' => '12'],
        ['type' => 'add-to-list', 'screen' => 'home', 'layers' => ['boxa'], 'list' => 'strokes', 'entry' => ['colour' => '#17594f', 'width' => 1.5]],
        ['type' => 'add-to-list', 'screen' => 'home', 'layers' => ['boxa'], 'list' => 'effects', 'entry' => ['colour' => '#00000040', 'offsetY' => 4, 'blur' => 12]],
        ['type' => 'add-to-list', 'screen' => 'home', 'layers' => ['left'], 'list' => 'fills', 'entry' => ['kind' => 'linear', 'angle' => 90, 'stops' => [['colour' => '#a94c31', 'at' => 0], ['colour' => '#d9a441', 'at' => 1]]]],
        ['type' => 'stack-layers', 'screen' => 'home', 'layers' => ['group'], 'seed' => 'stacked'],
    );
    expect(usedOften($tree, Aspect\Colours::class))->toMatchArray(['#17594f' => 4, '#ffffff' => 2, '#00000040' => 1, '#a94c31' => 1, '#d9a441' => 1])
        ->and(usedOften($tree, Aspect\Gradients::class))->toBe(['linear-gradient(90deg, #a94c31 0%, #d9a441 100%)' => 1])
        ->and(usedOften($tree, Aspect\TypeStyles::class))->toBe(['400 16px/1.4 "Hanken Grotesk"' => 1])
        ->and(usedOften($tree, Aspect\Sizes::class))->toBe(['16 px' => 1])->and(usedOften($tree, Aspect\Weights::class))->toBe(['400' => 1])
        ->and(usedOften($tree, Aspect\Radii::class))->toBe(['12 px' => 1])->and(usedOften($tree, Aspect\StrokeWidths::class))->toBe(['1.5 px' => 1])
        ->and(usedOften($tree, Aspect\Shadows::class))->toBe(['0 4px 12px #00000040' => 1])->and(array_keys(usedOften($tree, Aspect\Gaps::class)))->toBe(['20 px']);
});

it('knows which tokens have a value, and how much of it is bound to none', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'put-tokens', 'tokens' => [['id' => 'spruce', 'name' => 'colour.spruce', 'kind' => 'color', 'value' => '#17594f'], ['id' => 'space', 'name' => 'space.m', 'kind' => 'dimension', 'value' => 16]]],
        ['type' => 'bind-token', 'screen' => 'home', 'layers' => ['boxa', 'left'], 'field' => 'fills.0.paint', 'token' => 'spruce']);
    $one = inventoryOf($tree)->values(Aspect\Colours::class)[0];
    expect([$one->shown, $one->count, $one->raw])->toBe(['#17594f', 3, 1])->and(array_map(fn (Token $token): string => $token->id, $one->tokens))->toBe(['spruce'])
        ->and(array_column($one->places, 'layer'))->toBe(['boxa', 'left', 'right'])
        // A space that happens to be as large as words are is no token for them.
        ->and(inventoryOf($tree)->values(Aspect\Sizes::class)[0]->tokens)->toBe([]);
});

it('brings together what is nearly the same, never by a chain', function (): void {
    $greys = ['#808080', '#808080', '#7e7e7e', '#838383', '#b0b0b0', '#202020', '#222222', '#242424'];
    expect(nearOnes(withGreys(...$greys), Aspect\Colours::class))->toContain(['#808080', '#7e7e7e', '#838383'], ['#b0b0b0'])->toContain(['#202020', '#222222', '#242424']);
    // Each step is near the one before, all together are not.
    $ramp = array_map(fn (int $i): string => sprintf('#%1$02x%1$02x%1$02x', 100 + 6 * $i), range(0, 9));
    foreach (inventoryOf(withGreys(...$ramp))->groups(Aspect\Colours::class) as $group) {
        foreach ($group as $one) {
            expect(Oklab::of(Aspect\Colours::value($one->plain)->value)->distance(Oklab::of(Aspect\Colours::value($group[0]->plain)->value)))->toBeLessThanOrEqual(0.04);
        }
    }
    expect(count(nearOnes(withGreys(...$ramp), Aspect\Colours::class)))->toBeGreaterThan(2)->and(nearOnes(withGreys(...$ramp), Aspect\Colours::class, 0.0))->toHaveCount(11);
});

it('takes for near what is', function (string $aspect, mixed $one, mixed $other, bool $near): void {
    expect($aspect::distance($one, $other) <= 1)->toBe($near)->and($aspect::distance($other, $one))->toEqualWithDelta($aspect::distance($one, $other), 1e-9)->and($aspect::distance($one, $one))->toEqualWithDelta(0.0, 1e-12);
})->with([
    [Aspect\Sizes::class, 15, 16, true], [Aspect\Sizes::class, 14, 16, false], [Aspect\Sizes::class, 30, 32, true], [Aspect\Sizes::class, 11, 12, true],
    [Aspect\Radii::class, 3, 4, true], [Aspect\Radii::class, 12, 16, false], [Aspect\Gaps::class, 8, 12, false],
    [Aspect\Weights::class, 400, 500, false], [Aspect\Weights::class, 400, 450, true],
    [Aspect\Colours::class, '#808080', '#80808080', false], [Aspect\Colours::class, '#b4472e', '#b4492f', true], [Aspect\Colours::class, '#b4472e', '#17594f', false],
    [Aspect\TypeStyles::class, ['family' => 'Lora', 'weight' => 400, 'size' => 15, 'lineHeight' => 1.4], ['family' => 'Lora', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.45], true],
    [Aspect\TypeStyles::class, ['family' => 'Lora', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4], ['family' => 'Lora', 'weight' => 600, 'size' => 16, 'lineHeight' => 1.4], false],
    [Aspect\Shadows::class, ['colour' => '#00000040', 'offsetY' => 4, 'blur' => 12], ['colour' => '#00000044', 'offsetY' => 5, 'blur' => 12], true],
    [Aspect\Shadows::class, ['colour' => '#00000040', 'offsetY' => 4, 'blur' => 12], ['colour' => '#00000040', 'offsetY' => 4, 'blur' => 12, 'inner' => true], false],
    [Aspect\Gradients::class, ['kind' => 'linear', 'angle' => 90, 'stops' => [['colour' => '#a94c31', 'at' => 0], ['colour' => '#d9a441', 'at' => 1]]], ['kind' => 'linear', 'angle' => 90, 'stops' => [['colour' => '#a94d31', 'at' => 0.02], ['colour' => '#d9a441', 'at' => 1]]], true],
    [Aspect\Gradients::class, ['kind' => 'linear', 'angle' => 90, 'stops' => [['colour' => '#a94c31', 'at' => 0], ['colour' => '#d9a441', 'at' => 1]]], ['kind' => 'linear', 'angle' => 45, 'stops' => [['colour' => '#a94c31', 'at' => 0], ['colour' => '#d9a441', 'at' => 1]]], false],
]);

it('merges fourteen greys into four tokens, each in one step', function (): void {
    $families = [['#1c1c1c', '#1e1e1e', '#202020', '#1a1a1a'], ['#606060', '#626262', '#5e5e5e'], ['#9a9a9a', '#9c9c9c', '#989898', '#9e9e9e'], ['#dcdcdc', '#dedede', '#dadada']];
    $tree = withGreys(...array_merge(...$families));
    foreach ($families as $i => $family) {
        $before = $tree;
        $tree = Sample::after($tree, $merge = ['type' => 'merge-values', 'aspect' => 'colours', 'from' => $family, 'to' => $family[0], 'token' => "grey{$i}", 'name' => "grey.g{$i}"]);
        $step = Difference::between($before, $tree);
        expect(Sample::command($merge)->label($before))->toBe('Merge '.(count($family) - 1)." colours into “grey.g{$i}”");
        expect(Sample::plain(Sample::consequences()->replayed($tree, Computed::without($step, $before, $tree)->inverse())))->toEqual(Sample::plain($before));
    }
    expect(array_keys(usedOften($tree, Aspect\Colours::class)))->toEqualCanonicalizing(['#1c1c1c', '#606060', '#9a9a9a', '#dcdcdc', '#ffffff'])->and(count(Bindings::tokens($tree)))->toBe(4)
        ->and(array_sum(array_map(fn (InUse $one): int => $one->raw, inventoryOf($tree)->values(Aspect\Colours::class))))->toBe(2);
    // All follow the token from then on.
    $later = Sample::after($tree, ['type' => 'put-tokens', 'tokens' => [['id' => 'grey0', 'text' => '#000']]]);
    expect(usedOften($later, Aspect\Colours::class)['#000000'])->toBe(4);
});

it('puts one value in the place of others, in every part of the look', function (string $aspect, array $own, array $other): void {
    $tree = withBoxes('parts', $own, $other, $own);
    [$from, $to] = inventoryOf($tree)->values($aspect);
    expect([$from->count, $to->count])->toBe([2, 1]);
    $after = Sample::after($tree, ['type' => 'merge-values', 'aspect' => $aspect::key(), 'from' => [$from->plain], 'to' => $to->plain]);
    expect(usedOften($after, $aspect))->toBe([$to->shown => 3]);
    $named = Sample::after($tree, ['type' => 'merge-values', 'aspect' => $aspect::key(), 'from' => [$from->plain], 'to' => $to->plain, 'token' => 'made', 'name' => 'made']);
    expect(usedOften($named, $aspect))->toBe([$to->shown => 3])->and(inventoryOf($named)->values($aspect)[0]->raw)->toBe(0);
})->with([
    [Aspect\Radii::class, ['corners' => array_fill_keys(['topLeft', 'topRight', 'bottomRight', 'bottomLeft'], 11)], ['corners' => array_fill_keys(['topLeft', 'topRight', 'bottomRight', 'bottomLeft'], 12)]],
    [Aspect\StrokeWidths::class, ['strokes' => [['colour' => '#000000', 'width' => 1.5]]], ['strokes' => [['colour' => '#000000', 'width' => 2]]]],
    [Aspect\Shadows::class, ['effects' => [['colour' => '#00000040', 'offsetY' => 4, 'blur' => 12]]], ['effects' => [['colour' => '#00000044', 'offsetY' => 4, 'blur' => 12]]]],
    [Aspect\Gradients::class, ['fills' => [['kind' => 'linear', 'angle' => 90, 'stops' => [['colour' => '#a94c31', 'at' => 0], ['colour' => '#d9a441', 'at' => 1]]]]], ['fills' => [['kind' => 'linear', 'angle' => 80, 'stops' => [['colour' => '#a94c31', 'at' => 0], ['colour' => '#d9a441', 'at' => 1]]]]]],
    [Aspect\Gaps::class, ['children' => [['kind' => 'box', 'name' => 'In', 'x' => 0, 'y' => 0, 'width' => 10, 'height' => 10]], 'kind' => 'stack', 'padding' => array_fill_keys(['top', 'right', 'bottom', 'left'], 7)], ['children' => [['kind' => 'box', 'name' => 'In', 'x' => 0, 'y' => 0, 'width' => 10, 'height' => 10]], 'kind' => 'stack', 'padding' => array_fill_keys(['top', 'right', 'bottom', 'left'], 8)]],
]);

it('merges words, their runs and the background of screens, and lets be what is bound', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'put-tokens', 'tokens' => [['id' => 'spruce', 'name' => 'spruce', 'kind' => 'color', 'value' => '#17594f']]],
        ['type' => 'bind-token', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'fills.0.paint', 'token' => 'spruce'],
        ['type' => 'set-screen-field', 'screen' => 'next', 'field' => 'ground', 'value' => '#185a50']);
    $after = Sample::after($tree, ['type' => 'merge-values', 'aspect' => 'colours', 'from' => ['#17594f', '#185a50'], 'to' => '#000000']);
    expect(usedOften($after, Aspect\Colours::class))->toMatchArray(['#17594f' => 1, '#000000' => 3])->and($after->screen('next')->ground->toHex())->toBe('#000000');
    $bound = Sample::after($tree, ['type' => 'merge-values', 'aspect' => 'colours', 'from' => ['#185a50', '#17594f'], 'to' => '#17594f', 'token' => 'spruce']);
    expect($bound->screen('next')->bound)->toBe(['ground' => 'spruce'])->and(inventoryOf($bound)->values(Aspect\Colours::class)[0]->raw)->toBe(0);
    $large = Sample::after($tree, ['type' => 'merge-values', 'aspect' => 'type', 'from' => [['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4]], 'to' => ['family' => 'Lora', 'weight' => 600, 'size' => 40, 'lineHeight' => 1.5]]);
    expect($large->layer('words')->box->height)->toBe(60.0);
});

it('keeps what some words are by themselves while a token makes all of them so', function (): void {
    $words = ['kind' => 'text', 'name' => 'Runs', 'x' => 0, 'y' => 0, 'words' => 'Good clay', 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4], 'runs' => [['from' => 0, 'to' => 4, 'weight' => 700]]];
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'layers' => [$words], 'seed' => 'runs']);
    $id = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === 'Runs'))[0]->id;
    $runs = fn (Tree $of): int => $of->layer($id)->content instanceof Text ? count($of->layer($id)->content->runs) : -1;
    $tree = Sample::after($tree, ['type' => 'put-tokens', 'tokens' => [['id' => 'strong', 'name' => 'strong', 'kind' => 'fontWeight', 'value' => 400]]], ['type' => 'bind-token', 'screen' => 'home', 'layers' => [$id], 'field' => 'style.weight', 'token' => 'strong']);
    $bold = Sample::after($tree, ['type' => 'put-tokens', 'tokens' => [['id' => 'strong', 'value' => 700]]]);
    $kept = $bold->withLayers(Layer::kept($bold->layer($id)->parts()));
    $back = Sample::after($kept, ['type' => 'put-tokens', 'tokens' => [['id' => 'strong', 'value' => 400]]]);
    expect([$runs($tree), $runs($back)])->toBe([1, 1]);
    // Whoever merges all of it means these words, too.
    $merged = Sample::after(Sample::after($tree, ['type' => 'bind-token', 'screen' => 'home', 'layers' => [$id], 'field' => 'style.weight', 'token' => null]), ['type' => 'merge-values', 'aspect' => 'weights', 'from' => [700], 'to' => 400]);
    expect($runs($merged))->toBe(0);
});

it('refuses what cannot be merged', function (array $merge, string $said): void {
    expect(fn () => Sample::after(Sample::tree(), ['type' => 'merge-values'] + $merge))->toThrow(InvalidInput::class, $said);
})->with([
    [['aspect' => 'smells', 'from' => ['#000'], 'to' => '#fff'], 'there is no such part of the look'],
    [['aspect' => 'colours', 'from' => [], 'to' => '#fff'], 'between one and 200 values'],
    [['aspect' => 'colours', 'from' => array_map(fn (int $i): string => sprintf('#%06x', $i), range(1, 201)), 'to' => '#fff'], 'between one and 200 values'],
    [['aspect' => 'colours', 'from' => ['mud'], 'to' => '#fff'], 'value'],
    [['aspect' => 'colours', 'from' => ['#123456'], 'to' => '#ffffff'], 'Nothing has these values any more.'],
]);

/** A switch as a component with a state, two uses of it, one of which has a colour for itself. @return array{Tree, string, string} with the ids of its box and of that use */
function withStates(): array
{
    $box = ['kind' => 'box', 'name' => 'Track', 'width' => 40, 'height' => 20, 'x' => 0, 'y' => 0, 'fills' => [['colour' => '#777777']], 'corners' => ['topLeft' => 10, 'topRight' => 10, 'bottomRight' => 10, 'bottomLeft' => 10]];
    $tree = Sample::after(withBoxes('sw', []), ['type' => 'create-layers', 'screen' => 'home', 'layers' => [$box], 'seed' => 'track']);
    $track = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === 'Track'))[0]->id;
    $tree = Sample::after($tree, ['type' => 'make-component', 'screen' => 'home', 'layers' => [$track], 'seed' => 'c']);
    $sheet = $tree->sheets()[0];
    $tree = Sample::after($tree, ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'On', 'seed' => 's'], ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'use', 'layers' => [['kind' => 'instance', 'name' => 'Own', 'component' => $sheet->id, 'x' => 0, 'y' => 90]]]);
    $axis = $tree->component($sheet->id)->axes[0];
    [$first, $own] = array_values(array_filter($tree->layersOf('home'), fn (Layer $layer): bool => $layer->component() !== null));
    $root = $sheet->component->root;
    $set = fn (Layer $in, string $field, string $value, bool $apart): array => ['type' => 'set-field', 'screen' => $sheet->id, 'layers' => ["{$root}.{$in->id}"], 'field' => $field, 'value' => $value, 'apart' => $apart];

    return [Sample::after($tree, ['type' => 'set-states', 'screen' => 'home', 'layers' => [$first->id], 'axis' => $axis->id, 'state' => $axis->states[1]->id], $set($first, 'fills.0.colour', '#767676', false), $set($own, 'fills.0.colour', '#787878', true), $set($own, 'corners', '11', true)), $root, $own->id];
}

it('counts what states and single instances have for themselves, and merges it with the rest', function (): void {
    [$tree, $root, $own] = withStates();
    $sheet = $tree->sheets()[0];
    expect(usedOften($tree, Aspect\Colours::class))->toMatchArray(['#777777' => 1, '#767676' => 1, '#787878' => 1])
        ->and(array_map(fn (array $one): int => count($one), nearOnes($tree, Aspect\Colours::class)))->toContain(3)
        ->and(usedOften($tree, Aspect\Radii::class))->toMatchArray(['10 px' => 1, '11 px' => 1]);
    $places = array_merge(...array_map(fn (InUse $one): array => $one->places, inventoryOf($tree)->values(Aspect\Colours::class)));
    expect($places)->toContain(['layer' => $root, 'screen' => $sheet->id], ['layer' => $own, 'screen' => 'home']);

    $merged = Sample::after($tree, ['type' => 'merge-values', 'aspect' => 'colours', 'from' => ['#777777', '#767676', '#787878'], 'to' => '#777777'], ['type' => 'merge-values', 'aspect' => 'radii', 'from' => [10, 11], 'to' => 10]);
    $state = fn (Tree $of): array => $of->component($sheet->id)->overrides[0]->layers[$root];
    expect($state($merged))->toBe(['fills.0.colour' => '#777777'])->and($merged->layer($own)->content->overrides[$root]['fills.0.colour'])->toBe('#777777')
        ->and(usedOften($merged, Aspect\Colours::class)['#777777'])->toBe(3)->and(usedOften($merged, Aspect\Radii::class))->toMatchArray(['10 px' => 2]);

    $bound = Sample::after($tree, ['type' => 'merge-values', 'aspect' => 'colours', 'from' => ['#777777', '#767676', '#787878'], 'to' => '#777777', 'token' => 'grey', 'name' => 'grey']);
    expect($state($bound))->toBe(['fills.0.colour' => '#777777', 'fills.0.bound' => ['paint' => 'grey']])->and($bound->layer($own)->content->overrides[$root]['fills.0.bound'])->toBe(['paint' => 'grey'])
        ->and(array_values(array_filter(inventoryOf($bound)->values(Aspect\Colours::class), fn (InUse $one): bool => $one->shown === '#777777'))[0]->raw)->toBe(0);
    // A value that nothing has is refused, whatever components there are.
    expect(fn (): Tree => Sample::after($tree, ['type' => 'merge-values', 'aspect' => 'colours', 'from' => ['#123456'], 'to' => '#000000']))->toThrow(InvalidInput::class, 'Nothing has these values');
    // What is bound already is left alone.
    $again = Sample::after($bound, ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'more', 'layers' => [['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 5, 'height' => 5, 'fills' => [['colour' => '#777777']]]]], ['type' => 'merge-values', 'aspect' => 'colours', 'from' => ['#777777'], 'to' => '#000000']);
    expect($state($again))->toBe($state($bound));
});
