<?php

declare(strict_types=1);

use App\Canvas\Projects;
use App\Canvas\TreeLoader;
use App\Models\Project;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Kindred\Document\Entity;
use Kindred\Exchange\ProjectFile;
use Kindred\Style\Written;

beforeEach(function (): void {
    $this->inDemo();
    $this->parts = $this->user->projects()->where('name', 'Studio parts')->firstOrFail();
    $this->sheet = fn (string $name, ?Project $of = null): ?string => DB::table('screens')->where('project_id', ($of ?? $this->parts)->id)->whereNotNull('component')->where('name', $name)->value('id');
    $this->libraries = "{$this->at}/libraries";
});

it('takes a component of another project with what it needs, and offers what changes there in sentences', function (): void {
    $this->get($this->libraries)->assertOk()->assertSee('Nothing is taken from anywhere yet')->assertSee('Studio parts')->assertDontSee('Fernhollow Pottery</option>', false);
    $this->get("{$this->libraries}/offer?from={$this->parts->id}")->assertOk()->assertSee('Kiln gauge')->assertDontSee('is here');
    $key = 'component '.($this->sheet)('List row');
    $this->postJson("{$this->libraries}/take", ['from' => (string) $this->parts->id, 'keys' => [$key]])->assertOk()->assertJsonPath('label', 'Take component Switch');
    expect([($this->sheet)('List row', $this->project), ($this->sheet)('Switch', $this->project)])->toBe([($this->sheet)('List row'), ($this->sheet)('Switch')]);
    $this->get("{$this->libraries}/offer?from={$this->parts->id}")->assertOk()->assertSee('is here');
    $this->get($this->libraries)->assertOk()->assertSee('As it is there');

    $title = DB::table('layers')->where('project_id', $this->parts->id)->where('screen', ($this->sheet)('List row'))->where('kind', 'text')->where('body', 'like', '%"name":"Title"%')->value('id');
    $this->postJson("/projects/{$this->parts->id}/edits", ['base' => $this->parts->sequence, 'commands' => [['type' => 'set-field', 'screen' => ($this->sheet)('List row'), 'layers' => [$title], 'field' => 'style.size', 'value' => '19']]])->assertOk();
    $this->get($this->libraries)->assertOk()->assertSee('Review 1');
    $this->get("{$this->libraries}/library{$this->parts->id}/review")->assertOk()->assertSee('is larger (16 → 19 px)')->assertDontSee('changed here too');
    $this->postJson("{$this->libraries}/take", ['from' => (string) $this->parts->id, 'keys' => [$key]])->assertOk()->assertJsonPath('label', 'Update component List row');
    expect(app(TreeLoader::class)->whole($this->project->fresh())->layer($title)->content->style->size)->toBe(19.0);
    $this->get($this->libraries)->assertOk()->assertSee('As it is there');
    $this->postJson("{$this->at}/undo")->assertOk();
    $this->get($this->libraries)->assertOk()->assertSee('Review 1');
});

it('goes out as a file and comes in from one, with pictures', function (): void {
    $asset = DB::table('assets')->where('project_id', $this->project->id)->value('hash');
    ($this->edit)(['type' => 'create-layers', 'screen' => 'today', 'seed' => 'shot', 'layers' => [['kind' => 'picture', 'name' => 'Bowl', 'asset' => $asset, 'x' => 0, 'y' => 0, 'width' => 60, 'height' => 60]]]);
    $bowl = DB::table('layers')->where('project_id', $this->project->id)->where('screen', 'today')->where('kind', 'picture')->where('body', 'like', '%"name":"Bowl"%')->value('id');
    ($this->edit)(['type' => 'make-component', 'screen' => 'today', 'layers' => [$bowl], 'seed' => 'bowl']);
    $file = $this->get("{$this->at}/library.json")->assertOk()->streamedContent();
    $read = ProjectFile::read($file);
    expect($read->tree->reel())->toBe([])->and($read->tree->sheets())->toHaveCount(1)->and(array_keys($read->pictures))->toContain($asset)->and($read->tree->entries())->toBe([]);

    $other = User::factory()->create();
    $this->actingAs($other);
    $theirs = app(Projects::class)->import($other, json_encode(['format' => 'kindred-canvas', 'version' => 2, 'name' => 'Theirs', 'screens' => []]));
    $upload = fn (): UploadedFile => UploadedFile::fake()->createWithContent('parts.json', $file);
    $this->post("/projects/{$theirs->id}/libraries/offer", ['file' => $upload()], ['Accept' => 'text/html'])->assertOk()->assertSee('Bowl')->assertSee('colour.clay');
    $this->post("/projects/{$theirs->id}/libraries/take", ['file' => $upload(), 'keys' => ['component '.$read->tree->sheets()[0]->id, 'token colourclay']], ['Accept' => 'application/json'])->assertOk();
    expect(DB::table('assets')->where('project_id', $theirs->id)->pluck('hash')->all())->toBe([$asset])->and(DB::table('screens')->where('project_id', $theirs->id)->whereNotNull('component')->count())->toBe(1);
    $this->get("/projects/{$theirs->id}/libraries")->assertOk()->assertSee('from a file')->assertSee('Newer file');
});

