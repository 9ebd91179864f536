<?php

declare(strict_types=1);

namespace Kindred\Motion\Match;

use Kindred\Document\Address;
use Kindred\Document\Cue\Alone;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Arranging;
use Kindred\Document\Layer\Composed;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\Text;
use Kindred\Document\Screen;
use Kindred\Document\Style\BlendMode;
use Kindred\Document\Tree;
use Kindred\Geometry\Point;
use Kindred\Layout\Expansion;
use Kindred\Layout\Shapes;
use Kindred\Motion\Tween;
use Kindred\Render\Renderer;
use Kindred\Render\Rendering;
use Kindred\Signal\Template;
use Kindred\Type\TextAlign;

/**
 * What a match does to all that is seen on both screens, in painting order.
 *
 * A pose is where something lies: the middle of its box, px of the screen, its turn, degrees, how it is scaled across and down, and the
 * width and height of the box that is so placed, px. `markup` is a drawing that changes on the way, `of` two layers; `leaving` and `arriving` name what is
 * taken from the pictures of the two screens as it is there, `whole` with all in it.
 *
 * @phpstan-import-type Change from Frames
 *
 * @phpstan-type Pose array{float, float, float, float, float, float, float}
 * @phpstan-type Taken array{at: string, whole: bool, poses: array{Pose, Pose}, opacity: array{float, float}}
 * @phpstan-type Part array{delay: int, of?: array{string, string}, markup?: string, poses?: array{Pose, Pose}, changes?: list<Change>, leaving?: Taken, arriving?: Taken}
 * @phpstan-type Flight array{ground: list<string>, late: int, parts: list<Part>}
 */
final class Flights
{
    /** What grows begins at this share of its size. */
    private const SMALL = 0.5;

    /** @var array<string, Cast> */
    private array $casts = [];

    /** @var array<string, Flight> */
    private array $known = [];

    public function __construct(public readonly Renderer $renderer, public readonly Expansion $expansion, private readonly Shapes $shapes, public readonly Rendering $rendering)
    {
    }

    /**
     * @param  Address|null  $pressed  the place in an array or instance from which it goes out
     * @return Flight
     */
    public function of(Tree $tree, Screen $from, Screen $to, Transition $transition, ?Address $pressed = null): array
    {
        $key = hash('xxh128', serialize([$from->id, $to->id, $transition->alone, $transition->stagger, $transition->pairs, $pressed?->copies]));

        return $this->known[$key] ??= $this->made($tree, $from, $to, $transition, $pressed, 'm'.count($this->known).'-');
    }

    /** @return Flight */
    private function made(Tree $tree, Screen $from, Screen $to, Transition $transition, ?Address $pressed, string $prefix): array
    {
        [$leaving, $arriving] = [$this->cast($tree, $from), $this->cast($tree, $to)];

        return $this->between($leaving, $arriving, Pairs::of($leaving, $arriving, $transition->pairs, $pressed)->all, $transition, $prefix);
    }

    /**
     * @param  list<Paired>  $pairs
     * @param  string  $prefix  before every id in its drawings
     * @return Flight
     */
    public function between(Cast $leaving, Cast $arriving, array $pairs, Transition $transition, string $prefix): array
    {
        [$tree, $from, $to] = [$arriving->tree, $leaving->screen, $arriving->screen];
        [$byFrom, $byTo] = [[], []];
        foreach ($pairs as $pair) {
            $byFrom[$pair->from->order] = $pair;
            $byTo[$pair->to->order] = $pair;
        }
        $delays = self::delays($leaving, $arriving, $byFrom, $transition);
        $after = self::after($leaving, $byFrom);
        $alone = fn (int $anchor): array => array_map(fn (Actor $one): array => ['delay' => $delays["-{$one->order}"]] + $this->going($one, $byFrom, $transition->alone, $from), $after[$anchor] ?? []);
        $parts = $alone(-1);
        foreach ($arriving->actors as $one) {
            $pair = $byTo[$one->order] ?? null;
            if ($one->isPainted() || $pair?->from->isPainted() === true) {
                $parts[] = ['delay' => $delays["+{$one->order}"]] + ($pair === null ? $this->coming($one, $byTo, $transition->alone, $to) : $this->becoming($tree, $pair, $from, $to, $prefix.$one->order.'-'));
            }
            if ($pair !== null) {
                array_push($parts, ...$alone($pair->to->order));
            }
        }

        return [
            'ground' => array_map(fn (int $i): string => Tween::colour($from->ground, $to->ground, $i / Frames::STEPS)->toHex(), $from->ground->equals($to->ground) ? [0] : range(0, Frames::STEPS)),
            'late' => max([0, ...array_column($parts, 'delay')]),
            'parts' => $parts,
        ];
    }

    /** All that a match finds on a screen. */
    public function cast(Tree $tree, Screen $screen): Cast
    {
        return $this->casts[$screen->id] ??= Cast::on($tree, $screen, $this->expansion);
    }

