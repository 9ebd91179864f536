<?php

declare(strict_types=1);

use Kindred\Exchange\Pasted;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Sample;
use Kindred\Type\TextStyle;
use Kindred\Type\Typesetter;

function pasted(string $text, float $room = 320, bool $table = false): Pasted
{
    return Pasted::read($text, $room, new Typesetter(Sample::faces()), fn (string $bytes): ?string => $bytes === 'a picture' ? str_repeat('ab', 32) : null, $table);
}

function drawing(string $inner, string $attributes = 'width="100" height="80"'): Pasted
{
    return pasted("<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" {$attributes}>{$inner}</svg>");
}

it('reads a shape as the layer that it is', function (string $shape, array $layer): void {
    expect(drawing($shape)->layers[0])->toMatchArray($layer);
})->with([
    ['<rect id="Ground" x="3" y="4" width="20" height="10" rx="2" fill="#b4472e"/>', ['kind' => 'box', 'name' => 'Ground', 'x' => 3.0, 'y' => 4.0, 'width' => 20.0, 'height' => 10.0, 'fills' => [['colour' => '#b4472e']], 'strokes' => []]],
    ['<circle cx="10" cy="12" r="5" fill="none" stroke="teal" stroke-width="2"/>', ['kind' => 'ellipse', 'x' => 5.0, 'y' => 7.0, 'width' => 10.0, 'fills' => [], 'strokes' => [['colour' => '#008080', 'width' => 2.0, 'position' => 'centre']]]],
    ['<line x1="0" y1="9" x2="8" y2="1" stroke="#000"/>', ['kind' => 'line', 'x' => 0.0, 'y' => 1.0, 'width' => 8.0, 'height' => 8.0, 'rising' => true]],
    ['<path d="M10 10h20v10z" style="fill: rgb(1, 2, 3); fill-rule: evenodd"/>', ['kind' => 'path', 'x' => 10.0, 'y' => 10.0, 'width' => 20.0, 'height' => 10.0, 'd' => 'M0 0L20 0L20 10Z', 'evenOdd' => true, 'fills' => [['colour' => '#010203']]]],
    ['<polygon points="0,0 10,0 10,10"/>', ['kind' => 'path', 'd' => 'M0 0L10 0L10 10Z', 'fills' => [['colour' => '#000000']]]],
    'turned, a box is a path' => ['<rect width="10" height="10" transform="rotate(90)"/>', ['kind' => 'path', 'x' => -10.0, 'y' => 0.0, 'width' => 10.0, 'height' => 10.0]],
    'enlarged, it is a box still' => ['<g transform="translate(5 6)"><rect width="10" height="4" transform="scale(3)" stroke="red"/></g>', ['kind' => 'box', 'x' => 5.0, 'y' => 6.0, 'width' => 30.0, 'height' => 12.0, 'strokes' => [['colour' => '#ff0000', 'width' => 3.0, 'position' => 'centre']]]],
    'by what it lies in' => ['<style>g.warm > rect[width="1"] { fill: #d9a441 } g rect { fill: #111111; stroke: none }</style><g class="warm"><rect width="1" height="1"/></g>', ['fills' => [['colour' => '#d9a441']]]],
    'by the more specific, wherever it stands' => ['<style>#a { fill: #d9a441 } .b { fill: #222222 } rect { fill: #333333 }</style><rect id="a" class="b" width="1" height="1"/>', ['fills' => [['colour' => '#d9a441']]]],
    'by the later of two' => ['<style>.b { fill: #222222 }</style><style>.b { fill: #d9a441 }</style><rect class="b" width="1" height="1"/>', ['fills' => [['colour' => '#d9a441']]]],
    'by what is important' => ['<style>rect { fill: #d9a441 !important } .b { fill: #222222 }</style><rect class="b" style="fill: #333333" width="1" height="1"/>', ['fills' => [['colour' => '#d9a441']]]],
    'not by rules for other media, nor by what is no rule' => ['<style>@media print { rect { fill: #222222 } } rect { fill: #d9a441 } } ]]&amp; p:::q { fill: red }</style><rect width="1" height="1"/>', ['fills' => [['colour' => '#d9a441']]]],
    'by its class' => ['<style>.warm, .hot { fill: #d9a441 } /* x */</style><rect class="hot" width="1" height="1"/>', ['fills' => [['colour' => '#d9a441']]]],
    'by a use' => ['<defs><rect id="tile" width="7" height="7"/></defs><use xlink:href="#tile" x="30" y="2"/>', ['kind' => 'box', 'x' => 30.0, 'y' => 2.0, 'width' => 7.0]],
    'a picture in the file' => ['<image x="1" y="2" width="30" height="20" href="data:image/png;base64,'.base64_encode('a picture').'"/>', ['kind' => 'picture', 'asset' => str_repeat('ab', 32), 'x' => 1.0, 'width' => 30.0]],
    'words, by their baseline' => ['<text x="50" y="40" text-anchor="middle" font-size="20" font-weight="bold" font-family="Lora, serif">Kiln &amp; clay</text>', ['kind' => 'text', 'words' => 'Kiln & clay', 'wrapped' => false]],
    'words that lean' => ['<g font-style="italic"><text y="20" font-size="20" font-family="Lora">Kiln</text></g>', ['kind' => 'text', 'style' => (new TextStyle('Lora', 400, 20, 1.2, italic: true))->toArray()]],
]);

it('keeps groups with their names, and unfolds those that hold one', function (): void {
    $layers = drawing('<g id="both parts" opacity=".5"><rect x="10" y="10" width="5" height="5"/><g><circle cx="30" cy="30" r="10"/></g></g>')->layers;
    expect($layers)->toHaveCount(1)->and($layers[0])->toMatchArray(['kind' => 'group', 'name' => 'both parts', 'x' => 10.0, 'y' => 10.0, 'width' => 30.0, 'height' => 30.0, 'opacity' => 0.5])
        ->and(array_column($layers[0]['children'], 'kind'))->toBe(['box', 'ellipse'])->and($layers[0]['children'][1]['x'])->toBe(10.0);
});

it('maps the view box to the size, and does without either', function (string $attributes, float $x, float $width): void {
    $layer = drawing('<rect x="10" width="10" height="10"/>', $attributes)->layers[0];
    expect([$layer['x'], $layer['width']])->toEqual([$x, $width]);
})->with([['width="200" height="100" viewBox="0 0 100 50"', 20, 20], ['viewBox="10 0 100 50"', 0, 10], ['', 10, 10], ['width="100" height="100" viewBox="0 0 100 50"', 10, 10]]);

it('tells what was left out or made simpler', function (): void {
    $drawing = drawing('<defs><linearGradient id="g"><stop stop-color="#b4472e"/></linearGradient></defs><rect width="9" height="9" fill="url(#g)" filter="url(#f)"/><rect width="9" height="9" fill="url(#g)"/><script>alert(1)</script><foreignObject/><image href="https://pictures.example/x.png" width="1" height="1"/>');
    expect($drawing->layers)->toHaveCount(2)->and($drawing->layers[0]['fills'])->toBe([['colour' => '#b4472e']])
        ->and($drawing->left)->toBe(['One filter that has no equal here was left out', 'One “script” element was left out', 'One “foreignObject” element was left out', 'One picture that is not in the file was left out'])
        ->and(json_encode($drawing->layers))->not->toContain('alert');
});

it('says what of paint, clips, masks and filters it could not keep', function (string $inner, string $left): void {
    expect(drawing($inner)->left)->toBe([$left]);
})->with([
    ['<radialGradient id="g" fx=".2"><stop/><stop offset="1" stop-color="red"/></radialGradient><rect width="9" height="9" fill="url(#g)"/>', 'One focal point of a gradient was left out'],
    ['<radialGradient id="g" gradientTransform="rotate(30) scale(1 .4)"><stop/><stop offset="1" stop-color="red"/></radialGradient><rect width="9" height="9" fill="url(#g)"/>', 'One turned gradient was set upright'],
    ['<linearGradient id="g">'.implode('', array_map(fn (int $i): string => '<stop offset="'.($i / 60).'" stop-color="#'.sprintf('%06x', $i * 4000).'"/>', range(0, 60))).'</linearGradient><rect width="9" height="9" fill="url(#g)"/>', 'One gradient has lost some of its stops'],
    ['<pattern id="p"><rect width="2" height="2" fill="#17594f"/></pattern><rect width="9" height="9" fill="url(#p)"/>', 'One pattern became one colour'],
    ['<mask id="m"><rect width="5" height="9" fill="#fff"/><rect x="5" width="5" height="9" fill="#888"/></mask><rect width="9" height="9" mask="url(#m)"/>', 'One mask that is not one shape was left out'],
    ['<clipPath id="c"><text>Clay</text><rect width="4" height="4"/></clipPath><rect width="9" height="9" clip-path="url(#c)"/>', 'One clip that is not one shape was left out'],
    ['<filter id="f"><feTurbulence/></filter><rect width="9" height="9" filter="url(#f)"/><rect width="9" height="9" style="filter:sepia(1)"/>', '2 filters that have no equal here were left out'],
    ['<marker id="m"/><g marker-end="url(#m)"><path d="M0 0L9 9" stroke="red" fill="none"/><rect width="9" height="9"/></g>', 'One mark on a stroke was left out'],
    ['<rect width="9" height="9" clip-path="url(#nothing)"/>', 'One clip that is not one shape was left out'],
]);

it('keeps a clip as a layer that masks, a filter as effects', function (): void {
    $drawing = drawing('<clipPath id="c"><circle cx="20" cy="20" r="10"/></clipPath><g clip-path="url(#c)"><rect width="40" height="40" fill="#17594f"/><rect width="9" height="9"/></g>'
        .'<filter id="f"><feGaussianBlur stdDeviation="3"/></filter><rect width="9" height="9" filter="url(#f)" style="mix-blend-mode:multiply"/>');
    expect($drawing->left)->toBe([])->and($drawing->layers[0])->toMatchArray(['kind' => 'group', 'x' => 10.0, 'y' => 10.0, 'width' => 20.0, 'height' => 20.0])
        ->and($drawing->layers[0]['children'][1])->toMatchArray(['kind' => 'ellipse', 'masking' => true, 'x' => 0.0, 'y' => 0.0])
        ->and($drawing->layers[1])->toMatchArray(['effects' => [['kind' => 'blur', 'radius' => 3.0]], 'blend' => 'multiply']);
});

it('refuses what is hostile or empty, with a reason', function (string $svg, string $problem): void {
    expect(fn () => pasted($svg))->toThrow(InvalidInput::class, $problem);
})->with([
    ['<svg><rect</svg>', 'This is not an SVG'], ['<svg xmlns="http://www.w3.org/2000/svg"/>', 'There is nothing in the SVG that can be drawn'],
    ['<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><svg xmlns="http://www.w3.org/2000/svg"><text>&b;</text></svg>', 'declares entities'],
    ['<svg xmlns="http://www.w3.org/2000/svg">'.str_repeat('<rect width="1" height="1"/>', 2001).'</svg>', 'more than 2,000 elements'],
    ['<svg xmlns="http://www.w3.org/2000/svg">'.str_repeat('<g>', 30).'<rect width="1" height="1"/>'.str_repeat('</g>', 30).'</svg>', 'more than 24 deep'],
    'a use of itself' => ['<svg xmlns="http://www.w3.org/2000/svg"><g id="a"><use href="#a"/><rect width="1" height="1"/></g></svg>', 'deep in each other'],
    [" \n", 'nothing in it that could become a layer'], [str_repeat('word ', 5000), 'more than 20,000 characters'],
]);

it('makes words of words, wrapped where they are too long for the room', function (): void {
    expect(pasted("  Good clay\r\n")->layers[0])->toMatchArray(['kind' => 'text', 'words' => 'Good clay', 'wrapped' => false, 'name' => 'Good clay'])
        ->and(pasted(str_repeat('Good clay ', 20), 200)->layers[0])->toMatchArray(['wrapped' => true, 'width' => 200.0]);
});

it('makes a table of an array with its data sheet, under its headers', function (): void {
    [$table] = pasted("Pot\tPrice\nBowl\t€24\nMug\t€18", 342)->layers;
    [$header, $array] = $table['children'];
    expect(array_column($header['children'], 'words'))->toBe(['Pot', 'Price'])
        ->and($array['kind'])->toBe('array')->and(array_column($array['sheet']['columns'], 'name'))->toBe(['Pot', 'Price'])
        ->and(array_column($array['sheet']['rows'], 'cells'))->toBe([['column0' => 'Bowl', 'column1' => '€24'], ['column0' => 'Mug', 'column1' => '€18']]);
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'next', 'seed' => 's', 'layers' => json_decode((string) json_encode([$table]), true)]);
    $laid = array_values(array_filter($tree->layers, fn ($layer): bool => $layer->kind() === 'array'))[0];
    expect($laid->box->height)->toBeGreaterThan(80)->and(array_map(fn ($cell): float => $cell->root->box->width, Sample::cells()->of($tree, $laid)))->toEqual([320, 320]);
    expect(pasted('Bowl,24', 300, true)->layers[0]['name'])->toBe('Table');
});
