<?php

declare(strict_types=1);

use Kindred\Document\Difference;
use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Kinds;
use Kindred\Document\Touched;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Layout\Computed;
use Kindred\Tests\Sample;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @return list<string> what a step touches */
function touchedBy(Tree $before, Tree $after): array
{
    return Computed::touched(Difference::between($before, $after), $before, $after);
}

/** The tree after a command; null where it is refused, or does nothing. */
function tryOut(Tree $tree, array $command): ?Tree
{
    try {
        $after = Sample::after($tree, $command);
    } catch (InvalidInput) {
        return null;
    }

    return Difference::between($tree, $after)->isEmpty() ? null : $after;
}

it('tells what two people do to one layer apart', function (array $one, array $other, bool $meet): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'array-layers', 'screen' => 'home', 'layers' => ['words'], 'seed' => 'a']);
    $array = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->kind() === 'array'))[0];
    assert($array->content instanceof Kindred\Document\Layer\ArrayLayer);
    $sheet = $array->content->sheet;
    $fill = fn (array $command): array => (array) json_decode(strtr((string) json_encode($command + ['screen' => 'home']), ['ARRAY' => $array->id, 'ROW1' => $sheet->rows[0]->id, 'ROW2' => $sheet->rows[1]->id, 'COLUMN' => $sheet->columns[0]->id]), true);
    [$first, $second] = [Sample::after($tree, $fill($one)), Sample::after($tree, $fill($other))];
    [$a, $b] = [touchedBy($tree, $first), touchedBy($tree, $second)];
    expect(Touched::meet($a, $b))->toBe($meet)->and(Touched::meet($b, $a))->toBe($meet);
})->with([
    'two rows of one sheet' => [['type' => 'set-cell', 'layer' => 'ARRAY', 'row' => 'ROW1', 'column' => 'COLUMN', 'value' => 'Bowl'], ['type' => 'set-cell', 'layer' => 'ARRAY', 'row' => 'ROW2', 'column' => 'COLUMN', 'value' => 'Jug'], false],
    'one row' => [['type' => 'set-cell', 'layer' => 'ARRAY', 'row' => 'ROW1', 'column' => 'COLUMN', 'value' => 'Bowl'], ['type' => 'set-cell', 'layer' => 'ARRAY', 'row' => 'ROW1', 'column' => 'COLUMN', 'value' => 'Jug'], true],
    'a row more, and another one filled' => [['type' => 'add-rows', 'layer' => 'ARRAY', 'seed' => 'r'], ['type' => 'set-cell', 'layer' => 'ARRAY', 'row' => 'ROW1', 'column' => 'COLUMN', 'value' => 'Bowl'], false],
    'a row removed, and that one filled' => [['type' => 'remove-rows', 'layer' => 'ARRAY', 'rows' => ['ROW1']], ['type' => 'set-cell', 'layer' => 'ARRAY', 'row' => 'ROW1', 'column' => 'COLUMN', 'value' => 'Bowl'], true],
    'place and look' => [['type' => 'move-layers', 'layers' => ['boxa'], 'dx' => 4, 'dy' => 0], ['type' => 'set-field', 'layers' => ['boxa'], 'field' => 'opacity', 'value' => '0.5'], false],
    'place along both axes' => [['type' => 'set-field', 'layers' => ['boxa'], 'field' => 'x', 'value' => '3'], ['type' => 'set-field', 'layers' => ['boxa'], 'field' => 'y', 'value' => '3'], true],
    'one look' => [['type' => 'set-field', 'layers' => ['boxa'], 'field' => 'opacity', 'value' => '0.4'], ['type' => 'set-field', 'layers' => ['boxa'], 'field' => 'opacity', 'value' => '0.5'], true],
    'gone, and its look' => [['type' => 'delete-layers', 'layers' => ['boxa']], ['type' => 'set-field', 'layers' => ['boxa'], 'field' => 'opacity', 'value' => '0.5'], true],
]);

it('comes to the same whichever of two changes that do not meet is made first', function (string $kind): void {
    $tree = Sample::everything()->tree;
    $layers = array_filter($tree->layers, fn (Layer $layer): bool => $layer->kind() === $kind && ! $layer->locked);
    $random = new Randomizer(new Mt19937(crc32($kind)));
    $otherwise = [];
    $tried = 0;
    for ($i = 0; $i < 120 && $layers !== []; $i++) {
        $layer = $layers[$random->pickArrayKeys($layers, 1)[0]];
        // What is typed as a change of what there is depends on that, and a length that is set is the one that there is.
        $values = array_filter(array_map(fn (Field $field): array => $field->of($layer, $tree) === null ? [] : array_values(array_filter($field->tries(), fn (string $value): bool => ! preg_match('/^[*+-]|^length$/', $value))), Field::all()));
        [$one, $other] = array_map(fn (string $path): array => ['type' => 'set-field', 'screen' => $layer->screen, 'layers' => [$layer->id], 'field' => $path, 'value' => $values[$path][$random->getInt(0, count($values[$path]) - 1)]], $random->pickArrayKeys($values, 2));
        [$first, $second] = [tryOut($tree, $one), tryOut($tree, $other)];
        if ($first === null || $second === null || Touched::meet(touchedBy($tree, $first), touchedBy($tree, $second))) {
            continue;
        }
        [$then, $or] = [tryOut($first, $other), tryOut($second, $one)];
        if ($then === null || $or === null || Touched::meet(touchedBy($tree, $first), touchedBy($first, $then))) {
            continue;
        }
        $tried++;
        $left = Difference::between($then, $or);
        if (! $left->isEmpty()) {
            $otherwise[] = "{$layer->id}: {$one['field']} {$one['value']}, {$other['field']} {$other['value']}: ".json_encode($left->toArray());
        }
    }
    expect($otherwise)->toBe([])->and($layers === [] || $tried > 10)->toBeTrue();
})->with(array_map(fn (string $class): string => $class::kind(), Kinds::ALL));
