<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Storage\Slots;
use Illuminate\Support\Facades\Process;
use Kindred\Input\InvalidInput;
use Symfony\Component\Process\PhpExecutableFinder;

/** Opens pictures from outside in processes of their own: one that needs too much ends itself, and nobody else. */
final class Decoder
{
    /** Bytes of address space: the largest picture that is taken, once more in smaller, and what a progressive JPEG holds of it. */
    private const MEMORY = 1 << 30;

    /** Seconds of computing. */
    private const TIME = 20;

    /**
     * @param  int  $side  px of the longer side at most
     * @return array{string, int, int} the picture written anew, its width and height
     *
     * @throws InvalidInput when it cannot be opened within the limits
     */
    public function keep(string $bytes, int $side, string $place): array
    {
        $out = $this->run('keep', $bytes, $side, $place);
        $end = (int) strpos($out, "\n");
        /** @var array{width: int, height: int} $size */
        $size = json_decode(substr($out, 0, $end), true, flags: JSON_THROW_ON_ERROR);

        return [substr($out, $end + 1), $size['width'], $size['height']];
    }

    /** @return list<array{int, int, int, int}> red, green, blue, pixels, at `side` px */
    public function colours(string $bytes, int $side): array
    {
        return json_decode($this->run('colours', $bytes, $side, 'picture'), true, flags: JSON_THROW_ON_ERROR);
    }

    private function run(string $mode, string $bytes, int $side, string $place): string
    {
        $result = Slots::take('pictures', 2, 25, fn () => Process::timeout(2 * self::TIME)->input($bytes)->run([
            'prlimit', '--as='.self::MEMORY, '--cpu='.self::TIME, '--core=0',
            (string) (new PhpExecutableFinder)->find(), '-n', '-d', 'extension=gd', '-d', 'extension=exif', '-d', 'memory_limit=-1', '-d', 'display_errors=0',
            __DIR__.'/decode.php', $mode, (string) $side,
        ]));

        return match (true) {
            $result->successful() => $result->output(),
            $result->exitCode() === 3 => throw new InvalidInput($place, 'The picture is damaged or cut off; nothing was added.'),
            default => throw new InvalidInput($place, 'The picture takes too much memory or time to open; save it smaller, or as PNG, and try again. Nothing was added.'),
        };
    }
}
