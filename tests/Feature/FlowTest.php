<?php

declare(strict_types=1);

use App\Models\User;

beforeEach(function (): void {
    $this->actingAs($this->user = User::factory()->create());
    $this->project = $this->demo($this->user);
});

it('draws the flow as a map, as a site map, and in seconds', function (): void {
    $this->get("/projects/{$this->project->id}/flow")->assertOk()->assertSee('data-from="welcome" data-to="today"', false)->assertSee('One is not come to from Welcome: Desk: bookings.');
    $site = $this->get("/projects/{$this->project->id}/flow?show=site")->assertOk()->getContent();
    expect(substr_count($site, 'data-from='))->toBe(5);
    $this->get("/projects/{$this->project->id}/flow?show=paths&from=welcome&to=kiln")->assertOk()->assertSee('The fastest')->assertSee('in 2 steps')->assertSee('Card, Moran and Newell 1980');
    $this->get("/projects/{$this->project->id}/flow?show=paths&from=desk&to=kiln")->assertOk()->assertSee('No cue leads from Desk: bookings to Kiln status.');
    $this->get("/projects/{$this->project->id}/flow?show=paths&from=nowhere")->assertOk();
});

it('compares takes by what they take', function (): void {
    $this->edit($this->project, 0, ['type' => 'make-take', 'screen' => 'today', 'seed' => 'take'])->assertOk();
    $this->get("/projects/{$this->project->id}/flow?show=paths&from=welcome&to=kiln")->assertOk()->assertSee('With other takes')->assertSee('Today, ');
});

it('gives the map as SVG and PDF that need nothing from outside', function (): void {
    $svg = $this->get("/projects/{$this->project->id}/flow.svg")->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="Fernhollow Pottery flow.svg"')->getContent();
    expect(simplexml_load_string($svg))->not->toBeFalse()->and($svg)->toContain('data:image/png;base64,')->not->toContain('href="/');
    expect($this->get("/projects/{$this->project->id}/flow.pdf?show=site")->assertOk()->getContent())->toStartWith('%PDF-');
});

it('shows nobody else what becomes what, and says where there is no match', function (): void {
    $cue = ['id' => 'matching', 'trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'show', 'screen' => 'kiln', 'transition' => ['kind' => 'match']]]];
    $this->edit($this->project, 0, ['type' => 'put-cue', 'screen' => 'glazes', 'cue' => $cue])->assertOk();
    $url = "/projects/{$this->project->id}/screens/glazes/pairs?cue=matching&act=actions.0";
    $this->get($url)->assertOk()->assertSee('What becomes what, from Glaze library to Kiln status');
    $this->get(str_replace('actions.0', 'actions.3', $url))->assertNotFound();
    $this->get(str_replace('matching', 'nothing', $url))->assertNotFound();
    $this->actingAs(User::factory()->create());
    $this->get($url)->assertNotFound();
    $this->get("/projects/{$this->project->id}/flow")->assertNotFound();
});
