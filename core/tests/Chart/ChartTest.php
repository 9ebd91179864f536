<?php

declare(strict_types=1);

use Kindred\Chart\ChartLayer;
use Kindred\Chart\Plotter;
use Kindred\Document\Chart\ChartForm;
use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Chart;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Sheet\Slot;
use Kindred\Document\Tree;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\PathData;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Kit\FreshChart;
use Kindred\Tests\Sample;
use Kindred\Type\Typesetter;

/**
 * @param  array<string, list<string|int|float>>  $columns  by slot and name: `value:Fired`
 * @return array<string, mixed>
 */
function tableOf(array $columns): array
{
    $made = $rows = [];
    foreach (array_keys($columns) as $i => $key) {
        [$slot, $name] = explode(':', $key);
        $made[] = ['id' => "col{$i}", 'name' => $name, 'slot' => $slot];
        foreach ($columns[$key] as $row => $value) {
            $rows[$row] = ['id' => "row{$row}", 'cells' => ["col{$i}" => (string) $value] + ($rows[$row]['cells'] ?? [])];
        }
    }

    return ['columns' => $made, 'rows' => array_values($rows)];
}

/**
 * @param  array<string, mixed>  $own
 * @param  array<string, mixed>|null  $sheet
 */
function chartOf(ChartForm $form, array $own = [], ?array $sheet = null): Layer
{
    return Layer::read(Reader::of($own + ($sheet === null ? [] : ['sheet' => $sheet]) + FreshChart::of($form)), id: 'chart', rank: 'm');
}

/** @return array<string, Layer> by the end of their ids, which say what they are */
function drawnOf(Layer $chart): array
{
    $parts = (new Plotter(new Typesetter(Sample::faces())))->parts($chart);

    return array_combine(array_map(fn (ChartLayer $part): string => substr($part->layer->id, strlen('chartc')), $parts), array_map(fn (ChartLayer $part): Layer => $part->layer, $parts));
}

/** @return list<string> what is written in it */
function wordsOf(Layer $chart): array
{
    return array_values(array_map(fn (Layer $part): string => $part->content instanceof Text ? $part->content->words : '', array_filter(drawnOf($chart), fn (Layer $part): bool => $part->content instanceof Text)));
}

function paintedArea(Layer $part): float
{
    return $part->content instanceof PathLayer ? abs(Curves::of(PathData::parse($part->content->d))->area()) : $part->box->width * $part->box->height;
}

const BARE = ['scaleLabels' => false, 'pointLabels' => false, 'gridLines' => false, 'legend' => 'none', 'valueLabels' => 'none', 'rounding' => 0, 'width' => 300, 'height' => 200];

function someChart(Tree $tree): Layer
{
    return array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->content instanceof Chart))[0];
}

/** @param  array<string, mixed>  $own */
function withChart(ChartForm $form, array $own = []): Tree
{
    return Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'chart', 'layers' => [$own + ['x' => 20, 'y' => 40] + FreshChart::of($form)]]);
}

dataset('forms', fn (): array => array_combine(array_column(ChartForm::cases(), 'value'), array_map(fn (ChartForm $form): array => [$form], ChartForm::cases())));

it('draws each form within its box, at the size that it is placed with and at any other', function (ChartForm $form): void {
    $series = ['label:Month' => ['A month with a long name', 'May', ''], 'value:Bisque' => [1200, -300.5, ''], 'value:Glaze' => ['0', 'none', 55], 'goal:Goal' => [900, '', 3000]];
    foreach ([null, tableOf($series), tableOf(['value:One' => [5]]), tableOf(['label:Month' => ['May']]), ['columns' => [], 'rows' => []]] as $sheet) {
        foreach ([[null, null], [1, 1], [8, 8], [24, 20], [40, 300], [900, 30], [3000, 2000]] as [$w, $h]) {
            foreach ([[], ['legend' => 'right', 'valueLabels' => 'share', 'goal' => 700, 'across' => true, 'together' => 'shares', 'dots' => 20], ['legend' => 'bottom', 'valueLabels' => 'value', 'together' => 'stacked', 'logarithmic' => true, 'hole' => 0, 'rounding' => 90, 'spacing' => 60, 'steps' => 20]] as $more) {
                $chart = chartOf($form, $more + ($w === null ? [] : ['width' => $w, 'height' => $h]), $sheet);
                foreach (drawnOf($chart) as $part) {
                    $over = max(-$part->box->x, -$part->box->y, $part->box->right() - $chart->box->width, $part->box->bottom() - $chart->box->height);
                    expect($over)->toBeLessThanOrEqual(3.0, "{$form->value} {$w} × {$h}: {$part->name} sticks out by {$over}");
                }
            }
        }
    }
})->with('forms');

