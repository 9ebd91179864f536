<?php

declare(strict_types=1);

use Kindred\Document\Layer\Text;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;
use Kindred\Tests\Sample;
use Kindred\Type\LaidLine;
use Kindred\Type\LaidRun;
use Kindred\Type\LaidText;
use Kindred\Type\ListMarker;
use Kindred\Type\Paragraph;
use Kindred\Type\Passage;
use Kindred\Type\Run;
use Kindred\Type\TextAlign;
use Kindred\Type\TextDecoration;
use Kindred\Type\TextStyle;
use Kindred\Type\TextTransform;
use Kindred\Type\Typesetter;

function composed(Passage $passage, ?float $measure = null): LaidText
{
    return (new Typesetter(Sample::faces()))->set($passage, $measure);
}

/** @return list<string> runs of words that are bold, in words */
function boldIn(Passage $passage): array
{
    return array_map(fn (Run $run): string => mb_substr($passage->words, $run->from, $run->to - $run->from), $passage->runs);
}

it('sets runs in their own faces on one baseline, each beside the one before', function (): void {
    $laid = composed(new Passage('Open on Thursday, ten to six', new TextStyle(size: 20), [new Run(8, 16, weight: 700), new Run(18, 28, family: 'Lora', size: 14)]));
    [$line] = $laid->lines;
    $faces = Sample::faces();
    $widths = [$faces->face('Hanken Grotesk', 400)->width('Open on ') * 20, $faces->face('Hanken Grotesk', 700)->width('Thursday') * 20, $faces->face('Hanken Grotesk', 400)->width(', ') * 20, $faces->face('Lora', 400)->width('ten to six') * 14];
    expect(array_map(fn (LaidRun $run): string => $run->text, $line->runs))->toBe(['Open on ', 'Thursday', ', ', 'ten to six'])
        ->and($laid->width)->toEqualWithDelta(array_sum($widths), 0.001)
        ->and($line->runs[3]->x)->toEqualWithDelta($widths[0] + $widths[1] + $widths[2], 0.001)
        ->and(count($laid->lines))->toBe(1);
});

it('kerns over a change of colour as within words of one', function (): void {
    $whole = composed(new Passage('AVATAR', new TextStyle('Spectral', size: 60)))->lines[0];
    $parts = composed(new Passage('AVATAR', new TextStyle('Spectral', size: 60), [new Run(1, 2, colour: Colour::parse('#a03020'))]))->lines[0];
    expect($parts->width)->toEqualWithDelta($whole->width, 0.0001)->and($parts->runs[1]->x)->toBeLessThan($parts->runs[0]->width);
});

it('breaks lines across runs where the words would break anyway, and makes room for the highest of a line', function (): void {
    $style = new TextStyle(size: 16, lineHeight: 1.5);
    $laid = composed(new Passage("Bring an apron and a towel;\nclay is on us.", $style, [new Run(9, 14, size: 32)]), 150);
    expect(array_map(fn (LaidLine $line): string => $line->text, $laid->lines))->toBe(['Bring an apron', 'and a towel;', 'clay is on us.']);
    // 48 px for the run of 32 px; 24 px for lines without it.
    $heights = array_map(fn (int $i): float => $laid->lines[$i]->bottom - ($i > 0 ? $laid->lines[$i - 1]->bottom : 0.0), array_keys($laid->lines));
    expect($heights)->toBe([48.0, 24.0, 24.0])->and($laid->height)->toBe(96.0);
});

it('stands paragraphs apart by the greater of their rooms, and none at the edges', function (): void {
    $apart = [new Paragraph(before: 30, after: 8), new Paragraph(before: 20), new Paragraph(after: 50)];
    $laid = composed(new Passage("One\nTwo\nThree", new TextStyle(size: 10, lineHeight: 2), [], $apart));
    expect(array_map(fn (LaidLine $line): float => $line->bottom, $laid->lines))->toBe([20.0, 60.0, 80.0])->and($laid->height)->toBe(80.0);
});

