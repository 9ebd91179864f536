<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '13306'),
            'database' => env('DB_DATABASE', 'kindred'),
            'username' => env('DB_USERNAME', 'kindred'),
            'password' => env('DB_PASSWORD', ''),
            'unix_socket' => env('DB_SOCKET', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_uca1400_ai_ci',
            'prefix' => '',
            'strict' => true,
            'engine' => 'InnoDB',
            // One message to the database for each query instead of three; values are still bound and quoted by the driver.
            'options' => [PDO::ATTR_EMULATE_PREPARES => true],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
