<?php

declare(strict_types=1);

use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Style\Paint\CssPaint;
use Kindred\Document\Style\Paint\Gradient;
use Kindred\Document\Style\Paint\LinearGradient;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;
use Kindred\Property\Typing;
use Kindred\Tests\Sample;

function css(string $text, float $width = 200, float $height = 100): string
{
    return CssPaint::read($text, Typing::within(390, 844, new Box(0, 0, $width, $height)))->css();
}

// Places that are not said: CSS Images 4, section 3.4.3. Corners: section 3.1.1. Lengths are of the line, which is 100 px high here.
it('reads colours and gradients as CSS writes them', function (string $text, string $said): void {
    expect(css($text))->toBe($said)->and(css($said))->toBe($said);
})->with([
    ['teal', '#008080'], ['background: linear-gradient(red, blue);', 'linear-gradient(#ff0000 0%, #0000ff 100%)'],
    ['linear-gradient(to right, red, lime 30%, blue, white)', 'linear-gradient(90deg, #ff0000 0%, #00ff00 30%, #0000ff 65%, #ffffff 100%)'],
    ['linear-gradient(to top right, red, blue)', 'linear-gradient(26.565deg, #ff0000 0%, #0000ff 100%)'], ['linear-gradient(to bottom, red 20px, 40px, blue 80px)', 'linear-gradient(#ff0000 20%, 40%, #0000ff 80%)'],
    ['linear-gradient(red 10% 30%, blue 20%)', 'linear-gradient(#ff0000 10%, #ff0000 30%, #0000ff 30%)'], ['repeating-linear-gradient(.25turn in oklch longer hue, red, blue 20%)', 'repeating-linear-gradient(90deg in oklab, #ff0000 0%, #0000ff 20%)'],
    ['radial-gradient(red, blue)', 'radial-gradient(#ff0000 0%, #0000ff 100%)'], ['radial-gradient(closest-side circle at left 25%, rgb(0 0 0 / 50%), #fff)', 'radial-gradient(circle closest-side at 0% 25%, #00000080 0%, #ffffff 100%)'],
    ['radial-gradient(40px 30% at bottom, red, blue)', 'radial-gradient(20% 30% at 50% 100%, #ff0000 0%, #0000ff 100%)'], ['conic-gradient(from 100grad at 20px 10px, red, blue 90deg, lime)', 'conic-gradient(from 90deg at 10% 10%, #ff0000 0%, #0000ff 25%, #00ff00 100%)'],
]);

it('says what is wrong with what is none', function (string $text, string $problem): void {
    expect(fn () => css($text))->toThrow(InvalidInput::class, $problem);
})->with([
    ['plaid', 'is no colour and no gradient'], ['linear-gradient(red)', 'needs two colours'], ['linear-gradient(sideways, red, blue)', 'is no angle'], ['linear-gradient(to middle, red, blue)', 'is no side'],
    ['linear-gradient(red, 5em blue)', 'neither a percentage nor a length'], ['linear-gradient(in colours, red, blue)', 'is no colour space'], ['radial-gradient(1px 2px 3px, red, blue)', 'is no size'], ['conic-gradient(from, red, blue)', 'is no angle'],
    ['linear-gradient('.implode(', ', array_fill(0, 40, 'red')).')', '32 stops at most'], ['linear-gradient(red blue, white)', 'no colour with its place'],
]);

/** @param  array<string, mixed>  $data */
function painting(array $data): Layer
{
    return Sample::after(Sample::tree(), ['type' => 'put-field', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'fills', 'value' => [$data]])->layer('boxa');
}

it('keeps a gradient without stops, or with one, as something that can be seen', function (array $stops, int $many): void {
    $paint = painting(['kind' => 'linear', 'stops' => $stops])->fills[0]->paint;
    expect($paint instanceof Gradient ? count($paint->stops()) : 0)->toBe($many);
})->with([[[], 2], [[['colour' => '#a94c31', 'at' => 0.3]], 2], [[['colour' => '#a94c31', 'at' => 0], ['colour' => '#ffffff', 'at' => 0]], 2]]);

