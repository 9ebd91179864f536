<?php

declare(strict_types=1);

namespace Kindred\Compare;

use Kindred\Document\Bounds;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Place;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Kit\Bar;
use Kindred\Kit\Kit;

/** “Change one thing”: ideas for the next take of a screen, those that its takes have tried least coming first. */
final readonly class Prompts
{
    /** @return list<array{aspect: Aspect, words: string}> */
    public static function for(Tree $tree, Screen $screen): array
    {
        $tried = array_fill_keys(array_map(fn (Aspect $aspect): string => $aspect->value, Aspect::cases()), 0);
        foreach ($tree->takes($screen->id) as $take) {
            foreach ($take->id === $screen->id ? [] : Comparison::between($tree, $screen, $take)->remarks as $remark) {
                foreach ($remark->aspects as $aspect) {
                    $tried[$aspect->value]++;
                }
            }
        }
        asort($tried);
        $shown = array_values(array_filter($tree->layersOf($screen->id), fn (Layer $layer): bool => ! $layer->hidden));
        $prompts = [];
        foreach (array_keys($tried) as $aspect) {
            $words = $shown === [] ? null : match (Aspect::from($aspect)) {
                Aspect::Layout => self::layout($tree, $screen, $shown),
                Aspect::Order => self::order($tree, $screen),
                Aspect::Emphasis => self::emphasis($shown),
                Aspect::Wording => self::wording($shown),
                Aspect::Density => self::density($shown),
            };
            if ($words !== null) {
                $prompts[] = ['aspect' => Aspect::from($aspect), 'words' => $words];
            }
        }

        return $prompts;
    }

    /** @param  non-empty-list<Layer>  $shown */
    private static function layout(Tree $tree, Screen $screen, array $shown): ?string
    {
        foreach ($shown as $layer) {
            $content = $layer->content;
            if ($content instanceof ArrayLayer) {
                return 'Lay '.Naming::of($layer).' out in '.($content->columns === 1 ? 'two columns.' : 'one column.');
            }
            if ($content instanceof Stack && count($tree->children(new Place($layer->screen, $layer->id))) > 1) {
                return 'Lay '.Naming::of($layer).' out in a '.($content->direction->isRow() ? 'column.' : 'row.');
            }
        }
        $top = self::top($tree, $screen);
        usort($top, fn (Layer $a, Layer $b): int => $b->box->width * $b->box->height <=> $a->box->width * $a->box->height);

        return count($top) < 2 ? null : 'Put '.Naming::of($top[0]).' and '.Naming::of($top[1]).' side by side.';
    }

    private static function order(Tree $tree, Screen $screen): ?string
    {
        $top = self::top($tree, $screen);
        usort($top, fn (Layer $a, Layer $b): int => $a->box->y <=> $b->box->y);
        $targets = array_values(array_filter($top, Measures::isTarget(...)));
        $low = $targets === [] ? end($top) : end($targets);

        return count($top) < 2 || $low === false || $low === $top[0] ? null : 'Put '.Naming::of($low).' first, above '.Naming::of($top[0]).'.';
    }

    /** @param  non-empty-list<Layer>  $shown */
    private static function emphasis(array $shown): ?string
    {
        $sizes = [];
        foreach ($shown as $i => $layer) {
            if ($layer->content instanceof Text) {
                $sizes[$i] = $layer->content->style->size;
            }
        }
        if (count(array_unique($sizes)) > 1) {
            asort($sizes);
            $middle = array_keys($sizes)[intdiv(count($sizes) - 1, 2)];

            return 'Make '.Naming::of($shown[$middle]).' the first thing that is seen.';
        }
        $targets = array_values(array_filter($shown, Measures::isTarget(...)));

        return $targets === [] ? null : 'Let nothing but '.Naming::of($targets[count($targets) - 1]).' have a colour.';
    }

    /** @param  non-empty-list<Layer>  $shown */
    private static function wording(array $shown): ?string
    {
        $longest = null;
        $max = 1;
        foreach ($shown as $layer) {
            foreach (Measures::texts($layer) as $text) {
                if (Measures::words($text) > $max) {
                    [$longest, $max] = [$text, Measures::words($text)];
                }
            }
        }

        return $longest === null ? null : 'Say '.Naming::quoted($longest).' in '.Naming::count(intdiv($max + 1, 2), 'word').' instead of '.Naming::number($max).'.';
    }

    /** @param  non-empty-list<Layer>  $shown */
    private static function density(array $shown): string
    {
        $things = count(array_filter($shown, fn (Layer $layer): bool => ! $layer->isContainer()));

        return $things > 5 ? 'Leave out '.Naming::number(intdiv($things, 3))." of the {$things} things, and give the others their room." : 'Show twice as much without scrolling.';
    }

    /** @return list<Layer> what lies right on the screen, but for bars and what covers nearly all of it */
    private static function top(Tree $tree, Screen $screen): array
    {
        $area = $screen->box->width * $screen->box->height;

        return array_values(array_filter($tree->children(new Place($screen->id)), function (Layer $layer) use ($tree, $area): bool {
            $box = Bounds::of($tree, $layer);

            $bar = $layer->content instanceof Widget && Kit::find($layer->content->widget) instanceof Bar;

            return ! $layer->hidden && ! $bar && $box->width * $box->height < 0.8 * $area;
        }));
    }
}
