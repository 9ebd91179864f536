<?php

declare(strict_types=1);

namespace Kindred\Exchange;

use Kindred\Document\Brief\Entry;
use Kindred\Document\Check\Aside;
use Kindred\Document\Check\RuleSetting;
use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\LayerNest;
use Kindred\Document\Library\Library;
use Kindred\Document\Limits;
use Kindred\Document\Pictures;
use Kindred\Document\Place;
use Kindred\Document\Project;
use Kindred\Document\Rank;
use Kindred\Document\Screen;
use Kindred\Document\Take;
use Kindred\Document\Token\Theme;
use Kindred\Document\Token\ThemeValue;
use Kindred\Document\Token\Token;
use Kindred\Document\Token\TokenGroup;
use Kindred\Document\Upgrade\Upgrades;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Kit\Kit;
use Kindred\Type\OwnFace;

/**
 * Reads a project file of any size, holding one screen of it at a time. That it is whole, and holds together, is known
 * at its end: what was taken before must not count if the reading ends with an exception.
 */
final class ProjectReader
{
    private readonly JsonPull $json;

    /** @var array<string, mixed> what holds for the project as a whole */
    private array $head = [];

    /** @var array<string, Screen> without their cues and grids */
    private array $screens = [];

    /** @var array<string, true> */
    private array $layerIds = [];

    /** @var array<string, true> of what is kept in the general way */
    private array $entryIds = [];

    /** @var array<int, true> */
    private array $noteNumbers = [];

    /** @var array<string, string> what shows a picture, by the picture's hash */
    private array $uses = [];

    /** @var array<string, true> */
    private array $pictures = [];

    /** Whether layers have been read. */
    private bool $begun = false;

    /** @param  iterable<string>  $chunks  the text of the file in parts */
    public function __construct(iterable $chunks, private readonly ProjectTarget $target, int $max = ProjectFile::MAX_BYTES)
    {
        $this->json = new JsonPull($chunks, $max);
    }

    /** Bytes read so far. */
    public function progress(): int
    {
        return $this->json->read();
    }

    /**
     * @return Project what the file says of the project as a whole
     *
     * @throws InvalidInput naming the place in the file
     */
    public function read(): Project
    {
        if (! $this->json->isNext('{')) {
            $this->json->value();
            throw new InvalidInput('', 'an object is expected here');
        }
        foreach ($this->json->keys() as $key) {
            match ($key) {
                'screens' => $this->eachOf($key, Limits::MAX_SCREENS, $this->screen(...)),
                'loose' => $this->take(null, $this->layersOf($key, new Place(null))),
                'brief' => $this->eachOf($key, Limits::MAX_ENTRIES, $this->entry(...)),
                'tokens' => $this->eachOf($key, Token::MAX, fn (int $i, string $at) => $this->thing(Entity::Token, $i, $at)),
                'tokenGroups' => $this->eachOf($key, TokenGroup::MAX, fn (int $i, string $at) => $this->thing(Entity::TokenGroup, $i, $at)),
                'themes' => $this->eachOf($key, Theme::MAX, fn (int $i, string $at) => $this->thing(Entity::Theme, $i, $at)),
                'themeValues' => $this->eachOf($key, ThemeValue::MAX, fn (int $i, string $at) => $this->thing(Entity::ThemeValue, $i, $at)),
                'rules' => $this->eachOf($key, RuleSetting::MAX, fn (int $i, string $at) => $this->thing(Entity::RuleSetting, $i, $at)),
                'asides' => $this->eachOf($key, Aside::MAX, fn (int $i, string $at) => $this->thing(Entity::Aside, $i, $at)),
                'libraries' => $this->eachOf($key, Library::MAX, fn (int $i, string $at) => $this->thing(Entity::Library, $i, $at)),
                'notes' => $this->eachOf($key, ProjectFile::MAX_NOTES, $this->note(...)),
                'pictures' => $this->pictures(),
                'fontFiles' => $this->fonts(),
                'format', 'version', 'name', 'entry', 'finish', 'framed', 'fonts', 'icons', 'theme', 'look' => $this->head($key),
                default => null,
            };
        }
        $this->json->end();

        return $this->whole();
    }

    private function head(string $key): void
    {
        $this->head[$key] = $value = $this->json->value();
        if ($key === 'version' && $this->begun && $value !== 1) {
            throw new InvalidInput('version', 'the version stands before the screens');
        }
        // What is no file of ours is not read to its end.
        if ($key === 'format' || $key === 'version') {
            $this->mustBeOurs();
        }
    }

    private function mustBeOurs(): void
    {
        $in = Reader::of($this->head);
        if (($this->head['format'] ?? ProjectFile::FORMAT) !== ProjectFile::FORMAT) {
            throw new InvalidInput('format', 'this is not a Kindred Canvas project file');
        }
        if (isset($this->head['version']) && ($version = $in->whole('version', 1, 1_000_000)) > ProjectFile::VERSION) {
            throw new InvalidInput('version', "the file is of version {$version}; this application reads up to version ".ProjectFile::VERSION);
        }
    }

