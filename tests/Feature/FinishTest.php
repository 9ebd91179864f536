<?php

declare(strict_types=1);

use App\Canvas\TreeLoader;
use Kindred\Document\Finish;

beforeEach(function (): void {
    $this->project = $this->demo();
    $this->actingAs($this->project->user()->firstOrFail());
    $this->get("/projects/{$this->project->id}/wall")->assertOk();
});

it('draws every screen anew when the project’s finish changes, and as before when that is undone', function (): void {
    $pictures = fn (): array => $this->getJson("/projects/{$this->project->id}/pictures?of=today,kiln,nowhere")->assertOk()->json();
    $before = $pictures();
    $answer = $this->edit($this->project, 0, ['type' => 'set-finish', 'finish' => 'rough'])->assertOk()->json();
    expect($answer['label'])->toBe('Finish rough')->and($answer['patches'])->toHaveCount(1)
        ->and($answer['patches'][0])->toMatchArray(['redraw' => true, 'project' => ['name' => 'Fernhollow Pottery', 'entry' => 'welcome', 'finish' => 'rough', 'framed' => false]]);
    $rough = $pictures();
    expect(array_keys($rough))->toEqualCanonicalizing(['today', 'kiln'])->and($rough['today'])->toContain('Caveat')->not->toContain('Spectral');
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    expect($pictures())->toEqualCanonicalizing($before);
});

it('keeps a screen’s own finish, and draws later changes of its layers in it', function (): void {
    $answer = $this->edit($this->project, 0, ['type' => 'set-screen-field', 'screen' => 'today', 'field' => 'finish', 'value' => 'rough'])->assertOk()->json();
    expect($answer['patches'][0]['redraw'])->toBeTrue();
    $tree = app(TreeLoader::class)->whole($this->project->refresh());
    expect($tree->finish('today'))->toBe(Finish::Rough)->and($tree->finish('kiln'))->toBe(Finish::Dressed);
    $text = array_values(array_filter($tree->layers, fn ($layer): bool => $layer->screen === 'today' && $layer->name === 'Coming up'))[0];
    $this->edit($this->project, 1, ['type' => 'move-layers', 'screen' => 'today', 'layers' => [$text->id], 'dx' => 1, 'dy' => 0])->assertOk();
    // Undo loads little more than the layer; the finish is that of its screen all the same.
    $undone = $this->postJson("/projects/{$this->project->id}/undo")->assertOk()->json('patches');
    expect($undone[0]['svg'])->toContain('Caveat');
    $since = $this->getJson("/projects/{$this->project->id}/edits?since=1")->assertOk()->json('patches');
    expect($since[0]['svg'])->toContain('Caveat');
});

it('plays and exports in the finish, with the hand lettering inside, and reads it back', function (): void {
    $this->edit($this->project, 0, ['type' => 'set-finish', 'finish' => 'rough'])->assertOk();
    $page = $this->get("/projects/{$this->project->id}/hand-over/page")->assertOk()->getContent();
    expect($page)->toContain('@font-face{font-family:"Caveat"')->not->toContain('@font-face{font-family:"Spectral"');
    $this->get("/projects/{$this->project->id}/rehearse")->assertOk()->assertSee('font-family="Caveat, cursive"', false);
    $file = $this->get("/projects/{$this->project->id}/hand-over/project")->streamedContent();
    expect(json_decode($file, true)['finish'])->toBe('rough');
    $svg = $this->get("/projects/{$this->project->id}/hand-over/screens/booked.svg")->getContent();
    preg_match_all('/(?:fill|stroke)="#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})"/', $svg, $colours, PREG_SET_ORDER);
    foreach ($colours as [, $red, $green, $blue]) {
        expect([$red, $green])->toBe([$green, $blue]);
    }
    $this->post("/projects/{$this->project->id}/duplicate")->assertRedirect();
    $copy = $this->project->user()->firstOrFail()->projects()->latest('id')->firstOrFail();
    expect($copy->finish)->toBe('rough');
});
