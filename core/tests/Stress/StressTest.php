<?php

declare(strict_types=1);

use Kindred\Check\Fix;
use Kindred\Check\Scene;
use Kindred\Command\Commands;
use Kindred\Command\Runner;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Place;
use Kindred\Document\Tree;
use Kindred\Input\Reader;
use Kindred\Kit\Kit;
use Kindred\Stress\Broken;
use Kindred\Stress\Mending;
use Kindred\Stress\Strains;
use Kindred\Stress\Stress;
use Kindred\Tests\Check\Planted;
use Kindred\Tests\Sample;
use Kindred\Type\Typesetter;

function underStress(): Stress
{
    return new Stress(Planted::eyes(), Sample::relayout(), new Runner(Sample::consequences(), new Kit(new Typesetter(Sample::faces())), Sample::shapes()));
}

/** What breaks, and how it would hold, by strain. */
function breaking(Tree $tree, string $strain): array
{
    $strained = underStress()->under($tree, 'notice', Strains::find($tree, 'notice', $strain) ?? throw new LogicException($strain));

    return $strained === null ? ['nothing to strain'] : array_map(fn (Broken $one): array => [$tree->layer($one->finding->places[0]->layer)->name, $one->finding->rule::key(), $one->fix?->label], $strained->broken);
}

/** A notice whose parts hold as they are: a title with a line below it, a button, a stack, a list. */
function notice(): Tree
{
    $cell = ['id' => 'cell', 'kind' => 'stack', 'name' => 'Cell', 'x' => 0, 'y' => 0, 'width' => 342, 'direction' => 'row', 'sizing' => ['width' => 'stretch', 'height' => 'content'], 'children' => [Planted::text('Pot', 'Bowl', 0, 0, 100, more: ['id' => 'potname', 'sizing' => ['width' => 'stretch']])]];

    return (new Planted)->screen('notice', [
        Planted::text('Title', 'Glaze firing today', 24, 40, 180, 20),
        Planted::text('Below', 'Shelf two', 24, 72, 150),
        Planted::group('Button', 24, 120, 130, 44, [Planted::box('Ground', 0, 0, 130, 44, '#17594f'), Planted::text('Says', 'Book now', 16, 10.8, 98, 16, '#ffffff')]),
        ['kind' => 'stack', 'name' => 'Row', 'x' => 24, 'y' => 200, 'width' => 200, 'height' => 24, 'direction' => 'row', 'sizing' => ['width' => 'length', 'height' => 'content'], 'children' => [Planted::text('Free words', 'Two bowls to collect', 0, 0, more: ['wrapped' => false])]],
        ['id' => 'list1', 'kind' => 'array', 'name' => 'List', 'x' => 24, 'y' => 300, 'width' => 342, 'height' => 100, 'columns' => 1, 'rowGap' => 8, 'children' => [$cell],
            'sheet' => ['columns' => [['id' => 'pot1', 'name' => 'Pot', 'slot' => 'words', 'layer' => 'potname']], 'rows' => array_map(fn (int $i): array => ['id' => "row{$i}", 'cells' => ['pot1' => "Bowl {$i}"]], range(1, 8))]],
        ['kind' => 'widget', 'name' => 'Next', 'widget' => 'button', 'label' => 'Next', 'x' => 24, 'y' => 770, 'width' => 342, 'height' => 48],
    ])->tree();
}

it('says what breaks in other languages, at 200 % and on other devices, and what would hold', function (): void {
    $tree = notice();
    expect(breaking($tree, 'german'))->toContain(['Below', 'collision', 'Make “Title” wider'], ['Says', 'leaves-container', 'Let “Button” grow with “Says”'], ['Free words', 'leaves-container', 'Stretch “Free words”'])
        ->and(breaking($tree, 'large-text'))->toContain(['Below', 'collision', 'Stack “Title” and “Below”'], ['Free words', 'leaves-container', 'Stretch “Free words”'])
        ->and(breaking($tree, 'on-phone-small'))->toBe([['Next', 'off-screen', 'Pin “Next” to the bottom and both sides']])
        ->and(breaking($tree, 'on-tablet'))->toBe([])
        ->and(breaking($tree, 'many'))->toContain(['Cell', 'off-screen', null])
        ->and(breaking($tree, 'empty'))->toBe([])
        ->and(breaking($tree, 'right-to-left'))->toBe([]);
});

