<?php

declare(strict_types=1);

namespace Tests;

use App\Canvas\Answer;
use App\Canvas\Editor;
use App\Canvas\Projects;
use App\Models\Project;
use App\Models\User;
use Database\Demo\FernhollowPottery;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Testing\TestResponse;
use Kindred\Tests\Sample;

abstract class TestCase extends BaseTestCase
{
    /** The demo project in somebody's account. */
    protected function demo(?User $owner = null): Project
    {
        return app(Projects::class)->import($owner ?? User::factory()->create(), FernhollowPottery::file());
    }

    /** Signs in as the owner of the demo: `user`, `project` with its address `at`, and `edit` for commands as one step upon the latest. */
    protected function inDemo(): void
    {
        $this->seed();
        $this->user = User::query()->firstOrFail();
        $this->actingAs($this->user);
        $this->project = $this->user->projects()->where('name', 'Fernhollow Pottery')->firstOrFail();
        $this->at = "/projects/{$this->project->id}";
        $this->edit = fn (array ...$commands): Answer => app(Editor::class)->edit($this->project->fresh(), $this->user, array_map(Sample::command(...), $commands), $this->project->fresh()->sequence);
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