it('refuses paint that cannot be, and changes nothing', function (array $fill, string $problem): void {
    expect(fn () => painting($fill))->toThrow(InvalidInput::class, $problem);
})->with([
    [['kind' => 'plaid'], 'one of these is expected: solid, linear, radial, conic, picture, noise'], [['colour' => 'none'], 'is not a colour'], [['kind' => 'linear', 'angle' => 400], 'between -360 and 360'],
    [['kind' => 'linear', 'stops' => array_fill(0, 33, ['colour' => '#fff', 'at' => 0])], '32'], [['kind' => 'picture'], 'asset'], [['kind' => 'noise', 'seed' => 1, 'scale' => 0], 'between 0.25 and 64'], [['colour' => '#fff', 'opacity' => 2], 'between 0 and 1'],
]);

it('lays the line of a linear gradient where it is dragged, and its stops with it', function (): void {
    $gradient = CssPaint::read('linear-gradient(red 20%, lime 30%, blue 60%)', Typing::within(0, 0, new Box(0, 0, 200, 100)));
    assert($gradient instanceof LinearGradient);
    $laid = $gradient->along(new Point(20, 50), new Point(180, 50), null, 200, 100);
    expect($laid->css())->toBe('linear-gradient(90deg, #ff0000 10%, #00ff00 30%, #0000ff 90%)')
        ->and($laid->spine(200, 100)['from'])->toEqualWithDelta(new Point(20, 50), 0.01)->and($laid->spine(200, 100)['to'])->toEqualWithDelta(new Point(180, 50), 0.01)
        // A line of no length says no direction.
        ->and($gradient->along(new Point(5, 5), new Point(5, 5), null, 200, 100))->toBe($gradient);
});

it('lays the line of every gradient back where it was told to lie', function (string $css): void {
    $gradient = CssPaint::read($css, Typing::within(0, 0, new Box(0, 0, 200, 100)));
    assert($gradient instanceof Gradient);
    ['from' => $from, 'to' => $to, 'across' => $across] = $gradient->spine(200, 100);
    $again = $gradient->along($from, $to, $across === null ? null : $across->y - $from->y, 200, 100);
    expect($again->spine(200, 100))->toEqualWithDelta($gradient->spine(200, 100), 0.05)->and($again->ramp())->toEqual($gradient->ramp());
})->with(['linear-gradient(33deg, red 0%, blue 100%)', 'radial-gradient(circle at 20% 30%, red, blue)', 'radial-gradient(closest-corner at 70% 30%, red, blue)', 'conic-gradient(from 77deg at 40% 45%, red, blue)']);

it('arranges stops: round, even, one more, one less', function (string $way, string $said, array $more = []): void {
    $on = ['screen' => 'home', 'layers' => ['boxa']];
    $tree = Sample::after(Sample::tree(), ['type' => 'set-field', 'field' => 'fills.0.paint', 'value' => 'linear-gradient(90deg, red 0%, lime 20%, 30%, blue 80%)'] + $on, ['type' => 'change-paint', 'paint' => 'fills.0', 'stops' => $way] + $more + $on);
    expect(Field::find('fills.0.paint')?->of($tree->layer('boxa')))->toBe($said);
})->with([
    ['reverse', 'linear-gradient(90deg, #0000ff 0%, 50%, #00ff00 60%, #ff0000 80%)'], ['even', 'linear-gradient(90deg, #ff0000 0%, #00ff00 40%, #0000ff 80%)'], ['turn', 'linear-gradient(#ff0000 0%, #00ff00 20%, 30%, #0000ff 80%)'],
    ['remove', 'linear-gradient(90deg, #ff0000 0%, #0000ff 80%)', ['stop' => 1]], ['add', 'linear-gradient(90deg, #ff0000 0%, #808000 10%, #00ff00 20%, 30%, #0000ff 80%)', ['at' => 0.1]],
]);

