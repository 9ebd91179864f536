<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

final readonly class Ellipse implements LayerContent
{
    use Plain;

    public static function kind(): string
    {
        return 'ellipse';
    }

    public function paint(): array
    {
        return ['fills' => [], 'strokes' => ['sides', ...self::NO_ENDS], 'effects' => ['top', 'right', 'bottom', 'left'], 'masking' => []];
    }
}
