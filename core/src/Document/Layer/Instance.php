<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Address;
use Kindred\Document\Screen;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/**
 * A use of a component: its layers, in the states that are chosen, with single properties of its own, those that are slots of the
 * component among them. The layers lie on the sheet of the component (`Screen::component`); here is only what differs.
 *
 * @phpstan-import-type Values from OverrideValues
 */
final readonly class Instance implements Expanding
{
    use Declared;

    /**
     * @param  array<string, string>  $states  the chosen state by axis; the first where none is
     * @param  Values  $overrides
     */
    public function __construct(
        #[Is\Id(to: Screen::class, field: false)] public string $component,
        #[Is\Dictionary(26, field: false, sparse: true)] public array $states = [],
        #[Overrides(2, field: false, sparse: true)] public array $overrides = [],
    ) {
    }

    public static function kind(): string
    {
        return 'instance';
    }

    /** What a component is painted with is painted by its layers. */
    public function paint(): array
    {
        return ['effects' => self::ALPHA, 'isolation' => []];
    }

    public static function maxChildren(): int
    {
        return 0;
    }

    /** The one copy is called as the layer is. */
    public function copies(string $id): array
    {
        return [$id];
    }

    public function overriding(string $copy, Address $layer, string $path, mixed $value): static
    {
        return $this->with(overrides: OverrideValues::with($this->overrides, $layer, $path, $value));
    }

    public function following(string $copy, Address $layer, string $path): static
    {
        return $this->with(overrides: OverrideValues::without($this->overrides, $layer, $path));
    }

    public function overridden(string $copy, Address $layer): array
    {
        return OverrideValues::paths($this->overrides, $layer);
    }

    public function overrides(): array
    {
        return [$this->overrides];
    }

    public function withOverrides(\Closure $by): static
    {
        return $this->with(overrides: $by($this->overrides));
    }

    public function feeding(string $copy, string $layer, string $path, string $value): ?static
    {
        return null;
    }

    public function renamed(array $ids): static
    {
        return $this->with(overrides: OverrideValues::renamed($this->overrides, $ids));
    }

    public function words(): array
    {
        return OverrideValues::words($this->overrides);
    }

    public function components(): array
    {
        return [$this->component, ...OverrideValues::components($this->overrides)];
    }

    public static function followsTokens(): bool
    {
        return true;
    }

    public function pictures(): array
    {
        return OverrideValues::pictures($this->overrides);
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this;
    }
}
