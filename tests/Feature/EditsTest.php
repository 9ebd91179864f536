<?php

declare(strict_types=1);

use App\Canvas\TreeLoader;
use App\Models\User;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->actingAs($this->user = User::factory()->create());
    $this->project = $this->demo($this->user);
    $this->box = fn (string $id): object => DB::table('layers')->where(['project_id' => $this->project->id, 'id' => $id])->first();
    $this->move = fn (string $layer, float $dx): array => ['type' => 'move-layers', 'screen' => 'welcome', 'layers' => [$layer], 'dx' => $dx, 'dy' => 0];
});

it('answers an edit with the picture of what changed, and nothing else', function (): void {
    $answer = $this->edit($this->project, 0, ($this->move)('t00002', 7))->assertOk()->json();
    expect($answer['sequence'])->toBe(1)->and($answer['patches'])->toHaveCount(1)
        ->and($answer['patches'][0]['svg'])->toContain('data-box="31 462 ')
        ->and(($this->box)('t00002')->x)->toBe(31.0);
});

it('shows what an edit would look like and keeps nothing of it', function (): void {
    $rows = fn (): array => [DB::table('layers')->orderBy('id')->get()->all(), DB::table('edits')->count(), $this->project->fresh()->sequence];
    $before = $rows();
    $place = ['id' => 't00003', 'x' => 24, 'y' => 562, 'width' => 160, 'height' => 70, 'rotation' => 0];
    $answer = $this->postJson("/projects/{$this->project->id}/edits/preview", ['base' => 0, 'commands' => [
        ['type' => 'place-layers', 'screen' => 'welcome', 'places' => [$place]],
    ]])->assertOk()->json();
    $now = ($this->box)('t00003');
    preg_match('/data-box="24 562 160 ([\d.]+) 0"/', $answer['patches'][0]['svg'], $found);
    expect($answer['sequence'])->toBe(0)->and((float) $found[1])->toBeGreaterThan(1.5 * $now->height)->and($rows())->toEqual($before);
});

it('touches one row when a group is moved or reordered', function (): void {
    $group = DB::table('layers')->where(['project_id' => $this->project->id, 'screen' => 'welcome', 'kind' => 'group'])->first();
    $this->edit($this->project, 0, ['type' => 'move-layers', 'screen' => 'welcome', 'layers' => [$group->id], 'dx' => 0, 'dy' => -9])->assertOk();
    expect(DB::table('layers')->where(['project_id' => $this->project->id, 'changed' => 1])->pluck('id')->all())->toBe([$group->id]);
    $this->edit($this->project, 1, ['type' => 'reorder-layers', 'screen' => 'welcome', 'layers' => [$group->id], 'above' => null])->assertOk();
    expect(DB::table('layers')->where(['project_id' => $this->project->id, 'changed' => 2])->pluck('id')->all())->toBe([$group->id]);
});

it('undoes and redoes one’s own steps by name, also after a reload', function (): void {
    $this->edit($this->project, 0, ($this->move)('t00002', 7));
    $this->edit($this->project, 1, ['type' => 'set-words', 'screen' => 'welcome', 'layer' => 't00002', 'words' => 'Clay on Friday']);
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk()->assertJsonPath('label', 'Undo: Write “Clay on Friday”');
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    expect(($this->box)('t00002')->x)->toBe(24.0);
    $this->postJson("/projects/{$this->project->id}/undo")->assertConflict()->assertJsonPath('message', 'There is nothing of yours to undo.')->assertJsonPath('place', 'steps');
    $this->postJson("/projects/{$this->project->id}/redo")->assertOk();
    $this->postJson("/projects/{$this->project->id}/redo")->assertOk();
    expect(($this->box)('t00002')->body)->toContain('Clay on Friday');
    $this->postJson("/projects/{$this->project->id}/redo")->assertConflict();
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    $this->edit($this->project, 7, ($this->move)('t00002', 1));
    $this->postJson("/projects/{$this->project->id}/redo")->assertConflict();
});

