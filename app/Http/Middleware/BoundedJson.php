<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Kindred\Input\InvalidInput;
use Symfony\Component\HttpFoundation\Response;

/** Checks the size of JSON before it is read: a few megabytes of brackets take a hundred times as much memory. */
final class BoundedJson
{
    private const MAX_BYTES = 12 * 1024 * 1024;

    private const MAX_BRACKETS = 200_000;

    private const MAX_VALUES = 800_000;

    /** @throws InvalidInput */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isJson()) {
            $text = $request->getContent();
            if (strlen($text) > self::MAX_BYTES || substr_count($text, '[') + substr_count($text, '{') > self::MAX_BRACKETS || substr_count($text, ',') > self::MAX_VALUES) {
                throw new InvalidInput('', 'That is too much for one step; do it in parts. Nothing was changed.');
            }
        }

        return $next($request);
    }
}
