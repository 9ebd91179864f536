<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Box as ShapeBox;
use Kindred\Document\Layer\Ellipse;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\LayerContent;
use Kindred\Document\Layer\Line;
use Kindred\Document\Layer\Path;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Layer\PictureFit;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Resize;
use Kindred\Document\Style\Corners;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Style\StrokePosition;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Geometry\Number;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;
use Kindred\Type\TextStyle;

/** What every layer, shape, text, picture or icon has of its own: place, size, paint and type. */
enum Field: string implements LayerField
{
    use Typed;

    case X = 'x';
    case Y = 'y';
    case Width = 'width';
    case Height = 'height';
    case Rotation = 'rotation';
    case Opacity = 'opacity';
    case Fill = 'fill';
    case StrokeColour = 'stroke-colour';
    case StrokeWidth = 'stroke-width';
    case StrokePosition = 'stroke-position';
    case Radius = 'radius';
    case RadiusTopLeft = 'radius-topLeft';
    case RadiusTopRight = 'radius-topRight';
    case RadiusBottomRight = 'radius-bottomRight';
    case RadiusBottomLeft = 'radius-bottomLeft';
    case Family = 'family';
    case Weight = 'weight';
    case Italic = 'italic';
    case Size = 'size';
    case LineHeight = 'lineHeight';
    case LetterSpacing = 'letterSpacing';
    case Align = 'align';
    case Transform = 'transform';
    case Wrapped = 'wrapped';
    case Trim = 'trim';
    case Icon = 'icon';
    case IconLine = 'icon-line';
    case Optical = 'optical';
    case Fit = 'fit';
    case Asset = 'asset';
    case Rising = 'rising';
    case Shape = 'shape';
    case Zoom = 'zoom';
    case PositionX = 'position-x';
    case PositionY = 'position-y';

    public function label(): string
    {
        return match ($this) {
            self::StrokeColour => 'stroke',
            self::StrokeWidth => 'stroke width',
            self::StrokePosition => 'stroke position',
            self::RadiusTopLeft, self::RadiusTopRight, self::RadiusBottomRight, self::RadiusBottomLeft => 'corner radius',
            self::LineHeight => 'line height',
            self::LetterSpacing => 'tracking',
            self::Transform => 'case',
            self::Wrapped => 'wrapping',
            self::Trim => 'box of the words',
            self::Italic => 'slope',
            self::IconLine => 'icon line',
            self::Optical => 'centring',
            self::Asset => 'picture',
            self::PositionX => 'position across',
            self::PositionY => 'position down',
            default => $this->value,
        };
    }

    public function set(Tree $tree, Layer $layer, string $value, Box $parent): Tree
    {
        $box = $layer->box;

        return match ($this) {
            self::X => Resize::to($tree, $layer, new Box($this->number($value, $parent->width, -Reader::LIMIT, Reader::LIMIT), $box->y, $box->width, $box->height)),
            self::Y => Resize::to($tree, $layer, new Box($box->x, $this->number($value, $parent->height, -Reader::LIMIT, Reader::LIMIT), $box->width, $box->height)),
            self::Width => Resize::to($tree, $layer, $box->sized($this->number($value, $parent->width, 0, Reader::LIMIT), $box->height)),
            self::Height => Resize::to($tree, $layer, $box->sized($box->width, $this->number($value, $parent->height, 0, Reader::LIMIT))),
            default => $tree->withLayers($this->styled($layer, $value)),
        };
    }

