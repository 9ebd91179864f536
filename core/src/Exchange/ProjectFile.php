<?php

declare(strict_types=1);

namespace Kindred\Exchange;

use Kindred\Document\Brief\Part;
use Kindred\Document\Component\Nesting;
use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\LayerNest;
use Kindred\Document\Pictures;
use Kindred\Document\Place;
use Kindred\Document\Project;
use Kindred\Document\Screen;
use Kindred\Document\Thing;
use Kindred\Document\Tree;
use Kindred\Document\Upgrade\Upgrades;
use Kindred\Input\InvalidInput;
use Kindred\Type\OwnFace;

/**
 * The open project file: JSON, documented in `docs/format.md`, with its schema in `docs/project.schema.json`.
 *
 * Layers stand inside each other as on the screen, bottom first; ranks are not written. Pictures are
 * held by the SHA-256 of their bytes.
 */
final readonly class ProjectFile
{
    public const FORMAT = 'kindred-canvas';

    public const VERSION = Upgrades::VERSION;

    public const MAX_BYTES = 512 * 1024 * 1024;

    public const MAX_NOTES = 10_000;

    /**
     * @param  array<string, string>  $pictures  bytes by hash
     * @param  list<FileNote>  $notes  by their numbers
     */
    public function __construct(public Tree $tree, public array $pictures = [], public array $notes = [])
    {
    }

    /** @throws InvalidInput naming the place in the file */
    public static function read(string $json): self
    {
        $whole = new class implements ProjectTarget
        {
            /** @var list<Screen> */
            public array $screens = [];

            /** @var list<Layer> */
            public array $layers = [];

            /** @var array<string, list<Thing>> by entity */
            public array $things = [];

            /** @var list<FileNote> */
            public array $notes = [];

            /** @var array<string, string> */
            public array $pictures = [];

            public function fonts(array $faces, array $files): void
            {
                $this->pictures += $files;
            }

            public function layers(?Screen $screen, array $layers): void
            {
                array_push($this->screens, ...($screen === null ? [] : [$screen]));
                array_push($this->layers, ...$layers);
            }

            public function thing(Entity $entity, Thing $thing): void
            {
                $this->things[$entity->value][] = $thing;
            }

            public function note(FileNote $note): void
            {
                $this->notes[] = $note;
            }

            public function picture(string $hash, string $bytes): void
            {
                $this->pictures[$hash] = $bytes;
            }
        };
        $project = (new ProjectReader([$json], $whole))->read();
        $tree = (new Tree($project))->withScreens(...$whole->screens)->withLayers(...$whole->layers);
        foreach ($whole->things as $entity => $things) {
            $tree = $tree->put(Entity::from($entity), ...$things);
        }

        Nesting::held(new Tree($project), $tree);

        return new self($tree, $whole->pictures, $whole->notes);
    }

    public function write(): string
    {
        return implode('', [...self::pieces(
            $this->tree->project, $this->tree->screensInOrder(), fn (): Tree => $this->tree,
            $this->tree, $this->notes, fn (): array => $this->pictures,
        )]);
    }

    /**
     * A file piece by piece, so that it need never be held as a whole.
     *
     * @param  list<Screen>  $screens  in the order of the reel
     * @param  \Closure(?string): Tree  $layers  a tree with the layers of a screen, or with the loose ones
     * @param  Tree  $things  with the brief and the house style
     * @param  iterable<FileNote>  $notes
     * @param  \Closure(list<string>): iterable<string, string>  $pictures  bytes by hash, of the pictures and fonts that are named
     * @return \Generator<int, string>
     */
    public static function pieces(Project $project, array $screens, \Closure $layers, Tree $things, iterable $notes, \Closure $pictures): \Generator
    {
        $ids = array_map(fn (Screen $screen): string => $screen->id, $screens);
        $head = ['format' => self::FORMAT, 'version' => self::VERSION, ...$project->with(entry: in_array($project->entry, $ids, true) ? $project->entry : null)->toArray()];
        yield '{';
        foreach ($head as $key => $value) {
            yield "\n    ".self::json($key).': '.self::json($value).',';
        }
        if ($project->fonts !== []) {
            yield "\n    \"fontFiles\": {";
            yield from self::files($pictures(self::fonts($project)));
            yield "\n    },";
        }
        foreach (['tokenGroups' => Entity::TokenGroup, 'tokens' => Entity::Token, 'themes' => Entity::Theme, 'themeValues' => Entity::ThemeValue, 'rules' => Entity::RuleSetting, 'asides' => Entity::Aside, 'libraries' => Entity::Library] as $key => $entity) {
            $all = self::ranked($things, $entity);
            yield $all === [] ? '' : "\n    ".self::json($key).': ['.implode(',', array_map(fn (array $one): string => self::indented(array_diff_key($one, ['rank' => true]), '        '), $all))."\n    ],";
        }
        $shown = [];
        $nested = function (?string $screen, string $indent) use ($layers, &$shown): \Generator {
            $tree = $layers($screen);
            $first = true;
            foreach ($tree->children(new Place($screen)) as $layer) {
                foreach ($tree->subtree($layer->id) as $one) {
                    $shown += array_fill_keys(Pictures::of($one), true);
                }
                yield ($first ? '' : ',').self::indented(LayerNest::of($tree, $layer)->toArray(), $indent);
                $first = false;
            }
            yield $first ? ']' : "\n".substr($indent, 4).']';
        };
        yield "\n    \"screens\": [";
        foreach ($screens as $i => $screen) {
            $shown += array_fill_keys(Pictures::of($screen), true);
            $own = self::indented(['id' => $screen->id] + $screen->properties(), '        ');
            yield ($i === 0 ? '' : ',').substr($own, 0, -strlen("\n        }")).",\n            \"layers\": [";
            yield from $nested($screen->id, '                ');
            yield "\n        }";
        }
        yield $screens === [] ? "],\n    \"brief\": [" : "\n    ],\n    \"brief\": [";
        $first = true;
        foreach (array_merge(...array_map($things->part(...), Part::cases())) as $entry) {
            $shown += array_fill_keys(Pictures::of($entry), true);
            yield ($first ? '' : ',').self::indented(['id' => $entry->id] + array_filter($entry->properties(), fn (mixed $value): bool => ! in_array($value, ['', 0, null, []], true)), '        ');
            $first = false;
        }
        yield $first ? "],\n    \"loose\": [" : "\n    ],\n    \"loose\": [";
        yield from $nested(null, '        ');
        yield ",\n    \"notes\": [";
        $first = true;
        foreach ($notes as $note) {
            yield ($first ? '' : ',').self::indented($note->toArray(), '        ');
            $first = false;
        }
        yield $first ? "],\n    \"pictures\": {" : "\n    ],\n    \"pictures\": {";
        yield from self::files($pictures(array_map(strval(...), array_keys($shown))));
        yield $shown === [] ? "}\n}\n" : "\n    }\n}\n";
    }

    /** @return list<array<string, mixed>> things in their order, as they are written */
    private static function ranked(Tree $tree, Entity $entity): array
    {
        $all = array_map(fn (Thing $one): array => $one->toArray(), array_values($tree->things($entity)));
        usort($all, fn (array $a, array $b): int => [$a['rank'], $a['id']] <=> [$b['rank'], $b['id']]);

        return $all;
    }

    /**
     * @param  iterable<string, string>  $files  bytes by hash
     * @return \Generator<int, string>
     */
    private static function files(iterable $files): \Generator
    {
        $first = true;
        foreach ($files as $hash => $bytes) {
            yield ($first ? '' : ',')."\n        \"{$hash}\": \"";
            yield base64_encode($bytes);
            yield '"';
            $first = false;
        }
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** On lines of its own. */
    private static function indented(mixed $value, string $indent): string
    {
        return "\n{$indent}".str_replace("\n", "\n{$indent}", self::json($value));
    }

    /**
     * The hashes of the pictures and fonts that a change names for the first time.
     *
     * @return list<string>
     */
    public static function newHashes(Tree $before, Tree $after): array
    {
        $new = [];
        foreach ($after->layers as $id => $layer) {
            $old = $before->layers[$id] ?? null;
            if ($old !== $layer) {
                array_push($new, ...array_diff(Pictures::of($layer), $old === null ? [] : Pictures::of($old)));
            }
        }
        array_push($new, ...self::newFonts($before, $after));
        foreach ([[$before->screens, $after->screens], [$before->entries(), $after->entries()]] as [$earlier, $later]) {
            foreach ($later as $id => $one) {
                if (($earlier[$id] ?? null) !== $one) {
                    array_push($new, ...array_diff(Pictures::of($one), isset($earlier[$id]) ? Pictures::of($earlier[$id]) : []));
                }
            }
        }

        return array_values(array_unique($new));
    }

    /** @return list<string> the hashes of the fonts that a change names for the first time */
    public static function newFonts(Tree $before, Tree $after): array
    {
        return array_values(array_diff(self::fonts($after->project), self::fonts($before->project)));
    }

    /** @return list<string> */
    private static function fonts(Project $project): array
    {
        return array_map(fn (OwnFace $face): string => $face->asset, $project->fonts);
    }
}
