<?php

declare(strict_types=1);

namespace Kindred\Type;

use Kindred\Geometry\Box;
use Kindred\Geometry\Outline;
use Kindred\Type\Shaping\Clusters;
use Kindred\Type\Shaping\HarfBuzz;
use Kindred\Type\Shaping\Piece;
use Kindred\Type\Shaping\Pieces;
use Kindred\Type\Shaping\Scripts;
use Kindred\Type\Shaping\Shaper;

/** The faces at hand, each opened once. */
final class FaceBook
{
    public const DEFAULT_FAMILY = 'Hanken Grotesk';

    /** The hand lettering of what is drawn rough. */
    public const HAND = 'Caveat';

    /** How far a face without an italic leans, in em for each em of height: as Chromium slants it. */
    private const SLANT = 0.25;

    /** The one name under which pages know all faces that stand in for characters which others do not have. */
    public const BEYOND = 'Further Scripts';

    /** Under which weights they are known there, whatever weights they have. */
    private const BEYOND_WEIGHTS = [400, 700];

    /** @var array<string, Face> */
    private array $faces = [];

    /** @var array<int, list<array{Face, list<array{int, int}>}>> what stands in, by weight */
    private array $beyond = [];

    private readonly Pieces $pieces;

    /** @var list<OwnFace> */
    private array $own = [];

    /** @var array<string, list<OwnFace>> those of them that are there, by family */
    private array $ownFamilies = [];

    /** @var array<string, Outlines> */
    private array $outlines = [];

    /** @var array<string, Face> by what was asked for */
    private array $asked = [];

    /** @var array<string, list<int>>|null */
    private ?array $known = null;

    public function __construct(private readonly FaceSource $source, private readonly Shaper $shaper = new HarfBuzz, private readonly ?OwnFonts $fonts = null)
    {
        $this->pieces = new Pieces($shaper);
    }

    /**
     * The fonts of the project at hand: what is called as one of them is set in it.
     *
     * @param  list<OwnFace>  $faces
     */
    public function own(array $faces): void
    {
        if ($this->own === $faces || OwnFace::changed($this->own, $faces) === []) {
            return;
        }
        $this->own = $faces;
        $this->faces = $this->asked = $this->outlines = $this->ownFamilies = [];
        $this->known = null;
        foreach ($faces as $face) {
            // What ships keeps its name: the hand lettering, the kit and the interface are set in it.
            if (! isset($this->source->families()[$face->family]) && $this->fonts?->metrics($face->asset) !== null) {
                $this->ownFamilies[$face->family][] = $face;
            }
        }
    }

    /** @return array<string, list<int>> the weights of each family, those of the project first */
    public function families(): array
    {
        if ($this->known !== null) {
            return $this->known;
        }
        $own = array_map(function (array $faces): array {
            $weights = array_values(array_unique(array_map(fn (OwnFace $face): int => $face->weight, $faces)));
            sort($weights);

            return $weights;
        }, $this->ownFamilies);

        return $this->known = $own + $this->shipped();
    }

    /** @return array<string, list<int>> the families that come with the application */
    public function shipped(): array
    {
        return $this->source->families();
    }

    /** Whether a family is one of the project’s own. */
    public function isOwn(string $family): bool
    {
        return isset($this->ownFamilies[$family]);
    }

    /** Whether there is a face of a family, of just this weight and slope; where there is none another stands in, and an italic is slanted. */
    public function isThere(string $family, int $weight, bool $italic): bool
    {
        $own = $this->ownFamilies[$family] ?? null;

        return $own === null
            ? in_array($weight, $this->source->families()[$family] ?? [], true) && (! $italic || $this->hasItalic($family))
            : array_filter($own, fn (OwnFace $face): bool => $face->weight === $weight && $face->italic === $italic) !== [];
    }

    /** The italic where one is asked for and drawn; one that is made by slanting measures like the upright face. */
    public function face(string $family, int $weight, bool $italic = false): Face
    {
        return $this->asked["{$family} {$weight} {$italic}"] ??= $this->found($family, $weight, $italic);
    }

    private function found(string $family, int $weight, bool $italic): Face
    {
        [$family, $weight] = $this->nearest($family, $weight);
        $italic = $italic && $this->hasItalic($family);

        return $this->faces["{$family} {$weight} {$italic}"] ??= $this->ownFace($family, $weight, $italic) ?? new Face($this->source->metrics($family, $weight, $italic), $this->source->font($family, $weight, $italic), $this->source->isMeasured($family));
    }

    public function outlines(string $family, int $weight, bool $italic = false): Outlines
    {
        [$family, $weight] = $this->nearest($family, $weight);
        $drawn = $italic && $this->hasItalic($family);

        return $this->outlines["{$family} {$weight} {$italic}"]
            ??= new Outlines($this->face($family, $weight, $drawn), $this->isOwn($family) ? ['glyphs' => [], 'ligatures' => []] : $this->source->outlines($family, $weight, $drawn), $italic && ! $drawn ? self::SLANT : 0.0);
    }

