<?php

declare(strict_types=1);

use Kindred\Document\Layer\IconBook;
use Kindred\Document\Layer\OwnIcon;
use Kindred\Exchange\ProjectFile;
use Kindred\Exchange\Svg\IconFile;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\PathData;
use Kindred\Input\InvalidInput;
use Kindred\Layout\Shapes;
use Kindred\Tests\Sample;
use Kindred\Type\Typesetter;

function fromSvg(string $svg, string $name = 'kiln'): OwnIcon
{
    return IconFile::read($svg, $name, new Typesetter(Sample::faces()), Sample::shapes());
}

/** What is filled of an icon, in squares of its grid. */
function filledArea(OwnIcon $icon): float
{
    return abs(Curves::of(PathData::parse($icon->areas))->area());
}

it('brings an SVG onto the grid of icons: strokes stay lines, what is filled one area', function (): void {
    $lined = fromSvg('<svg xmlns="http://www.w3.org/2000/svg" width="48" height="48" viewBox="0 0 48 48"><path d="M8 40V8H40" fill="none" stroke="#c0392b" stroke-width="3"/><circle cx="30" cy="30" r="6" fill="none" stroke="blue" stroke-width="5"/></svg>');
    expect($lined->areas)->toBe('')->and($lined->lines)->toStartWith('M4 20L4 4L20 4M')->and($lined->line)->toBe(2.0)
        ->and($lined->nodes())->toBe([['path', ['d' => $lined->lines]]]);
    $filled = fromSvg('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 50"><rect width="50" height="50" fill="tomato"/><rect x="25" width="50" height="50" fill="navy"/></svg>');
    // Twice as wide as high: in the middle of the grid, and the two are one.
    expect($filled->lines)->toBe('')->and(filledArea($filled))->toEqualWithDelta(18 * 12, 1e-6)->and(PathData::parse($filled->areas)->bounds())->toEqual(new Kindred\Geometry\Box(0, 6, 18, 12));
});

it('cuts out what is nearly white, as it looks on paper', function (): void {
    $cut = fromSvg('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 24 24"><rect width="24" height="24" fill="#fff"/><rect x="2" y="2" width="20" height="20" fill="#222"/><rect x="7" y="7" width="10" height="10" fill="#fefefe"/><path d="M2 4H22" stroke="white" stroke-width="2"/></svg>');
    expect(filledArea($cut))->toEqualWithDelta(400 - 100 - 40, 0.01);
    // Two lines cross below a white circle with an edge: they are cut by it, a third beside it stays a line, and so does the edge.
    $crossed = fromSvg('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 24 24" fill="none" stroke="#000" stroke-width="2" stroke-linecap="round"><path d="M2 12H22"/><path d="M2 2H22"/><circle cx="12" cy="12" r="4" fill="white"/></svg>');
    expect(filledArea($crossed))->toEqualWithDelta(2 * (20 - 8) + M_PI, 0.2)->and(substr_count($crossed->lines, 'M'))->toBe(2)->and($crossed->line)->toBe(2.0);
});

