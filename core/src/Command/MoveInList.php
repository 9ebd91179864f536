<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;

/** Moves an entry of a list of layers, such as a fill, to another place in it; layers without both places are left as they are. */
final readonly class MoveInList implements Command
{
    use OnLists;

    public static function type(): string
    {
        return 'move-in-list';
    }

    public function label(Tree $before): string
    {
        return "Reorder the {$this->field->label()} of ".$this->naming($before, $this->layers);
    }

    private function check(): void
    {
        $this->place('from');
        $this->place('to');
    }

    private function changed(array $list): array
    {
        [$from, $to] = [$this->place('from'), $this->place('to')];
        if (isset($list[$from], $list[$to])) {
            array_splice($list, $to, 0, array_splice($list, $from, 1));
        }

        return $list;
    }
}
