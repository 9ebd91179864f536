<?php

declare(strict_types=1);

use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Flow\Programme;
use Kindred\Kit\Kit;
use Kindred\Motion\Match\Flights;
use Kindred\Motion\Tween;
use Kindred\Paint\Colour;
use Kindred\Tests\Sample;

/* How instances go over from one of their states to another. */

/**
 * A switch: a track and a knob that lies left and right, a sign that is there when it is on only, a star, and its
 * name; twice on the home screen, and once in each of three cells.
 *
 * @param  list<array<string, mixed>>  $more  changes of what the first shows when it is on
 * @return array{Tree, array<string, string>} with the ids of layers by name, and of the axis and both states
 */
function switches(array $more = [], Finish $finish = Finish::Dressed): array
{
    $base = Sample::tree()->withScreens(Sample::tree()->screen('home')->with(finish: $finish));
    $tree = Sample::after($base, ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'w', 'layers' => [
        ['kind' => 'group', 'name' => 'Switch', 'x' => 20, 'y' => 600, 'width' => 120, 'height' => 28, 'children' => [
            ['kind' => 'box', 'name' => 'Track', 'x' => 72, 'y' => 0, 'width' => 48, 'height' => 28, 'corners' => [14, 14, 14, 14], 'fills' => [['colour' => '#c4c9c9']]],
            ['kind' => 'ellipse', 'name' => 'Knob', 'x' => 75, 'y' => 3, 'width' => 22, 'height' => 22, 'fills' => [['colour' => '#ffffff']]],
            ['kind' => 'box', 'name' => 'Sign', 'x' => 60, 'y' => 10, 'width' => 6, 'height' => 6, 'hidden' => true, 'fills' => [['colour' => '#b4472e']]],
            ['kind' => 'polygon', 'name' => 'Star', 'points' => 5, 'innerRadius' => 1, 'x' => 30, 'y' => 4, 'width' => 20, 'height' => 20, 'fills' => [['kind' => 'linear', 'stops' => [['at' => 0, 'colour' => '#17594f'], ['at' => 1, 'colour' => '#ffffff']]]]],
            ['kind' => 'text', 'name' => 'Says', 'words' => 'On', 'x' => 0, 'y' => 4, 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 14, 'lineHeight' => 1.4]],
        ]],
    ]]);
    $id = fn (Tree $of, string $name): string => array_values(array_filter($of->layers, fn (Layer $one): bool => $one->name === $name && $one->component() === null))[0]->id;
    $tree = Sample::after($tree, ['type' => 'make-component', 'screen' => 'home', 'layers' => [$id($tree, 'Switch')], 'seed' => 'c']);
    $sheet = $tree->sheets()[0];
    $use = fn (string $name, int $y): array => ['kind' => 'instance', 'name' => $name, 'component' => $sheet->id, 'x' => 20, 'y' => $y];
    $tree = Sample::after($tree, ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'Is on', 'seed' => 's'], ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'uses', 'layers' => [$use('First', 100), $use('Second', 150), $use('Rows', 200)]]);
    $named = fn (string $name): string => array_values(array_filter($tree->layersOf('home'), fn (Layer $one): bool => $one->name === $name))[0]->id;
    [$first, $axis] = [$named('First'), $tree->component($sheet->id)->axes[0]];
    [$off, $on] = array_column($axis->states, 'id');
    $part = fn (string $name): string => "{$id($tree, $name)}.{$first}";
    $set = fn (string $name, array $command): array => $command + ['screen' => $sheet->id, 'layers' => [$part($name)], 'layer' => $part($name)];
    $state = fn (string $to): array => ['type' => 'set-states', 'screen' => 'home', 'layers' => [$first], 'axis' => $axis->id, 'state' => $to];
    $tree = Sample::after($tree, $state($on),
        $set('Track', ['type' => 'set-field', 'field' => 'fills.0.colour', 'value' => '#17594f']), $set('Knob', ['type' => 'set-field', 'field' => 'x', 'value' => '95']), $set('Sign', ['type' => 'mark-layers', 'hidden' => false]),
        ...array_map(fn (array $one): array => $set($one['of'], $one), $more),
        ...[$state($off), ['type' => 'put-cue', 'screen' => $sheet->id, 'layer' => $sheet->component->root, 'cue' => ['id' => 'turn1', 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'state', 'axis' => $axis->id]]], ['type' => 'array-layers', 'screen' => 'home', 'layers' => [$named('Rows')], 'columns' => 1, 'rows' => 3, 'seed' => 'a']]);

    return [$tree, ['First' => $first, 'Second' => $named('Second'), 'Rows' => $named('Rows'), 'off' => "{$axis->id}:{$off}", 'on' => "{$axis->id}:{$on}"] + array_column(array_map(fn (string $name): array => [$name, $id($tree, $name)], ['Track', 'Knob', 'Sign', 'Star', 'Says', 'Switch']), 1, 0)];
}

