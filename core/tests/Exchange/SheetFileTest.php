<?php

declare(strict_types=1);

use Kindred\Exchange\SheetFile;
use Kindred\Input\InvalidInput;

/** A table as RFC 4180 writes it: a value with the delimiter, a quote or a line break in it stands in quotes, quotes doubled. */
function written(array $rows, string $delimiter, string $break): string
{
    $value = fn (string $text): string => strpbrk($text, "{$delimiter}\"\r\n") === false ? $text : '"'.str_replace('"', '""', $text).'"';

    return implode($break, array_map(fn (array $row): string => implode($delimiter, array_map($value, $row)), $rows)).$break;
}

it('reads back any table in any of the encodings and with any of the marks', function (string $encoding, string $delimiter, string $name): void {
    mt_srand(crc32($encoding.$delimiter));
    $words = ['Bowl', 'glaze, satin', 'a; b', 'the "good" clay', "two\nlines", 'Ähre', 'crème brûlée', '12|4', "tab\there", 'x', '–dash', '€ 4'];
    for ($i = 0; $i < 20; $i++) {
        $columns = mt_rand(2, 6);
        $rows = [array_map(fn (int $column): string => "Column {$column}", range(1, $columns))];
        for ($row = 0, $count = mt_rand(2, 12); $row < $count; $row++) {
            $rows[] = array_map(fn (): string => $words[mt_rand(0, count($words) - 1)], range(1, $columns));
        }
        $text = written($rows, $delimiter, ["\n", "\r\n"][$i % 2]);
        $mark = ['UTF-16LE' => "\xFF\xFE", 'UTF-16BE' => "\xFE\xFF"][$encoding] ?? '';
        $table = SheetFile::read($mark.mb_convert_encoding($text, $encoding, 'UTF-8'));
        expect($table->headers)->toBe($rows[0])->and($table->rows)->toBe(array_slice($rows, 1))->and($table->separated)->toBe($name);
    }
})->with(['UTF-8', 'UTF-16LE', 'UTF-16BE', 'Windows-1252'])->with([[',', 'commas'], [';', 'semicolons'], ["\t", 'tabs'], ['|', 'bars']]);

it('takes the first row for a header only where it reads like one', function (string $text, array $headers): void {
    expect(SheetFile::read($text)->headers)->toBe($headers);
})->with([
    'words' => ["Name,Price\nBowl,4\n", ['Name', 'Price']],
    'a number among them' => ["Name,4\nBowl,5\n", []],
    'a price' => ["Name,€ 4\nBowl,€ 5\n", []],
    'the same word twice' => ["Name,Name\nBowl,5\n", []],
    'nothing in one place' => ["Name,\nBowl,5\n", []],
    'a single row' => ["Name,Price\n", []],
    'one value a line' => ["Name\nBowl\n", []],
]);

it('puts what has no headers into the first column that it can feed: words into no pictures', function (string $text, array $matched): void {
    $column = fn (string $id, Kindred\Document\Sheet\Slot $slot): Kindred\Document\Sheet\Column => new Kindred\Document\Sheet\Column($id, $id, $slot);
    $sheet = new Kindred\Document\Sheet\Sheet([$column('photo', Kindred\Document\Sheet\Slot::Picture), $column('ground', Kindred\Document\Sheet\Slot::Colour), $column('name', Kindred\Document\Sheet\Slot::Words), $column('there', Kindred\Document\Sheet\Slot::Shown)], []);
    expect(SheetFile::read($text)->matched($sheet))->toBe($matched);
})->with([
    'names' => ["Tall bowl\nWide mug\n", ['name']],
    'colours, then numbers' => ["#aabbcc,4\n#112233,5\n", ['ground', 'name']],
    'numbers, then whether they show' => ["4,yes\n2,no\n", ['name', 'there']],
    'pictures by a header' => ["Photo,Name\nbowl.png,Bowl\nmug.png,Mug\n", [null, 'name']],
]);

it('goes into the sheet of a chart in order where it knows none of its headers', function (): void {
    $column = fn (string $id, string $name, Kindred\Document\Sheet\Slot $slot): Kindred\Document\Sheet\Column => new Kindred\Document\Sheet\Column($id, $name, $slot);
    $sheet = new Kindred\Document\Sheet\Sheet([$column('month', 'Month', Kindred\Document\Sheet\Slot::Label), $column('fired', 'Pieces fired', Kindred\Document\Sheet\Slot::Value)], []);
    expect(Kindred\Exchange\SheetFile::read("Week;Visits;New\n1;120;8\n2;134;11\n")->matched($sheet))->toBe(['month', 'fired', null])
        ->and(Kindred\Exchange\SheetFile::read("Who;Visits\nAda;120\nBela;134\n")->matched($sheet))->toBe(['month', 'fired'])
        ->and(Kindred\Exchange\SheetFile::read("Month;Visits\nMay;120\nJune;134\n")->matched($sheet))->toBe(['month', null]);
});

it('refuses what is no table, or more of one than a data sheet holds, and says what to do', function (string $bytes, string $said): void {
    expect(fn () => SheetFile::read($bytes))->toThrow(InvalidInput::class, $said);
})->with([
    'nothing' => ['', 'There is nothing in the file'],
    'blanks' => ["  \n \r\n", 'There is nothing in the file'],
    'delimiters alone' => [",,\n,,\n", 'There is nothing in the file'],
    'a picture' => ["\x89PNG\r\n\x1a\n\x00\x00\x00\x0dIHDR\x01\x02\x03", 'This is not a text file'],
    'more than 8 MB' => [str_repeat('a', 8 * 1024 * 1024 + 1), 'larger than 8 MB'],
    'rows past the most' => ["Pot\n".str_repeat("Bowl\n", 2001), 'more than 2,000 rows'],
    'columns past the most' => [implode(',', array_fill(0, 31, 'a'))."\n", 'Row 1 has 31 columns; a data sheet has at most 30'],
    'a row of hundreds of marks' => ['a'.str_repeat(',', 600)."\n", 'A row has more than 500 commas'],
    'a long value' => ["Pot,Says\nBowl,".str_repeat('x', 5001)."\n", 'A value in row 2 is longer than 5,000 characters'],
]);

it('takes as much as a data sheet holds', function (string $bytes, int $rows, int $columns): void {
    $table = SheetFile::read($bytes);
    expect($table->rows)->toHaveCount($rows)->and($table->rows[0])->toHaveCount($columns);
})->with([
    'rows' => ["Pot,Price\n".str_repeat("Bowl,12\n", 2000), 2000, 2],
    'columns' => [implode(',', array_map(fn (int $i): string => "Column {$i}", range(1, 30)))."\n".implode(',', range(1, 30))."\n", 1, 30],
    'a value' => ["Pot,Price\n".str_repeat('x', 5000).",12\n", 1, 2],
    'empty rows between' => ["Pot,Price\nBowl,12\n,\n\nMug,9\n", 2, 2],
]);
