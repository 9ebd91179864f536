<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer\Lettered;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Sets all words of a project that are in one family in another, runs too. */
final readonly class ReplaceFamily implements Command
{
    private function __construct(private string $family, private string $by)
    {
    }

    public static function type(): string
    {
        return 'replace-family';
    }

    public static function read(Reader $in): self
    {
        return new self($in->string('family', 80), $in->string('by', 80));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(families: [$this->family]);
    }

    public function apply(Tree $tree): Tree
    {
        if ($this->by === '') {
            throw new InvalidInput('by', 'Choose the family that takes its place. Nothing was changed.');
        }
        $set = [];
        foreach ($tree->layers as $layer) {
            if ($layer->content instanceof Lettered && in_array($this->family, $layer->content->families(), true)) {
                $set[] = $layer->with(content: $layer->content->inFamily($this->family, $this->by));
            }
        }

        return $set === [] ? throw new InvalidInput('family', "No words are set in “{$this->family}”. Nothing was changed.") : $tree->withLayers(...$set);
    }

    public function label(Tree $before): string
    {
        return "Set in “{$this->by}” what was in “{$this->family}”";
    }
}
