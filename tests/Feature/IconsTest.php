<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->user = User::factory()->create();
    $this->project = $this->demo($this->user);
    $this->actingAs($this->user);
    $this->icons = "/projects/{$this->project->id}/icons";
});

const PUG_MILL = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 24 24"><rect x="3" y="8" width="18" height="8" fill="#222"/><script>alert(1)</script></svg>';

it('reads icons from SVG files, shows them as icons of the project, and draws them', function (): void {
    $sent = $this->post($this->icons, ['icon' => UploadedFile::fake()->createWithContent('Pug mill.svg', PUG_MILL)], ['Accept' => 'application/json'])->assertCreated()->json('icon');
    expect($sent['name'])->toBe('pug-mill')->and(json_encode($sent))->not->toContain('alert');
    // Nothing is in the project before an edit puts it there.
    expect($this->get($this->icons)->getContent())->not->toContain('Of this project');
    $this->edit($this->project, $this->project->sequence, ['type' => 'put-icons', 'icons' => [$sent]])->assertOk()->assertJsonPath('patches.0.redraw', true);
    expect($this->get($this->icons)->getContent())->toContain('Of this project', 'data-icon="pug-mill"', $sent['areas'])
        ->and($this->get("{$this->icons}?q=pug")->getContent())->toContain('data-icon="pug-mill"')
        ->and($this->post("{$this->icons}?taken=pug-mill-2", ['icon' => UploadedFile::fake()->createWithContent('pug_mill.svg', PUG_MILL)], ['Accept' => 'application/json'])->json('icon.name'))->toBe('pug-mill-3');
    $this->edit($this->project, $this->project->refresh()->sequence, ['type' => 'create-layers', 'screen' => 'welcome', 'seed' => 'mill', 'layers' => [['kind' => 'icon', 'icon' => 'pug-mill', 'name' => 'Mill', 'x' => 10, 'y' => 10, 'width' => 24, 'height' => 24, 'fills' => [['colour' => '#b4472e']]]]])->assertOk();
    expect($this->get("/projects/{$this->project->id}/hand-over/screens/welcome.svg")->assertOk()->getContent())->toContain('M3 8L21 8L21 16L3 16Z');
    // Where it is shown says that it is missing, once it is.
    $id = DB::table('layers')->where('project_id', $this->project->id)->where('body', 'like', '%pug-mill%')->value('id');
    $facets = fn (): string => (string) $this->get("/projects/{$this->project->id}/facets?screen=welcome&layers={$id}")->assertOk()->getContent();
    expect($facets())->not->toContain('is not here');
    $this->edit($this->project, $this->project->refresh()->sequence, ['type' => 'remove-icon', 'icon' => 'pug-mill'])->assertOk();
    expect($facets())->toContain('“pug-mill” is not here');
});

it('says what is no icon, and takes none', function (): void {
    $send = fn (string $name, string $bytes) => $this->post($this->icons, ['icon' => UploadedFile::fake()->createWithContent($name, $bytes)], ['Accept' => 'application/json']);
    $send('mug.svg', 'a mug')->assertUnprocessable();
    $send('white.svg', '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"><rect width="9" height="9" fill="#fff"/></svg>')->assertUnprocessable()->assertJsonPath('message', fn (string $message): bool => str_contains($message, 'nearly white'));
    $this->post($this->icons, [], ['Accept' => 'application/json'])->assertUnprocessable();
    $this->actingAs(User::factory()->create())->post($this->icons, [], ['Accept' => 'application/json'])->assertNotFound();
});

it('keeps for each person which icons are favourites, and which were used last', function (): void {
    foreach ([['icon' => 'flame', 'used' => true], ['icon' => 'bell', 'used' => true], ['icon' => 'flame', 'used' => true], ['icon' => 'star', 'favourite' => true], ['icon' => 'sun', 'favourite' => true], ['icon' => 'star', 'favourite' => false]] as $what) {
        $this->postJson('/icons', $what)->assertNoContent();
    }
    expect($this->user->refresh()->icons)->toBe(['recent' => ['flame', 'bell'], 'favourites' => ['sun']]);
    $shown = (string) $this->get($this->icons)->getContent();
    expect($shown)->toContain('Favourites', 'Used last')->and(strpos($shown, 'data-icon="sun"'))->toBeLessThan(strpos($shown, 'data-icon="flame"'));
    $this->postJson('/icons', ['icon' => '<b>', 'used' => true])->assertUnprocessable();
    foreach (range(1, 40) as $i) {
        $this->postJson('/icons', ['icon' => "gone-{$i}", 'used' => true])->assertNoContent();
    }
    expect($this->user->refresh()->icons['recent'])->toHaveCount(18)->and($this->get($this->icons)->getContent())->not->toContain('Used last');
});

it('takes the icons of two people who bring some in at once, and each takes back their own', function (): void {
    $put = fn (string $name, int $base) => $this->edit($this->project, $base, ['type' => 'put-icons', 'icons' => [['name' => $name, 'lines' => 'M4 4L20 20']]]);
    $names = fn (): array => array_column(json_decode((string) $this->project->fresh()->icons, true), 'name');
    $base = (int) $this->project->fresh()->sequence;
    $first = $put('pug-mill', $base)->assertOk();
    $put('cone-six', $base)->assertOk();
    expect($names())->toBe(['cone-six', 'pug-mill']);
    $this->postJson("/projects/{$this->project->id}/undo", ['base' => $base + 2])->assertOk();
    expect($names())->toBe(['pug-mill'])->and($first->json('label'))->toBe('Import the icon “pug-mill”');
});
