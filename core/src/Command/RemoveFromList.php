<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;

/** Takes an entry out of a list of layers, such as a fill; layers without one there are left as they are. */
final readonly class RemoveFromList implements Command
{
    use OnLists;

    public static function type(): string
    {
        return 'remove-from-list';
    }

    public function label(Tree $before): string
    {
        return "Remove from the {$this->field->label()} of ".$this->naming($before, $this->layers);
    }

    private function check(): void
    {
        $this->place('at');
    }

    private function changed(array $list): array
    {
        array_splice($list, $this->place('at'), 1);

        return $list;
    }
}
