<?php

declare(strict_types=1);

use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Tree;
use Kindred\Document\Widget\Item;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Kit\Bar;
use Kindred\Kit\Kit;
use Kindred\Kit\WidgetKind;
use Kindred\Render\TextMode;
use Kindred\Tests\Sample;
use Kindred\Type\Typesetter;

/** @param  array<string, mixed>  $more */
function widget(WidgetKind $kind, array $more = []): Layer
{
    return Layer::read(Reader::of($more + Kit::fresh($kind)), id: 'widget', rank: 'm');
}

/** @return list<Layer> */
function parts(Layer $layer): array
{
    return (new Kit(new Typesetter(Sample::faces())))->parts($layer);
}

/** @param  array<string, mixed>  $more */
function holding(string $widget, array $more = []): Tree
{
    $kind = Kit::find($widget) ?? throw new LogicException($widget);

    return Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'next', 'seed' => 'widget', 'layers' => [$more + ['x' => 20, 'y' => 40] + Kit::fresh($kind)]]);
}

function placedWidget(Tree $tree): Layer
{
    return array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->content instanceof Widget))[0];
}

dataset('kinds', fn (): array => array_combine(array_map(fn (string $class): string => $class::key(), Kit::ALL), array_map(fn (string $class): array => [new $class], Kit::ALL)));

it('has at least 36 widgets, each under a key and a name of its own', function (): void {
    $keys = array_map(fn (string $class): string => $class::key(), Kit::ALL);
    $names = array_map(fn (string $class): string => (new $class)->name(), Kit::ALL);
    expect(count($keys))->toBeGreaterThanOrEqual(36)->and(array_unique($keys))->toBe($keys)->and(array_unique($names))->toBe($names)
        ->and(array_map(fn (string $name): string => strtolower(str_replace(' ', '-', $name)), $names))->toBe($keys);
});

it('draws each within its box, at the size that it is placed with and at any other', function (WidgetKind $kind): void {
    [$width, $height] = $kind->size();
    foreach ([[$width, $height], [1, 1], [8, 8], [24, 20], [40, 300], [900, 30], [3000, 2000]] as [$w, $h]) {
        $parts = parts(widget($kind, ['width' => $w, 'height' => $h]));
        foreach ($parts as $part) {
            $over = max(-$part->box->x, -$part->box->y, $part->box->right() - $w, $part->box->bottom() - $h);
            $room = $part->content instanceof Kindred\Document\Layer\Text ? $part->content->style->size * 0.35 : 1.0;
            expect($over)->toBeLessThanOrEqual($room, "{$kind->name()} {$w} × {$h}: {$part->name} sticks out by {$over}");
        }
    }
    expect(parts(widget($kind)))->not->toBe([]);
})->with('kinds');

it('draws each in every finish, live and as outlines, as valid SVG that is not the same twice', function (WidgetKind $kind): void {
    $seen = [];
    foreach (Finish::cases() as $finish) {
        foreach (TextMode::cases() as $mode) {
            $svg = Sample::renderer()->layer(Sample::tree(), widget($kind), Sample::rendering(false, $mode)->in($finish));
            expect((new DOMDocument)->loadXML($svg))->toBeTrue();
            $seen[] = $svg;
        }
    }
    expect(count(array_unique($seen)))->toBeGreaterThanOrEqual(3);
})->with('kinds');

it('draws whatever it is given, cut to its room', function (WidgetKind $kind): void {
    $typesetter = new Typesetter(Sample::faces());
    foreach ([str_repeat('Kiln shelf ', 180), str_repeat('x', 2000), '🏺🔥 glaze 👩🏽‍🎨', 'كتاب الطين', '<b>&"\'</b>', "two\nlines", ''] as $words) {
        $items = array_fill(0, 40, ['label' => mb_substr($words, 0, 500), 'cells' => [mb_substr($words, 0, 500), 'x'], 'on' => true]);
        $layer = widget($kind, ['label' => $words, 'hint' => $words, 'text' => $words, 'items' => $items, 'columns' => [mb_substr($words, 0, 500), 'Second']]);
        foreach (parts($layer) as $part) {
            if ($part->content instanceof Kindred\Document\Layer\Text) {
                foreach ($typesetter->lay($part->content->words, $part->content->style, null)->lines as $line) {
                    expect($line->width)->toBeLessThanOrEqual($part->box->width + 1.0);
                }
            }
        }
        expect((new DOMDocument)->loadXML(Sample::renderer()->layer(Sample::tree(), $layer, Sample::rendering())))->toBeTrue();
    }
})->with('kinds');

