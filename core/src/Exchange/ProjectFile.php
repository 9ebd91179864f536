<?php

declare(strict_types=1);

namespace Kindred\Exchange;

use Kindred\Document\Brief\Entry;
use Kindred\Document\Brief\Part;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Picture;
use Kindred\Document\LayerNest;
use Kindred\Document\Limits;
use Kindred\Document\Place;
use Kindred\Document\Project;
use Kindred\Document\Rank;
use Kindred\Document\Screen;
use Kindred\Document\Take;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * The open project file: JSON, documented in `docs/format.md`, with its schema in `docs/project.schema.json`.
 *
 * Layers stand inside each other as on the screen, bottom first; ranks are not written. Pictures are
 * held by the SHA-256 of their bytes.
 */
final readonly class ProjectFile
{
    public const FORMAT = 'kindred-canvas';

    public const VERSION = 1;

    public const MAX_BYTES = 64 * 1024 * 1024;

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
        if (strlen($json) > self::MAX_BYTES) {
            throw new InvalidInput('', 'The file is larger than '.(self::MAX_BYTES >> 20).' MB.');
        }
        try {
            $data = json_decode($json, true, 128, JSON_THROW_ON_ERROR);
        } catch (\JsonException $problem) {
            throw new InvalidInput('', "The file is not JSON: {$problem->getMessage()}.");
        }
        $in = Reader::of($data);
        self::mustBeOurs($in);
        $tree = new Tree(Project::read($in));
        $ranks = Rank::spread(null, null, Limits::MAX_SCREENS);
        $nests = [];
        foreach ($in->list('screens', fn (Reader $screen): array => [$screen, Screen::read($screen, '')], 0, Limits::MAX_SCREENS) as $i => [$reader, $screen]) {
            if (isset($tree->screens[$screen->id])) {
                $reader->fail('id', "the id “{$screen->id}” stands for another screen already");
            }
            $tree = $tree->withScreens($screen->with(rank: $ranks[$i], gone: false));
            $nests[] = [new Place($screen->id), $reader->at('layers'), $reader->list('layers', LayerNest::read(...))];
        }
        $tree = $tree->withEntries(...self::brief($in));
        $nests[] = [new Place(null), 'loose', $in->list('loose', LayerNest::read(...))];
        self::mustHaveKeepers($in, $tree);
        $tree = self::withLayers($tree, $nests);
        if ($tree->project->entry !== null && ! isset($tree->screens[$tree->project->entry])) {
            $in->fail('entry', 'there is no screen with that id');
        }
        $pictures = self::pictures($in);
        foreach (self::uses($tree) as $hash => $user) {
            if (! isset($pictures[$hash])) {
                $in->fail('pictures', "the picture of {$user} ({$hash}) is missing");
            }
        }

        return new self($tree, $pictures, self::notes($in));
    }

    public function write(): string
    {
        $tree = $this->tree;
        $nests = fn (Place $place): array => array_map(
            fn (Layer $layer): array => LayerNest::of($tree, $layer)->toArray(),
            $tree->children($place),
        );

        return json_encode([
            'format' => self::FORMAT,
            'version' => self::VERSION,
            ...$tree->project->with(entry: isset($tree->screens[$tree->project->entry ?? '']) ? $tree->project->entry : null)->toArray(),
            'screens' => array_map(fn (Screen $screen): array => ['id' => $screen->id] + $screen->properties() + ['layers' => $nests(new Place($screen->id))], $tree->screensInOrder()),
            'brief' => array_map(fn (Entry $entry): array => ['id' => $entry->id] + array_filter($entry->properties(), fn (mixed $value): bool => ! in_array($value, ['', 0, null, []], true)), array_merge(...array_map($tree->part(...), Part::cases()))),
            'loose' => $nests(new Place(null)),
            'notes' => array_map(fn (FileNote $note): array => $note->toArray(), $this->notes),
            'pictures' => (object) array_map(base64_encode(...), $this->pictures),
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }

    /**
     * The hashes of the pictures that a tree shows.
     *
     * @return list<string>
     */
    public static function hashes(Tree $tree): array
    {
        return array_map(strval(...), array_keys(self::uses($tree)));
    }

    /**
     * The hashes of the pictures that a change shows for the first time.
     *
     * @return list<string>
     */
    public static function newHashes(Tree $before, Tree $after): array
    {
        $new = [];
        foreach ($after->layers as $id => $layer) {
            $old = $before->layers[$id] ?? null;
            if ($old === null || $old->content !== $layer->content) {
                array_push($new, ...array_diff(self::shown($layer), $old === null ? [] : self::shown($old)));
            }
        }
        foreach ([[$before->screens, $after->screens], [$before->entries, $after->entries]] as [$earlier, $later]) {
            foreach ($later as $id => $one) {
                if (($earlier[$id] ?? null) !== $one) {
                    array_push($new, ...array_diff(self::shown($one), isset($earlier[$id]) ? self::shown($earlier[$id]) : []));
                }
            }
        }

        return array_values(array_unique($new));
    }

    /** @return array<string, string> what shows a picture, by the picture's hash */
    private static function uses(Tree $tree): array
    {
        $uses = [];
        foreach ([...array_values($tree->layers), ...array_values($tree->screens), ...array_values($tree->entries)] as $one) {
            foreach (self::shown($one) as $hash) {
                $uses[$hash] ??= match (true) {
                    $one instanceof Layer => "layer “{$one->name}”",
                    $one instanceof Screen => "screen “{$one->name}”",
                    default => "reference “{$one->called()}”",
                };
            }
        }

        return $uses;
    }

    /** @return list<FileNote> */
    private static function notes(Reader $in): array
    {
        $numbers = [];
        $notes = $in->list('notes', fn (Reader $one): array => [$one, FileNote::read($one)], 0, self::MAX_NOTES);
        foreach ($notes as [$reader, $note]) {
            if (isset($numbers[$note->number])) {
                $reader->fail('number', "the number {$note->number} is that of another note already");
            }
            $numbers[$note->number] = true;
        }

        return array_column($notes, 1);
    }

    /** @return list<Entry> */
    private static function brief(Reader $in): array
    {
        $entries = [];
        $ranks = Rank::spread(null, null, Limits::MAX_ENTRIES);
        foreach ($in->list('brief', fn (Reader $one): array => [$one, Entry::read($one, '')], 0, Limits::MAX_ENTRIES) as $i => [$reader, $entry]) {
            if (isset($entries[$entry->id])) {
                $reader->fail('id', "the id “{$entry->id}” stands for another entry already");
            }
            $entries[$entry->id] = $entry->with(rank: $ranks[$i]);
        }

        return array_values($entries);
    }

    private static function mustHaveKeepers(Reader $in, Tree $tree): void
    {
        $takes = array_count_values(array_map(fn (Screen $screen): string => $screen->take->of ?? $screen->id, array_filter($tree->screens, fn (Screen $screen): bool => $screen->take !== null)));
        foreach ($takes as $id => $count) {
            if ($count > Take::MOST) {
                $in->fail('screens', "the screen “{$id}” has {$count} takes; at most ".Take::MOST.' can be kept');
            }
        }
        foreach ($tree->screens as $screen) {
            $keeper = $screen->take?->of === null ? $screen : ($tree->screens[$screen->take->of] ?? null);
            if ($keeper?->hangs() !== true) {
                $in->fail('screens', "“{$screen->name}” is a take of a screen that is not there");
            }
        }
    }

    /** @return list<string> the hashes of the pictures that a layer names, in its data sheet too; of the one under a screen; of a reference */
    private static function shown(Layer|Screen|Entry $one): array
    {
        $content = $one instanceof Layer ? $one->content : null;

        return match (true) {
            $content instanceof Picture => [$content->asset],
            $content instanceof ArrayLayer => $content->pictures(),
            $one instanceof Screen => $one->tracing === null ? [] : [$one->tracing->asset],
            $one instanceof Entry => $one->asset === null ? [] : [$one->asset],
            default => [],
        };
    }

    private static function mustBeOurs(Reader $in): void
    {
        if (! $in->has('format') || $in->string('format') !== self::FORMAT) {
            throw new InvalidInput('format', 'this is not a Kindred Canvas project file');
        }
        $version = $in->whole('version', 1, 1_000_000);
        if ($version > self::VERSION) {
            throw new InvalidInput('version', "the file is of version {$version}; this application reads up to version ".self::VERSION);
        }
    }

    /** @param  list<array{Place, string, list<LayerNest>}>  $nests */
    private static function withLayers(Tree $tree, array $nests): Tree
    {
        $all = [];
        foreach ($nests as [$place, $where, $list]) {
            foreach (Rank::spread(null, null, count($list)) as $i => $rank) {
                foreach ($list[$i]->layers($place, $rank, null) as $layer) {
                    if ($layer->id === '') {
                        throw new InvalidInput("{$where}[{$i}]", "the layer “{$layer->name}” has no id");
                    }
                    if (isset($all[$layer->id])) {
                        throw new InvalidInput("{$where}[{$i}]", "the id “{$layer->id}” stands for another layer already");
                    }
                    $all[$layer->id] = $layer;
                }
            }
        }
        if (count($all) > Limits::MAX_LAYERS) {
            throw new InvalidInput('screens', 'the file holds more than '.Limits::MAX_LAYERS.' layers');
        }

        return $tree->withLayers(...array_values($all));
    }

    /** @return array<string, string> */
    private static function pictures(Reader $in): array
    {
        $pictures = [];
        foreach ($in->optional('pictures')?->raw() ?? [] as $hash => $data) {
            $bytes = is_string($data) ? base64_decode($data, true) : false;
            if ($bytes === false) {
                throw new InvalidInput("pictures.{$hash}", 'base64 text is expected here');
            }
            if (hash('sha256', $bytes) !== (string) $hash) {
                throw new InvalidInput("pictures.{$hash}", 'the bytes do not match their SHA-256');
            }
            $pictures[(string) $hash] = $bytes;
        }

        return $pictures;
    }
}
