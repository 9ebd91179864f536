<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

final readonly class BoxLayer implements BoxShaped
{
    use Plain;

    public static function kind(): string
    {
        return 'box';
    }

    public function paint(): array
    {
        return ['fills' => [], 'strokes' => self::NO_ENDS, 'corners' => [], 'effects' => [], 'masking' => []];
    }
}
