<?php

declare(strict_types=1);

namespace Kindred\Stress\Strain;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layout\FlexDirection;
use Kindred\Document\Layout\Pins;
use Kindred\Document\Tree;
use Kindred\Stress\Said;
use Kindred\Stress\Strain;
use Kindred\Type\TextAlign;

/** Words in Hebrew letters, and everything the other way round: what stood at the left stands at the right. */
final class RightToLeft implements Strain
{
    private const LETTERS = ['a' => 'א', 'b' => 'ב', 'c' => 'כ', 'd' => 'ד', 'e' => 'ע', 'f' => 'פ', 'g' => 'ג', 'h' => 'ה', 'i' => 'י', 'j' => 'ז', 'k' => 'ק', 'l' => 'ל', 'm' => 'מ', 'n' => 'נ', 'o' => 'ו', 'p' => 'פ', 'q' => 'ק', 'r' => 'ר', 's' => 'ס', 't' => 'ט', 'u' => 'ו', 'v' => 'ב', 'w' => 'ש', 'x' => 'צ', 'y' => 'י', 'z' => 'ז'];

    public function key(): string
    {
        return 'right-to-left';
    }

    public function label(): string
    {
        return 'from right to left';
    }

    public function source(): string
    {
        return 'W3C, “Structural markup and right-to-left text”: the layout is mirrored, and words run the other way';
    }

    public function on(Tree $tree, string $screen): Tree
    {
        $tree = (new Said(fn (string $words): string => strtr(mb_strtolower($words), self::LETTERS)))->on($tree, $screen);
        $layers = $tree->layersOf($screen);
        $all = array_merge($layers, ...array_values($tree->components($layers)));
        $mirrored = [];
        foreach ($all as $layer) {
            $width = $layer->parent !== null ? $tree->layer($layer->parent)->box->width : ($tree->screens[$layer->screen ?? ''] ?? null)?->box->width;
            $mirrored[] = $width === null ? $layer : self::mirrored($layer, $width);
        }

        return $tree->withLayers(...$mirrored);
    }

    private static function mirrored(Layer $layer, float $width): Layer
    {
        $content = $layer->content;
        $pins = $layer->pins === null ? null : new Pins($layer->pins->right, $layer->pins->left, $layer->pins->top, $layer->pins->bottom, $layer->pins->horizontal, $layer->pins->vertical);
        $layer = $layer->with(box: $layer->box->movedBy($width - $layer->box->right() - $layer->box->x, 0), rotation: -$layer->rotation, pins: $pins);

        return match (true) {
            $content instanceof Stack => $layer->with(content: $content->with(direction: match ($content->direction) {
                FlexDirection::Row => FlexDirection::RowReverse,
                FlexDirection::RowReverse => FlexDirection::Row,
                default => $content->direction,
            }, padding: $content->padding->with(left: $content->padding->right, right: $content->padding->left))),
            $content instanceof Text => $layer->with(content: $content->with(style: $content->style->with(align: match ($content->style->align) {
                TextAlign::Left => TextAlign::Right,
                TextAlign::Right => TextAlign::Left,
                TextAlign::Center => TextAlign::Center,
            }))),
            default => $layer,
        };
    }
}
