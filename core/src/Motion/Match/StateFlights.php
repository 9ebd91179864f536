<?php

declare(strict_types=1);

namespace Kindred\Motion\Match;

use Kindred\Document\Address;
use Kindred\Document\Component\Turning;
use Kindred\Document\Cue\Alone;
use Kindred\Document\Cue\Direction;
use Kindred\Document\Cue\Easing;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\TransitionKind;
use Kindred\Document\Layer;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Geometry\Point;
use Kindred\Kit\WidgetPart;
use Kindred\Layout\LaidCopy;
use Kindred\Motion\TransitionPlan;

/**
 * How instances and widgets go over from one of their states to another: as a match carries over what is on two screens. What goes over
 * alike is worked out once.
 *
 * @phpstan-import-type Flight from Flights
 *
 * @phpstan-type Becomes array{flights: list<Flight>, of: array<string, array<string, int>>, widgets: array<string, list<array{int, int, int}>>}
 */
final class StateFlights
{
    /** Flights that are worked out; by other ways one state dissolves into the other. */
    private const MAX = 600;

    /** Widgets whose parts become each other; those of others dissolve. */
    private const WIDGETS = 1_000;

    /** States of an instance up to which each may become each other; of more those along one axis at a time. */
    private const ALL = 6;

    /** ms that a widget takes between off and on. */
    private const TOGGLE = 150;

    /** @var list<Flight> */
    private array $flights = [];

    /** @var array<string, int> the numbers of flights, by what they are between */
    private array $numbers = [];

    /** @var list<LaidCopy> what flights are known by is kept, so that nothing else can take its name */
    private array $kept = [];

    private function __construct(private readonly Flights $by, private readonly Tree $tree)
    {
    }

    /**
     * `of` gives for instances, by their addresses, by both states as `axis:state axis:state>axis:state axis:state`, the number of a
     * flight; only one way is told of two, for the other is the same backward. `widgets` gives, by their addresses, for each of their
     * parts the numbers of the part that is off, of that which is on, and of a flight. Places are px from the corner of the instance or
     * widget, and addresses as they are called within it.
     *
     * @param  iterable<array{Address, Screen}>  $instances
     * @param  array<string, list<string>>  $widgets  addresses by screen
     * @return Becomes
     */
    public static function of(Tree $tree, Flights $flights, iterable $instances, array $widgets): array
    {
        $self = new self($flights, $tree);
        $of = $toggles = [];
        foreach ($instances as [$address, $screen]) {
            $of[(string) $address] = $self->turns($screen, $address);
        }
        foreach ($widgets as $screen => $some) {
            foreach (isset($tree->screens[$screen]) ? $some : [] as $widget) {
                $layer = count($toggles) < self::WIDGETS ? $flights->expansion->at($tree, Address::of($widget)) : null;
                $toggles[$widget] = $layer === null ? [] : $self->toggles($tree->screen($screen), $layer);
            }
        }

        return ['flights' => $self->flights, 'of' => array_filter($of), 'widgets' => array_filter($toggles)];
    }

    /** How widgets go over. */
    public static function plan(): TransitionPlan
    {
        return TransitionPlan::of(new Transition(TransitionKind::Dissolve, Direction::Left, self::TOGGLE, 0, Easing::parse('ease-out')));
    }

    /** @return array<string, int> */
    private function turns(Screen $screen, Address $address): array
    {
        $expansion = $this->by->expansion;
        $around = $expansion->around($this->tree, $address);
        $in = $around === [] ? $this->tree : end($around)->tree;
        $layer = $in->layer($address->layer);
        $component = $this->tree->component($layer->component());
        $variants = $component === null ? [] : Turning::variants($component, $layer, Turning::axes($this->tree));
        // Wherever instances start, the way between two states is the same.
        usort($variants, fn (array $a, array $b): int => Turning::said($a) <=> Turning::said($b));
        $copies = array_map(fn (array $states): ?LaidCopy => $expansion->of($in, $expansion->inStates($in, $layer, $states))[0] ?? null, $variants);
        $ways = [];
        foreach ($variants as $i => $from) {
            foreach (array_slice($variants, $i + 1, null, true) as $j => $to) {
                $near = count($variants) <= self::ALL || count(array_diff_assoc($from, $to)) === 1;
                $number = $near && $copies[$i] !== null && $copies[$j] !== null ? $this->turn($screen, $copies[$i], $copies[$j]) : null;
                $ways += $number === null ? [] : [Turning::said($from).'>'.Turning::said($to) => $number];
            }
        }

        return $ways;
    }

