<?php

declare(strict_types=1);

namespace Kindred\Flow\Map;

use Kindred\Document\Screen;
use Kindred\Geometry\Number;
use Kindred\Render\Svg;

/**
 * The flow of a project as a picture: a card for each screen, in columns by the fewest steps from where people begin, and threads between
 * them. As a site map it has of all threads those only by which each screen is first come to.
 */
final class Drawing
{
    /** px: a card as wide as its picture at most, and as high. */
    private const WIDE = 128.0;

    private const HIGH = 190.0;

    /** Under the picture, for the name. */
    private const FOOT = 22.0;

    /** Between two columns. */
    private const GAP = 104.0;

    /** Above all columns, for what they are. */
    private const HEAD = 40.0;

    private const MARGIN = 24.0;

    private const INK = '#1e2223';

    private const ASH = '#5c6263';

    private const CLAY = '#b4472e';

    private readonly Layered $layout;

    /** @var array<string, int> */
    private readonly array $columns;

    /** @var array<string, list<Step>> by "from>to" */
    private readonly array $ways;

    /** @var array<string, float> */
    private readonly array $middles;

    /** @param  bool  $tree  whether it is a site map */
    public function __construct(private readonly Graph $graph, bool $tree = false)
    {
        [$this->columns, $first] = $graph->counted($graph->beginnings());
        $ways = [];
        foreach ($graph->steps as $step) {
            $shown = $step->to !== null && $step->to !== $step->from && isset($graph->screens[$step->to]);
            if ($shown && ($tree ? ($first[$step->to] ?? null) === $step : ! $step->returns())) {
                $ways["{$step->from}>{$step->to}"][] = $step;
            }
        }
        $this->ways = $ways;
        // In the order in which they are come to, as long as nothing crosses.
        $this->layout = Layered::of(
            $this->columns,
            array_map(fn (Screen $screen): float => self::size($screen)[1] + self::FOOT, $graph->screens),
            array_map(fn (array $steps): array => [$steps[0]->from, $steps[0]->to ?? ''], array_values($ways)),
        );
        $this->middles = $this->layout->middles();
    }

    /** @return list<string> the screens by column, from the top down: the order in which the flow is read */
    public function order(): array
    {
        return array_merge([], ...$this->layout->order());
    }

    /**
     * @param  \Closure(Screen, float, float): string  $picture  draws a screen so wide and high, px: an SVG element
     * @return string an SVG document
     */
    public function svg(\Closure $picture): string
    {
        $count = $this->columns === [] ? 0 : max($this->columns) + 1;
        // Threads within the last column run beside it.
        $width = 2 * self::MARGIN + max(1, $count) * (self::WIDE + self::GAP);
        $bottoms = array_map(fn (string $id): float => $this->middles[$id] + (self::size($this->graph->screens[$id])[1] + self::FOOT) / 2, array_keys($this->graph->screens));
        $height = self::HEAD + 2 * self::MARGIN + max([120.0, ...$bottoms]);

        return Svg::element('svg', ['xmlns' => 'http://www.w3.org/2000/svg', 'width' => $width, 'height' => $height, 'viewBox' => '0 0 '.Number::text($width).' '.Number::text($height), 'font-family' => 'Hanken Grotesk, sans-serif'],
            Svg::element('rect', ['width' => $width, 'height' => $height, 'fill' => '#f8f8f7']),
            $this->heads($count),
            implode('', array_map($this->thread(...), $this->ways)),
            implode('', array_map(fn (Screen $screen): string => $this->card($screen, $picture), $this->graph->screens)));
    }

    /** @return array{float, float} how large a screen is shown, px: all that is seen of it without scrolling */
    private static function size(Screen $screen): array
    {
        $view = $screen->seen();
        $scale = min(self::WIDE / $screen->box->width, self::HIGH / $view);

        return [$screen->box->width * $scale, $view * $scale];
    }

    private function heads(int $count): string
    {
        $out = '';
        for ($column = 0; $column < $count; $column++) {
            $says = $column === 0 ? 'Begins here' : ($column === 1 ? '1 step' : "{$column} steps");
            $out .= Svg::element('text', ['x' => $this->left($column) + self::WIDE / 2, 'y' => self::MARGIN, 'text-anchor' => 'middle', 'font-size' => 12, 'fill' => self::ASH], Svg::text($says));
        }

        return $out;
    }

    private function left(int $column): float
    {
        return self::MARGIN + $column * (self::WIDE + self::GAP);
    }

    /** @return array{float, float, float, float} the picture of a screen: left, top, width and height, px */
    private function place(string $id): array
    {
        [$width, $height] = self::size($this->graph->screens[$id]);

        return [$this->left($this->columns[$id]) + (self::WIDE - $width) / 2, self::HEAD + self::MARGIN + $this->middles[$id] - ($height + self::FOOT) / 2, $width, $height];
    }

