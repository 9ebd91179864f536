<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;

/** Puts an entry of a list of layers, such as a shadow, into it once more, in front of itself; layers without one there are left as they are. */
final readonly class DuplicateInList implements Command
{
    use OnLists;

    public static function type(): string
    {
        return 'duplicate-in-list';
    }

    public function label(Tree $before): string
    {
        return "Duplicate in the {$this->field->label()} of ".$this->naming($before, $this->layers);
    }

    private function check(): void
    {
        $this->place('at');
    }

    private function changed(array $list): array
    {
        $at = $this->place('at');
        array_splice($list, $at, 0, array_slice($list, $at, 1));

        return $list;
    }
}
