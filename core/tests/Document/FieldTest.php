<?php

declare(strict_types=1);

use Kindred\Device\Catalogue;
use Kindred\Document\Edit\Field;
use Kindred\Document\Edit\ScreenField;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Screen;
use Kindred\Document\Widget\WidgetField;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\Animation;
use Kindred\Tests\Sample;

function fieldOf(string $layer, string $field, string $value): Layer
{
    return Sample::after(Sample::tree(), ['type' => 'set-field', 'screen' => 'home', 'layers' => [$layer], 'field' => $field, 'value' => $value])->layer($layer);
}

function screenField(string $field, string $value, ?Screen $screen = null): Screen
{
    return ScreenField::read(Reader::of(['field' => $field]), 'field')->set($screen ?? Sample::tree()->screen('home'), $value);
}

it('sets every facet that a layer has', function (string $layer, string $field, string $value, string $key, mixed $expected): void {
    expect(data_get(fieldOf($layer, $field, $value)->toArray(), $key))->toEqual($expected);
})->with([
    ['boxa', 'x', '10% + 1', 'x', 40.0], ['boxa', 'y', '50%', 'y', 422.0], ['boxa', 'width', '3 * (4 + 2px)', 'width', 18.0], ['boxa', 'height', '0', 'height', 0.0],
    ['left', 'x', '50%', 'x', 0.0], ['boxa', 'rotation', '450', 'rotation', 90.0], ['boxa', 'rotation', '-30', 'rotation', -30.0],
    ['boxa', 'opacity', '40%', 'opacity', 0.4], ['boxa', 'opacity', '0.25', 'opacity', 0.25], ['boxa', 'opacity', '40', 'opacity', 0.4],
    ['boxa', 'fills.0.colour', 'hsl(0 100% 50%)', 'fills', [['colour' => '#ff0000']]], ['boxa', 'fills.0.colour', ' ', 'fills', []],
    ['boxa', 'strokes.0.colour', '#abc', 'strokes.0.colour', '#aabbcc'], ['boxa', 'strokes.0.colour', '', 'strokes', []],
    ['boxa', 'strokes.0.width', '2.5', 'strokes.0.width', 2.5], ['boxa', 'strokes.0.width', '0', 'strokes', []],
    ['boxa', 'corners', '50%', 'corners.bottomLeft', 20.0], ['boxa', 'corners.bottomRight', '7', 'corners', ['topLeft' => 0.0, 'topRight' => 0.0, 'bottomRight' => 7.0, 'bottomLeft' => 0.0]],
    ['words', 'style.family', 'Spectral', 'style.family', 'Spectral'], ['words', 'style.weight', '600', 'style.weight', 600], ['words', 'style.size', '150%', 'style.size', 24.0],
    ['words', 'style.lineHeight', '120%', 'style.lineHeight', 1.2], ['words', 'style.letterSpacing', '-0.02', 'style.letterSpacing', -0.02], ['words', 'style.align', 'right', 'style.align', 'right'],
    ['words', 'style.transform', 'uppercase', 'style.transform', 'uppercase'], ['words', 'wrapped', 'true', 'wrapped', true], ['words', 'style.italic', 'true', 'style.italic', true],
    ['icon', 'icon', 'flame', 'icon', 'flame'], ['icon', 'line', '1.5', 'line', 1.5],
]);

it('leaves alone the layers that have no such facet', function (string $layer, string $field, string $value): void {
    expect(fieldOf($layer, $field, $value))->toEqual(Sample::tree()->layer($layer));
})->with([['boxa', 'style.size', '20'], ['boxa', 'icon', 'flame'], ['icon', 'style.align', 'right'], ['words', 'fit', 'contain'], ['group', 'rising', 'true'], ['boxa', 'strokes.0.position', 'outside']]);

