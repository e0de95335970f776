<?php

declare(strict_types=1);

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('nimble-shelf.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // Long enough for a machine that stands still for seconds.
            'busy_timeout' => (int) env('DB_BUSY_TIMEOUT', 15000),
            'journal_mode' => 'WAL',
            'synchronous' => 'NORMAL',
            'transaction_mode' => 'IMMEDIATE',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
