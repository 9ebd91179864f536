<?php

declare(strict_types=1);

use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Sheet\Row;

/** The demo's array of glazes. */
function glazes(Project $project): Layer
{
    return array_values(array_filter(app(TreeLoader::class)->whole($project)->layers, fn (Layer $layer): bool => $layer->content instanceof ArrayLayer))[0];
}

function readTable(Project $project, string $layer, UploadedFile $file): TestResponse
{
    return test()->post("/projects/{$project->id}/sheets/{$layer}/read", ['file' => $file], ['Accept' => 'application/json']);
}

beforeEach(function (): void {
    $this->project = $this->demo();
    $this->actingAs($this->project->user()->firstOrFail());
});

it('draws every cell on the wall, each layer under its name there, and the sheet beside', function (): void {
    $array = glazes($this->project);
    $wall = $this->get("/projects/{$this->project->id}/wall")->assertOk()->getContent();
    expect(substr_count($wall, '.glaze7"'))->toBe(6)->and($wall)->toContain('>Celadon<')->toContain('fill="#a9c4b0"');
    $this->get("/projects/{$this->project->id}/sheets/{$array->id}")->assertOk()->assertSee('8 rows, a cell each')->assertSee('Harbour')->assertSee('Tile: colour');
    $this->get("/projects/{$this->project->id}/sheets/{$array->id}?rows=glaze2,glaze6,gone")->assertOk()->assertSee('Name, row 3')->assertSee('Plum')->assertDontSee('Harbour')->assertDontSee('Tile: colour');
});

it('tells parts of the same name apart where one is chosen that a column feeds', function (): void {
    $this->edit($this->project, $this->project->fresh()->sequence, ['type' => 'create-layers', 'screen' => 'glazes', 'seed' => 'twins', 'layers' => [['kind' => 'group', 'name' => 'Twins', 'x' => 0, 'y' => 0, 'width' => 40, 'height' => 20, 'children' => [
        ['kind' => 'box', 'name' => 'Box', 'x' => 0, 'y' => 0, 'width' => 20, 'height' => 20, 'fills' => [['colour' => '#ffffff']]],
        ['kind' => 'box', 'name' => 'Box', 'x' => 20, 'y' => 0, 'width' => 20, 'height' => 20, 'fills' => [['colour' => '#000000']]],
    ]]]])->assertOk();
    $twins = DB::table('layers')->where(['project_id' => $this->project->id, 'kind' => 'group'])->where('body', 'like', '%"name":"Twins"%')->value('id');
    $this->edit($this->project, $this->project->fresh()->sequence, ['type' => 'array-layers', 'screen' => 'glazes', 'layers' => [$twins], 'seed' => 'many']);
    $array = DB::table('layers')->where('id', $twins)->where('project_id', $this->project->id)->value('parent');
    $this->edit($this->project, $this->project->fresh()->sequence, ['type' => 'put-column', 'screen' => 'glazes', 'layer' => $array, 'column' => ['id' => 'sides', 'name' => 'Side', 'slot' => 'words', 'layer' => null]]);
    $this->get("/projects/{$this->project->id}/sheets/{$array}")->assertOk()->assertSee('>Box: colour<', false)->assertSee('>Box 2: colour<', false);
});

it('sends of an array the cells that changed, and all of them when the layout of its design changes', function (): void {
    $array = glazes($this->project);
    $label = $array->content->sheet->columns[0]->layer;
    $sends = fn (int $base, array $command): array => $this->edit($this->project, $base, ['screen' => 'glazes'] + $command)->assertOk()->json('patches');
    $design = $sends(0, ['type' => 'set-field', 'layers' => ["{$label}.glaze1"], 'field' => 'style.size', 'value' => '22']);
    expect(array_column($design, 'layer'))->toBe([$array->id])->and(substr_count($design[0]['svg'], 'font-size="22"'))->toBe(8);
    $cell = $sends(1, ['type' => 'set-cell', 'layer' => $array->id, 'row' => 'glaze2', 'column' => 'name', 'value' => '<b>Rust</b>']);
    expect($cell[0]['shell'])->toBeTrue()->and(array_keys($cell[0]['cells']['drawn']))->toBe(['glaze2'])
        ->and($cell[0]['cells']['drawn']['glaze2'])->toContain('&lt;b&gt;Rust&lt;/b&gt;')->and($cell[0]['cells'])->not->toHaveKey('order');
    $paint = $sends(2, ['type' => 'set-field', 'layers' => ["{$label}.glaze1"], 'field' => 'fills.0.colour', 'value' => '#123456']);
    expect($paint[0]['cells'])->toBe(['drawn' => [], 'paint' => [$label => [[2, 'fill', '#123456']]]]);
    $gap = $sends(3, ['type' => 'set-field', 'layers' => [$array->id], 'field' => 'rowGap', 'value' => '40']);
    expect($gap[0]['cells']['drawn'])->toBe([])->and(count($gap[0]['cells']['places']['x']))->toBe(2)->and(count($gap[0]['cells']['places']['y']))->toBe(4);
    $moved = $sends(4, ['type' => 'move-layers', 'layers' => [$array->id], 'dx' => 5, 'dy' => 0]);
    expect($moved[0]['shell'])->toBeTrue()->and(strlen($moved[0]['svg']))->toBeLessThan(600)->and($moved[0])->not->toHaveKey('cells');
    $out = $sends(5, ['type' => 'reorder-layers', 'layers' => [$label], 'above' => $array->id]);
    expect(array_column($out, 'layer'))->toEqualCanonicalizing([$array->id, $label]);
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    expect(app(TreeLoader::class)->whole($this->project)->layer($label)->parent)->not->toBeNull();
});

