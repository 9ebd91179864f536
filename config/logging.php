<?php

declare(strict_types=1);

return [
    'channels' => [
        // A log that cannot be written, for the disk is full, keeps nothing else from being done.
        'single' => ['driver' => 'stack', 'channels' => ['file'], 'ignore_exceptions' => true],
        'file' => ['driver' => 'single', 'path' => storage_path('logs/laravel.log'), 'level' => 'debug', 'permission' => 0600],
    ],
];
