<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Document\Brief\Entry;
use Kindred\Document\Brief\Part;
use Kindred\Document\Brief\Tie;
use Kindred\Document\Entity;
use Kindred\Document\Screen;
use Kindred\Document\Thing;
use Kindred\Document\Tree;

/** What rules look at beyond the layers of a screen, each as a digest by which it is known whether it is still the same. */
final class Elsewhere
{
    private ?string $tokens = null;

    private ?string $names = null;

    private ?string $requirements = null;

    /** @var array<string, list<string|null>>|null by screen */
    private ?array $conditions = null;

    /** @param  Tree  $head  screens, house style and brief of a project; layers are not asked for */
    public function __construct(private readonly Tree $head)
    {
    }

    /** @return array<string, string> by rules, what a report of a screen depends on beyond the screen */
    public function of(Screen $screen, Report $report): array
    {
        $beyond = [];
        foreach (Rules::ALL as $rule) {
            if (is_a($rule, Beyond::class, true) && (! is_a($rule, FixesBeyond::class, true) || $report->isFoundBy($rule))) {
                $beyond[$rule::key()] = $rule::beyond($this, $screen);
            }
        }

        return $beyond;
    }

    /**
     * @param  array<mixed>  $beyond  what a report depended on
     * @return list<class-string<Rule>> those for which it is not the same any more
     */
    public function changed(Screen $screen, array $beyond): array
    {
        return array_values(array_filter(Rules::ALL, fn (string $rule): bool => is_a($rule, Beyond::class, true) && isset($beyond[$rule::key()]) && $beyond[$rule::key()] !== $rule::beyond($this, $screen)));
    }

    /** Tokens and their values in all themes. */
    public function tokens(): string
    {
        return $this->tokens ??= self::digest(array_map(fn (Entity $kind): array => array_map(fn (Thing $one): array => $one->toArray(), $this->head->things($kind)), [Entity::Token, Entity::Theme, Entity::ThemeValue]));
    }

    /** What screens are called. */
    public function names(): string
    {
        return $this->names ??= self::digest(array_map(fn (Screen $one): string => $one->name, $this->head->screens));
    }

    /** What requirements are tied to, in their order. */
    public function requirements(): string
    {
        return $this->requirements ??= self::digest(array_map(fn (Entry $one): array => array_map(fn (Tie $tie): string => $tie->id, $one->ties), $this->head->part(Part::Requirement)));
    }

    /** For which situations a screen has versions, and for which it is to have some. */
    public function conditions(Screen $screen): string
    {
        if ($this->conditions === null) {
            $this->conditions = [];
            foreach ($this->head->screens as $one) {
                $this->conditions[$one->conditionOf ?? $one->id][] = $one->condition?->value;
            }
            foreach ($this->head->part(Part::Plan) as $row) {
                foreach ($row->screen === null ? [] : $row->conditions as $condition) {
                    $this->conditions[$row->screen][] = "planned {$condition->value}";
                }
            }
        }

        return self::digest($this->conditions[$screen->id] ?? []);
    }

    /** @param  array<mixed>  $what */
    private static function digest(array $what): string
    {
        return hash('xxh64', json_encode($what, JSON_THROW_ON_ERROR));
    }
}
