<?php

declare(strict_types=1);

namespace Kindred\Compare;

use Kindred\Device\Catalogue;
use Kindred\Document\Bounds;
use Kindred\Document\Change;
use Kindred\Document\Difference;
use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Geometry\Number;
use Kindred\Paint\Oklab;

/** How one take differs from another, in sentences that a designer would say, told from the Difference of the two. */
final readonly class Comparison
{
    /** @param  list<Remark>  $remarks */
    private function __construct(public array $remarks)
    {
    }

    public static function between(Tree $tree, Screen $from, Screen $to): self
    {
        $pairs = Pairs::of($tree, $from, $to);
        $difference = Difference::between($pairs->before, $pairs->after);
        $moves = Moves::between($pairs->before, $pairs->after);
        $remarks = self::ofScreen($from, $to, $tree);
        foreach ($difference->changes as $change) {
            if ($change->entity === Entity::Layer && ! $change->isAddition() && ! $change->isRemoval()) {
                [$clauses, $aspects] = Clauses::of($change, $pairs->before, $pairs->after, $tree);
                $moved = $moves->clause($change->id);
                if ($moved !== null) {
                    $clauses = [$moved, ...$clauses];
                    $aspects[] = Aspect::Order;
                }
                if ($clauses !== []) {
                    $remarks[] = new Remark(Naming::sentence(Naming::of($pairs->before->layer($change->id)), $clauses), self::distinct($aspects), [$change->id], $pairs->there([$change->id]));
                }
            }
        }
        foreach ($moves->shifts() as [$sentence, $ids]) {
            $remarks[] = new Remark($sentence, [Aspect::Layout], $ids, $pairs->there($ids));
        }

        return new self([
            ...$remarks,
            ...self::comings($difference, $pairs, true),
            ...self::comings($difference, $pairs, false),
        ]);
    }

    public function isEmpty(): bool
    {
        return $this->remarks === [];
    }

    /** @return list<Remark> */
    private static function ofScreen(Screen $from, Screen $to, Tree $tree): array
    {
        $clauses = [];
        $longer = $to->box->height - $from->box->height;
        if ($from->device !== $to->device) {
            $clauses[] = 'is made for '.(Catalogue::find($to->device)->name ?? 'a size of its own').' instead of '.(Catalogue::find($from->device)->name ?? 'a size of its own');
        } elseif (abs($longer) >= 1) {
            $clauses[] = 'is '.Number::text(abs($longer)).' px '.($longer > 0 ? 'longer' : 'shorter');
        }
        $grounds = [Oklab::of($from->ground), Oklab::of($to->ground)];
        if ($grounds[0]->distance($grounds[1]) > 0.01) {
            $clauses[] = 'has a background that is '.Clauses::colour($grounds[0], $grounds[1]);
        }
        $leads = Clauses::leads($from->cues, $to->cues, $tree);
        if ($leads !== null) {
            $clauses[] = $leads;
        }

        return $clauses === [] ? [] : [new Remark(Naming::sentence('the screen', $clauses), $from->ground->toHex() === $to->ground->toHex() ? [Aspect::Layout] : [Aspect::Emphasis])];
    }

    /**
     * What came in, or went, by kind.
     *
     * @return list<Remark>
     */
    private static function comings(Difference $difference, Pairs $pairs, bool $came): array
    {
        $tree = $came ? $pairs->after : $pairs->before;
        $ids = array_fill_keys(array_map(
            fn (Change $change): string => $change->id,
            array_filter($difference->changes, fn (Change $change): bool => $change->entity === Entity::Layer && ($came ? $change->isAddition() : $change->isRemoval())),
        ), true);
        $kinds = [];
        foreach (array_keys($ids) as $id) {
            $layer = $tree->layer($id);
            if (! isset($ids[$layer->parent ?? '']) && ! $layer->hidden) {
                $kinds[Naming::kind($layer)][] = $layer;
            }
        }
        $remarks = [];
        foreach ($kinds as $kind => $layers) {
            $names = array_map(Naming::of(...), $layers);
            $there = array_map(fn (Layer $layer): string => $layer->id, $layers);
            $sentence = match (true) {
                count($layers) > 1 => ucfirst(Naming::count(count($layers), $kind)).($came ? ' came in: ' : ' went: ').Naming::list(array_slice($names, 0, 6)).(count($names) > 6 ? ' and more' : '').'.',
                $came => Naming::sentence($names[0], ['came in'.self::whereabouts($layers[0], $tree, $ids)]),
                default => Naming::sentence($names[0], ['is gone']),
            };
            $remarks[] = $came ? new Remark($sentence, [Aspect::Density], [], $pairs->there($there)) : new Remark($sentence, [Aspect::Density], $there);
        }

        return $remarks;
    }

    /**
     * Below what it stands that was there before.
     *
     * @param  array<array-key, true>  $new
     */
    private static function whereabouts(Layer $layer, Tree $tree, array $new): string
    {
        $box = Bounds::of($tree, $layer);
        $above = null;
        foreach ($tree->layersOf($layer->screen) as $other) {
            $one = Bounds::of($tree, $other);
            $counts = ! isset($new[$other->id]) && ! $other->hidden && ! $other->isContainer() && $one->bottom() <= $box->y + 1 && $one->x < $box->right() && $one->right() > $box->x;
            if ($counts && ($above === null || $one->bottom() > $above[1])) {
                $above = [$other, $one->bottom()];
            }
        }

        return $above === null ? ' at the top' : ' below '.Naming::of($above[0]);
    }

    /**
     * @param  list<Aspect>  $aspects
     * @return list<Aspect>
     */
    private static function distinct(array $aspects): array
    {
        return array_values(array_filter(Aspect::cases(), fn (Aspect $one): bool => in_array($one, $aspects, true)));
    }
}
