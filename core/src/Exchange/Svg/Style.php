<?php

declare(strict_types=1);

namespace Kindred\Exchange\Svg;

use Kindred\Input\InvalidInput;
use Kindred\Paint\Colour;

/** The presentation properties of an element, inherited and its own (SVG 2, section 6). */
final readonly class Style
{
    private const INHERITED = ['fill', 'fill-opacity', 'fill-rule', 'stroke', 'stroke-width', 'stroke-opacity', 'color', 'font-family', 'font-size', 'font-style', 'font-weight', 'text-anchor', 'letter-spacing', 'text-decoration', 'text-decoration-line', 'visibility', 'clip-rule', 'stroke-linecap', 'stroke-linejoin', 'stroke-dasharray', 'marker-start', 'marker-mid', 'marker-end'];

    private const OWN = ['opacity', 'display', 'stop-color', 'stop-opacity', 'flood-color', 'flood-opacity', 'clip-path', 'mask', 'mask-type', 'filter', 'mix-blend-mode', 'isolation'];

    /** @param  array<string, string>  $values */
    private function __construct(private array $values)
    {
    }

    public static function initial(): self
    {
        return new self([]);
    }

    public function of(\DOMElement $element, StyleSheet $sheet): self
    {
        $values = array_intersect_key($this->values, array_flip(self::INHERITED));
        foreach ([...self::INHERITED, ...self::OWN] as $name) {
            if ($element->hasAttribute($name)) {
                $values[$name] = $element->getAttribute($name);
            }
        }

        return new self([...$values, ...$sheet->on($element)]);
    }

    public function get(string $name, string $otherwise = ''): string
    {
        return $this->values[$name] ?? $otherwise;
    }

    public function number(string $name, float $otherwise): float
    {
        $value = $this->values[$name] ?? null;

        return $value === null || ! is_numeric(rtrim($value, 'px%')) || ! is_finite((float) $value) ? $otherwise : (float) $value * (str_ends_with($value, '%') ? 0.01 : 1);
    }

    public function isHidden(): bool
    {
        return $this->get('display') === 'none' || in_array($this->get('visibility'), ['hidden', 'collapse'], true);
    }

    /**
     * A paint with its opacity; null for none, and the reference of a gradient or pattern as it stands.
     *
     * @throws InvalidInput where it is no colour
     */
    public function paint(string $name, string $otherwise): Colour|string|null
    {
        $value = trim($this->get($name, $otherwise));
        if ($value === 'none' || $value === 'transparent') {
            return null;
        }
        if (preg_match('/^url\(\s*["\']?#([^"\')]+)["\']?\s*\)/', $value, $found) === 1) {
            return $found[1];
        }
        $colour = NamedColours::find($value === 'currentColor' || $value === 'currentcolor' ? $this->get('color', 'black') : $value);

        return $colour->withAlpha($colour->alpha * max(0.0, min(1.0, $this->number("{$name}-opacity", 1))));
    }
}