it('lists all cues in words, by their screens', function (): void {
    $this->edit($this->project, 0, ['type' => 'put-cue', 'screen' => 'kiln', 'cue' => ['id' => 'key1', 'trigger' => ['kind' => 'key', 'key' => 'Ctrl+K'], 'actions' => [['kind' => 'show', 'screen' => 'welcome', 'transition' => ['kind' => 'push', 'direction' => 'right', 'duration' => 250]]]]])->assertOk();
    $page = (string) $this->get("/projects/{$this->project->id}/cues")->assertOk()->getContent();
    preg_match_all('/<li data-cue="([^"]*)" data-trigger="([^"]*)" data-screen="([^"]*)"/', $page, $found);
    $tree = app(TreeLoader::class)->whole($this->project->fresh());
    $all = array_merge([], ...array_map(fn ($one): array => array_column($one->cues, 'id'), [...array_values($tree->screens), ...array_values($tree->layers)]));
    expect($found[1])->toEqualCanonicalizing($all)->and($page)->toContain('<b>the screen</b> Key Ctrl+K: show “'.$tree->screen('welcome')->name.'”, push right 250 ms');
});

it('keeps how a screen lies over others, also where others say nothing of it, and takes it back', function (): void {
    $over = fn (): ?string => app(TreeLoader::class)->whole($this->project->fresh())->screen('kiln')->over?->place->value;
    $this->edit($this->project, 0, ['type' => 'set-screen-field', 'screen' => 'kiln', 'field' => 'over.place', 'value' => 'top'])->assertOk();
    expect($over())->toBe('top');
    $copy = app(App\Canvas\Projects::class)->import($this->user, implode('', iterator_to_array(app(App\Canvas\Projects::class)->pieces($this->project->fresh()), false)));
    expect(app(TreeLoader::class)->whole($copy)->screen('kiln')->over?->place->value)->toBe('top')->and(app(TreeLoader::class)->whole($copy)->screen('welcome')->over)->toBeNull();
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    expect($over())->toBeNull();
    $this->postJson("/projects/{$this->project->id}/redo")->assertOk();
    expect($over())->toBe('top');
});

it('restores a deleted screen with every layer', function (): void {
    $written = fn (): array => app(TreeLoader::class)->whole($this->project->fresh())->layers;
    $before = $written();
    $this->edit($this->project, 0, ['type' => 'delete-screens', 'screens' => ['desk', 'welcome']])->assertOk();
    expect($this->project->fresh()->entry)->toBe('today');
    $answer = $this->postJson("/projects/{$this->project->id}/undo")->assertOk()->json();
    expect($written())->toEqual($before)->and($this->project->fresh()->entry)->toBe('welcome')
        ->and(collect($answer['patches'])->where('added', true)->pluck('screen')->sort()->values()->all())->toBe(['desk', 'welcome']);
});

it('takes several steps back in one go, each a step of its own, as often as it is asked with the same token', function (): void {
    for ($i = 0; $i < 4; $i++) {
        $this->edit($this->project, $i, ['type' => 'move-layers', 'screen' => 'welcome', 'layers' => ['t00002'], 'dx' => 10, 'dy' => 0])->assertOk();
    }
    $x = fn (): float => (float) DB::table('layers')->where('project_id', $this->project->id)->where('id', 't00002')->value('x');
    $begun = $x() - 40;
    $three = ['token' => 'three', 'times' => 3];
    $this->postJson("/projects/{$this->project->id}/undo", $three)->assertOk()->assertJsonPath('base', 4)->assertJsonPath('sequence', 7);
    $this->postJson("/projects/{$this->project->id}/undo", $three)->assertOk();
    expect($x())->toBe($begun + 10)->and($this->project->fresh()->sequence)->toBe(7);
    // Two more are asked for and one is there.
    $this->postJson("/projects/{$this->project->id}/undo", ['token' => 'rest', 'times' => 2])->assertOk()->assertJsonPath('sequence', 8);
    expect($x())->toBe($begun);
    $this->postJson("/projects/{$this->project->id}/redo", ['token' => 'again', 'times' => 4])->assertOk();
    expect($x())->toBe($begun + 40);
    $this->postJson("/projects/{$this->project->id}/undo", ['times' => 21])->assertStatus(422);
});

