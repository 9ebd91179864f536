<?php

declare(strict_types=1);

use App\Models\User;
use Kindred\Kit\Kit;

/* The page of a rehearsal, and the one that plays without a server. */

beforeEach(function (): void {
    $this->actingAs($this->user = User::factory()->create());
    $this->project = $this->demo($this->user);
    $this->at = "/projects/{$this->project->id}";
});

/** @return array<string, mixed> the programme that a page carries */
function programmeOf(string $page): array
{
    expect(preg_match('#<script type="application/json" id="programme">(.*?)</script>#s', $page, $found))->toBe(1);

    return json_decode($found[1], true, 512, JSON_THROW_ON_ERROR);
}

/** @return list<string> the screens that a page has pictures of, with their sizes where these are no usual ones */
function templatesOf(string $page): array
{
    preg_match_all('/<template data-screen="([^"]+)"(?: data-size="([^"]+)")?>/', $page, $found, PREG_SET_ORDER);

    return array_map(fn (array $one): string => trim("{$one[1]} ".($one[2] ?? '')), $found);
}

it('has a picture of each screen in the order of the reel, and begins where it is asked to', function (): void {
    $page = (string) $this->get("{$this->at}/rehearse?screen=glazes")->assertOk()->getContent();
    $programme = programmeOf($page);
    expect(templatesOf($page))->toBe(array_column($programme['states'], 'id'))->and($programme['programme'])->toBe(8)
        ->and((string) $this->get("{$this->at}/rehearse?screen=nowhere")->assertOk()->getContent())->not->toContain('nowhere');
});

it('has what fills the screen below in each size in which it comes, here and in the page that plays alone', function (): void {
    $sheet = ['id' => 'sheet', 'name' => 'Sheet', 'device' => 'phone', 'x' => 9000, 'y' => 0, 'width' => 390, 'height' => 300, 'view' => 300];
    $this->edit($this->project, 0, ['type' => 'create-screen', 'screen' => $sheet], ['type' => 'set-screen-field', 'screen' => 'sheet', 'field' => 'over.width', 'value' => 'whole'], ['type' => 'set-screen-field', 'screen' => 'sheet', 'field' => 'over.margin', 'value' => '16'])->assertOk();
    $page = (string) $this->get("{$this->at}/rehearse")->assertOk()->getContent();
    $sizes = array_values(array_filter(templatesOf($page), fn (string $one): bool => str_starts_with($one, 'sheet')));
    expect(count($sizes))->toBeGreaterThanOrEqual(3)->and($sizes[0])->toBe('sheet')->and($sizes)->toContain('sheet 358x300');
    $alone = (string) $this->get("{$this->at}/hand-over/page")->assertOk()->getContent();
    expect(templatesOf($alone))->toBe(templatesOf($page));
    // On its side a device is as wide as it was high; the sheet keeps its height.
    $turned = array_values(array_filter(templatesOf((string) $this->get("{$this->at}/rehearse?turned=1")->assertOk()->getContent()), fn (string $one): bool => str_starts_with($one, 'sheet')));
    expect($turned)->toContain('sheet 812x300');
});

it('plays the same here and alone', function (): void {
    $this->edit($this->project, 0, ['type' => 'create-layers', 'screen' => 'today', 'seed' => 'w', 'layers' => [['x' => 20, 'y' => 400] + Kit::fresh(Kit::find('switch')), ['x' => 20, 'y' => 500] + Kit::fresh(Kit::find('radio-group'))]])->assertOk();
    $here = programmeOf((string) $this->get("{$this->at}/rehearse")->assertOk()->getContent());
    $alone = programmeOf((string) $this->get("{$this->at}/hand-over/page")->assertOk()->getContent());
    expect($alone)->toBe($here)->and($here['becomes']['widgets'])->not->toBe([])->and(count($here['becomes']['flights']))->toBeGreaterThan(2)->and($here['becomes']['plan']['duration'])->toBe(150);
});

