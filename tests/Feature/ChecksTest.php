<?php

declare(strict_types=1);

use App\Canvas\Backdrop;
use App\Canvas\Checks;
use App\Canvas\Findings;
use App\Canvas\Projects;
use App\Canvas\SeenBehind;
use App\Canvas\TreeLoader;
use App\Models\Project;
use App\Models\User;
use Illuminate\Contracts\Cache\Repository as Cache;
use Illuminate\Support\Facades\DB;
use Kindred\Check\Eyes;
use Kindred\Check\Finding;
use Kindred\Check\Scene;
use Kindred\Document\Address;
use Kindred\Document\Layer\Text;
use Kindred\Document\ScreenCondition;
use Kindred\Exchange\ProjectFile;
use Kindred\Geometry\Point;
use Kindred\Paint\Colour;
use Kindred\Tests\Check\Faults;

beforeEach(function (): void {
    $this->inDemo();
    $this->told = fn (?Project $project = null, ?string $theme = null): array => array_map(fn (Finding $one): string => "{$one->rule::key()}: {$one->reason}", app(Checks::class)->of(($project ?? $this->project)->fresh(), [], $theme, 600)->open);
    $this->imported = fn (string $file): Project => app(Projects::class)->import(User::query()->firstOrFail(), $file);
});

it('finds nothing wrong with the demo but what its plan asks for', function (): void {
    foreach (Project::query()->get() as $project) {
        $told = ($this->told)($project);
        expect(array_filter($told, fn (string $one): bool => ! str_starts_with($one, 'missing-condition: The plan asks for')))->toBe([], $project->name);
    }
});

it('finds all faults of a project that is brought in, and lists them by screen and by layer', function (): void {
    $tree = Faults::all()->tree();
    $project = ($this->imported)((new ProjectFile($tree->withProject($tree->project->with(name: 'Faults <b>'))))->write());
    expect(($this->told)($project))->toHaveCount(47);
    $at = route('checks', $project, false);
    $this->get("{$at}?screen=reading")->assertOk()->assertSee('Contrast of text')->assertSee('Mend 4')->assertDontSee('Corners that do not run along')
        ->assertSee('&quot;reading&quot;:12', false);
    $this->get("{$at}?screen=reading&layers=p0001")->assertOk()->assertSee('Take #767676')->assertDontSee('Take #7fd1bf');
    $this->get($at)->assertOk()->assertSee('on Reading')->assertSee('Corners that do not run along');
    $this->get(route('checks.rules', $project, false))->assertOk()->assertSee('WCAG 2.2, success criterion 4.1.2')->assertSee('Least side of a target');
    $this->get("{$at}?screen=nowhere&layers=none1&theme=nothing")->assertOk()->assertSee('Nothing found on this layer');
});

it('looks at the last screens while another request looks at the first ones, and finds the same', function (): void {
    $screens = array_map(fn (int $i): array => ['id' => "many{$i}", 'name' => "Screen {$i}", 'device' => 'phone', 'x' => 470 * $i, 'y' => 0, 'width' => 390, 'height' => 844, 'view' => 844, 'layers' => [
        ['id' => "words{$i}", 'kind' => 'text', 'words' => 'Kiln shelf', 'x' => 20, 'y' => 40, 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 8, 'lineHeight' => 1.2]],
        ...($i === 5 ? array_map(fn (int $j): array => ['id' => "box{$j}", 'kind' => 'box', 'x' => 20 * ($j % 10), 'y' => 100 + 20 * intdiv($j, 10), 'width' => 10, 'height' => 10, 'fills' => [['colour' => '#17594f']]], range(0, 1999)) : []),
    ]], range(0, 39));
    $project = ($this->imported)((string) json_encode(['format' => 'kindred-canvas', 'version' => 2, 'name' => 'Many', 'screens' => $screens]));
    $checks = app(Checks::class);
    $checks->ahead($project, null, 0.0);
    $first = $checks->of($project, ['many0'], null, 0.0);
    expect($first->left)->toBe(39);
    $checks->ahead($project, null, 600);
    $this->get(route('checks.ahead', $project, false).'?theme=none')->assertNoContent();
    $all = $checks->of($project, [], null, 0.0);
    expect($all->left)->toBe(0)->and(array_count_values(array_map(fn (Finding $one): string => $one->rule::key(), $all->open))['text-size'])->toBe(40)
        ->and(array_map(fn (Finding $one): string => $one->id().$one->screen, $all->open))->toBe(array_map(fn (Finding $one): string => $one->id().$one->screen, app(Checks::class)->of($project, [], null, 600)->open));
});

