<?php

declare(strict_types=1);

namespace Kindred\Layout\Flex;

use Kindred\Document\Layer\Stack;
use Kindred\Document\Layout\AlignContent;
use Kindred\Document\Layout\AlignItems;
use Kindred\Document\Layout\FlexWrap;
use Kindred\Document\Layout\JustifyContent;
use Kindred\Document\Layout\Size;

/**
 * Lays out nested stacks by CSS Flexible Box Layout 1, section 9, in horizontal writing.
 *
 * Every item is `box-sizing: border-box; flex: none; min-width: 0; min-height: 0`, stretched ones are
 * `flex: 1 1 0px` along the main axis. Numbers after a comment's § are sections of that standard.
 */
final class FlexLayout
{
    /** Sizes that differ by less, in px, are the same. */
    private const EPSILON = 0.0001;

    /** Gives the node and all within it their boxes. The node itself takes its lengths, or is as large as its content. */
    public function lay(FlexNode $root): void
    {
        $this->size($root, $this->length($root, true), $this->length($root, false), null);
    }

    /**
     * Finds the size of a box and lays out what lies in it.
     *
     * @param  float|null  $width  imposed, px; null for `auto`
     * @param  float|null  $height  imposed, px; null for `auto`
     * @param  float|null  $room  the width available to an `auto` width; null for as much as it takes
     */
    private function size(FlexNode $node, ?float $width, ?float $height, ?float $room): void
    {
        $memo = $node->memo;
        if ($memo !== null) {
            if ($memo->laid && (($width === $memo->forWidth && $height === $memo->forHeight && $room === $memo->forRoom)
                || ($width !== null && ! $memo->wrapsColumns && abs($width - $node->w) < self::EPSILON && ($height === null ? $memo->forHeight === null : abs($height - $node->h) < self::EPSILON)))) {
                return;
            }
            $memo->laid = true;
            $memo->forWidth = $width;
            $memo->forHeight = $height;
            $memo->forRoom = $room;
        }
        if ($width === null) {
            $width = $this->fit($node, $room, $height);
        }
        $node->w = $width;
        if ($node->stack !== null) {
            $this->container($node, $node->stack, $width, $height);

            return;
        }
        if ($node->content !== null) {
            $node->h = $height ?? $this->clampHeight($node, $node->content->height($width));
            $node->baseline = $node->content->baseline();

            return;
        }
        $node->h = $height ?? $this->clampHeight($node, 0.0);
    }

    /** The width of content in the room there is, or max-content where there is no limit (CSS Sizing 3, section 4.1, fit-content). */
    private function fit(FlexNode $node, ?float $room, ?float $height): float
    {
        $max = $this->intrinsic($node, true, $height);

        return $this->clampWidth($node, $room === null ? $max : min(max($this->intrinsic($node, false, $height), $room), $max));
    }

    private function container(FlexNode $node, Stack $stack, float $width, ?float $height): void
    {
        $row = $stack->direction->isRow();
        $padding = $stack->padding;
        $innerWidth = max(0.0, $width - $padding->across());
        $innerHeight = $height === null ? null : max(0.0, $height - $padding->down());
        [$mainGap, $crossGap] = $row ? [$stack->columnGap, $stack->rowGap] : [$stack->rowGap, $stack->columnGap];
        $items = $this->items($node, $stack, $row, $innerWidth, $innerHeight);
        $main = $row ? $innerWidth : $innerHeight;
        $lines = $this->lines($node, $stack, $items, $main, $mainGap);

        // §9.2, 4: a column as high as its content.
        $main ??= max(0.0, $this->clampHeight($node, $this->longest($lines, $mainGap) + $padding->down()) - $padding->down());
        foreach ($lines as $line) {
            $this->flex($line, $main, $mainGap);
        }
        $cross = $row ? $innerHeight : $innerWidth;
        $this->crossSizes($lines, $stack, $row, $cross);
        $sizes = $this->lineSizes($node, $stack, $lines, $row, $cross);
        if ($cross === null) {
            $content = array_sum($sizes) + $crossGap * max(0, count($sizes) - 1);
            $cross = max(0.0, $this->clampHeight($node, $content + $padding->down()) - $padding->down());
        }
        $this->arrange($node, $stack, $lines, $sizes, $main, $cross, $mainGap, $crossGap);
        $node->h = $height ?? ($row ? $cross : $main) + $padding->down();
    }

