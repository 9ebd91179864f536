<?php

declare(strict_types=1);

use Kindred\Document\Chart\ChartForm;
use Kindred\Document\Chart\Points;
use Kindred\Document\Sheet\Sheet;
use Kindred\Input\Reader;

it('reads the one number in a text, as people write it', function (string $text, ?float $number): void {
    expect(Points::number($text))->toBe($number);
})->with([
    ['12', 12.0], [' 12.5 ', 12.5], ['12,5', 12.5], ['1,234', 1234.0], ['1,234,567', 1234567.0], ['1.234.567', 1234567.0], ['1,234.5', 1234.5], ['1.234,5', 1234.5], ['0,125', 0.125], ['12,50', 12.5],
    ['€12.50', 12.5], ['12 %', 12.0], ['-3', -3.0], ['−3', -3.0], ['-€4', -4.0], ['€-4', -4.0], ['+7 °C', 7.0], ['1 234', 1234.0], ["1\u{a0}234,5 kg", 1234.5], ["1'234", 1234.0], ['.5', 0.5], ['3e4', 30000.0], ['12.', 12.0],
    ['', null], ['abc', null], ['12 of 100', null], ['2026-11-03', null], ['3/4', null], ['1,2,3', null], ['--5', null], ['1e300', null], ['-', null], ['1.2.3,4,5', null],
]);

it('reads several numbers that stand in one text', function (): void {
    expect(Points::numbers('12 18  15'))->toBe([12.0, 18.0, 15.0])->and(Points::numbers('1,5; 2,7'))->toBe([1.5, 2.7])->and(Points::numbers('12, 18, €15'))->toBe([12.0, 18.0, 15.0])->and(Points::numbers("3\n4"))->toBe([3.0, 4.0])
        ->and(Points::numbers(''))->toBeNull()->and(Points::numbers('12 soon'))->toBeNull();
});

it('stands for many points with the least and the most of as many as follow each other', function (): void {
    $rows = array_map(fn (int $i): array => ['id' => "row{$i}", 'cells' => ['label' => "Day {$i}", 'value' => (string) ($i === 50 ? 900 : ($i === 71 ? -40 : $i % 10)), 'other' => $i % 2 === 0 ? '' : '3']], range(0, 99));
    $points = Points::of(Sheet::read(Reader::of(['columns' => [['id' => 'label', 'name' => 'Day', 'slot' => 'label'], ['id' => 'value', 'name' => 'A', 'slot' => 'value'], ['id' => 'other', 'name' => 'B', 'slot' => 'value']], 'rows' => $rows])));
    $thin = $points->thinned(20);
    expect($thin->count())->toBe(20)->and($thin->series[0]->values)->toContain(900.0, -40.0)->and(array_slice($thin->series[0]->values, 0, 2))->toBe([0.0, 9.0])
        ->and(array_slice($thin->series[0]->values, 10, 2))->toBe([900.0, 1.0])->and($thin->series[1]->values)->not->toContain(null)
        ->and(array_slice($thin->labels, 0, 3))->toBe(['Day 0', 'Day 5', 'Day 10'])
        ->and($points->thinned(100))->toBe($points)->and($points->thinned(60)->count())->toBe(50)->and($points->thinned(1)->count())->toBeLessThan(5)
        ->and($points->first(3)->labels)->toBe(['Day 0', 'Day 1', 'Day 2'])->and($points->first(100))->toBe($points);
});

it('takes points from what its columns feed, and says what it cannot show', function (): void {
    $sheet = Sheet::read(Reader::of(['columns' => [
        ['id' => 'month', 'name' => 'Month', 'slot' => 'label'], ['id' => 'fired', 'name' => 'Fired', 'slot' => 'value'], ['id' => 'note', 'name' => 'Note', 'slot' => 'words'],
        ['id' => 'glazed', 'name' => 'Glazed', 'slot' => 'value'], ['id' => 'goal', 'name' => 'Goal', 'slot' => 'goal'], ['id' => 'colour', 'name' => 'Colour', 'slot' => 'colour'],
    ], 'rows' => [
        ['id' => 'row1', 'cells' => ['month' => "May\n early", 'fired' => '12', 'glazed' => '-4', 'goal' => '20', 'colour' => 'teal', 'note' => 'x']],
        ['id' => 'row2', 'cells' => ['month' => 'June', 'fired' => 'soon', 'colour' => 'no colour']],
    ]]));
    $points = Points::of($sheet);
    expect([$points->ids, $points->labels, $points->goals])->toBe([['row1', 'row2'], ['May early', 'June'], [20.0, null]])
        ->and(array_column($points->series, 'name'))->toBe(['Fired', 'Glazed'])->and(array_column($points->series, 'values'))->toBe([[12.0, null], [-4.0, null]])
        ->and([$points->colours[0]?->toHex(), $points->colours[1]])->toBe(['#008080', null])
        ->and($points->leftOut(ChartForm::Bars))->toBe(['“soon” is no number: left out.'])
        ->and($points->leftOut(ChartForm::Ring))->toBe(['A value below nought has no share of a ring.', '“soon” is no number: left out.'])
        ->and($points->leftOut(ChartForm::Gauge))->toBe(['It shows the first series alone.', '“soon” is no number: left out.'])
        ->and(Points::of(new Sheet)->leftOut(ChartForm::Bars))->toBe(['No column of the data sheet holds values.']);
});
