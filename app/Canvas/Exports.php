<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Illuminate\Support\Str;
use Kindred\Document\Missing;
use Kindred\Exchange\WebPage;
use Kindred\Input\InvalidInput;
use Kindred\Layout\Relayout;
use Kindred\Render\Renderer;
use Kindred\Type\FaceBook;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** What leaves the application. */
final readonly class Exports
{
    public function __construct(
        private TreeStore $store,
        private Pictures $pictures,
        private Projects $projects,
        private Assets $assets,
        private Renderer $renderer,
        private FaceBook $faces,
        private Relayout $relayout,
        private Raster $raster,
    ) {
    }

    public function page(Project $project): string
    {
        $page = new WebPage(
            $this->renderer,
            $this->faces,
            $this->relayout,
            (string) file_get_contents(public_path('build/player/player.js')),
            (string) file_get_contents(public_path('build/player/player.css')),
        );

        return $page->write($this->store->whole($project), fn (string $hash): string => $this->assets->dataAddress($project, $hash));
    }

    /** @return \Generator<int, string> the project file in pieces */
    public function project(Project $project): \Generator
    {
        return $this->projects->pieces($project);
    }

    /** @throws Missing when there is no such screen */
    public function svg(Project $project, string $screen): string
    {
        $tree = $this->store->withLayersOf($project, [$screen]);

        return $this->renderer->screen($tree, $tree->screen($screen), $this->pictures->standalone($project))."\n";
    }

    /**
     * @param  int  $scale pixels of the picture to a px of the screen
     *
     * @throws InvalidInput when the picture would have more pixels than may be drawn
     */
    public function png(Project $project, string $screen, int $scale): string
    {
        $box = $this->store->withLayersOf($project, [])->screen($screen)->box;
        if (! Raster::canDraw($box->width * $scale, $box->height * $scale)) {
            throw new InvalidInput('scale', sprintf(
                'A picture of %s × %s px is too large; at most %d million pixels, and %s along a side, can be drawn. Take a smaller scale, or SVG.',
                number_format($box->width * $scale), number_format($box->height * $scale), Raster::MAX_PIXELS / 1_000_000, number_format(Raster::MAX_SIDE),
            ));
        }

        return $this->raster->png($this->svg($project, $screen), $scale);
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
