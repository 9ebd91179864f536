<?php

declare(strict_types=1);

namespace App\Canvas;

use Kindred\Document\Layer\IconSource;

/** The icon library as the build compiled it. */
final class CompiledIcons implements IconSource
{
    /** @var array<string, array{nodes: list<array{string, array<string, string>}>, tags: list<string>}>|null */
    private ?array $icons = null;

    public function __construct(private readonly string $folder)
    {
    }

    public function nodes(string $icon): ?array
    {
        return $this->icons()[$icon]['nodes'] ?? null;
    }

    public function search(string $query, int $limit): array
    {
        $words = array_filter(preg_split('/[\s-]+/', mb_strtolower(trim($query))) ?: []);
        $scores = [];
        foreach ($this->icons() as $name => ['tags' => $tags]) {
            $score = 0;
            foreach ($words as $word) {
                $score += $best = match (true) {
                    $name === $word => 4,
                    in_array($word, explode('-', $name), true) => 3,
                    str_contains($name, $word) => 2,
                    array_filter($tags, fn (string $tag): bool => str_contains($tag, $word)) !== [] => 1,
                    default => 0,
                };
                if ($best === 0) {
                    continue 2;
                }
            }
            $scores[$name] = $score * 100 - strlen($name);
        }
        arsort($scores);

        return array_slice(array_map(strval(...), array_keys($scores)), 0, $limit);
    }

    /** @return array<string, array{nodes: list<array{string, array<string, string>}>, tags: list<string>}> */
    private function icons(): array
    {
        return $this->icons ??= require "{$this->folder}/icons.php";
    }
}
