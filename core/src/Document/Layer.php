<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Cue\Cue;
use Kindred\Document\Layer\Compound;
use Kindred\Document\Layer\Container;
use Kindred\Document\Layer\Content;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Group;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\InParts;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\Kinds;
use Kindred\Document\Layer\LayerContent;
use Kindred\Document\Layer\LineLayer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layout\Pins;
use Kindred\Document\Layout\Position;
use Kindred\Document\Layout\Size;
use Kindred\Document\Layout\Sizing;
use Kindred\Document\Style\BlendMode;
use Kindred\Document\Style\Corners;
use Kindred\Document\Style\Effect;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Isolation;
use Kindred\Document\Style\Mask;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Token\Token;
use Kindred\Geometry\Algebra\Operation;
use Kindred\Geometry\Box;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Properties;

/**
 * One thing on a screen, or loose on the wall when `screen` is null.
 *
 * The box is relative to the parent layer, or to the screen; rotation is in degrees, clockwise
 * about the middle of the box; opacity runs from 0 to 1. In a stack the box is what the layout gives;
 * `sizing` says how it comes about. `pins` say how the box follows its parent's size; null leaves that to
 * what the parent is. A text's fill is the colour of its words,
 * an icon's fill the colour of its strokes.
 */
final readonly class Layer implements Thing
{
    use Declared;
    use HasCues;

    public const MAX_EFFECTS = 16;

    /** What says where in the tree it is. */
    private const PLACE = ['id' => true, 'screen' => true, 'parent' => true, 'rank' => true];

    /**
     * @param  list<Fill>  $fills
     * @param  list<Stroke>  $strokes
     * @param  list<Effect>  $effects
     * @param  list<Cue>  $cues
     * @param  list<Mask>  $masks  all of which it shows through
     * @param  bool  $masking  whether it is not painted, but masks all else that lies in its group: that is seen where it would be painted (CSS Masking 1)
     * @param  Operation  $operation  how, as a part of a compound, it is put together with those below it
     * @param  array<string, string>  $bound  the tokens whose values it has, by the paths of its properties; those of fills, strokes and effects stand in these
     * @param  string|null  $lineage  the layer of which this is the same in another take or condition of its screen
     */
    public function __construct(
        #[Is\Id(field: false, affects: Is\Affects::Layout)] public string $id,
        #[Is\Id(field: false, affects: Is\Affects::Layout)] public ?string $screen,
        #[Is\Id(field: false, affects: Is\Affects::Layout)] public ?string $parent,
        #[Is\Words(Screen::MAX_RANK, empty: false, field: false, affects: Is\Affects::Layout)] public string $rank,
        #[Is\Name(given: false, field: false, affects: Is\Affects::Nothing)] public string $name,
        #[Sides(need: [], affects: Is\Affects::Layout)] public Box $box,
        #[Content] public LayerContent $content,
        #[Is\Number(-360, 360, turn: 360, tries: ['-6', '0', '6', '90'], affects: Is\Affects::Layout)] public float $rotation = 0,
        #[Is\Number(0, 1, percent: true, look: true, tries: ['100%', '75%', '50%', '25%'], affects: Is\Affects::Paint)] public float $opacity = 1,
        #[Is\Flag(field: false, affects: Is\Affects::Nothing)] public bool $locked = false,
        #[Is\Flag(field: false, affects: Is\Affects::Layout)] public bool $hidden = false,
        #[Is\Records(Fill::class, 16, look: true, affects: Is\Affects::Paint)] public array $fills = [],
        #[Is\Records(Stroke::class, 16, look: true, affects: Is\Affects::Paint)] public array $strokes = [],
        #[Is\Record(label: 'corner radius', look: true, tries: ['0', '4', '8', '16', '28'], affects: Is\Affects::Paint)] public Corners $corners = new Corners,
        #[Is\Records(Cue::class, 50, field: false, affects: Is\Affects::Nothing)] public array $cues = [],
        #[Is\Record(sparse: true, overridable: false, affects: Is\Affects::Layout)] public Sizing $sizing = new Sizing,
        #[Is\Record(sparse: true, overridable: false, affects: Is\Affects::Layout)] public ?Pins $pins = null,
        #[Is\Id(to: self::class, sparse: true, field: false, affects: Is\Affects::Nothing)] public ?string $lineage = null,
        #[Is\Records(Effect::class, self::MAX_EFFECTS, look: true, sparse: true, affects: Is\Affects::Paint)] public array $effects = [],
        #[Is\Choice(label: 'blend mode', look: true, sparse: true, affects: Is\Affects::Paint)] public BlendMode $blend = BlendMode::Normal,
        #[Is\Choice(label: 'isolation', look: true, sparse: true, affects: Is\Affects::Paint)] public Isolation $isolation = Isolation::Auto,
        #[Is\Records(Mask::class, 8, look: true, sparse: true, affects: Is\Affects::Paint)] public array $masks = [],
        #[Is\Flag(label: 'masking', overridable: false, sparse: true, affects: Is\Affects::Layout)] public bool $masking = false,
        #[Is\Choice(label: 'operation', overridable: false, sparse: true, affects: Is\Affects::Layout)] public Operation $operation = Operation::Union,
        #[Is\Bound(Token::class, look: true, affects: Is\Affects::Nothing)] public array $bound = [],
        #[Is\Choice(label: 'place when it is scrolled', overridable: false, sparse: true, affects: Is\Affects::Paint)] public Position $position = Position::Static,
    ) {
    }

    /** Reads a layer; place in the tree and rank are the caller's where the data does not hold them. */
    public static function read(Reader $in, ?string $id = null, ?string $screen = null, ?string $parent = null, ?string $rank = null): self
    {
        $content = Kinds::read($in);
        $sizing = $in->has('sizing') ? Sizing::read($in->object('sizing')) : new Sizing;
        $place = ($id === null ? [] : ['id' => $id]) + ($rank === null ? [] : ['screen' => $screen, 'parent' => $parent, 'rank' => $rank]);
        $name = $in->has('name') ? [] : ['name' => $content instanceof Text ? Text::title($content->words) : ucfirst($content::kind())];

        return self::of($in, $place + $name + ['box' => self::readBox($in, $content, $sizing), 'content' => $content, 'sizing' => $sizing]);
    }

    public function called(): string
    {
        return $this->name;
    }

    public function kind(): string
    {
        return $this->content::kind();
    }

    /** What it is called across the takes and conditions of its screen. */
    public function descent(): string
    {
        return $this->lineage ?? $this->id;
    }

    /** The one colour that stands for its fills: that of the uppermost that is seen; null where none is. */
    public function colour(): ?Colour
    {
        return Fill::front($this->fills)?->colour();
    }

    public function isContainer(): bool
    {
        return $this->content instanceof Container;
    }

    /** With the ink in which words, icons and lines are painted that say nothing. */
    public function inked(): self
    {
        return match (true) {
            $this->fills === [] && ($this->content instanceof Text || $this->content instanceof Icon) => $this->with(fills: [Fill::solid(Colour::parse(Stroke::INK))]),
            $this->strokes === [] && $this->content instanceof LineLayer => $this->with(strokes: [Stroke::solid(Colour::parse(Stroke::INK))]),
            default => $this,
        };
    }

    /** The component that it is a use of; null of all else. */
    public function component(): ?string
    {
        return $this->content instanceof Instance ? $this->content->component : null;
    }

    /** @return list<string> the components that it shows, or that are shown in its copies instead of those in their design */
    public function components(): array
    {
        return $this->content instanceof Expanding ? $this->content->components() : [];
    }

    /** Whether it masks what lies with it, now that it shows. */
    public function masks(): bool
    {
        return $this->masking && ! $this->hidden && $this->parent !== null && isset($this->content->paint()['masking']);
    }

    /** Whether its shadows are those of all that it and what lies in it paints, not of its own shape. */
    public function castsAll(): bool
    {
        return in_array('spread', $this->content->paint()['effects'] ?? [], true);
    }

    /** Whether what lies in it is scrolled, and cut at its box. */
    public function scrolls(): bool
    {
        return $this->content instanceof Stack && $this->content->scroll->isOn();
    }

    public function isGroup(): bool
    {
        return $this->content instanceof Group;
    }

    /** Whether its box is drawn around what lies in it, and that follows its box: a group, or a compound. */
    public function fitsContent(): bool
    {
        return $this->content instanceof Group || $this->content instanceof Compound;
    }

    /** Whether the layer, a stack, gives this child its box: what is absolute or hidden takes no part. */
    public function lays(self $child): bool
    {
        return $this->content instanceof Stack && ! $child->sizing->absolute && ! $child->hidden;
    }

    /** Where its width comes from in a stack: by its own word, or by its kind. */
    public function widthFrom(): Size
    {
        return $this->sizing->width ?? self::usualWidth($this->content);
    }

    public function heightFrom(): Size
    {
        return $this->sizing->height ?? self::usualHeight($this->content);
    }

    /** The upright box that this layer takes up in its parent, rotation included. */
    public function bounds(): Box
    {
        return $this->box->turned($this->rotation);
    }

    /**
     * As toArray, but with what can be long in parts, each a property of its own.
     *
     * @param  Thing|null  $beside  parts that both have may be left out
     * @return array<string, mixed>
     */
    public function parts(?Thing $beside = null): array
    {
        $beside = $beside instanceof self ? $beside : null;

        return $this->content instanceof InParts
            ? Properties::of(self::class)->write($this, ['content' => true], $beside) + ['kind' => $this->kind()] + $this->content->parts($beside?->content)
            : Properties::of(self::class)->write($this, [], $beside);
    }

    /**
     * A layer from its parts as they were kept.
     *
     * @param  array<array-key, mixed>  $parts
     */
    public static function kept(array $parts): self
    {
        $class = Kinds::find($parts['kind'] ?? null);

        return self::read(Reader::kept($class !== null && is_a($class, InParts::class, true) ? $class::joined($parts) : $parts));
    }

    /** @return array<string, mixed> all but the id and the place in the tree */
    public function properties(): array
    {
        return Properties::of(self::class)->write($this, self::PLACE);
    }

    /** A place that is not given is the corner of the parent; a size may be left out where it follows from the content or the layout. */
    private static function readBox(Reader $in, LayerContent $content, Sizing $sizing): Box
    {
        $size = fn (string $key, Size $from): float => $from === Size::Length && ! $content instanceof Group && ! $content instanceof Compound ? $in->number($key, 0) : $in->numberOr($key, 0, 0);

        return new Box(
            $in->numberOr('x', 0),
            $in->numberOr('y', 0),
            $size('width', $sizing->width ?? self::usualWidth($content)),
            $size('height', $sizing->height ?? self::usualHeight($content)),
        );
    }

    private static function usualWidth(LayerContent $content): Size
    {
        return ($content instanceof Text && ! $content->wrapped) || $content instanceof Instance ? Size::Content : Size::Length;
    }

    private static function usualHeight(LayerContent $content): Size
    {
        return ($content instanceof Text && ! $content->keepsHeight()) || $content instanceof Expanding ? Size::Content : Size::Length;
    }
}
