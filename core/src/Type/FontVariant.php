<?php

declare(strict_types=1);

namespace Kindred\Type;

use Kindred\Input\InvalidInput;
use Kindred\Property\Amendable;

/** Other forms of figures and letters that a face may have, as CSS Fonts 4 has them for `font-variant` (sections 6.6 to 6.7); "normal" for none. */
final readonly class FontVariant implements Amendable
{
    /** By their words in CSS: the features of OpenType that give them (CSS Fonts 4, section 6). */
    public const FEATURES = [
        'lining-nums' => ['lnum'], 'oldstyle-nums' => ['onum'], 'proportional-nums' => ['pnum'], 'tabular-nums' => ['tnum'],
        'diagonal-fractions' => ['frac'], 'ordinal' => ['ordn'], 'slashed-zero' => ['zero'], 'small-caps' => ['smcp'], 'all-small-caps' => ['smcp', 'c2sc'],
    ];

    /** Of two only one can be. */
    private const APART = [['lining-nums', 'oldstyle-nums'], ['proportional-nums', 'tabular-nums'], ['small-caps', 'all-small-caps']];

    private const NONE = 'normal';

    /** @param  list<string>  $words  of CSS, in the order of `FEATURES` */
    public function __construct(public array $words = [])
    {
    }

    public static function parse(string $text, string $place = ''): self
    {
        $words = array_values(array_filter(explode(' ', str_replace(',', ' ', mb_strtolower(trim($text)))), fn (string $word): bool => $word !== '' && $word !== self::NONE));
        $unknown = array_values(array_diff($words, array_keys(self::FEATURES)));
        if ($unknown !== []) {
            throw new InvalidInput($place, "“{$unknown[0]}” is no form of letters or figures; known are ".implode(', ', array_keys(self::FEATURES)));
        }
        foreach (self::APART as $two) {
            if (array_diff($two, $words) === []) {
                throw new InvalidInput($place, "{$two[0]} and {$two[1]} cannot be at once");
            }
        }

        return new self(array_values(array_intersect(array_keys(self::FEATURES), $words)));
    }

    public static function examples(): array
    {
        return [self::NONE, 'tabular-nums', 'oldstyle-nums small-caps'];
    }

    public function text(): string
    {
        return $this->words === [] ? self::NONE : implode(' ', $this->words);
    }

    /** Only those that a face has: none is put on for it. */
    public function of(Face $face): self
    {
        return $this->words === [] ? $this : new self(array_values(array_filter($this->words, fn (string $word): bool => $face->hasFeatures(...self::FEATURES[$word]))));
    }

    /** `+small-caps` puts one on, in the place of what it cannot be with, and `-small-caps` takes it off; all else is as `parse` has it. */
    public function amended(string $text): self
    {
        if (preg_match('/^\s*([+-])(.*)$/s', $text, $typed) !== 1) {
            return self::parse($text);
        }
        $named = self::parse($typed[2])->words;
        $against = $typed[1] === '-' ? $named : array_merge([], ...array_filter(self::APART, fn (array $two): bool => array_intersect($two, $named) !== []));

        return self::parse(implode(' ', [...array_diff($this->words, $against), ...$typed[1] === '-' ? [] : $named]));
    }

    /** @return list<string> the features of OpenType that give them */
    public function features(): array
    {
        return array_values(array_unique(array_merge(...array_map(fn (string $word): array => self::FEATURES[$word], $this->words))));
    }
}
