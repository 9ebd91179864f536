<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Document\Address;
use Kindred\Document\Tree;

/** Nothing is known of pictures. */
final class NoBackdrops implements Backdrops
{
    public function behind(Tree $tree, Address $address): array
    {
        return [];
    }
}
