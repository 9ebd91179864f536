<?php

declare(strict_types=1);

use Kindred\Document\Difference;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Compound;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Place;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\PathData;
use Kindred\Input\InvalidInput;
use Kindred\Layout\Computed;
use Kindred\Tests\Sample;

/** A screen with a ticket and two holes, a text, an icon and a picture frame. */
function pieces(): Tree
{
    $paint = fn (string $colour): array => ['fills' => [['colour' => $colour]]];

    return ProjectFile::read((string) json_encode(['format' => 'kindred-canvas', 'version' => 3, 'name' => 'Pieces', 'screens' => [
        ['id' => 'home', 'name' => 'Home', 'device' => 'custom', 'x' => 0, 'y' => 0, 'width' => 400, 'height' => 600, 'layers' => [
            ['id' => 'ticket', 'kind' => 'box', 'name' => 'Ticket', 'x' => 40, 'y' => 100, 'width' => 200, 'height' => 100, 'opacity' => 0.9] + $paint('#a94c31'),
            ['id' => 'left', 'kind' => 'ellipse', 'name' => 'Left notch', 'x' => 30, 'y' => 140, 'width' => 20, 'height' => 20] + $paint('#ffffff'),
            ['id' => 'right', 'kind' => 'ellipse', 'name' => 'Right notch', 'x' => 230, 'y' => 140, 'width' => 20, 'height' => 20] + $paint('#ffffff'),
            ['id' => 'words', 'kind' => 'text', 'words' => 'Oo', 'x' => 60, 'y' => 120, 'style' => ['family' => 'Hanken Grotesk', 'weight' => 700, 'size' => 40, 'lineHeight' => 1.2]],
            ['id' => 'mark', 'kind' => 'icon', 'icon' => 'check', 'x' => 150, 'y' => 120, 'width' => 48, 'height' => 48],
            ['id' => 'rule', 'kind' => 'line', 'x' => 40, 'y' => 300, 'width' => 100, 'height' => 0, 'strokes' => [['colour' => '#17594f', 'width' => 6, 'cap' => 'butt']]],
            ['id' => 'list', 'kind' => 'stack', 'x' => 40, 'y' => 400, 'width' => 100, 'height' => 40, 'children' => [['id' => 'inlist', 'kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 20, 'height' => 20]]],
        ]],
    ]]))->tree;
}

/** @param  list<string>  $layers */
function combined(string $operation, array $layers, ?Tree $tree = null): Tree
{
    return Sample::after($tree ?? pieces(), ['type' => 'combine-layers', 'screen' => 'home', 'layers' => $layers, 'operation' => $operation, 'seed' => "c{$operation}"]);
}

/** The one compound right on the screen, or in a place. */
function compoundOf(Tree $tree, ?string $parent = null): Layer
{
    return array_values(array_filter($tree->children(new Place('home', $parent)), fn (Layer $layer): bool => $layer->content instanceof Compound))[0];
}

function areaOf(Layer $layer): float
{
    return match (true) {
        $layer->content instanceof Compound && $layer->content->d === '' => 0.0,
        $layer->content instanceof Compound, $layer->content instanceof PathLayer => Curves::of(PathData::parse($layer->content->d))->area(),
        default => NAN,
    };
}

function frameOf(Layer $layer): string
{
    return implode(' ', array_map(fn (float $n): string => (string) round($n, 2), [$layer->box->x, $layer->box->y, $layer->box->width, $layer->box->height]));
}

const NOTCH = M_PI * 50;

test('a ticket is cut by two notches, looks as it did, and stays editable', function () {
    $tree = combined('subtract', ['ticket', 'left', 'right']);
    $ticket = compoundOf($tree);
    expect(areaOf($ticket))->toEqualWithDelta(20000 - 2 * NOTCH, 1.0)->and(frameOf($ticket))->toBe('40 100 200 100')
        ->and($ticket->colour()?->toHex())->toBe('#a94c31')->and($ticket->opacity)->toBe(0.9)
        ->and($tree->layer('left')->operation->value)->toBe('subtract')->and($tree->layer('ticket')->operation->value)->toBe('union');

    $moved = Sample::after($tree, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['right'], 'dx' => -100, 'dy' => 0]);
    expect(areaOf(compoundOf($moved)))->toEqualWithDelta(20000 - 3 * NOTCH, 1.0);
    $wider = Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => ['left'], 'field' => 'operation', 'value' => 'union']);
    expect(areaOf(compoundOf($wider)))->toEqualWithDelta(20000, 1.0 + NOTCH)->and(frameOf(compoundOf($wider)))->toBe('30 100 210 100')
        // What lies in it stays where it was.
        ->and(frameOf($wider->layer('ticket')))->toBe('10 0 200 100');
    $lower = Sample::after($tree, ['type' => 'reorder-layers', 'screen' => 'home', 'parent' => $ticket->id, 'layers' => ['left'], 'above' => null]);
    // The notch is the lowest now: the ticket is put to it.
    expect(areaOf(compoundOf($lower)))->toEqualWithDelta(20000, 1.0);
    $fewer = Sample::after($tree, ['type' => 'delete-layers', 'screen' => 'home', 'layers' => ['left']]);
    expect(areaOf(compoundOf($fewer)))->toEqualWithDelta(20000 - NOTCH, 1.0);
    $hidden = Sample::after($tree, ['type' => 'mark-layers', 'screen' => 'home', 'layers' => ['left'], 'hidden' => true]);
    expect(areaOf(compoundOf($hidden)))->toEqualWithDelta(20000 - NOTCH, 1.0);
});

