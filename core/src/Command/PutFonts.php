<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Project;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Type\OwnFace;

/** Takes fonts into a project: one of the same family, weight and slope takes the place of that which is there. What is set in these families is laid out anew. */
final readonly class PutFonts implements Command
{
    /** @param  non-empty-list<OwnFace>  $fonts */
    private function __construct(private array $fonts)
    {
    }

    public static function type(): string
    {
        return 'put-fonts';
    }

    public static function read(Reader $in): self
    {
        $fonts = $in->list('fonts', OwnFace::read(...), 1, Project::MAX_FONTS);

        return $fonts === [] ? $in->fail('fonts', 'at least one font is expected') : new self($fonts);
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(families: $this->families());
    }

    public function apply(Tree $tree): Tree
    {
        return self::with($tree, ...$this->fonts);
    }

    /** @throws InvalidInput where a project cannot hold so many */
    public static function with(Tree $tree, OwnFace ...$fonts): Tree
    {
        $all = [];
        foreach ([...$tree->project->fonts, ...$fonts] as $face) {
            $all[$face->cut()] = $face;
        }
        ksort($all, SORT_STRING);
        if (count($all) > Project::MAX_FONTS) {
            throw new InvalidInput('fonts', 'A project holds at most '.Project::MAX_FONTS.' fonts of its own. Nothing was changed.');
        }

        return $tree->withProject($tree->project->with(fonts: array_values($all)));
    }

    public function label(Tree $before): string
    {
        return 'Import '.implode(' and ', array_map(fn (string $family): string => "“{$family}”", $this->families()));
    }

    /** @return list<string> */
    private function families(): array
    {
        return array_values(array_unique(array_map(fn (OwnFace $face): string => $face->family, $this->fonts)));
    }
}