it('does not let undo overrun what somebody else did since', function (): void {
    $other = User::factory()->create(['name' => 'Odo']);
    $this->edit($this->project, 0, ($this->move)('t00002', 7))->assertOk();
    $this->project->forceFill(['user_id' => $other->id])->save();
    $this->actingAs($other);
    $this->edit($this->project->fresh(), 1, ($this->move)('t00002', 5))->assertOk();
    $this->project->forceFill(['user_id' => $this->user->id])->save();
    $this->actingAs($this->user);
    $message = $this->postJson("/projects/{$this->project->id}/undo")->assertConflict()->json('message');
    expect($message)->toContain('Odo changed it since')->toContain('Nothing was changed')->and(($this->box)('t00002')->x)->toBe(36.0);
});

it('rebases a stale edit on other layers, and refuses one on the same with both sides named', function (): void {
    $this->edit($this->project, 0, ($this->move)('t00002', 7))->assertOk();
    $this->edit($this->project, 0, ($this->move)('t00003', 4))->assertOk()->assertJsonPath('sequence', 2)->assertJsonPath('base', 1);
    $message = $this->edit($this->project, 0, ($this->move)('t00002', 90))->assertConflict()->json('message');
    expect($message)->toContain('Move Hands in clay by Thursday')->toContain($this->user->name)->and(($this->box)('t00002')->x)->toBe(31.0);
});

it('lets two people at different things of one layer, and each take back only their own', function (): void {
    $other = User::factory()->create(['name' => 'Odo']);
    $as = function (User $user): void {
        $this->project->forceFill(['user_id' => $user->id])->save();
        $this->actingAs($user);
    };
    $opaque = fn (string $value): array => ['type' => 'set-field', 'screen' => 'welcome', 'layers' => ['t00002'], 'field' => 'opacity', 'value' => $value];
    $is = fn (): array => [($this->box)('t00002')->x, json_decode((string) DB::table('layers')->where(['project_id' => $this->project->id, 'id' => 't00002'])->value('body'), true)['opacity'] ?? 1];
    $this->edit($this->project, 0, ($this->move)('t00002', 7))->assertOk();
    // Who has not seen that yet makes it paler.
    $as($other);
    $this->edit($this->project->fresh(), 0, $opaque('0.5'))->assertOk()->assertJsonPath('base', 1);
    expect($is())->toEqual([31, 0.5]);
    $as($this->user);
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    expect($is())->toEqual([24, 0.5]);
    $message = $this->edit($this->project->fresh(), 1, $opaque('0.7'))->assertConflict()->json('message');
    expect($message)->toContain('Odo')->and($is())->toEqual([24, 0.5]);
});

it('lets two people at the items of one stack, and each take back only their own', function (): void {
    $other = User::factory()->create(['name' => 'Odo']);
    $as = function (User $user): void {
        $this->project->forceFill(['user_id' => $user->id])->save();
        $this->actingAs($user);
    };
    $item = fn (int $i): array => ['kind' => 'box', 'x' => 0, 'y' => $i * 50, 'width' => 100, 'height' => 40];
    $this->edit($this->project, 0, ['type' => 'create-layers', 'screen' => 'kiln', 'seed' => 'column', 'layers' => [
        ['kind' => 'stack', 'direction' => 'column', 'x' => 20, 'y' => 20, 'width' => 100, 'rowGap' => 10, 'sizing' => ['height' => 'content'], 'children' => [$item(0), $item(1), $item(2)]],
    ]])->assertOk();
    $stack = DB::table('layers')->where(['project_id' => $this->project->id, 'kind' => 'stack', 'screen' => 'kiln', 'changed' => 1])->value('id');
    $items = DB::table('layers')->where(['project_id' => $this->project->id, 'parent' => $stack])->orderBy('rank')->pluck('id')->all();
    $height = fn (int $i, string $value): array => ['type' => 'set-field', 'screen' => 'kiln', 'layers' => [$items[$i]], 'field' => 'height', 'value' => $value];
    $lies = fn (): array => array_map(fn (string $id): array => [($this->box)($id)->y, ($this->box)($id)->height], [...$items, $stack]);
    $base = $this->project->fresh()->sequence;

    $this->edit($this->project, $base, $height(0, '70'))->assertOk();
    // Somebody who has not seen it yet changes the item below, which it has moved.
    $as($other);
    $this->edit($this->project->fresh(), $base, $height(1, '90'))->assertOk();
    expect($lies())->toEqual([[0, 70], [80, 90], [180, 40], [20, 220]]);
    // Each step is taken back by itself, and made again.
    $as($this->user);
    $answer = $this->postJson("/projects/{$this->project->id}/undo")->assertOk()->json();
    expect($lies())->toEqual([[0, 40], [50, 90], [150, 40], [20, 190]])
        ->and(json_encode($answer['patches']))->toContain($items[2]);
    $as($other);
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    expect($lies())->toEqual([[0, 40], [50, 40], [100, 40], [20, 140]]);
    $as($this->user);
    $this->postJson("/projects/{$this->project->id}/redo")->assertOk();
    expect($lies())->toEqual([[0, 70], [80, 40], [130, 40], [20, 170]]);
    // The same item is another matter.
    $as($other);
    $message = $this->edit($this->project->fresh(), $base, $height(0, '55'))->assertConflict()->json('message');
    expect($message)->toContain('changed the same thing');
});

