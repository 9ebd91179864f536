<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/**
 * One thing that a person does to a document. A new command is a class here and a line in Commands.
 */
interface Command
{
    /** The name under which it travels. */
    public static function type(): string;

    /** @throws \Kindred\Input\InvalidInput */
    public static function read(Reader $in): self;

    /** What it needs; it may look at nothing else. */
    public function workingSet(): WorkingSet;

    /**
     * The tree after it.
     *
     * @throws \Kindred\Input\InvalidInput|\Kindred\Document\Missing
     */
    public function apply(Tree $tree): Tree;

    /** The step's name in the history, for a tree before the command: "Move Book button". */
    public function label(Tree $before): string;
}
