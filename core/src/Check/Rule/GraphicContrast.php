<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Elsewhere;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\FixesBeyond;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\Measured;
use Kindred\Check\Near;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Chart\ChartForm;
use Kindred\Document\Chart\Points;
use Kindred\Document\Layer\Chart;
use Kindred\Document\Layer\Composed;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Layer\Text;
use Kindred\Document\Screen;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Paint\Paint;
use Kindred\Document\Style\Paint\Solid;
use Kindred\Document\Style\Stroke;
use Kindred\Geometry\Box;
use Kindred\Paint\Colour;

/**
 * Icons stand out against what lies behind them, and so do the colours of charts, and what can be tapped and has neither words nor an icon
 * or a picture: nothing else tells that it is there. Other graphics may be there for their looks alone, which nobody can tell from outside.
 */
final class GraphicContrast implements FixesBeyond, OnScreen
{
    use Contrasts;

    public static function key(): string
    {
        return 'graphic-contrast';
    }

    public static function label(): string
    {
        return 'contrast of graphics';
    }

    public static function group(): Group
    {
        return Group::Reading;
    }

    public static function source(): string
    {
        return 'WCAG 2.2, success criterion 1.4.11: what is needed to understand the content, or to see what can be used, 3:1';
    }

    public static function limit(): Limit
    {
        return new Limit('Contrast of graphics', 3, 1.5, 21, ':1');
    }

    public static function beyond(Elsewhere $elsewhere, Screen $screen): string
    {
        return $elsewhere->tokens();
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        $needed = $limit ?? 3.0;
        foreach ($scene->seen as $layer) {
            $measured = $layer->layer->content instanceof Icon ? self::inside($scene, $layer, $layer->layer->colour()) : null;
            if ($measured !== null && $measured->ratio < $needed) {
                yield self::finding($scene, $layer, "The icon {$layer->called()}", $measured, $needed, self::recoloured($scene, $layer, $measured, $needed));
            }
        }
        foreach ($scene->seen as $layer) {
            if ($layer->layer->content instanceof Chart) {
                yield from self::ofChart($scene, $layer, $layer->layer->content, $needed);
            }
        }
        foreach (self::bare($scene) as $target) {
            $clearest = self::clearest($scene, $target);
            if ($clearest !== null && $clearest[1]->ratio < $needed) {
                [$figure, $measured, $isFill] = $clearest;
                yield self::finding($scene, $target, "{$target->called()} can be tapped, and has neither words nor an icon. Its clearest part", $measured, $needed, $isFill ? self::recoloured($scene, $figure, $measured, $needed) : null);
            }
        }
    }

    /**
     * What does not stand out of a chart, together.
     *
     * @return iterable<Finding>
     */
    private static function ofChart(Scene $scene, Placed $placed, Chart $chart, float $needed): iterable
    {
        $faint = $fixes = [];
        foreach (self::marks($placed->layer->fills, $chart) as [$name, $fill, $paint]) {
            $colour = $paint instanceof Solid ? $paint->colour : null;
            $measured = self::inside($scene, $placed, $colour);
            if ($measured !== null && $measured->ratio < $needed) {
                $faint[] = [$name, $measured];
                $fixes[] = $fill === null ? null : self::recoloured($scene, $placed, $measured, $needed, $fill);
            }
        }
        if ($faint === []) {
            return;
        }
        usort($faint, fn (array $a, array $b): int => $a[1]->ratio <=> $b[1]->ratio);
        $names = array_values(array_unique(array_filter(array_column($faint, 0), fn (string $name): bool => $name !== '')));
        $commands = array_values(array_unique(array_merge([], ...array_map(fn (?Fix $fix): array => $fix->commands ?? [], $fixes)), SORT_REGULAR));
        $what = ($names === [] ? 'What is drawn' : implode(', ', array_map(fn (string $name): string => "“{$name}”", array_slice($names, 0, 3))).(count($names) > 3 ? ' and more' : ''))." in the chart {$placed->called()}";
        yield self::finding($scene, $placed, $what, $faint[0][1], $needed, in_array(null, $fixes, true) || $commands === [] ? null : (count($fixes) === 1 ? $fixes[0] : new Fix('Take nearest colours that stand out', $commands)));
    }

