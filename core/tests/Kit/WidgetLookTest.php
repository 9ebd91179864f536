<?php

declare(strict_types=1);

use Kindred\Document\Difference;
use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Style\Fill;
use Kindred\Document\Tree;
use Kindred\Document\Widget\WidgetLook;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Kit\Kit;
use Kindred\Layout\Computed;
use Kindred\Paint\Colour;
use Kindred\Tests\Sample;
use Kindred\Type\TextStyle;
use Kindred\Type\Typesetter;

/** @return list<Layer> the parts of a widget */
function dressedParts(string $widget, WidgetLook $look, ?Fill $fill = null): array
{
    $layer = Layer::read(Reader::of(Kit::fresh(Kit::find($widget) ?? throw new LogicException)), id: 'widget', rank: 'm');

    return (new Kit(new Typesetter(Sample::faces())))->wearing($look)->parts($fill === null ? $layer : $layer->with(fills: [$fill]));
}

/**
 * @param  list<Layer>  $parts
 * @return list<string>
 */
function coloursIn(array $parts): array
{
    return array_values(array_unique(array_filter(array_map(fn (Layer $part): ?string => $part->colour()?->toHex(), $parts))));
}

/** A sample whose widgets are dressed by tokens, with a dark theme. */
function dressedTree(): Tree
{
    $token = fn (string $id, string $kind, string $text): array => ['id' => $id, 'name' => $id, 'kind' => $kind, 'text' => $text];

    return Sample::after(Sample::tree(),
        ['type' => 'put-tokens', 'tokens' => [$token('clay', 'color', '#b4472e'), $token('coal', 'color', '#222222'), $token('round', 'dimension', '16px'), $token('read', 'typography', '400 21px/1.4 Lora')]],
        ...array_map(fn (string $part, string $of): array => ['type' => 'dress-kit', 'part' => $part, 'token' => $of], ['accent', 'ink', 'radius', 'text'], ['clay', 'coal', 'round', 'read']),
        ...[['type' => 'put-theme', 'id' => 'dark', 'name' => 'Dark'], ['type' => 'put-theme-values', 'theme' => 'dark', 'values' => [['token' => 'coal', 'text' => '#eeeeee']]]],
    );
}

it('draws widgets in the colours, corners and type that they are dressed in', function (): void {
    $plain = dressedParts('button', new WidgetLook);
    $look = new WidgetLook(accent: Colour::parse('#b4472e'), ink: Colour::parse('#123456'), radius: 2.0, text: new TextStyle('Lora', 500, 21));
    $button = dressedParts('button', $look);
    expect(coloursIn($button))->toContain('#b4472e')->and($button[0]->corners->topLeft)->toEqualWithDelta($plain[0]->corners->topLeft * 2 / WidgetLook::RADIUS, 0.01);
    $words = fn (array $parts): TextStyle => array_values(array_filter(array_map(fn (Layer $part): ?TextStyle => $part->content instanceof Text ? $part->content->style : null, $parts)))[0];
    expect($words($button)->family)->toBe('Lora')->and($words($button)->size)->toEqualWithDelta($words($plain)->size * 1.5, 0.01);
    expect(coloursIn(dressedParts('top-bar', $look)))->toContain('#123456')->not->toContain('#1e2425');
    // A colour of its own goes before the project's.
    expect(coloursIn(dressedParts('button', $look, Fill::solid(Colour::parse('#3f5d4a')))))->toContain('#3f5d4a')->not->toContain('#b4472e');
});

it('dresses every widget otherwise, and none past its box', function (string $key): void {
    $look = new WidgetLook(...array_map(Colour::parse(...), ['accent' => '#a10000', 'ink' => '#a20000', 'soft' => '#a30000', 'edge' => '#a40000', 'paper' => '#a50000', 'ground' => '#a60000', 'shade' => '#a70000', 'warning' => '#a80000']), radius: 30.0, text: new TextStyle('Lora', 400, 11), space: 40.0);
    foreach (dressedParts($key, $look) as $part) {
        $colour = $part->colour();
        // What words stand on in the accent may be white or dark, and tints are thin.
        expect($colour === null || $colour->alpha < 1 || str_starts_with($colour->toHex(), '#a') || in_array($colour->toHex(), ['#ffffff', '#1e2425'], true))->toBeTrue("{$key}: {$part->name} {$colour?->toHex()}")
            ->and(max($part->corners->radii()))->toBeLessThanOrEqual(min($part->box->width, $part->box->height) / 2 + 0.01);
    }
})->with(array_map(fn (string $class): string => $class::key(), array_filter(Kit::ALL, fn (string $class): bool => ! in_array($class::key(), ['map-placeholder', 'rating', 'scroll-bar'], true))));

it('leaves as much room in widgets as they are dressed with', function (string $widget, float $airy): void {
    $left = fn (?float $space): float => array_values(array_filter(dressedParts($widget, new WidgetLook(space: $space)), fn (Layer $part): bool => $part->content instanceof Text))[0]->box->x;
    expect($left(24.0))->toBe($airy)->and($left(WidgetLook::SPACE))->toBe($left(null))->and($left(8.0))->toBeLessThan($left(null));
})->with([['card', 24.0], ['list-row', 72.0], ['top-bar', 72.0], ['dialog', 30.0], ['menu', 54.0], ['table', 15.0], ['toast', 24.0], ['search-field', 54.0]]);

