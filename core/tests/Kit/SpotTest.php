<?php

declare(strict_types=1);

use Kindred\Document\Layer;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetPlace;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Kit\Kit;
use Kindred\Kit\Spot;
use Kindred\Tests\Sample;
use Kindred\Type\Typesetter;

/** @param  array<string, mixed>  $content */
function placed(string $kind, array $content = []): Layer
{
    $found = Kit::find($kind) ?? throw new LogicException($kind);

    return Layer::read(Reader::of($content + Kit::fresh($found)), id: 'widget', rank: 'm');
}

function kit(): Kit
{
    return new Kit(new Typesetter(Sample::faces()));
}

/** @return array{string, string}|null what is meant there: the place and its words, or the field and its value */
function meant(?Spot $spot): ?array
{
    return $spot === null ? null : ($spot->field === null ? [$spot->place, $spot->words] : [$spot->field->value, $spot->value]);
}

it('means what lies under the pointer', function (string $kind, array $content, array $point, ?array $meant): void {
    expect(meant(kit()->spot(placed($kind, $content), new Point(...$point))))->toBe($meant);
})->with([
    'a heading of a table' => ['table', [], [140, 25], ['columns.1', 'Opens']],
    'a cell' => ['table', [], [150, 125], ['items.1.cells.0', 'Saturday']],
    'the second of two cells with the same words' => ['table', ['items' => [['label' => 'A', 'cells' => ['2', '2']]]], [280, 150], ['items.0.cells.1', '2']],
    'a row beside its words' => ['table', [], [2, 125], ['chosen', '1']],
    'a label' => ['button', ['label' => 'Book'], [80, 24], ['label', 'Book']],
    'the mark of a switch' => ['switch', ['label' => 'Tell me', 'on' => false, 'width' => 300], [290, 20], ['on', 'true']],
    'more, on a stepper' => ['stepper', ['value' => 4, 'min' => 1, 'max' => 4], [130, 22], ['value', '4']],
    'less' => ['stepper', ['value' => 4, 'min' => 1, 'max' => 9], [10, 22], ['value', '3']],
    'nothing' => ['picture-placeholder', [], [5, 5], null],
    'an icon' => ['button', ['label' => 'Go', 'icon' => 'check', 'width' => 160], [56, 24], ['icon', 'check']],
    'a day of a calendar' => ['date-picker', ['label' => 'November 2026', 'height' => 320], [300, 260], ['value', '29']],
]);

it('goes from words to words in the order in which they are seen', function (): void {
    $table = placed('table');
    $seen = [];
    for ($spot = kit()->spotAfter($table, ''); $spot !== null; $spot = kit()->spotAfter($table, $spot->place)) {
        $seen[] = $spot->words;
    }
    expect($seen)->toBe(['Firing', 'Opens', 'Room', 'Bisque', 'Thursday', '12 pieces', 'Glaze', 'Saturday', '4 pieces', 'Salt', 'Monday', 'full']);
});

it('finds all words of every widget again, and writes them where they stand', function (): void {
    foreach (Kit::search('') as $kind) {
        $layer = placed($kind::key());
        $widget = $layer->content;
        expect($widget)->toBeInstanceOf(Widget::class);
        for ($spot = kit()->spotAfter($layer, ''); $spot !== null && $widget instanceof Widget; $spot = kit()->spotAfter($layer, $spot->place)) {
            $written = WidgetPlace::parse($spot->place)->write($widget, 'Zz');
            expect(WidgetPlace::all($written)[$spot->place])->toBe('Zz')
                ->and(array_diff_key(WidgetPlace::all($written), [$spot->place => 1]))->toBe(array_diff_key(WidgetPlace::all($widget), [$spot->place => 1]));
        }
    }
});

it('takes a line for an entry: its icon and key, more of them, a separator, or nothing', function (string $words, array $items): void {
    $widget = placed('menu')->content;
    $written = $widget instanceof Widget ? WidgetPlace::parse('items.0.label')->write($widget, $words)->toArray()['items'] : [];
    expect(array_slice($written, 0, -3))->toBe($items);
})->with([
    ['Call it', [['label' => 'Call it', 'icon' => 'pencil', 'key' => 'F2']]],
    ['[copy] Call it <F3>', [['label' => 'Call it', 'icon' => 'copy', 'key' => 'F3']]],
    ["One\nTwo <T>", [['label' => 'One', 'icon' => 'pencil', 'key' => 'F2'], ['label' => 'Two', 'key' => 'T']]],
    ['---', [['label' => '', 'separator' => true]]],
    ['', []],
]);

it('refuses places that are not there, and words that are too long', function (string $place, string $words, string $says): void {
    $widget = placed('table')->content;
    expect($widget instanceof Widget ? fn () => WidgetPlace::parse($place)->write($widget, $words) : null)->toThrow(InvalidInput::class, $says);
})->with([
    ['items.9.label', 'x', 'no longer there'], ['items.0.cells.7', 'x', 'no longer there'], ['columns.3', 'x', 'no longer there'],
    ['rows.1', 'x', 'no place'], ['items.0.label', str_repeat('x', 501), 'more than 500'], ['items.0.label', str_repeat("x\n", 499), 'at most 500 entries'], ['label', str_repeat('x', 2001), 'At most 2000'],
]);

it('says where an icon goes that is laid down on a widget', function (string $widget, array $content, float $x, float $y, ?string $place): void {
    $kind = Kit::find($widget) ?? throw new LogicException($widget);
    $layer = Layer::read(Reader::of($content + Kit::fresh($kind)), id: 'widget', rank: 'm');
    expect((new Kit(new Typesetter(Sample::faces())))->iconPlace($layer, new Point($x, $y)))->toBe($place);
})->with([
    'the entry of a bar' => ['bottom-bar', [], 150, 20, 'items.1.icon'],
    'its words, too' => ['bottom-bar', [], 340, 45, 'items.3.icon'],
    'a button' => ['button', [], 10, 10, 'icon'],
    'an icon that is there' => ['icon-button', [], 20, 20, 'icon'],
    'what shows none' => ['slider', [], 20, 10, null],
    'a picture' => ['picture-placeholder', [], 20, 20, null],
]);
