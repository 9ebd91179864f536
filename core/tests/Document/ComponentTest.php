<?php

declare(strict_types=1);

use Kindred\Document\Address;
use Kindred\Document\Component\Axis;
use Kindred\Document\Component\Called;
use Kindred\Document\Component\Component;
use Kindred\Document\Component\Slot;
use Kindred\Document\Component\Uses;
use Kindred\Document\Difference;
use Kindred\Document\Edit\CueField;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Place;
use Kindred\Document\Reference;
use Kindred\Document\Screen;
use Kindred\Document\Sheet\Column;
use Kindred\Document\Style\Corners;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Flow\Programme;
use Kindred\Flow\Simulator;
use Kindred\Input\InvalidInput;
use Kindred\Layout\Computed;
use Kindred\Tests\Sample;

const LABEL = ['family' => 'Hanken Grotesk', 'weight' => 600, 'size' => 16, 'lineHeight' => 1.5];

/** A button, which is a stack around an icon and words, and a group of a box and words, on the home screen. */
function partsDrawn(): Tree
{
    return Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'b', 'layers' => [
        ['kind' => 'stack', 'name' => 'Button', 'x' => 20, 'y' => 400, 'width' => 0, 'height' => 0, 'padding' => ['top' => 8, 'right' => 16, 'bottom' => 8, 'left' => 16], 'columnGap' => 8, 'sizing' => ['width' => 'content', 'height' => 'content'], 'fills' => [['colour' => '#17594f']], 'children' => [
            ['kind' => 'icon', 'name' => 'Sign', 'icon' => 'check', 'x' => 0, 'y' => 0, 'width' => 24, 'height' => 24],
            ['kind' => 'text', 'name' => 'Label', 'words' => 'Book', 'x' => 0, 'y' => 0, 'style' => LABEL],
        ]],
        ['kind' => 'group', 'name' => 'Card', 'x' => 20, 'y' => 500, 'width' => 200, 'height' => 60, 'children' => [
            ['kind' => 'box', 'name' => 'Ground', 'x' => 0, 'y' => 0, 'width' => 200, 'height' => 60, 'fills' => [['colour' => '#eeeeee']], 'pins' => ['left' => true, 'right' => true, 'top' => true, 'bottom' => true]],
            ['kind' => 'text', 'name' => 'Title', 'words' => 'Bowl', 'x' => 12, 'y' => 12, 'style' => LABEL, 'pins' => ['left' => true, 'top' => true]],
        ]],
    ]]);
}

function partCalled(Tree $tree, string $name): Layer
{
    $found = array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === $name);
    usort($found, fn (Layer $a, Layer $b): int => ($a->component() === null ? 0 : 1) <=> ($b->component() === null ? 0 : 1));

    return $found[0] ?? throw new LogicException("There is no {$name}.");
}

/** The button as a component, its instance on the home screen. @return array{Tree, Screen, Layer} */
function buttonMade(): array
{
    $tree = Sample::after($before = partsDrawn(), ['type' => 'make-component', 'screen' => 'home', 'layers' => [partCalled($before, 'Button')->id], 'seed' => 'c']);
    $sheet = $tree->sheets()[0];
    $instance = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->component() === $sheet->id))[0];

    return [$tree, $sheet, $instance];
}

/** @return array<string, mixed> a command on a layer as an instance shows it */
function inUse(Tree $tree, Layer $instance, string $name, array $command, bool $apart = true): array
{
    $layer = partCalled($tree, $name);

    return $command + ['screen' => $layer->screen, 'layers' => [(string) new Address($layer->id, [$instance->id])], 'layer' => (string) new Address($layer->id, [$instance->id]), 'apart' => $apart];
}

/** What an instance shows of a layer. */
function shownInUse(Tree $tree, Layer $instance, string $name): Layer
{
    return Sample::expansion()->at($tree, new Address(partCalled($tree, $name)->id, [$instance->id])) ?? throw new LogicException('It shows nothing.');
}

/** @return array<string, mixed> */
function placedUse(Screen $sheet, int $y, string $screen = 'home'): array
{
    return ['type' => 'create-layers', 'screen' => $screen, 'seed' => "placed{$y}{$screen}", 'layers' => [['kind' => 'instance', 'name' => $sheet->name, 'component' => $sheet->id, 'x' => 20, 'y' => $y]]];
}

it('makes a component of what is selected, an instance of which takes its place', function (): void {
    $before = partsDrawn();
    [$tree, $sheet, $instance] = buttonMade();
    $was = partCalled($before, 'Button');
    expect($sheet->name)->toBe('Button')
        ->and([$instance->screen, $instance->parent, $instance->rank, $instance->name])->toBe(['home', null, $was->rank, 'Button'])
        ->and($instance->box)->toEqual($was->box)
        ->and(partCalled($tree, 'Label')->screen)->toBe($sheet->id)
        ->and(array_map(fn (Slot $slot): array => [$slot->name, $slot->path], $sheet->component->slots))->toBe([['Sign', 'icon'], ['Label', 'words']])
        // The sheet hangs below the screens, and is none of them.
        ->and($sheet->box->y)->toBeGreaterThan($tree->screen('home')->box->bottom())
        ->and(array_column($tree->reel(), 'id'))->toBe(['home', 'next'])
        ->and(array_column($tree->hung(), 'id'))->toBe(['home', 'next', $sheet->id])
        ->and(shownInUse($tree, $instance, 'Label')->content->words)->toBe('Book');
    // It is drawn as it was before.
    $strip = fn (string $svg): string => (string) preg_replace('/ data-layer="[^"]*"| translate\([^)]*\)|<g transform="translate\([^)]*\)">|<\/?g[^>]*>|id="[^"]*"/', '', $svg);
    $draw = fn (Tree $of, Layer $layer): string => $strip(Sample::renderer()->layer($of, $layer, Sample::rendering()));
    expect($draw($tree, $instance))->toBe($draw($before, $was))->not->toBe('');
    // Several layers become a group.
    $pair = Sample::after($before, ['type' => 'make-component', 'screen' => 'home', 'layers' => ['left', 'right'], 'seed' => 'p', 'name' => 'Pair']);
    expect($pair->layer($pair->sheets()[0]->component->root)->isGroup())->toBeTrue()->and($pair->layer('left')->box->x)->toEqual(0);
});

