<?php

declare(strict_types=1);

namespace Kindred\Chart;

use Kindred\Document\Layer;
use Kindred\Document\Layer\BoxLayer;
use Kindred\Document\Layer\Chart;
use Kindred\Document\Layer\Ellipse;
use Kindred\Document\Layer\LayerContent;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Style\Corners;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Style\StrokeCap;
use Kindred\Document\Style\StrokeJoin;
use Kindred\Document\Style\StrokePosition;
use Kindred\Geometry\Box;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;
use Kindred\Paint\Colour;
use Kindred\Signal\Writing;
use Kindred\Type\TextAlign;
use Kindred\Type\Typesetter;

/** What a chart is drawn on, in px from its corner; what is drawn are plain layers, back to front. */
final class Canvas
{
    /** Where a layer has no fill. */
    private const COLOUR = '#2f6f6b';

    /** The height of a line of labels, in sizes of them. */
    public const LINE = 1.3;

    /** How far marks may stick out of the chart, px. */
    private const SLACK = 3.0;

    /** @var list<ChartLayer> */
    private array $parts = [];

    /** @var list<Fill> */
    private array $fills;

    private string $section = '';

    /** @param  Layer  $layer  with a chart in it */
    public function __construct(private readonly Layer $layer, public readonly Chart $chart, private readonly Typesetter $typesetter)
    {
        $this->fills = array_values(array_filter($layer->fills, fn (Fill $fill): bool => ! $fill->hidden));
    }

    /** @return list<ChartLayer> */
    public function parts(): array
    {
        return $this->parts;
    }

    public function box(): Box
    {
        return new Box(0, 0, $this->layer->box->width, $this->layer->box->height);
    }

    /** What is drawn from now on belongs to this. */
    public function section(string $name): void
    {
        $this->section = $name;
    }

    /** The paint of a series, or of a point, by its number; the fills of the layer in turn. */
    public function paint(int $number, ?Colour $own = null): Fill
    {
        return match (true) {
            $own !== null => Fill::solid($own),
            $this->fills === [] => Fill::solid(Colour::parse(self::COLOUR)),
            default => $this->fills[$number % count($this->fills)],
        };
    }

    public function rectangle(string $key, string $name, Box $box, Fill $fill, Corners $corners = new Corners): void
    {
        if ($box->width > 0 && $box->height > 0) {
            $this->add($key, $name, $box, new BoxLayer, [$fill], [], $corners->fitted($box));
        }
    }

    public function dot(string $key, string $name, Point $middle, float $width, Fill $fill): void
    {
        $this->add($key, $name, new Box($middle->x - $width / 2, $middle->y - $width / 2, $width, $width), new Ellipse, [$fill]);
    }

    /** @param  string  $d  path data; what is painted with nothing is not drawn */
    public function area(string $key, string $name, string $d, Fill $fill, float $rounding = 0.0): void
    {
        $path = self::parsed($d);
        $path = $path === null || $rounding <= 0 ? $path : Curves::of($path)->rounded($rounding)->path();
        $this->path($key, $name, $path, [$fill], []);
    }

    /** @param  list<float>  $dash */
    public function line(string $key, string $name, string $d, Fill $paint, float $width, array $dash = []): void
    {
        $stroke = new Stroke($paint->paint, max(0.1, $width), StrokePosition::Centre, $dash, $dash === [] ? StrokeCap::Round : StrokeCap::Butt, StrokeJoin::Round, opacity: $paint->opacity);
        $this->path($key, $name, self::parsed($d), [], [$stroke]);
    }

    /**
     * A line that is seen on whatever it crosses: in the colour of the words, with a lighter or darker one below it.
     *
     * @param  list<float>  $dash
     */
    public function mark(string $key, string $name, string $d, float $width, array $dash = []): void
    {
        $ink = $this->chart->ink;
        $this->line("{$key}u", "{$name}, edge", $d, Fill::solid(Colour::parse($ink->luminance() < 0.4 ? '#ffffffb3' : '#000000b3')), $width + 2);
        $this->line($key, $name, $d, Fill::solid($ink), $width, $dash);
    }

    /** A rule of one px along or down. */
    public function rule(string $key, string $name, Point $from, float $length, bool $down, Colour $colour): void
    {
        $this->rectangle($key, $name, $down ? new Box($from->x - 0.5, $from->y, 1, $length) : new Box($from->x, $from->y - 0.5, $length, 1), Fill::solid($colour));
    }

