<?php

declare(strict_types=1);

namespace Kindred\Type;

/**
 * Words of a laid line that are set alike: where their left edge is and how wide they are, in px from the text's corner; whether they are read from right to left,
 * and the script of what stands before them, by its number in ICU.
 */
final readonly class LaidRun
{
    public function __construct(public string $text, public float $x, public float $width, public Setting $setting, public bool $rightToLeft = false, public int $script = 0)
    {
    }

    public function moved(float $across): self
    {
        return new self($this->text, $this->x + $across, $this->width, $this->setting, $this->rightToLeft, $this->script);
    }
}