it('takes no more spacing than widgets have, and keeps what it had where a token goes beyond', function (string $beyond): void {
    $tree = Sample::after(dressedTree(), ['type' => 'put-tokens', 'tokens' => [['id' => 'room', 'name' => 'room', 'kind' => 'dimension', 'text' => '64px']]], ['type' => 'dress-kit', 'part' => 'space', 'token' => 'room']);
    expect($tree->project->look->space)->toBe(64.0);
    $later = Sample::after($tree, ['type' => 'put-tokens', 'tokens' => [['id' => 'room', 'text' => $beyond]]]);
    expect($later->project->look->space)->toBe(64.0)
        ->and(fn () => Sample::after($later, ['type' => 'dress-kit', 'part' => 'space', 'token' => 'room']))->toThrow(InvalidInput::class, 'is no value for the spacing of widgets');
    $read = ProjectFile::read(Sample::written(new ProjectFile($tree)))->tree;
    expect($read->project->look->toArray())->toEqual($tree->project->look->toArray());
})->with(['64.1px', '-1px', '5000px']);

it('draws nothing outside of a widget, however much or little room it leaves', function (string $key): void {
    foreach ([0.0, 64.0] as $space) {
        foreach (dressedParts($key, new WidgetLook(space: $space)) as $part) {
            $widget = Kit::fresh(Kit::find($key) ?? throw new LogicException);
            expect($part->box->x)->toBeGreaterThan(-20.0, $part->name)->and($part->box->right())->toBeLessThan($widget['width'] + 20.0, $part->name)
                ->and(min($part->box->width, $part->box->height))->toBeGreaterThanOrEqual(0.0, $part->name);
        }
    }
})->with(array_map(fn (string $class): string => $class::key(), Kit::ALL));

it('takes parts of the look from tokens, follows them, and gives them back', function (): void {
    $tree = dressedTree();
    expect($tree->project->look->accent?->toHex())->toBe('#b4472e')->and($tree->project->look->radius)->toBe(16.0)->and($tree->project->look->text?->family)->toBe('Lora');
    $later = Sample::after($tree, ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'text' => 'teal'], ['id' => 'round', 'text' => '0.5rem']]]);
    expect($later->project->look->accent?->toHex())->toBe('#008080')->and($later->project->look->radius)->toBe(8.0);
    $step = Difference::between($tree, $later);
    expect(array_map(fn ($change): Entity => $change->entity, Computed::without($step, $tree, $later)->changes))->toBe([Entity::Token, Entity::Token]);
    expect(Sample::plain(Sample::consequences()->replayed($later, Computed::without($step, $tree, $later)->inverse())))->toEqual(Sample::plain($tree));

    $back = Sample::after($later, ['type' => 'dress-kit', 'part' => 'accent', 'token' => null]);
    expect($back->project->look->accent)->toBeNull()->and(array_keys($back->project->look->bound))->toBe(['ink', 'radius', 'text']);
    $removed = Sample::after($back, ['type' => 'remove-token', 'token' => 'coal', 'by' => 'clay']);
    expect($removed->project->look->ink?->toHex())->toBe('#008080');
});

it('dresses widgets on a screen in the theme that it shows', function (): void {
    $tree = Sample::after(dressedTree(), ['type' => 'show-theme', 'theme' => 'dark', 'screens' => ['home']]);
    expect($tree->look('home')->ink?->toHex())->toBe('#eeeeee')->and($tree->look('home')->accent?->toHex())->toBe('#b4472e')->and($tree->look('next')->ink?->toHex())->toBe('#222222');
    $other = Sample::after($tree, ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'text' => '#3f5d4a']]]);
    expect($other->look('home')->accent?->toHex())->toBe('#3f5d4a');
    $all = Sample::after($other, ['type' => 'show-theme', 'theme' => 'dark'], ['type' => 'show-theme', 'theme' => null, 'screens' => ['home']]);
    expect($all->screen('home')->look)->toBeNull()->and($all->look('next')->ink?->toHex())->toBe('#eeeeee');
    $read = ProjectFile::read(Sample::written(new ProjectFile($tree)))->tree;
    expect($read->look('home')->toArray())->toEqual($tree->look('home')->toArray())->and($read->project->look->toArray())->toEqual($tree->project->look->toArray());
});

it('opens a widget as it is dressed', function (): void {
    $tree = Sample::after(dressedTree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'wdgt', 'layers' => [['x' => 0, 'y' => 400] + Kit::fresh(Kit::find('button') ?? throw new LogicException)]]);
    $widget = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->kind() === 'widget'))[0];
    $open = Sample::after($tree, ['type' => 'open-widgets', 'screen' => 'home', 'layers' => [$widget->id], 'seed' => 'opens']);
    expect(coloursIn(array_values($open->layers)))->toContain('#b4472e');
});

it('refuses what no widget has, and a token that does not fit', function (string $part, string $token, string $said): void {
    expect(fn () => Sample::after(dressedTree(), ['type' => 'dress-kit', 'part' => $part, 'token' => $token]))->toThrow(InvalidInput::class, $said);
})->with([['smell', 'clay', 'widgets have no such part'], ['accent', 'round', '“round” is no value for the accent of widgets'], ['text', 'clay', 'is no value for the type of widgets'], ['radius', 'read', 'is no value for the corners of widgets']]);
