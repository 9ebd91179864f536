<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Kindred\Command\Commands;
use Kindred\Command\Runner;
use Kindred\Document\Brief\Part;
use Kindred\Document\Screen;
use Kindred\Document\Token\Token;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;
use Kindred\Paint\Oklab;
use Kindred\Style\Draft;
use Kindred\Style\Roles;
use Kindred\Style\Scheme;

/** A look that is computed from a colour and a few choices, on the project's own screens, before it is taken. */
final readonly class StyleDraft
{
    private const SHOWN = 3;

    /** A colour to begin with where there is none. */
    private const BASE = '#b4472e';

    public function __construct(private TreeLoader $store, private HouseStyle $style, private Runner $runner, private BeforeAfter $beforeAfter)
    {
    }

    /**
     * What would make a scheme the project's own.
     *
     * @param  array<array-key, mixed>  $asked
     * @return array{commands: list<array<string, mixed>>, roles: list<array{name: string, colour: string}>, made: int, changed: int}
     *
     * @throws InvalidInput where the choices are none
     */
    public function of(Project $project, array $asked): array
    {
        $scheme = Scheme::read(Reader::of($asked));
        $draft = Draft::of($scheme, $this->roles($project)->found(), $this->style->tokens($project), $this->style->look($project), fn (): string => 's'.bin2hex(random_bytes(8)));
        $colours = array_map(fn (Colour $colour): string => $colour->toHex(), $scheme->colours());

        return [
            'commands' => $draft->commands, 'made' => $draft->made, 'changed' => $draft->changed,
            'roles' => array_map(fn (string $role, string $colour): array => ['name' => $role, 'colour' => $colour], array_keys($colours), array_values($colours)),
        ];
    }

    /**
     * The first screens as they are and as they would be.
     *
     * @param  list<array<string, mixed>>  $commands
     * @return list<array{screen: Screen, before: string, after: string}>
     */
    public function pictures(Project $project, array $commands): array
    {
        $first = array_map(fn (Screen $screen): string => $screen->id, array_slice($this->store->withoutLayers($project)->reel(), 0, self::SHOWN));

        return $this->beforeAfter->of($project, $first, fn (Tree $tree): Tree => array_reduce($commands, $this->tried(...), $tree));
    }

    /** @param  array<string, mixed>  $command */
    private function tried(Tree $tree, array $command): Tree
    {
        try {
            return $this->runner->run($tree, Commands::read(Reader::of($command)));
        } catch (InvalidInput) {
            // On this screen there is nothing of it.
            return $tree;
        }
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