it('gives bars the length of their values, from nought', function (): void {
    $bars = drawnOf(chartOf(ChartForm::Bars, BARE, tableOf(['value:Change' => [10, -5, 20, 0]])));
    $heights = array_map(fn (int $i): float => isset($bars["b0row{$i}"]) ? $bars["b0row{$i}"]->box->height : 0.0, range(0, 3));
    $unit = $heights[0] / 10;
    expect($heights)->toEqual([10 * $unit, 5 * $unit, 20 * $unit, 0.0])
        ->and($bars['b0row1']->box->y)->toEqualWithDelta($bars['b0row0']->box->bottom(), 0.02)
        ->and($bars['b0row2']->box->y)->toEqualWithDelta(0, 0.02)
        ->and($bars['b0row0']->box->width)->toEqualWithDelta(75 * 0.7, 0.01);
    $across = drawnOf(chartOf(ChartForm::Bars, ['across' => true] + BARE, tableOf(['value:Change' => [10, -5, 20]])));
    expect($across['b0row0']->box->width / $across['b0row2']->box->width)->toEqualWithDelta(0.5, 1e-3)->and($across['b0row1']->box->right())->toEqualWithDelta($across['b0row0']->box->x, 0.02);
    $stacked = drawnOf(chartOf(ChartForm::Bars, ['together' => 'stacked', 'spacing' => 0, 'max' => 40, 'rounding' => 6] + BARE, tableOf(['value:A' => [10, 5], 'value:B' => [20, -5], 'value:C' => [0, 10]])));
    expect($stacked['b0row0']->box->height)->toEqualWithDelta($stacked['b1row0']->box->height / 2, 0.02)->and($stacked['b1row0']->box->bottom())->toEqualWithDelta($stacked['b0row0']->box->y, 0.02)
        ->and($stacked['b2row1']->box->bottom())->toEqualWithDelta($stacked['b0row1']->box->y, 0.02)->and($stacked['b1row1']->box->y)->toEqualWithDelta($stacked['b0row1']->box->bottom(), 0.02)
        // The end of a stack alone is round.
        ->and($stacked['b1row0']->corners->topLeft)->toBe(6.0)->and($stacked['b1row0']->corners->bottomLeft)->toBe(0.0)->and($stacked['b0row0']->corners->topLeft)->toBe(0.0)->and($stacked['b1row1']->corners->bottomLeft)->toBe(6.0);
    $shares = drawnOf(chartOf(ChartForm::Bars, ['together' => 'shares', 'spacing' => 0] + BARE, tableOf(['value:A' => [1, 30], 'value:B' => [3, 10]])));
    expect([$shares['b0row0']->box->height, $shares['b1row0']->box->height, $shares['b0row1']->box->height])->toEqual([50.0, 150.0, 150.0]);
    // The goal of shares is in percent, as the ends of their scale are; one beyond them is not drawn.
    $aimed = drawnOf(chartOf(ChartForm::Bars, ['together' => 'shares', 'spacing' => 0, 'goal' => 75] + BARE, tableOf(['value:A' => [1, 30], 'value:B' => [3, 10]])));
    expect($aimed['goal']->box->y)->toEqualWithDelta($shares['b0row1']->box->y, 0.02)
        ->and(drawnOf(chartOf(ChartForm::Bars, ['together' => 'shares', 'goal' => 120] + BARE, tableOf(['value:A' => [1], 'value:B' => [3]]))))->not->toHaveKey('goal')
        // At an edge the mark of a point ends with the scale.
        ->and(drawnOf(chartOf(ChartForm::Areas, ['together' => 'shares'] + BARE, tableOf(['value:A' => [1, 3], 'value:B' => [3, 1], 'goal:Aim' => [25, '']])))['goals']->box->width)->toEqualWithDelta(6, 0.02);
});

