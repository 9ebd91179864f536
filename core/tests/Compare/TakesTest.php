<?php

declare(strict_types=1);

use Kindred\Compare\Aspect;
use Kindred\Compare\Comparison;
use Kindred\Compare\Measures;
use Kindred\Compare\Prompts;
use Kindred\Compare\Remark;
use Kindred\Document\Difference;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Flow\Programme;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Sample;

/** A screen of a shop as it is at first: heading, words, price list, button, picture of a pot. */
function shop(): Tree
{
    $style = ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4];
    $file = Sample::file();
    $file['screens'][0]['layers'] = [
        ['id' => 'heading', 'kind' => 'text', 'name' => 'Heading', 'x' => 24, 'y' => 40, 'words' => 'Shelf rent', 'style' => ['size' => 28] + $style, 'fills' => [['colour' => '#17594f']]],
        ['id' => 'lead', 'kind' => 'text', 'name' => 'Lead', 'x' => 24, 'y' => 100, 'words' => 'Choose how much room you need', 'style' => $style],
        ['id' => 'prices', 'kind' => 'widget', 'widget' => 'table', 'name' => 'Price list', 'x' => 24, 'y' => 140, 'width' => 342, 'height' => 200, 'columns' => ['Size', 'Price', 'Free', 'Note'],
            'items' => [['label' => 'Half', 'cells' => ['6 €', '4', '']], ['label' => 'Whole', 'cells' => ['10 €', '2', '']]]],
        ['id' => 'pots', 'kind' => 'group', 'name' => 'Pots', 'x' => 24, 'y' => 360, 'width' => 100, 'height' => 40, 'children' => [
            ['id' => 'pota', 'kind' => 'box', 'name' => 'Pot', 'x' => 0, 'y' => 0, 'width' => 40, 'height' => 40],
            ['id' => 'potb', 'kind' => 'ellipse', 'name' => 'Plate', 'x' => 60, 'y' => 0, 'width' => 40, 'height' => 40],
        ]],
        ['id' => 'book', 'kind' => 'widget', 'widget' => 'button', 'name' => 'Button', 'label' => 'Book', 'x' => 24, 'y' => 700, 'width' => 160, 'height' => 48],
    ];

    return ProjectFile::read((string) json_encode($file))->tree;
}

/** After a take was made: what was there, the take, and the tree. */
function withTake(Tree $tree, string $seed = 'one'): Tree
{
    return Sample::after($tree, ['type' => 'make-take', 'screen' => 'home', 'seed' => $seed]);
}

function kept(Tree $tree, string $name = 'A'): Screen
{
    return array_values(array_filter($tree->takes('home'), fn (Screen $take): bool => $take->take?->name === $name))[0];
}

/** @return list<string> */
function told(Tree $tree, string $take = 'A'): array
{
    return array_map(fn (Remark $remark): string => $remark->sentence, Comparison::between($tree, kept($tree, $take), $tree->screen('home'))->remarks);
}

/** @param  array<string, mixed>  $command */
function onHome(array $command): array
{
    return $command + ['screen' => 'home'];
}

it('takes along what is read first, and what follows a token', function (): void {
    $bound = ['type' => 'bind-screens', 'screens' => ['home'], 'field' => 'ground', 'token' => 'clay'];
    $tree = withTake(Sample::after(shop(), ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'name' => 'clay', 'kind' => 'color', 'value' => '#b4472e']]], $bound, onHome(['type' => 'set-reading', 'layers' => ['lead', 'pota']])));
    $names = fn (Tree $tree, Screen $screen): array => array_map(fn (string $id): string => $tree->layers[$id]->name.' of '.$tree->layers[$id]->screen, $screen->reading);
    $take = kept($tree)->id;
    expect($names($tree, kept($tree)))->toBe(["Lead of {$take}", "Pot of {$take}"])->and($names($tree, $tree->screen('home')))->toBe(['Lead of home', 'Pot of home']);

    $plain = Sample::after($tree, ['type' => 'bind-screens', 'screens' => ['home'], 'field' => 'ground', 'token' => null], onHome(['type' => 'set-reading', 'layers' => ['heading']]), ['type' => 'set-screen-field', 'screen' => 'home', 'field' => 'ground', 'value' => '#ffffff']);
    $switched = Sample::after($plain, onHome(['type' => 'switch-take', 'take' => $take]));
    expect($names($switched, $switched->screen('home')))->toBe(['Lead of home', 'Pot of home'])->and($names($switched, $switched->screen($take)))->toBe(["Heading of {$take}"])
        ->and($switched->screen('home')->bound)->toBe(['ground' => 'clay'])->and($switched->screen($take)->bound)->toBe([])
        ->and(Sample::after($switched, ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'text' => '#123456']]])->screen('home')->ground->toHex())->toBe('#123456');

    $copied = Sample::after($tree, onHome(['type' => 'duplicate-screen', 'seed' => 'copy']));
    $copy = array_values(array_filter($copied->reel(), fn (Screen $screen): bool => $screen->name === 'Home 2'))[0];
    expect($names($copied, $copy))->toBe(["Lead of {$copy->id}", "Pot of {$copy->id}"])->and($copy->bound)->toBe(['ground' => 'clay']);
});

