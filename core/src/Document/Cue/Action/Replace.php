<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Action;

use Kindred\Document\Cue\Action;
use Kindred\Document\Screen;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** Shows a screen in the place of the one that is shown, or of the one that lies over it: one does not return to that. */
final readonly class Replace implements Action
{
    use Declared;

    public function __construct(#[Is\Id(to: Screen::class)] public string $screen)
    {
    }

    public static function kind(): string
    {
        return 'replace';
    }

    public static function label(): string
    {
        return 'Put another in its place';
    }

    public static function moves(): bool
    {
        return true;
    }
}