it('comes back from a file as it was written', function (WidgetKind $kind): void {
    $tree = holding($kind::key());
    $again = ProjectFile::read(Sample::written(new ProjectFile($tree, [])))->tree;
    expect(Sample::plain($again)[2])->toEqual(Sample::plain($tree)[2]);
})->with('kinds');

it('is found by its name and by what else people call it', function (string $words, array $keys): void {
    expect(array_map(fn (WidgetKind $kind): string => $kind::key(), Kit::search($words)))->toBe($keys);
})->with([['segmented', ['segmented-choice']], ['TOGGLE', ['switch', 'segmented-choice']], ['calendar day', ['date-picker']], ['nothing like it', []], ['stars', ['rating']]]);

it('takes its accent from its fill, with words that can be read on it', function (string $fill, string $words): void {
    $parts = parts(widget(Kit::find('button') ?? throw new LogicException, ['fills' => [['colour' => $fill]]]));
    expect($parts[0]->fills[0]->colour()->toHex())->toBe($fill)->and($parts[1]->fills[0]->colour()->toHex())->toBe($words)
        ->and($parts[1]->fills[0]->colour()->contrastRatio($parts[0]->fills[0]->colour()))->toBeGreaterThan(3);
})->with([['#a94c31', '#ffffff'], ['#ffe08a', '#1e2425']]);

it('draws what it does not know as a box with a cross, and keeps it', function (): void {
    $layer = widget(Kit::find('button') ?? throw new LogicException, ['widget' => 'from-the-future']);
    expect(parts($layer))->toHaveCount(2)->and($layer->toArray()['widget'])->toBe('from-the-future');
});

it('keeps what it holds when it becomes another kind, and back', function (): void {
    $tree = holding('table');
    $id = placedWidget($tree)->id;
    $before = placedWidget($tree)->content->toArray();
    foreach (['radio-group' => 'Radio group', 'check-boxes' => 'Check boxes', 'select' => 'Select', 'segmented-choice' => 'Segmented choice', 'list' => 'List', 'table' => 'Table'] as $key => $name) {
        $tree = Sample::after($tree, ['type' => 'convert-widgets', 'screen' => 'next', 'layers' => [$id], 'widget' => $key, 'name' => $name]);
        expect(placedWidget($tree)->content->toArray())->toEqual(['widget' => $key] + $before)->and(placedWidget($tree)->name)->toBe($name);
        $words = implode(' ', array_map(fn (Layer $part): string => $part->name, parts(placedWidget($tree))));
        expect($words)->toContain('Bisque');
    }
});

it('sets a field from what is typed', function (string $widget, string $field, string $typed, string $property, mixed $value): void {
    $tree = holding($widget);
    $set = Sample::after($tree, ['type' => 'set-widget', 'screen' => 'next', 'layers' => [placedWidget($tree)->id], 'field' => $field, 'value' => $typed]);
    expect(placedWidget($set)->content->toArray()[$property])->toEqual($value);
})->with([
    ['button', 'label', 'Book it', 'label', 'Book it'],
    ['slider', 'value', '30+20', 'value', 50],
    ['slider', 'value', '900', 'value', 100],
    ['stepper', 'max', '12', 'max', 12],
    ['switch', 'on', 'false', 'on', false],
    ['table', 'columns', "Name\tPrice", 'columns', ['Name', 'Price']],
    ['menu', 'items', "[copy] Copy | twice <Ctrl C>\n---\nPaste", 'items', [['label' => 'Copy', 'cells' => ['twice'], 'icon' => 'copy', 'key' => 'Ctrl C'], ['label' => '', 'separator' => true], ['label' => 'Paste']]],
    ['tabs', 'items', "Second\nFourth", 'items', [['label' => 'Second'], ['label' => 'Fourth']]],
    ['tabs', 'items', '', 'items', []],
    ['tabs', 'chosen', '2', 'items', [['label' => 'First'], ['label' => 'Second'], ['label' => 'Third', 'on' => true]]],
    ['table', 'items', "Bisque\tFriday\t3 pieces\r\nSalt\tMonday", 'items', [['label' => 'Bisque', 'cells' => ['Friday', '3 pieces'], 'on' => true], ['label' => 'Salt', 'cells' => ['Monday']]]],
]);

