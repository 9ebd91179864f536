<?php

declare(strict_types=1);

use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Sample;
use Kindred\Type\FontVariant;
use Kindred\Type\LaidRun;
use Kindred\Type\Passage;
use Kindred\Type\Run;
use Kindred\Type\Shaping\Clusters;
use Kindred\Type\Shaping\HarfBuzz;
use Kindred\Type\Shaping\Order;
use Kindred\Type\Shaping\Scripts;
use Kindred\Type\TextStyle;
use Kindred\Type\Typesetter;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

// Oracle: the examples of UAX #9, section 3.4, L2; capitals stand for letters that are read from right to left.
it('shows what is read in the order in which it is seen', function (string $read, string $levels, string $seen): void {
    $order = Order::seen(array_map(intval(...), str_split($levels)));
    expect(implode('', array_map(fn (int $i): string => mb_substr($read, $i, 1), $order)))->toBe($seen);
})->with([
    ['car means CAR.', '00000000001110', 'car means RAC.'],
    ['car MEANS CAR.', '22211111111111', '.RAC SNAEM car'],
    ['he said “car MEANS CAR.” “IT DOES,” she agreed.', '000000000'.'222'.'1111111111'.'0000'.'1111111'.'00000000000000', 'he said “RAC SNAEM car.” “SEOD TI,” she agreed.'],
    ['DID YOU SAY ’he said “car MEANS CAR”‘?', '1111111111111'.'222222222'.'444'.'3333333333'.'2'.'11', '?‘he said “RAC SNAEM car”’ YAS UOY DID'],
]);

it('tells the direction of each character', function (string $words, string $levels, ?bool $rightToLeft = null): void {
    expect(implode('', (new HarfBuzz)->levels($words, $rightToLeft)))->toBe($levels);
})->with([
    'a number within Arabic' => ['فرن 12', '111122'], 'Arabic within English' => ['a فرن b', '0011100'], 'by its first letter' => ['12 فرن', '221111'],
    'brackets around English in Arabic' => ['ط (a) ط', '1112111'], 'as it is told' => ['a', '2', true], 'nothing' => ['', ''],
]);

it('takes what many scripts use for a part of the one before it', function (string $words, array $scripts): void {
    $names = ['' => 0, 'L' => 25, 'A' => 2, 'H' => 19, 'T' => 38];
    expect(array_map(fn (int $script): string => (string) array_search($script, $names, true), Scripts::of(Clusters::of($words))))->toBe($scripts);
})->with([
    ['(a) 1', ['L', 'L', 'L', 'L', 'L']], ['ط (a) 1', ['A', 'A', 'A', 'L', 'A', 'A', 'A']], ['12', ['', '']], ['a ก', ['L', 'L', 'T']], ['ח!a', ['H', 'H', 'L']],
]);

it('keeps together what a reader takes for one character', function (string $words, array $clusters): void {
    expect(Clusters::of($words))->toBe($clusters);
})->with([
    ['🔥🔥a', ['🔥', '🔥', 'a']], ['👩‍🎨👍🏽', ['👩‍🎨', '👍🏽']], ['क्षेत्र', ['क्षे', 'त्र']], ['🇫🇮🇫🇮', ['🇫🇮', '🇫🇮']], ["e\u{301}x", ["e\u{301}", 'x']],
]);

it('sets letters that a face lacks in one that stands in, of the nearest weight', function (string $words, int $weight, array $families): void {
    $pieces = Sample::faces()->pieces($words, new TextStyle('Lora', $weight));
    expect(array_map(fn ($piece): string => $piece->face->family().' '.$piece->face->weight(), $pieces))->toBe($families);
})->with([
    ['kiln печь', 400, ['Lora 400', 'Noto Sans Cyrillic 400']], ['ίσο 3', 700, ['Noto Sans Greek 700', 'Lora 700']], ['🏺', 600, ['Noto Emoji 400']],
    // From left to right, as it is seen.
    ['فرن طين', 400, ['Noto Sans Arabic 400', 'Lora 400', 'Noto Sans Arabic 400']], ['磁器', 400, ['Lora 400']],
]);

