<?php

declare(strict_types=1);

namespace Kindred\Stress;

use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Geometry\Box;

/** Something that breaks under a strain, and what would hold. */
final readonly class Broken
{
    /**
     * @param  list<Box>  $boxes  where it lies on the screen under strain, px: in each copy
     * @param  Fix|null  $fix  of the screen as it is: with it this does not break
     */
    public function __construct(public Finding $finding, public array $boxes, public ?Fix $fix)
    {
    }
}
