<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

// Every address that is not the API's belongs to the page, which routes on its own.
Route::view('/{any?}', 'app')->where('any', '^(?!api|sanctum|up|build).*$');
