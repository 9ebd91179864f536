<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Brief\Entry;
use Kindred\Document\Component\StateOverrides;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Style\Paint\PicturePaint;

/** The pictures that a project shows. */
final class Pictures
{
    /** @return list<string> the hashes of the pictures that a layer names, in its data sheet and its copies too; of the one under a screen, and of those that states of a component show; of a reference */
    public static function of(Layer|Screen|Entry $one): array
    {
        $content = $one instanceof Layer ? $one->content : null;
        $painted = $one instanceof Layer ? self::painted($one) : [];

        return match (true) {
            $content instanceof Picture => [$content->asset, ...$painted],
            $content instanceof Expanding => [...$content->pictures(), ...$painted],
            $one instanceof Screen => [...($one->tracing === null ? [] : [$one->tracing->asset]), ...array_merge([], ...array_map(fn (StateOverrides $state): array => OverrideValues::pictures($state->layers), $one->component->overrides ?? []))],
            $one instanceof Entry => $one->asset === null ? [] : [$one->asset],
            default => $painted,
        };
    }

    /** @return list<string> the pictures that it is painted with */
    private static function painted(Layer $layer): array
    {
        $hashes = [];
        foreach ([...$layer->fills, ...$layer->strokes, ...$layer->masks] as $coat) {
            if ($coat->paint instanceof PicturePaint) {
                $hashes[] = $coat->paint->asset;
            }
        }

        return $hashes;
    }
}
