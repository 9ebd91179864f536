<?php

declare(strict_types=1);

namespace Tests;

use App\Canvas\Projects;
use App\Models\Project;
use App\Models\User;
use Database\Demo\FernhollowPottery;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Testing\TestResponse;

abstract class TestCase extends BaseTestCase
{
    /** The demo project in somebody's account. */
    protected function demo(?User $owner = null): Project
    {
        return app(Projects::class)->import($owner ?? User::factory()->create(), FernhollowPottery::file());
    }

    /**
     * Sends an edit as its project's owner, or as somebody else.
     *
     * @param  array<string, mixed>  ...$commands
     */
    protected function edit(Project $project, int $base, array ...$commands): TestResponse
    {
        return $this->postJson("/projects/{$project->id}/edits", ['base' => $base, 'commands' => $commands]);
    }
}
