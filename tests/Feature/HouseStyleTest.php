<?php

declare(strict_types=1);

use App\Canvas\Editor;
use App\Canvas\Projects;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Sample;

beforeEach(function (): void {
    $this->inDemo();
    $this->tokens = fn (array ...$tokens) => ($this->edit)(['type' => 'put-tokens', 'tokens' => $tokens]);
    $this->some = DB::table('layers')->where('project_id', $this->project->id)->where('screen', 'kiln')->where('kind', 'box')->where('body', 'like', '%"fills":[{"colour"%')->orderBy('id')->limit(2)->pluck('id')->all();
    $this->body = fn (string $id): array => json_decode(DB::table('layers')->where(['project_id' => $this->project->id, 'id' => $id])->value('body'), true);
});

it('changes everywhere what is bound to a token, in one step that is taken back as one', function (): void {
    ($this->tokens)(['id' => 'clay', 'name' => 'test.clay', 'kind' => 'color', 'value' => '#b4472e'], ['id' => 'accent', 'name' => 'test.accent', 'kind' => 'color', 'value' => '#000', 'bound' => ['value' => 'clay']]);
    ($this->edit)(['type' => 'bind-token', 'screen' => 'kiln', 'layers' => $this->some, 'field' => 'fills.0.paint', 'token' => 'accent']);
    $answer = ($this->tokens)(['id' => 'clay', 'text' => 'teal']);
    expect(array_column($answer->patches, 'layer'))->toEqualCanonicalizing($this->some)
        ->and(($this->body)($this->some[0])['fills'][0]['colour'])->toBe('#008080');
    // Others have moved it since: the token is taken back all the same.
    $other = User::factory()->create();
    app(Editor::class)->edit($this->project->fresh(), $other, [Sample::command(['type' => 'move-layers', 'screen' => 'kiln', 'layers' => [$this->some[0]], 'dx' => 3, 'dy' => 0])], $this->project->fresh()->sequence);
    $this->postJson("{$this->at}/undo")->assertOk();
    expect(($this->body)($this->some[0])['fills'][0])->toBe(['colour' => '#b4472e', 'bound' => ['paint' => 'accent']]);
});

it('knows what uses a token, which could take its place, and what fits a property', function (): void {
    ($this->tokens)(['id' => 'clay', 'name' => 'test.clay', 'kind' => 'color', 'value' => '#b4472e'], ['id' => 'moss', 'name' => 'test.moss', 'kind' => 'color', 'value' => '#3f5d4a'], ['id' => 'space', 'name' => 'test.space', 'kind' => 'dimension', 'value' => 8]);
    ($this->edit)(['type' => 'bind-token', 'screen' => 'kiln', 'layers' => $this->some, 'field' => 'fills.0.paint', 'token' => 'clay']);
    $this->get("{$this->at}/house-style")->assertOk()->assertSee('test.clay: 2 uses; where, and remove', false)->assertSee('test.space: not used', false);
    $this->get("{$this->at}/house-style?open=clay")->assertOk()->assertSee('Kiln status')->assertSee('test.moss takes its place')->assertDontSee('test.space takes its place');
    $this->get("{$this->at}/house-style?open=gone")->assertOk()->assertDontSee('Remove token');
    $choices = fn (string $field): string => (string) $this->get("{$this->at}/house-style/choices?field={$field}&layers={$this->some[0]}")->assertOk()->getContent();
    expect($choices('fills.0.paint'))->toContain('moss')->toContain('Detach')->not->toContain('space')
        ->and($choices('corners'))->toContain('space')->not->toContain('moss')
        ->and($choices('nothing'))->toContain('No token fits');
    // A token on a screen that was deleted is no use of it.
    ($this->edit)(['type' => 'delete-screens', 'screens' => ['kiln']]);
    $this->get("{$this->at}/house-style")->assertSee('test.clay: not used', false);
    $this->get("{$this->at}/house-style?open=clay")->assertOk()->assertSee('Nothing is bound to it');
});

