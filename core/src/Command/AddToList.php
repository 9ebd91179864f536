<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;

/** Puts an entry into a list of layers, such as a fill: in front of the one at a place, or behind all. What is wrong with it the list says. */
final readonly class AddToList implements Command
{
    use OnLists;

    public static function type(): string
    {
        return 'add-to-list';
    }

    public function label(Tree $before): string
    {
        return "Add to the {$this->field->label()} of ".$this->naming($before, $this->layers);
    }

    private function check(): void
    {
        $this->in->object('entry');
        $this->at();
    }

    private function changed(array $list): array
    {
        array_splice($list, min($this->at(), count($list)), 0, [$this->in->object('entry')->raw()]);

        return $list;
    }

    private function at(): int
    {
        return $this->in->has('at') ? $this->place('at') : 0;
    }
}
