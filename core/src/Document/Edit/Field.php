<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Document\Layer;
use Kindred\Document\Layer\BoxLayer;
use Kindred\Document\Layer\Chart;
use Kindred\Document\Layer\Compound;
use Kindred\Document\Layer\Ellipse;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\Kinds;
use Kindred\Document\Layer\LineLayer;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Layer\PolygonLayer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Layout\Pins;
use Kindred\Document\Resize;
use Kindred\Document\Style\SideWidths;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Geometry\Number as Format;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;
use Kindred\Property\Affects;
use Kindred\Property\Animation;
use Kindred\Property\Flag;
use Kindred\Property\Inlined;
use Kindred\Property\Number;
use Kindred\Property\Parsed;
use Kindred\Property\Path;
use Kindred\Property\Properties;
use Kindred\Property\Property;
use Kindred\Property\Record;
use Kindred\Property\Records;
use Kindred\Property\Spread;
use Kindred\Property\Typing;
use Kindred\Property\Whole;

/**
 * A property of layers that is typed or chosen in a facet, named by its path: `opacity`, `stroke.width`, `style.size`.
 *
 * What there is, how it is typed and which kinds have it follows from what layers and their kinds declare; only what
 * follows from a change, beside the value itself, stands here.
 */
final readonly class Field
{
    /** Another shape in the place of one. */
    public const KIND = 'kind';

    /** Whether words are free, wrap, or keep a size that was set: both of their flags as one choice. */
    public const EXTENT = 'extent';

    /** How far off the path may be that a hand drew. */
    private const TOLERANCE = 'tolerance';

    /** The colour of the uppermost fill. */
    public const FILL = 'fills.0.colour';

    /** What that is painted with: a colour, a gradient … */
    public const PAINT_OF_FILL = 'fills.0.paint';

    /** What is not seen of a part of a compound. */
    private const UNSEEN = ['fills', 'strokes', 'effects', 'opacity', 'blend', 'isolation', 'masks'];

    /** What of the paint of layers some kinds have and others do not. */
    private const PAINT = ['fills', 'strokes', 'corners', 'effects', 'masking', 'isolation'];

    private const SHAPES = [BoxLayer::class, Ellipse::class, PolygonLayer::class, LineLayer::class, PathLayer::class];

    private Path $way;

    /** @param  Property<mixed>|null  $property  null for the kind */
    private function __construct(public string $path, private ?Property $property)
    {
        $this->way = Path::of($path);
    }

    /** Null where no layer has such a property, or it is not set so. */
    public static function find(string $path): ?self
    {
        return self::known()[0][$path] ?? self::known()[1][$path] ?? self::further($path);
    }

    public static function read(Reader $in, string $key): self
    {
        $path = $in->string($key, 80);

        return self::find($path) ?? $in->fail($key, "layers have no property “{$path}” that is set so");
    }

    /** @return array<string, self> by path; of lists what the first entry has */
    public static function all(): array
    {
        return self::known()[0];
    }

    /** @return array<string, self> what is set as a whole though its parts are set, too, by path: lists such as `fills`, and paint */
    public static function wholes(): array
    {
        return self::known()[1];
    }

    /** As people call it: "corner radius". */
    public function label(): string
    {
        return $this->property?->label() ?? ($this->path === self::EXTENT ? 'size of the box' : 'shape');
    }

    /** What of a layer it is a part of: `stroke` of `stroke.width`. */
    public function root(): string
    {
        return $this->way->root();
    }

    /** The facet in which it is set: `where`, `look` or `words`. */
    public function facet(): string
    {
        return match (true) {
            $this->root() === 'style', $this->path === self::EXTENT => 'words',
            $this->isLook() || $this->affects() === Affects::Paint => 'look',
            default => 'where',
        };
    }

    /** @return array<array-key, string>|null the choices that there are, by what is sent; null where it is typed */
    public function options(): ?array
    {
        return $this->path === self::EXTENT ? Extent::options() : $this->property?->options();
    }

    public function isColour(): bool
    {
        return $this->property?->holds(Colour::class) === true;
    }

    /** Whether it makes up how a layer looks, apart from what it is and where it lies. */
    public function isLook(): bool
    {
        return $this->property->look ?? $this->ofRoot()->look ?? false;
    }

    /** Whether a change of it shows, apart from layout and words. */
    public function isSeen(): bool
    {
        return $this->isLook() || $this->affects() === Affects::Paint || $this->isOfBox() || $this->path === 'rotation';
    }

    /** Whether it is a list of several, such as `fills`. */
    public function isList(): bool
    {
        return $this->property instanceof Records;
    }

    /** Whether it is a part of an entry of a list: `fills.0.colour`. */
    public function isInList(): bool
    {
        return $this->ofRoot() instanceof Records && $this->path !== $this->root();
    }

    /** Whether several properties are typed in it at once. */
    public function isShorthand(): bool
    {
        return $this->property instanceof Record;
    }

    /** Whether it is one of several that can be typed at once. */
    public function hasShorthand(): bool
    {
        return $this->path !== $this->root() && self::find($this->root())?->isShorthand() === true;
    }

    /** Whether a cell can override it. */
    public function isOverridable(): bool
    {
        return $this->property !== null && ($this->property->overridable ?? $this->ofRoot()->overridable ?? true);
    }

    public function affects(): Affects
    {
        return $this->ofRoot()->affects ?? Affects::Layout;
    }

    /** How it goes from one value to another over time. */
    public function animation(): Animation
    {
        return $this->property === null || $this->affects() === Affects::Nothing ? Animation::None : $this->property->animation();
    }

    /** Whether a value that stands elsewhere, a token or a signal, can be its value. */
    public function isBindable(): bool
    {
        return $this->property?->isBindable() === true;
    }

    /** @return list<string> the kinds of layers that declare it; none where layers of all kinds may have it */
    public function declaredBy(): array
    {
        $kinds = array_filter(Kinds::ALL, fn (string $class): bool => $class !== Widget::class && isset(Properties::of($class)->all[$this->root()]));

        return $this->property === null ? array_map(fn (string $class): string => $class::kind(), $this->path === self::KIND ? self::SHAPES : [Text::class])
            : (isset(Properties::of(Layer::class)->all[$this->root()]) ? [] : array_values(array_map(fn (string $class): string => $class::kind(), $kinds)));
    }

    /** What it holds, in words: `number 0 to 1`, `one of row, column`. */
    public function describe(): string
    {
        $property = $this->property;
        $options = $this->options();

        return match (true) {
            $property === null && $options === null => 'shape',
            $property === null => 'one of '.implode(', ', array_keys($options)),
            $property instanceof Flag => 'yes or no',
            $options !== null => 'one of '.implode(', ', array_keys($options)),
            $property instanceof Number, $property instanceof Whole => (abs($property->max) >= Reader::LIMIT ? 'number' : 'number '.Format::text($property->min).' to '.Format::text($property->max)),
            $property instanceof Records => "up to {$property->max} entries",
            $this->isColour() && $property instanceof Parsed => 'colour',
            default => 'text',
        };
    }

    /** @return list<string> values that are worth seeing side by side, as they are typed */
    public function tries(): array
    {
        return $this->property?->tries() ?? [];
    }

    /**
     * The value as its field shows it; null where the layer has no such property.
     *
     * @param  Tree|null  $tree  around the layer; without it what follows from where it lies is not known
     */
    public function of(Layer $layer, ?Tree $tree = null): ?string
    {
        if ($this->path === self::KIND) {
            return in_array($layer->content::class, self::SHAPES, true) ? $layer->kind() : null;
        }
        if ($this->path === self::EXTENT) {
            return $layer->content instanceof Text ? Extent::of($layer->content)->value : null;
        }
        if ($this->property === null || ! $this->isOf($layer, $tree)) {
            return null;
        }

        return match ($this->path) {
            // The kind decides what sizes a layer where nobody has set it.
            'sizing.width' => $layer->widthFrom()->value,
            'sizing.height' => $layer->heightFrom()->value,
            default => self::usualOfStroke($this->path, $layer) ?? $this->way->shown($this->root() === 'pins' && $tree !== null ? $layer->with(pins: self::pins($tree, $layer)) : $layer),
        };
    }

    /**
     * The tree with the value that is typed; a layer that has no such property is left as it is.
     *
     * @param  Box  $parent  what percentages are of
     *
     * @throws InvalidInput when it is no value of it
     */
    public function set(Tree $tree, Layer $layer, string $value, Box $parent): Tree
    {
        if ($this->of($layer, $tree) === null) {
            return $tree;
        }
        if ($this->path === self::KIND) {
            return $tree->withLayers($this->reshaped($layer, $value));
        }
        if ($this->path === self::EXTENT && $layer->content instanceof Text) {
            return $tree->withLayers($layer->with(content: Extent::typed($value)->set($layer->content)));
        }
        $before = $this->root() === 'pins' ? $layer->with(pins: self::pins($tree, $layer)) : $this->sided($layer);
        $typed = $this->way->typed($before, $value, Typing::within($parent->width, $parent->height, $layer->box));
        if ($this->path === self::TOLERANCE && $typed->content instanceof PathLayer) {
            return Resize::drawn($tree, $typed, $typed->content->redrawn());
        }

        return $this->isOfBox() ? Resize::to($tree, $layer, $typed->box) : $tree->withLayers($this->forAllWords($typed));
    }

    /** The style of a text is that of all its words: none of them has what was set in a way of its own any more. */
    private function forAllWords(Layer $layer): Layer
    {
        return $layer->content instanceof Text && $this->root() === 'style' && count($this->way->steps()) === 2
            ? $layer->with(content: $layer->content->withoutOwn($this->way->steps()[1]))
            : $layer;
    }

    /**
     * What is typed, as it is written; null where it is none.
     *
     * @throws InvalidInput when it is no value of it
     */
    public function entered(string $typed, Typing $typing): mixed
    {
        $property = $this->property ?? throw new InvalidInput('value', 'One cell cannot be of another shape');
        $value = trim($typed) === '' && $property->isRequired() ? null : $property->typed($typed, null, $typing);

        return $value === null ? null : $property->plain($value);
    }

    /** The value as it is written; null where there is none. */
    public function plain(Layer $layer): mixed
    {
        return $this->way->plain($layer);
    }

    /**
     * The tree with a value as `plain` gives it; a layer that has no such property is left as it is.
     *
     * @throws InvalidInput when it is no value of it
     */
    public function put(Tree $tree, Layer $layer, mixed $plain): Tree
    {
        if ($this->property === null || $this->way->property($layer) === null || $layer->content instanceof Widget && $this->of($layer, $tree) === null) {
            return $tree;
        }
        if (is_string($plain) && ($this->property instanceof Number || $this->isShorthand())) {
            // A percentage from an earlier version: it is of the current parent.
            return $this->set($tree, $layer, $plain, $layer->parent === null ? $layer->box : $tree->layer($layer->parent)->box);
        }
        $with = $this->way->put($this->sided($layer), $plain);

        return $this->isOfBox() ? Resize::to($tree, $layer, $with->box) : $tree->withLayers($this->forAllWords($with));
    }

    private function isOfBox(): bool
    {
        return in_array($this->path, ['x', 'y', 'width', 'height'], true);
    }

    /** Whether a layer has it, by its kind and by where it lies. */
    private function isOf(Layer $layer, ?Tree $tree): bool
    {
        $root = $this->root();
        // A part of a compound is painted by that, but for the line that it is.
        if ($tree !== null && $root === 'operation') {
            return $layer->parent !== null && ($tree->layers[$layer->parent] ?? null)?->content instanceof Compound;
        }
        if ($tree !== null && in_array($root, self::UNSEEN, true) && ! ($root === 'strokes' && $layer->content instanceof LineLayer) && $tree->compounds($layer) !== []) {
            return false;
        }
        if (in_array($root, self::PAINT, true)) {
            $without = $layer->content->paint()[$root] ?? null;

            return $without !== null && ($without === [] || ! in_array(explode('.', $this->path)[2] ?? '', $without, true));
        }
        if ($root === 'sizing' || $root === 'pins') {
            return $tree !== null && ($root === 'pins' ? $this->isPinned($tree, $layer) : $this->isSized($tree, $layer));
        }

        if ($this->path === self::TOLERANCE) {
            return $layer->content instanceof PathLayer && $layer->content->samples !== [];
        }

        if ($layer->content instanceof Chart && ! isset(Properties::of(Layer::class)->all[$root]) && ! $this->isOfBox()) {
            return $layer->content->uses($root) && $this->way->property($layer) !== null;
        }

        // A widget has only the fields that it uses; some have the names of properties of other kinds.
        return isset(Properties::of(Layer::class)->all[$root]) || $this->isOfBox() || (! $layer->content instanceof Widget && $this->way->property($layer) !== null);
    }

    /** One side of a stroke is set: the others, which said nothing, are as wide as it was. A width that is set is that of all sides again. */
    private function sided(Layer $layer): Layer
    {
        [$list, $at, $part] = [...explode('.', $this->path), '', '', ''];
        $stroke = $list === 'strokes' ? ($layer->strokes[(int) $at] ?? null) : null;
        $sides = match (true) {
            $part === 'width' => null,
            $part === 'sides' => $stroke->sides ?? ($stroke === null ? null : SideWidths::all($stroke->width)),
            default => $stroke?->sides,
        };

        return $stroke === null || $sides === $stroke->sides ? $layer : $layer->with(strokes: array_replace($layer->strokes, [(int) $at => $stroke->with(sides: $sides)]));
    }

    /** Where a stroke lies, how it ends and turns, and how wide its sides are, where it says nothing of that; null of others. */
    private static function usualOfStroke(string $path, Layer $layer): ?string
    {
        $steps = explode('.', $path);
        $stroke = $steps[0] === 'strokes' ? ($layer->strokes[(int) ($steps[1] ?? 0)] ?? null) : null;
        $onPath = $layer->content instanceof PathLayer;

        return match ($steps[2] ?? '') {
            'position' => $stroke?->resolvedPosition($onPath)->value,
            'cap' => $stroke?->ends($onPath)->value,
            'join' => $stroke?->turns($onPath)->value,
            'sides' => $stroke === null || $stroke->sides !== null ? null : Format::text($stroke->width),
            default => null,
        };
    }

    private function isPinned(Tree $tree, Layer $layer): bool
    {
        return ! $this->isLaid($tree, $layer) && ($layer->screen !== null || $layer->parent !== null);
    }

    private function isSized(Tree $tree, Layer $layer): bool
    {
        $laid = $this->isLaid($tree, $layer);

        return match ($this->path) {
            'sizing.alignSelf' => $laid,
            'sizing.absolute' => $this->isInStack($tree, $layer),
            // The height of words is that of their lines, unless it is set.
            'sizing.height' => ($laid || $layer->content instanceof Stack || $layer->content instanceof Instance) && ! ($layer->content instanceof Text && ! $layer->content->keepsHeight()),
            default => $laid || $layer->content instanceof Stack || $layer->content instanceof Instance,
        };
    }

    private function isInStack(Tree $tree, Layer $layer): bool
    {
        return $layer->parent !== null && ($tree->layers[$layer->parent] ?? null)?->content instanceof Stack;
    }

    private function isLaid(Tree $tree, Layer $layer): bool
    {
        return $this->isInStack($tree, $layer) && ! $layer->sizing->absolute;
    }

    /** The pins that hold for a layer, said or not. */
    private static function pins(Tree $tree, Layer $layer): Pins
    {
        $inGroup = $layer->parent !== null && ($tree->layers[$layer->parent] ?? null)?->fitsContent() === true;

        return $layer->pins ?? ($inGroup ? Pins::proportion() : Pins::corner());
    }

    /** Another shape with the same place and paint, called by its kind if it was; a line without a stroke takes the fill as its stroke, or it would not show. */
    private function reshaped(Layer $layer, string $value): Layer
    {
        if ($value === $layer->kind()) {
            return $layer;
        }
        $content = match ($value) {
            BoxLayer::kind() => new BoxLayer,
            Ellipse::kind() => new Ellipse,
            PolygonLayer::kind() => new PolygonLayer(rounding: $layer->corners->fitted($layer->box)->same() ?? 0.0),
            LineLayer::kind() => new LineLayer,
            default => throw new InvalidInput('value', 'Shapes are box, ellipse, polygon and line.'),
        };
        $colour = $content instanceof LineLayer && $layer->strokes === [] ? $layer->colour() : null;

        return $layer->with(content: $content, name: $layer->name === ucfirst($layer->kind()) ? ucfirst($content::kind()) : $layer->name, strokes: $colour === null ? $layer->strokes : [Stroke::solid($colour)]);
    }

    /** @return Property<mixed>|null the property of the layer, or of its kind, of which this is a part */
    private function ofRoot(): ?Property
    {
        $layer = Properties::of(Layer::class);
        $found = $layer->all[$this->root()] ?? null;
        foreach ($found === null ? Kinds::ALL : [] as $class) {
            $found ??= Properties::of($class)->all[$this->root()] ?? null;
        }

        return $found;
    }

    /** @return array{array<string, self>, array<string, self>} those by themselves, and those of wholes, by path */
    private static function known(): array
    {
        /** @var array{array<string, self>, array<string, self>}|null $known */
        static $known = null;
        if ($known === null) {
            $wholes = [];
            $leaves = self::leaves(Properties::of(Layer::class)->all, '', $wholes);
            foreach (Kinds::ALL as $class) {
                // Widgets are set by what they have a use for.
                $leaves += $class === Widget::class ? [] : self::leaves(Properties::of($class)->all, '', $wholes);
            }
            $field = fn (string $path, Property $property): self => new self($path, $property);
            $known = [
                [self::KIND => new self(self::KIND, null), self::EXTENT => new self(self::EXTENT, null)] + array_combine(array_keys($leaves), array_map($field, array_keys($leaves), $leaves)),
                array_combine(array_keys($wholes), array_map($field, array_keys($wholes), $wholes)),
            ];
        }

        return $known;
    }

    /**
     * What can be set of a thing, by path.
     *
     * @param  array<string, Property<mixed>>  $of
     * @param  array<string, Property<mixed>>  $wholes  takes in what can be set as a whole, too
     * @return array<string, Property<mixed>>
     */
    private static function leaves(array $of, string $prefix, array &$wholes): array
    {
        $found = [];
        foreach ($of as $name => $property) {
            if (! $property->field) {
                continue;
            }
            if ($property instanceof Inlined || $property instanceof Records) {
                $wholes[$prefix.$name] = $property;
            }
            $found += match (true) {
                $property instanceof Spread => self::leaves($property->parts(null), $prefix, $wholes),
                $property instanceof Records => self::leaves(Properties::of($property->of)->all, "{$prefix}{$name}.0.", $wholes),
                $property instanceof Record => ($property->hasShorthand() ? [$prefix.$name => $property] : []) + self::leaves(Properties::of($property->kind())->all, "{$prefix}{$name}.", $wholes),
                default => [$prefix.$name => $property],
            };
        }

        return $found;
    }

    /** Further entries of lists: `fills.3.colour`. */
    private static function further(string $path): ?self
    {
        $first = (string) preg_replace('/\.\d+(?=\.)/', '.0', $path);

        $like = $first === $path ? null : self::find($first);

        return $like === null ? null : new self($path, $like->property);
    }
}
