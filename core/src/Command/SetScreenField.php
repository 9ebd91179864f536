<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Edit\ScreenField;
use Kindred\Document\Layer;
use Kindred\Document\Resize;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Sets one property of a screen from what was typed. Layers follow a new size by their pins. */
final readonly class SetScreenField implements Command
{
    private function __construct(
        private string $screen,
        private ScreenField $field,
        private string $value,
    ) {
    }

    public static function type(): string
    {
        return 'set-screen-field';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'), ScreenField::read($in, 'field'), $in->string('value', 1000));
    }

    public function workingSet(): WorkingSet
    {
        return $this->field->resizes() ? new WorkingSet(whole: [$this->screen]) : new WorkingSet(screens: [$this->screen]);
    }

    public function apply(Tree $tree): Tree
    {
        $screen = $tree->screen($this->screen);
        $new = $this->field->set($screen, $this->value);

        return self::renamed(Resize::screen($tree->withScreens($new), $screen, $new), $screen, $new);
    }

    /** What is called as a component was, its own layer and its instances, is called as it is now. */
    private static function renamed(Tree $tree, Screen $old, Screen $new): Tree
    {
        $component = $new->component;
        if ($component === null || $new->name === $old->name) {
            return $tree;
        }
        $called = array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === $old->name && ($layer->id === $component->root || $layer->component() === $new->id));

        return $tree->withLayers(...array_map(fn (Layer $layer): Layer => $layer->with(name: $new->name), array_values($called)));
    }

    public function label(Tree $before): string
    {
        return "Set {$this->field->label()} of screen ".($before->screens[$this->screen]->name ?? '');
    }
}