it('joins the letters of Arabic, and orders marks as the font has them', function (): void {
    $faces = Sample::faces();
    $style = new TextStyle('Lora', 400, 100);
    // Joined letters are other glyphs than the letters by themselves.
    $apart = array_sum(array_map(fn (string $letter): float => $faces->width($letter, $style), ['ف', 'خ', 'ا', 'ر']));
    expect($faces->width('فخار', $style))->toBeLessThan($apart - 20)
        ->and($faces->width('لا', $style))->toBeLessThan($faces->width('ل', $style) + $faces->width('ا', $style))
        ->and($faces->width('น้ำ', $style))->toEqual($faces->width('นำ', $style))
        ->and($faces->width('क्ष', $style))->toBeLessThan($faces->width('क', $style) + $faces->width('ष', $style));
});

it('puts no room between letters that hang together, but between their words', function (): void {
    $faces = Sample::faces();
    [$set, $spaced] = [new TextStyle('Lora', 400, 100), new TextStyle('Lora', 400, 100, letterSpacing: 0.1)];
    expect($faces->width('فخار خزف', $spaced) - $faces->width('فخار خزف', $set))->toEqualWithDelta(10.0, 1e-6)
        ->and($faces->width('печь', $spaced) - $faces->width('печь', $set))->toEqualWithDelta(40.0, 1e-6);
});

it('lays runs of both directions side by side, each with its own setting', function (): void {
    $words = 'Kiln فرن 12 now';
    $passage = new Passage($words, new TextStyle('Lora', 400, 20), [new Run(5, 8, weight: 700)]);
    $line = (new Typesetter(Sample::faces()))->set($passage, null)->lines[0];
    expect(array_map(fn (LaidRun $run): array => [$run->text, $run->rightToLeft, $run->setting->style->weight], $line->runs))
        ->toBe([['Kiln ', false, 400], ['12', false, 400], [' ', true, 400], ['فرن', true, 700], [' now', false, 400]])
        ->and($line->text)->toBe($words)
        ->and($line->runs[4]->x + $line->runs[4]->width)->toEqualWithDelta($line->width, 1e-9);
    foreach (array_slice($line->runs, 1) as $i => $run) {
        expect($run->x)->toEqualWithDelta($line->runs[$i]->x + $line->runs[$i]->width, 1e-9);
    }
});

it('turns brackets round where they are read from right to left', function (): void {
    $faces = Sample::faces();
    $style = new TextStyle('Bricolage Grotesque', 400, 100);
    expect($faces->path('(', $style, 0, 0, true))->toBe($faces->path(')', $style, 0, 0))->not->toBe($faces->path('(', $style, 0, 0))
        ->and($faces->width('(', $style, 0, true))->toEqual($faces->width(')', $style));
});

it('draws shaped words as outlines that are as wide as they are set', function (string $words): void {
    $faces = Sample::faces();
    $path = Kindred\Geometry\PathData::parse($faces->path($words, new TextStyle('Lora', 700, 100), 10, 50));
    $bounds = $path->bounds();
    expect($bounds?->x)->toBeGreaterThan(4)->and($bounds?->right())->toBeLessThan(16 + $faces->width($words, new TextStyle('Lora', 700, 100)))
        ->and($bounds?->width)->toBeGreaterThan(0.75 * $faces->width($words, new TextStyle('Lora', 700, 100)));
})->with(['خزف طين', 'मिट्टी', 'น้ำเงิน', 'חרס', 'глина', '🏺👩‍🎨']);

