<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Text;
use Kindred\Render\KindRenderer;
use Kindred\Render\Paints;
use Kindred\Render\Rendering;
use Kindred\Render\Svg;
use Kindred\Render\TextMode;
use Kindred\Type\LaidText;
use Kindred\Type\Typesetter;

final readonly class TextRenderer implements KindRenderer
{
    public function __construct(private Typesetter $typesetter)
    {
    }

    public function draw(Layer $layer, Rendering $rendering): string
    {
        $text = $layer->content;
        if (! $text instanceof Text) {
            return '';
        }
        $laid = $this->typesetter->lay($text->words, $text->style, $text->wrapped ? $layer->box->width : null, $layer->box->width);
        $paint = Paints::attributes('fill', Paints::front($layer->fills, '#1e2223'));
        $drawn = $rendering->text === TextMode::Live
            ? $this->live($text, $laid, $paint)
            : $this->outlined($text, $laid, $paint);

        return $rendering->editable
            ? Svg::element('rect', ['width' => $layer->box->width, 'height' => $layer->box->height, 'fill' => 'none', 'pointer-events' => 'all']).$drawn
            : $drawn;
    }

    /** @param  array<string, string|float|null>  $paint */
    private function live(Text $text, LaidText $laid, array $paint): string
    {
        $style = $text->style;
        [$family, $weight] = $this->typesetter->faces->nearest($style->family, $style->weight);
        $lines = '';
        foreach ($laid->lines as $line) {
            if (trim($line->text) !== '') {
                $lines .= Svg::element('tspan', ['x' => $line->x, 'y' => $line->baseline], Svg::text($line->text));
            }
        }

        return $lines === '' ? '' : Svg::element('text', [
            'class' => 'set',
            'font-family' => "{$family}, sans-serif",
            'font-weight' => $weight,
            'font-size' => $style->size,
            'letter-spacing' => $style->letterSpacing === 0.0 ? null : $style->letterSpacing * $style->size,
            'xml:space' => 'preserve',
            'text-rendering' => 'geometricPrecision',
        ] + $paint, $lines);
    }

    /** @param  array<string, string|float|null>  $paint */
    private function outlined(Text $text, LaidText $laid, array $paint): string
    {
        $style = $text->style;
        $outlines = $this->typesetter->faces->outlines($style->family, $style->weight);
        $path = '';
        foreach ($laid->lines as $line) {
            $path .= $outlines->path($line->text, $line->x, $line->baseline, $style->size, $style->letterSpacing);
        }

        return $path === '' ? '' : Svg::element('path', ['d' => $path] + $paint);
    }
}
