<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Geometry\Box;
use Kindred\Input\Reader;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Type\LaidText;
use Kindred\Type\Paragraph;
use Kindred\Type\Passage;
use Kindred\Type\Run;
use Kindred\Type\TextStyle;
use Kindred\Type\Typesetter;
use Kindred\Type\VerticalAlign;

/**
 * Words. Free text is as wide as its longest line; wrapped text breaks at the width of its box. Both are as high as their lines,
 * unless their height is set: then they stand at its top, in its middle or at its foot, and may reach over it.
 */
final readonly class Text implements Lettered
{
    use Declared;

    public const MAX_LENGTH = 20_000;

    /**
     * @param  list<Run>  $runs  parts that are set in their own way, one after another
     * @param  list<Paragraph>  $paragraphs  by their number; those that are missing are plain
     */
    public function __construct(
        #[Is\Words(self::MAX_LENGTH, field: false)] public string $words,
        #[Is\Record(look: true)] public TextStyle $style,
        #[Is\Flag(label: 'wrapping')] public bool $wrapped = false,
        #[Is\Flag(label: 'set height', sparse: true)] public bool $fixed = false,
        #[Is\Choice(label: 'place', look: true, sparse: true)] public VerticalAlign $verticalAlign = VerticalAlign::Top,
        #[Is\Whole(1, 999, label: 'lines at most', sparse: true)] public ?int $maxLines = null,
        #[Is\Records(Run::class, Run::MAX, field: false, sparse: true)] public array $runs = [],
        #[Is\Records(Paragraph::class, self::MAX_LENGTH, field: false, sparse: true)] public array $paragraphs = [],
    ) {
    }

    /** Runs and paragraphs that its words have no place for are left out. */
    public static function read(Reader $in): self
    {
        // What is kept is as it was written: a token may have made the words like some of them for a while.
        return $in->isLenient() ? self::of($in) : self::of($in)->tidied();
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
        if ($this->wrapped) {
            return $this;
        }
        $factor = max($horizontally, $vertically);
        $runs = array_map(fn (Run $run): Run => $run->size === null ? $run : $run->with(size: TextStyle::fitted($run->size * $factor)), $this->runs);
        $paragraphs = array_map(fn (Paragraph $one): Paragraph => $one->with(before: min(1000.0, $one->before * $factor), after: min(1000.0, $one->after * $factor)), $this->paragraphs);

        return $this->with(style: $this->style->scaled($factor), runs: $runs, paragraphs: $paragraphs);
    }

    /** Whether its height is set, and not that of its lines. */
    public function keepsHeight(): bool
    {
        return $this->wrapped && $this->fixed;
    }

    public function families(): array
    {
        return array_values(array_unique([$this->style->family, ...array_filter(array_map(fn (Run $run): ?string => $run->family, $this->runs), is_string(...))]));
    }

    public function inFamily(string $by, string $instead): static
    {
        $style = $this->style->family === $by ? $this->style->with(family: $instead) : $this->style;

        return $this->with(style: $style, runs: array_map(fn (Run $run): Run => $run->family === $by ? $run->with(family: $instead) : $run, $this->runs));
    }

    public function passage(): Passage
    {
        return new Passage($this->words, $this->style, $this->runs, $this->paragraphs, $this->maxLines);
    }

    /** With other words; what stays of them is set as it was. */
    public function saying(string $words): self
    {
        return $this->having($this->passage()->saying($words));
    }

    /**
     * With other words, set in a new way.
     *
     * @param  list<Run>  $runs
     * @param  list<Paragraph>  $paragraphs
     */
    public function written(string $words, array $runs, array $paragraphs): self
    {
        return $this->with(words: $words, runs: $runs, paragraphs: $paragraphs)->tidied();
    }

    /** With one property of its style for all of it: no run has it in a way of its own any more. */
    public function withoutOwn(string $property): self
    {
        return $this->runs === [] || ! property_exists(Run::class, $property)
            ? $this
            : $this->with(runs: array_map(fn (Run $run): Run => $run->with(...[$property => null]), $this->runs))->tidied();
    }

    /** Laid out in a box; free words are aligned in its width. */
    public function laid(Typesetter $typesetter, Box $box, ?Passage $passage = null): LaidText
    {
        $laid = $typesetter->set($passage ?? $this->passage(), $this->wrapped ? $box->width : null, $box->width);

        return $laid->lowered(($box->height - $laid->height) * $this->verticalAlign->share());
    }

    /** Without what runs say that all the words are anyway. */
    public function tidied(): self
    {
        $passage = $this->passage();

        return $passage->isPlain() ? $this : $this->having($passage->tidied());
    }

    private function having(Passage $passage): self
    {
        return $this->with(words: $passage->words, runs: $passage->runs, paragraphs: $passage->paragraphs);
    }

    /** The first words of a text, as its layer is called. */
    public static function title(string $words): string
    {
        $line = trim((string) preg_replace('/[\p{Cc}\s]+/u', ' ', $words));

        return $line === '' ? 'Text' : mb_strimwidth($line, 0, 32, '…');
    }
}
