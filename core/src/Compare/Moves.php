<?php

declare(strict_types=1);

namespace Kindred\Compare;

use Kindred\Document\Bounds;
use Kindred\Document\Layer;
use Kindred\Document\Place;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Geometry\Number;
use Kindred\Geometry\Point;

/**
 * Which layers stand elsewhere, told by what they passed rather than by how far.
 *
 * Of the layers that lie beside each other in both trees, those that keep their order of reading are found as the heaviest
 * increasing subsequence; the others moved. What kept its order and place among the others but not its distance has shifted.
 */
final readonly class Moves
{
    /** px that count as nothing. */
    private const SLOP = 1.0;

    /**
     * @param  array<string, string>  $clauses  by layer
     * @param  list<array{string, list<string>}>  $shifts
     */
    private function __construct(private array $clauses, private array $shifts)
    {
    }

    public static function between(Tree $before, Tree $after): self
    {
        $clauses = $shifts = [];
        $places = [];
        foreach ($before->layers as $id => $layer) {
            $now = $after->layers[$id] ?? null;
            if ($now === null || $layer->hidden || $now->hidden) {
                continue;
            }
            if ($now->parent === $layer->parent) {
                $places[Place::of($layer)->key()][] = $layer;
            } else {
                $clauses[$id] = $now->parent === null
                    ? 'moved out of '.Naming::of($before->layer((string) $layer->parent))
                    : 'moved into '.Naming::of($after->layer($now->parent));
            }
        }
        foreach ($places as $layers) {
            [$more, $shifted] = self::among($layers, $before, $after);
            $clauses += $more;
            array_push($shifts, ...$shifted);
        }

        return new self($clauses, $shifts);
    }

    public function clause(string $layer): ?string
    {
        return $this->clauses[$layer] ?? null;
    }

    /** @return list<array{string, list<string>}> sentences, with the layers that they are about */
    public function shifts(): array
    {
        return $this->shifts;
    }

    /**
     * @param  list<Layer>  $layers
     * @return array{array<string, string>, list<array{string, list<string>}>}
     */
    private static function among(array $layers, Tree $before, Tree $after): array
    {
        $old = self::inReadingOrder($layers, fn (Layer $layer): Box => $layer->bounds());
        $new = self::inReadingOrder($layers, fn (Layer $layer): Box => $after->layer($layer->id)->bounds());
        $was = array_flip(array_map(fn (Layer $layer): string => $layer->id, $old));
        $kept = self::kept($new, $was, $after);
        $clauses = [];
        foreach ($new as $at => $layer) {
            if (! isset($kept[$layer->id])) {
                $clauses[$layer->id] = self::passing($layer, $at, $new, $was, $kept, $after);
            }
        }
        $parent = $layers[0]->parent;
        $laid = $parent !== null && $before->layer($parent)->lays($layers[0]);

        return [$clauses, $laid ? [] : self::shifted(array_values(array_filter($old, fn (Layer $layer): bool => isset($kept[$layer->id]))), $before, $after)];
    }

    /**
     * @param  list<Layer>  $layers
     * @param  \Closure(Layer): Box  $box
     * @return list<Layer>
     */
    private static function inReadingOrder(array $layers, \Closure $box): array
    {
        usort($layers, fn (Layer $a, Layer $b): int => [$box($a)->y, $box($a)->x, $a->id] <=> [$box($b)->y, $box($b)->x, $b->id]);
        $rows = [];
        foreach ($layers as $layer) {
            $row = count($rows) - 1;
            if ($row < 0 || $box($layer)->centre()->y >= $box($rows[$row][0])->bottom()) {
                $rows[++$row] = [];
            }
            $rows[$row][] = $layer;
        }
        foreach ($rows as &$row) {
            usort($row, fn (Layer $a, Layer $b): int => [$box($a)->x, $box($a)->y, $a->id] <=> [$box($b)->x, $box($b)->y, $b->id]);
        }

        return array_merge(...array_values($rows));
    }

    /**
     * The layers that keep their order: what has not moved at all weighs most, and of two that changed places the larger moved.
     *
     * @param  list<Layer>  $new
     * @param  array<string, int>  $was  places in the old order
     * @return array<string, true>
     */
    private static function kept(array $new, array $was, Tree $after): array
    {
        $best = $from = [];
        foreach ($new as $i => $layer) {
            $box = $after->layer($layer->id)->bounds();
            $still = abs($box->x - $layer->bounds()->x) < self::SLOP && abs($box->y - $layer->bounds()->y) < self::SLOP;
            $best[$i] = ($still ? 3.0 : 1.0) + 1 / (2 + $box->width * $box->height);
            $own = $best[$i];
            $from[$i] = null;
            for ($j = 0; $j < $i; $j++) {
                if ($was[$new[$j]->id] < $was[$layer->id] && $best[$i] < $best[$j] + $own) {
                    $best[$i] = $best[$j] + $own;
                    $from[$i] = $j;
                }
            }
        }
        $kept = [];
        arsort($best);
        for ($i = array_key_first($best); $i !== null; $i = $from[$i]) {
            $kept[$new[$i]->id] = true;
        }

        return $kept;
    }

    /**
     * @param  list<Layer>  $new
     * @param  array<string, int>  $was
     * @param  array<string, true>  $kept
     */
    private static function passing(Layer $layer, int $at, array $new, array $was, array $kept, Tree $after): string
    {
        $passed = null;
        $forward = false;
        foreach ($new as $i => $other) {
            if (! isset($kept[$other->id])) {
                continue;
            }
            // Moved up it has passed the layer now after it, moved down the one now before it.
            if ($i > $at && $was[$other->id] < $was[$layer->id]) {
                $passed ??= $other;
                break;
            }
            if ($i < $at && $was[$other->id] > $was[$layer->id]) {
                $passed = $other;
                $forward = true;
            }
        }
        if ($passed === null) {
            return 'moved';
        }
        $here = $after->layer($layer->id)->bounds();
        $there = $after->layer($passed->id)->bounds();
        $beside = $here->y < $there->bottom() - self::SLOP && $there->y < $here->bottom() - self::SLOP;
        $across = $here->x < $there->right() - self::SLOP && $there->x < $here->right() - self::SLOP;

        return 'moved '.match (true) {
            $beside && $across => 'onto ',
            $beside && $forward => 'to the right of ',
            $beside => 'to the left of ',
            $forward => 'below ',
            default => 'above ',
        }.Naming::of($passed);
    }

    /**
     * @param  list<Layer>  $layers  in their order of reading
     * @return list<array{string, list<string>}>
     */
    private static function shifted(array $layers, Tree $before, Tree $after): array
    {
        $by = [];
        $parent = $layers === [] || $layers[0]->parent === null ? null : $before->layer($layers[0]->parent);
        $with = $parent === null ? [0.0, 0.0] : self::motion($parent, $before, $after);
        foreach ($layers as $layer) {
            $now = $after->layer($layer->id)->bounds();
            [$dx, $dy] = array_map(fn (float $own, float $carried): float => $own - $carried, self::motion($layer, $before, $after), $with);
            // What grows to the left, or to both sides, has not moved.
            $wider = $now->width - $layer->bounds()->width;
            $grew = abs($wider) >= self::SLOP && (abs($dx + $wider) < self::SLOP || abs($dx + $wider / 2) < self::SLOP || ($dx < 0 && $dx + $wider > 0));
            $dx = $grew && ! $layer->isGroup() ? 0.0 : $dx;
            if (abs($dx) >= self::SLOP || abs($dy) >= self::SLOP) {
                $by["{$dx} {$dy}"][] = $layer;
            }
        }
        $out = [];
        foreach ($by as $shift => $group) {
            [$dx, $dy] = array_map(floatval(...), explode(' ', $shift));
            $how = Naming::list(array_values(array_filter([
                $dy === 0.0 ? '' : Number::text(abs($dy)).' px '.($dy > 0 ? 'down' : 'up'),
                $dx === 0.0 ? '' : Number::text(abs($dx)).' px to the '.($dx > 0 ? 'right' : 'left'),
            ], fn (string $one): bool => $one !== '')));
            $ids = array_map(fn (Layer $layer): string => $layer->id, $group);
            $tail = array_slice($layers, -count($group));
            $out[] = [match (true) {
                count($group) > 2 && $tail === $group && count($group) < count($layers) => Naming::sentence(Naming::of($group[0]).' and all below', ["moved {$how}"]),
                count($group) > 3 => Naming::sentence(Naming::number(count($group)).' things', ["moved {$how}"]),
                default => Naming::sentence(Naming::list(array_map(Naming::of(...), $group)), ["moved {$how}"]),
            }, $ids];
        }

        return $out;
    }

    /**
     * How far a layer has moved on its screen, px. A group moves as most of what lies in it does, for its frame follows
     * its content; what is turned, by its middle.
     *
     * @return array{float, float}
     */
    private static function motion(Layer $layer, Tree $before, Tree $after): array
    {
        $now = $after->layer($layer->id);
        $votes = [];
        foreach ($layer->isGroup() ? $before->children(new Place($layer->screen, $layer->id)) : [] as $child) {
            $same = $after->layers[$child->id] ?? null;
            if ($same !== null && $same->parent === $layer->id && ! $child->hidden && ! $same->hidden) {
                $votes[] = self::motion($child, $before, $after);
            }
        }
        if ($votes !== []) {
            $count = fn (array $vote): int => count(array_keys($votes, $vote, true));
            usort($votes, fn (array $a, array $b): int => [$count($b), abs($a[0]) + abs($a[1])] <=> [$count($a), abs($b[0]) + abs($b[1])]);

            return $votes[0];
        }
        [$old, $new] = [Bounds::of($before, $layer), Bounds::of($after, $now)];
        [$from, $to] = $layer->rotation === $now->rotation ? [new Point($old->x, $old->y), new Point($new->x, $new->y)] : [$old->centre(), $new->centre()];

        return [round($to->x - $from->x), round($to->y - $from->y)];
    }
}
