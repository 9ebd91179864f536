<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Input\Reader;

/** A straight line across its box: from the top left to the bottom right, or rising from the bottom left. */
final readonly class Line implements LayerContent
{
    public function __construct(public bool $rising = false)
    {
    }

    public static function kind(): string
    {
        return 'line';
    }

    public static function read(Reader $in): self
    {
        return new self($in->boolean('rising', false));
    }

    public function toArray(): array
    {
        return ['rising' => $this->rising];
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this;
    }
}
