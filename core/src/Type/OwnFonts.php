<?php

declare(strict_types=1);

namespace Kindred\Type;

/**
 * Hands over what is known of fonts that people brought, by the SHA-256 of their files.
 *
 * @phpstan-import-type Metrics from FaceSource
 */
interface OwnFonts
{
    /** @return Metrics|null null where the file is not there */
    public function metrics(string $asset): ?array;

    /** Where the font lies that words are shaped with. */
    public function font(string $asset): string;

    /** The font file itself, WOFF2. */
    public function file(string $asset): string;
}
