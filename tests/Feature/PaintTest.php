<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->actingAs($this->user = User::factory()->create());
    $this->project = $this->demo($this->user);
    $this->row = fn (string $id): object => DB::table('layers')->where(['project_id' => $this->project->id, 'id' => $id])->first();
    $this->on = fn (string $type, array $layers, array $more = []): array => ['type' => $type, 'screen' => 'welcome', 'layers' => $layers] + $more;
    $this->as = function (User $user): void {
        $this->project->forceFill(['user_id' => $user->id])->save();
        $this->actingAs($user);
    };
    $this->file = fn (): array => json_decode($this->get("/projects/{$this->project->id}/hand-over/project")->assertOk()->streamedContent(), true);
});

it('takes each person’s paint back by itself', function (): void {
    $other = User::factory()->create(['name' => 'Odo']);
    $shadow = ['list' => 'effects', 'entry' => ['colour' => '#00000040', 'offsetY' => 4, 'blur' => 12]];
    $lists = fn (): array => [count(json_decode(($this->row)('t00002')->body, true)['effects'] ?? []), count(json_decode(($this->row)('t00003')->body, true)['masks'] ?? [])];
    $this->edit($this->project, 0, ($this->on)('add-to-list', ['t00002'], $shadow))->assertOk();
    ($this->as)($other);
    // Who has not seen that yet paints something else.
    $this->edit($this->project->fresh(), 0, ($this->on)('add-to-list', ['t00003'], ['list' => 'masks', 'entry' => ['kind' => 'linear', 'stops' => []]]))->assertOk();
    ($this->as)($this->user);
    $this->edit($this->project->fresh(), 2, ($this->on)('duplicate-in-list', ['t00002'], ['list' => 'effects', 'at' => 0]))->assertOk();
    expect($lists())->toBe([2, 1]);
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    expect($lists())->toBe([0, 1]);
    ($this->as)($other);
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    expect($lists())->toBe([0, 0]);
    ($this->as)($this->user);
    $this->postJson("/projects/{$this->project->id}/redo")->assertOk();
    expect($lists())->toBe([1, 0]);
});

it('takes masks and pictures along into another project, and shows the same there', function (): void {
    $image = imagecreatetruecolor(40, 30);
    imagefilledrectangle($image, 0, 0, 20, 30, (int) imagecolorallocate($image, 200, 80, 50));
    ob_start();
    imagepng($image);
    $hash = $this->post("/projects/{$this->project->id}/assets", ['picture' => UploadedFile::fake()->createWithContent('a.png', (string) ob_get_clean())], ['Accept' => 'application/json'])->assertCreated()->json('hash');
    $picture = ['kind' => 'picture', 'asset' => $hash, 'fit' => 'cover'];
    $box = ['kind' => 'box', 'x' => 10, 'y' => 10, 'width' => 90, 'height' => 70];
    $made = $this->edit($this->project, 0, ['type' => 'create-layers', 'screen' => 'booked', 'seed' => 'pair', 'layers' => [
        ['fills' => [$picture + ['adjustment' => ['saturate' => 0.3, 'tint' => '#17594f80']]], 'strokes' => [['width' => 3] + $picture]] + $box,
        ['kind' => 'ellipse', 'x' => 20, 'fills' => [['kind' => 'radial', 'stops' => [['colour' => '#000000', 'at' => 0], ['colour' => '#00000000', 'at' => 1]]]]] + $box,
    ]])->assertOk()->json('added');
    $this->edit($this->project->fresh(), 1, ['type' => 'mask-layers', 'screen' => 'booked', 'layers' => $made, 'seed' => 'mask'])->assertOk();
    $this->edit($this->project->fresh(), 2, ['type' => 'add-to-list', 'screen' => 'booked', 'layers' => [$made[0]], 'list' => 'masks', 'entry' => $picture])->assertOk();
    $drawn = fn (): string => $this->get("/projects/{$this->project->id}/hand-over/screens/booked.svg")->assertOk()->getContent();
    [$before, $file] = [$drawn(), ($this->file)()];
    expect($before)->toContain("{$made[1]}-masks-mask")->toContain('data:image/png')->and(array_keys($file['pictures']))->toContain($hash);

    $this->actingAs($this->user = User::factory()->create());
    $this->post('/projects/import', ['file' => UploadedFile::fake()->createWithContent('a.json', (string) json_encode($file))])->assertRedirect();
    $this->project = $this->user->projects()->sole();
    expect($drawn())->toBe($before)->and(($this->file)())->toEqual($file);
});

it('says what is wrong with paint at its field, and changes nothing', function (array $command, string $said): void {
    $box = DB::table('layers')->where(['project_id' => $this->project->id, 'screen' => 'welcome', 'kind' => 'box'])->value('id');
    $before = ($this->row)($box)->body;
    $answer = $this->edit($this->project, 0, ($this->on)($command['type'], [$box], $command))->assertUnprocessable();
    expect($answer->json('message'))->toContain($said)->and(($this->row)($box)->body)->toBe($before)->and($this->project->fresh()->sequence)->toBe(0);
})->with([
    'a stop that is none' => [['type' => 'set-field', 'field' => 'fills.0.paint', 'value' => 'linear-gradient(red, kiln)'], 'kiln'],
    'a width below nothing' => [['type' => 'add-to-list', 'list' => 'strokes', 'entry' => ['colour' => '#000', 'width' => -1]], 'between 0.1 and 200'],
    'a blur without end' => [['type' => 'add-to-list', 'list' => 'effects', 'entry' => ['kind' => 'blur', 'radius' => 1e9]], 'between 0 and 200'],
    'an effect that there is not' => [['type' => 'add-to-list', 'list' => 'effects', 'entry' => ['kind' => 'glow']], 'one of these is expected: shadow, blur'],
    'a list that there is not' => [['type' => 'duplicate-in-list', 'list' => 'cues', 'at' => 0], 'list'],
    'a mask of one layer' => [['type' => 'mask-layers', 'seed' => 'm'], 'Select what is to be masked'],
]);
