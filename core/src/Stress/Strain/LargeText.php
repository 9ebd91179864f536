<?php

declare(strict_types=1);

namespace Kindred\Stress\Strain;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Tree;
use Kindred\Stress\Strain;
use Kindred\Type\Run;
use Kindred\Type\TextStyle;

/** All words are set twice as large. */
final class LargeText implements Strain
{
    private const TIMES = 2.0;

    public function key(): string
    {
        return 'large-text';
    }

    public function label(): string
    {
        return 'with text at 200 %';
    }

    public function source(): string
    {
        return 'WCAG 2.2, success criterion 1.4.4: text can be made twice as large, and nothing is lost';
    }

    public function on(Tree $tree, string $screen): Tree
    {
        $layers = $tree->layersOf($screen);
        foreach ($tree->components($layers) as $design) {
            array_push($layers, ...$design);
        }

        return $tree->withLayers(...array_map(fn (Layer $layer): Layer => $layer->content instanceof Text ? $layer->with(content: $layer->content->with(
            style: $layer->content->style->scaled(self::TIMES),
            runs: array_map(fn (Run $run): Run => $run->size === null ? $run : $run->with(size: TextStyle::fitted($run->size * self::TIMES)), $layer->content->runs),
        )) : $layer, $layers));
    }
}
