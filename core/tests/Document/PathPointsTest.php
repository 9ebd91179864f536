<?php

declare(strict_types=1);

use Kindred\Document\Layer;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Sample;

/** A screen with one path. */
function withPath(string $d, float $rotation = 0): Tree
{
    $bounds = PathData::parse($d)->bounds();

    return ProjectFile::read((string) json_encode(['format' => 'kindred-canvas', 'version' => 3, 'name' => 'Paths', 'screens' => [
        ['id' => 'home', 'name' => 'Home', 'device' => 'custom', 'x' => 0, 'y' => 0, 'width' => 400, 'height' => 400, 'layers' => [
            ['id' => 'path', 'kind' => 'path', 'name' => 'Wave', 'x' => 100, 'y' => 80, 'width' => $bounds?->width, 'height' => $bounds?->height, 'd' => $d, 'rotation' => $rotation, 'strokes' => [['colour' => '#17594f', 'width' => 2]]],
            ['id' => 'boxa', 'kind' => 'box', 'name' => 'Box', 'x' => 10, 'y' => 10, 'width' => 60, 'height' => 40, 'corners' => ['topLeft' => 8, 'topRight' => 8, 'bottomRight' => 8, 'bottomLeft' => 8], 'strokes' => [['colour' => '#17594f', 'width' => 4]]],
            ['id' => 'round', 'kind' => 'ellipse', 'x' => 100, 'y' => 10, 'width' => 60, 'height' => 40, 'rotation' => 30],
            ['id' => 'line', 'kind' => 'line', 'x' => 200, 'y' => 10, 'width' => 60, 'height' => 40, 'rising' => true, 'strokes' => [['colour' => '#17594f', 'width' => 4]]],
            ['id' => 'words', 'kind' => 'text', 'words' => 'Clay', 'x' => 10, 'y' => 200, 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4]],
        ]],
    ]]))->tree;
}

function d(Layer $layer): string
{
    return $layer->content instanceof PathLayer ? $layer->content->d : '';
}

/** @return list<array{float, float}> where the points and handles of a path lie on its screen */
function onScreen(Layer $layer): array
{
    $middle = new Point($layer->box->width / 2, $layer->box->height / 2);
    $out = [];
    foreach (PathData::parse(d($layer))->segments as [, $n]) {
        for ($i = 0; $i < count($n); $i += 2) {
            $at = (new Point($n[$i], $n[$i + 1]))->minus($middle)->turned($layer->rotation)->plus($middle);
            $out[] = [$layer->box->x + $at->x, $layer->box->y + $at->y];
        }
    }

    return $out;
}

$on = fn (string $type, array $points, array $more = []): array => ['type' => $type, 'screen' => 'home', 'layer' => 'path', 'points' => array_map(fn (int $node): array => ['subpath' => 0, 'node' => $node], $points)] + $more;

it('lets its box follow what is moved, and all else of the path where it lies, though it is turned', function (float $rotation) use ($on): void {
    $before = withPath('M0 0L60 0L60 40L0 40Z', $rotation);
    $after = Sample::after($before, $on('move-points', [2], ['dx' => 30, 'dy' => 20]))->layer('path');
    [$was, $is] = [onScreen($before->layer('path')), onScreen($after)];
    foreach ([0, 1, 3] as $i) {
        expect($is[$i])->toEqualWithDelta($was[$i], 0.002);
    }
    $by = (new Point(30, 20))->turned($rotation);
    expect($is[2])->toEqualWithDelta([$was[2][0] + $by->x, $was[2][1] + $by->y], 0.002)->and([$after->box->width, $after->box->height])->toEqualWithDelta([90, 60], 0.001)
        // Its path begins at the corner of its box again.
        ->and(PathData::parse(d(Sample::after($before, $on('move-points', [0], ['dx' => -30, 'dy' => -20]))->layer('path')))->bounds()?->x)->toEqualWithDelta(0, 0.001);
})->with([0, 30, 90, -145]);

it('edits points as they are named', function (array $command, string $d): void {
    expect(d(Sample::after(withPath('M0 0L60 0L60 40L0 40Z'), $command + ['screen' => 'home', 'layer' => 'path'])->layer('path')))->toBe($d);
})->with(fn (): array => [
    'placed by sums, each by itself' => [$on('place-points', [1, 2], ['x' => '+10']), 'M0 0L70 0L70 40L0 40Z'],
    'placed in one place' => [$on('place-points', [1, 2], ['x' => '30', 'y' => '']), 'M0 0L30 0L30 40L0 40Z'],
    'scaled about a place' => [$on('scale-points', [1, 2], ['about' => ['x' => 60, 'y' => 20], 'across' => 1, 'down' => 0.5]), 'M0 0L60 10L60 30L0 40Z'],
    'in line' => [$on('align-points', [2, 3], ['to' => 'left']), 'M0 0L60 0L0 40L0 40Z'],
    'a handle' => [$on('pull-handle', [0], ['handle' => 'out', 'x' => 20, 'y' => 10]), 'M0 0C20 10 60 0 60 0L60 40L0 40Z'],
    'one more' => [['type' => 'add-point', 'after' => ['subpath' => 0, 'node' => 3], 't' => 0.5], 'M0 0L60 0L60 40L0 40L0 20Z'],
    'one less' => [$on('remove-points', [3]), 'M0 0L60 0L60 40Z'],
    'bent' => [['type' => 'bend-curve', 'after' => ['subpath' => 0, 'node' => 0], 't' => 0.5, 'dx' => 0, 'dy' => 30], 'M0 0C20 40 40 40 60 0L60 40L0 40Z'],
    'cut' => [$on('cut-path', [1]), 'M60 0L60 40L0 40L0 0L60 0'],
    'turned round' => [$on('reverse-path', [0]), 'M0 40L60 40L60 0L0 0Z'],
]);

