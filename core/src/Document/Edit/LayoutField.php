<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layout\AlignContent;
use Kindred\Document\Layout\AlignItems;
use Kindred\Document\Layout\CellHeight;
use Kindred\Document\Layout\FlexDirection;
use Kindred\Document\Layout\FlexWrap;
use Kindred\Document\Layout\JustifyContent;
use Kindred\Document\Layout\Padding;
use Kindred\Document\Layout\Pins;
use Kindred\Document\Layout\Size;
use Kindred\Document\Layout\Unpinned;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Geometry\Number;
use Kindred\Input\Reader;

/** A facet of how a layer is laid out: as a stack, in a stack, or by its pins. */
enum LayoutField: string implements LayerField
{
    use Typed;

    case Direction = 'direction';
    case Wrap = 'wrap';
    case RowGap = 'row-gap';
    case ColumnGap = 'column-gap';
    case Padding = 'padding';
    case PaddingTop = 'padding-top';
    case PaddingRight = 'padding-right';
    case PaddingBottom = 'padding-bottom';
    case PaddingLeft = 'padding-left';
    case JustifyContent = 'justify-content';
    case AlignItems = 'align-items';
    case AlignContent = 'align-content';
    case ColumnsBy = 'columns-by';
    case Columns = 'columns';
    case LeastWidth = 'least-width';
    case CellHeight = 'cell-height';
    case WidthFrom = 'width-from';
    case HeightFrom = 'height-from';
    case MinWidth = 'min-width';
    case MaxWidth = 'max-width';
    case MinHeight = 'min-height';
    case MaxHeight = 'max-height';
    case AlignSelf = 'align-self';
    case Absolute = 'absolute';
    case PinLeft = 'pin-left';
    case PinRight = 'pin-right';
    case PinTop = 'pin-top';
    case PinBottom = 'pin-bottom';
    case PinHorizontal = 'pin-horizontal';
    case PinVertical = 'pin-vertical';

    public function label(): string
    {
        return match ($this) {
            self::WidthFrom => 'sizing of the width',
            self::HeightFrom => 'sizing of the height',
            self::ColumnsBy => 'columns',
            self::LeastWidth => 'least width of a column',
            self::Absolute => 'place in the stack',
            self::PinLeft, self::PinRight, self::PinTop, self::PinBottom, self::PinHorizontal, self::PinVertical => 'pins',
            default => str_replace('-', ' ', $this->value),
        };
    }

    public function set(Tree $tree, Layer $layer, string $value, Box $parent): Tree
    {
        if ($this->of($tree, $layer) === null) {
            return $tree;
        }
        $stack = $layer->content;

        return $tree->withLayers(match (true) {
            $this->isPin() => $layer->with(pins: $this->pinned(self::pins($tree, $layer), $value)),
            $stack instanceof Stack && $this->ofStack($stack) !== null => $layer->with(content: $this->stacked($stack, $value, $parent)),
            $stack instanceof ArrayLayer && $this->ofArray($stack) !== null => $layer->with(content: $this->arrayed($stack, $value, $parent)),
            default => $this->sized($layer, $value, $parent),
        });
    }

    /** The facet as its field shows it; null where the layer has no such facet. */
    public function of(Tree $tree, Layer $layer): ?string
    {
        $inStack = $layer->parent !== null && ($tree->layers[$layer->parent] ?? null)?->content instanceof Stack;
        $laid = $inStack && ! $layer->sizing->absolute;
        if ($this->isPin()) {
            return $laid || ($layer->screen === null && $layer->parent === null) ? null : $this->ofPins(self::pins($tree, $layer));
        }
        $sizing = $layer->sizing;
        $stack = $layer->content instanceof Stack ? $layer->content : null;
        $limit = fn (?float $length): ?string => $laid || $stack !== null ? ($length === null ? '' : Number::text($length)) : null;

        return match ($this) {
            self::WidthFrom => $laid || $stack !== null ? $layer->widthFrom()->value : null,
            self::HeightFrom => ($laid || $stack !== null) && ! $layer->content instanceof Text ? $layer->heightFrom()->value : null,
            self::MinWidth => $limit($sizing->minWidth),
            self::MaxWidth => $limit($sizing->maxWidth),
            self::MinHeight => $limit($sizing->minHeight),
            self::MaxHeight => $limit($sizing->maxHeight),
            self::AlignSelf => $laid ? $sizing->alignSelf->value ?? '' : null,
            self::Absolute => $inStack ? ($sizing->absolute ? 'true' : 'false') : null,
            default => match (true) {
                $layer->content instanceof Stack => $this->ofStack($layer->content),
                $layer->content instanceof ArrayLayer => $this->ofArray($layer->content),
                default => null,
            },
        };
    }

    /** The pins that hold for a layer, said or not. */
    private static function pins(Tree $tree, Layer $layer): Pins
    {
        $inGroup = $layer->parent !== null && ($tree->layers[$layer->parent] ?? null)?->isGroup() === true;

        return $layer->pins ?? ($inGroup ? Pins::proportion() : Pins::corner());
    }