    /**
     * §9.2, 3: flex base sizes and hypothetical main sizes.
     *
     * @return list<FlexNode>
     */
    private function items(FlexNode $node, Stack $stack, bool $row, float $innerWidth, ?float $innerHeight): array
    {
        foreach ($node->children as $child) {
            $align = $this->alignment($child, $stack, $row);
            if ($child->align !== $align) {
                $child->align = $align;
            }
            $from = $row ? $child->widthFrom : $child->heightFrom;
            if ($from === Size::Length) {
                $base = $row ? $child->width : $child->height;
                if ($child->memo === null && $child->limits === null) {
                    $child->main = $base;

                    continue;
                }
            } elseif ($from === Size::Stretch) {
                $base = 0.0;
                $child->grows = true;
            } elseif ($row) {
                $base = $this->intrinsic($child, true, $this->rowHeight($child, $child->align, $stack, $innerHeight));
            } else {
                $this->size($child, $this->columnWidth($child, $stack, $innerWidth), null, $innerWidth);
                $base = $child->h;
            }
            $limits = $child->limits;
            if ($limits === null && $child->stack === null) {
                $child->min = 0.0;
                $child->max = INF;
                $child->base = $child->main = $base;
            } else {
                $room = $child->stack === null ? 0.0 : ($row ? $child->stack->padding->across() : $child->stack->padding->down());
                $child->min = max($room, ($row ? $limits?->minWidth : $limits?->minHeight) ?? 0.0);
                $child->max = ($row ? $limits?->maxWidth : $limits?->maxHeight) ?? INF;
                $child->base = max($room, $base);
                $child->main = max($child->min, min($child->base, $child->max));
            }
        }

        return $node->children;
    }

    /**
     * §9.3: items gathered into lines.
     *
     * @param  list<FlexNode>  $items
     * @return list<list<FlexNode>>
     */
    private function lines(FlexNode $node, Stack $stack, array $items, ?float $main, float $gap): array
    {
        if ($stack->wrap === FlexWrap::NoWrap || $items === []) {
            return [$items];
        }
        if ($main === null) {
            $max = $node->limits?->maxHeight;
            $main = $max === null ? INF : max(0.0, $max - $stack->padding->down());
        }
        $lines = [];
        $line = [];
        $taken = 0.0;
        foreach ($items as $item) {
            $needed = $line === [] ? $item->main : $taken + $gap + $item->main;
            if ($line !== [] && $needed > $main + self::EPSILON) {
                $lines[] = $line;
                $line = [];
                $needed = $item->main;
            }
            $line[] = $item;
            $taken = $needed;
        }
        $lines[] = $line;

        return $lines;
    }

    /** @param  list<list<FlexNode>>  $lines */
    private function longest(array $lines, float $gap): float
    {
        $longest = 0.0;
        foreach ($lines as $line) {
            $length = $gap * max(0, count($line) - 1);
            foreach ($line as $item) {
                $length += $item->main;
            }
            $longest = max($longest, $length);
        }

        return $longest;
    }

    /**
     * §9.7: free room shared between the items that grow; nothing here shrinks.
     *
     * @param  list<FlexNode>  $line
     */
    private function flex(array $line, float $main, float $gap): void
    {
        $growing = [];
        $free = $left = $main - $gap * max(0, count($line) - 1);
        foreach ($line as $item) {
            $left -= $item->main;
            if ($item->grows && $item->base <= $item->main) {
                $growing[] = $item;
                $free -= $item->base;
            } else {
                $free -= $item->main;
            }
        }
        if ($growing === [] || $left <= 0) {
            return;
        }
        while ($growing !== []) {
            $share = $free / count($growing);
            $violation = 0.0;
            foreach ($growing as $item) {
                $item->main = max($item->min, min($item->base + $share, $item->max));
                $violation += $item->main - $item->base - $share;
            }
            $open = [];
            foreach ($growing as $item) {
                $off = $item->main - $item->base - $share;
                if (abs($violation) < self::EPSILON || ($violation > 0 && $off > 0) || ($violation < 0 && $off < 0)) {
                    $free -= $item->main - $item->base;
                } else {
                    $open[] = $item;
                }
            }
            $growing = $open;
        }
    }

