<?php

declare(strict_types=1);

use App\Canvas\Editor;
use App\Canvas\Projects;
use App\Canvas\References;
use App\Canvas\TreeLoader;
use App\Canvas\TreeRows;
use App\Canvas\TreeWriter;
use App\Models\Project;
use App\Models\User;
use Database\Demo\FernhollowPottery;
use Database\Demo\GlazeShop;
use Database\Demo\KilnShelf;
use Illuminate\Support\Facades\DB;
use Kindred\Command\Commands;
use Kindred\Document\Difference;
use Kindred\Document\Layer;
use Kindred\Document\Layer\IconBook;
use Kindred\Document\Missing;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Tests\AnyCommand;
use Kindred\Tests\Sample;

beforeEach(function (): void {
    // Icons are named as core names them, which knows one of the library.
    app()->instance(IconBook::class, new IconBook(Sample::icons()));
    $this->user = User::factory()->create();
    $this->project = app(Projects::class)->import($this->user, (string) json_encode(Sample::file()));
    // The picture that random commands name.
    DB::table('assets')->insert(['project_id' => $this->project->id, 'hash' => AnyCommand::asset(), 'type' => 'image/png', 'width' => 3, 'height' => 2, 'name' => 'Any']);
    DB::table('assets')->insert(['project_id' => $this->project->id, 'hash' => AnyCommand::font(), 'type' => 'font/woff2', 'width' => 0, 'height' => 0, 'name' => 'Any']);
    $this->stored = fn (): Tree => app(TreeLoader::class)->whole($this->project->fresh());
    $this->editor = app(Editor::class);
    $this->recorded = fn (): array => DB::table('refers')->where('project_id', $this->project->id)->orderBy('entity')->orderBy('id')->orderBy('path')->get(['entity', 'id', 'path', 'kind', 'target'])->map(fn (object $row): string => implode(' ', (array) $row))->all();
    $this->named = function (): array {
        app(References::class)->record($this->project->fresh());

        return ($this->recorded)();
    };
});

/**
 * An edit loads only what its commands declare. If that were too little, or were written back wrongly,
 * the rows would come apart from the same commands run on the whole document.
 */
it('leads through its rows to the same document as core does in memory', function (int $seed): void {
    mt_srand($seed);
    $tree = ($this->stored)();
    $made = $refused = 0;
    for ($step = 0; $step < 55; $step++) {
        $data = AnyCommand::on($tree, $step);
        $problem = null;
        try {
            $after = Sample::after($tree, $data);
        } catch (InvalidInput|Missing $problem) {
            $after = $tree;
        }
        $project = $this->project->fresh();
        $edit = fn () => $this->editor->edit($project, $this->user, [Sample::command($data)], $project->sequence);
        if ($problem === null) {
            $edit();
            $made++;
        } else {
            // With less of the document at hand another of several reasons may come first.
            try {
                $edit();
                $this->fail("Taken through rows, refused in memory: {$problem->getMessage()}");
            } catch (InvalidInput|Missing $other) {
                expect($other->getMessage())->not->toBe('');
            }
            $refused++;
        }
        $tree = $after;
    }
    expect(($this->stored)())->toBeDocument($tree)->and($made)->toBeGreaterThan(8)->and(($this->recorded)())->toBe(($this->named)());
})->with(range(1, 8));