it('tries for all copies of a layer what it tries for one', function (): void {
    $cell = ['id' => 'cell', 'kind' => 'group', 'name' => 'Cell', 'x' => 0, 'y' => 0, 'width' => 160, 'height' => 50, 'children' => [Planted::text('Says', 'Glaze firing today', 0, 0, 160, more: ['maxLines' => 1, 'wrapped' => true]), Planted::text('Pot', 'Bowl', 0, 30, 60, more: ['id' => 'potname'])]];
    $tree = (new Planted)->screen('notice', [['id' => 'list1', 'kind' => 'array', 'name' => 'Shelf', 'x' => 24, 'y' => 40, 'width' => 342, 'columns' => 2, 'children' => [$cell],
        'sheet' => ['columns' => [['id' => 'pot1', 'name' => 'Pot', 'slot' => 'words', 'layer' => 'potname']], 'rows' => array_map(fn (int $i): array => ['id' => "row{$i}", 'cells' => ['pot1' => "Bowl {$i}"]], range(1, 30))]]])->tree();
    $strain = Strains::find($tree, 'notice', 'german') ?? throw new LogicException('There is no such strain.');
    $under = underStress()->under($tree, 'notice', $strain) ?? throw new LogicException('It says nothing.');
    $broken = array_values(array_filter($under->broken, fn (Broken $one): bool => $one->fix !== null))[0]->finding;
    $scenes = array_map(fn (Tree $of): Scene => new Scene($of, $of->screen('notice'), Planted::eyes()), [$tree, $under->tree]);
    $tried = array_map(fn (Fix $fix): string => $fix->label, iterator_to_array(Mending::of($scenes[0], $scenes[1], $broken), false));
    expect(count($broken->places))->toBeGreaterThan(5)->and($tried)->not->toBe([])->toBe(array_values(array_unique($tried)));
});

it('offers only what holds', function (): void {
    $tree = notice();
    $offered = 0;
    foreach (Strains::for($tree, 'notice') as $strain) {
        foreach (underStress()->under($tree, 'notice', $strain)->broken ?? [] as $one) {
            if ($one->fix === null) {
                continue;
            }
            $mended = Sample::after($tree, ...$one->fix->commands);
            $left = array_map(fn (Broken $still): string => $still->finding->id(), underStress()->under($mended, 'notice', $strain)->broken ?? []);
            expect($left)->not->toContain($one->finding->id(), "{$strain->label()}: {$one->fix->label}")
                ->and(array_map(fn ($data) => Commands::read(Reader::of($data))->label($tree), $one->fix->commands))->not->toContain('');
            $offered++;
        }
    }
    expect($offered)->toBeGreaterThan(8);
});

it('leaves placeholders alone, and mirrors what stands at the left', function (): void {
    $tree = (new Planted)->screen('notice', [Planted::text('Price', '{pieces} pieces', 24, 40, 150), Planted::text('Kiln', 'Kiln', 24, 80, 100)])->tree();
    $german = underStress()->under($tree, 'notice', Strains::find($tree, 'notice', 'german') ?? throw new LogicException);
    $hebrew = underStress()->under($tree, 'notice', Strains::find($tree, 'notice', 'right-to-left') ?? throw new LogicException);
    $named = fn (Tree $of, string $name) => array_values(array_filter($of->layers, fn ($layer): bool => $layer->name === $name))[0];
    expect($named($german->tree, 'Price')->content->words)->toBe('{pieces} pieces')
        ->and(mb_strlen($named($german->tree, 'Kiln')->content->words))->toBe(10)
        ->and($named($hebrew->tree, 'Kiln')->content->words)->toBe('קילנ')->and($named($hebrew->tree, 'Kiln')->box->x)->toBe(390.0 - 24 - 100);
});

