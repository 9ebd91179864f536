<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Kindred\Command\AdoptToken;
use Kindred\Document\Address;
use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Rank;
use Kindred\Document\Screen;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Theme;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\Token;
use Kindred\Document\Token\TokenGroup;
use Kindred\Document\Token\TokenValue;
use Kindred\Document\Token\Value\ColourToken;
use Kindred\Document\Tree;
use Kindred\Document\Widget\WidgetLook;
use Kindred\Document\WorkingSet;
use Kindred\Exchange\Tokens\ThemeFile;
use Kindred\Exchange\Tokens\TokenFile;
use Kindred\Layout\Expansion;
use Kindred\Paint\Colour;
use Kindred\Paint\Tints;
use Kindred\Property\Path;
use Kindred\Type\TextStyle;

/** The house style of a project: its tokens, what uses them, and which fit a property. */
final readonly class HouseStyle
{
    /** So many uses of a token are shown. */
    private const SHOWN = 60;

    private const INK = '#1e2223';

    public function __construct(private TreeLoader $store, private References $references, private Expansion $expansion)
    {
    }

    /** The themes of a project, and its tokens in each. With a tree it can be asked which one its screens show. */
    public function themes(Project $project, ?Tree $tree = null): Themes
    {
        return Themes::of($tree === null ? $this->store->load($project, new WorkingSet(things: Themes::HOUSE)) : $this->onto($project, $tree));
    }

    /** A tree with the house style in it. */
    public function onto(Project $project, Tree $tree): Tree
    {
        $house = $this->store->load($project, new WorkingSet(things: Themes::HOUSE));
        foreach (Themes::HOUSE as $entity) {
            $tree = $tree->put($entity, ...array_values($house->things($entity)));
        }

        return $tree;
    }

    /** @return array<string, Token> by id, in their order */
    public function tokens(Project $project): array
    {
        return Token::inOrder($this->themes($project)->tokens());
    }

    /** @return list<TokenGroup> */
    public function groups(Project $project): array
    {
        $tree = $this->store->load($project, new WorkingSet(things: [Entity::TokenGroup]));

        return array_values(array_filter($tree->things(Entity::TokenGroup), fn (mixed $one): bool => $one instanceof TokenGroup));
    }

    /**
     * Tokens by their types, in the order of the register.
     *
     * @param  array<string, Token>  $tokens
     * @return array<string, array{label: string, kind: string, tokens: list<Token>}>
     */
    public function byType(array $tokens): array
    {
        $types = [];
        foreach (TokenValue::ALL as $kind) {
            $types[$kind::kind()] = ['label' => $kind::label(), 'kind' => $kind::kind(), 'tokens' => array_values(array_filter($tokens, fn (Token $token): bool => $token->value instanceof $kind))];
        }

        return $types;
    }

    /** @return array<string, int> how many layers, screens and other tokens use each, by id */
    public function counts(Project $project): array
    {
        $counts = $this->references->counts($project, Entity::Token, but: Entity::ThemeValue);
        foreach ($this->look($project)->bound as $token) {
            $counts[$token] = ($counts[$token] ?? 0) + 1;
        }

        return $counts;
    }

    /** How widgets are dressed. */
    public function look(Project $project): WidgetLook
    {
        return $this->store->load($project, new WorkingSet)->project->look;
    }

    /**
     * The parts of widgets, each with the tokens that it could be dressed by.
     *
     * @param  array<string, Token>  $tokens
     * @return list<array{part: string, label: string, bound: Token|null, fitting: list<Token>}>
     */
    public function dressing(Project $project, array $tokens): array
    {
        $look = $this->look($project);
        $parts = [];
        foreach (WidgetLook::parts() as $part => $label) {
            $property = Path::of($part)->property($look);
            $parts[] = [
                'part' => $part, 'label' => $label, 'bound' => $tokens[$look->bound[$part] ?? ''] ?? null,
                'fitting' => array_values(array_filter($tokens, fn (Token $token): bool => $property !== null && $token->value->valueOf($property, new TextStyle) !== null)),
            ];
        }

        return $parts;
    }

    /**
     * Those that could take the place of one.
     *
     * @param  array<string, Token>  $tokens
     * @return array<string, Token>
     */
    public function others(array $tokens, Token $token): array
    {
        return array_filter($tokens, fn (Token $one): bool => $one->id !== $token->id && $one->value::kind() === $token->value::kind());
    }

    /** How many layers, screens and components have the very colour of a token and are not bound to it, or to another one. */
    public function alike(Project $project, Token $token): int
    {
        $colour = $token->value instanceof ColourToken ? $token->value->value : null;
        if ($colour === null) {
            return 0;
        }

        return array_sum(array_map(count(...), AdoptToken::adopting($this->store->load($project, AdoptToken::having($colour->toHex())), $token, $colour)));
    }

    /**
     * What uses a token.
     *
     * @return array{screens: list<Screen>, layers: list<array{layer: Layer, screen: Screen|null}>, tokens: list<Token>, widgets: list<string>, more: bool} with the parts of widgets
     */
    public function uses(Project $project, string $token): array
    {
        $found = $this->references->to($project, Entity::Token, [$token], '', self::SHOWN * 4);
        $ids = fn (Entity $entity): array => array_values(array_unique(array_column(array_filter($found, fn (array $one): bool => $one['entity'] === $entity), 'id')));
        $layers = $ids(Entity::Layer);
        $tree = $this->store->load($project, new WorkingSet(layers: array_slice($layers, 0, self::SHOWN), reel: true));
        $shown = array_values(array_filter(array_map(fn (string $id): ?Layer => $tree->layers[$id] ?? null, array_slice($layers, 0, self::SHOWN))));

        return [
            'screens' => array_values(array_intersect_key($tree->screens, array_flip($ids(Entity::Screen)))),
            'layers' => array_map(fn (Layer $layer): array => ['layer' => $layer, 'screen' => $tree->screens[$layer->screen ?? ''] ?? null], $shown),
            'tokens' => array_values(array_intersect_key($this->tokens($project), array_flip($ids(Entity::Token)))),
            'widgets' => array_values(array_intersect_key(WidgetLook::parts(), array_flip(array_keys($this->look($project)->bound, $token, true)))),
            'more' => count($layers) > self::SHOWN,
        ];
    }

    /**
     * The tokens that a property of some layers can be bound to, that which it is bound to, and whether one can be made of its value.
     *
     * @param  list<string>  $names  the addresses of layers
     * @param  list<string>  $screens  in the place of layers
     * @return array{fitting: list<Token>, bound: Token|null, makes: string, label: string}
     */
    public function choices(Project $project, array $names, string $field, array $screens = []): array
    {
        $named = array_map(Address::of(...), $names);
        $tree = $this->store->load($project, new WorkingSet(layers: Address::named($named), reel: true));
        $layers = $screens === [] ? array_values(array_filter(array_map(fn (Address $one): ?Layer => $this->expansion->at($tree, $one), $named))) : array_values(array_intersect_key($tree->screens, array_flip($screens)));
        $tokens = Token::inOrder($this->themes($project, $tree)->tokensOf($layers[0] ?? null));
        $way = Path::of($field);
        $property = $layers === [] ? null : $way->property($layers[0]);
        if ($layers === [] || $property === null) {
            return ['fitting' => [], 'bound' => null, 'makes' => '', 'label' => ''];
        }
        $has = $way->value($layers[0]);
        $makes = '';
        foreach (TokenValue::ALL as $kind) {
            $value = $makes === '' ? $kind::from($property, $has) : null;
            $makes = $value === null || $screens !== [] ? $makes : $value->css();
        }

        return [
            'fitting' => array_values(array_filter($tokens, fn (Token $token): bool => $token->value->valueOf($property, $has) !== null)),
            'bound' => $tokens[Bindings::shared($layers)[$field] ?? ''] ?? null,
            'makes' => $makes,
            'label' => $property->label(),
        ];
    }

    /** @return list<array{step: int, colour: Colour, ink: float, paper: float}> a colour from light to dark, with how each stands out against ink and paper */
    public static function ramp(Colour $colour): array
    {
        [$ink, $paper] = [Colour::parse(self::INK), Colour::rgb(255, 255, 255)];
        $tints = Tints::of($colour->withAlpha(1));

        return array_map(fn (Colour $one, int $step): array => ['step' => $step, 'colour' => $one, 'ink' => $one->contrastRatio($ink), 'paper' => $one->contrastRatio($paper)], $tints, array_keys($tints));
    }

    /**
     * What a file of design tokens would bring: new tokens, and others for those of the same names.
     *
     * @return array{tokens: list<array<string, mixed>>, groups: list<array<string, mixed>>, themes: list<array<string, mixed>>, values: array<string, list<array<string, mixed>>>, said: list<string>} values by theme
     *
     * @throws \Kindred\Input\InvalidInput naming the place in the file
     */
    public function arriving(Project $project, string $json): array
    {
        $themed = $this->themes($project);
        $here = Token::inOrder($themed->tokens());
        $known = array_column(array_map(fn (Token $token): array => ['id' => $token->id, 'name' => $token->name], $here), 'id', 'name');
        foreach ($this->groups($project) as $group) {
            $known["group {$group->name}"] = $group->id;
        }
        $read = ThemeFile::isOne($json) ? ThemeFile::read($json, $known, array_column(array_map(fn (Theme $one): array => ['id' => $one->id, 'name' => $one->name], $themed->all()), 'id', 'name')) : TokenFile::read($json, $known) + ['themes' => [], 'values' => []];
        ['tokens' => $tokens, 'groups' => $groups] = $read;
        $fresh = array_values(array_filter($read['themes'], fn (Theme $theme): bool => ! isset($themed->all()[$theme->id])));
        $values = [];
        foreach ($read['values'] as $value) {
            if (array_diff_key(($themed->values($value->theme)[$value->token] ?? null)?->toArray() ?? [], ['rank' => 1]) !== array_diff_key($value->toArray(), ['rank' => 1])) {
                $values[$value->theme][] = array_diff_key($value->toArray(), ['id' => 1, 'rank' => 1, 'theme' => 1]);
            }
        }
        $names = array_column(array_map(fn (Theme $one): array => ['id' => $one->id, 'name' => $one->name], $read['themes']), 'name', 'id');
        $new = array_values(array_filter($tokens, fn (Token $token): bool => ! isset($here[$token->id])));
        $other = array_values(array_filter($tokens, fn (Token $token): bool => isset($here[$token->id]) && array_diff_key($here[$token->id]->toArray(), ['rank' => 1]) !== array_diff_key($token->toArray(), ['rank' => 1])));
        $named = fn (array $all): string => implode(', ', array_map(fn (Token $token): string => $token->name, array_slice($all, 0, 8))).(count($all) > 8 ? ' and '.(count($all) - 8).' more' : '');
        $last = (array_values($here)[count($here) - 1] ?? null)?->rank;
        $plain = [];
        foreach ([...$new, ...$other] as $token) {
            $rank = ($here[$token->id] ?? null)->rank ?? $last = Rank::between($last, null);
            $plain[] = ['description' => '', 'source' => '', 'more' => '', 'bound' => new \stdClass, ...$token->with(rank: $rank)->toArray()];
        }

        return [
            'tokens' => $plain,
            'groups' => array_map(fn (TokenGroup $group): array => $group->toArray(), $groups),
            'themes' => array_map(fn (Theme $theme): array => ['id' => $theme->id, 'name' => $theme->name], $fresh),
            'values' => $values,
            'said' => array_values(array_filter([
                $new === [] ? '' : (count($new) === 1 ? 'One new token: ' : count($new).' new tokens: ').$named($new).'.',
                $other === [] ? '' : (count($other) === 1 ? 'One gets another value: ' : count($other).' get other values: ').$named($other).'.',
                $fresh === [] ? '' : (count($fresh) === 1 ? 'One new theme: ' : count($fresh).' new themes: ').implode(', ', array_column($fresh, 'name')).'.',
                ...array_map(fn (array $own, string $theme): string => "In theme {$names[$theme]} ".(count($own) === 1 ? 'one token gets a value.' : count($own).' tokens get values.'), $values, array_keys($values)),
                count($tokens) === count($new) + count($other) ? '' : (count($tokens) - count($new) - count($other)).' are as they are here.',
            ])),
        ];
    }
}
