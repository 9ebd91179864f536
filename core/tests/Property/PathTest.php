<?php

declare(strict_types=1);

use Kindred\Document\Layer;
use Kindred\Document\Layer\Kinds;
use Kindred\Document\Style\Fill;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;
use Kindred\Property\Affects;
use Kindred\Property\Path;
use Kindred\Property\Properties;
use Kindred\Property\Typing;

/** @param  array<string, mixed>  $own */
function plainly(array $own = [], string $kind = 'box'): Layer
{
    $more = ['text' => ['words' => 'Bowl', 'style' => ['family' => 'Lora', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.5]], 'icon' => ['icon' => 'flame']][$kind] ?? [];

    return Layer::read(Reader::of($own + $more + ['kind' => $kind, 'name' => 'It', 'x' => 10, 'y' => 20, 'width' => 60, 'height' => 40]), id: 'some', rank: 'm');
}

function typedInto(Layer $layer, string $path, string $text): Layer
{
    return Path::of($path)->typed($layer, $text, Typing::within(200, 100, new Box(0, 0, 60, 40)));
}

it('finds values however deep they lie, and what is not there', function (string $path, mixed $value, ?string $shown): void {
    $layer = plainly(['fills' => [['colour' => '#112233'], ['colour' => '#445566']], 'strokes' => [['colour' => '#abcdef', 'width' => 2]], 'corners' => ['topLeft' => 8, 'topRight' => 8, 'bottomRight' => 8, 'bottomLeft' => 8], 'opacity' => 0.5]);
    expect(Path::of($path)->plain($layer))->toEqual($value)->and(Path::of($path)->shown($layer))->toBe($shown);
})->with([
    ['opacity', 0.5, '50%'], ['x', 10, '10'], ['fills.0.colour', '#112233', '#112233'], ['fills.1.colour', '#445566', '#445566'], ['fills.2.colour', null, ''],
    ['strokes.0.colour', '#abcdef', '#abcdef'], ['strokes.0.position', null, ''], ['corners.topRight', 8, '8'], ['corners', ['topLeft' => 8, 'topRight' => 8, 'bottomRight' => 8, 'bottomLeft' => 8], '8'],
    ['sizing.minWidth', null, ''], ['hidden', false, 'false'], ['blend', 'normal', 'normal'], ['words', null, null], ['style.size', null, null], ['fills.colour', null, null], ['nonsense.deep.down', null, null],
]);

it('shows of what is not there what makes it, and nothing else of it', function (): void {
    $layer = plainly();
    expect(Path::of('strokes.0.colour')->shown($layer))->toBe('')->and(Path::of('strokes.0.width')->shown($layer))->toBe('0')->and(Path::of('strokes.0.position')->shown($layer))->toBeNull();
});

it('shows nothing where parts that can be typed at once differ', function (): void {
    expect(Path::of('corners')->shown(plainly(['corners' => ['topLeft' => 8]])))->toBe('');
});

it('knows the properties of each kind, and of no other', function (): void {
    expect(Path::of('style.size')->shown(plainly([], 'text')))->toBe('16')->and(Path::of('line')->shown(plainly([], 'icon')))->toBe('2')
        ->and(Path::of('line')->property(plainly([], 'text')))->toBeNull();
});

it('sets what is typed, and makes and takes away what has it', function (string $path, string $text, string $at, mixed $expected): void {
    expect(data_get(typedInto(plainly(['fills' => [['colour' => '#112233']]]), $path, $text)->toArray(), $at))->toEqual($expected);
})->with([
    ['opacity', '50', 'opacity', 0.5], ['opacity', '0.5', 'opacity', 0.5], ['opacity', '/4', 'opacity', 0.25], ['rotation', '450', 'rotation', 90], ['x', '50% + 1', 'x', 101], ['y', '50%', 'y', 50], ['x', '+5', 'x', 15],
    ['fills.0.colour', '#fff', 'fills', [['colour' => '#ffffff']]], ['fills.1.colour', '#fff', 'fills', [['colour' => '#112233'], ['colour' => '#ffffff']]], ['fills.0.colour', '', 'fills', []], ['fills.1.colour', ' ', 'fills', [['colour' => '#112233']]],
    ['strokes.0.colour', 'rgb(1 2 3)', 'strokes', [['colour' => '#010203', 'width' => 1]]], ['strokes.0.width', '3', 'strokes.0.width', 3], ['strokes.0.width', '3', 'strokes.0.colour', '#1e2223'], ['strokes.0.width', '0', 'strokes', []], ['strokes.0.colour', '', 'strokes', []],
    ['corners', '50%', 'corners', ['topLeft' => 20, 'topRight' => 20, 'bottomRight' => 20, 'bottomLeft' => 20]], ['corners.topLeft', '7', 'corners.topLeft', 7], ['sizing.maxWidth', '25%', 'sizing', ['maxWidth' => 50]], ['sizing.maxWidth', '', 'sizing', null], ['blend', 'multiply', 'blend', 'multiply'],
]);

