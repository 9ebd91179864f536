<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Input\Reader;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Described;
use Kindred\Property\Properties;
use Kindred\Property\Schema;
use Kindred\Property\Stored;

/** When a cue happens: on a tap, or a delay (ms, 0 to 600 000) after its screen opened. */
final readonly class Trigger implements Described, Stored
{
    use Declared;

    public const MAX_DELAY = 600_000;

    public function __construct(
        #[Is\Choice(given: true)] public TriggerKind $kind = TriggerKind::Tap,
        #[Is\Duration(self::MAX_DELAY, label: 'wait')] public int $delay = 0,
    ) {
    }

    public static function read(Reader $in): self
    {
        $kind = $in->enum('kind', TriggerKind::class);

        return self::of($in, $kind === TriggerKind::Delay ? [] : ['delay' => 0]);
    }

    public static function schema(Schema $schema): array
    {
        return ['oneOf' => [
            ['type' => 'object', 'required' => ['kind'], 'properties' => ['kind' => ['const' => TriggerKind::Tap->value]]],
            ['type' => 'object', 'required' => ['kind', 'delay'], 'properties' => ['kind' => ['const' => TriggerKind::Delay->value], 'delay' => ['type' => 'integer', 'minimum' => 0, 'maximum' => self::MAX_DELAY]]],
        ]];
    }

    public function toArray(): array
    {
        return Properties::of(self::class)->write($this, $this->kind === TriggerKind::Delay ? [] : ['delay' => true]);
    }
}
