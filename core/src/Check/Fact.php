<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Document\Address;

/** What a screen has to say about something that others have too. */
final readonly class Fact
{
    /**
     * @param  string  $about  by which the same thing is known on other screens
     * @param  string  $descent  what the layer is called across the takes and conditions of its screen
     * @param  string  $called  as people know the layer
     * @param  array<string, string|float>  $says  plain values by what they are
     */
    public function __construct(public string $screen, public string $on, public Address $place, public string $about, public string $descent, public string $called, public array $says)
    {
    }

    public function number(string $name): float
    {
        return is_float($this->says[$name] ?? null) ? $this->says[$name] : 0.0;
    }

    public function text(string $name): string
    {
        return is_string($this->says[$name] ?? null) ? $this->says[$name] : '';
    }
}
