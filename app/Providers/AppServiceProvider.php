<?php

declare(strict_types=1);

namespace App\Providers;

use App\Canvas\CompiledFaces;
use App\Canvas\CompiledIcons;
use App\Canvas\KeptHeights;
use App\Models\Project;
use App\Policies\ProjectPolicy;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Kindred\Layout\HeightMemory;
use Kindred\Layout\Relayout;
use Kindred\Render\IconSource;
use Kindred\Type\FaceBook;
use Kindred\Type\FaceSource;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(FaceSource::class, fn (): CompiledFaces => new CompiledFaces(config('kindred.compiled')));
        $this->app->singleton(IconSource::class, fn (): CompiledIcons => new CompiledIcons(config('kindred.compiled')));
        $this->app->singleton(FaceBook::class);
        $this->app->bind(HeightMemory::class, KeptHeights::class);
        $this->app->singleton(Relayout::class);
    }

    public function boot(): void
    {
        Gate::policy(Project::class, ProjectPolicy::class);
        RateLimiter::for('sign-in', fn (Request $request): array => [
            Limit::perMinute(10)->by($request->string('email')->lower().'|'.$request->ip()),
            Limit::perMinute(60)->by((string) $request->ip()),
        ]);
    }
}
