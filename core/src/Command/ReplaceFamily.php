<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Entity;
use Kindred\Document\Families;
use Kindred\Document\Layer;
use Kindred\Document\Project;
use Kindred\Document\Screen;
use Kindred\Document\Thing;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\ThemeValue;
use Kindred\Document\Token\Token;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Sets all words of a project that are in one family in another: runs, and what copies and states have otherwise, too; tokens and the dress of widgets name it then. */
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
        return new WorkingSet(reel: true, things: Themes::HOUSE, families: [$this->family], bound: true);
    }

    public function apply(Tree $tree): Tree
    {
        if ($this->by === '') {
            throw new InvalidInput('by', 'Choose the family that takes its place. Nothing was changed.');
        }
        $layers = array_filter($tree->layers, $this->isIn(...));
        $screens = array_filter($tree->screens, $this->isIn(...));
        $tokens = array_filter(Bindings::tokens($tree), $this->isIn(...));
        $values = array_filter($tree->things(Entity::ThemeValue), fn (Thing $one): bool => $one instanceof ThemeValue && $this->isIn($one));
        if ([...$layers, ...$screens, ...$tokens, ...$values] === [] && ! $this->isIn($tree->project)) {
            throw new InvalidInput('family', "No words are set in “{$this->family}”. Nothing was changed.");
        }

        return $tree->withProject($this->set($tree->project))
            ->put(Entity::Token, ...array_map($this->set(...), array_values($tokens)))->put(Entity::ThemeValue, ...array_map($this->set(...), array_values($values)))
            ->withScreens(...array_map($this->set(...), array_values($screens)))->withLayers(...array_map($this->set(...), array_values($layers)));
    }

    private function isIn(Layer|Screen|Token|ThemeValue|Project $thing): bool
    {
        return in_array($this->family, Families::of($thing), true);
    }

    /**
     * @template T of Layer|Screen|Token|ThemeValue|Project
     *
     * @param  T  $thing
     * @return T
     */
    private function set(Layer|Screen|Token|ThemeValue|Project $thing): Layer|Screen|Token|ThemeValue|Project
    {
        return Families::replaced($thing, $this->family, $this->by);
    }

    public function label(Tree $before): string
    {
        return "Set in “{$this->by}” what was in “{$this->family}”";
    }
}
