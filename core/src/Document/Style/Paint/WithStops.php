<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Paint;

use Kindred\Geometry\Number;
use Kindred\Geometry\Point;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;
use Kindred\Paint\Interpolation;
use Kindred\Paint\Oklab;
use Kindred\Paint\Ramp;

/** What gradients have in common: their stops, and the space in which the colours between them are mixed. */
trait WithStops
{
    /** Without stops it runs from white to something darker, with one it is that colour throughout. */
    public static function read(Reader $in): static
    {
        $read = self::of($in);
        $stops = $read->stops;

        return match (count($stops)) {
            0 => $read->with(stops: self::stopsOf(Colour::rgb(255, 255, 255))),
            1 => $read->with(stops: [$stops[0], $stops[0]->with(at: max($stops[0]->at, 1.0), hint: null)]),
            default => $read,
        };
    }

    public static function instead(Paint $of): static
    {
        return $of instanceof Gradient ? (new static)->with(stops: $of->stops, space: $of->space, repeats: $of->repeats) : new static(stops: self::stopsOf($of->colour())); // @phpstan-ignore-line all gradients have these
    }

    public function stops(): array
    {
        return $this->stops;
    }

    public function ramp(): Ramp
    {
        return Ramp::of(array_map(
            fn (Stop $stop): array => ['at' => $stop->at, 'colour' => $stop->colour, 'hint' => $stop->hint],
            $this->stops === [] ? self::stopsOf(Colour::rgb(255, 255, 255)) : $this->stops,
        ), $this->space);
    }

    public function space(): Interpolation
    {
        return $this->space;
    }

    public function repeats(): bool
    {
        return $this->repeats;
    }

    public function colourAt(Point $point, float $width, float $height): Colour
    {
        $ramp = $this->ramp();
        $place = $this->place($point, $width, $height);
        $period = $ramp->end() - $ramp->start();
        if ($this->repeats && $period > 0) {
            $place -= floor(($place - $ramp->start()) / $period) * $period;
        }

        return Colour::ofSrgb(...$ramp->at($place));
    }

    public function colour(): Colour
    {
        return $this->ramp()->mean();
    }

    public function reversed(): static
    {
        $stops = array_reverse($this->stops);
        if ($stops === []) {
            return $this;
        }
        $sum = $stops[0]->at + $stops[count($stops) - 1]->at;
        $turned = [];
        foreach ($stops as $i => $stop) {
            $hint = ($stops[$i + 1] ?? null)?->hint;
            $turned[] = $stop->with(at: $sum - $stop->at, hint: $hint === null ? null : $sum - $hint);
        }

        return $this->with(stops: $turned);
    }

    public function recoloured(\Closure $colour): static
    {
        return $this->with(stops: array_map(fn (Stop $stop): Stop => $stop->with(colour: $colour($stop->colour)), $this->stops));
    }

    public function evened(): static
    {
        $last = count($this->stops) - 1;
        [$from, $to] = [$this->ramp()->start(), $this->ramp()->end()];

        return $this->with(stops: array_map(
            fn (Stop $stop, int $i): Stop => $stop->with(at: round($from + ($to - $from) * $i / max(1, $last), 6), hint: null),
            $this->stops, array_keys($this->stops),
        ));
    }

    public function withMore(?float $at = null): static
    {
        if (count($this->stops) < 2 || count($this->stops) >= self::MAX) {
            return $this;
        }
        $at = round($at ?? $this->widest(), 6);
        $colour = Colour::ofSrgb(...$this->ramp()->at($at));
        $before = array_values(array_filter($this->stops, fn (Stop $stop): bool => $stop->at <= $at));
        $after = array_slice($this->stops, count($before));

        return $this->with(stops: [...$before, new Stop($colour, $at), ...$after]);
    }

    /** The middle of the widest gap between two stops. */
    private function widest(): float
    {
        [$widest, $middle] = [-1.0, 0.0];
        foreach (array_slice($this->stops, 1) as $i => $stop) {
            $room = $stop->at - $this->stops[$i]->at;
            [$widest, $middle] = $room > $widest ? [$room, $this->stops[$i]->at + $room / 2] : [$widest, $middle];
        }

        return $middle;
    }

    public function without(int $stop): static
    {
        $stops = $this->stops;
        if (count($stops) > 2) {
            array_splice($stops, $stop, 1);
        }

        return $this->with(stops: $stops);
    }

    public function css(?float $width = null): string
    {
        $name = ($this->repeats ? 'repeating-' : '').self::kind().'-gradient';
        $head = trim($this->line($width).($this->space === Interpolation::Srgb ? '' : " in {$this->space->value}"));
        $stops = [];
        foreach ($this->stops as $i => $stop) {
            $stops[] = $stop->colour->toHex().' '.self::percent($stop->at);
            if ($stop->hint !== null && isset($this->stops[$i + 1])) {
                $stops[] = self::percent($stop->hint);
            }
        }

        return "{$name}(".implode(', ', [...($head === '' ? [] : [$head]), ...$stops]).')';
    }

    /** How CSS says where it runs, before its stops; empty where that is as usual. */
    abstract private function line(?float $width): string;

    private static function percent(float $share): string
    {
        return Number::text($share * 100).'%';
    }

    /** @return non-empty-list<Stop> from a colour to one that goes with it: lighter, or darker where it is light */
    private static function stopsOf(Colour $colour): array
    {
        $seen = Oklab::of($colour);
        $lightness = $seen->lightness > 0.6 ? $seen->lightness - 0.25 : $seen->lightness + 0.25;

        return [new Stop($colour, 0), new Stop((new Oklab($lightness, $seen->a, $seen->b))->colour()->withAlpha($colour->alpha), 1)];
    }
}
