<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Layer\BoxShaped;
use Kindred\Document\Layer\Compound;
use Kindred\Document\Layer\Ellipse;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Layer\PolygonLayer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layout\Pins;
use Kindred\Geometry\Box;

/**
 * How the parts of a group that becomes a component hold to it, told from where they lie, so that it can be made wider without its parts being
 * distorted: its ground grows with it, a dot at the left stays one, what is in the middle stays there. Where no box or picture lies below all of it from edge to
 * edge it is a drawing, which is scaled as a whole.
 */
final class PinInference
{
    /** px by which something is still at an edge, or in the middle. */
    private const SLOP = 1.0;

    /** From this share of the length on, something grows with it. */
    private const SPANNING = 0.6;

    /**
     * @param  list<Layer>  $parts  right in the group, in drawing order
     * @return list<Layer> those of which nothing is said, pinned
     */
    public static function pinned(Box $group, array $parts): array
    {
        $ground = $parts[0] ?? null;
        $isFilled = $ground !== null && ($ground->content instanceof BoxShaped || $ground->content instanceof Picture);
        if (! $isFilled || ! self::reachesOver(...self::across($ground, $group)) || ! self::reachesOver(...self::down($ground, $group))) {
            return [];
        }
        $free = array_values(array_filter($parts, fn (Layer $part): bool => $part->pins === null));

        return array_map(fn (Layer $part): Layer => $part->with(pins: new Pins(...self::edges($part, ...self::across($part, $group)), ...self::edges($part, ...self::down($part, $group)))), $free);
    }

    /** @return array{float, float, float} how far a part is from the left edge of the group and from the right one, and how wide that is, px */
    private static function across(Layer $part, Box $group): array
    {
        return [$part->bounds()->x, $group->width - $part->bounds()->right(), $group->width];
    }

    /** @return array{float, float, float} the same from the top to the bottom */
    private static function down(Layer $part, Box $group): array
    {
        return [$part->bounds()->y, $group->height - $part->bounds()->bottom(), $group->height];
    }

    /** @return array{bool, bool} whether it holds to the near edge, and to the far one; to neither: it stays in the middle */
    private static function edges(Layer $part, float $near, float $far, float $length): array
    {
        return match (true) {
            self::reachesOver($near, $far, $length), $length - $near - $far >= self::SPANNING * $length && self::stretches($part) => [true, true],
            abs($near - $far) <= self::SLOP => [false, false],
            // Beside the middle things begin at the left and the top, but for what is clearly at the other edge.
            $far < $near / 2 => [false, true],
            default => [true, false],
        };
    }

    private static function reachesOver(float $near, float $far, float $length): bool
    {
        return $length > 0 && $near <= self::SLOP && $far <= self::SLOP;
    }

    /** Whether it looks right in another proportion. */
    private static function stretches(Layer $part): bool
    {
        $content = $part->content;

        return $part->rotation === 0.0 && ! ($content instanceof Text && ! $content->wrapped) && ! $content instanceof Icon && ! $content instanceof Ellipse
            && ! $content instanceof PolygonLayer && ! $content instanceof Compound && ! $content instanceof PathLayer;
    }
}
