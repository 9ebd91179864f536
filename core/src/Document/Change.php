<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Input\Reader;

/**
 * One entry of a Difference. `before` null: added, `after` null: removed; both then hold every
 * property. Otherwise both hold the changed properties only, under the same keys.
 */
final readonly class Change
{
    /**
     * @param  array<string, mixed>|null  $before
     * @param  array<string, mixed>|null  $after
     */
    public function __construct(
        public Entity $entity,
        public string $id,
        public ?array $before,
        public ?array $after,
    ) {
    }

    public static function read(Reader $in): self
    {
        return new self(
            $in->enum('entity', Entity::class),
            $in->string('id', 26),
            self::properties($in->optional('before')),
            self::properties($in->optional('after')),
        );
    }

    public function inverse(): self
    {
        return new self($this->entity, $this->id, $this->after, $this->before);
    }

    public function isAddition(): bool
    {
        return $this->before === null;
    }

    public function isRemoval(): bool
    {
        return $this->after === null;
    }

    public function touches(string ...$properties): bool
    {
        $has = $this->after ?? $this->before ?? [];
        foreach ($properties as $property) {
            if (array_key_exists($property, $has)) {
                return true;
            }
        }

        return false;
    }

    /** Whether it touches a property among the parts whose name begins so. */
    public function touchesAny(string ...$prefixes): bool
    {
        foreach (array_keys($this->after ?? $this->before ?? []) as $key) {
            foreach ($prefixes as $prefix) {
                if (str_starts_with($key, $prefix)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array{entity: string, id: string, before: array<string, mixed>|null, after: array<string, mixed>|null} */
    public function toArray(): array
    {
        return ['entity' => $this->entity->value, 'id' => $this->id, 'before' => $this->before, 'after' => $this->after];
    }

    /** @return array<string, mixed>|null */
    private static function properties(?Reader $in): ?array
    {
        if ($in === null) {
            return null;
        }
        $out = [];
        foreach ($in->raw() as $key => $value) {
            $out[(string) $key] = $value;
        }

        return $out;
    }
}
