<?php

declare(strict_types=1);

namespace Kindred\Document\Command;

use Kindred\Document\Cue\Cue;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

final readonly class RemoveCue implements Command
{
    private function __construct(
        private string $screen,
        private ?string $layer,
        private string $cue,
    ) {
    }

    public static function type(): string
    {
        return 'remove-cue';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'), $in->optionalId('layer'), $in->id('cue'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->screen], layers: $this->layer === null ? [] : [$this->layer]);
    }

    public function apply(Tree $tree): Tree
    {
        $without = fn (Cue ...$cues): array => array_values(array_filter($cues, fn (Cue $cue): bool => $cue->id !== $this->cue));
        if ($this->layer === null) {
            $screen = $tree->screen($this->screen);

            return $tree->withScreens($screen->with(cues: $without(...$screen->cues)));
        }
        $layer = $tree->layer($this->layer);

        return $tree->withLayers($layer->with(cues: $without(...$layer->cues)));
    }

    public function label(Tree $before): string
    {
        $owner = $this->layer === null ? ($before->screens[$this->screen] ?? null) : ($before->layers[$this->layer] ?? null);

        return 'Remove a cue of '.($owner->name ?? 'a layer');
    }
}