it('says which facet is out of its range', function (string $layer, string $field, string $value, string $problem): void {
    expect(fn () => fieldOf($layer, $field, $value))->toThrow(InvalidInput::class, $problem);
})->with([
    ['boxa', 'x', '100001', 'X must lie between -100000 and 100000'], ['boxa', 'width', '-0.5', 'Width must lie between 0 and'],
    ['boxa', 'strokes.0.width', '201', 'Stroke width must lie between 0 and 200'], ['words', 'style.align', 'under', 'one of these is expected'],
    ['words', 'style.lineHeight', '0.4', 'Line height must lie between 0.5 and 5'], ['words', 'style.letterSpacing', '3', 'Tracking must lie between -0.5 and 2'],
    ['words', 'style.size', '1001', 'Size must lie between 1 and 1000'], ['words', 'style.weight', '0', 'Weight must lie between 1 and 1000'], ['words', 'style.family', ' ', 'this cannot be empty'],
    ['icon', 'icon', '../secret', 'an icon is named by lower-case letters'], ['icon', 'line', '5', 'Icon line must lie between 0.5 and 4'],
    ['boxa', 'rotation', '10%', 'a percentage has nothing to refer to here'], ['boxa', 'opacity', 'half', 'is not a number or sum'],
]);

it('knows a label for every property, as history says it', function (Field $field): void {
    expect($field->label())->not->toBe('')->not->toContain('-')->and(mb_strtolower($field->label()))->toBe($field->label());
})->with(fn (): array => array_map(fn (Field $field): array => [$field], Field::all()));

it('sets what a screen has', function (string $field, string $value, string $key, mixed $expected): void {
    expect(screenField($field, $value)->toArray()[$key])->toEqual($expected);
})->with([
    ['name', '  Start   here ', 'name', 'Start here'], ['x', '40 * 2', 'x', 80.0], ['y', '-12', 'y', -12.0], ['ground', 'rgb(0 0 0 / 50%)', 'ground', '#00000080'],
]);

it('makes a device a custom one when its width is changed, and lets it scroll when only its height is', function (): void {
    $taller = screenField('height', '1200');
    expect([$taller->device, $taller->view, $taller->box->height])->toBe(['phone', 844.0, 1200.0]);
    $shorter = screenField('height', '600', $taller);
    expect([$shorter->device, $shorter->view])->toBe(['phone', 600.0]);
    $wider = screenField('width', '500');
    expect([$wider->device, $wider->view, $wider->box->width])->toBe([Catalogue::CUSTOM, 844.0, 500.0]);
    $custom = screenField('height', '900', $wider);
    expect([$custom->view, $custom->box->height])->toBe([900.0, 900.0]);
});

it('moves a screen to another device, and keeps what is scrolled to', function (): void {
    $short = screenField('device', 'phone-small');
    expect([$short->box->width, $short->box->height, $short->view])->toBe([360.0, 640.0, 640.0]);
    $long = screenField('device', 'phone-large', screenField('height', '2000'));
    expect([$long->box->width, $long->box->height, $long->view])->toBe([430.0, 2000.0, 932.0]);
});

it('refuses what a screen cannot be', function (string $field, string $value, string $problem): void {
    expect(fn () => screenField($field, $value))->toThrow(InvalidInput::class, $problem);
})->with([
    ['width', '15', 'Width must lie between 16 and 20000 px'], ['height', '20001', 'Height must lie between 16 and 20000 px'], ['device', 'typewriter', 'not a device of the catalogue'],
    ['name', '', 'this cannot be empty'], ['ground', 'plaid', 'is not a colour'], ['x', '1e9', 'is not a number or sum'],
]);

it('takes what is typed after a sign as a change of what each layer has', function (string $field, string $value, array $expected): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'x', 'value' => '20'], ['type' => 'set-field', 'screen' => 'home', 'layers' => ['words'], 'field' => 'x', 'value' => '30'], ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'opacity', 'value' => '50%']);
    $after = Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa', 'words'], 'field' => $field, 'value' => $value]);
    expect(array_map(fn (string $id): ?string => Field::find($field)?->of($after->layer($id)), ['boxa', 'words']))->toBe($expected);
})->with([
    ['x', '+10', ['30', '40']], ['x', '*2', ['40', '60']], ['x', '/ 4', ['5', '7.5']], ['x', '=80*1.5', ['120', '120']], ['x', '-10', ['-10', '-10']],
    ['x', '+ -5', ['15', '25']], ['x', '×1.5', ['30', '45']], ['opacity', '/2', ['25%', '50%']], ['opacity', '=30', ['30%', '30%']],
]);

