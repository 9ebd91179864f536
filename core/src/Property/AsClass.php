<?php

declare(strict_types=1);

namespace Kindred\Property;

/** A value that is painted by a CSS class, because SVG has no presentation attribute for it. */
interface AsClass
{
    /** Null where there is nothing to be said. */
    public function className(): ?string;

    /** The rules of all its classes. */
    public static function css(): string;
}
