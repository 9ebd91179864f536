<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

/** A kind that is drawn from plain layers, which it can be opened into: see `Kit::parts`. It is picked, and its paint chosen, as a whole. */
interface Composed extends LayerContent
{
}
