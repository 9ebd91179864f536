<?php

declare(strict_types=1);

use App\Canvas\Answer;
use App\Canvas\Editor;
use App\Canvas\Pictures;
use App\Canvas\Refused;
use App\Canvas\TreeLoader;
use Kindred\Document\Layer;
use Kindred\Document\Screen;
use Kindred\Document\Tree;

beforeEach(function (): void {
    $this->inDemo();
    $this->tree = fn (): Tree => app(TreeLoader::class)->whole($this->project->fresh());
    $this->called = fn (string $name): Screen => array_values(array_filter(($this->tree)()->screens, fn (Screen $one): bool => $one->name === $name))[0];
    $this->welcome = ($this->called)('Welcome')->id;
    $this->status = ($this->called)('Kiln status')->id;
    $this->book = array_values(array_filter(($this->tree)()->layersOf($this->welcome), fn (Layer $layer): bool => $layer->name === 'Book a wheel' && $layer->isContainer()))[0];
    ($this->edit)(['type' => 'make-component', 'screen' => $this->welcome, 'layers' => [$this->book->id], 'seed' => 'c', 'name' => 'Button']);
    $this->sheet = ($this->tree)()->sheets()[0];
    $this->place = fn (string $seed): array => ['type' => 'create-layers', 'screen' => $this->status, 'seed' => $seed, 'layers' => [['kind' => 'instance', 'name' => 'Button', 'component' => $this->sheet->id, 'x' => 24, 'y' => 700]]];
    $this->patched = fn (Answer $answer): array => array_column($answer->patches, null, 'layer');
});

it('shows a change of a component in every instance, on the wall, in small pictures and in other windows', function (): void {
    $placed = ($this->edit)(($this->place)('p'))->added[0];
    $before = app(TreeLoader::class)->revisions($this->project);
    $small = app(Pictures::class)->thumbnail($this->project->fresh(), $this->status);
    $answer = ($this->edit)(['type' => 'set-field', 'screen' => $this->sheet->id, 'layers' => [array_values(array_filter(($this->tree)()->design($this->sheet->id), fn (Layer $layer): bool => $layer->kind() === 'box'))[0]->id], 'field' => 'fills.0.colour', 'value' => '#123456']);
    $patches = ($this->patched)($answer);
    expect($patches[$placed]['svg'])->toContain('#123456')->and($patches[$this->book->id]['svg'])->toContain('#123456');
    $after = app(TreeLoader::class)->revisions($this->project);
    expect($after[$this->status])->toBeGreaterThan($before[$this->status])->and($after[$this->welcome])->toBeGreaterThan($before[$this->welcome])->and($after[($this->called)('Booked')->id])->toBe($before[($this->called)('Booked')->id])
        ->and(app(Pictures::class)->thumbnail($this->project->fresh(), $this->status))->not->toBe($small)
        ->and(app(Pictures::class)->ofScreens($this->project->fresh(), [$this->status])[$this->status])->toContain('#123456');
    // Another window, and undo.
    $since = ($this->patched)(app(Editor::class)->since($this->project->fresh(), $answer->sequence - 1));
    expect($since[$placed]['svg'])->toContain('#123456');
    $undone = ($this->patched)(app(Editor::class)->undo($this->project->fresh(), $this->user));
    expect($undone[$placed]['svg'])->not->toContain('#123456')->toContain('<rect');
});

it('shows what instances show again that undo brings back', function (): void {
    $place = ['screen' => null] + ($this->place)('p');
    $placed = ($this->edit)($place)->added[0];
    $back = fn (string $way, ?string $shown = null): string => ($this->patched)(app(Editor::class)->{$way}($this->project->fresh(), $this->user))[$shown ?? $placed]['svg'] ?? '';
    foreach ([
        ['type' => 'delete-layers', 'screen' => null, 'layers' => [$placed]],
        ['type' => 'release-instances', 'screen' => null, 'layers' => [$placed], 'seed' => 'r'],
        ['type' => 'remove-component', 'component' => $this->sheet->id, 'seed' => 'd'],
    ] as $command) {
        ($this->edit)($command);
        expect($back('undo'))->toContain('data-component')->toContain('Book a wheel');
    }
    $back('undo');
    expect($back('redo'))->toContain('data-component')->toContain('Book a wheel');
    $other = ($this->edit)(['seed' => 'q'] + $place)->added[0];
    ($this->edit)(['type' => 'make-component', 'screen' => $this->welcome, 'layers' => [array_values(array_filter(($this->tree)()->layersOf($this->welcome), fn (Layer $layer): bool => $layer->kind() === 'text'))[0]->id], 'seed' => 'other', 'name' => 'Line']);
    ($this->edit)(['type' => 'exchange-instances', 'screen' => null, 'layers' => [$other], 'component' => array_values(array_filter(($this->tree)()->sheets(), fn (Screen $one): bool => $one->name === 'Line'))[0]->id]);
    expect($back('undo', $other))->toContain('Book a wheel')->and($back('redo', $other))->toContain('<text')->not->toContain('Book a wheel');
});

