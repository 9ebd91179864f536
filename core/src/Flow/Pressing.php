<?php

declare(strict_types=1);

namespace Kindred\Flow;

/**
 * What a press comes to: a tap, a double tap, a long press, a swipe, a drag, or nothing that a cue waits for.
 *
 * - Of layers in each other the innermost that waits for it answers; the screen comes last.
 * - Where a double tap is waited for in the same place, a tap waits for the second one, `double` ms.
 * - A press that has become a long press, or has moved farther than `slop` px, is no tap any more.
 * - What moves goes to the first, from the innermost outwards, that can take its direction: a region that can be scrolled that way, a drag,
 *   a swipe, and down a pull. A drag comes before a swipe of the same layer. A region that only gives way takes what nothing else does. The direction is that in which it has moved farthest when it leaves the slop.
 * - A drag is done where it is let go beyond the middle of its distance, or thrown its way faster than `throw` px/ms; thrown back, it is not.
 *   A swipe is one that is faster than `flick` px/ms, or farther than `reach` px, when it is let go. Speeds are those of the last `trail` ms.
 *
 * Times are in ms, places in px of the screen.
 *
 * @phpstan-type Outcome array{rows: list<int>, turns: list<string>, from: float}
 * @phpstan-type Hold array{path: list<string>, turns: list<string>, scrolls: array<string, list<string>>, x: float, y: float, at: int, slop: float, moved: bool, long: int|null, due: int, drag: int|null, way: string, distance: float, swipe: int|null, pull: int|null, scroll: string|null, points: list<array{int, float, float}>}
 */
final class Pressing
{
    /** Of a drag that takes off what lies over, which is no cue. */
    public const AWAY = -1;

    private const RULES = ['touch' => 10.0, 'pointer' => 4.0, 'double' => 300.0, 'near' => 24.0, 'throw' => 0.5, 'flick' => 0.3, 'reach' => 30.0, 'trail' => 100.0];

    private const WAYS = ['left' => [-1, 0], 'right' => [1, 0], 'up' => [0, -1], 'down' => [0, 1]];

    /** @var Hold|null what is pressed */
    private ?array $hold = null;

    /** Whether the press that ended last was no tap. */
    private bool $spent = false;

    /** @var array{rows: list<int>, turns: list<string>, due: int, x: float, y: float}|null a tap that waits for a second one */
    private ?array $waiting = null;

    /**
     * @param  \Closure(list<string>, string, string): list<int>  $find  the cues with a trigger, and a direction if it has one, of the innermost layer that has some
     * @param  \Closure(int): array{press?: int, distance?: float, ...}  $trigger  of a cue
     */
    public function __construct(private readonly \Closure $find, private readonly \Closure $trigger)
    {
    }

    /** @return array<string, float> as the programme tells them */
    public static function rules(): array
    {
        return self::RULES;
    }

    /**
     * @param  list<string>  $path  the layers under the pointer, the innermost first
     * @param  list<string>  $turns  the instances around them
     * @param  array<string, list<string>>  $scrolls  in which directions the regions among them can be scrolled; `~down` where one only gives way
     */
    public function down(int $at, array $path, array $turns, float $x, float $y, array $scrolls, bool $touch): void
    {
        $long = ($this->find)($path, 'long-press', '')[0] ?? null;
        $this->spent = false;
        $this->hold = [
            'path' => $path, 'turns' => $turns, 'scrolls' => $scrolls, 'x' => $x, 'y' => $y, 'at' => $at, 'slop' => self::RULES[$touch ? 'touch' : 'pointer'], 'moved' => false,
            'long' => $long, 'due' => $long === null ? 0 : $at + (($this->trigger)($long)['press'] ?? 0), 'drag' => null, 'way' => '', 'distance' => 1.0, 'swipe' => null, 'pull' => null, 'scroll' => null, 'points' => [[$at, $x, $y]],
        ];
    }

