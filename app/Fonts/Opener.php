<?php

declare(strict_types=1);

namespace App\Fonts;

use App\Storage\Slots;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Process;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Type\FaceSource;

/**
 * Opens fonts from outside in processes of their own: one that needs too much ends itself, and nobody else.
 *
 * @phpstan-import-type Metrics from FaceSource
 */
final readonly class Opener
{
    /** Bytes of data, of the heap of scripts, and of a file that is written. */
    private const MEMORY = 1 << 30;

    private const HEAP_MB = 300;

    private const FILE = 64 << 20;

    /** Seconds of computing. */
    private const TIME = 60;

    /** What an em can be divided into (OpenType 1.9, `head`), and how far figures may go beyond it. */
    private const UNITS = [16, 16_384];

    private const FAR = 8.0;

    public function __construct(private Filesystem $files)
    {
    }

    /**
     * @param  array<string, float>  $axes  where axes of a variable font are pinned, by tag
     * @return array{family: string, characters: int, axes: list<array{tag: string, min: float, usual: float, max: float}>, faces: list<array{weight: int, italic: bool, metrics: Metrics, sfnt: string, woff2: string}>}
     *
     * @throws InvalidInput when it is no font that can be taken, or cannot be opened within the limits
     */
    public function open(string $bytes, array $axes = []): array
    {
        $folder = storage_path('framework/cache/font-'.bin2hex(random_bytes(8)));
        $this->files->makeDirectory($folder, 0700);
        try {
            $result = Slots::take('fonts', 1, 40, fn () => Process::timeout(2 * self::TIME)->input($bytes)->run([
                'prlimit', '--data='.self::MEMORY, '--cpu='.self::TIME, '--fsize='.self::FILE, '--core=0',
                'node', '--max-old-space-size='.self::HEAP_MB, __DIR__.'/take.mjs', $folder, json_encode((object) $axes, JSON_THROW_ON_ERROR),
            ]));
            if (! $result->successful()) {
                // What a library says of itself stands before it.
                $lines = explode("\n", trim(mb_scrub($result->errorOutput())));
                $why = $result->exitCode() === 3 ? $lines[count($lines) - 1] : '';
                throw new InvalidInput('font', ($why === '' ? 'The font takes too much memory or time to open.' : $why).' Nothing was added.');
            }

            return $this->read($folder, Reader::of(json_decode($result->output(), true)));
        } finally {
            $this->files->deleteDirectory($folder);
        }
    }

    /** @return array{family: string, characters: int, axes: list<array{tag: string, min: float, usual: float, max: float}>, faces: list<array{weight: int, italic: bool, metrics: Metrics, sfnt: string, woff2: string}>} */
    private function read(string $folder, Reader $in): array
    {
        $n = 0;
        $face = function (Reader $one) use ($folder, &$n): array {
            $i = $n++;

            return [
                'weight' => $one->whole('weight', 1, 1000), 'italic' => $one->boolean('italic'), 'metrics' => self::metrics($one->object('metrics')),
                'sfnt' => $this->files->get("{$folder}/{$i}.ttf"), 'woff2' => $this->files->get("{$folder}/{$i}.woff2"),
            ];
        };

        return [
            'family' => $in->string('family', 1000),
            'characters' => $in->whole('characters', 1, 1_200_000),
            'axes' => $in->list('axes', fn (Reader $axis): array => [
                'tag' => $axis->string('tag', 4), 'min' => $axis->number('min', -100_000, 100_000), 'usual' => $axis->number('usual', -100_000, 100_000), 'max' => $axis->number('max', -100_000, 100_000),
            ], 0, 64),
            'faces' => $in->list('faces', $face, 1, 40),
        ];
    }

    /** @return Metrics */
    public static function metrics(Reader $in): array
    {
        $units = $in->whole('unitsPerEm', ...self::UNITS);
        $far = (int) (self::FAR * $units);
        $figure = fn (string $key): int => max(-$far, min($far, $in->whole($key, -65_536, 65_536)));
        $pair = function (string $key) use ($in, $far): array {
            $two = $in->raw()[$key] ?? null;
            [$top, $thickness] = array_map(fn (mixed $one): int => is_int($one) ? max(-$far, min($far, $one)) : 0, is_array($two) ? array_values($two) + [0, 0] : [0, 0]);

            return [$top, max(1, $thickness)];
        };

        return [
            'family' => '', 'weight' => 0, 'unitsPerEm' => $units,
            'ascent' => max(1, $figure('ascent')), 'descent' => $figure('descent'), 'lineGap' => $figure('lineGap'),
            // Old fonts do not say how high their letters are.
            'xHeight' => $figure('xHeight') > 0 ? $figure('xHeight') : (int) ($units * 0.5), 'capHeight' => $figure('capHeight') > 0 ? $figure('capHeight') : (int) ($units * 0.7),
            'underline' => $pair('underline'), 'lineThrough' => $pair('lineThrough'),
            'features' => array_values(array_filter($in->strings('features', 4, 20), fn (string $tag): bool => preg_match('/^[a-z0-9]{4}$/', $tag) === 1)),
            'latin' => 0, 'advances' => [], 'pairs' => [], 'plainPairs' => [], 'triples' => [],
        ];
    }
}
