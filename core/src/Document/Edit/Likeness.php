<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Document\Layer;

/** What layers have in common when they are selected together. */
enum Likeness: string
{
    case Look = 'look';
    case Fill = 'fill';
    case Stroke = 'stroke';
    case Effect = 'effect';
    case Type = 'type';

    /** The value by which layers are alike in this; null where a layer has none. */
    public function key(Layer $layer): ?string
    {
        $root = match ($this) {
            self::Look => null,
            self::Fill => 'fills',
            self::Stroke => 'strokes',
            self::Effect => 'effects',
            self::Type => 'style',
        };
        $look = Look::of($layer, array_values(array_filter(Look::fields(), fn (Field $field): bool => ($root === null || $field->root() === $root) && ! ($this === self::Type && $field->path === 'style.align'))));
        if ($look === [] || ($this === self::Stroke && $layer->strokes === []) || ($this === self::Fill && $layer->fills === []) || ($this === self::Effect && $layer->effects === [])) {
            return null;
        }

        return ($this === self::Look ? "{$layer->kind()} " : '').json_encode($look, JSON_THROW_ON_ERROR);
    }

    /**
     * @param  iterable<Layer>  $layers
     * @param  list<Layer>  $models
     * @return list<Layer> those like any of the models, the models too; what is locked or hidden is left out
     */
    public function among(iterable $layers, array $models): array
    {
        $wanted = array_filter(array_map($this->key(...), $models), fn (?string $key): bool => $key !== null);
        $found = [];
        foreach ($layers as $layer) {
            if (! $layer->locked && ! $layer->hidden && in_array($this->key($layer), $wanted, true)) {
                $found[] = $layer;
            }
        }

        return $found;
    }
}
