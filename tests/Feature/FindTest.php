<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->actingAs($this->user = User::factory()->create());
    $this->project = $this->demo($this->user);
    $this->found = fn (string $words): array => array_map(
        fn (array $hit): array => [$hit['kind'], $hit['title'], $hit['where']],
        $this->getJson("/projects/{$this->project->id}/find?q=".urlencode($words))->assertOk()->json('hits'),
    );
});

it('finds screens, layers by name and by what they say, widgets and icons, by parts of words', function (): void {
    expect(($this->found)('boo a wh'))->toContain(['screen', 'Book a wheel', ''])
        ->and(($this->found)('SHOWS you'))->toContain(['layer', '…kilns, and somebody who shows you how.', 'text, Welcome'])
        ->and(($this->found)('harbour'))->toContain(['layer', 'Harbour', 'array, Glaze library'])
        ->and(($this->found)('segmented'))->toContain(['widget', 'Segmented choice', 'in the kit'])
        ->and(array_column(($this->found)('flame'), 0))->toContain('icon')
        ->and(($this->found)('no such words'))->toBe([])
        ->and(($this->found)('   '))->toBe([]);
});

it('finds what uses of components and cells say for themselves', function (): void {
    $text = ['kind' => 'text', 'id' => 'says1', 'wrapped' => false, 'x' => 0, 'y' => 0, 'words' => 'Ready', 'style' => ['family' => 'Lora', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4]];
    $this->edit($this->project, 0, ['type' => 'create-layers', 'screen' => 'kiln', 'seed' => 'array', 'layers' => [
        ['kind' => 'array', 'name' => 'Signs', 'x' => 0, 'y' => 0, 'width' => 300, 'height' => 40, 'columns' => 1, 'sheet' => ['columns' => [], 'rows' => [['id' => 'row1'], ['id' => 'row2']]], 'overrides' => ['row2' => ['says1' => ['words' => 'Cooling since noon', 'opacity' => 0.5]]], 'children' => [$text]],
    ]])->assertOk();
    $this->edit($this->project, 1, ['type' => 'create-layers', 'screen' => 'kiln', 'seed' => 'sign', 'layers' => [['name' => 'Sign'] + $text]])->assertOk();
    $sign = DB::table('layers')->where('project_id', $this->project->id)->where('body', 'like', '%"name":"Sign"%')->value('id');
    $this->edit($this->project, 2, ['type' => 'make-component', 'screen' => 'kiln', 'layers' => [$sign], 'seed' => 'made'])->assertOk();
    $sheet = DB::table('screens')->where('project_id', $this->project->id)->where('name', 'Sign')->value('id');
    $this->edit($this->project, 3, ['type' => 'create-layers', 'screen' => 'kiln', 'seed' => 'use', 'layers' => [['kind' => 'instance', 'name' => 'Sign', 'component' => $sheet, 'x' => 0, 'y' => 300, 'overrides' => [$sign => ['words' => 'Opened at dusk']]]]])->assertOk();
    expect(($this->found)('since noon'))->toBe([['layer', 'Cooling since noon', 'array, Kiln status']])
        ->and(($this->found)('dusk opened'))->toBe([['layer', 'Opened at dusk', 'instance, Kiln status']])
        ->and(($this->found)('opacity'))->not->toContain(['layer', 'Signs', 'array, Kiln status']);
});

it('finds what is typed, not what it would mean in a query', function (): void {
    foreach (['%', '_', '100%', "'", '\\', '"', 'fills'] as $words) {
        expect(array_column(array_filter(($this->found)($words), fn (array $hit): bool => $hit[0] === 'layer'), 1))->each->toContain($words);
    }
});

it('finds notes and requirements, and nothing of a screen that was deleted', function (): void {
    $this->post("/projects/{$this->project->id}/notes", ['words' => 'Ask Wren about the apron', 'screen' => 'kiln', 'x' => 10, 'y' => 10])->assertOk();
    $this->edit($this->project, 0, ['type' => 'put-entry', 'entry' => ['id' => 'reqone', 'part' => 'requirement', 'title' => 'Aprons can be lent']])->assertOk();
    expect(($this->found)('apron'))->toContain(['requirement', 'Aprons can be lent', 'in the brief'])->toContain(['note', 'Ask Wren about the apron', 'note 1, Kiln status']);
    $this->edit($this->project, 1, ['type' => 'delete-screens', 'screens' => ['glazes']])->assertOk();
    expect(array_column(($this->found)('harbour'), 2))->not->toContain('array, Glaze library');
});

it('keeps the keys that a person gave to commands, and refuses what is none', function (): void {
    $this->postJson('/keys', ['duplicate' => ['Alt+D'], 'fit' => []])->assertNoContent();
    expect($this->user->fresh()->keys)->toBe(['duplicate' => ['Alt+D'], 'fit' => []]);
    $this->get("/projects/{$this->project->id}/wall")->assertSee('Alt+D');
    foreach ([['Not one' => ['A']], ['fit' => 'A'], ['fit' => [str_repeat('x', 40)]], ['fit' => [['A']]]] as $keys) {
        $this->postJson('/keys', $keys)->assertStatus(422);
    }
    expect($this->user->fresh()->keys)->toBe(['duplicate' => ['Alt+D'], 'fit' => []]);
});

it('says with every part of the wall which edit it knows', function (): void {
    $this->edit($this->project, 0, ['type' => 'set-entry', 'screen' => 'kiln'])->assertOk();
    foreach (['facets?screen=kiln&layers=', 'reel', 'outline/kiln', 'outline/loose'] as $part) {
        $this->get("/projects/{$this->project->id}/{$part}")->assertOk()->assertHeader('Kindred-Sequence', '1');
    }
});