it('keeps what it has found until a screen, the house style or a rule changes', function (): void {
    $text = DB::table('layers')->where('project_id', $this->project->id)->where('screen', 'wheel')->where('kind', 'text')->where('body', 'like', '%"words":"10:00"%')->value('id');
    expect(($this->told)())->toBe([]);
    ($this->edit)(['type' => 'set-field', 'screen' => 'wheel', 'layers' => [$text], 'field' => 'fills.0.colour', 'value' => '#aaaaaa']);
    expect(($this->told)())->toBe(['contrast: “10:00” has a contrast of 2.32:1 with the #ffffff behind it; it needs 4.5:1.']);
    $this->postJson("{$this->at}/undo")->assertOk();
    expect(($this->told)())->toBe([]);
    ($this->edit)(['type' => 'set-rule', 'rule' => 'contrast', 'limit' => 21]);
    expect(count(($this->told)()))->toBeGreaterThan(20);
    ($this->edit)(['type' => 'set-rule', 'rule' => 'contrast', 'on' => false]);
    expect(($this->told)())->toBe([]);
    // A token that all of these have already, in the same role as elsewhere.
    ($this->edit)(['type' => 'set-rule', 'rule' => 'contrast'], ['type' => 'put-tokens', 'tokens' => [['id' => 'blur1', 'name' => 'type.hours', 'kind' => 'typography', 'style' => ['family' => 'Hanken Grotesk', 'weight' => 600, 'size' => 17, 'lineHeight' => 1.4]]]]);
    expect(($this->told)())->toContain('raw-value: “10:00” has the value of type.hours, but does not follow it.');
});

it('looks again at the screens that something decides about, and tells meanwhile what is still true of the others', function (): void {
    $text = DB::table('layers')->where('project_id', $this->project->id)->where('screen', 'wheel')->where('kind', 'text')->where('body', 'like', '%"words":"10:00"%')->value('id');
    ($this->edit)(['type' => 'set-field', 'screen' => 'wheel', 'layers' => [$text], 'field' => 'fills.0.colour', 'value' => '#aaaaaa']);
    expect(($this->told)())->toHaveCount(1);
    // Nothing is looked at but the first screen, which is waited for.
    $seen = fn (): Findings => app(Checks::class)->of($this->project->fresh(), [], null, 0.0);
    ($this->edit)(['type' => 'put-entry', 'entry' => ['id' => 'fewer', 'part' => 'goal', 'title' => 'Fewer calls']], ['type' => 'set-screen-field', 'screen' => 'glazes', 'field' => 'name', 'value' => 'All glazes']);
    expect($seen()->left)->toBe(1)->and(($this->told)())->toHaveCount(1);
    ($this->edit)(['type' => 'put-entry', 'entry' => ['id' => 'planned', 'part' => 'plan', 'title' => 'Booked', 'screen' => 'booked', 'conditions' => ['error']]]);
    expect($seen()->left)->toBe(1)->and(($this->told)())->toContain('missing-condition: The plan asks for a version of “Booked” for: '.ScreenCondition::Error->label().'.')->toHaveCount(2);
    ($this->edit)(['type' => 'set-rule', 'rule' => 'text-size', 'limit' => 18]);
    expect($seen()->left)->toBeGreaterThan(4)->and(array_map(fn (Finding $one): string => $one->rule::key(), $seen()->open))->toContain('contrast', 'missing-condition');
    $told = ($this->told)();
    app(Cache::class)->clear();
    expect(($this->told)())->toBe($told)->and(count($told))->toBeGreaterThan(20);
});

it('gives a copy of a project what it has found of the original, but not of screens that were changed meanwhile', function (): void {
    $text = DB::table('layers')->where('project_id', $this->project->id)->where('screen', 'wheel')->where('kind', 'text')->where('body', 'like', '%"words":"10:00"%')->value('id');
    ($this->edit)(['type' => 'set-field', 'screen' => 'wheel', 'layers' => [$text], 'field' => 'fills.0.colour', 'value' => '#aaaaaa']);
    $told = ($this->told)();
    $left = fn (Project $of, ?string $theme = null): int => app(Checks::class)->of($of, [], $theme, 0.0)->left;
    $copy = app(Projects::class)->duplicate($this->project->fresh());
    expect($left($copy))->toBe(0)->and(($this->told)($copy))->toBe($told)->and($told)->toHaveCount(1);
    // In the copy it is mended, which is nothing to the original.
    $this->edit($copy, $copy->fresh()->sequence, ['type' => 'set-field', 'screen' => 'wheel', 'layers' => [$text], 'field' => 'fills.0.colour', 'value' => '#333333'])->assertOk();
    expect(($this->told)($copy))->toBe([])->and(($this->told)())->toBe($told);
    // What was not looked at since it changed is not known of the copy, either.
    ($this->edit)(['type' => 'set-field', 'screen' => 'wheel', 'layers' => [$text], 'field' => 'fills.0.colour', 'value' => '#bbbbbb']);
    $other = app(Projects::class)->duplicate($this->project->fresh());
    expect($left($other))->toBe(1)->and(($this->told)($other))->toBe(($this->told)());
});

