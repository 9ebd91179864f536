<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Input\Reader;

/** What holds for a project as a whole: its name, and the screen at which a rehearsal starts. */
final readonly class Project
{
    use Withers;

    public function __construct(public string $name, public ?string $entry = null)
    {
    }

    public static function read(Reader $in): self
    {
        return new self($in->name('name'), $in->optionalId('entry'));
    }

    /** @return array{name: string, entry: ?string} */
    public function toArray(): array
    {
        return ['name' => $this->name, 'entry' => $this->entry];
    }
}
