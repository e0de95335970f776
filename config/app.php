<?php

declare(strict_types=1);

return [
    'name' => 'Nimble Shelf',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8014'),
    'timezone' => env('APP_TIMEZONE', 'UTC'),
    'key' => env('APP_KEY'),
    'maintenance' => ['driver' => 'file'],
];