// Oracle: the areas of sectors of rings.
it('gives the points of a ring areas like their values', function (): void {
    foreach ([[360, 0.5, 0], [360, 0, 0], [180, 0.7, -90], [1, 0.2, 5], [359.9, 0.99, 300]] as [$sweep, $hole, $start]) {
        $parts = drawnOf(chartOf(ChartForm::Ring, ['sweep' => $sweep, 'hole' => $hole, 'startAngle' => $start, 'spacing' => 0] + BARE, tableOf(['value:Pieces' => [50, 30, -7, 15, '', 5]])));
        $areas = array_map(fn (int $i): float => isset($parts["r0row{$i}"]) ? paintedArea($parts["r0row{$i}"]) : 0.0, range(0, 5));
        foreach ([0.5, 0.3, 0.0, 0.15, 0.0, 0.05] as $i => $share) {
            expect($areas[$i] / array_sum($areas))->toEqualWithDelta($share, 3e-3);
        }
    }
    $whole = drawnOf(chartOf(ChartForm::Ring, ['hole' => 0.6] + BARE, tableOf(['value:Pieces' => [50, 30]])));
    $all = 0.0;
    foreach ($whole as $part) {
        $all += paintedArea($part);
    }
    // Their edges are 2 px apart, twice, all along the width of the ring.
    expect($all)->toEqualWithDelta(M_PI * 100 ** 2 * (1 - 0.36) - 2 * 2 * 40, 30);
    $one = drawnOf(chartOf(ChartForm::Ring, ['hole' => 0.6] + BARE, tableOf(['value:Pieces' => [50]])));
    expect(paintedArea($one['r0row0']))->toEqualWithDelta(M_PI * 100 ** 2 * (1 - 0.36), 30);
    // Rings are of one width, the innermost one ends with the hole: two of 0.8 and 0.2 between them make half the radius.
    $two = drawnOf(chartOf(ChartForm::Ring, ['hole' => 0.5, 'gap' => 0.2] + BARE, tableOf(['value:A' => [5], 'value:B' => [5]])));
    expect($two['r0row0']->box->width)->toEqualWithDelta(200, 0.1)->and($two['r1row0']->box->width)->toEqualWithDelta(200 - 2 * 50 / 1.8, 0.1)
        ->and(paintedArea($two['r1row0']))->toEqualWithDelta(M_PI * ((100 - 50 / 1.8) ** 2 - 50 ** 2), 30);
});

it('says values in a ring where they fit, and else around it, none upon another', function (float $hole, array $values, int $said, bool $inside): void {
    $parts = drawnOf(chartOf(ChartForm::Ring, ['hole' => $hole, 'valueLabels' => 'share'] + BARE, tableOf(['value:Pieces' => $values])));
    $words = array_values(array_filter($parts, fn ($key): bool => $key[0] === 'v', ARRAY_FILTER_USE_KEY));
    $ring = array_filter($parts, fn ($key): bool => $key[0] === 'r', ARRAY_FILTER_USE_KEY);
    $around = Kindred\Geometry\Box::around(...array_values(array_map(fn ($part): Kindred\Geometry\Box => $part->box, $ring)));
    expect(count($words))->toBeGreaterThanOrEqual($said)->toBeLessThanOrEqual(count($values));
    foreach ($words as $i => $one) {
        $middle = $one->box->centre();
        $away = hypot($middle->x - $around->centre()->x, $middle->y - $around->centre()->y);
        expect($away < $around->width / 2)->toBe($inside)
            ->and($one->box->x >= 0 && $one->box->y >= 0 && $one->box->right() <= 300 && $one->box->bottom() <= 200)->toBeTrue();
        foreach (array_slice($words, $i + 1) as $other) {
            expect($one->box->overlaps($other->box))->toBeFalse();
        }
    }
})->with([
    'a wide ring' => [0.4, [50, 30, 20], 3, true],
    'a disc' => [0, [50, 30, 20], 3, true],
    'a thin one' => [0.9, [50, 30, 20], 3, false],
    'one piece too small for its words' => [0.4, [90, 8, 2], 3, false],
    'many small ones' => [0.9, array_fill(0, 60, 1), 12, false],
]);