it('makes another kind of paint as like the one before as that can be', function (string $to, string $said): void {
    $on = ['screen' => 'home', 'layers' => ['boxa']];
    $tree = Sample::after(Sample::tree(), ['type' => 'set-field', 'field' => 'fills.0.paint', 'value' => 'linear-gradient(90deg, red, blue)'] + $on, ['type' => 'change-paint', 'paint' => 'fills.0', 'to' => $to] + $on);
    expect(Field::find('fills.0.paint')?->of($tree->layer('boxa')))->toBe($said);
})->with([['linear', 'linear-gradient(90deg, #ff0000 0%, #0000ff 100%)'], ['radial', 'radial-gradient(#ff0000 0%, #0000ff 100%)'], ['conic', 'conic-gradient(#ff0000 0%, #0000ff 100%)'], ['solid', '#800080'], ['noise', 'noise']]);

it('adds, duplicates, reorders and removes fills and strokes, each layer as far as it has them', function (): void {
    $on = ['screen' => 'home', 'layers' => ['boxa', 'words']];
    $colours = fn (Tree $tree, string $id): array => array_map(fn ($fill): string => $fill->colour()->toHex(), $tree->layer($id)->fills);
    $tree = Sample::after(Sample::tree(), ['type' => 'put-field', 'field' => 'fills', 'value' => [['colour' => '#111111']]] + $on,
        ['type' => 'add-to-list', 'list' => 'fills', 'entry' => ['colour' => '#222222']] + $on, ['type' => 'add-to-list', 'list' => 'fills', 'entry' => ['colour' => '#333333'], 'at' => 9] + $on);
    expect($colours($tree, 'boxa'))->toBe(['#222222', '#111111', '#333333'])->and($colours($tree, 'words'))->toBe(['#222222', '#111111', '#333333']);
    $tree = Sample::after($tree, ['type' => 'move-in-list', 'list' => 'fills', 'from' => 2, 'to' => 0] + $on, ['type' => 'remove-from-list', 'list' => 'fills', 'at' => 1] + $on, ['type' => 'add-to-list', 'list' => 'strokes', 'entry' => ['colour' => '#444444', 'width' => 2]] + $on);
    $twice = Sample::after($tree, ['type' => 'duplicate-in-list', 'list' => 'fills', 'at' => 1] + $on, ['type' => 'duplicate-in-list', 'list' => 'strokes', 'at' => 0] + $on);
    expect($colours($twice, 'boxa'))->toBe(['#333333', '#111111', '#111111'])->and(count($twice->layer('words')->strokes))->toBe(0)->and($twice->layer('boxa')->strokes[1])->toEqual($twice->layer('boxa')->strokes[0]);
    expect($colours($tree, 'boxa'))->toBe(['#333333', '#111111'])->and(count($tree->layer('words')->strokes))->toBe(0)->and(count($tree->layer('boxa')->strokes))->toBe(count(Sample::tree()->layer('boxa')->strokes) + 1)
        ->and(fn () => Sample::after($tree, ['type' => 'add-to-list', 'list' => 'cues', 'entry' => []] + $on))->toThrow(InvalidInput::class, 'no such list')
        ->and(fn () => Sample::after($tree, ['type' => 'add-to-list', 'list' => 'strokes', 'entry' => ['colour' => '#fff', 'width' => 0]] + $on))->toThrow(InvalidInput::class, 'width');
});

it('holds as many entries as a list takes, and says so before it takes one more', function (string $list, array $entry, int $max): void {
    $on = ['screen' => 'home', 'layers' => ['boxa']];
    $many = fn (Tree $tree): int => count($tree->layer('boxa')->{$list});
    $full = Sample::after(Sample::tree(), ['type' => 'put-field', 'field' => $list, 'value' => array_fill(0, $max, $entry)] + $on);
    expect($many($full))->toBe($max)
        ->and(fn () => Sample::after($full, ['type' => 'add-to-list', 'list' => $list, 'entry' => $entry] + $on))->toThrow(InvalidInput::class, "{$max}")
        ->and(fn () => Sample::after($full, ['type' => 'duplicate-in-list', 'list' => $list, 'at' => 0] + $on))->toThrow(InvalidInput::class, "{$max}")
        // What is beyond the end is nothing that could be duplicated, moved or removed.
        ->and($many(Sample::after($full, ['type' => 'duplicate-in-list', 'list' => $list, 'at' => $max] + $on)))->toBe($max)
        ->and($many(Sample::after($full, ['type' => 'remove-from-list', 'list' => $list, 'at' => $max] + $on)))->toBe($max)
        ->and(Sample::plain(Sample::after($full, ['type' => 'move-in-list', 'list' => $list, 'from' => 0, 'to' => $max] + $on)))->toEqual(Sample::plain($full))
        ->and(fn () => Sample::after($full, ['type' => 'remove-from-list', 'list' => $list, 'at' => -1] + $on))->toThrow(InvalidInput::class, 'at')
        ->and($many(Sample::after($full, ...array_fill(0, $max, ['type' => 'remove-from-list', 'list' => $list, 'at' => 0] + $on))))->toBe(0);
})->with([
    'fills' => ['fills', ['colour' => '#a94c31'], 16], 'strokes' => ['strokes', ['colour' => '#a94c31', 'width' => 1], 16],
    'effects' => ['effects', ['kind' => 'blur', 'radius' => 2], 16], 'masks' => ['masks', ['kind' => 'linear', 'stops' => []], 8],
]);

