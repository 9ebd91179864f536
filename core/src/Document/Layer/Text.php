<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Type\TextStyle;

/** Words. Free text is as wide as its longest line; wrapped text breaks at the width of its box. */
final readonly class Text implements LayerContent
{
    use Declared;

    public const MAX_LENGTH = 20_000;

    public function __construct(
        #[Is\Words(self::MAX_LENGTH, field: false)] public string $words,
        #[Is\Record(look: true)] public TextStyle $style,
        #[Is\Flag(label: 'wrapping')] public bool $wrapped = false,
    ) {
    }

    public static function kind(): string
    {
        return 'text';
    }

    public function paint(): array
    {
        return ['fills' => [], 'effects' => self::ALPHA, 'masking' => []];
    }

    /** Wrapped text flows anew in its box; free text grows with it. */
    public function scaled(float $horizontally, float $vertically): self
    {
        return $this->wrapped ? $this : $this->with(style: $this->style->scaled(max($horizontally, $vertically)));
    }

    /** The first words of a text, as its layer is called. */
    public static function title(string $words): string
    {
        $line = trim((string) preg_replace('/[\p{Cc}\s]+/u', ' ', $words));

        return $line === '' ? 'Text' : mb_strimwidth($line, 0, 32, '…');
    }
}
