<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Withers;
use Kindred\Input\Reader;
use Kindred\Type\TextStyle;

/** Words. Free text is as wide as its longest line; wrapped text breaks at the width of its box. */
final readonly class Text implements LayerContent
{
    use Withers;

    public const MAX_LENGTH = 20_000;

    public function __construct(
        public string $words,
        public TextStyle $style,
        public bool $wrapped = false,
    ) {
    }

    public static function kind(): string
    {
        return 'text';
    }

    public static function read(Reader $in): self
    {
        return new self(
            $in->string('words', self::MAX_LENGTH),
            TextStyle::read($in->object('style')),
            $in->boolean('wrapped', false),
        );
    }

    public function toArray(): array
    {
        return ['words' => $this->words, 'style' => $this->style->toArray(), 'wrapped' => $this->wrapped];
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
