<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Paint;

use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/**
 * Grain: a tile of cells of random lightness, or colour, that is the same for the same seed wherever it is drawn. `scale` is the side of
 * a cell in px, `strength` from 0, plain middle grey, to 1, anything from black to white.
 */
final readonly class Noise implements Paint
{
    use Declared;

    public const SEEDS = 9999;

    public function __construct(
        #[Is\Whole(0, self::SEEDS, label: 'seed of the noise')] public int $seed = 1,
        #[Is\Flag(label: 'coloured noise', sparse: true)] public bool $coloured = false,
        #[Is\Number(0.25, 64, label: 'grain', sparse: true)] public float $scale = 1,
        #[Is\Number(0, 1, percent: true, label: 'strength of the noise', sparse: true)] public float $strength = 0.5,
    ) {
    }

    public static function kind(): string
    {
        return 'noise';
    }

    public static function label(): string
    {
        return 'Noise';
    }

    public static function instead(Paint $of): self
    {
        return new self;
    }

    public function colour(): Colour
    {
        return Colour::rgb(128, 128, 128);
    }

    public function css(?float $width = null): string
    {
        return 'noise';
    }
}