it('reaches every instance with a change of the component, and keeps what they have for themselves', function (): void {
    [$tree, $sheet, $first] = buttonMade();
    $tree = Sample::after($tree, placedUse($sheet, 460), placedUse($sheet, 520));
    [, $second, $third] = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->component() === $sheet->id));
    $tree = Sample::after($tree, inUse($tree, $second, 'Label', ['type' => 'set-words', 'words' => 'Book a wheel for two']));
    // It has grown with its words, the others have not.
    expect($tree->layer($second->id)->box->width)->toBeGreaterThan($tree->layer($third->id)->box->width + 60)
        ->and($tree->layer($third->id)->box->width)->toBe($tree->layer($first->id)->box->width)
        ->and(partCalled($tree, 'Label')->content->words)->toBe('Book');
    $narrow = $tree->layer($first->id)->box->width;
    $tree = Sample::after($tree, ['type' => 'set-field', 'screen' => $sheet->id, 'layers' => [partCalled($tree, 'Label')->id], 'field' => 'style.size', 'value' => '24'],
        ['type' => 'set-field', 'screen' => $sheet->id, 'layers' => [$sheet->component->root], 'field' => 'fills.0.colour', 'value' => '#a94c31']);
    foreach ([$first, $second, $third] as $one) {
        expect(shownInUse($tree, $one, 'Label')->content->style->size)->toEqual(24)->and($tree->layer($one->id)->box->height)->toBeGreaterThan($one->box->height)
            ->and(Sample::renderer()->layer($tree, $tree->layer($one->id), Sample::rendering()))->toContain('#a94c31');
    }
    expect(shownInUse($tree, $second, 'Label')->content->words)->toBe('Book a wheel for two')->and($tree->layer($first->id)->box->width)->toBeGreaterThan($narrow);
    // Followed again it is as the others.
    $reset = Sample::after($tree, inUse($tree, $second, 'Label', ['type' => 'reset-override', 'field' => 'words']));
    expect($reset->layer($second->id)->box->width)->toBe($tree->layer($first->id)->box->width)->and($reset->layer($second->id)->content->overrides)->toBe([]);
});

it('shows states with only what differs in them', function (): void {
    [$bare, $sheet, $first] = buttonMade();
    $tree = Sample::after($bare, ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'Pressed', 'seed' => 's']);
    $axis = $tree->component($sheet->id)->axes[0];
    $sample = array_values(array_filter($tree->children(new Place($sheet->id)), fn (Layer $one): bool => $one->content instanceof Instance))[0];
    expect([$axis->name, array_column($axis->states, 'name')])->toBe(['State', ['Usual', 'Pressed']])
        ->and($sample->content->states)->toBe([$axis->id => $axis->states[1]->id])
        ->and($sample->box->bottom())->toBeLessThanOrEqual($tree->screen($sheet->id)->box->height);
    // What is changed where the state is shown is changed in the state.
    $tree = Sample::after($tree, inUse($tree, $sample, 'Button', ['type' => 'set-field', 'field' => 'fills.0.colour', 'value' => '#0b2b26'], false), inUse($tree, $sample, 'Label', ['type' => 'set-field', 'field' => 'style.weight', 'value' => '700'], false));
    $root = $sheet->component->root;
    expect($tree->component($sheet->id)->ownOf($sample->content->states))->toHaveKeys([$root, partCalled($tree, 'Label')->id])
        ->and($tree->layer($root)->colour()->toHex())->toBe('#17594f')
        ->and(shownInUse($tree, $first, 'Label')->content->style->weight)->toBe(600);
    $pressed = Sample::after($tree, ['type' => 'set-states', 'screen' => 'home', 'layers' => [$first->id], 'axis' => $axis->id, 'state' => $axis->states[1]->id]);
    expect(shownInUse($pressed, $first, 'Label')->content->style->weight)->toBe(700)
        ->and(Sample::renderer()->layer($pressed, $pressed->layer($first->id), Sample::rendering()))->toContain('#0b2b26')
        ->and($pressed->layer($first->id)->box->width)->toBeGreaterThan($first->box->width);
    // All else of the state follows the design.
    $pressed = Sample::after($pressed, ['type' => 'set-field', 'screen' => $sheet->id, 'layers' => [partCalled($tree, 'Label')->id], 'field' => 'style.size', 'value' => '20']);
    expect(shownInUse($pressed, $first, 'Label')->content->style->size)->toEqual(20)->and(shownInUse($pressed, $first, 'Label')->content->style->weight)->toBe(700);
    // Another axis, and what holds only where both do.
    // One that is to lie along the first axis makes that where there is none yet, and joins it where there is one.
    $further = ['type' => 'add-state', 'component' => $sheet->id, 'alongFirst' => true];
    $along = fn (Tree $on): array => array_map(fn (Axis $one): array => array_column($one->states, 'name'), Sample::after($on, $further + ['name' => 'Busy', 'seed' => 'b'], $further + ['name' => 'Off', 'seed' => 'o'])->component($sheet->id)->axes ?? []);
    expect($along($bare))->toBe([['Usual', 'Busy', 'Off']])->and($along($pressed))->toBe([['Usual', 'Pressed', 'Busy', 'Off']]);
    $sized = Sample::after($pressed, ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'Large', 'called' => 'Size', 'first' => 'Small', 'seed' => 'l'], ['type' => 'rename-state', 'component' => $sheet->id, 'axis' => $axis->id, 'state' => $axis->states[0]->id, 'name' => 'At rest']);
    $size = $sized->component($sheet->id)->axes[1];
    $large = array_values(array_filter($sized->children(new Place($sheet->id)), fn (Layer $one): bool => isset($one->content->states[$size->id])))[0];
    $sized = Sample::after($sized, inUse($sized, $large, 'Label', ['type' => 'set-field', 'field' => 'style.size', 'value' => '30'], false), ['type' => 'set-states', 'screen' => 'home', 'layers' => [$first->id], 'axis' => $size->id, 'state' => $size->states[1]->id]);
    expect(shownInUse($sized, $first, 'Label')->content->style)->size->toEqual(30)->weight->toBe(700);
    $both = Sample::after($sized, inUse($sized, $first, 'Label', ['type' => 'set-field', 'field' => 'style.size', 'value' => '36'], false));
    expect(shownInUse($both, $first, 'Label')->content->style->size)->toEqual(36)->and(shownInUse($both, $large, 'Label')->content->style->size)->toEqual(30)->and($both->component($sheet->id)->says($both->layer($first->id)->content->states))->toBe('Pressed, Large');
    // A state that goes takes its sample and what was otherwise in it along; instances show the first.
    $gone = Sample::after($both, ['type' => 'remove-state', 'component' => $sheet->id, 'axis' => $size->id, 'state' => $size->states[1]->id]);
    expect(shownInUse($gone, $first, 'Label')->content->style->size)->toEqual(20)->and($gone->layers)->not->toHaveKey($large->id)->and(array_column($gone->component($sheet->id)->axes, 'name'))->toBe(['State'])->and(count($gone->component($sheet->id)->overrides))->toBe(1);
});

