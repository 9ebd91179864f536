<?php

declare(strict_types=1);

use App\Canvas\Editor;
use App\Canvas\StyleInventory;
use App\Models\User;
use Illuminate\Contracts\Cache\Repository as Cache;
use Illuminate\Support\Facades\DB;
use Kindred\Tests\Sample;

beforeEach(function (): void {
    $this->inDemo();
    $this->merge = fn (array $merge) => $this->postJson("{$this->at}/house-style/merge", $merge);
    $boxes = fn (string ...$colours): array => array_map(fn (string $colour): array => ['kind' => 'box', 'name' => 'Grey', 'x' => 0, 'y' => 0, 'width' => 10, 'height' => 10, 'fills' => [['colour' => $colour]]], $colours);
    ($this->edit)(['type' => 'create-layers', 'screen' => 'kiln', 'seed' => 'greysa', 'layers' => $boxes('#777777', '#787878', '#777777')], ['type' => 'create-layers', 'screen' => 'booked', 'seed' => 'greysb', 'layers' => $boxes('#797979')]);
    $this->colours = fn (): array => DB::table('layers')->where('project_id', $this->project->id)->where('body', 'like', '%"name":"Grey"%')->orderBy('id')->pluck('body')->map(fn (string $body): string => json_decode($body, true)['fills'][0]['colour'])->countBy()->sortKeys()->all();
});

it('shows what is in use, what is nearly the same, and which tokens there are', function (): void {
    $shown = $this->get("{$this->at}/house-style/inventory")->assertOk()->assertSee('aria-label="Nearly #777777"', false)->assertSee('#777777: 2 uses; go to the next')->assertSee('Type styles')->assertSee('colour.soft');
    expect(substr_count((string) $shown->getContent(), '#787878: one use'))->toBe(1);
    $this->get("{$this->at}/house-style/inventory?near=0")->assertOk()->assertDontSee('aria-label="Nearly #777777"', false);
    $this->get("{$this->at}/house-style/inventory?near=lots")->assertOk();
    // What was deleted is not in use.
    ($this->edit)(['type' => 'delete-screens', 'screens' => ['booked']]);
    $this->get("{$this->at}/house-style/inventory")->assertOk()->assertDontSee('#797979');
});

it('keeps what screens have, and counts anew what was changed, as if it counted all', function (): void {
    $aspects = fn (): array => app(StyleInventory::class)->aspects($this->project->fresh());
    $grey = fn (string $screen): string => DB::table('layers')->where('project_id', $this->project->id)->where('screen', $screen)->where('body', 'like', '%"name":"Grey"%')->value('id');
    [$kiln, $booked] = [$grey('kiln'), $grey('booked')];
    $first = $aspects();
    foreach ([
        ['type' => 'set-field', 'screen' => 'kiln', 'layers' => [$kiln], 'field' => 'fills.0.colour', 'value' => '#123456'],
        ['type' => 'put-tokens', 'tokens' => [['id' => 'grey1', 'name' => 'grey', 'kind' => 'color', 'value' => '#797979']]],
        ['type' => 'bind-token', 'screen' => 'booked', 'layers' => [$booked], 'field' => 'fills.0.paint', 'token' => 'grey1'],
        ['type' => 'put-tokens', 'tokens' => [['id' => 'grey1', 'name' => 'grey', 'kind' => 'color', 'value' => '#6a6a6a']]],
        ['type' => 'transfer-layers', 'screen' => 'booked', 'layers' => [$booked], 'to' => 'kiln', 'dx' => 0, 'dy' => 0],
        ['type' => 'create-layers', 'screen' => null, 'seed' => 'loose', 'layers' => [['kind' => 'box', 'name' => 'Loose', 'x' => 0, 'y' => -400, 'width' => 10, 'height' => 10, 'fills' => [['colour' => '#654321']]]]],
        ['type' => 'make-component', 'screen' => 'kiln', 'layers' => [$kiln], 'seed' => 'made'],
        ['type' => 'delete-screens', 'screens' => ['glazes']],
        null,
    ] as $command) {
        $command === null ? $this->postJson("{$this->at}/undo")->assertOk() : ($this->edit)($command);
        $kept = $aspects();
        app(Cache::class)->clear();
        expect($kept)->toEqual($aspects(), $command['type'] ?? 'undo')->not->toEqual($first);
    }
});

