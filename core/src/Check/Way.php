<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Document\Address;
use Kindred\Document\Cue\Act;
use Kindred\Document\Cue\Action\GoBack;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Direction;
use Kindred\Document\Cue\Entries;
use Kindred\Document\Cue\Trigger\Delay;
use Kindred\Document\Cue\Trigger\Open;

/** A way from a screen, by one of the things that a cue does. */
final readonly class Way
{
    /**
     * @param  string  $screen  on which it is
     * @param  Address|null  $place  the layer; null for the screen as a whole
     * @param  string  $kept  the screen or sheet on which the cue stands
     * @param  string  $path  of what the cue does, `actions.0`
     * @param  string  $does  the kind of action
     * @param  string|null  $to  the screen that it brings, or returns to
     * @param  Direction|null  $direction  in which that comes, where it is said here and has one
     * @param  bool  $always  whether it happens on no condition
     * @param  int|null  $after  ms until it happens by itself; null where somebody has to do something
     * @param  bool  $toFirst  whether it returns to where people began
     */
    private function __construct(
        public string $screen,
        public ?Address $place,
        public string $called,
        public string $kept,
        public string $cue,
        public string $path,
        public string $does,
        public ?string $to,
        public ?Direction $direction,
        public bool $always,
        public ?int $after,
        public bool $toFirst,
    ) {
    }

    /** @return list<self> all from a screen */
    public static function from(Scene $scene): array
    {
        $ways = [];
        foreach ($scene->screen->cues as $cue) {
            array_push($ways, ...self::of($scene->screen->id, null, $scene->screen->name, $scene->screen->id, $cue));
        }
        foreach ([...$scene->seen, ...$scene->away] as $one) {
            foreach (array_filter($one->layer->cues, fn (Cue $cue): bool => Entries::has($one->layer, $cue)) as $cue) {
                array_push($ways, ...self::of($scene->screen->id, $one->address, $one->called(), ($scene->tree->layers[$one->address->layer] ?? null)->screen ?? $scene->screen->id, $cue));
            }
        }

        return $ways;
    }

    /**
     * The command that sets a part of what it does.
     *
     * @return array<string, mixed> as it is sent
     */
    public function set(string $part, string $value): array
    {
        return ['type' => 'set-cue-field', 'screen' => $this->kept, 'layer' => $this->place?->layer, 'cue' => $this->cue, 'field' => "{$this->path}.{$part}", 'value' => $value];
    }

    /** Whether it brings a screen. */
    public function leads(): bool
    {
        return in_array($this->does, ['show', 'lay-over', 'replace'], true);
    }

    /** @return list<self> */
    private static function of(string $screen, ?Address $place, string $called, string $kept, Cue $cue): array
    {
        $after = match (true) {
            $cue->trigger instanceof Delay => $cue->trigger->delay,
            $cue->trigger instanceof Open => 0,
            default => null,
        };
        $ways = [];
        foreach (['actions' => $cue->actions, 'otherwise' => $cue->otherwise] as $list => $acts) {
            foreach ($acts as $i => $act) {
                $to = $act->target() ?? ($act->action instanceof GoBack ? $act->action->to : null);
                $ways[] = new self($screen, $place, $called, $kept, $cue->id, "{$list}.{$i}", $act->action::kind(), $to, self::direction($act), $cue->conditions === [], $after, $act->action instanceof GoBack && $act->action->first);
            }
        }

        return $ways;
    }

    private static function direction(Act $act): ?Direction
    {
        return $act->transition?->kind->directed() === true ? $act->transition->direction : null;
    }
}
