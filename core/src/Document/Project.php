<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Input\Reader;

/**
 * What holds for a project as a whole: its name, the screen at which a rehearsal starts, the finish of screens that have none of
 * their own, and whether screens are shown in the frames of their devices.
 */
final readonly class Project
{
    use Withers;

    public function __construct(public string $name, public ?string $entry = null, public Finish $finish = Finish::Dressed, public bool $framed = false)
    {
    }

    public static function read(Reader $in): self
    {
        return new self($in->name('name'), $in->optionalId('entry'), $in->has('finish') ? $in->enum('finish', Finish::class) : Finish::Dressed, $in->boolean('framed', false));
    }

    /** @return array{name: string, entry: ?string, finish: string, framed: bool} */
    public function toArray(): array
    {
        return ['name' => $this->name, 'entry' => $this->entry, 'finish' => $this->finish->value, 'framed' => $this->framed];
    }
}
