<?php

declare(strict_types=1);

use Kindred\Input\InvalidInput;
use Kindred\Signal\Formula;
use Kindred\Signal\Kind;
use Kindred\Signal\Pattern;
use Kindred\Signal\Template;
use Kindred\Signal\Writing;

const KNOWN = ['pieces' => Kind::Number, 'name' => Kind::Text, 'day' => Kind::Date, 'other' => Kind::Date, 'firing' => Kind::One];

it('brings arithmetic into the order in which it is worked out', function (string $source, string $steps): void {
    $written = array_map(fn (array $step): string => match ($step['do']) {
        'put' => (string) ($step['number'] ?? ''),
        'read' => rtrim(($step['signal'] ?? '').'.'.($step['part'] ?? ''), '.'),
        default => $step['do'],
    }, Formula::parse($source));
    expect(implode(' ', $written))->toBe($steps);
})->with([
    ['pieces', 'pieces'],
    ['1 + 2 * 3', '1 2 3 multiply add'],
    ['(1 + 2) × 3', '1 2 add 3 multiply'],
    ['8 / 4 / 2', '8 4 divide 2 divide'],
    ['5 - 3 - 1', '5 3 subtract 1 subtract'],
    ['-a * -(b - 0.5)', 'a negate b 0.5 subtract negate multiply'],
    ['Firing.A_Shelf*2', 'firing.a_shelf 2 multiply'],
]);

it('says where a formula is none', function (string $source, string $says): void {
    expect(fn () => Formula::parse($source))->toThrow(InvalidInput::class, $says);
})->with([['', 'too soon'], ['1 +', 'too soon'], ['(1', 'too soon'], ['1 2', '“2”'], ['a & b', '“&”'], ['a)', '“)”'], [str_repeat('1+', 200).'1', '300 characters']]);

it('writes numbers as ICU does, halves apart', function (): void {
    $values = [0.0, 1.0, -1.0, 12.0, 0.4, 0.05, 2.345, 999.999, 1234.5, -9876543.21, 1e6, 123456789.0];
    foreach (['0', '0.00', '#,##0.00', '#,##0.##', '000000', '0.#', '#,##0', "'KS-'000000", "0.00 'each'"] as $pattern) {
        $icu = new NumberFormatter('en', NumberFormatter::PATTERN_DECIMAL, $pattern);
        $icu->setAttribute(NumberFormatter::ROUNDING_MODE, NumberFormatter::ROUND_HALFUP);
        foreach ($values as $value) {
            $theirs = (string) $icu->format($value);
            // ICU puts the sign before the text, and keeps one on a zero.
            if ($value < 0 && str_contains($pattern, "'K")) {
                continue;
            }
            $theirs = preg_match('/^-[0.,]*$/D', $theirs) === 1 ? substr($theirs, 1) : $theirs;
            expect(Writing::write($value, Pattern::compile($pattern)))->toBe($theirs, "{$value} as {$pattern}");
        }
    }
});

it('writes days as ICU does', function (): void {
    foreach (['d MMMM y', 'EEEE d MMMM', 'dd.MM.yy', "d 'of' MMM y", 'E, d/M/yyyy', "d 'o''clock'"] as $pattern) {
        $icu = new IntlDateFormatter('en', timezone: 'UTC', pattern: $pattern);
        foreach ([0, 59, 11016, 20782, 20783, -1, 47846] as $day) {
            expect(Writing::write((float) $day, Pattern::compile($pattern)))->toBe($icu->format($day * 86_400), "{$day} as {$pattern}");
        }
    }
});

it('writes everything else plainly', function (): void {
    expect(Writing::write(true, null))->toBe('yes')
        ->and(Writing::write(2.50, null))->toBe('2.5')
        ->and(Writing::write(0.1 + 0.2, null))->toBe('0.3')
        ->and(Writing::write(null, Pattern::compile('0.00')))->toBe('')
        ->and(Writing::write('no number', Pattern::compile('0.00')))->toBe('')
        ->and(Writing::write('about 1,250 pieces', Pattern::compile('0')))->toBe('1250')
        ->and(Writing::write('maren oake', Pattern::compile('capitalize')))->toBe('Maren Oake')
        ->and(Writing::write('Æble', Pattern::compile('uppercase')))->toBe('ÆBLE');
});

it('leaves what cannot be filled in as it is written, and says why', function (): void {
    expect(Template::compile('Hello', KNOWN))->toBeNull()
        ->and(Template::compile('Hello {nobody} and {1 +}', KNOWN))->toBeNull()
        ->and(Template::compile('{nobody}, {name}', KNOWN))->toHaveCount(3)
        ->and(Template::problems('{nobody} {name} {pieces as 0.00} {pieces as qq}', KNOWN))->toHaveCount(2)
        ->and(Template::problems('{nobody}', KNOWN)[0])->toContain('No widget gives “nobody”');
});

it('knows a day from the distance of two', function (): void {
    $pattern = fn (string $words): mixed => (Template::compile($words, KNOWN)[0] ?? null)['pattern'] ?? null;
    expect($pattern('{day + 3}')['as'] ?? null)->toBe('date')->and($pattern('{day - other}'))->toBeNull()->and($pattern('{day as 0}')['as'] ?? null)->toBe('number');
});
