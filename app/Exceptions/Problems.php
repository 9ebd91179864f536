<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Canvas\Refused;
use App\Http\Middleware\StartSession;
use App\Storage\Busy;
use App\Storage\NoRoom;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Kindred\Document\Missing;
use Kindred\Input\InvalidInput;
use PDOException;
use Symfony\Component\HttpFoundation\Response as BaseResponse;

/** What went wrong, said to people: what happened, what was kept, what to do. */
final class Problems
{
    /** Characters of a field that are shown again beside what is wrong with it. */
    private const SHOWN_AGAIN = 2_000;

    private static ?string $number = null;

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([InvalidInput::class, Missing::class, Refused::class, Busy::class]);
        $exceptions->context(fn (): array => ['number' => self::number()]);
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => self::wantsJson($request));
        $exceptions->render(fn (InvalidInput $problem, Request $request) => self::answer($request, $problem->problem, 422, $problem->place));
        $exceptions->render(fn (Missing $problem, Request $request) => self::answer($request, $problem->getMessage(), 409));
        $exceptions->render(fn (Refused $problem, Request $request) => self::answer($request, $problem->getMessage(), 409, $problem->place));
        $exceptions->render(fn (NoRoom $problem, Request $request) => self::answer($request, $problem->getMessage(), 507));
        $exceptions->render(fn (Busy $problem, Request $request) => self::answer($request, $problem->getMessage(), 503, again: true));
        $exceptions->render(fn (ValidationException $problem, Request $request) => self::answer(
            $request, (string) collect($problem->errors())->flatten()->first(), 422, (string) array_key_first($problem->errors()), errors: $problem->errors(),
        ));
        // Neither a panel nor a picture is ever filled with the page on which one signs in.
        $exceptions->render(fn (AuthenticationException $problem, Request $request) => $request->hasHeader('HX-Request') || $request->routeIs(...StartSession::PICTURES) ? response('', 401, ['HX-Reswap' => 'none']) : null);
        $exceptions->render(fn (PDOException $problem, Request $request) => self::ofDatabase($request, $problem));
        $exceptions->respond(fn (BaseResponse $response, \Throwable $problem, Request $request): BaseResponse => $response->getStatusCode() === 500 && self::wantsJson($request)
            ? self::answer($request, 'Something went wrong in the server. Nothing was changed; what was saved before is kept. If it happens again, quote the number '.self::number().'.', 500)
            : $response);
    }

    /** By which what went wrong is found in the log. */
    public static function number(): string
    {
        return self::$number ??= strtoupper(bin2hex(random_bytes(4)));
    }

    /**
     * Where a form goes back to when something is wrong with it: the page of ours that it stood on. Never elsewhere, and
     * never to what was just asked for.
     */
    public static function pageBefore(Request $request): string
    {
        $before = (string) $request->headers->get('referer');
        $ours = str_starts_with($before, $request->getSchemeAndHttpHost().'/');

        return $ours && ! ($request->isMethod('GET') && strtok($before, '#') === $request->fullUrl()) ? $before : route($request->user() === null ? 'sign-in' : 'shelf');
    }

    /** What the database could not do, as far as it says why (error numbers of MariaDB). */
    private static function ofDatabase(Request $request, PDOException $problem): JsonResponse|RedirectResponse|Response|null
    {
        return match ((int) ($problem->errorInfo[1] ?? $problem->getPrevious()?->getCode() ?? $problem->getCode())) {
            1205, 1213, 1020, 1047 => self::answer($request, 'Others were writing at the same place without a pause. Nothing was changed; try it again.', 409, again: true),
            1040, 1053, 1129, 1927, 2002, 2003, 2006, 2013 => self::answer($request, 'The database does not answer at the moment. Nothing was changed; try it again.', 503, again: true),
            3, 28, 1021, 1026, 1030, 1114 => self::answer($request, NoRoom::for('this')->getMessage(), 507),
            1153 => self::answer($request, 'That is too much for one step; do it in parts. Nothing was changed.', 422),
            default => null,
        };
    }

    private static function wantsJson(Request $request): bool
    {
        return $request->expectsJson() || $request->isJson();
    }

    /** @param  array<string, list<string>>|null  $errors  by field, for a form */
    private static function answer(Request $request, string $message, int $status, string $place = '', bool $again = false, ?array $errors = null): JsonResponse|RedirectResponse|Response
    {
        if (self::wantsJson($request)) {
            return new JsonResponse(['message' => $message, 'place' => $place] + ($again ? ['again' => true] : []), $status);
        }
        if ($request->isMethodSafe() || $status >= 500) {
            return response()->view('errors.problem', ['message' => $message], $status);
        }
        $shown = array_filter($request->except('password', '_token'), fn (mixed $value): bool => is_string($value) && mb_strlen($value) <= self::SHOWN_AGAIN);

        return redirect()->to(self::pageBefore($request))->withInput($shown)->withErrors($errors ?? ['problem' => ($place === '' ? '' : "{$place}: ").$message]);
    }
}
