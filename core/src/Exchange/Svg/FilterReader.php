<?php

declare(strict_types=1);

namespace Kindred\Exchange\Svg;

use Kindred\Document\Style\Effect\Adjustment;
use Kindred\Document\Style\Effect\Blur;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Input\InvalidInput;
use Kindred\Paint\Colour;

/**
 * Filters of a drawing as effects of layers, as far as these have an equal (Filter Effects 1): blur, shadows, and changes of colour, as functions or
 * as the primitives that drawing programs write for them.
 *
 * @phpstan-type EffectData array<string, mixed>
 */
final readonly class FilterReader
{
    /** @param  array<string, \DOMElement>  $named */
    public function __construct(private array $named, private StyleSheet $rules)
    {
    }

    /**
     * @param  string  $filter  the value of the property
     * @param  float  $scale  px for each unit of the user space
     * @return list<EffectData>|null null where it holds more than has an equal
     */
    public function effects(string $filter, float $scale): ?array
    {
        $filter = trim($filter);
        if ($filter === '' || $filter === 'none') {
            return [];
        }
        if (preg_match('/^url\(\s*["\']?#([^"\')]+)["\']?\s*\)$/', $filter, $found) === 1) {
            $element = $this->named[$found[1]] ?? null;

            return $element?->localName === 'filter' ? $this->primitives($element, $scale) : null;
        }
        $effects = [];
        preg_match_all('/([a-z-]+)\(((?:[^()]|\([^()]*\))*)\)/', $filter, $functions, PREG_SET_ORDER);
        foreach ($functions as [, $name, $given]) {
            $effect = $this->function($name, trim($given), $scale);
            if ($effect === null) {
                return null;
            }
            $effects[] = $effect;
        }

        return $functions === [] || trim((string) preg_replace('/[a-z-]+\((?:[^()]|\([^()]*\))*\)/', '', $filter)) !== '' ? null : $effects;
    }

    /** @return EffectData|null */
    private function function(string $name, string $given, float $scale): ?array
    {
        $amount = $given === '' ? 1.0 : (float) $given / (str_ends_with($given, '%') ? 100 : 1);

        return match ($name) {
            'blur' => self::blur((float) $given * $scale),
            'brightness', 'contrast', 'saturate' => ['kind' => 'adjust', 'adjustment' => [$name => max(0.0, min((float) Adjustment::MAX, $amount))]],
            'grayscale' => ['kind' => 'adjust', 'adjustment' => ['grayscale' => max(0.0, min(1.0, $amount))]],
            'drop-shadow' => $this->dropped($given, $scale),
            default => null,
        };
    }

    /** @return EffectData|null */
    private function dropped(string $given, float $scale): ?array
    {
        preg_match_all('/(?<![\w#.(,])(-?\d*\.?\d+)(?:px)?(?=\s|$)/', $given, $numbers);
        $lengths = array_slice(array_map(floatval(...), $numbers[1]), 0, 3);
        $colour = trim((string) preg_replace('/(?<![\w#.(,])-?\d*\.?\d+(?:px)?(?=\s|$)/', '', $given, 3));
        try {
            return count($lengths) < 2 ? null : self::shadow($lengths[0] * $scale, $lengths[1] * $scale, ($lengths[2] ?? 0.0) * $scale, NamedColours::find($colour === '' ? 'black' : $colour));
        } catch (InvalidInput) {
            return null;
        }
    }

    /** @return list<EffectData>|null */
    private function primitives(\DOMElement $filter, float $scale): ?array
    {
        $steps = array_values(array_filter(iterator_to_array($filter->childNodes), fn (\DOMNode $node): bool => $node instanceof \DOMElement));
        $names = array_map(fn (\DOMElement $step): string => (string) $step->localName, $steps);
        if ($names === ['feGaussianBlur'] && in_array($steps[0]->getAttribute('in'), ['', 'SourceGraphic'], true)) {
            return [self::blur(self::number($steps[0], 'stdDeviation') * $scale)];
        }
        if ($names === ['feColorMatrix'] && $steps[0]->getAttribute('type') === 'saturate') {
            return [['kind' => 'adjust', 'adjustment' => ['saturate' => max(0.0, min((float) Adjustment::MAX, self::number($steps[0], 'values', 1)))]]];
        }
        $all = true;
        $shadows = [];
        foreach ($steps as $step) {
            $all = $all && $step->localName === 'feDropShadow';
            $shadows[] = $all ? self::shadow(self::number($step, 'dx', 2) * $scale, self::number($step, 'dy', 2) * $scale, self::number($step, 'stdDeviation', 2) * $scale, $this->flooded($step)) : [];
        }

        return $all && $steps !== [] ? $shadows : $this->built($steps, $names, $scale);
    }

    /**
     * Shadows as they were built before there was a primitive for them: what is opaque, moved, blurred, coloured, and the drawing over it.
     *
     * @param  list<\DOMElement>  $steps
     * @param  list<string>  $names
     * @return list<EffectData>|null
     */
    private function built(array $steps, array $names, float $scale): ?array
    {
        $known = ['feFlood', 'feOffset', 'feGaussianBlur', 'feComposite', 'feColorMatrix', 'feComponentTransfer', 'feBlend', 'feMerge'];
        if (array_diff($names, $known) !== [] || ! in_array('feGaussianBlur', $names, true) || array_intersect(['feMerge', 'feBlend'], $names) === []) {
            return null;
        }
        $shadows = [];
        $fresh = ['dx' => 0.0, 'dy' => 0.0, 'blur' => null, 'colour' => Colour::rgb(0, 0, 0), 'inner' => false];
        $shadow = $fresh;
        foreach ($steps as $step) {
            match ($step->localName) {
                'feOffset' => [$shadow['dx'], $shadow['dy']] = [self::number($step, 'dx'), self::number($step, 'dy')],
                'feGaussianBlur' => $shadow['blur'] = self::number($step, 'stdDeviation'),
                'feFlood' => $shadow['colour'] = $step->getAttribute('flood-opacity') === '0' ? $shadow['colour'] : $this->flooded($step),
                'feColorMatrix' => $shadow['colour'] = self::coloured($step) ?? $shadow['colour'],
                'feComponentTransfer' => $shadow['colour'] = $shadow['colour']->withAlpha($shadow['colour']->alpha * self::slope($step)),
                // What is taken away from what is opaque leaves an edge inside.
                'feComposite' => $shadow['inner'] = $shadow['inner'] || $step->getAttribute('operator') === 'arithmetic',
                default => null,
            };
            if (in_array($step->localName, ['feBlend', 'feMerge'], true) && $shadow['blur'] !== null) {
                $shadows[] = self::shadow($shadow['dx'] * $scale, $shadow['dy'] * $scale, $shadow['blur'] * $scale, $shadow['colour']) + ($shadow['inner'] ? ['inner' => true] : []);
                $shadow = $fresh;
            }
        }

        return $shadows;
    }

    /** The colour that a matrix gives to what is opaque: it has nothing but a last column, and a share of alpha. */
    private static function coloured(\DOMElement $step): ?Colour
    {
        $n = array_map(floatval(...), array_values(array_filter((array) preg_split('/[\s,]+/', trim($step->getAttribute('values'))), is_string(...))));

        return count($n) !== 20 || $step->getAttribute('type') === 'saturate' || $n[18] <= 0 || $n[18] > 1 ? null : Colour::ofSrgb(max(0.0, min(1.0, $n[4])), max(0.0, min(1.0, $n[9])), max(0.0, min(1.0, $n[14])), $n[18]);
    }

    private static function slope(\DOMElement $step): float
    {
        foreach ($step->getElementsByTagName('feFuncA') as $alpha) {
            return max(0.0, min(1.0, self::number($alpha, 'slope', 1)));
        }

        return 1.0;
    }

    private function flooded(\DOMElement $step): Colour
    {
        $style = Style::initial()->of($step, $this->rules);
        try {
            $colour = $style->paint('flood-color', 'black');
        } catch (InvalidInput) {
            $colour = null;
        }

        $colour = $colour instanceof Colour ? $colour : Colour::rgb(0, 0, 0);

        return $colour->withAlpha($colour->alpha * max(0.0, min(1.0, $style->number('flood-opacity', 1))));
    }

    /** @return EffectData */
    private static function blur(float $radius): array
    {
        return ['kind' => 'blur', 'radius' => round(max(0.0, min((float) Blur::MAX, $radius)), 3)];
    }

    /** @return EffectData */
    private static function shadow(float $x, float $y, float $deviation, Colour $colour): array
    {
        $within = fn (float $number, float $max): float => round(max(-$max, min($max, $number)), 3);

        return ['colour' => $colour->toHex(), 'offsetX' => $within($x, Shadow::FURTHEST), 'offsetY' => $within($y, Shadow::FURTHEST), 'blur' => max(0.0, $within($deviation * 2, Shadow::WIDEST))];
    }

    private static function number(\DOMElement $element, string $name, float $otherwise = 0.0): float
    {
        $text = trim(explode(' ', trim($element->getAttribute($name)))[0]);

        return is_numeric($text) && abs((float) $text) < 1e6 ? (float) $text : $otherwise;
    }
}
