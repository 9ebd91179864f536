<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Kit\Kit;
use Kindred\Layout\Expansion;
use Kindred\Type\Typesetter;

/** What it takes to look at a screen. */
final readonly class Eyes
{
    public function __construct(public Typesetter $typesetter, public Expansion $expansion, public Kit $kit, public Backdrops $backdrops = new NoBackdrops)
    {
    }
}
