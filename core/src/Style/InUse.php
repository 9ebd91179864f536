<?php

declare(strict_types=1);

namespace Kindred\Style;

use Kindred\Document\Token\Token;

/** A value that is in use. */
final readonly class InUse
{
    /** So many places of it are told. */
    public const PLACES = 200;

    /**
     * @param  mixed  $plain  as it is written
     * @param  string  $id  by which it is known in its aspect: its JSON
     * @param  int  $count  how many properties have it
     * @param  int  $raw  how many of these are bound to no token
     * @param  list<array{layer: string, screen: string|null}>  $places  layers that have it, or screens (an empty layer)
     * @param  list<Token>  $tokens  those that have it
     */
    public function __construct(public mixed $plain, public string $id, public string $shown, public int $count, public int $raw, public array $places, public array $tokens)
    {
    }
}
