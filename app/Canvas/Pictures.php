<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Illuminate\Cache\Repository;
use Kindred\Document\Place;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Flow\Samples;
use Kindred\Render\FilledWords;
use Kindred\Render\Renderer;
use Kindred\Render\Rendering;
use Kindred\Render\TextMode;

/** Screens as SVG, kept until their screen changes. */
final class Pictures
{
    /** Layers that a wall opens with at most. */
    private const OPENED = 12_000;

    /** Layers of a screen up to which its small picture has its words as outlines. */
    private const OUTLINED = 4_000;

    /** Pixels of a thumbnail, as an area: a phone's screen at about half its size. */
    private const THUMBNAIL = 80_000;

    /** Pixels down a long screen at most. */
    private const LONGEST = 4_000;

    /** How long a picture is kept, in seconds: a month. */
    private const KEPT = 30 * 86_400;

    /** Seconds for which a small picture is kept for all that looks the same. */
    private const SHARED = 86_400;

    /** @var array<string, Samples> by project and its latest edit */
    private array $sampled = [];

    public function __construct(
        private readonly Renderer $renderer,
        private readonly TreeLoader $store,
        private readonly Assets $assets,
        private readonly Repository $cache,
        private readonly Raster $raster,
    ) {
    }

    /** For the wall: live text, with handles for selecting. */
    public function editable(Project $project): Rendering
    {
        return $this->live($project, true);
    }

    /** Live text without handles. */
    public function shown(Project $project): Rendering
    {
        return $this->live($project, false);
    }

    private function live(Project $project, bool $editable): Rendering
    {
        return new Rendering(TextMode::Live, fn (string $hash): string => route('asset', [$project->id, $hash], false), $editable, size: $this->assets->sizes($project), fill: fn (): FilledWords => $this->samples($project));
    }

    /** For the rehearsal inside the application: widgets work. */
    public function played(Project $project): Rendering
    {
        return $this->shown($project)->with(working: true, fill: null);
    }

    /** For a screen that one page shows in several versions; what is before its ids tells them apart. */
    public function variant(Project $project, string $prefix): Rendering
    {
        return $this->shown($project)->with(prefix: $prefix);
    }

    /** For pictures that must look the same without this application: outlines, pictures inside. */
    public function standalone(Project $project): Rendering
    {
        return new Rendering(TextMode::Outlines, $this->assets->dataAddresses($project), size: $this->assets->sizes($project), fill: fn (): FilledWords => $this->samples($project), alone: true);
    }

    /**
     * The wall's pictures of all screens, by screen id, and of the loose layers under ''. A large wall opens with the loose
     * ones only: the browser asks for those that it comes near.
     *
     * @return array<string, string>
     */
    public function wall(Project $project): array
    {
        $loose = $this->store->withLayersOf($project, [null]);
        if ($project->layer_count > self::OPENED) {
            return ['' => $this->renderer->place($loose, new Place(null), $this->editable($project))];
        }

        return ['' => $this->renderer->place($loose, new Place(null), $this->editable($project))] + $this->ofScreens($project, array_map(fn (Screen $screen): string => $screen->id, $loose->hung()));
    }

    /**
     * The wall's pictures of some screens; those that are not there are left out.
     *
     * @param  list<string>  $ids
     * @return array<string, string>
     */
    public function ofScreens(Project $project, array $ids): array
    {
        $revisions = array_intersect_key($this->store->revisions($project), array_flip($ids));
        $pictures = $this->found($project, array_fill_keys(array_keys($revisions), 'wall'), $revisions);
        $missing = array_map(strval(...), array_keys(array_diff_key($revisions, $pictures)));
        if ($missing === []) {
            return $pictures;
        }
        $tree = $this->store->withLayersOf($project = self::now($project), $missing);
        foreach ($missing as $id) {
            $screen = $tree->screens[$id] ?? null;
            if ($screen !== null) {
                $pictures[$id] = $this->keep($project, 'wall', $id, $revisions[$id], $this->editable($project), fn (Rendering $rendering): string => $this->renderer->screen($tree, $screen, $rendering));
            }
        }

        return $pictures;
    }

    /**
     * A small picture of a screen as WebP, of the part that its device shows or of the whole; null when
     * the screen has gone. The reel and the shelf show it, and the wall where it is seen from afar.
     */
    public function thumbnail(Project $project, string $id, bool $whole = false): ?string
    {
        $revision = $this->store->revisions($project)[$id] ?? null;
        if ($revision === null) {
            return null;
        }

        $use = $whole ? 'small-whole' : 'small';
        $found = $this->found($project, [$id => $use], [$id => $revision])[$id] ?? null;
        if ($found !== null) {
            return $found;
        }
        $tree = $this->store->withLayersOf($project = self::now($project), [$id]);
        $screen = $tree->screens[$id] ?? null;
        if ($screen === null) {
            // It was deleted since its revision was asked for.
            return null;
        }
        $seen = $screen->seen();
        $height = $whole ? $screen->box->height : $seen;
        $zoom = min(1, sqrt(self::THUMBNAIL / max(1, $screen->box->width * $seen)), self::LONGEST / max(1, $height));

        // The words of a very full screen cannot be read in a small picture, and outlining them takes longer than all the rest.
        $rendering = $this->standalone($project)->with(text: count($tree->layers) <= self::OUTLINED ? TextMode::Outlines : TextMode::Live);

        return $this->keep($project, $use, $id, $revision, $rendering, fn (Rendering $drawn): string => $this->small($this->renderer->screen($tree, $screen, $drawn, $height), $zoom));
    }

