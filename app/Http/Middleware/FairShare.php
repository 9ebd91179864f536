<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Storage\Slots;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Keeps one account from taking all workers with slow requests: a few run at a time, a few more wait, others are told to repeat. */
final class FairShare
{
    private const AT_ONCE = 3;

    /** Together with those that wait. */
    private const IN_ALL = 8;

    /** Seconds. */
    private const PATIENCE = 30;

    /** @throws \App\Storage\Busy */
    public function handle(Request $request, Closure $next): Response
    {
        $id = $request->user()?->getAuthIdentifier() ?? 'guests';

        return Slots::take("in-{$id}", self::IN_ALL, 0, fn (): Response => Slots::take("at-{$id}", self::AT_ONCE, self::PATIENCE, fn (): Response => $next($request)));
    }
}
