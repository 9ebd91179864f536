<?php

declare(strict_types=1);

namespace Kindred\Render;

/** What something shows through: the ids of a clip and of a mask, and the elements that they are. */
final readonly class Cut
{
    public function __construct(public ?string $clip = null, public ?string $mask = null, public string $defined = '')
    {
    }

    /** @return array{clip-path: string|null, mask: string|null} */
    public function attributes(): array
    {
        return ['clip-path' => $this->clip === null ? null : "url(#{$this->clip})", 'mask' => $this->mask === null ? null : "url(#{$this->mask})"];
    }
}
