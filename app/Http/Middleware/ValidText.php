<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Foundation\Http\Middleware\TransformsRequest;

/** Text of forms and addresses is UTF-8, without white space around it; invalid bytes become the replacement character. */
final class ValidText extends TransformsRequest
{
    public function handle($request, Closure $next): mixed
    {
        // JSON that is read is UTF-8.
        return $request->isJson() ? $next($request) : parent::handle($request, $next);
    }

    protected function transform($key, $value): mixed
    {
        if (! is_string($value)) {
            return $value;
        }
        $text = mb_scrub($value, 'UTF-8');

        return $key === 'password' ? $text : trim($text);
    }
}
