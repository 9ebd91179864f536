<?php

declare(strict_types=1);

namespace Kindred\Library;

use Kindred\Check\Checker;
use Kindred\Check\Rules;
use Kindred\Command\PutComponent;
use Kindred\Command\PutLibrary;
use Kindred\Command\SetRule;
use Kindred\Document\Families;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\IconNames;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\LayerNest;
use Kindred\Document\Library\Kind;
use Kindred\Document\Library\Library;
use Kindred\Document\Pictures;
use Kindred\Document\Place;
use Kindred\Document\Screen;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Token;
use Kindred\Document\Tree;
use Kindred\Style\Written;
use Kindred\Type\OwnFace;

/** All that a project offers to others: its components, tokens, icons and fonts of its own, and the limits that it has set for its checks. */
final readonly class Goods
{
    /** @param  array<string, Good>  $all  by key */
    private function __construct(public array $all)
    {
    }

    /** @param  Tree  $tree  with the sheets of its components, its house style and its settings */
    public static function of(Tree $tree): self
    {
        $goods = [];
        foreach (Token::inOrder(Bindings::tokens($tree)) as $token) {
            $goods[] = new Good(Kind::Token, $token->id, $token->name, array_diff_key($token->toArray(), ['rank' => 1]), [...array_map(fn (string $id): string => "token {$id}", array_values(Bindings::of($token))), ...self::fonts($tree, Families::of($token))]);
        }
        foreach ($tree->sheets() as $sheet) {
            $goods[] = self::component($tree, $sheet);
        }
        foreach ($tree->project->icons as $icon) {
            $goods[] = new Good(Kind::Icon, $icon->name, $icon->name, $icon->toArray());
        }
        foreach ($tree->project->fonts as $face) {
            $key = self::font($face->family);
            $faces = array_values(array_filter($tree->project->fonts, fn (OwnFace $one): bool => $one->family === $face->family));
            $goods[] = new Good(Kind::Font, $key, $face->family, ['fonts' => array_map(fn (OwnFace $one): array => $one->toArray(), $faces)], pictures: array_column($faces, 'asset'));
        }
        foreach (Checker::settings($tree) as $setting) {
            $rule = Rules::find($setting->rule);
            if ($rule !== null) {
                $goods[] = new Good(Kind::Rule, $setting->rule, $rule::label(), ['rule' => $setting->rule, 'on' => $setting->on, 'limit' => $setting->limit]);
            }
        }

        return new self(array_column(array_map(fn (Good $one): array => [$one->key(), $one], $goods), 1, 0));
    }

    /**
     * What layers need of a library to be shown elsewhere as they are: the components in them, and the tokens that they and their copies follow.
     *
     * @return list<string> keys, each once
     */
    public static function neededBy(Layer ...$layers): array
    {
        $needs = [];
        foreach ($layers as $layer) {
            $needs += array_fill_keys(array_map(fn (string $id): string => "component {$id}", $layer->components()), true);
            $needs += array_fill_keys(array_map(fn (string $id): string => "token {$id}", array_values(Written::bound($layer->toArray()))), true);
            foreach ($layer->content instanceof Expanding ? $layer->content->overrides() : [] as $values) {
                $needs += array_fill_keys(array_map(fn (string $id): string => "token {$id}", OverrideValues::tokens($values)), true);
            }
        }

        return array_keys($needs);
    }

    /**
     * Some of them with all that they need.
     *
     * @param  list<string>  $keys
     * @return array<string, Good> by key, what is needed before what needs it
     */
    public function with(array $keys): array
    {
        $found = [];
        foreach ($keys as $key) {
            $good = $this->all[$key] ?? null;
            if ($good !== null && ! isset($found[$key])) {
                $found += $this->with(array_values(array_diff($good->needs, array_keys($found), [$key]))) + [$key => $good];
            }
        }

        return $found;
    }

    /**
     * The commands by which a project takes some of them. Tokens that it has by the same names stay as they are, and take the place of those.
     *
     * @param  list<string>  $keys
     * @param  Tree  $here  with the sheets of its components, its house style and its settings
     * @param  Library  $library  as it is known there
     * @return list<array<string, mixed>>
     */
    public function taking(array $keys, Tree $here, Library $library): array
    {
        $known = self::of($here)->all;
        // What is only needed, and here already, stays as it is.
        $picked = array_filter($this->with($keys), fn (Good $one): bool => in_array($one->key(), $keys, true) || ! isset($known[$one->key()]));
        $instead = $this->instead(array_map(strval(...), array_keys($picked)), $here);
        $tokens = $components = $icons = $fonts = $rules = $taken = [];
        foreach ($picked as $good) {
            if ($good->kind === Kind::Token && isset($instead[$good->id])) {
                continue;
            }
            $taken[] = ['kind' => $good->kind->value, 'id' => $good->id, 'there' => $good->mark()];
            match ($good->kind) {
                Kind::Token => $tokens[] = self::bound($good->written, $instead),
                Kind::Component => $components[] = ['type' => PutComponent::type()] + self::bound($good->written, $instead),
                Kind::Icon => $icons[] = $good->written,
                Kind::Font => array_push($fonts, ...(is_array($good->written['fonts']) ? $good->written['fonts'] : [])),
                Kind::Rule => $rules[] = ['type' => SetRule::type()] + $good->written,
            };
        }

        return $taken === [] ? [] : [
            // What is set in them is laid out by them.
            ...($fonts === [] ? [] : [['type' => 'put-fonts', 'fonts' => $fonts]]),
            ...($tokens === [] ? [] : [['type' => 'put-tokens', 'tokens' => $tokens]]),
            ...($icons === [] ? [] : [['type' => 'put-icons', 'icons' => $icons]]),
            ...$components, ...$rules,
            ['type' => PutLibrary::type(), 'id' => $library->id, 'name' => $library->name, 'project' => $library->project, 'taken' => $taken],
        ];
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, string> tokens that a project has by the same names, by the ids of those among them
     */
    public function instead(array $keys, Tree $here): array
    {
        $own = $instead = [];
        foreach (Bindings::tokens($here) as $token) {
            $own[mb_strtolower($token->name)] = $token->id;
        }
        foreach (array_intersect_key($this->all, array_flip($keys)) as $good) {
            $other = $good->kind === Kind::Token ? $own[mb_strtolower($good->name)] ?? $good->id : $good->id;
            $instead += $other === $good->id ? [] : [$good->id => $other];
        }

        return $instead;
    }

    /**
     * What is bound to a token is bound to the one that takes its place.
     *
     * @template K of array-key
     *
     * @param  array<K, mixed>  $written
     * @param  array<string, string|null>  $instead  null where none does: what was bound keeps its value
     * @return array<K, mixed>
     */
    public static function bound(array $written, array $instead): array
    {
        foreach ($instead === [] ? [] : $written as $key => $value) {
            if (is_array($value) || $value instanceof \stdClass) {
                $in = (array) $value;
                $in = OverrideValues::isBound((string) $key)
                    ? array_filter(array_map(fn (mixed $id): mixed => is_string($id) && array_key_exists($id, $instead) ? $instead[$id] : $id, $in), fn (mixed $id): bool => $id !== null)
                    : self::bound($in, $instead);
                $written[$key] = $value instanceof \stdClass ? (object) $in : $in;
            }
        }

        return $written;
    }

    private static function component(Tree $tree, Screen $sheet): Good
    {
        $layers = $tree->layersOf($sheet->id);
        $needs = array_fill_keys(self::neededBy(...$layers), true);
        $pictures = array_fill_keys(Pictures::of($sheet), true);
        foreach ($sheet->component?->components() ?? [] as $id) {
            $needs["component {$id}"] = true;
        }
        foreach (array_column($sheet->component->overrides ?? [], 'layers') as $values) {
            $needs += array_fill_keys(array_map(fn (string $id): string => "token {$id}", OverrideValues::tokens($values)), true);
            $needs += array_fill_keys(array_map(fn (string $name): string => "icon {$name}", OverrideValues::icons($values)), true);
        }
        $needs += array_fill_keys(self::fonts($tree, Families::of($sheet)), true);
        foreach ($layers as $layer) {
            $needs += array_fill_keys(array_map(fn (string $name): string => "icon {$name}", IconNames::in($layer)), true);
            $needs += array_fill_keys(self::fonts($tree, Families::of($layer)), true);
            $pictures += array_fill_keys(Pictures::of($layer), true);
        }
        $written = ['sheet' => array_diff_key($sheet->toArray(), ['rank' => 1, 'x' => 1, 'y' => 1, 'gone' => 1]), 'layers' => array_map(fn (Layer $layer): array => LayerNest::of($tree, $layer)->toArray(), $tree->children(new Place($sheet->id)))];

        return new Good(Kind::Component, $sheet->id, $sheet->name, $written, array_keys($needs), array_map(strval(...), array_keys($pictures)));
    }

    /** What a family is called among what is taken. */
    private static function font(string $family): string
    {
        return 'f'.substr(hash('sha256', $family), 0, 15);
    }

    /**
     * @param  list<string>  $families
     * @return list<string> the keys of those that were brought into the project
     */
    private static function fonts(Tree $tree, array $families): array
    {
        $own = array_intersect($families, array_map(fn (OwnFace $face): string => $face->family, $tree->project->fonts));

        return array_values(array_unique(array_map(fn (string $family): string => 'font '.self::font($family), $own)));
    }
}
