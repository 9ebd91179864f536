<?php

declare(strict_types=1);

use Kindred\Document\Cue\Alone;
use Kindred\Document\Cue\Direction;
use Kindred\Document\Cue\Easing;
use Kindred\Document\Cue\Pair;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\TransitionKind;
use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\PathData;
use Kindred\Input\Reader;
use Kindred\Motion\Match\Cast;
use Kindred\Motion\Match\Flights;
use Kindred\Motion\Match\Frames;
use Kindred\Motion\Match\Morph;
use Kindred\Motion\Match\Outlines;
use Kindred\Motion\Match\Paired;
use Kindred\Motion\Match\Pairs;
use Kindred\Motion\Tween;
use Kindred\Paint\Colour;
use Kindred\Tests\Sample;

const MATCHED = ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4];

/* A match: which layer becomes which, and what lies between them. */

/**
 * The sample with layers on both screens.
 *
 * @param  list<array<string, mixed>>  $home
 * @param  list<array<string, mixed>>  $next
 */
function facing(array $home, array $next): Tree
{
    $layer = fn (string $screen): Closure => fn (array $one, int $i): Layer => Layer::read(Reader::of($one + ['screen' => $screen, 'parent' => null, 'rank' => "m{$i}", 'kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 100, 'height' => 40]));
    $tree = Sample::tree();

    return (new Tree($tree->project))->withScreens(...array_values($tree->screens))->withLayers(...array_map($layer('home'), $home, array_keys($home)), ...array_map($layer('next'), $next, array_keys($next)));
}

/** @param  list<Pair>  $said */
function paired(Tree $tree, array $said = []): array
{
    $cast = fn (string $screen): Cast => Cast::on($tree, $tree->screen($screen), Sample::expansion());

    return array_map(fn (Paired $pair): string => "{$pair->from->address} {$pair->to->address} {$pair->by->value}", Pairs::of($cast('home'), $cast('next'), $said)->all);
}

function matching(Alone $alone = Alone::Fade, int $stagger = 0, Pair ...$pairs): Transition
{
    return new Transition(TransitionKind::Match, Direction::Left, 300, 0, Easing::parse('linear'), alone: $alone, stagger: $stagger, pairs: array_values($pairs));
}

/** @return array{ground: list<string>, late: int, parts: list<array<string, mixed>>} */
function flown(Tree $tree, Transition $transition): array
{
    return flights()->of($tree, $tree->screen('home'), $tree->screen('next'), $transition);
}

function dressed(Tree $tree): Tree
{
    return $tree->withScreens($tree->screen('home')->with(finish: Finish::Dressed));
}

function flights(): Flights
{
    return new Flights(Sample::renderer(), Sample::expansion(), Sample::shapes(), Sample::rendering());
}

function morph(array $one, array $other): ?Morph
{
    $tree = facing([['id' => 'first'] + $one], [['id' => 'second'] + $other]);

    return Morph::between($tree, $tree->layer('first'), $tree, $tree->layer('second'), Sample::shapes());
}

it('pairs by lineage before names, and names before places', function (array $home, array $next, array $pairs): void {
    expect(paired(facing($home, $next)))->toBe($pairs);
})->with([
    'a copy, whatever it is called and wherever it lies' => [
        [['id' => 'card', 'name' => 'Card'], ['id' => 'other', 'name' => 'Hero']],
        [['id' => 'hero', 'name' => 'Hero', 'lineage' => 'card', 'y' => 600]], ['card hero lineage'],
    ],
    'the same name of the same kind' => [
        [['id' => 'card', 'name' => 'Card'], ['id' => 'oval', 'name' => 'Card', 'kind' => 'ellipse']],
        [['id' => 'over', 'name' => 'Card', 'kind' => 'ellipse', 'x' => 200], ['id' => 'hero', 'name' => 'Card', 'y' => 600]], ['oval over name', 'card hero name'],
    ],
    'of several of one name those that lie nearest' => [
        [['id' => 'alpha', 'name' => 'Row'], ['id' => 'beta', 'name' => 'Row', 'y' => 100]],
        [['id' => 'lower', 'name' => 'Row', 'y' => 110], ['id' => 'high', 'name' => 'Row', 'y' => 10]], ['beta lower name', 'alpha high name'],
    ],
    'what has no name only where it hardly moves' => [
        [['id' => 'near', 'name' => 'Box'], ['id' => 'afar', 'name' => 'Box 2', 'y' => 700]],
        [['id' => 'here', 'name' => 'Box 7', 'y' => 20], ['id' => 'there', 'name' => 'Box', 'x' => 280, 'y' => 300]], ['near here place'],
    ],
    'words that say the same' => [
        [['id' => 'says', 'kind' => 'text', 'name' => 'Text', 'words' => 'Kilns', 'style' => MATCHED]],
        [['id' => 'else', 'kind' => 'text', 'name' => 'Text', 'words' => 'Glazes', 'style' => MATCHED], ['id' => 'same', 'kind' => 'text', 'name' => 'Title', 'words' => 'kilns', 'y' => 500, 'style' => MATCHED]], ['says same name'],
    ],
]);

it('follows what somebody says of pairs', function (): void {
    $tree = facing([['id' => 'alpha', 'name' => 'Row'], ['id' => 'beta', 'name' => 'Other']], [['id' => 'lower', 'name' => 'Row'], ['id' => 'high', 'name' => 'Else']]);

    expect(paired($tree, [new Pair('beta', 'lower')]))->toBe(['beta lower hand'])
        ->and(paired($tree, [new Pair('alpha')]))->toBe([])
        ->and(paired($tree, [new Pair(to: 'lower')]))->toBe([])
        // Of what is gone nothing is said.
        ->and(paired($tree, [new Pair('gone', 'lower')]))->toBe(['alpha lower name']);
});

it('pairs what lies in instances of one component, slot by slot', function (): void {
    $file = dressed(Sample::everything()->tree);
    $tag = array_values(array_filter($file->layers, fn (Layer $one): bool => $one->component() !== null && $one->screen === 'home'))[0];
    $tree = $file->withLayers($tag->with(id: 'tagtwo', screen: 'next', parent: null, rank: 'm', name: 'Else', box: $tag->box->movedBy(30, -200)));
    $pairs = array_values(array_filter(paired($tree), fn (string $one): bool => str_ends_with($one, 'component')));

    expect($pairs)->toHaveCount(4)
        ->and(array_filter($pairs, fn (string $one): bool => preg_match('#^(\w+)\.\w+ \1\.tagtwo #', $one) === 1))->toHaveCount(3);
});

it('begins and ends as the layers look', function (array $one, array $other): void {
    $morph = morph($one, $other);
    $tree = facing([['id' => 'first'] + $one], [['id' => 'second'] + $other]);
    $drawn = fn (Layer $layer): string => (string) preg_replace(['/second|first/', '/ (fill|stroke)-opacity="1"/'], ['id', ''], Sample::renderer()->shell($tree, $layer->with(box: $layer->box->movedBy(-$layer->box->x, -$layer->box->y), rotation: 0.0), Sample::rendering()));

    expect($drawn($morph->at(1)))->toBe($drawn($tree->layer('second')))
        ->and($drawn($morph->at(0)))->toBe($drawn($tree->layer('first')));
})->with([
    'size, corners and colour' => [['width' => 80, 'corners' => ['topLeft' => 4, 'topRight' => 4, 'bottomRight' => 4, 'bottomLeft' => 4], 'fills' => [['colour' => '#17594f']]], ['width' => 300, 'height' => 200, 'corners' => ['topLeft' => 24, 'topRight' => 24, 'bottomRight' => 24, 'bottomLeft' => 24], 'opacity' => 0.5, 'fills' => [['colour' => '#b4472e']]]],
    'gradients of as many stops' => [['fills' => [['kind' => 'linear', 'angle' => 90, 'stops' => [['colour' => '#ffffff', 'at' => 0], ['colour' => '#17594f', 'at' => 1]]]]], ['fills' => [['kind' => 'linear', 'angle' => 0, 'stops' => [['colour' => '#ffffff', 'at' => 0.2], ['colour' => '#b4472e', 'at' => 0.9]]]]]],
    'shadows and strokes' => [['effects' => [['colour' => '#00000040', 'blur' => 4]], 'strokes' => [['colour' => '#17594f', 'width' => 1]]], ['effects' => [['colour' => '#00000080', 'blur' => 24, 'offsetY' => 12]], 'strokes' => [['colour' => '#17594f', 'width' => 4]]]],
    'the size of words' => [['kind' => 'text', 'words' => 'Good clay', 'style' => MATCHED, 'fills' => [['colour' => '#17594f']]], ['kind' => 'text', 'words' => 'Good clay', 'style' => ['size' => 32] + MATCHED, 'fills' => [['colour' => '#b4472e']]]],
    'a ring that fills' => [['kind' => 'ellipse', 'startAngle' => 0, 'sweep' => 90, 'hole' => 0.5], ['kind' => 'ellipse', 'startAngle' => 0, 'sweep' => 270, 'hole' => 0.8, 'width' => 40]],
]);

it('goes half-way by the stated formulas', function (): void {
    // CSS Color 4: color-mix(in oklab, red, blue), as browsers give it.
    expect(Tween::colour(Colour::parse('#ff0000'), Colour::parse('#0000ff'), 0.5)->toHex())->toBe('#8c53a2')
        ->and(Tween::between(new Kindred\Geometry\Box(0, 0, 100, 40), new Kindred\Geometry\Box(10, 20, 300, 80), 0.25))->toEqual(new Kindred\Geometry\Box(2.5, 5, 150, 50))
        ->and(Tween::text('M0 0L10 20', 'M4 0L10 40', 0.5))->toBe('M2 0L10 30')
        ->and(Tween::text('M0 0L10 20', 'M4 0C1 1 2 2 3 3', 0.5))->toBeNull()
        ->and(Tween::text('#ff0000', '12', 0.5))->toBeNull();
    $half = morph(['corners' => ['topLeft' => 4, 'topRight' => 4, 'bottomRight' => 4, 'bottomLeft' => 4], 'fills' => [['colour' => '#ff0000']]], ['width' => 300, 'corners' => ['topLeft' => 12, 'topRight' => 12, 'bottomRight' => 12, 'bottomLeft' => 12], 'fills' => [['colour' => '#0000ff']]])->at(0.5);
    expect([$half->box->width, $half->corners->topLeft, $half->colour()->toHex()])->toBe([200.0, 8.0, '#8c53a2']);
    // What one side has not is there unseen, and a plain colour is a gradient of one colour.
    $half = morph(['fills' => [['colour' => '#ffffff']]], ['fills' => [['kind' => 'linear', 'stops' => [['colour' => '#ffffff', 'at' => 0], ['colour' => '#000000', 'at' => 1]]]], 'effects' => [['colour' => '#00000080', 'blur' => 8]]])->at(0.5);
    expect($half->effects[0]->effect->colour->alpha)->toEqualWithDelta(0.25, 0.005)
        ->and($half->fills[0]->paint->stops()[0]->colour->toHex())->toBe('#ffffff');
});

it('does not turn into something else', function (array $one, array $other): void {
    expect(morph($one, $other))->toBeNull();
})->with([
    'other words' => [['kind' => 'text', 'words' => 'Kilns', 'style' => MATCHED], ['kind' => 'text', 'words' => 'Glazes', 'style' => MATCHED]],
    'a box and words' => [[], ['kind' => 'text', 'words' => 'Glazes', 'style' => MATCHED]],
    'another picture' => [['kind' => 'picture', 'asset' => str_repeat('a', 64)], ['kind' => 'picture', 'asset' => str_repeat('b', 64)]],
]);

it('makes paths of as many points, which keep their shape', function (string $from, string $to, int $subpaths): void {
    [$one, $other] = array_map(fn (string $d): Curves => Curves::of(PathData::parse($d)), [$from, $to]);
    [$a, $b] = Outlines::alike($one, $other);
    $bounds = fn (string $d): array => array_map(fn (float $side): float => round($side, 1), (array) PathData::parse($d)->bounds());

    expect(preg_replace('/[^A-Z]/', '', $a))->toBe(preg_replace('/[^A-Z]/', '', $b))
        ->and(substr_count($a, 'M'))->toBe($subpaths)
        ->and(abs(Curves::of(PathData::parse($a))->area()))->toEqualWithDelta(abs($one->area()), 0.5)
        ->and(abs(Curves::of(PathData::parse($b))->area()))->toEqualWithDelta(abs($other->area()), 0.5)
        ->and($bounds($a))->toBe($bounds($from))->and($bounds($b))->toBe($bounds($to));
})->with([
    'a square and a triangle' => ['M0 0H100V100H0Z', 'M50 0L100 100L0 100Z', 1],
    'a circle and a star the other way round' => ['M100 50C100 77.6 77.6 100 50 100C22.4 100 0 77.6 0 50C0 22.4 22.4 0 50 0C77.6 0 100 22.4 100 50Z', 'M50 0L40 40L0 40L30 60L20 100L50 75L80 100L70 60L100 40L60 40Z', 1],
    'two and one' => ['M0 0H100V100H0ZM20 20H40V40H20Z', 'M0 0H80V80H0Z', 2],
    'a line and an arc' => ['M0 0L100 100', 'M0 0C0 50 50 100 100 100', 1],
    'many points' => ['M0 0'.implode('', array_map(fn (int $i): string => 'L'.($i * 2).' '.round(sin($i) * 10), range(1, 60))).'Z', 'M0 0H120V30Z', 1],
]);

it('turns a closed path as little as it can', function (): void {
    // The same square, begun at another corner and run the other way: nothing moves.
    [$a, $b] = Outlines::alike(Curves::of(PathData::parse('M0 0H100V100H0Z')), Curves::of(PathData::parse('M100 100V0H0V100Z')));
    expect($a)->toBe($b);
});

it('grows a card of a list into its page', function (): void {
    $card = ['name' => 'Card', 'corners' => ['topLeft' => 16, 'topRight' => 16, 'bottomRight' => 16, 'bottomLeft' => 16], 'fills' => [['colour' => '#ffffff']]];
    $title = ['kind' => 'text', 'name' => 'Title', 'words' => 'Ash glaze', 'style' => MATCHED];
    $tree = facing(
        [['id' => 'ground', 'name' => 'Ground', 'width' => 390, 'height' => 844], ['id' => 'card', 'x' => 24, 'y' => 300, 'width' => 342, 'height' => 96] + $card, ['id' => 'title', 'x' => 40, 'y' => 316] + $title, ['id' => 'more', 'name' => 'More', 'x' => 320, 'y' => 330, 'width' => 24, 'height' => 24]],
        [['id' => 'page', 'x' => 0, 'y' => 0, 'width' => 390, 'height' => 844] + ['corners' => []] + $card, ['id' => 'head', 'x' => 24, 'y' => 60] + ['style' => ['size' => 32] + MATCHED] + $title, ['id' => 'back', 'name' => 'Back', 'x' => 12, 'y' => 12, 'width' => 40]],
    );
    $flight = flown($tree, matching());
    $kinds = array_map(fn (array $part): string => implode('+', array_keys(array_intersect_key($part, ['markup' => 1, 'leaving' => 1, 'arriving' => 1]))), $flight['parts']);

    expect($kinds)->toBe(['leaving', 'markup', 'leaving', 'markup', 'arriving'])
        ->and($flight['parts'][1]['poses'])->toEqual([[195, 348, 0, 1, 1, 342, 96], [195, 422, 0, 1, 1, 390, 844]])
        ->and(array_column($flight['parts'][1]['changes'], 'values', 'attribute'))->toBe(['width' => ['342', '390'], 'height' => ['96', '844'], 'rx' => ['16', '0']])
        ->and(array_column($flight['parts'][3]['changes'], 'attribute'))->toContain('font-size')
        // What only one has goes from where it is, and fades.
        ->and($flight['parts'][2]['leaving'])->toMatchArray(['at' => 'more', 'opacity' => [1.0, 0.0]])
        ->and($flight['parts'][4]['arriving'])->toMatchArray(['at' => 'back', 'opacity' => [0.0, 1.0]]);
});

it('lets what is alone fade, grow or fly', function (Alone $alone, array $away, float $opacity): void {
    $tree = facing([['id' => 'left', 'name' => 'Left', 'x' => 20, 'y' => 300]], []);
    $taken = flown($tree, matching($alone))['parts'][0]['leaving'];

    expect($taken['poses'])->toEqual([[70, 320, 0, 1, 1, 100, 40], $away])->and($taken['opacity'])->toBe([1.0, $opacity]);
})->with([
    [Alone::Fade, [70, 320, 0, 1, 1, 100, 40], 0.0],
    [Alone::Grow, [70, 320, 0, 0.5, 0.5, 100, 40], 0.0],
    [Alone::Fly, [-50, 320, 0, 1, 1, 100, 40], 1.0],
]);

it('carries with a layer what lies in it, and lets one begin after the other', function (): void {
    $stack = fn (string $id, float $y, array $inside): array => ['id' => $id, 'kind' => 'group', 'name' => 'Card', 'y' => $y, 'width' => 300, 'height' => 80];
    $tree = facing([$stack('card', 100, []), ['id' => 'lower', 'name' => 'Low', 'y' => 500]], [$stack('page', 20, []), ['id' => 'foot', 'name' => 'Low', 'y' => 600]]);
    $tree = $tree->withLayers(Layer::read(Reader::of(['id' => 'spot', 'screen' => 'home', 'parent' => 'card', 'rank' => 'm', 'kind' => 'box', 'name' => 'Dot', 'x' => 10, 'y' => 10, 'width' => 20, 'height' => 20])));
    $flight = flown($tree, matching(Alone::Fade, 40, new Pair('lower', 'foot', 100)));

    expect($flight['parts'][0]['leaving']['poses'][1])->toEqual([20, 40, 0, 1, 1, 20, 20])
        ->and(array_column($flight['parts'], 'delay'))->toBe([40, 180])
        ->and($flight['late'])->toBe(180);
});

it('turns the shorter way', function (): void {
    $flight = flown(facing([['id' => 'alpha', 'name' => 'Hand', 'rotation' => 350]], [['id' => 'beta', 'name' => 'Hand', 'rotation' => 20]]), matching());
    expect(array_column($flight['parts'][0]['poses'], 2))->toBe([350.0, 380.0]);
});

it('knows of everything what it becomes, and finds all that it takes', function (): void {
    $tree = Sample::after(dressed(Sample::everything()->tree), ['type' => 'duplicate-screen', 'screen' => 'home', 'seed' => 'again']);
    $tree = Sample::after($tree, ['type' => 'put-cue', 'screen' => 'home', 'layer' => 'boxa', 'cue' => ['id' => 'matches', 'trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'show', 'screen' => 'next', 'transition' => ['kind' => 'match']]]]]);
    $copy = array_values(array_filter($tree->reel(), fn (Screen $one): bool => $one->name === 'Home 2'))[0];
    $tree = Sample::after($tree, ['type' => 'set-screen-field', 'screen' => $copy->id, 'field' => 'ground', 'value' => '#123456']);
    $flight = flights()->of($tree, $tree->screen('home'), $tree->screen($copy->id), matching());
    $played = fn (string $screen): string => Sample::renderer()->played($tree, $tree->screen($screen), Sample::rendering()->with(working: true));
    $pictures = ['leaving' => $played('home'), 'arriving' => $played($copy->id)];
    $lost = [];
    foreach ($flight['parts'] as $part) {
        foreach (array_intersect_key($part, $pictures) as $side => $taken) {
            $named = str_contains($taken['at'], '.') ? "data-at=\"{$taken['at']}\"" : "data-layer=\"{$taken['at']}\"";
            $lost = str_contains($pictures[$side], $named) ? $lost : [...$lost, "{$side} {$taken['at']}"];
        }
    }
    $alone = array_filter($flight['parts'], fn (array $part): bool => isset($part['leaving']) xor isset($part['arriving']));

    expect($lost)->toBe([])
        ->and(array_values($alone))->toBe([])
        ->and(count($flight['parts']))->toBeGreaterThan(30)
        ->and($flight['ground'])->toHaveCount(Frames::STEPS + 1);
});