it('takes nothing but shapes, and says what cannot be an icon', function (string $svg, string $why): void {
    expect(fn () => fromSvg($svg))->toThrow(InvalidInput::class, $why);
})->with([
    'no SVG' => ['hello', 'SVG'],
    'only a script' => ['<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 'nothing in the SVG'],
    'too many shapes' => ['<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 900 9">'.implode('', array_map(fn (int $i): string => "<path d='M{$i} 0V9'  stroke='black'/>", range(1, 401))).'</svg>', 'at most 400 shapes'],
    'only white' => ['<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"><rect width="9" height="9" fill="white"/></svg>', 'nearly white'],
    'too many points' => ['<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"><path fill="none" stroke="black" d="M0 0'.implode('', array_map(fn (int $i): string => 'L'.($i % 7).'.123 '.($i % 5).'.456', range(1, 4000))).'"/></svg>', 'too many points'],
]);

it('leaves scripts and links out of what it takes', function (): void {
    $icon = fromSvg('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 24 24" onload="alert(1)"><script>alert(2)</script><a href="javascript:alert(3)"><path d="M4 4H20" stroke="black" onclick="alert(4)"/></a></svg>');
    expect(json_encode($icon->nodes()))->not->toContain('alert')->and($icon->lines)->toBe('M4 4L20 4');
});

it('names icons after files, and gives no name twice', function (): void {
    expect(OwnIcon::named('Kiln open (2).SVG'))->toBe('kiln-open-2')->and(OwnIcon::named('…'))->toBe('icon')
        ->and(OwnIcon::free('check', Sample::icons(), ['check-2']))->toBe('check-3')->and(OwnIcon::free('pug-mill', Sample::icons(), []))->toBe('pug-mill');
});

it('makes an icon of layers that are drawn here, which is drawn as they are', function (): void {
    $layers = [
        ['kind' => 'box', 'name' => 'Ground', 'x' => 0, 'y' => 0, 'width' => 40, 'height' => 40, 'fills' => [['colour' => '#333333']]],
        ['kind' => 'ellipse', 'name' => 'Mouth', 'x' => 10, 'y' => 10, 'width' => 20, 'height' => 20, 'fills' => [['colour' => '#ffffff']]],
        ['kind' => 'line', 'name' => 'Kiln', 'x' => 0, 'y' => 44, 'width' => 40, 'height' => 0, 'strokes' => [['colour' => '#333333', 'width' => 4]]],
    ];
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'icon', 'layers' => $layers]);
    $ids = array_values(array_diff(array_map(strval(...), array_keys($tree->layers)), array_map(strval(...), array_keys(Sample::tree()->layers))));
    $made = Sample::after($tree, ['type' => 'make-icon', 'screen' => 'home', 'layers' => $ids]);
    [$icon] = $made->project->icons;
    // 44 wide with its line, and 46 high: 22 of the 24 units are 46 px.
    $scale = 22 / 46;
    expect($icon->name)->toBe('kiln')->and($icon->line)->toEqualWithDelta(4 * $scale, 0.01)
        ->and(filledArea($icon))->toEqualWithDelta((1600 - M_PI * 100) * $scale ** 2, 0.1)
        ->and(count($made->layers))->toBe(count($tree->layers));
    $again = Sample::after($made, ['type' => 'make-icon', 'screen' => 'home', 'layers' => $ids]);
    expect(array_column($again->project->icons, 'name'))->toBe(['kiln', 'kiln-2'])
        ->and(Sample::after($again, ['type' => 'remove-icon', 'icon' => 'kiln'])->project->icons)->toHaveCount(1)
        ->and(fn () => Sample::after($made, ['type' => 'remove-icon', 'icon' => 'house']))->toThrow(InvalidInput::class, 'no icon of this project');
    $long = fn (int $count): array => ['type' => 'put-icons', 'icons' => array_map(fn (int $i): array => ['name' => "cone-{$i}", 'lines' => 'M0 0'.str_repeat('L1.123 2.345', 1500)], range(1, $count))];
    expect(Sample::after($again, $long(20))->project->icons)->toHaveCount(22)
        ->and(fn () => Sample::after($again, $long(24)))->toThrow(InvalidInput::class, 'too many points together')
        ->and(fn () => Sample::after($again, ['type' => 'put-icons', 'icons' => array_map(fn (int $i): array => ['name' => "cone-{$i}", 'lines' => 'M0 0L1 1'], range(1, 299))]))->toThrow(InvalidInput::class, 'at most 300 icons');
    // A file is held to the same.
    $file = Sample::file();
    $file['icons'] = $long(24)['icons'];
    expect(fn () => ProjectFile::read((string) json_encode($file)))->toThrow(InvalidInput::class, 'too many points together');
    // It goes with the project into its file.
    expect(ProjectFile::read(Sample::written(new ProjectFile($again)))->tree->project->icons)->toEqual($again->project->icons);
});

it('shows icons of the project beside those that ship, which keep their names', function (): void {
    $book = new IconBook(Sample::icons());
    $book->own([new OwnIcon('pug-mill', lines: 'M4 4L20 20'), new OwnIcon('check', areas: 'M0 0L9 0L9 9Z')]);
    expect($book->nodes('pug-mill'))->toBe([['path', ['d' => 'M4 4L20 20']]])->and($book->nodes('check'))->toBe(Sample::icons()->nodes('check'))
        ->and($book->search('mill pug', 5))->toContain('pug-mill')->and($book->ships('pug-mill'))->toBeFalse()->and($book->nodes('pug'))->toBeNull();
});

it('paints what is filled with the fill of its layer, in all finishes, and as a part of a shape', function (): void {
    $book = new IconBook(Sample::icons());
    $book->own([new OwnIcon('pug-mill', areas: 'M0 0L24 0L24 24L0 24Z')]);
    $shapes = new Shapes(new Typesetter(Sample::faces()), $book);
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'icon', 'layers' => [['kind' => 'icon', 'icon' => 'pug-mill', 'name' => 'Mill', 'x' => 0, 'y' => 0, 'width' => 48, 'height' => 48, 'fills' => [['colour' => '#b4472e']]]]]);
    $mill = array_values(array_filter($tree->layers, fn ($layer): bool => $layer->name === 'Mill'))[0];
    expect(abs($shapes->outline($tree, $mill)?->curves->area() ?? 0.0))->toEqualWithDelta(48 * 48, 1e-6);
    // A rough finish is grey.
    foreach (['dressed' => '#b4472e', 'rough' => '#6a6a6a'] as $finish => $colour) {
        expect(Sample::renderer($book)->layer($tree, $mill, Sample::rendering()->in(Kindred\Document\Finish::from($finish))))->toContain("fill=\"{$colour}\"")->not->toContain('currentColor');
    }
});

