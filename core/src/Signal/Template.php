<?php

declare(strict_types=1);

namespace Kindred\Signal;

use Kindred\Input\InvalidInput;

/**
 * Words with placeholders in them: `{pieces}`, `{pieces * shelf.value as #,##0.00}`. A placeholder that is no formula, or reads what no
 * widget gives, stays as it is written.
 *
 * @phpstan-import-type Step from Formula
 * @phpstan-import-type Compiled from Pattern
 *
 * @phpstan-type Placeholder array{steps: list<Step>, pattern: Compiled|null}
 */
final class Template
{
    private const PLACEHOLDER = '/\{([^{}]*)\}/u';

    /** What can be read though no widget gives it. */
    public const BUILT_IN = ['serial' => true, 'today' => true];

    public static function hasPlaceholders(string $words): bool
    {
        return preg_match(self::PLACEHOLDER, $words) === 1;
    }

    /**
     * @param  array<string, Kind>  $signals  by name
     * @return list<string|Placeholder>|null null where nothing is to be filled in
     */
    public static function compile(string $words, array $signals): ?array
    {
        $split = preg_split(self::PLACEHOLDER, $words, -1, PREG_SPLIT_DELIM_CAPTURE);
        /** @var list<string|Placeholder> $pieces */
        $pieces = [];
        foreach ($split === false ? [] : $split as $i => $part) {
            $piece = $i % 2 === 0 ? $part : self::placeholder($part, $signals) ?? '{'.$part.'}';
            if ($piece !== '') {
                $pieces[] = $piece;
            }
        }

        return array_filter($pieces, is_array(...)) === [] ? null : $pieces;
    }

    /** @return list<string> the signals that the placeholders of some words read, each once; none of what is no formula */
    public static function reads(string $words): array
    {
        preg_match_all(self::PLACEHOLDER, $words, $match);
        $read = [];
        foreach ($match[1] as $source) {
            try {
                foreach (Formula::parse((string) preg_replace('/\s+as\s+.*$/Disu', '', trim($source))) as $step) {
                    $read[] = $step['signal'] ?? '';
                }
            } catch (InvalidInput) {
                continue;
            }
        }

        return array_values(array_unique(array_filter($read, fn (string $name): bool => $name !== '')));
    }

    /**
     * What is wrong with the placeholders of some words, in sentences.
     *
     * @param  array<string, Kind>  $signals
     * @return list<string>
     */
    public static function problems(string $words, array $signals): array
    {
        preg_match_all(self::PLACEHOLDER, $words, $match);
        $problems = [];
        foreach ($match[1] as $source) {
            try {
                self::parse($source, $signals);
            } catch (InvalidInput $problem) {
                $problems[] = '{'.$source.'}: '.$problem->problem;
            }
        }

        return $problems;
    }

    /**
     * @param  array<string, Kind>  $signals
     * @return Placeholder|null
     */
    private static function placeholder(string $source, array $signals): ?array
    {
        try {
            return self::parse($source, $signals);
        } catch (InvalidInput) {
            return null;
        }
    }

    /**
     * @param  array<string, Kind>  $signals
     * @return Placeholder
     */
    private static function parse(string $source, array $signals): array
    {
        preg_match('/^(.*?)(?:\s+as\s+(.*))?$/Disu', trim($source), $match);
        [$formula, $pattern] = [$match[1] ?? '', $match[2] ?? ''];
        $steps = Formula::parse($formula);
        $days = 0;
        foreach ($steps as $step) {
            $name = $step['signal'] ?? null;
            if ($name === null) {
                continue;
            }
            $kind = $signals[$name] ?? throw new InvalidInput('words', "No widget gives “{$name}”.");
            $days += $kind === Kind::Date ? 1 : 0;
        }
        // One day with days added or taken away is a day; the distance of two is a number.
        $pattern = $pattern === '' && $days === 1 ? Pattern::DAY : $pattern;

        return ['steps' => $steps, 'pattern' => $pattern === '' ? null : Pattern::compile($pattern)];
    }
}
