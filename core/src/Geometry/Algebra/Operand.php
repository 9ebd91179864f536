<?php

declare(strict_types=1);

namespace Kindred\Geometry\Algebra;

use Kindred\Geometry\Curve\Curves;

/** A shape and how it is put together with those before it; of the first it says nothing. Subpaths that are open are closed by a line. */
final readonly class Operand
{
    /** @param  bool  $evenOdd  its `fill-rule`: `evenodd`, or `nonzero` */
    public function __construct(public Curves $curves, public bool $evenOdd = false, public Operation $operation = Operation::Union)
    {
    }

    /** Whether a place that is wound round so many times is inside. */
    public function inside(int $winding): bool
    {
        return $this->evenOdd ? $winding % 2 !== 0 : $winding !== 0;
    }
}
