<?php

declare(strict_types=1);

use Kindred\Exchange\Svg\SvgReader;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Sample;
use Kindred\Type\Typesetter;

/** What reading leads to: the number of layers, or the words of a refusal. Never anything else. */
function readSvg(string $inner, string $attributes = 'width="100" height="80"'): int|string
{
    try {
        $read = SvgReader::read("<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" {$attributes}>{$inner}</svg>", new Typesetter(Sample::faces()), fn (): string => str_repeat('ab', 32));
        json_encode($read, JSON_THROW_ON_ERROR);

        return count($read['layers']);
    } catch (InvalidInput $refused) {
        return $refused->problem;
    }
}

it('takes drawings at its limits and refuses what is past them before it costs much', function (string $inner, int|string $expected): void {
    $answer = readSvg($inner);
    is_int($expected) ? expect($answer)->toBe($expected) : expect($answer)->toContain($expected);
})->with([
    'as many elements as are drawn' => [str_repeat('<rect width="1" height="1"/>', SvgReader::MAX_ELEMENTS), SvgReader::MAX_ELEMENTS],
    'one more' => [str_repeat('<rect width="1" height="1"/>', SvgReader::MAX_ELEMENTS + 1), 'more than 2,000 elements'],
    'many that are empty' => [str_repeat('<g/>', 50_000), 'more than 40,000 tags'],
    'many that are not drawn' => ['<defs>'.str_repeat('<g/>', 30_000).'</defs><rect width="1" height="1"/>', 1],
    'many spans' => ['<text>'.str_repeat('<tspan x="1">a</tspan>', 19_000).'</text>', 'more than 2,000 elements'],
    'many attributes' => ['<rect '.implode(' ', array_map(fn (int $i): string => "a{$i}=\"1\"", range(1, 200_000))).'/>', 'more than 200 attributes'],
    'many attributes around signs that close no tag' => ['<rect '.implode(' ', array_map(fn (int $i): string => "a{$i}=\">\"", range(1, 50_000))).'/>', 'more than 200 attributes'],
    'a long path used again and again' => ['<defs><path id="p" d="M0 0'.str_repeat('h1v1', 20_000).'"/></defs>'.str_repeat('<use href="#p"/>', 1500), 'draws more than 1.5 MB'],
    'uses of uses' => [implode('', array_map(fn (int $i): string => "<g id=\"g{$i}\">".str_repeat('<use href="#g'.($i + 1).'"/>', 9).'</g>', range(1, 9))).'<rect id="g10" width="1" height="1"/>', 'more than 2,000 elements'],
    'a use of itself' => ['<g id="a"><use href="#a"/></g>', 'deep in each other'],
    'much style' => ['<style>'.str_repeat('a{fill:red}', 30_000).'</style><rect width="1" height="1"/>', 'characters of style rules'],
    'a rule again and again' => ['<style>'.implode('', array_map(fn (int $i): string => "rect{p{$i}:1}", range(1, 12_000))).'</style>'.str_repeat('<rect width="1" height="1"/>', 200), 200],
    'numbers without an end' => ['<rect x="1e999" y="-1e999" width="9" height="1e308"/><circle r="9" cx="nan"/>', 2],
    'a transform without an end' => ['<g transform="scale(1e200) scale(1e200)"><rect width="9" height="9"/></g>', 'nothing in the SVG that can be drawn'],
    'a transform far away' => ['<g transform="translate(200000)"><rect width="9" height="9"/></g>', 'further away than'],
    'a turned path without an end' => ['<g transform="rotate(45) scale(1e300)"><path d="M0 0h10v10z"/></g><rect width="1" height="1"/>', 1],
    'a clip that clips itself' => ['<clipPath id="c"><rect width="9" height="9" clip-path="url(#c)"/></clipPath><rect width="9" height="9" clip-path="url(#c)"/>', 'deep in each other'],
    'masks of masks' => [implode('', array_map(fn (int $i): string => "<mask id=\"m{$i}\">".str_repeat('<rect width="9" height="9" mask="url(#m'.($i + 1).')"/>', 9).'</mask>', range(1, 9))).'<rect width="9" height="9" mask="url(#m1)"/>', 'more than 2,000 elements'],
    'gradients in a ring' => ['<linearGradient id="a" href="#b"/><linearGradient id="b" href="#a"/><rect width="9" height="9" fill="url(#a)"/>', 1],
    'a gradient without an end' => ['<linearGradient id="a" x1="1e300" gradientTransform="scale(1e300)"><stop/><stop offset="nan" stop-color="red"/></linearGradient><rect width="9" height="9" fill="url(#a)"/>', 1],
    'a blur without an end' => ['<filter id="f"><feGaussianBlur stdDeviation="1e300"/></filter><rect width="9" height="9" filter="url(#f)"/>', 1],
    'shadows without an end' => ['<rect width="9" height="9" style="filter:'.str_repeat('drop-shadow(1px 1px 1px red) ', 400).'"/>', 1],
    'dashes without an end' => ['<path d="M0 0h9" stroke="red" stroke-dasharray="'.str_repeat('1e99 ', 999).'"/>', 1],
    'an arc of nearly nothing' => ['<path d="M0 0A1 1 0 0 1 1e-170 0L9 9z"/>', 1],
    'a path that is not one' => ['<path d="M0 0h1e999"/><rect width="1" height="1"/>', 1],
]);
