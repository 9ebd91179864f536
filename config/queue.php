<?php

declare(strict_types=1);

return [
    'default' => env('KINDRED_QUEUE', 'database'),
    'connections' => [
        // Whatever takes longer than this is taken for dead, and ends as interrupted.
        'database' => ['driver' => 'database', 'table' => 'jobs', 'queue' => 'default', 'retry_after' => 900, 'after_commit' => true],
    ],
    'failed' => ['driver' => 'null'],
];
