<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Families;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Layer\Text;
use Kindred\Geometry\Box;

/** A layer whose edge, or middle, misses the line on which others stand by 1 to 3 px, and which stands on no other line. */
final class Alignment implements OnScreen
{
    public static function key(): string
    {
        return 'alignment';
    }

    public static function label(): string
    {
        return 'nearly aligned';
    }

    public static function group(): Group
    {
        return Group::NearMiss;
    }

    public static function source(): string
    {
        return 'Vernier acuity: a shift of 1 px between edges is seen (Westheimer 1975)';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        foreach ($scene->free() as $family) {
            foreach (['x', 'y'] as $axis) {
                yield from self::along($scene, $family, $axis);
            }
        }
    }

    /**
     * @param  non-empty-list<Placed>  $family
     * @param  'x'|'y'  $axis
     * @return iterable<Finding>
     */
    private static function along(Scene $scene, array $family, string $axis): iterable
    {
        $lines = array_map(fn (Placed $one): array => self::lines($one, $axis), $family);
        $by = [];
        foreach ($lines as $i => $all) {
            foreach ($all as $name => $at) {
                $by[(int) floor($at)][] = [$i, $name, $at];
            }
        }
        foreach ($family as $i => $one) {
            foreach ($lines[$i] as $at) {
                if (self::stands($i, $at, $family, $by)) {
                    continue 2;
                }
            }
            $near = [];
            foreach ($lines[$i] as $name => $at) {
                for ($px = (int) floor($at) - 3; $px <= (int) floor($at) + 3; $px++) {
                    foreach ($by[$px] ?? [] as [$j, $theirs, $line]) {
                        if ($i !== $j && $theirs === $name && Families::nearly($line - $at) && ! $one->bounds->contains($family[$j]->bounds) && ! self::isInset($one->bounds, $family[$j]->bounds, abs($line - $at))) {
                            $key = $name.' '.round($line, 1);
                            $near[$key] = [$line - $at, $name, [...($near[$key][2] ?? []), $family[$j]]];
                        }
                    }
                }
            }
            $near = array_filter($near, fn (array $line): bool => count($line[2]) >= 2);
            if ($near !== []) {
                usort($near, fn (array $a, array $b): int => [count($b[2]), abs($a[0])] <=> [count($a[2]), abs($b[0])]);
                [$off, $name, $others] = $near[0];
                $others = array_slice($others, 0, 3);
                $names = implode(', ', array_map(fn (Placed $other): string => $other->called(), $others));
                $off = round($off, 2);
                yield Finding::of(self::class, $scene->screen->id, "The {$name} of {$one->called()} misses that of {$names} by ".abs($off).' px.', [$one->address, ...array_map(fn (Placed $other) => $other->address, $others)],
                    new Fix('Move it by '.abs($off).' px', [['type' => 'move-layers', ...$scene->named($one), 'dx' => $axis === 'x' ? $off : 0, 'dy' => $axis === 'y' ? $off : 0]]));
            }
        }
    }

    /**
     * Whether one stands on the line of another. What lies upon it is placed on it, not the other way round.
     *
     * @param  float  $at  where one of its own lines is
     * @param  non-empty-list<Placed>  $family
     * @param  array<int, list<array{int, string, float}>>  $by  all lines by whole px
     */
    private static function stands(int $i, float $at, array $family, array $by): bool
    {
        for ($px = (int) floor($at - 0.5); $px <= (int) floor($at + 0.5); $px++) {
            foreach ($by[$px] ?? [] as [$j, , $line]) {
                if ($i !== $j && abs($at - $line) <= 0.5 && ! $family[$i]->bounds->contains($family[$j]->bounds)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether a box lies in another, by as much at another side: so a knob lies in its track. */
    private static function isInset(Box $one, Box $other, float $by): bool
    {
        $insets = [$one->x - $other->x, $other->right() - $one->right(), $one->y - $other->y, $other->bottom() - $one->bottom()];

        return $by > 0.5 && min($insets) >= 0 && count(array_filter($insets, fn (float $inset): bool => abs($inset - $by) <= 0.5)) >= 2;
    }

    /**
     * @param  'x'|'y'  $axis
     * @return array<string, float> where its edges and its middle lie
     */
    private static function lines(Placed $one, string $axis): array
    {
        $box = $one->layer->box;
        $across = ['left edge' => $box->x, 'middle' => $box->x + $box->width / 2, 'right edge' => $box->right()];
        if ($one->layer->isGroup()) {
            // Nobody sees the middle of what has no edge of its own.
            return $axis === 'x' ? ['left edge' => $box->x, 'right edge' => $box->right()] : ['upper edge' => $box->y, 'lower edge' => $box->bottom()];
        }
        if ($axis === 'x' && $one->layer->content instanceof Text) {
            // Words end where they end; only where they begin, or their middle, is placed by anybody.
            return array_intersect_key($across, [['left' => 'left edge', 'center' => 'middle', 'right' => 'right edge'][$one->layer->content->style->align->value] => true]);
        }

        return $axis === 'x'
            ? $across
            : ['upper edge' => $box->y, 'middle' => $box->y + $box->height / 2, 'lower edge' => $box->bottom()];
    }
}