    /** The version that layers are read in: that which stood before them. */
    private function version(): int
    {
        return is_int($this->head['version'] ?? null) ? $this->head['version'] : 1;
    }

    /** @param  callable(int, string): void  $read  with the place of each in its list, and in the file */
    private function eachOf(string $key, int $max, callable $read): void
    {
        if (! $this->json->isNext('[')) {
            $this->json->value() === null || throw new InvalidInput($key, 'a list is expected here');

            return;
        }
        foreach ($this->json->items() as $i) {
            if ($i >= $max) {
                throw new InvalidInput($key, "between 0 and {$max} entries are expected");
            }
            $read($i, "{$key}[{$i}]");
        }
    }

    private function screen(int $i, string $at): void
    {
        if (! $this->json->isNext('{')) {
            throw new InvalidInput($at, 'an object is expected here');
        }
        $data = [];
        $nests = [];
        foreach ($this->json->keys() as $key) {
            if ($key === 'layers') {
                $nests = $this->nests("{$at}.layers");
            } else {
                $data[$key] = $this->json->value();
            }
        }
        $in = Reader::of(Upgrades::screen($data), $at);
        $screen = Screen::read($in, self::rank($i))->with(gone: false);
        if (isset($this->screens[$screen->id])) {
            $in->fail('id', "the id “{$screen->id}” stands for another screen already");
        }
        $this->screens[$screen->id] = $screen->with(cues: [], grids: []);
        $this->uses += $screen->tracing === null ? [] : [$screen->tracing->asset => "screen “{$screen->name}”"];
        $this->take($screen, $this->placed($nests, "{$at}.layers", new Place($screen->id)));
    }

    /** @return list<Layer> */
    private function layersOf(string $at, Place $place): array
    {
        return $this->placed($this->nests($at), $at, $place);
    }

    /** @return list<LayerNest> */
    private function nests(string $at): array
    {
        $nests = [];
        $this->eachOf($at, Limits::MAX_LAYERS_OF_SCREEN, function (int $i, string $place) use (&$nests): void {
            $data = $this->json->value();
            $this->begun = true;
            $nests[] = Kit::known(LayerNest::read(Reader::of(is_array($data) ? Upgrades::nest($data, $this->version()) : $data, $place)), $place);
        });

        return $nests;
    }

    /**
     * @param  list<LayerNest>  $nests
     * @return list<Layer>
     */
    private function placed(array $nests, string $at, Place $place): array
    {
        $layers = [];
        foreach ($nests as $i => $nest) {
            foreach ($nest->layers($place, self::rank($i), null) as $layer) {
                if ($layer->id === '') {
                    throw new InvalidInput("{$at}[{$i}]", "the layer “{$layer->name}” has no id");
                }
                if (isset($this->layerIds[$layer->id])) {
                    throw new InvalidInput("{$at}[{$i}]", "the id “{$layer->id}” stands for another layer already");
                }
                $this->layerIds[$layer->id] = true;
                $layers[] = $layer;
            }
        }
        if (count($layers) > Limits::MAX_LAYERS_OF_SCREEN) {
            throw new InvalidInput($at, 'these are '.number_format(count($layers)).' layers; a screen holds at most '.number_format(Limits::MAX_LAYERS_OF_SCREEN));
        }
        if (count($this->layerIds) > Limits::MAX_LAYERS) {
            throw new InvalidInput('screens', 'the file holds more than '.number_format(Limits::MAX_LAYERS).' layers');
        }

        return $layers;
    }

    /** @param  list<Layer>  $layers */
    private function take(?Screen $screen, array $layers): void
    {
        foreach ($layers as $layer) {
            foreach (Pictures::of($layer) as $hash) {
                $this->uses[$hash] ??= "layer “{$layer->name}”";
            }
        }
        $this->target->layers($screen, $layers);
    }

    private function entry(int $i, string $at): void
    {
        $in = Reader::of($this->json->value(), $at);
        $entry = Entry::read($in, self::rank($i));
        if (isset($this->entryIds[$entry->id])) {
            $in->fail('id', "the id “{$entry->id}” stands for another entry already");
        }
        $this->entryIds[$entry->id] = true;
        $this->uses += $entry->asset === null ? [] : [$entry->asset => "reference “{$entry->called()}”"];
        $this->target->thing(Entity::Entry, $entry);
    }

