<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Document\Layer\Chart;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Paint\Colour;
use Kindred\Paint\Oklab;

/**
 * What the eye meets first on a screen. Each painted part of a thing pulls by how far its colour is from what lies around it, in OKLab with
 * chroma counted twice, times its painted area to the power 0.35: a contrast between centre and surround (Itti, Koch and Niebur 1998),
 * and area as it is perceived (Stevens 1957). What several parts pull adds as energies do; and a thing counts more whose colour differs from
 * those of all others (global contrast: Cheng et al. 2011). `docs/prominence.md` has it in full.
 */
final class Prominence
{
    /** How area becomes size as it is seen. */
    private const AREA = 0.35;

    /** Chroma weighs so many times as lightness. */
    private const CHROMA = 2.0;

    /** The share of a line of words that is ink, at a weight of 400. */
    private const INK = 0.16;

    /** Of a line of words so many times its size is met at a glance. */
    private const GLANCE = 8.0;

    /** A ground larger than this share of the screen is part of it. */
    private const GROUND = 0.4;

    /** What a picture pulls, whose colours are not known: as a middling contrast. */
    private const PICTURE = 0.45;

    /** px outside of something at which its surroundings are looked at. */
    private const BESIDE = 3.0;

    /** What may stand on a ground. */
    private readonly Near $standing;

    private function __construct(private readonly Scene $scene)
    {
        $this->standing = new Near(array_values(array_filter($scene->seen, self::stands(...))), fn (Placed $one): Box => $one->ink());
    }

    /** @return list<Weighed> the most prominent first */
    public static function of(Scene $scene): array
    {
        $one = new self($scene);
        $weighed = [];
        foreach ($one->things() as $thing) {
            $weighed[] = $one->weighed($thing);
        }
        $weighed = array_values(array_filter($weighed, fn (Weighed $one): bool => $one->pull > 0));
        $colours = [];
        foreach ($weighed as $each) {
            $key = "{$each->colour->lightness} {$each->colour->a} {$each->colour->b}";
            $colours[$key] = [$each->colour, ($colours[$key][1] ?? 0) + 1];
        }
        $colours = array_values($colours);
        $weighed = array_map(fn (Weighed $each): Weighed => $each->among($colours, count($weighed)), $weighed);
        usort($weighed, fn (Weighed $a, Weighed $b): int => $b->prominence() <=> $a->prominence());

        return $weighed;
    }

    /**
     * What is met as one: all in what can be tapped, in an instance or a widget; else words, icons, pictures, and shapes that nothing stands on.
     *
     * @return list<Placed>
     */
    private function things(): array
    {
        $things = [];
        // The next one is the last in the list.
        $open = array_reverse($this->scene->roots);
        while (($one = array_pop($open)) !== null) {
            $content = $one->layer->content;
            if ($one->isTapped() || $content instanceof Widget || $content instanceof Chart || ($content instanceof Instance && $this->share($one) < self::GROUND / 2)) {
                $things[] = $one;
            } elseif ($content instanceof Text || $content instanceof Icon || $content instanceof Picture) {
                $things[] = $one;
            } elseif ($one->children !== []) {
                array_push($open, ...array_reverse($one->children));
            } elseif ($this->share($one) < self::GROUND && ! $this->isGround($one)) {
                $things[] = $one;
            }
        }

        return $things;
    }

    private function weighed(Placed $thing): Weighed
    {
        $energy = $area = $contrast = $chroma = 0.0;
        $strongest = 0.0;
        $main = null;
        $parts = $thing->drawn();
        // Words bring the ground along that they stand on, if it is their own.
        $ground = $thing->layer->content instanceof Text || $thing->layer->content instanceof Icon ? $this->ownGround($thing) : null;
        foreach ($ground === null ? $parts : [$ground, ...$parts] as $part) {
            [$colour, $painted, $around] = $this->part($part);
            if ($colour === null || $painted <= 0) {
                continue;
            }
            [$lab, $surround] = [Oklab::of($colour), Oklab::of($around)];
            $light = $lab->lightness - $surround->lightness;
            $hue = hypot($lab->a - $surround->a, $lab->b - $surround->b) * self::CHROMA;
            $away = $part->layer->content instanceof Picture ? self::PICTURE : hypot($light, $hue);
            $pull = $away * ($painted / $this->whole()) ** self::AREA;
            $energy += $pull ** 2;
            $area += $painted;
            if ($pull > $strongest) {
                [$strongest, $main, $contrast, $chroma] = [$pull, $lab, abs($light), $hue];
            }
        }

        return new Weighed($thing, sqrt($energy), $main ?? Oklab::of(Colour::rgb(128, 128, 128)), $area / $this->whole(), $contrast, $chroma);
    }