it('says a colour in a cell where the cell takes it from, and a gradient in all cells or in that one alone', function (): void {
    $tree = Sample::everything()->tree;
    $colours = fn (Tree $tree): array => array_map(fn (Kindred\Layout\LaidCopy $cell): string => ($cell->tree->layer('dish')->fills[0] ?? null)?->paint->css() ?? '', Sample::cells()->of($tree, $tree->layer('pots')));
    $say = fn (string $value, array $more = []): Tree => Sample::after($tree, ['type' => 'set-field', 'screen' => $tree->layer('pots')->screen, 'layers' => ['dish.row1'], 'field' => 'fills.0.paint', 'value' => $value] + $more);
    $before = $colours($tree);
    expect($before[0])->toBe('#a94c31')->and($colours($say('#123456', ['apart' => true]))[0])->toBe('#123456')->and($colours($say('linear-gradient(red, blue)', ['apart' => true]))[0])->toBe('linear-gradient(#ff0000 0%, #0000ff 100%)')
        ->and(array_slice($colours($say('linear-gradient(red, blue)', ['apart' => true])), 1, 1))->toBe(array_slice($before, 1, 1));
});

it('reads and writes shadows as CSS does, with the sides that CSS has no word for', function (string $typed, string $written): void {
    $made = Kindred\Document\Style\Effect\CssShadow::read($typed);
    expect(Kindred\Document\Style\Effect\CssShadow::write($made))->toBe($written)
        ->and(Kindred\Document\Style\Effect\CssShadow::read($written))->toEqual($made);
})->with([
    ['0 2px 8px #00000040', '0 2px 8px #00000040'],
    ['inset 0 1px #fff', 'inset 0 1px 0 #ffffff'],
    ['rgb(0 0 0 / 50%) 1px -2px 3px 4px inset', 'inset 1px -2px 3px 4px #00000080'],
    ['box-shadow: 3px 3px red;', '3px 3px 0 #ff0000'],
    ['filter: drop-shadow(0 4px 6px teal)', '0 4px 12px #008080'],
    ['0 -2px 8px #0006 top', '0 -2px 8px #00000066 top'],
    ['0 0 8px #0006 left bottom', '0 0 8px #00000066 bottom left'],
]);

it('says what is wrong with a shadow', function (string $typed, string $problem): void {
    expect(fn () => Kindred\Document\Style\Effect\CssShadow::read($typed))->toThrow(InvalidInput::class, $problem);
})->with([
    ['', 'is no shadow'], ['red', 'is no shadow'], ['2px', 'is no shadow'], ['1px 2px 3px 4px 5px', 'is no shadow'], ['1px 2px red blue', '“blue”'], ['1em 2px', '“1em”'],
    ['drop-shadow(0 1px 2px 3px red)', 'is no shadow'], ['drop-shadow(inset 0 1px 2px red)', 'is no shadow'],
    ['0 0 9999px #000', 'blur of a shadow lies between 0 and 400'], ['0 0 -1px #000', 'between 0 and 400'], ['9999px 0', 'between -1000 and 1000'], ['0 1px red, 0 2px blue', 'is no shadow'],
]);
