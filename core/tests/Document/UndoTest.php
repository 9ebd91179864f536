<?php

declare(strict_types=1);

use Kindred\Document\Difference;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Missing;
use Kindred\Document\Overtaken;
use Kindred\Document\Place;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Layout\Computed;
use Kindred\Layout\Consequences;
use Kindred\Tests\AnyCommand;
use Kindred\Tests\Sample;

it('restores the tree exactly after any sequence of commands', function (int $seed): void {
    mt_srand($seed);
    $tree = $start = $seed % 4 === 0 ? Sample::everything()->tree : Sample::tree();
    $done = [];
    for ($step = 0; $step < 80; $step++) {
        $data = AnyCommand::on($tree, $step);
        try {
            $after = Sample::after($tree, $data);
        } catch (InvalidInput|Missing) {
            continue;
        }
        // As the log keeps it: written to JSON and read back.
        $difference = Difference::between($tree, $after);
        $done[] = Difference::read(Reader::of(json_decode((string) json_encode($difference->toArray(), JSON_PRESERVE_ZERO_FRACTION), true)));
        $tree = $after;
    }
    $end = $tree;
    foreach (array_reverse($done) as $difference) {
        $tree = $difference->inverse()->applyTo($tree);
    }
    expect($tree)->toBeDocument($start)->and(count($done))->toBeGreaterThan(10);
    foreach ($done as $difference) {
        $tree = $difference->applyTo($tree);
    }
    expect($tree)->toBeDocument($end);
})->with(range(1, 60));

it('restores the tree as well without what only the layout has changed, for that follows', function (int $seed): void {
    mt_srand($seed);
    $tree = $start = $seed % 4 === 0 ? Sample::everything()->tree : Sample::relayout()->after(Sample::tree()->with(layers: []), Sample::tree());
    $consequences = new Consequences(Sample::relayout());
    $done = [];
    for ($step = 0; $step < 80; $step++) {
        try {
            $after = Sample::after($tree, AnyCommand::on($tree, $step));
        } catch (InvalidInput|Missing) {
            continue;
        }
        $done[] = Computed::without(Difference::between($tree, $after), $tree, $after);
        $tree = $after;
    }
    $end = $tree;
    foreach (array_reverse($done) as $difference) {
        $tree = $consequences->replayed($tree, $difference->inverse());
    }
    // A layout made again may differ by a thousandth of a px.
    expect($tree)->toBeDocument($start, 0.002)->and(count($done))->toBeGreaterThan(10);
    foreach ($done as $difference) {
        $tree = $consequences->replayed($tree, $difference);
    }
    expect($tree)->toBeDocument($end, 0.002);
})->with(range(1, 60));

/** A column of three boxes of 100 by 40, and the command that gives one of them another height. */
function column(): Tree
{
    $box = fn (int $i): array => ['id' => "item{$i}", 'kind' => 'box', 'x' => 0, 'y' => $i * 50, 'width' => 100, 'height' => 40];

    return Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'col', 'layers' => [
        ['id' => 'column', 'kind' => 'stack', 'direction' => 'column', 'x' => 20, 'y' => 20, 'width' => 100, 'rowGap' => 10, 'sizing' => ['height' => 'content'], 'children' => array_map($box, [0, 1, 2])],
    ]]);
}

it('takes back what was made to one item of a stack though another was changed since, and the layout follows both', function (): void {
    $before = column();
    [$first, $second, $third] = $before->children(new Place('home', array_values(array_filter($before->layers, fn (Layer $layer): bool => $layer->content instanceof Stack))[0]->id));
    $height = fn (Layer $item, string $value): array => ['type' => 'set-field', 'screen' => 'home', 'layers' => [$item->id], 'field' => 'height', 'value' => $value];
    $mine = Sample::after($before, $height($first, '70'));
    $made = Computed::without(Difference::between($before, $mine), $before, $mine);
    expect($made->named())->toBe([$first->id]);
    $theirs = Sample::after($mine, $height($second, '90'));
    $undone = (new Consequences(Sample::relayout()))->replayed($theirs, $made->inverse());
    $tops = fn (Tree $tree): array => array_map(fn (Layer $item): array => [$tree->layer($item->id)->box->y, $tree->layer($item->id)->box->height], [$first, $second, $third]);
    expect($tops($theirs))->toEqual([[0, 70], [80, 90], [180, 40]])
        ->and($tops($undone))->toEqual([[0, 40], [50, 90], [150, 40]])
        ->and($undone->layer((string) $first->parent)->box->height)->toEqual(190.0);
    // But not where it is the same thing that was changed.
    $again = Sample::after($mine, $height($first, '55'));
    expect(fn (): Tree => (new Consequences(Sample::relayout()))->replayed($again, $made->inverse()))->toThrow(Overtaken::class, 'Box');
});