    /**
     * §9.4, 7: hypothetical cross sizes.
     *
     * @param  list<list<FlexNode>>  $lines
     */
    private function crossSizes(array $lines, Stack $stack, bool $row, ?float $cross): void
    {
        foreach ($lines as $line) {
            foreach ($line as $item) {
                if ($row) {
                    if ($item->memo === null) {
                        $height = $item->heightFrom === Size::Length ? $item->height : 0.0;
                        $item->cross = $item->limits === null ? $height : $this->clampHeight($item, $height);

                        continue;
                    }
                    $this->size($item, $item->main, $this->length($item, false), null);
                    $item->cross = $item->h;
                } elseif ($item->memo === null && $item->limits === null && $item->widthFrom === Size::Length) {
                    $item->cross = $item->width;
                } else {
                    $width = $this->columnWidth($item, $stack, (float) $cross);
                    if ($width === null) {
                        $this->size($item, null, $item->main, $cross);
                        $width = $item->w;
                    }
                    $item->cross = $width;
                }
            }
        }
    }

    /**
     * §9.4, 8 and 9: cross sizes of the lines.
     *
     * @param  list<list<FlexNode>>  $lines
     * @return list<float>
     */
    private function lineSizes(FlexNode $node, Stack $stack, array $lines, bool $row, ?float $cross): array
    {
        if ($stack->wrap === FlexWrap::NoWrap && $cross !== null) {
            return [$cross];
        }
        $sizes = [];
        foreach ($lines as $line) {
            $size = 0.0;
            $above = $below = -INF;
            foreach ($line as $item) {
                if ($row && $item->align === AlignItems::Baseline) {
                    [$ascent, $descent] = $this->around($item, $stack);
                    $above = max($above, $ascent);
                    $below = max($below, $descent);
                } else {
                    $size = max($size, $item->cross);
                }
            }
            $sizes[] = max($size, is_finite($above) ? $above + $below : 0.0);
        }
        if ($stack->wrap === FlexWrap::NoWrap && $row) {
            $down = $stack->padding->down();
            $sizes[0] = max(0.0, $this->clampHeight($node, $sizes[0] + $down) - $down);
        }

        return $sizes;
    }

    /**
     * §9.5 and 9.6: items along and across their lines, lines across the container.
     *
     * @param  list<list<FlexNode>>  $lines
     * @param  list<float>  $sizes
     */
    private function arrange(FlexNode $node, Stack $stack, array $lines, array $sizes, float $main, float $cross, float $mainGap, float $crossGap): void
    {
        $row = $stack->direction->isRow();
        $reversed = $stack->direction->isReversed();
        $padding = $stack->padding;
        $upturned = $stack->wrap === FlexWrap::WrapReverse;
        $at = 0.0;
        $between = $crossGap;
        if ($stack->wrap !== FlexWrap::NoWrap) {
            $free = $cross - array_sum($sizes) - $crossGap * (count($sizes) - 1);
            if ($stack->alignContent === AlignContent::Stretch) {
                if ($free > 0) {
                    $sizes = array_map(fn (float $size): float => $size + $free / count($sizes), $sizes);
                }
            } else {
                [$at, $extra] = $this->share($stack->alignContent->sharing(), $free, count($sizes), $upturned);
                $between += $extra;
            }
        }
        $node->baseline = null;
        foreach ($lines as $i => $line) {
            $this->along($line, $stack->justifyContent, $main, $mainGap, $reversed);
            $this->across($line, $stack, $row, $sizes[$i]);
            foreach ($line as $item) {
                $start = $reversed ? $main - $item->x - $item->main : $item->x;
                $side = $at + $item->y;
                if ($upturned) {
                    $side = $cross - $side - $item->cross;
                }
                $item->x = $padding->left + ($row ? $start : $side);
                $item->y = $padding->top + ($row ? $side : $start);
                $item->w = $row ? $item->main : $item->cross;
                $item->h = $row ? $item->cross : $item->main;
            }
            if ($i === ($upturned ? count($lines) - 1 : 0)) {
                $node->baseline = $this->firstBaseline($reversed ? array_reverse($line) : $line, $row);
            }
            $at += $sizes[$i] + $between;
        }
    }