    /** Draws and keeps the small pictures of all screens before somebody asks for them. */
    public function ahead(Project $project): void
    {
        foreach ($this->store->withLayersOf($project, [])->screens as $screen) {
            foreach ($screen->box->height > $screen->view ? [false, true] : [false] as $whole) {
                $this->thumbnail($project, $screen->id, $whole);
            }
        }
    }

    /**
     * A project as it is after its screens were asked for what last changed them: a picture may be newer than what it is kept under, never
     * older. Its own row, of which finish and looks are a part, was read when the request began.
     */
    private static function now(Project $project): Project
    {
        return $project->fresh() ?? $project;
    }

    /** A drawing as WebP. What looks the same, in a copy of a project or in another take, is drawn once. */
    private function small(string $svg, float $zoom): string
    {
        return $this->cache->remember(implode(':', ['webp', hash('xxh128', $svg), $zoom]), self::SHARED, fn (): string => $this->raster->webp($svg, $zoom));
    }

    /**
     * The small pictures of whole screens, as far as they are kept already. What is missing is asked for one by one:
     * drawing many takes long.
     *
     * @param  list<string>  $ids
     * @return array<string, string> WebP by screen id
     */
    public function kept(Project $project, array $ids): array
    {
        $screens = array_intersect_key($this->store->withLayersOf($project, [])->screens, array_flip($ids));

        return $this->found(
            $project,
            array_map(fn (Screen $screen): string => $screen->box->height > $screen->view ? 'small-whole' : 'small', $screens),
            $this->store->revisions($project),
        );
    }

    /**
     * Gives a copy of a project the small pictures that are kept of the original: it looks the same.
     *
     * @param  array<string, int>  $revisions  of the original's screens that the copy has as they are
     */
    public function carry(Project $from, Project $to, array $revisions): void
    {
        $own = $this->store->revisions($to);
        $pictures = [];
        foreach (['small', 'small-whole'] as $use) {
            foreach ($this->entries($from, array_fill_keys(array_keys($revisions), $use), $revisions) as $id => $entry) {
                $pictures[$this->key($to, $use, $id)] = ['revision' => $own[$id] ?? 0] + $entry;
            }
        }
        // The framework takes no empty list.
        if ($pictures !== []) {
            $this->cache->putMany($pictures, self::KEPT);
        }
    }

    public function screen(Tree $tree, Screen $screen, Rendering $rendering): string
    {
        return $this->renderer->screen($tree, $screen, $rendering);
    }

    /**
     * Pictures that are kept and still true.
     *
     * @param  array<string, string>  $uses  by screen id
     * @param  array<string, int>  $revisions  by screen id
     * @return array<string, string>
     */
    private function found(Project $project, array $uses, array $revisions): array
    {
        return array_map(fn (array $entry): string => $entry['picture'], $this->entries($project, $uses, $revisions));
    }

    /**
     * What is kept and still true: a picture stands beside the number of the edit that last changed its screen.
     *
     * @param  array<string, string>  $uses  by screen id
     * @param  array<string, int>  $revisions  by screen id
     * @return array<string, array{revision: int, picture: string, samples: ?string}>
     */
    private function entries(Project $project, array $uses, array $revisions): array
    {
        $keys = [];
        foreach ($uses as $id => $use) {
            $keys[$id] = $this->key($project, $use, $id);
        }
        $kept = $this->cache->many(array_values($keys));
        $out = [];
        foreach ($keys as $id => $key) {
            $entry = $kept[$key] ?? null;
            if (is_array($entry) && ($entry['revision'] ?? null) === ($revisions[$id] ?? null) && is_string($entry['picture'] ?? null) && (($entry['samples'] ?? null) === null || $entry['samples'] === $this->samples($project)->key())) {
                $out[$id] = ['revision' => $entry['revision'], 'picture' => $entry['picture'], 'samples' => $entry['samples'] ?? null];
            }
        }

        return $out;
    }

    /**
     * Draws and keeps a picture. One whose words have placeholders is true only as long as what fills them.
     *
     * @param  \Closure(Rendering): string  $draw
     */
    private function keep(Project $project, string $use, string $screen, int $revision, Rendering $rendering, \Closure $draw): string
    {
        $samples = null;
        $picture = $draw($rendering->with(fill: function () use ($project, &$samples): FilledWords {
            $samples = $this->samples($project);

            return $samples;
        }));
        $this->cache->put($this->key($project, $use, $screen), ['revision' => $revision, 'picture' => $picture, 'samples' => $samples?->key()], self::KEPT);

        return $picture;
    }

    /** What the placeholders in words show on the wall and in pictures. */
    private function samples(Project $project): Samples
    {
        return $this->sampled["{$project->id} {$project->sequence}"] ??= new Samples($this->store->widgets($project), intdiv(now()->getTimestamp(), 86_400));
    }

    private function key(Project $project, string $use, string $screen): string
    {
        return implode(':', [$use, Renderer::VERSION, $project->id, $screen]);
    }
}
