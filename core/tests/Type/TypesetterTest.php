<?php

declare(strict_types=1);

use Kindred\Tests\Sample;
use Kindred\Type\LaidLine;
use Kindred\Type\TextAlign;
use Kindred\Type\TextStyle;
use Kindred\Type\TextTransform;
use Kindred\Type\Typesetter;

function lay(string $words, ?float $measure = null, TextStyle $style = new TextStyle): Kindred\Type\LaidText
{
    return (new Typesetter(Sample::faces()))->lay($words, $style, $measure);
}

/** @return list<string> */
function lines(string $words, float $measure): array
{
    return array_map(fn (LaidLine $line): string => $line->text, lay($words, $measure)->lines);
}

it('breaks lines where Unicode allows it', function (): void {
    expect(lines('Two bowls to collect from shelf C', 110))->toBe(['Two bowls to', 'collect from', 'shelf C'])
        ->and(lines('well-known half-glazed', 70))->toBe(['well-', 'known', 'half-', 'glazed'])
        ->and(lines("keep\u{00A0}these\u{00A0}together now", 150))->toBe(["keep\u{00A0}these\u{00A0}together", 'now'])
        ->and(lines("one\n\ntwo", 500))->toBe(['one', '', 'two']);
});

it('breaks a word that is wider than its box between characters, never inside one', function (): void {
    $lines = lines('Donaudampfschifffahrt', 60);
    expect(implode('', $lines))->toBe('Donaudampfschifffahrt')->and(count($lines))->toBeGreaterThan(2);
    foreach (lines('👩🏽‍🎨👩🏽‍🎨👩🏽‍🎨', 20) as $line) {
        expect(grapheme_strlen($line))->toBe(1);
    }
});

it('sets spaces at the end of a line outside it', function (): void {
    $laid = lay('wide   ', 400, new TextStyle(align: TextAlign::Right));
    expect($laid->lines[0]->text)->toBe('wide')->and($laid->lines[0]->x + $laid->lines[0]->width)->toEqualWithDelta(400, 0.001);
});

it('places lines as CSS does: half-leading above and below, as a browser rounds it', function (string $family, float $size, float $baseline): void {
    expect(lay('x', null, new TextStyle($family, size: $size, lineHeight: 3))->lines[0]->baseline)->toBe($baseline);
    // As read off Chromium, where `align-items: baseline` puts a box without content.
})->with([
    ['Hanken Grotesk', 11, 19.0], ['Hanken Grotesk', 16, 29.0], ['Hanken Grotesk', 20, 36.0], ['Lora', 11, 19.0], ['Lora', 24, 44.0],
    ['JetBrains Mono', 16, 29.0], ['JetBrains Mono', 24, 43.0], ['Spectral', 20, 35.0],
]);

it('sets lines at their line height', function (): void {
    $laid = lay("A\nB", null, new TextStyle(size: 20, lineHeight: 1.5));
    expect($laid->lines[0]->baseline)->toBe(21.0)
        ->and($laid->lines[1]->baseline - $laid->lines[0]->baseline)->toBe(30.0)
        ->and($laid->height)->toBe(60.0);
});

it('aligns lines in the width of their box', function (TextAlign $align, float $share): void {
    $line = lay('clay', 200, new TextStyle(align: $align))->lines[0];
    expect($line->x)->toEqualWithDelta((200 - $line->width) * $share, 0.0001);
})->with([[TextAlign::Left, 0.0], [TextAlign::Center, 0.5], [TextAlign::Right, 1.0]]);

it('changes case as CSS does', function (TextTransform $transform, string $result): void {
    expect($transform->apply('the potter’s straße, élan'))->toBe($result);
})->with([
    [TextTransform::None, 'the potter’s straße, élan'], [TextTransform::Uppercase, 'THE POTTER’S STRASSE, ÉLAN'],
    [TextTransform::Lowercase, 'the potter’s straße, élan'], [TextTransform::Capitalize, 'The Potter’s Straße, Élan'],
]);

it('kerns, joins ligatures, and drops them where there is tracking', function (): void {
    $face = Sample::faces()->face('Spectral', 400);
    expect($face->width('AV'))->toBeLessThan($face->width('A') + $face->width('V'));
    // In Lora at 1000 units: f and i set apart are kerned by 31, joined they are 4 wider than their sum.
    $lora = Sample::faces()->face('Lora', 400);
    $apart = $lora->width('f') + $lora->width('i');
    expect($lora->width('fi') - $apart)->toEqualWithDelta(0.004, 0.00001)
        ->and($lora->width('fi', 0.1) - 0.2 - $apart)->toEqualWithDelta(0.031, 0.00001);
});

it('chooses the nearest weight as CSS does', function (int $wanted, int $found): void {
    expect(Sample::faces()->nearest('Spectral', $wanted)[1])->toBe($found);
})->with([[100, 300], [350, 300], [400, 400], [450, 500], [550, 600], [900, 700]]);

it('sets the italic that a family has, and slants the face of one that has none', function (): void {
    $faces = Sample::faces();
    expect($faces->face('Lora', 400, true)->width('Good clay'))->not->toBe($faces->face('Lora', 400)->width('Good clay'))
        ->and($faces->outlines('Lora', 400, true)->path('l', 0, 0, 100))->not->toBe($faces->outlines('Lora', 400)->path('l', 0, 0, 100))
        ->and($faces->face('Bricolage Grotesque', 400, true)->width('Good clay'))->toBe($faces->face('Bricolage Grotesque', 400)->width('Good clay'))
        ->and($faces->file('Caveat', 400, true))->toBe($faces->file('Caveat', 400))
        ->and($faces->file('Lora', 400, true))->not->toBe($faces->file('Lora', 400));
    $corners = function (string $path): array {
        preg_match_all('/(-?[\d.]+) (-?[\d.]+)/', $path, $found);

        return array_map(null, array_map(floatval(...), $found[1]), array_map(floatval(...), $found[2]));
    };
    $upright = $corners($faces->outlines('Bricolage Grotesque', 400)->path('l', 0, 0, 100));
    foreach ($corners($faces->outlines('Bricolage Grotesque', 400, true)->path('l', 0, 0, 100)) as $i => [$x, $y]) {
        expect($y)->toBe($upright[$i][1])->and($x)->toEqualWithDelta($upright[$i][0] - $y * 0.25, 0.01);
    }
});

it('falls back to the default family', function (): void {
    expect(Sample::faces()->nearest('Nobody Sans', 400))->toBe(['Hanken Grotesk', 400]);
});

it('estimates letters that the shipped faces lack instead of losing them', function (): void {
    $face = Sample::faces()->face('Lora', 400);
    expect($face->width('釉薬'))->toBe(2.0)->and($face->width("e\u{0301}"))->toBeGreaterThan(0.3);
});