it('turns a gauge as far as its value, marks the goal and says the value in the middle', function (): void {
    $sheet = tableOf(['label:Kiln' => ['Kiln 2'], 'value:Now' => [650], 'goal:Goal' => [975]]);
    $parts = drawnOf($gauge = chartOf(ChartForm::Gauge, ['max' => 1300, 'startAngle' => -120, 'sweep' => 240, 'rounding' => 0, 'valueLabels' => 'share'], $sheet));
    expect(paintedArea($parts['rrow0']) / paintedArea($parts['trow0']))->toEqualWithDelta(0.5, 2e-3)
        // At the top, for half of the sweep lies there.
        ->and($parts['rrow0']->box->right())->toEqualWithDelta($parts['trow0']->box->centre()->x, 0.05)
        ->and(wordsOf($gauge))->toContain('67 %', 'Kiln 2', '0 °C', '1,300 °C');
    expect(wordsOf(chartOf(ChartForm::Gauge, ['valueLabels' => 'value', 'after' => ' °C', 'decimals' => 1], $sheet)))->toContain('650.0 °C');
    $three = drawnOf(chartOf(ChartForm::Gauge, ['max' => 100], tableOf(['value:Now' => [10, 100, 150]])));
    expect(paintedArea($three['rrow1']) / paintedArea($three['trow1']))->toEqualWithDelta(1.0, 1e-3)->and(paintedArea($three['rrow2']) / paintedArea($three['trow2']))->toEqualWithDelta(1.0, 1e-3)->and($three)->not->toHaveKey('value');
});

it('shows progress toward the goal of each point, of all, or of the scale', function (): void {
    $parts = drawnOf($chart = chartOf(ChartForm::Progress, ['width' => 200, 'goal' => 40], tableOf(['label:What' => ['Shelves', 'Tests', 'Mugs'], 'value:Done' => [18, 10, 50], 'goal:Goal' => [24, '', '']])));
    expect(array_map(fn (int $i): float => $parts["brow{$i}"]->box->width, range(0, 2)))->toEqual([150.0, 50.0, 200.0])
        ->and(wordsOf($chart))->toBe(['Shelves', '18 of 24', 'Tests', '10 of 40', 'Mugs', '50 of 40'])
        ->and(wordsOf(chartOf(ChartForm::Progress, ['valueLabels' => 'share', 'goal' => 40], tableOf(['value:Done' => [50]]))))->toBe(['125 %'])
        ->and(drawnOf(chartOf(ChartForm::Progress, ['width' => 200], tableOf(['value:Done' => [45]])))['brow0']->box->width)->toEqual(180.0)
        ->and(drawnOf(chartOf(ChartForm::Progress, ['width' => 200, 'min' => 20], tableOf(['value:Done' => [30], 'goal:G' => [40]])))['brow0']->box->width)->toEqual(100.0);
});

it('breaks lines where a value is missing, and fills areas down to the series below', function (): void {
    $lines = drawnOf(chartOf(ChartForm::Lines, ['dots' => 0, 'min' => 0, 'max' => 100] + BARE, tableOf(['value:A' => [0, 50, '', 100, '', 20, 30]])));
    expect(array_keys($lines))->toBe(['i0x0', 'i0x1', 'i0x2'])->and($lines['i0x1']->content)->toBeInstanceOf(Kindred\Document\Layer\Ellipse::class)
        ->and($lines['i0x0']->box->height)->toEqualWithDelta(99.5, 0.1)->and($lines['i0x0']->box->width)->toEqualWithDelta(298 / 6, 0.1);
    $areas = drawnOf(chartOf(ChartForm::Areas, ['together' => 'stacked', 'curve' => 'straight', 'lineWidth' => 0, 'max' => 40] + BARE, tableOf(['value:A' => [10, 20, 10], 'value:B' => [20, 10, 20]])));
    // Trapezoids of 150 px: 10 to 20 of 40, and what is left up to 30.
    expect(paintedArea($areas['a0x0']))->toEqualWithDelta(2 * 150 * 15 * 5, 1)->and(paintedArea($areas['a1x0']))->toEqualWithDelta(2 * 150 * 15 * 5, 1)->and($areas)->toHaveCount(2);
    $spark = drawnOf(chartOf(ChartForm::Sparkline, ['areaOpacity' => 0.3, 'dots' => 0, 'lineWidth' => 2, 'valueLabels' => 'none', 'width' => 102, 'height' => 42], tableOf(['value:A' => [5, 7, 6]])));
    expect($spark['i0x0']->box)->toEqual(new Kindred\Geometry\Box(1.0, 1.0, 100.0, 40.0));
});