/** @return array{flights: list<array<string, mixed>>, of: array<string, array<string, int>>} */
function becoming(Tree $tree): array
{
    return Programme::compile($tree, Sample::relayout(), new Flights(Sample::renderer(), Sample::expansion(), Sample::shapes(), Sample::rendering()))['becomes'];
}

/** @return array<string, mixed> what a flight does with a layer */
function doesWith(array $flight, string $layer): array
{
    foreach ($flight['parts'] as $part) {
        if (in_array($layer, [$part['of'][0] ?? null, $part['leaving']['at'] ?? null, $part['arriving']['at'] ?? null], true)) {
            return $part;
        }
    }

    throw new LogicException("Nothing is done with {$layer}.");
}

it('works out once what every instance does that goes over alike', function (): void {
    [$tree, $id] = switches();
    $becomes = becoming($tree);
    $ways = array_unique(array_map(array_keys(...), $becomes['of']), SORT_REGULAR);
    $rows = array_filter($becomes['of'], fn (string $one): bool => str_starts_with($one, "{$id['Rows']}."), ARRAY_FILTER_USE_KEY);
    expect($becomes['of'][$id['First']])->toBe($becomes['of'][$id['Second']])->and($rows)->toHaveCount(3)->and(array_unique($rows, SORT_REGULAR))->toHaveCount(1)
        ->and(count($becomes['flights']))->toBeLessThanOrEqual(2)->and($becomes['of'])->toHaveCount(6)->and(array_values($ways))->toHaveCount(1)
        ->and(array_values($ways)[0])->toHaveCount(1)->and(explode('>', array_values($ways)[0][0]))->toEqualCanonicalizing([$id['off'], $id['on']])
        ->and(array_keys($becomes['of']))->toContain($id['First'], $id['Second']);
    expect(Programme::compile($tree, Sample::relayout())['becomes'])->toBe(['flights' => [], 'of' => [], 'widgets' => [], 'plan' => null]);
    // One that is another in colour goes over by itself.
    $own = Sample::after($tree, ['type' => 'set-field', 'screen' => $tree->sheets()[0]->id, 'layers' => ["{$id['Track']}.{$id['Second']}"], 'apart' => true, 'field' => 'fills.0.colour', 'value' => '#ddbbaa']);
    $apart = becoming($own);
    expect(count($apart['flights']))->toBe(count($becomes['flights']) + 1)->and($apart['of'][$id['First']])->not->toBe($apart['of'][$id['Second']]);
});

it('carries over place and colour, lets come what is in one state only, and leaves the rest as it is', function (): void {
    [$tree, $id] = switches();
    $becomes = becoming($tree);
    $flight = $becomes['flights'][0];
    $forward = str_ends_with(array_keys($becomes['of'][$id['First']])[0], $id['on']);
    $way = fn (array $values): array => $forward ? $values : array_reverse($values);
    expect($flight['ground'])->toBe([])->and($flight['late'])->toBe(0);
    // Of an ellipse of 22 px whose left edge goes from 75 to 95.
    expect($way(array_column(doesWith($flight, $id['Knob'])['poses'], 0)))->toEqual([86, 106]);
    $fill = array_values(array_filter(doesWith($flight, $id['Track'])['changes'], fn (array $one): bool => $one['attribute'] === 'fill'))[0];
    $steps = count($fill['values']) - 1;
    foreach ($way($fill['values']) as $i => $value) {
        expect($value)->toBe(Tween::colour(Colour::parse('#c4c9c9'), Colour::parse('#17594f'), $i / $steps)->toHex());
    }
    $sign = doesWith($flight, $id['Sign']);
    expect($sign)->not->toHaveKey('markup')->and($way(($sign['arriving'] ?? $sign['leaving'])['opacity']))->toEqual([0, 1])->and(isset($sign['arriving']))->toBe($forward);
    expect(doesWith($flight, $id['Says'])['arriving']['opacity'])->toEqual([1, 1])->and(doesWith($flight, $id['Says']))->not->toHaveKey('leaving');
    // From back to front, as they are painted.
    $order = array_map(fn (array $part): string => $part['of'][0] ?? $part['arriving']['at'] ?? $part['leaving']['at'], $flight['parts']);
    expect(array_values(array_diff($order, [$id['Sign']])))->toBe(array_map(fn (string $name): string => $id[$name], ['Track', 'Knob', 'Star', 'Says']))->and($order)->toHaveCount(5);
});