it('keeps what was there, and changes nothing of what hangs on the wall', function (): void {
    $before = shop();
    $tree = withTake($before);
    expect(array_map(fn (Screen $screen): string => $screen->id, $tree->reel()))->toBe(['home', 'next'])
        ->and(array_map(fn (Screen $take): ?string => $take->take?->name, $tree->takes('home')))->toBe(['A', 'B'])
        ->and($tree->screen('home')->take?->name)->toBe('B')
        ->and(count($tree->layersOf(kept($tree)->id)))->toBe(count($before->layersOf('home')))
        ->and(told($tree))->toBe([])
        ->and(Programme::compile($tree)['states'])->toHaveCount(2);
    $undone = Difference::between($before, $tree)->inverse()->applyTo($tree);
    expect(Sample::plain($undone))->toBe(Sample::plain($before));
});

it('tells differences as a designer would', function (array $commands, array $sentences): void {
    expect(told(Sample::after(withTake(shop()), ...array_map(onHome(...), $commands))))->toBe($sentences);
})->with([
    'past others, and fewer columns' => [
        [
            ['type' => 'place-layers', 'places' => [['id' => 'prices', 'x' => 24, 'y' => 0, 'width' => 342, 'height' => 30, 'rotation' => 0]]],
            ['type' => 'set-widget', 'layers' => ['prices'], 'field' => 'columns', 'value' => 'Size|Price'],
        ],
        ['The price list moved above “Shelf rent”, lost two columns (Free, Note) and is less tall (200 → 30 px).'],
    ],
    'words, and how they look' => [
        [
            ['type' => 'set-words', 'layer' => 'lead', 'words' => 'How much room?'],
            ['type' => 'set-field', 'layers' => ['lead'], 'field' => 'style.weight', 'value' => '600'],
            ['type' => 'set-field', 'layers' => ['lead'], 'field' => 'style.italic', 'value' => 'true'],
            ['type' => 'set-field', 'layers' => ['heading'], 'field' => 'fills.0.colour', 'value' => '#b4472e'],
        ],
        ['“Shelf rent” is red instead of teal.', '“Choose how much room you need” now reads “How much room?”, is set in italics and is bolder.'],
    ],
    'everything below' => [
        [['type' => 'move-layers', 'layers' => ['prices', 'pots', 'book'], 'dx' => 0, 'dy' => 24]],
        ['The price list and all below moved 24 px down.'],
    ],
    'what came and what went' => [
        [
            ['type' => 'delete-layers', 'layers' => ['pots']],
            ['type' => 'create-layers', 'seed' => 'new', 'layers' => [['kind' => 'picture', 'name' => 'Kiln', 'asset' => str_repeat('a', 64), 'fit' => 'cover', 'x' => 24, 'y' => 360, 'width' => 300, 'height' => 100]]],
        ],
        ['The kiln came in below the price list.', 'The pots are gone.'],
    ],
    'a part of a group, and what it is' => [
        [
            ['type' => 'place-layers', 'places' => [['id' => 'potb', 'x' => 60, 'y' => 0, 'width' => 80, 'height' => 80, 'rotation' => 0]]],
            ['type' => 'convert-widgets', 'layers' => ['prices'], 'widget' => 'list', 'name' => 'List'],
            ['type' => 'set-widget', 'layers' => ['book'], 'field' => 'label', 'value' => 'Book and pay'],
        ],
        ['The price list is a list instead of a table.', 'The plate is larger (40 × 40 → 80 × 80 px).', 'The button “Book” now reads “Book and pay”.'],
    ],
    'the screen itself' => [
        [
            ['type' => 'set-screen-field', 'field' => 'height', 'value' => '1000'],
            ['type' => 'set-screen-field', 'field' => 'ground', 'value' => '#1e2223'],
            ['type' => 'put-cue', 'layer' => 'book', 'cue' => ['id' => 'cue1', 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'show', 'screen' => 'next']]],
        ],
        ['The screen is 156 px longer and has a background that is dark grey instead of white.', 'The button “Book” leads to “Next” now.'],
    ],
]);

