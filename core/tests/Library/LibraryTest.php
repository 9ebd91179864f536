<?php

declare(strict_types=1);

use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Library\Library;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Library\Good;
use Kindred\Library\Goods;
use Kindred\Library\Update;
use Kindred\Library\Updates;
use Kindred\Tests\Check\Planted;
use Kindred\Tests\Sample;

/** A project with a chip as a component, which follows a token and shows another component; and an icon and a limit of its own. */
function workshopParts(): Tree
{
    $tree = (new Planted)->flowing()->with(['tokens' => [['id' => 'clay', 'name' => 'colour.clay', 'kind' => 'color', 'value' => '#b4472e'], ['id' => 'accent', 'name' => 'action.fill', 'kind' => 'color', 'value' => '#b4472e', 'bound' => ['value' => 'clay']]]])
        ->screen('workshop', [
            Planted::box('Dot', 24, 200, 8, 8, '#222222', ['id' => 'dotbox']),
            ['id' => 'chipone', 'kind' => 'stack', 'name' => 'Chip', 'x' => 24, 'y' => 24, 'width' => 0, 'height' => 0, 'direction' => 'row', 'sizing' => ['width' => 'content', 'height' => 'content'], 'fills' => [['colour' => '#b4472e', 'bound' => ['paint' => 'accent']]], 'children' => [Planted::text('Says', 'Ready', 0, 0, more: ['id' => 'chipsays', 'wrapped' => false])]],
        ])->tree();
    $tree = Sample::after($tree, ['type' => 'make-component', 'screen' => 'workshop', 'layers' => ['dotbox'], 'seed' => 'dot'], ['type' => 'make-component', 'screen' => 'workshop', 'layers' => ['chipone'], 'seed' => 'chip']);
    $sheets = array_column($tree->sheets(), 'id', 'name');
    $root = $tree->component($sheets['Chip'])->root ?? '';

    return Sample::after($tree, ['type' => 'create-layers', 'screen' => $sheets['Chip'], 'parent' => $root, 'seed' => 'dotuse', 'layers' => [['kind' => 'instance', 'name' => 'Dot', 'component' => $sheets['Dot'], 'x' => 0, 'y' => 0]]],
        ['type' => 'put-icons', 'icons' => [['name' => 'own-jug', 'nodes' => [['path', ['d' => 'M4 4h16v16H4z']]]]]], ['type' => 'set-rule', 'rule' => 'contrast', 'limit' => 7]);
}

function emptyProject(): Tree
{
    return (new Planted)->flowing()->with(['name' => 'Evening'])->screen('start', [])->tree();
}

/** After something was taken. */
function takenFrom(Tree $there, Tree $here, string ...$keys): Tree
{
    $library = $here->things(Entity::Library)['parts'] ?? new Library('parts', 'm', 'Studio parts', '7');

    return Sample::after($here, ...Goods::of($there)->taking(array_values($keys), $here, $library instanceof Library ? $library : throw new LogicException));
}

function libraryOf(Tree $tree): Library
{
    $library = $tree->things(Entity::Library)['parts'] ?? null;

    return $library instanceof Library ? $library : throw new LogicException('There is none.');
}

it('takes a component with all that it needs, as it is there', function (): void {
    $there = workshopParts();
    $chip = array_column($there->sheets(), 'id', 'name')['Chip'];
    $here = takenFrom($there, emptyProject(), "component {$chip}");
    expect(array_column($here->sheets(), 'name'))->toEqualCanonicalizing(['Chip', 'Dot'])
        ->and(array_keys($here->things(Entity::Token)))->toEqualCanonicalizing(['clay', 'accent'])
        ->and(libraryOf($here)->taken)->toHaveCount(4)
        ->and(Updates::of(libraryOf($here), $here, $there))->toBe([])
        ->and(Sample::plain(ProjectFile::read(Sample::written(new ProjectFile($here)))->tree))->toEqual(Sample::plain($here));
    // It is used as any other, and what is bound in it follows.
    $used = Sample::after($here, ['type' => 'create-layers', 'screen' => 'start', 'seed' => 'use', 'layers' => [['kind' => 'instance', 'name' => 'Chip', 'component' => $chip, 'x' => 24, 'y' => 24]]], ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'text' => '#17594f']]]);
    $root = $used->component($chip)->root ?? '';
    expect($used->layer($root)->fills[0]->colour()->toHex())->toBe('#17594f');
});