it('counts and binds what a state, an instance and a background have of a colour, and takes that back after others have worked on', function (): void {
    ($this->edit)(['type' => 'make-component', 'screen' => 'kiln', 'layers' => [$this->some[0]], 'seed' => 'c']);
    $made = DB::table('screens')->where('project_id', $this->project->id)->whereNotNull('component')->first(['id', 'component']);
    [$sheet, $box] = [$made->id, json_decode($made->component)->root];
    $use = DB::table('layers')->where(['project_id' => $this->project->id, 'screen' => 'kiln', 'kind' => 'instance'])->where('body', 'like', "%\"component\":\"{$sheet}\"%")->value('id');
    ($this->edit)(['type' => 'add-state', 'component' => $sheet, 'name' => 'Off', 'seed' => 's']);
    $sample = DB::table('layers')->where(['project_id' => $this->project->id, 'screen' => $sheet, 'kind' => 'instance'])->value('id');
    $paint = ['type' => 'set-field', 'screen' => $sheet, 'field' => 'fills.0.colour', 'value' => '#0c0ffe'];
    ($this->edit)(['layers' => ["{$box}.{$sample}"]] + $paint, ['layers' => ["{$box}.{$use}"], 'apart' => true] + $paint, ['type' => 'set-screen-field', 'screen' => 'kiln', 'field' => 'ground', 'value' => '#0c0ffe']);
    ($this->tokens)(['id' => 'dusk', 'name' => 'test.dusk', 'kind' => 'color', 'value' => '#0c0ffe']);
    $drawer = fn (): string => (string) $this->get("{$this->at}/house-style?open=dusk")->assertOk()->getContent();
    $said = fn (): array => [substr_count((string) DB::table('screens')->where(['project_id' => $this->project->id, 'id' => $sheet])->value('component'), 'dusk'), substr_count(json_encode(($this->body)($use)), 'dusk'), substr_count((string) DB::table('screens')->where(['project_id' => $this->project->id, 'id' => 'kiln'])->value('bound'), 'dusk')];
    expect($drawer())->toContain('In 3 more places there is this very colour');
    ($this->edit)($adopt = ['type' => 'adopt-token', 'token' => 'dusk', 'colour' => '#0c0ffe']);
    expect($said())->toBe([1, 1, 1])->and($drawer())->not->toContain('this very colour')->and(fn () => ($this->edit)($adopt))->toThrow(InvalidInput::class, 'Nothing else has the colour');
    $again = app(Projects::class)->import($this->user, (string) $this->get("{$this->at}/hand-over/project")->assertOk()->streamedContent());
    expect(substr_count((string) DB::table('screens')->where(['project_id' => $again->id, 'id' => $sheet])->value('component'), 'dusk'))->toBe(1);
    app(Editor::class)->edit($this->project->fresh(), User::factory()->create(), [Sample::command(['type' => 'move-layers', 'screen' => 'kiln', 'layers' => [$use], 'dx' => 3, 'dy' => 0])], $this->project->fresh()->sequence);
    $this->postJson("{$this->at}/undo")->assertOk();
    expect($said())->toBe([0, 0, 0])->and($drawer())->toContain('In 3 more places there is this very colour');
});