it('lets nothing that is called or written so become markup, neither here nor alone', function (): void {
    $hostile = '</script></template><script>alert(1)</script>';
    $this->edit($this->project, 0, ['type' => 'set-screen-field', 'screen' => 'today', 'field' => 'name', 'value' => $hostile],
        ['type' => 'create-layers', 'screen' => 'today', 'seed' => 'w', 'layers' => [['x' => 20, 'y' => 400, 'name' => $hostile, 'label' => $hostile, 'signal' => 'kiln'] + Kit::fresh(Kit::find('switch')), ['kind' => 'text', 'name' => $hostile, 'words' => "{$hostile} {kiln}", 'x' => 0, 'y' => 0, 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 14, 'lineHeight' => 1.4]]]])->assertOk();
    foreach (["{$this->at}/rehearse", "{$this->at}/hand-over/page"] as $url) {
        $page = (string) $this->get($url)->assertOk()->getContent();
        expect($page)->not->toContain('<script>alert')->and(array_column(programmeOf($page)['states'], 'name'))->toContain($hostile);
    }
});

it('is nobody else’s', function (): void {
    $this->actingAs(User::factory()->create());
    $this->get("{$this->at}/rehearse")->assertNotFound();
    $this->get("{$this->at}/hand-over/page")->assertNotFound();
});

it('lets two windows let the same scroll, and takes it back step by step', function (): void {
    $box = fn (int $i): array => ['kind' => 'box', 'name' => "Tile {$i}", 'x' => 20, 'y' => 500 + 90 * $i, 'width' => 100, 'height' => 80];
    $group = ['kind' => 'group', 'name' => 'Board', 'x' => 20, 'y' => 500, 'width' => 100, 'height' => 620, 'children' => array_map(fn (array $one): array => ['y' => $one['y'] - 500, 'x' => 0] + $one, array_map($box, range(0, 6)))];
    $made = $this->edit($this->project, 0, ['type' => 'create-layers', 'screen' => 'today', 'seed' => 'board', 'layers' => [$group]])->assertOk();
    $id = $made->json('added.0');
    $base = $made->json('sequence');
    $scroll = ['type' => 'scroll-layers', 'screen' => 'today', 'layers' => [$id], 'seed' => 'one'];
    $first = $this->edit($this->project, $base, $scroll)->assertOk();
    // The other window does not know it yet: what it asks for is so already.
    $this->edit($this->project, $base, ['seed' => 'two'] + $scroll)->assertOk();
    $board = fn (): array => collect(json_decode((string) $this->get("{$this->at}/hand-over/project")->streamedContent(), true)['screens'])->firstWhere('id', 'today')['layers'];
    $named = fn (): array => collect($board())->firstWhere('name', 'Board');
    expect($named()['kind'])->toBe('stack')->and($named()['scroll']['axes'])->toBe('down')->and($named()['children'])->toHaveCount(7);
    // Something in it is changed since; with that taken back, and the step before, it is a group again.
    $tile = $named()['children'][0]['id'];
    $this->edit($this->project, $first->json('sequence'), ['type' => 'set-field', 'screen' => 'today', 'layers' => [$tile], 'field' => 'opacity', 'value' => '40'])->assertOk();
    foreach ([1, 2] as $step) {
        $this->postJson("{$this->at}/undo", ['times' => 1])->assertOk();
    }
    expect($named()['kind'])->toBe('group')->and($named()['children'])->toHaveCount(7)->and($named()['height'])->toEqual(620);
    $this->postJson("{$this->at}/redo", ['times' => 1])->assertOk();
    expect($named()['kind'])->toBe('stack');
});

it('refuses a size of what lies over others that there is not, and names it', function (string $field, string $value, string $says): void {
    $this->edit($this->project, 0, ['type' => 'set-screen-field', 'screen' => 'today', 'field' => $field, 'value' => $value])->assertStatus(422)->assertSee($says, false);
})->with([['over.width', 'half', 'own'], ['over.height', '', 'own'], ['over.margin', '401', '400'], ['over.margin', '-0.5', '0'], ['over.margin', 'wide', 'number']]);