/** @return array{list<array<string, mixed>>, list<string>} one facet of a layer typed, and what is said of it */
function typed(string $layer, string $field, string $value, string $said): array
{
    return [[['type' => 'set-field', 'layers' => [$layer], 'field' => $field, 'value' => $value]], [$said]];
}

/** @return array{list<array<string, mixed>>, list<string>} */
function fitted(string $widget, string $field, string $value, string $said): array
{
    return [[['type' => 'set-widget', 'layers' => [$widget], 'field' => $field, 'value' => $value]], [$said]];
}

it('has a sentence for each thing that may differ', function (array $commands, array $sentences): void {
    expect(told(Sample::after(withTake(shop()), ...array_map(onHome(...), $commands))))->toBe($sentences);
})->with([
    'a smaller size' => typed('heading', 'style.size', '20', '“Shelf rent” is smaller (28 → 20 px).'),
    'another family' => typed('lead', 'style.family', 'Lora', '“Choose how much room you need” is set in Lora instead of Hanken Grotesk.'),
    'lines' => typed('lead', 'style.lineHeight', '1.8', '“Choose how much room you need” has its lines further apart.'),
    'letters' => typed('lead', 'style.letterSpacing', '-0.02', '“Choose how much room you need” has its letters closer together.'),
    'capitals' => typed('lead', 'style.transform', 'uppercase', '“Choose how much room you need” is in capitals.'),
    'initials' => typed('lead', 'style.transform', 'capitalize', '“Choose how much room you need” has capital initials.'),
    'hidden' => [[['type' => 'mark-layers', 'layers' => ['lead'], 'hidden' => true]], ['“Choose how much room you need” is hidden.']],
    'another shape' => typed('pota', 'kind', 'ellipse', 'The pot is an ellipse instead of a box.'),
    'an outline' => typed('pota', 'strokes.0.width', '3', 'The pot has an outline.'),
    'rounder' => typed('pota', 'corners', '12', 'The pot has rounder corners (0 → 12 px).'),
    'one corner otherwise' => typed('pota', 'corners.bottomRight', '12', 'The pot has other corners.'),
    'fainter' => typed('pota', 'opacity', '40%', 'The pot is fainter.'),
    'a part of a group, past its frame' => [[['type' => 'move-layers', 'layers' => ['pota'], 'dx' => -10, 'dy' => 0]], ['The pot moved 10 px to the left.']],
    'a group, and a part of it further' => [[['type' => 'move-layers', 'layers' => ['pots'], 'dx' => 0, 'dy' => 20], ['type' => 'move-layers', 'layers' => ['potb'], 'dx' => 0, 'dy' => 9]], ['The pots moved 20 px down.', 'The plate moved 9 px down.']],
    'turned' => typed('potb', 'rotation', '45', 'The plate is turned by 45°.'),
    'no colour' => typed('heading', 'fills.0.colour', '', '“Shelf rent” has lost its colour.'),
    'a colour at last' => typed('pota', 'fills.0.colour', '#b4472e', 'The pot is red.'),
    'the whole width' => [[['type' => 'place-layers', 'places' => [['id' => 'book', 'x' => 0, 'y' => 700, 'width' => 390, 'height' => 48, 'rotation' => 0]]]], ['The button “Book” fills the width.']],
    'a label less' => fitted('book', 'label', '', 'The button “Book” has lost its label.'),
    'columns in another order' => fitted('prices', 'columns', 'Price|Size|Free|Note', 'The price list has its columns in another order.'),
    'a column called otherwise' => fitted('prices', 'columns', 'Size|Price|Free|Remark', 'The price list calls “Note” now “Remark”.'),
    'other cells' => fitted('prices', 'items', "Half | 7 € | 4\nWhole | 10 € | 2", 'The price list says other things in its cells.'),
    'an icon' => fitted('book', 'icon', 'calendar', 'The button “Book” has the icon calendar.'),
]);

