<?php

declare(strict_types=1);

use Kindred\Document\Component\Uses;
use Kindred\Document\Difference;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Tests\Sample;

/** A knob, a panel with two knobs, a lamp; on the home screen a panel, a lamp, and an array whose cells show a knob. */
function kilnPanel(): Tree
{
    $box = fn (string $id): array => ['id' => $id, 'kind' => 'box', 'name' => ucfirst($id), 'x' => 0, 'y' => 0, 'width' => 40, 'height' => 40, 'fills' => [['colour' => '#17594f']]];
    $use = fn (string $id, string $of, float $y = 0): array => ['id' => $id, 'kind' => 'instance', 'name' => ucfirst($id), 'component' => $of, 'x' => 0, 'y' => $y];
    $sheet = fn (string $id, string $root, array $layers): array => ['id' => $id, 'name' => ucfirst($id), 'device' => 'custom', 'x' => 0, 'y' => 2000, 'width' => 200, 'height' => 200, 'view' => 200, 'component' => ['root' => $root], 'layers' => $layers];
    $file = Sample::file();
    $file['screens'][0]['layers'] = [
        $use('panel1', 'panel'), $use('lamp1', 'lamp', 300), $box('plain'),
        ['id' => 'cells', 'kind' => 'array', 'name' => 'Cells', 'x' => 0, 'y' => 400, 'width' => 200, 'height' => 100, 'sheet' => ['columns' => [], 'rows' => [['id' => 'row1'], ['id' => 'row2']]], 'children' => [
            ['id' => 'cell', 'kind' => 'group', 'name' => 'Cell', 'x' => 0, 'y' => 0, 'width' => 40, 'height' => 40, 'children' => [$use('knob3', 'knob')]],
        ]],
    ];
    array_push($file['screens'], $sheet('knob', 'knobbox', [$box('knobbox')]), $sheet('lamp', 'lampbox', [$box('lampbox')]),
        $sheet('panel', 'panelall', [['id' => 'panelall', 'kind' => 'group', 'name' => 'All', 'x' => 0, 'y' => 0, 'width' => 200, 'height' => 100, 'children' => [$use('knob1', 'knob'), $use('knob2', 'knob', 50)]]]));

    // All instances are laid out once what they show is touched.
    return Sample::after(ProjectFile::read((string) json_encode($file))->tree, ...array_map(fn (string $of): array => ['type' => 'set-field', 'screen' => $of, 'layers' => ["{$of}box"], 'field' => 'fills.0.colour', 'value' => '#222222'], ['knob', 'lamp']));
}

/**
 * The layers that follow after some commands.
 *
 * @param  array<string, mixed>  ...$commands
 * @return list<string>
 */
function followers(Tree $tree, array ...$commands): array
{
    $after = Sample::after($tree, ...$commands);
    $ids = array_map(fn (Layer $layer): string => $layer->id, Uses::following(Difference::between($tree, $after), $after));
    sort($ids);

    return $ids;
}

it('finds what shows a component that has changed, through all that it is shown in', function (array $commands, array $follow): void {
    expect(followers(kilnPanel(), ...$commands))->toBe($follow);
})->with(function (): array {
    $paint = fn (string $screen, string $layer): array => ['type' => 'set-field', 'screen' => $screen, 'layers' => [$layer], 'field' => 'fills.0.colour', 'value' => '#b4472e'];

    return [
        'of a knob, which panels show' => [[$paint('knob', 'knobbox')], ['knob1', 'knob2', 'knob3', 'panel1']],
        'of a lamp' => [[$paint('lamp', 'lampbox')], ['lamp1']],
        'of a panel itself' => [[['type' => 'set-field', 'screen' => 'panel', 'layers' => ['panelall'], 'field' => 'opacity', 'value' => '50%']], ['panel1']],
        'but what gets another size by it is changed itself' => [[['type' => 'move-layers', 'screen' => 'panel', 'layers' => ['knob2'], 'dx' => 9, 'dy' => 0]], []],
        'of a state, which changes the component' => [[['type' => 'add-state', 'component' => 'lamp', 'name' => 'Lit', 'seed' => 'lit']], ['lamp1']],
        'of nothing that is shown' => [[$paint('home', 'plain')], []],
        'but what changed itself is not told twice' => [[$paint('lamp', 'lampbox'), ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['lamp1'], 'dx' => 5, 'dy' => 5]], []],
        'of a theme that nothing follows' => [[['type' => 'put-theme', 'id' => 'dark', 'name' => 'Dark']], []],
    ];
});

it('names the components that are shown before and after', function (): void {
    $tree = kilnPanel();
    $exchanged = Sample::after($tree, ['type' => 'exchange-instances', 'screen' => 'home', 'layers' => ['lamp1'], 'component' => 'knob']);
    $named = Uses::named(Difference::between($tree, $exchanged));
    sort($named);
    expect($named)->toBe(['knob', 'lamp'])->and(Uses::named(Difference::between($tree, Sample::after($tree, ['type' => 'delete-layers', 'screen' => 'home', 'layers' => ['panel1']]))))->toBe(['panel'])
        ->and(Uses::named(Difference::between($tree, Sample::after($tree, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['panel1'], 'dx' => 1, 'dy' => 0]))))->toBe([]);
});

it('knows on which screens a component is seen, within others too', function (): void {
    $tree = kilnPanel();
    expect(array_map($tree->usedOn(...), ['knob', 'panel', 'lamp']))->toBe([['home'], ['home'], ['home']])
        ->and(Sample::after($tree, ['type' => 'delete-layers', 'screen' => 'home', 'layers' => ['panel1', 'cells']])->usedOn('knob'))->toBe([])
        ->and(Sample::after($tree, ['type' => 'create-layers', 'screen' => 'next', 'seed' => 'more', 'layers' => [['kind' => 'instance', 'name' => 'More', 'component' => 'panel', 'x' => 0, 'y' => 0]]])->usedOn('knob'))->toBe(['home', 'next']);
});