it('binds the background of screens, which deleted ones follow once they are back', function (): void {
    ($this->tokens)(['id' => 'clay', 'name' => 'test.clay', 'kind' => 'color', 'value' => '#b4472e']);
    ($this->edit)(['type' => 'bind-screens', 'screens' => ['kiln', 'booked'], 'token' => 'clay']);
    $this->get("{$this->at}/house-style?open=clay")->assertOk()->assertSee('Background of')->assertSee('Kiln status');
    $this->get("{$this->at}/house-style/choices?field=ground&screens=kiln,booked")->assertOk()->assertSee('Background is <b>test.clay</b>', false);
    $this->get("{$this->at}/facets?screen=kiln")->assertOk()->assertSee('token test.clay', false);
    ($this->edit)(['type' => 'delete-screens', 'screens' => ['booked']]);
    $other = User::factory()->create();
    $answer = app(Editor::class)->edit($this->project->fresh(), $other, [Sample::command(['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'text' => 'teal']]])], $this->project->fresh()->sequence);
    expect(array_column($answer->patches, 'ground', 'screen'))->toBe(['kiln' => '#008080']);
    $this->postJson("{$this->at}/undo")->assertOk();
    expect(DB::table('screens')->where('project_id', $this->project->id)->whereIn('id', ['kiln', 'booked'])->pluck('ground', 'id')->all())->toBe(['booked' => '#008080', 'kiln' => '#008080']);
});

it('brings what came back after its token had changed to the value of today', function (): void {
    ($this->tokens)(['id' => 'clay', 'name' => 'test.clay', 'kind' => 'color', 'value' => '#b4472e']);
    ($this->edit)(['type' => 'bind-token', 'screen' => 'kiln', 'layers' => $this->some, 'field' => 'fills.0.paint', 'token' => 'clay']);
    ($this->edit)(['type' => 'delete-layers', 'screen' => 'kiln', 'layers' => [$this->some[0]]]);
    $other = User::factory()->create();
    app(Editor::class)->edit($this->project->fresh(), $other, [Sample::command(['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'text' => 'teal']]])], $this->project->fresh()->sequence);
    $this->postJson("{$this->at}/undo")->assertOk();
    expect(($this->body)($this->some[0])['fills'][0]['colour'])->toBe('#008080')->and(($this->body)($this->some[1])['fills'][0]['colour'])->toBe('#008080');
});

it('hands tokens out as files and reads them in, and says what is new before anything is changed', function (): void {
    ($this->tokens)(['id' => 'clay', 'name' => 'test.clay', 'kind' => 'color', 'value' => '#b4472e', 'description' => 'Actions */ }']);
    expect($this->get("{$this->at}/house-style/tokens.json")->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="fernhollow-pottery.resolver.json"')->json('sets.base.sources.0.test.clay.$value.hex'))->toBe('#b4472e')
        ->and((string) $this->get("{$this->at}/house-style/tokens.css")->assertOk()->getContent())->toContain('--test-clay: #b4472e;')->toContain('/* Actions * / } */');
    $file = fn (array $data) => $this->postJson("{$this->at}/house-style/read", ['tokens' => UploadedFile::fake()->createWithContent('tokens.json', (string) json_encode($data))]);
    $said = $file(['test' => ['clay' => ['$type' => 'color', '$value' => '#a94c31'], 'moss' => ['$type' => 'color', '$value' => '#3f5d4a']]])->assertOk()->json();
    expect($said['said'])->toBe(['One new token: test.moss.', 'One gets another value: test.clay.'])->and($said['tokens'][1]['id'])->toBe('clay')
        ->and(DB::table('things')->where('project_id', $this->project->id)->where('entity', 'token')->where('body', 'like', '%"name":"test.%')->count())->toBe(1);
    $this->postJson("{$this->at}/edits", ['base' => $this->project->fresh()->sequence, 'commands' => [['type' => 'put-tokens', 'tokens' => $said['tokens'], 'groups' => $said['groups']]]])->assertOk();
    expect($this->get("{$this->at}/house-style/tokens.json")->json('sets.base.sources.0.test.moss.$value'))->toBe('#3f5d4a');
    $file(['a' => ['$type' => 'color', '$value' => 'no colour']])->assertUnprocessable()->assertJson(['place' => 'a.$value']);
    $this->postJson("{$this->at}/house-style/read")->assertUnprocessable();
});

it('takes as many tokens as it can hold, and none past it', function (): void {
    $tokens = fn (int $count): array => array_map(fn (int $i): array => ['$type' => 'color', '$value' => sprintf('#%06x', $i), '$description' => str_repeat('d', 200), '$extensions' => ['org.example.tool' => ['order' => $i]]], range(1, $count));
    $read = fn (int $count) => $this->postJson("{$this->at}/house-style/read", ['tokens' => UploadedFile::fake()->createWithContent('tokens.json', (string) json_encode(['many' => (object) array_combine(array_map(fn (int $i): string => "t{$i}", range(1, $count)), $tokens($count))]))]);
    $here = DB::table('things')->where('project_id', $this->project->id)->where('entity', 'token')->count();
    $said = $read(2000 - $here)->assertOk()->json();
    $put = fn (array $tokens) => $this->postJson("{$this->at}/edits", ['base' => $this->project->fresh()->sequence, 'commands' => [['type' => 'put-tokens', 'tokens' => $tokens]]]);
    $put($said['tokens'])->assertOk();
    expect(DB::table('things')->where('project_id', $this->project->id)->where('entity', 'token')->count())->toBe(2000);
    $this->get("{$this->at}/house-style?open={$said['tokens'][0]['id']}")->assertOk()->assertSee('many.t1');
    $this->get("{$this->at}/facets?screen=kiln&layers={$this->some[0]}")->assertOk();
    $put([['id' => 'onemore', 'name' => 'one.more', 'kind' => 'number', 'value' => 1]])->assertUnprocessable()->assertJsonPath('message', fn (string $message): bool => str_contains($message, 'at most 2,000 tokens'));
    $this->postJson("{$this->at}/undo")->assertOk();
    expect(DB::table('things')->where('project_id', $this->project->id)->where('entity', 'token')->count())->toBe($here);
});

it('keeps tokens with a copy of the project, and lets nobody else see them', function (): void {
    ($this->tokens)(['id' => 'clay', 'name' => 'test.clay', 'kind' => 'color', 'value' => '#b4472e']);
    ($this->edit)(['type' => 'bind-token', 'screen' => 'kiln', 'layers' => $this->some, 'field' => 'fills.0.paint', 'token' => 'clay']);
    $this->post("{$this->at}/duplicate")->assertRedirect();
    $copy = $this->user->projects()->latest('id')->firstOrFail();
    $this->get("/projects/{$copy->id}/house-style")->assertOk()->assertSee('test.clay: 2 uses', false);
    $this->actingAs(User::factory()->create());
    foreach (['house-style', 'house-style/tokens.json', 'house-style/choices?field=corners&layers=abcd'] as $path) {
        $this->get("{$this->at}/{$path}")->assertNotFound();
    }
});

it('dresses widgets by tokens: stored, copied, counted as a use, drawn anew, and taken back', function (): void {
    ($this->tokens)(['id' => 'moss', 'name' => 'test.moss', 'kind' => 'color', 'value' => '#3f5d4a']);
    $look = fn (int $project): array => json_decode((string) DB::table('projects')->where('id', $project)->value('look'), true) ?? [];
    $before = $look($this->project->id);
    $answer = ($this->edit)(['type' => 'dress-kit', 'part' => 'accent', 'token' => 'moss']);
    expect($look($this->project->id)['accent'])->toBe('#3f5d4a')->and($look($this->project->id)['bound']['accent'])->toBe('moss')->and(array_column($answer->patches, 'redraw'))->toContain(true);
    $this->get("{$this->at}/house-style?open=moss")->assertOk()->assertSee('test.moss: one use', false)->assertSee('Widgets of the kit')->assertSee('Accent');
    $this->get("{$this->at}/kit")->assertOk()->assertSee('#3f5d4a');
    ($this->tokens)(['id' => 'moss', 'text' => 'teal']);
    expect($look($this->project->id)['accent'])->toBe('#008080');
    $this->post("{$this->at}/duplicate")->assertRedirect();
    expect($look($this->user->projects()->latest('id')->firstOrFail()->id)['accent'])->toBe('#008080');
    $this->postJson("{$this->at}/undo")->assertOk();
    expect($look($this->project->id)['accent'])->toBe('#3f5d4a');
    $this->postJson("{$this->at}/undo")->assertOk();
    expect($look($this->project->id))->toEqual($before);
    $file = json_decode($this->get("{$this->at}/hand-over/project")->assertOk()->streamedContent(), true);
    expect($file['look']['bound']['accent'])->toBe('colourclay');
});
