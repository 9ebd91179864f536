<?php

declare(strict_types=1);

namespace Kindred\Exchange;

use Kindred\Document\Brief\Entry;
use Kindred\Document\Layer;
use Kindred\Document\Screen;

/** Takes what a project file holds, piece by piece, as ProjectReader comes to it. What it throws ends the reading. */
interface ProjectTarget
{
    /**
     * @param  Screen|null  $screen  null for the layers that lie loose on the wall
     * @param  list<Layer>  $layers  each parent before its children
     */
    public function layers(?Screen $screen, array $layers): void;

    public function entry(Entry $entry): void;

    public function note(FileNote $note): void;

    /** @param  string  $hash  SHA-256 of the bytes */
    public function picture(string $hash, string $bytes): void;
}
