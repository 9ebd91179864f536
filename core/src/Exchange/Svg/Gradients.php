<?php

declare(strict_types=1);

namespace Kindred\Exchange\Svg;

use Kindred\Document\Style\Paint\Extent;
use Kindred\Document\Style\Paint\Gradient;
use Kindred\Document\Style\Paint\LinearGradient;
use Kindred\Document\Style\Paint\Paint;
use Kindred\Document\Style\Paint\RadialGradient;
use Kindred\Document\Style\Paint\Solid;
use Kindred\Document\Style\Paint\Stop;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;
use Kindred\Paint\Colour;

/** The gradients of a drawing (SVG 2, section 14.2) as those of the box that they fill. */
final readonly class Gradients
{
    /** One may take what it does not say from another, and so on. */
    private const CHAIN = 8;

    /** @param  array<string, \DOMElement>  $named  elements by their ids */
    public function __construct(private array $named, private StyleSheet $rules)
    {
    }

    /**
     * @param  Box  $around  of what is painted, in its user space
     * @param  Matrix  $matrix  from there to px
     * @param  Box  $box  of the layer, px
     * @param  list<string>  $left  what cannot be kept, added to: what one is, then what several are
     * @return Paint|null null where there is no such gradient
     */
    public function paint(string $id, Box $around, Matrix $matrix, Box $box, array &$left): ?Paint
    {
        $element = $this->named[$id] ?? null;
        if ($element === null || ! in_array($element->localName, ['linearGradient', 'radialGradient'], true)) {
            return null;
        }
        $chain = $this->chain($element);
        $stops = $this->stops($chain);
        if (count($stops) < 2) {
            return new Solid($stops === [] ? Colour::parse('#00000000') : $stops[0]->colour);
        }
        $ofBox = $this->said($chain, 'gradientUnits') !== 'userSpaceOnUse';
        $space = $ofBox ? new Matrix($around->width, 0, 0, $around->height, $around->x, $around->y) : new Matrix;
        $to = (new Matrix(e: -$box->x, f: -$box->y))->times($matrix)->times($space)->times(Matrix::parse($this->said($chain, 'gradientTransform')));
        $number = fn (string $name, float $otherwise): float => $this->length($this->said($chain, $name), $otherwise, $ofBox);
        $spread = $this->said($chain, 'spreadMethod');
        $repeats = $spread === 'repeat' || $spread === 'reflect';
        $stops = self::mixed($repeats ? self::whole($stops) : $stops, $spread === 'reflect' ? intdiv(Gradient::MAX, 2) : Gradient::MAX, $left);
        if ($spread === 'reflect') {
            $stops = self::mirrored($stops);
        }
        $half = $spread === 'reflect' ? 2.0 : 1.0;
        $gradient = $element->localName === 'linearGradient'
            ? self::linear($to, new Point($number('x1', 0), $number('y1', 0)), new Point($number('x2', $ofBox ? 1 : 0), $number('y2', 0)), $half, $stops, $box)
            : self::radial($to, new Point($number('cx', $ofBox ? 0.5 : 0), $number('cy', $ofBox ? 0.5 : 0)), $number('r', $ofBox ? 0.5 : 0), $half, $stops, $box, $left);
        if ($this->said($chain, 'fx') !== '' || $this->said($chain, 'fy') !== '') {
            $left[] = 'focal point of a gradient was left out|focal points of gradients were left out';
        }

        return $gradient->with(repeats: $repeats);
    }

    /** @return non-empty-list<\DOMElement> a gradient, and those that say what it does not say */
    private function chain(\DOMElement $element): array
    {
        $chain = [$element];
        for ($i = 0; $i < self::CHAIN; $i++) {
            $last = $chain[count($chain) - 1];
            $href = ltrim($last->getAttribute('href') !== '' ? $last->getAttribute('href') : $last->getAttribute('xlink:href'), '#');
            $next = $this->named[$href] ?? null;
            if ($next === null || in_array($next, $chain, true)) {
                break;
            }
            $chain[] = $next;
        }

        return $chain;
    }

    /** @param  non-empty-list<\DOMElement>  $chain */
    private function said(array $chain, string $name): string
    {
        foreach ($chain as $element) {
            if ($element->hasAttribute($name)) {
                return trim($element->getAttribute($name));
            }
        }

        return '';
    }

    private function length(string $text, float $otherwise, bool $share): float
    {
        $number = (float) $text;

        return ! is_numeric(rtrim($text, 'px%')) || abs($number) > 1e7 ? $otherwise : (str_ends_with($text, '%') ? $number / 100 * ($share ? 1 : 100) : $number);
    }

    /**
     * @param  non-empty-list<\DOMElement>  $chain
     * @return list<Stop>
     */
    private function stops(array $chain): array
    {
        foreach ($chain as $element) {
            $stops = [];
            $last = 0.0;
            foreach ($element->childNodes as $stop) {
                if ($stop instanceof \DOMElement && $stop->localName === 'stop') {
                    $style = Style::initial()->of($stop, $this->rules);
                    $last = max($last, min(1.0, $this->length(trim($stop->getAttribute('offset')), 0, true)));
                    $stops[] = new Stop($this->colour($style), round($last, 5));
                }
            }
            if ($stops !== []) {
                return $stops;
            }
        }

        return [];
    }

    private function colour(Style $style): Colour
    {
        try {
            $colour = $style->paint('stop-color', 'black');
        } catch (InvalidInput) {
            $colour = null;
        }

        return ($colour instanceof Colour ? $colour : Colour::rgb(0, 0, 0))->withAlpha(($colour instanceof Colour ? $colour->alpha : ($colour === null ? 0.0 : 1.0)) * max(0.0, min(1.0, $style->number('stop-opacity', 1))));
    }

    /**
     * What repeats does so from end to end, and not from its first stop to its last.
     *
     * @param  non-empty-list<Stop>  $stops
     * @return non-empty-list<Stop>
     */
    private static function whole(array $stops): array
    {
        $last = $stops[count($stops) - 1];

        return [...($stops[0]->at > 0 ? [$stops[0]->with(at: 0.0)] : []), ...$stops, ...($last->at < 1 ? [$last->with(at: 1.0)] : [])];
    }

    /**
     * SVG mixes colours and alpha each for itself, CSS colours by their alpha: where alpha changes, stops between say how it is mixed.
     *
     * @param  non-empty-list<Stop>  $stops
     * @param  int  $max  so many at most
     * @param  list<string>  $left
     * @return non-empty-list<Stop>
     */
    private static function mixed(array $stops, int $max, array &$left): array
    {
        if (count($stops) > $max) {
            $left[] = 'gradient has lost some of its stops|gradients have lost some of their stops';
            $stops = array_map(fn (int $i): Stop => $stops[(int) round($i * (count($stops) - 1) / ($max - 1))], range(0, $max - 1));
        }
        $changing = array_filter(array_slice($stops, 1), fn (Stop $stop, int $i): bool => $stop->colour->alpha !== $stops[$i]->colour->alpha, ARRAY_FILTER_USE_BOTH);
        $between = $changing === [] ? 0 : min(5, intdiv($max - count($stops), count($changing)));
        $mixed = [$stops[0]];
        foreach (array_slice($stops, 1) as $i => $stop) {
            $before = $stops[$i];
            for ($k = 1; isset($changing[$i]) && $k <= $between; $k++) {
                $t = $k / ($between + 1);
                $at = fn (float $a, float $b): float => $a + ($b - $a) * $t;
                [$a, $b] = [$before->colour, $stop->colour];
                $mixed[] = new Stop(Colour::rgb((int) round($at($a->red, $b->red)), (int) round($at($a->green, $b->green)), (int) round($at($a->blue, $b->blue)), $at($a->alpha, $b->alpha)), round($at($before->at, $stop->at), 5));
            }
            $mixed[] = $stop;
        }

        return $mixed;
    }

    /**
     * There and back again, on a line twice as long.
     *
     * @param  list<Stop>  $stops
     * @return list<Stop>
     */
    private static function mirrored(array $stops): array
    {
        $there = array_map(fn (Stop $stop): Stop => $stop->with(at: $stop->at / 2), $stops);

        return [...$there, ...array_map(fn (Stop $stop): Stop => $stop->with(at: 1 - $stop->at), array_reverse($there))];
    }

    /**
     * The colours of a line lie square to it, also where it is slanted: so its end lies where it meets the slanted colours.
     *
     * @param  list<Stop>  $stops
     */
    private static function linear(Matrix $to, Point $from, Point $end, float $times, array $stops, Box $box): LinearGradient
    {
        $end = new Point($from->x + ($end->x - $from->x) * $times, $from->y + ($end->y - $from->y) * $times);
        [$start, $last] = [$to->map($from), $to->map($end)];
        $along = $to->map(new Point($from->x - ($end->y - $from->y), $from->y + ($end->x - $from->x)))->minus($start);
        $length = hypot($along->x, $along->y);
        if ($length > 1e-9) {
            [$x, $y] = [-$along->y / $length, $along->x / $length];
            $reach = ($last->x - $start->x) * $x + ($last->y - $start->y) * $y;
            $last = new Point($start->x + $x * $reach, $start->y + $y * $reach);
        }
        // Along a line from 0 to 1, whatever the stops.
        $whole = [new Stop(Colour::rgb(0, 0, 0), 0), new Stop(Colour::rgb(0, 0, 0), 1)];
        $line = (new LinearGradient(stops: $whole))->along($start, $last, null, $box->width, $box->height);
        [$a, $b] = [$line->stops[0]->at, $line->stops[1]->at];

        return $line->with(stops: array_map(fn (Stop $stop): Stop => $stop->with(at: round($a + ($b - $a) * $stop->at, 4)), $stops));
    }

    /**
     * @param  list<Stop>  $stops
     * @param  list<string>  $left
     */
    private static function radial(Matrix $to, Point $centre, float $radius, float $times, array $stops, Box $box, array &$left): RadialGradient
    {
        $middle = $to->map($centre);
        $radius *= $times;
        // How far the circle reaches across and down once it has been mapped.
        [$across, $down] = [$radius * hypot($to->a, $to->c), $radius * hypot($to->b, $to->d)];
        if (abs($to->a * $to->b + $to->c * $to->d) > 1e-6 * max(1e-9, $across * $down / max(1e-9, $radius ** 2))) {
            $left[] = 'turned gradient was set upright|turned gradients were set upright';
        }
        $share = fn (float $length, float $of, float $max): float => $of <= 0 ? 0.0 : round(max(-$max, min($max, $length / $of)), 5);

        return new RadialGradient($share($middle->x, $box->width, 10), $share($middle->y, $box->height, 10), Extent::Own, false, $share($across, $box->width, 20), $share($down, $box->height, 20), $stops);
    }
}