it('brings the fonts along in which a component and a type style are set, from a project and from a file', function (): void {
    $at = "/projects/{$this->parts->id}";
    $fonts = $this->postJson("{$at}/fonts?family=Kiln+Hand", ['font' => fontFile('jetbrains-mono/files/jetbrains-mono-latin-700-normal.woff2')])->assertCreated()->json('fonts');
    $style = ['family' => 'Kiln Hand', 'weight' => 700, 'size' => 20, 'lineHeight' => 1.2];
    $sheet = ($this->sheet)('Button');
    $label = DB::table('layers')->where('project_id', $this->parts->id)->where('screen', $sheet)->where('kind', 'text')->value('id');
    $edit = fn (array ...$commands) => $this->postJson("{$at}/edits", ['base' => $this->parts->fresh()->sequence, 'commands' => $commands])->assertOk();
    $edit(['type' => 'put-fonts', 'fonts' => $fonts]);
    $edit(['type' => 'set-field', 'screen' => $sheet, 'layers' => [$label], 'field' => 'style.family', 'value' => 'Kiln Hand'], ['type' => 'put-tokens', 'tokens' => [['id' => 'typeown', 'name' => 'type.own', 'kind' => 'typography', 'style' => $style]]]);
    $width = fn (Project $of): float => (float) DB::table('layers')->where(['project_id' => $of->id, 'id' => $label])->value('width');

    $this->get("{$this->libraries}/offer?from={$this->parts->id}")->assertOk()->assertSee('Fonts')->assertSee('Kiln Hand');
    $this->postJson("{$this->libraries}/take", ['from' => (string) $this->parts->id, 'keys' => ["component {$sheet}"]])->assertOk()->assertJsonPath('label', 'Import “Kiln Hand”');
    expect(app(TreeLoader::class)->whole($this->project->fresh())->project->fonts)->toHaveCount(1)->and($width($this->project))->toBe($width($this->parts));
    $this->get("{$this->at}/fonts.css")->assertOk()->assertSee('Kiln Hand', false);

    $file = $this->get("{$at}/library.json")->assertOk()->streamedContent();
    $other = User::factory()->create();
    $theirs = app(Projects::class)->import($other, json_encode(['format' => 'kindred-canvas', 'version' => 2, 'name' => 'Theirs', 'screens' => []]));
    $this->actingAs($other)->post("/projects/{$theirs->id}/libraries/take", ['file' => UploadedFile::fake()->createWithContent('parts.json', $file), 'keys' => ['token typeown']], ['Accept' => 'application/json'])->assertOk();
    expect(app(TreeLoader::class)->whole($theirs->fresh())->project->fonts[0]->family)->toBe('Kiln Hand')->and(DB::table('assets')->where('project_id', $theirs->id)->pluck('type')->all())->toBe(['font/woff2']);
});

