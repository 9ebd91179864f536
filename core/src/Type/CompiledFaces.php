<?php

declare(strict_types=1);

namespace Kindred\Type;

/**
 * The faces that the build compiled into PHP tables; opcache keeps them in shared memory.
 *
 * @phpstan-import-type Metrics from FaceSource
 * @phpstan-import-type OutlineTables from FaceSource
 */
final class CompiledFaces implements FaceSource
{
    /** @var array<string, array{slug: string, weights: list<int>, italic: bool, ranges?: list<array{int, int}>}>|null */
    private ?array $index = null;

    public function __construct(private readonly string $folder)
    {
    }

    public function families(): array
    {
        return array_map(fn (array $family): array => $family['weights'], array_filter($this->index(), fn (array $family): bool => ! isset($family['ranges'])));
    }

    public function italics(): array
    {
        return array_keys(array_filter($this->index(), fn (array $family): bool => $family['italic']));
    }

    public function metrics(string $family, int $weight, bool $italic): array
    {
        /** @var Metrics $metrics */
        $metrics = require "{$this->folder}/faces/{$this->name($family, $weight, $italic)}.php";

        return $metrics;
    }

    public function outlines(string $family, int $weight, bool $italic): array
    {
        /** @var OutlineTables $tables */
        $tables = require "{$this->folder}/faces/{$this->name($family, $weight, $italic)}.outlines.php";

        return $tables;
    }

    public function beyond(): array
    {
        $beyond = [];
        foreach ($this->index() as $name => $family) {
            if (isset($family['ranges'])) {
                $beyond[$name] = ['weights' => $family['weights'], 'ranges' => $family['ranges']];
            }
        }

        return $beyond;
    }

    public function font(string $family, int $weight, bool $italic): string
    {
        return "{$this->folder}/fonts/{$this->name($family, $weight, $italic)}.ttf";
    }

    public function isMeasured(string $family): bool
    {
        return ! isset($this->index()[$family]['ranges']);
    }

    public function file(string $family, int $weight, bool $italic): string
    {
        return (string) file_get_contents("{$this->folder}/fonts/{$this->name($family, $weight, $italic)}.woff2");
    }

    private function name(string $family, int $weight, bool $italic): string
    {
        return $this->index()[$family]['slug']."-{$weight}".($italic ? '-italic' : '');
    }

    /** @return array<string, array{slug: string, weights: list<int>, italic: bool, ranges?: list<array{int, int}>}> */
    private function index(): array
    {
        if ($this->index === null) {
            /** @var array<string, array{slug: string, weights: list<int>, italic: bool, ranges?: list<array{int, int}>}> $index */
            $index = require "{$this->folder}/faces/index.php";
            $this->index = $index;
        }

        return $this->index;
    }
}
