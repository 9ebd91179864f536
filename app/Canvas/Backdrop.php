<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use App\Pictures\Decoder;
use Illuminate\Contracts\Cache\Repository as Cache;
use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\Text;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Layout\Expansion;
use Kindred\Paint\Colour;
use Kindred\Paint\Contrast;
use Kindred\Render\Renderer;

/** What is seen behind layers, as it is really drawn: gradients, pictures and all that lies between. */
final readonly class Backdrop
{
    /** Pixels along a side that are looked at, at most. */
    private const SIDE = 64;

    private const KEPT = 600;

    public function __construct(private TreeLoader $store, private Pictures $pictures, private Renderer $renderer, private Raster $raster, private Decoder $decoder, private Cache $cache, private Expansion $expansion)
    {
    }

    /**
     * How a colour of a layer stands out: ratios, what they are to be, and the nearest colours that reach it.
     *
     * @return array{worst: float, typical: float, of: string, aims: list<array{name: string, ratio: float, reached: bool, nearest: Colour|null}>}|null null for what lies on no screen
     *
     * @throws InvalidInput where it is no colour
     */
    public function contrast(Project $project, Address $address, string $colour): ?array
    {
        $tree = $this->store->load($project, new WorkingSet(layers: Address::named([$address])));
        $layer = $this->expansion->at($tree, $address);
        $showing = $tree->showing($address);
        $screen = ($showing[0] ?? $layer)?->screen;
        if ($layer === null || $screen === null || $showing === null) {
            return null;
        }
        $contrast = Contrast::against($this->behind($project, $screen, $address));
        $chosen = Colour::parse($colour, 'colour');
        $worst = $contrast->worst($chosen);
        [$of, $aims] = $this->aims($layer);

        return ['worst' => $worst, 'typical' => $contrast->typical($chosen), 'of' => $of, 'aims' => array_map(fn (string $name, float $ratio): array => [
            'name' => $name, 'ratio' => $ratio, 'reached' => $worst >= $ratio, 'nearest' => $worst >= $ratio ? null : $contrast->nearest($chosen, $ratio),
        ], array_keys($aims), $aims)];
    }

    /** @return array{string, array<string, float>} what it is taken for, and the ratios it needs, by their levels */
    private function aims(Layer $layer): array
    {
        if (! $layer->content instanceof Text) {
            return [$layer->content instanceof Icon ? 'an icon' : 'graphics', ['AA' => 3.0]];
        }

        return $layer->content->style->isLarge() ? ['large text', ['AA' => 3.0, 'AAA' => 4.5]] : ['text', ['AA' => 4.5, 'AAA' => 7.0]];
    }

    /** @return list<array{int, int, int, int}> what is seen behind a layer of a screen: red, green, blue, pixels */
    public function behind(Project $project, string $screen, Address $address): array
    {
        // What a screen looks like changes with its own edits alone.
        $revision = $this->store->revisions($project)[$screen] ?? 0;

        return $this->cache->remember("behind:{$project->id}:{$address}:{$screen}:{$revision}", self::KEPT, function () use ($project, $screen, $address): array {
            $tree = $this->store->withLayersOf($project, [$screen]);
            $svg = $this->renderer->behind($tree, $address, $this->pictures->standalone($project));
            $extent = $this->renderer->extentAt($tree, $address);

            return $this->decoder->colours($this->raster->png($svg, min(1, self::SIDE / max($extent->width, $extent->height))), self::SIDE);
        });
    }
}