it('lays out instances in stacks, in groups, in each other and in cells', function (): void {
    [$tree, $sheet, $button] = buttonMade();
    $tree = Sample::after($tree, ['type' => 'make-component', 'screen' => 'home', 'layers' => [partCalled($tree, 'Card')->id], 'seed' => 'card'], placedUse($sheet, 700));
    $card = $tree->sheets()[1];
    $use = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->component() === $card->id))[0];
    // Made wider, what is pinned in it follows.
    $tree = Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => [$use->id], 'field' => 'width', 'value' => '300']);
    expect(shownInUse($tree, $use, 'Ground')->box->width)->toEqual(300)->and(partCalled($tree, 'Ground')->box->width)->toEqual(200)->and(shownInUse($tree, $use, 'Title')->box->x)->toEqual(12);
    // A button in the card.
    $tree = Sample::after($tree, ['type' => 'create-layers', 'screen' => $card->id, 'parent' => $card->component->root, 'seed' => 'in', 'layers' => [['kind' => 'instance', 'name' => 'In card', 'component' => $sheet->id, 'x' => 100, 'y' => 10]]]);
    $inner = partCalled($tree, 'In card');
    $label = partCalled($tree, 'Label')->id;
    $at = (string) new Address($label, [$use->id, $inner->id]);
    $words = fn (Tree $of): string => Sample::expansion()->at($of, Address::of($at))->content->words;
    expect($words($tree))->toBe('Book');
    $tree = Sample::after($tree, ['type' => 'set-words', 'screen' => $sheet->id, 'layer' => $at, 'words' => 'Glaze', 'apart' => true]);
    expect($words($tree))->toBe('Glaze')->and($tree->layer($inner->id)->content->overrides)->toBe([])->and($tree->layer($use->id)->content->overrides)->toBe(["{$label}.{$inner->id}" => ['words' => 'Glaze']]);
    // In a stack with the other button: that one grows, and the card moves.
    $stacked = Sample::after($tree, ['type' => 'stack-layers', 'screen' => 'home', 'layers' => [$button->id, $use->id], 'seed' => 'st']);
    $y = $stacked->layer($use->id)->box->y;
    $stacked = Sample::after($stacked, ['type' => 'set-field', 'screen' => $sheet->id, 'layers' => [$label], 'field' => 'style.size', 'value' => '40']);
    expect($stacked->layer($use->id)->box->y)->toBeGreaterThan($y + 30)->and($stacked->layer($inner->id)->box->height)->toBe($stacked->layer($button->id)->box->height);
    // As the cells of an array, whose sheet fills what they show.
    $array = Sample::after($tree, ['type' => 'array-layers', 'screen' => 'home', 'layers' => [$button->id], 'seed' => 'arr']);
    $grid = partCalled($array, 'Array');
    expect(array_map(fn (Column $column): array => [$column->name, $column->layer], $grid->content->sheet->columns))->toBe([['Label', "{$label}.{$button->id}"]]);
    $array = Sample::after($array, ['type' => 'remove-column', 'screen' => 'home', 'layer' => $grid->id, 'column' => $grid->content->sheet->columns[0]->id], ['type' => 'put-column', 'screen' => 'home', 'layer' => $grid->id, 'column' => ['id' => 'says', 'name' => 'Says', 'slot' => 'words', 'layer' => "{$label}.{$button->id}"]]);
    $row = $array->layer($grid->id)->content->sheet->rows[1]->id;
    $array = Sample::after($array, ['type' => 'set-cell', 'screen' => 'home', 'layer' => $grid->id, 'row' => $row, 'column' => 'says', 'value' => 'A long one that wraps'], ['type' => 'set-words', 'screen' => $sheet->id, 'layer' => "{$label}.{$array->layer($grid->id)->content->sheet->rows[2]->id}.{$button->id}", 'words' => 'Third']);
    $said = array_map(fn (string $one): string => Sample::expansion()->at($array, new Address($label, [$one, $button->id]))->content->words, array_column($array->layer($grid->id)->content->sheet->rows, 'id'));
    expect($said)->toBe(['Book', 'A long one that wraps', 'Third'])->and($array->layer($grid->id)->content->sheet->rows[2]->cells()['says'])->toBe('Third')
        ->and(array_map(strval(...), $array->addresses($array->layer($label))))->toContain("{$label}.{$row}.{$button->id}", "{$label}.{$use->id}.{$inner->id}");
});

it('shows the values that tokens have where an instance lies', function (): void {
    [$tree, $sheet, $first] = buttonMade();
    $root = $sheet->component->root;
    $tree = Sample::after($tree, ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'name' => 'clay', 'kind' => 'color', 'value' => '#17594f'], ['id' => 'sand', 'name' => 'sand', 'kind' => 'color', 'value' => '#d9a441']]],
        ['type' => 'bind-token', 'screen' => $sheet->id, 'layers' => [$root], 'field' => 'fills.0.colour', 'token' => 'clay'],
        ['type' => 'put-theme', 'id' => 'dark', 'name' => 'Dark'], ['type' => 'put-theme-values', 'theme' => 'dark', 'values' => [['token' => 'clay', 'text' => '#88ccbb'], ['token' => 'sand', 'text' => '#443311']]],
        ['type' => 'show-theme', 'theme' => 'dark', 'screens' => ['next']], placedUse($sheet, 40, 'next'), ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'Off', 'seed' => 's']);
    $dark = array_values(array_filter($tree->layersOf('next'), fn (Layer $layer): bool => $layer->component() !== null))[0];
    $colour = fn (Tree $of, Layer $in): string => shownInUse($of, $in, 'Button')->colour()->toHex();
    expect($colour($tree, $first))->toBe('#17594f')->and($colour($tree, $dark))->toBe('#88ccbb');
    // A state that is bound to another token, and one that has a colour of its own.
    $axis = $tree->component($sheet->id)->axes[0];
    $bound = $tree->withScreens($tree->screen($sheet->id)->with(component: $tree->component($sheet->id)->withOwn([$axis->id => $axis->states[1]->id], [$root => ['fills' => [['colour' => '#d9a441', 'bound' => ['colour' => 'sand']]]]])));
    $off = ['type' => 'set-states', 'axis' => $axis->id, 'state' => $axis->states[1]->id];
    $bound = Sample::after($bound, $off + ['screen' => 'home', 'layers' => [$first->id]], $off + ['screen' => 'next', 'layers' => [$dark->id]]);
    expect($colour($bound, $first))->toBe('#d9a441')->and($colour($bound, $dark))->toBe('#443311')->and(array_map(fn (Reference $one): string => "{$one->path} {$one->kind} {$one->id}", Reference::of($bound->screen($sheet->id))))->toContain('component.overrides.0.layers.0 token sand');
    $own = Sample::after($tree, inUse($tree, $dark, 'Button', ['type' => 'set-field', 'field' => 'fills.0.colour', 'value' => '#ff0000']));
    expect($colour($own, $dark))->toBe('#ff0000');
    // Shown in the dark as a whole, what is not on its own screen follows.
    $shown = Sample::after($tree, ['type' => 'show-theme', 'theme' => 'dark']);
    expect($colour($shown, $first))->toBe('#88ccbb')->and(array_column(Uses::following(Difference::between($bound, Sample::after($bound, ['type' => 'put-tokens', 'tokens' => [['id' => 'sand', 'name' => 'sand', 'kind' => 'color', 'value' => '#ffffff']]])), $bound), 'id'))->toContain($first->id, $dark->id);
});

