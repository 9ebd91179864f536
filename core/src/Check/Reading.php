<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Document\Address;
use Kindred\Document\Brief\Part;
use Kindred\Document\Layer\Text;

/** The order in which things on a screen are meant to be met: as somebody has set it, as the requirements come that are tied to them, or as its headings are large. */
final readonly class Reading
{
    /** From so many times the size of most words on are words a heading. */
    private const HEADING = 1.3;

    /**
     * @param  list<Weighed>  $order  what is there of it
     * @param  string  $from  where it comes from, as a sentence begins
     * @param  bool  $byHand  whether somebody has set it for this screen
     * @param  bool  $isAsked  whether somebody asks for what is in it, by hand or by a requirement
     */
    private function __construct(public array $order, public string $from, public bool $byHand, public bool $isAsked)
    {
    }

    /** @param  list<Weighed>  $weighed  of the screen, the most prominent first */
    public static function of(Scene $scene, array $weighed): self
    {
        $set = self::present($weighed, array_map(Address::of(...), $scene->screen->reading));
        if ($scene->screen->reading !== []) {
            return new self($set, 'Meant to be met', true, true);
        }
        $required = self::present($weighed, self::required($scene));

        return $required !== [] ? new self($required, 'Asked for by requirements', false, true) : new self(self::present($weighed, self::headings($scene)), 'By its headings', false, false);
    }

    /** Whether a screen says anything of the order. */
    public static function isSaid(Scene $scene): bool
    {
        return $scene->screen->reading !== [] || self::required($scene) !== [] || self::headings($scene) !== [];
    }

    /**
     * @param  list<Weighed>  $weighed
     * @param  list<Address>  $addresses
     * @return list<Weighed>
     */
    private static function present(array $weighed, array $addresses): array
    {
        $order = [];
        foreach ($addresses as $address) {
            $met = self::met($weighed, $address);
            if ($met !== null && ! in_array($met, $order, true)) {
                $order[] = $met;
            }
        }

        return $order;
    }

    /** @return list<Address> the headings of the screen, the largest first, of the same size from the top */
    private static function headings(Scene $scene): array
    {
        $texts = array_values(array_filter($scene->seen, fn (Placed $one): bool => $one->layer->content instanceof Text && trim($one->layer->content->words) !== '' && ! $one->isTapped() && ! $one->isInTarget()));
        $size = fn (Placed $one): float => $one->layer->content instanceof Text ? $one->layer->content->style->size : 0.0;
        $sizes = array_map($size, $texts);
        sort($sizes);
        $usual = $sizes[intdiv(count($sizes), 2)] ?? 0.0;
        $headings = array_values(array_filter($texts, fn (Placed $one): bool => $size($one) >= $usual * self::HEADING));
        usort($headings, fn (Placed $a, Placed $b): int => [$size($b), $a->bounds->y] <=> [$size($a), $b->bounds->y]);

        return array_map(fn (Placed $one): Address => $one->address, $headings);
    }

    /** @return list<Address> layers of the screen that requirements are tied to, the first requirement first */
    private static function required(Scene $scene): array
    {
        $layers = [];
        foreach ($scene->tree->part(Part::Requirement) as $entry) {
            foreach ($entry->ties as $tie) {
                if (($scene->tree->layers[$tie->id] ?? null)?->screen === $scene->screen->id) {
                    $layers[$tie->id] = new Address($tie->id);
                }
            }
        }

        return array_values($layers);
    }

    /**
     * What is met where a layer is: the layer, what it is a part of, or what is strongest in it.
     *
     * @param  list<Weighed>  $weighed  the most prominent first
     */
    private static function met(array $weighed, Address $address): ?Weighed
    {
        foreach ($weighed as $one) {
            for ($around = $one->thing; $around !== null; $around = $around->parent) {
                if ((string) $around->address === (string) $address) {
                    return $one;
                }
            }
            foreach ($one->thing->all() as $in) {
                if ((string) $in->address === (string) $address) {
                    return $one;
                }
            }
        }

        return null;
    }
}
