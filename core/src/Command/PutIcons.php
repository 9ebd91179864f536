<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer\OwnIcon;
use Kindred\Document\Project;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Takes icons into a project: one of a name that it has already takes the place of that, wherever it is shown. */
final readonly class PutIcons implements Command
{
    /** @param  non-empty-list<OwnIcon>  $icons */
    private function __construct(private array $icons)
    {
    }

    public static function type(): string
    {
        return 'put-icons';
    }

    public static function read(Reader $in): self
    {
        $icons = $in->list('icons', OwnIcon::read(...), 1, Project::MAX_ICONS);

        return $icons === [] ? $in->fail('icons', 'at least one icon is expected') : new self($icons);
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet;
    }

    public function apply(Tree $tree): Tree
    {
        return self::with($tree, ...$this->icons);
    }

    public function label(Tree $before): string
    {
        return count($this->icons) === 1 ? "Import the icon “{$this->icons[0]->name}”" : 'Import '.count($this->icons).' icons';
    }

    /** @throws InvalidInput where a project cannot hold so many */
    public static function with(Tree $tree, OwnIcon ...$icons): Tree
    {
        $all = array_column([...$tree->project->icons, ...$icons], null, 'name');
        ksort($all, SORT_STRING);
        if (count($all) > Project::MAX_ICONS) {
            throw new InvalidInput('icons', 'A project holds at most '.Project::MAX_ICONS.' icons of its own. Nothing was changed.');
        }

        return $tree->withProject($tree->project->with(icons: array_values($all))->withinBounds());
    }
}