it('writes of an array what changed: the rows, or all but the rows', function (): void {
    $array = glazes($this->project);
    $row = fn (): array => (array) DB::table('layers')->where('project_id', $this->project->id)->where('id', $array->id)->first(['body', 'sheet_rows']);
    $do = fn (array $command) => $this->edit($this->project, $this->project->refresh()->sequence, ['screen' => 'glazes'] + $command)->assertOk();
    $first = $row();
    expect($first['body'])->not->toContain('Celadon')->and($first['sheet_rows'])->toStartWith('glaze0 {"name":"Fern"');
    $do(['type' => 'set-cell', 'layer' => $array->id, 'row' => 'glaze2', 'column' => 'name', 'value' => 'Kiln red']);
    expect($row()['body'])->toBe($first['body'])->and($row()['sheet_rows'])->toContain("\nglaze2 {\"name\":\"Kiln red\"");
    $second = $row();
    $do(['type' => 'set-field', 'layers' => [$array->id], 'field' => 'rowGap', 'value' => '40']);
    expect($row()['sheet_rows'])->toBe($second['sheet_rows'])->and($row()['body'])->toContain('"rowGap":40');
    $do(['type' => 'move-layers', 'layers' => [$array->id], 'dx' => 4, 'dy' => 0]);
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    expect($row())->toEqual($first);
});

it('brings projects of before along: rows get their own column, and steps can still be taken back', function (): void {
    $array = glazes($this->project);
    $this->edit($this->project, 0, ['screen' => 'glazes', 'type' => 'set-cell', 'layer' => $array->id, 'row' => 'glaze2', 'column' => 'name', 'value' => 'Kiln red'])->assertOk();
    $whole = json_encode(app(TreeLoader::class)->whole($this->project)->layer($array->id)->toArray());
    $sheet = fn (string $name): array => ['columns' => $array->content->sheet->columnsToArray(), 'rows' => array_map(fn (Row $row): array => ($row->id === 'glaze2' ? $row->with('name', $name) : $row)->toArray(), $array->content->sheet->rows)];
    $migration = require database_path('migrations/2026_11_27_000000_keep_rows_of_sheets_apart.php');
    $row = DB::table('layers')->where('id', $array->id)->where('project_id', $this->project->id);
    $body = json_decode($row->value('body'), true);
    $body['sheet'] = $sheet('Kiln red');
    $row->update(['body' => json_encode($body), 'sheet_rows' => null]);
    DB::table('edits')->where('project_id', $this->project->id)->where('sequence', 1)->update(['difference' => json_encode(['changes' => [
        ['entity' => 'layer', 'id' => $array->id, 'before' => ['sheet' => $sheet($array->content->sheet->rows[2]->cells()['name'])], 'after' => ['sheet' => $sheet('Kiln red')]],
    ]])]);
    $migration->bring();
    expect(json_encode(app(TreeLoader::class)->whole($this->project)->layer($array->id)->toArray()))->toBe($whole);
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    expect(glazes($this->project)->content->sheet->rows[2])->toEqual($array->content->sheet->rows[2]);
});