it('says which fonts a page needs to show words', function (): void {
    $faces = Sample::faces();
    $needed = $faces->standIns('Kiln فرن 🏺', new TextStyle('Lora', 600));
    expect(array_keys($needed))->toBe(['Noto Sans Arabic 700', 'Noto Emoji 700'])
        ->and($needed['Noto Emoji 700']['ranges'])->toContain('U+1F300-1FAFF')
        ->and(substr($needed['Noto Sans Arabic 700']['file'](), 0, 4))->toBe('wOF2')
        ->and($faces->standIns('Kiln, “Größe” – fi', new TextStyle('Lora')))->toBe([]);
});

it('sets figures and letters in other forms that a face has, and in none that it lacks', function (): void {
    $faces = Sample::faces();
    $width = fn (string $words, string $family, string $variant): float => $faces->width($words, new TextStyle($family, 400, 100, variant: FontVariant::parse($variant)));
    // Figures of a table are all as wide as each other.
    expect($width('1', 'Lora', 'tabular-nums'))->toEqual($width('8', 'Lora', 'tabular-nums'))->and($width('1', 'Lora', 'proportional-nums'))->not->toEqual($width('8', 'Lora', 'proportional-nums'))
        ->and($width('1/2', 'Spectral', 'diagonal-fractions'))->toBeLessThan($width('1/2', 'Spectral', 'normal'))
        ->and($width('abc', 'Lora', 'small-caps'))->toEqual($width('abc', 'Lora', 'normal'))
        ->and($faces->face('Lora', 400)->variants())->toBe(['proportional-nums', 'tabular-nums', 'diagonal-fractions'])
        ->and($faces->path('11', new TextStyle('Lora', 400, 100, variant: FontVariant::parse('tabular-nums')), 0, 0))->not->toBe($faces->path('11', new TextStyle('Lora', 400, 100), 0, 0));
});

it('puts a form on all words that are selected, and leaves what else each has', function (): void {
    $text = fn (string $id, string $variant): array => ['id' => $id, 'kind' => 'text', 'name' => $id, 'x' => 0, 'y' => 0, 'words' => '12', 'style' => ['family' => 'Lora', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.5, 'variant' => $variant]];
    $file = Sample::file();
    $file['screens'][0]['layers'] = [$text('price', 'ordinal'), $text('weight', 'tabular-nums'), $text('note', 'normal')];
    $press = fn (string $value): array => ['type' => 'set-field', 'screen' => 'home', 'layers' => ['price', 'weight', 'note'], 'field' => 'style.variant', 'value' => $value];
    $forms = fn (array ...$commands): array => array_map(fn (string $id): string => Sample::after(ProjectFile::read((string) json_encode($file))->tree, ...$commands)->layer($id)->content->style->variant->text(), ['price', 'weight', 'note']);
    expect($forms($press('+proportional-nums')))->toBe(['proportional-nums ordinal', 'proportional-nums', 'proportional-nums'])
        ->and($forms($press('+tabular-nums'), $press('-ordinal')))->toBe(['tabular-nums', 'tabular-nums', 'tabular-nums']);
});

it('reads forms as CSS writes them, and turns them on and off', function (): void {
    expect(FontVariant::parse(' Small-Caps  tabular-nums ')->text())->toBe('tabular-nums small-caps')->and(FontVariant::parse('normal')->words)->toBe([])
        ->and(FontVariant::parse('tabular-nums small-caps')->amended('+proportional-nums')->text())->toBe('proportional-nums small-caps')
        ->and(FontVariant::parse('tabular-nums')->amended('-tabular-nums')->text())->toBe('normal')->and(FontVariant::parse('ordinal')->amended('-tabular-nums')->text())->toBe('ordinal')
        ->and(FontVariant::parse('ordinal')->amended('normal')->text())->toBe('normal')->and(FontVariant::parse('ordinal')->amended(' + Ordinal')->text())->toBe('ordinal')
        ->and(fn () => FontVariant::parse('ordinal')->amended('+swash'))->toThrow(InvalidInput::class, '“swash” is no form')
        ->and(fn () => FontVariant::parse('tabular-nums proportional-nums'))->toThrow(InvalidInput::class, 'cannot be at once')
        ->and(fn () => FontVariant::parse('swash'))->toThrow(InvalidInput::class, '“swash” is no form');
});