it('binds what is otherwise in a state, or in one instance, to tokens of its own', function (): void {
    [$tree, $sheet, $first] = buttonMade();
    $root = $sheet->component->root;
    $tree = Sample::after($tree, ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'name' => 'clay', 'kind' => 'color', 'value' => '#17594f'], ['id' => 'sand', 'name' => 'sand', 'kind' => 'color', 'value' => '#d9a441'], ['id' => 'soft', 'name' => 'soft', 'kind' => 'dimension', 'value' => 9]]],
        ['type' => 'bind-token', 'screen' => $sheet->id, 'layers' => [$root], 'field' => 'fills.0.paint', 'token' => 'clay'],
        ['type' => 'put-theme', 'id' => 'dark', 'name' => 'Dark'], ['type' => 'put-theme-values', 'theme' => 'dark', 'values' => [['token' => 'sand', 'text' => '#443311']]],
        ['type' => 'show-theme', 'theme' => 'dark', 'screens' => ['next']], placedUse($sheet, 40, 'next'), placedUse($sheet, 300), ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'Off', 'seed' => 's']);
    $axis = $tree->component($sheet->id)->axes[0];
    $uses = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->component() === $sheet->id));
    [$on, $dark] = [array_values(array_filter($uses, fn (Layer $one): bool => $one->screen === 'home' && $one->id !== $first->id))[0], array_values(array_filter($uses, fn (Layer $one): bool => $one->screen === 'next'))[0]];
    $off = ['type' => 'set-states', 'axis' => $axis->id, 'state' => $axis->states[1]->id];
    $tree = Sample::after($tree, $off + ['screen' => 'home', 'layers' => [$first->id]], $off + ['screen' => 'next', 'layers' => [$dark->id]]);
    $colour = fn (Tree $of, Layer $in): string => shownInUse($of, $in, 'Button')->colour()->toHex();
    $bound = fn (Tree $of, Layer $in): array => Bindings::of(shownInUse($of, $in, 'Button'));
    $bind = fn (Tree $of, Layer $in, ?string $token, bool $apart = false, string $field = 'fills.0.paint'): Tree => Sample::after($of, inUse($of, $in, 'Button', ['type' => 'bind-token', 'field' => $field, 'token' => $token], $apart));

    // In the state that an instance is in: all in that state follow, in their themes, and none else.
    $state = $bind($tree, $first, 'sand');
    expect([$colour($state, $first), $colour($state, $dark), $colour($state, $on)])->toBe(['#d9a441', '#443311', '#17594f'])
        ->and($state->component($sheet->id)->overrides[0]->layers[$root])->toBe(['fills.0.colour' => '#d9a441', 'fills.0.bound' => ['paint' => 'sand']])
        ->and($bound($state, $first))->toBe(['fills.0.paint' => 'sand'])->and($bound($state, $on))->toBe(['fills.0.paint' => 'clay'])
        ->and(array_map(fn (Reference $one): string => "{$one->kind} {$one->id}", Reference::of($state->screen($sheet->id))))->toContain('token sand');
    $changed = Sample::after($state, ['type' => 'put-tokens', 'tokens' => [['id' => 'sand', 'name' => 'sand', 'kind' => 'color', 'value' => '#ffeecc']]]);
    expect([$colour($changed, $first), $colour($changed, $dark)])->toBe(['#ffeecc', '#443311']);
    $detached = $bind($changed, $first, null);
    expect($detached->component($sheet->id)->overrides[0]->layers[$root])->toBe(['fills.0.colour' => '#ffeecc']);
    $typed = Sample::after($changed, inUse($changed, $first, 'Button', ['type' => 'set-field', 'field' => 'fills.0.colour', 'value' => '#112233'], false));
    expect($bound($typed, $first))->toBe([])->and($colour($typed, $first))->toBe('#112233');
    // It goes out in a file, and comes in again, as it is.
    $again = ProjectFile::read(Sample::written(new ProjectFile($changed)))->tree;
    expect($again->screen($sheet->id)->component->toArray())->toEqual($changed->screen($sheet->id)->component->toArray())->and($colour($again, $again->layer($dark->id)))->toBe('#443311');
    // A token made of what a state has is that of its value there.
    $made = Sample::after($typed, inUse($typed, $first, 'Button', ['type' => 'make-token', 'field' => 'fills.0.paint', 'id' => 'night', 'name' => 'night'], false));
    expect(Bindings::tokens($made)['night']->value->toArray())->toBe(['value' => '#112233'])->and($bound($made, $first))->toBe(['fills.0.paint' => 'night'])->and($bound($made, $on))->toBe(['fills.0.paint' => 'clay']);
    // A token that goes leaves what is shown, or another in its place.
    $gone = Sample::after($changed, ['type' => 'remove-token', 'token' => 'sand']);
    expect($gone->component($sheet->id)->overrides[0]->layers[$root])->toBe(['fills.0.colour' => '#ffeecc'])->and($colour($gone, $first))->toBe('#ffeecc');
    expect($bound(Sample::after($changed, ['type' => 'remove-token', 'token' => 'sand', 'by' => 'clay']), $first))->toBe(['fills.0.paint' => 'clay']);

    // All that has the colour is bound at once: the state, an instance alone, and the background of a screen.
    $raw = Sample::after($typed, inUse($typed, $on, 'Button', ['type' => 'set-field', 'field' => 'fills.0.colour', 'value' => '#112233']),
        ['type' => 'set-screen-field', 'screen' => 'home', 'field' => 'ground', 'value' => '#112233'], ['type' => 'put-tokens', 'tokens' => [['id' => 'dusk', 'name' => 'dusk', 'kind' => 'color', 'value' => '#112233']]]);
    $all = Sample::after($raw, ['type' => 'adopt-token', 'token' => 'dusk', 'colour' => '#112233']);
    expect([$bound($all, $first), $bound($all, $on), Bindings::of($all->screen('home'))])->toBe([['fills.0.paint' => 'dusk'], ['fills.0.paint' => 'dusk'], ['ground' => 'dusk']])
        ->and($colour($all, $first))->toBe('#112233')->and($all->layer($on->id)->content->overrides[$root])->toBe(['fills.0.colour' => '#112233', 'fills.0.bound' => ['paint' => 'dusk']]);
    $follows = Sample::after($all, ['type' => 'put-tokens', 'tokens' => [['id' => 'dusk', 'name' => 'dusk', 'kind' => 'color', 'value' => '#445566']]]);
    expect([$colour($follows, $first), $colour($follows, $on), $follows->screen('home')->ground->toHex()])->toBe(['#445566', '#445566', '#445566']);
    expect(fn () => Sample::after($all, ['type' => 'adopt-token', 'token' => 'dusk', 'colour' => '#112233']))->toThrow(InvalidInput::class, 'Nothing else has the colour');

    // In one instance alone, and what it says beside a state.
    $alone = $bind($bind($state, $on, 'sand', true), $on, 'soft', true, 'corners');
    expect($colour($alone, $on))->toBe('#d9a441')->and($bound($alone, $on))->toBe(['fills.0.paint' => 'sand', 'corners' => 'soft'])->and($bound($alone, $first))->toBe(['fills.0.paint' => 'sand'])
        ->and(OverrideValues::paths($alone->layer($on->id)->content->overrides, new Address($root)))->toBe(['fills.0.colour', 'corners']);
    $alone = Sample::after($alone, ['type' => 'put-tokens', 'tokens' => [['id' => 'soft', 'name' => 'soft', 'kind' => 'dimension', 'value' => 14]]]);
    expect(shownInUse($alone, $on, 'Button')->corners->radii())->toEqual([14, 14, 14, 14]);
    $reset = Sample::after($alone, inUse($alone, $on, 'Button', ['type' => 'reset-override', 'field' => 'fills.0.colour']));
    expect($bound($reset, $on))->toBe(['fills.0.paint' => 'clay', 'corners' => 'soft']);
    expect(Sample::after($alone, ['type' => 'remove-token', 'token' => 'soft'])->layer($on->id)->content->overrides[$root]['corners'])->toEqual((new Corners(14, 14, 14, 14))->toArray());
});

