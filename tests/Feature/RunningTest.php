<?php

declare(strict_types=1);

use App\Http\Middleware\FairShare;
use App\Models\User;
use App\Storage\Busy;
use App\Storage\Durable;
use App\Storage\DurableSessions;
use App\Storage\NoRoom;
use App\Storage\Slots;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Symfony\Component\Process\Process;

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/kindred-running-'.getmypid();
    (new Filesystem)->ensureDirectoryExists($this->folder);
});

afterEach(fn () => (new Filesystem)->deleteDirectory($this->folder));

/** Waits until something is so; false after ten seconds. */
function comesTrue(Closure $so): bool
{
    for ($until = microtime(true) + 10; microtime(true) < $until; usleep(20_000)) {
        if ($so()) {
            return true;
        }
    }

    return false;
}

/** @return list<int> the processes that a part had, in the order in which they were started */
function started(string $folder): array
{
    return array_map(intval(...), @file("{$folder}/pids", FILE_IGNORE_NEW_LINES) ?: []);
}

function keeping(string $folder, string $command): Process
{
    $process = new Process([base_path('bin/keep'), 'Part', "{$folder}/log", 'bash', '-c', "echo \$\$ >>{$folder}/pids; {$command}"]);
    $process->start();

    return $process;
}

it('starts a part again that dies, and ends it with whoever keeps it', function (): void {
    $keeper = keeping($this->folder, 'exec sleep 60');
    expect(comesTrue(fn (): bool => count(started($this->folder)) === 1))->toBeTrue();
    posix_kill(started($this->folder)[0], SIGKILL);
    expect(comesTrue(fn (): bool => count(started($this->folder)) === 2))->toBeTrue()
        ->and($keeper->getErrorOutput())->toContain('Part stopped by itself and is started again.');
    // What keeps it may be killed too.
    posix_kill((int) $keeper->getPid(), SIGKILL);
    expect(comesTrue(fn (): bool => ! posix_kill(started($this->folder)[1], 0)))->toBeTrue();
});

it('gives up on a part that keeps dying', function (): void {
    $keeper = keeping($this->folder, 'exit 3');
    expect($keeper->wait())->toBe(1)->and(started($this->folder))->toHaveCount(6)->and($keeper->getErrorOutput())->toContain('Part keeps stopping by itself; see ');
});

it('takes a folder of data for one run alone, readable for one account alone', function (): void {
    $take = 'ROOT='.escapeshellarg(base_path()).'; . "$ROOT/bin/lib.sh"; use_var '.escapeshellarg("{$this->folder}/var").'; write_env; echo taken; ';
    $first = new Process(['bash', '-c', $take.'read -r _ || true']);
    $first->setInput($input = new Symfony\Component\Process\InputStream);
    $first->start();
    expect(comesTrue(fn (): bool => str_contains($first->getOutput(), 'taken')))->toBeTrue();
    $second = new Process(['bash', '-c', $take]);
    expect($second->run())->toBe(1)->and($second->getErrorOutput())->toContain('runs already on the data in')->not->toContain('--fresh');
    foreach (['.env', 'log', 'storage', 'cache'] as $part) {
        expect(fileperms("{$this->folder}/var/{$part}") & 0077)->toBe(0);
    }
    $input->close();
    expect($first->wait())->toBe(0)->and((new Process(['bash', '-c', $take]))->run())->toBe(0);
});

it('puts a file where it belongs whole or not at all, and says when there is no room', function (): void {
    $path = "{$this->folder}/picture";
    expect(Durable::write($path, 'old'))->toBeTrue();
    // A limit on the size of files stands for a disk that is full.
    $write = new Process(['bash', '-c', 'trap "" XFSZ; ulimit -f 4; exec php -r '.escapeshellarg('require $argv[1]; exit(App\Storage\Durable::write($argv[2], str_repeat("x", 20000)) ? 0 : 5);').' '.base_path('vendor/autoload.php').' '.$path]);
    expect($write->run())->toBe(5)->and(file_get_contents($path))->toBe('old')->and(scandir($this->folder))->toHaveCount(3);

    // What is kept to be faster is done without.
    expect((new App\Storage\SpareStore(new Filesystem, '/proc/nowhere'))->put('key', 'value', 10))->toBeFalse();
    $sessions = new DurableSessions(new Filesystem, '/proc/nowhere', 10);
    expect(fn () => $sessions->write('id', 'data'))->toThrow(NoRoom::class, 'no room left on its disk');
});