it('says of an array what has changed, though its take names the layers of its design otherwise', function (): void {
    $before = Sample::after(shop(), onHome(['type' => 'array-layers', 'layers' => ['pots'], 'seed' => 'array']));
    $array = array_values(array_filter($before->layers, fn (Layer $layer): bool => $layer->content instanceof ArrayLayer))[0];
    assert($array->content instanceof ArrayLayer);
    [$row, $column] = [$array->content->sheet->rows[0]->id, $array->content->sheet->columns[0] ?? null];
    $gap = onHome(['type' => 'set-field', 'layers' => [$array->id], 'field' => 'rowGap', 'value' => '/2']);
    expect(told(Sample::after(withTake($before), $gap)))->toBe(['The array has its parts closer together (16 → 8 px).']);
    $words = onHome(['type' => 'put-column', 'layer' => $array->id, 'column' => ['id' => 'called', 'name' => 'Name', 'slot' => 'words', 'layer' => null]]);
    $filled = onHome(['type' => 'set-cell', 'layer' => $array->id, 'row' => $row, 'column' => $column->id ?? 'called', 'value' => 'Jug']);
    expect(told(Sample::after(withTake(Sample::after($before, ...($column === null ? [$words] : []))), $filled)))->toBe(['The array is filled otherwise.']);
});

it('hangs another take in the place of a screen, with its name and the way there', function (): void {
    $changed = Sample::after(withTake(shop()), onHome(['type' => 'set-words', 'layer' => 'heading', 'words' => 'Rent a shelf']), onHome(['type' => 'set-screen-field', 'field' => 'ground', 'value' => '#eeeeee']));
    $switched = Sample::after($changed, ['type' => 'switch-take', 'screen' => 'home', 'take' => kept($changed)->id]);
    $home = $switched->screen('home');
    expect($home->take?->name)->toBe('A')->and($home->name)->toBe('Home')->and($home->hangs())->toBeTrue()
        ->and($home->ground->toHex())->toBe('#ffffff')
        ->and(array_map(fn (Layer $layer): string => $layer->name, $switched->layersOf('home')))->toBe(array_map(fn (Layer $layer): string => $layer->name, $changed->layersOf('home')))
        ->and($switched->layer('heading')->screen)->toBe(kept($switched, 'B')->id)
        ->and(told($switched, 'B'))->toBe(['The screen has a background that is white instead of light grey.', '“Rent a shelf” now reads “Shelf rent”.']);
    $back = Sample::after($switched, ['type' => 'switch-take', 'screen' => 'home', 'take' => kept($switched, 'B')->id]);
    expect(json_encode(Sample::plain($back)))->toBe(json_encode(Sample::plain($changed)));
});

it('carries layers from take to take, to the same place', function (): void {
    $tree = Sample::after(withTake(shop()), onHome(['type' => 'set-words', 'layer' => 'lead', 'words' => 'Short']), onHome(['type' => 'move-layers', 'layers' => ['lead'], 'dx' => 0, 'dy' => 9]), onHome(['type' => 'delete-layers', 'layers' => ['pots']]));
    $from = kept($tree);
    $old = array_values(array_filter($tree->layersOf($from->id), fn (Layer $layer): bool => in_array($layer->name, ['Lead', 'Pot'], true)));
    $carried = Sample::after($tree, ['type' => 'carry-layers', 'from' => $from->id, 'to' => 'home', 'layers' => array_map(fn (Layer $layer): string => $layer->id, $old), 'seed' => 'carry']);
    // What is the same is replaced, and stays where it was in the order; what has no group there lies on the screen itself.
    $names = array_map(fn (Layer $layer): string => $layer->name, $carried->layersOf('home'));
    $pot = array_values(array_filter($carried->layersOf('home'), fn (Layer $layer): bool => $layer->name === 'Pot'))[0];
    expect($names)->toBe(['Heading', 'Lead', 'Price list', 'Button', 'Pot'])
        ->and([$pot->box->x, $pot->box->y, $pot->parent])->toBe([24.0, 360.0, null])
        ->and(told($carried))->toContain('The pot moved out of the pots.')->not->toContain('“Choose how much room you need” now reads “Short”.');
});

