<?php

declare(strict_types=1);

use Kindred\Document\Layer;
use Kindred\Document\Layer\Widget;
use Kindred\Input\Reader;
use Kindred\Kit\Interactive;
use Kindred\Kit\Kit;
use Kindred\Kit\WidgetPart;
use Kindred\Signal\Kind;
use Kindred\Tests\Sample;
use Kindred\Type\Typesetter;

/** What a part is, whatever its words and its place in the order. */
function looks(Layer $layer): string
{
    $properties = $layer->properties();
    if ($properties['kind'] === 'text') {
        unset($properties['words'], $properties['name']);
    }

    return (string) json_encode($properties);
}

/** Whether a part shows while its widget holds a content. */
function showing(WidgetPart $part, Widget $content, Kind $kind): bool
{
    $item = $part->item;
    $on = match ($kind) {
        Kind::On => $content->on,
        Kind::One, Kind::Several => $item !== null && $content->items[$item]->on,
        Kind::Number => $item !== null && $item < $content->value,
        default => false,
    };
    $now = [
        $on ? 'on' : 'off',
        $content->text === '' ? 'empty' : 'filled',
        $content->value <= $content->min ? 'min' : ($content->value >= $content->max ? 'max' : 'between'),
        'right',
    ];
    foreach ([['on', 'off'], ['empty', 'filled'], ['min', 'between', 'max'], ['right', 'wrong']] as $i => $states) {
        if (array_intersect($part->when, $states) !== [] && ! in_array($now[$i], $part->when, true)) {
            return false;
        }
    }

    return true;
}

dataset('working', function (): array {
    $kinds = array_filter(array_map(fn (string $class) => new $class, Kit::ALL), fn (object $kind): bool => $kind instanceof Interactive && $kind->signal() !== Kind::Date);

    return array_combine(array_map(fn (Interactive $kind): string => $kind::key(), $kinds), array_map(fn (Interactive $kind): array => [$kind], $kinds));
});

it('shows in each state what is drawn in it', function (Interactive $kind): void {
    $kit = new Kit(new Typesetter(Sample::faces()));
    $fresh = Kit::fresh($kind);
    $items = fn (int $on): array => array_map(fn (array $item, int $i): array => ['on' => $i === $on] + $item, $fresh['items'], array_keys($fresh['items']));
    $states = match ($kind->signal()) {
        Kind::On => [['on' => true], ['on' => false]],
        Kind::One, Kind::Several => [['items' => $items(0)], ['items' => $items(2)], ['items' => $items(-1)]],
        Kind::Number => [['value' => $fresh['min']], ['value' => 3], ['value' => $fresh['max']]],
        default => [['text' => ''], ['text' => 'some words']],
    };
    foreach ($states as $state) {
        $layer = Layer::read(Reader::of($state + $fresh), id: 'widget', rank: 'm');
        $content = $layer->content;
        assert($content instanceof Widget);
        $content = Kit::paged($content);
        $moves = fn (WidgetPart $part): bool => $part->live !== null || $part->slide !== null;
        $drawn = array_map(fn (WidgetPart $part): string => looks($part->layer), array_filter($kit->plain($layer), fn (WidgetPart $part): bool => ! $moves($part)));
        $shown = array_map(fn (WidgetPart $part): string => looks($part->layer), array_filter($kit->variants($layer)->parts ?? [], fn (WidgetPart $part): bool => ! $moves($part) && showing($part, $content, $kind->signal())));
        expect(array_values($shown))->toBe(array_values($drawn), json_encode($state) ?: '');
    }
})->with('working');

it('gives every item a place that answers, and none that overlap', function (Interactive $kind): void {
    $areas = (new Kit(new Typesetter(Sample::faces())))->variants(Layer::read(Reader::of(Kit::fresh($kind)), id: 'widget', rank: 'm'))->areas ?? [];
    expect($areas === [] && $kind->signal() !== Kind::Text)->toBeFalse();
    foreach ($areas as $i => $area) {
        foreach (array_slice($areas, $i + 1) as $other) {
            $apart = max($other->box->x - $area->box->right(), $area->box->x - $other->box->right(), $other->box->y - $area->box->bottom(), $area->box->y - $other->box->bottom());
            expect($apart)->toBeGreaterThanOrEqual(-0.5);
        }
    }
})->with('working');

it('draws what opens below a widget as large as what is in it', function (): void {
    $select = Layer::read(Reader::of(Kit::fresh(Kit::find('select') ?? throw new LogicException)), id: 'widget', rank: 'm');
    $menu = Layer::read(Reader::of(['height' => 44] + Kit::fresh(Kit::find('menu') ?? throw new LogicException)), id: 'widget', rank: 'm');
    $calendar = Layer::read(Reader::of(Kit::fresh(Kit::find('date-picker') ?? throw new LogicException)), id: 'widget', rank: 'm');
    expect(Kit::opened($select)?->box->height)->toBe(136.0)
        ->and(Kit::opened($menu)?->box->height)->toBe(145.0)
        ->and(Kit::opened($menu->with(box: $menu->box->sized(200, 160))))->toBeNull()
        ->and(Kit::opened($calendar))->toBeNull();
});
