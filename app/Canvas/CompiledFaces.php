<?php

declare(strict_types=1);

namespace App\Canvas;

use Kindred\Type\FaceSource;

/** The faces that the build compiled into PHP tables; opcache keeps them in shared memory. */
final class CompiledFaces implements FaceSource
{
    /** @var array<string, array{slug: string, weights: list<int>}>|null */
    private ?array $index = null;

    public function __construct(private readonly string $folder)
    {
    }

    public function families(): array
    {
        return array_map(fn (array $family): array => $family['weights'], $this->index());
    }

    public function metrics(string $family, int $weight): array
    {
        return require "{$this->folder}/faces/{$this->slug($family)}-{$weight}.php";
    }

    public function outlines(string $family, int $weight): array
    {
        return require "{$this->folder}/faces/{$this->slug($family)}-{$weight}.outlines.php";
    }

    public function file(string $family, int $weight): string
    {
        return (string) file_get_contents("{$this->folder}/fonts/{$this->slug($family)}-{$weight}.woff2");
    }

    private function slug(string $family): string
    {
        return $this->index()[$family]['slug'];
    }

    /** @return array<string, array{slug: string, weights: list<int>}> */
    private function index(): array
    {
        return $this->index ??= require "{$this->folder}/faces/index.php";
    }
}
