<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Cue\Cue;
use Kindred\Document\Grid\Grid;
use Kindred\Document\Grid\Guides;
use Kindred\Geometry\Box;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;

/**
 * One application screen, hung on the wall.
 *
 * The box is its place on the wall in px. It is as wide as its device and may be taller than
 * the device's `view` (px); what lies below is scrolled to.
 */
final readonly class Screen
{
    use HasCues;
    use Withers;

    public const MIN_SIDE = 16.0;

    public const MAX_SIDE = 20_000.0;

    public const MAX_CRITERIA = 20;

    /**
     * @param  list<Cue>  $cues
     * @param  list<Grid>  $grids
     * @param  Finish|null  $finish  null for that of the project
     * @param  Take|null  $take  null where it has one version only
     * @param  list<string>  $criteria  by which its takes are judged
     * @param  Condition|null  $condition  the situation that it is a version for
     * @param  bool  $gone  whether it was deleted: it and its layers are as if they were not there, and can be brought back
     * @param  string|null  $conditionOf  the screen that it is a version of; null where the others are versions of it
     */
    public function __construct(
        public string $id,
        public string $rank,
        public string $name,
        public string $device,
        public Box $box,
        public float $view,
        public Colour $ground,
        public array $cues = [],
        public array $grids = [],
        public Guides $guides = new Guides,
        public ?Finish $finish = null,
        public ?Take $take = null,
        public array $criteria = [],
        public ?Condition $condition = null,
        public ?string $conditionOf = null,
        public ?Tracing $tracing = null,
        public bool $gone = false,
    ) {
    }

    /** Whether it hangs on the wall; takes that are not the keeper do not. */
    public function hangs(): bool
    {
        return $this->take?->of === null;
    }

    public static function read(Reader $in, ?string $rank = null): self
    {
        $box = new Box(
            $in->number('x'),
            $in->number('y'),
            $in->number('width', self::MIN_SIDE, self::MAX_SIDE),
            $in->number('height', self::MIN_SIDE, self::MAX_SIDE),
        );

        return new self(
            $in->id('id'),
            $rank ?? $in->string('rank', 120, false),
            $in->name('name'),
            $in->string('device', 40, false),
            $box,
            $in->numberOr('view', $box->height, self::MIN_SIDE, self::MAX_SIDE),
            Colour::parse($in->has('ground') ? $in->string('ground', 60) : '#ffffff', $in->at('ground')),
            $in->list('cues', Cue::read(...), 0, 50),
            $in->list('grids', Grid::read(...), 0, 12),
            $in->has('guides') ? Guides::read($in->object('guides')) : new Guides,
            $in->has('finish') ? $in->enum('finish', Finish::class) : null,
            $in->has('take') ? Take::read($in->object('take')) : null,
            $in->strings('criteria', 100, self::MAX_CRITERIA),
            $in->has('condition') ? $in->enum('condition', Condition::class) : null,
            $in->optionalId('conditionOf'),
            $in->has('tracing') ? Tracing::read($in->object('tracing')) : null,
            $in->boolean('gone', false),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['id' => $this->id, 'rank' => $this->rank] + $this->properties();
    }

    /** @return array<string, mixed> all but the id and the rank */
    public function properties(): array
    {
        return [
            'name' => $this->name,
            'device' => $this->device,
            'x' => $this->box->x,
            'y' => $this->box->y,
            'width' => $this->box->width,
            'height' => $this->box->height,
            'view' => $this->view,
            'ground' => $this->ground->toHex(),
            'cues' => array_map(fn (Cue $cue): array => $cue->toArray(), $this->cues),
            'grids' => array_map(fn (Grid $grid): array => $grid->toArray(), $this->grids),
            'guides' => $this->guides->toArray(),
            'finish' => $this->finish?->value,
            'take' => $this->take?->toArray(),
            'criteria' => $this->criteria,
            'condition' => $this->condition?->value,
            'conditionOf' => $this->conditionOf,
            'tracing' => $this->tracing?->toArray(),
        ] + ($this->gone ? ['gone' => true] : []);
    }
}
