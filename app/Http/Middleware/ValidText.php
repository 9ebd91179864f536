<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Foundation\Http\Middleware\TransformsRequest;

/** Text of forms and addresses is UTF-8; what is none of it becomes the sign for what cannot be read. */
final class ValidText extends TransformsRequest
{
    public function handle($request, Closure $next): mixed
    {
        // JSON that is read is UTF-8.
        return $request->isJson() ? $next($request) : parent::handle($request, $next);
    }

    protected function transform($key, $value): mixed
    {
        return is_string($value) ? mb_scrub($value, 'UTF-8') : $value;
    }
}