it('reads such signs in the numbers of screens, cues and widgets, too', function (): void {
    $screen = Sample::tree()->screen('home');
    $has = [$screen->box->x, $screen->box->width, $screen->box->height];
    $moved = screenField('x', '+40');
    expect([$moved->box->x, screenField('x', '-40')->box->x, screenField('width', '/2')->box->width, screenField('height', '*1.5')->box->height])->toEqual([$has[0] + 40, -40.0, $has[1] / 2, $has[2] * 1.5]);

    $cue = ['id' => 'cue1', 'trigger' => ['kind' => 'delay', 'delay' => 400], 'action' => ['kind' => 'show', 'screen' => 'next'], 'transition' => ['kind' => 'push', 'direction' => 'left', 'duration' => 300]];
    $set = fn (string $field, string $value): array => ['type' => 'set-cue-field', 'screen' => 'home', 'cue' => 'cue1', 'field' => $field, 'value' => $value];
    [$linked] = Sample::after(Sample::tree(), ['type' => 'put-cue', 'screen' => 'home', 'cue' => $cue], $set('trigger.delay', '*2'), $set('actions.0.transition.duration', '+50'), $set('actions.0.transition.delay', '+20'))->screen('home')->cues;
    expect([$linked->trigger->delay, $linked->actions[0]->transition?->duration, $linked->actions[0]->transition?->delay])->toBe([800, 350, 20]);

    expect(array_map(fn (string $typed): ?int => Sample::after(Sample::tree(), ['type' => 'put-cue', 'screen' => 'home', 'cue' => $cue], $set('actions.0.transition.duration', $typed))->screen('home')->cues[0]->actions[0]->transition?->duration, ['250ms', '0.4s', '.5 S', '+0.1s', '2*300 ms', '(0.1 + 0.2)s']))
        ->toBe([250, 400, 500, 400, 600, 300]);

    $slider = WidgetField::Value->set(Widget::read(Reader::of(['widget' => 'slider', 'value' => 40, 'min' => 0, 'max' => 100])), '+15');
    expect([$slider->value, WidgetField::Max->set($slider, '*2')->max, WidgetField::Value->set($slider, '=80/2')->value])->toEqual([55.0, 200.0, 40.0]);
});

it('sets the uppermost fill and leaves those below it', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'two', 'layers' => [['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 9, 'height' => 9, 'fills' => [['colour' => '#112233'], ['colour' => '#44556680']]]]]);
    $id = (string) array_key_last($tree->layers);
    $fills = fn (string $value): array => array_column(Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => [$id], 'field' => 'fills.0.colour', 'value' => $value])->layer($id)->toArray()['fills'], 'colour');
    expect($fills('#fff'))->toBe(['#ffffff', '#44556680'])->and($fills(''))->toBe(['#44556680']);
});

it('calls another shape by its kind where it was called so, and leaves a name of its own', function (): void {
    $box = ['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 9, 'height' => 9];
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'two', 'layers' => [['id' => 'plain1'] + $box, ['id' => 'named1', 'name' => 'Dial'] + $box]]);
    [$plain, $named] = array_slice(array_keys($tree->layers), -2);
    $tree = Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => [$plain, $named], 'field' => 'kind', 'value' => 'ellipse']);
    expect([$tree->layer($plain)->name, $tree->layer($named)->name])->toBe(['Ellipse', 'Dial']);
});

it('says of each property how it is animated, whether it can be bound, and which kinds declare it', function (string $path, Animation $animation, bool $bindable, array $kinds, string $holds): void {
    $field = Field::find($path);
    expect($field?->animation())->toBe($animation)->and($field?->isBindable())->toBe($bindable)->and($field?->declaredBy())->toBe($kinds)->and($field?->describe())->toBe($holds);
})->with([
    ['opacity', Animation::ByValue, true, [], 'number 0 to 1'],
    ['fills.0.colour', Animation::ByValue, true, [], 'colour'],
    ['effects.0.inner', Animation::Discrete, true, [], 'yes or no'],
    // A list, entry by entry; its entries can be bound, not all of it.
    ['fills', Animation::ByValue, false, [], 'up to 16 entries'],
    ['strokes.0.dash', Animation::ByValue, true, [], 'text'],
    ['direction', Animation::Discrete, true, ['stack'], 'one of row, row-reverse, column, column-reverse'],
    ['columns', Animation::ByValue, true, ['array'], 'number 1 to 100'],
    ['kind', Animation::None, false, ['box', 'ellipse', 'polygon', 'line', 'path'], 'shape'],
]);
