<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Kinds;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Token\ThemeValue;
use Kindred\Document\Token\Token;

/**
 * The families of fonts that a project names: in its words, in what copies and states have otherwise, in its tokens and in how its widgets are dressed.
 *
 * @phpstan-import-type Values from OverrideValues
 */
final class Families
{
    /** @return list<string> those that one of its things names, each once */
    public static function of(Layer|Screen|Token|ThemeValue|Project $thing): array
    {
        $overrides = match (true) {
            $thing instanceof Layer && $thing->content instanceof Expanding => $thing->content->overrides(),
            $thing instanceof Screen => array_column($thing->component->overrides ?? [], 'layers'),
            default => [],
        };

        return array_values(array_unique(array_merge(self::named($thing)?->families() ?? [], ...array_map(OverrideValues::families(...), $overrides))));
    }

    /**
     * A thing with one family in the place of another; the same where it does not name it.
     *
     * @template T of Layer|Screen|Token|ThemeValue|Project
     *
     * @param  T  $thing
     * @return T
     */
    public static function replaced(Layer|Screen|Token|ThemeValue|Project $thing, string $by, string $instead): Layer|Screen|Token|ThemeValue|Project
    {
        if (! in_array($by, self::of($thing), true)) {
            return $thing;
        }
        $named = self::named($thing)?->inFamily($by, $instead);
        $named = match (true) {
            $named === null => $thing,
            $thing instanceof Layer => $thing->with(content: $named),
            $thing instanceof Screen, $thing instanceof Project => $thing->with(look: $named),
            // As it stood in a file it holds no longer, unless all of it is that of another token.
            default => $thing->with(value: $named, source: isset($thing->bound[Token::WHOLE]) ? $thing->source : ''),
        };
        /** @var T $replaced */
        $replaced = match (true) {
            $named instanceof Layer => OverrideValues::ofLayer($named, self::otherwise($by, $instead)),
            $named instanceof Screen => OverrideValues::ofSheet($named, self::otherwise($by, $instead)),
            default => $named,
        };

        return $replaced;
    }

    /** @return \Closure(Values): Values */
    private static function otherwise(string $by, string $instead): \Closure
    {
        return function (array $values) use ($by, $instead): array {
            /** @var Values $values */
            return OverrideValues::inFamily($values, $by, $instead);
        };
    }

    /** @return list<string> the kinds of layers that can name some */
    public static function kinds(): array
    {
        return array_values(array_unique([...Kinds::of(SetInFamilies::class), ...Kinds::of(Expanding::class)]));
    }

    private static function named(Layer|Screen|Token|ThemeValue|Project $thing): ?SetInFamilies
    {
        $part = match (true) {
            $thing instanceof Layer => $thing->content,
            $thing instanceof Screen, $thing instanceof Project => $thing->look,
            default => $thing->value,
        };

        return $part instanceof SetInFamilies ? $part : null;
    }
}