    /**
     * What the colours of a chart stand for.
     *
     * @param  list<Fill>  $fills  of its layer
     * @return list<array{string, int|null, Paint}> what is drawn so, and the number of the fill; null for a colour of the data sheet
     */
    private static function marks(array $fills, Chart $chart): array
    {
        $points = Points::of($chart->sheet);
        $byPoint = in_array($chart->form, [ChartForm::Ring, ChartForm::Gauge, ChartForm::Progress], true);
        $hasOwn = $byPoint || $chart->form === ChartForm::Bars;
        $seen = array_filter($fills, fn (Fill $fill): bool => ! $fill->hidden);
        $numbers = array_keys($seen);
        $marks = [];
        foreach ($hasOwn ? $points->colours : [] as $i => $own) {
            if ($own !== null && ($points->series[0]->values[$i] ?? null) !== null) {
                $marks[$own->toHex()] ??= [$points->labels[$i], null, new Solid($own)];
            }
        }
        foreach ($numbers === [] ? [] : ($byPoint ? array_keys($points->labels) : array_keys($points->series)) as $i) {
            $fill = $numbers[$i % count($numbers)];
            $isUsed = $byPoint ? ($points->colours[$i] ?? null) === null : (! $hasOwn || in_array(null, $points->colours, true));
            $marks += $isUsed ? [$fill => [$byPoint ? $points->labels[$i] : $points->series[$i]->name, $fill, $seen[$fill]->paint]] : [];
        }

        return array_values($marks);
    }

    private static function finding(Scene $scene, Placed $layer, string $what, Measured $measured, float $needed, ?Fix $fix): Finding
    {
        return Finding::of(self::class, $scene->screen->id, sprintf('%s has a contrast of %s:1 with %s; it needs %s:1.', $what, self::ratio($measured->ratio), self::behind($measured), self::ratio($needed)), [$layer->address], $fix);
    }

    /** @return list<Placed> targets with nothing in or upon them that says what they are */
    private static function bare(Scene $scene): array
    {
        $middles = new Near(array_values(array_filter($scene->seen, self::tells(...))), function (Placed $one): Box {
            $middle = $one->ink()->centre();

            return new Box($middle->x, $middle->y, 0, 0);
        });
        $bare = [];
        foreach ($scene->targets() as $target) {
            // A part of a target is told by the rest of it.
            if (! $target->placed->isInTarget() && ! self::tells($target->placed) && $middles->meeting($target->box) === []) {
                $bare[] = $target->placed;
            }
        }

        return $bare;
    }

    private static function tells(Placed $one): bool
    {
        $content = $one->layer->content;

        return $content instanceof Text || $content instanceof Icon || $content instanceof Picture || $content instanceof Composed;
    }

    /** @return array{Placed, Measured, bool}|null what of a target stands out most, and whether its fill does; null where nothing is painted, or it cannot be told */
    private static function clearest(Scene $scene, Placed $target): ?array
    {
        $clearest = null;
        foreach ($target->all() as $figure) {
            foreach ([[true, Fill::seen($figure->layer->fills)], [false, Stroke::seen($figure->layer->strokes)]] as [$isFill, $painted]) {
                foreach ($painted as $one) {
                    $colour = $one->paint instanceof Solid ? $one->paint->colour : null;
                    $measured = self::inside($scene, $figure, $colour?->withAlpha($colour->alpha * $one->opacity));
                    if ($colour === null || ($colour->alpha > 0 && $measured === null)) {
                        return null;
                    }
                    $clearest = $measured !== null && ($clearest === null || $measured->ratio > $clearest[1]->ratio) ? [$figure, $measured, $isFill] : $clearest;
                }
            }
        }

        return $clearest;
    }

    private static function inside(Scene $scene, Placed $layer, ?Colour $colour): ?Measured
    {
        $box = $layer->layer->box;

        return $colour === null || $colour->alpha === 0.0 ? null : self::measured($scene, $layer, $colour, self::spread($layer, new Box($box->width * 0.2, $box->height * 0.2, $box->width * 0.6, $box->height * 0.6), 3, 3));
    }
}
