<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->seed();
    $this->user = User::query()->firstOrFail();
    $this->actingAs($this->user);
    $this->choices = ['base' => '#2563eb', 'warmth' => 'base', 'energy' => 'lively', 'shape' => 'round', 'density' => 'dense'];
    $this->at = fn (string $name): string => '/projects/'.$this->user->projects()->where('name', $name)->firstOrFail()->id;
    $this->take = function (string $at, array $commands): void {
        $this->postJson("{$at}/edits", ['base' => DB::table('projects')->where('id', basename($at))->value('sequence'), 'commands' => $commands])->assertOk();
    };
    $this->grounds = fn (string $at): array => DB::table('screens')->where('project_id', basename($at))->pluck('ground', 'id')->all();
});

it('computes a look for the tokens that there are, shows it, and changes nothing before it is taken', function (): void {
    $at = ($this->at)('Fernhollow Pottery');
    $before = ($this->grounds)($at);
    $made = $this->postJson("{$at}/house-style/scheme", $this->choices)->assertOk()->json();
    expect(($this->grounds)($at))->toBe($before)->and(substr_count($made['html'], '<svg'))->toBe(6)->and($made['html'])->toContain('9 tokens change, none is made, as one step.');
    ($this->take)($at, $made['commands']);
    $after = ($this->grounds)($at);
    expect($after['today'])->not->toBe($before['today'])->and($after['kiln'])->toBe($before['kiln'])
        ->and(json_decode((string) DB::table('projects')->where('id', basename($at))->value('look'), true)['accent'])->not->toBe('#a94c31');
    $this->postJson("{$at}/undo")->assertOk();
    expect(($this->grounds)($at))->toBe($before);
});

it('gives a project without tokens a whole set of them, bound to what plays their roles', function (): void {
    $at = ($this->at)('Kiln-shelf booking');
    expect(DB::table('things')->where('project_id', basename($at))->where('entity', 'token')->count())->toBe(0);
    $made = $this->postJson("{$at}/house-style/scheme", $this->choices)->assertOk()->json();
    ($this->take)($at, $made['commands']);
    $names = DB::table('things')->where('project_id', basename($at))->where('entity', 'token')->pluck('body')->map(fn (string $body): string => json_decode($body, true)['name'])->all();
    expect($names)->toEqualCanonicalizing(['colour.ground', 'colour.card', 'colour.line', 'colour.words', 'colour.quiet', 'colour.accent', 'colour.second', 'length.corners', 'length.gap'])
        ->and(DB::table('refers')->where('project_id', basename($at))->where('kind', 'token')->count())->toBeGreaterThan(5);
    // Widgets are dressed by it.
    expect(json_decode((string) DB::table('projects')->where('id', basename($at))->value('look'), true)['bound'])->toHaveKeys(['accent', 'ink', 'radius']);
    // The same once more changes nothing.
    $again = $this->postJson("{$at}/house-style/scheme", $this->choices)->assertOk()->json();
    expect(array_column($again['commands'], 'type'))->toBe(['put-tokens']);
    // Without a colour it begins with one of the project's own.
    $begun = $this->postJson("{$at}/house-style/scheme", ['base' => ''] + $this->choices)->assertOk()->json();
    expect($begun['beginnings'])->toContain($begun['base']);
});

it('says what of the choices is wrong', function (): void {
    $at = ($this->at)('Fernhollow Pottery');
    $this->postJson("{$at}/house-style/scheme", ['base' => 'mud'] + $this->choices)->assertUnprocessable()->assertJsonPath('place', 'base');
    $this->postJson("{$at}/house-style/scheme", ['shape' => 'spiky'] + $this->choices)->assertUnprocessable();
    $this->postJson("{$at}/house-style/scheme", [])->assertUnprocessable();
});
