<?php

declare(strict_types=1);

use App\Models\Note;
use App\Models\User;

beforeEach(function (): void {
    $this->project = $this->demo();
    $this->actingAs($this->project->user()->firstOrFail());
    $this->note = fn (array $more = []): Illuminate\Testing\TestResponse => $this->postJson("/projects/{$this->project->id}/notes", $more + ['screen' => 'today', 'layer' => '', 'x' => '40', 'y' => '60.5', 'words' => 'Ask Odo whether the kiln is booked']);
});

it('numbers notes in the order in which they are written, and never gives a number twice', function (): void {
    foreach (['First', 'Second', 'Third'] as $words) {
        ($this->note)(['words' => $words])->assertOk()->assertSee($words);
    }
    $this->deleteJson("/projects/{$this->project->id}/notes/".$this->project->notes()->where('number', 2)->value('id'))->assertOk();
    ($this->note)(['words' => 'Fourth', 'layer' => '"]<b>']);
    $this->deleteJson("/projects/{$this->project->id}/notes/".$this->project->notes()->where('number', 4)->value('id'))->assertOk();
    ($this->note)(['words' => 'Fifth', 'layer' => 'button1']);
    expect($this->project->notes()->orderBy('number')->pluck('words', 'number')->all())->toBe([1 => 'First', 3 => 'Third', 5 => 'Fifth'])
        ->and(Note::withTrashed()->orderBy('number')->pluck('layer')->all())->toBe(['', '', '', '', 'button1'])
        ->and($this->project->notes()->first()->only('screen', 'x', 'y', 'resolved'))->toBe(['screen' => 'today', 'x' => 40.0, 'y' => 60.5, 'resolved' => false]);
});

it('finds, changes and resolves them', function (): void {
    ($this->note)();
    ($this->note)(['words' => 'The grey is too pale']);
    $list = $this->get("/projects/{$this->project->id}/notes?q=GREY+pale")->assertOk()->getContent();
    expect(preg_match_all('/data-note="\d+"[^>]*hidden/', $list))->toBe(1);
    $this->get("/projects/{$this->project->id}/notes?q=nothing")->assertSee('No note holds these words');
    $id = $this->project->notes()->where('number', 1)->value('id');
    $this->patchJson("/projects/{$this->project->id}/notes/{$id}", ['resolved' => 'true'])->assertOk()->assertSee('1 open, 1 resolved');
    $this->patchJson("/projects/{$this->project->id}/notes/{$id}", ['words' => ' It is. '])->assertSee('It is.');
    expect(Note::query()->findOrFail($id)->only('words', 'resolved'))->toBe(['words' => 'It is.', 'resolved' => true]);
});

it('refuses what is no note, and changes nothing', function (array $sent, string $problem): void {
    ($this->note)($sent)->assertStatus($problem === '' ? 409 : 422)->assertSee($problem);
    expect($this->project->notes()->count())->toBe(0);
})->with([
    [['words' => '  '], 'A note needs some words'],
    [['words' => str_repeat('x', 4001)], 'at most 4,000 characters; this has 4,001'],
    [['screen' => 'nowhere'], ''],
]);

it('belongs to its project alone', function (): void {
    ($this->note)();
    $id = $this->project->notes()->value('id');
    $other = $this->demo($user = User::factory()->create());
    $this->actingAs($user)->getJson("/projects/{$this->project->id}/notes")->assertNotFound();
    $this->patchJson("/projects/{$other->id}/notes/{$id}", ['words' => 'Mine'])->assertNotFound();
    $this->deleteJson("/projects/{$other->id}/notes/{$id}")->assertNotFound();
    expect(Note::query()->findOrFail($id)->words)->toBe('Ask Odo whether the kiln is booked');
});

it('never lets what a note says become markup', function (): void {
    ($this->note)(['words' => '<script>alert(1)</script>'])->assertDontSee('<script>alert', false);
});

it('prints each screen with its numbered marks and the list', function (): void {
    $this->get("/projects/{$this->project->id}/notes/print", ['Accept' => 'application/json'])->assertStatus(422)->assertSee('There is no note in this project yet');
    foreach (['today', 'today', 'kiln', ''] as $i => $screen) {
        ($this->note)(['screen' => $screen, 'words' => "Note for the printer, number {$i}"])->assertOk();
    }
    $pdf = $this->get("/projects/{$this->project->id}/notes/print")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
    expect($pdf)->toStartWith('%PDF')->and(preg_match_all('#/Type\s*/Page\b(?!s)#', $pdf))->toBe(3);
    // A long list goes on on further pages.
    for ($i = 0; $i < 12; $i++) {
        ($this->note)(['screen' => 'kiln', 'words' => str_repeat('A long note about the firing and about who opens the door. ', 12)]);
    }
    expect(preg_match_all('#/Type\s*/Page\b(?!s)#', $this->get("/projects/{$this->project->id}/notes/print")->getContent()))->toBeGreaterThan(4);
});

it('goes with the project into its file and its copies, with who wrote it and when', function (): void {
    ($this->note)();
    ($this->note)(['words' => 'Done already']);
    $this->project->notes()->where('number', 2)->first()->update(['resolved' => true]);
    $file = $this->get("/projects/{$this->project->id}/hand-over/project")->assertOk()->streamedContent();
    $project = app(App\Canvas\Projects::class)->import(User::factory()->create(['name' => 'Somebody else']), $file);
    $kept = fn (App\Models\Project $of): array => Note::of($of)->map(fn (Note $note): array => [$note->number, $note->screen, $note->x, $note->words, $note->resolved, $note->writer(), $note->created_at->getTimestamp()])->all();
    expect($kept($project))->toBe($kept($this->project))
        ->and($kept(app(App\Canvas\Projects::class)->duplicate($this->project)))->toBe($kept($this->project))
        ->and(fn () => app(App\Canvas\Projects::class)->import(User::factory()->create(), str_replace('"number": 2', '"number": 1', $file)))->toThrow(Kindred\Input\InvalidInput::class, 'another note');
});
