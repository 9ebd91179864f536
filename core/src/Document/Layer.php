<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Cue\Cue;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Container;
use Kindred\Document\Layer\Group;
use Kindred\Document\Layer\InParts;
use Kindred\Document\Layer\Kinds;
use Kindred\Document\Layer\LayerContent;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layout\Pins;
use Kindred\Document\Layout\Size;
use Kindred\Document\Layout\Sizing;
use Kindred\Document\Style\Corners;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;
use Kindred\Geometry\Box;
use Kindred\Input\Reader;

/**
 * One thing on a screen, or loose on the wall when `screen` is null.
 *
 * The box is relative to the parent layer, or to the screen; rotation is in degrees, clockwise
 * about the middle of the box; opacity runs from 0 to 1. In a stack the box is what the layout gives;
 * `sizing` says how it comes about. `pins` say how the box follows its parent's size; null leaves that to
 * what the parent is. A text's fill is the colour of its words,
 * an icon's fill the colour of its strokes.
 */
final readonly class Layer
{
    use HasCues;
    use Withers;

    /**
     * @param  list<Fill>  $fills
     * @param  list<Cue>  $cues
     * @param  string|null  $lineage  the layer of which this is the same in another take or condition of its screen
     */
    public function __construct(
        public string $id,
        public ?string $screen,
        public ?string $parent,
        public string $rank,
        public string $name,
        public Box $box,
        public LayerContent $content,
        public float $rotation = 0,
        public float $opacity = 1,
        public bool $locked = false,
        public bool $hidden = false,
        public array $fills = [],
        public ?Stroke $stroke = null,
        public Corners $corners = new Corners,
        public array $cues = [],
        public Sizing $sizing = new Sizing,
        public ?Pins $pins = null,
        public ?string $lineage = null,
    ) {
    }

    /** Reads a layer; place in the tree and rank are the caller's where the data does not hold them. */
    public static function read(Reader $in, ?string $id = null, ?string $screen = null, ?string $parent = null, ?string $rank = null): self
    {
        $content = Kinds::read($in);
        $stroke = $in->optional('stroke');
        $corners = $in->optional('corners');
        $sizing = Sizing::read($in);

        return new self(
            id: $id ?? $in->id('id'),
            screen: $rank === null ? $in->optionalId('screen') : $screen,
            parent: $rank === null ? $in->optionalId('parent') : $parent,
            rank: $rank ?? $in->string('rank', 120, false),
            name: $in->has('name') ? $in->name('name') : ($content instanceof Text ? Text::title($content->words) : ucfirst($content::kind())),
            box: self::readBox($in, $content, $sizing),
            content: $content,
            rotation: $in->numberOr('rotation', 0, -360, 360),
            opacity: $in->numberOr('opacity', 1, 0, 1),
            locked: $in->boolean('locked', false),
            hidden: $in->boolean('hidden', false),
            fills: $in->list('fills', Fill::read(...), 0, 16),
            stroke: $stroke === null ? null : Stroke::read($stroke),
            corners: $corners === null ? new Corners : Corners::read($corners),
            cues: $in->list('cues', Cue::read(...), 0, 50),
            sizing: $sizing,
            pins: $in->has('pins') ? Pins::read($in->object('pins')) : null,
            lineage: $in->optionalId('lineage'),
        );
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

    public function isContainer(): bool
    {
        return $this->content instanceof Container;
    }

    public function isGroup(): bool
    {
        return $this->content instanceof Group;
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

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['id' => $this->id, 'screen' => $this->screen, 'parent' => $this->parent, 'rank' => $this->rank] + $this->properties();
    }

    /**
     * As toArray, but with what can be long in parts, each a property of its own.
     *
     * @param  self|null  $beside  parts that both have may be left out
     * @return array<string, mixed>
     */
    public function parts(?self $beside = null): array
    {
        $content = $this->content instanceof InParts ? $this->content->parts($beside?->content) : $this->content->toArray();

        return ['id' => $this->id, 'screen' => $this->screen, 'parent' => $this->parent, 'rank' => $this->rank] + $this->around($content);
    }

    /**
     * A layer from its parts as they were kept.
     *
     * @param  array<array-key, mixed>  $parts
     */
    public static function ofParts(array $parts): self
    {
        $class = Kinds::find($parts['kind'] ?? null);

        return self::read(Reader::kept($class !== null && is_a($class, InParts::class, true) ? $class::joined($parts) : $parts));
    }

    /** @return array<string, mixed> all but the id and the place in the tree */
    public function properties(): array
    {
        return $this->around($this->content->toArray());
    }

    /**
     * @param  array<string, mixed>  $content
     * @return array<string, mixed>
     */
    private function around(array $content): array
    {
        return [
            'kind' => $this->kind(),
            'name' => $this->name,
            'x' => $this->box->x,
            'y' => $this->box->y,
            'width' => $this->box->width,
            'height' => $this->box->height,
            'rotation' => $this->rotation,
            'opacity' => $this->opacity,
            'locked' => $this->locked,
            'hidden' => $this->hidden,
            'fills' => array_map(fn (Fill $fill): array => $fill->toArray(), $this->fills),
            'stroke' => $this->stroke?->toArray(),
            'corners' => $this->corners->toArray(),
            'cues' => array_map(fn (Cue $cue): array => $cue->toArray(), $this->cues),
        ] + $content + $this->following();
    }

    /** @return array<string, mixed> what holds where a parent lays out its content or changes its size, as far as it was said */
    private function following(): array
    {
        $sizing = $this->sizing->toArray();

        return ($sizing === [] ? [] : ['sizing' => $sizing]) + ($this->pins === null ? [] : ['pins' => $this->pins->toArray()]) + ($this->lineage === null ? [] : ['lineage' => $this->lineage]);
    }

    /** A place that is not given is the corner of the parent; a size may be left out where it follows from the content or the layout. */
    private static function readBox(Reader $in, LayerContent $content, Sizing $sizing): Box
    {
        $size = fn (string $key, Size $from): float => $from === Size::Length && ! $content instanceof Group ? $in->number($key, 0) : $in->numberOr($key, 0, 0);

        return new Box(
            $in->numberOr('x', 0),
            $in->numberOr('y', 0),
            $size('width', $sizing->width ?? self::usualWidth($content)),
            $size('height', $sizing->height ?? self::usualHeight($content)),
        );
    }

    private static function usualWidth(LayerContent $content): Size
    {
        return $content instanceof Text && ! $content->wrapped ? Size::Content : Size::Length;
    }

    private static function usualHeight(LayerContent $content): Size
    {
        return $content instanceof Text || $content instanceof ArrayLayer ? Size::Content : Size::Length;
    }
}
