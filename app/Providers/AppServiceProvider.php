<?php

declare(strict_types=1);

namespace App\Providers;

use App\Canvas\CompiledIcons;
use App\Canvas\KeptHeights;
use App\Fonts\Fonts;
use App\Models\Project;
use App\Policies\ProjectPolicy;
use App\Storage\DurableSessions;
use App\Storage\SpareStore;
use Illuminate\Cache\CacheManager;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Filesystem\Filesystem as Files;
use Illuminate\Http\Request;
use Illuminate\Session\SessionManager;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Kindred\Document\Layer\IconBook;
use Kindred\Document\Layer\IconSource;
use Kindred\Layout\Cells;
use Kindred\Layout\HeightMemory;
use Kindred\Layout\Relayout;
use Kindred\Layout\Shapes;
use Kindred\Type\CompiledFaces;
use Kindred\Type\FaceBook;
use Kindred\Type\FaceSource;
use Kindred\Type\OwnFonts;
use Kindred\Type\Typesetter;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(FaceSource::class, fn (): CompiledFaces => new CompiledFaces(config('kindred.compiled')));
        $this->app->singleton(IconBook::class, fn (): IconBook => new IconBook(new CompiledIcons(config('kindred.compiled'))));
        $this->app->alias(IconBook::class, IconSource::class);
        $this->app->singleton(OwnFonts::class, Fonts::class);
        $this->app->singleton(FaceBook::class, fn (): FaceBook => new FaceBook(app(FaceSource::class), fonts: app(OwnFonts::class)));
        $this->app->bind(HeightMemory::class, KeptHeights::class);
        $this->app->singleton(Cells::class, fn (): Cells => Relayout::cells(app(Typesetter::class), app(Shapes::class), app(HeightMemory::class)));
        $this->app->resolving('cache', fn (CacheManager $cache) => $cache->extend('file', fn (Application $app, array $config) => $cache->repository(new SpareStore(new Files, $config['path']), $config)));
        $this->app->resolving('session', fn (SessionManager $sessions) => $sessions->extend('file', fn (): DurableSessions => new DurableSessions(
            new Files, storage_path('framework/sessions'), (int) config('session.lifetime'),
        )));
    }

    public function boot(): void
    {
        Gate::policy(Project::class, ProjectPolicy::class);
        RateLimiter::for('sign-in', fn (Request $request): array => [
            Limit::perMinute(10)->by((is_string($request->input('email')) ? mb_strtolower($request->input('email')) : '').'|'.$request->ip()),
            Limit::perMinute(60)->by((string) $request->ip()),
        ]);
    }
}
