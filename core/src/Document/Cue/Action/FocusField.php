<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Action;

use Kindred\Document\Cue\Action;
use Kindred\Document\Layer;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** Gives the focus to a field of the screen. */
final readonly class FocusField implements Action
{
    use Declared;

    public function __construct(#[Is\Id(to: Layer::class)] public string $layer)
    {
    }

    public static function kind(): string
    {
        return 'focus';
    }

    public static function label(): string
    {
        return 'Put the caret in a field';
    }

    public static function moves(): bool
    {
        return false;
    }
}