it('keeps what an instance has for itself, and lays it out anew', function (): void {
    $placed = ($this->edit)(($this->place)('p'))->added[0];
    $words = array_values(array_filter(($this->tree)()->design($this->sheet->id), fn (Layer $layer): bool => $layer->kind() === 'text'))[0];
    $answer = ($this->edit)(['type' => 'set-words', 'screen' => $this->sheet->id, 'layer' => "{$words->id}.{$placed}", 'words' => 'Open the kiln', 'apart' => true]);
    expect(array_keys(($this->patched)($answer)))->toBe([$placed])->and(($this->patched)($answer)[$placed]['svg'])->toContain('Open the kiln')
        ->and(($this->tree)()->layer($words->id)->content->words)->toBe('Book a wheel');
    // What is said in facets, and in the kit.
    $this->get("{$this->at}/facets?screen={$this->status}&layers={$placed}")->assertOk()->assertSee('Open the kiln')->assertSee('Go to it')->assertSee('data-slot', false);
    $this->get("{$this->at}/facets?screen={$this->status}&layers={$words->id}.{$placed}")->assertOk()->assertSee('this instance only')->assertSee('In Button');
    $this->get("{$this->at}/facets?screen={$this->sheet->id}&layers=")->assertOk()->assertSee('on Kiln status')->assertSee('on Welcome')->assertSee('data-add-state', false);
    $this->get("{$this->at}/kit")->assertOk()->assertSee("component-{$this->sheet->id}", false)->assertSee('Components of this project');
    $this->get("{$this->at}/wall")->assertOk()->assertSee('data-sheet', false);
    // A state, in which instances change when it does.
    ($this->edit)(['type' => 'add-state', 'component' => $this->sheet->id, 'name' => 'Off', 'seed' => 's']);
    $axis = ($this->tree)()->component($this->sheet->id)->axes[0];
    ($this->edit)(['type' => 'set-states', 'screen' => $this->status, 'layers' => [$placed], 'axis' => $axis->id, 'state' => $axis->states[1]->id]);
    $sample = array_values(array_filter(($this->tree)()->layersOf($this->sheet->id), fn (Layer $layer): bool => $layer->component() !== null))[0];
    $answer = ($this->edit)(['type' => 'set-field', 'screen' => $this->sheet->id, 'layers' => ["{$words->id}.{$sample->id}"], 'field' => 'opacity', 'value' => '40%']);
    expect(($this->patched)($answer)[$placed]['svg'])->toContain('opacity="0.4"')->and(($this->patched)($answer)[$this->book->id]['svg'])->not->toContain('opacity="0.4"');
});

it('plays what instances do, and writes them into pages and files', function (): void {
    $book = ($this->called)('Book a wheel');
    $words = array_values(array_filter(($this->tree)()->design($this->sheet->id), fn (Layer $layer): bool => $layer->kind() === 'text'))[0];
    $placed = ($this->edit)(($this->place)('p'))->added[0];
    ($this->edit)(['type' => 'put-cue', 'screen' => $this->sheet->id, 'layer' => $words->id, 'cue' => ['id' => 'cue1', 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'show', 'screen' => $book->id]]]);
    $page = $this->get("{$this->at}/rehearse?screen={$this->status}")->assertOk()->getContent();
    preg_match('#<script[^>]*id="programme"[^>]*>(.*?)</script>#s', (string) $page, $found);
    $table = json_decode($found[1] ?? 'null', true);
    $state = array_values(array_filter($table['states'] ?? [], fn (array $one): bool => $one['id'] === $this->status))[0] ?? null;
    expect($state)->not->toBeNull()->and($table['cues'][$state['cues'][$words->id][0]]['actions'][0]['screen'])->toBe($book->id)->and(array_column($table['states'], 'name'))->not->toContain('Button')
        ->and($page)->toContain('data-layer="'.$words->id.'"');
    $again = app(App\Canvas\Projects::class)->import($this->user, implode('', iterator_to_array(app(App\Canvas\Projects::class)->pieces($this->project->fresh()), false)));
    $copy = app(TreeLoader::class)->whole($again);
    expect($copy->component($this->sheet->id))->toEqual(($this->tree)()->component($this->sheet->id))->and($copy->layer($placed)->component())->toBe($this->sheet->id);
});

