<?php

declare(strict_types=1);

namespace Kindred\Chart;

use Kindred\Document\Chart\ChartForm;
use Kindred\Document\Chart\Legend;
use Kindred\Document\Chart\Points;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Chart;
use Kindred\Document\Style\Corners;
use Kindred\Document\Style\Fill;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Type\TextAlign;
use Kindred\Type\Typesetter;

/** Draws charts as plain layers. Every finish of a chart is that of these layers, and a chart that is opened becomes them. */
final readonly class Plotter
{
    /** Of the size of labels: a swatch of the legend, the room after it, and that after its words. */
    private const SWATCH = 0.85;

    private const AFTER = 0.45;

    private const APART = 1.2;

    public function __construct(private Typesetter $typesetter)
    {
    }

    /** @return list<ChartLayer> in the coordinates of the layer; none where it is no chart */
    public function parts(Layer $layer): array
    {
        if (! $layer->content instanceof Chart) {
            return [];
        }
        $canvas = new Canvas($layer, $layer->content, $this->typesetter);
        $points = Points::of($layer->content->sheet);
        if ($points->values() === []) {
            return $this->empty($canvas);
        }
        $room = $layer->content->uses('legend') ? $this->legend($canvas, $points) : $canvas->box();
        self::form($layer->content->form)->draw($canvas, match ($layer->content->form) {
            ChartForm::Gauge, ChartForm::Progress => $points->first(Points::MAX),
            ChartForm::Ring => $points,
            // Two a px are all that can be seen.
            default => $points->thinned((int) ceil(2 * ($layer->content->uses('across') && $layer->content->across ? $room->height : $room->width))),
        }, $room);

        return $canvas->parts();
    }

    private static function form(ChartForm $form): Plotted
    {
        return match ($form) {
            ChartForm::Bars => new Bars,
            ChartForm::Lines, ChartForm::Areas => new Lines,
            ChartForm::Ring => new Ring,
            ChartForm::Gauge => new Gauge,
            ChartForm::Progress => new Progress,
            ChartForm::Sparkline => new Sparkline,
        };
    }

    /**
     * What a chart without a number shows: its room, and that there is nothing in it.
     *
     * @return list<ChartLayer>
     */
    private function empty(Canvas $canvas): array
    {
        $box = $canvas->box();
        $canvas->section('Empty');
        $canvas->rectangle('none', 'Empty chart', $box, Fill::solid($canvas->chart->grid->withAlpha($canvas->chart->grid->alpha * 0.4)), Corners::all(4));
        if ($box->height >= $canvas->lineHeight()) {
            $canvas->words('none', 'No numbers in the data sheet', $box->centre(), TextAlign::Center);
        }

        return $canvas->parts();
    }

    /** Draws the legend, and says what it leaves of the chart. */
    private function legend(Canvas $canvas, Points $points): Box
    {
        $chart = $canvas->chart;
        $box = $canvas->box();
        $entries = self::entries($canvas, $points);
        if ($chart->legend === Legend::None || $entries === []) {
            return $box;
        }
        $size = $chart->style->size;
        $line = $canvas->lineHeight() * 1.15;
        $side = $size * self::SWATCH;
        $before = $side + $size * self::AFTER;
        $right = $chart->legend === Legend::Right;
        $widths = array_map(fn (array $entry): float => min($before + $canvas->measure($entry[1]), $right ? $box->width * 0.45 : $box->width), $entries);
        $places = [];
        [$x, $y] = [0.0, 0.0];
        foreach ($widths as $i => $width) {
            if ($i > 0 && ($right || $x + $width > $box->width)) {
                [$x, $y] = [0.0, $y + $line];
            }
            $places[$i] = [$x, $y];
            $x += $width + $size * self::APART;
        }
        $height = $y + $line;
        $wide = max($widths);
        [$left, $top] = match ($chart->legend) {
            Legend::Right => [$box->width - $wide, max(0.0, ($box->height - $height) / 2)],
            Legend::Bottom => [0.0, $box->height - $height],
            default => [0.0, 0.0],
        };
        $canvas->section('Legend');
        foreach ($entries as $i => [$key, $words, $paint]) {
            $middle = $top + $places[$i][1] + $line / 2;
            if ($middle + $line / 2 > $box->height + 0.5 || $middle < 0) {
                break;
            }
            $canvas->rectangle("k{$key}", $words, new Box($left + $places[$i][0], $middle - $side / 2, $side, $side), $paint, Corners::all($side * 0.25));
            $canvas->words("w{$key}", $words, new Point($left + $places[$i][0] + $before, $middle), room: max(1.0, $widths[$i] - $before));
        }
        $apart = $size * 0.8;

        return match ($chart->legend) {
            Legend::Right => new Box(0, 0, max(1.0, $left - $size * self::APART), $box->height),
            Legend::Bottom => new Box(0, 0, $box->width, max(1.0, $box->height - $height - $apart)),
            default => new Box(0, min($height + $apart, $box->height - 1), $box->width, max(1.0, $box->height - $height - $apart)),
        };
    }

    /**
     * What has a colour of its own, by its name: the series, or the points, where these have them.
     *
     * @return list<array{string, string, Fill}>
     */
    private static function entries(Canvas $canvas, Points $points): array
    {
        $entries = [];
        if (in_array($canvas->chart->form, [ChartForm::Ring, ChartForm::Gauge], true)) {
            $number = 0;
            foreach ($points->labels as $i => $label) {
                $value = $points->series[0]->values[$i] ?? null;
                if ($label !== '' && ($canvas->chart->form === ChartForm::Ring || $value !== null)) {
                    $entries[] = [$points->ids[$i], $label, $canvas->paint($canvas->chart->form === ChartForm::Ring ? $i : $number, $points->colours[$i])];
                }
                $number += $value === null ? 0 : 1;
            }

            return $entries;
        }
        foreach ($points->series as $s => $series) {
            $entries[] = ["s{$s}", $series->name, $canvas->paint($s)];
        }

        return $entries;
    }
}