    /** The facet of one layer as its field shows it; null where the layer has no such facet. */
    public function of(Layer $layer): ?string
    {
        $content = $layer->content;
        $shape = ! $layer->isGroup() && ! $content instanceof Text && ! $content instanceof Icon && ! $content instanceof Widget;
        $boxed = $shape && ! $content instanceof Line && ! $content instanceof Path;

        return match ($this) {
            self::X => Number::text($layer->box->x),
            self::Y => Number::text($layer->box->y),
            self::Width => Number::text($layer->box->width),
            self::Height => Number::text($layer->box->height),
            self::Rotation => Number::text($layer->rotation),
            self::Opacity => Number::text($layer->opacity * 100).'%',
            self::Fill => $layer->isGroup() || $content instanceof Line ? null : ($layer->fills === [] ? '' : $layer->fills[count($layer->fills) - 1]->colour->toHex()),
            self::StrokeColour => $shape ? ($layer->stroke?->colour->toHex() ?? '') : null,
            self::StrokeWidth => $shape ? Number::text($layer->stroke->width ?? 0) : null,
            self::StrokePosition => $boxed && $layer->stroke !== null ? $layer->stroke->position->value : null,
            self::Radius => $this->corner($layer, $layer->corners->same() === null ? '' : Number::text($layer->corners->topLeft)),
            self::RadiusTopLeft => $this->corner($layer, Number::text($layer->corners->topLeft)),
            self::RadiusTopRight => $this->corner($layer, Number::text($layer->corners->topRight)),
            self::RadiusBottomRight => $this->corner($layer, Number::text($layer->corners->bottomRight)),
            self::RadiusBottomLeft => $this->corner($layer, Number::text($layer->corners->bottomLeft)),
            self::Icon => $content instanceof Icon ? $content->icon : null,
            self::IconLine => $content instanceof Icon ? Number::text($content->line) : null,
            self::Optical => $content instanceof Icon ? ($content->optical ? 'true' : 'false') : null,
            self::Fit => $content instanceof Picture ? $content->fit->value : null,
            self::Asset => $content instanceof Picture ? $content->asset : null,
            self::Shape => $content instanceof ShapeBox || $content instanceof Ellipse || $content instanceof Line || $content instanceof Path ? $layer->kind() : null,
            self::Zoom => $content instanceof Picture ? Number::text($content->zoom * 100).'%' : null,
            self::PositionX => $content instanceof Picture ? Number::text($content->positionX * 100).'%' : null,
            self::PositionY => $content instanceof Picture ? Number::text($content->positionY * 100).'%' : null,
            self::Rising => $content instanceof Line ? ($content->rising ? 'true' : 'false') : null,
            self::Trim => $content instanceof Text ? ($content->style->trim ? 'true' : 'false') : null,
            self::Italic => $content instanceof Text ? ($content->style->italic ? 'true' : 'false') : null,
            self::Wrapped => $content instanceof Text ? ($content->wrapped ? 'true' : 'false') : null,
            default => $content instanceof Text ? $this->typed($content->style) : null,
        };
    }

    private function corner(Layer $layer, string $value): ?string
    {
        $round = in_array($layer->kind(), ['box', 'picture', 'stack', 'array'], true) || ($layer->content instanceof Widget && $layer->content->isPicture());

        return $round ? $value : null;
    }

    private function typed(TextStyle $style): ?string
    {
        $value = $style->toArray()[$this->value] ?? null;

        return is_float($value) ? Number::text($value) : (is_scalar($value) ? (string) $value : null);
    }

    private function styled(Layer $layer, string $value): Layer
    {
        return match ($this) {
            self::Rotation => $layer->with(rotation: fmod($this->number($value, null, -36_000, 36_000), 360)),
            self::Opacity => $layer->with(opacity: $this->share($value)),
            // The uppermost is the one that is shown; those below it stay.
            self::Fill => $layer->with(fills: [...array_slice($layer->fills, 0, -1), ...(trim($value) === '' ? [] : [new Fill(Colour::parse($value, 'value'))])]),
            self::StrokeColour => $layer->with(stroke: trim($value) === '' ? null : $this->stroke($layer)->with(colour: Colour::parse($value, 'value'))),
            self::StrokeWidth => $this->strokeWidth($layer, $this->number($value, null, 0, 200)),
            self::StrokePosition => $layer->with(stroke: $this->stroke($layer)->with(position: $this->choice($value, StrokePosition::class))),
            self::Radius => $layer->with(corners: Corners::all($this->number($value, min($layer->box->width, $layer->box->height), 0, Reader::LIMIT))),
            self::RadiusTopLeft, self::RadiusTopRight, self::RadiusBottomRight, self::RadiusBottomLeft => $layer->with(
                corners: $layer->corners->with(...[substr($this->value, 7) => $this->number($value, min($layer->box->width, $layer->box->height), 0, Reader::LIMIT)]),
            ),
            self::Shape => $this->reshaped($layer, $value),
            default => $layer->with(content: $this->content($layer->content, $value)),
        };
    }

