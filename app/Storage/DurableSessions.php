<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Session\FileSessionHandler;

/**
 * Sessions as files that are replaced whole: a worker that is killed while it writes signs nobody out. One that is as it
 * was read is only marked as in use, so that what another request wrote in the meantime stays.
 */
final class DurableSessions extends FileSessionHandler
{
    /** @var array<string, string> what was read, by session */
    private array $known = [];

    public function read($sessionId): string
    {
        return $this->known[$sessionId] = (string) parent::read($sessionId);
    }

    /** @throws NoRoom when the disk does not take it */
    public function write($sessionId, $data): bool
    {
        $file = "{$this->path}/{$sessionId}";
        if (($this->known[$sessionId] ?? '') === $data) {
            // One that was ended in the meantime stays ended.
            return ! is_file($file) || touch($file);
        }
        $this->known[$sessionId] = $data;

        return Durable::write($file, $data, false) ? true : throw NoRoom::for('that you are signed in');
    }
}
