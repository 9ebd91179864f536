<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Session\FileSessionHandler;

/** Sessions as files that are replaced whole: a worker that is killed while it writes signs nobody out. */
final class DurableSessions extends FileSessionHandler
{
    /** @throws NoRoom when the disk does not take it */
    public function write($sessionId, $data): bool
    {
        return Durable::write("{$this->path}/{$sessionId}", $data, false) ? true : throw NoRoom::for('that you are signed in');
    }
}
