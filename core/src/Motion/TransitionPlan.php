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
 * inverse of each retraces it. A match moves what is on the screens; its tracks are what is played where that is not known.
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
        public ?string $match = null,
        public bool $backward = false,
    ) {
    }

    /** What takes a transition back; a match runs the way it came. */
    public static function inverse(Transition $transition): self
    {
        $plan = self::of($transition->inverse());

        return new self($plan->duration, $plan->delay, $plan->easing, $plan->above, $plan->tracks, self::matching($transition), true);
    }

    /** By what matches are told apart that carry the same screens over otherwise; null for what is no match. */
    public static function matching(Transition $transition): ?string
    {
        return $transition->kind === TransitionKind::Match ? substr(hash('xxh128', serialize([$transition->alone, $transition->stagger, $transition->pairs])), 0, 8) : null;
    }

    public static function of(Transition $transition): self
    {
        [$x, $y] = $transition->direction->vector();
        $property = $x === 0 ? 'translateY' : 'translateX';
        $way = (float) ($x === 0 ? $y : $x);
        [$above, $tracks] = match ($transition->kind) {
            TransitionKind::Cut => [Subject::Arriving, []],
            // A match whose two screens are not known beforehand dissolves.
            TransitionKind::Dissolve, TransitionKind::Match => [Subject::Arriving, [new Track(Subject::Arriving, 'opacity', 0, 1)]],
            TransitionKind::Push => [Subject::Arriving, self::moves($property, $way, 1, 1)],
            TransitionKind::Cover => [Subject::Arriving, self::moves($property, $way, 1, self::DRIFT)],
            TransitionKind::Reveal => [Subject::Leaving, self::moves($property, $way, self::DRIFT, 1)],
        };

        return new self(
            $transition->time(),
            $transition->delay,
            $transition->easing->css(),
            $above,
            $tracks,
            self::matching($transition),
        );
    }

    /** @return array{duration: int, delay: int, easing: string, above: string, tracks: list<array{subject: string, property: string, times: list<float>, values: list<float>}>, match?: string, backward?: bool} */
    public function toArray(): array
    {
        return [
            'duration' => $this->duration,
            'delay' => $this->delay,
            'easing' => $this->easing,
            'above' => $this->above->value,
            'tracks' => array_map(fn (Track $track): array => $track->toArray(), $this->tracks),
        ] + ($this->match === null ? [] : ['match' => $this->match, 'backward' => $this->backward]);
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
