<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer\OwnIcon;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Takes an icon out of a project. Where it is shown a circle stands for it, until one of its name is brought in. */
final readonly class RemoveIcon implements Command
{
    private function __construct(private string $icon)
    {
    }

    public static function type(): string
    {
        return 'remove-icon';
    }

    public static function read(Reader $in): self
    {
        return new self($in->string('icon', 60));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet;
    }

    public function apply(Tree $tree): Tree
    {
        $kept = array_values(array_filter($tree->project->icons, fn (OwnIcon $icon): bool => $icon->name !== $this->icon));
        if (count($kept) === count($tree->project->icons)) {
            throw new InvalidInput('icon', "“{$this->icon}” is no icon of this project. Nothing was changed.");
        }

        return $tree->withProject($tree->project->with(icons: $kept));
    }

    public function label(Tree $before): string
    {
        return "Remove the icon “{$this->icon}”";
    }
}
