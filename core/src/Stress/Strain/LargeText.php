<?php

declare(strict_types=1);

namespace Kindred\Stress\Strain;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Chart;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Layer\Text;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Stress\Strain;
use Kindred\Type\Run;
use Kindred\Type\TextStyle;

/**
 * All words are set twice as large.
 *
 * @phpstan-import-type Values from OverrideValues
 */
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

        $tree = $tree->withScreens(...array_map(fn (Screen $sheet): Screen => OverrideValues::ofSheet($sheet, self::apart(...)), array_values($tree->screens)));

        return $tree->withLayers(...array_map(self::larger(...), $layers));
    }

    private static function larger(Layer $layer): Layer
    {
        $content = $layer->content;

        return match (true) {
            $content instanceof Text => $layer->with(content: $content->with(
                style: $content->style->scaled(self::TIMES),
                runs: array_map(fn (Run $run): Run => $run->size === null ? $run : $run->with(size: TextStyle::fitted($run->size * self::TIMES)), $content->runs),
            )),
            $content instanceof Chart => $layer->with(content: $content->with(style: $content->style->with(size: TextStyle::fitted($content->style->size * self::TIMES)))),
            default => OverrideValues::ofLayer($layer, self::apart(...)),
        };
    }

    /**
     * Sizes that copies and states have for themselves.
     *
     * @param  Values  $of
     * @return Values
     */
    private static function apart(array $of): array
    {
        foreach ($of as $layer => $values) {
            if (is_numeric($values['style.size'] ?? null)) {
                $of[$layer]['style.size'] = TextStyle::fitted((float) $values['style.size'] * self::TIMES);
            }
        }

        return $of;
    }
}
