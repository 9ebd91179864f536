<?php

declare(strict_types=1);

namespace Kindred\Style;

use Kindred\Paint\Colour;
use Kindred\Paint\Oklab;

/**
 * What the colours and lengths that are in use are for, told from where they stand: the background of most screens, the words of most
 * texts, what most surfaces stand out with. Layers and screens are added as they are written.
 */
final class Roles
{
    /** A colour of more chroma than this in Oklab is known by its hue. */
    private const COLOURED = 0.07;

    /** Surfaces that lie on the background look at most so much otherwise (Oklab). */
    private const BESIDE_GROUND = 0.16;

    /** Words stand out at least so much from the background; quiet ones less than most (WCAG 2.2). */
    private const READ = 2.5;

    private const EDGE = 2.5;

    /** Hues of two colours lie at least so far apart, degrees. */
    private const APART = 35.0;

    /** @var array<string, array<string, int>> how often by where and value: a token's id, or what it is */
    private array $often = [];

    /** @var array<string, array{plain: mixed, token: string|null}> by value */
    private array $known = [];

    /** @param  array<string, mixed>  $written  a layer */
    public function layer(array $written): void
    {
        $bound = Written::bound($written);
        $isWords = in_array($written['kind'] ?? 'box', ['text', 'icon'], true);
        foreach (Aspect\Colours::in($written) as $path => $hex) {
            $where = match (true) {
                preg_match('/^fills\.\d+\.paint$/D', $path) === 1 => $isWords ? 'words' : 'surfaces',
                preg_match('/^strokes\.\d+\.paint$/D', $path) === 1 => 'edges',
                default => '',
            };
            if ($where !== '') {
                $this->count($where, $hex, $bound[$path] ?? $bound[str_replace('.paint', '.colour', $path)] ?? null);
            }
        }
        // What is rounded to a circle or a pill has that shape, and not the corners of the house.
        $round = min(Written::length($written['width'] ?? null) ?? INF, Written::length($written['height'] ?? null) ?? INF) / 2;
        foreach (Aspect\Radii::in($written) as $path => $radius) {
            if ($radius >= $round) {
                continue;
            }
            $this->count('corners', $radius, $bound[$path] ?? null);
        }
        foreach (Aspect\Gaps::in($written) as $path => $gap) {
            $this->count('gap', $gap, $bound[$path] ?? null);
        }
    }

    /** @param  array<string, mixed>  $written  a screen */
    public function screen(array $written): void
    {
        foreach (Aspect\Colours::in($written) as $path => $hex) {
            $this->count('grounds', $hex, Written::bound($written)[$path] ?? null);
        }
    }

    /** @return array<string, array{plain: mixed, token: string|null}> the value of each role, and the token that it comes from; each value has one role */
    public function found(): array
    {
        $roles = [];
        $this->take($roles, 'ground', 'grounds', fn (): bool => true);
        $hex = $roles['ground']['plain'] ?? '#ffffff';
        $ground = Colour::parse(is_string($hex) ? $hex : '#ffffff');
        $of = fn (mixed $plain): Colour => Colour::parse(is_string($plain) ? $plain : '#ffffff');
        $contrast = fn (mixed $plain): float => $of($plain)->over($ground)->contrastRatio($ground);
        $lab = fn (mixed $plain): Oklab => Oklab::of($of($plain)->withAlpha(1));
        $isFull = fn (mixed $plain): bool => $of($plain)->alpha > 0.9;
        $this->take($roles, 'words', 'words', fn (mixed $plain): bool => $isFull($plain) && $lab($plain)->chroma() < self::COLOURED && $contrast($plain) >= 2 * self::READ);
        $words = $roles['words']['plain'] ?? null;
        $this->take($roles, 'quiet', 'words', fn (mixed $plain): bool => $isFull($plain) && $lab($plain)->chroma() < self::COLOURED && $contrast($plain) >= self::READ && $contrast($plain) < ($words === null ? 21 : $contrast($words)));
        $this->take($roles, 'accent', 'surfaces', fn (mixed $plain): bool => $isFull($plain) && $lab($plain)->chroma() >= self::COLOURED);
        $accent = $roles['accent']['plain'] ?? null;
        $this->take($roles, 'second', 'surfaces', fn (mixed $plain): bool => $accent !== null && $isFull($plain) && $lab($plain)->chroma() >= self::COLOURED / 2 && self::apart($lab($plain)->hue(), $lab($accent)->hue()) >= self::APART && $contrast($plain) >= self::READ);
        $this->take($roles, 'card', 'surfaces', fn (mixed $plain): bool => $isFull($plain) && $lab($plain)->chroma() < self::COLOURED && $lab($plain)->distance(Oklab::of($ground)) <= self::BESIDE_GROUND);
        $this->take($roles, 'line', 'edges', fn (mixed $plain): bool => $lab($plain)->chroma() < self::COLOURED && $contrast($plain) < self::EDGE);
        $this->take($roles, 'corners', 'corners', fn (): bool => true);
        $this->take($roles, 'gap', 'gap', fn (): bool => true);

        return $roles;
    }

    /**
     * Gives a role to the most used value that is it.
     *
     * @param  array<string, array{plain: mixed, token: string|null}>  $roles  added to
     * @param  \Closure(mixed): bool  $is
     */
    private function take(array &$roles, string $role, string $where, \Closure $is): void
    {
        $often = $this->often[$where] ?? [];
        arsort($often);
        foreach (array_map(strval(...), array_keys($often)) as $value) {
            if (! in_array($this->known[$value], $roles, true) && $is($this->known[$value]['plain'])) {
                $roles[$role] = $this->known[$value];

                return;
            }
        }
    }

    private function count(string $where, mixed $plain, ?string $token): void
    {
        $key = $token === null ? Inventory::id($plain) : "token {$token}";
        $this->known[$key] ??= ['plain' => $plain, 'token' => $token];
        $this->often[$where][$key] = ($this->often[$where][$key] ?? 0) + 1;
    }

    private static function apart(float $one, float $other): float
    {
        return abs(fmod(abs($one - $other) + 180, 360) - 180);
    }
}
