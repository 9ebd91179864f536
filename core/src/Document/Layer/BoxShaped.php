<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

/** A kind that is painted as its box, whose corners may be round: its fills take up all of it. */
interface BoxShaped extends LayerContent
{
}