    /** @param  \Closure(Screen, float, float): string  $picture */
    private function card(Screen $screen, \Closure $picture): string
    {
        [$left, $top, $width, $height] = $this->place($screen->id);
        $begins = $this->columns[$screen->id] === 0 && $screen->id !== $this->graph->entry;
        $returns = array_filter($this->graph->from[$screen->id], fn (Step $step): bool => $step->returns()) !== [];

        return Svg::element('g', ['data-screen' => $screen->id],
            Svg::element('title', [], Svg::text($screen->name)),
            Svg::element('svg', ['x' => $left, 'y' => $top, 'width' => $width, 'height' => $height, 'viewBox' => '0 0 '.Number::text($width).' '.Number::text($height)], $picture($screen, $width, $height)),
            Svg::element('rect', ['class' => 'card', 'x' => $left, 'y' => $top, 'width' => $width, 'height' => $height, 'fill' => 'none', 'stroke' => $screen->id === $this->graph->entry ? self::INK : ($begins ? self::CLAY : '#b3b7b6'), 'stroke-width' => $screen->id === $this->graph->entry ? 2 : 1, 'stroke-dasharray' => $begins ? '3 3' : null]),
            Svg::element('text', ['x' => $left + $width / 2, 'y' => $top + $height + 15, 'text-anchor' => 'middle', 'font-size' => 12, 'font-weight' => 600, 'fill' => self::INK], Svg::text(self::short($screen->name))),
            ! $returns ? '' : Svg::element('path', ['d' => self::curl($left, $top + 14), 'fill' => 'none', 'stroke' => self::CLAY, 'stroke-width' => 1.2, 'stroke-dasharray' => '4 2']));
    }

    private static function curl(float $x, float $y): string
    {
        return 'M'.Number::text($x).' '.Number::text($y).'c-6 -9 -16 -9 -16 -2c0 6 8 6 8 1';
    }

    private static function short(string $name): string
    {
        return mb_strlen($name) > 22 ? mb_substr($name, 0, 21).'…' : $name;
    }

    /** @param  non-empty-list<Step>  $steps  from one screen to another */
    private function thread(array $steps): string
    {
        [$from, $to] = [$steps[0]->from, (string) $steps[0]->to];
        [$left, $top, $width, $height] = $this->place($from);
        [$otherLeft, $otherTop, $otherWidth, $otherHeight] = $this->place($to);
        $ways = $this->columns[$to] <=> $this->columns[$from];
        $passing = $this->layout->passing($from, $to);
        $points = [[$ways < 0 ? $left : $left + $width, $top + $height / 2 + ($ways < 0 ? 10 : 0)]];
        foreach ($passing as $i => $middle) {
            $column = $this->columns[$from] + $ways * ($i + 1);
            $y = self::HEAD + self::MARGIN + $middle;
            // A thread that passes a column goes level through it.
            $points[] = [$this->left($column) + ($ways < 0 ? self::WIDE : 0), $y];
            $points[] = [$this->left($column) + ($ways < 0 ? 0 : self::WIDE), $y];
        }
        $points[] = [$ways > 0 ? $otherLeft : $otherLeft + $otherWidth, $otherTop + $otherHeight / 2 + ($ways < 0 ? 10 : 0)];
        $n = fn (float $x, float $y): string => Number::text(round($x, 1)).' '.Number::text(round($y, 1));
        $d = 'M'.$n(...$points[0]);
        for ($i = 1; $i < count($points); $i++) {
            [[$x1, $y1], [$x2, $y2]] = [$points[$i - 1], $points[$i]];
            $reach = $ways === 0 ? 40 + abs($y2 - $y1) * 0.08 : ($x2 - $x1) / 2;
            $d .= 'C'.$n($x1 + $reach, $y1).' '.$n($ways === 0 ? $x2 + $reach : $x2 - $reach, $y2).' '.$n($x2, $y2);
        }
        [$x, $y] = $points[count($points) - 1];
        $sign = $ways > 0 ? -1 : 1;
        $over = $steps[0]->laysOver();

        return Svg::element('g', ['data-from' => $from, 'data-to' => $to, 'opacity' => $ways < 0 ? 0.5 : null],
            Svg::element('title', [], Svg::text($this->says($steps))),
            Svg::element('path', ['d' => $d, 'fill' => 'none', 'stroke' => self::CLAY, 'stroke-width' => count($steps) > 1 ? 2 : 1.3, 'stroke-dasharray' => $over ? '2 3' : '6 3']),
            Svg::element('path', ['d' => 'M'.$n($x, $y).'L'.$n($x + $sign * 9, $y - 3).'L'.$n($x + $sign * 9, $y + 3).'Z', 'fill' => self::CLAY]));
    }

    /** @param  non-empty-list<Step>  $steps */
    private function says(array $steps): string
    {
        $named = fn (string $words): string => (string) preg_replace_callback('/\{([a-z0-9]+)\}/', fn (array $match): string => $this->graph->screens[$match[1]]->name ?? 'a deleted screen', $words);
        $lines = array_unique(array_map(fn (Step $step): string => "{$step->called}. {$named($step->said())}", $steps));

        return $this->graph->screens[$steps[0]->from]->name.' to '.$this->graph->screens[(string) $steps[0]->to]->name."\n".implode("\n", array_slice($lines, 0, 6)).(count($lines) > 6 ? "\nand ".(count($lines) - 6).' more' : '');
    }
}
