<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

/** The icons that there are: those that ship, and those of the project at hand. What ships keeps its name. */
final class IconBook implements IconSource
{
    /** @var array<string, OwnIcon> */
    private array $own = [];

    public function __construct(private readonly IconSource $shipped)
    {
    }

    /** @param  list<OwnIcon>  $icons  of the project at hand */
    public function own(array $icons): void
    {
        $this->own = array_column($icons, null, 'name');
    }

    /** @return array<string, OwnIcon> those of the project at hand, by name */
    public function owned(): array
    {
        return $this->own;
    }

    public function nodes(string $icon): ?array
    {
        return $this->shipped->nodes($icon) ?? ($this->own[$icon] ?? null)?->nodes();
    }

    public function search(string $query, int $limit): array
    {
        $words = explode(' ', strtr(mb_strtolower(trim($query)), '-', ' '));
        $own = array_filter(array_map(strval(...), array_keys($this->own)), fn (string $name): bool => array_filter($words, fn (string $word): bool => $word !== '' && ! str_contains($name, $word)) === []);

        return array_slice([...$own, ...$this->shipped->search($query, $limit)], 0, $limit);
    }

    /** Whether an icon of that name ships, or stands for one that is not there. */
    public function ships(string $icon): bool
    {
        return $this->shipped->nodes($icon) !== null;
    }
}
