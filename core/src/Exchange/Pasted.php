<?php

declare(strict_types=1);

namespace Kindred\Exchange;

use Kindred\Document\Layer\Text;
use Kindred\Exchange\Svg\SvgReader;
use Kindred\Input\InvalidInput;
use Kindred\Type\TextStyle;
use Kindred\Type\Typesetter;

/**
 * Text from outside as layers: SVG as the shapes in it, a table as an array with its data sheet, anything else
 * as words. Layers as a file holds them, from the corner 0, 0.
 *
 * @phpstan-type LayerData array<string, mixed>
 */
final readonly class Pasted
{
    /** Padding of a table's cells, px. */
    private const ROOM = 12.0;

    /**
     * @param  list<LayerData>  $layers
     * @param  list<string>  $left  what was left out, in sentences
     */
    private function __construct(public array $layers, public float $width, public float $height, public array $left = [])
    {
    }

    /**
     * @param  float  $room  the width that there is for words and tables, px
     * @param  \Closure(string): ?string  $picture  takes the bytes of a picture in, and gives its hash
     * @param  bool  $table  whether it is known to be a table; otherwise it is one where its lines hold tabs
     *
     * @throws InvalidInput when it can be none of these
     */
    public static function read(string $text, float $room, Typesetter $typesetter, \Closure $picture, bool $table = false): self
    {
        if (preg_match('/^\s*(?:<\?xml[^>]*>\s*)?(?:<!--.*?-->\s*)*(?:<svg[\s>]|<!DOCTYPE\s+svg)/s', $text) === 1) {
            ['layers' => $layers, 'width' => $width, 'height' => $height, 'left' => $left] = SvgReader::read($text, $typesetter, $picture);

            return new self($layers, $width, $height, $left);
        }
        if (! mb_check_encoding($text, 'UTF-8') || trim($text) === '') {
            throw new InvalidInput('text', 'There is nothing in it that could become a layer.');
        }
        if ($table || preg_match('/^[^\n]*\t[^\n]*\n[^\n]*\t/', str_replace(["\r\n", "\r"], "\n", $text)) === 1) {
            return self::table(SheetFile::read($text), $room);
        }

        return self::words($text, $room, $typesetter);
    }

    private static function words(string $text, float $room, Typesetter $typesetter): self
    {
        $words = trim(str_replace(["\r\n", "\r"], "\n", $text));
        if (mb_strlen($words) > Text::MAX_LENGTH) {
            throw new InvalidInput('text', 'The text has more than '.number_format(Text::MAX_LENGTH).' characters. Paste a part of it.');
        }
        $style = new TextStyle;
        $free = $typesetter->lay($words, $style, null);
        $wrapped = $free->width > $room;
        $laid = $wrapped ? $typesetter->lay($words, $style, $room) : $free;
        $width = $wrapped ? $room : $free->room();

        return new self([[
            'kind' => 'text', 'name' => Text::title($words), 'x' => 0, 'y' => 0, 'width' => $width, 'height' => round($laid->height, 2),
            'words' => $words, 'wrapped' => $wrapped, 'style' => $style->toArray(), 'fills' => [['colour' => '#1e2223']],
        ]], $width, $laid->height);
    }

    /** A row of headers above an array of one column, whose cells are rows of words. */
    private static function table(SheetFile $file, float $room): self
    {
        $width = min($room, $file->width() * 160.0);
        $columns = range(0, $file->width() - 1);
        $header = $file->headers === [] ? [] : [self::row('Header', array_map(fn (int $i): array => self::cell("head{$i}", $file->headers[$i] ?? '', 600), $columns))];
        $array = [
            'id' => 'table', 'kind' => 'array', 'name' => 'Rows', 'x' => 0, 'y' => 0, 'width' => $width, 'columns' => 1, 'rowGap' => 0, 'columnGap' => 0, 'sizing' => ['width' => 'stretch'],
            'sheet' => [
                'columns' => array_map(fn (int $i): array => ['id' => "column{$i}", 'name' => ($file->headers[$i] ?? '') === '' ? 'Column '.($i + 1) : mb_substr($file->headers[$i], 0, 120), 'slot' => 'words', 'layer' => "cell{$i}"], $columns),
                'rows' => array_map(fn (int $n, array $row): array => ['id' => "row{$n}", 'cells' => array_combine(array_map(fn (int $i): string => "column{$i}", array_keys($row)), $row)], array_keys($file->rows), $file->rows),
            ],
            'children' => [self::row('Row', array_map(fn (int $i): array => self::cell("cell{$i}", $file->rows[0][$i] ?? '', 400), $columns)) + ['id' => 'rowdesign']],
        ];

        return new self([[
            'kind' => 'stack', 'name' => 'Table', 'x' => 0, 'y' => 0, 'width' => $width, 'direction' => 'column', 'sizing' => ['height' => 'content'], 'fills' => [['colour' => '#ffffff']],
            'strokes' => [['colour' => '#cdcfce', 'width' => 1]], 'children' => [...$header, $array],
        ]], $width, (count($file->rows) + count($header)) * 44.0);
    }

    /**
     * @param  list<LayerData>  $cells
     * @return LayerData
     */
    private static function row(string $name, array $cells): array
    {
        return [
            'kind' => 'stack', 'name' => $name, 'x' => 0, 'y' => 0, 'width' => 0, 'columnGap' => self::ROOM, 'alignItems' => 'center', 'sizing' => ['width' => 'stretch', 'height' => 'content'],
            'padding' => ['top' => 11, 'right' => self::ROOM, 'bottom' => 11, 'left' => self::ROOM], 'strokes' => [['colour' => '#e3e4e3', 'width' => 1]], 'children' => $cells,
        ];
    }

    /** @return LayerData */
    private static function cell(string $id, string $words, int $weight): array
    {
        return ['id' => $id, 'kind' => 'text', 'name' => Text::title($words), 'words' => $words, 'wrapped' => true, 'style' => (new TextStyle(weight: $weight, size: 15))->toArray(), 'sizing' => ['width' => 'stretch'], 'fills' => [['colour' => '#1e2223']]];
    }
}
