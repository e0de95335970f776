<?php

declare(strict_types=1);

return [
    // One origin serves page and API; which host and port that is, the request itself says.
    'stateful' => [env('NIMBLE_SHELF_HOST', '127.0.0.1:8014'), 'localhost', 'localhost:*', '127.0.0.1', '127.0.0.1:*'],
    'guard' => ['web'],
    'expiration' => null,
];
