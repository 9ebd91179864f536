<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

/** A ticket of a box and two notches on a screen of the demo, put together. */
beforeEach(function (): void {
    $this->actingAs($this->user = User::factory()->create());
    $this->project = $this->demo($this->user);
    $this->other = User::factory()->create(['name' => 'Odo']);
    $this->do = fn (int $base, string $type, array $more) => $this->edit($this->project->fresh(), $base, ['type' => $type, 'screen' => 'booked'] + $more);
    $this->as = function (User $user): void {
        $this->project->forceFill(['user_id' => $user->id])->save();
        $this->actingAs($user);
    };
    $this->back = fn (string $what) => $this->postJson("/projects/{$this->project->id}/{$what}");
    $this->body = fn (string $id): ?array => json_decode(DB::table('layers')->where(['project_id' => $this->project->id, 'id' => $id])->value('body') ?? 'null', true);
    $ellipse = ['kind' => 'ellipse', 'y' => 700, 'width' => 20, 'height' => 20];
    $this->parts = ($this->do)(0, 'create-layers', ['seed' => 'parts', 'layers' => [['kind' => 'box', 'x' => 100, 'y' => 660, 'width' => 200, 'height' => 100, 'fills' => [['colour' => '#a94c31']]], ['x' => 90] + $ellipse, ['x' => 290] + $ellipse]])->assertOk()->json('added');
    $this->compound = ($this->do)(1, 'combine-layers', ['layers' => $this->parts, 'operation' => 'subtract', 'seed' => 'ticket'])->assertOk()->json('added.0');
    $this->cuts = fn (): int => substr_count(($this->body)($this->compound)['d'] ?? '', 'C');
});

it('lets two people move two parts at once, and takes back each by itself', function (): void {
    expect(($this->cuts)())->toBe(4);
    ($this->do)(2, 'move-layers', ['layers' => [$this->parts[1]], 'dx' => 60, 'dy' => 0])->assertOk();
    ($this->as)($this->other);
    // Who has not seen that yet moves the other notch: what both come to is nobody's edit.
    ($this->do)(2, 'move-layers', ['layers' => [$this->parts[2]], 'dx' => -60, 'dy' => 0])->assertOk();
    expect(($this->cuts)())->toBe(8);
    ($this->as)($this->user);
    ($this->back)('undo')->assertOk();
    expect(($this->cuts)())->toBe(6);
    ($this->as)($this->other);
    ($this->back)('undo')->assertOk();
    expect(($this->cuts)())->toBe(4);
    // A part that is moved and changed at once by two is refused to the second, as any layer.
    ($this->do)(6, 'move-layers', ['layers' => [$this->parts[1]], 'dx' => 5, 'dy' => 0])->assertOk();
    ($this->as)($this->user);
    ($this->do)(6, 'move-layers', ['layers' => [$this->parts[1]], 'dx' => 9, 'dy' => 0])->assertStatus(409);
});

it('is flattened, taken apart and taken back after somebody else has painted it', function (): void {
    $d = ($this->body)($this->compound)['d'];
    foreach (['convert-to-paths' => [], 'ungroup-layers' => ['parent' => null]] as $type => $more) {
        $base = $this->project->fresh()->sequence;
        $answer = ($this->do)($base, $type, ['layers' => [$this->compound]] + $more)->assertOk();
        ($this->as)($this->other);
        ($this->do)($this->project->fresh()->sequence, 'rename-layer', ['layer' => $type === 'convert-to-paths' ? $this->compound : $this->parts[0], 'name' => "Ticket {$type}"])->assertOk();
        ($this->as)($this->user);
        $undone = ($this->back)('undo')->assertOk();
        expect(($this->body)($this->compound)['d'])->toBe($d)->and($undone->json('added'))->toBe([$this->compound]);
        ($this->back)('redo')->assertOk();
        ($this->back)('undo')->assertOk();
        expect(($this->body)($this->compound)['d'])->toBe($d);
    }
});

it('leaves as SVG, PNG and a project, and comes back as it was', function (): void {
    $drawn = fn (): string => $this->get("/projects/{$this->project->id}/hand-over/screens/booked.svg")->assertOk()->getContent();
    $file = fn (): array => json_decode($this->get("/projects/{$this->project->id}/hand-over/project")->assertOk()->streamedContent(), true);
    [$before, $whole] = [$drawn(), $file()];
    expect($before)->toContain('fill="#a94c31"')->not->toContain($this->parts[1]);
    $this->get("/projects/{$this->project->id}/hand-over/screens/booked.png")->assertOk()->assertHeader('content-type', 'image/png');
    $this->actingAs($this->user = User::factory()->create());
    $this->post('/projects/import', ['file' => UploadedFile::fake()->createWithContent('a.json', (string) json_encode($whole))])->assertRedirect();
    $this->project = $this->user->projects()->sole();
    expect($drawn())->toBe($before)->and($file())->toEqual($whole);
});

it('says what is wrong, and changes nothing', function (string $type, array $more, string $said): void {
    $before = ($this->body)($this->compound);
    $answer = ($this->do)(2, $type, ($more['layers'] ?? null) === 'compound' ? ['layers' => [$this->compound]] + $more : ['layers' => [$this->parts[1]]] + $more)->assertUnprocessable();
    expect($answer->json('message'))->toContain($said)->and(($this->body)($this->compound))->toBe($before)->and($this->project->fresh()->sequence)->toBe(2);
})->with([
    'one layer alone' => ['combine-layers', ['operation' => 'union', 'seed' => 's'], 'two or more'],
    'an operation that there is not' => ['combine-layers', ['operation' => 'weld', 'seed' => 's'], 'one of these is expected: union, subtract, intersect, exclude'],
    'an edge moved further than there is' => ['offset-shapes', ['layers' => 'compound', 'by' => -120], 'Nothing would be left'],
    'an edge moved without bounds' => ['offset-shapes', ['layers' => 'compound', 'by' => 1e9], 'between -500 and 500'],
    'a stroke that there is not' => ['outline-strokes', ['layers' => 'compound', 'parent' => null], 'no stroke'],
    'a stroke of another place' => ['outline-strokes', ['parent' => null], 'lie in different groups'],
    'an operation that is typed wrong' => ['set-field', ['field' => 'operation', 'value' => 'weld'], 'one of these is expected: union, subtract'],
]);
