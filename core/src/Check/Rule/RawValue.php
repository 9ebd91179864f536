<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Across;
use Kindred\Check\Beyond;
use Kindred\Check\Elsewhere;
use Kindred\Check\Fact;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Composed;
use Kindred\Document\Layer\HasSheet;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\Text;
use Kindred\Document\Screen;
use Kindred\Document\Sheet\Slot;
use Kindred\Document\Token\Offers;
use Kindred\Document\Token\Token;
use Kindred\Style\Aspect;
use Kindred\Style\Inventory;
use Kindred\Style\Written;

/**
 * A layer has the very value of a token, but does not follow it: when the token changes, it stays behind. White words have the value of a white
 * card by chance: only a token counts that is
 * followed elsewhere in the same role, or nowhere yet; pure white and black of words and icons are no choice that a token makes. Nor is what a
 * column of a data sheet feeds.
 */
final class RawValue implements Across, Beyond
{
    /** Colours that words and icons have by chance. */
    private const PLAIN = ['#ffffff', '#000000'];

    /** So many values are kept at hand. */
    private const KNOWN = 10_000;

    public static function key(): string
    {
        return 'raw-value';
    }

    public static function label(): string
    {
        return 'values that a token has';
    }

    public static function group(): Group
    {
        return Group::HouseStyle;
    }

    public static function source(): string
    {
        return 'Design Tokens Format Module: a value is said once, and referred to';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function beyond(Elsewhere $elsewhere, Screen $screen): string
    {
        return $elsewhere->tokens();
    }

    public static function facts(Scene $scene): array
    {
        $tokens = [];
        foreach ($scene->tokens() as $token) {
            $tokens[json_encode($token->value->toArray(), JSON_THROW_ON_ERROR)][] = $token;
        }
        $facts = $told = [];
        $fed = self::fed($scene);
        foreach ($tokens === [] ? [] : $scene->seen as $one) {
            if (! isset($told[$one->address->layer])) {
                $told[$one->address->layer] = true;
                $written = Written::look($one->layer);
                foreach (Written::bound($written) as $path => $token) {
                    $role = self::role($one->layer, $path);
                    $facts["{$token} {$role}"] ??= self::fact($scene, $one, $path, $token, '');
                }
                foreach (isset($fed[$one->address->layer]) ? [] : self::raw($written, $tokens) as $path => $all) {
                    foreach ($scene->canFollow($one->address, $path) ? $all : [] as $token) {
                        $facts["{$one->address->layer} {$path} {$token->id}"] = self::fact($scene, $one, $path, $token->id, $token->name);
                    }
                }
            }
        }

        return array_values($facts);
    }

    public static function among(array $facts): iterable
    {
        $followed = $raw = [];
        foreach ($facts as $fact) {
            if ($fact->text('token') === '') {
                $followed[$fact->about][$fact->descent] = true;
            } else {
                $raw["{$fact->screen} {$fact->place->layer}"][$fact->text('path')][] = $fact;
            }
        }
        foreach ($raw as $paths) {
            $found = array_filter(array_map(fn (array $all): ?Fact => array_values(array_filter($all, fn (Fact $fact): bool => ! isset($followed[$fact->about]) || isset($followed[$fact->about][$fact->descent])))[0] ?? null, $paths), fn (?Fact $fact): bool => $fact !== null);
            // A style as a whole says the size too.
            $found = array_values(isset($found['style']) ? array_filter($found, fn (string $path): bool => ! str_starts_with($path, 'style.'), ARRAY_FILTER_USE_KEY) : $found);
            if ($found !== []) {
                $names = implode(', ', array_unique(array_map(fn (Fact $fact): string => $fact->text('token'), $found)));
                $one = count($found) === 1;
                yield Finding::of(self::class, $found[0]->screen, "“{$found[0]->called}” has the value of {$names}, but does not follow ".($one ? 'it.' : 'them.'), [$found[0]->place],
                    new Fix($one ? "Follow {$names}" : 'Follow them', array_map(fn (Fact $fact): array => ['type' => 'bind-token', 'screen' => $fact->text('kept') === '' ? null : $fact->text('kept'), 'layers' => [(string) $fact->place], 'apart' => $fact->text('apart') !== '', 'field' => $fact->text('path'), 'token' => $fact->about], $found)));
            }
        }
    }

    /** @return array<string, true> layers whose look comes from a data sheet */
    private static function fed(Scene $scene): array
    {
        $fed = [];
        foreach ($scene->seen as $one) {
            foreach ($one->layer->content instanceof HasSheet ? $one->layer->content->sheet()->columns : [] as $column) {
                $fed += $column->slot === Slot::Colour && $column->layer !== null ? [Address::of($column->layer)->layer => true] : [];
            }
        }

        return $fed;
    }

    private static function fact(Scene $scene, Placed $one, string $path, string $token, string $name): Fact
    {
        return new Fact($scene->screen->id, $scene->screen->name, $one->address, $token, self::role($one->layer, $path), $one->layer->name, ['path' => $path, 'token' => $name, 'kept' => ($scene->tree->layers[$one->address->layer] ?? null)->screen ?? '', 'apart' => $scene->isApart($one->address, $path) ? 'apart' : '']);
    }

    /** What a value is there for. */
    private static function role(Layer $layer, string $path): string
    {
        $of = match (true) {
            $layer->content instanceof Text => 'words',
            $layer->content instanceof Icon => 'icons',
            $layer->content instanceof Composed => 'widgets',
            default => 'shapes',
        };

        return match (true) {
            str_contains($path, '.stops.') => 'stops',
            str_starts_with($path, 'fills.') => "fills of {$of}",
            str_starts_with($path, 'strokes.') => str_ends_with($path, '.width') ? 'widths of strokes' : 'strokes',
            str_starts_with($path, 'effects.') => 'effects',
            $path === 'corners' => "corners of {$of}",
            str_starts_with($path, 'style') => 'style',
            default => 'gaps',
        };
    }

    /**
     * @param  array<string, mixed>  $written  a layer
     * @param  array<string, non-empty-list<Token>>  $tokens  by their values
     * @return array<string, non-empty-list<Token>> by path
     */
    private static function raw(array $written, array $tokens): array
    {
        $found = [];
        $bound = Written::bound($written);
        $isInk = in_array($written['kind'] ?? null, [Text::kind(), Icon::kind()], true);
        foreach (Aspect::ALL as $aspect) {
            foreach ($aspect::in($written) as $path => $plain) {
                // Most values are those of no token: that is seen first.
                $same = $tokens[self::value($aspect, $plain)] ?? [];
                if ($same === [] || ! (Offers::isWorth($path) || $path === 'style') || ($isInk && in_array($plain, self::PLAIN, true)) || Inventory::isBound($path, $bound)) {
                    continue;
                }
                $meant = array_values(array_filter($same, fn (Token $token): bool => Offers::isMeantFor($token, $path)));
                $found += $meant === [] ? [] : [$path => $meant];
            }
        }

        return $found;
    }

    /**
     * A plain value as the JSON of a token that has it. The same few values are those of many layers.
     *
     * @param  class-string<Aspect>  $aspect
     */
    private static function value(string $aspect, mixed $plain): string
    {
        /** @var array<string, string> $known */
        static $known = [];
        if (count($known) >= self::KNOWN) {
            $known = [];
        }

        return $known[$aspect.json_encode($plain, JSON_THROW_ON_ERROR)] ??= json_encode($aspect::value($plain)->toArray(), JSON_THROW_ON_ERROR);
    }
}
