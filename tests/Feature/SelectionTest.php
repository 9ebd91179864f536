<?php

declare(strict_types=1);

use App\Canvas\TreeLoader;
use App\Http\Middleware\LongQuestion;
use App\Models\User;
use Kindred\Document\Layer;

beforeEach(function (): void {
    $this->actingAs($user = User::factory()->create());
    $this->project = $this->demo($user);
    $this->path = "/projects/{$this->project->id}";
});

it('copies the look of the last layer beside the layers', function (): void {
    $copied = $this->getJson("{$this->path}/copy?layers=p00001,t00002")->assertOk();
    expect($copied->json('layers'))->toHaveCount(2)->and(array_keys($copied->json()['style']))->toContain('fills', 'style.family', 'style.size', 'opacity')->not->toContain('x');
});

it('answers a question about thousands of layers, which comes as a form, as the same one in an address', function (): void {
    $welcome = array_map(fn (Layer $one): string => $one->id, app(TreeLoader::class)->whole($this->project)->layersOf('welcome'));
    $question = ['screen' => 'welcome', 'layers' => implode(',', $welcome)];
    $asked = $this->get("{$this->path}/facets?".http_build_query($question))->assertOk();
    $long = $this->withHeader(LongQuestion::HEADER, '1')->post("{$this->path}/facets", $question)->assertOk();
    expect($long->getContent())->toBe($asked->getContent())->and($long->headers->get('Kindred-Sequence'))->toBe($asked->headers->get('Kindred-Sequence'))->toBe('0')
        ->and($long->getContent())->toContain(count($welcome).' layers');
    $far = array_map(fn (int $i): string => sprintf('n%025d', $i), range(1, 3000));
    $this->withHeader(LongQuestion::HEADER, '1')->post("{$this->path}/facets", ['screen' => 'welcome', 'layers' => implode(',', [...$far, ...$welcome])])->assertOk()->assertSee(count($welcome).' layers');
    $this->withHeader(LongQuestion::HEADER, '1')->postJson("{$this->path}/copy", [])->assertStatus(422);
    $this->withHeader(LongQuestion::HEADER, '1')->post("{$this->path}/copy", ['layers' => implode(',', $far)], ['Accept' => 'application/json'])
        ->assertStatus(422)->assertJsonPath('message', 'At most 2,000 layers are taken at once; select fewer.');
    // Nothing is changed by a question.
    $this->withHeader(LongQuestion::HEADER, '1')->post("{$this->path}/undo")->assertStatus(405);
    $this->flushHeaders()->post("{$this->path}/facets", $question)->assertStatus(405);
});

