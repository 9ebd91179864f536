<?php

declare(strict_types=1);

namespace Kindred\Document;

/** What names the families of fonts in which words are set: a text, a type style among the tokens, how widgets are dressed. */
interface SetInFamilies
{
    /** @return list<string> the families that it names, each once */
    public function families(): array;

    /** With one family in the place of another. */
    public function inFamily(string $by, string $instead): static;
}
