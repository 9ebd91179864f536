<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Action;

use Kindred\Document\Cue\Action;
use Kindred\Document\Screen;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** Lays a screen over what is shown, as that screen says (`Screen::$over`). */
final readonly class LayOver implements Action
{
    use Declared;

    public function __construct(#[Is\Id(to: Screen::class)] public string $screen)
    {
    }

    public static function kind(): string
    {
        return 'lay-over';
    }

    public static function label(): string
    {
        return 'Lay a screen over';
    }

    public static function moves(): bool
    {
        return true;
    }
}
