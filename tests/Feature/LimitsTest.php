<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->actingAs($this->user = User::factory()->create());
    $this->project = $this->demo($this->user);
    $this->at = "/projects/{$this->project->id}";
    $this->box = fn (string $seed): array => ['type' => 'create-layers', 'screen' => 'welcome', 'seed' => $seed, 'layers' => [['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 9, 'height' => 9]]];
});

it('keeps a project open in which something larger was stored than may be', function (): void {
    DB::table('layers')->where(['project_id' => $this->project->id, 'id' => 't00003'])->update(['height' => 140_000, 'x' => -2e9]);
    DB::table('layers')->where(['project_id' => $this->project->id, 'id' => 't00002'])->update(['kind' => 'hologram']);
    $this->edit($this->project, 0, ['type' => 'rename-layer', 'layer' => 't00003', 'name' => 'Long'])->assertOk();
    foreach (["{$this->at}/wall", "{$this->at}/hand-over/project", "{$this->at}/hand-over/page", "{$this->at}/facets?screen=welcome&layers=t00003"] as $address) {
        $this->get($address)->assertOk();
    }
    $this->postJson("{$this->at}/undo")->assertOk();
    $this->post("{$this->at}/duplicate")->assertSessionHasNoErrors();
    expect(DB::table('layers')->where(['project_id' => $this->project->id, 'id' => 't00002'])->value('kind'))->toBe('hologram');
});

it('refuses an edit that leads past a limit, in words, and writes nothing of it', function (): void {
    $rows = fn (): array => DB::table('layers')->where('project_id', $this->project->id)->orderBy('id')->get()->all();
    $before = $rows();
    $this->edit($this->project, 0, ['type' => 'set-field', 'screen' => 'welcome', 'layers' => ['t00003'], 'field' => 'style.size', 'value' => '1000'], ['type' => 'set-words', 'screen' => 'welcome', 'layer' => 't00003', 'words' => str_repeat('fern ', 900)])
        ->assertStatus(422)->assertJsonPath('message', fn (string $message): bool => str_contains($message, 'px high; a layer can be at most 100,000 px. Nothing was changed.'));
    expect($rows())->toEqual($before)->and($this->project->fresh()->sequence)->toBe(0);
});

it('takes layers up to the limit of a project, and none past it', function (): void {
    DB::table('projects')->where('id', $this->project->id)->update(['layer_count' => 99_999]);
    $this->edit($this->project, 0, ($this->box)('last'))->assertOk();
    $this->edit($this->project, 1, ($this->box)('past'))->assertStatus(422)->assertJsonPath('message', 'A project holds at most 100,000 layers; this would have 100,001. Nothing was changed.');
    $this->postJson("{$this->at}/undo")->assertOk();
    expect($this->project->fresh()->layer_count)->toBe(99_999);
});

it('counts the layers that it has', function (): void {
    $count = fn (): array => [(int) $this->project->fresh()->layer_count, DB::table('layers')->where('project_id', $this->project->id)->count()];
    $this->edit($this->project, 0, ['type' => 'duplicate-screen', 'screen' => 'welcome', 'seed' => 'more'])->assertOk();
    expect($count()[0])->toBe($count()[1]);
    $this->edit($this->project, 1, ['type' => 'delete-screens', 'screens' => ['welcome']])->assertOk();
    $this->postJson("{$this->at}/undo")->assertOk();
    expect($count()[0])->toBe($count()[1]);
});

it('brings a picture along that was copied in another project of the same person, and no one else’s', function (): void {
    $image = imagecreatetruecolor(4, 3);
    ob_start();
    imagepng($image);
    $hash = $this->post("{$this->at}/assets", ['picture' => UploadedFile::fake()->createWithContent('bowl.png', (string) ob_get_clean())])->assertCreated()->json('hash');
    $other = $this->user->projects()->create(['name' => 'Other']);
    $picture = ['type' => 'create-layers', 'screen' => null, 'seed' => 'pic', 'layers' => [['kind' => 'picture', 'asset' => $hash, 'x' => 0, 'y' => 0, 'width' => 4, 'height' => 3]]];
    $this->edit($other, 0, $picture)->assertOk();
    $this->get("/projects/{$other->id}/assets/{$hash}")->assertOk();
    $this->actingAs($stranger = User::factory()->create());
    $this->edit($stranger->projects()->create(['name' => 'Theirs']), 0, $picture)->assertStatus(422)->assertJsonPath('message', fn (string $message): bool => str_contains($message, 'add it again'));
});

it('takes layers up to the limit of a screen, and none past it', function (): void {
    $row = (array) DB::table('layers')->where(['project_id' => $this->project->id, 'kind' => 'box'])->first();
    $there = DB::table('layers')->where(['project_id' => $this->project->id, 'screen' => 'booked'])->count();
    foreach (array_chunk(range(1, 19_999 - $there), 2000) as $numbers) {
        DB::table('layers')->insert(array_map(fn (int $i): array => ['id' => "many{$i}", 'screen' => 'booked', 'parent' => '', 'rank' => sprintf('a%05d1', $i)] + $row, $numbers));
    }
    $box = fn (string $seed): array => ['screen' => 'booked'] + ($this->box)($seed);
    $this->edit($this->project, 0, $box('last'))->assertOk();
    $this->edit($this->project, 1, $box('past'))->assertStatus(422)->assertJsonPath('message', 'A screen holds at most 20,000 layers; this would have 20,001. Nothing was changed.');
});