it('does by every command what core does on the whole document, takes it back and does it again', function (int $seed): void {
    mt_srand($seed);
    $start = Sample::everything();
    $this->project = $this->user->projects()->create(['name' => $start->tree->project->name]);
    $this->project->forceFill($start->tree->project->toArray() + ['layer_count' => count($start->tree->layers)])->save();
    app(TreeWriter::class)->insert($this->project, $start->tree);
    foreach ([AnyCommand::asset(), ...array_keys($start->pictures)] as $hash) {
        DB::table('assets')->insertOrIgnore(['project_id' => $this->project->id, 'hash' => $hash, 'type' => 'image/png', 'width' => 3, 'height' => 2, 'name' => 'Any']);
    }
    // A font, icons, tokens with a layer that is bound, a library and a second component are there from the beginning, so that they can be taken away and exchanged.
    DB::table('assets')->insert(['project_id' => $this->project->id, 'hash' => AnyCommand::font(), 'type' => 'font/woff2', 'width' => 0, 'height' => 0, 'name' => 'Any']);
    $font = ['type' => 'put-fonts', 'fonts' => [['family' => 'Kiln Hand', 'weight' => 700, 'italic' => true, 'asset' => AnyCommand::font()]]];
    $icons = ['type' => 'put-icons', 'icons' => array_map(fn (string $name): array => ['name' => $name, 'lines' => 'M4 4L20 20'], ['pug-mill', 'cone'])];
    $tokens = ['type' => 'put-tokens', 'tokens' => [['id' => 'small', 'name' => 'small', 'kind' => 'dimension', 'value' => 4], ['id' => 'larger', 'name' => 'larger', 'kind' => 'dimension', 'value' => 8], ['id' => 'spruce', 'name' => 'spruce', 'kind' => 'color', 'value' => '#17594f']]];
    $bound = ['type' => 'bind-token', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'corners', 'token' => 'small'];
    $theme = ['type' => 'put-theme', 'id' => 'dusk', 'name' => 'Dusk', 'opposite' => true];
    $library = ['type' => 'put-library', 'id' => 'parts', 'name' => 'Parts', 'project' => '', 'taken' => []];
    $linking = array_values(array_filter($start->tree->layers, fn (Layer $layer): bool => $layer->cues !== []))[0];
    $matches = [['type' => 'put-cue', 'screen' => $linking->screen, 'layer' => $linking->id, 'cue' => ['id' => $linking->cues[0]->id, 'trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'show', 'screen' => 'next', 'transition' => ['kind' => 'match']]]]]];
    $this->editor->edit($this->project->fresh(), $this->user, array_map(Sample::command(...), [$font, $icons, $tokens, $bound, $theme, $library, ...$matches]), 0);
    $this->editor->edit($this->project->fresh(), $this->user, [Sample::command(['type' => 'make-component', 'screen' => 'home', 'layers' => ['icon'], 'seed' => 'second'])], 1);
    $open = array_fill_keys(array_map(fn (string $class): string => $class::type(), Commands::ALL), true);
    $tree = ($this->stored)();
    for ($step = 0; $open !== [] && $step < 400; $step++) {
        foreach (AnyCommand::all($tree, $step) as $data) {
            try {
                $after = isset($open[$data['type']]) ? Sample::after($tree, $data) : $tree;
            } catch (InvalidInput|Missing) {
                continue;
            }
            if (Difference::between($tree, $after)->changes === []) {
                continue;
            }
            unset($open[$data['type']]);
            $this->editor->edit($this->project->fresh(), $this->user, [Sample::command($data)], $this->project->fresh()->sequence);
            expect(($this->stored)())->toBeDocument($after, 0.0, $data['type']);
            expect(($this->recorded)())->toBe(($this->named)(), "{$data['type']}, what is named");
            $this->editor->undo($this->project->fresh(), $this->user);
            expect(($this->stored)())->toBeDocument($tree, 0.002, "{$data['type']}, undone")->and(($this->recorded)())->toBe(($this->named)());
            $this->editor->redo($this->project->fresh(), $this->user);
            expect(($this->stored)())->toBeDocument($after, 0.002, "{$data['type']}, done again");
            $this->editor->undo($this->project->fresh(), $this->user);
        }
    }
    expect(array_keys($open))->toBe([]);
})->with([1, 2]);

it('takes back every step to where it began, through rows', function (int $seed): void {
    mt_srand($seed);
    $before = ($this->stored)();
    $made = 0;
    for ($step = 0; $step < 40; $step++) {
        $project = $this->project->fresh();
        try {
            $sequence = $this->editor->edit($project, $this->user, [Sample::command(AnyCommand::on(($this->stored)(), $step))], $project->sequence)->sequence;
            $made += $sequence > $project->getOriginal('sequence') ? 1 : 0;
        } catch (InvalidInput|Missing) {
        }
    }
    $end = ($this->stored)();
    expect($made)->toBeGreaterThan(5);
    for ($i = 0; $i < $made; $i++) {
        $this->editor->undo($this->project->fresh(), $this->user);
    }
    // A layout made again may differ by a thousandth of a px.
    expect(($this->stored)())->toBeDocument($before, 0.002)
        ->and($this->editor->undoable($this->project->fresh(), $this->user))->toBeNull();
    for ($i = 0; $i < $made; $i++) {
        $this->editor->redo($this->project->fresh(), $this->user);
    }
    expect(($this->stored)())->toBeDocument($end, 0.002);
})->with(range(11, 12 + 2 * (int) (getenv('KINDRED_ROUNDS') ?: 1)));

it('takes a group apart that lies in another', function (): void {
    $this->editor->edit($this->project, $this->user, [Sample::command(['type' => 'group-layers', 'screen' => 'home', 'parent' => 'group', 'layers' => ['left', 'right'], 'seed' => 'inner'])], 0);
    $inner = ($this->stored)()->layer('left')->parent;
    expect($inner)->not->toBe('group');
    $this->editor->edit($this->project->fresh(), $this->user, [Sample::command(['type' => 'ungroup-layers', 'screen' => 'home', 'parent' => 'group', 'layers' => [$inner]])], 1);
    expect(($this->stored)()->layer('left')->parent)->toBe('group');
});

it('takes a layer out of a group again that it was put into', function (): void {
    $before = ($this->stored)();
    $this->editor->edit($this->project, $this->user, [Sample::command(['type' => 'reorder-layers', 'screen' => 'home', 'parent' => 'group', 'layers' => ['icon'], 'above' => null])], 0);
    $this->editor->undo($this->project->fresh(), $this->user);
    expect(($this->stored)())->toBeDocument($before);
});

it('reads each of many rows as if it were alone, however alike they are written', function (): void {
    $demos = array_map(fn (string $file): Project => app(Projects::class)->import($this->user, $file), [FernhollowPottery::file(), KilnShelf::file(), GlazeShop::file()]);
    $twins = ['kind' => 'text', 'words' => 'Ash', 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4]];
    $alike = app(Projects::class)->import($this->user, (string) json_encode(['format' => 'kindred-canvas', 'version' => 4, 'name' => 'Alike', 'screens' => [
        ['id' => 'kiln', 'name' => 'Kiln', 'device' => 'phone', 'x' => 0, 'y' => 0, 'width' => 390, 'height' => 844, 'view' => 844, 'layers' => [
            ['id' => 'twin1', 'x' => 0.1, 'y' => 20] + $twins, ['id' => 'twin2', 'x' => 120.25, 'y' => -7.5] + $twins,
            ['id' => 'held', 'kind' => 'group', 'x' => 10, 'y' => 100, 'children' => [['id' => 'twin3', 'x' => 0, 'y' => 0] + $twins]],
        ]],
    ]]));
    foreach ([$this->project, ...$demos, $alike] as $project) {
        $rows = app(TreeRows::class)->everyLayer($project)->get();
        $together = app(TreeRows::class)->readLayers($rows);
        expect($together)->toHaveCount(count($rows));
        foreach ($rows as $row) {
            $alone = app(TreeRows::class)->readLayers(collect([$row]));
            expect($together[$row->id])->toEqual($alone[$row->id]);
        }
    }
    // Of two that share what was read one is changed, and the other stays.
    $this->editor->edit($alike->fresh(), $this->user, [Sample::command(['type' => 'set-field', 'screen' => 'kiln', 'layers' => ['twin2'], 'field' => 'fills.0.colour', 'value' => '#b4472e'])], 0);
    $layers = app(TreeLoader::class)->whole($alike->fresh())->layers;
    expect(array_map(fn (Layer $layer): ?string => $layer->colour()?->toHex(), array_intersect_key($layers, ['twin1' => 1, 'twin2' => 1, 'twin3' => 1])))->toEqual(['twin1' => null, 'twin2' => '#b4472e', 'twin3' => null])
        ->and(array_map(fn (Layer $layer): array => [$layer->parent, $layer->box->x, $layer->box->y], array_intersect_key($layers, ['twin1' => 1, 'twin2' => 1, 'twin3' => 1])))->toEqual(['twin1' => [null, 0.1, 20.0], 'twin2' => [null, 120.25, -7.5], 'twin3' => ['held', 0.0, 0.0]]);
});
