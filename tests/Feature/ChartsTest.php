<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Kindred\Document\Chart\ChartForm;
use Kindred\Kit\FreshChart;

beforeEach(function (): void {
    $this->project = $this->demo();
    $this->actingAs($this->project->user()->firstOrFail());
    $this->chart = fn (ChartForm $form, array $more = []): string => $this->edit($this->project, 100, ['type' => 'create-layers', 'screen' => 'today', 'seed' => $form->value, 'layers' => [$more + ['x' => 20, 'y' => 40] + FreshChart::of($form)]])->assertOk()->json('added.0');
});

it('shows the sheet of a chart, and says what its columns are', function (): void {
    $id = ($this->chart)(ChartForm::Progress);
    $this->get("/projects/{$this->project->id}/sheets/{$id}")->assertOk()->assertSee('2 rows, a point each')->assertSee('Shelves filled')->assertSee('values, a series')->assertSee('a goal for each point')->assertDontSee('feeds nothing')->assertDontSee('sample values');
    $this->get("/projects/{$this->project->id}/sheets/{$id}?rows=point1,gone")->assertOk()->assertSee('Glaze tests')->assertDontSee('Shelves filled');
    $this->get("/projects/{$this->project->id}/sheets/gone")->assertConflict();
});

it('keeps the rows of a chart apart, so that a value that is set writes them alone', function (): void {
    $id = ($this->chart)(ChartForm::Bars);
    $row = fn (): array => (array) DB::table('layers')->where('project_id', $this->project->id)->where('id', $id)->first(['body', 'sheet_rows']);
    $first = $row();
    expect($first['body'])->not->toContain('"58"')->and($first['sheet_rows'])->toContain('"58"');
    $answer = $this->edit($this->project, 101, ['type' => 'set-cell', 'screen' => 'today', 'layer' => $id, 'row' => 'point1', 'column' => 'column1', 'value' => '580'])->assertOk();
    expect($row()['body'])->toBe($first['body'])->and($row()['sheet_rows'])->toContain('"580"')->and(implode('', array_column($answer->json('patches'), 'svg')))->toContain('>600<');
    $this->postJson("/projects/{$this->project->id}/undo", ['base' => 102])->assertOk();
    expect($row())->toBe($first);
});

it('is found by what it shows, and charts by what people call them', function (): void {
    ($this->chart)(ChartForm::Gauge);
    $this->getJson("/projects/{$this->project->id}/find?q=kiln+2")->assertOk()->assertJsonFragment(['title' => 'Kiln 2']);
    $this->getJson("/projects/{$this->project->id}/find?q=donut")->assertOk()->assertJsonFragment(['kind' => 'widget', 'id' => 'chart-ring', 'title' => 'Ring chart', 'where' => 'in the kit']);
});

it('counts among the words of a family, is set in another, and comes with it where there is no server', function (): void {
    $id = ($this->chart)(ChartForm::Bars, ['style' => ['family' => 'Kiln Gothic', 'size' => 12]]);
    expect((string) $this->get("/projects/{$this->project->id}/facets?screen=today&layers={$id}")->assertOk()->getContent())->toContain('“Kiln Gothic” is not here')
        ->and((string) $this->get("/projects/{$this->project->id}/fonts")->assertOk()->getContent())->toContain('Kiln Gothic');
    $this->edit($this->project, 101, ['type' => 'replace-family', 'family' => 'Kiln Gothic', 'by' => 'Spectral'])->assertOk();
    expect((string) $this->get("/projects/{$this->project->id}/facets?screen=today&layers={$id}")->getContent())->not->toContain('is not here');
    expect((string) $this->get("/projects/{$this->project->id}/hand-over/page")->assertOk()->getContent())->toContain('Spectral');
});

it('never lets what stands in a sheet become markup', function (): void {
    $hostile = '"><script>alert(1)</script>';
    $id = ($this->chart)(ChartForm::Ring, ['before' => '"><script>', 'valueLabels' => 'value', 'sheet' => ['columns' => [['id' => 'what', 'name' => $hostile, 'slot' => 'label'], ['id' => 'many', 'name' => $hostile, 'slot' => 'value'], ['id' => 'colour', 'name' => 'Colour', 'slot' => 'colour']], 'rows' => [['id' => 'row1', 'cells' => ['what' => $hostile, 'many' => '4', 'colour' => $hostile]], ['id' => 'row2', 'cells' => ['what' => $hostile, 'many' => $hostile]]]]]);
    foreach (['wall', 'rehearse', 'hand-over/page', "facets?screen=today&layers={$id}", "sheets/{$id}"] as $place) {
        expect($this->get("/projects/{$this->project->id}/{$place}")->assertOk()->getContent())->not->toContain('<script>alert');
    }
});

it('refuses what is no chart, naming the place, and changes nothing', function (array $more, string $place): void {
    $before = DB::table('layers')->where('project_id', $this->project->id)->count();
    $answer = $this->edit($this->project, 100, ['type' => 'create-layers', 'screen' => 'today', 'seed' => 'bad', 'layers' => [$more + ['x' => 0, 'y' => 0] + FreshChart::of(ChartForm::Bars)]])->assertStatus(422);
    expect((string) $answer->getContent())->toContain($place)->and(DB::table('layers')->where('project_id', $this->project->id)->count())->toBe($before);
})->with([
    [['form' => 'cake'], 'form'], [['min' => 5, 'max' => 1], 'max'], [['ink' => 'ink'], 'ink'], [['hole' => 1], 'hole'], [['sheet' => ['rows' => array_fill(0, 2001, ['id' => 'same'])]], 'sheet.rows'], [['after' => str_repeat('x', 21)], 'after'],
]);