/** A text as it is under a strain. */
function saidUnder(string $words, string $strain): string
{
    $tree = (new Planted)->screen('notice', [Planted::text('Said', $words, 24, 40, 340)])->tree();
    $on = (Strains::find($tree, 'notice', $strain) ?? throw new LogicException($strain))->on($tree, 'notice') ?? throw new LogicException($strain);
    $content = array_values(array_filter($on->layers, fn (Layer $layer): bool => $layer->name === 'Said'))[0]->content;

    return $content instanceof Text ? $content->words : throw new LogicException('It is no text.');
}

it('lets words grow as they do in translation: short ones most', function (string $strain, int $length, float $times): void {
    $words = mb_substr('Kiln shelf for bowls, plates and mugs that are fired on Thursday evening by whoever is in the studio then', 0, $length);
    // By whole letters, and of compounds in each word.
    expect(mb_strlen(saidUnder($words, $strain)))->toEqualWithDelta(mb_strlen($words) * $times, $strain === 'german' || $strain === 'finnish' ? 7 : 1);
})->with([
    'a label in German' => ['german', 4, 2.5], 'two words in German' => ['german', 15, 1.9], 'a short line in German' => ['german', 28, 1.7],
    'a line in German' => ['german', 46, 1.5], 'a sentence in German' => ['german', 65, 1.4], 'more in German' => ['german', 100, 1.3],
    'a label in French' => ['french', 4, 1 + 1.5 * 20 / 35], 'a line in French' => ['french', 46, 1 + 0.5 * 20 / 35], 'more in Spanish' => ['spanish', 100, 1 + 0.3 * 25 / 35],
    'a label in Finnish' => ['finnish', 4, 1 + 1.5 * 30 / 35],
]);

it('makes the longest word of a text longer, and leaves abbreviations and numbers', function (string $words, string $said): void {
    expect(saidUnder($words, 'long-words'))->toBe($said);
})->with([
    ['Open evening', 'Open eveningeveningev'],
    ['Kiln 4', 'Kiln 4'],
    ['12:30', '12:30'],
    ['Wheelthrowing for all', 'Wheelthrowingwheelthr for all'],
]);

it('says otherwise what instances, their states, cells and widgets say', function (): void {
    $tree = (new Planted)->screen('notice', [
        Planted::group('Card', 24, 40, 200, 60, [Planted::box('Ground', 0, 0, 200, 60, '#eeeeee'), Planted::text('Label', 'Ready', 12, 16, 160)]),
        ['kind' => 'widget', 'name' => 'Choice', 'widget' => 'radio-group', 'label' => 'Glaze', 'items' => [['id' => 'item1', 'label' => 'Celadon'], ['id' => 'item2', 'label' => 'Shino']], 'x' => 24, 'y' => 500, 'width' => 300, 'height' => 120],
    ])->tree();
    $id = fn (Tree $of, string $name): string => array_values(array_filter($of->layers, fn (Layer $layer): bool => $layer->name === $name))[0]->id;
    $tree = Sample::after($tree, ['type' => 'make-component', 'screen' => 'notice', 'layers' => [$id($tree, 'Card')], 'seed' => 'c']);
    $sheet = $tree->sheets()[0];
    $tree = Sample::after($tree, ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'Off', 'seed' => 's'], ['type' => 'create-layers', 'screen' => 'notice', 'seed' => 'u', 'layers' => [['kind' => 'instance', 'name' => 'Use', 'component' => $sheet->id, 'x' => 24, 'y' => 200]]]);
    $axis = $tree->component($sheet->id)->axes[0];
    [$label, $use] = [$id($tree, 'Label'), $id($tree, 'Use')];
    $tree = Sample::after($tree, ['type' => 'set-words', 'screen' => $sheet->id, 'layer' => "{$label}.{$use}", 'words' => 'Closed', 'apart' => true],
        ['type' => 'set-states', 'screen' => 'notice', 'layers' => [$id($tree, 'Card')], 'axis' => $axis->id, 'state' => $axis->states[1]->id], ['type' => 'set-words', 'screen' => $sheet->id, 'layer' => "{$label}.".$id($tree, 'Card'), 'words' => 'Away', 'apart' => false]);
    $german = (Strains::find($tree, 'notice', 'german') ?? throw new LogicException)->on($tree, 'notice');
    expect($german->layer($label)->content->words)->toBe('Readyreadyreä')
        ->and($german->layer($use)->content->overrides[$label]['words'])->toStartWith('Closedclosed')
        ->and($german->component($sheet->id)->overrides[0]->layers[$label]['words'])->toBe('Awayawäyaw')
        ->and(array_map(fn ($item): string => $item->label, $german->layer($id($tree, 'Choice'))->content->items))->each->toMatch('/^(Celad|Shino).{6,}/u');
});

