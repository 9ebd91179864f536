<?php

declare(strict_types=1);

namespace Kindred\Type;

/** Words of a laid line that are set alike: where they start and how wide they are, in px from the text's corner. */
final readonly class LaidRun
{
    public function __construct(public string $text, public float $x, public float $width, public Setting $setting)
    {
    }

    public function moved(float $across): self
    {
        return new self($this->text, $this->x + $across, $this->width, $this->setting);
    }
}
