<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

final readonly class Group implements Container
{
    use Plain;

    public static function kind(): string
    {
        return 'group';
    }

    public function paint(): array
    {
        return ['effects' => self::ALPHA, 'isolation' => []];
    }
}
