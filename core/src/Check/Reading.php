<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Document\Address;
use Kindred\Document\Brief\Part;

/** The order in which things on a screen are meant to be met: as somebody has set it, or as the requirements come that are tied to them. */
final readonly class Reading
{
    /**
     * @param  list<Weighed>  $order  what is there of it
     * @param  bool  $byHand  whether somebody has set it for this screen
     */
    private function __construct(public array $order, public bool $byHand)
    {
    }

    /** @param  list<Weighed>  $weighed  of the screen */
    public static function of(Scene $scene, array $weighed): self
    {
        $byHand = $scene->screen->reading !== [];
        $order = [];
        foreach ($byHand ? array_map(Address::of(...), $scene->screen->reading) : self::required($scene) as $address) {
            $met = self::met($weighed, $address);
            if ($met !== null && ! in_array($met, $order, true)) {
                $order[] = $met;
            }
        }

        return new self($order, $byHand);
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