it('leaves out what is put aside, in files too, until it is taken up again', function (): void {
    $text = DB::table('layers')->where('project_id', $this->project->id)->where('screen', 'wheel')->where('kind', 'text')->where('body', 'like', '%"words":"10:00"%')->value('id');
    ($this->edit)(['type' => 'set-field', 'screen' => 'wheel', 'layers' => [$text], 'field' => 'fills.0.colour', 'value' => '#aaaaaa']);
    $found = app(Checks::class)->of($this->project->fresh(), [], null, 600)->open[0];
    ($this->edit)(['type' => 'put-aside', 'findings' => [['rule' => 'contrast', 'about' => $found->about]], 'reason' => 'The hour <i> is over.']);
    expect(($this->told)())->toBe([]);
    $this->get("{$this->at}/checks?screen=wheel")->assertOk()->assertSee('The hour &lt;i&gt; is over.', false)->assertSee('Take up again')->assertSee('Nothing found on this screen');
    $copy = ($this->imported)($this->get("{$this->at}/hand-over/project")->streamedContent());
    expect(($this->told)($copy))->toBe([]);
    ($this->edit)(['type' => 'take-up', 'findings' => [$found->id()]]);
    expect(($this->told)())->toHaveCount(1);
    $this->postJson("{$this->at}/edits", ['base' => 0, 'commands' => [['type' => 'put-aside', 'findings' => [['rule' => 'contrast', 'about' => 'x']], 'reason' => '  ']]])->assertStatus(422)->assertSee('say why');
});

it('checks every screen in a theme that none of them shows', function (): void {
    expect(($this->told)(null, 'themedark'))->toBe([]);
    ($this->edit)(['type' => 'put-theme-values', 'theme' => 'themedark', 'values' => [['token' => 'coloursoft', 'text' => '#4a4238']]]);
    $told = ($this->told)(null, 'themedark');
    expect(count($told))->toBeGreaterThan(10)->and($told[0])->toContain('has a contrast of')->and(($this->told)())->toBe([]);
    // A screen that shows the theme is looked at again when a value of it changes.
    ($this->edit)(['type' => 'show-theme', 'screens' => ['wheel'], 'theme' => 'themedark']);
    expect(($this->told)())->toHaveCount(count(array_filter(app(Checks::class)->of($this->project->fresh(), [], 'themedark', 600)->open, fn (Finding $one): bool => $one->screen === 'wheel')))->not->toBe([]);
    ($this->edit)(['type' => 'put-theme-values', 'theme' => 'themedark', 'values' => [['token' => 'coloursoft', 'text' => '#d9cfc0']]]);
    expect(($this->told)())->toBe([]);
    ($this->edit)(['type' => 'put-theme-values', 'theme' => 'themedark', 'values' => [['token' => 'coloursoft', 'text' => '#4a4238']]]);
    $this->get("{$this->at}/checks?screen=today&theme=themedark")->assertOk()->assertSee('in Dark')->assertSee('Contrast of text');
});

