<?php

declare(strict_types=1);

namespace App\Canvas;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;
use RuntimeException;

/** SVG drawn as pixels. The SVG holds all it shows: outlines for text, pictures as data. */
final readonly class Raster
{
    /** Of a small picture's quality, 0 to 100: enough that small text keeps its edges. */
    private const QUALITY = 76;

    /** Pixels of a picture that are drawn at most, and along a side. */
    public const MAX_PIXELS = 40_000_000;

    public const MAX_SIDE = 30_000;

    /** Bytes of address space, and seconds of computing, that drawing may take. */
    private const MEMORY = 2 << 30;

    private const TIME = 60;

    public static function canDraw(float $width, float $height): bool
    {
        return $width * $height <= self::MAX_PIXELS && max($width, $height) <= self::MAX_SIDE;
    }

    /**
     * @param  float  $zoom  pixels of the picture to a px of the SVG
     * @param  bool  $inPassing  whether all else goes first
     *
     * @throws RuntimeException when it cannot be drawn
     */
    public function png(string $svg, float $zoom, bool $inPassing = false): string
    {
        $result = Process::timeout(2 * self::TIME)->input($svg)->run([...($inPassing ? ['nice'] : []), ...self::bounded(), '--zoom', sprintf('%.4F', $zoom), '--format', 'png']);
        if (! $result->successful()) {
            throw new RuntimeException('The picture could not be drawn: '.trim($result->errorOutput()));
        }

        return $result->output();
    }

    /**
     * A document of several pages.
     *
     * @param  list<string>  $pages  SVG; sizes in px at 96 to the inch
     */
    public function pdf(array $pages): string
    {
        $folder = storage_path('app/'.bin2hex(random_bytes(8)));
        mkdir($folder, 0700, true);
        try {
            $files = [];
            foreach ($pages as $i => $page) {
                file_put_contents($files[] = "{$folder}/".sprintf('%04d', $i).'.svg', $page);
            }
            $result = Process::timeout(2 * self::TIME)->run([...self::bounded(), '--format', 'pdf', ...$files]);
            if (! $result->successful()) {
                throw new RuntimeException('The pages could not be drawn: '.trim($result->errorOutput()));
            }

            return $result->output();
        } finally {
            File::deleteDirectory($folder);
        }
    }

    /** As `png`, a quarter of its size, and while all else goes first. */
    public function webp(string $svg, float $zoom): string
    {
        $image = imagecreatefromstring($this->png($svg, $zoom, true));
        if ($image === false) {
            throw new RuntimeException('The picture could not be read back.');
        }
        imagepalettetotruecolor($image);
        imagesavealpha($image, true);
        ob_start();
        imagewebp($image, null, self::QUALITY);

        return (string) ob_get_clean();
    }

    /** @return list<string> the drawing program, which ends itself where it needs too much */
    private static function bounded(): array
    {
        return ['prlimit', '--as='.self::MEMORY, '--cpu='.self::TIME, '--core=0', 'rsvg-convert', '--unlimited'];
    }
}