it('calls instances and the layer of a component as the component, where they were called so', function (): void {
    [$tree, $sheet, $first] = buttonMade();
    $tree = Sample::after($tree, placedUse($sheet, 600), ['type' => 'rename-layer', 'screen' => 'home', 'layer' => $first->id, 'name' => 'Book it']);
    $tree = Sample::after($tree, ['type' => 'set-screen-field', 'screen' => $sheet->id, 'field' => 'name', 'value' => 'Main button']);
    expect(array_values(array_map(fn (Layer $one): string => $one->name, array_filter($tree->layers, fn (Layer $one): bool => $one->component() === $sheet->id))))->toEqualCanonicalizing(['Book it', 'Main button'])
        ->and($tree->layer($sheet->component->root)->name)->toBe('Main button');
    $own = Sample::after($tree, ['type' => 'rename-layer', 'screen' => $sheet->id, 'layer' => $sheet->component->root, 'name' => 'Plate'], ['type' => 'set-screen-field', 'screen' => $sheet->id, 'field' => 'name', 'value' => 'Chip']);
    expect($own->layer($sheet->component->root)->name)->toBe('Plate');
});

it('exchanges one component for another, keeping what fits', function (): void {
    [$tree, $sheet, $first] = buttonMade();
    $tree = Sample::after($tree, ['type' => 'duplicate-screen', 'screen' => $sheet->id, 'seed' => 'copy']);
    $other = array_values(array_filter($tree->sheets(), fn (Screen $one): bool => $one->id !== $sheet->id))[0];
    expect($tree->layer($other->component->root)->screen)->toBe($other->id)->and($other->component->slots[1]->layer)->not->toBe($sheet->component->slots[1]->layer);
    $label = $other->component->slots[1]->layer;
    $tree = Sample::after($tree, inUse($tree, $first, 'Label', ['type' => 'set-words', 'words' => 'Glaze it']), ['type' => 'set-field', 'screen' => $other->id, 'layers' => [$label], 'field' => 'style.size', 'value' => '11'], ['type' => 'rename-layer', 'screen' => $other->id, 'layer' => $label, 'name' => 'Caption']);
    $tree = Sample::after($tree, ['type' => 'exchange-instances', 'screen' => 'home', 'layers' => [$first->id], 'component' => $other->id]);
    $shown = Sample::expansion()->at($tree, new Address($label, [$first->id]));
    expect($shown->content->words)->toBe('Glaze it')->and($shown->content->style->size)->toEqual(11)->and($tree->layer($first->id)->name)->toBe($other->name);
});

it('releases an instance into layers that look the same, and deletes a component with what uses it', function (): void {
    [$tree, $sheet, $first] = buttonMade();
    $tree = Sample::after($tree, inUse($tree, $first, 'Label', ['type' => 'set-words', 'words' => 'Glaze it']), placedUse($sheet, 600));
    $svg = fn (Tree $of, Layer $layer): string => (string) preg_replace('/ data-layer="[^"]*"|<\/?g[^>]*>/', '', Sample::renderer()->layer($of, $layer, Sample::rendering()));
    $drawn = $svg($tree, $tree->layer($first->id));
    $released = Sample::after($tree, ['type' => 'release-instances', 'screen' => 'home', 'layers' => [$first->id], 'seed' => 'r']);
    $layer = $released->children(new Place('home'))[4];
    expect($layer->content->kind())->toBe('stack')->and($layer->box)->toEqual($tree->layer($first->id)->box)->and($svg($released, $layer))->toBe($drawn)->and($layer->id)->toBe($first->id);
    // What the instance has itself is there afterwards, beside what the component has.
    $turned = Sample::after($tree, ['type' => 'set-field', 'screen' => $sheet->id, 'layers' => [$sheet->component->root], 'field' => 'rotation', 'value' => '10'], ['type' => 'set-field', 'screen' => $sheet->id, 'layers' => [$sheet->component->root], 'field' => 'opacity', 'value' => '50'],
        ...array_map(fn (string $field, string $value): array => ['type' => 'set-field', 'screen' => 'home', 'layers' => [$first->id], 'field' => $field, 'value' => $value], ['rotation', 'opacity', 'blend'], ['15', '50', 'multiply']));
    $own = Sample::after($turned, ['type' => 'release-instances', 'screen' => 'home', 'layers' => [$first->id], 'seed' => 'r'])->layer($first->id);
    expect([$own->rotation, $own->opacity, $own->blend->value])->toEqual([25, 0.25, 'multiply']);
    expect(fn (): Tree => Sample::after($tree, ['type' => 'delete-screens', 'screens' => [$sheet->id]]))->toThrow(InvalidInput::class, '“Button” is a component that is used in 2 places');
    $deleted = Sample::after($tree, ['type' => 'remove-component', 'component' => $sheet->id, 'seed' => 'd']);
    expect($deleted->sheets())->toBe([])->and(array_filter($deleted->layers, fn (Layer $one): bool => $one->component() !== null))->toBe([])->and(count($deleted->layersOf('home')))->toBe(15);
});

it('makes instances of copies without losing what differs', function (): void {
    $tree = Sample::after(partsDrawn(), ...array_map(fn (int $i): array => ['type' => 'duplicate-layers', 'screen' => 'home', 'layers' => [partCalled(partsDrawn(), 'Button')->id], 'seed' => "copy{$i}", 'dx' => 0, 'dy' => 60 * $i], [1, 2]));
    $copies = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === 'Button'));
    $labels = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === 'Label'));
    $tree = Sample::after($tree, ['type' => 'set-words', 'screen' => 'home', 'layer' => $labels[1]->id, 'words' => 'Take it home', 'runs' => [['from' => 0, 'to' => 4, 'weight' => 700]]], ['type' => 'set-field', 'screen' => 'home', 'layers' => [$copies[2]->id], 'field' => 'fills.0.colour', 'value' => '#a94c31'], ['type' => 'mark-layers', 'screen' => 'home', 'layers' => [partCalled($tree, 'Sign')->id], 'hidden' => true]);
    $tree = Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => [$copies[1]->id], 'field' => 'rotation', 'value' => '15'], ['type' => 'set-field', 'screen' => 'home', 'layers' => [$copies[0]->id], 'field' => 'opacity', 'value' => '50']);
    $draw = fn (Tree $of, string $id): string => (string) preg_replace('/ data-layer="[^"]*"|<\/?g[^>]*>/', '', Sample::renderer()->layer($of, $of->layer($id), Sample::rendering()));
    $before = array_map(fn (Layer $one): string => $draw($tree, $one->id), $copies);
    $gathered = Sample::after($tree, ['type' => 'gather-instances', 'layers' => array_column($copies, 'id'), 'seed' => 'g']);
    $sheet = $gathered->sheets()[0];
    $uses = array_values(array_filter($gathered->layers, fn (Layer $layer): bool => $layer->component() === $sheet->id));
    usort($uses, fn (Layer $a, Layer $b): int => $a->box->y <=> $b->box->y);
    expect(array_map(fn (Layer $one): string => $draw($gathered, $one->id), $uses))->toBe($before)
        ->and(array_map(fn (Layer $one): array => [$one->box->x, $one->box->y, round($one->box->width, 3), $one->box->height, $one->rotation], $uses))->toEqual(array_map(fn (Layer $one): array => [$tree->layer($one->id)->box->x, $tree->layer($one->id)->box->y, round($tree->layer($one->id)->box->width, 3), $tree->layer($one->id)->box->height, $tree->layer($one->id)->rotation], $copies))
        ->and(array_map(fn (Layer $one): array => array_keys($one->content->overrides[$sheet->component->root] ?? []), $uses))->toBe([[], ['opacity'], ['opacity', 'fills.0.colour']]);
});

