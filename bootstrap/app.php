<?php

declare(strict_types=1);

use App\Exceptions\Problems;
use App\Http\Middleware\BoundedJson;
use App\Http\Middleware\ContentSecurityPolicy;
use App\Http\Middleware\LongQuestion;
use App\Http\Middleware\StartSession;
use App\Http\Middleware\ValidText;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Session\Middleware\StartSession as FrameworkStartSession;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withMiddleware(function (Middleware $middleware): void {
        // Nothing here is asked for from another origin.
        $middleware->remove(HandleCors::class);
        $middleware->append([ContentSecurityPolicy::class, BoundedJson::class]);
        $middleware->web(replace: [FrameworkStartSession::class => StartSession::class]);
        $middleware->redirectGuestsTo(fn (): string => route('sign-in'));
        $middleware->redirectUsersTo(fn (): string => route('shelf'));
        // What a person types into a layer is kept as typed.
        // The framework's own trimming looks for a pattern at every character, which adds up in large forms; ValidText trims in one pass.
        $middleware->remove(TrimStrings::class);
        $middleware->prepend([LongQuestion::class, ValidText::class]);
        $middleware->convertEmptyStringsToNull(except: [fn ($request): bool => $request->isJson()]);
    })
    ->withExceptions(fn (Exceptions $exceptions) => Problems::register($exceptions))
    ->create();

// All state of a running copy lives in one folder that git ignores.
$var = getenv('KINDRED_VAR') ?: dirname(__DIR__).'/var';
$app->useStoragePath($var.'/storage');
$app->useEnvironmentPath($var);

return $app;
