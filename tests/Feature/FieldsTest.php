<?php

declare(strict_types=1);

use App\Canvas\Projects;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Kindred\Tests\AnyCommand;

beforeEach(function (): void {
    $this->actingAs($this->user = User::factory()->create());
    $this->project = app(Projects::class)->import($this->user, (string) json_encode(['format' => 'kindred-canvas', 'version' => 1, 'name' => 'Fields', 'screens' => [
        ['id' => 'kiln', 'name' => 'Kiln', 'device' => 'phone', 'x' => 0, 'y' => 0, 'width' => 390, 'height' => 844, 'view' => 844, 'ground' => '#f3ebe0', 'layers' => []],
    ]]));
    DB::table('assets')->insertOrIgnore(['project_id' => $this->project->id, 'hash' => AnyCommand::asset(), 'type' => 'image/png', 'width' => 3, 'height' => 2, 'name' => 'Any']);
    $this->facets = fn (string $query): string => (string) $this->get("/projects/{$this->project->id}/facets?{$query}")->assertOk()->getContent();
    $this->say = function (array $command): array {
        $answer = $this->edit($this->project, $this->project->fresh()->sequence, $command);

        return [$answer->status(), $answer->json()];
    };
});

/**
 * What facets show, by the name of the field: its value, and the others that it may have where it is a choice.
 *
 * @return array<string, array{string, list<string>}>
 */
function fields(string $html, string $attribute = 'data-field'): array
{
    $page = new DOMDocument;
    @$page->loadHTML("<?xml encoding=\"utf-8\"?><body>{$html}</body>");
    $found = [];
    foreach ((new DOMXPath($page))->query("//input[@{$attribute}] | //select[@{$attribute}]") ?: [] as $field) {
        assert($field instanceof DOMElement);
        $options = [];
        $value = $field->getAttribute('value');
        foreach ($field->getElementsByTagName('option') as $option) {
            if ($option->hasAttribute('selected')) {
                $value = $option->getAttribute('value');
            } elseif (! $option->hasAttribute('disabled')) {
                $options[] = $option->getAttribute('value');
            }
        }
        if (! $field->hasAttribute('disabled') && ! $field->hasAttribute('readonly')) {
            $found[$field->getAttribute($attribute)] ??= [$value, $options];
        }
    }

    return $found;
}

/** Another value for a field: the next choice, another colour, a little more. */
function other(string $field, string $value, array $options): string
{
    return match (true) {
        $options !== [] => $options[0],
        str_contains($field, 'colour') || str_ends_with($field, 'paint') || str_ends_with($field, 'tint') || $field === 'ground' => '#123456',
        str_ends_with($value, '%') => (string) ((float) $value > 50 ? (float) $value - 7 : (float) $value + 7).'%',
        $field === 'sweep' => '200',
        $field === 'style.lineHeight', $field === 'style.letterSpacing', $field === 'line' => (string) ((float) $value + 0.25),
        default => (string) ((float) $value + 7),
    };
}

/** What a layer of each kind is made from. */
dataset('kinds', [
    'box' => [['kind' => 'box', 'strokes' => [['colour' => '#1e2223', 'width' => 2, 'position' => 'inside']]]],
    'ellipse' => [['kind' => 'ellipse']],
    'arc' => [['kind' => 'ellipse', 'startAngle' => 30, 'sweep' => 120, 'hole' => 0.5]],
    'open arc' => [['kind' => 'ellipse', 'sweep' => 120, 'ends' => 'open', 'strokes' => [['colour' => '#1e2223', 'width' => 2]]]],
    'star' => [['kind' => 'polygon', 'points' => 5, 'innerRadius' => 0.4, 'rounding' => 2]],
    'line' => [['kind' => 'line', 'strokes' => [['colour' => '#1e2223', 'width' => 2, 'position' => 'centre']]]],
    'path' => [['kind' => 'path', 'd' => 'M0 0h60v40z']],
    'words' => [['kind' => 'text', 'words' => 'Good clay', 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4]]],
    'icon' => [['kind' => 'icon', 'icon' => 'flame', 'line' => 2]],
    'picture' => [['kind' => 'picture', 'asset' => AnyCommand::asset(), 'zoom' => 2]],
    'group' => [['kind' => 'group', 'children' => [['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 60, 'height' => 40]]]],
    'stack' => [['kind' => 'stack', 'direction' => 'row', 'children' => [['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 20, 'height' => 20]]]],
    'stack of its content' => [['kind' => 'stack', 'direction' => 'column', 'sizing' => ['width' => 'content', 'height' => 'content'], 'children' => [['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 20, 'height' => 20]]]],
    'array' => [['kind' => 'array', 'children' => [['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 20, 'height' => 20]], 'sheet' => ['columns' => [], 'rows' => [['id' => 'row1'], ['id' => 'row2']]]]],
    'button' => [['kind' => 'widget', 'widget' => 'button', 'label' => 'Book']],
]);

it('shows no field of a layer that has no effect, where it lies freely and in a stack', function (array $layer, bool $stacked): void {
    $layer += ['name' => 'Tried', 'x' => 40, 'y' => 60, 'width' => 60, 'height' => 40, 'fills' => [['colour' => '#a94c31']]];
    $beside = ['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 30, 'height' => 90];
    ($this->say)(['type' => 'create-layers', 'screen' => 'kiln', 'seed' => 'facets', 'layers' => [$stacked ? ['kind' => 'stack', 'direction' => 'row', 'x' => 10, 'y' => 10, 'width' => 300, 'height' => 100, 'children' => [$beside, $layer]] : $layer]]);
    $id = DB::table('layers')->where(['project_id' => $this->project->id, 'screen' => 'kiln'])->where('body', 'like', '%"name":"Tried"%')->value('id');
    $shown = fields(($this->facets)("screen=kiln&layers={$id}"));
    expect(array_keys($shown))->toContain('opacity');
    $idle = [];
    foreach ($shown as $field => [$value, $options]) {
        [$status, $said] = ($this->say)(['type' => 'set-field', 'screen' => 'kiln', 'layers' => [$id], 'field' => $field, 'value' => $new = other($field, $value, $options)]);
        $now = fields(($this->facets)("screen=kiln&layers={$id}"))[$field][0] ?? null;
        if ($status !== 200 || $now === $value) {
            $idle[] = "{$field}: {$value} → {$new} is {$now} (".($said['message'] ?? '').')';
        }
        if ($status === 200 && $said['patches'] !== []) {
            $this->postJson("/projects/{$this->project->id}/undo")->assertOk();
        }
    }
    expect($idle)->toBe([])->and(fields(($this->facets)("screen=kiln&layers={$id}")))->toEqual($shown, 'every field is what it was once all is undone');
})->with('kinds')->with(['freely' => false, 'in a stack' => true]);
