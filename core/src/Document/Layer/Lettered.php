<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\SetInFamilies;

/** A kind with words that are set in families of fonts. */
interface Lettered extends LayerContent, SetInFamilies
{
}
