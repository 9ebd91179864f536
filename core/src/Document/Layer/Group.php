<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

final readonly class Group implements LayerContent
{
    use Plain;

    public static function kind(): string
    {
        return 'group';
    }
}
