<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

// The browser lets it look after the pages of its own folder alone: it lies at the top, and is asked for anew each time.
Route::get('sw.js', static fn () => response()->file(public_path('build/sw.js'), [
    'Content-Type' => 'text/javascript',
    'Cache-Control' => 'no-cache',
]));

// Every address that is not the API's belongs to the page, which routes on its own.
Route::view('/{any?}', 'app')->where('any', '^(?!api|sanctum|up|build|sw\.js).*$');
