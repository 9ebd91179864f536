<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Action;

use Kindred\Document\Cue\Action;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Type\Run;

/** Opens an address of the web in a window of its own. */
final readonly class OpenAddress implements Action
{
    use Declared;

    public function __construct(#[Is\Words(2000, empty: false, pattern: Run::LINK, otherwise: 'an address begins with https://, http://, mailto: or tel:')] public string $address)
    {
    }

    public static function kind(): string
    {
        return 'address';
    }

    public static function label(): string
    {
        return 'Open an address';
    }

    public static function moves(): bool
    {
        return false;
    }
}
