<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Canvas\Refused;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Kindred\Document\Missing;
use Kindred\Input\InvalidInput;

/** What went wrong, said to people: what happened, what was kept, what to do. */
final class Problems
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([InvalidInput::class, Missing::class, Refused::class]);
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->expectsJson() || $request->isJson());
        $exceptions->render(fn (InvalidInput $problem, Request $request): JsonResponse|RedirectResponse => self::answer($request, $problem->problem, 422, $problem->place));
        $exceptions->render(fn (Missing $problem, Request $request): JsonResponse|RedirectResponse => self::answer($request, $problem->getMessage(), 409));
        $exceptions->render(fn (Refused $problem, Request $request): JsonResponse|RedirectResponse => self::answer($request, $problem->getMessage(), 409));
        $exceptions->render(fn (ValidationException $problem, Request $request): JsonResponse|RedirectResponse|null => $request->expectsJson()
            ? self::answer($request, $problem->getMessage(), 422, (string) array_key_first($problem->errors()))
            : null);
    }

    private static function answer(Request $request, string $message, int $status, string $place = ''): JsonResponse|RedirectResponse
    {
        return $request->expectsJson() || $request->isJson()
            ? new JsonResponse(['message' => $message, 'place' => $place], $status)
            : back()->withInput()->withErrors(['problem' => ($place === '' ? '' : "{$place}: ").$message]);
    }
}