it('tells how much is new in its libraries before anybody asks', function (): void {
    $news = fn (): int => $this->getJson("{$this->libraries}/news")->assertOk()->json('count');
    expect($news())->toBe(0);
    $this->postJson("{$this->libraries}/take", ['from' => (string) $this->parts->id, 'keys' => ['component '.($this->sheet)('List row')]])->assertOk();
    expect($news())->toBe(0);
    $this->postJson("/projects/{$this->parts->id}/edits", ['base' => $this->parts->fresh()->sequence, 'commands' => [['type' => 'set-screen-field', 'screen' => ($this->sheet)('List row'), 'field' => 'name', 'value' => 'Line of a list']]])->assertOk();
    expect($news())->toBe(1)->and($news())->toBe(1);
    $this->postJson("{$this->libraries}/take", ['from' => (string) $this->parts->id, 'keys' => ['component '.($this->sheet)('Line of a list')]])->assertOk();
    expect($news())->toBe(0);
    $this->actingAs(User::factory()->create())->getJson("{$this->libraries}/news")->assertNotFound();
});

it('refuses what is no library, what is nobody’s own, and what cannot be taken', function (): void {
    $broken = UploadedFile::fake()->createWithContent('parts.json', '{"format": "kindred-canvas", "version": 2, "name": "Broken", "screens": [{"id": "no"}]}');
    $this->post("{$this->libraries}/offer", ['file' => $broken], ['Accept' => 'application/json'])->assertStatus(422)->assertSee('screens[0]');
    $this->post("{$this->libraries}/take", ['keys' => []], ['Accept' => 'application/json'])->assertStatus(422)->assertSee('No file arrived');
    $this->postJson("{$this->libraries}/take", ['from' => (string) $this->parts->id, 'keys' => ['component nowhere']])->assertStatus(422)->assertSee('Choose something to take');
    $other = app(Projects::class)->import(User::factory()->create(), json_encode(['format' => 'kindred-canvas', 'version' => 2, 'name' => 'Secret', 'screens' => []]));
    $this->get("{$this->libraries}/offer?from={$other->id}")->assertStatus(409)->assertDontSee('Secret');
    $this->postJson("{$this->libraries}/take", ['from' => (string) $other->id, 'keys' => ['x']])->assertStatus(409);
    $this->get("{$this->libraries}/library9/review")->assertStatus(409);
});

it('lets what is pasted take along the components that it shows, as one step that is called a paste', function (): void {
    $use = DB::table('layers')->where('project_id', $this->parts->id)->where('kind', 'instance')->where('body', 'like', '%"name":"List row, Off"%')->value('id');
    $copied = $this->getJson("/projects/{$this->parts->id}/copy?layers={$use}")->assertOk()->json();
    expect($copied['needs'])->toContain('component '.($this->sheet)('List row'));
    $other = $this->user->projects()->create(['name' => 'Other']);
    $paste = ['type' => 'create-layers', 'screen' => null, 'seed' => 'p', 'layers' => $copied['layers'], 'step' => 'Paste a layer'];
    $edit = fn (array ...$commands) => $this->postJson("/projects/{$other->id}/edits", ['base' => $other->fresh()->sequence, 'commands' => $commands]);
    $edit($paste)->assertUnprocessable()->assertSee('shows a component that is not in this project.');
    $along = fn (string ...$keys) => $this->postJson("/projects/{$other->id}/libraries/along", ['from' => (string) $this->parts->id, 'keys' => $keys]);
    $commands = $along($copied['needs'][0])->assertOk()->json('commands');
    $edit(...$commands, ...[$paste])->assertOk()->assertJsonPath('label', 'Paste a layer')->assertJsonCount(1, 'added');
    expect([($this->sheet)('List row', $other), ($this->sheet)('Switch', $other)])->toBe([($this->sheet)('List row'), ($this->sheet)('Switch')]);
    $along($copied['needs'][0])->assertOk()->assertExactJson(['commands' => [], 'layers' => []]);
    $this->get("/projects/{$other->id}/libraries")->assertOk()->assertSee('Studio parts')->assertSee('As it is there');
    $this->postJson("/projects/{$other->id}/undo")->assertOk();
    expect(DB::table('layers')->where('project_id', $other->id)->count())->toBe(0)->and(($this->sheet)('List row', $other))->toBeNull();
    // What is no longer there, and what is nobody's own.
    $along('component nothere')->assertUnprocessable()->assertSee('Nothing was pasted.');
    $this->actingAs(User::factory()->create());
    $along('x')->assertNotFound();
    $mine = auth()->user()->projects()->create(['name' => 'Mine']);
    $this->postJson("/projects/{$mine->id}/libraries/along", ['from' => (string) $this->parts->id, 'keys' => ['x']])->assertUnprocessable()->assertSee('no longer there');
});