it('keeps what is smooth so where it is bent beside', function () use ($on): void {
    $tree = Sample::after(withPath('M0 0L60 0L60 40L0 40Z'), $on('convert-points', [1], ['smooth' => true]), ['type' => 'bend-curve', 'screen' => 'home', 'layer' => 'path', 'after' => ['subpath' => 0, 'node' => 1], 't' => 0.4, 'dx' => 25, 'dy' => 5]);
    expect(Kindred\Geometry\Curve\Curves::of(PathData::parse(d($tree->layer('path'))))->subpaths[0]->nodes[1]->isSmooth())->toBeTrue();
});

it('says why points cannot be edited', function (array $command, string $problem): void {
    expect(fn () => Sample::after(withPath('M0 0L60 0L60 40L0 40'), $command + ['screen' => 'home', 'layer' => 'path']))->toThrow(InvalidInput::class, $problem);
})->with(fn (): array => [
    'a point that is not there' => [$on('move-points', [4], ['dx' => 1, 'dy' => 1]), 'no such point'],
    'a curve beyond the end' => [['type' => 'add-point', 'after' => ['subpath' => 0, 'node' => 3], 't' => 0.5], 'no such curve'],
    'another kind' => [['type' => 'move-points', 'layer' => 'boxa', 'points' => [['subpath' => 0, 'node' => 0]], 'dx' => 1, 'dy' => 1], '“Box” is no path'],
    'all of it' => [$on('remove-points', [0, 1, 2]), 'Nothing would be left'],
    'no ends' => [$on('join-path', [1, 2]), 'Select two ends'],
    'the same end twice' => [$on('join-path', [0, 0]), 'Select two ends'],
    'a word for a place' => [$on('place-points', [0], ['x' => 'left']), 'left'],
    'beyond all' => [$on('scale-points', [1], ['about' => ['x' => -90000, 'y' => 0], 'across' => 1000, 'down' => 1]), 'reaches further'],
    'a bend at an end' => [['type' => 'bend-curve', 'after' => ['subpath' => 0, 'node' => 0], 't' => 0.01, 'dx' => 1, 'dy' => 1], '0.2'],
    'none' => [['type' => 'remove-points', 'points' => []], 'points'],
]);

it('says that a path has as many points as can be kept', function () use ($on): void {
    $tree = withPath('M0 0'.str_repeat('L1.001 2.002L3.003 4.004', 8300));
    expect(strlen(d($tree->layer('path'))))->toBeBetween(190_000, PathData::MAX_LENGTH)->and(fn () => Sample::after($tree, $on('pull-handle', range(0, 2000), ['handle' => 'out', 'x' => 5.123, 'y' => 6.456])))->toThrow(InvalidInput::class, 'more points than can be kept');
});

it('makes paths of shapes, which look as they did', function (string $id, string $d): void {
    $before = withPath('M0 0L60 0');
    $tree = Sample::after($before, ['type' => 'convert-to-paths', 'screen' => 'home', 'layers' => [$id]]);
    $path = $tree->layer($id);
    expect(d($path))->toBe($d)->and($path->box->equals($before->layer($id)->box))->toBeTrue()->and($path->rotation)->toBe($before->layer($id)->rotation);
    if ($id === 'boxa') {
        expect($path->content instanceof PathLayer ? $path->content->outline() : '')->toBe('M0 8C0 3.582 3.582 0 8 0L52 0C56.418 0 60 3.582 60 8L60 32C60 36.418 56.418 40 52 40L8 40C3.582 40 0 36.418 0 32Z');
        // Its stroke lies inside, as that of a box does.
        expect($path->strokes[0]->resolvedPosition(true))->toBe($before->layer($id)->strokes[0]->resolvedPosition(false))->and($path->strokes[0]->turns(true))->toBe($before->layer($id)->strokes[0]->turns(false));
    }
})->with([
    // All its corners are alike, and so stay a radius that can be changed.
    ['boxa', 'M0 0L60 0L60 40L0 40Z'],
    ['round', 'M0 20C0 8.954 13.431 0 30 0C46.569 0 60 8.954 60 20C60 31.046 46.569 40 30 40C13.431 40 0 31.046 0 20Z'],
    ['line', 'M0 40L60 0'],
]);

