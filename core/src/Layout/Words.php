<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer\Text;
use Kindred\Layout\Flex\Measured;
use Kindred\Type\LaidText;
use Kindred\Type\Typesetter;

/** A text in a stack: `white-space: pre-wrap; overflow-wrap: anywhere`, or `pre` where it does not wrap. */
final class Words implements Measured
{
    private ?LaidText $free = null;

    private ?LaidText $laid = null;

    private float $at = -1.0;

    public function __construct(private readonly Typesetter $typesetter, private readonly Text $text)
    {
    }

    public function maxContent(): float
    {
        return $this->free()->room();
    }

    public function minContent(): float
    {
        return $this->text->wrapped
            ? LaidText::kept($this->typesetter->widestCluster($this->text->passage()))
            : $this->maxContent();
    }

    public function height(float $width): float
    {
        if (! $this->text->wrapped || $width >= $this->free()->width) {
            return $this->free()->height;
        }
        if ($this->laid === null || $this->at !== $width) {
            $this->at = $width;
            $this->laid = $this->typesetter->set($this->text->passage(), $width);
        }

        return $this->laid->height;
    }

    public function baseline(): float
    {
        return $this->free()->lines[0]->baseline;
    }

    private function free(): LaidText
    {
        return $this->free ??= $this->typesetter->set($this->text->passage(), null);
    }
}
