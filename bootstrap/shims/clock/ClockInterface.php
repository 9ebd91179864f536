<?php

declare(strict_types=1);

namespace Symfony\Component\Clock;

/** The interface that the date library implements; PSR-20 with a sleep and a time zone. */
interface ClockInterface extends \Psr\Clock\ClockInterface
{
    public function sleep(float|int $seconds): void;

    public function withTimeZone(\DateTimeZone|string $timezone): static;
}