it('lets what is pasted take along the tokens that it follows, or follow those of the same names; what followed one that is gone keeps its value', function (): void {
    $clay = ['id' => 'clay1', 'name' => 'tile.clay', 'kind' => 'color', 'value' => '#b4472e'];
    ($this->edit)(['type' => 'put-tokens', 'tokens' => [$clay, ['id' => 'edge1', 'name' => 'edge', 'kind' => 'dimension', 'value' => 6, 'bound' => []]]],
        ['type' => 'create-layers', 'screen' => 'today', 'seed' => 'tile', 'layers' => [['id' => 'tile1', 'kind' => 'box', 'name' => 'Glazed tile', 'x' => 0, 'y' => 0, 'width' => 60, 'height' => 60, 'fills' => [['colour' => '#b4472e', 'bound' => ['paint' => 'clay1']]], 'corners' => ['topLeft' => 6, 'topRight' => 6, 'bottomRight' => 6, 'bottomLeft' => 6], 'bound' => ['corners' => 'edge1']]]]);
    $tile = DB::table('layers')->where('project_id', $this->project->id)->where('body', 'like', '%"name":"Glazed tile"%')->value('id');
    $copied = $this->getJson("{$this->at}/copy?layers={$tile}")->assertOk()->json();
    expect($copied['needs'])->toEqualCanonicalizing(['token clay1', 'token edge1']);
    $pasted = function (Project $into, string $from) use ($copied): array {
        ['commands' => $commands, 'layers' => $layers] = $this->postJson("/projects/{$into->id}/libraries/along", ['from' => $from, 'keys' => $copied['needs'], 'layers' => $copied['layers']])->assertOk()->json();
        $this->edit($into, $into->fresh()->sequence, ...[...$commands, ['type' => 'create-layers', 'screen' => null, 'seed' => 'p', 'layers' => $layers, 'step' => 'Paste a layer']])->assertOk();
        $tree = app(TreeLoader::class)->whole($into->fresh());
        $layer = array_values(array_filter($tree->layers, fn ($one): bool => $one->name === 'Glazed tile'))[0];

        return [Written::bound($layer->toArray()), $layer->colour()?->toHex(), array_map(fn ($one): string => $one->name, array_values($tree->things(Entity::Token)))];
    };
    $project = fn (array $tokens): Project => app(Projects::class)->import($this->user, json_encode(['format' => 'kindred-canvas', 'version' => 2, 'name' => 'Tiles', 'tokens' => $tokens, 'screens' => []]));
    expect($pasted($project([]), (string) $this->project->id))->toBe([['corners' => 'edge1', 'fills.0.paint' => 'clay1'], '#b4472e', ['tile.clay', 'edge']])
        // Its own value of that name.
        ->and($pasted($project([['id' => 'own1', 'name' => 'Tile.Clay', 'kind' => 'color', 'value' => '#aa4422']]), (string) $this->project->id))->toBe([['corners' => 'edge1', 'fills.0.paint' => 'own1'], '#aa4422', ['edge', 'Tile.Clay']])
        // What is called so but is of another kind cannot take its place.
        ->and($pasted($project([['id' => 'own2', 'name' => 'tile.clay', 'kind' => 'dimension', 'value' => 8]]), (string) $this->project->id))->toBe([['corners' => 'edge1'], '#b4472e', ['edge', 'tile.clay']])
        ->and($pasted($project([]), '0'))->toBe([[], '#b4472e', []]);
    ($this->edit)(['type' => 'remove-token', 'token' => 'edge1']);
    expect($pasted($project([]), (string) $this->project->id))->toBe([['fills.0.paint' => 'clay1'], '#b4472e', ['tile.clay']]);
});
