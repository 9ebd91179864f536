<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\File;
use Kindred\Document\Chart\ChartForm;
use Kindred\Document\Widget\Accepts;
use Kindred\Kit\Kit;

beforeEach(function (): void {
    $this->project = $this->demo();
    $this->actingAs($this->project->user()->firstOrFail());
    $this->widget = fn (string $key, array $more = []): string => $this->edit($this->project, 100, ['type' => 'create-layers', 'screen' => 'today', 'seed' => $key.md5(serialize($more)), 'layers' => [$more + ['x' => 20, 'y' => 40] + Kit::fresh(Kit::find($key))]])->assertOk()->json('added.0');
});

it('shows every widget, in the finish of the project, with what it is placed as', function (): void {
    $html = $this->get("/projects/{$this->project->id}/kit")->assertOk()->getContent();
    expect(substr_count($html, 'data-widget='))->toBe(count(Kit::ALL) + count(ChartForm::cases()))->and($html)->toContain('data-bar="foot"')->not->toContain('Caveat');
    $this->edit($this->project, 0, ['type' => 'set-finish', 'finish' => 'rough'])->assertOk();
    $this->get("/projects/{$this->project->id}/kit")->assertSee('Caveat');
});

it('opens a widget into what it is made of', function (): void {
    $id = ($this->widget)('dialog');
    $opened = $this->edit($this->project, 100, ['type' => 'open-widgets', 'screen' => 'today', 'layers' => [$id], 'seed' => 'open'])->assertOk();
    expect($opened->json('label'))->toStartWith('Open ')->and(implode(' ', array_column($opened->json('patches'), 'svg')))->toContain('Cancel the booking?');
    $this->edit($this->project, 101, ['type' => 'open-widgets', 'screen' => 'today', 'layers' => [$id], 'seed' => 'again'])->assertConflict();
    $this->actingAs(User::factory()->create())->getJson("/projects/{$this->project->id}/kit")->assertNotFound();
});

it('opens the facets of every widget, and of fields that take each of what can be taken', function (): void {
    $facets = fn (string $id) => $this->get("/projects/{$this->project->id}/facets?screen=today&layers={$id}")->assertOk()->assertSee('id="facet-widget"', false);
    foreach (Kit::ALL as $kind) {
        $facets(($this->widget)($kind::key()));
    }
    foreach (Accepts::cases() as $accepts) {
        $page = $facets(($this->widget)('text-field', ['signal' => 'field_'.$accepts->value, 'accepts' => $accepts->value, 'min' => 3, 'max' => 17]));
        foreach (['min' => '3', 'max' => '17'] as $end => $value) {
            expect(preg_match('/data-widget-field="'.$end.'"[^>]* value="'.$value.'"/', $page->getContent()))->toBe($accepts === Accepts::Number ? 1 : 0);
        }
    }
});

it('never lets what a widget holds become markup', function (): void {
    $hostile = '"><script>alert(1)</script>';
    $id = ($this->widget)('menu', ['label' => $hostile, 'items' => [['label' => $hostile, 'cells' => [$hostile], 'key' => $hostile]]]);
    foreach (['wall', 'rehearse', 'hand-over/page', "facets?screen=today&layers={$id}"] as $place) {
        expect($this->get("/projects/{$this->project->id}/{$place}")->assertOk()->getContent())->not->toContain('<script>alert');
    }
    $this->edit($this->project, 100, ['type' => 'set-widget', 'screen' => 'today', 'layers' => [$id], 'field' => 'icon', 'value' => $hostile]);
    expect($this->get("/projects/{$this->project->id}/wall")->getContent())->not->toContain('<script>alert');
});

it('embeds the faces of widgets in what plays without a server', function (): void {
    ($this->widget)('badge');
    $page = $this->get("/projects/{$this->project->id}/hand-over/page")->assertOk()->getContent();
    expect($page)->toContain('@font-face{font-family:"Hanken Grotesk";font-weight:700');
});

it('draws the contact sheet of all widgets', function (): void {
    $file = sys_get_temp_dir().'/kindred-kit-'.getmypid().'.png';
    $this->artisan('kindred:kit', ['file' => $file])->assertSuccessful();
    $image = imagecreatefrompng($file);
    expect(imagesx($image))->toBeGreaterThan(1500);
    File::delete($file);
});

it('says which placeholders in words will stay as they are written, and why', function (): void {
    ($this->widget)('stepper', ['signal' => 'pieces']);
    $facets = fn (string $words): string => $this->get("/projects/{$this->project->id}/facets?screen=today&layers=".$this->edit($this->project, 100, ['type' => 'create-layers', 'screen' => 'today', 'seed' => md5($words), 'layers' => [['kind' => 'text', 'x' => 0, 'y' => 0, 'words' => $words, 'style' => ['family' => 'Lora', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4]]]])->json('added.0'))->assertOk()->getContent();
    expect($facets('{pieces * 2} pieces, {serial}'))->not->toContain('It stays as it is written')
        ->and($facets('{peices} pieces'))->toContain('{peices}')->toContain('It stays as it is written')
        ->and($facets('{pieces * } pieces'))->toContain('It stays as it is written')
        ->and($facets('No placeholders'))->not->toContain('It stays as it is written');
});
