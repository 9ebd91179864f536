<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tracing;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Lays a picture under a screen to be traced, or takes it away (no asset). */
final readonly class SetTracing implements Command
{
    private function __construct(private string $screen, private ?string $asset, private int $width, private int $height)
    {
    }

    public static function type(): string
    {
        return 'set-tracing';
    }

    public static function read(Reader $in): self
    {
        $asset = $in->has('asset') ? $in->hash('asset') : null;

        return new self($in->id('screen'), $asset, $asset === null ? 0 : $in->whole('width', 1, 100_000), $asset === null ? 0 : $in->whole('height', 1, 100_000));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->screen]);
    }

    public function apply(Tree $tree): Tree
    {
        $screen = $tree->screen($this->screen);

        return $tree->withScreens($screen->with(tracing: $this->asset === null ? null : Tracing::under($screen->box->width, $this->asset, $this->width, $this->height)));
    }

    public function label(Tree $before): string
    {
        return ($this->asset === null ? 'Remove the tracing from ' : 'Lay a tracing under ').($before->screens[$this->screen]->name ?? 'a screen');
    }
}