it('refuses what is too much, says why, and changes nothing', function (string $field, string $typed, string $problem): void {
    $tree = holding('table');
    expect(fn () => Sample::after($tree, ['type' => 'set-widget', 'screen' => 'next', 'layers' => [placedWidget($tree)->id], 'field' => $field, 'value' => $typed]))
        ->toThrow(Kindred\Input\InvalidInput::class, $problem);
})->with([
    '10,000 letters' => ['label', str_repeat('x', 10_000), 'holds at most 2,000 characters; this has 10,000'],
    '5,000 rows' => ['items', implode("\n", array_fill(0, 5000, 'Row')), 'at most 500 entries; these are 5,000'],
    'a long entry' => ['items', str_repeat('x', 501), 'Entry 1 has more than 500 characters'],
    'many columns' => ['columns', str_repeat("a\t", 40), 'at most 30 columns'],
    'a range upside down' => ['max', '-4', 'The maximum cannot be below the minimum'],
    'no number' => ['value', 'many', 'many'],
]);

it('is filled from a table, whose first line may be headings', function (string $table, array $columns, array $first): void {
    $tree = holding('table');
    $set = Sample::after($tree, ['type' => 'fill-widget', 'screen' => 'next', 'layer' => placedWidget($tree)->id, 'table' => $table]);
    $content = placedWidget($set)->content;
    expect($content->columns)->toBe($columns)->and([$content->items[0]->label, ...$content->items[0]->cells])->toBe($first);
})->with([
    'headings over numbers' => ["Glaze\tPrice\r\nAsh\t12.50\r\nTenmoku\t€ 14", ['Glaze', 'Price'], ['Ash', '12.50']],
    'words alone' => ["Ash\tmatt\nTenmoku\tglossy", ['Firing', 'Opens', 'Room'], ['Ash', 'matt']],
    'one line' => ["Ash\t12", ['Firing', 'Opens', 'Room'], ['Ash', '12']],
]);

it('writes entries as it reads them', function (): void {
    $items = [new Item('Home', icon: 'house', on: true), new Item('', separator: true), new Item('Price', ['12', 'each']), new Item('Rename', icon: 'pencil', key: 'Ctrl R')];
    expect(Kindred\Document\Widget\ItemLines::read(Kindred\Document\Widget\ItemLines::write($items), $items))->toEqual($items);
});

it('opens into the layers that it was drawn from, where it lay', function (): void {
    $tree = holding('dialog', ['name' => 'Question']);
    $tree = Sample::after($tree, ['type' => 'create-layers', 'screen' => 'next', 'seed' => 'above', 'layers' => [['kind' => 'box', 'name' => 'Above', 'x' => 0, 'y' => 0, 'width' => 9, 'height' => 9]]]);
    $widget = placedWidget($tree);
    $opened = Sample::after($tree, ['type' => 'open-widgets', 'screen' => 'next', 'layers' => [$widget->id], 'seed' => 'open']);
    $tops = $opened->children(new Kindred\Document\Place('next'));
    expect(array_map(fn (Layer $layer): string => "{$layer->kind()} {$layer->name}", $tops))->toBe(['group Question', 'box Above'])
        ->and([$tops[0]->box->x, $tops[0]->box->y, $tops[0]->box->width, $tops[0]->box->height])->toEqual([20, 40, 320, 196])
        ->and(count($opened->subtree($tops[0]->id)))->toBe(1 + count(parts($widget)));
    $drawn = fn (Tree $tree, Layer $layer): int => substr_count(Sample::renderer()->layer($tree, $layer, Sample::rendering()), '<tspan');
    expect($drawn($opened, $tops[0]))->toBe($drawn($tree, $widget))
        ->and(fn () => Sample::after($tree, ['type' => 'open-widgets', 'screen' => 'next', 'layers' => [$tops[1]->id], 'seed' => 'open']))->toThrow(Kindred\Input\InvalidInput::class, '“Above” is neither a widget nor a chart');
});

