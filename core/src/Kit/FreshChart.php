<?php

declare(strict_types=1);

namespace Kindred\Kit;

use Kindred\Document\Chart\ChartForm;
use Kindred\Document\Chart\Curve;
use Kindred\Document\Chart\Legend;
use Kindred\Document\Chart\ValueLabels;
use Kindred\Document\Layer\Chart;
use Kindred\Document\Sheet\Column;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Sheet\Slot;
use Kindred\Input\Search;

/** Charts as they are placed, each with numbers that it can be seen by. */
final class FreshChart
{
    /** The colours of its series, of different lightness: they can be told apart in greys, and from white. */
    private const FILLS = ['#164a48', '#cc7a3f', '#7a6ab0', '#a3324f'];

    private const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun'];

    /** The name of an entry of the kit, apart from those of widgets. */
    public static function key(ChartForm $form): string
    {
        return "chart-{$form->value}";
    }

    /** @return list<ChartForm> those that words speak of */
    public static function search(string $words): array
    {
        return array_values(array_filter(ChartForm::cases(), fn (ChartForm $form): bool => Search::holds(self::name($form).' '.self::tags($form), $words)));
    }

    public static function name(ChartForm $form): string
    {
        return match ($form) {
            ChartForm::Bars => 'Bar chart',
            ChartForm::Lines => 'Line chart',
            ChartForm::Areas => 'Area chart',
            ChartForm::Ring => 'Ring chart',
            ChartForm::Gauge => 'Gauge',
            ChartForm::Progress => 'Progress toward a goal',
            ChartForm::Sparkline => 'Sparkline',
        };
    }

    public static function tags(ChartForm $form): string
    {
        return 'chart graph data statistics numbers '.match ($form) {
            ChartForm::Bars => 'columns histogram compare',
            ChartForm::Lines => 'time trend curve',
            ChartForm::Areas => 'time volume stacked',
            ChartForm::Ring => 'pie donut disc share part',
            ChartForm::Gauge => 'dial meter temperature level',
            ChartForm::Progress => 'bar target reach',
            ChartForm::Sparkline => 'small trend inline',
        };
    }

    /** @return array<string, mixed> what a project file says of it, but for where it lies */
    public static function of(ChartForm $form): array
    {
        [$width, $height] = match ($form) {
            ChartForm::Bars, ChartForm::Lines, ChartForm::Areas => [326, 204],
            ChartForm::Ring => [280, 180],
            ChartForm::Gauge => [220, 196],
            ChartForm::Progress => [326, 96],
            ChartForm::Sparkline => [160, 40],
        };

        return ['kind' => Chart::kind(), 'name' => self::name($form), 'width' => $width, 'height' => $height, 'fills' => array_map(fn (string $colour): array => ['kind' => 'solid', 'colour' => $colour], self::FILLS)] + self::chart($form)->toArray();
    }

    private static function chart(ChartForm $form): Chart
    {
        $plain = Chart::plain($form, self::sheet($form));

        return match ($form) {
            ChartForm::Bars => $plain->with(rounding: 4.0),
            ChartForm::Lines => $plain->with(legend: Legend::Top, dots: 6.0),
            ChartForm::Areas => $plain->with(legend: Legend::Top, curve: Curve::Smooth),
            ChartForm::Ring => $plain->with(legend: Legend::Right, valueLabels: ValueLabels::Share),
            ChartForm::Gauge => $plain->with(startAngle: -120.0, sweep: 240.0, hole: 0.76, rounding: 8.0, max: 1300.0, goal: 1240.0, valueLabels: ValueLabels::Value, after: ' °C'),
            ChartForm::Progress => $plain->with(thickness: 10.0, rounding: 5.0, valueLabels: ValueLabels::Value),
            ChartForm::Sparkline => $plain->with(dots: 6.0, valueLabels: ValueLabels::Value),
        };
    }

    private static function sheet(ChartForm $form): Sheet
    {
        return match ($form) {
            ChartForm::Bars => self::table(['Month' => self::MONTHS, 'Pieces fired' => ['42', '58', '37', '64', '71', '55']]),
            ChartForm::Lines, ChartForm::Areas => self::table(['Month' => self::MONTHS, 'Bisque' => ['42', '58', '37', '64', '71', '55'], 'Glaze' => ['30', '34', '41', '39', '52', '60']]),
            ChartForm::Ring => self::table(['Kind' => ['Mugs', 'Bowls', 'Plates', 'Vases'], 'Pieces' => ['46', '28', '17', '9']]),
            ChartForm::Gauge => self::table(['Kiln' => ['Kiln 2'], 'Temperature' => ['865']]),
            ChartForm::Progress => self::table(['What' => ['Shelves filled', 'Glaze tests'], 'Done' => ['18', '7'], 'Goal' => ['24', '20']]),
            ChartForm::Sparkline => self::table(['Day' => ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'], 'Visits' => ['12', '18', '15', '22', '19', '31', '26']]),
        };
    }

    /** @param  non-empty-array<string, list<string>>  $columns  by their names; the first holds what points are called */
    private static function table(array $columns): Sheet
    {
        $made = $cells = [];
        foreach (array_keys($columns) as $i => $name) {
            $made[] = new Column("column{$i}", $name, $i === 0 ? Slot::Label : ($name === 'Goal' ? Slot::Goal : Slot::Value));
            foreach ($columns[$name] as $row => $value) {
                $cells[$row]["column{$i}"] = $value;
            }
        }

        return new Sheet($made, array_map(fn (array $values, int $row): Row => Row::of("point{$row}", $values), $cells, array_keys($cells)));
    }
}
