<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Action;

use Kindred\Document\Cue\Action;
use Kindred\Document\Cue\Setting;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** Gives another value to what a widget holds. */
final readonly class SetValue implements Action
{
    use Declared;

    /**
     * @param  string  $signal  its name
     * @param  string  $value  what it is set to: of choices their labels with commas between, `on` or `off`, a day as `2026-05-01`, `today`; by how much; or a formula as between braces
     */
    public function __construct(
        #[Is\Words(80)] public string $signal,
        #[Is\Choice(absent: [Setting::To])] public Setting $how = Setting::To,
        #[Is\Words(500)] public string $value = '',
    ) {
    }

    public static function kind(): string
    {
        return 'value';
    }

    public static function label(): string
    {
        return 'Set a value';
    }

    public static function moves(): bool
    {
        return false;
    }
}
