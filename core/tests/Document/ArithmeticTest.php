<?php

declare(strict_types=1);

use Kindred\Input\Arithmetic;
use Kindred\Input\InvalidInput;

it('works out what is typed', function (string $text, float $value): void {
    expect(Arithmetic::evaluate($text, 390))->toBe($value);
})->with([
    ['24', 24.0], ['24px', 24.0], ['1,5', 1.5], ['2+3*4', 14.0], ['(2+3)*4', 20.0], ['50%', 195.0], ['50% - 8', 187.0], ['(390 - 3*16) / 2', 171.0],
    ['-12', -12.0], ['--12', 12.0], ['10 − 4', 6.0], ['3 × 8', 24.0], ['9 ÷ 2', 4.5], ['.5', 0.5], ['8/2/2', 2.0], ['100 % / 4', 97.5],
]);

it('refuses what is no sum, and says what is', function (string $text, string $message): void {
    expect(fn () => Arithmetic::evaluate($text, 390))->toThrow(InvalidInput::class, $message);
})->with([
    ['', 'not a number'], ['abc', 'not a number'], ['1+', 'not a number'], ['(1', 'not a number'], ['1 2', 'not a number'], ['1/0', 'divides by zero'],
    [str_repeat('(', 500).'1'.str_repeat(')', 500), 'not a number'], ['system("ls")', 'not a number'], [str_repeat('9', 400), 'finite'],
]);

it('has no percentages where there is nothing to take them of', function (): void {
    Arithmetic::evaluate('10%');
})->throws(InvalidInput::class, 'nothing to refer to');