it('deletes a take that is settled, never the one on the wall, and all with their screen', function (): void {
    $tree = withTake(withTake(shop()), 'two');
    expect($tree->takes('home'))->toHaveCount(3)
        ->and(Sample::after($tree, ['type' => 'delete-take', 'screen' => 'home', 'take' => kept($tree)->id])->takes('home'))->toHaveCount(2)
        ->and(fn () => Sample::after($tree, ['type' => 'delete-take', 'screen' => 'home', 'take' => 'home']))->toThrow(InvalidInput::class)
        ->and(array_keys(Sample::after($tree, ['type' => 'delete-screens', 'screens' => ['home']])->screens))->toBe(['next']);
});

it('has reasons and judgements that go with a take, and criteria that stay with the screen', function (): void {
    $tree = withTake(shop());
    $judged = Sample::after(
        $tree,
        ['type' => 'set-criteria', 'screen' => 'home', 'criteria' => ['Calm', 'Fast to book']],
        ['type' => 'set-take', 'take' => 'home', 'field' => 'judgement', 'criterion' => 'Calm', 'value' => 'very'],
        ['type' => 'set-take', 'take' => kept($tree)->id, 'field' => 'reason', 'value' => 'Everything on one page'],
        ['type' => 'switch-take', 'screen' => 'home', 'take' => kept($tree)->id],
    );
    expect($judged->screen('home')->criteria)->toBe(['Calm', 'Fast to book'])
        ->and($judged->screen('home')->take?->reason)->toBe('Everything on one page')
        ->and(kept($judged, 'B')->take?->judgements)->toBe(['Calm' => 'very']);
    // Takes stand in the project file, and come back as they were.
    $file = new ProjectFile($judged);
    expect(ProjectFile::read(Sample::written($file))->write())->toBe($file->write());
});

it('hangs a version for another situation beside a screen, once', function (): void {
    $tree = Sample::after(shop(), onHome(['type' => 'make-condition', 'condition' => 'empty', 'seed' => 's']));
    [, $made] = $tree->reel();
    expect($made->name)->toBe('Home, empty')->and($made->conditionOf)->toBe('home')->and($made->condition?->value)->toBe('empty')
        ->and(Comparison::between($tree, $tree->screen('home'), $made)->isEmpty())->toBeTrue()
        ->and(fn () => Sample::after($tree, ['type' => 'make-condition', 'screen' => $made->id, 'condition' => 'empty', 'seed' => 't']))->toThrow(InvalidInput::class, 'already');
});

it('measures what shows', function (): void {
    $tree = Sample::after(shop(), onHome(['type' => 'mark-layers', 'layers' => ['lead'], 'hidden' => true]));
    $measures = Measures::of($tree, $tree->screen('home'), Sample::expansion());
    // Shelf rent; Size Price Free Note, Half 6 4, Whole 10 2; Book. The heading, two rows, two pots, the button. White, spruce.
    expect([$measures->height, $measures->words, $measures->items, $measures->colours, $measures->targets, $measures->small])->toBe([748.0, 13, 6, 2, 2, 0]);
});

it('suggests what has been tried least, of what is on the screen', function (): void {
    $tree = Sample::after(withTake(shop()), onHome(['type' => 'set-words', 'layer' => 'lead', 'words' => 'Choose the room that you need on the shelf']));
    $prompts = Prompts::for($tree, $tree->screen('home'));
    expect(array_map(fn (array $prompt): Aspect => $prompt['aspect'], $prompts))->toContain(Aspect::Order, Aspect::Density)
        ->and(end($prompts))->toBe(['aspect' => Aspect::Wording, 'words' => 'Say “Choose the room that you need on the shelf” in five words instead of nine.'])
        ->and($prompts)->toContain(['aspect' => Aspect::Order, 'words' => 'Put the button “Book” first, above “Shelf rent”.']);
});

it('says once what is otherwise in a chart', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'chart', 'layers' => [Kindred\Kit\FreshChart::of(Kindred\Document\Chart\ChartForm::Lines)]]);
    $tree = withTake($tree);
    [$chart] = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->screen === 'home' && $layer->kind() === 'chart'));
    foreach (['form' => 'bars', 'max' => '200', 'legend' => 'none', 'goal' => '40'] as $field => $value) {
        $tree = Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => [$chart->id], 'field' => $field, 'value' => $value]);
    }
    expect(told($tree))->toBe(['The line chart shows its numbers as bars instead of lines, has another scale, has no legend any more and has another goal (none → 40).']);
});
