<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

/**
 * A kind of which a part can be long, so that a difference holds what changed in it and not all of it: as a difference
 * sees it, each such part is a property of its own.
 */
interface InParts extends LayerContent
{
    /**
     * As toArray, but with long parts as properties of their own.
     *
     * @param  LayerContent|null  $beside  parts that both have may be left out
     * @return array<string, mixed>
     */
    public function parts(?LayerContent $beside = null): array;

    /**
     * Properties of a layer of this kind with the parts put together again, as `read` wants them.
     *
     * @param  array<array-key, mixed>  $parts
     * @return array<array-key, mixed>
     */
    public static function joined(array $parts): array;
}