    private function turn(Screen $screen, LaidCopy $from, LaidCopy $to): ?int
    {
        // Layouts that are alike are the same one.
        $key = "{$screen->id} ".spl_object_id($from->tree).' '.spl_object_id($to->tree);

        return $this->number($key, function (string $prefix) use ($screen, $from, $to): array {
            array_push($this->kept, $from, $to);
            $cast = fn (LaidCopy $copy): Cast => Cast::within($this->tree, $screen, $copy, $this->by->expansion);
            [$leaving, $arriving] = [$cast($from), $cast($to)];
            $there = $leaving->byAddress();
            $same = array_filter($arriving->actors, fn (Actor $one): bool => isset($there[$one->address]));
            $pairs = array_map(fn (Actor $one): Paired => new Paired($there[$one->address], $one, By::Lineage), array_values($same));

            return ['ground' => []] + $this->by->between($leaving, $arriving, $pairs, new Transition(TransitionKind::Match, Direction::Left, 0, 0, Easing::parse('linear'), alone: Alone::Fade), $prefix);
        });
    }

    /** @return list<array{int, int, int}> */
    private function toggles(Screen $screen, Layer $widget): array
    {
        $rendering = $this->by->rendering->on($this->tree, $screen->id);
        $parts = array_filter($this->by->renderer->inSomeStates($widget, $rendering), fn (WidgetPart $part): bool => $part->live === null);
        $off = array_filter($parts, fn (WidgetPart $part): bool => $part->when === ['off']);
        $found = [];
        foreach (array_filter($parts, fn (WidgetPart $part): bool => $part->when === ['on']) as $i => $on) {
            $like = array_filter($off, fn (WidgetPart $part): bool => $part->item === $on->item && $part->layer->content::class === $on->layer->content::class);
            $j = array_key_first($like);
            if ($j === null) {
                continue;
            }
            $key = hash('xxh128', serialize([array_map(fn (WidgetPart $part): Layer => $part->layer->with(id: '', screen: null), [$off[$j], $on]), $rendering->finish, $rendering->look]));
            $number = $this->number($key, fn (string $prefix): array => $this->toggle($screen, $off[$j]->layer, $on->layer, $prefix));
            $found = $number === null ? $found : [...$found, [$j, $i, $number]];
            unset($off[$j]);
        }

        return $found;
    }

    /** @return Flight */
    private function toggle(Screen $screen, Layer $off, Layer $on, string $prefix): array
    {
        $actor = fn (Layer $layer, string $at): Actor => new Actor($layer, $at, null, new Point($layer->box->x + $layer->box->width / 2, $layer->box->y + $layer->box->height / 2), $layer->rotation, 0, false);

        return ['ground' => [], 'late' => 0, 'parts' => [['delay' => 0] + $this->by->becoming($this->tree, new Paired($actor($off, 'off'), $actor($on, 'on'), By::Lineage), $screen, $screen, $prefix)]];
    }

    /**
     * The number of a flight; null for one too many.
     *
     * @param  \Closure(string): Flight  $make  with ids that begin so
     */
    private function number(string $key, \Closure $make): ?int
    {
        if (! isset($this->numbers[$key])) {
            if (count($this->flights) >= self::MAX) {
                return null;
            }
            $this->flights[] = $make('s'.count($this->flights).'-');
            $this->numbers[$key] = count($this->flights) - 1;
        }

        return $this->numbers[$key];
    }
}