    /**
     * One line of words about a place, within the chart; words that are wider than there is room for end with an ellipsis.
     *
     * @param  Point  $at  the middle of the line in height; across, where it begins, has its middle or ends
     * @param  float  $larger  how many times the size of labels
     * @param  float|null  $room  px
     */
    public function words(string $key, string $words, Point $at, TextAlign $align = TextAlign::Left, float $larger = 1.0, ?float $room = null, ?int $weight = null, ?Colour $colour = null): void
    {
        $style = $this->chart->style->text($larger, $weight);
        $words = $this->typesetter->oneLine($words, $style, min($room ?? INF, $this->layer->box->width));
        if ($words === '') {
            return;
        }
        $width = $this->typesetter->lay($words, $style, null)->room();
        $left = $at->x - $width * $align->share();
        $left = max(0.0, min($this->layer->box->width - $width, $left));
        $height = $style->size * self::LINE;
        $top = max(0.0, min($this->layer->box->height - $height, $at->y - $height / 2));
        $this->add($key, $words, new Box($left, $top, $width, $height), new Text($words, $style), [Fill::solid($colour ?? $this->chart->ink)]);
    }

    /** The width of words in px. */
    public function measure(string $words, float $larger = 1.0, ?int $weight = null): float
    {
        return $words === '' ? 0.0 : $this->typesetter->lay($words, $this->chart->style->text($larger, $weight), null)->room();
    }

    /** The height of a line of labels in px. */
    public function lineHeight(): float
    {
        return $this->chart->style->size * self::LINE;
    }

    /** @param  int|null  $decimals  where the chart does not say how many */
    public function number(float $value, ?int $decimals = null): string
    {
        $decimals = $this->chart->decimals ?? $decimals;
        $text = Writing::write(abs($value), ['as' => 'number', 'whole' => 1, 'group' => true, 'minFraction' => $decimals ?? 0, 'maxFraction' => $decimals ?? 2]);
        // Without a number that could be written so, as computers write it.
        $text = $text === '' ? sprintf('%g', abs($value)) : $text;

        return ($value < 0 && (float) str_replace(',', '', $text) !== 0.0 ? '-' : '').$this->chart->before.$text.$this->chart->after;
    }

    /** @param  float  $share  of one */
    public function percent(float $share): string
    {
        return Writing::write($share * 100, ['as' => 'number', 'whole' => 1, 'maxFraction' => $this->chart->decimals ?? 0]).' %';
    }

    /** On whole px where it would be too long otherwise: of so many points nobody sees more. */
    private static function parsed(string $d): ?PathData
    {
        return $d === '' ? null : PathData::parse(strlen($d) > PathData::MAX_LENGTH ? (string) preg_replace('/\.\d+/', '', $d) : $d);
    }

    /**
     * @param  list<Fill>  $fills
     * @param  list<Stroke>  $strokes
     */
    private function path(string $key, string $name, ?PathData $path, array $fills, array $strokes): void
    {
        $bounds = $path?->bounds();
        if ($path !== null && $bounds !== null) {
            $this->add($key, $name, $bounds, new PathLayer($path->mapped(1, 0, 0, 1, -$bounds->x, -$bounds->y)->text()), $fills, $strokes);
        }
    }

    /** The part of a rectangle that lies in the chart; anything else lies in it as a whole, or is not drawn: the chart is too small for it. */
    private function inside(Box $box, LayerContent $content): ?Box
    {
        $room = $this->box();
        if ($content instanceof BoxLayer) {
            return Box::between(max(0.0, $box->x), max(0.0, $box->y), min($room->width, $box->right()), min($room->height, $box->bottom()));
        }

        return max(-$box->x, -$box->y, $box->right() - $room->width, $box->bottom() - $room->height) > self::SLACK ? null : $box;
    }

    /**
     * @param  list<Fill>  $fills
     * @param  list<Stroke>  $strokes
     */
    private function add(string $key, string $name, Box $box, LayerContent $content, array $fills, array $strokes = [], Corners $corners = new Corners): void
    {
        $box = $this->inside(new Box(round($box->x, 2), round($box->y, 2), round($box->width, 2), round($box->height, 2)), $content);
        if ($box === null) {
            return;
        }
        $this->parts[] = new ChartLayer($this->section, new Layer(
            id: "{$this->layer->id}c{$key}",
            screen: null,
            parent: null,
            rank: sprintf('a%05d', count($this->parts)),
            name: mb_strimwidth($name, 0, 60, '…'),
            box: $box,
            content: $content,
            fills: $fills,
            strokes: $strokes,
            corners: $corners,
        ));
    }
}