test('it is moved, turned, resized, pinned and copied as one layer', function () {
    $tree = combined('subtract', ['ticket', 'left', 'right']);
    $id = compoundOf($tree)->id;
    $on = ['screen' => 'home', 'layers' => [$id]];
    $half = Sample::after($tree, ['type' => 'place-layers', 'screen' => 'home', 'places' => [['id' => $id, 'x' => 40, 'y' => 100, 'width' => 100, 'height' => 50, 'rotation' => 0]]]);
    expect(areaOf(compoundOf($half)))->toEqualWithDelta((20000 - 2 * NOTCH) / 4, 1.0)->and(frameOf($half->layer('right')))->toBe('95 20 10 10');
    $turned = Sample::after($tree, ['type' => 'set-field', 'field' => 'rotation', 'value' => '30'] + $on, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['right'], 'dx' => 0, 'dy' => 500]);
    expect(areaOf(compoundOf($turned)))->toEqualWithDelta(20000 - NOTCH, 1.0);
    $copy = Sample::after($tree, ['type' => 'duplicate-layers', 'parent' => null, 'seed' => 'd', 'dx' => 0, 'dy' => 200] + $on);
    expect(count(array_filter($copy->layers, fn (Layer $layer): bool => $layer->content instanceof Compound && abs(areaOf($layer) - areaOf(compoundOf($tree))) < 1e-6)))->toBe(2);
    $wide = Sample::after($tree, ['type' => 'stack-layers', 'seed' => 's', 'screen' => 'home', 'layers' => [$id, 'rule']]);
    expect(areaOf($wide->layer($id)))->toEqualWithDelta(20000 - 2 * NOTCH, 1.0)->and($wide->layer($wide->layer($id)->parent ?? '')->kind())->toBe('stack');
});

