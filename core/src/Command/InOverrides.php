<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Sheet\Filling;
use Kindred\Document\Tree;
use Kindred\Property\Path;

/**
 * Changes what copies and states have for themselves as layers are changed.
 *
 * @phpstan-import-type Values from OverrideValues
 */
final class InOverrides
{
    /**
     * @param  Values  $values
     * @param  \Closure(Layer, \Closure(string): bool): array{Layer, list<string>}  $change  a layer as it is shown, and whether a property of it is
     *                                                                                      said there; gives it changed, and the paths that are
     * @return Values with the values, and what they are bound to, as they are then
     */
    public static function changed(Tree $tree, array $values, \Closure $change): array
    {
        foreach ($values as $written => $own) {
            $address = Address::of((string) $written);
            $layer = $tree->layers[$address->layer] ?? null;
            if ($layer === null) {
                continue;
            }
            $shown = Filling::layer($tree, $layer, $own);
            [$new, $paths] = $change($shown, fn (string $path): bool => OverrideValues::governs($own, $path));
            foreach ($paths === [] ? [] : OverrideValues::paths($values, $address) as $key) {
                $plain = Path::of($key)->plain($new);
                $values = $plain === Path::of($key)->plain($shown) ? $values : OverrideValues::with($values, $address, $key, $plain);
            }
            $values = OverrideValues::boundAs($values, $address, $new, $paths);
        }

        return $values;
    }
}