it('stands in on the right where a paragraph is read from right to left, its marker after it', function (): void {
    $text = Kindred\Document\Layer\Text::read(Kindred\Input\Reader::of(['words' => "חרס\nbowl\nחרס", 'wrapped' => true, 'style' => ['family' => 'Lora', 'weight' => 400, 'size' => 20, 'lineHeight' => 1.4], 'paragraphs' => [['list' => 'number'], ['list' => 'number'], ['list' => 'bullet', 'level' => 1]]]));
    [$first, $second, $third] = (new Kindred\Type\Typesetter(Kindred\Tests\Sample::faces()))->set($text->passage(), 200.0)->lines;
    expect([$first->x, $second->x, $third->x])->toBe([0.0, 30.0, 0.0])
        ->and([$first->marker?->text, $second->marker?->text, $third->marker?->text])->toBe(['.1', '2.', '–'])
        ->and($first->marker?->x)->toEqualWithDelta($first->width + 10, 1e-6)->and($second->marker?->x)->toBeLessThan(20.0);
    $right = (new Kindred\Type\Typesetter(Kindred\Tests\Sample::faces()))->set($text->with(style: $text->style->with(align: Kindred\Type\TextAlign::Right))->passage(), 200.0)->lines;
    expect($right[0]->x + $right[0]->width)->toEqualWithDelta(170.0, 1e-6)->and($right[1]->x + $right[1]->width)->toEqualWithDelta(200.0, 1e-6);
});

// Oracle: a line has room, and has none for the next word, when both are set by themselves.
it('fills the lines of long paragraphs that have to be shaped, and none beyond its measure', function (string $from, float $measure, array $setting): void {
    $words = explode(' ', $from);
    $random = new Randomizer(new Xoshiro256StarStar(crc32($from)));
    $said = implode(' ', array_map(fn (): string => $words[$random->getInt(0, count($words) - 1)], range(1, 120)));
    expect(strlen($said))->toBeGreaterThan(300);
    $typesetter = new Typesetter(Sample::faces());
    $style = new TextStyle('Lora', ...$setting);
    // A browser rounds each run on a line up by itself: a 64th of a px, and a line has a few.
    $slack = 0.5;
    $wide = fn (string $text): float => $typesetter->set(new Passage($text, $style), null)->width;
    $lines = array_map(fn ($line): string => trim($line->text), $typesetter->set(new Passage($said, $style), $measure)->lines);
    expect(implode(' ', $lines))->toBe($said)->and(count($lines))->toBeGreaterThan(5);
    foreach ($lines as $i => $line) {
        $next = explode(' ', $lines[$i + 1] ?? '')[0];
        expect($wide($line))->toBeLessThanOrEqual($measure + $slack);
        if ($next !== '') {
            expect($wide("{$line} {$next}"))->toBeGreaterThan($measure - $slack);
        }
    }
})->with([
    'Arabic' => ['خزف طين فرن طلاء زجاجي عجلة الخزاف موعد الحرق يوم الخميس', 300, [400, 18]],
    'Hebrew with numbers' => ['חרס טיט כבשן 1240 זיגוג יום חמישי 12:30', 240, [700, 16]],
    'Devanagari' => ['मिट्टी का चाक भट्ठी चमकीला लेप गुरुवार क्षेत्र', 260, [400, 20]],
    'both directions' => ['Kiln فرن 12 glaze طلاء on الخميس firing', 280, [400, 17]],
    'with room between letters' => ['печь глина глазурь обжиг четверг', 320, [400, 15, 'letterSpacing' => 0.04]],
    'pictures of an emoji face' => ['🏺 kiln 👩‍🎨 wheel 🔥 firing', 260, [400, 22]],
]);
