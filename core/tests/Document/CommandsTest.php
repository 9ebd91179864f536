<?php

declare(strict_types=1);

use Kindred\Command\Commands;
use Kindred\Command\DuplicateScreen;
use Kindred\Document\Difference;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Missing;
use Kindred\Document\OutsideWorkingSet;
use Kindred\Document\Place;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Tests\Sample;

/** Where a layer's middle lies on its screen, through turned groups. */
function middle(Tree $tree, string $id): array
{
    $layer = $tree->layer($id);
    $point = $layer->box->centre();
    foreach ($tree->ancestors($layer) as $group) {
        $half = new Kindred\Geometry\Point($group->box->width / 2, $group->box->height / 2);
        $point = $point->minus($half)->turned($group->rotation)->plus($group->box->centre());
    }

    return [round($point->x, 3), round($point->y, 3)];
}

it('moves, and leaves everything else as it was', function (): void {
    $before = Sample::tree();
    $after = Sample::after($before, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['boxa'], 'dx' => 5, 'dy' => -7]);
    expect([$after->layer('boxa')->box->x, $after->layer('boxa')->box->y])->toBe([25.0, 23.0])
        ->and(Difference::between($before, $after)->layers())->toBe(['boxa']);
});

it('fits a group around what lies in it', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['left'], 'dx' => -10, 'dy' => 20]);
    $group = $tree->layer('group')->box;
    expect([$group->x, $group->y, $group->width, $group->height])->toBe([30.0, 200.0, 230.0, 60.0])
        ->and(middle($tree, 'right'))->toBe([210.0, 220.0]);
});

it('keeps what lies in a turned group where it is while the group is fitted', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'set-field', 'screen' => 'home', 'layers' => ['group'], 'field' => 'rotation', 'value' => '30']);
    $right = middle($tree, 'right');
    $tree = Sample::after($tree, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['left'], 'dx' => -33, 'dy' => 21]);
    expect(middle($tree, 'right'))->toEqualWithDelta($right, 0.002);
});

it('takes several groups apart, and elsewhere, at once as one after another', function (): void {
    $on = ['screen' => 'home', 'layers' => []];
    $box = fn (string $id, float $x): array => ['kind' => 'box', 'id' => $id, 'name' => $id, 'x' => $x, 'y' => 10, 'width' => 20, 'height' => 20];
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'all', 'layers' => array_map(fn (int $i): array => $box("part{$i}", $i * 30), range(0, 6))]);
    $made = fn (string ...$names): array => array_values(array_map(fn (Layer $one): string => $one->id, array_filter($tree->layers, fn (Layer $one): bool => in_array($one->name, $names, true))));
    foreach ([['part0', 'part1'], ['part2', 'part3'], ['part5', 'part6']] as $i => $pair) {
        $tree = Sample::after($tree, ['type' => 'group-layers', 'seed' => "g{$i}", 'layers' => $made(...$pair)] + $on);
    }
    $groups = array_values(array_map(fn (Layer $one): string => $one->id, array_filter($tree->children(new Place('home')), fn (Layer $one): bool => $one->isGroup() && str_starts_with($tree->children(new Place('home', $one->id))[0]->name, 'part'))));
    $painted = fn (Tree $of, ?string $screen): array => array_map(fn (Layer $one): array => [$one->name, middle($of, $one->id)], array_values(array_filter($of->layersOf($screen), fn (Layer $one): bool => ! $one->isGroup())));
    foreach ([['type' => 'ungroup-layers'], ['type' => 'transfer-layers', 'to' => 'next', 'dx' => 4, 'dy' => 5]] as $command) {
        $together = Sample::after($tree, ['layers' => array_reverse($groups)] + $command + $on);
        $apart = Sample::after($tree, ...array_map(fn (string $group): array => ['layers' => [$group]] + $command + $on, $groups));
        expect($groups)->toHaveCount(3)
            ->and([$painted($together, 'home'), $painted($together, 'next')])->toBe([$painted($apart, 'home'), $painted($apart, 'next')])
            ->and(count($together->layers))->toBe(count($apart->layers));
    }
});