it('takes what only a state, or an instance in it, needs; and binds it to the token that is there by the same name', function (): void {
    $there = workshopParts();
    $sheets = array_column($there->sheets(), 'id', 'name');
    $root = $there->component($sheets['Chip'])->root ?? '';
    $there = Sample::after($there, ['type' => 'add-state', 'component' => $sheets['Chip'], 'name' => 'Off', 'seed' => 's'], ['type' => 'put-tokens', 'tokens' => [['id' => 'sand', 'name' => 'colour.sand', 'kind' => 'color', 'value' => '#d9a441']]],
        ['type' => 'create-layers', 'screen' => 'workshop', 'seed' => 'use', 'layers' => [['kind' => 'instance', 'name' => 'Chip in use', 'component' => $sheets['Chip'], 'x' => 24, 'y' => 300]]]);
    $use = array_values(array_filter($there->layersOf('workshop'), fn (Layer $one): bool => $one->name === 'Chip in use'))[0];
    $axis = $there->component($sheets['Chip'])->axes[0] ?? throw new LogicException('It has no states.');
    $there = Sample::after($there, ['type' => 'set-states', 'screen' => 'workshop', 'layers' => [$use->id], 'axis' => $axis->id, 'state' => $axis->states[1]->id],
        ['type' => 'bind-token', 'screen' => $sheets['Chip'], 'layers' => ["{$root}.{$use->id}"], 'field' => 'fills.0.paint', 'token' => 'sand']);
    $here = takenFrom($there, emptyProject(), "component {$sheets['Chip']}");
    expect(array_keys($here->things(Entity::Token)))->toContain('sand')->and($here->component($sheets['Chip'])->overrides[0]->layers[$root] ?? null)->toBe(['fills.0.colour' => '#d9a441', 'fills.0.bound' => ['paint' => 'sand']]);
    $own = takenFrom($there, Sample::after(emptyProject(), ['type' => 'put-tokens', 'tokens' => [['id' => 'mine', 'name' => 'colour.sand', 'kind' => 'color', 'value' => '#2f4a3c']]]), "component {$sheets['Chip']}");
    expect($own->component($sheets['Chip'])->overrides[0]->layers[$root]['fills.0.bound'] ?? null)->toBe(['paint' => 'mine'])->and(array_keys($own->things(Entity::Token)))->not->toContain('sand');
});

it('knows a component again that was taken when what its states have was called otherwise', function (): void {
    $tree = ProjectFile::read(Sample::before('states.kindred.json', 4))->tree;
    $good = Goods::of($tree)->all["component {$tree->sheets()[0]->id}"];
    $sheet = json_decode(Sample::before('states.kindred.json', 4), true)['screens'];
    $former = fn (array $component): string => (new Good($good->kind, $good->id, $good->name, ['sheet' => ['component' => $component] + (array) $good->written['sheet']] + $good->written))->mark();
    $component = array_values(array_filter(array_column($sheet, 'component')))[0];
    expect($component)->toHaveKey('departures')->and($good->mark())->not->toBe($former($component))->and($good->is($former($component)))->toBeTrue()
        ->and($good->is($former(['root' => 'another'] + $component)))->toBeFalse();
    // A browser may send it as it was kept there before.
    $sent = ['type' => 'put-component', 'sheet' => ['component' => $component] + (array) $good->written['sheet']] + $good->written;
    expect(Sample::after(emptyProject(), $sent)->component($tree->sheets()[0]->id)?->toArray())->toEqual($tree->sheets()[0]->component?->toArray());
});

it('takes icons and limits, and keeps a token of the same name that is there', function (): void {
    $there = workshopParts();
    $chip = array_column($there->sheets(), 'id', 'name')['Chip'];
    $own = Sample::after(emptyProject(), ['type' => 'put-tokens', 'tokens' => [['id' => 'mine', 'name' => 'Action.Fill', 'kind' => 'color', 'value' => '#2f4a3c']]]);
    $here = takenFrom($there, $own, "component {$chip}", 'icon own-jug', 'rule contrast');
    $root = $here->layer($here->component($chip)->root ?? '');
    expect($root->fills[0]->bound)->toBe(['paint' => 'mine'])->and($root->fills[0]->colour()->toHex())->toBe('#2f4a3c')
        ->and(array_column($here->project->icons, 'name'))->toBe(['own-jug'])->and($here->things(Entity::RuleSetting))->toHaveCount(1);
});