it('tells in the facets of a cell what is otherwise there', function (): void {
    $array = glazes($this->project);
    $label = (string) $array->content->sheet->columns[0]->layer;
    $this->edit($this->project, 0, ['type' => 'set-field', 'screen' => 'glazes', 'layers' => ["{$label}.glaze3"], 'field' => 'style.size', 'value' => '30', 'apart' => true])->assertOk();
    $this->get("/projects/{$this->project->id}/facets?screen=glazes&layers={$label}.glaze3")->assertOk()->assertSee('In cell 4')->assertSee('Here it has its own size')->assertSee('value="30"', false);
    $this->get("/projects/{$this->project->id}/facets?screen=glazes&layers={$label}.glaze4")->assertSee('In cell 5')->assertDontSee('its own')->assertSee('value="18"', false);
    $this->get("/projects/{$this->project->id}/copy?layers={$label}.glaze4")->assertOk()->assertJsonPath('layers.0.words', 'Ochre');
    $this->get("/projects/{$this->project->id}/snap?screen=glazes&parent={$array->id}.glaze4&layers={$label}.glaze4")->assertOk();
});

it('reads tables in the encodings and with the marks that there are, and matches columns by their headers', function (string $bytes, string $says, array $sees): void {
    $response = readTable($this->project, glazes($this->project)->id, UploadedFile::fake()->createWithContent('glazes.csv', $bytes))->assertOk()->assertSee($says);
    foreach ($sees as $text) {
        $response->assertSee($text, false);
    }
})->with([
    ["Name,Firing\nMoss,\"Cone 6, satin\"\nDusk,Cone 8\n", '2 rows, separated by commas, UTF-8', ['selected>into Name</option>', 'selected>into Firing</option>', 'Cone 6, satin']],
    ["\xEF\xBB\xBFglaze name\ttone\nÄhre\t#ddaa33\n", 'One row, separated by tabs, UTF-8', ['selected>into Name</option>', 'selected>into Tone</option>', 'Ähre']],
    [mb_convert_encoding("Name;Preis\nÄhre;12 €\n", 'Windows-1252', 'UTF-8'), 'windows-1252', ['Ähre', '12 €', 'selected>left out</option>']],
    [mb_convert_encoding("Name|Firing\nMoos|Kegel 6\n", 'UTF-16LE', 'UTF-8'), 'separated by bars, UTF-16LE', ['Moos']],
    ["Moss\nDusk\nClover\n", '3 rows, one value a line', ['Clover', 'selected>into Name</option>']],
    ["1,2\n3,4\n", '2 rows, separated by commas', ['Column 1']],
]);

it('refuses what is no table, and changes nothing', function (string $bytes, string $problem): void {
    readTable($this->project, glazes($this->project)->id, UploadedFile::fake()->createWithContent('table.csv', $bytes))->assertStatus(422)->assertJsonPath('place', 'file')->assertSee($problem);
    expect($this->project->refresh()->sequence)->toBe(0);
})->with([
    ["\x89PNG\r\n\x1a\n\x00\x00\x00\rIHDR", 'This is not a text file'], ['', 'There is nothing in the file'], [" \n\n", 'There is nothing in the file'], ["||||\n||||", 'There is nothing in the file'],
    [implode("\n", array_map(fn (int $i): string => "Pot {$i},{$i}", range(1, 10_000))), 'The file has more than 2,000 rows, which is the most that a data sheet holds.'],
    [str_repeat('x,', 40)."x\n".str_repeat('y,', 40)."y\n", 'has 41 columns'], ["a,b\n".str_repeat('x', 5001).",y\n", 'longer than 5,000 characters'],
    [str_repeat('x', 8 * 1024 * 1024 + 1), 'larger than 8 MB'],
]);

it('has no sheet for what is no array', function (): void {
    $this->getJson("/projects/{$this->project->id}/sheets/nothere")->assertStatus(409);
    $this->post("/projects/{$this->project->id}/sheets/".glazes($this->project)->id.'/read', [], ['Accept' => 'application/json'])->assertStatus(422)->assertSee('did not arrive');
});

it('plays, exports and copies what the cells show', function (): void {
    $page = $this->get("/projects/{$this->project->id}/hand-over/page")->assertOk()->getContent();
    expect($page)->toContain('>Celadon<')->not->toMatch('/data-[a-z]+="[^"]*glaze7/');
    $this->get("/projects/{$this->project->id}/screens/glazes/devices")->assertOk()->assertSee('Glaze library on all devices')->assertSee('everything fits');
    $file = json_decode((string) $this->get("/projects/{$this->project->id}/hand-over/project")->streamedContent(), true);
    $again = $this->demo($this->project->user()->firstOrFail());
    expect(json_decode((string) $this->get("/projects/{$again->id}/hand-over/project")->streamedContent(), true)['screens'])->toBe($file['screens']);
});