it('groups and ungroups without moving anything', function (): void {
    $before = Sample::tree();
    $tree = Sample::after($before, ['type' => 'group-layers', 'screen' => 'home', 'layers' => ['boxa', 'icon', 'group'], 'seed' => 'seed']);
    $group = $tree->ancestors($tree->layer('boxa'))[0];
    expect($tree->children(new Place('home', $group->id)))->toHaveCount(3)
        ->and(middle($tree, 'right'))->toBe(middle($before, 'right'));
    $tree = Sample::after($tree,
        ['type' => 'set-field', 'screen' => 'home', 'layers' => [$group->id], 'field' => 'rotation', 'value' => '45'],
    );
    $turned = middle($tree, 'right');
    $tree = Sample::after($tree, ['type' => 'ungroup-layers', 'screen' => 'home', 'layers' => [$group->id]]);
    expect(isset($tree->layers[$group->id]))->toBeFalse()
        ->and($tree->layer('boxa')->rotation)->toBe(45.0)
        ->and(middle($tree, 'right'))->toEqualWithDelta($turned, 0.002);
});

it('drops a group that has nothing left in it', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'delete-layers', 'screen' => 'home', 'layers' => ['left', 'right']]);
    expect(isset($tree->layers['group']))->toBeFalse();
});

it('scales what lies in a group that is resized', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'place-layers', 'screen' => 'home', 'places' => [['id' => 'group', 'x' => 40, 'y' => 200, 'width' => 440, 'height' => 20, 'rotation' => 0]]]);
    $box = $tree->layer('right')->box;
    expect([$box->x, $box->width, $box->height])->toBe([240.0, 200.0, 20.0]);
});

it('reorders above a sibling, at the bottom and into a group, in place', function (): void {
    $names = fn (Tree $tree, ?string $parent = null): array => array_map(fn (Layer $layer): string => $layer->id, $tree->children(new Place('home', $parent)));
    $tree = Sample::after(Sample::tree(), ['type' => 'reorder-layers', 'screen' => 'home', 'layers' => ['boxa'], 'above' => 'icon']);
    expect($names($tree))->toBe(['words', 'icon', 'boxa', 'group']);
    $tree = Sample::after($tree, ['type' => 'reorder-layers', 'screen' => 'home', 'layers' => ['group', 'icon'], 'above' => null]);
    expect($names($tree))->toBe(['icon', 'group', 'words', 'boxa']);
    $was = middle($tree, 'boxa');
    $tree = Sample::after($tree, ['type' => 'reorder-layers', 'screen' => 'home', 'parent' => 'group', 'layers' => ['boxa'], 'above' => 'left']);
    expect($names($tree, 'group'))->toBe(['left', 'boxa', 'right'])->and(middle($tree, 'boxa'))->toBe($was);
});

it('never puts a group into itself', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'group-layers', 'screen' => 'home', 'layers' => ['group', 'boxa'], 'seed' => 'seed']);
    Sample::after($tree, ['type' => 'reorder-layers', 'screen' => 'home', 'parent' => 'group', 'layers' => [$tree->layer('group')->parent], 'above' => null]);
})->throws(InvalidInput::class, 'inside itself');

it('leaves locked layers alone and says so', function (array $command): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'mark-layers', 'screen' => 'home', 'layers' => ['boxa', 'words'], 'locked' => true]);
    expect(fn () => Sample::after($tree, $command + ['screen' => 'home']))->toThrow(InvalidInput::class, 'is locked');
})->with([
    [['type' => 'move-layers', 'layers' => ['boxa'], 'dx' => 1, 'dy' => 1]],
    [['type' => 'delete-layers', 'layers' => ['icon', 'boxa']]],
    [['type' => 'set-field', 'layers' => ['boxa'], 'field' => 'fills.0.colour', 'value' => '#fff']],
    [['type' => 'set-words', 'layer' => 'words', 'words' => 'x']],
]);

it('sets fields of many layers at once, each against its own parent', function (): void {
    $tree = Sample::after(Sample::tree(),
        ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa', 'left'], 'field' => 'width', 'value' => '50% - 5'],
        ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa', 'words', 'icon'], 'field' => 'fills.0.colour', 'value' => 'rgb(1 2 3)'],
        ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa', 'words'], 'field' => 'style.size', 'value' => '32'],
        ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'corners.topRight', 'value' => '9'],
    );
    expect($tree->layer('boxa')->box->width)->toBe(190.0)
        ->and($tree->layer('left')->box->width)->toBe(105.0)
        ->and($tree->layer('icon')->fills[0]->colour()->toHex())->toBe('#010203')
        ->and($tree->layer('words')->box->height)->toBe(44.8)
        ->and($tree->layer('boxa')->corners->toArray())->toBe(['topLeft' => 0.0, 'topRight' => 9.0, 'bottomRight' => 0.0, 'bottomLeft' => 0.0]);
});

