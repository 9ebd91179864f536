<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Illuminate\Support\Str;
use Kindred\Document\Layer;
use Kindred\Document\Missing;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Exchange\WebPage;
use Kindred\Input\InvalidInput;
use Kindred\Layout\Expansion;
use Kindred\Layout\Relayout;
use Kindred\Layout\Shapes;
use Kindred\Render\DeviceFrame;
use Kindred\Render\Renderer;
use Kindred\Type\FaceBook;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** What leaves the application. */
final readonly class Exports
{
    public function __construct(
        private TreeLoader $store,
        private Pictures $pictures,
        private Projects $projects,
        private Assets $assets,
        private Renderer $renderer,
        private FaceBook $faces,
        private Expansion $expansion,
        private Relayout $relayout,
        private Shapes $shapes,
        private Raster $raster,
    ) {
    }

    public function page(Project $project): string
    {
        $page = new WebPage(
            $this->renderer,
            $this->faces,
            $this->expansion,
            $this->relayout,
            $this->shapes,
            (string) file_get_contents(public_path('build/player/player.js')),
            (string) file_get_contents(public_path('build/player/player.css')),
        );

        return $page->write($this->store->whole($project), $this->assets->dataAddresses($project), $this->assets->sizes($project));
    }

    /** @return \Generator<int, string> the project file in pieces */
    public function project(Project $project): \Generator
    {
        return $this->projects->pieces($project);
    }

    /** @throws Missing when there is no such screen */
    public function svg(Project $project, string $screen, bool $bare = false): string
    {
        $tree = $this->store->withLayersOf($project, [$screen]);

        $rendering = $this->pictures->standalone($project);

        return ($tree->project->framed && ! $bare ? $this->renderer->framed($tree, $tree->screen($screen), $rendering) : $this->renderer->screen($tree, $tree->screen($screen), $rendering))."\n";
    }

    /**
     * @param  int  $scale pixels of the picture to a px of the screen
     * @param  bool  $bare  without the frame of its device
     *
     * @throws InvalidInput when the picture would have more pixels than may be drawn
     */
    public function png(Project $project, string $screen, int $scale, bool $bare = false): string
    {
        $tree = $this->store->withLayersOf($project, []);
        $box = $tree->project->framed && ! $bare ? (new DeviceFrame($tree->screen($screen)))->box() : $tree->screen($screen)->box;
        $this->fits($box->width, $box->height, $scale);

        return $this->raster->png($this->svg($project, $screen, $bare), $scale);
    }

    /**
     * Some layers of a screen, as a drawing of their own.
     *
     * @param  list<string>  $ids
     *
     * @throws Missing when there is no such layer
     */
    public function cutOut(Project $project, array $ids): string
    {
        [$tree, $layers] = $this->named($project, $ids);

        return $this->renderer->cutOut($tree, $layers, $this->pictures->standalone($project))."\n";
    }

    /**
     * @param  list<string>  $ids
     *
     * @throws InvalidInput when the picture would have more pixels than may be drawn
     */
    public function cutOutPng(Project $project, array $ids, int $scale): string
    {
        [$tree, $layers] = $this->named($project, $ids);
        $extent = $this->renderer->extent($tree, $layers);
        $this->fits($extent->width, $extent->height, $scale);

        return $this->raster->png($this->renderer->cutOut($tree, $layers, $this->pictures->standalone($project)), $scale);
    }

    /**
     * @param  list<string>  $ids
     * @return array{Tree, non-empty-list<Layer>} the outermost of them, as far as they lie on the screen of the first
     */
    private function named(Project $project, array $ids): array
    {
        $tree = $this->store->load($project, new WorkingSet(layers: $ids, reel: true));
        $first = $tree->layer($ids[0] ?? '');
        $layers = array_values(array_filter($tree->outermost($ids), fn (Layer $layer): bool => $layer->screen === $first->screen));

        return [$tree, $layers === [] ? [$first] : $layers];
    }

    /** @throws InvalidInput when a picture of so many px would have more pixels than may be drawn */
    private function fits(float $width, float $height, int $scale): void
    {
        if (! Raster::canDraw($width * $scale, $height * $scale)) {
            throw new InvalidInput('scale', sprintf(
                'A picture of %s × %s px is too large; at most %d million pixels, and %s along a side, can be drawn. Take a smaller scale, or SVG.',
                number_format($width * $scale), number_format($height * $scale), Raster::MAX_PIXELS / 1_000_000, number_format(Raster::MAX_SIDE),
            ));
        }
    }

    public function screenName(Project $project, string $screen): string
    {
        return $this->store->withLayersOf($project, [])->screen($screen)->name;
    }

    /** A file's name for whoever downloads it, quoted as RFC 6266 says; for old programs also in ASCII. */
    public static function disposition(string $file): string
    {
        return HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $file, (string) preg_replace('/[^\x20-\x7e]|["%\/\\\\]/', '_', Str::ascii($file)));
    }

    /** A name as a file can bear it: no separators, control characters or leading dots. */
    public static function fileName(string $name): string
    {
        $clean = trim((string) preg_replace('/[\p{Cc}\p{Cf}\s\/\\\\:*?"<>|]+/u', ' ', $name), " .\t");

        return $clean === '' ? 'untitled' : mb_strimwidth($clean, 0, 80);
    }
}
