<?php

declare(strict_types=1);

namespace Kindred\Kit;

use Kindred\Signal\Kind;

/** A widget that works in a rehearsal; its value is a signal. */
interface Interactive extends WidgetKind
{
    public function signal(): Kind;
}