    /** @param  array{string, float}|null  $away  in which direction, and how far, what is pressed can be dragged away as a whole */
    public function move(int $at, float $x, float $y, ?array $away): void
    {
        if ($this->hold === null) {
            return;
        }
        $hold = $this->hold;
        $hold['points'][] = [$at, $x, $y];
        [$dx, $dy] = [$x - $hold['x'], $y - $hold['y']];
        if (! $hold['moved'] && $dx * $dx + $dy * $dy > $hold['slop'] * $hold['slop']) {
            $hold['moved'] = true;
            $hold['long'] = null;
            $hold = $this->spent ? $hold : $this->taken($hold, abs($dx) >= abs($dy) ? ($dx < 0 ? 'left' : 'right') : ($dy < 0 ? 'up' : 'down'), $away);
        }
        $this->hold = $hold;
    }

    /** @return array{cue: int, progress: float, turns: list<string>}|null the drag under way, and how far it has come, 0 to 1 */
    public function following(): ?array
    {
        return $this->hold === null || $this->hold['drag'] === null ? null : ['cue' => $this->hold['drag'], 'progress' => $this->progress($this->hold), 'turns' => $this->hold['turns']];
    }

    /** The region that goes with the finger; null where none does. */
    public function scrolling(): ?string
    {
        return $this->hold['scroll'] ?? null;
    }

    /** @return Outcome|null what the end of the press sets off, beside a tap */
    public function up(int $at): ?array
    {
        $hold = $this->hold;
        $this->hold = null;
        if ($hold === null) {
            return null;
        }
        $this->spent = $this->spent || $hold['moved'];
        [, $x, $y] = $hold['points'][count($hold['points']) - 1];
        $hold['points'][] = [$at, $x, $y];
        $speed = $hold['way'] === '' ? 0.0 : $this->speed($hold, $at);
        $progress = $this->progress($hold);
        if ($hold['drag'] !== null) {
            $done = $speed >= self::RULES['throw'] || ($speed > -self::RULES['throw'] && $progress >= 0.5);

            return $done ? ['rows' => [$hold['drag']], 'turns' => $hold['turns'], 'from' => $progress] : null;
        }
        if ($hold['pull'] !== null) {
            return $this->way($hold, 0) >= $hold['distance'] ? ['rows' => [$hold['pull']], 'turns' => $hold['turns'], 'from' => 0.0] : null;
        }
        $far = $hold['swipe'] !== null && ($speed >= self::RULES['flick'] || ($speed >= 0 && $this->way($hold, 0) >= self::RULES['reach']));

        return $far ? ['rows' => ($this->find)($hold['path'], 'swipe', $hold['way']), 'turns' => $hold['turns'], 'from' => 0.0] : null;
    }

    public function cancel(): void
    {
        $this->hold = null;
        $this->spent = true;
    }

    /**
     * @param  list<string>  $path
     * @param  list<string>  $turns
     * @return list<Outcome>
     */
    public function tap(int $at, array $path, array $turns, float $x, float $y): array
    {
        if ($this->isSpent()) {
            return [];
        }
        $first = $this->waiting;
        $this->waiting = null;
        $taps = ($this->find)($path, 'tap', '');
        $double = ($this->find)($path, 'double-tap', '');
        $near = $first !== null && $at <= $first['due'] && ($x - $first['x']) ** 2 + ($y - $first['y']) ** 2 <= self::RULES['near'] ** 2;
        if ($double !== [] && $near) {
            return [['rows' => $double, 'turns' => $turns, 'from' => 0.0]];
        }
        $before = $first === null ? [] : [['rows' => $first['rows'], 'turns' => $first['turns'], 'from' => 0.0]];
        if ($double !== []) {
            $this->waiting = ['rows' => $taps, 'turns' => $turns, 'due' => $at + (int) self::RULES['double'], 'x' => $x, 'y' => $y];

            return $before;
        }

        return [...$before, ['rows' => $taps, 'turns' => $turns, 'from' => 0.0]];
    }

