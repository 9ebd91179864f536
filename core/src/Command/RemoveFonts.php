<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Type\OwnFace;

/** Takes a family of its own out of a project. Words that name it keep its name, and are set in the usual family until it is there again. */
final readonly class RemoveFonts implements Command
{
    private function __construct(private string $family)
    {
    }

    public static function type(): string
    {
        return 'remove-fonts';
    }

    public static function read(Reader $in): self
    {
        return new self($in->string('family', 80));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(families: [$this->family]);
    }

    public function apply(Tree $tree): Tree
    {
        $kept = array_values(array_filter($tree->project->fonts, fn (OwnFace $face): bool => $face->family !== $this->family));
        if (count($kept) === count($tree->project->fonts)) {
            throw new InvalidInput('family', "“{$this->family}” is no font of this project. Nothing was changed.");
        }

        return $tree->withProject($tree->project->with(fonts: $kept));
    }

    public function label(Tree $before): string
    {
        return "Remove the font “{$this->family}”";
    }
}
