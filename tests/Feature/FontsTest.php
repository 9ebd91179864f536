<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->actingAs($this->user = User::factory()->create());
    $this->project = $this->demo($this->user);
    $this->take = fn (UploadedFile $file, string $query = '') => $this->postJson("/projects/{$this->project->id}/fonts{$query}", ['font' => $file]);
    $this->say = fn (array $command) => $this->edit($this->project, $this->project->fresh()->sequence, $command);
});

it('opens fonts of each kind, says what they are and refuses what is none', function (): void {
    $woff = ($this->take)(fontFile('lora/files/lora-latin-700-italic.woff'))->assertCreated()->json('fonts');
    $woff2 = ($this->take)(fontFile('lora/files/lora-latin-700-italic.woff2'), '?family='.urlencode('Kiln “Hand”; 2'))->assertCreated()->json('fonts');
    expect($woff)->toHaveCount(1)->and([$woff[0]['family'], $woff[0]['weight'], $woff[0]['italic']])->toBe(['Lora own', 700, true])
        ->and($woff2[0]['family'])->toBe('Kiln Hand 2');
    $this->get("/projects/{$this->project->id}/assets/{$woff[0]['asset']}")->assertOk()->assertHeader('Content-Type', 'font/woff2');
    foreach (['' => 'This is no font', 'wOF2'.str_repeat("\0", 60) => 'damaged', str_repeat('x', 100) => 'This is no font', 'ttcf'.str_repeat("\0", 60) => 'several fonts'] as $bytes => $problem) {
        ($this->take)(UploadedFile::fake()->createWithContent('kiln.ttf', (string) $bytes))->assertStatus(422)->assertSee($problem);
    }
    $this->postJson("/projects/{$this->project->id}/fonts")->assertStatus(422)->assertSee('No font arrived');
    // Nobody else's.
    $this->actingAs(User::factory()->create())->postJson("/projects/{$this->project->id}/fonts", ['font' => fontFile('lora/files/lora-latin-700-italic.woff')])->assertNotFound();
});

it('sets words in a font that was brought in, in pictures and files too, and says what is missing once it is gone', function (): void {
    ($this->say)(['type' => 'create-layers', 'screen' => 'kiln', 'seed' => 'f', 'layers' => [['kind' => 'text', 'name' => 'Heading', 'x' => 10, 'y' => 10, 'words' => 'Kiln log', 'style' => ['family' => 'Kiln Hand 2', 'weight' => 400, 'size' => 40, 'lineHeight' => 1.2]]]])->assertOk();
    $layer = DB::table('layers')->where('project_id', $this->project->id)->where('body', 'like', '%"name":"Heading"%')->first();
    $width = fn (): float => (float) DB::table('layers')->where(['project_id' => $this->project->id, 'id' => $layer->id])->value('width');
    $facets = fn (): string => (string) $this->get("/projects/{$this->project->id}/facets?screen=kiln&layers={$layer->id}")->getContent();
    $before = $width();
    expect($facets())->toContain('“Kiln Hand 2” is not here: Hanken Grotesk stands in.')
        ->and((string) $this->get("/projects/{$this->project->id}/fonts")->getContent())->toContain('Missing')->toContain('one text');

    $fonts = ($this->take)(fontFile('jetbrains-mono/files/jetbrains-mono-latin-700-normal.woff2'), '?family=Kiln+Hand+2')->assertCreated()->json('fonts');
    $answer = ($this->say)(['type' => 'put-fonts', 'fonts' => $fonts])->assertOk()->json();
    expect($width())->toBeGreaterThan($before + 10)
        ->and(array_column($answer['patches'], 'fonts'))->toBe([true])
        ->and($facets())->toContain('Kiln Hand 2 has no weight 400: 700 stands in.')->toContain('<option value="Kiln Hand 2"')
        ->and((string) $this->get("/projects/{$this->project->id}/fonts.css")->getContent())->toContain('@font-face { font-family: "Kiln Hand 2"; font-weight: 700; font-style: normal;')->toContain($fonts[0]['asset'])
        ->and((string) $this->get("/projects/{$this->project->id}/hand-over/page")->getContent())->toContain('@font-face{font-family:"Kiln Hand 2";font-weight:700;')
        // A name with a number stands in quotes, or CSS would not take it.
        ->and(html_entity_decode((string) $this->get("/projects/{$this->project->id}/pictures?of=kiln")->getContent(), ENT_QUOTES | ENT_XML1))->toContain("'Kiln Hand 2', sans-serif");

    // A copy and a file have it too.
    $this->post("/projects/{$this->project->id}/duplicate")->assertRedirect();
    $copy = $this->user->projects()->latest('id')->firstOrFail();
    expect((string) $this->get("/projects/{$copy->id}/fonts.css")->getContent())->toContain('Kiln Hand 2');
    $file = (string) $this->get("/projects/{$this->project->id}/hand-over/project")->streamedContent();
    $this->post('/projects/import', ['file' => UploadedFile::fake()->createWithContent('own.kindred.json', $file)])->assertRedirect();
    $again = $this->user->projects()->latest('id')->firstOrFail();
    expect($again->id)->not->toBe($copy->id)
        ->and((float) DB::table('layers')->where('project_id', $again->id)->where('body', 'like', '%"name":"Heading"%')->value('width'))->toBe($width())
        ->and((string) $this->get("/projects/{$again->id}/assets/{$fonts[0]['asset']}")->assertOk()->getContent())->toStartWith('wOF2');

    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    expect($width())->toBe($before)->and($facets())->toContain('is not here');
    ($this->say)(['type' => 'replace-family', 'family' => 'Kiln Hand 2', 'by' => 'Lora'])->assertOk();
    expect($facets())->not->toContain('is not here')->and((string) $this->get("/projects/{$this->project->id}/fonts")->getContent())->not->toContain('Missing');
});