it('numbers lists on over what lies deeper, and anew after other words', function (): void {
    $number = fn (int $level = 0): Paragraph => new Paragraph(list: ListMarker::Number, level: $level);
    expect(Paragraph::markers([$number(), $number(1), $number(1), $number(), new Paragraph(list: ListMarker::Bullet, level: 1), $number(), new Paragraph, $number(), $number(2)]))
        ->toBe(['1.', 'a.', 'b.', '2.', '–', '3.', '', '1.', 'i.']);
    expect(ListMarker::Number->text(1, 28))->toBe('ab.')->and(ListMarker::Number->text(2, 1994))->toBe('mcmxciv.')->and(ListMarker::Number->text(2, 4000))->toBe('4000.');
});

it('hangs markers before the words of a list, which wrap beside them', function (): void {
    $laid = composed(new Passage("Wedge the clay until it is even\nCentre it", new TextStyle(size: 20), [new Run(0, 5, weight: 700)], [new Paragraph(list: ListMarker::Number), new Paragraph(list: ListMarker::Number, level: 1)]), 200);
    expect(array_map(fn (LaidLine $line): array => [$line->marker?->text, $line->x], $laid->lines))->toBe([['1.', 30.0], [null, 30.0], ['a.', 60.0]])
        ->and($laid->lines[0]->marker?->setting->style->weight)->toBe(700);
    foreach ($laid->lines as $line) {
        expect($line->width)->toBeLessThanOrEqual(200 - $line->indent);
        if ($line->marker !== null) {
            expect($line->marker->x + $line->marker->width)->toEqualWithDelta($line->x - 10, 0.0001);
        }
    }
});

it('draws lines under and through words, and under links', function (): void {
    $laid = composed(new Passage('Old price, new price, terms', new TextStyle(size: 100), [new Run(0, 9, decoration: TextDecoration::LineThrough), new Run(11, 20, decoration: TextDecoration::Both), new Run(22, 27, link: 'https://fernhollow.example/terms')]));
    $rules = array_map(fn (LaidRun $run): array => array_map(fn ($box): bool => $box->y > $laid->lines[0]->baseline, Sample::faces()->rules($run, $laid->lines[0]->baseline)), $laid->lines[0]->runs);
    expect($rules)->toBe([[false], [], [true, false], [], [true]]);
});

it('changes case over the bounds of runs as over none', function (TextTransform $transform, string $shown): void {
    $passage = new Passage("o'neil straße\nélan", new TextStyle(transform: $transform), [new Run(3, 9, weight: 700)]);
    expect(implode("\n", array_map(fn (LaidLine $line): string => $line->text, composed($passage)->lines)))->toBe($shown);
})->with([[TextTransform::Uppercase, "O'NEIL STRASSE\nÉLAN"], [TextTransform::Capitalize, "O'neil Straße\nÉlan"], [TextTransform::None, "o'neil straße\nélan"]]);

it('cuts words after so many lines and ends them with an ellipsis that has room', function (?float $measure, array $runs, TextAlign $align): void {
    $words = "The kiln is at nine hundred degrees and will be cool enough to open on Thursday\nCome at ten\nBring a box";
    $passage = new Passage($words, new TextStyle(align: $align), $runs, maxLines: 2);
    $laid = composed($passage, $measure);
    [, $last] = $laid->lines;
    expect($laid->lines)->toHaveCount(2)->and($laid->cut)->toBeTrue()->and($last->text)->toEndWith('…')->and($laid->height)->toBe(2 * 16 * 1.4)
        ->and($last->x + $last->width)->toBeLessThanOrEqual($laid->width + 0.02)
        ->and(composed($passage->with(maxLines: 9), $measure)->cut)->toBeFalse();
    if ($measure !== null) {
        $all = composed($passage->with(maxLines: null), $measure);
        expect($all->lines[1]->text)->toStartWith(rtrim(mb_substr($last->text, 0, -1)));
        $shift = ($measure - $last->width) * $align->share();
        expect($last->x)->toEqualWithDelta($shift, 0.01);
    }
})->with([
    'free' => [null, [], TextAlign::Left], 'wrapped' => [220.0, [], TextAlign::Left], 'to the right' => [220.0, [], TextAlign::Right],
    'with runs' => [220.0, [new Run(20, 50, weight: 700, size: 16)], TextAlign::Left], 'centred with runs' => [260.0, [new Run(4, 60, italic: true)], TextAlign::Center],
]);

