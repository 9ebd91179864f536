<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Document\Grid\Grid;
use Kindred\Document\Grid\GridKind;
use Kindred\Document\Screen;
use Kindred\Paint\Colour;

/** Draws the layout grids of a screen, for the wall's lens: no export shows them. */
final class GridRenderer
{
    /** The content of an SVG as large as the screen; empty without grids. */
    public static function draw(Screen $screen): string
    {
        return implode('', array_map(fn (Grid $grid): string => self::grid($screen, $grid), $screen->grids));
    }

    private static function grid(Screen $screen, Grid $grid): string
    {
        if ($grid->kind->hasTracks()) {
            $paint = Paints::attributes('fill', $grid->paint());

            return implode('', array_map(
                fn ($track): string => Svg::element('rect', ['x' => $track->x, 'y' => $track->y, 'width' => $track->width, 'height' => $track->height] + $paint),
                $grid->tracks($screen->box->width, $screen->box->height),
            ));
        }
        $id = "grid-{$screen->id}-{$grid->id}";
        $size = $grid->size ?? 8.0;
        $large = $grid->kind === GridKind::Paper ? $size * $grid->count : $size;

        return Svg::element('pattern', ['id' => $id, 'width' => $large, 'height' => $large, 'patternUnits' => 'userSpaceOnUse', 'y' => $grid->kind === GridKind::Baseline ? $grid->margin : null], self::tile($grid, $size, $large))
            .Svg::element('rect', ['width' => $screen->box->width, 'height' => $screen->box->height, 'fill' => "url(#{$id})"]);
    }

    private static function tile(Grid $grid, float $size, float $large): string
    {
        $fill = Paints::attributes('fill', $grid->paint());
        $stroke = fn (string $path, Colour $colour): string => Svg::element('path', ['d' => $path, 'fill' => 'none', 'stroke-width' => 1] + Paints::attributes('stroke', $colour));
        $whole = "M0 0H{$large}M0 0V{$large}";
        if ($grid->kind === GridKind::Paper) {
            $fine = '';
            for ($i = 1; $i < $grid->count; $i++) {
                $at = $i * $size;
                $fine .= "M0 {$at}H{$large}M{$at} 0V{$large}";
            }

            return $stroke($whole, $grid->paint()->withAlpha(min(1.0, $grid->paint()->alpha * 2.5))).$stroke($fine, $grid->paint());
        }

        return match ($grid->kind) {
            GridKind::Dots => Svg::element('circle', ['cx' => 0.75, 'cy' => 0.75, 'r' => 0.75] + $fill),
            GridKind::Baseline => $stroke("M0 0H{$large}", $grid->paint()),
            default => $stroke($whole, $grid->paint()),
        };
    }
}