test('words, icons, lines, groups and compounds are parts', function () {
    $letters = compoundOf(combined('subtract', ['ticket', 'words']));
    $word = 20000 - areaOf($letters);
    // Two rings of a bold face at 40 px.
    expect($word)->toBeGreaterThan(300)->and($word)->toBeLessThan(1200);
    $check = 20000 - areaOf(compoundOf(combined('subtract', ['ticket', 'mark'])));
    // Two strokes of 16√2 and 5√2 units by 2 at twice the size, with half a dot at either end; that of the corner is round, too.
    expect($check)->toBeGreaterThan(4 * 2 * 16 * M_SQRT2)->and($check)->toBeLessThan(4 * (2 * 17 * M_SQRT2 + 4));
    expect(areaOf(compoundOf(combined('union', ['rule', 'left']))))->toEqualWithDelta(600 + 2 * NOTCH, 1.0)
        ->and(compoundOf(combined('union', ['rule', 'left']))->colour()?->toHex())->toBe('#ffffff');
    $notches = Sample::after(pieces(), ['type' => 'group-layers', 'screen' => 'home', 'layers' => ['left', 'right'], 'seed' => 'g']);
    $inner = combined('subtract', ['ticket', $notches->layer('left')->parent ?? ''], $notches);
    expect(areaOf(compoundOf($inner)))->toEqualWithDelta(20000 - 2 * NOTCH, 1.0);
    $outer = combined('intersect', [compoundOf($inner)->id, 'words'], $inner);
    expect(areaOf(compoundOf($outer)))->toEqualWithDelta($word, 1.0);
    // What is done deep inside reaches the outermost.
    $moved = Sample::after($outer, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['left'], 'dx' => 36, 'dy' => 0]);
    expect(areaOf(compoundOf($moved)))->toBeLessThan($word - 10);
    expect(fn () => combined('union', ['ticket', 'list']))->toThrow(InvalidInput::class, 'has no shape of its own')
        ->and(fn () => combined('union', ['ticket']))->toThrow(InvalidInput::class, 'two or more')
        ->and(fn () => Sample::after($outer, ['type' => 'reorder-layers', 'screen' => 'home', 'parent' => compoundOf($outer)->id, 'layers' => ['list'], 'above' => null]))->toThrow(InvalidInput::class, 'cannot be part of a compound');
});

test('put to a compound that is the lowest, shapes become parts of it', function () {
    $tree = combined('subtract', ['ticket', 'left']);
    $more = combined('exclude', [compoundOf($tree)->id, 'right', 'words'], $tree);
    expect(compoundOf($more)->id)->toBe(compoundOf($tree)->id)->and(count($more->children(new Place('home', compoundOf($tree)->id))))->toBe(4)
        ->and(frameOf(compoundOf($more)))->toBe('40 100 210 100');
});

test('it leads where its parts led, as a whole, and they do when they are released', function () {
    $cue = fn (string $id): array => ['id' => $id, 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'show', 'screen' => 'home'], 'transition' => ['kind' => 'cut']];
    $linked = Sample::after(pieces(), ['type' => 'put-cue', 'screen' => 'home', 'layer' => 'ticket', 'cue' => $cue('cue1')]);
    $tree = combined('subtract', ['ticket', 'left'], $linked);
    $ticket = compoundOf($tree);
    expect(array_column($ticket->toArray()['cues'], 'id'))->toBe(['cue1'])->and($tree->layer('ticket')->cues)->toBe([])
        ->and(fn () => Sample::after($tree, ['type' => 'put-cue', 'screen' => 'home', 'layer' => 'left', 'cue' => $cue('cue2')]))->toThrow(InvalidInput::class, 'is tapped as a whole');
    $released = Sample::after($tree, ['type' => 'ungroup-layers', 'screen' => 'home', 'parent' => null, 'layers' => [$ticket->id]]);
    expect($released->layer('ticket')->cue('cue1'))->not->toBeNull()->and($released->layer('left')->cues)->toBe([]);
});

test('parts that are grouped or put together among themselves do what they did, and so they do when they are freed', function () {
    $tree = combined('subtract', ['ticket', 'left', 'right']);
    $area = areaOf(compoundOf($tree));
    $grouped = Sample::after($tree, ['type' => 'group-layers', 'screen' => 'home', 'layers' => ['left', 'right'], 'seed' => 'g']);
    $group = $grouped->layer('left')->parent ?? '';
    expect($grouped->layer($group)->kind())->toBe('group')->and(areaOf(compoundOf($grouped)))->toEqualWithDelta($area, 1e-6);
    $freed = Sample::after($grouped, ['type' => 'ungroup-layers', 'screen' => 'home', 'parent' => compoundOf($tree)->id, 'layers' => [$group]]);
    expect($freed->layer('left')->operation->value)->toBe('subtract')->and(areaOf(compoundOf($freed)))->toEqualWithDelta($area, 1e-6);
    $nested = combined('union', ['left', 'right'], $tree);
    expect($nested->layer($nested->layer('left')->parent ?? '')->kind())->toBe('compound')->and(areaOf(compoundOf($nested)))->toEqualWithDelta($area, 1e-6);
});