it('keeps runs on the words that stay when others take their place', function (string $new, array $bold): void {
    $passage = new Passage('The kiln is hot today', new TextStyle, [new Run(4, 8, weight: 700), new Run(12, 15, weight: 700)]);
    $said = $passage->saying($new);
    expect(boldIn($said))->toBe($bold)->and($said->words)->toBe($new);
})->with([
    'a word before' => ['Now the kiln is hot today', ['kiln', 'hot']],
    'a word of the run itself' => ['The stove is hot today', ['stove', 'hot']],
    'letters at its end' => ['The kilns is hot today', ['kilns', 'hot']],
    'letters within' => ['The kiiln is hot today', ['kiiln', 'hot']],
    'all that stood there' => ['Closed', []],
    'one run goes' => ['The kiln is today', ['kiln']],
    'nothing at all' => ['', []],
    'the same' => ['The kiln is hot today', ['kiln', 'hot']],
]);

it('says with random edits what an editor would: what is not touched is set as it was', function (): void {
    mt_srand(15);
    $letters = mb_str_split('abc déß ☕');
    $random = fn (int $max): string => implode('', array_map(fn (): string => $letters[mt_rand(0, count($letters) - 1)], range(1, mt_rand(1, $max))));
    foreach (range(1, 300) as $n) {
        $words = $random(40);
        $length = mb_strlen($words);
        $from = mt_rand(0, $length - 1);
        $passage = (new Passage($words, new TextStyle, [new Run($from, mt_rand($from + 1, $length), weight: 700)]))->tidied();
        [$at, $gone, $put] = [mt_rand(0, $length), mt_rand(0, 5), mt_rand(0, 2) === 0 ? '' : $random(5)];
        $new = mb_substr($words, 0, $at).$put.mb_substr($words, $at + $gone);
        $said = $passage->saying($new);
        $marks = fn (Passage $one): array => array_map(fn (int $i): bool => array_filter($one->runs, fn (Run $run): bool => $run->from <= $i && $i < $run->to) !== [], $one->words === '' ? [] : range(0, mb_strlen($one->words) - 1));
        [$before, $after] = [$marks($passage), $marks($said)];
        // Which of several alike letters was taken away nobody knows: both ends are what is sure.
        [$old, $now] = [mb_str_split($words), mb_str_split($new)];
        for ($i = 0; $i < min(count($old), count($now)) && $old[$i] === $now[$i]; $i++) {
            expect($after[$i])->toBe($before[$i]);
        }
        for ($k = 1; $k <= min(count($old), count($now)) - $i && $old[count($old) - $k] === $now[count($now) - $k]; $k++) {
            expect($after[count($now) - $k])->toBe($before[count($old) - $k]);
        }
    }
});

it('keeps paragraphs on their words when lines come and go', function (): void {
    $passage = new Passage("Wedge\nCentre\nOpen", new TextStyle, [], [new Paragraph, new Paragraph(list: ListMarker::Number), new Paragraph(after: 4)]);
    $kinds = fn (Passage $one): array => array_map(fn (Paragraph $paragraph): array => array_diff($paragraph->toArray(), ['none']), $one->paragraphs);
    expect($kinds($passage->saying("First\nWedge\nCentre\nOpen")))->toBe([[], [], ['list' => 'number'], ['after' => 4.0]])
        ->and($kinds($passage->saying("Wedge\nCentre\nLift\nOpen")))->toBe([[], ['list' => 'number'], ['list' => 'number'], ['after' => 4.0]])
        ->and($kinds($passage->saying("Wedge\nOpen")))->toBe([[], ['after' => 4.0]])
        ->and($kinds($passage->saying('Wedge')))->toBe([]);
});

