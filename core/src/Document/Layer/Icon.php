<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/**
 * An icon of the shipped library or of the project, on a 24-unit grid; line width 0.5 to 4 units. `optical`
 * puts the middle of what is painted, not that of the grid, into the middle of its box.
 */
final readonly class Icon implements LayerContent
{
    use Declared;

    public function __construct(
        #[Is\Words(60, false, OwnIcon::NAME, 'an icon is named by lower-case letters, digits and hyphens', affects: Is\Affects::Paint)] public string $icon,
        #[Is\Number(0.5, 4, label: 'icon line', look: true, affects: Is\Affects::Paint)] public float $line = 2.0,
        #[Is\Flag(label: 'centring', affects: Is\Affects::Paint)] public bool $optical = false,
    ) {
    }

    /** Units of the grid that icons are drawn on. */
    public const GRID = 24;

    /**
     * What it is made of: names and attributes of SVG shapes on the grid; a circle where the library has it no longer.
     *
     * @return list<array{string, array<string, string>}>
     */
    public function nodes(IconSource $icons): array
    {
        return $icons->nodes($this->icon) ?? [['circle', ['cx' => '12', 'cy' => '12', 'r' => '9']]];
    }

    /** @param  array<string, string>  $attributes  of one of its shapes */
    public static function isFilled(array $attributes): bool
    {
        return isset($attributes['fill']);
    }

    /** @param  array<string, string>  $attributes  of one of its shapes */
    public static function isLined(array $attributes): bool
    {
        return ($attributes['stroke'] ?? '') !== 'none';
    }

    /**
     * Where the corner of the grid lies in a box, px, and how many px a unit has: in the middle, as large as the shorter side allows.
     *
     * @param  list<array{string, array<string, string>}>  $nodes
     * @return array{float, float, float}
     */
    public function place(Box $box, array $nodes): array
    {
        $side = min($box->width, $box->height);
        $scale = $side / self::GRID;
        $centre = $this->optical ? PaintedCentre::of($nodes) : new Point(self::GRID / 2, self::GRID / 2);

        return [($box->width - $side) / 2 + (self::GRID / 2 - $centre->x) * $scale, ($box->height - $side) / 2 + (self::GRID / 2 - $centre->y) * $scale, $scale];
    }

    public static function kind(): string
    {
        return 'icon';
    }

    public function paint(): array
    {
        return ['fills' => [], 'effects' => self::ALPHA, 'masking' => []];
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this;
    }
}
