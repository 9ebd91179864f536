<?php

declare(strict_types=1);

namespace Kindred\Kit;

/** A drawn keyboard: in a rehearsal its keys type into the field that was touched last. */
interface Keys extends WidgetKind
{
}
