<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Component\Component;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Grid\Grid;
use Kindred\Document\Grid\Guides;
use Kindred\Document\Token\Theme;
use Kindred\Document\Token\Token;
use Kindred\Document\Widget\WidgetLook;
use Kindred\Geometry\Box;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Properties;

/**
 * One application screen, hung on the wall.
 *
 * The box is its place on the wall in px. It is as wide as its device and may be taller than
 * the device's `view` (px); what lies below is scrolled to.
 */
final readonly class Screen implements Thing
{
    use Declared;
    use HasCues;
    use KeptWhole;

    public const MIN_SIDE = 16.0;

    public const MAX_SIDE = 20_000.0;

    public const MAX_CRITERIA = 20;

    public const MAX_READING = 60;

    /** Characters of a rank. */
    public const MAX_RANK = 120;

    /**
     * @param  list<Cue>  $cues
     * @param  list<Grid>  $grids
     * @param  Finish|null  $finish  null for that of the project
     * @param  Take|null  $take  null where it has one version only
     * @param  list<string>  $criteria  by which its takes are judged
     * @param  ScreenCondition|null  $condition  the situation that it is a version for
     * @param  bool  $gone  whether it was deleted: it and its layers are as if they were not there, and can be brought back
     * @param  array<string, string>  $bound  the tokens whose values it has, by the names of its properties
     * @param  string|null  $theme  whose values its tokens have; null for that of the project
     * @param  WidgetLook|null  $look  how widgets are dressed in the theme of its own; null for as in the project
     * @param  Component|null  $component  where it is no screen, but the sheet on which a component is designed
     * @param  string|null  $conditionOf  the screen that it is a version of; null where the others are versions of it
     * @param  Overlay|null  $over  how it lies over others; null for as most do
     * @param  list<string>  $reading  the addresses of layers in the order in which they are meant to be met; those that are not there are passed over
     */
    public function __construct(
        #[Is\Id(field: false, affects: Is\Affects::Nothing)] public string $id,
        #[Is\Words(self::MAX_RANK, empty: false, field: false, affects: Is\Affects::Nothing)] public string $rank,
        #[Is\Name(affects: Is\Affects::Nothing)] public string $name,
        #[Is\Words(40, empty: false, affects: Is\Affects::Layout)] public string $device,
        #[Sides(self::MIN_SIDE, self::MAX_SIDE, unit: ' px', affects: Is\Affects::Layout)] public Box $box,
        #[Is\Number(self::MIN_SIDE, self::MAX_SIDE, field: false, affects: Is\Affects::Paint)] public float $view,
        #[Is\Parsed(60, label: 'background', absent: ['#ffffff'], affects: Is\Affects::Paint)] public Colour $ground,
        #[Is\Records(Cue::class, 50, field: false, affects: Is\Affects::Nothing)] public array $cues = [],
        #[Is\Records(Grid::class, 12, field: false, affects: Is\Affects::Paint)] public array $grids = [],
        #[Is\Record(affects: Is\Affects::Paint)] public Guides $guides = new Guides,
        #[Is\Choice(affects: Is\Affects::Paint)] public ?Finish $finish = null,
        #[Is\Record(field: false, affects: Is\Affects::Nothing)] public ?Take $take = null,
        #[Is\Strings(100, self::MAX_CRITERIA, field: false, affects: Is\Affects::Nothing)] public array $criteria = [],
        #[Is\Choice(affects: Is\Affects::Nothing)] public ?ScreenCondition $condition = null,
        #[Is\Id(to: self::class, field: false, affects: Is\Affects::Nothing)] public ?string $conditionOf = null,
        #[Is\Record(affects: Is\Affects::Paint)] public ?Tracing $tracing = null,
        #[Is\Flag(sparse: true, field: false, affects: Is\Affects::Nothing)] public bool $gone = false,
        #[Is\Bound(Token::class, affects: Is\Affects::Nothing)] public array $bound = [],
        #[Is\Id(to: Theme::class, sparse: true, field: false, affects: Is\Affects::Nothing)] public ?string $theme = null,
        #[Is\Record(sparse: true, field: false, affects: Is\Affects::Paint)] public ?WidgetLook $look = null,
        #[Is\Record(sparse: true, field: false, affects: Is\Affects::Layout)] public ?Component $component = null,
        #[Is\Record(sparse: true, affects: Is\Affects::Nothing)] public ?Overlay $over = null,
        #[Is\Strings(900, self::MAX_READING, sparse: true, field: false, affects: Is\Affects::Nothing)] public array $reading = [],
    ) {
    }

    /** How much of its height is seen at once, px; what lies below is scrolled to. */
    public function seen(): float
    {
        return min($this->view, $this->box->height);
    }

    /** Whether it is one of the screens of the application, and not the sheet of a component. */
    public function isPlayed(): bool
    {
        return $this->component === null && $this->hangs();
    }

    /** Whether it hangs on the wall; takes that are not the keeper do not. */
    public function hangs(): bool
    {
        return $this->take?->of === null;
    }

    public static function read(Reader $in, ?string $rank = null): self
    {
        return self::of($in, ($rank === null ? [] : ['rank' => $rank]) + ($in->has('view') ? [] : ['view' => $in->number('height', self::MIN_SIDE, self::MAX_SIDE)]));
    }

    /**
     * The same where layers have other ids.
     *
     * @param  array<string, string>  $ids  new by old
     */
    public function renamed(array $ids): self
    {
        return $this->with(component: $this->component?->renamed($ids), cues: array_map(fn (Cue $cue): Cue => $cue->renamed($ids), $this->cues), reading: array_map(fn (string $one): string => (string) Address::of($one)->renamed($ids), $this->reading));
    }

    /** @return array<string, mixed> all but the id and the rank */
    public function properties(): array
    {
        return Properties::of(self::class)->write($this, ['id' => true, 'rank' => true]);
    }

    public function called(): string
    {
        return $this->name;
    }
}
