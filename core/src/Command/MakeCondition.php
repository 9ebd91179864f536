<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Id;
use Kindred\Document\Screen;
use Kindred\Document\ScreenCondition;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Hangs a version of a screen for another situation beside it, to be changed for that. */
final readonly class MakeCondition implements Command
{
    private function __construct(private string $screen, private ScreenCondition $condition, private string $seed)
    {
    }

    public static function type(): string
    {
        return 'make-condition';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'), $in->enum('condition', ScreenCondition::class), $in->string('seed', 64, false));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(whole: [$this->screen], reel: true);
    }

    public function apply(Tree $tree): Tree
    {
        $screen = $tree->screen($this->screen);
        $main = $screen->conditionOf !== null && isset($tree->screens[$screen->conditionOf]) ? $tree->screens[$screen->conditionOf] : $screen;
        foreach ($tree->reel() as $one) {
            if ($one->condition === $this->condition && ($one->id === $main->id || $one->conditionOf === $main->id)) {
                throw new InvalidInput('condition', "“{$one->name}” is the version of “{$main->name}” for “{$this->condition->label()}” already. Nothing was changed.");
            }
        }
        $name = mb_substr($main->name, 0, 100).', '.$this->condition->label();

        return DuplicateScreen::copy($tree, $screen, Id::in($tree, $this->seed), $name, ['condition' => $this->condition, 'conditionOf' => $main->id], akin: true);
    }

    public function label(Tree $before): string
    {
        return ($before->screens[$this->screen]->name ?? 'A screen').' for '.$this->condition->label();
    }
}
