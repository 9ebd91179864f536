<?php

declare(strict_types=1);

namespace Kindred\Document\Grid;

use Kindred\Device\Device;
use Kindred\Geometry\Axis;
use Kindred\Geometry\Box;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * A layout grid over a screen. Lengths in px.
 *
 * Columns and rows: `count` tracks with a `gutter` between; without a `size` they share what the `margin` at
 * both sides leaves, with one they are so wide and stand in the middle (columns) or from the margin on (rows).
 * The others repeat every `size`, the baseline grid from the `margin` on; graph paper is bolder every `count`.
 */
final readonly class Grid implements Stored
{
    use Declared;

    /** Lines along an axis at most. */
    public const MAX_LINES = 4000;

    /** Tracks, or steps from one bold line of graph paper to the next, at most. */
    public const MAX_COUNT = 100;

    public function __construct(
        #[Is\Id(field: false)] public string $id,
        #[Is\Choice(field: false)] public GridKind $kind,
        #[Is\Whole(1, self::MAX_COUNT)] public int $count = 4,
        #[Is\Number(1, unit: ' px')] public ?float $size = null,
        #[Is\Number(0, unit: ' px', absent: [0.0])] public float $margin = 16,
        #[Is\Number(0, unit: ' px', absent: [0.0])] public float $gutter = 16,
        #[Is\Parsed(60)] public ?Colour $colour = null,
    ) {
    }

    /** Its own colour, or marigold, thin enough to look through. */
    public function paint(): Colour
    {
        return $this->colour ?? Colour::rgb(185, 122, 12, 0.16);
    }

    public static function read(Reader $in): self
    {
        $grid = self::of($in);

        return $grid->size === null && ! $grid->kind->hasTracks() ? $grid->with(size: 8.0) : $grid;
    }

    /** Columns as they are usual on a device: 4 on phones, 8 on tablets, 12 where there is a pointer, 2 on less. */
    public static function usual(string $id, GridKind $kind, Device $device): self
    {
        $count = match (true) {
            $device->width < 300 => 2,
            $device->width < 700 => 4,
            $device->width < 1200 => 8,
            default => 12,
        };
        $grid = new self($id, $kind, $count, margin: $count > 4 ? 24 : 16, gutter: $count > 4 ? 24 : 16);

        return match ($kind) {
            GridKind::Columns => $grid,
            GridKind::Rows => $grid->with(count: 8),
            GridKind::Baseline => $grid->with(size: 8.0, margin: 0.0),
            GridKind::Paper => $grid->with(count: 5, size: 8.0, margin: 0.0),
            GridKind::Squares, GridKind::Dots => $grid->with(size: 8.0, margin: 0.0),
        };
    }

    /** @return list<Box> the tracks of columns or rows on a screen of that size; others have none */
    public function tracks(float $width, float $height): array
    {
        if (! $this->kind->hasTracks()) {
            return [];
        }
        $length = $this->kind === GridKind::Columns ? $width : $height;
        $between = $this->gutter * ($this->count - 1);
        $size = $this->size ?? max(0.0, ($length - 2 * $this->margin - $between) / $this->count);
        $start = $this->size === null || $this->kind === GridKind::Rows ? $this->margin : ($length - $size * $this->count - $between) / 2;
        $tracks = [];
        for ($i = 0; $i < $this->count; $i++) {
            $at = $start + $i * ($size + $this->gutter);
            $tracks[] = $this->kind === GridKind::Columns ? new Box($at, 0, $size, $height) : new Box(0, $at, $width, $size);
        }

        return $tracks;
    }

    /** @return list<float> where layers come to rest along an axis */
    public function lines(Axis $axis, float $width, float $height): array
    {
        $length = $axis === Axis::X ? $width : $height;
        if ($this->kind->hasTracks()) {
            $along = $this->kind === GridKind::Columns ? Axis::X : Axis::Y;
            $lines = [];
            foreach ($axis === $along ? $this->tracks($width, $height) : [] as $track) {
                array_push($lines, $axis->start($track), $axis->end($track));
            }

            return $lines;
        }
        $size = $this->size ?? 8.0;
        $start = $this->kind === GridKind::Baseline ? $this->margin : 0.0;
        if (($this->kind === GridKind::Baseline && $axis === Axis::X) || ($length - $start) / $size > self::MAX_LINES) {
            return [];
        }

        return array_map(fn (int $i): float => $start + $i * $size, $length < $start ? [] : range(0, (int) floor(($length - $start) / $size)));
    }
}