it('fills placeholders in the setting that they have', function (): void {
    $passage = new Passage('{count} pieces, {price} in all', new TextStyle, [new Run(0, 7, weight: 700), new Run(16, 30, weight: 700)]);
    $filled = $passage->filled(fn (string $words): string => strtr($words, ['{count}' => '12', '{price}' => '48.00']));
    expect($filled->words)->toBe('12 pieces, 48.00 in all')->and(boldIn($filled))->toBe(['12', '48.00 in all']);
});

it('reads runs and paragraphs as far as there are words for them, and says nothing that is so anyway', function (): void {
    $read = fn (array $runs, array $paragraphs = []): array => Text::read(Reader::of(['words' => 'Good clay', 'style' => (new TextStyle)->toArray(), 'runs' => $runs, 'paragraphs' => $paragraphs]))->toArray();
    expect($read([['from' => 5, 'to' => 90, 'weight' => 700], ['from' => 0, 'to' => 7, 'italic' => true], ['from' => 30, 'to' => 40, 'size' => 3]])['runs'])
        ->toBe([['from' => 0, 'to' => 7, 'italic' => true], ['from' => 7, 'to' => 9, 'weight' => 700]])
        ->and($read([['from' => 0, 'to' => 2, 'weight' => 700], ['from' => 2, 'to' => 4, 'weight' => 700], ['from' => 5, 'to' => 9, 'weight' => 400]])['runs'])->toBe([['from' => 0, 'to' => 4, 'weight' => 700]])
        ->and($read([], [[], [], ['list' => 'bullet']]))->not->toHaveKey('paragraphs')
        ->and($read([]))->toHaveKeys(['words', 'style', 'wrapped'])->not->toHaveKey('runs');
});

it('refuses runs that say what cannot be', function (array $run, string $problem): void {
    expect(fn () => Text::read(Reader::of(['words' => 'Good clay', 'style' => (new TextStyle)->toArray(), 'runs' => [$run]])))->toThrow(InvalidInput::class, $problem);
})->with([
    [['from' => 0, 'to' => 4, 'link' => 'javascript:alert(1)'], 'a link begins with https://'], [['from' => 0, 'to' => 4, 'weight' => 4000], '1000'], [['from' => -1, 'to' => 4], '0'],
    [['to' => 4], 'from'], [['from' => 0, 'to' => 4, 'colour' => 'clayish'], 'colour'], [['from' => 0, 'to' => 4, 'decoration' => 'blink'], 'decoration'],
]);

it('says of a style that it is that of all words', function (): void {
    $text = new Text('Good clay', new TextStyle, runs: [new Run(0, 4, weight: 700, italic: true), new Run(5, 9, weight: 300)]);
    expect($text->withoutOwn('weight')->runs)->toHaveCount(1)->and($text->withoutOwn('weight')->runs[0]->italic)->toBeTrue()->and($text->withoutOwn('align'))->toBe($text);
    expect($text->with(runs: [new Run(0, 4, size: 20)])->scaled(2, 2)->runs[0]->size)->toBe(40.0);
});

it('takes as many runs as there may be, and refuses one more', function (): void {
    $runs = fn (int $many): array => array_map(fn (int $i): array => ['from' => 10 * $i, 'to' => 10 * $i + 5, 'colour' => $i % 2 === 0 ? '#b4472e' : '#17594f'], range(0, $many - 1));
    $read = fn (int $many): Text => Text::read(Reader::of(['words' => str_repeat('good clay ', 2000), 'style' => (new TextStyle)->toArray(), 'runs' => $runs($many)]));
    $text = $read(Run::MAX);
    expect($text->runs)->toHaveCount(2000)
        ->and(composed($text->passage())->width)->toEqualWithDelta(Sample::faces()->width($text->words, $text->style), 0.01)
        ->and(composed($text->passage(), 300)->lines)->toHaveCount(count(composed(new Passage($text->words, $text->style), 300)->lines))
        ->and(fn () => $read(Run::MAX + 1))->toThrow(InvalidInput::class, 'between 0 and 2000');
});