it('draws layers as a picture of their own, and says what is too large', function (): void {
    $svg = $this->get("{$this->path}/cut-out.svg?layers=p00001")->assertOk()->assertHeader('Content-Type', 'image/svg+xml')->getContent();
    expect(simplexml_load_string((string) $svg))->not->toBeFalse()->and($svg)->toContain('viewBox="0 0 390 430"')->toContain('data:image/');
    $png = $this->get("{$this->path}/cut-out.png?layers=p00001&scale=2")->assertOk()->assertHeader('Content-Type', 'image/png')->getContent();
    expect(array_slice(getimagesizefromstring((string) $png) ?: [], 0, 2))->toBe([780, 860]);
    $this->edit($this->project, 0, ['type' => 'create-layers', 'screen' => 'welcome', 'seed' => 'large', 'layers' => [['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 9000, 'height' => 9000]]])->assertOk();
    $large = $this->project->refresh()->getConnection()->table('layers')->where('width', 9000)->value('id');
    $this->getJson("{$this->path}/cut-out.png?layers={$large}")->assertStatus(422)->assertJsonPath('message', fn (string $said): bool => str_contains($said, 'too large'));
    $this->getJson("{$this->path}/cut-out.svg?layers=nowhere1")->assertStatus(409);
    $this->getJson("{$this->path}/cut-out.svg")->assertStatus(422);
});

it('draws what it is given as large as it is: turned, with its stroke, of one screen only', function (): void {
    $box = ['kind' => 'box', 'x' => 40, 'y' => 50, 'width' => 100, 'height' => 20, 'fills' => [['colour' => '#0b7a6a']]];
    $stroked = ['strokes' => [['colour' => '#1e2223', 'width' => 6, 'position' => 'outside']]] + $box;
    $added = $this->edit($this->project, 0,
        ['type' => 'create-layers', 'screen' => 'welcome', 'seed' => 'plain', 'layers' => [$box]],
        ['type' => 'create-layers', 'screen' => 'welcome', 'seed' => 'turned', 'layers' => [['rotation' => 90] + $box]],
        ['type' => 'create-layers', 'screen' => 'welcome', 'seed' => 'stroked', 'layers' => [$stroked]],
        ['type' => 'create-layers', 'screen' => 'kiln', 'seed' => 'far', 'layers' => [['x' => 900] + $box]],
    )->assertOk()->json('added');
    $view = function (string ...$ids): array {
        $svg = simplexml_load_string((string) $this->get("{$this->path}/cut-out.svg?layers=".implode(',', $ids))->assertOk()->getContent());

        return array_map(floatval(...), explode(' ', (string) ($svg['viewBox'] ?? '')));
    };
    expect($view($added[0]))->toEqual([40, 50, 100, 20])
        ->and($view($added[1]))->toEqual([80, 10, 20, 100])
        ->and($view($added[2]))->toEqual([34, 44, 112, 32])
        ->and($view($added[0], $added[1]))->toEqual([40, 10, 100, 100])
        ->and($view($added[0], $added[3]))->toEqual([40, 50, 100, 20]);
    $png = $this->get("{$this->path}/cut-out.png?layers={$added[2]}&scale=3")->assertOk()->getContent();
    expect(array_slice(getimagesizefromstring((string) $png) ?: [], 0, 2))->toBe([336, 96]);
});

it('tells what layers are called, and only those of the project', function (): void {
    $place = ['x' => 0, 'y' => 0, 'width' => 9, 'height' => 9];
    $added = $this->edit($this->project, 0, ['type' => 'create-layers', 'screen' => 'welcome', 'seed' => 'names', 'layers' => [['kind' => 'box', 'name' => 'Shelf board'] + $place, ['kind' => 'ellipse'] + $place]])->assertOk()->json('added');
    $this->getJson("{$this->path}/names?layers={$added[0]},{$added[1]},nobody")->assertOk()->assertExactJson([$added[0] => 'Shelf board', $added[1] => 'Ellipse']);
    $this->getJson("{$this->path}/names")->assertUnprocessable();
});

it('finds what looks alike on the screen or everywhere, but for what is locked, hidden or not hung', function (): void {
    $box = fn (string $screen, string $seed, array $more = []): array => ['type' => 'create-layers', 'screen' => $screen, 'seed' => $seed, 'layers' => [$more + ['kind' => 'box', 'x' => 5, 'y' => 5, 'width' => 9, 'height' => 9, 'fills' => [['colour' => '#0b7a6a']]]]];
    $added = $this->edit($this->project, 0, $box('welcome', 'one'), $box('welcome', 'two', ['width' => 40]), $box('welcome', 'locked', ['locked' => true]), $box('kiln', 'far'))->assertOk()->json('added');
    $alike = fn (string $more): array => array_column($this->getJson("{$this->path}/alike?layers={$added[0]}{$more}")->assertOk()->json('layers'), 'id');
    expect($alike('&by=look'))->toEqualCanonicalizing([$added[0], $added[1]])
        ->and($alike('&by=fill&everywhere=1'))->toEqualCanonicalizing([$added[0], $added[1], $added[3]])
        ->and($alike('&by=type'))->toBe([]);
    $this->getJson("{$this->path}/alike?layers={$added[0]}&by=smell")->assertStatus(422);
});

it('shows words with placeholders as they start, and anew when what fills them changes on another screen', function (): void {
    $widget = ['kind' => 'widget', 'widget' => 'stepper', 'x' => 0, 'y' => 0, 'width' => 200, 'height' => 56, 'label' => 'Pieces', 'value' => 3, 'min' => 0, 'max' => 9, 'signal' => 'pieces'];
    $words = ['kind' => 'text', 'x' => 20, 'y' => 20, 'words' => '{pieces} pieces', 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4]];
    $this->edit($this->project, 0, ['type' => 'create-layers', 'screen' => 'kiln', 'seed' => 'step', 'layers' => [$widget]], ['type' => 'create-layers', 'screen' => 'welcome', 'seed' => 'word', 'layers' => [$words]])->assertOk();
    $stepper = $this->project->getConnection()->table('layers')->where(['project_id' => $this->project->id, 'screen' => 'kiln', 'kind' => 'widget'])->value('id');
    $shown = fn (): string => $this->getJson("{$this->path}/pictures?of=welcome")->assertOk()->json('welcome');
    expect($shown())->toContain('>3 pieces<')->toContain('data-words="{pieces} pieces"');
    $patches = $this->edit($this->project, 1, ['type' => 'set-widget', 'screen' => 'kiln', 'layers' => [$stepper], 'field' => 'value', 'value' => '5'])->assertOk()->json('patches');
    expect(array_filter($patches, fn (array $patch): bool => $patch['samples'] ?? false))->toHaveCount(1)->and($shown())->toContain('>5 pieces<');
    $moved = $this->edit($this->project, 2, ['type' => 'move-layers', 'screen' => 'welcome', 'layers' => ['t00002'], 'dx' => 1, 'dy' => 0])->assertOk()->json('patches');
    expect(array_filter($moved, fn (array $patch): bool => $patch['samples'] ?? false))->toBe([]);
});

it('moves and scales a picture in its box, on the wall and in what leaves it', function (): void {
    $set = fn (int $base, string $field, string $value) => $this->edit($this->project, $base, ['type' => 'set-field', 'screen' => 'welcome', 'layers' => ['p00001'], 'field' => $field, 'value' => $value])->assertOk();
    $set(0, 'zoom', '200%');
    $svg = $set(1, 'positionX', '100')->json('patches.0.svg');
    // The right half of a picture that is twice as large as it covers its box.
    expect($svg)->toMatch('/<image [^>]*x="-390"/')->toContain('preserveAspectRatio="none"')->toContain('clip-path=')->toMatch('/data-picture="[\d.]+ [\d.]+ 2 1 0.5 0.1 20"/');
    foreach (['hand-over/screens/welcome.svg', 'hand-over/page'] as $export) {
        expect($this->get("{$this->path}/{$export}")->assertOk()->getContent())->toMatch('/<image [^>]*x="-390"/');
    }
});

it('shows screens in the frames of their devices by a switch of the project, which files and copies keep', function (): void {
    expect($this->get("{$this->path}/wall")->getContent())->not->toContain('class="stage" data-framed');
    $this->edit($this->project, 0, ['type' => 'set-framed', 'framed' => true])->assertOk()->assertJsonPath('patches.0.project.framed', true);
    expect($this->get("{$this->path}/hand-over/screens/welcome.svg")->getContent())->toStartWith('<svg xmlns="http://www.w3.org/2000/svg" width="414" height="868"')
        ->and($this->get("{$this->path}/hand-over/project")->streamedContent())->toContain('"framed": true');
    $this->post("{$this->path}/duplicate")->assertRedirect();
    expect(App\Models\Project::query()->latest('id')->first()?->framed)->toBeTrue();
});
