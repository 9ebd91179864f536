<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Missing;
use Kindred\Document\Token\Theme;
use Kindred\Document\Token\Themes;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/**
 * Shows screens in a theme: all of the project that have none of their own, or those that are named. A screen without one shows that of the
 * project; `base` stands for the values of no theme.
 */
final readonly class ShowTheme implements Command
{
    use OnScreens;

    /** @param  list<string>  $screens  none for the project */
    private function __construct(private ?string $theme, private array $screens)
    {
    }

    public static function type(): string
    {
        return 'show-theme';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('theme'), $in->has('screens') ? $in->ids('screens', 0, 500) : []);
    }

    public function workingSet(): WorkingSet
    {
        return $this->screens === [] ? new WorkingSet(reel: true, things: Themes::HOUSE, bound: true) : new WorkingSet(whole: $this->screens, things: Themes::HOUSE);
    }

    public function apply(Tree $tree): Tree
    {
        if ($this->theme !== null && $this->theme !== Theme::NONE && ! isset(Themes::of($tree)->all()[$this->theme])) {
            throw Missing::thing('theme');
        }
        if ($this->screens === []) {
            return $tree->withProject($tree->project->with(theme: $this->theme === Theme::NONE ? null : $this->theme));
        }
        foreach ($this->screens as $id) {
            $tree = $tree->withScreens($tree->screen($id)->with(theme: $this->theme));
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        $name = match ($this->theme) {
            null, Theme::NONE => $this->theme === null && $this->screens !== [] ? 'the theme of the project' : 'no theme',
            default => 'theme “'.((Themes::of($before)->all()[$this->theme] ?? null)->name ?? 'gone').'”',
        };

        return 'Show '.($this->screens === [] ? 'the project' : $this->namingScreens($before, $this->screens))." in {$name}";
    }
}
