<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Input\Reader;

/**
 * What lies between two trees: layers and screens added, removed, and properties changed, by id.
 *
 * The one source of undo and redo, of the picture patch, and of "what changed".
 */
final readonly class Difference
{
    /** So far apart numbers are the same, px. */
    private const ROUNDING = 1e-6;

    /** @param  list<Change>  $changes */
    public function __construct(public array $changes)
    {
    }

    public static function between(Tree $before, Tree $after): self
    {
        return new self(array_merge(...array_map(fn (Entity $entity): array => self::of($entity, $entity->of($before), $entity->of($after)), Entity::cases())));
    }

    public static function read(Reader $in): self
    {
        return new self($in->list('changes', Change::read(...), 0, PHP_INT_MAX));
    }

    public function isEmpty(): bool
    {
        return $this->changes === [];
    }

    public function inverse(): self
    {
        return new self(array_map(fn (Change $change): Change => $change->inverse(), array_reverse($this->changes)));
    }

    /** @param  list<string>  $ids  of layers, screens and entries: what it says of others is left out */
    public function only(array $ids): self
    {
        $named = array_fill_keys($ids, true);

        return new self(array_values(array_filter($this->changes, fn (Change $change): bool => $change->entity === Entity::Project || isset($named[$change->id]))));
    }

    /**
     * The tree with these changes made.
     *
     * @param  (\Closure(Tree, Layer): list<string>)|null  $computed  the properties of a layer that are worked out again afterwards, and need not be what they were
     *
     * @throws Overtaken when a value that this would change is not what it was, or something has come to depend on what this would remove
     */
    public function applyTo(Tree $tree, ?\Closure $computed = null): Tree
    {
        $blocked = [];
        foreach ($this->changes as $change) {
            $current = $this->current($tree, $change);
            $layer = $change->entity === Entity::Layer ? $tree->layers[$change->id] ?? null : null;
            if (! $this->fits($change, $current, $layer === null || $computed === null ? [] : $computed($tree, $layer))) {
                $blocked[] = is_string($current['name'] ?? null) ? $current['name'] : $this->nameOf($change);
            }
        }
        if ($blocked !== []) {
            throw new Overtaken(array_values(array_unique($blocked)));
        }
        $after = $this->made($tree);
        $this->mustHoldTogether($tree, $after);

        return $after;
    }

    /** @return list<string> ids of the layers that the difference names */
    public function layers(): array
    {
        return $this->ids(Entity::Layer);
    }

    /** @return list<string> ids of the screens that the difference names */
    public function screens(): array
    {
        return $this->ids(Entity::Screen);
    }

    /** @return list<Entity> the kinds of things that it names */
    public function entities(): array
    {
        return array_values(array_filter(Entity::cases(), fn (Entity $entity): bool => $this->ids($entity) !== []));
    }

    /** @return list<string> ids of all that it names but the project */
    public function named(): array
    {
        return array_values(array_map(fn (Change $change): string => $change->id, array_filter($this->changes, fn (Change $change): bool => $change->entity !== Entity::Project)));
    }

    /** @return array{changes: list<array{entity: string, id: string, before: array<string, mixed>|null, after: array<string, mixed>|null}>} */
    public function toArray(): array
    {
        return ['changes' => array_map(fn (Change $change): array => $change->toArray(), $this->changes)];
    }

    /**
     * @param  array<string, Thing>  $before
     * @param  array<string, Thing>  $after
     * @return list<Change>
     */
    private static function of(Entity $entity, array $before, array $after): array
    {
        $changes = [];
        foreach ($after as $id => $value) {
            if (! isset($before[$id])) {
                $changes[] = new Change($entity, $id, null, $value->toArray());
            } elseif ($before[$id] !== $value) {
                $changes[] = self::compare($entity, $id, $before[$id], $value);
            }
        }
        foreach ($before as $id => $value) {
            if (! isset($after[$id])) {
                $changes[] = new Change($entity, $id, $value->toArray(), null);
            }
        }

        return array_values(array_filter($changes));
    }

    private static function compare(Entity $entity, string $id, Thing $before, Thing $after): ?Change
    {
        [$old, $new] = [$before->parts($after), $after->parts($before)];
        $earlier = $later = [];
        foreach ($old + $new as $key => $_) {
            // The same object needs no comparison. Equal values are written equally, so the written forms can be compared.
            if (($old[$key] ?? null) !== ($new[$key] ?? null) && json_encode($old[$key] ?? null) !== json_encode($new[$key] ?? null)) {
                $earlier[$key] = $old[$key] ?? null;
                $later[$key] = $new[$key] ?? null;
            }
        }

        return $earlier === [] ? null : new Change($entity, $id, $earlier, $later);
    }

    /**
     * Storage gives whole numbers back as integers and objects as arrays; written as text they are equal. A frame that is worked out again
     * around what is turned may differ in its last digits.
     */
    private static function same(mixed $a, mixed $b): bool
    {
        return $a === $b || (is_float($a) && is_float($b) && abs($a - $b) < self::ROUNDING) || json_encode(self::plain($a)) === json_encode(self::plain($b));
    }

    private static function plain(mixed $value): mixed
    {
        return $value instanceof \stdClass || is_array($value) ? array_map(self::plain(...), (array) $value) : $value;
    }

    /** @return array<string, mixed>|null whole where it would go as it is, as it came */
    private function current(Tree $tree, Change $change): ?array
    {
        $thing = $change->entity->found($tree, $change);

        return $change->after === null ? $thing?->toArray() : $thing?->parts();
    }

    /**
     * @param  array<string, mixed>|null  $current
     * @param  list<string>  $computed
     */
    private function fits(Change $change, ?array $current, array $computed): bool
    {
        if ($change->before === null || $current === null) {
            return $change->before === null && $current === null;
        }
        $asked = array_diff_key($change->before, array_flip($computed));

        return $this->holds($current, $asked) || $this->holds($current, array_intersect_key($this->clamped($change, $current), $asked));
    }

    /**
     * @param  array<string, mixed>  $current
     * @param  array<string, mixed>  $values
     */
    private function holds(array $current, array $values): bool
    {
        foreach ($values as $key => $value) {
            if (! self::same($current[$key] ?? null, $value)) {
                return false;
            }
        }

        return true;
    }

    /**
     * The earlier values as they are read today: values beyond the limits, which old versions wrote, are clamped.
     *
     * @param  array<string, mixed>  $current
     * @return array<string, mixed>
     */
    private function clamped(Change $change, array $current): array
    {
        return $change->entity->kept()->class::kept([...$current, ...$change->before ?? []])->parts();
    }

    /** All of it at once: a tree is copied with every change of it. */
    private function made(Tree $tree): Tree
    {
        $put = $gone = [];
        foreach ($this->changes as $change) {
            if ($change->after === null) {
                $gone[$change->entity->value][] = $change->id;
            } else {
                $put[$change->entity->value][] = $change->entity->kept()->class::kept([...$this->current($tree, $change) ?? [], ...$change->after]);
            }
        }
        foreach ($gone as $entity => $ids) {
            $tree = $tree->without(Entity::from($entity), ...$ids);
        }
        foreach (Entity::cases() as $entity) {
            $tree = isset($put[$entity->value]) ? $tree->put($entity, ...$put[$entity->value]) : $tree;
        }

        return $tree;
    }

    /** Nothing may be left inside a removed layer, or put back into one that no longer exists. */
    private function mustHoldTogether(Tree $before, Tree $after): void
    {
        $blocked = [];
        foreach ($this->changes as $change) {
            if ($change->entity !== Entity::Layer || $change->after === null) {
                continue;
            }
            // In a partial tree only what the change names is sure to be loaded.
            $layer = $after->layer($change->id);
            $noParent = $change->touches('parent') && $layer->parent !== null && ! isset($after->layers[$layer->parent]);
            $noScreen = $change->touches('screen') && $layer->screen !== null && ! isset($after->screens[$layer->screen]);
            if ($noParent || $noScreen) {
                $blocked[] = $layer->name;
            }
        }
        foreach ($after->layers as $layer) {
            if ($layer->parent !== null && isset($before->layers[$layer->parent]) && ! isset($after->layers[$layer->parent])) {
                $blocked[] = $layer->name;
            }
            if ($layer->screen !== null && isset($before->screens[$layer->screen]) && ! isset($after->screens[$layer->screen])) {
                $blocked[] = $layer->name;
            }
        }
        if ($blocked !== []) {
            throw new Overtaken(array_values(array_unique($blocked)));
        }
    }

    private function nameOf(Change $change): string
    {
        $name = $change->before['name'] ?? $change->after['name'] ?? $change->before['title'] ?? null;

        return is_string($name) ? $name : "a {$change->entity->value} that was deleted";
    }

    /** @return list<string> */
    private function ids(Entity $entity): array
    {
        $named = array_filter($this->changes, fn (Change $change): bool => $change->entity === $entity);

        return array_values(array_map(fn (Change $change): string => $change->id, $named));
    }
}
