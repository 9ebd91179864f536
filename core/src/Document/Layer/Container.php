<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

/** A kind that holds other layers. */
interface Container extends LayerContent
{
}
