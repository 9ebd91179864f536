<?php

declare(strict_types=1);

namespace Kindred\Type;

/**
 * Hands over the tables that the build compiled from the shipped fonts.
 *
 * @phpstan-type Metrics array{family: string, weight: int, unitsPerEm: int, ascent: int, descent: int, lineGap: int, xHeight: int, capHeight: int, underline: array{int, int}, lineThrough: array{int, int}, features: list<string>, latin: int, advances: array<int, int>, pairs: array<int, int>, plainPairs: array<int, int>, triples: array<string, int>}
 * @phpstan-type OutlineTables array{glyphs: array<int, string>, ligatures: array<array-key, array{int, string}>}
 */
interface FaceSource
{
    /** @return array<string, list<int>> the weights of each family, by family name */
    public function families(): array;

    /** @return list<string> the families that have an italic of each of their weights */
    public function italics(): array;

    /** @return Metrics */
    public function metrics(string $family, int $weight, bool $italic): array;

    /** @return OutlineTables */
    public function outlines(string $family, int $weight, bool $italic): array;

    /**
     * The families that stand in for characters that others do not have, in the order in which they are asked: their weights, and which
     * characters they are asked for, from one to another.
     *
     * @return array<string, array{weights: list<int>, ranges: list<array{int, int}>}>
     */
    public function beyond(): array;

    /** Where the font lies that words of a face are shaped with, where they are. */
    public function font(string $family, int $weight, bool $italic): string;

    /** Whether a face has tables that its words are measured by. */
    public function isMeasured(string $family): bool;

    /** The font file itself, WOFF2. */
    public function file(string $family, int $weight, bool $italic): string;
}
