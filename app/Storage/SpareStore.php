<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Cache\FileStore;

/** A cache on disk that does without where the disk is full. */
final class SpareStore extends FileStore
{
    public function put($key, $value, $seconds): bool
    {
        try {
            return parent::put($key, $value, $seconds);
        } catch (\Throwable) {
            return false;
        }
    }

    public function add($key, $value, $seconds): bool
    {
        try {
            return parent::add($key, $value, $seconds);
        } catch (\Throwable) {
            return true;
        }
    }
}
