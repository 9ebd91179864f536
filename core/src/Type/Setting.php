<?php

declare(strict_types=1);

namespace Kindred\Type;

use Kindred\Paint\Colour;

/** How some words are set: their style, their own colour or that of the text, and where they lead. */
final readonly class Setting
{
    /** @param  string|null  $link  a web address, or one of mail or telephone */
    public function __construct(public TextStyle $style, public ?Colour $colour = null, public ?string $link = null)
    {
    }

    /** What decides how wide its words are: those of one face are kerned with each other, whatever their colour. */
    public function face(): string
    {
        return "{$this->style->family} {$this->style->weight} {$this->style->italic} {$this->style->size} {$this->style->letterSpacing} {$this->style->variant->text()}";
    }

    /** Words that lead somewhere are underlined. */
    public function decoration(): TextDecoration
    {
        return match (true) {
            $this->link === null || $this->style->decoration->underlines() => $this->style->decoration,
            $this->style->decoration->strikesThrough() => TextDecoration::Both,
            default => TextDecoration::Underline,
        };
    }
}
