<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->actingAs($this->user = User::factory()->create());
    $this->project = $this->demo($this->user);
    $this->say = function (array $command): array {
        $answer = $this->edit($this->project, $this->project->fresh()->sequence, $command);

        return [$answer->status(), $answer->json()];
    };
});

it('names what makes up the colour at a point of a screen, with its share', function (): void {
    $made = fn (string $asked): string => (string) preg_replace('/\s+/', ' ', strip_tags($this->get("/projects/{$this->project->id}/screens/kiln/made?{$asked}")->assertOk()->getContent()));
    // The glow over the ground, and nothing of what lies elsewhere.
    expect($made('x=330&y=250'))->toMatch('/Glow fill \d+ % Kiln status background \d+ %/')
        ->and($made('x=130&y=380'))->toContain('Dial fill')
        ->and($made('x=-50&y=10'))->not->toContain('%');
    $this->getJson("/projects/{$this->project->id}/screens/kiln/made?x=1e9&y=2")->assertUnprocessable();
    $this->get("/projects/{$this->project->id}/screens/nowhere/made?x=1&y=2")->assertNotFound();
});

it('says how a colour stands out in a cell, against what lies behind it there', function (): void {
    $layer = fn (string $name): string => (string) DB::table('layers')->where(['project_id' => $this->project->id, 'screen' => 'glazes'])->where('kind', '!=', 'array')->where('body', 'like', "%\"name\":\"{$name}\"%")->value('id');
    $ratio = function (string $id, string $colour, string $copies): float {
        preg_match('/([\d.]+) : 1/', (string) $this->get("/projects/{$this->project->id}/layers/{$id}/contrast?colour=%23{$colour}&copies={$copies}")->assertOk()->getContent(), $found);

        return (float) ($found[1] ?? 0);
    };
    // Words on a white card; a drip on tiles of two tones.
    expect($ratio($layer('Fern'), '000000', 'glaze0'))->toBe(21.0)->and($ratio($layer('Fern'), 'ffffff', 'glaze5'))->toBe(1.0)
        ->and($ratio($layer('Drip'), '000000', 'glaze3'))->toBeGreaterThan(2 * $ratio($layer('Drip'), '000000', 'glaze5'));
    $this->get("/projects/{$this->project->id}/layers/{$layer('Fern')}/contrast?colour=%23000000")->assertNoContent();
});

it('offers the colours that layers have, and those that a copy has for itself', function (): void {
    $box = ['kind' => 'box', 'id' => 'tile1', 'x' => 0, 'y' => 0, 'width' => 20, 'height' => 20, 'fills' => [['colour' => '#0c0ffe']]];
    ($this->say)(['type' => 'create-layers', 'screen' => 'kiln', 'seed' => 'tiles', 'layers' => [
        ...array_map(fn (int $i): array => ['name' => "Tile {$i}", 'x' => 30 * $i] + $box, range(1, 60)),
        ['kind' => 'array', 'name' => 'Tiles', 'x' => 0, 'y' => 40, 'width' => 300, 'height' => 40, 'columns' => 60, 'sheet' => ['columns' => [], 'rows' => array_map(fn (int $i): array => ['id' => "row{$i}"], range(1, 60))],
            'overrides' => array_fill_keys(array_map(fn (int $i): string => "row{$i}", range(1, 60)), ['tile1' => ['fills.0.colour' => '#facade']]), 'children' => [$box]],
    ]]);
    expect($this->getJson("/projects/{$this->project->id}/colours")->assertOk()->json())->toContain('#0c0ffe', '#facade');
});

it('tells parts of the same name apart where a slot is chosen', function (): void {
    $box = fn (string $id, int $x): array => ['kind' => 'box', 'id' => $id, 'name' => 'Box', 'x' => $x, 'y' => 0, 'width' => 20, 'height' => 20];
    ($this->say)(['type' => 'create-layers', 'screen' => 'kiln', 'seed' => 'row', 'layers' => [['kind' => 'group', 'id' => 'pair1', 'name' => 'Pair', 'x' => 0, 'y' => 0, 'width' => 60, 'height' => 20, 'children' => [$box('left1', 0), $box('right1', 40)]]]]);
    $pair = DB::table('layers')->where('project_id', $this->project->id)->where('body', 'like', '%"name":"Pair"%')->value('id');
    ($this->say)(['type' => 'make-component', 'screen' => 'kiln', 'layers' => [$pair], 'seed' => 'made']);
    $sheet = DB::table('screens')->where('project_id', $this->project->id)->whereNotNull('component')->value('id');
    $this->get("/projects/{$this->project->id}/facets?screen={$sheet}&screens={$sheet}")->assertOk()->assertSeeInOrder(['Box: fill', 'Box 2: fill']);
});