it('refuses to delete a component that is used, and deletes it with what becomes of its instances', function (): void {
    $placed = ($this->edit)(($this->place)('p'))->added[0];
    $this->edit($this->project, $this->project->fresh()->sequence, ['type' => 'delete-screens', 'screens' => [$this->sheet->id]])->assertStatus(422)->assertSee('is used in 2 places');
    $root = ($this->tree)()->component($this->sheet->id)->root;
    $this->edit($this->project, $this->project->fresh()->sequence, ['type' => 'create-layers', 'screen' => $this->sheet->id, 'parent' => $root, 'seed' => 'in', 'layers' => [['kind' => 'instance', 'name' => 'In', 'component' => $this->sheet->id, 'x' => 0, 'y' => 0]]])->assertStatus(422)->assertSee('would lie in itself');
    ($this->edit)(['type' => 'remove-component', 'component' => $this->sheet->id, 'seed' => 'd']);
    $tree = ($this->tree)();
    expect($tree->sheets())->toBe([])->and($tree->layer($placed)->isContainer())->toBeTrue()->and($tree->layer($this->book->id)->isContainer())->toBeTrue();
    // Taken back, the instances show it again.
    $answer = app(Editor::class)->undo($this->project->fresh(), $this->user);
    expect(($this->patched)($answer)[$placed]['svg'])->toContain('Book a wheel')->and(($this->tree)()->layer($placed)->component())->toBe($this->sheet->id);
    expect(fn () => app(Editor::class)->redo($this->project->fresh(), $this->user))->not->toThrow(Refused::class);
});

it('comes with a set of parts to begin with, each with states', function (): void {
    $parts = $this->user->projects()->where('name', 'Studio parts')->firstOrFail();
    $tree = app(TreeLoader::class)->whole($parts);
    expect(array_column($tree->sheets(), 'name'))->toBe(['Button', 'Switch', 'Card', 'Field', 'List row', 'Tab bar', 'Kiln gauge']);
    foreach ($tree->sheets() as $sheet) {
        expect($sheet->component->axes)->not->toBe([], $sheet->name)->and($sheet->component->overrides)->not->toBe([], $sheet->name)
            // Each state is shown on the sheet, within it.
            ->and(array_filter($tree->layersOf($sheet->id), fn (Layer $layer): bool => $layer->bounds()->right() > $sheet->box->width && $layer->parent === null))->toBe([], $sheet->name);
    }
    $this->get("/projects/{$parts->id}/rehearse")->assertOk()->assertSee('data-turns', false);
});

it('fits instances that a file brings without their size, and takes no components in a circle', function (): void {
    $screen = fn (string $id, array $layers, ?array $component = null): array => ['id' => $id, 'name' => $id, 'device' => 'custom', 'x' => 0, 'y' => 0, 'width' => 200, 'height' => 200, 'view' => 200, 'ground' => '#ffffff', 'layers' => $layers] + ($component === null ? [] : ['component' => $component]);
    $use = fn (string $id, string $of): array => ['id' => $id, 'kind' => 'instance', 'name' => 'Use', 'component' => $of, 'x' => 5, 'y' => 5];
    $file = fn (array ...$screens): string => (string) json_encode(['format' => 'kindred-canvas', 'version' => 2, 'name' => 'Brought', 'screens' => $screens]);
    $box = ['id' => 'boxa', 'kind' => 'box', 'name' => 'Box', 'x' => 40, 'y' => 40, 'width' => 120, 'height' => 30];
    // The screen stands before what it uses.
    $brought = app(App\Canvas\Projects::class)->import($this->user, $file($screen('home', [$use('usea', 'part')]), $screen('part', [$box], ['root' => 'boxa'])));
    expect(app(TreeLoader::class)->whole($brought)->layer('usea')->box)->toEqual(new Kindred\Geometry\Box(5, 5, 120, 30));
    $count = $this->user->projects()->count();
    $group = fn (string $id, array $child): array => ['id' => $id, 'kind' => 'group', 'name' => $id, 'x' => 0, 'y' => 0, 'width' => 50, 'height' => 50, 'children' => [$child]];
    expect(fn () => app(App\Canvas\Projects::class)->import($this->user, $file($screen('parta', [$group('roota', $use('usea', 'partb'))], ['root' => 'roota']), $screen('partb', [$group('rootb', $use('useb', 'parta'))], ['root' => 'rootb']))))
        ->toThrow(Kindred\Input\InvalidInput::class, 'would lie in itself')->and($this->user->projects()->count())->toBe($count);
});

it('says what a layer in an instance snaps to where that lies', function (): void {
    $placed = ($this->edit)(($this->place)('p'))->added[0];
    $tree = ($this->tree)();
    $root = $tree->component($this->sheet->id)->root;
    $answer = $this->getJson("{$this->at}/snap?screen={$this->status}&parent={$root}.{$placed}&layers=")->assertOk()->json();
    $box = $tree->layer($placed)->box;
    expect(array_map(fn (array $line): float => (float) $line['at'] + $answer['by']['x'], $answer['lines']['x']))->toContain($box->x)
        ->and(array_map(fn (array $line): float => (float) $line['at'] + $answer['by']['y'], $answer['lines']['y']))->toContain($box->y);
});
