<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Text;
use Kindred\Geometry\Box;
use Kindred\Property\Stored;
use Kindred\Render\Drawing\BoxShape;
use Kindred\Render\Drawing\Grip;
use Kindred\Render\Drawing\Words;
use Kindred\Render\Paints;
use Kindred\Render\Rendering;
use Kindred\Signal\Template;
use Kindred\Type\LaidText;
use Kindred\Type\TextDecoration;
use Kindred\Type\Typesetter;
use Kindred\Type\VerticalAlign;

/** Words as they are laid out in their box, their placeholders filled in. */
final readonly class TextDrawing implements KindDrawing
{
    public function __construct(private Typesetter $typesetter)
    {
    }

    public static function kinds(): array
    {
        return [Text::kind()];
    }

    public function of(Layer $layer, Rendering $rendering): array
    {
        $text = $layer->content;
        if (! $text instanceof Text) {
            return [];
        }
        $laid = $text->laid($this->typesetter, $layer->box, $text->passage()->filled($rendering->filled(...)));
        $words = new Words($laid, $text->style, Paints::fills($layer, $rendering->ink()));

        return $rendering->editable ? [$this->grip($layer, $text, $laid), $words] : [$words];
    }

    /** Anywhere in its box, which also carries what its lines do not show of how it is written. */
    private function grip(Layer $layer, Text $text, LaidText $laid): Grip
    {
        $style = $text->style;
        $set = array_filter([
            $text->wrapped ? 'wrapped' : '',
            $style->align->value === 'left' ? '' : $style->align->value,
            $style->transform->value === 'none' ? '' : $style->transform->value,
            $style->trim ? 'trim' : '',
            $text->verticalAlign === VerticalAlign::Top ? '' : $text->verticalAlign->value,
            $style->italic ? 'italic' : '',
            $style->decoration === TextDecoration::None ? '' : $style->decoration->value,
            implode(' ', $style->variant->words),
        ], fn (string $word): bool => $word !== '');

        return Grip::inside(new BoxShape(new Box(0, 0, $layer->box->width, $layer->box->height)), [
            'data-set' => implode(' ', $set),
            'data-placeholders' => Template::hasPlaceholders($text->words),
            'data-words' => count($laid->lines) === 1 && $laid->lines[0]->text === $text->words ? null : $text->words,
            'data-runs' => self::written($text->runs),
            'data-paragraphs' => self::written($text->paragraphs),
        ]);
    }

    /** @param  list<Stored>  $all */
    private static function written(array $all): ?string
    {
        return $all === [] ? null : json_encode(array_map(fn (Stored $one): object => (object) $one->toArray(), $all), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
