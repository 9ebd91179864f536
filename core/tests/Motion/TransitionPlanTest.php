<?php

declare(strict_types=1);

use Kindred\Document\Cue\Direction;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\TransitionKind;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Motion\TransitionPlan;

/** @return array<string, mixed> */
function plan(TransitionKind $kind, Direction $direction = Direction::Left, int $duration = 300): array
{
    return TransitionPlan::of(transition($kind, $direction, $duration))->toArray();
}

function transition(TransitionKind $kind, Direction $direction = Direction::Left, int $duration = 300): Transition
{
    return Transition::read(Reader::of(['kind' => $kind->value, 'direction' => $direction->value, 'duration' => $duration, 'delay' => 40, 'easing' => 'ease-in-out']));
}

/** Every kind that moves, in every direction: property, way of the arriving screen, where the leaving one ends. */
it('plans every moving transition', function (TransitionKind $kind, float $arriving, float $leaving, string $above): void {
    foreach ([[Direction::Left, 'translateX', 1], [Direction::Right, 'translateX', -1], [Direction::Up, 'translateY', 1], [Direction::Down, 'translateY', -1]] as [$direction, $property, $side]) {
        expect(plan($kind, $direction))->toEqual([
            'duration' => 300, 'delay' => 40, 'easing' => 'ease-in-out', 'above' => $above,
            'tracks' => [
                ['subject' => 'arriving', 'property' => $property, 'times' => [0.0, 1.0], 'values' => [$side * $arriving, 0.0]],
                ['subject' => 'leaving', 'property' => $property, 'times' => [0.0, 1.0], 'values' => [0.0, -$side * $leaving]],
            ],
        ]);
    }
})->with([
    'push: both, side by side' => [TransitionKind::Push, 1.0, 1.0, 'arriving'],
    'cover: over the other' => [TransitionKind::Cover, 1.0, 0.25, 'arriving'],
    'reveal: from under the other' => [TransitionKind::Reveal, 0.25, 1.0, 'leaving'],
]);

it('dissolves by opacity alone and cuts without time', function (): void {
    expect(plan(TransitionKind::Dissolve)['tracks'])->toEqual([['subject' => 'arriving', 'property' => 'opacity', 'times' => [0.0, 1.0], 'values' => [0.0, 1.0]]])
        ->and(plan(TransitionKind::Cut))->toMatchArray(['duration' => 0, 'delay' => 40, 'tracks' => []]);
});

it('is its own inverse, taken twice', function (TransitionKind $kind): void {
    foreach (Direction::cases() as $direction) {
        $transition = transition($kind, $direction);
        expect($transition->inverse()->inverse()->toArray())->toBe($transition->toArray());
    }
})->with(TransitionKind::cases());

it('retraces where both screens went, seen backwards', function (TransitionKind $kind): void {
    foreach (Direction::cases() as $direction) {
        $there = TransitionPlan::of(transition($kind, $direction))->toArray();
        $back = TransitionPlan::of(transition($kind, $direction)->inverse())->toArray();
        foreach ($there['tracks'] as $track) {
            // Who arrived leaves on the way back, along the same values the other way round.
            $other = $track['subject'] === 'arriving' ? 'leaving' : 'arriving';
            $again = array_values(array_filter($back['tracks'], fn (array $one): bool => $one['subject'] === $other))[0];
            expect($again['property'])->toBe($track['property'])
                ->and($again['values'])->toEqual(array_reverse($track['values']));
        }
        expect($back['above'])->toBe($there['above'] === 'arriving' ? 'leaving' : 'arriving');
    }
})->with([TransitionKind::Cover, TransitionKind::Reveal]);

it('takes times within limits, and curves that run forwards', function (array $change, ?string $problem): void {
    $read = fn (): Transition => Transition::read(Reader::of($change + ['kind' => 'push', 'direction' => 'up', 'duration' => 300, 'delay' => 0, 'easing' => 'linear']));
    $problem === null ? expect($read())->toBeInstanceOf(Transition::class) : expect($read)->toThrow(InvalidInput::class, $problem);
})->with([
    [['duration' => 0], null], [['duration' => 10_000], null], [['duration' => 10_001], 'duration: the number must lie between'], [['duration' => -1], 'duration'], [['duration' => 1.5], 'whole number'],
    [['delay' => -1], 'delay'], [['easing' => 'cubic-bezier(0.2, -2, 0.8, 3)'], null], [['easing' => 'cubic-bezier(1.2, 0, 0, 1)'], 'easing'], [['easing' => 'bouncy'], 'easing'],
    [['kind' => 'explode'], 'kind: one of these is expected'], [['direction' => 'north'], 'direction'],
]);
