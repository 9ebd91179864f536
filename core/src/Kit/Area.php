<?php

declare(strict_types=1);

namespace Kindred\Kit;

use Kindred\Geometry\Box;

/** A place of a widget, in its own coordinates, that answers to a press. */
final readonly class Area
{
    /**
     * @param  string  $label  what is read out
     * @param  list<string>  $when  the states in which it answers; all where empty
     */
    public function __construct(
        public Press $press,
        public ?int $item,
        public Box $box,
        public string $label = '',
        public array $when = [],
    ) {
    }

    /** @param  list<string>  $states */
    public function in(array $states): self
    {
        return new self($this->press, $this->item, $this->box, $this->label, $states);
    }
}