it('tells a window what it missed', function (): void {
    $this->edit($this->project, 0, ($this->move)('t00002', 7));
    $this->edit($this->project, 1, ['type' => 'delete-layers', 'screen' => 'welcome', 'layers' => ['t00003']]);
    $this->edit($this->project, 2, ['type' => 'create-layers', 'screen' => 'welcome', 'seed' => 'x', 'layers' => [['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 9, 'height' => 9]]]);
    $answer = $this->getJson("/projects/{$this->project->id}/edits?since=0")->assertOk()->json();
    expect($answer['sequence'])->toBe(3)
        ->and(collect($answer['patches'])->firstWhere('layer', 't00003')['removed'])->toBeTrue()
        ->and(collect($answer['patches'])->last()['svg'])->toContain('width="9"');
    expect($this->getJson("/projects/{$this->project->id}/edits?since=3")->json('patches'))->toBe([]);
});

it('carries out an edit with the same token once', function (): void {
    $send = fn () => $this->postJson("/projects/{$this->project->id}/edits", ['base' => 0, 'token' => 'once', 'commands' => [($this->move)('t00002', 7)]]);
    $send()->assertOk()->assertJsonPath('sequence', 1);
    $send()->assertOk()->assertJsonPath('sequence', 1);
    expect(($this->box)('t00002')->x)->toBe(31.0)->and(DB::table('edits')->count())->toBe(1);
});

it('refuses hostile edits clearly and changes nothing', function (mixed $body, int $status, string $message): void {
    $before = DB::table('layers')->orderBy('id')->get();
    $response = $this->call('POST', "/projects/{$this->project->id}/edits", [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], is_string($body) ? $body : json_encode($body));
    $response->assertStatus($status);
    expect($response->json('message'))->toContain($message)
        ->and(DB::table('layers')->orderBy('id')->get())->toEqual($before)
        ->and(DB::table('edits')->count())->toBe(0);
})->with([
    ['{"base":', 422, 'list is expected'],
    [['base' => 0, 'commands' => 'all'], 422, 'list is expected'],
    [['base' => -1, 'commands' => [['type' => 'set-entry', 'screen' => 'kiln']]], 422, 'between 0'],
    [['base' => 0, 'commands' => array_fill(0, 51, ['type' => 'set-entry', 'screen' => 'kiln'])], 422, 'between 1 and 50'],
    [['base' => 0, 'commands' => [['type' => 'set-entry', 'screen' => "kiln' OR 1=1"]]], 422, 'an id is'],
    [['base' => 0, 'commands' => [['type' => 'set-entry', 'screen' => 'nowhere']]], 409, 'no longer there'],
    [['base' => 0, 'commands' => [['type' => 'move-layers', 'screen' => 'kiln', 'layers' => ['t00002'], 'dx' => 1, 'dy' => 1]]], 409, 'no longer there'],
    [['base' => 0, 'commands' => [['type' => 'set-words', 'screen' => 'welcome', 'layer' => 't00002', 'words' => str_repeat('a', 20_001)]]], 422, 'longer than 20000'],
    // The second command fails, so the first must not stay.
    [['base' => 0, 'commands' => [['type' => 'move-layers', 'screen' => 'welcome', 'layers' => ['t00002'], 'dx' => 1, 'dy' => 1], ['type' => 'set-entry', 'screen' => 'nowhere']]], 409, 'no longer there'],
]);

it('renders typed markup as text everywhere', function (): void {
    $evil = '<script>alert(1)</script>"\'</title>{{7771 . 7}}';
    $this->edit($this->project, 0,
        ['type' => 'set-words', 'screen' => 'welcome', 'layer' => 't00002', 'words' => $evil],
        ['type' => 'rename-layer', 'layer' => 't00003', 'name' => $evil],
        ['type' => 'set-screen-field', 'screen' => 'welcome', 'field' => 'name', 'value' => $evil],
    )->assertOk();
    $this->patch("/projects/{$this->project->id}", ['name' => $evil]);
    $id = $this->project->id;
    foreach (["/projects/{$id}/wall", "/projects/{$id}/outline/welcome", "/projects/{$id}/facets?screen=welcome&layers=t00002", "/projects/{$id}/reel", "/projects/{$id}/history",
        "/projects/{$id}/rehearse", "/projects/{$id}/hand-over", "/projects/{$id}/hand-over/page", "/projects/{$id}/hand-over/screens/welcome.svg", '/'] as $page) {
        expect($this->get($page)->assertOk()->getContent())->not->toContain('<script>alert')->not->toContain('77717');
    }
    $name = $this->get("/projects/{$id}/hand-over/project")->headers->get('Content-Disposition');
    expect($name)->not->toMatch('/[<>\r\n]/');
});

it('makes nothing twice that is sent twice, an undo neither', function (): void {
    $send = fn (string $what, array $body) => $this->postJson("/projects/{$this->project->id}/{$what}", $body)->assertOk()->json();
    $edit = ['base' => 0, 'token' => 'one', 'commands' => [($this->move)('t00002', 7)]];
    expect([$send('edits', $edit)['made'], $send('edits', $edit)['made']])->toBe([1, 1]);
    $send('edits', ['token' => 'two', 'base' => 1] + $edit);
    expect([$send('undo', ['token' => 'back'])['made'], $send('undo', ['token' => 'back'])['made']])->toBe([3, 3])
        ->and([$send('redo', ['token' => 'again'])['made'], $send('redo', ['token' => 'again'])['made']])->toBe([4, 4])
        ->and(($this->box)('t00002')->x)->toBe(38.0);
});

it('takes what a window did itself since for its own, and nothing of others', function (): void {
    $send = fn (array $more) => $this->postJson("/projects/{$this->project->id}/edits", $more + ['base' => 0, 'commands' => [($this->move)('t00002', 7)]]);
    $send([])->assertOk();
    $send(['own' => [1]])->assertOk();
    $send(['own' => [1]])->assertConflict();
    $send(['own' => [1, 2]])->assertOk();
});

it('says again where a moved layer lies when its group has followed it, and how what it masks is cut', function (): void {
    $boxes = array_map(fn (int $i): array => ['kind' => 'box', 'name' => "Box {$i}", 'x' => 40 + 60 * $i, 'y' => 600, 'width' => 50, 'height' => 40, 'fills' => [['colour' => '#a94c31']]], [0, 1]);
    $made = $this->edit($this->project, 0, ['type' => 'create-layers', 'screen' => 'welcome', 'seed' => 'pair', 'layers' => [['kind' => 'group', 'x' => 40, 'y' => 600, 'width' => 110, 'height' => 40, 'children' => array_map(fn (array $box): array => ['x' => $box['x'] - 40, 'y' => 0] + $box, $boxes)]]])->assertOk()->json();
    $group = $made['added'][0];
    $left = DB::table('layers')->where(['project_id' => $this->project->id, 'parent' => $group])->orderBy('rank')->value('id');
    $moved = collect($this->edit($this->project, 1, ($this->move)($left, -9))->assertOk()->json('patches'))->keyBy('layer');
    // It still lies at the corner of the group, which has moved.
    expect($moved[$group]['svg'])->toContain('data-box="31 600 119 40 0"')->and($moved[$left]['svg'])->toContain('data-box="0 0 50 40 0"');

    $right = DB::table('layers')->where(['project_id' => $this->project->id, 'parent' => $group])->orderByDesc('rank')->value('id');
    $masked = collect($this->edit($this->project, 2, ['type' => 'set-field', 'screen' => 'welcome', 'layers' => [$right], 'field' => 'masking', 'value' => 'true'])->assertOk()->json('patches'))->keyBy('layer');
    expect($masked[$group]['shell'])->toBeTrue()->and($masked[$group]['svg'])->toContain("id=\"{$right}-masks-clip\"")->toContain('data-inside');
    $coloured = collect($this->edit($this->project, 3, ['type' => 'set-field', 'screen' => 'welcome', 'layers' => [$right], 'field' => 'fills.0.opacity', 'value' => '50%'])->assertOk()->json('patches'))->keyBy('layer');
    expect($coloured[$group]['svg'])->toContain('mask-type="alpha"');
    $gone = collect($this->edit($this->project, 4, ['type' => 'delete-layers', 'screen' => 'welcome', 'layers' => [$right]])->assertOk()->json('patches'))->keyBy('layer');
    expect($gone[$group]['svg'])->not->toContain('data-inside');
});

it('refuses what would take the place of something that was not at hand, and loses nothing', function (): void {
    $this->inDemo();
    $say = fn (array $command) => $this->edit($this->project, $this->project->fresh()->sequence, $command);
    $box = fn (string $name): array => ['kind' => 'box', 'name' => $name, 'x' => 0, 'y' => 0, 'width' => 10, 'height' => 10];
    $named = fn (string $name): array => DB::table('layers')->where('project_id', $this->project->id)->where('body', 'like', "%\"name\":\"{$name}\"%")->pluck('id', 'screen')->all();
    $say(['type' => 'create-layers', 'screen' => 'kiln', 'seed' => 'same', 'layers' => [$box('Vase lid')]])->assertOk();
    $say(['type' => 'create-layers', 'screen' => 'kiln', 'seed' => 'same', 'layers' => [$box('Jug lid')]])->assertOk();
    expect($named('Vase lid'))->toHaveCount(1)->and($named('Jug lid'))->toHaveCount(1);
    // On another screen nobody knows of it before it is written.
    $other = DB::table('screens')->where('project_id', $this->project->id)->where('id', '!=', 'kiln')->where('gone', false)->whereNull('component')->value('id');
    $say(['type' => 'create-layers', 'screen' => $other, 'seed' => 'same', 'layers' => [$box('Bowl lid')]])->assertUnprocessable()->assertSee('the id of something that is there already');
    expect($named('Vase lid'))->toHaveKey('kiln')->and($named('Bowl lid'))->toBe([]);
    // Nor does a token take the place of a limit that was set for the checks.
    $say(['type' => 'set-rule', 'rule' => 'contrast', 'limit' => 7])->assertOk();
    $limit = DB::table('things')->where('project_id', $this->project->id)->where('entity', 'rulesetting')->first();
    $say(['type' => 'put-tokens', 'tokens' => [['id' => $limit->id, 'name' => 'colour.clay', 'kind' => 'color', 'value' => '#b4472e']]])->assertUnprocessable();
    expect(DB::table('things')->where('project_id', $this->project->id)->where('id', $limit->id)->get()->all())->toEqual([$limit]);
});

it('makes a version for a situation again after the first was deleted', function (): void {
    $this->inDemo();
    $say = fn (array $command) => $this->edit($this->project, $this->project->fresh()->sequence, $command);
    $made = fn (): array => DB::table('screens')->where('project_id', $this->project->id)->where('condition_of', 'kiln')->where('condition', 'error')->where('gone', false)->pluck('id')->all();
    DB::table('screens')->where('project_id', $this->project->id)->where('condition_of', 'kiln')->where('condition', 'error')->delete();
    $make = ['type' => 'make-condition', 'screen' => 'kiln', 'condition' => 'error', 'seed' => 'first'];
    $say($make)->assertOk();
    [$first] = $made();
    $say(['type' => 'delete-screens', 'screens' => [$first]])->assertOk();
    // With the same seed it would be the one that sleeps.
    $say($make)->assertUnprocessable();
    $say(['seed' => 'second'] + $make)->assertOk();
    expect($made())->toHaveCount(1)->not->toContain($first);
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    expect($made())->toBe([$first]);
});
