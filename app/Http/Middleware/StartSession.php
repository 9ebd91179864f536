<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Storage\NoRoom;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as Middleware;

/**
 * Leaves the session as it is after requests for pictures. A page asks for many of them at once, and the
 * last to end would write back what it read at first: a message for the next page would be lost.
 */
final class StartSession extends Middleware
{
    private const PICTURES = ['asset', 'stills', 'thumbnail'];

    /** @param  Request  $request */
    protected function saveSession($request): void
    {
        if ($request->routeIs(...self::PICTURES)) {
            return;
        }
        try {
            parent::saveSession($request);
        } catch (NoRoom $problem) {
            // The request itself is done; only a person who has just signed in needs to be told.
            if ($request->is('sign-in*', 'register')) {
                throw $problem;
            }
            report($problem);
        }
    }
}
