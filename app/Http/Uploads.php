<?php

declare(strict_types=1);

namespace App\Http;

use App\Storage\NoRoom;
use Illuminate\Http\UploadedFile;

/** Why a file did not arrive. */
final class Uploads
{
    /** @throws NoRoom where the server could not put it down */
    public static function mustHaveFit(mixed $file): void
    {
        if ($file instanceof UploadedFile && in_array($file->getError(), [UPLOAD_ERR_CANT_WRITE, UPLOAD_ERR_NO_TMP_DIR, UPLOAD_ERR_PARTIAL], true)) {
            throw NoRoom::for('the file');
        }
    }
}