it('puts bars at their edges', function (): void {
    $feet = array_map(fn (WidgetKind $kind): string => $kind::key(), array_filter(Kit::search(''), fn (WidgetKind $kind): bool => $kind instanceof Bar && $kind->atFoot()));
    expect(array_values($feet))->toBe(['bottom-bar', 'bottom-sheet', 'keyboard'])->and(Kit::fresh(Kit::find('keyboard') ?? throw new LogicException)['pins'])->toBe(['left' => true, 'right' => true, 'bottom' => true]);
});

it('lays a month that is written out over its own weekdays', function (string $label, string $first, int $days): void {
    $parts = parts(widget(Kit::find('date-picker') ?? throw new LogicException, ['label' => $label]));
    $words = array_values(array_filter($parts, fn (Layer $part): bool => $part->content instanceof Kindred\Document\Layer\Text && ctype_digit($part->name)));
    $columns = array_map(fn (string $day): float => 8 + array_search($day, ['Mo', 'Tu', 'We', 'Th', 'Fr', 'Sa', 'Su'], true) * (320 - 16) / 7, [$first]);
    expect($words)->toHaveCount($days)->and($words[0]->box->x)->toEqualWithDelta($columns[0], 0.02);
})->with([['November 2026', 'Su', 30], ['February 2028', 'Tu', 29], ['August 2026', 'Sa', 31], ['Firing days', 'Mo', 30]]);

it('is as much higher or lower as its entries need, and keeps the height of a row', function (string $key, array $changes, float $height): void {
    $tree = holding($key);
    $id = placedWidget($tree)->id;
    foreach ($changes as $change) {
        $tree = Sample::after($tree, $change + ['screen' => 'next', 'layers' => [$id], 'layer' => $id]);
    }
    expect(placedWidget($tree)->box->height)->toEqual($height);
})->with([
    'two more in a radio group' => ['radio-group', [['type' => 'set-widget', 'field' => 'items', 'value' => "A\nB\nC\nD\nE"]], 180.0],
    'a label above it' => ['radio-group', [['type' => 'set-widget', 'field' => 'label', 'value' => 'Glaze']], 134.0],
    'one less in a list' => ['list', [['type' => 'set-widget', 'field' => 'items', 'value' => "A\nB"]], 128.0],
    'a pasted table' => ['table', [['type' => 'fill-widget', 'table' => "Firing\tOpens\nBisque\t1\nGlaze\t2\nSalt\t3\nWood\t4\nRaku\t5"]], 300.0],
    'rows that were made lower stay so' => ['list', [['type' => 'set-field', 'field' => 'height', 'value' => '90'], ['type' => 'set-widget', 'field' => 'items', 'value' => "A\nB\nC\nD"]], 128.0],
    'a separator' => ['menu', [['type' => 'set-widget', 'field' => 'items', 'value' => "A\n---\nB\n---\nC\nD"]], 246.0],
    'tabs that become a radio group' => ['tabs', [['type' => 'convert-widgets', 'widget' => 'radio-group', 'name' => 'Radio group']], 108.0],
    'tabs have all of theirs beside each other' => ['tabs', [['type' => 'set-widget', 'field' => 'items', 'value' => "A\nB\nC\nD\nE"]], 48.0],
    'another choice changes nothing' => ['radio-group', [['type' => 'set-widget', 'field' => 'chosen', 'value' => '2']], 108.0],
]);

