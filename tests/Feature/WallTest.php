<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\Process;

beforeEach(function (): void {
    $this->actingAs($user = User::factory()->create());
    $this->project = $this->demo($user);
    $this->path = "/projects/{$this->project->id}";
});

it('draws what looks the same in two projects once', function (): void {
    $image = imagecreatetruecolor(4, 4);
    ob_start();
    imagepng($image);
    Process::fake(['*rsvg-convert*' => Process::result((string) ob_get_clean())]);
    $this->get("{$this->path}/screens/welcome/thumbnail")->assertOk();
    $copy = $this->demo($this->project->user()->firstOrFail());
    $this->get("/projects/{$copy->id}/screens/welcome/thumbnail")->assertOk();
    Process::assertRanTimes(fn ($process): bool => in_array('rsvg-convert', (array) $process->command, true), 1);
    // What looks otherwise is drawn anew.
    $this->edit($copy, 0, ['type' => 'set-screen-field', 'screen' => 'welcome', 'field' => 'ground', 'value' => '#123456'])->assertOk();
    $this->get("/projects/{$copy->id}/screens/welcome/thumbnail")->assertOk();
    Process::assertRanTimes(fn ($process): bool => in_array('rsvg-convert', (array) $process->command, true), 2);
});

it('shows a copy of a project by the pictures that are kept of the original, as long as it looks the same', function (): void {
    foreach (['welcome/thumbnail', 'glazes/thumbnail?whole=1', 'kiln/thumbnail'] as $small) {
        $this->get("{$this->path}/screens/{$small}")->assertOk();
    }
    $this->edit($this->project, 0, ['type' => 'set-screen-field', 'screen' => 'kiln', 'field' => 'ground', 'value' => '#123456'])->assertOk();
    $this->post("{$this->path}/duplicate")->assertRedirect();
    $copy = $this->project->user()->firstOrFail()->projects()->latest('id')->firstOrFail();
    $kept = fn (): array => $this->get("/projects/{$copy->id}/stills?of=welcome,glazes,kiln,desk")->assertOk()->json();
    expect($kept())->toEqual($this->get("{$this->path}/stills?of=welcome,glazes,kiln,desk")->json())->toHaveKeys(['welcome', 'glazes'])->toHaveCount(2);
    $this->edit($copy, 0, ['type' => 'set-screen-field', 'screen' => 'welcome', 'field' => 'ground', 'value' => '#123456'])->assertOk();
    expect(array_keys($kept()))->toBe(['glazes']);
});

it('shows every screen and what lies loose', function (): void {
    $page = $this->get("{$this->path}/wall")->assertOk()->getContent();
    expect(substr_count($page, '<article class="screen"'))->toBe(7)
        ->and($page)->toContain('Studio colours');
});

it('shows mixed values of several layers as mixed', function (): void {
    $this->get("{$this->path}/facets?screen=welcome&layers=t00002,t00003")->assertOk()
        ->assertSee('2 layers')->assertSee('placeholder="mixed"', false)
        ->assertSee('id="f-x" data-field="x" data-step="1" value="24"', false);
});

it('shows only the facets that apply', function (): void {
    $this->get("{$this->path}/facets?screen=welcome&layers=p00001")->assertSee('Corners')->assertDontSee('Line height');
    $this->get("{$this->path}/facets?screen=welcome&layers=t00002")->assertSee('Line height')->assertDontSee('Corners');
    $this->get("{$this->path}/facets?screen=welcome&layers=")->assertSee('Background')->assertSee('Rehearsals start here');
    $this->get("{$this->path}/facets?screen=&layers=")->assertSee('7 screens');
});

it('finds icons by name and by meaning', function (): void {
    expect($this->get("/projects/{$this->project->id}/icons?q=arrow-left")->getContent())->toMatch('/data-icon="arrow-left"/')
        ->and($this->get("/projects/{$this->project->id}/icons?q=fire")->getContent())->toContain('data-icon="flame"');
    $this->get("/projects/{$this->project->id}/icons?q=zzzz")->assertSee('No icon answers');
});

it('has a small picture of every screen for the reel, and of all of it for the wall seen from afar', function (): void {
    $size = function (string $query): array {
        $picture = $this->get("{$this->path}/screens/glazes/thumbnail{$query}")->assertOk()->assertHeader('Content-Type', 'image/webp')->getContent();

        return getimagesizefromstring($picture);
    };
    // The reel shows what the device shows: the first 844 of 1240 px.
    [$width, $height] = $size('');
    [$same, $taller] = $size('?whole=1');
    expect($height / $width)->toEqualWithDelta(844 / 390, 0.01)
        ->and($taller / $same)->toEqualWithDelta(1240 / 390, 0.01)
        ->and($same)->toBe($width)
        ->and($width * $height)->toEqualWithDelta(80_000, 1000);
    $this->get("{$this->path}/screens/nowhere/thumbnail")->assertNoContent();
});

it('lists the outline topmost first', function (): void {
    $page = $this->get("{$this->path}/outline/welcome")->assertOk()->getContent();
    expect(strpos($page, 'I am a member'))->toBeLessThan(strpos($page, 'Studio'));
});

it('leaves messages for the next page alone when pictures are asked for', function (): void {
    $this->withSession(['_flash' => ['new' => ['said'], 'old' => []], 'said' => 'It was duplicated.']);
    $this->get("{$this->path}/screens/glazes/thumbnail")->assertOk();
    $this->get("{$this->path}/stills?of=welcome,glazes")->assertOk();
    $this->get('/')->assertSee('It was duplicated.');
});

it('gives many stills at once, of those screens that are kept', function (): void {
    $this->get("{$this->path}/screens/welcome/thumbnail")->assertOk();
    $this->get("{$this->path}/screens/glazes/thumbnail?whole=1")->assertOk();
    $stills = $this->get("{$this->path}/stills?of=welcome,glazes,kiln,nowhere")->assertOk()->json();
    expect(array_keys($stills))->toBe(['glazes', 'welcome']);
    foreach ($stills as $still) {
        expect(substr((string) base64_decode(substr($still, strlen('data:image/webp;base64,'))), 8, 4))->toBe('WEBP');
    }
    // What was drawn before an edit is not given after it.
    $this->postJson("{$this->path}/edits", ['base' => 0, 'commands' => [['type' => 'move-layers', 'screen' => 'welcome', 'layers' => ['t00002'], 'dx' => 5, 'dy' => 0]]])->assertOk();
    expect(array_keys($this->get("{$this->path}/stills?of=welcome,glazes")->json()))->toBe(['glazes']);
});

it('takes a list in the place of a text for nothing asked', function (string $path): void {
    expect($this->getJson(str_replace('{project}', $this->path, $path))->getStatusCode())->toBeIn([200, 422]);
})->with(['/?q[]=x', '{project}/icons?q[]=x', '{project}/facets?screen[]=x&layers[]=y', '{project}/stills?of[]=x', '{project}/copy?layers[]=x', '{project}/rehearse?screen[]=x', '{project}/edits?since[]=1']);

it('names what a gesture snaps to', function (): void {
    $snaps = $this->get("{$this->path}/snap?screen=booked&layers=e00117")->assertOk()->json();
    expect(array_column($snaps['lines']['x'], 'at'))->toContain(0, 195, 390)->and($snaps['gaps'])->toHaveKeys(['x', 'y']);
    $this->get("{$this->path}/snap?screen=")->assertOk()->assertJsonPath('gaps.x', []);
    $this->getJson("{$this->path}/snap?screen=gone")->assertConflict();
});
