<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Cache\FileStore;

/** What is kept to be faster is done without where the disk does not take it. */
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