it('keeps what lists of copies have more, and refuses copies that an instance cannot be', function (): void {
    $button = partCalled(partsDrawn(), 'Button');
    $tree = Sample::after(partsDrawn(), ['type' => 'duplicate-layers', 'screen' => 'home', 'layers' => [$button->id], 'seed' => 'copy', 'dx' => 0, 'dy' => 60]);
    $copy = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === 'Button'))[1];
    $label = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === 'Label'))[1];
    $gather = ['type' => 'gather-instances', 'layers' => [$button->id, $copy->id], 'seed' => 'g'];
    $fills = [['colour' => '#204060'], ['colour' => '#ffffff', 'opacity' => 0.2]];
    $more = Sample::after($tree, ['type' => 'put-field', 'screen' => 'home', 'layers' => [$copy->id], 'field' => 'fills', 'value' => $fills], $gather);
    $component = $more->sheets()[0]->component;
    expect(Sample::expansion()->at($more, new Address($component->root, [$copy->id]))->fills)->toHaveCount(2)
        ->and(array_keys($more->layer($copy->id)->content->overrides[$component->root]))->toBe(['fills']);
    $other = Sample::after($tree, ['type' => 'put-cue', 'screen' => 'home', 'layer' => $label->id, 'cue' => ['id' => 'cue1', 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'return']]]);
    expect(fn (): Tree => Sample::after($other, $gather))->toThrow(InvalidInput::class, '“Label” of one copy differs from that of the first in what an instance cannot have for itself: cues.');
});

it('refuses a component in itself, and more than can be drawn', function (): void {
    [$tree, $sheet] = buttonMade();
    $tree = Sample::after($tree, ['type' => 'make-component', 'screen' => 'home', 'layers' => [partCalled($tree, 'Card')->id], 'seed' => 'card']);
    $card = $tree->sheets()[1];
    $put = fn (Screen $into, Screen $what, int $n = 1): array => ['type' => 'create-layers', 'screen' => $into->id, 'parent' => $into->component->root, 'seed' => "in{$into->id}{$n}", 'layers' => array_map(fn (int $i): array => ['kind' => 'instance', 'name' => 'In', 'component' => $what->id, 'x' => 0, 'y' => 9 * $i], range(1, $n))];
    expect(fn (): Tree => Sample::after($tree, $put($sheet, $sheet)))->toThrow(InvalidInput::class, '“Button” would lie in itself');
    $nested = Sample::after($tree, $put($card, $sheet));
    expect(fn (): Tree => Sample::after($nested, $put($sheet, $card)))->toThrow(InvalidInput::class, 'would lie in itself')
        ->and(fn (): Tree => Sample::after($nested, $put($card, $sheet, 700)))->toThrow(InvalidInput::class, 'Each instance of “Card” would show 2,807 layers');
    // Beside the component, on its sheet, one may lie.
    expect(Sample::after($tree, placedUse($sheet, 300, $sheet->id))->layers)->toHaveCount(count($tree->layers) + 1);
});

it('takes every step back', function (): void {
    [$tree, $sheet, $first] = buttonMade();
    $steps = [
        ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'Off', 'seed' => 's'],
        placedUse($sheet, 600), inUse($tree, $first, 'Label', ['type' => 'set-field', 'field' => 'style.size', 'value' => '20']),
        ['type' => 'set-field', 'screen' => $sheet->id, 'layers' => [partCalled($tree, 'Label')->id], 'field' => 'style.size', 'value' => '30'],
        ['type' => 'remove-component', 'component' => $sheet->id, 'seed' => 'd'],
    ];
    $start = $tree;
    $done = [];
    foreach ($steps as $step) {
        $after = Sample::after($tree, $step);
        $done[] = Difference::between($tree, $after);
        $tree = $after;
    }
    foreach (array_reverse($done) as $difference) {
        $tree = Sample::consequences()->replayed($tree, $difference->inverse());
    }
    expect(Sample::plain($tree))->toEqual(Sample::plain($start));
});

it('plays each instance in a state of its own', function (): void {
    [$tree, $sheet, $first] = buttonMade();
    $tree = Sample::after($tree, placedUse($sheet, 460), ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'On', 'seed' => 's'], ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'Waiting', 'axis' => null, 'called' => 'Load', 'first' => 'Done', 'seed' => 't']);
    [$state, $load] = $tree->component($sheet->id)->axes;
    $cue = fn (string $id, array $trigger, array $action): array => ['type' => 'put-cue', 'screen' => $sheet->id, 'layer' => $sheet->component->root, 'cue' => ['id' => $id, 'trigger' => $trigger, 'action' => ['kind' => 'state'] + $action]];
    $tree = Sample::after($tree, $cue('cuea', ['kind' => 'tap'], ['axis' => $state->id]), $cue('cueb', ['kind' => 'delay', 'delay' => 500], ['axis' => $load->id, 'state' => $load->states[1]->id]));
    $second = array_values(array_filter($tree->layersOf('home'), fn (Layer $layer): bool => $layer->component() !== null && $layer->id !== $first->id))[0];
    $table = Programme::compile($tree);
    expect($table['axes'])->toBe([$state->id => array_column($state->states, 'id'), $load->id => array_column($load->states, 'id')])
        ->and(array_keys($table['turns']))->toEqualCanonicalizing([$first->id, $second->id])
        ->and(array_column($table['states'], 'id'))->toBe(['home', 'next']);
    $play = new Simulator($table);
    $play->send(['type' => 'tap', 'path' => [$sheet->component->root], 'turns' => [$second->id]]);
    expect($play->turns[$second->id][$state->id])->toBe($state->states[1]->id)->and($play->turns[$first->id][$state->id])->toBe($state->states[0]->id);
    // After a while, in each; once.
    $play->send(['type' => 'elapse', 'ms' => 5000]);
    expect(array_column($play->turns, $load->id))->toBe([$load->states[1]->id, $load->states[1]->id]);
    $play->send(['type' => 'tap', 'path' => [$sheet->component->root], 'turns' => [$second->id]]);
    expect($play->turns[$second->id][$state->id])->toBe($state->states[0]->id);
    $play->send(['type' => 'restart']);
    expect($play->turns)->toBe($table['turns']);
    // One in another component starts as it shows there.
    $inside = Sample::after($tree, ['type' => 'make-component', 'screen' => 'home', 'layers' => [$second->id], 'seed' => 'outer', 'name' => 'Outer']);
    $outer = array_values(array_filter($inside->layersOf('home'), fn (Layer $layer): bool => $layer->id === $second->id))[0];
    $inner = $inside->layer($inside->component($outer->component())->root);
    $inside = Sample::after($inside, ['type' => 'set-states', 'screen' => $outer->component(), 'layers' => ["{$inner->id}.{$outer->id}"], 'axis' => $state->id, 'state' => $state->states[1]->id, 'apart' => true]);
    expect(Programme::compile($inside)['turns'])->toHaveKey("{$inner->id}.{$outer->id}")->and(Programme::compile($inside)['turns']["{$inner->id}.{$outer->id}"][$state->id])->toBe($state->states[1]->id);
    // All that it may come to be is drawn, what it starts as is seen; in a picture only that.
    $played = Sample::renderer()->played($tree, $tree->screen('home'), Sample::rendering()->with(working: true));
    expect(substr_count($played, 'data-turns="'))->toBe(2)->and(substr_count($played, 'data-states="'))->toBe(8)->and(substr_count($played, 'display="none"'))->toBe(6)
        ->and(Sample::renderer()->screen($tree, $tree->screen('home'), Sample::rendering()))->not->toContain('data-turns');
});

