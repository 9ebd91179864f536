<?php

declare(strict_types=1);

namespace Kindred\Motion;

/**
 * One property of one screen over time: values at 0 and 1 of the duration.
 *
 * `translateX` is in widths and `translateY` in heights of the frame, `opacity` runs from 0 to 1.
 */
final readonly class Track
{
    public function __construct(
        public Subject $subject,
        public string $property,
        public float $from,
        public float $to,
    ) {
    }

    /** @return array{subject: string, property: string, times: list<float>, values: list<float>} */
    public function toArray(): array
    {
        return ['subject' => $this->subject->value, 'property' => $this->property, 'times' => [0.0, 1.0], 'values' => [$this->from, $this->to]];
    }
}
