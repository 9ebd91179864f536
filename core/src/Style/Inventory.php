<?php

declare(strict_types=1);

namespace Kindred\Style;

use Kindred\Document\Address;
use Kindred\Document\Token\Offers;
use Kindred\Document\Token\Token;

/**
 * Every distinct value of the look that is in use, how often and where, whether a token has it, and which are nearly the same.
 *
 * Layers are added as they are written, one after another, so that a large project need never be held at once. What copies and states have
 * for themselves counts, too, where they are.
 */
final class Inventory
{
    /** Of so many values of an aspect it is told which are nearly the same. */
    private const MAX = 400;

    /** @var array<class-string<Aspect>, array<string, array{id: string, plain: mixed, count: int, raw: int, path: string, places: list<array{layer: string, screen: string|null}>}>> by aspect and identity */
    private array $found = [];

    /** @param  array<string, Token>  $tokens  by id */
    public function __construct(private readonly array $tokens)
    {
    }

    /** @param  array<string, mixed>  $written  a layer */
    public function layer(array $written): void
    {
        $place = ['layer' => is_string($written['id'] ?? null) ? $written['id'] : '', 'screen' => is_string($written['screen'] ?? null) ? $written['screen'] : null];
        $this->add($written, $place);
        foreach (Written::overrides($written) as [, $own]) {
            $this->add($own, $place);
        }
    }

    /** @param  array<string, mixed>  $written  a screen */
    public function screen(array $written): void
    {
        $screen = is_string($written['id'] ?? null) ? $written['id'] : null;
        if (! is_array($written['component'] ?? null)) {
            // Nobody sees the ground of a sheet but where it is worked on.
            $this->add($written, ['layer' => '', 'screen' => $screen]);
        }
        foreach (Written::overrides($written) as [$address, $own]) {
            $this->add($own, ['layer' => Address::of($address)->layer, 'screen' => $screen]);
        }
    }

    /** @return array<class-string<Aspect>, array<string, array{id: string, plain: mixed, count: int, raw: int, path: string, places: list<array{layer: string, screen: string|null}>}>> what was added, to be kept and joined to another */
    public function found(): array
    {
        return $this->found;
    }

    /** @param  array<class-string<Aspect>, array<string, array{id: string, plain: mixed, count: int, raw: int, path: string, places: list<array{layer: string, screen: string|null}>}>>  $found  by another inventory */
    public function join(array $found): void
    {
        foreach ($found as $aspect => $values) {
            foreach ($values as $id => $more) {
                $one = $this->found[$aspect][$id] ?? null;
                $this->found[$aspect][$id] = $one === null ? $more : [
                    'count' => $one['count'] + $more['count'], 'raw' => $one['raw'] + $more['raw'],
                    'places' => count($one['places']) < InUse::PLACES ? array_slice([...$one['places'], ...$more['places']], 0, InUse::PLACES) : $one['places'],
                ] + $one;
            }
        }
    }

    /**
     * The values of an aspect in groups: those together that are nearly the same as one of them, so that no chain of small steps brings
     * together what differs. Groups are made around the values with the most uses near them.
     *
     * @param  class-string<Aspect>  $aspect
     * @param  float  $near  how near they have to be, as a multiple of what the aspect takes for near
     * @return list<non-empty-list<InUse>> the most used first
     */
    public function groups(string $aspect, float $near = 1.0): array
    {
        $values = $this->values($aspect);
        $around = $this->around($aspect, array_slice($values, 0, self::MAX), $near);
        $uses = array_map(fn (array $ones): int => array_sum(array_map(fn (int $i): int => $values[$i]->count, $ones)), $around);
        arsort($uses);
        $groups = $taken = [];
        foreach (array_keys($uses) as $i) {
            $free = isset($taken[$i]) ? [] : array_diff_key($around[$i], $taken);
            $taken += $free;
            ksort($free);
            $groups = $free === [] ? $groups : [...$groups, array_map(fn (int $j): InUse => $values[$j], array_values($free))];
        }
        foreach (array_slice($values, self::MAX) as $value) {
            $groups[] = [$value];
        }
        usort($groups, fn (array $a, array $b): int => $b[0]->count <=> $a[0]->count);

        return $groups;
    }

    /**
     * @param  class-string<Aspect>  $aspect
     * @param  list<InUse>  $values
     * @return list<array<int, int>> for each the places of those near it, itself among them, by themselves
     */
    private function around(string $aspect, array $values, float $near): array
    {
        $around = array_map(fn (int $i): array => [$i => $i], array_keys($values));
        foreach ($values as $i => $one) {
            for ($j = 0; $j < $i; $j++) {
                if ($aspect::distance($one->plain, $values[$j]->plain) <= $near) {
                    $around[$i][$j] = $j;
                    $around[$j][$i] = $i;
                }
            }
        }

        return $around;
    }

    /**
     * @param  class-string<Aspect>  $aspect
     * @return list<InUse> the most used first
     */
    public function values(string $aspect): array
    {
        $had = [];
        foreach ($this->tokens as $token) {
            $had[json_encode($token->value->toArray())][] = $token;
        }
        $values = [];
        foreach ($this->found[$aspect] ?? [] as $one) {
            $tokens = $had[json_encode($aspect::value($one['plain'])->toArray())] ?? [];
            $values[] = new InUse($one['plain'], $one['id'], $aspect::shown($one['plain']), $one['count'], $one['raw'], $one['places'],
                array_values(array_filter($tokens, fn (Token $token): bool => Offers::isMeantFor($token, $one['path']))));
        }
        usort($values, fn (InUse $a, InUse $b): int => [$b->count, $a->id] <=> [$a->count, $b->id]);

        return $values;
    }

    /** A plain value's identity in its aspect. */
    public static function id(mixed $plain): string
    {
        return json_encode($plain, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /**
     * @param  array<array-key, mixed>  $written
     * @param  array{layer: string, screen: string|null}  $place
     */
    private function add(array $written, array $place): void
    {
        $bound = null;
        foreach (Aspect::ALL as $aspect) {
            foreach ($aspect::in($written) as $path => $plain) {
                $bound ??= Written::bound($written);
                $id = self::id($plain);
                $one = $this->found[$aspect][$id] ?? ['id' => $id, 'plain' => $plain, 'count' => 0, 'raw' => 0, 'path' => $path, 'places' => []];
                $one['count']++;
                $one['raw'] += $bound === [] || ! self::isBound($path, $bound) ? 1 : 0;
                if (count($one['places']) < InUse::PLACES && end($one['places']) !== $place) {
                    $one['places'][] = $place;
                }
                $this->found[$aspect][$id] = $one;
            }
        }
    }

    /**
     * Whether a property has the value of a token, by itself or as a part of something.
     *
     * @param  array<string, string>  $bound  ids of tokens by path
     */
    public static function isBound(string $path, array $bound): bool
    {
        foreach ([$path, str_replace('.paint', '.colour', $path), (string) preg_replace('/\.stops\.\d+\.colour$/', '.paint', $path), (string) preg_replace('/^(effects\.\d+)\.colour$/', '$1.effect', $path), (string) preg_replace('/^style\..*$/', 'style', $path)] as $one) {
            if (isset($bound[$one])) {
                return true;
            }
        }

        return false;
    }
}