it('takes along what widgets and cells of a component show', function (): void {
    $there = (new Planted)->flowing()->with(['icons' => array_map(fn (string $name): array => ['name' => $name, 'nodes' => [['path', ['d' => 'M4 4h16v16H4z']]]], ['own-jug', 'own-cup', 'own-lid', 'own-rim'])])->screen('workshop', [])->tree();
    $there = Sample::after($there, ['type' => 'create-layers', 'screen' => 'workshop', 'seed' => 'shelf', 'layers' => [
        ['id' => 'shelf1', 'kind' => 'group', 'name' => 'Shelf', 'x' => 0, 'y' => 0, 'width' => 300, 'height' => 300, 'children' => [
            ['kind' => 'widget', 'widget' => 'button', 'name' => 'Throw', 'x' => 0, 'y' => 0, 'width' => 120, 'height' => 44, 'label' => 'Throw', 'icon' => 'own-jug', 'items' => []],
            ['kind' => 'array', 'name' => 'Pots', 'x' => 0, 'y' => 60, 'width' => 300, 'height' => 60, 'columns' => 2,
                'sheet' => ['columns' => [['id' => 'photo1', 'name' => 'Photo', 'layer' => 'photo2', 'slot' => 'picture']], 'rows' => [['id' => 'row1', 'cells' => ['photo1' => str_repeat('a', 64)]], ['id' => 'row2']]],
                'overrides' => ['row2' => ['mark1' => ['icon' => 'own-cup']]],
                'children' => [['id' => 'cell1', 'kind' => 'group', 'name' => 'Pot', 'x' => 0, 'y' => 0, 'width' => 60, 'height' => 60, 'children' => [['id' => 'photo2', 'kind' => 'picture', 'name' => 'Photo', 'x' => 0, 'y' => 0, 'width' => 40, 'height' => 40, 'asset' => str_repeat('b', 64)], Planted::icon('Mark', 40, 40, more: ['id' => 'mark1', 'icon' => 'own-lid'])]]]],
        ]],
    ]]);
    $there = Sample::after($there, ['type' => 'make-component', 'screen' => 'workshop', 'layers' => [array_column($there->layers, 'id', 'name')['Shelf']], 'seed' => 'shelf']);
    $key = 'component '.array_values($there->sheets())[0]->id;
    expect(array_keys(Goods::of($there)->with([$key])))->toEqualCanonicalizing(['icon own-jug', 'icon own-cup', 'icon own-lid', $key])
        ->and(Goods::of($there)->all[$key]->pictures)->toEqualCanonicalizing([str_repeat('a', 64), str_repeat('b', 64)]);
});

it('tells in sentences what an update would change, and takes it; what instances have for themselves stays', function (): void {
    $there = workshopParts();
    $chip = array_column($there->sheets(), 'id', 'name')['Chip'];
    $here = takenFrom($there, emptyProject(), "component {$chip}", 'rule contrast');
    $says = array_values(array_filter($here->layers, fn (Layer $layer): bool => $layer->name === 'Says'))[0]->id;
    $here = Sample::after($here, ['type' => 'create-layers', 'screen' => 'start', 'seed' => 'use', 'layers' => [['id' => 'keep1', 'kind' => 'instance', 'name' => 'Chip', 'component' => $chip, 'x' => 24, 'y' => 24, 'overrides' => [$says => ['words' => 'Fired']]]]]);
    $use = array_values(array_filter($here->layers, fn (Layer $layer): bool => $layer->screen === 'start'))[0];
    $new = Sample::after($there, ['type' => 'set-field', 'screen' => $chip, 'layers' => [$says], 'field' => 'style.size', 'value' => '20'], ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'text' => '#17594f']]],
        ['type' => 'add-state', 'component' => $chip, 'name' => 'Quiet', 'seed' => 'q'], ['type' => 'set-rule', 'rule' => 'contrast', 'limit' => 4.5]);
    $updates = Updates::of(libraryOf($here), $here, $new);
    $told = array_merge(...array_map(fn (Update $one): array => $one->sentences, $updates));
    expect($told)->toContain('colour.clay is #17594f instead of #b4472e.', 'The state Quiet comes.', 'Contrast of text is checked by 4.5.')
        ->and(implode(' ', $told))->toContain('“Ready” is larger (16 → 20 px).')->not->toContain('The screen is')->and(array_filter($updates, fn (Update $one): bool => $one->changed))->toBe([]);
    $after = takenFrom($new, $here, ...array_map(fn (Update $one): string => $one->good->key(), $updates));
    expect(Updates::of(libraryOf($after), $after, $new))->toBe([])
        ->and($after->layer($says)->content->style->size)->toBe(20.0)->and($after->layer($use->id)->content->overrides)->toBe([$says => ['words' => 'Fired']])
        ->and($after->layer($use->id)->box->height)->toBeGreaterThan($here->layer($use->id)->box->height);
});