it('works out of fills and gradients what is really drawn behind words', function (): void {
    mt_srand(11);
    $colour = fn (): string => sprintf('#%06x', mt_rand(0, 0xFFFFFF));
    $layers = [];
    for ($i = 0; $i < 40; $i++) {
        $paint = [
            ['colour' => $colour()], ['colour' => $colour().'80'], ['colour' => $colour(), 'opacity' => 0.4],
            ['kind' => 'linear', 'angle' => mt_rand(0, 359), 'stops' => [['colour' => $colour(), 'at' => 0.1], ['colour' => $colour().'aa', 'at' => 0.8]]],
            ['kind' => 'radial', 'stops' => [['colour' => $colour(), 'at' => 0], ['colour' => $colour(), 'at' => 1]]],
            ['kind' => 'conic', 'angle' => mt_rand(0, 359), 'stops' => [['colour' => $colour(), 'at' => 0], ['colour' => $colour(), 'at' => 1]]],
        ][$i % 6];
        $layers[] = ['id' => "ground{$i}", 'kind' => ['box', 'ellipse'][$i % 2], 'name' => 'Ground', 'x' => mt_rand(0, 250), 'y' => mt_rand(0, 700), 'width' => mt_rand(60, 260), 'height' => mt_rand(60, 260), 'rotation' => $i % 3 === 0 ? mt_rand(0, 90) : 0, 'opacity' => $i % 5 === 0 ? 0.6 : 1, 'fills' => [$paint]];
    }
    $inside = array_splice($layers, 20, 10);
    $layers[] = ['id' => 'together', 'kind' => 'group', 'name' => 'Together', 'x' => 0, 'y' => 0, 'width' => 390, 'height' => 844, 'opacity' => 0.7, 'children' => $inside];
    for ($i = 0; $i < 12; $i++) {
        $layers[] = ['id' => "words{$i}", 'kind' => 'text', 'name' => 'Words', 'words' => 'Kiln', 'x' => 20 + $i % 3 * 120 + mt_rand(0, 60), 'y' => 20 + intdiv($i, 3) * 200 + mt_rand(0, 100), 'width' => 28, 'height' => 22, 'wrapped' => true, 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 14, 'lineHeight' => 1.4]];
    }
    $project = ($this->imported)(json_encode(['format' => 'kindred-canvas', 'version' => 2, 'name' => 'Grounds', 'screens' => [['id' => 'screen', 'name' => 'Screen', 'device' => 'phone', 'x' => 0, 'y' => 0, 'width' => 390, 'height' => 844, 'ground' => '#f6efe6', 'layers' => $layers]]]));
    $tree = app(TreeLoader::class)->whole($project);
    $scene = new Scene($tree, $tree->screen('screen'), app(Eyes::class));
    $black = Colour::rgb(0, 0, 0);
    $seen = 0;
    foreach ($scene->seen as $one) {
        if ($one->layer->content instanceof Text) {
            $points = [];
            for ($x = 0.5; $x < $one->layer->box->width; $x += 2) {
                for ($y = 0.5; $y < $one->layer->box->height; $y += 2) {
                    $points[] = $one->outward(new Point($x, $y));
                }
            }
            $pairs = $scene->sampling()->of($one, $black, $points);
            $worked = array_map(fn (array $pair): array => [$pair[0]->red, $pair[0]->green, $pair[0]->blue, 1], $pairs ?? []);
            $drawn = app(Backdrop::class)->behind($project, 'screen', new Address($one->layer->id));
            foreach ([0, 1, 2] as $channel) {
                $mean = fn (array $pixels): float => array_sum(array_map(fn (array $one): float => $one[$channel] * $one[3], $pixels)) / array_sum(array_column($pixels, 3));
                expect(abs($mean($worked) - $mean($drawn)))->toBeLessThan(8.0, $one->layer->id);
            }
            $seen++;
        }
    }
    expect($seen)->toBe(12);
});

it('sees the same behind words whether a screen is drawn once or each by itself', function (): void {
    $style = ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 14, 'lineHeight' => 1.4];
    $words = fn (string $id, float $y): array => ['id' => $id, 'kind' => 'text', 'name' => $id, 'words' => 'Kiln', 'x' => 60, 'y' => $y, 'width' => 120, 'height' => 20, 'wrapped' => true, 'style' => $style];
    $layers = [
        ['id' => 'ground', 'kind' => 'box', 'name' => 'Ground', 'x' => 20, 'y' => 20, 'width' => 300, 'height' => 400, 'blend' => 'multiply', 'fills' => [['colour' => '#bb5533']]],
        $words('clear', 60), $words('other', 100), $words('under', 160),
        ['id' => 'cover', 'kind' => 'box', 'name' => 'Cover', 'x' => 40, 'y' => 150, 'width' => 200, 'height' => 60, 'fills' => [['colour' => '#000000']]],
    ];
    $project = ($this->imported)(json_encode(['format' => 'kindred-canvas', 'version' => 2, 'name' => 'Seen', 'screens' => [['id' => 'screen', 'name' => 'Screen', 'device' => 'phone', 'x' => 0, 'y' => 0, 'width' => 390, 'height' => 844, 'ground' => '#ffffff', 'layers' => $layers]]]));
    $tree = app(TreeLoader::class)->whole($project);
    $scene = new Scene($tree, $tree->screen('screen'), app(Eyes::class));
    $seen = app()->makeWith(SeenBehind::class, ['project' => $project, 'asShown' => true]);
    foreach (['clear', 'other', 'under'] as $id) {
        $placed = $scene->at(new Address($id));
        [$red, $green, $blue] = $seen->behind($scene, $placed)[0];
        [$alone] = app(Backdrop::class)->behind($project, 'screen', new Address($id));
        // What lies over words is not behind them.
        expect(max(abs($red - 0xBB), abs($green - 0x55), abs($blue - 0x33)))->toBeLessThan(4, $id)->and(max(abs($red - $alone[0]), abs($green - $alone[1]), abs($blue - $alone[2])))->toBeLessThan(4, $id);
    }
    $elsewhere = app()->makeWith(SeenBehind::class, ['project' => $project, 'asShown' => false]);
    expect($elsewhere->behind($scene, $scene->at(new Address('clear'))))->toBe([]);
    // One that is deleted meanwhile has nothing behind it.
    DB::table('layers')->where('project_id', $project->id)->where('id', 'under')->delete();
    expect($seen->behind($scene, $scene->at(new Address('under'))))->toBeArray();
});

