<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Action;

use Kindred\Document\Cue\Action;
use Kindred\Document\Layer;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** Brings a layer of the screen into view. */
final readonly class ScrollTo implements Action
{
    use Declared;

    public function __construct(#[Is\Id(to: Layer::class)] public string $layer)
    {
    }

    public static function kind(): string
    {
        return 'scroll';
    }

    public static function label(): string
    {
        return 'Scroll to a layer';
    }

    public static function moves(): bool
    {
        return false;
    }
}
