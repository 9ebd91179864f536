<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Layer\Text;
use Kindred\Document\Style\Fill;
use Kindred\Input\InvalidInput;
use Kindred\Paint\Colour;

/** What a column of a data sheet feeds in the layer that it is bound to. */
enum Slot: string
{
    case Words = 'words';
    case Picture = 'picture';
    case Colour = 'colour';
    case Shown = 'shown';

    /** Words for no, beside nothing at all. */
    public const NO = ['', 'no', 'false', '0', 'off', 'hidden', '-'];

    /** Whether a layer has what this feeds. */
    public function fits(Layer $layer): bool
    {
        return match ($this) {
            self::Words => $layer->content instanceof Text,
            self::Picture => $layer->content instanceof Picture,
            self::Colour => ! $layer->isGroup(),
            self::Shown => true,
        };
    }

    /** The layer with a value of the sheet in it; an invalid value leaves it as designed. */
    public function fill(Layer $layer, string $value): Layer
    {
        if (! $this->fits($layer)) {
            return $layer;
        }
        $content = $layer->content;

        return match (true) {
            $this === self::Shown => $layer->with(hidden: in_array(mb_strtolower(trim($value)), self::NO, true)),
            $this === self::Colour => self::coloured($layer, $value),
            $content instanceof Text => $layer->with(content: $content->with(words: mb_substr($value, 0, Text::MAX_LENGTH))),
            $content instanceof Picture && preg_match('/^[0-9a-f]{64}$/D', $value) === 1 => $layer->with(content: $content->with(asset: $value)),
            default => $layer,
        };
    }

    /** The path of the property that it feeds. */
    public function path(): string
    {
        return match ($this) {
            self::Words => 'words',
            self::Picture => 'asset',
            self::Colour => 'fills.0.colour',
            self::Shown => 'hidden',
        };
    }

    /** The value that a layer holds of itself. */
    public function of(Layer $layer): string
    {
        $content = $layer->content;

        return match (true) {
            $this === self::Shown => $layer->hidden ? 'no' : 'yes',
            $this === self::Colour => ($layer->fills[0] ?? null)?->colour->toHex() ?? '',
            $content instanceof Text => $content->words,
            $content instanceof Picture => $content->asset,
            default => '',
        };
    }

    private static function coloured(Layer $layer, string $value): Layer
    {
        try {
            return $layer->with(fills: [new Fill(Colour::parse($value))]);
        } catch (InvalidInput) {
            return $layer;
        }
    }
}
