<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Edit\Field;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layout\Size;
use Kindred\Property\Path;

/**
 * Containers that are copies of each other: of the same parts in the same order, about the same size and nearly
 * the same look, wherever they lie. What differs between them is what somebody changed since.
 */
final readonly class Copies
{
    /** The most that the sides of copies may differ, as a factor. */
    private const ALIKE = 1.5;

    /** How many fields of look and place may differ, apart from words and pictures; at least as many as there are parts. */
    private const CHANGES = 4;

    /**
     * @param  non-empty-list<list<Layer>>  $parts  the layers of each copy, root first, those of the model first
     * @param  array<int, array<string, list<string>>>  $differences  values by part and field, a value a copy; words under "words", hidden under "shown"
     */
    private function __construct(public array $parts, public array $differences)
    {
    }

    /** Null where the layer is no container, or there is nothing else like it. */
    public static function of(Tree $tree, Layer $model): ?self
    {
        if (! $model->isContainer() || self::inCells($tree, $model)) {
            return null;
        }
        $wanted = self::structure($tree, $model);
        $parts = [$tree->subtree($model->id)];
        foreach ($tree->layers as $layer) {
            if ($layer->id === $model->id || ! $layer->isContainer() || ! $tree->isHung($layer) || ! self::alike($layer, $model) || self::structure($tree, $layer) !== $wanted || self::inCells($tree, $layer)) {
                continue;
            }
            $other = $tree->subtree($layer->id);
            $differing = array_map(fn (array $fields): int => count(array_diff(array_keys($fields), ['words', 'asset', Field::FILL, 'shown'])), self::differing([$parts[0], $other]));
            if (array_sum($differing) <= max(self::CHANGES, count($other))) {
                $parts[] = $other;
            }
        }

        return count($parts) < 2 ? null : new self($parts, self::differing($parts));
    }

    /**
     * What differs in a part, and the values that there are, in words: "words: Bowl, Mug".
     *
     * @return list<string>
     */
    public function told(int $part): array
    {
        $out = [];
        foreach ($this->differences[$part] ?? [] as $field => $values) {
            $label = Field::find($field)?->label() ?? $field;
            $shown = $field === 'asset' ? [count(array_unique($values)).' pictures'] : array_slice(array_values(array_unique($values)), 0, 4);
            $out[] = "{$label}: ".implode(', ', array_map(fn (string $value): string => $value === '' ? '–' : mb_strimwidth($value, 0, 28, '…'), $shown));
        }

        return $out;
    }

    private static function alike(Layer $a, Layer $b): bool
    {
        $near = fn (float $one, float $other): bool => max($one, $other) <= max(1.0, min($one, $other)) * self::ALIKE;

        // What is as large as its content may have more to say.
        $follows = fn (Size $one, Size $other): bool => $a->content instanceof Stack && $one === Size::Content && $other === Size::Content;

        return ($follows($a->widthFrom(), $b->widthFrom()) || $near($a->box->width, $b->box->width)) && ($follows($a->heightFrom(), $b->heightFrom()) || $near($a->box->height, $b->box->height));
    }

    private static function inCells(Tree $tree, Layer $layer): bool
    {
        return $layer->content instanceof Expanding || $tree->expanding($layer) !== [];
    }

    /** The kinds of all parts, as they lie in each other. */
    private static function structure(Tree $tree, Layer $layer): string
    {
        return $layer->isContainer()
            ? $layer->kind().'('.implode(' ', array_map(fn (Layer $child): string => self::structure($tree, $child), $tree->children(new Place($layer->screen, $layer->id)))).')'
            : $layer->kind();
    }

    /**
     * @param  non-empty-list<list<Layer>>  $parts
     * @return array<int, array<string, list<string>>>
     */
    private static function differing(array $parts): array
    {
        $out = [];
        foreach (array_keys($parts[0]) as $i) {
            $same = array_map(fn (array $copy): Layer => $copy[$i], $parts);
            $laid = array_filter($parts[0], fn (Layer $one): bool => $one->id === $same[0]->parent && $one->lays($same[0])) !== [];
            $values = ['words' => array_map(fn (Layer $layer): string => $layer->content instanceof Text ? $layer->content->words : '', $same), 'shown' => array_map(fn (Layer $layer): string => $layer->hidden ? 'no' : 'yes', $same)];
            foreach (self::seen() as $root => $fields) {
                // Copies have nearly all in common: what is the same as a whole has no part that differs.
                $whole = array_map(fn (Layer $layer): mixed => Path::of($root)->plain($layer), $same);
                if (array_filter($whole, fn (mixed $one): bool => $one !== $whole[0]) === []) {
                    continue;
                }
                foreach ($fields as $path => $field) {
                    // Copies always lie in different places, and a group is as large as its content.
                    $own = ($i === 0 && ($path === 'x' || $path === 'y')) || ($same[0]->isGroup() && ($path === 'width' || $path === 'height'));
                    $values[$path] = $own ? [''] : array_map(fn (Layer $layer): string => self::derived($layer, $field, $laid) ? '' : $field->of($layer) ?? '', $same);
                }
            }
            $differing = array_filter($values, fn (array $all): bool => count(array_unique($all)) > 1);
            if ($differing !== []) {
                $out[$i] = $differing;
            }
        }

        return $out;
    }

    /** @return array<string, array<string, Field>> by what they are a part of, and path; words and layout follow from the structure, or are kept elsewhere */
    private static function seen(): array
    {
        /** @var array<string, array<string, Field>>|null $seen */
        static $seen = null;
        foreach ($seen === null ? Field::all() : [] as $path => $field) {
            if ($field->isSeen() && ! $field->hasShorthand()) {
                $seen[$field->root()][$path] = $field;
            }
        }

        return $seen ?? [];
    }

    /** The width of free words and the height of any follow from the words, sizes in a stack, of one and of an instance from what is in them. */
    private static function derived(Layer $layer, Field $field, bool $laid): bool
    {
        $sized = $laid || $layer->content instanceof Stack || $layer->content instanceof Instance;

        return match ($field->path) {
            'x', 'y' => $laid,
            'width' => ($layer->content instanceof Text && ! $layer->content->wrapped) || ($sized && $layer->widthFrom() !== Size::Length),
            'height' => $layer->content instanceof Text || ($sized && $layer->heightFrom() !== Size::Length),
            default => false,
        };
    }
}
