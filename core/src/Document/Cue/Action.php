<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Input\Reader;

/** What a cue does: show a screen, or return to the one before. */
final readonly class Action
{
    private function __construct(public ActionKind $kind, public ?string $screen)
    {
    }

    public static function show(string $screen): self
    {
        return new self(ActionKind::Show, $screen);
    }

    public static function return(): self
    {
        return new self(ActionKind::Return, null);
    }

    public static function read(Reader $in): self
    {
        return $in->enum('kind', ActionKind::class) === ActionKind::Show ? self::show($in->id('screen')) : self::return();
    }

    /** @return array{kind: string, screen?: string} */
    public function toArray(): array
    {
        return ['kind' => $this->kind->value] + ($this->screen === null ? [] : ['screen' => $this->screen]);
    }
}
