<?php

declare(strict_types=1);

namespace Kindred\Kit;

/** A widget that belongs at the upper or the lower edge of a screen, as wide as it. */
interface Bar extends WidgetKind
{
    public function atFoot(): bool;
}
