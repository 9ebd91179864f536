<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

/** A kind that puts what lies in it in its place, within its own box: side by side, one below the other, in rows of cells. */
interface Arranging extends BoxShaped, Container
{
}
