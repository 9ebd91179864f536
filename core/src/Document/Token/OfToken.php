<?php

declare(strict_types=1);

namespace Kindred\Document\Token;

use Kindred\Property\Inlined;

/** The value of a token, of one of the types that there are. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class OfToken extends Inlined
{
    public function __construct(mixed ...$more)
    {
        parent::__construct(TokenValue::ALL, false, ...$more);
    }
}