    /** Whether the press that ended was no tap; what is told of it afterwards is nothing, once. */
    public function isSpent(): bool
    {
        $spent = $this->spent;
        $this->spent = false;

        return $spent;
    }

    /** When something happens by itself: a press is long enough, or no second tap has come; null for never. */
    public function due(): ?int
    {
        $due = array_filter([$this->hold !== null && $this->hold['long'] !== null ? $this->hold['due'] : null, $this->waiting['due'] ?? null], is_int(...));

        return $due === [] ? null : min($due);
    }

    /** @return Outcome what happens by itself at that time */
    public function ripe(): array
    {
        if ($this->waiting !== null && $this->waiting['due'] === $this->due()) {
            $outcome = ['rows' => $this->waiting['rows'], 'turns' => $this->waiting['turns'], 'from' => 0.0];
            $this->waiting = null;

            return $outcome;
        }
        $hold = $this->hold ?? throw new \LogicException('Nothing is due.');
        $this->hold = [...$hold, 'long' => null];
        $this->spent = true;

        return ['rows' => ($this->find)($hold['path'], 'long-press', ''), 'turns' => $hold['turns'], 'from' => 0.0];
    }

    /** Another screen is shown: what was pressed belongs to the one before. */
    public function forget(): void
    {
        $this->hold = null;
        $this->waiting = null;
    }

    /**
     * @param  Hold  $hold
     * @param  array{string, float}|null  $away
     * @return Hold
     */
    private function taken(array $hold, string $way, ?array $away): array
    {
        $hold['way'] = $way;
        foreach ($hold['path'] as $layer) {
            if (in_array($way, $hold['scrolls'][$layer] ?? [], true)) {
                $hold['scroll'] = $layer;

                return $hold;
            }
            foreach (['drag', 'swipe', ...($way === 'down' ? ['pull'] : [])] as $trigger) {
                $cue = ($this->find)([$layer], $trigger, $trigger === 'pull' ? '' : $way)[0] ?? null;
                if ($cue !== null) {
                    $hold[$trigger] = $cue;
                    $hold['distance'] = ($this->trigger)($cue)['distance'] ?? 1.0;
                    $hold['scroll'] = $trigger === 'pull' ? $layer : null;

                    return $hold;
                }
            }
        }
        if ($away !== null && $away[0] === $way) {
            $hold['drag'] = self::AWAY;
            $hold['distance'] = $away[1];

            return $hold;
        }
        $gives = array_values(array_filter($hold['path'], fn (string $layer): bool => in_array("~{$way}", $hold['scrolls'][$layer] ?? [], true)));
        $hold['scroll'] = $gives[0] ?? null;

        return $hold;
    }

    /** @param  Hold  $hold */
    private function progress(array $hold): float
    {
        return $hold['drag'] === null ? 0.0 : max(0.0, min(1.0, $this->way($hold, 0) / $hold['distance']));
    }

    /**
     * How far it has come its way since a point.
     *
     * @param  Hold  $hold
     */
    private function way(array $hold, int $since): float
    {
        [$x, $y] = self::WAYS[$hold['way']];
        [, $fromX, $fromY] = $hold['points'][$since];
        [, $toX, $toY] = $hold['points'][count($hold['points']) - 1];

        return ($toX - $fromX) * $x + ($toY - $fromY) * $y;
    }

    /** @param  Hold  $hold */
    private function speed(array $hold, int $at): float
    {
        // Until the next point it stays where it is.
        $since = 0;
        while (isset($hold['points'][$since + 1]) && $hold['points'][$since + 1][0] <= $at - self::RULES['trail']) {
            $since++;
        }
        $time = min(self::RULES['trail'], $at - $hold['at']);

        return $time <= 0 ? 0.0 : $this->way($hold, $since) / $time;
    }
}
