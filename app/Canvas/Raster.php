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

    /**
     * @param  float  $zoom  pixels of the picture to a px of the SVG
     *
     * @throws RuntimeException when it cannot be drawn
     */
    public function png(string $svg, float $zoom): string
    {
        $result = Process::timeout(60)->input($svg)->run(['rsvg-convert', '--unlimited', '--zoom', sprintf('%.4F', $zoom), '--format', 'png']);
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
            $result = Process::timeout(60)->run(['rsvg-convert', '--unlimited', '--format', 'pdf', ...$files]);
            if (! $result->successful()) {
                throw new RuntimeException('The pages could not be drawn: '.trim($result->errorOutput()));
            }

            return $result->output();
        } finally {
            File::deleteDirectory($folder);
        }
    }

    /** As `png`, a quarter of its size. */
    public function webp(string $svg, float $zoom): string
    {
        $image = imagecreatefromstring($this->png($svg, $zoom));
        if ($image === false) {
            throw new RuntimeException('The picture could not be read back.');
        }
        imagepalettetotruecolor($image);
        imagesavealpha($image, true);
        ob_start();
        imagewebp($image, null, self::QUALITY);

        return (string) ob_get_clean();
    }
}
