<?php

declare(strict_types=1);

return [
    /** Where the build leaves the compiled faces and icons. */
    'compiled' => env('KINDRED_COMPILED', base_path('var/compiled')),

    /** The account of the demo data; the sign-in page offers it when it exists. */
    'demo' => ['email' => 'demo@fernhollow.example', 'password' => 'fernhollow'],

    /** Bytes that have to be free on the disk for anything to be written. */
    'room' => 64 * 1024 * 1024,

    /** Bounds of pictures: bytes of one that people bring and of one as it is kept, pixels, and the longest side they are kept at, px. */
    'pictures' => ['bytes' => 12 * 1024 * 1024, 'kept' => 40 * 1024 * 1024, 'pixels' => 40_000_000, 'side' => 4096],
];