    /** @return array{Colour|null, float, Colour} what a part is painted with, how much of it in px², and what lies around it */
    private function part(Placed $part): array
    {
        $layer = $part->layer;
        $colour = $layer->colour() ?? (($stroke = Stroke::seen($layer->strokes)[0] ?? null) === null ? null : $stroke->colour());
        if ($layer->content instanceof Picture) {
            return [Colour::rgb(128, 128, 128), $part->bounds->width * $part->bounds->height, $this->around($part)];
        }
        if ($colour === null || $colour->alpha < 0.05) {
            return [null, 0.0, Colour::rgb(255, 255, 255)];
        }
        $around = $layer->content instanceof Text || $layer->content instanceof Icon ? $this->behind($part) : $this->around($part);
        $area = match (true) {
            $layer->content instanceof Text => $this->words($part, $layer->content),
            $layer->content instanceof Icon => $part->bounds->width * $part->bounds->height * self::INK * 1.5,
            Fill::front($layer->fills) !== null => $part->bounds->width * $part->bounds->height,
            default => 2 * ($part->bounds->width + $part->bounds->height) * (Stroke::seen($layer->strokes)[0]->width ?? 1.0),
        };

        return [$colour->over($around), $area, $around];
    }

    /** The ink of what is met of words at a glance: of their first lines. */
    private function words(Placed $part, Text $text): float
    {
        $size = $text->style->size;
        $widest = max(0.0, ...array_map(fn ($line): float => $line->width, $part->laid->lines ?? []));

        return min($widest, self::GLANCE * $size) * $size * self::INK * ($text->style->weight / 400) ** 0.8 * min(2, max(1, count($part->laid->lines ?? [])));
    }

    private function behind(Placed $part): Colour
    {
        return $this->scene->sampling()->of($part, Colour::rgb(128, 128, 128), [$part->ink()->centre()])[0][0] ?? $this->scene->screen->ground;
    }

    /** The mean of what is seen right beside something. */
    private function around(Placed $part): Colour
    {
        $box = $part->bounds;
        $found = [];
        foreach ([new Point($box->x - self::BESIDE, $box->centre()->y), new Point($box->right() + self::BESIDE, $box->centre()->y), new Point($box->centre()->x, $box->y - self::BESIDE), new Point($box->centre()->x, $box->bottom() + self::BESIDE)] as $point) {
            $found[] = $this->scene->sampling()->ground($point, $part) ?? $this->scene->screen->ground;
        }
        $mean = fn (\Closure $channel): int => (int) round(array_sum(array_map($channel, $found)) / 4);

        return Colour::rgb($mean(fn (Colour $one): int => $one->red), $mean(fn (Colour $one): int => $one->green), $mean(fn (Colour $one): int => $one->blue));
    }

    /** A small shape right under words on which nothing else stands: a chip, a badge. */
    private function ownGround(Placed $thing): ?Placed
    {
        $ground = null;
        foreach ($this->scene->sampling()->inside($thing->parent, $thing->ink()) as $one) {
            if ($one !== $thing && $one->order < $thing->order && $one->children === [] && $one->bounds->contains($thing->ink(), 1.0) && Fill::front($one->layer->fills) !== null && $this->share($one) < 0.05) {
                $ground = $one;
            }
        }

        return $ground;
    }

    /** Whether something stands on it: then that is what is met. */
    private function isGround(Placed $one): bool
    {
        foreach ($this->standing->meeting($one->bounds) as $other) {
            if ($other->order > $one->order && $one->bounds->contains($other->ink())) {
                return true;
            }
        }

        return false;
    }

    private static function stands(Placed $one): bool
    {
        $content = $one->layer->content;

        return $content instanceof Text || $content instanceof Icon || $content instanceof Picture || $content instanceof Widget;
    }

    private function share(Placed $one): float
    {
        return $one->bounds->width * $one->bounds->height / $this->whole();
    }

    /** px² of what the device shows. */
    private function whole(): float
    {
        return max(1.0, $this->scene->screen->box->width * min($this->scene->screen->box->height, $this->scene->screen->view));
    }
}