it('leaves a session that a request did not change to the others that did, and one that was ended', function (): void {
    $folder = sys_get_temp_dir().'/kindred-sessions-'.bin2hex(random_bytes(4));
    mkdir($folder);
    [$edit, $page] = [new DurableSessions(new Filesystem, $folder, 10), new DurableSessions(new Filesystem, $folder, 10)];
    $page->write('one', 'signed in');
    touch("{$folder}/one", time() - 300);
    expect($edit->read('one'))->toBe('signed in');
    $page->write('one', 'signed in, with a message');
    $edit->write('one', 'signed in');
    expect($page->read('one'))->toBe('signed in, with a message');
    touch("{$folder}/one", time() - 300);
    clearstatcache();
    $page->write('one', 'signed in, with a message');
    clearstatcache();
    expect(filemtime("{$folder}/one"))->toBeGreaterThan(time() - 60);
    $page->destroy('one');
    $page->write('one', 'signed in, with a message');
    expect(is_file("{$folder}/one"))->toBeFalse();
    (new Filesystem)->deleteDirectory($folder);
});

it('writes nothing more when the disk is nearly full, and goes on showing', function (): void {
    $this->actingAs($user = User::factory()->create());
    $project = $this->demo($user);
    config(['kindred.room' => PHP_INT_MAX]);
    $this->edit($project, 0, ['type' => 'set-entry', 'screen' => 'kiln'])->assertStatus(507)->assertJsonPath('message', fn (string $message): bool => str_contains($message, 'no room left'));
    $this->get("/projects/{$project->id}/wall")->assertOk();
    expect($project->fresh()->sequence)->toBe(0);
});

it('says in words that the disk is full, the database away or held up, and how to go on', function (int $number, int $status, string $said): void {
    $this->actingAs($user = User::factory()->create());
    Route::get('broken', fn () => throw new Illuminate\Database\QueryException('mariadb', 'select 1', [], tap(new PDOException('broken'), fn (PDOException $one) => $one->errorInfo = ['HY000', $number, 'broken'])));
    $this->getJson('/broken')->assertStatus($status)->assertJsonPath('message', fn (string $message): bool => str_contains($message, $said));
})->with([[1114, 507, 'no room left'], [1021, 507, 'no room left'], [2006, 503, 'does not answer'], [2002, 503, 'does not answer'], [1213, 409, 'try it again'], [1205, 409, 'try it again'], [1153, 422, 'do it in parts']]);

it('gives a number with an error of its own, which the log has too', function (): void {
    $this->actingAs(User::factory()->create());
    Route::get('broken', fn () => throw new LogicException('a fault'));
    $said = $this->getJson('/broken')->assertStatus(500)->json('message');
    expect(preg_match('/quote the number ([0-9A-F]{8})\.$/', $said, $found))->toBe(1);
    $this->get('/broken')->assertStatus(500)->assertSee($found[1]);
});

it('lets no account hold more than its share of what takes long', function (): void {
    $as = fn (int $id): Request => Request::create('/')->setUserResolver(fn (): User => (new User)->forceFill(['id' => $id]));
    $slow = fn (int $id, Closure $work): string => (string) (new FairShare)->handle($as($id), fn () => new Illuminate\Http\Response($work()))->getContent();
    // Three at once; somebody else has three of their own.
    expect($slow(71, fn () => $slow(71, fn () => $slow(71, fn () => $slow(72, fn () => 'done')))))->toBe('done')
        ->and(fn () => Slots::take('few', 2, 0.05, fn () => Slots::take('few', 2, 0.05, fn () => Slots::take('few', 2, 0.05, fn () => 'third'))))->toThrow(Busy::class)
        ->and(Slots::take('few', 2, 0.05, fn () => 'free again'))->toBe('free again');
});
