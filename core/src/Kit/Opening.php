<?php

declare(strict_types=1);

namespace Kindred\Kit;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Widget;

/** A widget from which another opens in a rehearsal, that sets its value. */
interface Opening extends Interactive
{
    /** What opens, as wide and high as it opens; null where all of it is seen already. */
    public function opened(Layer $layer, Widget $content): ?Layer;
}
