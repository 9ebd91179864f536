<?php

declare(strict_types=1);

namespace Kindred\Type;

use Kindred\Geometry\Box;
use Kindred\Geometry\Outline;

/** The faces at hand, each opened once. */
final class FaceBook
{
    public const DEFAULT_FAMILY = 'Hanken Grotesk';

    /** The hand lettering of what is drawn rough. */
    public const HAND = 'Caveat';

    /** How far a face without an italic leans, in em for each em of height: as Chromium slants it. */
    private const SLANT = 0.25;

    /** @var array<string, Face> */
    private array $faces = [];

    /** @var array<string, Outlines> */
    private array $outlines = [];

    public function __construct(private readonly FaceSource $source)
    {
    }

    /** @return array<string, list<int>> */
    public function families(): array
    {
        return $this->source->families();
    }

    /** The italic where one is asked for and drawn; one that is made by slanting measures like the upright face. */
    public function face(string $family, int $weight, bool $italic = false): Face
    {
        [$family, $weight] = $this->nearest($family, $weight);
        $italic = $italic && $this->hasItalic($family);

        return $this->faces["{$family} {$weight} {$italic}"] ??= new Face($this->source->metrics($family, $weight, $italic));
    }

    public function outlines(string $family, int $weight, bool $italic = false): Outlines
    {
        [$family, $weight] = $this->nearest($family, $weight);
        $drawn = $italic && $this->hasItalic($family);

        return $this->outlines["{$family} {$weight} {$italic}"]
            ??= new Outlines($this->face($family, $weight, $drawn), $this->source->outlines($family, $weight, $drawn), $italic && ! $drawn ? self::SLANT : 0.0);
    }

    /** The width in px of words of one line that are all set alike. */
    public function width(string $text, TextStyle $style): float
    {
        return $this->face($style->family, $style->weight, $style->italic)->width($text, $style->letterSpacing) * $style->size;
    }

    /** Words that are laid out as path data. */
    public function drawn(LaidText $laid, TextStyle $style): string
    {
        $out = '';
        foreach ($laid->lines as $line) {
            foreach ($line->drawn($style) as $run) {
                $out .= $this->outlined($run, $line->baseline);
            }
        }

        return $out;
    }

    /** Words that are set alike as path data, and the lines under and through them. */
    public function outlined(LaidRun $run, float $baseline): string
    {
        $style = $run->setting->style;
        $outlines = $this->outlines($style->family, $style->weight, $style->italic);

        return $outlines->path($run->text, $run->x, $baseline, $style->size, $style->letterSpacing).implode('', array_map(fn (Box $line): string => Outline::box($line)->text(), $this->rules($run, $baseline)));
    }

    /** @return list<Box> the lines under and through words, px */
    public function rules(LaidRun $run, float $baseline): array
    {
        $style = $run->setting->style;
        $decoration = $run->setting->decoration();
        if ($decoration === TextDecoration::None || trim($run->text) === '') {
            return [];
        }
        $face = $this->face($style->family, $style->weight, $style->italic);
        $rules = [...($decoration->underlines() ? [$face->underline()] : []), ...($decoration->strikesThrough() ? [$face->lineThrough()] : [])];

        return array_map(fn (array $rule): Box => new Box($run->x, $baseline + $rule[0] * $style->size, $run->width, $rule[1] * $style->size), $rules);
    }

    /** Whether the family has an italic of its own; where it has none, the upright one is slanted (CSS Fonts 4, `font-synthesis-style`). */
    public function hasItalic(string $family): bool
    {
        return in_array($family, $this->source->italics(), true);
    }

    /**
     * The hand lettering that stands for words of a weight: one of two, for each is 50 KB on the wire.
     *
     * @return array{string, int}
     */
    public function hand(int $weight): array
    {
        return $this->nearest(self::HAND, $weight > 500 ? 600 : 400);
    }

    /** The WOFF2 file of the face: that of the italic where one is asked for and drawn. */
    public function file(string $family, int $weight, bool $italic = false): string
    {
        [$family, $weight] = $this->nearest($family, $weight);

        return $this->source->file($family, $weight, $italic && $this->hasItalic($family));
    }

    /**
     * The family itself, or the default one where it is not at hand, and its nearest weight by
     * the rules of CSS Fonts 4, section 5.2.
     *
     * @return array{string, int}
     */
    public function nearest(string $family, int $weight): array
    {
        $families = $this->families();
        $family = isset($families[$family]) ? $family : self::DEFAULT_FAMILY;
        $weights = $families[$family];
        usort($weights, fn (int $a, int $b): int => self::distance($a, $weight) <=> self::distance($b, $weight));

        return [$family, $weights[0]];
    }

    /** @return array{int, int} */
    private static function distance(int $candidate, int $wanted): array
    {
        $away = abs($candidate - $wanted);
        if ($wanted >= 400 && $wanted <= 500 && $candidate >= $wanted && $candidate <= 500) {
            return [0, $away];
        }
        $preferred = $wanted <= 500 ? $candidate <= $wanted : $candidate >= $wanted;

        return [$preferred ? 1 : 2, $away];
    }
}
