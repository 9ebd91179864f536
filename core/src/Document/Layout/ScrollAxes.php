<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

/** In which directions what lies in a container is scrolled: down to what is below, across to what is beside. */
enum ScrollAxes: string
{
    case None = 'none';
    case Down = 'down';
    case Across = 'across';
    case Both = 'both';

    public function isDown(): bool
    {
        return $this === self::Down || $this === self::Both;
    }

    public function isAcross(): bool
    {
        return $this === self::Across || $this === self::Both;
    }
}
