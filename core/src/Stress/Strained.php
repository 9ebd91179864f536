<?php

declare(strict_types=1);

namespace Kindred\Stress;

use Kindred\Document\Tree;

/** A screen under a strain, laid out, and what of it breaks. */
final readonly class Strained
{
    /** @param  list<Broken>  $broken */
    public function __construct(public Strain $strain, public Tree $tree, public array $broken)
    {
    }
}
