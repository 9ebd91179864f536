<?php

declare(strict_types=1);

use Kindred\Document\Cue\Direction;
use Kindred\Document\Cue\Easing;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\TransitionKind;
use Kindred\Input\InvalidInput;
use Kindred\Motion\CubicBezier;
use Kindred\Motion\Subject;
use Kindred\Motion\Track;
use Kindred\Motion\TransitionPlan;

it('follows the curves of CSS', function (string $easing, float $at, float $value): void {
    expect((new CubicBezier(Easing::parse($easing)))->at($at))->toEqualWithDelta($value, 0.0005);
})->with([
    // Known values of the CSS keywords; the browser tests ask Chromium itself for many more.
    ['linear', 0.3, 0.3], ['ease', 0.25, 0.4085], ['ease', 0.5, 0.8024], ['ease-in', 0.5, 0.3154], ['ease-out', 0.5, 0.6846],
    ['ease-in-out', 0.25, 0.1292], ['cubic-bezier(0.3, -0.5, 0.7, 1.5)', 0.5, 0.5], ['ease', 0, 0], ['ease', 1, 1],
]);

it('writes keywords where CSS has them', function (): void {
    expect(Easing::parse('cubic-bezier(0.42, 0, 1, 1)')->css())->toBe('ease-in')
        ->and(Easing::parse('ease-in')->reversed()->css())->toBe('ease-out')
        ->and(Easing::parse('cubic-bezier(.1,.2,.3,.4)')->css())->toBe('cubic-bezier(0.1, 0.2, 0.3, 0.4)');
});

it('refuses curves that go back in time', function (string $text): void {
    Easing::parse($text, 'easing');
})->with(['cubic-bezier(1.1, 0, 1, 1)', 'cubic-bezier(-0.1, 0, 1, 1)', 'bounce', 'cubic-bezier(1,2,3)', ''])->throws(InvalidInput::class, 'is not an easing');

it('moves the arriving screen in the named direction', function (TransitionKind $kind, Direction $direction): void {
    $plan = TransitionPlan::of(Transition::push($direction)->with(kind: $kind));
    [$x, $y] = $direction->vector();
    $arriving = array_values(array_filter($plan->tracks, fn (Track $track): bool => $track->subject->value === 'arriving'))[0];
    expect($arriving->property)->toBe($x === 0 ? 'translateY' : 'translateX')
        ->and(($arriving->to - $arriving->from) <=> 0.0)->toBe($x === 0 ? $y : $x)
        ->and($arriving->to)->toBe(0.0);
})->with([TransitionKind::Push, TransitionKind::Cover, TransitionKind::Reveal])->with(Direction::cases());

it('retraces a transition with its inverse', function (TransitionKind $kind, Direction $direction): void {
    $there = Transition::push($direction)->with(kind: $kind, duration: 420, delay: 30);
    $back = TransitionPlan::of($there->inverse());
    $there = TransitionPlan::of($there);
    // What arrived leaves by the way it came, what left comes back: each track backwards, subjects exchanged.
    foreach ($there->tracks as $track) {
        $mirror = array_values(array_filter($back->tracks, fn (Track $other): bool => $other->subject !== $track->subject))[0];
        expect([$mirror->property, $mirror->from, $mirror->to])->toEqual([$track->property, $track->to, $track->from]);
    }
    expect($back->above)->toBe($kind === TransitionKind::Push ? $there->above : ($there->above === Subject::Arriving ? Subject::Leaving : Subject::Arriving))
        ->and($back->duration)->toBe($there->duration);
})->with([TransitionKind::Push, TransitionKind::Cover, TransitionKind::Reveal])->with(Direction::cases());

it('suggests the direction from where the target hangs', function (float $dx, float $dy, Direction $direction): void {
    expect(Direction::towards($dx, $dy))->toBe($direction);
})->with([[470, 20, Direction::Left], [-470, 20, Direction::Right], [10, 900, Direction::Up], [10, -900, Direction::Down]]);
