<?php

declare(strict_types=1);

namespace Kindred\Type;

/** One laid line: its characters, where its baseline starts and how wide it is, in px from the text's corner. */
final readonly class LaidLine
{
    /**
     * @param  float  $bottom  where its line box ends
     * @param  float  $indent  how far its room stands in where it begins to be read
     * @param  list<LaidRun>  $runs  what is set in its own way, from left to right; none where all of the line is as the text is
     * @param  LaidRun|null  $marker  what stands before it, as a line of a list
     * @param  bool  $rightToLeft  whether its paragraph is read from right to left: it stands in on the right, its marker after it
     */
    public function __construct(
        public string $text,
        public float $x,
        public float $baseline,
        public float $width,
        public float $bottom,
        public float $indent = 0.0,
        public array $runs = [],
        public ?LaidRun $marker = null,
        public bool $rightToLeft = false,
    ) {
    }

    /** Where it begins in a room, px, for a share of the free room before it. */
    public function begins(float $room, float $share): float
    {
        return ($this->rightToLeft ? 0.0 : $this->indent) + max(0.0, $room - $this->indent - $this->width) * $share;
    }

    /** @return list<LaidRun> its words by how they are set, from left to right */
    public function runs(TextStyle $style): array
    {
        return $this->runs === [] ? [new LaidRun($this->text, $this->x, $this->width, new Setting($style))] : $this->runs;
    }

    /** @return list<LaidRun> all that is drawn of it, the marker first */
    public function drawn(TextStyle $style): array
    {
        return [...($this->marker === null ? [] : [$this->marker]), ...$this->runs($style)];
    }

    public function moved(float $across, float $down): self
    {
        $runs = array_map(fn (LaidRun $run): LaidRun => $run->moved($across), $this->runs);

        return new self($this->text, $this->x + $across, $this->baseline + $down, $this->width, $this->bottom + $down, $this->indent, $runs, $this->marker?->moved($across), $this->rightToLeft);
    }
}
