<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

/** How far something has come at a share of its time. */
interface EasingFunction
{
    /** As it is typed and written. */
    public function text(): string;

    /** As browsers play it: a value of CSS `animation-timing-function`. */
    public function css(): string;

    /**
     * @param  float  $progress  of the time, 0 to 1
     * @return float of the way; it may go beyond 0 to 1 between the ends
     */
    public function at(float $progress): float;

    /** What takes it back: at a time t it gives 1 - f(1 - t), so that what came to rest slowly sets off slowly (CSS Animations 1, section 4.6). */
    public function reversed(): self;

    /** How long it takes of itself, ms; null for as long as it is given. */
    public function settles(): ?int;
}
