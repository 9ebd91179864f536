<?php

declare(strict_types=1);

use Kindred\Exchange\Svg\StyleSheet;

/** @return array<string, string> what rules say of the element with the id `it` */
function styled(string $css, string $inside): array
{
    $document = new DOMDocument;
    $document->loadXML('<svg xmlns="http://www.w3.org/2000/svg" xmlns:x="urn:x">'.$inside.'</svg>');
    $root = $document->documentElement ?? throw new LogicException;
    $element = (new DOMXPath($document))->query('//*[@id="it"]')->item(0);
    assert($element instanceof DOMElement);

    return StyleSheet::of($css, $root)->on($element);
}

it('finds what rules are about', function (string $selector, bool $found): void {
    $inside = '<g class="warm  wide" id="out"><rect/><rect id="it" class="a b" width="10" x:width="3"/></g>';
    expect(styled("{$selector} { fill: red }", $inside)['fill'] ?? null)->toBe($found ? 'red' : null);
})->with([
    ['rect', true], ['g', false], ['.a', true], ['.b', true], ['.ab', false], ['#it', true], ['*', true], ['rect.a.b', true], ['rect.a.c', false], ['g rect', true], ['svg > rect', false], ['g > rect', true],
    ['.warm.wide > .b', true], ['rect + rect', true], ['rect ~ rect', true], ['rect:first-child', false], ['rect:last-child', true], ['[width="10"]', true], ['[width="3"]', false], ['circle, rect', true], ['rect::before', false], ['rect:hover', false], [':not(g)', true],
]);

it('goes by importance, then by what is more specific, then by order', function (string $css, string $style, string $fill): void {
    expect(styled($css, "<rect id='it' class='a' style='{$style}'/>")['fill'])->toBe($fill);
})->with([
    ['rect { fill: red } rect { fill: blue }', '', 'blue'], ['.a { fill: red } rect { fill: blue }', '', 'red'], ['#it { fill: red } .a { fill: blue }', '', 'red'], ['rect.a { fill: red } .a { fill: blue }', '', 'red'],
    ['#it { fill: red }', 'fill: blue', 'blue'], ['rect { fill: red !important } #it { fill: blue }', 'fill: green', 'red'], ['rect { fill: red !important }', 'fill: green !important', 'green'], ['rect { fill: red !important } .a { fill: blue !important }', '', 'blue'],
]);

it('reads values as they stand, and only what is CSS', function (string $css, array $values): void {
    expect(styled($css, '<rect id="it"/>'))->toBe($values);
})->with([
    ['rect { FILL: #D9A441; stroke-width: 2px; font-family: "Lora", serif }', ['fill' => '#d9a441', 'stroke-width' => '2px', 'font-family' => '"Lora",serif']],
    ['rect { fill: url(#a) }', ['fill' => 'url("#a")']], ['/* rect { fill: red } */ rect { opacity: .5 }', ['opacity' => '.5']], ['@media print { rect { fill: red } } rect { fill: blue }', ['fill' => 'blue']],
    ['rect { fill: red', ['fill' => 'red']], ['', []], ['no css at all', []], ['{}{}{', []], ['rect { fill }', []], [str_repeat('rect{', 2000), []],
]);