it('says and shows what a merge would change, and changes nothing yet', function (): void {
    $html = (string) ($this->merge)(['aspect' => 'colours', 'from' => ['#777777', '#787878', '#797979'], 'to' => '#777777'])->assertOk()->json('html');
    expect($html)->toContain('2 layers on 2 screens would change, as one step.')->toContain('Kiln status')->toContain('Booked')->and(substr_count($html, '<svg'))->toBe(4)
        ->and(($this->colours)())->toBe(['#777777' => 2, '#787878' => 1, '#797979' => 1]);
    ($this->merge)(['aspect' => 'colours', 'from' => ['#123456'], 'to' => '#777777'])->assertStatus(422)->assertJsonPath('message', fn (string $said): bool => str_contains($said, 'Nothing has these values any more'));
    ($this->merge)(['aspect' => 'colours'])->assertStatus(422);
    ($this->merge)(['from' => 'x'])->assertStatus(422);
});

it('merges in one step, into a token too, and takes it back whatever others have done', function (): void {
    $answer = ($this->edit)(['type' => 'merge-values', 'aspect' => 'colours', 'from' => ['#787878', '#797979'], 'to' => '#777777', 'token' => 'grey', 'name' => 'colour.grey']);
    expect(($this->colours)())->toBe(['#777777' => 4])->and(array_filter(array_column($answer->patches, 'layer')))->toHaveCount(4);
    $this->get("{$this->at}/house-style")->assertSee('colour.grey: 4 uses', false);
    $other = User::factory()->create();
    $moved = DB::table('layers')->where('project_id', $this->project->id)->where('body', 'like', '%"name":"Grey"%')->where('screen', 'booked')->value('id');
    app(Editor::class)->edit($this->project->fresh(), $other, [Sample::command(['type' => 'move-layers', 'screen' => 'booked', 'layers' => [$moved], 'dx' => 3, 'dy' => 0])], $this->project->fresh()->sequence);
    $this->postJson("{$this->at}/undo")->assertOk();
    expect(($this->colours)())->toBe(['#777777' => 2, '#787878' => 1, '#797979' => 1]);
});

it('is shown to whoever may work in a project, and to nobody else', function (): void {
    $this->actingAs(User::factory()->create());
    $this->get("{$this->at}/house-style/inventory")->assertNotFound();
    ($this->merge)(['aspect' => 'colours', 'from' => ['#777777'], 'to' => '#777777'])->assertNotFound();
});

it('counts and merges what states of components have, and removes a token from them safely', function (): void {
    $parts = $this->user->projects()->where('name', 'Studio parts')->firstOrFail();
    $at = "/projects/{$parts->id}";
    $edit = fn (array $command) => $this->postJson("{$at}/edits", ['base' => $parts->fresh()->sequence, 'commands' => [$command]])->assertOk();
    $states = fn (): string => (string) DB::table('screens')->where('project_id', $parts->id)->where('component', 'like', '%#2f4a3c%')->value('component');
    // Of the room, where switches are used: which of both colours is drawn.
    $drawn = fn (): array => array_values(array_filter(['#2f4a3c', '#0a7a8c'], fn (string $one): bool => str_contains((string) $this->get("{$at}/pictures?of=kilnroom")->getContent(), $one)));
    expect($states())->toContain('"fills.0.colour":"#2f4a3c"')->and($drawn())->toBe(['#2f4a3c']);
    $this->get("{$at}/house-style/inventory")->assertOk()->assertSee('#2f4a3c: one use');
    $html = (string) $this->postJson("{$at}/house-style/merge", ['aspect' => 'colours', 'from' => ['#2f4a3c'], 'to' => '#2f4a3c', 'token' => 'fern', 'name' => 'fern'])->assertOk()->json('html');
    expect($html)->toContain('The states of one component would change, as one step.');
    $edit(['type' => 'merge-values', 'aspect' => 'colours', 'from' => ['#2f4a3c'], 'to' => '#2f4a3c', 'token' => 'fern', 'name' => 'fern']);
    expect($states())->toContain('"fills.0.bound":{"paint":"fern"}');
    $this->get("{$at}/house-style")->assertSee('fern: one use', false);

    $answer = $edit(['type' => 'put-tokens', 'tokens' => [['id' => 'fern', 'text' => '#0a7a8c']]])->json();
    expect(count(array_filter(array_column($answer['patches'], 'layer'))))->toBeGreaterThan(0)->and($drawn())->toBe(['#0a7a8c']);
    $this->postJson("{$at}/undo")->assertOk();
    expect($drawn())->toBe(['#2f4a3c']);
    $this->postJson("{$at}/redo")->assertOk();
    $edit(['type' => 'remove-token', 'token' => 'fern']);
    expect($drawn())->toBe(['#0a7a8c'])->and((string) DB::table('screens')->where('project_id', $parts->id)->where('component', 'like', '%#0a7a8c%')->value('component'))->not->toContain('bound');
    $this->postJson("{$at}/undo")->assertOk();
    expect($states())->toContain('"fills.0.bound":{"paint":"fern"}');
});
