<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

use Kindred\Document\Chart\Points;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Chart;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Layer\Text;
use Kindred\Document\Style\Fill;
use Kindred\Geometry\Number;
use Kindred\Input\InvalidInput;
use Kindred\Paint\Colour;

/** How values of a data sheet come into layers. */
final class Feed
{
    /** Whether a layer has what a slot feeds. */
    public static function fits(Slot $slot, Layer $layer): bool
    {
        return match ($slot) {
            Slot::Words => $layer->content instanceof Text,
            Slot::Picture => $layer->content instanceof Picture,
            Slot::Colour => ! $layer->isGroup(),
            Slot::Shown => true,
            Slot::Value => $layer->content instanceof Chart,
            Slot::Label, Slot::Goal => false,
        };
    }

    /** The layer with a value of the sheet in it; an invalid value leaves it as designed. */
    public static function fill(Slot $slot, Layer $layer, string $value): Layer
    {
        if (! self::fits($slot, $layer)) {
            return $layer;
        }
        $content = $layer->content;

        return match (true) {
            $slot === Slot::Shown => $layer->with(hidden: in_array(mb_strtolower(trim($value)), Slot::NO, true)),
            $slot === Slot::Colour => self::coloured($layer, $value),
            $content instanceof Text => $layer->with(content: $content->saying(mb_substr($value, 0, Text::MAX_LENGTH))),
            $content instanceof Chart => $layer->with(content: ($numbers = Points::numbers($value)) === null ? $content : $content->showing($numbers)),
            $content instanceof Picture && preg_match('/^[0-9a-f]{64}$/D', $value) === 1 => $layer->with(content: $content->with(asset: $value)),
            default => $layer,
        };
    }

    /** The value that a layer holds of itself. */
    public static function of(Slot $slot, Layer $layer): string
    {
        $content = $layer->content;

        return match (true) {
            $slot === Slot::Shown => $layer->hidden ? 'no' : 'yes',
            $slot === Slot::Colour => $layer->colour()?->toHex() ?? '',
            $content instanceof Text => $content->words,
            $content instanceof Chart => implode(' ', array_map(Number::text(...), array_filter($content->numbers(), fn (?float $number): bool => $number !== null))),
            $content instanceof Picture => $content->asset,
            default => '',
        };
    }

    private static function coloured(Layer $layer, string $value): Layer
    {
        try {
            return $layer->with(fills: [Fill::solid(Colour::parse($value))]);
        } catch (InvalidInput) {
            return $layer;
        }
    }
}
