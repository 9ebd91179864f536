<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

/** A kind with words that are set in families of fonts. */
interface Lettered extends LayerContent
{
    /** @return list<string> the families that its words are set in */
    public function families(): array;

    /** With all that is set in one family set in another. */
    public function inFamily(string $by, string $instead): static;
}