test('six hundred shapes become one; what crosses too often is refused in words', function () {
    $tree = pieces();
    $discs = array_map(fn (int $i): array => ['kind' => 'ellipse', 'x' => 10.5 * ($i % 30), 'y' => 10.5 * intdiv($i, 30), 'width' => 12, 'height' => 12], range(0, 599));
    $many = Sample::after($tree, ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'many', 'layers' => $discs]);
    $ids = array_values(array_filter(array_keys($many->layers), fn (string $id): bool => ! isset($tree->layers[$id])));
    $one = combined('union', $ids, $many);
    expect(areaOf(compoundOf($one)))->toBeGreaterThan(60000)->toBeLessThan(600 * M_PI * 36);
    $lines = array_map(fn (int $i): array => ['kind' => 'line', 'x' => 0, 'y' => 3 * $i, 'width' => 380, 'height' => 580 - 3 * $i, 'rising' => $i % 2 === 0, 'strokes' => [['colour' => '#17594f', 'width' => 1]]], range(0, 149));
    $crossed = Sample::after($tree, ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'lines', 'layers' => $lines]);
    $ids = array_values(array_filter(array_keys($crossed->layers), fn (string $id): bool => ! isset($tree->layers[$id])));
    expect(fn () => combined('union', $ids, $crossed))->toThrow(InvalidInput::class, 'cross each other too often');
});

test('it is flattened to one path, or its parts are given back', function () {
    $tree = combined('subtract', ['ticket', 'left', 'right']);
    $ticket = compoundOf($tree);
    $flat = Sample::after($tree, ['type' => 'convert-to-paths', 'screen' => 'home', 'layers' => [$ticket->id]]);
    expect($flat->layer($ticket->id)->content)->toBeInstanceOf(PathLayer::class)->and(areaOf($flat->layer($ticket->id)))->toEqualWithDelta(areaOf($ticket), 0.1)
        ->and(isset($flat->layers['left']))->toBeFalse()->and(frameOf($flat->layer($ticket->id)))->toBe(frameOf($ticket));
    $released = Sample::after($tree, ['type' => 'ungroup-layers', 'screen' => 'home', 'parent' => null, 'layers' => [$ticket->id]]);
    foreach (['ticket', 'left', 'right'] as $id) {
        expect($released->layer($id)->with(rank: '')->toArray())->toBe(pieces()->layer($id)->with(rank: '')->toArray());
    }
});

test('where nothing is left it is empty, and comes back', function () {
    $tree = combined('intersect', ['left', 'right']);
    expect(compoundOf($tree)->content->toArray())->toBe([])->and(frameOf(compoundOf($tree)))->toBe('30 140 220 20');
    $moved = Sample::after($tree, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['right'], 'dx' => -195, 'dy' => 0]);
    expect(areaOf(compoundOf($moved)))->toBeGreaterThan(50);
});

test('what its parts come to is nobody’s edit', function () {
    $tree = combined('subtract', ['ticket', 'left', 'right']);
    $moved = Sample::after($tree, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['right'], 'dx' => -100, 'dy' => 0]);
    $difference = Computed::without(Difference::between($tree, $moved), $tree, $moved);
    expect(array_map(fn ($change): string => $change->id, $difference->changes))->toBe(['right']);
});

test('on the wall its parts are picked at their edges; everywhere else it is one path', function () {
    $tree = combined('subtract', ['ticket', 'left']);
    $screen = $tree->screen('home');
    $drawn = Sample::renderer()->screen($tree, $screen, Sample::rendering());
    expect($drawn)->not->toContain('data-layer="left"')->and(substr_count($drawn, '#a94c31'))->toBe(1);
    $wall = Sample::renderer()->screen($tree, $screen, Sample::rendering(editable: true));
    expect($wall)->toContain('data-layer="left"')->and($wall)->toMatch('/data-layer="left"[^>]*><ellipse[^>]*pointer-events="stroke" fill="none"/s');
    expect(Sample::renderer()->shell($tree, $tree->layer('left'), Sample::rendering(editable: true)))->not->toContain('#ffffff');
});