    /**
     * The width in px of words of one line that are all set alike.
     *
     * @param  int  $script  that of what stands before them
     * @param  bool  $rightToLeft  whether they are known to be read so; their letters say it too
     */
    public function width(string $text, TextStyle $style, int $script = 0, bool $rightToLeft = false): float
    {
        $face = $this->face($style->family, $style->weight, $style->italic);

        return $style->size * ($this->isMeasured($face, $text, $style, $script, $rightToLeft)
            ? $face->width($text, $style->letterSpacing)
            : array_sum(array_map(fn (Piece $piece): float => $piece->width, $this->pieces($text, $style, $rightToLeft ? true : null, $script))));
    }

    /**
     * How far the pen goes at each character of words that are shaped, by the byte it begins with: px, to within what neighbours change.
     *
     * @return array<int, float>
     */
    public function steps(string $text, TextStyle $style, int $script, bool $rightToLeft): array
    {
        $steps = [];
        foreach ($this->pieces($text, $style, $rightToLeft ? true : null, $script) as $piece) {
            if ($piece->glyphs === []) {
                $characters = mb_str_split($piece->text);
                $each = $piece->width / max(1, count($characters)) * $style->size;
                $at = $piece->at;
                foreach ($characters as $character) {
                    $steps[$at] = $each;
                    $at += strlen($character);
                }
            }
            foreach ($piece->glyphs as $glyph) {
                $at = $piece->at + $glyph->cluster;
                $steps[$at] = ($steps[$at] ?? $piece->letterSpacing * $style->size) + $glyph->advance / $piece->face->unitsPerEm() * $style->size;
            }
        }

        return $steps;
    }

    /** Whether the tables of a face say all of words: they are in its usual forms, and stand as they would by themselves. */
    private function isMeasured(Face $face, string $text, TextStyle $style, int $script = 0, bool $rightToLeft = false): bool
    {
        return ! $rightToLeft && Scripts::isSimple($script) && ($style->variant->words === [] || $style->variant->of($face)->words === []) && $face->measures($text);
    }

    /** Whether words need faces beside their own, or have to be shaped: a page then names `BEYOND` after their family. */
    public function isBeyond(string $text, TextStyle $style): bool
    {
        return ! $this->isMeasured($this->face($style->family, $style->weight, $style->italic), $text, $style);
    }

    /**
     * Words by the faces that they are set in, from left to right as they are seen.
     *
     * @param  bool|null  $rightToLeft  null where their letters say it
     * @param  int  $script  that of what stands before them
     * @return list<Piece>
     */
    public function pieces(string $text, TextStyle $style, ?bool $rightToLeft = null, int $script = 0): array
    {
        $face = $this->face($style->family, $style->weight, $style->italic);

        return $this->pieces->of($text, $face, $this->beyond($style->weight), $style->letterSpacing, $rightToLeft, $script, $style->variant->of($face)->features());
    }

    /**
     * The fonts that a page needs beside that of their face to show words, known there as `BEYOND`, each with what CSS says of it.
     *
     * @return array<string, array{weight: int, ranges: string, file: \Closure(): string}> by names of ours; the files are WOFF2
     */
    public function standIns(string $text, TextStyle $style): array
    {
        $out = [];
        foreach ($this->isBeyond($text, $style) ? $this->pieces($text, $style) : [] as $piece) {
            [$family, $weight] = [$piece->face->family(), $piece->face->weight()];
            $ranges = $this->source->beyond()[$family]['ranges'] ?? null;
            if ($ranges !== null) {
                $asked = self::nearestOf(self::BEYOND_WEIGHTS, $style->weight);
                $out["{$family} {$asked}"] = ['weight' => $asked, 'file' => fn (): string => $this->source->file($family, $weight, false), 'ranges' => implode(',', array_map(fn (array $range): string => sprintf('U+%X-%X', ...$range), $ranges))];
            }
        }

        return $out;
    }

    /** @return list<int> the embedding level of each character of a paragraph; none where all of it is read from left to right */
    public function levels(string $paragraph): array
    {
        return Pieces::turns($paragraph) ? $this->shaper->levels($paragraph) : [];
    }

    /**
     * The script of each cluster of a paragraph by the byte it begins with, where that may decide how its words are set; none otherwise.
     *
     * @return array<int, int>
     */
    public function scripts(string $paragraph): array
    {
        if (preg_match('/[^\x{20}-\x{2FF}\x{2000}-\x{206F}]/u', $paragraph) !== 1) {
            return [];
        }
        $scripts = [];
        $at = 0;
        $clusters = Clusters::of($paragraph);
        foreach (Scripts::of($clusters) as $i => $script) {
            $scripts[$at] = $script;
            $at += strlen($clusters[$i]);
        }

        return $scripts;
    }

    /** @return list<array{Face, list<array{int, int}>}> what stands in for characters, with those that it is asked for */
    private function beyond(int $weight): array
    {
        return $this->beyond[$weight] ??= array_map(
            fn (string $family, array $one): array => [$this->opened($family, self::nearestOf($one['weights'], $weight)), $one['ranges']],
            array_keys($this->source->beyond()), $this->source->beyond(),
        );
    }