it('refuses values that a field cannot have, at the value', function (string $field, string $value, string $layer = 'words'): void {
    $place = '';
    try {
        Sample::after(Sample::tree(), ['type' => 'set-field', 'screen' => 'home', 'layers' => [$layer], 'field' => $field, 'value' => $value]);
    } catch (InvalidInput $refused) {
        $place = $refused->place;
    }
    expect($place)->toBe('value');
})->with([
    ['width', '-1'], ['width', '100001'], ['opacity', '101%'], ['style.size', '0.5'], ['style.align', 'justify-all'], ['fills.0.colour', 'blurple'], ['style.weight', 'bold'], ['style.lineHeight', '9'],
    ['style.italic', 'perhaps'], ['blend', 'stir'], ['corners', '-2', 'boxa'], ['strokes.0.colour', 'none at all', 'boxa'],
]);

it('refuses a look of which layers know a part not, and changes nothing', function (): void {
    $look = fn (array $style): Tree => Sample::after(Sample::tree(), ['type' => 'set-style', 'screen' => 'home', 'layers' => ['boxa'], 'style' => $style]);
    expect($look(['fills' => [['colour' => '#0a0b0c']]])->layer('boxa')->fills[0]->colour()->toHex())->toBe('#0a0b0c')
        ->and(fn () => $look(['fills' => [], 'fill' => '#0a0b0c']))->toThrow(InvalidInput::class, 'Copy the look again');
});

it('wraps a text that is given a width, and measures it', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'set-field', 'screen' => 'home', 'layers' => ['words'], 'field' => 'width', 'value' => '45']);
    $layer = $tree->layer('words');
    expect($layer->content)->toBeInstanceOf(Text::class)
        ->and($layer->content->wrapped)->toBeTrue()
        ->and($layer->box->height)->toBe(44.8);
});

it('keeps a centred free text centred when its words change', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'set-field', 'screen' => 'home', 'layers' => ['words'], 'field' => 'style.align', 'value' => 'center']);
    $was = $tree->layer('words')->box->centre()->x;
    $tree = Sample::after($tree, ['type' => 'set-words', 'screen' => 'home', 'layer' => 'words', 'words' => 'Very good clay indeed']);
    expect($tree->layer('words')->box->centre()->x)->toEqualWithDelta($was, 0.01)
        ->and($tree->layer('words')->name)->toBe('Words');
});

it('duplicates a screen beside itself and counts its name up', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'duplicate-screen', 'screen' => 'home', 'seed' => 'one'], ['type' => 'duplicate-screen', 'screen' => 'home', 'seed' => 'two']);
    expect(array_map(fn (Screen $screen): string => $screen->name, $tree->reel()))->toBe(['Home', 'Home 3', 'Home 2', 'Next'])
        ->and(array_map(fn (Screen $screen): float => $screen->box->x, $tree->reel()))->toBe([0.0, 1410.0, 940.0, 470.0]);
    foreach ($tree->reel() as $screen) {
        expect($tree->layersOf($screen->id))->toHaveCount($screen->id === 'next' ? 0 : 6);
    }
    expect(DuplicateScreen::countedUp('Kiln 2', ['Kiln 3']))->toBe('Kiln 4');
});

it('takes a layer to another screen and onto the wall', function (): void {
    $tree = Sample::after(Sample::tree(),
        ['type' => 'transfer-layers', 'screen' => 'home', 'to' => 'next', 'layers' => ['group'], 'dx' => -10, 'dy' => 0],
        ['type' => 'transfer-layers', 'screen' => 'home', 'to' => null, 'layers' => ['boxa'], 'dx' => 0, 'dy' => 900],
    );
    expect($tree->layer('left')->screen)->toBe('next')
        ->and($tree->layer('boxa')->screen)->toBeNull()
        ->and($tree->layersOf(null))->toHaveCount(1);
});

