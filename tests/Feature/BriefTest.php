<?php

declare(strict_types=1);

use App\Models\User;

beforeEach(function (): void {
    $this->project = $this->demo();
    $this->actingAs($this->project->user()->firstOrFail());
    $this->do = fn (array ...$commands): Illuminate\Testing\TestResponse => $this->edit($this->project, 1000, ...$commands);
    $this->put = fn (string $id, string $part, array $more = []): Illuminate\Testing\TestResponse => ($this->do)(['type' => 'put-entry', 'entry' => ['id' => $id, 'part' => $part] + $more]);
});

it('keeps entries, shows them, and takes each step back', function (): void {
    ($this->put)('goal1', 'goal', ['title' => 'Fewer calls', 'words' => "**Thirty** a week\n\n- on Fridays"])->assertOk();
    $this->get("/projects/{$this->project->id}/brief")->assertOk()->assertSee('Fewer calls')->assertSee('<strong>Thirty</strong>', false)->assertSee('<li>on Fridays</li>', false);
    ($this->put)('goal1', 'goal', ['title' => 'No calls'])->assertOk();
    $this->get("/projects/{$this->project->id}/brief/body?q=calls+friday")->assertSee('No calls')->assertSee('Thirty');
    $this->get("/projects/{$this->project->id}/brief/body?q=glaze")->assertDontSee('No calls');
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk()->assertJsonPath('label', 'Undo: Change goal “Fewer calls”');
    $this->get("/projects/{$this->project->id}/brief")->assertSee('Fewer calls');
    $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    $this->get("/projects/{$this->project->id}/brief")->assertDontSee('Fewer calls');
});

it('shows in each planned screen all screens that it leads to, but for those that are gone', function (): void {
    foreach (['plan1' => 'Welcome', 'plan2' => 'Shelf', 'plan3' => 'Book'] as $id => $title) {
        ($this->put)($id, 'plan', ['title' => $title, 'leadsTo' => $id === 'plan1' ? ['plan2', 'plan3'] : []])->assertOk();
    }
    $targets = fn (): array => preg_match_all('/data-target="(\w+)"/', (string) $this->get("/projects/{$this->project->id}/brief/body?q=")->assertOk()->getContent(), $found) > 0 ? $found[1] : [];
    expect($targets())->toBe(['plan2', 'plan3']);
    ($this->do)(['type' => 'remove-entry', 'entry' => 'plan2'])->assertOk();
    expect($targets())->toBe(['plan3']);
});

it('refuses what is no entry, at its place, and changes nothing', function (array $entry, string $place): void {
    ($this->do)(['type' => 'put-entry', 'entry' => $entry])->assertUnprocessable()->assertJsonPath('place', "commands[0].entry{$place}");
    expect(DB::table('things')->where('entity', 'entry')->count())->toBe(0);
})->with([
    [['id' => 'goal1', 'part' => 'wish'], '.part'],
    [['id' => 'goal1', 'part' => 'goal', 'title' => str_repeat('x', 201)], '.title'],
    [['id' => 'goal1', 'part' => 'goal', 'words' => str_repeat('x', 20_001)], '.words'],
    [['id' => '1', 'part' => 'goal'], '.id'],
    [['id' => 'plan1', 'part' => 'plan', 'conditions' => ['asleep']], '.conditions[0]'],
    [['id' => 'look1', 'part' => 'reference', 'asset' => '../today'], '.asset'],
    [['id' => 'plan1', 'part' => 'plan', 'device' => 'watchtower'], '.device'],
    [['id' => 'need1', 'part' => 'requirement', 'ties' => [['kind' => 'colour', 'id' => 'today']]], '.ties[0].kind'],
]);

it('never lets what an entry says become markup', function (): void {
    $hostile = '<script>alert(1)</script><img src=x onerror=alert(1)> [press](javascript:alert(1))';
    foreach (['goal', 'requirement', 'plan', 'wording'] as $part) {
        ($this->put)("{$part}1", $part, ['title' => mb_substr($hostile, 0, 120), 'words' => $hostile])->assertOk();
    }
    foreach (['brief', 'brief/screens/today', 'reel'] as $place) {
        expect($this->get("/projects/{$this->project->id}/{$place}")->assertOk()->getContent())->not->toContain('<script>alert')->not->toContain('<img src=x')->not->toContain('href="javascript:');
    }
});