    /**
     * What is only on the screen that leaves lies right above what it was painted over there, and what was painted over nothing that
     * stays lies below all.
     *
     * @param  array<int, Paired>  $byFrom
     * @return array<int, list<Actor>> by the order on the arriving screen of what they follow; -1 for nothing
     */
    private static function after(Cast $leaving, array $byFrom): array
    {
        $after = $below = [];
        foreach ($leaving->actors as $one) {
            if (! $one->isPainted()) {
                continue;
            }
            $box = $one->box()->turned($one->angle);
            $anchor = $byFrom[$one->order]->to->order ?? -1;
            foreach (isset($byFrom[$one->order]) ? [] : $below as [$lower, $under]) {
                if ($under > $anchor && $lower->overlaps($box)) {
                    $anchor = $under;
                }
            }
            $below[] = [$box, $anchor];
            if (! isset($byFrom[$one->order])) {
                $after[$anchor][] = $one;
            }
        }

        return $after;
    }

    /**
     * One after the other from the top down, what lies in one copy or instance together.
     *
     * @param  array<int, Paired>  $byFrom
     * @return array<string, int> ms, by the order on the arriving screen after a plus, or on the one that leaves after a minus
     */
    private static function delays(Cast $leaving, Cast $arriving, array $byFrom, Transition $transition): array
    {
        $said = [];
        foreach ($transition->pairs as $pair) {
            $said["+{$pair->to}"] = $said["-{$pair->from}"] = $pair->delay;
        }
        $units = $of = [];
        foreach (['+' => $arriving->actors, '-' => array_filter($leaving->actors, fn (Actor $one): bool => ! isset($byFrom[$one->order]))] as $side => $actors) {
            foreach ($actors as $one) {
                $unit = $one;
                while ($unit->parent !== null && ! $unit->parent->layer->content instanceof Arranging) {
                    $unit = $unit->parent;
                }
                $of["{$side}{$one->order}"] = [$name = "{$side}{$unit->order}", "{$side}{$one->address}"];
                $units[$name] = [round($unit->box()->y), round($unit->box()->x)];
            }
        }
        asort($units);
        $rank = array_flip(array_keys($units));

        return array_map(fn (array $one): int => ($said[$one[1]] ?? 0) + $transition->stagger * $rank[$one[0]], $of);
    }

    /**
     * How a layer becomes another, on one screen or from one to the other.
     *
     * @return array{of?: array{string, string}, markup?: string, poses?: array{Pose, Pose}, changes?: list<Change>, leaving?: Taken, arriving?: Taken}
     */
    public function becoming(Tree $tree, Paired $pair, Screen $from, Screen $to, string $prefix): array
    {
        [$one, $other] = [$pair->from, $pair->to];
        // Of one instance what stays as it is is shown as it is.
        if ($from === $to && ! $one->whole && self::pose($one) === self::pose($other) && serialize($one->layer) === serialize($other->layer)) {
            return ['arriving' => self::taken($other, [self::pose($one), self::pose($other)], [1.0, 1.0])];
        }
        $frames = $this->isDrawn($tree, $one, $other, $from, $to) ? $this->frames($tree, $one, $other, $to, $prefix) : null;
        if ($frames !== null) {
            return ['of' => [$one->address, $other->address], 'poses' => [self::pose($one), self::shorter(self::pose($other), $one->angle)]] + $frames;
        }
        [$across, $down] = self::scale($one->layer, $other->layer);

        return ($one->isPainted() ? ['leaving' => self::taken($one, [self::pose($one), self::shorter(self::onto($one, $other, $across, $down), $one->angle)], [1.0, 0.0])] : [])
            + ($other->isPainted() ? ['arriving' => self::taken($other, [self::onto($other, $one, 1 / $across, 1 / $down), self::shorter(self::pose($other), $one->angle)], [0.0, 1.0])] : []);
    }

    /** Whether what lies in between can be drawn: it depends on nothing that a rehearsal changes. */
    private function isDrawn(Tree $tree, Actor $one, Actor $other, Screen $from, Screen $to): bool
    {
        $finish = $tree->finish($from->id);

        return $finish === $tree->finish($to->id) && $finish !== Finish::Rough && $one->isPainted() && $other->isPainted()
            && array_filter([$one, $other], fn (Actor $actor): bool => $actor->whole || $actor->layer->content instanceof Composed
                || $actor->layer->masks !== [] || $actor->layer->blend !== BlendMode::Normal
                || ($actor->layer->content instanceof Text && Template::hasPlaceholders($actor->layer->content->words))) === [];
    }

    /** @return array{markup: string, changes: list<Change>}|null */
    private function frames(Tree $tree, Actor $one, Actor $other, Screen $to, string $prefix): ?array
    {
        $morph = Morph::between($tree, $one->layer, $tree, $other->layer, $this->shapes);
        if ($morph === null) {
            return null;
        }
        $rendering = $this->rendering->on($tree, $to->id)->with(prefix: $prefix, behind: null);

        return Frames::of(fn (float $at): string => (string) preg_replace('/ data-layer="[^"]*"/', '', $this->renderer->shell($tree, $morph->at($at), $rendering)));
    }