it('says how many of its entries show', function (): void {
    $kit = new Kit(new Typesetter(Sample::faces()));
    $rows = ['items' => array_map(fn (int $n): array => ['label' => "Row {$n}"], range(1, 9))];
    expect($kit->shown(widget(Kit::find('table') ?? throw new LogicException, $rows + ['height' => 100])))->toBe([4, 9])
        ->and($kit->shown(widget(Kit::find('table') ?? throw new LogicException, $rows + ['height' => 300])))->toBe([9, 9])
        ->and($kit->shown(widget(Kit::find('menu') ?? throw new LogicException, $rows + ['height' => 40])))->toBe([9, 9]);
});

it('draws one choice where there is one, whatever it held before', function (string $key, int $marks): void {
    $items = array_map(fn (string $label): array => ['label' => $label, 'on' => true], ['A', 'B', 'C']);
    $drawn = array_filter(parts(widget(Kit::find($key) ?? throw new LogicException, ['items' => $items])), fn (Layer $part): bool => $part->kind() === ($key === 'radio-group' ? 'ellipse' : 'icon'));
    expect(count($drawn))->toBe($marks);
})->with([['radio-group', 4], ['check-boxes', 3]]);

it('has round corners where it stands for a picture, and only there', function (): void {
    $round = fn (string $key): array => array_map(fn (Layer $part): float => $part->corners->topLeft, parts(widget(Kit::find($key) ?? throw new LogicException, ['corners' => ['topLeft' => 70, 'topRight' => 70, 'bottomRight' => 70, 'bottomLeft' => 70]])));
    expect($round('picture-placeholder')[0])->toBe(70.0)
        ->and(Kindred\Document\Edit\Field::find('corners')?->of(widget(Kit::find('picture-placeholder') ?? throw new LogicException)))->toBe('0')
        ->and(Kindred\Document\Edit\Field::find('corners')?->of($button = widget(Kit::find('button') ?? throw new LogicException)))->toBeNull()
        // What is called as a property of another kind is none of it.
        ->and(Kindred\Document\Edit\Field::find('icon')?->of($button))->toBeNull()->and(Kindred\Document\Edit\Field::find('columns')?->of($button))->toBeNull();
});

it('offers a colour only where it shows', function (string $key, bool $shows): void {
    expect((new Kit(new Typesetter(Sample::faces())))->showsColour(widget(Kit::find($key) ?? throw new LogicException)))->toBe($shows);
})->with([['button', true], ['switch', true], ['slider', true], ['status-bar', false], ['picture-placeholder', false], ['table', true]]);

it('says what is wrong beside the label, not in its place', function (): void {
    $kit = new Kit(new Typesetter(Sample::faces()));
    $field = widget(Kit::find('text-field') ?? throw new LogicException, ['label' => 'Your name', 'required' => true]);
    $wrong = array_filter($kit->variants($field)->parts ?? [], fn ($part): bool => $part->when === [] || in_array('wrong', $part->when, true));
    $words = array_map(fn ($part): string => $part->template, $wrong);
    expect($words)->toContain('Your name')->and(array_filter($wrong, fn ($part): bool => $part->live === Kindred\Kit\Live::Message))->toHaveCount(1);
});