test('it masks as the one shape that it is', function () {
    $notched = combined('subtract', ['ticket', 'left']);
    $masked = Sample::after($notched, ['type' => 'mask-layers', 'screen' => 'home', 'layers' => [compoundOf($notched)->id, 'right'], 'seed' => 'm']);
    $group = $masked->layer($masked->layer('right')->parent ?? '');
    // The topmost that can mask does: the ellipse, over the ticket.
    expect($masked->layer('right')->masking)->toBeTrue()->and($group->kind())->toBe('group');
    $above = Sample::after($notched, ['type' => 'reorder-layers', 'screen' => 'home', 'parent' => null, 'layers' => [compoundOf($notched)->id], 'above' => 'rule'], ['type' => 'mask-layers', 'screen' => 'home', 'layers' => [compoundOf($notched)->id, 'right'], 'seed' => 'm']);
    $drawn = Sample::renderer()->screen($above, $above->screen('home'), Sample::rendering());
    expect(compoundOf($above, $above->layer('right')->parent)->masking)->toBeTrue()->and($drawn)->toMatch('/<clipPath[^>]*>.*<path[^>]*d="M0 40L0 0L200 0/s');
});

test('it is the design of cells, each of which shows it', function () {
    $tree = combined('subtract', ['ticket', 'left']);
    $array = Sample::after($tree, ['type' => 'array-layers', 'screen' => 'home', 'layers' => [compoundOf($tree)->id], 'seed' => 'a']);
    $drawn = Sample::renderer()->screen($array, $array->screen('home'), Sample::rendering());
    expect(preg_match_all('/<path d="M0 [^"]*C[^"]*Z" fill="#a94c31"/', $drawn))->toBe(3);
});

test('a project with it is written and read as it is', function () {
    $tree = combined('subtract', ['ticket', 'words']);
    $again = ProjectFile::read(Sample::written(new ProjectFile($tree)))->tree;
    expect(array_map(fn (Layer $layer): array => $layer->with(rank: '')->toArray(), $again->layers))->toEqualCanonicalizing(array_map(fn (Layer $layer): array => $layer->with(rank: '')->toArray(), $tree->layers));
});

test('strokes become shapes, and shapes grow and shrink', function () {
    $lined = Sample::after(pieces(), ['type' => 'outline-strokes', 'screen' => 'home', 'layers' => ['rule']]);
    expect(areaOf($lined->layer('rule')))->toEqualWithDelta(600, 0.01)->and($lined->layer('rule')->strokes)->toBe([])->and($lined->layer('rule')->colour()?->toHex())->toBe('#17594f')->and(frameOf($lined->layer('rule')))->toBe('40 297 100 6');
    $both = Sample::after(pieces(), ['type' => 'add-to-list', 'screen' => 'home', 'layers' => ['ticket'], 'list' => 'strokes', 'entry' => ['colour' => '#222222', 'width' => 10], 'at' => 0], ['type' => 'outline-strokes', 'screen' => 'home', 'layers' => ['ticket']]);
    $stroke = array_values(array_filter($both->layers, fn (Layer $layer): bool => $layer->name === 'Ticket, stroke'))[0];
    // Inside the edge of a box.
    expect(areaOf($stroke))->toEqualWithDelta(20000 - 180 * 80, 0.1)->and($both->layer('ticket')->strokes)->toBe([])->and($both->layer('ticket')->kind())->toBe('box');
    $grown = Sample::after(pieces(), ['type' => 'offset-shapes', 'screen' => 'home', 'layers' => ['ticket', 'left'], 'by' => 5, 'join' => 'round']);
    expect(areaOf($grown->layer('ticket')))->toEqualWithDelta(200 * 100 + 2 * 5 * 300 + M_PI * 25, 0.5)->and(areaOf($grown->layer('left')))->toEqualWithDelta(M_PI * 15 * 15, 0.7);
    $shrunk = Sample::after(pieces(), ['type' => 'offset-shapes', 'screen' => 'home', 'layers' => ['ticket'], 'by' => -5]);
    expect(frameOf($shrunk->layer('ticket')))->toBe('45 105 190 90');
    // A number, or what is typed for one.
    expect(frameOf(Sample::after(pieces(), ['type' => 'offset-shapes', 'screen' => 'home', 'layers' => ['ticket'], 'by' => '+2 * 4'])->layer('ticket')))->toBe('32 92 216 116')
        ->and(fn () => Sample::after(pieces(), ['type' => 'offset-shapes', 'screen' => 'home', 'layers' => ['ticket'], 'by' => 'wide']))->toThrow(InvalidInput::class)
        ->and(fn () => Sample::after(pieces(), ['type' => 'offset-shapes', 'screen' => 'home', 'layers' => ['ticket'], 'by' => '900']))->toThrow(InvalidInput::class, 'between -500 and 500');
    $group = Sample::after(pieces(), ['type' => 'group-layers', 'screen' => 'home', 'layers' => ['left', 'right'], 'seed' => 'g']);
    expect(fn () => Sample::after($group, ['type' => 'offset-shapes', 'screen' => 'home', 'layers' => [$group->layer('left')->parent], 'by' => 4]))->toThrow(InvalidInput::class, 'no shape here');
    // A line that says nothing is drawn in ink, and its shape is what that paints.
    $plain = Sample::after(pieces(), ['type' => 'remove-from-list', 'screen' => 'home', 'layers' => ['rule'], 'list' => 'strokes', 'at' => 0], ['type' => 'outline-strokes', 'screen' => 'home', 'layers' => ['rule']]);
    expect(areaOf($plain->layer('rule')))->toEqualWithDelta(100, 0.01);
    expect(fn () => Sample::after(pieces(), ['type' => 'offset-shapes', 'screen' => 'home', 'layers' => ['left'], 'by' => -10]))->toThrow(InvalidInput::class, 'Nothing would be left')
        ->and(fn () => Sample::after(pieces(), ['type' => 'outline-strokes', 'screen' => 'home', 'layers' => ['left']]))->toThrow(InvalidInput::class, 'no stroke');
});

