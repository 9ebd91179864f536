<?php

declare(strict_types=1);

use App\Canvas\Editor;
use App\Canvas\Pictures;
use App\Canvas\TreeLoader;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Kindred\Tests\Sample;

beforeEach(function (): void {
    $this->inDemo();
    $this->some = DB::table('layers')->where('project_id', $this->project->id)->where('screen', 'kiln')->where('kind', 'box')->where('body', 'like', '%"fills":[{"colour"%')->orderBy('id')->limit(2)->pluck('id')->all();
    $this->colour = fn (string $id): string => json_decode(DB::table('layers')->where(['project_id' => $this->project->id, 'id' => $id])->value('body'), true)['fills'][0]['colour'];
    ($this->edit)(['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'name' => 'test.clay', 'kind' => 'color', 'value' => '#b4472e'], ['id' => 'round', 'name' => 'test.round', 'kind' => 'dimension', 'value' => 3]]]);
    ($this->edit)(['type' => 'bind-token', 'screen' => 'kiln', 'layers' => $this->some, 'field' => 'fills.0.paint', 'token' => 'clay'], ['type' => 'put-theme', 'id' => 'night', 'name' => 'Night <b>', 'like' => null]);
    ($this->edit)(['type' => 'put-theme-values', 'theme' => 'night', 'values' => [['token' => 'clay', 'text' => '#e08a6f']]]);
    ($this->edit)(['type' => 'bind-screens', 'screens' => ['booked'], 'token' => 'clay']);
});

it('shows the wall in a theme in one step, that is taken back whatever others have done since', function (): void {
    $answer = ($this->edit)(['type' => 'show-theme', 'theme' => 'night']);
    expect(array_column($answer->patches, 'layer'))->toContain(...$this->some)->and(array_column($answer->patches, 'ground', 'screen')['booked'])->toBe('#e08a6f')
        ->and(($this->colour)($this->some[0]))->toBe('#e08a6f');
    $other = User::factory()->create();
    app(Editor::class)->edit($this->project->fresh(), $other, [Sample::command(['type' => 'put-theme-values', 'theme' => 'night', 'values' => [['token' => 'clay', 'text' => '#ffddcc']]])], $this->project->fresh()->sequence);
    expect(($this->colour)($this->some[1]))->toBe('#ffddcc');
    $this->postJson("{$this->at}/undo")->assertOk();
    expect(($this->colour)($this->some[1]))->toBe('#b4472e');
    $this->postJson("{$this->at}/redo")->assertOk();
    expect(($this->colour)($this->some[1]))->toBe('#ffddcc');
});

it('shows a screen in a theme, takes it back, and brings what is moved there to its values', function (): void {
    ($this->edit)(['type' => 'show-theme', 'theme' => 'night', 'screens' => ['kiln']]);
    expect(($this->colour)($this->some[0]))->toBe('#e08a6f')->and(DB::table('screens')->where(['project_id' => $this->project->id, 'id' => 'booked'])->value('ground'))->toBe('#b4472e');
    $this->get("{$this->at}/facets?screen=kiln")->assertOk()->assertSee('Night &lt;b&gt;', false)->assertSee('as the project: none');
    // Bound there, moved away, and back by undo.
    $this->get("{$this->at}/house-style/choices?field=fills.0.paint&layers={$this->some[0]}")->assertOk()->assertSee('#e08a6f');
    ($this->edit)(['type' => 'transfer-layers', 'screen' => 'kiln', 'to' => 'booked', 'layers' => [$this->some[0]], 'dx' => 0, 'dy' => 0]);
    expect(($this->colour)($this->some[0]))->toBe('#b4472e');
    $this->postJson("{$this->at}/undo")->assertOk();
    expect(($this->colour)($this->some[0]))->toBe('#e08a6f');
    $this->postJson("{$this->at}/undo")->assertOk();
    expect(($this->colour)($this->some[0]))->toBe('#b4472e');
});

it('binds to the value of the theme of a screen, also when a detaching is taken back', function (): void {
    ($this->edit)(['type' => 'show-theme', 'theme' => 'night', 'screens' => ['kiln']]);
    ($this->edit)(['type' => 'bind-token', 'screen' => 'kiln', 'layers' => [$this->some[0]], 'field' => 'fills.0.paint', 'token' => null]);
    $other = User::factory()->create();
    app(Editor::class)->edit($this->project->fresh(), $other, [Sample::command(['type' => 'put-theme-values', 'theme' => 'night', 'values' => [['token' => 'clay', 'text' => '#ffddcc']]])], $this->project->fresh()->sequence);
    expect(($this->colour)($this->some[0]))->toBe('#e08a6f');
    $this->postJson("{$this->at}/undo")->assertOk();
    expect(($this->colour)($this->some[0]))->toBe('#ffddcc');
});

it('plays a rehearsal in a theme, whatever the wall shows', function (): void {
    $played = fn (string $theme): string => (string) $this->get("{$this->at}/rehearse?theme={$theme}")->assertOk()->assertSee('as on the wall')->getContent();
    expect($played('night'))->toContain('#e08a6f')->and($played(''))->not->toContain('#e08a6f')->and($played('gone'))->not->toContain('#e08a6f');
    ($this->edit)(['type' => 'show-theme', 'theme' => 'night']);
    expect($played(''))->toContain('#e08a6f')->and($played('base'))->not->toContain('#e08a6f');
});

it('shows in the drawer what a theme says, and counts that as no use', function (): void {
    $this->get("{$this->at}/house-style?theme=night")->assertOk()->assertSee('value="#e08a6f"', false)->assertSee('test.clay: as without a theme')->assertDontSee('test.round: as without a theme')->assertSee('test.clay: 3 uses', false);
    $this->get("{$this->at}/house-style?theme=gone")->assertOk()->assertDontSee('#e08a6f');
});

it('keeps themes in copies and files of a project', function (): void {
    ($this->edit)(['type' => 'show-theme', 'theme' => 'night'], ['type' => 'show-theme', 'theme' => 'base', 'screens' => ['booked']]);
    $this->post("{$this->at}/duplicate")->assertRedirect();
    $copy = $this->user->projects()->latest('id')->firstOrFail();
    expect($copy->theme)->toBe('night')->and(DB::table('screens')->where(['project_id' => $copy->id, 'id' => 'booked'])->value('theme'))->toBe('base');
    $this->get("/projects/{$copy->id}/house-style?theme=night")->assertOk()->assertSee('value="#e08a6f"', false);
    $file = json_decode($this->get("{$this->at}/hand-over/project")->assertOk()->streamedContent(), true);
    expect($file['theme'])->toBe('night')->and($file['themes'])->toContain(['id' => 'night', 'name' => 'Night <b>'])
        ->and(array_column(array_filter($file['themeValues'], fn (array $one): bool => $one['theme'] === 'night'), 'token'))->toBe(['clay']);
});

it('hands themes out with the tokens, and says what a changed file would bring', function (): void {
    $file = $this->get("{$this->at}/house-style/tokens.json")->assertOk()->json();
    $read = fn (array $file) => $this->postJson("{$this->at}/house-style/read", ['tokens' => UploadedFile::fake()->createWithContent('resolver.json', (string) json_encode($file))]);
    expect($read($file)->assertOk()->json())->toMatchArray(['tokens' => [], 'themes' => [], 'values' => []]);
    $file['modifiers']['theme']['contexts']['Night <b>'][0]['test']['clay']['$value'] = '#ffddcc';
    $file['modifiers']['theme']['contexts']['Second brand'] = [['test' => ['clay' => ['$type' => 'color', '$value' => '{test.soot}'], 'soot' => ['$type' => 'color', '$value' => '#222']]]];
    $said = $read($file)->assertOk()->json();
    expect($said['said'])->toContain('One new token: test.soot.', 'One new theme: Second brand.', 'In theme Night <b> one token gets a value.', 'In theme Second brand one token gets a value.');
    $commands = [['type' => 'put-tokens', 'tokens' => $said['tokens'], 'groups' => $said['groups']], ...array_map(fn (array $theme): array => ['type' => 'put-theme'] + $theme, $said['themes']),
        ...array_map(fn (array $values, string $theme): array => ['type' => 'put-theme-values', 'theme' => $theme, 'values' => $values], $said['values'], array_keys($said['values']))];
    $this->postJson("{$this->at}/edits", ['base' => $this->project->fresh()->sequence, 'commands' => $commands])->assertOk();
    ($this->edit)(['type' => 'show-theme', 'theme' => $said['themes'][0]['id']]);
    expect(($this->colour)($this->some[0]))->toBe('#222222');
    expect($read($file)->assertOk()->json())->toMatchArray(['tokens' => [], 'themes' => [], 'values' => []]);
    $this->get("{$this->at}/house-style/tokens.css")->assertOk()->assertSee('[data-theme="night-b"]', false);
});

it('draws a project as it is by then, though whoever asks read it before an edit', function (): void {
    $early = $this->project->fresh();
    $screen = array_key_first(app(TreeLoader::class)->withoutLayers($early)->screens);
    ($this->edit)(['type' => 'set-finish', 'finish' => 'rough']);
    $drawn = app(Pictures::class)->ofScreens($early, [$screen]);
    $small = app(Pictures::class)->thumbnail($early, $screen);
    // Kept under the number of that edit, it would be shown from then on.
    Cache::flush();
    expect($drawn)->toBe(app(Pictures::class)->ofScreens($this->project->fresh(), [$screen]))->and($small)->toBe(app(Pictures::class)->thumbnail($this->project->fresh(), $screen));
});