it('writes scale, labels, values, legend and goal as they are asked for', function (): void {
    $sheet = tableOf(['label:Month' => ['Jan', 'Feb'], 'value:Bisque' => [1200, 300], 'value:Glaze' => [600, 900]]);
    expect(wordsOf(chartOf(ChartForm::Bars, ['before' => '€', 'legend' => 'top', 'goal' => 1000, 'valueLabels' => 'share'], $sheet)))
        ->toBe(['Bisque', 'Glaze', '€0', '€500', '€1,000', '€1,500', 'Jan', 'Feb', '80 %', '20 %', '40 %', '60 %', 'Goal €1,000'])
        ->and(wordsOf(chartOf(ChartForm::Bars, ['before' => '€', 'together' => 'shares', 'goal' => 60, 'steps' => 2], $sheet)))->toBe(['0 %', '50 %', '100 %', 'Jan', 'Feb', 'Goal 60 %'])
        ->and(wordsOf(chartOf(ChartForm::Lines, ['legend' => 'none', 'dots' => 0, 'decimals' => 1, 'steps' => 2], $sheet)))->toBe(['0.0', '500.0', '1,000.0', '1,500.0', 'Jan', 'Feb'])
        ->and(wordsOf(chartOf(ChartForm::Ring, ['legend' => 'right', 'valueLabels' => 'share'], tableOf(['label:Month' => ['Jan', 'Feb'], 'value:Bisque' => [1200, 300]]))))->toBe(['Jan', 'Feb', '80 %', '20 %'])
        ->and(wordsOf(chartOf(ChartForm::Bars, ['sheet' => ['columns' => [], 'rows' => []]])))->toBe(['No numbers in the data sheet']);
    // Of many labels those that have room.
    $many = tableOf(['label:Day' => array_map(fn (int $i): string => "Day {$i}", range(1, 60)), 'value:T' => range(1, 60)]);
    $days = array_filter(drawnOf(chartOf(ChartForm::Bars, [], $many)), fn (Layer $part): bool => str_starts_with($part->name, 'Day') && $part->content instanceof Text);
    expect(count($days))->toBeBetween(4, 9);
    foreach (array_map(null, array_slice(array_values($days), 0, -1), array_slice(array_values($days), 1)) as [$one, $next]) {
        expect($one?->box->right())->toBeLessThan($next?->box->x);
    }
});

it('draws as many points as a sheet holds, as a path for each series', function (): void {
    $sheet = tableOf(['value:A' => array_map(fn (int $i): int => $i % 97, range(1, 2000)), 'value:B' => array_map(fn (int $i): int => $i % 31, range(1, 2000))]);
    foreach ([ChartForm::Bars, ChartForm::Lines, ChartForm::Areas] as $form) {
        expect(count(drawnOf(chartOf($form, [], $sheet))))->toBeLessThan(40);
    }
});

it('opens into layers that lie where it drew them, with a group for each series', function (ChartForm $form): void {
    $before = withChart($form, ['legend' => 'top', 'valueLabels' => 'value']);
    $chart = someChart($before);
    $parts = (new Plotter(new Typesetter(Sample::faces())))->parts($chart);
    $tree = Sample::after($before, ['type' => 'open-widgets', 'screen' => 'home', 'layers' => [$chart->id], 'seed' => 'open']);
    $group = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === $chart->name))[0];
    $drawn = [];
    foreach ($tree->subtree($group->id) as $layer) {
        if (! $layer->isGroup()) {
            $parent = $tree->layers[(string) $layer->parent];
            $drawn[$layer->name][] = $layer->box->movedBy($parent->id === $group->id ? $group->box->x : $group->box->x + $parent->box->x, $parent->id === $group->id ? $group->box->y : $group->box->y + $parent->box->y);
        }
    }
    foreach ($parts as $part) {
        $box = array_shift($drawn[$part->layer->name]);
        expect($box?->x)->toEqualWithDelta($chart->box->x + $part->layer->box->x, 0.03)->and($box?->y)->toEqualWithDelta($chart->box->y + $part->layer->box->y, 0.03)->and($box?->width)->toEqualWithDelta($part->layer->box->width, 0.03);
    }
    expect(array_filter($drawn))->toBe([])->and(array_filter($tree->layers, fn (Layer $layer): bool => $layer->content instanceof Chart))->toBe([]);
})->with('forms');