it('counts what is covered on each screen, and hides another person’s brief', function (): void {
    $layer = DB::table('layers')->where('screen', 'today')->where('parent', '')->value('id');
    ($this->put)('need1', 'requirement', ['title' => 'It is said what is on', 'ties' => [['kind' => 'layer', 'id' => $layer]]])->assertOk();
    $this->get("/projects/{$this->project->id}/reel")->assertSee('1 of 1 covered');
    ($this->do)(['type' => 'mark-layers', 'screen' => 'today', 'layers' => [$layer], 'hidden' => true])->assertOk();
    $this->get("/projects/{$this->project->id}/reel")->assertSee('0 of 1 covered');
    $this->get("/projects/{$this->project->id}/brief/screens/today")->assertSee('It is said what is on')->assertSee('is hidden.');
    $this->actingAs(User::factory()->create())->get("/projects/{$this->project->id}/brief")->assertNotFound();
});

it('edits takes as one step, of which only what hangs on the wall is shown there', function (): void {
    $wall = fn (): string => $this->get("/projects/{$this->project->id}/wall")->getContent();
    $today = fn (): string => preg_match('/<article class="screen" data-screen="today".*?<svg(.*?)<\/article>/s', $wall(), $match) === 1 ? $match[1] : '';
    $before = $today();
    $made = ($this->do)(['type' => 'make-take', 'screen' => 'today', 'seed' => 'take'])->assertOk();
    expect(array_filter($made->json('patches'), fn (array $patch): bool => isset($patch['layer'])))->toBe([]);
    $kept = DB::table('screens')->where('project_id', $this->project->id)->whereNotNull('take')->where('id', '!=', 'today')->value('id');
    expect($before)->not->toBe('')->and($today())->toBe($before)
        ->and($wall())->not->toContain("data-screen=\"{$kept}\"")
        ->and($this->get("/projects/{$this->project->id}/hand-over")->getContent())->not->toContain($kept)
        ->and($this->get("/projects/{$this->project->id}/hand-over/page")->getContent())->not->toContain($kept);
    // Without a place to start the shelf shows the first screen, never a take that is kept beside it.
    DB::table('projects')->where('id', $this->project->id)->update(['entry' => null]);
    $rank = DB::table('screens')->where('id', $kept)->value('rank');
    DB::table('screens')->where('id', $kept)->update(['rank' => '1']);
    $this->get('/')->assertOk()->assertDontSee($kept);
    DB::table('screens')->where('id', $kept)->update(['rank' => $rank]);
    $this->get("/projects/{$this->project->id}/screens/today/takes")->assertOk()->assertSee('Nothing differs.');
    ($this->do)(['type' => 'switch-take', 'screen' => 'today', 'take' => 'nothere'])->assertConflict();
    ($this->do)(['type' => 'switch-take', 'screen' => 'today', 'take' => 'kiln'])->assertUnprocessable();
    $switched = ($this->do)(['type' => 'switch-take', 'screen' => 'today', 'take' => $kept])->assertOk()->json('patches');
    expect(array_values(array_filter($switched, fn (array $patch): bool => ($patch['screen'] ?? null) === 'today'))[0]['redraw'])->toBeTrue();
    foreach ([1, 2] as $step) {
        $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
    }
    expect(DB::table('screens')->where('project_id', $this->project->id)->whereNotNull('take')->count())->toBe(0);
});

it('shows words that only look like much', function (string $words): void {
    $begun = computed();
    $html = App\Canvas\Briefs::html($words);
    expect(strlen($html))->toBeLessThan(400_000)->and(computed() - $begun)->toBeLessThan(5.0);
})->with([
    'quotes in quotes' => [str_repeat('>', 20_000)], 'quotes line by line' => [str_repeat("> \n", 5000)], 'lists in lists' => [implode("\n", array_map(fn (int $i): string => str_repeat('  ', $i).'- a', range(0, 140)))],
    'brackets' => [str_repeat('[', 20_000)], 'stars' => [str_repeat('*a **b ', 2800)], 'ticks' => [implode(' ', array_map(fn (int $i): string => str_repeat('`', $i), range(1, 190)))], 'links' => [str_repeat('[a](', 5000)],
]);