it('refuses fonts of which there is no file, and pictures in their place', function (): void {
    DB::table('assets')->insert(['project_id' => $this->project->id, 'hash' => str_repeat('d', 64), 'type' => 'image/png', 'width' => 3, 'height' => 2, 'name' => 'Any']);
    ($this->say)(['type' => 'put-fonts', 'fonts' => [['family' => 'Kiln Hand', 'weight' => 400, 'italic' => false, 'asset' => str_repeat('d', 64)]]])->assertStatus(422)->assertSee('This is no font');
    ($this->say)(['type' => 'put-fonts', 'fonts' => [['family' => 'Kiln Hand', 'weight' => 400, 'italic' => false, 'asset' => str_repeat('c', 64)]]])->assertStatus(422);
});

it('comes along with words that are pasted into another project', function (): void {
    $fonts = ($this->take)(fontFile('jetbrains-mono/files/jetbrains-mono-latin-700-normal.woff2'), '?family=Kiln+Hand+3')->assertCreated()->json('fonts');
    ($this->say)(['type' => 'put-fonts', 'fonts' => $fonts])->assertOk();
    ($this->say)(['type' => 'create-layers', 'screen' => 'kiln', 'seed' => 'f', 'layers' => [['kind' => 'text', 'name' => 'Heading', 'x' => 10, 'y' => 10, 'words' => 'Kiln log', 'style' => ['family' => 'Kiln Hand 3', 'weight' => 700, 'size' => 40, 'lineHeight' => 1.2]]]])->assertOk();
    $layer = DB::table('layers')->where('project_id', $this->project->id)->where('body', 'like', '%"name":"Heading"%')->value('id');
    $copied = $this->getJson("/projects/{$this->project->id}/copy?layers={$layer}")->assertOk()->json();
    expect($copied['fonts'])->toBe($fonts)->and($copied['icons'])->toBe([]);
    $other = $this->user->projects()->create(['name' => 'Other']);
    $this->edit($other, 0, ['type' => 'create-layers', 'screen' => null, 'seed' => 'p', 'layers' => $copied['layers'], 'fonts' => $copied['fonts']])->assertOk()->assertJsonPath('patches.0.fonts', true);
    expect((string) $this->get("/projects/{$other->id}/fonts.css")->getContent())->toContain('Kiln Hand 3')
        ->and((float) DB::table('layers')->where('project_id', $other->id)->value('width'))->toBe((float) DB::table('layers')->where(['project_id' => $this->project->id, 'id' => $layer])->value('width'));
    // Nobody takes a font out of a project of others.
    $this->actingAs(User::factory()->create());
    $mine = auth()->user()->projects()->create(['name' => 'Mine']);
    $this->edit($mine, 0, ['type' => 'create-layers', 'screen' => null, 'seed' => 'p', 'layers' => $copied['layers'], 'fonts' => $copied['fonts']])->assertUnprocessable();
});

it('knows a font that only cells, states of components, tokens and the look of widgets name', function (): void {
    $fonts = ($this->take)(fontFile('jetbrains-mono/files/jetbrains-mono-latin-700-normal.woff2'), '?family=Kiln+Hand+4')->assertCreated()->json('fonts');
    $style = ['family' => 'Kiln Hand 4', 'weight' => 700, 'size' => 20, 'lineHeight' => 1.2];
    $line = ['kind' => 'text', 'id' => 'line1', 'wrapped' => false, 'x' => 0, 'y' => 0, 'words' => 'Kiln log', 'style' => ['family' => 'Lora', 'weight' => 700] + $style];
    ($this->say)(['type' => 'create-layers', 'screen' => 'kiln', 'seed' => 'f', 'layers' => [
        ['kind' => 'array', 'name' => 'Log', 'x' => 0, 'y' => 0, 'width' => 300, 'height' => 40, 'columns' => 1, 'sheet' => ['columns' => [], 'rows' => [['id' => 'row1'], ['id' => 'row2']]], 'overrides' => ['row2' => ['line1' => ['style.size' => 40, 'style.family' => 'Kiln Hand 4']]], 'children' => [$line]],
    ]])->assertOk();
    ($this->say)(['type' => 'put-tokens', 'tokens' => [['id' => 'hand1', 'name' => 'type.hand', 'kind' => 'typography', 'style' => $style]]])->assertOk();
    ($this->say)(['type' => 'dress-kit', 'part' => 'text', 'token' => 'hand1'])->assertOk();
    $page = fn (): string => (string) $this->get("/projects/{$this->project->id}/fonts")->assertOk()->getContent();
    expect($page())->toContain('Missing')->toContain('one text, one token and the look of the widgets, set in Hanken Grotesk meanwhile');
    $array = DB::table('layers')->where('project_id', $this->project->id)->where('kind', 'array')->where('body', 'like', '%"name":"Log"%')->value('id');
    ($this->say)(['type' => 'put-fonts', 'fonts' => $fonts])->assertOk();
    expect($page())->not->toContain('Missing')->toContain('one text, one token and the look of the widgets');
    expect($this->getJson("/projects/{$this->project->id}/copy?layers={$array}")->assertOk()->json('fonts'))->toBe($fonts);
    ($this->say)(['type' => 'replace-family', 'family' => 'Kiln Hand 4', 'by' => 'Lora'])->assertOk();
    expect($page())->toContain('not in use');
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    expect($page())->toContain('one text, one token and the look of the widgets');
});
