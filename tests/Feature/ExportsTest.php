<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;

beforeEach(function (): void {
    $this->actingAs($this->user = User::factory()->create());
    $this->project = $this->demo($this->user);
    $this->folder = sys_get_temp_dir().'/kindred-exports-'.getmypid();
});

afterEach(fn () => File::deleteDirectory($this->folder));

it('gives a screen as PNG at its scale', function (int $scale): void {
    $response = $this->get("/projects/{$this->project->id}/hand-over/screens/kiln.png?scale={$scale}")->assertOk();
    $image = imagecreatefromstring($response->getContent());
    expect([imagesx($image), imagesy($image)])->toBe([390 * $scale, 844 * $scale])
        ->and(sprintf('%06x', imagecolorat($image, 4, 4) & 0xFFFFFF))->toBe('211d1a');
})->with([1, 2, 3]);

it('gives an SVG that needs nothing from outside', function (): void {
    $svg = $this->get("/projects/{$this->project->id}/hand-over/screens/welcome.svg")->assertOk()->getContent();
    expect($svg)->toContain('data:image/png;base64,')->not->toContain('<text')->not->toContain('href="/')
        ->and(simplexml_load_string($svg))->not->toBeFalse();
});

it('gives a web page that asks for nothing from outside', function (): void {
    $page = $this->get("/projects/{$this->project->id}/hand-over/page")->assertOk()->getContent();
    preg_match_all('/(?:src|href)="(?!data:)([^"#]+)"|url\((?!data:)([^)#]+)\)/', $page, $outside);
    expect($outside[0])->toBe([])
        ->and($page)->toContain("default-src 'none'")
        ->and(strlen($page))->toBeLessThan(3_000_000);
});

it('blends layers in pictures as in pages', function (string $mode, string $expected): void {
    $box = fn (string $colour): array => ['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 60, 'height' => 60, 'fills' => [['colour' => $colour]]];
    $this->edit($this->project, 0, ['type' => 'create-layers', 'screen' => 'booked', 'seed' => 'blend', 'layers' => [$box('#c08040'), ['blend' => $mode] + $box('#4080c0')]])->assertOk();
    $image = imagecreatefromstring($this->get("/projects/{$this->project->id}/hand-over/screens/booked.png?scale=1")->assertOk()->getContent());
    expect(sprintf('%06x', imagecolorat($image, 30, 30) & 0xFFFFFF))->toBe($expected)
        ->and($this->get("/projects/{$this->project->id}/hand-over/page")->getContent())->toContain($mode === 'normal' ? 'data-layer' : "class=\"blend-{$mode}\"")->toContain('.blend-multiply{mix-blend-mode:multiply}');
})->with([
    // Compositing and Blending 1, section 10: worked out by hand from #c08040 behind #4080c0.
    ['normal', '4080c0'], ['multiply', '304030'], ['screen', 'd0c0d0'], ['darken', '408040'], ['lighten', 'c080c0'], ['difference', '800080'],
]);

it('answers for screens that are not there', function (): void {
    $this->getJson("/projects/{$this->project->id}/hand-over/screens/nowhere.png")->assertConflict();
});

it('exports and imports from the command line', function (): void {
    $this->artisan('kindred:export', ['project' => (string) $this->project->id, 'folder' => $this->folder, '--as' => ['page', 'project', 'svg', 'png'], '--screen' => ['Booked'], '--scale' => ['2']])
        ->expectsOutputToContain('4 files are in')->assertSuccessful();
    expect(collect(File::files($this->folder))->map->getFilename()->sort()->values()->all())
        ->toBe(['Booked.svg', 'Booked@2x.png', 'Fernhollow Pottery.html', 'Fernhollow Pottery.kindred.json']);
    $file = "{$this->folder}/Fernhollow Pottery.kindred.json";
    $this->artisan('kindred:import', ['file' => [$file], '--owner' => $this->user->email])->assertSuccessful();
    $copy = $this->user->projects()->latest('id')->first();
    expect($this->get("/projects/{$copy->id}/hand-over/project")->streamedContent())->toBe(File::get($file));
});

it('runs the commands of the README as they stand, one after another', function (): void {
    $this->user->update(['email' => 'demo@fernhollow.example']);
    preg_match_all('/^php artisan (.+)$/m', File::get(base_path('README.md')), $lines);
    expect(count($lines[1]))->toBeGreaterThan(3);
    $before = getcwd();
    File::ensureDirectoryExists($this->folder);
    chdir($this->folder);
    try {
        foreach ($lines[1] as $line) {
            // The shell's own part: what an asterisk stands for.
            $line = preg_replace_callback('/(?<= )\S*\*\S*/', fn (array $found): string => implode(' ', array_map(escapeshellarg(...), glob($found[0]) ?: [$found[0]])), $line);
            expect(Artisan::call($line))->toBe(0, "{$line}: ".Artisan::output());
        }
        expect(is_file('kit.png'))->toBeTrue()->and($this->user->projects()->count())->toBe(2)
            ->and(array_filter(scandir('out'), fn (string $name): bool => str_contains($name, '  ')))->toBe([]);
    } finally {
        chdir($before);
    }
});

it('fails with a reason and an exit code', function (string $command, array $arguments, int $code, string $reason): void {
    $this->artisan($command, $arguments + ['folder' => $this->folder])->expectsOutputToContain($reason)->assertExitCode($code);
})->with([
    ['kindred:export', ['project' => 'Nothing'], 2, 'There is no project “Nothing”'],
    ['kindred:export', ['project' => 'Fernhollow Pottery', '--as' => ['gif']], 2, '--as=gif is not known'],
    ['kindred:export', ['project' => 'Fernhollow Pottery', '--screen' => ['Attic']], 2, 'There is no screen “Attic”'],
]);

it('refuses to import what is no project, with an exit code', function (): void {
    $this->artisan('kindred:import', ['file' => ['/nowhere.json'], '--owner' => $this->user->email])->expectsOutputToContain('cannot be read')->assertExitCode(1);
    $this->artisan('kindred:import', ['file' => [base_path('composer.json')], '--owner' => $this->user->email])->expectsOutputToContain('not a Kindred Canvas project file')->assertExitCode(1);
    $this->artisan('kindred:import', ['file' => [base_path('composer.json')], '--owner' => 'nobody@fernhollow.example'])->assertExitCode(2);
});

it('draws pictures up to a stated size, and says so past it', function (): void {
    $this->edit($this->project, 0, ['type' => 'set-screen-field', 'screen' => 'booked', 'field' => 'width', 'value' => '10900'], ['type' => 'set-screen-field', 'screen' => 'booked', 'field' => 'height', 'value' => '10900'])->assertOk();
    $this->getJson("/projects/{$this->project->id}/hand-over/screens/booked.png?scale=3")->assertStatus(422)
        ->assertJsonPath('message', 'A picture of 32,700 × 32,700 px is too large; at most 40 million pixels, and 30,000 along a side, can be drawn. Take a smaller scale, or SVG.');
});

it('names files so that every browser reads the name', function (string $name, string $header): void {
    $this->project->update(['name' => $name]);
    expect($this->get("/projects/{$this->project->id}/hand-over/project")->headers->get('Content-Disposition'))->toBe($header);
})->with([
    ['Kiln “two”', "attachment; filename=\"Kiln _two_.kindred.json\"; filename*=utf-8''Kiln%20%E2%80%9Ctwo%E2%80%9D.kindred.json"],
    ['a/b\\c%d', "attachment; filename=\"a b c_d.kindred.json\"; filename*=utf-8''a%20b%20c%25d.kindred.json"],
]);
