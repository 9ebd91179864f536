<?php

declare(strict_types=1);

namespace Kindred\Type;

/** Words with all that says how they are set: their style, the runs that are otherwise, and their paragraphs. */
final readonly class Passage
{
    /** What may be filled in: `{pieces}`. */
    private const PLACEHOLDER = '/(\{[^{}]*\})/u';

    /**
     * @param  list<Run>  $runs  one after another, none over another
     * @param  list<Paragraph>  $paragraphs  by their number; those that are missing are plain
     * @param  int|null  $maxLines  null for all
     */
    public function __construct(public string $words, public TextStyle $style, public array $runs = [], public array $paragraphs = [], public ?int $maxLines = null)
    {
    }

    public function with(mixed ...$changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]); // @phpstan-ignore argument.type (the constructor checks each)
    }

    /** Whether all of it is set alike. */
    public function isPlain(): bool
    {
        return $this->runs === [] && $this->paragraphs === [];
    }

    /** With line ends of one kind, runs in order within the words and apart, and nothing said that is so anyway. */
    public function tidied(): self
    {
        if ($this->isPlain()) {
            return $this;
        }
        $length = mb_strlen($this->words);
        $runs = $this->runs;
        usort($runs, fn (Run $a, Run $b): int => $a->from <=> $b->from);
        $tidy = [];
        foreach ($runs as $run) {
            $before = $tidy === [] ? null : $tidy[count($tidy) - 1];
            $run = $run->beside($this->style)->with(from: max($run->from, $before->to ?? 0), to: min($run->to, $length));
            if ($run->from >= $run->to || $run->isPlain()) {
                continue;
            }
            if ($before !== null && $before->to === $run->from && $before->isLike($run)) {
                array_pop($tidy);
                $run = $run->with(from: $before->from);
            }
            $tidy[] = $run;
        }
        $paragraphs = array_slice($this->paragraphs, 0, substr_count($this->words, "\n") + 1);
        while ($paragraphs !== [] && $paragraphs[count($paragraphs) - 1]->isPlain()) {
            array_pop($paragraphs);
        }

        return $this->with(runs: $tidy, paragraphs: $paragraphs);
    }

    /**
     * With other words, as if what differs between both had been typed over: it is set as what it stands for was, and what is
     * only put in as what stands before it.
     */
    public function saying(string $words): self
    {
        if ($this->isPlain() || $words === $this->words) {
            return $this->with(words: $words);
        }
        [$old, $new] = [mb_str_split($this->words), mb_str_split($words)];
        [$from, $same] = self::ends($old, $new);

        return $this->replaced($from, count($old) - $same, implode('', array_slice($new, $from, count($new) - $same - $from)));
    }

    /**
     * With what each placeholder stands for.
     *
     * @param  \Closure(string): string  $fill  of words with placeholders, what they say
     */
    public function filled(\Closure $fill): self
    {
        if ($this->isPlain()) {
            return $this->saying($fill($this->words));
        }
        $passage = $this;
        $at = 0;
        $pieces = preg_split(self::PLACEHOLDER, $this->words, -1, PREG_SPLIT_DELIM_CAPTURE);
        foreach ($pieces === false ? [] : $pieces as $i => $piece) {
            $says = $i % 2 === 1 ? $fill($piece) : $piece;
            if ($says !== $piece) {
                $passage = $passage->replaced($at, $at + mb_strlen($piece), $says);
            }
            $at += mb_strlen($says);
        }

        return $passage;
    }

    /**
     * Its paragraphs: how each is set, and its words by what sets them.
     *
     * @return list<array{Paragraph, list<array{string, Setting}>}>
     */
    public function paragraphs(): array
    {
        $base = new Setting($this->style);
        $characters = mb_str_split($this->words);
        $pieces = $this->style->transform->pieces($characters);
        $out = [];
        $spans = [];
        $run = 0;
        $settings = array_map(fn (Run $one): Setting => $one->setting($this->style), $this->runs);
        foreach ($characters as $i => $character) {
            while (isset($this->runs[$run]) && $this->runs[$run]->to <= $i) {
                $run++;
            }
            if ($character === "\n") {
                $out[] = [$this->paragraphs[count($out)] ?? new Paragraph, $spans];
                $spans = [];

                continue;
            }
            $setting = isset($this->runs[$run]) && $this->runs[$run]->from <= $i ? $settings[$run] : $base;
            $last = count($spans) - 1;
            if ($last >= 0 && $spans[$last][1] === $setting) {
                $spans[$last][0] .= $pieces[$i];
            } else {
                $spans[] = [$pieces[$i], $setting];
            }
        }
        $out[] = [$this->paragraphs[count($out)] ?? new Paragraph, $spans];

        return $out;
    }

    /** With the characters from one to before another replaced. */
    private function replaced(int $from, int $to, string $by): self
    {
        $end = $from + mb_strlen($by);
        $grown = $end - $to;
        $putIn = $from === $to;
        $runs = [];
        foreach ($this->runs as $run) {
            $begins = match (true) {
                $run->from < $from, $run->from === $from && (! $putIn || $from === 0) => $run->from,
                $run->from < $to => $end,
                default => $run->from + $grown,
            };
            $ends = match (true) {
                $run->to < $from, $run->to === $from && ! $putIn => $run->to,
                $run->to < $to => $end,
                default => $run->to + $grown,
            };
            $runs[] = $run->with(from: $begins, to: max($begins, $ends));
        }
        $words = mb_substr($this->words, 0, $from).$by.mb_substr($this->words, $to);

        return $this->with(words: $words, runs: $runs, paragraphs: $this->reparagraphed($words))->tidied();
    }

    /** @return list<Paragraph> for other words: those at the beginning and the end that stay keep theirs */
    private function reparagraphed(string $words): array
    {
        [$old, $new] = [explode("\n", $this->words), explode("\n", $words)];
        if ($this->paragraphs === [] || count($old) === count($new)) {
            return $this->paragraphs;
        }
        [$from, $same] = self::ends($old, $new);
        $at = fn (int $i): Paragraph => $this->paragraphs[$i] ?? new Paragraph;
        $out = [];
        foreach (array_keys($new) as $i) {
            $out[] = match (true) {
                $i < $from => $at($i),
                $i >= count($new) - $same => $at($i - count($new) + count($old)),
                default => $at($from < count($old) - $same ? $from : max(0, $from - 1)),
            };
        }

        return $out;
    }

    /**
     * How many entries two lists have in common at their beginning, and after these at their end.
     *
     * @param  list<string>  $old
     * @param  list<string>  $new
     * @return array{int, int}
     */
    private static function ends(array $old, array $new): array
    {
        $min = min(count($old), count($new));
        $from = $same = 0;
        while ($from < $min && $old[$from] === $new[$from]) {
            $from++;
        }
        while ($same < $min - $from && $old[count($old) - 1 - $same] === $new[count($new) - 1 - $same]) {
            $same++;
        }

        return [$from, $same];
    }
}