it('leaves out nothing that pins or a group have done, for it does not follow from what is there', function (): void {
    $before = Sample::tree();
    $after = Sample::after($before, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['left'], 'dx' => -30, 'dy' => 0]);
    expect(Computed::without(Difference::between($before, $after), $before, $after)->named())->toEqualCanonicalizing(['group', 'right']);
});

it('does not take back what has been changed since', function (): void {
    $before = Sample::tree();
    $moved = Sample::after($before, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['boxa'], 'dx' => 5, 'dy' => 0]);
    $again = Sample::after($moved, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['boxa'], 'dx' => 5, 'dy' => 0]);
    Difference::between($before, $moved)->inverse()->applyTo($again);
})->throws(Overtaken::class, 'Box');

it('takes back one property though another has changed since', function (): void {
    $before = Sample::tree();
    $moved = Sample::after($before, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['boxa'], 'dx' => 5, 'dy' => 0]);
    $painted = Sample::after($moved, ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'fills.0.colour', 'value' => '#123456']);
    $undone = Difference::between($before, $moved)->inverse()->applyTo($painted);
    expect($undone->layer('boxa')->box->x)->toBe(20.0)->and($undone->layer('boxa')->fills[0]->colour()->toHex())->toBe('#123456');
});

it('does not remove a group into which something was put since', function (): void {
    $before = Sample::tree();
    $grouped = Sample::after($before, ['type' => 'group-layers', 'screen' => 'home', 'layers' => ['boxa', 'icon'], 'seed' => 'seed']);
    $group = $grouped->layer('boxa')->parent;
    $filled = Sample::after($grouped, ['type' => 'reorder-layers', 'screen' => 'home', 'parent' => $group, 'layers' => ['words'], 'above' => null]);
    Difference::between($before, $grouped)->inverse()->applyTo($filled);
})->throws(Overtaken::class);

/**
 * The layer after a step, after it was undone, and after it was done again, as the log does it.
 *
 * @param  list<array<string, mixed>>  $layers  of the first screen
 * @param  array<string, mixed>  $command
 * @return list<mixed> the box before, after, undone and done again
 */
function thereAndBack(array $layers, array $command, string $layer): array
{
    $file = Sample::file();
    $file['screens'][0]['layers'] = $layers;
    $tree = ProjectFile::read((string) json_encode($file))->tree;
    $before = Sample::relayout()->after(new Tree($tree->project), $tree);
    $after = Sample::after($before, $command + ['screen' => 'home']);
    $step = Difference::read(Reader::of(json_decode((string) json_encode(Computed::without(Difference::between($before, $after), $before, $after)->toArray(), JSON_PRESERVE_ZERO_FRACTION), true)));
    $consequences = new Consequences(Sample::relayout());
    $undone = $consequences->replayed($after, $step->inverse());

    return array_map(fn (Tree $one): array => get_object_vars($one->layer($layer)->box), [$before, $after, $undone, $consequences->replayed($undone, $step)]);
}

it('brings what is pinned in a cell back to its width when the array is resized and that is undone', function (): void {
    $bar = ['id' => 'barone', 'kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 90, 'height' => 20, 'pins' => ['left' => true, 'right' => true, 'top' => true]];
    $array = ['id' => 'pots', 'kind' => 'array', 'x' => 0, 'y' => 0, 'width' => 200, 'height' => 20, 'columns' => 2, 'columnGap' => 20, 'sheet' => ['columns' => [], 'rows' => [['id' => 'row1', 'values' => (object) []], ['id' => 'row2', 'values' => (object) []]]],
        'children' => [['id' => 'card', 'kind' => 'group', 'x' => 0, 'y' => 0, 'width' => 90, 'height' => 20, 'children' => [$bar]]]];
    [$before, $after, $undone, $again] = thereAndBack([$array], ['type' => 'set-field', 'layers' => ['pots'], 'field' => 'width', 'value' => '140'], 'barone');
    expect([$before['width'], $after['width'], $undone, $again])->toEqual([90, 60, $before, $after]);
});

it('takes a step back though a frame that was worked out again differs in its last digits', function (): void {
    $before = Sample::tree();
    $after = Sample::after($before, ['type' => 'place-layers', 'screen' => 'home', 'places' => [['id' => 'boxa', 'x' => 68.95942568858624, 'y' => 30, 'width' => 100, 'height' => 40, 'rotation' => 0]]]);
    $box = $after->layer('boxa')->box;
    $step = Difference::between($before, $after)->inverse();
    expect($step->applyTo($after->withLayers($after->layer('boxa')->with(box: new Kindred\Geometry\Box(68.95942568858622, $box->y, $box->width, $box->height))))->layer('boxa')->box->x)->toBe(20.0);
    expect(fn () => $step->applyTo($after->withLayers($after->layer('boxa')->with(box: new Kindred\Geometry\Box(68.96, $box->y, $box->width, $box->height)))))->toThrow(Overtaken::class);
});