    /**
     * §9.5, 12: along the main axis.
     *
     * @param  list<FlexNode>  $line
     */
    private function along(array $line, JustifyContent $justify, float $main, float $gap, bool $reversed): void
    {
        $free = $main - $gap * max(0, count($line) - 1);
        foreach ($line as $item) {
            $free -= $item->main;
        }
        [$at, $extra] = $this->share($justify, $free, count($line), $reversed);
        foreach ($line as $item) {
            $item->x = $at;
            $at += $item->main + $gap + $extra;
        }
    }

    /**
     * §9.4, 11 and §9.6, 13 and 14: stretched to the line, then aligned across it.
     *
     * @param  list<FlexNode>  $line
     */
    private function across(array $line, Stack $stack, bool $row, float $size): void
    {
        $ascent = -INF;
        foreach ($line as $item) {
            if (($row ? $item->heightFrom : $item->widthFrom) !== Size::Length) {
                if ($item->align === AlignItems::Stretch) {
                    $item->cross = $row ? $this->clampHeight($item, $size) : $this->clampWidth($item, $size);
                } elseif (! $row && $stack->wrap !== FlexWrap::NoWrap) {
                    // As Chromium does, which fits what does not stretch into its own column, not into the container.
                    $item->cross = $this->fit($item, $size, $item->main);
                }
            }
            if ($item->memo !== null) {
                $this->size($item, $row ? $item->main : $item->cross, $row ? $item->cross : $item->main, null);
            }
            if ($item->align === AlignItems::Baseline) {
                $ascent = max($ascent, $this->around($item, $stack)[0]);
            }
        }
        foreach ($line as $item) {
            $item->y = match ($item->align) {
                AlignItems::Stretch, AlignItems::FlexStart => 0.0,
                AlignItems::FlexEnd => $size - $item->cross,
                AlignItems::Center => ($size - $item->cross) / 2,
                AlignItems::Baseline => $ascent - $this->around($item, $stack)[0],
            };
        }
    }

    /**
     * How far an item reaches from its baseline towards the start and the end of its line. In a column the
     * left edge stands for the baseline, for no line of words runs along there.
     *
     * @return array{float, float}
     */
    private function around(FlexNode $item, Stack $stack): array
    {
        $baseline = $stack->direction->isRow() ? $item->baseline ?? $item->cross : 0.0;

        return $stack->wrap === FlexWrap::WrapReverse
            ? [$item->cross - $baseline, $baseline]
            : [$baseline, $item->cross - $baseline];
    }

    /**
     * §8.5: the baseline of a container is that of its uppermost line, or of the item seen first.
     *
     * @param  list<FlexNode>  $line
     */
    private function firstBaseline(array $line, bool $row): ?float
    {
        $of = fn (FlexNode $item): float => $item->y + ($item->baseline ?? $item->h);
        foreach ($row ? $line : [] as $item) {
            if ($item->align === AlignItems::Baseline) {
                return $of($item);
            }
        }

        return $line === [] ? null : $of($line[0]);
    }

    /**
     * Room before the first and additional room between two. Where there is none to share, space-between falls
     * back to flex-start, the others to `safe center`: to the start of the writing, which in what is reversed
     * is the far end (CSS Box Alignment 3, section 5.3).
     *
     * @return array{float, float}
     */
    private function share(JustifyContent $how, float $free, int $count, bool $reversed): array
    {
        $start = $reversed ? min(0.0, $free) : 0.0;

        return match ($how) {
            JustifyContent::FlexStart => [0.0, 0.0],
            JustifyContent::FlexEnd => [$free, 0.0],
            JustifyContent::Center => [$free / 2, 0.0],
            JustifyContent::SpaceBetween => $free > 0 && $count > 1 ? [0.0, $free / ($count - 1)] : [0.0, 0.0],
            JustifyContent::SpaceAround => $free > 0 && $count > 0 ? [$free / $count / 2, $free / $count] : [$start, 0.0],
            JustifyContent::SpaceEvenly => $free > 0 && $count > 0 ? [$free / ($count + 1), $free / ($count + 1)] : [$start, 0.0],
        };
    }

    private function alignment(FlexNode $child, Stack $stack, bool $row): AlignItems
    {
        return ($row ? $child->heightFrom : $child->widthFrom) === Size::Stretch
            ? AlignItems::Stretch
            : $child->limits->alignSelf ?? $stack->alignItems;
    }

