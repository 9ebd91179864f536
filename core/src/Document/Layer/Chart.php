<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Chart\ChartForm;
use Kindred\Document\Chart\Curve;
use Kindred\Document\Chart\Legend;
use Kindred\Document\Chart\Points;
use Kindred\Document\Chart\Together;
use Kindred\Document\Chart\ValueLabels;
use Kindred\Document\Sheet\Column;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Sheet\Slot;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Type\LabelStyle;

/**
 * A chart of what stands in its data sheet: a row is a point, a column of values a series. The fills of its layer are the colours of the series in turn,
 * where there is one series of a ring those of its points. Every chart has all of these properties and uses those that its form has a
 * use for, so that one form can become another and lose nothing.
 *
 * `across` is whether bars run from left to right. `gap` is the share of the room of a point, or a ring of several, that stays free; `spacing` lies between
 * parts that would touch, px; `rounding` is the radius of their corners, px. `dots` are as wide as said, px. `thickness` is that of a bar of progress, px, as much as there is room for where null. Of
 * a ring `hole` is the share of the radius that is left out; angles are those of an `Ellipse`. The scale goes from `min` to `max`, where null from and to round numbers
 * about what there is, in about so many `steps`. `goal` is the value that is aimed at, unless a column says it of each point. Of series that are stacked as shares, ends and goals are in percent. Numbers are written with `before` and `after` around them,
 * with so many `decimals`, as many as they need where null.
 */