it('draws every field that the facets offer', function (WidgetKind $kind): void {
    $layer = widget($kind);
    $kit = new Kit(new Typesetter(Sample::faces()));
    $seen = fn (Widget $content): string => serialize([$kit->parts($layer->with(content: $content)), $kit->variants($layer->with(content: $content))?->parts, $kit->variants($layer->with(content: $content))?->areas, Kit::opened($layer->with(content: $content))?->content]);
    $content = $layer->content instanceof Widget ? $layer->content : throw new LogicException;
    $silent = [];
    // By how much a number goes up is felt in a rehearsal.
    foreach (array_diff(array_map(fn ($field) => $field->value, Kit::fields($layer)), ['required', 'accepts', 'equals'], $kind instanceof Kindred\Kit\Interactive ? ['step'] : []) as $name) {
        $field = Kindred\Document\Widget\WidgetField::from($name);
        $values = ['icon' => ['flame', 'leaf'], 'on' => ['true', 'false'], 'value' => ['1', '2', '3', '40'], 'min' => ['-50', '-3'], 'max' => ['7', '900'], 'step' => ['2', '20'], 'columns' => ["Other\tNames"], 'items' => ["Other | names\nAlso", 'Fewer']][$name] ?? ['Other', '7'];
        $drawn = array_unique(array_map(fn (string $value): string => $seen($field->set($content, $value)), $values));
        $silent = count($drawn) > 1 || $drawn[0] !== $seen($content) ? $silent : [...$silent, $name];
    }
    expect($silent)->toBe([]);
})->with('kinds');

it('takes no widget that there is not, where it is placed or a widget becomes another', function (array $command, string $message): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'w', 'layers' => [['id' => 'send', 'x' => 20, 'y' => 600] + Kit::fresh(Kit::find('button'))]]);
    $widget = array_values(array_filter($tree->layersOf('home'), fn (Layer $one): bool => $one->kind() === 'widget'))[0]->id;
    expect(fn () => Sample::after($tree, ['screen' => 'home'] + $command + ['layers' => [$widget]]))->toThrow(InvalidInput::class, $message);
})->with([
    [['type' => 'create-layers', 'seed' => 'x', 'layers' => [['kind' => 'widget', 'name' => 'Boxes', 'widget' => 'check-box', 'x' => 0, 'y' => 0, 'width' => 90, 'height' => 40]]], 'layers[0].widget: there is no widget “check-box”; is check-boxes meant?'],
    [['type' => 'create-layers', 'seed' => 'x', 'layers' => [['kind' => 'group', 'name' => 'Some', 'x' => 0, 'y' => 0, 'width' => 90, 'height' => 40, 'children' => [['kind' => 'widget', 'name' => 'Boxes', 'widget' => 'hologram', 'x' => 0, 'y' => 0, 'width' => 90, 'height' => 40]]]]], 'layers[0].children[0].widget: there is no widget “hologram”'],
    [['type' => 'convert-widgets', 'widget' => 'hologram'], 'widget: there is no widget “hologram”'],
]);

it('is not pulled smaller than its lines need', function (string $key, int $items, array $size): void {
    $kind = Kit::find($key) ?? throw new LogicException;
    $content = $kind->content();
    expect(Kit::minimumSize($content->with(items: $items === 0 ? $content->items : array_map(fn (int $i): Item => new Item("Entry {$i}"), range(1, $items)))))->toEqual($size);
})->with([
    // Half of the height at which each is placed, a third of the width.
    'a button' => ['button', 0, [53.0, 24.0]], 'a list as it is placed' => ['list', 0, [130.0, 96.0]],
    'six entries more, 20 px each' => ['list', 9, [130.0, 216.0]], 'hundreds: 400 px more are enough' => ['list', 400, [130.0, 496.0]],
    'tabs lie beside each other' => ['tabs', 12, [130.0, 24.0]], 'a line of dots, which is small' => ['page-dots', 0, [32.0, 12.0]],
]);

it('has a place to be for what it does not know', function (): void {
    expect(Kit::minimumSize(Kit::find('button')?->content()->with(widget: 'from-the-future') ?? throw new LogicException))->toEqual([1.0, 1.0]);
});

it('finds charts by what people call them', function (string $words, array $forms): void {
    expect(array_map(fn (Kindred\Document\Chart\ChartForm $form): string => $form->value, Kindred\Kit\FreshChart::search($words)))->toBe($forms);
})->with([['pie', ['ring']], ['donut', ['ring']], ['histogram', ['bars']], ['trend', ['lines', 'sparkline']], ['thermometer', []], ['TEMPERATURE', ['gauge']], ['target', ['progress']]]);