it('makes no path of what has no outline of its own', function (): void {
    $with = Sample::after(withPath('M0 0L60 0'), ['type' => 'group-layers', 'screen' => 'home', 'layers' => ['words'], 'seed' => 'g']);
    $group = $with->layer('words')->parent;
    expect(fn () => Sample::after($with, ['type' => 'convert-to-paths', 'screen' => 'home', 'layers' => [$group]]))->toThrow(InvalidInput::class, 'Only boxes, ellipses, polygons, lines, texts');
});

/** A wave as a hand draws it, from a place on its screen. */
function drawnByHand(float $tolerance = 1.0, bool $closed = false): array
{
    $samples = array_merge(...array_map(fn (int $i): array => [50 + 2 * $i, 200 + 30 * sin($i / 8) + ($i % 2 ? 0.4 : -0.4)], range(0, 100)));

    return ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'hand', 'layers' => [['kind' => 'path', 'x' => 0, 'y' => 0, 'samples' => $samples, 'tolerance' => $tolerance, 'closed' => $closed]]];
}

it('draws a path through where a hand was, and nearer or further off afterwards', function (): void {
    $of = fn (Tree $tree): Layer => array_values(array_diff_key($tree->layers, withPath('M0 0L60 0')->layers))[0];
    $nodes = fn (Layer $layer): int => count(Kindred\Geometry\Curve\Curves::of(PathData::parse(d($layer)))->subpaths[0]->nodes);
    $tree = Sample::after(withPath('M0 0L60 0'), drawnByHand());
    $path = $of($tree);
    expect([$path->box->x, $path->box->right()])->toEqualWithDelta([50, 250], 0.5)->and($path->box->y)->toBeBetween(168.0, 172.0)->and($nodes($path))->toBeBetween(5, 16);
    $set = fn (string $value): Layer => $of(Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => [$path->id], 'field' => 'tolerance', 'value' => $value]));
    [$rough, $close] = [$set('20'), $set('0.2')];
    expect($nodes($rough))->toBeLessThan($nodes($path))->and($nodes($close))->toBeGreaterThan($nodes($path))
        // It lies where it lay, and goes back to what it was.
        ->and($close->box->x)->toEqualWithDelta($path->box->x, 1.0)
        ->and($nodes($of(Sample::after($tree, ...array_map(fn (string $value): array => ['type' => 'set-field', 'screen' => 'home', 'layers' => [$path->id], 'field' => 'tolerance', 'value' => $value], ['20', '1'])))))->toBe($nodes($path));
    // Made larger, the hand was larger, too.
    $large = Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => [$path->id], 'field' => 'width', 'value' => (string) ($path->box->width * 2)]);
    $again = $of(Sample::after($large, ['type' => 'set-field', 'screen' => 'home', 'layers' => [$path->id], 'field' => 'tolerance', 'value' => '0.5']));
    expect($again->box->width)->toEqualWithDelta($path->box->width * 2, 1.0);
    // What is edited by its points is no longer what the hand drew.
    $moved = Sample::after($tree, ['type' => 'move-points', 'screen' => 'home', 'layer' => $path->id, 'points' => [['subpath' => 0, 'node' => 0]], 'dx' => 5, 'dy' => 5]);
    $content = $of($moved)->content;
    expect($content instanceof PathLayer ? $content->samples : null)->toBe([])->and(Kindred\Document\Edit\Field::find('tolerance')?->of($of($moved), $moved))->toBeNull()
        ->and(Kindred\Document\Edit\Field::find('tolerance')?->of($path, $tree))->toBe('1');
});

it('closes what a hand brought back to where it began', function (): void {
    expect(implode('', array_map(d(...), Sample::after(withPath('M0 0L60 0'), drawnByHand(2, true))->layers)))->toContain('Z');
});

it('draws what a hand drew for minutes, and a dot', function (): void {
    $many = ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'long', 'layers' => [['kind' => 'path', 'x' => 0, 'y' => 0, 'samples' => array_merge(...array_map(fn (int $i): array => [200 + ($i % 317) * cos($i / 3), 200 + ($i % 211) * sin($i / 5)], range(1, 8_000)))]]];
    $tree = Sample::after(withPath('M0 0L60 0'), $many);
    expect(max(array_map(fn (Layer $layer): int => $layer->content instanceof PathLayer ? count($layer->content->samples) : 0, $tree->layers)))->toBeBetween(100, PathLayer::MAX_SAMPLES);
    expect(count(Sample::after(withPath('M0 0L60 0'), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'dot', 'layers' => [['kind' => 'path', 'x' => 0, 'y' => 0, 'samples' => [40, 50]]]])->layers))->toBe(6)
        ->and(fn () => Sample::after(withPath('M0 0L60 0'), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'none', 'layers' => [['kind' => 'path', 'x' => 0, 'y' => 0, 'samples' => ['here', 5]]]]))->toThrow(InvalidInput::class, 'samples');
});
