<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

use Kindred\Document\Style\Paint\Paint;
use Kindred\Document\Style\Paint\Painted;
use Kindred\Document\Style\Paint\Solid;
use Kindred\Document\Token\Token;
use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * One coat of paint: what it is painted with, how much of it is seen through (`opacity`, 0 to 1), and how it is mixed with the fills
 * below it, not with what lies behind the layer (CSS Compositing 1, section 3.4.1, `background-blend-mode`). A layer's fills are listed from
 * the front to the back.
 */
final readonly class Fill implements Stored
{
    use Declared;

    /** @param  array<string, string>  $bound  tokens by the names of properties */
    public function __construct(
        #[Painted(label: 'fill')] public Paint $paint,
        #[Is\Number(0, 1, percent: true, label: 'opacity of the fill', sparse: true)] public float $opacity = 1,
        #[Is\Choice(label: 'blend mode of the fill', sparse: true)] public BlendMode $blend = BlendMode::Normal,
        #[Is\Flag(label: 'hiding of the fill', sparse: true)] public bool $hidden = false,
        #[Is\Bound(Token::class)] public array $bound = [],
    ) {
    }

    public static function solid(Colour $colour): self
    {
        return new self(new Solid($colour));
    }

    /**
     * The uppermost that is seen.
     *
     * @param  list<self>  $fills
     */
    public static function front(array $fills): ?self
    {
        return self::seen($fills)[0] ?? null;
    }

    /**
     * @param  list<self>  $fills
     * @return list<self> those that are not hidden, nor lie below one that covers them
     */
    public static function seen(array $fills): array
    {
        $seen = [];
        foreach ($fills as $fill) {
            if (! $fill->hidden) {
                $seen[] = $fill;
            }
            if (! $fill->hidden && $fill->covers()) {
                break;
            }
        }

        return $seen;
    }

    /** Whether nothing below it is seen. */
    private function covers(): bool
    {
        return $this->opacity >= 1 && $this->blend === BlendMode::Normal && $this->paint instanceof Solid && $this->paint->colour->alpha >= 1;
    }

    /** The one colour that stands for it, seen through as much as it is. */
    public function colour(): Colour
    {
        $colour = $this->paint->colour();

        return $this->opacity >= 1 ? $colour : $colour->withAlpha($colour->alpha * $this->opacity);
    }
}
