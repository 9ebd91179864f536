<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Storage\NoRoom;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Refuses writes when the disk is nearly full: the database needs what is left. Reading goes on. */
final class RoomLeft
{
    /** @throws NoRoom */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethodSafe() && disk_free_space(storage_path()) < config('kindred.room')) {
            throw NoRoom::for('what you did last');
        }

        return $next($request);
    }
}