it('is drawn in every finish, and takes the colours of its points from the sheet', function (): void {
    $sheet = tableOf(['label:Kind' => ['Mugs', 'Bowls'], 'value:Pieces' => [4, 2], 'colour:Colour' => ['#ff0000', '']]);
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'chart', 'layers' => [['x' => 0, 'y' => 0, 'sheet' => $sheet] + FreshChart::of(ChartForm::Ring)]]);
    $svg = fn (Finish $finish): string => Sample::renderer()->layer($tree, someChart($tree), Sample::rendering()->in($finish));
    expect($svg(Finish::Dressed))->toContain('#ff0000')->toContain('#cc7a3f')->not->toContain('#164a48')
        ->and($svg(Finish::Plain))->not->toContain('#ff0000')->and($svg(Finish::Rough))->not->toContain('#ff0000')->toContain('Mugs');
});

it('takes a column of numbers as a series and the first of words as labels', function (): void {
    $chart = someChart($tree = withChart(ChartForm::Bars, ['sheet' => ['columns' => [], 'rows' => []]]));
    $tree = Sample::after($tree, ['type' => 'take-sheet', 'screen' => 'home', 'layer' => $chart->id, 'seed' => 'file', 'replace' => true, 'columns' => [['name' => 'Month'], ['name' => 'Fired'], ['name' => 'Remarks'], ['name' => 'Cost']], 'rows' => [['Jan', '12', 'Cold', '€1,50'], ['Feb', '', 'Wet', '€2,75'], ['Mar', '30', '', '']]]);
    $content = someChart($tree)->content;
    expect($content instanceof Chart ? array_map(fn ($column): array => [$column->name, $column->slot], $content->sheet->columns) : null)->toBe([['Month', Slot::Label], ['Fired', Slot::Value], ['Remarks', Slot::Words], ['Cost', Slot::Value]]);
    $ids = $content instanceof Chart ? [$content->sheet->rows[0]->id, $content->sheet->columns[3]->id] : ['', ''];
    // A column that is filled anew is called as it is in the file.
    $renamed = someChart(Sample::after($tree, ['type' => 'take-sheet', 'screen' => 'home', 'layer' => $chart->id, 'seed' => 'again', 'replace' => true, 'columns' => [['column' => $ids[1], 'name' => 'Price']], 'rows' => [['7']]]))->content;
    expect($renamed instanceof Chart ? [$renamed->sheet->columns[3]->name, $renamed->numbers()] : null)->toBe(['Price', [12.0]]);
    $wider = someChart(Sample::after($tree, ['type' => 'fill-cells', 'screen' => 'home', 'layer' => $chart->id, 'row' => $ids[0], 'column' => $ids[1], 'values' => [['1', '2'], ['3', '4']], 'seed' => 'more']))->content;
    expect($wider instanceof Chart ? $wider->sheet->columns[4]->slot : null)->toBe(Slot::Value);
});

it('is called by its form until it has a name of its own', function (string $name, string $then): void {
    $tree = withChart(ChartForm::Bars);
    $tree = $tree->withLayers(someChart($tree)->with(name: $name));
    $tree = Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => [someChart($tree)->id], 'field' => 'form', 'value' => 'ring']);
    expect(someChart($tree)->name)->toBe($then);
})->with([['Bar chart', 'Ring chart'], ['Kilns', 'Kilns'], ['Gauge', 'Gauge']]);