it('shows a screen under each strain with what breaks, and leaves out what has nothing to say to it', function (): void {
    $this->get("{$this->at}/screens/today/stress")->assertOk()->assertSee('In German')->assertSee('On: small phone')->assertDontSee('On: watch');
    $this->get("{$this->at}/screens/today/stress/german")->assertOk()->assertSee('lies on')->assertSee('data-commands', false)->assertSee('sticks-out', false);
    $this->get("{$this->at}/screens/today/stress/on-phone-large")->assertOk()->assertSee('holds');
    $this->get("{$this->at}/screens/today/stress/many")->assertNoContent();
    $this->get("{$this->at}/screens/glazes/stress/empty")->assertOk();
    $this->get("{$this->at}/screens/today/stress/glamour")->assertNotFound();
    $this->get("{$this->at}/screens/nowhere/stress")->assertStatus(409);
});

it('lists what is wrong with a component where it is used', function (): void {
    $project = Project::query()->where('name', 'Studio parts')->firstOrFail();
    $note = DB::table('layers')->where('project_id', $project->id)->where('kind', 'text')->where('body', 'like', '%"words":"Glaze firing"%')->first(['id', 'screen']);
    $this->postJson("/projects/{$project->id}/edits", ['base' => $project->sequence, 'commands' => [['type' => 'set-field', 'screen' => $note->screen, 'layers' => [$note->id], 'field' => 'fills.0.colour', 'value' => '#c9c0b4']]])->assertOk();
    // A request looks at screens for half a second, and is answered without the others: all have been looked at before.
    ($this->told)($project->fresh());
    $this->get(route('checks', $project, false)."?screen={$note->screen}")->assertOk()->assertSee('Contrast of text')->assertSee('on Kiln room')->assertSee('1.4.3');
    $sheet = DB::table('screens')->where('project_id', $project->id)->whereNotNull('component')->where('id', '!=', $note->screen)->where('name', 'Switch')->value('id');
    $this->get(route('checks', $project, false)."?screen={$sheet}")->assertOk()->assertSee('Nothing found on this component, where it is used');
});

it('says what is met first, and what that has to do with what is meant', function (): void {
    $this->get("{$this->at}/screens/wheel/prominence")->assertOk()->assertSeeInOrder(['Book it', '26', 'Book a wheel']);
    $named = fn (string $words): string => DB::table('layers')->where('project_id', $this->project->id)->where('screen', 'wheel')->where('kind', 'text')->where('body', 'like', "%\"words\":\"{$words}\"%")->value('id');
    ($this->edit)(['type' => 'set-reading', 'screen' => 'wheel', 'layers' => [$named('Two hours from'), $named('Book a wheel')]]);
    $this->get("{$this->at}/screens/wheel/prominence")->assertOk()->assertSee('Meant to be met: Two hours from, Book a wheel.');
    expect(($this->told)())->toContain('reading-order: “Book a wheel” catches the eye before “Two hours from”, which is to be read first: it is larger.')
        ->and(implode(' ', ($this->told)()))->toContain('“Book it” shouts: it catches the eye before “Two hours from”');
    $this->postJson("{$this->at}/undo")->assertOk();
    expect(($this->told)())->toBe([]);
    $this->postJson("{$this->at}/edits", ['base' => 0, 'commands' => [['type' => 'set-reading', 'screen' => 'today', 'layers' => [$named('Book a wheel')]]]])->assertStatus(422)->assertSee('does not show on');
});
