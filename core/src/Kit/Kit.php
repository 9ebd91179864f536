<?php

declare(strict_types=1);

namespace Kindred\Kit;

use Kindred\Chart\ChartLayer;
use Kindred\Chart\Plotter;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\LayerContent;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget as Content;
use Kindred\Document\LayerNest;
use Kindred\Document\Style\Fill;
use Kindred\Document\Widget\Item;
use Kindred\Document\Widget\WidgetField;
use Kindred\Document\Widget\WidgetLook;
use Kindred\Document\Widget\WidgetPlace;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;
use Kindred\Input\Search;
use Kindred\Paint\Colour;
use Kindred\Signal\Kind;
use Kindred\Signal\SignalName;
use Kindred\Type\Typesetter;

/** The catalogue of widgets. */
final readonly class Kit
{
    /** @var list<class-string<WidgetKind>> */
    public const ALL = [
        Widget\StatusBar::class,
        Widget\TopBar::class,
        Widget\BottomBar::class,
        Widget\Button::class,
        Widget\IconButton::class,
        Widget\TextField::class,
        Widget\TextArea::class,
        Widget\SearchField::class,
        Widget\Select::class,
        Widget\CheckBox::class,
        Widget\RadioGroup::class,
        Widget\Switcher::class,
        Widget\Slider::class,
        Widget\Stepper::class,
        Widget\Progress::class,
        Widget\Tabs::class,
        Widget\SegmentedChoice::class,
        Widget\ListRow::class,
        Widget\Rows::class,
        Widget\Table::class,
        Widget\Card::class,
        Widget\PicturePlaceholder::class,
        Widget\Avatar::class,
        Widget\Badge::class,
        Widget\Chip::class,
        Widget\Menu::class,
        Widget\Dialog::class,
        Widget\BottomSheet::class,
        Widget\Toast::class,
        Widget\Tooltip::class,
        Widget\Breadcrumb::class,
        Widget\PageDots::class,
        Widget\ScrollBar::class,
        Widget\DatePicker::class,
        Widget\MapPlaceholder::class,
        Widget\ChartPlaceholder::class,
        Widget\Rating::class,
        Widget\Keyboard::class,
    ];

    private Plotter $plotter;

    public function __construct(private Typesetter $typesetter, private WidgetLook $look = new WidgetLook)
    {
        $this->plotter = new Plotter($typesetter);
    }

    /** The same widgets, dressed otherwise; null for as they are. */
    public function wearing(?WidgetLook $look): self
    {
        return $look === null || $look === $this->look ? $this : new self($this->typesetter, $look);
    }

    public static function find(string $key): ?WidgetKind
    {
        foreach (self::ALL as $class) {
            if ($class::key() === $key) {
                return new $class;
            }
        }

        return null;
    }

    /**
     * The widgets that words speak of, all of them for no words.
     *
     * @return list<WidgetKind>
     */
    public static function search(string $words): array
    {
        $all = array_map(fn (string $class): WidgetKind => new $class, self::ALL);

        return array_values(array_filter($all, fn (WidgetKind $kind): bool => Search::holds("{$kind->name()} {$kind->tags()}", $words)));
    }

    /**
     * A widget as it is placed: what a project file says of it, but for where it lies.
     *
     * @return array<string, mixed>
     */
    public static function fresh(WidgetKind $kind): array
    {
        [$width, $height] = $kind->size();
        $pins = $kind instanceof Bar ? ['pins' => ['left' => true, 'right' => true, $kind->atFoot() ? 'bottom' : 'top' => true]] : [];

        return ['kind' => Content::kind(), 'name' => $kind->name(), 'width' => $width, 'height' => $height] + $kind->content()->toArray() + $pins;
    }

    /**
     * The size below which a widget is not pulled, px: room for its lines of at least 20 px, or half of what it is placed
     * with; a third of that across. A smaller one can still be typed.
     *
     * @return array{float, float} width and height
     */
    public static function minimumSize(Content $widget): array
    {
        $kind = self::find($widget->widget);
        if ($kind === null) {
            return [1.0, 1.0];
        }
        [$width, $height] = $kind->size();
        $fresh = count($kind->content()->items);
        // As many entries more as it has now take as much more room; those that lie beside each other do not.
        $rows = $fresh > 1 && $height / $fresh > 18 && count($widget->items) > $fresh ? (count($widget->items) - $fresh) * 20.0 : 0.0;

        return [round(max(16.0, min($width, $width / 3))), round(max(12.0, $height / 2) + min($rows, 400.0))];
    }

    /**
     * The plain layers that a widget or a chart is drawn from, in its own coordinates. A widget that this version does not know is a
     * box with a cross.
     *
     * @return list<Layer>
     */
    public function parts(Layer $layer): array
    {
        return $layer->content instanceof Content ? $this->sketch($layer, $layer->content)->layers() : array_map(fn (ChartLayer $part): Layer => $part->layer, $this->plotter->parts($layer));
    }

    /**
     * The same as they are named apart when it is opened: of a chart those of each series together.
     *
     * @return list<array{string, non-empty-list<Layer>}> what they are, empty where that is the whole
     */
    public function sections(Layer $layer): array
    {
        $sections = [];
        foreach ($this->plotter->parts($layer) as $part) {
            $last = count($sections) - 1;
            if ($last >= 0 && $sections[$last][0] === $part->section) {
                $sections[$last][1][] = $part->layer;
            } else {
                $sections[] = [$part->section, [$part->layer]];
            }
        }
        $parts = $this->parts($layer);

        return $sections !== [] || $parts === [] ? $sections : [['', $parts]];
    }

    /**
     * The same with the words as they were given.
     *
     * @return list<WidgetPart>
     */
    public function plain(Layer $layer): array
    {
        return $layer->content instanceof Content ? $this->sketch($layer, $layer->content)->parts() : [];
    }

    /**
     * Holds layers that come in to the widgets that there are.
     *
     * @param  string  $place  of the layers, for errors
     *
     * @throws InvalidInput naming the place of a widget that there is not
     */
    public static function known(LayerNest $nest, string $place): LayerNest
    {
        $content = $nest->layer->content;
        if ($content instanceof Content && self::find($content->widget) === null) {
            $near = array_filter(array_map(fn (string $class): string => $class::key(), self::ALL), fn (string $key): bool => levenshtein($key, $content->widget) <= 3);

            throw new InvalidInput("{$place}.widget", "there is no widget “{$content->widget}”".($near === [] ? '; the kit lists those that there are' : '; is '.implode(' or ', $near).' meant?'));
        }
        foreach ($nest->children as $i => $child) {
            self::known($child, "{$place}.children[{$i}]");
        }

        return $nest;
    }

    /** @return list<Area> the places of a widget that answer to a press as it stands, in its own coordinates; none of one that does not work */
    public function areas(Layer $layer): array
    {
        return $layer->content instanceof Content && self::find($layer->content->widget) instanceof Interactive ? $this->sketch($layer, $layer->content)->areas() : [];
    }

    /** What can be changed at a point of a widget, in its own coordinates; null where nothing can. */
    public function spot(Layer $layer, Point $point): ?Spot
    {
        $widget = $layer->content;
        if (! $widget instanceof Content) {
            return null;
        }
        $kind = self::find($widget->widget);

        return Spot::at($widget, $this->sketch($layer, $widget), $kind instanceof Interactive ? $kind->signal() : null, $point);
    }

    /**
     * Where an icon that is laid down at a point of a widget goes (see WidgetPlace): to the one that is there, to the entry that is there, or to
     * the widget; null where it shows none.
     */
    public function iconPlace(Layer $layer, Point $point): ?string
    {
        $widget = $layer->content;
        if (! $widget instanceof Content) {
            return null;
        }
        $sketch = $this->sketch($layer, $widget);
        $spot = Spot::at($widget, $sketch, null, $point);
        $areas = array_reverse(array_filter($sketch->areas(), fn (Area $area): bool => $area->item !== null && $area->box->holds($point)));
        $item = $spot !== null && preg_match('/^items\.(\d+)\./', $spot->place, $match) === 1 ? (int) $match[1] : ($areas[0]->item ?? null);
        $drawn = fn (Content $content): array => array_map(fn (Layer $part): string => $part->content instanceof Icon ? $part->content->icon : '', $this->parts($layer->with(content: $content)));
        foreach ([$item === null ? null : "items.{$item}.icon", 'icon'] as $place) {
            try {
                // It shows one where another icon there is another picture.
                $written = $place === null ? null : WidgetPlace::parse($place);
                if ($written !== null && $drawn($written->write($widget, 'x')) !== $drawn($written->write($widget, 'y'))) {
                    return $place;
                }
            } catch (InvalidInput) {
                continue;
            }
        }

        return null;
    }

    /** The words of a widget that are shown next after those of a place (see WidgetPlace); the first for none. */
    public function spotAfter(Layer $layer, string $place): ?Spot
    {
        return $layer->content instanceof Content ? Spot::after($layer->content, $this->sketch($layer, $layer->content), $place) : null;
    }

    /** All that a widget shows in a rehearsal, in any state; null for one that does not work. */
    public function variants(Layer $layer): ?Variants
    {
        $content = $layer->content;
        $kind = $content instanceof Content ? self::find($content->widget) : null;
        $content = $content instanceof Content ? self::paged($content) : $content;
        $signal = match (true) {
            $kind instanceof Interactive => $kind->signal(),
            $kind instanceof Keys => Kind::On,
            default => null,
        };

        return $content instanceof Content && $signal !== null
            ? new Variants($content, $signal, fn (Content $state, ?bool $chosen, bool $wrong): Sketch => $this->sketch($layer, $state, $wrong, $chosen))
            : null;
    }

    /** With its pages as entries, where it has some. */
    public static function paged(Content $content): Content
    {
        $kind = self::find($content->widget);

        return $kind instanceof Paged ? $kind->paged($content) : $content;
    }

    /** @return list<WidgetField> what can be set of a widget, as far as it is to be seen: the label of a menu only where it is closed */
    public static function fields(Layer $layer): array
    {
        $kind = $layer->content instanceof Content ? self::find($layer->content->widget) : null;
        $open = $kind instanceof Listing && $kind instanceof Opening && self::opened($layer) === null;

        return array_values(array_filter($kind?->fields() ?? [], fn (WidgetField $field): bool => ! $open || $field !== WidgetField::Label));
    }

    /** Whether at most one of its items is on. */
    public static function holdsOne(Content $content): bool
    {
        $kind = self::find($content->widget);

        return $kind instanceof Interactive && $kind->signal() === Kind::One;
    }

    /**
     * The height at which its entries, more or fewer than before, are as high as they were; for one that has become another
     * kind, at which all of them show. Null where the height has nothing to do with them.
     *
     * @param  float  $height  that it has, px
     */
    public static function grown(Content $before, Content $now, float $height): ?float
    {
        [$old, $kind] = [self::find($before->widget), self::find($now->widget)];
        if (! $kind instanceof Listing) {
            return null;
        }
        [$head, $rows] = [$kind->head($now), $kind->rows($now)];
        if (! $old instanceof Listing || $before->widget !== $now->widget) {
            return $old === null || $before->widget === $now->widget ? null : max($height, $head + $rows * $kind->row());
        }
        [$oldHead, $oldRows] = [$old->head($before), $old->rows($before)];
        if ($head === $oldHead && $rows === $oldRows) {
            return null;
        }
        $each = $oldRows > 0 ? ($height - $oldHead) / $oldRows : $kind->row();

        // Where they were cut before they are shown whole now.
        return round($head + $rows * max($each, $kind->row() / 2), 2);
    }

    /** @return array{int, int} how many of its entries show, and how many there are; separators are none */
    public function shown(Layer $layer): array
    {
        if (! $layer->content instanceof Content) {
            return [0, 0];
        }
        $kind = self::find($layer->content->widget);
        $all = count(array_filter($layer->content->items, fn (Item $item): bool => ! $item->separator));
        if (! $kind instanceof Listing || ($kind instanceof Opening && self::opened($layer) !== null)) {
            return [$all, $all];
        }
        $items = array_filter(array_map(fn (Area $area): ?int => $area->item, $this->sketch($layer, $layer->content)->areas()), fn (?int $item): bool => $item !== null);

        return [count(array_unique($items)), $all];
    }

    /** Whether its colour is to be seen in any state of it. */
    public function showsColour(Layer $layer): bool
    {
        if (! $layer->content instanceof Content) {
            return false;
        }
        $content = $layer->content->with(on: true, value: $layer->content->max, items: array_map(fn (Item $item): Item => $item->with(on: true), $layer->content->items));
        $drawn = fn (string $colour): array => array_map(fn (Layer $part): array => [$part->colour()?->toHex(), ($part->strokes[0] ?? null)?->colour()->toHex()], $this->parts($layer->with(content: $content, fills: [Fill::solid(Colour::parse($colour))])));

        return $drawn('#010203') !== $drawn('#fdfcfb');
    }

    /** What opens from a widget in a rehearsal; null where nothing does. */
    public static function opened(Layer $layer): ?Layer
    {
        $content = $layer->content;
        $kind = $content instanceof Content ? self::find($content->widget) : null;

        return $content instanceof Content && $kind instanceof Opening ? $kind->opened($layer, $content) : null;
    }

    /** @param  bool|null  $chosen  whether all items are drawn as chosen, or none */
    private function sketch(Layer $layer, Content $content, bool $wrong = false, ?bool $chosen = null): Sketch
    {
        $accent = $layer->colour() ?? $this->look->accent;
        $sketch = new Sketch($layer->box->width, $layer->box->height, $this->typesetter, $layer->id, $accent, $wrong, $chosen, $layer->corners, $this->look);
        $kind = self::find($content->widget);
        if ($kind === null) {
            $sketch->photo(0, 0, $layer->box->width, $layer->box->height);
        } else {
            $kind->draw($sketch, self::holdsOne($content) && $chosen === null ? $content->single() : $content);
        }

        return $sketch;
    }

    /** The name that a widget has of itself. */
    public static function made(Layer $layer): string
    {
        $words = $layer->content instanceof Content && $layer->content->label !== '' ? $layer->content->label : $layer->name;

        return SignalName::of($words);
    }

    /** @return list<string> the words that something shows, as the renderer puts them */
    public static function wordsOf(LayerContent $content): array
    {
        $plain = fn (string $words): string => (string) preg_replace('/\s+/u', ' ', $words);

        return match (true) {
            $content instanceof Text => [$content->words],
            $content instanceof Expanding => $content->words(),
            $content instanceof Content => [
                $content->label, $content->hint, $content->text, ...array_map($plain, [
                    $content->label, $content->hint, $content->text, ...$content->columns,
                    ...array_merge([], ...array_map(fn (Item $item): array => [$item->label, ...$item->cells, $item->key], $content->items)),
                ]),
            ],
            default => [],
        };
    }
}