it('sets words twice as large wherever their size is said', function (): void {
    $tree = (new Planted)->screen('notice', [
        Planted::text('Said', 'Open until nine', 24, 40, 300, 16, more: ['runs' => [['from' => 5, 'to' => 10, 'size' => 20]]]), Planted::bars('Visits', 24, 200, ['Guests' => '#17594f']),
        Planted::group('Card', 24, 400, 200, 60, [Planted::box('Ground', 0, 0, 200, 60, '#eeeeee'), Planted::text('Label', 'Ready', 12, 16, 160)]),
    ])->tree();
    $id = fn (string $name): string => array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === $name))[0]->id;
    $tree = Sample::after($tree, ['type' => 'make-component', 'screen' => 'notice', 'layers' => [$id('Card')], 'seed' => 'c']);
    $sheet = $tree->sheets()[0];
    $use = array_values(array_filter($tree->layersOf('notice'), fn (Layer $layer): bool => $layer->component() !== null))[0]->id;
    $tree = Sample::after($tree, ['type' => 'set-field', 'screen' => $sheet->id, 'layers' => [$id('Label').".{$use}"], 'field' => 'style.size', 'value' => '18', 'apart' => true]);
    $large = (Strains::find($tree, 'notice', 'large-text') ?? throw new LogicException)->on($tree, 'notice');
    $said = $large->layer($id('Said'))->content;
    expect($said->style->size)->toBe(32.0)->and($said->runs[0]->size)->toBe(40.0)
        ->and($large->layer($id('Visits'))->content->style->size)->toBe(24.0)
        ->and($large->layer($id('Label'))->content->style->size)->toBe(32.0)
        ->and((float) $large->layer($use)->content->overrides[$id('Label')]['style.size'])->toBe(36.0);
});

it('shows what breaks in every copy, and says it once', function (): void {
    $tree = (new Planted)->screen('notice', [Planted::group('Card', 24, 40, 160, 60, [Planted::box('Ground', 0, 0, 160, 60, '#eeeeee'), Planted::text('Label', 'Ready to fire', 12, 16, 130, more: ['wrapped' => false])])])->tree();
    $card = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === 'Card'))[0]->id;
    $tree = Sample::after($tree, ['type' => 'make-component', 'screen' => 'notice', 'layers' => [$card], 'seed' => 'c']);
    $tree = Sample::after($tree, ['type' => 'create-layers', 'screen' => 'notice', 'seed' => 'u', 'layers' => array_map(fn (int $i): array => ['kind' => 'instance', 'name' => "Use {$i}", 'component' => $tree->sheets()[0]->id, 'x' => 24, 'y' => 140 * $i], [1, 2])]);
    $broken = underStress()->under($tree, 'notice', Strains::find($tree, 'notice', 'german') ?? throw new LogicException)->broken ?? [];
    expect($broken)->toHaveCount(1)->and(array_map(fn ($box): float => $box->y, $broken[0]->boxes))->toEqual([56, 156, 296])->and($broken[0]->finding->places)->toHaveCount(6);
});