it('bends outlines and shifts the colours of gradients through what lies in between', function (): void {
    [$tree, $id] = switches([['of' => 'Star', 'type' => 'set-field', 'field' => 'innerRadius', 'value' => '0.4'], ['of' => 'Star', 'type' => 'set-field', 'field' => 'fills.0.stops.1.colour', 'value' => '#b4472e']]);
    $becomes = becoming($tree);
    $changes = array_column(doesWith($becomes['flights'][$becomes['of'][$id['First']][array_key_first($becomes['of'][$id['First']])]], $id['Star'])['changes'] ?? [], 'values', 'attribute');
    $forward = str_ends_with(array_key_first($becomes['of'][$id['First']]), $id['on']);
    $stops = $forward ? $changes['stop-color'] : array_reverse($changes['stop-color']);
    foreach ($stops as $i => $value) {
        expect($value)->toBe(Tween::colour(Colour::parse('#ffffff'), Colour::parse('#b4472e'), $i / (count($stops) - 1))->toHex());
    }
    // As many points on the way as at both ends, and each on the straight way from the one to the other.
    $numbers = fn (string $d): array => array_map(floatval(...), preg_match_all('/-?\d+\.?\d*/', $d, $found) ? $found[0] : []);
    [$first, $last] = [$numbers($changes['d'][0]), $numbers($changes['d'][count($changes['d']) - 1])];
    expect($first)->toHaveCount(count($last))->not->toEqual($last);
    foreach ($changes['d'] as $i => $d) {
        $at = $i / (count($changes['d']) - 1);
        foreach ($numbers($d) as $n => $number) {
            expect($number)->toEqualWithDelta($first[$n] + ($last[$n] - $first[$n]) * $at, 0.02);
        }
    }
});

it('comes apart where it is drawn by hand, too: what moves is taken from both drawings', function (): void {
    [$tree, $id] = switches([], Finish::Rough);
    $becomes = becoming($tree);
    $knob = doesWith($becomes['flights'][0], $id['Knob']);
    $forward = str_ends_with(array_keys($becomes['of'][$id['First']])[0], $id['on']);
    expect($knob)->not->toHaveKey('markup')->and($knob['leaving']['opacity'])->toEqual([1, 0])->and($knob['arriving']['opacity'])->toEqual([0, 1])
        ->and(array_column($knob['leaving']['poses'], 0))->toEqual($forward ? [86, 106] : [106, 86])->and(array_column($knob['arriving']['poses'], 0))->toEqual($forward ? [86, 106] : [106, 86]);
});

it('is called in a cell as within the instance there', function (): void {
    [$tree, $id] = switches();
    $becomes = becoming($tree);
    $cells = array_filter(array_keys($becomes['of']), fn (string $one): bool => str_starts_with($one, "{$id['Rows']}."));
    expect($cells)->toHaveCount(3)->and(doesWith($becomes['flights'][0], $id['Knob'])['of'])->toBe([$id['Knob'], $id['Knob']]);
    $played = Sample::renderer()->played($tree, $tree->screen('home'), Sample::rendering()->with(working: true));
    foreach ($cells as $cell) {
        [$instance, $row] = explode('.', $cell);
        expect($played)->toContain("data-turns=\"{$cell}\"")->toContain("data-at=\"{$id['Knob']}.{$row}.{$instance}\"");
    }
});

