<?php

declare(strict_types=1);

namespace Kindred\Document\Upgrade;

/** From one version of what is written to the next. */
interface Step
{
    /**
     * By itself: what lies around the layer is not known, and in a log only the properties that changed are there.
     *
     * @param  array<array-key, mixed>  $properties  of a layer, all or some
     * @return array<array-key, mixed>
     */
    public static function layer(array $properties): array;
}
