<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Document\Overlay;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Geometry\Number;
use Kindred\Layout\LaysOut;
use Kindred\Layout\Sized;

/** The pictures of all screens for a rehearsal; those that fill what lies below them in each size in which they may come to lie. */
final readonly class PlayedScreens
{
    private Sized $sized;

    public function __construct(private Renderer $renderer, LaysOut $layout)
    {
        $this->sized = new Sized($layout);
    }

    /**
     * As templates, which the player takes from the page.
     *
     * @return \Generator<string> `data-screen` names the screen, `data-size` the width and height of what is seen, px, where it is no usual one
     */
    public function templates(Tree $tree, Rendering $rendering): \Generator
    {
        foreach ($tree->reel() as $screen) {
            yield Svg::element('template', ['data-screen' => $screen->id], $this->renderer->played($tree, $screen, $rendering));
            foreach (self::sizes($tree, $screen) as [$width, $height]) {
                $size = self::called($width, $height);
                $laid = $this->sized->lay($tree, $screen, $width, $height);
                yield Svg::element('template', ['data-screen' => $screen->id, 'data-size' => $size], $this->renderer->played($laid, $laid->screen($screen->id), $rendering->with(prefix: "{$rendering->prefix}{$size}-")));
            }
        }
    }

    /** How a picture in a size is called, px; the player finds it by that. */
    public static function called(float $width, float $height): string
    {
        return Number::text($width).'x'.Number::text($height);
    }

    /** @return list<array{float, float}> width and height of what is seen, px, in which it is laid over the others, but for its own */
    private static function sizes(Tree $tree, Screen $screen): array
    {
        $over = $screen->over;
        if ($over === null || ! $over->fills()) {
            return [];
        }
        $sizes = [];
        foreach ($tree->reel() as $below) {
            [$width, $height] = $over->size($below->box->width, $below->seen(), $screen->box->width, $screen->seen());
            if ($below->id !== $screen->id && [$width, $height] !== [$screen->box->width, $screen->seen()]) {
                $sizes["{$width} {$height}"] = [$width, $height];
            }
        }

        return array_slice(array_values($sizes), 0, Overlay::MOST_SIZES);
    }
}
