<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 60 * 24 * 14,
    'cookie' => 'nimble_shelf_session',
    'same_site' => 'lax',
];
