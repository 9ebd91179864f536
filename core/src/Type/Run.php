<?php

declare(strict_types=1);

namespace Kindred\Type;

use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * A part of a text that is set in its own way: the characters from one to before another, counted from 0 in Unicode code
 * points, and what of its setting is other than that of the text. Size in px, letter spacing in em.
 */
final readonly class Run implements Stored
{
    use Declared;

    public const FURTHEST = 20_000;

    /** Runs in a text. */
    public const MAX = 2000;

    /** What a link may lead to. */
    /** What leads out of a prototype. */
    public const LINK = '^(https?:\/\/|mailto:|tel:)\S+$';

    public function __construct(
        #[Is\Whole(0, self::FURTHEST)] public int $from,
        #[Is\Whole(0, self::FURTHEST)] public int $to,
        #[Is\Words(80, empty: false, sparse: true)] public ?string $family = null,
        #[Is\Whole(1, 1000, sparse: true)] public ?int $weight = null,
        #[Is\Flag(sparse: true)] public ?bool $italic = null,
        #[Is\Number(1, 1000, sparse: true)] public ?float $size = null,
        #[Is\Number(-0.5, 2, sparse: true)] public ?float $letterSpacing = null,
        #[Is\Choice(sparse: true)] public ?TextDecoration $decoration = null,
        #[Is\Parsed(200, sparse: true)] public ?FontVariant $variant = null,
        #[Is\Parsed(200, sparse: true)] public ?Colour $colour = null,
        #[Is\Words(2000, empty: false, pattern: self::LINK, otherwise: 'a link begins with https://, http://, mailto: or tel:', sparse: true)] public ?string $link = null,
    ) {
    }

    /** @return array<string, string|int|float|bool|TextDecoration|FontVariant> what of the style of its text it changes, by property */
    public function changes(): array
    {
        return array_filter([
            'family' => $this->family, 'weight' => $this->weight, 'italic' => $this->italic, 'size' => $this->size, 'letterSpacing' => $this->letterSpacing, 'decoration' => $this->decoration, 'variant' => $this->variant,
        ], fn (mixed $value): bool => $value !== null);
    }

    /** Whether it changes nothing at all. */
    public function isPlain(): bool
    {
        return $this->changes() === [] && $this->colour === null && $this->link === null;
    }

    /** Without what is as in the text anyway. */
    public function beside(TextStyle $style): self
    {
        $same = array_filter($this->changes(), fn (mixed $value, string $name): bool => $value instanceof FontVariant ? $value->words === $style->variant->words : get_object_vars($style)[$name] === $value, ARRAY_FILTER_USE_BOTH);

        return $same === [] ? $this : $this->with(...array_map(fn (mixed $value): null => null, $same));
    }

    public function setting(TextStyle $style): Setting
    {
        return new Setting($style->with(...$this->changes()), $this->colour, $this->link);
    }

    /** Whether another changes the same to the same. */
    public function isLike(self $other): bool
    {
        return $this->with(from: 0, to: 1)->toArray() === $other->with(from: 0, to: 1)->toArray();
    }
}
