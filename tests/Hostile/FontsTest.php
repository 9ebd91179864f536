<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use Kindred\Type\Shaping\HarfBuzz;

/*
 * Fonts that are broken, cut off or made to do harm: refused in words, or set in whatever shapes they have left.
 */

beforeEach(function (): void {
    $this->folder = storage_path('framework/cache/hostile-fonts');
    (new Filesystem)->ensureDirectoryExists($this->folder);
    (new Filesystem)->cleanDirectory($this->folder);
});

afterEach(fn () => (new Filesystem)->deleteDirectory($this->folder));

it('opens three hundred changed fonts without falling, and shapes what was taken of them', function (): void {
    $result = Process::timeout(300)->run(['prlimit', '--data='.(1 << 30), '--core=0', 'node', '--max-old-space-size=300', __DIR__.'/fonts.mjs', getenv('KINDRED_SEED') ?: '1', '300', $this->folder]);
    expect($result->successful())->toBeTrue($result->errorOutput());
    ['taken' => $taken, 'refused' => $refused, 'damaged' => $damaged, 'longest' => $longest] = json_decode($result->output(), true);
    expect($taken + $refused + $damaged)->toBe(300)->and($taken)->toBeGreaterThan(20)->and($damaged)->toBeGreaterThan(20)->and($longest)->toBeLessThan(20_000);
    $shaper = new HarfBuzz;
    foreach ((new Filesystem)->glob("{$this->folder}/*.ttf") as $file) {
        foreach ([['Kiln fi 12 Ä', false], ['חרס', true], ['น้ำ', false]] as [$words, $rightToLeft]) {
            foreach ($shaper->shape($file, $words, $rightToLeft, true) as $glyph) {
                expect(is_finite($glyph->advance))->toBeTrue()->and(strlen($shaper->outline($file, $glyph->id)))->toBeLessThan(5_000_000);
            }
        }
    }
});

it('refuses harmful fonts over the web in words, and keeps nothing of them', function (): void {
    $this->actingAs($user = User::factory()->create());
    $project = $user->projects()->create(['name' => 'Hostile']);
    $woff = (string) file_get_contents(base_path('node_modules/@fontsource/lora/files/lora-latin-400-italic.woff'));
    $bad = [
        'cut off' => substr($woff, 0, 3000), 'a head that promises gigabytes' => substr($woff, 0, 16)."\xff\xff\xff\xff".substr($woff, 20),
        'many tables' => substr($woff, 0, 12)."\xff\xff".substr($woff, 14), 'WOFF2 of nothing' => 'wOF2'.str_repeat("\xff", 5000), 'a script' => '<script>alert(1)</script>'.str_repeat(' ', 100),
        'larger than is taken' => "\0\1\0\0".str_repeat("\0", 9 << 20),
    ];
    foreach ($bad as $bytes) {
        $answer = $this->postJson("/projects/{$project->id}/fonts", ['font' => UploadedFile::fake()->createWithContent('kiln.woff', $bytes)]);
        expect($answer->status())->toBe(422)->and($answer->json('message'))->toContain('Nothing was added');
    }
    expect($project->refresh()->fonts)->toBeNull()->and(DB::table('assets')->where('project_id', $project->id)->count())->toBe(0);
});
