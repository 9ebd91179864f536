<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Property\Stored;

/** What makes a layer a box, a text, a picture …: its own properties, beside those that every layer has. A new kind is a class here and a line in Kinds. */
interface LayerContent extends Stored
{
    /** What shadows lack of what is no closed shape: they are those of all that is painted. */
    public const ALPHA = ['inner', 'spread', 'top', 'right', 'bottom', 'left'];

    /** What a stroke all round has not. */
    public const NO_ENDS = ['start', 'end'];

    /** The kind's name in files and commands. */
    public static function kind(): string;

    /** @return array<string, list<string>> what of the paint of a layer a layer of this kind has, by property, with those of its parts that it has no use for */
    public function paint(): array;

    /** The content after its box was resized by these factors. */
    public function scaled(float $horizontally, float $vertically): self;
}
