<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Input\Reader;

/** When a cue happens: on a tap, or a delay (ms, 0 to 600 000) after its screen opened. */
final readonly class Trigger
{
    public const MAX_DELAY = 600_000;

    public function __construct(public TriggerKind $kind = TriggerKind::Tap, public int $delay = 0)
    {
    }

    public static function read(Reader $in): self
    {
        $kind = $in->enum('kind', TriggerKind::class);

        return new self($kind, $kind === TriggerKind::Delay ? $in->whole('delay', 0, self::MAX_DELAY) : 0);
    }

    /** @return array{kind: string, delay?: int} */
    public function toArray(): array
    {
        return ['kind' => $this->kind->value] + ($this->kind === TriggerKind::Delay ? ['delay' => $this->delay] : []);
    }
}
