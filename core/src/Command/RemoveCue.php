<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

final readonly class RemoveCue implements Command
{
    use OnCues;

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
        return new self($in->id('screen'), Address::optionalLayer($in, 'layer'), $in->id('cue'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->screen], layers: $this->layer === null ? [] : [$this->layer]);
    }

    public function apply(Tree $tree): Tree
    {
        $owner = $this->owner($tree);

        return $this->withCues($tree, $owner, array_values(array_filter($owner->cues, fn (Cue $cue): bool => $cue->id !== $this->cue)));
    }

    public function label(Tree $before): string
    {
        return "Remove a cue of {$this->named($before)}";
    }
}
