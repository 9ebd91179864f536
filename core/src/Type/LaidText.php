<?php

declare(strict_types=1);

namespace Kindred\Type;

/** Words set in lines. Width and height in px; an empty text keeps the height of one line. */
final readonly class LaidText
{
    /**
     * @param  list<LaidLine>  $lines
     * @param  bool  $cut  whether there were more lines than are shown
     */
    public function __construct(
        public array $lines,
        public float $width,
        public float $height,
        public bool $cut = false,
    ) {
    }

    /** The width of a box for it, px: rounded up to hundredths, so that the words find room again at the width that is kept. */
    public function room(): float
    {
        return self::kept($this->width);
    }

    /** A width as it is kept. */
    public static function kept(float $width): float
    {
        return ceil(round($width * 100, 3)) / 100;
    }

    public function lowered(float $by): self
    {
        return $by === 0.0 ? $this : new self(array_map(fn (LaidLine $line): LaidLine => $line->moved(0.0, $by), $this->lines), $this->width, $this->height, $this->cut);
    }
}