final readonly class Chart implements Composed, HasSheet, Lettered
{
    use Declared;
    use SheetInParts;

    /** How far from nought a scale may go. */
    public const MAX = 1e15;

    public const INK = '#4a4d4b';

    public const GRID = '#d9d6cd';

    /**
     * @param  Colour  $ink  of its words
     * @param  Colour  $grid  of its lines, and of what is not reached
     */
    public function __construct(
        #[Is\Parsed(200, label: 'colour of the labels', look: true, absent: [self::INK], affects: Is\Affects::Paint)] public Colour $ink,
        #[Is\Parsed(200, label: 'colour of the grid', look: true, absent: [self::GRID], affects: Is\Affects::Paint)] public Colour $grid,
        #[Is\Choice(label: 'form', affects: Is\Affects::Paint)] public ChartForm $form = ChartForm::Bars,
        #[Is\Record(field: false, affects: Is\Affects::Paint)] public Sheet $sheet = new Sheet,
        #[Is\Record(look: true, affects: Is\Affects::Paint)] public LabelStyle $style = new LabelStyle,
        #[Is\Flag(label: 'bars across', sparse: true, affects: Is\Affects::Paint)] public bool $across = false,
        #[Is\Choice(label: 'series together', sparse: true, affects: Is\Affects::Paint)] public Together $together = Together::Beside,
        #[Is\Choice(label: 'curve', look: true, sparse: true, affects: Is\Affects::Paint)] public Curve $curve = Curve::Straight,
        #[Is\Number(0, 100, label: 'line width', look: true, sparse: true, tries: ['1', '2', '3', '5'], affects: Is\Affects::Paint)] public float $lineWidth = 2.0,
        #[Is\Number(0, 200, label: 'dots', look: true, sparse: true, tries: ['0', '5', '8'], affects: Is\Affects::Paint)] public float $dots = 0.0,
        #[Is\Number(0, 1, percent: true, label: 'opacity of areas', look: true, sparse: true, affects: Is\Affects::Paint)] public float $areaOpacity = 0.3,
        #[Is\Number(0, 0.95, percent: true, label: 'gap of points', look: true, sparse: true, tries: ['10%', '30%', '50%'], affects: Is\Affects::Paint)] public float $gap = 0.3,
        #[Is\Number(0, 100, label: 'spacing', look: true, sparse: true, tries: ['0', '1', '2', '4'], affects: Is\Affects::Paint)] public float $spacing = 2.0,
        #[Is\Number(0, 1000, label: 'rounding', look: true, sparse: true, tries: ['0', '4', '8', '16', '28'], affects: Is\Affects::Paint)] public float $rounding = 0.0,
        #[Is\Number(0.5, 500, label: 'thickness', look: true, sparse: true, affects: Is\Affects::Paint)] public ?float $thickness = null,
        #[Is\Number(-360, 360, turn: 360, label: 'start', sparse: true, affects: Is\Affects::Paint)] public float $startAngle = 0.0,
        #[Is\Number(1, 360, label: 'sweep', sparse: true, tries: ['90', '180', '270', '360'], affects: Is\Affects::Paint)] public float $sweep = 360.0,
        #[Is\Number(0, 0.99, percent: true, label: 'hole', sparse: true, tries: ['0%', '40%', '60%', '80%'], affects: Is\Affects::Paint)] public float $hole = 0.62,
        #[Is\Number(-self::MAX, self::MAX, label: 'minimum', sparse: true, affects: Is\Affects::Paint)] public ?float $min = null,
        #[Is\Number(-self::MAX, self::MAX, label: 'maximum', sparse: true, affects: Is\Affects::Paint)] public ?float $max = null,
        #[Is\Flag(label: 'logarithmic scale', sparse: true, affects: Is\Affects::Paint)] public bool $logarithmic = false,
        #[Is\Whole(0, 20, label: 'steps of the scale', sparse: true, affects: Is\Affects::Paint)] public int $steps = 4,
        #[Is\Flag(label: 'lines of the grid', look: true, sparse: true, affects: Is\Affects::Paint)] public bool $gridLines = true,
        #[Is\Flag(label: 'labels of the scale', sparse: true, affects: Is\Affects::Paint)] public bool $scaleLabels = true,
        #[Is\Flag(label: 'labels of the points', sparse: true, affects: Is\Affects::Paint)] public bool $pointLabels = true,
        #[Is\Choice(label: 'labels of the values', sparse: true, affects: Is\Affects::Paint)] public ValueLabels $valueLabels = ValueLabels::None,
        #[Is\Choice(label: 'legend', sparse: true, affects: Is\Affects::Paint)] public Legend $legend = Legend::None,
        #[Is\Number(-self::MAX, self::MAX, label: 'goal', sparse: true, affects: Is\Affects::Paint)] public ?float $goal = null,
        #[Is\Words(20, label: 'before numbers', sparse: true, affects: Is\Affects::Paint)] public string $before = '',
        #[Is\Words(20, label: 'after numbers', sparse: true, affects: Is\Affects::Paint)] public string $after = '',
        #[Is\Whole(0, 6, label: 'decimals', sparse: true, affects: Is\Affects::Paint)] public ?int $decimals = null,
    ) {
    }

    public static function kind(): string
    {
        return 'chart';
    }

    public static function plain(ChartForm $form, Sheet $sheet = new Sheet): self
    {
        return new self(Colour::parse(self::INK), Colour::parse(self::GRID), $form, $sheet);
    }

    public static function read(Reader $in): self
    {
        $chart = self::of($in);
        if ($chart->min !== null && $chart->max !== null && $chart->max <= $chart->min) {
            $in->fail('max', 'the maximum of a scale must lie above its minimum');
        }

        return $chart;
    }

    /** Whether a property of it shows in its form; shares of a whole are spaced evenly. */
    public function uses(string $property): bool
    {
        return in_array($property, $this->form->uses(), true)
            && ! ($property === 'logarithmic' && $this->together === Together::Shares && $this->uses('together'));
    }

    public function paint(): array
    {
        return ['fills' => [], 'effects' => self::ALPHA];
    }

    public function withSheet(Sheet $sheet): static
    {
        return $this->with(sheet: $sheet);
    }

    /** The first column of words says what points are called; one of numbers is a series. */
    public function column(string $id, string $name, array $values): Column
    {
        $full = array_filter($values, fn (string $value): bool => trim($value) !== '');
        $numbers = array_filter($full, fn (string $value): bool => Points::number($value) !== null);
        $labelled = array_filter($this->sheet->columns, fn (Column $one): bool => $one->slot === Slot::Label) !== [];

        return new Column($id, $name, match (true) {
            count($numbers) * 2 >= count($full) => Slot::Value,
            ! $labelled => Slot::Label,
            default => Slot::Words,
        });
    }

    /**
     * With the numbers of its first series replaced, and as many points.
     *
     * @param  list<float>  $numbers
     */
    public function showing(array $numbers): self
    {
        $column = array_values(array_filter($this->sheet->columns, fn (Column $one): bool => $one->slot === Slot::Value))[0] ?? new Column('values', 'Values', Slot::Value);
        $rows = array_map(fn (float $number, int $i): Row => ($this->sheet->rows[$i] ?? Row::of("fed{$i}row"))->with($column->id, (string) $number), $numbers, array_keys($numbers));

        return $this->with(sheet: $this->sheet->withColumn($column)->with(rows: array_slice($rows, 0, Sheet::MAX_ROWS)));
    }

    /** @return list<float|null> the numbers of its first series */
    public function numbers(): array
    {
        return Points::of($this->sheet)->series[0]->values ?? [];
    }

    public function families(): array
    {
        return [$this->style->family];
    }

    public function inFamily(string $by, string $instead): static
    {
        return $this->style->family === $by ? $this->with(style: $this->style->with(family: $instead)) : $this;
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this;
    }
}