it('leaves masks where they are', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'mask-layers', 'screen' => 'home', 'layers' => ['boxa', 'icon'], 'seed' => 'm']);
    $mask = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->masking))[0];
    $make = fn (string $layer): array => ['type' => 'make-component', 'screen' => 'home', 'layers' => [$layer], 'seed' => 'c'];
    expect(fn (): Tree => Sample::after($tree, $make($mask->id)))->toThrow(InvalidInput::class, "“{$mask->name}” masks what lies with it");
    $whole = Sample::after($tree, $make($mask->parent));
    expect($whole->layer($mask->id)->masks())->toBeTrue()->and($whole->layer($mask->parent)->component())->not->toBeNull();
    // An instance that a file says masks does not.
    $instance = $whole->layer($mask->parent);
    $around = Sample::after($whole, ['type' => 'group-layers', 'screen' => 'home', 'layers' => [$instance->id], 'seed' => 'g']);
    $said = $around->withLayers($around->layer($instance->id)->with(masking: true));
    $draw = fn (Tree $of): string => Sample::renderer()->layer($of, $of->layer($of->layer($instance->id)->parent), Sample::rendering());
    expect($draw($said))->toContain('data-layer="boxa"')->not->toContain("{$instance->id}-masks");
});

it('keeps what instances in copies have for themselves', function (): void {
    [$tree, , $first] = buttonMade();
    $tree = Sample::after($tree, ['type' => 'group-layers', 'screen' => 'home', 'layers' => [$first->id], 'seed' => 'g']);
    $group = $tree->layer($tree->layer($first->id)->parent);
    $tree = Sample::after($tree, ['type' => 'duplicate-layers', 'screen' => 'home', 'layers' => [$group->id], 'seed' => 'copy', 'dx' => 0, 'dy' => 90]);
    $second = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->component() !== null && $layer->id !== $first->id))[0];
    $tree = Sample::after($tree, inUse($tree, $second, 'Label', ['type' => 'set-words', 'words' => 'Glaze it']));
    $gathered = Sample::after($tree, ['type' => 'gather-instances', 'layers' => [$group->id, $second->parent], 'seed' => 'gather']);
    expect(count($gathered->sheets()))->toBe(2);
    $label = partCalled($gathered, 'Label')->id;
    $words = fn (string $use): string => Sample::expansion()->at($gathered, new Address($label, [$use, $first->id]))->content->words;
    expect([$words($group->id), $words($second->parent)])->toBe(['Book', 'Glaze it']);
});

it('says what is not there any more', function (): void {
    [$tree, $sheet, $first] = buttonMade();
    $on = ['component' => $sheet->id];
    expect(fn (): Tree => Sample::after($tree, ['type' => 'set-states', 'screen' => 'home', 'layers' => [$first->id], 'axis' => 'gone', 'state' => 'away']))->toThrow(InvalidInput::class, 'That state is not there')
        ->and(fn (): Tree => Sample::after($tree, ['type' => 'remove-slot', 'slot' => 'gone'] + $on))->toThrow(InvalidInput::class, 'That slot is not there')
        ->and(fn (): Tree => Sample::after($tree, ['type' => 'rename-state', 'axis' => 'gone', 'name' => 'Off'] + $on))->toThrow(InvalidInput::class, 'That is not there')
        ->and(fn (): Tree => Sample::after($tree, ['type' => 'remove-component', 'component' => 'home', 'seed' => 'd']))->toThrow(InvalidInput::class, 'That component is not there');
});

it('keeps within the limits of a component', function (): void {
    [$tree, $sheet] = buttonMade();
    $add = fn (int $i, ?string $axis = null): array => ['type' => 'add-state', 'component' => $sheet->id, 'axis' => $axis, 'name' => "State {$i}", 'seed' => "s{$i}"];
    $tree = Sample::after($tree, $add(0));
    $axis = $tree->component($sheet->id)->axes[0]->id;
    $full = Sample::after($tree, ...array_map(fn (int $i): array => $add($i, $axis), range(1, Axis::MAX_STATES - 2)));
    expect($full->component($sheet->id)->axes[0]->states)->toHaveCount(Axis::MAX_STATES)
        ->and(fn (): Tree => Sample::after($full, $add(99, $axis)))->toThrow(InvalidInput::class, 'between 0 and 24 entries');
    $axes = Sample::after($tree, ...array_map($add(...), range(1, Component::MAX_AXES - 1)));
    expect(fn (): Tree => Sample::after($axes, $add(99)))->toThrow(InvalidInput::class, 'between 0 and 6 entries');
});

it('can be taken back after somebody else used what it made', function (): void {
    $before = partsDrawn();
    [$made, $sheet] = buttonMade();
    $later = Sample::after($made, placedUse($sheet, 600));
    $other = array_values(array_diff_key($later->layers, $made->layers))[0];
    $undone = Sample::consequences()->replayed($later, Computed::without(Difference::between($before, $made), $before, $made)->inverse());
    expect($undone->component($sheet->id))->toBeNull()->and($undone->layer(partCalled($before, 'Button')->id)->content->kind())->toBe('stack');
    // What the other one placed stays, shows nothing, and says so; it is drawn, kept in files, and shows the component again after redo.
    expect(Sample::renderer()->screen($undone, $undone->screen('home'), Sample::rendering()))->toContain("data-layer=\"{$other->id}\"");
    $back = ProjectFile::read(Sample::written(new ProjectFile($undone)))->tree;
    expect($back->layer($other->id)->component())->toBe($sheet->id);
    $redone = Sample::consequences()->replayed($undone, Computed::without(Difference::between($before, $made), $before, $made));
    expect(Sample::plain($redone))->toEqual(Sample::plain($later));
});

