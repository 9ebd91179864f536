<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Entity;
use Kindred\Document\Missing;
use Kindred\Document\Screen;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\ThemeValue;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Removes a theme from the house style with all that it says. What showed it shows the values of no theme. */
final readonly class RemoveTheme implements Command
{
    private function __construct(private string $theme)
    {
    }

    public static function type(): string
    {
        return 'remove-theme';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('theme'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(reel: true, things: Themes::HOUSE, bound: true);
    }

    public function apply(Tree $tree): Tree
    {
        $themes = Themes::of($tree);
        if (! isset($themes->all()[$this->theme])) {
            throw Missing::thing('theme');
        }
        $values = array_map(fn (ThemeValue $one): string => $one->id, array_values($themes->values($this->theme)));
        $screens = array_map(fn (Screen $one): Screen => $one->theme === $this->theme ? $one->with(theme: null) : $one, array_values($tree->screens + $tree->gone));

        return $tree->without(Entity::Theme, $this->theme)->without(Entity::ThemeValue, ...$values)->withScreens(...$screens)
            ->withProject($tree->project->theme === $this->theme ? $tree->project->with(theme: null) : $tree->project);
    }

    public function label(Tree $before): string
    {
        return 'Remove theme “'.((Themes::of($before)->all()[$this->theme] ?? null)->name ?? 'gone').'”';
    }
}
