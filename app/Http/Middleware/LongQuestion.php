<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A question about many layers is longer than an address may be, of which the web server takes 8 kB. Then it comes as a form, marked by a
 * header, and is answered as the same question in an address is (`resources/ts/question.ts`).
 */
final class LongQuestion
{
    public const HEADER = 'Kindred-Question';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethod('POST') && $request->headers->has(self::HEADER)) {
            $request->query->replace($request->request->all());
            $request->request->replace();
            $request->setMethod('GET');
        }

        return $next($request);
    }
}