    private function isPin(): bool
    {
        return str_starts_with($this->value, 'pin-');
    }

    private function ofPins(Pins $pins): string
    {
        $value = $pins->toArray()[substr($this->value, 4)] ?? '';

        return is_bool($value) ? ($value ? 'true' : 'false') : (is_string($value) ? $value : '');
    }

    private function pinned(Pins $pins, string $value): Pins
    {
        $name = substr($this->value, 4);

        return $pins->with(...[$name => match ($this) {
            self::PinHorizontal, self::PinVertical => $this->choice($value, Unpinned::class),
            default => $value === 'true',
        }]);
    }

    private function ofArray(ArrayLayer $array): ?string
    {
        return match ($this) {
            self::ColumnsBy => $array->columns === null ? 'fit' : 'count',
            self::Columns => $array->columns === null ? null : (string) $array->columns,
            self::LeastWidth => $array->columns === null ? Number::text($array->minWidth) : null,
            self::RowGap => Number::text($array->rowGap),
            self::ColumnGap => Number::text($array->columnGap),
            self::CellHeight => $array->cellHeight->value,
            default => null,
        };
    }

    private function arrayed(ArrayLayer $array, string $value, Box $parent): ArrayLayer
    {
        return match ($this) {
            self::ColumnsBy => $array->with(columns: $value === 'fit' ? null : $array->columns ?? 2),
            self::Columns => $array->with(columns: Reader::of(['value' => Arithmetic::evaluate($value)])->whole('value', 1, ArrayLayer::MAX_COLUMNS)),
            self::LeastWidth => $array->with(minWidth: max(1.0, $this->length($value, $parent->width))),
            self::RowGap => $array->with(rowGap: $this->length($value, $parent->height)),
            self::ColumnGap => $array->with(columnGap: $this->length($value, $parent->width)),
            self::CellHeight => $array->with(cellHeight: $this->choice($value, CellHeight::class)),
            default => $array,
        };
    }

    private function ofStack(Stack $stack): ?string
    {
        return match ($this) {
            self::Direction => $stack->direction->value,
            self::Wrap => $stack->wrap->value,
            self::RowGap => Number::text($stack->rowGap),
            self::ColumnGap => Number::text($stack->columnGap),
            self::Padding => $stack->padding->same() !== null ? Number::text($stack->padding->top) : '',
            self::PaddingTop => Number::text($stack->padding->top),
            self::PaddingRight => Number::text($stack->padding->right),
            self::PaddingBottom => Number::text($stack->padding->bottom),
            self::PaddingLeft => Number::text($stack->padding->left),
            self::JustifyContent => $stack->justifyContent->value,
            self::AlignItems => $stack->alignItems->value,
            self::AlignContent => $stack->alignContent->value,
            default => null,
        };
    }

    private function stacked(Stack $stack, string $value, Box $parent): Stack
    {
        return match ($this) {
            self::Direction => $stack->with(direction: $this->choice($value, FlexDirection::class)),
            self::Wrap => $stack->with(wrap: $this->choice($value, FlexWrap::class)),
            self::RowGap => $stack->with(rowGap: $this->length($value, $parent->height)),
            self::ColumnGap => $stack->with(columnGap: $this->length($value, $parent->width)),
            self::Padding => $stack->with(padding: Padding::all($this->length($value, $parent->width))),
            self::PaddingTop, self::PaddingRight, self::PaddingBottom, self::PaddingLeft => $stack->with(padding: $stack->padding->with(...[substr($this->value, 8) => $this->length($value, $parent->width)])),
            self::JustifyContent => $stack->with(justifyContent: $this->choice($value, JustifyContent::class)),
            self::AlignItems => $stack->with(alignItems: $this->choice($value, AlignItems::class)),
            self::AlignContent => $stack->with(alignContent: $this->choice($value, AlignContent::class)),
            default => $stack,
        };
    }

    private function sized(Layer $layer, string $value, Box $parent): Layer
    {
        $sizing = $layer->sizing;
        $limit = fn (float $of): ?float => trim($value) === '' ? null : $this->length($value, $of);

        return $layer->with(sizing: match ($this) {
            self::WidthFrom => $sizing->with(width: $this->choice($value, Size::class)),
            self::HeightFrom => $sizing->with(height: $this->choice($value, Size::class)),
            self::MinWidth => $sizing->with(minWidth: $limit($parent->width)),
            self::MaxWidth => $sizing->with(maxWidth: $limit($parent->width)),
            self::MinHeight => $sizing->with(minHeight: $limit($parent->height)),
            self::MaxHeight => $sizing->with(maxHeight: $limit($parent->height)),
            self::AlignSelf => $sizing->with(alignSelf: $value === '' ? null : $this->choice($value, AlignItems::class)),
            self::Absolute => $sizing->with(absolute: $value === 'true'),
            default => $sizing,
        });
    }

    private function length(string $value, float $of): float
    {
        return $this->number($value, $of, 0, Reader::LIMIT, unit: ' px');
    }
}