    private function opened(string $family, int $weight): Face
    {
        return $this->faces["{$family} {$weight} "] ??= new Face($this->source->metrics($family, $weight, false), $this->source->font($family, $weight, false), $this->source->isMeasured($family));
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

        return $this->path($run->text, $style, $run->x, $baseline, $run->rightToLeft, $run->script).implode('', array_map(fn (Box $line): string => Outline::box($line)->text(), $this->rules($run, $baseline)));
    }

    /**
     * Words of one line as path data.
     *
     * @param  float  $x  where they begin at the left, px
     * @param  float  $y  of their baseline, px
     * @param  bool  $rightToLeft  whether they are known to be read so; their letters say it too
     * @param  int  $script  that of what stands before them
     */
    public function path(string $text, TextStyle $style, float $x, float $y, bool $rightToLeft = false, int $script = 0): string
    {
        $outlines = $this->outlines($style->family, $style->weight, $style->italic);
        if ($this->isMeasured($outlines->face, $text, $style, $script, $rightToLeft)) {
            return $outlines->path($text, $x, $y, $style->size, $style->letterSpacing);
        }
        $slant = $style->italic && ! $this->hasItalic($style->family) ? self::SLANT : 0.0;
        $out = '';
        foreach ($this->pieces($text, $style, $rightToLeft ? true : null, $script) as $piece) {
            $own = $piece->face === $outlines->face;
            if ($piece->glyphs === []) {
                $out .= $own ? $outlines->path($piece->text, $x, $y, $style->size, $piece->letterSpacing) : '';
            }
            $scale = $style->size / $piece->face->unitsPerEm();
            $pen = $x;
            $cluster = null;
            foreach ($piece->glyphs as $glyph) {
                $pen += $cluster !== null && $cluster !== $glyph->cluster ? $piece->letterSpacing * $style->size : 0.0;
                $cluster = $glyph->cluster;
                $path = $this->shaper->outline($piece->face->font, $glyph->id);
                // What stands in has no italic: it is slanted, as the browser slants it.
                $out .= Outlines::placed($path, $pen + $glyph->x * $scale, $y - $glyph->y * $scale, $scale, $style->italic && (! $own || $slant > 0) ? self::SLANT : 0.0);
                $pen += $glyph->advance * $scale;
            }
            $x += $piece->width * $style->size;
        }

        return $out;
    }

    /** A run that is read from right to left, without the spaces at its ends: those at the end of a line belong to the line (UAX #9, rule L1), and would be seen on its other side. */
    public function withoutEnds(LaidRun $run): LaidRun
    {
        $text = trim($run->text, ' ');
        if (! $run->rightToLeft || $text === $run->text) {
            return $run;
        }
        $width = fn (string $spaces): float => $spaces === '' ? 0.0 : $this->width($spaces, $run->setting->style, $run->script, true);
        $last = $width(substr($run->text, strlen(rtrim($run->text, ' '))));

        return new LaidRun($text, $run->x + $last, $run->width - $last - $width(substr($run->text, 0, strlen($run->text) - strlen(ltrim($run->text, ' ')))), $run->setting, true, $run->script);
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
        return $this->isOwn($family) ? array_filter($this->ownFamilies[$family], fn (OwnFace $face): bool => $face->italic) !== [] : in_array($family, $this->source->italics(), true);
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

        $own = $this->chosen($family, $weight, $italic && $this->hasItalic($family));

        return $own !== null && $this->fonts !== null ? $this->fonts->file($own->asset) : $this->source->file($family, $weight, $italic && $this->hasItalic($family));
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

        return [$family, self::nearestOf($families[$family], $weight)];
    }

    private function ownFace(string $family, int $weight, bool $italic): ?Face
    {
        $own = $this->chosen($family, $weight, $italic);
        if ($own === null || $this->fonts === null) {
            return null;
        }
        $metrics = $this->fonts->metrics($own->asset);

        return $metrics === null ? null : new Face(['family' => $family, 'weight' => $own->weight] + $metrics, $this->fonts->font($own->asset), false);
    }

    /** The face of an own family that words are set in: of their slope where there is one, of the nearest weight. */
    private function chosen(string $family, int $weight, bool $italic): ?OwnFace
    {
        $faces = $this->ownFamilies[$family] ?? [];
        $sloped = array_filter($faces, fn (OwnFace $face): bool => $face->italic === $italic);
        $of = array_values($sloped === [] ? $faces : $sloped);
        $nearest = $of === [] ? null : self::nearestOf(array_map(fn (OwnFace $face): int => $face->weight, $of), $weight);

        return array_values(array_filter($of, fn (OwnFace $face): bool => $face->weight === $nearest))[0] ?? null;
    }

    /** @param  list<int>  $weights */
    private static function nearestOf(array $weights, int $weight): int
    {
        usort($weights, fn (int $a, int $b): int => self::distance($a, $weight) <=> self::distance($b, $weight));

        return $weights[0];
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
