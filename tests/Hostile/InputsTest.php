<?php

declare(strict_types=1);

use App\Canvas\Projects;
use App\Canvas\TreeLoader;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use Kindred\Tests\AnyCommand;
use Kindred\Tests\Sample;
use Tests\Hostile\Generator;

/*
 * Whatever comes in is taken harmlessly or refused in words: never an error of the server's own, never for long, never
 * at the cost of much memory. KINDRED_INPUTS and KINDRED_SEED make a longer run of other inputs.
 */

/** Seconds of computing that an answer may take, of the processes that it starts too, and bytes of memory; how long it waits for its turn is the machine's. */
const LONGEST = 2.0;
const MOST_MEMORY = 200 << 20;

/** Bytes of a request; more does not reach the application. */
const WEB_SERVER_TAKES = 16 << 20;

/** @param  int  $share  of a hundred inputs */
function inputs(int $share): int
{
    return max(1, intdiv((int) (getenv('KINDRED_INPUTS') ?: 600) * $share, 100));
}

function seed(): int
{
    return (int) (getenv('KINDRED_SEED') ?: 1);
}

beforeEach(function (): void {
    $this->actingAs($this->user = User::factory()->create());
    $this->project = app(Projects::class)->import($this->user, (string) json_encode(Sample::file()));
    $this->at = "/projects/{$this->project->id}";
    $this->answers = [];
    $this->try = function (Closure $ask, string $what): TestResponse {
        memory_reset_peak_usage();
        $held = memory_get_usage();
        $begun = computed();
        $response = $ask();
        $taken = computed() - $begun;
        $thrown = $response->baseResponse->exception ?? null;
        $problem = $thrown === null ? substr((string) $response->getContent(), 0, 300) : $thrown::class.": {$thrown->getMessage()} at {$thrown->getFile()}:{$thrown->getLine()}";
        expect($response->getStatusCode())->toBeLessThan(500, "{$what}: {$problem}")
            ->and($taken)->toBeLessThan(LONGEST, "{$what} took {$taken} s")
            ->and(memory_get_peak_usage() - $held)->toBeLessThan(MOST_MEMORY, "{$what} took much memory");
        if (in_array($response->getStatusCode(), [409, 422], true) && str_contains((string) $response->headers->get('Content-Type'), 'json')) {
            expect($response->json('message'))->toBeString()->not->toBe('');
        }
        $this->answers[$response->getStatusCode()] = ($this->answers[$response->getStatusCode()] ?? 0) + 1;

        return $response;
    };
});