    /** The width imposed on an item of a column, or null where it fits its content (§9.4, 7; §9.9). */
    private function columnWidth(FlexNode $child, Stack $stack, float $innerWidth): ?float
    {
        if ($child->widthFrom === Size::Length) {
            return $this->length($child, true);
        }

        return $child->align === AlignItems::Stretch && $stack->wrap === FlexWrap::NoWrap ? $this->clampWidth($child, $innerWidth) : null;
    }

    private function length(FlexNode $node, bool $width): ?float
    {
        return $width
            ? ($node->widthFrom === Size::Length ? $this->clampWidth($node, $node->width) : null)
            : ($node->heightFrom === Size::Length ? $this->clampHeight($node, $node->height) : null);
    }

    /** The height that an item of a single-line row is stretched to, where it is known beforehand (§9.8). */
    private function rowHeight(FlexNode $child, AlignItems $align, Stack $stack, ?float $innerHeight): ?float
    {
        return $innerHeight !== null && $stack->wrap === FlexWrap::NoWrap && $align === AlignItems::Stretch && $child->heightFrom !== Size::Length
            ? $this->clampHeight($child, $innerHeight)
            : null;
    }

    /**
     * Max-content or min-content width, px, without regard to a length (CSS Sizing 3, section 5; §9.9.1).
     *
     * @param  float|null  $height  where it is known: columns that wrap at it take more or less width
     */
    private function intrinsic(FlexNode $node, bool $max, ?float $height = null): float
    {
        $memo = $node->memo;
        if ($node->stack === null || $memo === null) {
            return $node->content === null ? 0.0 : ($max ? $node->content->maxContent() : $node->content->minContent());
        }
        $height ??= $this->length($node, false);
        $kept = $max ? $memo->maxContent : $memo->minContent;
        if ($kept !== null && $memo->contentFor === $height) {
            return $kept;
        }
        $found = $this->intrinsicContainer($node, $node->stack, $max, $height);
        if ($memo->contentFor !== $height) {
            $memo->maxContent = $memo->minContent = null;
            $memo->contentFor = $height;
        }

        return $max ? $memo->maxContent = $found : $memo->minContent = $found;
    }

    private function intrinsicContainer(FlexNode $node, Stack $stack, bool $max, ?float $height): float
    {
        $sum = $widest = 0.0;
        $row = $stack->direction->isRow();
        $inner = $height === null ? null : max(0.0, $height - $stack->padding->down());
        foreach ($node->children as $child) {
            $width = $child->memo === null && $child->limits === null && $child->widthFrom === Size::Length
                ? $child->width
                : $this->length($child, true) ?? $this->clampWidth($child, $this->intrinsic(
                    $child, $max, $row ? $this->rowHeight($child, $this->alignment($child, $stack, $row), $stack, $inner) : null,
                ));
            $sum += $width;
            $widest = max($widest, $width);
        }
        $content = match (true) {
            $row && ($max || $stack->wrap === FlexWrap::NoWrap) => $sum + $stack->columnGap * max(0, count($node->children) - 1),
            ! $row && $max && $stack->wrap !== FlexWrap::NoWrap => $this->columns($node, $stack, $widest, $inner),
            default => $widest,
        };

        return $stack->padding->across() + $content;
    }

    /** The width of all columns that are needed, each item having the room that the widest wants. */
    private function columns(FlexNode $node, Stack $stack, float $widest, ?float $inner): float
    {
        $lines = $this->lines($node, $stack, $this->items($node, $stack, false, $widest, $inner), $inner, $stack->rowGap);
        $width = $stack->columnGap * (count($lines) - 1);
        foreach ($lines as $line) {
            $max = 0.0;
            foreach ($line as $item) {
                $max = max($max, $this->length($item, true) ?? $this->fit($item, $widest, null));
            }
            $width += $max;
        }

        return $width;
    }

    /** The minimum and the maximum size of a box; never less than its padding. */
    private function clampWidth(FlexNode $node, float $width): float
    {
        $width = $node->limits === null ? $width : $node->limits->clampWidth($width);

        return $node->stack === null ? max(0.0, $width) : max($node->stack->padding->across(), $width);
    }

    private function clampHeight(FlexNode $node, float $height): float
    {
        $height = $node->limits === null ? $height : $node->limits->clampHeight($height);

        return $node->stack === null ? max(0.0, $height) : max($node->stack->padding->down(), $height);
    }
}
