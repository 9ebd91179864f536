<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Input\Reader;

/** What makes a layer a box, a text, a picture … A new kind is a class here and a line in Kinds. */
interface LayerContent
{
    /** The kind's name in files and commands. */
    public static function kind(): string;

    public static function read(Reader $in): self;

    /** @return array<string, mixed> the kind's own properties, beside those that every layer has */
    public function toArray(): array;

    /** The content after its box was resized by these factors. */
    public function scaled(float $horizontally, float $vertically): self;
}