it('comes along with layers that are pasted into another project, under a name of its own where that is taken', function (): void {
    $icon = fn (string $name, string $d): array => ['name' => $name, 'lines' => $d];
    $paste = fn (Kindred\Document\Tree $tree, array ...$icons): Kindred\Document\Tree => Sample::after($tree, ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'paste', 'icons' => $icons, 'layers' => [
        ['kind' => 'group', 'x' => 0, 'y' => 0, 'width' => 24, 'height' => 24, 'children' => [['kind' => 'icon', 'name' => 'Own', 'icon' => 'kiln-door', 'x' => 0, 'y' => 0, 'width' => 24, 'height' => 24]]],
        ['kind' => 'widget', 'widget' => 'tabs', 'name' => 'Tabs', 'x' => 0, 'y' => 0, 'width' => 200, 'height' => 40, 'icon' => 'flame', 'items' => [['label' => 'One', 'icon' => 'kiln-door'], ['label' => 'Two', 'icon' => 'bell']]],
    ]]);
    $names = fn (Kindred\Document\Tree $tree): array => [array_column($tree->project->icons, 'name'), Kindred\Document\Layer\IconNames::in(...array_values(array_filter($tree->layers, fn ($layer): bool => in_array($layer->name, ['Own', 'Tabs'], true))))];

    $first = $paste(Sample::tree(), $icon('kiln-door', 'M2 2L20 20'));
    expect($names($first))->toBe([['kiln-door'], ['kiln-door', 'flame', 'bell']])
        // The same one is there already.
        ->and($names($paste($first, $icon('kiln-door', 'M2 2L20 20')))[0])->toBe(['kiln-door'])
        // Another of this name is no longer called so.
        ->and($names($paste(Sample::after(Sample::tree(), ['type' => 'put-icons', 'icons' => [$icon('kiln-door', 'M1 1L9 9')]]), $icon('kiln-door', 'M2 2L20 20'))))->toBe([['kiln-door', 'kiln-door-2'], ['kiln-door-2', 'flame', 'bell']])
        ->and($names($paste(Sample::tree()))[0])->toBe([]);
});

it('comes and goes by itself: what others brought in meanwhile stays, in what is taken back too', function (): void {
    $put = fn (Kindred\Document\Tree $tree, string $name, string $d): Kindred\Document\Tree => Sample::after($tree, ['type' => 'put-icons', 'icons' => [['name' => $name, 'lines' => $d]]]);
    $names = fn (Kindred\Document\Tree $tree): array => array_column($tree->project->icons, 'name');
    $one = $put($start = Sample::tree(), 'kiln-door', 'M2 2L20 20');
    $both = $put($one, 'wheel-head', 'M1 1L9 9');
    $first = Kindred\Document\Difference::between($start, $one);
    $second = Kindred\Document\Difference::between($one, $both);
    expect(array_keys($first->changes[0]->after ?? []))->toBe(['icon:kiln-door'])
        ->and($names($first->inverse()->applyTo($both)))->toBe(['wheel-head'])
        ->and($names($first->applyTo($second->applyTo($start))))->toBe(['kiln-door', 'wheel-head'])
        // The same one in the meantime is another's work.
        ->and(fn () => $first->inverse()->applyTo($put($both, 'kiln-door', 'M3 3L4 4')))->toThrow(Kindred\Document\Overtaken::class);
});

it('takes back what was logged while all icons were one list', function (): void {
    $icon = ['name' => 'kiln-door', 'lines' => 'M2 2L20 20', 'areas' => '', 'line' => 2.0];
    $other = ['name' => 'cone', 'lines' => 'M1 1L9 9', 'areas' => '', 'line' => 2.0];
    $logged = ['changes' => [['entity' => 'project', 'id' => '', 'before' => ['icons' => [$other], 'name' => 'Old'], 'after' => ['icons' => [$other, $icon], 'name' => 'New']]]];
    $difference = Kindred\Document\Difference::read(Kindred\Input\Reader::kept(Kindred\Document\Upgrade\Upgrades::difference($logged, 3)));
    $tree = Sample::after(Sample::tree(), ['type' => 'put-icons', 'icons' => [$other, $icon, ['name' => 'bat', 'lines' => 'M0 0L2 2']]]);
    $back = $difference->inverse()->applyTo($tree->withProject($tree->project->with(name: 'New')));
    expect(array_column($back->project->icons, 'name'))->toBe(['bat', 'cone'])->and($back->project->name)->toBe('Old');
});
