<?php

declare(strict_types=1);

namespace Kindred\Compare;

use Kindred\Device\Catalogue;
use Kindred\Document\Bounds;
use Kindred\Document\Chart\Legend;
use Kindred\Document\Chart\Points;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Chart;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Place;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\Widget\Item;
use Kindred\Kit\Interactive;
use Kindred\Kit\Kit;
use Kindred\Layout\Expansion;

/** What can be counted on a screen: of what shows, not of what is hidden. */
final readonly class Measures
{
    /**
     * @param  float  $height  px from the top of the screen to the foot of the lowest thing on it
     * @param  int  $items  things that do not hold others; an entry of a list, a row of a table is one
     * @param  int  $colours  distinct ones of fills, strokes and the ground
     * @param  int  $targets  things that answer to a tap
     * @param  int  $small  targets that are smaller than the device asks for
     */
    private function __construct(public float $height, public int $words, public int $items, public int $colours, public int $targets, public int $small)
    {
    }

    public static function of(Tree $tree, Screen $screen, Expansion $expansion): self
    {
        $minimum = Catalogue::for($screen->device, $screen->box->width, $screen->view)->target;
        $bottom = 0.0;
        $words = $items = $targets = $small = 0;
        $colours = [$screen->ground->toHex() => true];
        foreach (self::shown($tree, $screen, $expansion) as [$layer, $foot]) {
            $bottom = max($bottom, $foot);
            $content = $layer->content;
            $words += self::words(implode(' ', self::texts($layer)));
            $items += match (true) {
                $layer->isContainer() => 0,
                $content instanceof Widget => max(1, count(array_filter($content->items, fn (Item $item): bool => ! $item->separator))),
                default => 1,
            };
            foreach ($layer->fills as $fill) {
                $colours[$fill->colour()->toHex()] = true;
            }
            foreach ($layer->strokes as $stroke) {
                $colours[$stroke->colour()->toHex()] = true;
            }
            if (self::isTarget($layer)) {
                $targets++;
                $small += $layer->box->width < $minimum || $layer->box->height < $minimum ? 1 : 0;
            }
        }

        return new self(round($bottom, 2), $words, $items, count($colours), $targets, $small);
    }

    /** @return list<string> all that a layer says */
    public static function texts(Layer $layer): array
    {
        $content = $layer->content;

        return match (true) {
            $content instanceof Text => [$content->words],
            $content instanceof Widget => [$content->label, $content->text === '' ? $content->hint : $content->text, ...$content->columns, ...array_merge([], ...array_map(fn (Item $item): array => [$item->label, ...$item->cells, $item->key], $content->items))],
            $content instanceof Chart => self::ofChart($content),
            default => [],
        };
    }

    /** @return list<string> what its points and series are called */
    private static function ofChart(Chart $chart): array
    {
        $points = Points::of($chart->sheet);

        return array_values(array_filter([...($chart->pointLabels ? $points->labels : []), ...($chart->legend === Legend::None ? [] : array_column($points->series, 'name'))], fn (string $words): bool => $words !== ''));
    }

    public static function isTarget(Layer $layer): bool
    {
        $content = $layer->content;

        return array_filter($layer->cues, fn (Cue $cue): bool => $cue->trigger::isPressed()) !== []
            || ($content instanceof Widget && (in_array($content->widget, ['button', 'icon-button'], true) || Kit::find($content->widget) instanceof Interactive));
    }

    public static function words(string $text): int
    {
        return (int) preg_match_all('/[\pL\pN]+(?:[\'’.\-][\pL\pN]+)*/u', $text);
    }

    /**
     * Layers that show, those in the cells of arrays too, with where their foot lies on the screen.
     *
     * @return \Generator<array{Layer, float}>
     */
    private static function shown(Tree $tree, Screen $screen, Expansion $expansion): \Generator
    {
        foreach ($expansion->shown($tree, new Place($screen->id), fn (Layer $layer): bool => ! $layer->hidden && $layer->opacity > 0.0) as [$layer, $address]) {
            yield [$layer, $layer->isGroup() || $address->copies !== [] ? 0.0 : Bounds::of($tree, $layer)->bottom()];
        }
    }
}
