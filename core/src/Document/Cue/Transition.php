<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Document\Withers;
use Kindred\Geometry\Box;
use Kindred\Input\Reader;

/** How one screen gives way to another. Duration 0 to 10 000 ms, delay 0 to 10 000 ms. */
final readonly class Transition
{
    use Withers;

    public const MAX_TIME = 10_000;

    public function __construct(
        public TransitionKind $kind,
        public Direction $direction,
        public int $duration,
        public int $delay,
        public Easing $easing,
    ) {
    }

    public static function cut(): self
    {
        return new self(TransitionKind::Cut, Direction::Left, 0, 0, Easing::parse('linear'));
    }

    public static function push(Direction $direction): self
    {
        return new self(TransitionKind::Push, $direction, 300, 0, Easing::parse('ease-out'));
    }

    /** A push in the direction of the screen that it leads to, from where both hang on the wall. */
    public static function suggested(Box $from, Box $to): self
    {
        $way = $to->centre()->minus($from->centre());

        return self::push(Direction::towards($way->x, $way->y));
    }

    public static function read(Reader $in): self
    {
        return new self(
            $in->enum('kind', TransitionKind::class),
            $in->has('direction') ? $in->enum('direction', Direction::class) : Direction::Left,
            $in->has('duration') ? $in->whole('duration', 0, self::MAX_TIME) : 300,
            $in->has('delay') ? $in->whole('delay', 0, self::MAX_TIME) : 0,
            Easing::parse($in->has('easing') ? $in->string('easing', 80) : 'ease-out', $in->at('easing')),
        );
    }

    /** The transition that takes back what this one did, moving the other way with the curve reversed. */
    public function inverse(): self
    {
        return $this->with(
            kind: $this->kind->inverse(),
            direction: $this->direction->opposite(),
            easing: $this->easing->reversed(),
        );
    }

    /** @return array{kind: string, direction: string, duration: int, delay: int, easing: string} */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value,
            'direction' => $this->direction->value,
            'duration' => $this->duration,
            'delay' => $this->delay,
            'easing' => $this->easing->css(),
        ];
    }
}