it('says what keeps a margin and loses it on a narrower screen, and not what reaches to the edge anyway', function (): void {
    $tree = (new Planted)->screen('notice', [
        Planted::box('Header', 0, 0, 390, 56, '#17594f'),
        Planted::group('Card', 24, 120, 342, 80, [Planted::box('Ground', 0, 0, 342, 80, '#eae4d8'), Planted::text('Says', 'Book now', 16, 20, 98)]),
        Planted::box('Half seen', 300, 300, 200, 80, '#a94c31'),
        Planted::box('Small', 24, 400, 100, 80, '#a94c31'),
        Planted::box('Row', 24, 500, 342, 40, '#eae4d8'), Planted::box('Row', 24, 548, 342, 40, '#eae4d8'), Planted::box('Row', 24, 596, 342, 40, '#eae4d8'),
    ])->tree();
    expect(breaking($tree, 'on-phone-small'))->toBe([['Card', 'past-edge', 'Pin “Card” to both sides'], ['Row', 'past-edge', 'Pin all of them to both sides']])
        ->and(breaking($tree, 'on-phone-large'))->toBe([])->and(breaking($tree, 'on-tablet'))->toBe([])->and(breaking($tree, 'right-to-left'))->toBe([]);
});

it('stacks what lies on each other in an instance for all of them', function (): void {
    $card = fn (string $name, float $y): array => Planted::group($name, 24, $y, 342, 120, [Planted::box('Ground', 0, 0, 342, 120, '#eae4d8'), Planted::text('Title', 'Bisque, shelf two', 16, 8), Planted::text('Time', 'Tuesday, 18:00', 16, 30)]);
    $tree = (new Planted)->screen('notice', [$card('Card', 80)])->tree();
    $id = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === 'Card'))[0]->id;
    $tree = Sample::after($tree, ['type' => 'make-component', 'screen' => 'notice', 'layers' => [$id], 'seed' => 'c']);
    $tree = Sample::after($tree, ['type' => 'duplicate-layers', 'screen' => 'notice', 'layers' => [array_values($tree->children(new Place('notice')))[0]->id], 'dx' => 0, 'dy' => 160, 'seed' => 'd']);
    expect(breaking($tree, 'large-text'))->toBe([['Time', 'collision', 'Stack “Title” and “Time”']]);
});

it('says that words have grown off their ground, in a stack too, and under what comes after them', function (): void {
    $row = fn (string $name, float $y): array => Planted::group($name, 24, $y, 342, 60, [Planted::box('Ground', 0, 0, 342, 60, '#eae4d8'),
        ['kind' => 'stack', 'name' => 'Words', 'x' => 16, 'y' => 8, 'width' => 300, 'direction' => 'column', 'sizing' => ['width' => 'length', 'height' => 'content'], 'children' => [Planted::text('Title', 'Bisque, shelf two', 0, 0), Planted::text('Time', 'Tuesday, 18:00', 0, 0)]]]);
    $tree = (new Planted)->screen('notice', [$row('First', 80), $row('Second', 148), Planted::text('Under a dialog', 'Two bowls to collect', 24, 400), Planted::box('Dialog', 60, 380, 280, 120, '#eae4d8')])->tree();
    $breaks = array_map(fn (array $one): string => "{$one[0]} {$one[1]}", breaking($tree, 'large-text'));
    expect($breaks)->toBe(['Time off-ground', 'Time off-ground'])
        ->and(breaking($tree, 'large-text')[0][2])->toBe('Let “First” grow with “Words”');
});

it('takes what a bar that stays covers for no loss where the screen is scrolled', function (): void {
    $with = fn (string $position): Tree => (new Planted)->screen('notice', [
        Planted::text('Title', 'Glaze firing today', 24, 640, 200, 20), ['position' => $position] + Planted::box('Bar', 0, 700, 390, 60, '#eae4d8'),
    ], ['height' => 1200, 'view' => 760])->tree();
    expect(array_column(breaking($with('static'), 'large-text'), 1))->toBe(['covered-words'])->and(breaking($with('fixed'), 'large-text'))->toBe([]);
});
