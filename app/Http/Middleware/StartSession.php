<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Storage\NoRoom;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as Middleware;
use Symfony\Component\HttpFoundation\Response;

/**
 * Leaves the session as it is after requests for pictures. A page asks for many of them at once, and the
 * last to end would write back what it read at first: a message for the next page would be lost.
 *
 * A script that is told to sign in gets no cookie. Its answer may come after the person has signed in
 * elsewhere, and a cookie of a new session would sign them out again.
 */
final class StartSession extends Middleware
{
    public const PICTURES = ['asset', 'stills', 'thumbnail'];

    /** @param  Request  $request */
    public function handle($request, Closure $next): Response
    {
        $response = parent::handle($request, $next);
        if (in_array($response->getStatusCode(), [401, 419], true)) {
            foreach ($response->headers->getCookies() as $cookie) {
                $response->headers->removeCookie($cookie->getName(), $cookie->getPath(), $cookie->getDomain());
            }
        }

        return $response;
    }

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
