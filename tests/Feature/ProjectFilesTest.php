<?php

declare(strict_types=1);

use App\Canvas\Checks;
use App\Canvas\Projects;
use App\Jobs\Cancelled;
use App\Jobs\ImportProject;
use App\Jobs\LookThrough;
use App\Models\User;
use App\Models\Work;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

beforeEach(function (): void {
    $this->actingAs($this->user = User::factory()->create());
});

/** A project file of many screens, each with some layers of several kinds. */
function largeFile(int $screens, int $layers): string
{
    return (string) json_encode(['format' => 'kindred-canvas', 'version' => 2, 'name' => 'Large', 'screens' => array_map(fn (int $s): array => [
        'id' => "screen{$s}", 'name' => "Screen {$s}", 'device' => 'phone', 'x' => $s * 470, 'y' => 0, 'width' => 390, 'height' => 844,
        'layers' => array_map(fn (int $i): array => ['id' => "s{$s}l{$i}", 'kind' => 'group', 'name' => "Group {$i}", 'x' => 0, 'y' => 9 * $i, 'width' => 0, 'height' => 0, 'children' => [
            ['id' => "s{$s}b{$i}", 'kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 100, 'height' => 20],
            ['id' => "s{$s}t{$i}", 'kind' => 'text', 'words' => "Glaze {$i}", 'x' => 4, 'y' => 2, 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 14, 'lineHeight' => 1.2]],
        ]], range(1, intdiv($layers, 3))),
    ], range(1, $screens))]);
}

it('needs no more memory for a large project than for a small one', function (): void {
    $max = function (int $screens): int {
        $json = largeFile($screens, 90);
        $project = app(Projects::class)->import($this->user, $json);
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $bytes = 0;
        foreach (app(Projects::class)->pieces($project) as $piece) {
            $bytes += strlen($piece);
        }
        expect($bytes)->toBeGreaterThan(strlen($json));
        $file = tempnam(sys_get_temp_dir(), 'kindred');
        file_put_contents($file, $json);
        unset($json);
        app(Projects::class)->importFile($this->user, $file);
        unlink($file);

        return memory_get_peak_usage() - $before;
    };
    $max(4);
    expect($max(60))->toBeLessThan(2 * $max(8) + (4 << 20));
});

it('brings back what was deleted, however much it was, as it was', function (): void {
    $project = app(Projects::class)->import($this->user, largeFile(40, 30));
    $layers = fn (): array => DB::table('layers')->where('project_id', $project->id)->orderBy('id')->get()->all();
    $before = $layers();
    $queries = 0;
    DB::listen(function () use (&$queries): void {
        $queries++;
    });
    $this->edit($project, 0, ['type' => 'delete-screens', 'screens' => array_map(fn (int $s): string => "screen{$s}", range(1, 40))])->assertOk();
    $this->get("/projects/{$project->id}/wall")->assertOk()->assertDontSee('data-screen="screen3"', false);
    expect($project->fresh()->layer_count)->toBe(0)
        ->and($this->get("/projects/{$project->id}/hand-over/project")->streamedContent())->not->toContain('Glaze');
    $this->edit($project, 1, ['type' => 'rename-layer', 'layer' => 's3b1', 'name' => 'Ghost'])->assertConflict();
    $undone = $this->postJson("/projects/{$project->id}/undo")->assertOk()->json();
    expect($layers())->toEqual($before)->and($project->fresh()->layer_count)->toBe(1200)
        ->and(collect($undone['patches'])->where('added', true)->where('redraw', true))->toHaveCount(40)
        ->and($queries)->toBeLessThan(90);
});

it('brings a large file in apart from the request, says how far it is, and opens it', function (): void {
    Queue::fake();
    $file = UploadedFile::fake()->createWithContent('large.json', largeFile(60, 90).str_repeat(' ', 2 << 20));
    $answer = $this->post('/projects/import', ['file' => $file]);
    $work = Work::query()->sole();
    $answer->assertRedirect("/works/{$work->id}");
    $this->get("/works/{$work->id}")->assertOk()->assertSee('Waiting for its turn');
    $job = Queue::pushed(ImportProject::class)->first();
    $job->handle(app(Projects::class));
    $project = $this->user->projects()->sole();
    expect($work->refresh()->state)->toBe('done')->and($project->layer_count)->toBe(5400)->and(is_file($job->path))->toBeFalse();
    $this->get("/works/{$work->id}")->assertRedirect("/projects/{$project->id}/wall");
    // What checks find in it is known before anybody asks.
    expect(app(Checks::class)->of($project, [], null, 0.0)->left)->toBeGreaterThan(50);
    $through = Queue::pushed(LookThrough::class)->first();
    $through->handle(app(Checks::class));
    expect(app(Checks::class)->of($project, [], null, 0.0)->left)->toBe(0);
    $this->actingAs(User::factory()->create())->get("/works/{$work->id}")->assertNotFound();
});

it('brings a short file in at once, and a long one does not stand before others', function (int $bytes, ?string $queue): void {
    Queue::fake();
    $json = largeFile(1, 3);
    $this->post('/projects/import', ['file' => UploadedFile::fake()->createWithContent('pots.json', $json.str_repeat(' ', $bytes - strlen($json)))])->assertRedirect();
    expect(Queue::pushed(ImportProject::class)->map->queue->all())->toBe($queue === null ? [] : [$queue]);
})->with([
    'as long as is read at once' => [256 << 10, null],
    'longer' => [(256 << 10) + 1, 'short'],
    'as long as is short' => [8 << 20, 'short'],
    'longer than that' => [(8 << 20) + 1, 'long'],
]);

it('keeps nothing of what was cancelled, broken or cut off', function (Closure $spoil, string $state, string $said): void {
    $work = $this->user->works()->create(['name' => 'large.json']);
    $path = tempnam(sys_get_temp_dir(), 'kindred');
    file_put_contents($path, $spoil(largeFile(40, 90), $work));
    (new ImportProject($work->refresh(), $path))->handle(app(Projects::class));
    expect($work->refresh()->state)->toBe($state)->and($this->user->projects()->count())->toBe(0)->and(DB::table('layers')->count())->toBe(0);
    $this->get("/works/{$work->id}")->assertOk()->assertSee($said);
})->with([
    'cancelled' => [function (string $json, Work $work): string {
        $work->cancel();

        return $json;
    }, 'cancelled', 'nothing of it was kept'],
    'cut off' => [fn (string $json): string => substr($json, 0, -9), 'failed', 'The file is not JSON'],
    'wrong at its end' => [fn (string $json): string => str_replace('s40b30', 's1b1', $json), 'failed', 'stands for another layer already'],
]);

it('stops work that is not wanted any more', function (): void {
    $work = $this->user->works()->create(['name' => 'large.json']);
    $work->advance(0.5);
    expect($work->progress())->toBe(0.5);
    $this->post("/works/{$work->id}/cancel")->assertRedirect("/works/{$work->id}");
    $work->advance(0.6);
})->throws(Cancelled::class);
