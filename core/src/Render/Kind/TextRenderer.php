<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Text;
use Kindred\Render\Finish\RoughPen;
use Kindred\Render\KindRenderer;
use Kindred\Render\Paints;
use Kindred\Render\Rendering;
use Kindred\Render\Svg;
use Kindred\Render\TextMode;
use Kindred\Signal\Template;
use Kindred\Type\Face;
use Kindred\Type\LaidLine;
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
        [$laid, $paint] = [$this->laid($layer, $text, $rendering), $this->paint($layer, $rendering)];

        return $this->grip($layer, $text, $laid, $rendering).($rendering->text === TextMode::Live
            ? $this->live($text, $laid, $paint)
            : $this->outlined($text, $laid, $paint));
    }

    /** The lines of the text's own face, each in hand lettering of just its width. */
    public function rough(Layer $layer, Rendering $rendering, RoughPen $pen): string
    {
        $text = $layer->content;
        if (! $text instanceof Text) {
            return '';
        }
        $own = $this->typesetter->faces->face($text->style->family, $text->style->weight, $text->style->italic);
        $hand = $this->typesetter->faces->face(...$this->typesetter->faces->hand($text->style->weight));
        $size = $text->style->size * min(1.6, $own->xHeight() / $hand->xHeight());
        $lines = '';
        $laid = $this->laid($layer, $text, $rendering);
        foreach ($laid->lines as $line) {
            if (trim($line->text) !== '') {
                $lines .= $rendering->text === TextMode::Live
                    ? Svg::element('tspan', ['x' => $line->x, 'y' => $line->baseline, 'textLength' => round($line->width, 1), 'lengthAdjust' => 'spacingAndGlyphs'], Svg::text($line->text))
                    : $this->stretched($line, $hand, $size);
            }
        }
        if ($lines === '') {
            return $this->grip($layer, $text, $laid, $rendering);
        }

        return $this->grip($layer, $text, $laid, $rendering).Svg::element($rendering->text === TextMode::Live ? 'text' : 'g', ($rendering->text === TextMode::Live ? [
            'class' => 'set',
            'font-family' => "{$hand->family()}, cursive",
            'font-weight' => $hand->weight(),
            'font-size' => round($size, 2),
            'xml:space' => 'preserve',
            'text-rendering' => 'geometricPrecision',
        ] : []) + $this->paint($layer, $rendering), $lines);
    }

    private function stretched(LaidLine $line, Face $hand, float $size): string
    {
        $natural = $hand->width($line->text) * $size;
        $path = $this->typesetter->faces->outlines($hand->family(), $hand->weight())->path($line->text, 0, 0, $size);

        return $path === '' || $natural <= 0 ? '' : Svg::element('path', [
            'transform' => sprintf('translate(%s %s) scale(%s 1)', round($line->x, 3), round($line->baseline, 3), round($line->width / $natural, 5)), 'd' => $path,
        ]);
    }

    private function laid(Layer $layer, Text $text, Rendering $rendering): LaidText
    {
        return $this->typesetter->lay($rendering->filled($text->words), $text->style, $text->wrapped ? $layer->box->width : null, $layer->box->width);
    }

    /** @return array<string, string|float|null> */
    private function paint(Layer $layer, Rendering $rendering): array
    {
        return Paints::attributes('fill', Paints::front($layer->fills, $rendering->ink()));
    }

    /** On the wall a text is picked anywhere in its box, which also carries what its lines do not show of how it is written. */
    private function grip(Layer $layer, Text $text, LaidText $laid, Rendering $rendering): string
    {
        if (! $rendering->editable) {
            return '';
        }
        $style = $text->style;
        $set = array_filter([
            $text->wrapped ? 'wrapped' : '',
            $style->align->value === 'left' ? '' : $style->align->value,
            $style->transform->value === 'none' ? '' : $style->transform->value,
            $style->trim ? 'trim' : '',
            $style->italic ? 'italic' : '',
        ], fn (string $word): bool => $word !== '');

        return Svg::element('rect', [
            'width' => $layer->box->width, 'height' => $layer->box->height, 'fill' => 'none', 'pointer-events' => 'all',
            'data-set' => implode(' ', $set),
            'data-placeholders' => Template::hasPlaceholders($text->words),
            'data-words' => count($laid->lines) === 1 && $laid->lines[0]->text === $text->words ? null : $text->words,
        ]);
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
            'font-style' => $style->italic ? 'italic' : null,
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
        $outlines = $this->typesetter->faces->outlines($style->family, $style->weight, $style->italic);
        $path = '';
        foreach ($laid->lines as $line) {
            $path .= $outlines->path($line->text, $line->x, $line->baseline, $style->size, $style->letterSpacing);
        }

        return $path === '' ? '' : Svg::element('path', ['d' => $path] + $paint);
    }
}