it('edits', function (): void {
    $any = new Generator(seed());
    for ($i = 0; $i < inputs(40); $i++) {
        $tree = app(TreeLoader::class)->whole($this->project->refresh());
        $command = $any->chance(3) ? AnyCommand::on($tree, $i) : AnyCommand::extreme($tree, $i);
        $command = $any->chance(2) ? $any->spoiled($command, 6) : $command;
        $body = json_encode(['base' => $any->chance(20) ? $any->value() : $this->project->sequence, 'commands' => [$command]], JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
        $body = $any->chance(15) ? str_replace('0', '1e999', (string) $body) : (string) $body;
        if (strlen($body) > WEB_SERVER_TAKES) {
            continue;
        }
        ($this->try)(fn () => $this->call('POST', $this->at.'/edits'.($any->chance(8) ? '/preview' : ''), server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body), substr($body, 0, 600));
        if ($any->chance(8)) {
            ($this->try)(fn () => $this->postJson($this->at.$any->one(['/undo', '/redo']), $any->chance(3) ? (array) $any->value() : []), 'undo or redo of '.json_encode(DB::table('edits')->where('project_id', $this->project->id)->orderByDesc('sequence')->limit(3)->pluck('label')));
        }
    }
    // It is as whole as before: read, shown, written, brought in again.
    foreach (['/wall', '/brief', '/rehearse', '/hand-over/page'] as $page) {
        ($this->try)(fn () => $this->get($this->at.$page), $page)->assertOk();
    }
    $again = app(Projects::class)->import($this->user, $this->get("{$this->at}/hand-over/project")->assertOk()->streamedContent());
    expect($again->layer_count)->toBe($this->project->refresh()->layer_count)->and($this->answers[200] ?? 0)->toBeGreaterThan(0)->and($this->answers[422] ?? 0)->toBeGreaterThan(0);
});

it('project files', function (): void {
    $any = new Generator(seed() + 1);
    $file = json_decode((string) json_encode(Sample::file()), true);
    for ($i = 0; $i < inputs(15); $i++) {
        $json = (string) json_encode($any->spoiled($file, 14 + $i % 60), JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
        $json = match (true) {
            $any->chance(8) => substr($json, 0, mt_rand(0, strlen($json))),
            $any->chance(8) => str_repeat('[', mt_rand(1, 20_000)).$json,
            $any->chance(8) => substr_replace($json, chr(mt_rand(0, 255)), mt_rand(0, strlen($json) - 1), 1),
            default => $json,
        };
        $before = $this->user->projects()->count();
        $response = ($this->try)(fn () => $this->post('/projects/import', ['file' => UploadedFile::fake()->createWithContent('any.json', $json)]), substr($json, 0, 400));
        $taken = str_contains((string) $response->headers->get('Location'), '/wall');
        expect($this->user->projects()->count() - $before)->toBe($taken ? 1 : 0);
        if ($taken) {
            $this->get((string) $response->headers->get('Location'))->assertOk();
        }
    }
});

it('drawings, tables and words to paste', function (): void {
    $any = new Generator(seed() + 2);
    for ($i = 0; $i < inputs(20); $i++) {
        $text = match (mt_rand(0, 3)) {
            0 => $any->table(), 1 => $any->word(), default => $any->svg()
        };
        $read = ($this->try)(fn () => $this->postJson("{$this->at}/paste", ['text' => mb_scrub($text), 'room' => 320] + ($any->chance(4) ? ['table' => true] : [])), substr($text, 0, 400));
        if ($read->isOk()) {
            // A screen of its own for each dozen, so that it is the drawing that takes its time.
            $i % 12 === 0 && $this->project = app(Projects::class)->import($this->user, (string) json_encode(Sample::file()));
            ($this->try)(fn () => $this->edit($this->project->refresh(), $this->project->sequence, ['type' => 'create-layers', 'screen' => 'next', 'seed' => "p{$i}", 'layers' => $read->json('layers')]), 'what was read of '.substr($text, 0, 400));
        }
    }
    ($this->try)(fn () => $this->get("{$this->at}/wall"), 'wall')->assertOk()->assertDontSee('<script>alert', false);
});

it('tables as files', function (): void {
    $any = new Generator(seed() + 3);
    $this->edit($this->project, 0, ['type' => 'array-layers', 'screen' => 'home', 'layers' => ['words'], 'seed' => 'sheet'])->assertOk();
    $array = Kindred\Document\Id::beside('sheet')->next();
    for ($i = 0; $i < inputs(8); $i++) {
        $table = $any->table();
        ($this->try)(fn () => $this->post("{$this->at}/sheets/{$array}/read", ['file' => UploadedFile::fake()->createWithContent('any.csv', $table)], ['Accept' => 'application/json']), substr($table, 0, 200));
    }
});

it('pictures', function (): void {
    $any = new Generator(seed() + 4);
    for ($i = 0; $i < inputs(7); $i++) {
        $bytes = $any->picture();
        $answer = ($this->try)(fn () => $this->post("{$this->at}/assets", ['picture' => UploadedFile::fake()->createWithContent('any.png', $bytes)], ['Accept' => 'application/json']), bin2hex(substr($bytes, 0, 60)));
        if ($answer->getStatusCode() === 201) {
            ($this->try)(fn () => $this->getJson("{$this->at}/assets/{$answer->json('hash')}/colours"), 'colours');
        }
    }
});

it('every address with anything in it', function (): void {
    $any = new Generator(seed() + 5);
    $routes = array_values(array_filter(Route::getRoutes()->getRoutes(), fn ($route): bool => ! str_contains($route->uri(), 'sign-out')));
    for ($i = 0; $i < inputs(10); $i++) {
        $route = $any->one($routes);
        $path = preg_replace_callback('/\{(\w+)\??\}/', fn (array $found): string => match (true) {
            $found[1] === 'project' && ! $any->chance(4) => (string) $this->project->id,
            $found[1] === 'screen' && $any->chance(2) => 'home',
            $found[1] === 'layer' && $any->chance(2) => 'boxa',
            default => rawurlencode(substr((string) $any->one([$any->word(), 'žluť', '%ff', '1e0', '0', '..', 'a.b', str_repeat('9', 30)]), 0, 300)),
        }, $route->uri());
        $query = $any->chance(2) ? '?'.http_build_query([(string) $any->one(['screen', 'layers', 'q', 'of', 'since', 'scale', 'x', 'y', 'row', 'field', 'values', 'takes']) => $any->value(2)]) : '';
        $method = $any->chance(6) ? $any->one(['GET', 'POST', 'PATCH', 'DELETE', 'PUT']) : $route->methods()[0];
        $data = array_filter(['name' => $any->value(2), 'email' => $any->value(2), 'password' => $any->value(2), 'words' => $any->value(2), 'base' => 0, 'commands' => $any->value()], fn (): bool => $any->chance(2));
        $address = "/{$path}{$query}";
        ($this->try)(fn () => $any->chance(2)
            ? $this->call($method, $address, $method === 'GET' ? [] : $data, server: ['HTTP_REFERER' => 'https://elsewhere.example/'.$path])
            : $this->json($method, $address, json_decode((string) json_encode($data, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE), true) ?? []), "{$method} ".substr($address, 0, 200));
        $this->actingAs($this->user->fresh() ?? User::factory()->create());
        $this->user->exists || $this->user = auth()->user();
        if (! $this->project->fresh()?->exists || $this->project->fresh()?->trashed()) {
            $this->project->restore();
        }
    }
});