it('takes a pasted first row of names for the names of its columns', function (array $values, int $row, array $names, array $first): void {
    $sheet = ['columns' => [['id' => 'label', 'name' => 'Month', 'slot' => 'label'], ['id' => 'fired', 'name' => 'Fired', 'slot' => 'value']], 'rows' => [['id' => 'row1', 'cells' => ['label' => 'Jan', 'fired' => '4']], ['id' => 'row2', 'cells' => ['label' => 'Feb', 'fired' => '5']]]];
    $tree = withChart(ChartForm::Bars, ['sheet' => $sheet]);
    $content = someChart(Sample::after($tree, ['type' => 'fill-cells', 'screen' => 'home', 'layer' => someChart($tree)->id, 'row' => "row{$row}", 'column' => 'label', 'values' => $values, 'seed' => 'p']))->content;
    assert($content instanceof Chart);
    expect(array_column($content->sheet->columns, 'name'))->toBe($names)->and(array_values($content->sheet->rows[0]->cells()))->toBe($first)
        ->and(array_slice(array_column($content->sheet->columns, 'slot'), 0, 2))->toBe([Slot::Label, Slot::Value]);
})->with([
    'words above numbers' => [[['Kiln', 'Bisque', 'Glaze'], ['Gas', '12', ''], ['Raku', '3', '7 kg']], 1, ['Kiln', 'Bisque', 'Glaze'], ['Gas', '12', '']],
    'with an empty corner' => [[['', 'Bisque'], ['Gas', '12']], 1, ['Month', 'Bisque'], ['Gas', '12']],
    'years beneath a word' => [[['Year'], ['2024'], ['2025']], 1, ['Year', 'Fired'], ['2024', '4']],
    'the names that the columns have' => [[['MONTH', 'fired'], ['Gas', 'cold']], 1, ['MONTH', 'fired'], ['Gas', 'cold']],
    'a number that there is none of' => [[['', 'n/a'], ['Gas', '12'], ['Raku', '3']], 1, ['Month', 'Fired'], ['', 'n/a']],
    'a dash' => [[['', '–'], ['Gas', '12']], 1, ['Month', 'Fired'], ['', '–']],
    'a number among them' => [[['Gas', '12'], ['Raku', '3']], 1, ['Month', 'Fired'], ['Gas', '12']],
    'words above words' => [[['Gas', 'soon'], ['Raku', 'later']], 1, ['Month', 'Fired'], ['Gas', 'soon']],
    'nothing below it' => [[['Kiln', 'Bisque']], 1, ['Month', 'Fired'], ['Kiln', 'Bisque']],
    'not in the first row' => [[['Kiln', 'Bisque'], ['Gas', '12']], 2, ['Month', 'Fired'], ['Jan', '4']],
]);

it('is fed by the sheet of the array in whose cells it lies', function (): void {
    $tree = withChart(ChartForm::Sparkline);
    $tree = Sample::after($tree, ['type' => 'array-layers', 'screen' => 'home', 'layers' => [someChart($tree)->id], 'seed' => 'array']);
    $array = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->content instanceof Kindred\Document\Layer\ArrayLayer))[0];
    assert($array->content instanceof Kindred\Document\Layer\ArrayLayer);
    [$column] = $array->content->sheet->columns;
    expect([$column->slot, $column->layer])->toBe([Slot::Value, someChart($tree)->id])->and($array->content->sheet->rows[0]->cells()[$column->id])->toBe('12 18 15 22 19 31 26');
    foreach (['5 9 14 2', 'soon'] as $row => $value) {
        $tree = Sample::after($tree, ['type' => 'set-cell', 'screen' => 'home', 'layer' => $array->id, 'row' => $array->content->sheet->rows[$row]->id, 'column' => $column->id, 'value' => $value]);
    }
    $cells = [];
    foreach (Sample::expansion()->of($tree, $tree->layer($array->id)) as $copy) {
        $content = $copy->tree->layer(someChart($tree)->id)->content;
        $cells[] = $content instanceof Chart ? $content->numbers() : [];
    }
    // What is no list of numbers leaves the chart as it is designed.
    expect(array_slice($cells, 0, 2))->toBe([[5.0, 9.0, 14.0, 2.0], [12.0, 18.0, 15.0, 22.0, 19.0, 31.0, 26.0]])
        ->and(Sample::renderer()->layer($tree, $tree->layer($array->id), Sample::rendering()))->toContain('>2<');
});

