<?php

declare(strict_types=1);

namespace Kindred\Paint;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A square of random cells, as a PNG (ISO/IEC 15948) with a palette: the cells follow from the seed, the palette from the strength. The
 * numbers are those of the Mersenne Twister MT19937 (Matsumoto and Nishimura, 1998), the same everywhere.
 */
final class NoiseTile
{
    /** Cells along each side. */
    public const SIDE = 96;

    /** Lightnesses of plain noise, and of each channel of coloured noise. */
    private const LEVELS = 16;

    private const CHANNEL = 4;

    /** A data address. */
    public static function address(int $seed, bool $coloured, float $strength): string
    {
        /** @var array<string, string> $known */
        static $known = [];

        return $known[$seed.($coloured ? ' c ' : ' ').$strength] ??= 'data:image/png;base64,'.base64_encode(self::png($seed, $coloured, $strength));
    }

    public static function png(int $seed, bool $coloured, float $strength): string
    {
        $random = new Randomizer(new Mt19937($seed));
        $max = ($coloured ? self::CHANNEL ** 3 : self::LEVELS) - 1;
        $rows = '';
        for ($y = 0; $y < self::SIDE; $y++) {
            // Each row says first that it is not filtered.
            $rows .= "\0";
            for ($x = 0; $x < self::SIDE; $x += $coloured ? 1 : 2) {
                $rows .= chr($coloured ? $random->getInt(0, $max) : $random->getInt(0, $max) * 16 + $random->getInt(0, $max));
            }
        }
        $header = pack('NNCCCCC', self::SIDE, self::SIDE, $coloured ? 8 : 4, 3, 0, 0, 0);

        return "\x89PNG\r\n\x1a\n".self::chunk('IHDR', $header).self::chunk('PLTE', self::palette($coloured, $strength)).self::chunk('IDAT', (string) gzcompress($rows, 9)).self::chunk('IEND', '');
    }

    private static function palette(bool $coloured, float $strength): string
    {
        $level = fn (int $step, int $of): string => chr((int) round(127.5 + 255 * $strength * ($step / ($of - 1) - 0.5)));
        $palette = '';
        for ($i = 0; $i < ($coloured ? self::CHANNEL ** 3 : self::LEVELS); $i++) {
            $palette .= $coloured
                ? $level($i % self::CHANNEL, self::CHANNEL).$level(intdiv($i, self::CHANNEL) % self::CHANNEL, self::CHANNEL).$level(intdiv($i, self::CHANNEL ** 2), self::CHANNEL)
                : str_repeat($level($i, self::LEVELS), 3);
        }

        return $palette;
    }

    private static function chunk(string $type, string $data): string
    {
        return pack('N', strlen($data)).$type.$data.pack('N', crc32($type.$data));
    }
}
