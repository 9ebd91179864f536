<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

use Kindred\Document\Withers;
use Kindred\Input\Reader;

/** A column of a data sheet: what it feeds, in which layer of the cell's design. Without a layer it only holds its values. */
final readonly class Column
{
    use Withers;

    public function __construct(
        public string $id,
        public string $name,
        public Slot $slot = Slot::Words,
        public ?string $layer = null,
    ) {
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('id'), $in->name('name'), $in->has('slot') ? $in->enum('slot', Slot::class) : Slot::Words, $in->optionalId('layer'));
    }

    /** @return array{id: string, name: string, slot: string, layer: ?string} */
    public function toArray(): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'slot' => $this->slot->value, 'layer' => $this->layer];
    }
}