it('has a use for all that it offers, and none for anything else', function (ChartForm $form): void {
    $sheet = tableOf(['label:What' => ['Mugs', 'Bowls', 'Plates'], 'value:Bisque' => [12.5, 30, 18], 'value:Glaze' => [8, 20, 25]]);
    $own = ['legend' => 'top', 'valueLabels' => 'value', 'dots' => 6, 'rounding' => 3, 'goal' => 25, 'width' => 320, 'height' => 300, 'thickness' => 60, 'sweep' => 300, 'curve' => 'straight'];
    $other = [
        'across' => true, 'together' => 'stacked', 'curve' => 'smooth', 'lineWidth' => 5, 'dots' => 0, 'areaOpacity' => 0.9, 'gap' => 0.6, 'spacing' => 9, 'rounding' => 0, 'thickness' => 20,
        'startAngle' => 40, 'sweep' => 200, 'hole' => 0.2, 'min' => -20, 'max' => 90, 'logarithmic' => true, 'steps' => 9, 'gridLines' => false, 'scaleLabels' => false, 'pointLabels' => false,
        'valueLabels' => 'none', 'legend' => 'right', 'goal' => 28, 'before' => '€', 'after' => ' kg', 'decimals' => 2, 'ink' => '#ff0000', 'grid' => '#00ff00', 'style' => ['size' => 9],
    ];
    // One point of a gauge alone is written in its middle; without a goal progress goes to the end of its scale.
    $charts = [['sheet' => $sheet], ['sheet' => tableOf(['label:What' => ['Mugs'], 'value:Bisque' => [12.5]])], ['sheet' => $sheet, 'goal' => null]];
    foreach ([[], ['together' => 'shares']] as $also) {
        $shown = fn (array $chart): array => array_map(fn (Layer $part): array => $part->toArray(), drawnOf(chartOf($form, $chart + $also + $own)));
        $content = chartOf($form, $also + $own, $sheet)->content;
        $plain = array_map($shown, $charts);
        foreach ($other as $property => $value) {
            $changes = array_filter($charts, fn (array $chart, int $i): bool => $plain[$i] !== $shown([$property => $value] + $chart), ARRAY_FILTER_USE_BOTH) !== [];
            expect($changes)->toBe($content instanceof Chart && $content->uses($property), "{$property} of {$form->value}".($also === [] ? '' : ', shares'));
        }
    }
})->with('forms');

it('keeps what one form has no use for, and refuses what no scale can be', function (): void {
    $tree = withChart(ChartForm::Gauge);
    $set = fn (Tree $tree, string $field, string $value): Tree => Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => [someChart($tree)->id], 'field' => $field, 'value' => $value]);
    $bars = $set($tree, 'form', 'bars');
    expect(someChart($set($bars, 'form', 'gauge'))->content)->toEqual(someChart($tree)->content)
        // What bars have no use for is not set by name either.
        ->and(someChart($set($bars, 'hole', '10%'))->content)->toEqual(someChart($bars)->content)
        ->and(fn () => $set($tree, 'min', '1400'))->toThrow(InvalidInput::class, 'the maximum of a scale must lie above its minimum')
        ->and(someChart($set($tree, 'max', ''))->content->toArray())->not->toHaveKey('max')
        ->and(someChart($set($tree, 'style.size', '15'))->content->toArray()['style']['size'])->toBe(15.0);
});

it('is one row that changes where a value does', function (): void {
    $tree = withChart(ChartForm::Bars);
    $chart = someChart($tree);
    assert($chart->content instanceof Chart);
    $row = $chart->content->sheet->rows[2];
    $after = someChart(Sample::after($tree, ['type' => 'set-cell', 'screen' => 'home', 'layer' => $chart->id, 'row' => $row->id, 'column' => $chart->content->sheet->columns[1]->id, 'value' => '99']));
    assert($after->content instanceof Chart);
    expect(array_keys(array_filter($after->parts($chart), fn (mixed $value, string $key): bool => ($chart->parts()[$key] ?? null) !== $value && ! is_array($value), ARRAY_FILTER_USE_BOTH)))->toBe(["row:{$row->id}"])
        ->and(Layer::kept($after->parts()))->toEqual($after);
});
