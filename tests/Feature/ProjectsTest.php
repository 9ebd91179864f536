<?php

declare(strict_types=1);

use App\Models\Project;
use App\Models\User;
use Database\Demo\FernhollowPottery;
use Illuminate\Http\UploadedFile;

beforeEach(function (): void {
    $this->actingAs($this->user = User::factory()->create());
});

it('creates, renames, duplicates, searches, deletes and restores projects', function (): void {
    $this->post('/projects', ['name' => 'Kiln app'])->assertRedirect();
    $project = $this->user->projects()->sole();
    $this->patch("/projects/{$project->id}", ['name' => 'Kiln 50% app'])->assertRedirect('/');
    $answer = $this->post("/projects/{$project->id}/duplicate");
    $answer->assertRedirect('/#project-'.$this->user->projects()->max('id'));
    $this->get('/')->assertSee('Kiln 50% app 2');
    $this->get('/?q=50%25')->assertSee('Kiln 50% app');
    $this->get('/?q=5_%25')->assertDontSee('Kiln 50% app');
    $this->delete("/projects/{$project->id}")->assertRedirect('/');
    expect($this->user->projects()->count())->toBe(1);
    $this->get("/projects/{$project->id}/wall")->assertNotFound();
    $this->post("/projects/{$project->id}/restore")->assertRedirect('/');
    expect($this->user->projects()->count())->toBe(2);
});

it('shows the older ones of many projects when asked, each once', function (): void {
    foreach (range(1, 203) as $number) {
        $this->user->projects()->create(['name' => "Glaze test {$number}."]);
    }
    $shown = fn (string $html): array => preg_match_all('/Glaze test (\d+)\.<\/span>/', $html, $found) > 0 ? array_map(intval(...), $found[1]) : [];
    $first = (string) $this->get('/?q=Glaze')->assertSee('Show older projects')->getContent();
    expect($shown($first))->toBe(range(203, 4))
        ->and(preg_match('/hx-get="([^"]+)"/', strstr($first, 'col-span-full') ?: '', $next))->toBe(1);
    $rest = (string) $this->get(html_entity_decode($next[1]), ['HX-Request' => 'true'])->assertDontSee('Show older projects')->assertDontSee('<ul', false)->getContent();
    expect($shown($rest))->toBe([3, 2, 1])
        ->and(substr_count($rest, 'autofocus'))->toBe(1, 'the keyboard goes on at the first that came')
        ->and($first)->not->toContain('autofocus');
});

it('duplicates everything in a project', function (): void {
    $project = $this->demo($this->user);
    $this->post("/projects/{$project->id}/duplicate");
    $copy = $this->user->projects()->where('name', 'Fernhollow Pottery 2')->sole();
    $written = fn (Project $one): array => json_decode($this->get("/projects/{$one->id}/hand-over/project")->assertOk()->streamedContent(), true);
    expect(['name' => ''] + $written($copy))->toEqual(['name' => ''] + $written($project));
});

it('lets nobody near other people’s projects', function (string $method, string $path): void {
    $project = $this->demo(User::factory()->create());
    $before = $project->fresh();
    $path = str_replace('{project}', (string) $project->id, $path);
    $this->json($method, $path, ['name' => 'Mine', 'base' => 0, 'commands' => [['type' => 'set-entry', 'screen' => 'kiln']]])->assertNotFound();
    expect($project->fresh()?->toArray())->toEqual($before?->toArray());
    auth()->logout();
    $this->json($method, $path)->assertUnauthorized();
})->with([
    ['PATCH', '/projects/{project}'], ['DELETE', '/projects/{project}'], ['POST', '/projects/{project}/duplicate'], ['POST', '/projects/{project}/restore'],
    ['GET', '/projects/{project}/wall'], ['GET', '/projects/{project}/reel'], ['GET', '/projects/{project}/outline/welcome'], ['GET', '/projects/{project}/facets'], ['GET', '/projects/{project}/history'],
    ['GET', '/projects/{project}/edits'], ['POST', '/projects/{project}/edits'], ['POST', '/projects/{project}/edits/preview'], ['POST', '/projects/{project}/undo'], ['POST', '/projects/{project}/redo'], ['GET', '/projects/{project}/copy?layers=t00003'], ['GET', '/projects/{project}/snap?screen=welcome'],
    ['POST', '/projects/{project}/assets'], ['GET', '/projects/{project}/screens/welcome/thumbnail'], ['GET', '/projects/{project}/stills'], ['GET', '/projects/{project}/rehearse'],
    ['GET', '/projects/{project}/hand-over'], ['GET', '/projects/{project}/hand-over/page'], ['GET', '/projects/{project}/hand-over/project'],
    ['GET', '/projects/{project}/hand-over/screens/welcome.svg'], ['GET', '/projects/{project}/hand-over/screens/welcome.png'],
]);

it('has a policy on every route that names a project', function (): void {
    foreach (app('router')->getRoutes() as $route) {
        if (str_contains($route->uri(), '{project}')) {
            expect($route->gatherMiddleware())->toContain('can:work,project', 'auth');
        }
    }
});

it('brings in a project file', function (): void {
    $this->post('/projects/import', ['file' => UploadedFile::fake()->createWithContent('x.json', FernhollowPottery::file())])->assertRedirect();
    $project = $this->user->projects()->sole();
    expect($project->name)->toBe('Fernhollow Pottery');
    $this->get("/projects/{$project->id}/wall")->assertOk()->assertSee('Glaze library');
});

it('refuses files that are no project, with nothing left behind', function (string $content, string $message): void {
    $response = $this->post('/projects/import', ['file' => UploadedFile::fake()->createWithContent('x.json', $content)]);
    $response->assertRedirect()->assertSessionHasErrors('problem');
    expect(session('errors')->first('problem'))->toContain($message)
        ->and(Project::query()->count())->toBe(0);
})->with([
    ['no json at all', 'not JSON'],
    ['{"format":"kindred-canvas","version":1,"name":"x","screens":[{"id":"home"}]}', 'screens[0].'],
    fn (): array => [str_replace(base64_encode((string) file_get_contents(base_path('database/demo/pictures/bowl.png'))), base64_encode('gone'), FernhollowPottery::file()), 'SHA-256'],
    fn (): array => ['{"format":"kindred-canvas","version":1,"name":"x","pictures":{"'.hash('sha256', 'no picture').'":"'.base64_encode('no picture').'"}}', 'no picture that can be read'],
]);
