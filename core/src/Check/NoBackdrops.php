<?php

declare(strict_types=1);

namespace Kindred\Check;

/** Nothing is known of pictures. */
final class NoBackdrops implements Backdrops
{
    public function behind(Scene $scene, Placed $one): array
    {
        return [];
    }
}