it('tells what is otherwise in a state', function (): void {
    $there = workshopParts();
    $chip = array_column($there->sheets(), 'id', 'name')['Chip'];
    $root = $there->component($chip)->root ?? '';
    $says = array_values(array_filter($there->layers, fn (Layer $layer): bool => $layer->name === 'Says'))[0]->id;
    $there = Sample::after($there, ['type' => 'add-state', 'component' => $chip, 'name' => 'Off', 'seed' => 's'], ['type' => 'create-layers', 'screen' => 'workshop', 'seed' => 'use', 'layers' => [['kind' => 'instance', 'name' => 'Chip in use', 'component' => $chip, 'x' => 24, 'y' => 300]]]);
    $use = array_values(array_filter($there->layersOf('workshop'), fn (Layer $one): bool => $one->name === 'Chip in use'))[0]->id;
    $axis = $there->component($chip)->axes[0] ?? throw new LogicException('It has no states.');
    $in = fn (Tree $of, array ...$commands): Tree => Sample::after($of, ['type' => 'set-states', 'screen' => 'workshop', 'layers' => [$use], 'axis' => $axis->id, 'state' => $axis->states[1]->id], ...array_map(fn (array $one): array => $one + ['screen' => $chip], $commands));
    $there = $in($there, ['type' => 'set-field', 'layers' => ["{$root}.{$use}"], 'field' => 'fills.0.colour', 'value' => '#2f4a3c'], ['type' => 'set-field', 'layers' => ["{$root}.{$use}"], 'field' => 'opacity', 'value' => '60%']);
    $here = takenFrom($there, emptyProject(), "component {$chip}");
    $new = $in($there, ['type' => 'set-field', 'layers' => ["{$root}.{$use}"], 'field' => 'fills.0.colour', 'value' => '#0a7a8c'], ['type' => 'set-words', 'layer' => "{$says}.{$use}", 'words' => 'Not yet']);
    $own = $new->component($chip)->ownOf([$axis->id => $axis->states[1]->id]);
    unset($own[$root]['opacity']);
    $new = $new->withScreens($new->screen($chip)->with(component: $new->component($chip)->withOwn([$axis->id => $axis->states[1]->id], $own)));
    expect(Updates::of(libraryOf($here), $here, $new)[0]->sentences)->toEqualCanonicalizing(['Fill of “Chip”, Off, is #0a7a8c instead of #2f4a3c.', 'Opacity of “Chip”, Off, is as it is designed.', 'Words of “Says”, Off, is “Not yet”.']);
});

it('says what was changed here and would be taken back, and leaves alone what is gone on either side', function (): void {
    $there = workshopParts();
    $sheets = array_column($there->sheets(), 'id', 'name');
    $here = takenFrom($there, emptyProject(), "component {$sheets['Chip']}");
    $here = Sample::after($here, ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'text' => '#000000']]]);
    $new = Sample::after($there, ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'text' => '#ffffff']]]);
    $changed = array_values(array_filter(Updates::of(libraryOf($here), $here, $new), fn (Update $one): bool => $one->good->id === 'clay'));
    expect($changed)->toHaveCount(1)->and($changed[0]->changed)->toBeTrue();
    $gone = Sample::after($there, ['type' => 'remove-component', 'component' => $sheets['Chip'], 'seed' => 'gone']);
    expect(array_map(fn ($one): string => $one->key(), Updates::gone(libraryOf($here), $gone)))->toContain("component {$sheets['Chip']}")
        ->and(array_filter(Updates::of(libraryOf($here), $here, $gone), fn (Update $one): bool => $one->good->id === $sheets['Chip']))->toBe([])
        ->and(Sample::after($here, ['type' => 'remove-library', 'library' => 'parts'])->things(Entity::Library))->toBe([]);
});

it('refuses what stands for something else here', function (): void {
    $there = workshopParts();
    $chip = array_column($there->sheets(), 'id', 'name')['Chip'];
    $command = array_values(array_filter(Goods::of($there)->taking(["component {$chip}"], emptyProject(), new Library('parts', 'm', 'Parts')), fn (array $one): bool => $one['type'] === 'put-component' && $one['sheet']['id'] === $chip))[0];
    $clash = (new Planted)->flowing()->screen($chip, [])->tree();
    $layer = (new Planted)->flowing()->screen('start', [['id' => $command['layers'][0]['id'], 'name' => 'Mine', 'kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 10, 'height' => 10]])->tree();
    expect(fn () => Sample::after($clash, $command))->toThrow(InvalidInput::class, 'is a screen, and no component')
        ->and(fn () => Sample::after($layer, $command))->toThrow(InvalidInput::class, '“Mine” stands here for')
        ->and(fn () => Sample::after(emptyProject(), ['sheet' => ['component' => null] + $command['sheet']] + $command))->toThrow(InvalidInput::class, 'no sheet of a component')
        ->and(fn () => Sample::after(emptyProject(), ['layers' => [...$command['layers'], ...$command['layers']]] + $command))->toThrow(InvalidInput::class);
});
