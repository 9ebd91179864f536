<?php

declare(strict_types=1);

namespace Kindred\Library;

use Kindred\Compare\Comparison;
use Kindred\Compare\Remark;
use Kindred\Document\Address;
use Kindred\Document\Component\Axis;
use Kindred\Document\Component\Component;
use Kindred\Document\Component\Slot;
use Kindred\Document\Component\State;
use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Library\Kind;
use Kindred\Document\Library\Library;
use Kindred\Document\Library\Taken;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Tree;
use Kindred\Geometry\Number;

/** What of a library is otherwise than it was taken, told as what would change here. */
final readonly class Updates
{
    /** Sentences about one thing. */
    private const MAX = 8;

    /**
     * @param  Tree  $here  with the sheets of its components and its house style
     * @param  Tree  $there  the same of the library
     * @return list<Update>
     */
    public static function of(Library $library, Tree $here, Tree $there): array
    {
        [$own, $theirs] = [Goods::of($here)->all, Goods::of($there)->all];
        $updates = [];
        foreach ($library->taken as $taken) {
            $now = $theirs[$taken->key()] ?? null;
            $has = $own[$taken->key()] ?? null;
            // What is gone on either side stays as it is here.
            if ($now !== null && $has !== null && ! $now->is($taken->there) && $now->mark() !== $has->mark()) {
                $updates[] = new Update($now, self::sentences($has, $now, $here, $there), ! $has->is($taken->there));
            }
        }

        return $updates;
    }

    /** @return list<Taken> what was taken and is there no more */
    public static function gone(Library $library, Tree $there): array
    {
        $theirs = Goods::of($there)->all;

        return array_values(array_filter($library->taken, fn (Taken $one): bool => ! isset($theirs[$one->key()])));
    }

    /** @return list<string> */
    private static function sentences(Good $has, Good $now, Tree $here, Tree $there): array
    {
        $told = match ($now->kind) {
            Kind::Token => [sprintf('%s is %s instead of %s.', $has->name === $now->name ? $has->name : "{$has->name}, now called {$now->name},", self::value($there, $now->id), self::value($here, $has->id))],
            Kind::Icon => ["The icon {$now->name} is drawn otherwise."],
            Kind::Font => ["The font {$now->name} is another one."],
            Kind::Rule => [self::rule($now)],
            Kind::Component => self::component($has->id, $here, $there),
        };

        return count($told) > self::MAX ? [...array_slice($told, 0, self::MAX), 'And '.(count($told) - self::MAX).' more.'] : $told;
    }

    private static function value(Tree $tree, string $token): string
    {
        return (Bindings::tokens($tree)[$token] ?? null)?->value->css() ?? '';
    }

    private static function rule(Good $now): string
    {
        $limit = $now->written['limit'] ?? null;

        return ucfirst($now->name).(($now->written['on'] ?? true) === false ? ' is checked no more.' : ' is checked '.(is_numeric($limit) ? 'by '.$limit.'.' : 'as usual.'));
    }

    /** @return list<string> */
    private static function component(string $id, Tree $here, Tree $there): array
    {
        // What instances show of both in one tree, theirs under other names, and every layer knows which it is of ours.
        $other = fn (string $of): string => 'u'.substr(hash('sha256', $of), 0, 15);
        $theirs = array_map(fn (Layer $layer): Layer => $layer->with(id: $other($layer->id), screen: $other($id), parent: $layer->parent === null ? null : $other($layer->parent), lineage: $layer->id), $there->design($id));
        $to = $there->screen($id)->with(id: $other($id));
        $from = $here->screen($id)->with(box: $to->box);
        $shown = array_map(fn (Layer $layer): string => $layer->id, $here->design($id));
        $beside = array_diff(array_map(fn (Layer $layer): string => $layer->id, $here->layersOf($id)), $shown);
        $tree = $here->withoutLayers(...array_values($beside))->withScreens($from, $to)->withLayers(...$theirs);
        $told = array_map(fn (Remark $one): string => $one->sentence, Comparison::between($tree, $from, $to)->remarks);
        if ($from->name !== $to->name) {
            array_unshift($told, "It is called {$to->name}.");
        }
        array_push($told, ...self::parts($from->component, $to->component), ...self::states($from->component, $to->component, $there));

        return $told === [] ? ['It is otherwise in one of its states, or in something that is not seen.'] : $told;
    }

    /** @return list<string> what comes and goes of states and slots */
    private static function parts(?Component $from, ?Component $to): array
    {
        $states = fn (?Component $of): array => array_merge([], ...array_map(fn (Axis $axis): array => array_map(fn (State $state): string => "state {$state->name}", $axis->states), $of->axes ?? []));
        $slots = fn (?Component $of): array => array_map(fn (Slot $slot): string => "slot {$slot->name}", $of->slots ?? []);
        [$had, $has] = [[...$states($from), ...$slots($from)], [...$states($to), ...$slots($to)]];

        return [...array_map(fn (string $one): string => "The {$one} comes.", array_values(array_diff($has, $had))), ...array_map(fn (string $one): string => "The {$one} goes.", array_values(array_diff($had, $has)))];
    }

    /**
     * What is otherwise than it was in states that both have, of layers that both have.
     *
     * @param  Tree  $there  with the layers of the library
     * @return list<string>
     */
    private static function states(?Component $from, ?Component $to, Tree $there): array
    {
        $told = [];
        foreach ($to->overrides ?? [] as $now) {
            $had = $from?->ownOf($now->in) ?? [];
            $where = $to?->says($now->in) ?? '';
            // A state that comes is told as such.
            foreach ($from === null || count($from->otherStates($now->in)) < count($now->in) ? [] : array_unique([...array_keys($had), ...array_keys($now->layers)]) as $address) {
                $layer = $there->layers[Address::of((string) $address)->layer] ?? null;
                if ($layer === null) {
                    continue;
                }
                [$old, $new] = [$had[$address] ?? [], $now->layers[$address] ?? []];
                foreach (array_unique(array_map(strval(...), [...array_keys($old), ...array_keys($new)])) as $path) {
                    if (! OverrideValues::isBound($path) && json_encode($old[$path] ?? null) !== json_encode($new[$path] ?? null)) {
                        $what = ucfirst(Field::find($path)?->label() ?? $path)." of “{$layer->name}”, {$where},";
                        $told[] = match (true) {
                            ! array_key_exists($path, $new) => "{$what} is as it is designed.",
                            ! array_key_exists($path, $old) => "{$what} is ".self::said($new[$path]).'.',
                            default => "{$what} is ".self::said($new[$path]).' instead of '.self::said($old[$path]).'.',
                        };
                    }
                }
            }
        }

        return $told;
    }

    private static function said(mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'on' : 'off',
            is_int($value), is_float($value) => Number::text(round((float) $value, 2)),
            is_string($value) && preg_match('/^#[0-9a-f]{6,8}$/', $value) === 1 => $value,
            is_string($value) => '“'.mb_strimwidth($value, 0, 40, '…').'”',
            default => 'another',
        };
    }
}
