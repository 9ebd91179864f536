<?php

declare(strict_types=1);

use Kindred\Document\Difference;
use Kindred\Document\Families;
use Kindred\Document\Tree;
use Kindred\Library\Goods;
use Kindred\Tests\Check\Planted;
use Kindred\Tests\Sample;
use Kindred\Type\OwnFace;

/** A project that names the family Gone in every way in which one can be named, and a component with all that it needs. */
function inGone(): Tree
{
    $style = ['family' => 'Gone', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4];
    $label = ['kind' => 'text', 'wrapped' => false, 'x' => 0, 'y' => 0, 'style' => ['family' => 'Lora'] + $style];
    $runs = [['from' => 0, 'to' => 3, 'family' => 'Gone']];
    $tree = (new Planted)->flowing()->with([
        'look' => ['text' => $style],
        'tokens' => [
            ['id' => 'body', 'name' => 'type.body', 'kind' => 'typography', 'style' => $style],
            ['id' => 'face', 'name' => 'type.face', 'kind' => 'fontFamily', 'value' => ['Gone', 'Lora', 'serif']],
            ['id' => 'other', 'name' => 'type.other', 'kind' => 'fontFamily', 'value' => ['Lora', 'Gone']],
        ],
        'themes' => [['id' => 'dark', 'name' => 'Dark']],
        'themeValues' => [['id' => 'darkface', 'theme' => 'dark', 'token' => 'other', 'kind' => 'fontFamily', 'value' => ['Gone']]],
        'icons' => [['name' => 'own-jug', 'nodes' => [['path', ['d' => 'M4 4h16v16H4z']]]]],
    ])->screen('studio', [
        ['id' => 'plain', 'words' => 'Plain', 'style' => $style] + $label,
        ['id' => 'mixed', 'words' => 'Mixed words', 'y' => 40, 'runs' => $runs] + $label,
        ['id' => 'follows', 'words' => 'Follows', 'y' => 80, 'style' => $style, 'bound' => ['style' => 'body']] + $label,
        ['id' => 'chip', 'kind' => 'stack', 'name' => 'Chip', 'x' => 0, 'y' => 120, 'width' => 0, 'height' => 0, 'sizing' => ['width' => 'content', 'height' => 'content'], 'children' => [['id' => 'says', 'words' => 'Ready'] + $label]],
        ['id' => 'list', 'kind' => 'array', 'name' => 'List', 'x' => 0, 'y' => 200, 'width' => 300, 'height' => 90, 'columns' => 1, 'sheet' => ['columns' => [], 'rows' => [['id' => 'row1'], ['id' => 'row2']]], 'overrides' => ['row1' => ['line' => ['style.family' => 'Gone']]], 'children' => [['id' => 'line', 'words' => 'A line'] + $label]],
    ])->tree();
    $tree = Sample::after($tree, ['type' => 'make-component', 'screen' => 'studio', 'layers' => ['chip'], 'seed' => 'chip']);
    $sheet = $tree->sheets()[array_key_first($tree->sheets())];
    $axis = 'axis1';
    $component = $sheet->toArray();
    $component['component'] = ['axes' => [['id' => $axis, 'name' => 'Emphasis', 'states' => [['id' => 'calm1', 'name' => 'Calm'], ['id' => 'loud1', 'name' => 'Loud']]]], 'overrides' => [['in' => [$axis => 'loud1'], 'layers' => ['says' => ['style.family' => 'Gone']]]]] + (array) $component['component'];
    $tree = $tree->withScreens($sheet::read(Kindred\Input\Reader::of($component)));
    $says = $tree->subtree($tree->component($sheet->id)->root ?? '');

    return Sample::after($tree, ['type' => 'create-layers', 'screen' => 'studio', 'seed' => 'uses', 'layers' => [
        ['kind' => 'instance', 'name' => 'Own', 'component' => $sheet->id, 'x' => 0, 'y' => 400, 'overrides' => [$says[1]->id => ['style.family' => 'Gone']]],
        ['kind' => 'instance', 'name' => 'Own runs', 'component' => $sheet->id, 'x' => 0, 'y' => 440, 'overrides' => [$says[1]->id => ['runs' => $runs]]],
    ]]);
}

it('replaces a family wherever it is named, in one step that is taken back as one', function (): void {
    $tree = inGone();
    $written = fn (Tree $of): string => json_encode([$of->project->toArray(), array_map(fn ($one): array => $one->toArray(), [...array_values($of->screens), ...array_values($of->layers), ...array_merge(...array_map(fn ($entity): array => array_values($of->things($entity)), Kindred\Document\Token\Themes::HOUSE))])], JSON_THROW_ON_ERROR);
    expect(substr_count($written($tree), '"Gone"'))->toBeGreaterThanOrEqual(11);
    $after = Sample::after($tree, ['type' => 'replace-family', 'family' => 'Gone', 'by' => 'Archivo']);
    // What only stands in for another family stays.
    expect(substr_count($written($after), '"Gone"'))->toBe(1)
        ->and($after->things(Kindred\Document\Entity::Token)['other']->value->value)->toBe(['Lora', 'Gone'])
        ->and($after->things(Kindred\Document\Entity::Token)['face']->value->value)->toBe(['Archivo', 'Lora', 'serif'])
        ->and($after->layer('follows')->bound)->toBe(['style' => 'body'])
        ->and($written(Difference::between($tree, $after)->inverse()->applyTo($after)))->toBe($written($tree));
});

it('says which families a thing names', function (): void {
    $tree = inGone();
    $named = fn (string $name): array => Families::of(array_values(array_filter($tree->layers, fn ($one): bool => $one->name === $name))[0]);
    expect(Families::of($tree->layer('mixed')))->toBe(['Lora', 'Gone'])->and($named('Own'))->toBe(['Gone'])->and($named('Own runs'))->toBe(['Gone'])
        ->and(Families::of($tree->layer('list')))->toBe(['Gone'])->and(Families::of($tree->project))->toBe(['Gone'])
        ->and(Families::of($tree->layer('says')))->toBe(['Lora'])->and(Families::of(array_values($tree->sheets())[0]))->toBe(['Gone'])
        ->and(Families::kinds())->toEqualCanonicalizing(['text', 'chart', 'array', 'instance']);
});

it('takes the fonts of states and type tokens along when a component is taken from a library', function (): void {
    $tree = inGone();
    $tree = $tree->withProject($tree->project->with(fonts: [new OwnFace('Gone', 400, false, str_repeat('a', 64))]));
    $goods = Goods::of($tree);
    $font = array_values(array_filter(array_keys($goods->all), fn (string $key): bool => str_starts_with($key, 'font ')))[0];
    $sheet = array_values($tree->sheets())[0]->id;
    expect($goods->with(["component {$sheet}"]))->toHaveKey($font)->and($goods->with(['token body']))->toHaveKey($font)
        ->and($goods->with(['token face']))->toHaveKey($font)->and($goods->with(['token other']))->not->toHaveKey($font);
});