    private function content(LayerContent $content, string $value): LayerContent
    {
        return match (true) {
            $content instanceof Text => $this->text($content, $value),
            $content instanceof Icon && $this === self::Icon => Icon::read(Reader::of([...$content->toArray(), 'icon' => $value])),
            $content instanceof Icon && $this === self::IconLine => $content->with(line: $this->number($value, null, 0.5, 4)),
            $content instanceof Icon && $this === self::Optical => $content->with(optical: $value === 'true'),
            $content instanceof Picture && $this === self::Fit => $content->with(fit: $this->choice($value, PictureFit::class)),
            $content instanceof Picture && $this === self::Asset => Picture::read(Reader::of([...$content->toArray(), 'asset' => $value])),
            $content instanceof Picture && $this === self::Zoom => $content->with(zoom: $this->percent($value, Picture::LEAST_ZOOM, Picture::MOST_ZOOM)),
            $content instanceof Picture && $this === self::PositionX => $content->with(positionX: $this->percent($value, 0, 1)),
            $content instanceof Picture && $this === self::PositionY => $content->with(positionY: $this->percent($value, 0, 1)),
            $content instanceof Line && $this === self::Rising => new Line($value === 'true'),
            default => $content,
        };
    }

    /** Another shape in the same place, of the same paint; a line that would have nothing to be seen by takes the fill as its stroke. */
    private function reshaped(Layer $layer, string $value): Layer
    {
        if ($this->of($layer) === null || $value === $layer->kind()) {
            return $layer;
        }
        $content = match ($value) {
            ShapeBox::kind() => new ShapeBox,
            Ellipse::kind() => new Ellipse,
            Line::kind() => new Line,
            default => throw new InvalidInput('value', 'Shapes are box, ellipse and line.'),
        };
        $unseen = $content instanceof Line && $layer->stroke === null && $layer->fills !== [];

        return $layer->with(content: $content, stroke: $unseen ? new Stroke($layer->fills[count($layer->fills) - 1]->colour) : $layer->stroke);
    }

    private function text(Text $text, string $value): Text
    {
        return match ($this) {
            self::Wrapped => $text->with(wrapped: $value === 'true'),
            self::Family, self::Align, self::Transform => $text->with(style: $this->restyled($text, $value)),
            self::Trim, self::Italic => $text->with(style: $this->restyled($text, $value === 'true')),
            self::Weight => $text->with(style: $this->restyled($text, (int) $this->number($value, null, 1, 1000))),
            self::Size => $text->with(style: $this->restyled($text, $this->number($value, $text->style->size, 1, 1000))),
            self::LineHeight => $text->with(style: $this->restyled($text, $this->number($value, 1, 0.5, 5))),
            self::LetterSpacing => $text->with(style: $this->restyled($text, $this->number($value, 1, -0.5, 2))),
            default => $text,
        };
    }

    private function restyled(Text $text, string|int|float|bool $value): TextStyle
    {
        try {
            return TextStyle::read(Reader::of([...$text->style->toArray(), $this->value => $value]));
        } catch (InvalidInput $problem) {
            throw new InvalidInput('value', $problem->problem);
        }
    }

    private function stroke(Layer $layer): Stroke
    {
        return $layer->stroke ?? new Stroke(Colour::rgb(30, 34, 35));
    }

    private function strokeWidth(Layer $layer, float $width): Layer
    {
        return $layer->with(stroke: $width < 0.1 ? null : $this->stroke($layer)->with(width: $width));
    }

    /** A share as it is shown, in percent, with its sign or without; or as a number up to 1. */
    private function share(string $value): float
    {
        $number = Arithmetic::evaluate($value, 1);

        return $this->within($number > 1 && ! str_contains($value, '%') ? $number / 100 : $number, 0, 1);
    }

    /** Percent, with its sign or without. */
    private function percent(string $value, float $min, float $max): float
    {
        return $this->within(Arithmetic::evaluate($value, 1) / (str_contains($value, '%') ? 1 : 100), $min, $max);
    }

    private function within(float $share, float $min, float $max): float
    {
        if ($share < $min || $share > $max) {
            throw new InvalidInput('value', sprintf('%s must lie between %s and %s %%', ucfirst($this->label()), Number::text($min * 100), Number::text($max * 100)));
        }

        return $share;
    }
}
