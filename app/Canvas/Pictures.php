<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Illuminate\Cache\Repository;
use Kindred\Document\Place;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Render\Renderer;
use Kindred\Render\Rendering;
use Kindred\Render\TextMode;

/** Screens as SVG, kept until their screen changes. */
final readonly class Pictures
{
    public function __construct(
        private Renderer $renderer,
        private TreeStore $store,
        private Assets $assets,
        private Repository $cache,
    ) {
    }

    /** For the wall: live text, with handles for selecting. */
    public function editable(Project $project): Rendering
    {
        return new Rendering(TextMode::Live, fn (string $hash): string => route('asset', [$project->id, $hash], false), editable: true);
    }

    /** For the rehearsal inside the application. */
    public function played(Project $project): Rendering
    {
        return new Rendering(TextMode::Live, fn (string $hash): string => route('asset', [$project->id, $hash], false));
    }

    /** For pictures that must look the same without this application: outlines, pictures inside. */
    public function standalone(Project $project): Rendering
    {
        return new Rendering(TextMode::Outlines, fn (string $hash): string => $this->assets->dataAddress($project, $hash));
    }

    /**
     * The wall's pictures of all screens, by screen id, and of the loose layers under ''.
     *
     * @return array<string, string>
     */
    public function wall(Project $project, Tree $screens): array
    {
        $keys = [];
        foreach ($this->store->revisions($project) as $id => $revision) {
            $keys[$id] = $this->key($project, 'wall', $id, $revision);
        }
        $found = $this->cache->many(array_values($keys));
        $missing = array_keys(array_filter($keys, fn (string $key): bool => ! is_string($found[$key] ?? null)));
        $tree = $this->store->withLayersOf($project, [...array_map(strval(...), $missing), null]);
        $out = ['' => $this->renderer->place($tree, new Place(null), $this->editable($project))];
        foreach ($screens->reel() as $screen) {
            $key = $keys[$screen->id] ?? '';
            $svg = $found[$key] ?? null;
            if (! is_string($svg)) {
                $svg = $this->renderer->screen($tree, $screen, $this->editable($project));
                $this->cache->put($key, $svg, 86_400);
            }
            $out[$screen->id] = $svg;
        }

        return $out;
    }

    /** A small picture of a screen: the part that its device shows; null when the screen has gone. */
    public function thumbnail(Project $project, string $id): ?string
    {
        $revision = $this->store->revisions($project)[$id] ?? null;
        if ($revision === null) {
            return null;
        }

        return $this->cache->remember($this->key($project, 'thumbnail', $id, $revision), 86_400, function () use ($project, $id): string {
            $tree = $this->store->withLayersOf($project, [$id]);
            $screen = $tree->screen($id);

            return $this->renderer->screen($tree, $screen, $this->standalone($project), min($screen->box->height, $screen->view));
        });
    }

    public function screen(Tree $tree, Screen $screen, Rendering $rendering): string
    {
        return $this->renderer->screen($tree, $screen, $rendering);
    }

    private function key(Project $project, string $use, string $screen, int $revision): string
    {
        return implode(':', [$use, Renderer::VERSION, $project->id, $screen, $revision]);
    }
}
