<?php

declare(strict_types=1);

use Kindred\Document\Cue\Direction;
use Kindred\Document\Cue\Easing;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\TransitionKind;
use Kindred\Input\InvalidInput;
use Kindred\Motion\Subject;
use Kindred\Motion\Track;
use Kindred\Motion\TransitionPlan;

it('follows the curves of CSS', function (string $easing, float $at, float $value): void {
    expect(Easing::parse($easing)->at($at))->toEqualWithDelta($value, 0.0005);
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

it('goes in steps as CSS does', function (string $easing, array $expected): void {
    expect(array_map(Easing::parse($easing)->at(...), [0, 0.24, 0.25, 0.5, 0.74, 0.75, 0.99, 1]))->toEqualWithDelta($expected, 1e-9);
})->with([
    ['steps(4)', [0, 0, 0.25, 0.5, 0.5, 0.75, 0.75, 1]], ['steps(4, jump-end)', [0, 0, 0.25, 0.5, 0.5, 0.75, 0.75, 1]], ['steps(4, start)', [0.25, 0.25, 0.5, 0.75, 0.75, 1, 1, 1]],
    ['steps(4, jump-none)', [0, 0, 1 / 3, 2 / 3, 2 / 3, 1, 1, 1]], ['steps(4, jump-both)', [0.2, 0.2, 0.4, 0.6, 0.6, 0.8, 0.8, 1]], ['step-start', [1, 1, 1, 1, 1, 1, 1, 1]], ['step-end', [0, 0, 0, 0, 0, 0, 0, 1]],
]);

it('springs as its differential equation says, and has come to rest when it says so', function (float $mass, float $stiffness, float $damping): void {
    $spring = Easing::parse("spring({$mass}, {$stiffness}, {$damping})");
    $settles = $spring->function->settles();
    // Runge and Kutta's method of the fourth order, in steps of a tenth of a millisecond.
    [$x, $v, $h] = [0.0, 0.0, 0.0001];
    $pull = fn (float $x, float $v): float => ($stiffness * (1 - $x) - $damping * $v) / $mass;
    $worst = $rest = 0.0;
    for ($step = 1; $step <= 2 * $settles * 10; $step++) {
        [$k1, $l1] = [$v, $pull($x, $v)];
        [$k2, $l2] = [$v + $h / 2 * $l1, $pull($x + $h / 2 * $k1, $v + $h / 2 * $l1)];
        [$k3, $l3] = [$v + $h / 2 * $l2, $pull($x + $h / 2 * $k2, $v + $h / 2 * $l2)];
        [$k4, $l4] = [$v + $h * $l3, $pull($x + $h * $k3, $v + $h * $l3)];
        $x += $h / 6 * ($k1 + 2 * $k2 + 2 * $k3 + $k4);
        $v += $h / 6 * ($l1 + 2 * $l2 + 2 * $l3 + $l4);
        $time = $step * $h * 1000;
        if ($time < $settles) {
            $worst = max($worst, abs($x - $spring->at($time / $settles)));
        } else {
            $rest = max($rest, abs(1 - $x));
        }
    }
    expect($worst)->toBeLessThan(1e-6)->and($rest)->toBeLessThan(0.00101)
        ->and($spring->at(0.0))->toBe(0.0)->and($spring->at(1.0))->toBe(1.0)->and($spring->reversed()->text())->toBe($spring->text())
        ->and($spring->css())->toStartWith('linear(0, ')->toEndWith(', 1)');
})->with([[1, 170, 26], [1, 180, 12], [1, 100, 20], [2, 400, 90], [0.5, 900, 8], [1, 100, 60]]);

it('takes its own time as a spring, and that which is given as a curve', function (): void {
    $way = fn (string $easing): Transition => Transition::push(Direction::Left)->with(duration: 250, easing: Easing::parse($easing));
    $spring = $way('spring(1, 170, 26)');
    expect($way('ease')->time())->toBe(250)->and($spring->time())->toBe($spring->easing->function->settles())->and($spring->time())->toBeGreaterThan(400)->toBeLessThan(900)
        ->and(TransitionPlan::of($spring)->duration)->toBe($spring->time())->and(TransitionPlan::of($spring->inverse())->easing)->toBe($spring->easing->css());
});

it('says what a spring lacks', function (string $easing, string $problem): void {
    expect(fn () => Easing::parse($easing, 'easing'))->toThrow(InvalidInput::class, $problem);
})->with([
    ['spring(1, 170, 0)', 'never settles'], ['spring(1, 170, 0.1)', 'Damp it more'], ['spring(1, 1, 100)', 'Damp it less'], ['spring(0, 170, 26)', 'a mass from 0.01'], ['spring(1, 170)', 'is not an easing'], ['steps(0)', 'is not an easing'], ['steps(1, jump-none)', 'is not an easing'], ['steps(101)', 'is not an easing'],
]);
