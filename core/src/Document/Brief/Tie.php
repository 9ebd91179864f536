<?php

declare(strict_types=1);

namespace Kindred\Document\Brief;

use Kindred\Input\Reader;

/** From a requirement to what is to meet it. What it leads to may be gone: coverage tells. `name` is what that was called when it was tied. */
final readonly class Tie
{
    public function __construct(public TieKind $kind, public string $id, public string $name = '')
    {
    }

    public static function read(Reader $in): self
    {
        return new self($in->enum('kind', TieKind::class), $in->id('id'), $in->words('name', 120));
    }

    public function is(self $other): bool
    {
        return $this->kind === $other->kind && $this->id === $other->id;
    }

    /** @return array{kind: string, id: string, name: string} */
    public function toArray(): array
    {
        return ['kind' => $this->kind->value, 'id' => $this->id, 'name' => $this->name];
    }
}
