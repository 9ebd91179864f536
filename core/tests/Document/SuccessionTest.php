<?php

declare(strict_types=1);

use Kindred\Document\Layer\Chart;
use Kindred\Document\Sheet\Succession;
use Kindred\Tests\Sample;

it('knows what comes after labels', function (array $labels, string $next): void {
    expect(Succession::next($labels))->toBe($next);
})->with([
    [['Jan', 'Feb'], 'Mar'], [['Nov', 'Dec'], 'Jan'], [['Mar', 'Jun'], 'Sep'], [['April'], 'May'], [['Apr', 'May'], 'Jun'], [['April', 'May'], 'June'], [['MAY', 'JUN'], 'JUL'],
    [['Mo', 'Tu'], 'We'], [['saturday', 'sunday'], 'monday'], [['Fri'], 'Sat'],
    [['Kiln 1', 'Kiln 2'], 'Kiln 3'], [['2020', '2025'], '2030'], [['Week 08', 'Week 09'], 'Week 10'], [['Kiln 9'], 'Kiln 10'], [['Cone 10', 'Cone 6'], 'Cone 2'], [['Cone 6', 'Cone 2'], ''],
    [['1.8', '1.9'], ''], [['10:00', '11:00'], ''], [['23.12.', '24.12.'], ''], [['2025-11'], ''], [['12999999999'], ''], [['-5', '-4'], '-3'], [['Bowls', 'Jugs'], ''], [[''], ''], [[], ''], [['999999999'], '1000000000'], [['Jan', 'Kiln 2'], 'Kiln 3'],
]);

it('goes on with the labels of a chart that gets rows', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'chart', 'layers' => [Kindred\Kit\FreshChart::of(Kindred\Document\Chart\ChartForm::Bars)]]);
    $chart = array_values(array_filter($tree->layers, fn ($layer): bool => $layer->content instanceof Chart))[0];
    assert($chart->content instanceof Chart);
    $labels = fn (Chart $of): array => array_map(fn ($row): string => array_values($row->cells())[0], $of->sheet->rows);
    $add = fn (array $more): array => ['type' => 'add-rows', 'screen' => 'home', 'layer' => $chart->id, 'seed' => 'rows'] + $more;
    $end = Sample::after($tree, $add(['count' => 2]))->layer($chart->id)->content;
    $within = Sample::after($tree, $add(['after' => $chart->content->sheet->rows[1]->id]))->layer($chart->id)->content;
    assert($end instanceof Chart && $within instanceof Chart);
    expect(array_slice($labels($end), -3))->toBe(['Jun', 'Jul', 'Aug'])->and(array_slice($labels($within), 0, 4))->toBe(['Jan', 'Feb', '', 'Mar'])
        ->and($end->numbers()[6])->toBe($chart->content->numbers()[5]);
});
