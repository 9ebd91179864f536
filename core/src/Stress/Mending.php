<?php

declare(strict_types=1);

namespace Kindred\Stress;

use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Placed;
use Kindred\Check\Rule\Collision;
use Kindred\Check\Rule\LeavesContainer;
use Kindred\Check\Rule\OffScreen;
use Kindred\Check\Scene;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Layout\Size;
use Kindred\Document\Style\Fill;

/** What might help where something breaks: wrap, stretch, let grow, stack, cut short. */
final class Mending
{
    /** px that words keep off the edge of what they lie in. */
    private const EDGE = 16.0;

    /**
     * @param  Scene  $calm  the screen as it is
     * @param  Scene  $strained  as it is under strain
     * @return iterable<Fix> what changes least first
     */
    public static function of(Scene $calm, Scene $strained, Finding $finding): iterable
    {
        $first = null;
        // What is changed in one copy is changed in all.
        $places = [];
        foreach ($finding->places as $address) {
            $places[$address->layer] ??= $address;
        }
        foreach ($places as $address) {
            $one = $calm->at($address);
            $first ??= $one;
            if ($one !== null) {
                yield from self::ofLayer($calm, $one, $strained->at($address));
            }
        }
        if ($finding->rule === Collision::class) {
            yield from self::stacked($calm, $finding);
        }
        if (in_array($finding->rule, [LeavesContainer::class, OffGround::class], true) && $first !== null) {
            yield from self::grown($calm, OffGround::outermost($first));
        }
        if ($finding->rule === OffScreen::class && $first !== null) {
            yield from self::pinned($calm, $first);
        }
        if ($finding->rule === PastEdge::class && $first !== null) {
            yield from self::pinned($calm, ...array_values(array_filter(array_map($calm->at(...), array_values($places)))));
        }
        foreach ($places as $address) {
            $one = $calm->at($address);
            $text = $one?->layer->content;
            if ($one !== null && $text instanceof Text && $text->wrapped && $text->maxLines === null && self::isLonger($one, $strained->at($address))) {
                $lines = max(1, count($one->laid->lines ?? []));
                yield new Fix($lines === 1 ? "Cut {$one->called()} after one line" : "Cut {$one->called()} after {$lines} lines", [self::set($calm, $one, 'maxLines', (string) $lines)]);
            }
        }
    }

    /** @return iterable<Fix> */
    private static function ofLayer(Scene $scene, Placed $one, ?Placed $strained): iterable
    {
        $layer = $one->layer;
        $text = $layer->content instanceof Text ? $layer->content : null;
        if ($text !== null && $text->keepsHeight()) {
            yield new Fix("Let {$one->called()} grow with its lines", [self::set($scene, $one, 'fixed', 'false')]);
        }
        if ($one->isLaidOut() && $layer->widthFrom() !== Size::Stretch && ($text !== null || $layer->content instanceof Widget)) {
            yield new Fix("Stretch {$one->called()}", [...($text !== null && ! $text->wrapped ? [self::set($scene, $one, 'wrapped', 'true')] : []), self::set($scene, $one, 'sizing.width', 'stretch')]);
        }
        if (! $one->isLaidOut() && Scene::isOwn($one)) {
            $room = self::room($scene, $one);
            if ($text !== null && ! $text->wrapped && $room > $text->style->size * 3) {
                yield new Fix("Wrap {$one->called()}", [self::set($scene, $one, 'wrapped', 'true'), self::set($scene, $one, 'width', (string) round($room, 2))]);
            }
            if (($layer->content instanceof Widget || ($text?->wrapped === true && self::isLonger($one, $strained))) && $room > $layer->box->width + 1) {
                yield new Fix("Make {$one->called()} wider", [self::set($scene, $one, 'width', (string) round($room, 2))]);
            }
        }
    }

    /** @return iterable<Fix> words and the ground that they stand on, alone in a group, as a stack that is as high as they need */
    private static function grown(Scene $scene, Placed $one): iterable
    {
        $group = $one->parent;
        if ($group === null || ! $group->layer->isGroup() || ! Scene::isOwn($one) || $group->isLaidOut()) {
            return;
        }
        yield new Fix("Let {$group->called()} grow with {$one->called()}", [
            ['type' => 'stack-layers', ...$scene->named($group), 'seed' => "stress {$group->layer->id}"], self::set($scene, $group, 'sizing.height', 'content'),
        ]);
    }

    /** How wide it may be, px: to the edge of the ground that it stands on, or of the screen. */
    private static function room(Scene $scene, Placed $one): float
    {
        $right = $scene->screen->box->width - self::EDGE;
        foreach ($scene->seen as $ground) {
            $front = Fill::front($ground->layer->fills);
            if ($ground->order < $one->order && $front !== null && $ground->angle === 0.0 && $ground->bounds->contains($one->bounds)) {
                $right = min($right, $ground->bounds->right() - self::EDGE / 2);
            }
        }

        return $right - $one->bounds->x;
    }

    /** Whether it takes more lines than it did. */
    private static function isLonger(Placed $one, ?Placed $strained): bool
    {
        return count($strained->laid->lines ?? []) > count($one->laid->lines ?? []);
    }

    /** @return iterable<Fix> what is cut by an edge holds to it */
    private static function pinned(Scene $scene, Placed ...$ones): iterable
    {
        $roots = [];
        foreach ($ones as $one) {
            $roots[$one->root()->layer->id] = $one->root();
        }
        $roots = array_values($roots);
        $called = count($roots) === 1 ? $roots[0]->called() : 'all of them';
        $set = fn (string $field, string $value): array => ['type' => 'set-field', ...$scene->named(...$roots), 'field' => $field, 'value' => $value];
        $bottom = [$set('pins.bottom', 'true'), $set('pins.top', 'false')];
        $sides = [$set('pins.left', 'true'), $set('pins.right', 'true')];
        yield new Fix("Pin {$called} to the bottom", $bottom);
        yield new Fix("Pin {$called} to both sides", $sides);
        yield new Fix("Pin {$called} to the bottom and both sides", [...$bottom, ...$sides]);
    }

    /** @return iterable<Fix> what lies in the same, one below the other, as a stack; in copies in all of them */
    private static function stacked(Scene $scene, Finding $finding): iterable
    {
        $places = [];
        foreach ($finding->places as $address) {
            $places += $address->copies === $finding->places[0]->copies ? [(string) $address => true] : [];
        }
        $named = array_values(array_filter($scene->seen, fn (Placed $one): bool => isset($places[(string) $one->address])));
        if (count($named) !== 2 || $named[0]->parent !== $named[1]->parent || $named[0]->isLaidOut() || $named[1]->isLaidOut()) {
            return;
        }
        yield new Fix("Stack {$named[0]->called()} and {$named[1]->called()}", [['type' => 'stack-layers', ...$scene->named(...$named), 'seed' => "stress {$finding->id()}"]]);
    }

    /** @return array<string, mixed> */
    private static function set(Scene $scene, Placed $one, string $field, string $value): array
    {
        return ['type' => 'set-field', ...$scene->named($one), 'field' => $field, 'value' => $value];
    }
}
