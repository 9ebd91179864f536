<?php

declare(strict_types=1);

namespace Kindred\Signal;

use Kindred\Input\InvalidInput;

/**
 * Words with holes in them: `{pieces}`, `{pieces * shelf.value as #,##0.00}`. A hole that is no formula, or reads what no
 * widget gives, stays as it is written.
 *
 * @phpstan-import-type Step from Formula
 * @phpstan-import-type Compiled from Pattern
 *
 * @phpstan-type Hole array{steps: list<Step>, pattern: Compiled|null}
 */
final class Template
{
    private const HOLE = '/\{([^{}]*)\}/u';

    public static function holds(string $words): bool
    {
        return preg_match(self::HOLE, $words) === 1;
    }

    /**
     * @param  array<string, Kind>  $signals  by name
     * @return list<string|Hole>|null null where nothing is to be filled in
     */
    public static function compile(string $words, array $signals): ?array
    {
        $split = preg_split(self::HOLE, $words, -1, PREG_SPLIT_DELIM_CAPTURE);
        /** @var list<string|Hole> $pieces */
        $pieces = [];
        foreach ($split === false ? [] : $split as $i => $part) {
            $piece = $i % 2 === 0 ? $part : self::hole($part, $signals) ?? '{'.$part.'}';
            if ($piece !== '') {
                $pieces[] = $piece;
            }
        }

        return array_filter($pieces, is_array(...)) === [] ? null : $pieces;
    }

    /**
     * What is wrong with the holes of some words, in sentences.
     *
     * @param  array<string, Kind>  $signals
     * @return list<string>
     */
    public static function problems(string $words, array $signals): array
    {
        preg_match_all(self::HOLE, $words, $match);
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
     * @return Hole|null
     */
    private static function hole(string $source, array $signals): ?array
    {
        try {
            return self::parse($source, $signals);
        } catch (InvalidInput) {
            return null;
        }
    }

    /**
     * @param  array<string, Kind>  $signals
     * @return Hole
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