it('goes along one axis at a time where there are many states', function (): void {
    [$tree, $id] = switches();
    $sheet = $tree->sheets()[0];
    $tree = Sample::after($tree, ...array_map(fn (int $i): array => $i === 0 ? ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'Busy', 'axis' => null, 'called' => 'Load', 'first' => 'Idle', 'seed' => 'l0'] : ['type' => 'add-state', 'component' => $sheet->id, 'name' => "Busy {$i}", 'axis' => 'AXIS', 'seed' => "l{$i}"], [0]));
    $load = $tree->component($sheet->id)->axes[1];
    $tree = Sample::after($tree, ['type' => 'put-cue', 'screen' => $sheet->id, 'layer' => $sheet->component->root, 'cue' => ['id' => 'turn2', 'trigger' => ['kind' => 'long-press', 'press' => 500], 'action' => ['kind' => 'state', 'axis' => $load->id]]]);
    // Four drawings: each may become each other.
    expect(becoming($tree)['of'][$id['First']])->toHaveCount(6);
    $tree = Sample::after($tree, ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'Stuck', 'axis' => $load->id, 'seed' => 'l1'], ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'Gone', 'axis' => $load->id, 'seed' => 'l2']);
    // Eight: of two times four states there are 4 ways along the one and 2 × 6 along the other.
    $ways = array_keys(becoming($tree)['of'][$id['First']]);
    expect($ways)->toHaveCount(16);
    foreach ($ways as $way) {
        [$from, $to] = array_map(fn (string $one): array => explode(' ', $one), explode('>', $way));
        expect(array_diff($from, $to))->toHaveCount(1);
    }
});

it('works out how a widget goes over between off and on, in each finish', function (Finish $finish): void {
    $tree = Sample::tree()->withScreens(Sample::tree()->screen('home')->with(finish: $finish));
    $tree = Sample::after($tree, ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'w', 'layers' => array_map(fn (int $i): array => ['x' => 20, 'y' => 600 + 50 * $i, 'name' => "Remind {$i}"] + Kit::fresh(Kit::find('switch')), [0, 1])]);
    $layers = array_values(array_filter($tree->layersOf('home'), fn (Layer $one): bool => str_starts_with($one->name, 'Remind')));
    $becomes = becoming($tree);
    expect(array_keys($becomes['widgets']))->toEqualCanonicalizing(array_column($layers, 'id'))->and($becomes['plan']['duration'])->toBe(150)
        // Alike in both: the track and the knob.
        ->and($becomes['widgets'][$layers[0]->id])->toBe($becomes['widgets'][$layers[1]->id])->toHaveCount(2);
    $played = Sample::renderer()->played($tree, $tree->screen('home'), Sample::rendering()->with(working: true));
    $document = new DOMDocument;
    $document->loadXML((string) preg_replace('/^.*?(<svg.*?<\/svg>).*$/s', '$1', $played));
    $path = new DOMXPath($document);
    foreach ($becomes['widgets'][$layers[0]->id] as $i => [$off, $on, $flight]) {
        // The numbers are those of the parts in the picture.
        $when = fn (int $part): string => $path->query("//*[@data-works='{$layers[0]->id}']/*[local-name()='g'][@data-when]")->item($part)->getAttribute('data-when');
        expect([$when($off), $when($on)])->toBe(['off', 'on']);
        $part = $becomes['flights'][$flight]['parts'][0];
        $poses = $part['poses'] ?? $part['arriving']['poses'];
        // The track stays, the knob goes from 3 px behind one end of it to 3 px before the other.
        expect($poses[1][0] - $poses[0][0])->toEqualWithDelta($i === 0 ? 0 : 20, 0.001)->and($poses[1][1])->toEqual($poses[0][1])->and(isset($part['markup']))->toBe($finish !== Finish::Rough);
    }
})->with([[Finish::Dressed], [Finish::Plain], [Finish::Rough]]);

it('lets what is chosen of several go over in each of them', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'w', 'layers' => [['x' => 20, 'y' => 600] + Kit::fresh(Kit::find('radio-group'))]]);
    $id = array_values(array_filter($tree->layersOf('home'), fn (Layer $one): bool => $one->kind() === 'widget'))[0]->id;
    $becomes = becoming($tree);
    $items = array_map(fn (array $one): array => $becomes['flights'][$one[2]]['parts'][0]['of'], $becomes['widgets'][$id] ?? []);
    expect(count($items))->toBeGreaterThanOrEqual(3)->and(array_unique($items, SORT_REGULAR))->toBe([['off', 'on']]);
});
