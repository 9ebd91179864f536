<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Fonts\Fonts;
use App\Models\Project;
use App\Models\User;
use Illuminate\Contracts\Cache\Repository as Cache;
use Illuminate\Support\Collection;
use Kindred\Command\Commands;
use Kindred\Document\Entity;
use Kindred\Document\Library\Kind;
use Kindred\Document\Library\Library;
use Kindred\Document\Missing;
use Kindred\Document\Screen;
use Kindred\Document\Token\Themes;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Library\Goods;
use Kindred\Library\Update;
use Kindred\Library\Updates;

/** Components, tokens, icons, fonts and conventions of one project in another, or from a file. */
final readonly class Libraries
{
    /** Bytes of a file that serves as a library. */
    public const MAX_BYTES = 16 * 1024 * 1024;

    /** Seconds for which it is known how much is new. */
    private const KEPT = 7 * 86_400;

    /** Projects that are offered as libraries. */
    private const OFFERED = 2000;

    public function __construct(private TreeLoader $store, private Editor $editor, private Assets $assets, private Fonts $fonts, private Cache $cache)
    {
    }

    /** @return Collection<int, Project> the other projects of a person, the latest worked on first */
    public function sources(Project $project, User $user): Collection
    {
        return $user->projects()->whereKeyNot($project->id)->orderByDesc('updated_at')->limit(self::OFFERED)->get(['id', 'name']);
    }

    /** @return list<Library> those that a project takes from, in their order */
    public function of(Project $project): array
    {
        $all = array_values(array_filter($this->store->load($project, new WorkingSet(things: [Entity::Library]))->things(Entity::Library), fn (mixed $one): bool => $one instanceof Library));
        usort($all, fn (Library $a, Library $b): int => strcmp($a->rank, $b->rank));

        return $all;
    }

    /** @throws Missing where a project takes nothing from it */
    public function find(Project $project, string $library): Library
    {
        foreach ($this->of($project) as $one) {
            if ($one->id === $library) {
                return $one;
            }
        }

        throw Missing::thing('library');
    }

    /** A project as a library: its components, house style and settings. */
    public function tree(Project $project): Tree
    {
        $sheets = array_map(fn (Screen $one): string => $one->id, $this->store->withLayersOf($project, [])->sheets());

        return $this->store->load($project, new WorkingSet(whole: $sheets, reel: true, things: [...Themes::HOUSE, Entity::RuleSetting, Entity::Library]));
    }

    /**
     * A file as a library; any project file is one.
     *
     * @throws InvalidInput naming the place in the file
     */
    public function file(string $json): ProjectFile
    {
        if (strlen($json) > self::MAX_BYTES) {
            throw new InvalidInput('', 'A library has at most '.(self::MAX_BYTES >> 20).' MB as a file. Nothing was changed.');
        }

        return ProjectFile::read($json);
    }

    /** What another project is called here as a library. */
    public static function ofProject(Project $source): Library
    {
        return new Library("library{$source->id}", 'm', $source->name, (string) $source->id);
    }

    public static function ofFile(ProjectFile $file): Library
    {
        return new Library('file'.substr(hash('sha256', $file->tree->project->name), 0, 12), 'm', $file->tree->project->name);
    }

    /**
     * @param  list<string>  $keys  of what is taken
     * @param  array<string, string>  $pictures  bytes by hash, of a file
     *
     * @throws InvalidInput where nothing of it can be taken
     */
    public function take(Project $project, User $user, Library $library, Tree $there, array $keys, array $pictures = []): Answer
    {
        $goods = Goods::of($there);
        $commands = array_map(fn (array $one) => Commands::read(Reader::of($one)), $goods->taking($keys, $this->tree($project), $library));
        if ($commands === []) {
            throw new InvalidInput('keys', 'Choose something to take that is not here by the same name already. Nothing was changed.');
        }
        foreach ($pictures === [] ? [] : $goods->with($keys) as $good) {
            foreach ($good->pictures as $hash) {
                if (isset($pictures[$hash])) {
                    $good->kind === Kind::Font ? $this->fonts->adopt($project, $hash, $pictures[$hash]) : $this->assets->adopt($project, $hash, $pictures[$hash]);
                }
            }
        }

        return $this->editor->edit($project, $user, $commands, $project->sequence);
    }

    /**
     * The commands by which a project takes what is pasted needs, but for what is here already; and the layers, bound to tokens of the same
     * names where these are here. What followed a token that is gone keeps its value.
     *
     * @param  Project|null  $source  in which it was copied; null where that is gone
     * @param  list<string>  $keys
     * @param  list<mixed>  $layers  as they are sent
     * @return array{commands: list<array<string, mixed>>, layers: list<mixed>}
     *
     * @throws InvalidInput where a component is no longer there to be taken
     */
    public function along(Project $project, ?Project $source, array $keys, array $layers): array
    {
        $here = $this->tree($project);
        $missing = array_values(array_diff($keys, array_map(strval(...), array_keys(Goods::of($here)->all))));
        if ($missing === []) {
            return ['commands' => [], 'layers' => $layers];
        }
        $goods = $source === null ? null : Goods::of($this->tree($source));
        $gone = array_diff($missing, array_map(strval(...), array_keys($goods->all ?? [])));
        if (array_filter($gone, fn (string $key): bool => ! str_starts_with($key, 'token ')) !== []) {
            throw $source === null ? new InvalidInput('from', 'The project that this was copied in is no longer there, and its components with it. Nothing was pasted.')
                : new InvalidInput('', "A component that the copy needs is no longer in “{$source->name}”. Nothing was pasted.");
        }
        $kept = array_values(array_diff($missing, $gone));
        $instead = ($goods?->instead($kept, $here) ?? []) + array_fill_keys(array_map(fn (string $key): string => substr($key, strlen('token ')), array_values($gone)), null);

        return ['commands' => $goods === null ? [] : $goods->taking($kept, $here, self::ofProject($source)), 'layers' => array_values(Goods::bound($layers, $instead))];
    }

    /** The project that a library is, as long as it is one of the same person. */
    public function source(Library $library, User $user): ?Project
    {
        return $library->project === '' ? null : $user->projects()->whereKey($library->project)->first();
    }

    /** @return list<Update> */
    public function updates(Project $project, Library $library, Tree $there): array
    {
        return Updates::of($library, $this->tree($project), $there);
    }

    /** How much is new in the libraries of a project that are projects. It is worked out once until one of these changes. */
    public function news(Project $project, User $user): int
    {
        $count = 0;
        foreach ($this->of($project) as $library) {
            $source = $this->source($library, $user);
            $count += $source === null ? 0 : $this->cache->remember("library:{$project->id}:{$library->id}:{$project->sequence}:{$source->sequence}", self::KEPT, fn (): int => count($this->updates($project, $library, $this->tree($source))));
        }

        return $count;
    }

    /** @return \Generator<int, string> a file with what others can take, and nothing else */
    public function pieces(Project $project): \Generator
    {
        $tree = $this->tree($project);
        $house = array_reduce([...Themes::HOUSE, Entity::TokenGroup, Entity::RuleSetting], fn (Tree $of, Entity $kind): Tree => $of->put($kind, ...array_values($tree->things($kind))), new Tree($tree->project));

        return ProjectFile::pieces($tree->project, $tree->sheets(), fn (?string $screen): Tree => $screen === null ? new Tree($tree->project) : $tree, $house, [], fn (array $hashes): \Generator => $this->assets->each($project, $hashes));
    }
}
