<?php

declare(strict_types=1);

namespace Kindred\Motion\Match;

use Kindred\Document\Address;
use Kindred\Document\Cue\Pair;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;

/**
 * Which layer of the screen that leaves becomes which of the one that arrives: as somebody said; then by where they come from, the same
 * layer or one duplicated from the other; then instances of one component, and in these the same of its layers; then by name and kind.
 * Of several that could be one, those come together that lie nearest, and of those equally near the first; before all others what lies in the
 * copy that was pressed: the card that is opened becomes its page, and not the one above it.
 */
final readonly class Pairs
{
    /** What has only the name of its kind is the same where its middle lies within this share of the screen. */
    private const NEAR = 0.25;

    /**
     * @param  list<Paired>  $all  in the painting order of what arrives
     * @param  list<string>  $pressed  the copies in which a press was, the outermost first
     */
    private function __construct(public array $all, private array $pressed = [])
    {
    }

    /**
     * @param  list<Pair>  $said
     * @param  Address|null  $pressed  the place in an array or instance of the screen that leaves that was pressed
     */
    public static function of(Cast $from, Cast $to, array $said = [], ?Address $pressed = null): self
    {
        $finding = new self([], $pressed === null ? [] : $pressed->copies);
        $left = $from->byAddress();
        $right = $to->byAddress();
        $pairs = [];
        $join = function (Actor $one, Actor $other, By $by, int $delay = 0) use (&$left, &$right, &$pairs): void {
            unset($left[$one->address], $right[$other->address]);
            $pairs[] = new Paired($one, $other, $by, $delay);
        };
        $apart = [];
        foreach ($said as $one) {
            [$first, $second] = [$left[$one->from] ?? null, $right[$one->to] ?? null];
            if ($first !== null && $second !== null) {
                $join($first, $second, By::Hand, $one->delay);
            } elseif ($one->from === '' xor $one->to === '') {
                $apart[] = $one;
            }
        }
        foreach ($apart as $one) {
            unset($left[$one->from], $right[$one->to]);
        }
        $scale = hypot($to->screen->box->width, $to->screen->view);
        $finding->match($left, $right, self::lineage(...), By::Lineage, $join);
        $finding->match($left, $right, fn (Actor $one): ?string => $one->layer->component() === null ? null : "of {$one->layer->component()}", By::Component, $join);
        $inside = fn (bool $there): \Closure => fn (Actor $one): ?string => self::slot($one, $pairs, $there);
        $finding->match($left, $right, $inside(false), By::Component, $join, $inside(true));
        $finding->match($left, $right, self::named(...), By::Name, $join);
        $finding->match($left, $right, self::unnamed(...), By::Place, $join, max: self::NEAR * $scale);
        usort($pairs, fn (Paired $a, Paired $b): int => $a->to->order <=> $b->to->order);

        return new self($pairs);
    }

    /**
     * @param  array<string, Actor>  $left
     * @param  array<string, Actor>  $right
     * @param  \Closure(Actor): (string|null)  $key  by which they are the same; null for what has none
     * @param  \Closure(Actor, Actor, By): void  $join
     * @param  (\Closure(Actor): (string|null))|null  $there  the key of those on the right; null for the same
     * @param  float  $max  px between their middles at most
     */
    private function match(array $left, array $right, \Closure $key, By $by, \Closure $join, ?\Closure $there = null, float $max = INF): void
    {
        $first = $second = [];
        foreach ($left as $one) {
            $first[$key($one) ?? ''][] = $one;
        }
        foreach ($right as $one) {
            $second[($there ?? $key)($one) ?? ''][] = $one;
        }
        unset($first[''], $second['']);
        foreach (array_intersect_key($first, $second) as $name => $some) {
            foreach ($this->nearest($some, $second[$name], $max) as [$one, $other]) {
                $join($one, $other, $by);
            }
        }
    }

    /**
     * @param  list<Actor>  $some
     * @param  list<Actor>  $others
     * @return list<array{Actor, Actor}>
     */
    private function nearest(array $some, array $others, float $max): array
    {
        if (count($some) === 1 && count($others) === 1 && $max === INF) {
            return [[$some[0], $others[0]]];
        }
        $ways = [];
        foreach ($some as $i => $one) {
            foreach ($others as $j => $other) {
                // The size counts as much as the place: a small picture becomes the other small one.
                $far = hypot($one->centre->x - $other->centre->x, $one->centre->y - $other->centre->y);
                $unlike = abs($one->layer->box->width - $other->layer->box->width) + abs($one->layer->box->height - $other->layer->box->height);
                if ($far <= $max) {
                    $ways[] = [$this->isPressed($one) ? 0 : 1, $far + $unlike, $i + $j, $i, $j];
                }
            }
        }
        sort($ways);
        [$taken, $given, $pairs] = [[], [], []];
        foreach ($ways as [, , , $i, $j]) {
            if (! isset($taken[$i]) && ! isset($given[$j])) {
                $taken[$i] = $given[$j] = true;
                $pairs[] = [$some[$i], $others[$j]];
            }
        }

        return $pairs;
    }

    private function isPressed(Actor $one): bool
    {
        return $this->pressed !== [] && array_slice(Address::of($one->address)->copies, 0, count($this->pressed)) === $this->pressed;
    }

    /** The layer that it comes from, within the copy that shows it. */
    private static function lineage(Actor $one): ?string
    {
        return Address::of($one->address)->copies === [] ? $one->layer->descent() : null;
    }

    /**
     * What it is in the instance or array that shows it, where that is paired: the same place in the other.
     *
     * @param  list<Paired>  $pairs
     */
    private static function slot(Actor $one, array $pairs, bool $there): ?string
    {
        for ($around = $one->parent; $around !== null; $around = $around->parent) {
            if (! $around->layer->content instanceof Expanding) {
                continue;
            }
            foreach ($pairs as $i => $pair) {
                if (($there ? $pair->to : $pair->from) === $around) {
                    $depth = count(Address::of($around->address)->copies);
                    $copies = array_slice(Address::of($one->address)->copies, $depth + ($around->layer->component() === null ? 0 : 1));

                    return "{$i} ".implode('.', [...$copies, $one->layer->id]);
                }
            }
        }

        return null;
    }

    /** Its name, of its kind; of words what they say. */
    private static function named(Actor $one): ?string
    {
        $content = $one->layer->content;
        $kind = self::kindOf($one);
        if ($content instanceof Text) {
            return "{$kind} ".mb_strtolower(trim($content->words));
        }
        if ($content instanceof Widget && $content->label !== '') {
            return "{$kind} {$content->label}";
        }

        return self::hasName($one) ? "{$kind} ".mb_strtolower($one->layer->name) : null;
    }

    private static function unnamed(Actor $one): ?string
    {
        return self::hasName($one) || $one->layer->content instanceof Text ? null : self::kindOf($one);
    }

    /** Whether it is called something else than its kind and a number. */
    private static function hasName(Actor $one): bool
    {
        return ! in_array(preg_replace('/ \d+$/', '', $one->layer->name), [ucfirst($one->layer->kind()), ''], true);
    }

    private static function kindOf(Actor $one): string
    {
        $content = $one->layer->content;

        return $content instanceof Widget ? "widget {$content->widget}" : $one->layer->kind();
    }
}
