<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Text;
use Kindred\Geometry\Box;
use Kindred\Render\Drawing\BoxShape;
use Kindred\Render\Drawing\Grip;
use Kindred\Render\Drawing\Words;
use Kindred\Render\Paints;
use Kindred\Render\Rendering;
use Kindred\Signal\Template;
use Kindred\Type\LaidText;
use Kindred\Type\Typesetter;

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
        $laid = $this->typesetter->lay($rendering->filled($text->words), $text->style, $text->wrapped ? $layer->box->width : null, $layer->box->width);
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
            $style->italic ? 'italic' : '',
        ], fn (string $word): bool => $word !== '');

        return Grip::inside(new BoxShape(new Box(0, 0, $layer->box->width, $layer->box->height)), [
            'data-set' => implode(' ', $set),
            'data-placeholders' => Template::hasPlaceholders($text->words),
            'data-words' => count($laid->lines) === 1 && $laid->lines[0]->text === $text->words ? null : $text->words,
        ]);
    }
}
