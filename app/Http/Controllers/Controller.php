<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Http\Request;

abstract class Controller
{
    /** Who is signed in. */
    protected function person(Request $request): User
    {
        return $request->user() ?? abort(401);
    }

    /** A query value as text; nothing when there is none, or a list was sent in its place. */
    protected function asked(Request $request, string $key): string
    {
        $value = $request->query($key);

        return is_string($value) ? $value : '';
    }

    /** @return list<string> the values of a query that are parted by commas */
    protected function askedList(Request $request, string $key, int $max): array
    {
        return array_slice(array_values(array_filter(explode(',', $this->asked($request, $key)), fn (string $value): bool => $value !== '')), 0, $max);
    }
}