it('says at the value what it cannot be, and at the field what it is not', function (string $path, string $text, string $problem): void {
    expect(fn () => typedInto(plainly(['fills' => [['colour' => '#112233']]]), $path, $text))->toThrow(InvalidInput::class, $problem);
})->with([
    ['opacity', '140%', 'value: Opacity must lie between 0 and 100 %'], ['opacity', 'half', 'value: “half” is not a number or sum'], ['rotation', '10%', 'a percentage has nothing to refer to'], ['strokes.0.width', '201', 'value: Stroke width must lie between 0 and 200'],
    ['strokes.0.width', '-1', 'Stroke width must lie between'], ['fills.0.colour', 'plaid', 'value: “plaid” is not a colour'], ['blend', 'melt', 'value: one of these is expected: normal'], ['fills.3.colour', '#fff', 'There is no such entry'], ['style.size', '3', 'field: “style.size” is nothing that can be set here'],
    ['id', 'other', 'field:'], ['name', 'Other', 'field:'], ['fills.0', '#fff', 'field:'], ['sizing', '3', 'is not typed as a whole'],
]);

it('takes a value as it is written for one that is typed', function (): void {
    $layer = plainly(['fills' => [['colour' => '#112233']], 'strokes' => [['colour' => '#abcdef', 'width' => 2]]]);
    foreach (['opacity' => 0.25, 'x' => 33.5, 'fills.0.colour' => '#445566', 'strokes.0.position' => 'outside', 'corners.topLeft' => 6.0, 'blend' => 'screen', 'sizing.absolute' => true] as $path => $plain) {
        expect(Path::of($path)->plain(Path::of($path)->put($layer, $plain)))->toEqual($plain);
    }
    expect(Path::of('fills.0.colour')->put($layer, null)->fills)->toBe([])
        ->and(fn () => Path::of('opacity')->put($layer, 'much'))->toThrow(InvalidInput::class)
        ->and(fn () => Path::of('opacity')->put($layer, 7))->toThrow(InvalidInput::class);
});

it('tells what has a say in the layout from paint, and paint from the rest', function (): void {
    $layer = plainly(['fills' => [['colour' => '#112233']]]);
    $layers = Properties::of(Layer::class);
    $painted = $layer->with(fills: [Fill::solid(Colour::parse('#ffffff'))]);
    $named = $layer->with(name: 'Other');
    $moved = $layer->with(rotation: 5.0);
    $same = fn (Layer $other): array => array_map(fn (Affects $by): bool => $layers->isSame($layer, $other, $by), [Affects::Layout, Affects::Paint, Affects::Nothing]);
    expect($same($layer))->toBe([true, true, true])->and($same($painted))->toBe([true, false, false])->and($same($named))->toBe([true, true, false])->and($same($moved))->toBe([false, false, false]);
});

it('replaces all values of a class, wherever they lie, and leaves what has none as it is', function (): void {
    $layer = plainly(['fills' => [['colour' => '#112233'], ['colour' => '#445566']], 'strokes' => [['colour' => '#abcdef', 'width' => 2]]]);
    $grey = Properties::mapped($layer, Colour::class, fn (Colour $colour): Colour => Colour::rgb(9, 9, 9));
    expect(array_column($grey->toArray()['fills'], 'colour'))->toBe(['#090909', '#090909'])->and($grey->strokes[0]->colour()->toHex())->toBe('#090909')->and($grey->corners)->toBe($layer->corners)
        ->and(Properties::mapped($plain = plainly(), Colour::class, fn (Colour $colour): Colour => Colour::rgb(9, 9, 9)))->toBe($plain);
});

it('leaves out what is as it usually is where that is said, and writes all else', function (): void {
    expect(plainly()->toArray())->not->toHaveKeys(['sizing', 'pins', 'lineage', 'blend'])->toHaveKeys(['opacity', 'strokes', 'corners', 'cues', 'hidden'])
        ->and(plainly(['blend' => 'hue'])->toArray()['blend'])->toBe('hue');
});

it('reads what is kept as it reads what comes from outside, where that is in order', function (): void {
    foreach (Kinds::ALL as $class) {
        if (in_array($class::kind(), ['box', 'ellipse', 'group', 'line', 'stack', 'array', 'text', 'icon'], true)) {
            $layer = plainly(['fills' => [['colour' => '#112233']], 'opacity' => 1, 'rotation' => 0, 'corners' => ['topLeft' => 0]], $class::kind());
            $data = json_decode((string) json_encode($layer->toArray()), true);
            expect(Layer::read(Reader::kept($data)))->toEqual(Layer::read(Reader::of($data)));
        }
    }
});
