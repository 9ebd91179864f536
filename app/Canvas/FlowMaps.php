<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Flow\Map\Drawing;
use Kindred\Flow\Map\Graph;
use Kindred\Flow\Time\Path;
use Kindred\Flow\Time\Paths;
use Kindred\Kit\Kit;
use Kindred\Layout\Expansion;
use Kindred\Render\Svg;

/** The flow of a project: its map, its site map, and how long paths take. */
final readonly class FlowMaps
{
    public function __construct(private TreeLoader $store, private Pictures $pictures, private Expansion $expansion, private Kit $kit)
    {
    }

    public function tree(Project $project): Tree
    {
        return $this->store->whole($project);
    }

    public function graph(Tree $tree): Graph
    {
        return Graph::of($tree, $this->expansion, $this->kit);
    }

    /** For a page: the pictures are asked for by it. */
    public function shown(Project $project, Drawing $drawing): string
    {
        $revisions = $this->store->revisions($project);

        return $drawing->svg(fn (Screen $screen, float $width, float $height): string => Svg::element('image', [
            'href' => route('thumbnail', [$project, $screen->id], false).'?'.($revisions[$screen->id] ?? 0), 'width' => $width, 'height' => $height, 'preserveAspectRatio' => 'xMidYMin slice',
        ]));
    }

    /** To be taken away: all is in it. */
    public function alone(Project $project, Drawing $drawing): string
    {
        return $drawing->svg(fn (Screen $screen, float $width, float $height): string => Svg::element('image', [
            'href' => self::png((string) $this->pictures->thumbnail($project, $screen->id)), 'width' => $width, 'height' => $height, 'preserveAspectRatio' => 'xMidYMin slice',
        ]));
    }

    /** @return list<Path> the fastest first */
    public function paths(Tree $tree, Graph $graph, string $from, string $to): array
    {
        return isset($graph->screens[$from], $graph->screens[$to]) && $from !== $to ? (new Paths($tree, $graph, $this->expansion))->between($from, $to) : [];
    }

    /**
     * The fastest path with each other take of a screen that it leads over.
     *
     * @return list<array{screen: Screen, take: Screen, path: Path|null}>
     */
    public function takes(Tree $tree, Path $path): array
    {
        $steps = array_map(fn (array $one) => $one[0], $path->steps);
        $ends = [$steps[0]->from, (string) $steps[count($steps) - 1]->to];
        $out = [];
        foreach (array_unique([$steps[0]->from, ...array_map(fn ($step): string => (string) $step->to, array_slice($steps, 0, -1))]) as $id) {
            foreach ($tree->takes($id) as $take) {
                if ($take->id !== $id) {
                    $graph = Graph::of($tree, $this->expansion, $this->kit, [$id => $take->id]);
                    $out[] = ['screen' => $tree->screen($id), 'take' => $take, 'path' => (new Paths($tree, $graph, $this->expansion, [$id => $take->id]))->between($ends[0], $ends[1], 1)[0] ?? null];
                }
            }
        }

        return $out;
    }

    /** What prints cannot show WebP. */
    private static function png(string $bytes): string
    {
        $image = $bytes === '' ? false : imagecreatefromstring($bytes);
        if ($image === false) {
            return '';
        }
        ob_start();
        imagepng($image);

        return 'data:image/png;base64,'.base64_encode((string) ob_get_clean());
    }
}