    /**
     * @param  array<int, Paired>  $byFrom
     * @return array{leaving: Taken}
     */
    private function going(Actor $one, array $byFrom, Alone $alone, Screen $screen): array
    {
        $away = self::away($one, self::carried($one, array_map(fn (Paired $pair): array => [$pair->from, $pair->to], $byFrom)), $alone, $screen);

        return ['leaving' => self::taken($one, [self::pose($one), $away], [1.0, $alone === Alone::Fly ? 1.0 : 0.0])];
    }

    /**
     * @param  array<int, Paired>  $byTo
     * @return array{arriving: Taken}
     */
    private function coming(Actor $one, array $byTo, Alone $alone, Screen $screen): array
    {
        $away = self::away($one, self::carried($one, array_map(fn (Paired $pair): array => [$pair->to, $pair->from], $byTo)), $alone, $screen);

        return ['arriving' => self::taken($one, [$away, self::pose($one)], [$alone === Alone::Fly ? 1.0 : 0.0, 1.0])];
    }

    /**
     * How far the innermost around a layer that has another moves to that.
     *
     * @param  array<int, array{Actor, Actor}>  $pairs  by the order of those on the layer's own screen, which come first
     */
    private static function carried(Actor $one, array $pairs): Point
    {
        for ($around = $one->parent; $around !== null; $around = $around->parent) {
            if (isset($pairs[$around->order])) {
                [$own, $other] = $pairs[$around->order];

                return $other->corner()->minus($own->corner());
            }
        }

        return new Point(0, 0);
    }

    /**
     * Where what is alone comes from or goes to.
     *
     * @return Pose
     */
    private static function away(Actor $one, Point $moves, Alone $alone, Screen $screen): array
    {
        [$x, $y, $angle, , , $width, $height] = self::pose($one);
        $small = $alone === Alone::Grow ? self::SMALL : 1.0;
        if ($alone !== Alone::Fly) {
            return [$x + $moves->x, $y + $moves->y, $angle, $small, $small, $width, $height];
        }
        $box = $one->box()->turned($one->angle);
        $ways = [[$box->right(), -$box->right(), 0.0], [$screen->box->width - $box->x, $screen->box->width - $box->x, 0.0], [$box->bottom(), 0.0, -$box->bottom()], [$screen->view - $box->y, 0.0, $screen->view - $box->y]];
        usort($ways, fn (array $a, array $b): int => max(0.0, $a[0]) <=> max(0.0, $b[0]));

        return [$x + $ways[0][1], $y + $ways[0][2], $angle, 1.0, 1.0, $width, $height];
    }

    /**
     * @param  array{Pose, Pose}  $poses
     * @param  array{float, float}  $opacity
     * @return Taken
     */
    private static function taken(Actor $one, array $poses, array $opacity): array
    {
        return ['at' => $one->address, 'whole' => $one->whole, 'poses' => $poses, 'opacity' => $opacity];
    }

    /** @return Pose */
    private static function pose(Actor $one): array
    {
        return [$one->centre->x, $one->centre->y, $one->angle, 1.0, 1.0, $one->layer->box->width, $one->layer->box->height];
    }

    /**
     * One where the other lies, scaled: words keep to the side that they are set from, and others to their corner.
     *
     * @return Pose
     */
    private static function onto(Actor $one, Actor $other, float $across, float $down): array
    {
        [$room, $over] = [$other->layer->box->width - $one->layer->box->width * $across, $other->layer->box->height - $one->layer->box->height * $down];
        $align = $other->layer->content instanceof Text ? $other->layer->content->style->align : TextAlign::Left;
        $shift = match ($align) {
            TextAlign::Center => 0.0,
            TextAlign::Right => $room / 2,
            default => -$room / 2,
        };
        $centre = $other->centre->plus((new Point($shift, -$over / 2))->turned($other->angle));

        return [$centre->x, $centre->y, $other->angle, $across, $down, $one->layer->box->width, $one->layer->box->height];
    }

    /** @return array{float, float} how much larger the other is: words by their size, what is put together alike both ways, all else by its box */
    private static function scale(Layer $one, Layer $other): array
    {
        $across = $other->box->width / max(0.01, $one->box->width);
        $down = $other->box->height / max(0.01, $one->box->height);
        $both = match (true) {
            $one->content instanceof Text && $other->content instanceof Text => $other->content->style->size / max(0.01, $one->content->style->size),
            $one->content instanceof Composed || $other->content instanceof Composed => $down,
            $one->isContainer() || $one->content instanceof Instance => $across,
            default => null,
        };

        return array_map(fn (float $scale): float => max(0.01, min(100.0, $scale)), $both === null ? [$across, $down] : [$both, $both]);
    }

    /**
     * Turned the shorter way.
     *
     * @param  Pose  $pose
     * @return Pose
     */
    private static function shorter(array $pose, float $from): array
    {
        $pose[2] = $from + fmod(fmod($pose[2] - $from, 360) + 540, 360) - 180;

        return $pose;
    }
}
