<?php

declare(strict_types=1);

namespace Kindred\Exchange\Tokens;

use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Theme;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\ThemeValue;
use Kindred\Document\Token\Token;
use Kindred\Document\Token\TokenGroup;
use Kindred\Input\InvalidInput;

/**
 * Tokens with themes as one file (Design Tokens Resolver Module 2025.10, Design Tokens Community Group): a set of tokens, and a modifier
 * whose contexts are the themes. Only sources that stand in the file itself are read, and one modifier.
 */
final class ThemeFile
{
    private const VERSION = '2025.10';

    /** The context in which no theme is shown. */
    private const NONE = 'Without theme';

    private function __construct(private readonly \stdClass $data)
    {
    }

    /** Whether JSON is such a file, and not one of tokens alone. */
    public static function isOne(string $json): bool
    {
        return strlen($json) <= TokenFile::MAX_BYTES && isset(self::of(json_decode($json, false, 64))->resolutionOrder);
    }

    /** @param  list<TokenGroup>  $groups */
    public static function write(Themes $themes, array $groups): string
    {
        $base = json_decode(TokenFile::write($themes->tokens(), $groups));
        $none = self::NONE;
        while (in_array($none, array_column($themes->all(), 'name'), true)) {
            $none .= '-';
        }
        $contexts = [$none => []];
        foreach ($themes->all() as $id => $theme) {
            $own = array_intersect_key($themes->tokens($id), $themes->values($id));
            $contexts[$theme->name] = $own === [] ? [] : [json_decode(TokenFile::write($own, [], $themes->tokens($id)))];
        }

        return json_encode([
            'version' => self::VERSION,
            'sets' => ['base' => ['sources' => [$base]]],
            'modifiers' => ['theme' => ['contexts' => $contexts, 'default' => $none]],
            'resolutionOrder' => [['$ref' => '#/sets/base'], ['$ref' => '#/modifiers/theme']],
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }

    /**
     * The tokens, groups and themes that a file holds. What its modifier has by default is what tokens have without a theme.
     *
     * @param  array<string, string>  $known  ids of tokens and groups that are there, by name
     * @param  array<string, string>  $themes  ids of themes that are there, by name
     * @return array{tokens: list<Token>, groups: list<TokenGroup>, themes: list<Theme>, values: list<ThemeValue>}
     *
     * @throws InvalidInput naming the place in the file
     */
    public static function read(string $json, array $known = [], array $themes = []): array
    {
        $file = new self(self::of(json_decode($json, false, 64)));
        if (($file->data->version ?? null) !== self::VERSION) {
            throw new InvalidInput('version', 'this reads version '.self::VERSION);
        }
        ['sets' => $before, 'modifier' => $modifier] = $file->order();
        [$contexts, $default] = $file->contexts($modifier);
        $base = [...$before, ...($default === '' ? [] : $contexts[$default])];
        $read = $base === [] ? ['tokens' => [], 'groups' => []] : TokenFile::read(self::merged(...$base), $known);
        $all = array_column($read['tokens'], null, 'id');
        $ids = array_column(array_map(fn (Token $token): array => ['name' => $token->name, 'id' => $token->id], $read['tokens']), 'id', 'name') + $known;
        $made = $values = [];
        foreach ($contexts as $name => $sources) {
            if ((string) $name === $default) {
                continue;
            }
            $theme = new Theme($themes[$name] ?? self::id((string) $name), 'm', mb_strimwidth((string) $name, 0, 60, '…'));
            $made[] = $theme;
            foreach ($sources === [] ? [] : TokenFile::read(self::merged(...$base, ...$sources), $ids)['tokens'] as $token) {
                $same = $all[$token->id] ?? null;
                // What only a theme has is a token everywhere.
                $all[$token->id] ??= $token;
                if ($same !== null && ($same->value->toArray() !== $token->value->toArray() || $same->bound !== $token->bound) && (! isset($token->bound[Token::WHOLE]) || $same->bound !== $token->bound)) {
                    $values[] = new ThemeValue(ThemeValue::idOf($theme->id, $token->id), 'm', $theme->id, $token->id, $token->value, Bindings::of($token), $token->source);
                }
            }
        }

        return ['tokens' => array_values($all), 'groups' => $read['groups'], 'themes' => $made, 'values' => $values];
    }

    /**
     * The sources of the sets in their order, and the name of the modifier.
     *
     * @return array{sets: list<\stdClass>, modifier: string}
     */
    private function order(): array
    {
        $order = $this->data->resolutionOrder ?? null;
        if (! is_array($order)) {
            throw new InvalidInput('resolutionOrder', 'a list is expected');
        }
        $sets = [];
        $modifier = '';
        foreach ($order as $i => $one) {
            $at = "resolutionOrder[{$i}]";
            $ref = self::of($one)->{'$ref'} ?? null;
            if (! is_string($ref) || preg_match('~^#/(sets|modifiers)/([^/]+)$~D', $ref, $match) !== 1) {
                throw new InvalidInput($at, 'a reference to a set or a modifier of this file is expected: #/sets/base');
            }
            if ($match[1] === 'sets') {
                array_push($sets, ...self::sources(self::of(self::of($this->data->sets ?? null)->{$match[2]} ?? null)->sources ?? null, "sets.{$match[2]}.sources"));
            } elseif ($modifier !== '') {
                throw new InvalidInput($at, 'files with several modifiers cannot be read yet');
            } else {
                $modifier = $match[2];
            }
        }

        return ['sets' => $sets, 'modifier' => $modifier];
    }

    /** @return array{array<array-key, list<\stdClass>>, string} the sources of each context by its name, and the name of that which holds by default */
    private function contexts(string $modifier): array
    {
        if ($modifier === '') {
            return [[], ''];
        }
        $at = "modifiers.{$modifier}";
        $one = self::of(self::of($this->data->modifiers ?? null)->{$modifier} ?? null);
        $contexts = array_map(fn (mixed $sources, int|string $name): array => self::sources($sources, "{$at}.contexts.{$name}"), $all = get_object_vars(self::of($one->contexts ?? null)), array_keys($all));
        if ($contexts === []) {
            throw new InvalidInput("{$at}.contexts", 'an object of contexts is expected');
        }
        $contexts = array_combine(array_keys($all), $contexts);
        $default = $one->default ?? '';
        if (! is_string($default) || ($default !== '' && ! isset($contexts[$default]))) {
            throw new InvalidInput("{$at}.default", 'the name of a context is expected');
        }
        if (count($contexts) - ($default === '' ? 0 : 1) > Theme::MAX) {
            throw new InvalidInput("{$at}.contexts", 'a house style holds at most '.Theme::MAX.' themes');
        }

        return [$contexts, $default];
    }

    /** @return list<\stdClass> */
    private static function sources(mixed $sources, string $at): array
    {
        if (! is_array($sources)) {
            throw new InvalidInput($at, 'a list of sources is expected');
        }
        $read = [];
        foreach (array_values($sources) as $i => $source) {
            if (! $source instanceof \stdClass || isset($source->{'$ref'})) {
                throw new InvalidInput("{$at}[{$i}]", 'only tokens that stand in the file itself can be read; put those of other files in their place');
            }
            $read[] = $source;
        }

        return $read;
    }

    /** Several sources as one file: of what is said several times the last holds. */
    private static function merged(\stdClass ...$sources): string
    {
        $all = new \stdClass;
        foreach ($sources as $source) {
            $all = self::over($all, $source);
        }

        return json_encode($all, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    private static function over(\stdClass $lower, \stdClass $upper): \stdClass
    {
        // A token takes the place of another as a whole, but for its type.
        if (isset($upper->{'$value'})) {
            return (object) ((array) $upper + array_intersect_key((array) $lower, ['$type' => 1]));
        }
        $all = clone $lower;
        foreach (get_object_vars($upper) as $name => $value) {
            $below = $all->{$name} ?? null;
            $all->{$name} = $value instanceof \stdClass && $below instanceof \stdClass && ! str_starts_with((string) $name, '$') ? self::over($below, $value) : $value;
        }

        return $all;
    }

    private static function of(mixed $value): \stdClass
    {
        return $value instanceof \stdClass ? $value : new \stdClass;
    }

    private static function id(string $name): string
    {
        return 'm'.substr(hash('sha256', $name), 0, 15);
    }
}
