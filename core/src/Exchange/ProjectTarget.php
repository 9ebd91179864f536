<?php

declare(strict_types=1);

namespace Kindred\Exchange;

use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Screen;
use Kindred\Document\Thing;
use Kindred\Type\OwnFace;

/** Takes what a project file holds, piece by piece, as ProjectReader comes to it. What it throws ends the reading. */
interface ProjectTarget
{
    /**
     * @param  Screen|null  $screen  null for the layers that lie loose on the wall
     * @param  list<Layer>  $layers  each parent before its children
     */
    public function layers(?Screen $screen, array $layers): void;

    /**
     * The fonts of the project, before what is set in them.
     *
     * @param  list<OwnFace>  $faces
     * @param  array<string, string>  $files  WOFF2, by the SHA-256 of their bytes
     */
    public function fonts(array $faces, array $files): void;

    /** One of what is kept in the general way: an entry of the brief, a token. */
    public function thing(Entity $entity, Thing $thing): void;

    public function note(FileNote $note): void;

    /** @param  string  $hash  SHA-256 of the bytes */
    public function picture(string $hash, string $bytes): void;
}
