<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Geometry\Box;
use Kindred\Geometry\Number;
use Kindred\Kit\Area;
use Kindred\Kit\Interactive;
use Kindred\Kit\Keys;
use Kindred\Kit\Kit;
use Kindred\Kit\Live;
use Kindred\Kit\Press;
use Kindred\Kit\Widget\Keyboard;
use Kindred\Kit\WidgetPart;
use Kindred\Paint\Colour;
use Kindred\Render\Finish\Greys;
use Kindred\Signal\Kind;
use Kindred\Signal\Template;
use Kindred\Type\FaceBook;
use Kindred\Type\FontVariant;
use Kindred\Type\Paragraph;
use Kindred\Type\Run;
use Kindred\Type\TextStyle;

/**
 * Widgets and words as a rehearsal needs them: all states of a widget, of which the player shows one, the places that
 * answer to a press, and words as boxes that the player fills.
 *
 * `data-works` names the widget; `data-when` the states in which a part shows, of its `data-item`; `data-slide` and
 * `data-fill` how far, px, it moves or fills from the minimum value to the maximum; `data-live` what words follow;
 * `data-words` those with placeholders; `data-face` how they are set; `data-press` what a press does.
 */
final readonly class RehearsalMarkup
{
    public function __construct(private Kit $kit, private FaceBook $faces)
    {
    }

    public static function isKeyboard(Layer $layer): bool
    {
        return $layer->content instanceof Widget && Kit::find($layer->content->widget) instanceof Keys;
    }

    public static function isTyped(Layer $layer): bool
    {
        $kind = $layer->content instanceof Widget ? Kit::find($layer->content->widget) : null;

        return $kind instanceof Interactive && $kind->signal() === Kind::Text;
    }

    /** The keyboard of a device, as wide as a screen. */
    public static function keyboard(float $width): Layer
    {
        $kind = new Keyboard;
        [, $height] = $kind->size();

        return new Layer('keyboard', null, null, 'a', $kind->name(), new Box(0, 0, $width, $height), $kind->content());
    }

    /** @param  \Closure(Layer): string  $draw  draws a plain layer where it lies */
    public function widget(Layer $layer, Rendering $rendering, \Closure $draw): string
    {
        $variants = $this->kit->wearing($rendering->look)->variants($layer);
        if ($variants === null) {
            return implode('', array_map(fn (WidgetPart $part): string => $this->holds($part) ? $this->part($part, $rendering, $draw) : $draw($part->layer), $this->kit->wearing($rendering->look)->plain($layer)));
        }
        $out = implode('', array_map(fn (WidgetPart $part): string => $this->part($part, $rendering, $draw), $variants->parts));
        $widget = $layer->content;
        $kind = $widget instanceof Widget ? Kit::find($widget->widget) : null;
        $signal = $kind instanceof Interactive ? $kind->signal() : null;
        $named = $widget instanceof Widget && $widget->label !== '' ? $widget->label : $layer->name;

        return Svg::element('g', [
            'data-works' => $rendering->address($layer->id),
            'data-signal' => $signal?->value,
            'data-keyboard' => $kind instanceof Keys,
            'data-label' => $signal === Kind::Text ? $named : null,
            'role' => match ($signal) {
                Kind::One => 'radiogroup',
                Kind::Several => 'group',
                default => null,
            },
            'aria-label' => $signal === Kind::One || $signal === Kind::Several ? $layer->name : null,
        ], $out.implode('', array_map(fn (Area $area): string => $this->area($area, $signal, $layer), $variants->areas)));
    }

    /** Words with placeholders, in the box of a layer. */
    public function words(Layer $layer, string $words, Rendering $rendering): string
    {
        $text = $layer->content;
        $set = $text instanceof Text && ! $text->passage()->isPlain() ? $this->set($rendering->finish === Finish::Dressed ? $layer : Greys::of($layer), $rendering) : null;

        return $this->box($layer, $rendering, ['data-words' => $words, 'data-set' => $set], $text instanceof Text && $text->wrapped);
    }

    /** How runs and paragraphs are set, in CSS, for the player, who fills the words in: JSON. */
    private function set(Layer $layer, Rendering $rendering): ?string
    {
        $text = $layer->content;
        if (! $text instanceof Text) {
            return null;
        }
        $runs = array_map(function (Run $run) use ($text, $rendering): array {
            $setting = $run->setting($text->style);
            [$family, $weight, $size] = $this->lettering($setting->style, $rendering);
            $own = ['fontFamily' => "\"{$family}\", \"".FaceBook::BEYOND.'", sans-serif', 'fontWeight' => (string) $weight, 'fontSize' => $size.'px', 'letterSpacing' => $setting->style->letterSpacing.'em'];

            return ['from' => $run->from, 'to' => $run->to, 'link' => $setting->link, 'style' => $own + [
                'fontStyle' => $setting->style->italic && $rendering->finish !== Finish::Rough ? 'italic' : 'normal',
                'lineHeight' => round($setting->style->size * $setting->style->lineHeight, 3).'px',
                'textDecorationLine' => $setting->decoration()->value,
                'fontVariant' => $this->variant($setting->style, $rendering),
            ] + ($setting->colour === null ? [] : ['color' => $setting->colour->text()])];
        }, $text->runs);
        $markers = Paragraph::markers($text->paragraphs);
        $paragraphs = array_map(fn (Paragraph $one, string $marker): array => ['marker' => $marker, 'style' => [
            'marginTop' => $one->before.'px', 'marginBottom' => $one->after.'px', 'paddingInlineStart' => $one->indent($text->style->size).'px',
        ]], $text->paragraphs, $markers);

        return json_encode(['runs' => $runs, 'paragraphs' => $paragraphs], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** The other forms that words are set in: a hand has none. */
    private function variant(TextStyle $style, Rendering $rendering): string
    {
        return $rendering->finish === Finish::Rough ? (new FontVariant)->text() : $style->variant->of($this->faces->face($style->family, $style->weight, $style->italic))->text();
    }

    /** @return array{string, int, float} the family, weight and size, px, in which a style is drawn */
    private function lettering(TextStyle $style, Rendering $rendering): array
    {
        [$family, $weight] = $this->faces->nearest($style->family, $style->weight);
        if ($rendering->finish !== Finish::Rough) {
            return [$family, $weight, round($style->size, 2)];
        }
        $own = $this->faces->face($family, $weight, $style->italic);
        [$family, $weight] = $this->faces->hand($style->weight);

        return [$family, $weight, round($style->size * min(1.6, $own->xHeight() / $this->faces->face($family, $weight)->xHeight()), 2)];
    }

    private function holds(WidgetPart $part): bool
    {
        return $part->layer->content instanceof Text && Template::hasPlaceholders($part->template);
    }

    /** @param  \Closure(Layer): string  $draw */
    private function part(WidgetPart $part, Rendering $rendering, \Closure $draw): string
    {
        $own = match (true) {
            $part->live !== null => $this->placed($part->layer, $rendering, ['data-live' => $part->live->value, 'data-words' => $part->template === '' ? null : $part->template]),
            $this->holds($part) => $this->placed($part->layer, $rendering, ['data-words' => $part->template]),
            default => $draw($part->layer),
        };
        if ($part->when === [] && $part->slide === null) {
            return $own;
        }

        return Svg::element('g', [
            'data-when' => $part->when === [] ? null : implode(' ', $part->when),
            'data-item' => $part->item,
            'data-slide' => $part->filling ? null : $part->slide,
            'data-fill' => $part->filling ? $part->slide : null,
        ], $own);
    }

    /** @param  array<string, string|null>  $attributes */
    private function placed(Layer $layer, Rendering $rendering, array $attributes): string
    {
        return Svg::element('g', ['transform' => 'translate('.Number::text($layer->box->x).' '.Number::text($layer->box->y).')'], $this->box($layer, $rendering, $attributes, $layer->content instanceof Text && $layer->box->height > $layer->content->style->size * 2));
    }

    /** @param  array<string, string|null>  $attributes */
    private function box(Layer $layer, Rendering $rendering, array $attributes, bool $wraps): string
    {
        if (! $layer->content instanceof Text) {
            return '';
        }
        $style = $layer->content->style;
        $layer = $rendering->finish === Finish::Dressed ? $layer : Greys::of($layer);
        [$family, $weight, $size] = $this->lettering($style, $rendering);

        return Svg::element('foreignObject', [
            'width' => $layer->box->width,
            'height' => $layer->box->height,
            'overflow' => 'visible',
            ...$attributes,
            'data-face' => json_encode([
                'family' => $family,
                'weight' => $weight,
                'italic' => $style->italic && $rendering->finish !== Finish::Rough,
                'size' => $size,
                'line' => round($style->size * $style->lineHeight, 3),
                'spacing' => $style->letterSpacing,
                'align' => $style->align->value,
                'transform' => $style->transform->value,
                'lines' => $style->decoration->value,
                'variant' => $this->variant($style, $rendering),
                'colour' => Paints::attributes('fill', $layer->colour() ?? Colour::parse($rendering->ink()))['fill'] ?? null,
                'wrap' => $wraps,
            ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ], '');
    }

    private function area(Area $area, ?Kind $signal, Layer $layer): string
    {
        return Svg::element('rect', [
            'x' => $area->box->x,
            'y' => $area->box->y,
            'width' => $area->box->width,
            'height' => $area->box->height,
            'fill' => 'none',
            'pointer-events' => 'all',
            'data-press' => $area->press->value,
            'data-item' => $area->item,
            'data-when' => $area->when === [] ? null : implode(' ', $area->when),
            'data-key' => $area->press === Press::Key ? $area->label : null,
            'role' => match (true) {
                $area->press === Press::Toggle => 'switch',
                $area->press === Press::Slide => 'slider',
                $area->press === Press::Item && $signal === Kind::One => 'radio',
                $area->press === Press::Item && $signal === Kind::Several => 'checkbox',
                default => 'button',
            },
            'tabindex' => $area->press === Press::Key ? null : 0,
            'aria-label' => $area->label === '' ? $layer->name : $area->label,
        ]);
    }
}