it('links with the transition that the wall suggests', function (): void {
    $link = fn (string $from, string $to): array => ['type' => 'put-cue', 'screen' => $from, 'layer' => $from === 'home' ? 'boxa' : 'words',
        'cue' => ['id' => 'cue1', 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'show', 'screen' => $to]]];
    $tree = Sample::after(Sample::tree(), $link('home', 'next'));
    expect($tree->layer('boxa')->cues[0]->actions[0]->transition?->direction->value)->toBe('left')
        ->and(Sample::command($link('home', 'next'))->label(Sample::tree()))->toBe('Link Box to Next')
        ->and(Sample::after($tree, ['type' => 'remove-cue', 'screen' => 'home', 'layer' => 'boxa', 'cue' => 'cue1'])->layer('boxa')->cues)->toBe([]);
});

it('starts at the first screen, and at another when that is deleted', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'delete-screens', 'screens' => ['home']]);
    expect($tree->project->entry)->toBe('next')->and($tree->layers)->toBe([]);
});

it('says what is missing', function (): void {
    Sample::after(Sample::tree(), ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['gone'], 'dx' => 1, 'dy' => 1]);
})->throws(Missing::class, 'no longer there');

it('refuses commands that it cannot read, and names the place', function (array $data, string $message): void {
    expect(fn () => Commands::read(Reader::of($data, 'commands[0]')))->toThrow(InvalidInput::class, $message);
})->with([
    [['type' => 'explode'], 'commands[0].type: “explode” is not a command'],
    [['type' => 'move-layers', 'layers' => [], 'dx' => 0, 'dy' => 0], 'commands[0].layers: between 1 and'],
    [['type' => 'move-layers', 'layers' => ['boxa'], 'dx' => 'far', 'dy' => 0], 'commands[0].dx: a number is expected'],
    [['type' => 'move-layers', 'layers' => ['../etc'], 'dx' => 0, 'dy' => 0], 'commands[0].layers[0]'],
    [['type' => 'create-layers', 'seed' => 's', 'layers' => [['kind' => 'hologram', 'x' => 0, 'y' => 0, 'width' => 1, 'height' => 1]]], 'commands[0].layers[0].kind'],
    [['type' => 'create-layers', 'seed' => 's', 'layers' => [['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 1, 'height' => 1, 'fills' => [['colour' => 'no']]]]], 'commands[0].layers[0].fills[0].colour'],
    [['type' => 'create-layers', 'seed' => 's', 'layers' => [['kind' => 'box', 'x' => 1e6, 'y' => 0, 'width' => 1, 'height' => 1]]], 'between -100000 and 100000'],
]);

it('throws when a command strays outside what it declared', function (): void {
    $tree = Sample::tree();
    $part = new Tree($tree->project, $tree->screens, ['boxa' => $tree->layer('boxa')], []);
    $part->children(new Place('home'));
})->throws(OutsideWorkingSet::class);

it('gives what it makes ids that nothing has yet, though its seed was used before', function (array $command): void {
    $create = ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'used', 'layers' => [['kind' => 'box', 'name' => 'First', 'x' => 0, 'y' => 0, 'width' => 10, 'height' => 10]]];
    $before = Sample::after(Sample::tree(), $create);
    $first = (string) array_key_last($before->layers);
    $after = Sample::after($before, $command + ['screen' => 'home', 'layers' => [$first], 'seed' => 'used']);
    expect(count($after->layers))->toBeGreaterThan(count($before->layers))
        ->and($after->layer($first)->name)->toBe('First')->and(count($after->ancestors($after->layer($first))))->toBeLessThan(3);
})->with([
    'the same again' => [['type' => 'create-layers', 'layers' => [['kind' => 'box', 'name' => 'Second', 'x' => 0, 'y' => 0, 'width' => 10, 'height' => 10]]]],
    'a group around it' => [['type' => 'group-layers']],
    'a stack around it' => [['type' => 'stack-layers']],
    'an array of it' => [['type' => 'array-layers']],
    'a component of it' => [['type' => 'make-component']],
    'a copy of it' => [['type' => 'duplicate-layers', 'dx' => 5, 'dy' => 5]],
]);

it('gives new rows ids of their own, though their seed was used before', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'array-layers', 'screen' => 'home', 'layers' => ['boxa'], 'seed' => 'array']);
    $array = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->content instanceof Layer\ArrayLayer))[0]->id;
    $add = ['type' => 'add-rows', 'screen' => 'home', 'layer' => $array, 'count' => 3, 'seed' => 'array'];
    $rows = array_column(Sample::after($tree, $add, $add)->layer($array)->content->sheet->rows, 'id');
    expect(count(array_unique($rows)))->toBe(count($rows))->and(count($rows))->toBe(count($tree->layer($array)->content->sheet->rows) + 6);
});
