<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Filesystem\FilesystemAdapter;
use League\Flysystem\Local\LocalFilesystemAdapter;

/** Files that are there, whole, once they have been acknowledged. */
final class Durable
{
    /**
     * Puts bytes on a disk so that they are found there whole or not at all.
     *
     * @throws NoRoom when the disk does not take them
     */
    public static function put(Filesystem $disk, string $path, string $bytes, string $what): void
    {
        if ($disk instanceof FilesystemAdapter && $disk->getAdapter() instanceof LocalFilesystemAdapter) {
            self::write($disk->path($path), $bytes) || throw NoRoom::for($what);

            return;
        }
        if (! $disk->put($path, $bytes) || $disk->size($path) !== strlen($bytes)) {
            throw NoRoom::for($what);
        }
    }

    /**
     * Writes beside a file, and to the medium where that is wanted, and puts that in its place: whoever reads finds the
     * old bytes or the new, never some of either.
     *
     * @return bool false when the disk does not take it; the old bytes are still there then
     */
    public static function write(string $path, string $bytes, bool $toMedium = true): bool
    {
        $folder = dirname($path);
        if (! is_dir($folder) && ! @mkdir($folder, 0700, true) && ! is_dir($folder)) {
            return false;
        }
        $beside = $path.'.'.bin2hex(random_bytes(6)).'.tmp';
        $file = @fopen($beside, 'xb');
        if ($file === false) {
            return false;
        }
        $whole = @fwrite($file, $bytes) === strlen($bytes) && @fflush($file) && (! $toMedium || @fsync($file));
        $whole = @fclose($file) && $whole && @filesize($beside) === strlen($bytes);
        if ($whole && @rename($beside, $path)) {
            return true;
        }
        @unlink($beside);

        return false;
    }
}
