<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Action;

use Kindred\Document\Cue\Action;
use Kindred\Document\Screen;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** Shows a screen, from which one can return. */
final readonly class Show implements Action
{
    use Declared;

    public function __construct(#[Is\Id(to: Screen::class)] public string $screen)
    {
    }

    public static function kind(): string
    {
        return 'show';
    }

    public static function label(): string
    {
        return 'Show a screen';
    }

    public static function moves(): bool
    {
        return true;
    }
}