it('hides what is deleted in one instance, or in a state, and deletes what is deleted in all', function (): void {
    [$tree, $sheet, $first] = buttonMade();
    $tree = Sample::after($tree, ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'Off', 'seed' => 's'], placedUse($sheet, 600));
    $shown = array_values(array_filter($tree->layersOf($sheet->id), fn (Layer $layer): bool => $layer->component() !== null))[0];
    $label = partCalled($tree, 'Label')->id;
    $hidden = fn (Tree $of): array => array_map(fn (Layer $use): ?bool => Sample::expansion()->at($of, new Address($label, [$use->id]))?->hidden, [...array_values(array_filter($of->layersOf('home'), fn (Layer $layer): bool => $layer->component() !== null)), $shown]);
    $delete = ['type' => 'delete-layers'];
    expect($hidden(Sample::after($tree, inUse($tree, $first, 'Label', $delete))))->toBe([true, false, false])
        ->and($hidden(Sample::after($tree, inUse($tree, $shown, 'Label', $delete, false))))->toBe([false, false, true])
        ->and($hidden(Sample::after($tree, inUse($tree, $first, 'Label', $delete, false))))->toBe([null, null, null]);
});

it('lies on its sheet on what it lay on, in a theme too', function (): void {
    $tree = Sample::after(partsDrawn(), ['type' => 'put-tokens', 'tokens' => [['id' => 'paper', 'name' => 'paper', 'kind' => 'color', 'value' => '#f6efe6']]],
        ['type' => 'set-screen-field', 'screen' => 'home', 'field' => 'ground', 'value' => '#f6efe6'], ['type' => 'bind-screens', 'screens' => ['home'], 'field' => 'ground', 'token' => 'paper'],
        ['type' => 'make-component', 'screen' => 'home', 'layers' => [partCalled(partsDrawn(), 'Card')->id], 'seed' => 'c']);
    $sheet = array_values($tree->sheets())[0]->id;
    expect($tree->screen($sheet)->ground->toHex())->toBe('#f6efe6');
    $dark = Sample::after($tree, ['type' => 'put-theme', 'id' => 'dusk', 'name' => 'Dusk'], ['type' => 'put-theme-values', 'theme' => 'dusk', 'values' => [['token' => 'paper', 'text' => '#101010']]], ['type' => 'show-theme', 'theme' => 'dusk']);
    expect($dark->screen('home')->ground->toHex())->toBe('#101010')->and($dark->screen($sheet)->ground->toHex())->toBe('#101010');
    // A plain ground becomes that of a token on both at once.
    $plain = Sample::after(partsDrawn(), ['type' => 'make-component', 'screen' => 'home', 'layers' => [partCalled(partsDrawn(), 'Card')->id], 'seed' => 'c']);
    $named = Sample::after($plain, ['type' => 'merge-values', 'aspect' => 'colours', 'from' => [$plain->screen('home')->ground->toHex()], 'to' => $plain->screen('home')->ground->toHex(), 'token' => 'base', 'name' => 'base']);
    expect($named->screen('home')->bound)->toBe(['ground' => 'base'])->and($named->screen($sheet)->bound)->toBe(['ground' => 'base']);
});

it('keeps its parts in shape when an instance is made wider and higher', function (): void {
    $box = fn (string $name, float $x, float $y, float $width, float $height, string $kind = 'box', array $more = []): array => ['kind' => $kind, 'name' => $name, 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $height] + $more;
    $row = fn (string $name, array $parts): array => ['kind' => 'group', 'name' => $name, 'x' => 20, 'y' => 300, 'width' => 200, 'height' => 60, 'children' => $parts];
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'r', 'layers' => [
        $row('Row', [
            $box('Ground', 0, 0, 200, 60), $box('Dot', 12, 20, 20, 20, 'ellipse'), ['kind' => 'text', 'name' => 'Title', 'words' => 'Bisque', 'x' => 44, 'y' => 8, 'style' => LABEL],
            $box('Line', 44, 50, 150, 1), $box('More', 168, 18, 24, 24, 'icon', ['icon' => 'check']), $box('Middle', 90, 0, 20, 4), $box('Badge', 40, 5, 120, 50, 'ellipse'),
        ]),
        // Nothing lies below all of it: it is a drawing, and scaled as one.
        $row('Drawing', [$box('Left', 0, 0, 80, 60), $box('Right', 120, 20, 80, 40)]),
    ]]);
    foreach (['Row', 'Drawing'] as $i => $name) {
        $tree = Sample::after($tree, ['type' => 'make-component', 'screen' => 'home', 'layers' => [partCalled($tree, $name)->id], 'seed' => "c{$i}"]);
    }
    $shown = function (string $name) use ($tree): array {
        $use = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->content instanceof Instance && $layer->name === $name))[0];
        $after = Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => [$use->id], 'field' => 'width', 'value' => '400'], ['type' => 'set-field', 'screen' => 'home', 'layers' => [$use->id], 'field' => 'height', 'value' => '90']);
        $copy = Sample::expansion()->of($after, $after->layer($use->id))[0];

        return array_map(fn (Layer $layer): array => [$layer->box->x, $layer->box->y, $layer->box->width, $layer->box->height], array_column(array_values(array_filter($copy->tree->layers, fn (Layer $layer): bool => $layer->parent === $copy->root->id)), null, 'name'));
    };
    expect(array_diff_key($row = $shown('Row'), ['Title' => 1]))->toEqual([
        'Ground' => [0, 0, 400, 90], 'Dot' => [12, 35, 20, 20], 'Line' => [44, 80, 350, 1], 'More' => [368, 33, 24, 24], 'Middle' => [190, 0, 20, 4], 'Badge' => [140, 20, 120, 50],
    ])->and(array_slice($row['Title'], 0, 2))->toEqual([44, 8])
        ->and($shown('Drawing'))->toEqual(['Left' => [0, 0, 160, 90], 'Right' => [240, 30, 160, 60]]);
});

it('tells instances of one name apart by what they say, and lets no cue change what a sheet only shows', function (): void {
    $tree = Sample::after(partsDrawn(), ['type' => 'make-component', 'screen' => 'home', 'layers' => [partCalled(partsDrawn(), 'Card')->id], 'seed' => 'c']);
    $sheet = array_values($tree->sheets())[0];
    $first = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->component() === $sheet->id))[0];
    $words = $tree->component($sheet->id)->slots[0]->layer;
    $tree = Sample::after($tree, ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'lit', 'seed' => 's'], ['type' => 'duplicate-layers', 'screen' => 'home', 'layers' => [$first->id], 'dx' => 0, 'dy' => 80, 'seed' => 'd']);
    $uses = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->component() === $sheet->id && $layer->screen === 'home'));
    $tree = Sample::after($tree, ['type' => 'set-words', 'screen' => $sheet->id, 'layer' => "{$words}.{$uses[1]->id}", 'apart' => true, 'words' => 'Vase']);
    $called = fn (Tree $tree): array => array_map(fn (Layer $use): string => Called::of($tree, $tree->layer($use->id)), $uses);
    expect($called($tree))->toBe(['“Bowl”', '“Vase”'])
        ->and($called(Sample::after($tree, ['type' => 'rename-layer', 'layer' => $uses[1]->id, 'name' => 'The last'])))->toBe(['“Bowl”', 'The last'])
        ->and(CueField::instances($tree, $tree->screen('home')))->toHaveCount(2)->and(CueField::instances($tree, $tree->screen($sheet->id)))->toBe([])
        ->and(array_filter($tree->layersOf($sheet->id), fn (Layer $layer): bool => $layer->component() !== null))->toHaveCount(1);
});
