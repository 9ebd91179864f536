<?php

declare(strict_types=1);

namespace Kindred\Document;

/** A list of siblings: the layers right on a screen, loose on the wall (no screen), or in a group. */
final readonly class Place
{
    public function __construct(public ?string $screen, public ?string $parent = null)
    {
    }

    public static function of(Layer $layer): self
    {
        return new self($layer->screen, $layer->parent);
    }

    public function key(): string
    {
        return $this->parent ?? 'screen:'.($this->screen ?? '');
    }
}