    /** A token, a group of them, a theme or what it says; a setting of a check, or a finding that was put aside. */
    private function thing(Entity $entity, int $i, string $at): void
    {
        $data = $this->json->value();
        $in = Reader::of(is_array($data) ? $data + ['rank' => self::rank($i)] : $data, $at);
        $thing = match ($entity) {
            Entity::Token => Token::read($in),
            Entity::Theme => Theme::read($in),
            Entity::ThemeValue => self::themeValue($in),
            Entity::RuleSetting => self::ruleSetting($in),
            Entity::Aside => self::aside($in),
            Entity::Library => Library::read($in),
            default => TokenGroup::read($in),
        };
        if (isset($this->entryIds[$thing->id])) {
            $in->fail('id', "the id “{$thing->id}” stands for something else already");
        }
        $this->entryIds[$thing->id] = true;
        $this->target->thing($entity, $thing);
    }

    /** A theme says one thing of a token, whatever it is called in the file. */
    private static function themeValue(Reader $in): ThemeValue
    {
        $value = ThemeValue::read($in);

        return $value->with(id: ThemeValue::idOf($value->theme, $value->token));
    }

    /** There is one setting of a rule, and one decision about a finding, whatever they are called in the file. */
    private static function ruleSetting(Reader $in): RuleSetting
    {
        $setting = RuleSetting::read($in);

        return $setting->with(id: RuleSetting::idOf($setting->rule));
    }

    private static function aside(Reader $in): Aside
    {
        $aside = Aside::read($in);

        return $aside->with(id: Aside::idOf($aside->rule, $aside->about));
    }

    private function note(int $i, string $at): void
    {
        $in = Reader::of($this->json->value(), $at);
        $note = FileNote::read($in);
        if (isset($this->noteNumbers[$note->number])) {
            $in->fail('number', "the number {$note->number} is that of another note already");
        }
        $this->noteNumbers[$note->number] = true;
        $this->target->note($note);
    }

    private function pictures(): void
    {
        foreach ($this->files('pictures') as $hash => $bytes) {
            $this->pictures[$hash] = true;
            $this->target->picture($hash, $bytes);
        }
    }

    /** The files of the fonts stand behind what says which they are, and before all that is set in them. */
    private function fonts(): void
    {
        $faces = isset($this->head['fonts']) ? Reader::of($this->head)->list('fonts', OwnFace::read(...), 0, Project::MAX_FONTS) : [];
        $files = iterator_to_array($this->files('fontFiles'));
        foreach ($faces as $i => $face) {
            isset($files[$face->asset]) || throw new InvalidInput("fonts[{$i}].asset", 'the file of this font is missing in fontFiles');
        }
        $this->target->fonts($faces, $files);
    }

    /** @return \Generator<string, string> bytes by their SHA-256 */
    private function files(string $key): \Generator
    {
        if (! $this->json->isNext('{')) {
            in_array($this->json->value(), [null, []], true) || throw new InvalidInput($key, 'an object is expected here');

            return;
        }
        foreach ($this->json->keys() as $hash) {
            $data = $this->json->value();
            $bytes = is_string($data) ? base64_decode($data, true) : false;
            unset($data);
            if ($bytes === false) {
                throw new InvalidInput("{$key}.{$hash}", 'base64 text is expected here');
            }
            if (hash('sha256', $bytes) !== $hash) {
                throw new InvalidInput("{$key}.{$hash}", 'the bytes do not match their SHA-256');
            }
            yield $hash => $bytes;
        }
    }

    private function whole(): Project
    {
        $in = Reader::of($this->head);
        if (! isset($this->head['format'])) {
            throw new InvalidInput('format', 'this is not a Kindred Canvas project file');
        }
        $in->whole('version', 1, ProjectFile::VERSION);
        $project = Project::read($in)->withinBounds();
        $this->mustHaveKeepers();
        if ($project->entry !== null && ! isset($this->screens[$project->entry])) {
            $in->fail('entry', 'there is no screen with that id');
        }
        foreach (array_diff_key($this->uses, $this->pictures) as $hash => $user) {
            throw new InvalidInput('pictures', "the picture of {$user} ({$hash}) is missing");
        }

        return $project;
    }

    private function mustHaveKeepers(): void
    {
        $takes = array_count_values(array_map(fn (Screen $screen): string => $screen->take->of ?? $screen->id, array_filter($this->screens, fn (Screen $screen): bool => $screen->take !== null)));
        foreach ($takes as $id => $count) {
            if ($count > Take::MAX) {
                throw new InvalidInput('screens', "the screen “{$id}” has {$count} takes; at most ".Take::MAX.' can be kept');
            }
        }
        foreach ($this->screens as $screen) {
            $keeper = $screen->take?->of === null ? $screen : ($this->screens[$screen->take->of] ?? null);
            if ($keeper?->hangs() !== true) {
                throw new InvalidInput('screens', "“{$screen->name}” is a take of a screen that is not there");
            }
        }
    }

    /** The rank of the n-th of a list, from 0. */
    private static function rank(int $n): string
    {
        /** @var list<string> $ranks */
        static $ranks = [];
        while (count($ranks) <= $n) {
            $ranks[] = Rank::between($ranks[count($ranks) - 1] ?? null, null);
        }

        return $ranks[$n];
    }
}
