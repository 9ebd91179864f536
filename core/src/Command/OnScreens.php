<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;

/** What commands on several screens share. */
trait OnScreens
{
    /** @param  list<string>  $ids */
    private function namingScreens(Tree $tree, array $ids): string
    {
        return count($ids) === 1 ? 'screen '.($tree->screens[$ids[0]]->name ?? '') : count($ids).' screens';
    }
}
