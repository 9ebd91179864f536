<?php

declare(strict_types=1);

return [
    // Argon2id (RFC 9106) counts every byte of a password; bcrypt only the first 72. Older hashes are replaced at sign-in.
    'driver' => 'argon2id',
    'argon' => [
        'memory' => env('ARGON_MEMORY', 19_456),
        'time' => env('ARGON_TIME', 2),
        'threads' => 1,
        'verify' => false,
    ],
];