test('the corners of a compound are rounded by one radius, and stay editable', function () {
    // A box with another beside its lower half: an L with five corners outwards and one inwards.
    $boxes = array_map(fn (array $box): array => ['kind' => 'box', 'name' => 'Part', 'fills' => [['colour' => '#a94c31']]] + array_combine(['x', 'y', 'width', 'height'], $box), [[0, 0, 50, 100], [50, 50, 50, 50]]);
    $drawn = Sample::after(pieces(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'l', 'layers' => $boxes]);
    $parts = array_values(array_map(fn (Layer $layer): string => $layer->id, array_filter($drawn->layers, fn (Layer $layer): bool => $layer->name === 'Part')));
    $tree = combined('union', $parts, $drawn);
    $set = fn (Tree $tree, string $radius): Tree => Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => [compoundOf($tree)->id], 'field' => 'rounding', 'value' => $radius]);
    $area = fn (Tree $tree): float => Sample::shapes()->outline($tree, compoundOf($tree))?->curves->area() ?? NAN;
    $less = fn (float $radius): float => (1 - M_PI / 4) * $radius ** 2;
    $round = $set($tree, '10');
    expect($area($tree))->toEqualWithDelta(7500.0, 1e-6)->and($area($round))->toEqualWithDelta(7500 - 4 * $less(10), 0.5)
        ->and(frameOf(compoundOf($round)))->toBe('0 0 100 100')->and($area($set($round, '0')))->toEqualWithDelta(7500.0, 1e-6)
        // It is so after a part has moved, where a T has six outwards and two inwards, in a file, and as a path, which keeps the radius as a number.
        ->and($area(Sample::after($round, ['type' => 'move-layers', 'screen' => 'home', 'layers' => [$parts[1]], 'dx' => 0, 'dy' => -25])))->toEqualWithDelta(7500 - (6 - 2) * $less(10), 0.5)
        ->and(ProjectFile::read(Sample::written(new ProjectFile($round)))->tree->layer(compoundOf($round)->id)->content->rounding)->toBe(10.0)
        ->and(Sample::renderer()->layer($round, compoundOf($round), Sample::rendering()))->toContain('C');
    $path = Sample::after($round, ['type' => 'convert-to-paths', 'screen' => 'home', 'layers' => [compoundOf($round)->id]])->layer(compoundOf($round)->id)->content;
    expect($path)->toBeInstanceOf(PathLayer::class)->and($path->rounding)->toBe(10.0)->and(Curves::of(PathData::parse($path->outline()))->area())->toEqualWithDelta(7500 - 4 * $less(10), 0.5)
        ->and(fn () => $set($round, '-1'))->toThrow(InvalidInput::class);
});
