<?php

declare(strict_types=1);

namespace Kindred\Motion;

use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\TransitionKind;

/**
 * The keyframes of a transition between two screens. Distances are shares of the frame they move in.
 *
 * Push: both move together. Cover: the arriving screen moves in over the leaving one, which follows
 * by a quarter. Reveal: the leaving screen moves off the arriving one, which follows by a quarter.
 * So in all three the arriving screen moves in the direction that the transition names, and the
 * inverse of each retraces it.
 */
final readonly class TransitionPlan
{
    /** The share of the way that the screen underneath moves along. */
    public const DRIFT = 0.25;

    /** @param  list<Track>  $tracks */
    private function __construct(
        public int $duration,
        public int $delay,
        public string $easing,
        public Subject $above,
        public array $tracks,
    ) {
    }

    public static function of(Transition $transition): self
    {
        [$x, $y] = $transition->direction->vector();
        $property = $x === 0 ? 'translateY' : 'translateX';
        $way = (float) ($x === 0 ? $y : $x);
        [$above, $tracks] = match ($transition->kind) {
            TransitionKind::Cut => [Subject::Arriving, []],
            TransitionKind::Dissolve => [Subject::Arriving, [new Track(Subject::Arriving, 'opacity', 0, 1)]],
            TransitionKind::Push => [Subject::Arriving, self::moves($property, $way, 1, 1)],
            TransitionKind::Cover => [Subject::Arriving, self::moves($property, $way, 1, self::DRIFT)],
            TransitionKind::Reveal => [Subject::Leaving, self::moves($property, $way, self::DRIFT, 1)],
        };

        return new self(
            $transition->kind === TransitionKind::Cut ? 0 : $transition->time(),
            $transition->delay,
            $transition->easing->css(),
            $above,
            $tracks,
        );
    }

    /** @return array{duration: int, delay: int, easing: string, above: string, tracks: list<array{subject: string, property: string, times: list<float>, values: list<float>}>} */
    public function toArray(): array
    {
        return [
            'duration' => $this->duration,
            'delay' => $this->delay,
            'easing' => $this->easing,
            'above' => $this->above->value,
            'tracks' => array_map(fn (Track $track): array => $track->toArray(), $this->tracks),
        ];
    }

    /** @return list<Track> */
    private static function moves(string $property, float $way, float $arriving, float $leaving): array
    {
        return [
            new Track(Subject::Arriving, $property, -$way * $arriving, 0),
            new Track(Subject::Leaving, $property, 0, $way * $leaving),
        ];
    }
}
