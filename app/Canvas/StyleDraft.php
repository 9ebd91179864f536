<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Kindred\Command\Commands;
use Kindred\Command\Runner;
use Kindred\Document\Brief\Part;
use Kindred\Document\Entity;
use Kindred\Document\Screen;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\Token;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;
use Kindred\Paint\Oklab;
use Kindred\Style\Aspect;
use Kindred\Style\Roles;
use Kindred\Style\Scheme;

/** A look that is computed from a colour and a few choices, on the project's own screens, before it is taken. */
final readonly class StyleDraft
{
    private const SHOWN = 3;

    /** A colour to begin with where there is none. */
    private const BASE = '#b4472e';

    /** The roles that parts of widgets play. */
    private const WIDGETS = ['accent' => 'accent', 'ink' => 'words', 'soft' => 'quiet', 'edge' => 'line', 'paper' => 'card', 'ground' => 'ground', 'shade' => 'line', 'radius' => 'corners'];

    public function __construct(private TreeLoader $store, private HouseStyle $style, private Runner $runner, private Pictures $pictures)
    {
    }

    /**
     * What would make a scheme the project's own: the tokens that play a role get its values, and what plays one without a token gets one.
     * Roles that nothing plays become tokens, too, so that the set is whole.
     *
     * @param  array<array-key, mixed>  $asked
     * @return array{commands: list<array<string, mixed>>, roles: list<array{name: string, colour: string}>, made: int, changed: int}
     *
     * @throws InvalidInput where the choices are none
     */
    public function of(Project $project, array $asked): array
    {
        $scheme = Scheme::read(Reader::of($asked));
        $tokens = $this->style->tokens($project);
        $found = $this->roles($project)->found();
        $names = array_flip(array_map(fn (Token $token): string => $token->name, $tokens));
        $put = $made = $merge = $ids = [];
        $values = array_map(fn ($colour): array => ['color', $colour->toHex(), Aspect\Colours::class], $scheme->colours())
            + ['corners' => ['dimension', "{$scheme->corners()}px", Aspect\Radii::class], 'gap' => ['dimension', "{$scheme->gap()}px", Aspect\Gaps::class]];
        foreach ($values as $role => [$kind, $text, $aspect]) {
            $one = $found[$role] ?? null;
            $token = $one === null ? null : $tokens[$one['token'] ?? ''] ?? null;
            // What stands for another takes the value by that.
            while ($token !== null && isset($token->bound[Token::WHOLE], $tokens[$token->bound[Token::WHOLE]])) {
                $token = $tokens[$token->bound[Token::WHOLE]];
            }
            if ($token !== null) {
                $put[$token->id] = ['id' => $ids[$role] = $token->id, 'text' => $text];

                continue;
            }
            $name = ($kind === 'color' ? 'colour.' : 'length.').$role;
            for ($i = 2; isset($names[$name]); $i++) {
                $name = ($kind === 'color' ? 'colour.' : 'length.')."{$role}-{$i}";
            }
            $ids[$role] = $id = 's'.bin2hex(random_bytes(8));
            if ($one !== null) {
                $old = $aspect::value($one['plain']);
                $made[] = ['id' => $id, 'name' => $name, 'kind' => $kind] + $old->toArray();
                $merge[] = ['type' => 'merge-values', 'aspect' => $aspect::key(), 'from' => [$one['plain']], 'to' => $one['plain'], 'token' => $id];
            }
            $put[$id] = ['id' => $id, 'name' => $name, 'kind' => $kind, 'text' => $text];
        }

        return [
            'commands' => [...($made === [] ? [] : [['type' => 'put-tokens', 'tokens' => $made]]), ...$merge, ['type' => 'put-tokens', 'tokens' => array_values($put)], ...$this->dressing($project, $ids)],
            'roles' => array_map(fn (string $role, array $value): array => ['name' => $role, 'colour' => $value[1]], array_keys($scheme->colours()), array_slice(array_values($values), 0, count($scheme->colours()))),
            'made' => count(array_filter($put, fn (array $one): bool => isset($one['name']))), 'changed' => count(array_filter($put, fn (array $one): bool => ! isset($one['name']))),
        ];
    }

    /**
     * Widgets take from the look what no token says of them yet.
     *
     * @param  array<string, string>  $ids  of tokens by role
     * @return list<array<string, mixed>>
     */
    private function dressing(Project $project, array $ids): array
    {
        $free = array_diff_key(self::WIDGETS, $this->style->look($project)->bound);

        return array_map(fn (string $part, string $role): array => ['type' => 'dress-kit', 'part' => $part, 'token' => $ids[$role]], array_keys($free), array_values($free));
    }

    /**
     * The first screens as they are and as they would be.
     *
     * @param  list<array<string, mixed>>  $commands
     * @return list<array{screen: Screen, before: string, after: string}>
     */
    public function pictures(Project $project, array $commands): array
    {
        $house = $this->store->load($project, new WorkingSet(things: Themes::HOUSE));
        $pictures = [];
        foreach (array_slice($house->reel() ?: $this->store->withoutLayers($project)->reel(), 0, self::SHOWN) as $screen) {
            $whole = $this->store->withLayersOf($project, [$screen->id]);
            $before = array_reduce(Themes::HOUSE, fn (Tree $tree, Entity $entity): Tree => $tree->put($entity, ...array_values($house->things($entity))), $whole);
            $after = $before;
            foreach ($commands as $command) {
                try {
                    $after = $this->runner->run($after, Commands::read(Reader::of($command)));
                } catch (InvalidInput) {
                    // On this screen there is nothing of it.
                    continue;
                }
            }
            $draw = fn (Tree $of, string $prefix): string => $this->pictures->screen($of, $of->screen($screen->id), $this->pictures->variant($project, $prefix));
            $pictures[] = ['screen' => $screen, 'before' => $draw($before, "was{$screen->id}-"), 'after' => $draw($after, "will{$screen->id}-")];
        }

        return $pictures;
    }

    /** @return list<string> colours to begin with: those of pictures that the project refers to, and of its tokens */
    public function beginnings(Project $project): array
    {
        $entries = $this->store->withoutLayers($project)->part(Part::Reference);
        $colours = array_merge([], ...array_map(fn ($entry): array => array_slice($entry->colours, 0, 3), $entries));
        $tokens = array_map(fn (Token $token): string => $token->value->css(), array_values(array_filter($this->style->tokens($project), fn (Token $token): bool => $token->value::kind() === 'color')));

        return array_slice(array_values(array_unique([...$colours, ...$tokens])), 0, 16);
    }

    /**
     * The first of them that is a colour, not a grey.
     *
     * @param  list<string>  $beginnings
     */
    public function beginning(array $beginnings): string
    {
        return array_values(array_filter($beginnings, fn (string $hex): bool => Oklab::of(Colour::parse($hex))->chroma() > 0.08))[0] ?? self::BASE;
    }

    private function roles(Project $project): Roles
    {
        $roles = new Roles;
        foreach ($this->store->written($project) as $layer) {
            $roles->layer($layer);
        }
        foreach ($this->store->withoutLayers($project)->screens as $screen) {
            $roles->screen($screen->toArray());
        }

        return $roles;
    }
}
