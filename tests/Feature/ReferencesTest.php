<?php

declare(strict_types=1);

use App\Canvas\Projects;
use App\Canvas\References;
use App\Models\Project;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Kindred\Document\Entity;

beforeEach(function (): void {
    $this->user = User::factory()->create();
    $this->actingAs($this->user);
    $this->project = app(Projects::class)->import($this->user, (string) file_get_contents(base_path('core/tests/fixtures/version-1/fernhollow.kindred.json')));
    $this->recorded = fn (Project $project): array => DB::table('refers')->where('project_id', $project->id)->orderBy('entity')->orderBy('id')->orderBy('path')->get(['entity', 'id', 'path', 'kind', 'target'])->map(fn (object $row): string => implode(' ', (array) $row))->all();
});

it('records what an imported project names, the same as is found in its rows, and in a copy of it', function (): void {
    $recorded = ($this->recorded)($this->project);
    expect($recorded)->not->toBe([]);
    app(References::class)->record($this->project);
    expect(($this->recorded)($this->project))->toBe($recorded);
    $copy = app(Projects::class)->duplicate($this->project);
    expect(($this->recorded)($copy))->toBe($recorded);
});

it('finds what leads to a screen, and nothing that was deleted', function (): void {
    $screens = DB::table('screens')->where('project_id', $this->project->id)->where('gone', false)->pluck('id')->all();
    $to = fn (string $screen): array => app(References::class)->to($this->project, Entity::Screen, [$screen], 'cues', 50);
    $linking = DB::table('refers')->where(['project_id' => $this->project->id, 'entity' => 'layer', 'kind' => 'screen'])->first();
    expect(array_column($to($linking->target), 'id'))->toContain($linking->id);
    $from = DB::table('layers')->where(['project_id' => $this->project->id, 'id' => $linking->id])->value('screen');
    $this->edit($this->project, 0, ['type' => 'delete-screens', 'screens' => [$from]])->assertOk();
    expect(array_column($to($linking->target), 'id'))->not->toContain($linking->id);
    $this->post("/projects/{$this->project->id}/undo")->assertOk();
    expect(array_column($to($linking->target), 'id'))->toContain($linking->id);
    // A copy of the project has none of what was deleted.
    $this->edit($this->project, 2, ['type' => 'delete-screens', 'screens' => [$from]])->assertOk();
    expect(array_filter(($this->recorded)(app(Projects::class)->duplicate($this->project->fresh())), fn (string $row): bool => str_starts_with($row, "layer {$linking->id} ")))->toBe([])
        ->and(count($screens))->toBeGreaterThan(1);
});

it('says in the facets of a screen what leads to it', function (): void {
    $linking = DB::table('refers')->where(['project_id' => $this->project->id, 'entity' => 'layer', 'kind' => 'screen'])->first();
    $this->get("/projects/{$this->project->id}/facets?screen={$linking->target}&layers=")->assertOk()->assertSee('Led to by')->assertSee('data-layer="'.$linking->id.'"', false);
    // However many requirements name it, and however many cues one layer has.
    $this->edit($this->project, 0, ...array_map(fn (int $i): array => ['type' => 'put-entry', 'entry' => ['id' => "plan{$i}", 'part' => 'plan', 'title' => "Plan {$i}", 'screen' => $linking->target]], range(1, 30)))->assertOk();
    $from = DB::table('layers')->where(['project_id' => $this->project->id, 'id' => $linking->id])->value('screen');
    $this->edit($this->project, 1, ['type' => 'put-cue', 'screen' => $from, 'layer' => $linking->id, 'cue' => ['id' => 'again', 'trigger' => ['kind' => 'delay', 'delay' => 5], 'action' => ['kind' => 'show', 'screen' => $linking->target]]])->assertOk();
    $html = $this->get("/projects/{$this->project->id}/facets?screen={$linking->target}&layers=")->assertOk()->assertSee('Led to by')->getContent();
    expect(substr_count($html, 'data-layer="'.$linking->id.'"'))->toBe(1);
    $lonely = array_values(array_diff(DB::table('screens')->where(['project_id' => $this->project->id, 'gone' => false])->pluck('id')->all(), DB::table('refers')->where(['project_id' => $this->project->id, 'kind' => 'screen'])->pluck('target')->all()))[0] ?? null;
    expect($lonely)->not->toBeNull();
    $this->get("/projects/{$this->project->id}/facets?screen={$lonely}&layers=")->assertOk()->assertDontSee('Led to by');
});
