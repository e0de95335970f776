<?php

declare(strict_types=1);

use App\Http\Controllers\BenchController;
use App\Http\Controllers\BodyMeasureController;
use App\Http\Controllers\CatalogueController;
use App\Http\Controllers\ClientController;
use App\Http\Controllers\ExerciseVariantController;
use App\Http\Controllers\FloorEventController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HomeController;
use App\Http\Controllers\HouseholdMassController;
use App\Http\Controllers\ItemSwapController;
use App\Http\Controllers\LedgerController;
use App\Http\Controllers\LimitController;
use App\Http\Controllers\LiveSwapController;
use App\Http\Controllers\MeController;
use App\Http\Controllers\RailController;
use App\Http\Controllers\ReplanController;
use App\Http\Controllers\RestoreShelfItemController;
use App\Http\Controllers\RoundController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\ShelfItemController;
use App\Http\Controllers\ShelfToolController;
use App\Http\Controllers\SignInController;
use Illuminate\Support\Facades\Route;

Route::post('sign-in', [SignInController::class, 'store'])->middleware('throttle:20,1');

Route::middleware('auth:sanctum')->group(function (): void {
    Route::delete('sign-in', [SignInController::class, 'destroy']);
    Route::get('me', MeController::class);
    Route::get('round', RoundController::class);

    Route::apiResource('catalogue', CatalogueController::class)->only(['index', 'show'])->parameters(['catalogue' => 'exercise']);
    Route::post('variants', [ExerciseVariantController::class, 'store']);
    Route::put('variants/{variant}', [ExerciseVariantController::class, 'update'])->can('update', 'variant');
    Route::delete('variants/{variant}', [ExerciseVariantController::class, 'destroy'])->can('delete', 'variant');
    Route::post('variants/{variant}/restore', [ExerciseVariantController::class, 'restore'])->withTrashed()->can('update', 'variant');

    Route::apiResource('clients', ClientController::class)->except(['destroy']);
    Route::post('household-mass', HouseholdMassController::class);
    Route::get('settings', [SettingsController::class, 'show']);
    Route::put('settings', [SettingsController::class, 'update']);
    Route::post('clients/{client}/measures', [BodyMeasureController::class, 'store']);
    Route::put('clients/{client}/home', HomeController::class);
    Route::get('clients/{client}/limits', [LimitController::class, 'index'])->can('view', 'client');
    Route::put('clients/{client}/limits', [LimitController::class, 'update']);
    Route::get('clients/{client}/health', [HealthController::class, 'show'])->can('view', 'client');
    Route::post('clients/{client}/screenings', [HealthController::class, 'screen']);
    Route::post('clients/{client}/clearances', [HealthController::class, 'clear']);
    Route::delete('clients/{client}/clearances/{clearance}', [HealthController::class, 'withdraw'])->scopeBindings()->can('update', 'client');
    Route::post('clients/{client}/checks', [HealthController::class, 'check']);
    Route::apiResource('clients.shelf-items', ShelfItemController::class)->scoped()->except(['show']);
    Route::post('clients/{client}/shelf-items/{shelf_item}/restore', RestoreShelfItemController::class)->withTrashed()->scopeBindings()->can('update', 'shelf_item');
    Route::post('clients/{client}/shelf-lines', [ShelfToolController::class, 'read']);
    Route::post('clients/{client}/fills', [ShelfToolController::class, 'fill']);
    Route::get('clients/{client}/coverage', [ShelfToolController::class, 'coverage'])->can('view', 'client');
    Route::scopeBindings()->group(function (): void {
        Route::get('clients/{client}/shelf-items/{shelf_item}/plates', [ShelfToolController::class, 'plates'])->can('view', 'client');
        Route::post('clients/{client}/shelf-items/{shelf_item}/check', [ShelfToolController::class, 'support']);
        Route::put('clients/{client}/shelf-items/{shelf_item}/inspection', [ShelfToolController::class, 'inspect']);
    });
    Route::prefix('clients/{client}/bench')->middleware('can:update,client')->group(function (): void {
        Route::get('/', [BenchController::class, 'show']);
        Route::get('stream', [BenchController::class, 'stream']);
        Route::post('hang', [BenchController::class, 'hang']);
        Route::post('pull', [BenchController::class, 'pull']);
        Route::post('tare', [BenchController::class, 'tare']);
        Route::post('plug', [BenchController::class, 'plug']);
        Route::post('points', [BenchController::class, 'take']);
        Route::delete('points/{place}', [BenchController::class, 'drop'])->whereNumber('place');
        Route::post('finish', [BenchController::class, 'finish']);
        Route::post('weigh', [BenchController::class, 'weigh']);
    });
    Route::get('clients/{client}/rail/{pattern}', [RailController::class, 'show'])->can('view', 'client');
    Route::get('clients/{client}/rail/{pattern}/{key}', [RailController::class, 'rung'])->can('view', 'client');
    Route::get('clients/{client}/ledger', LedgerController::class)->can('view', 'client');

    Route::get('sessions/{session}', [SessionController::class, 'show'])->can('view', 'session');

    Route::post('sessions/{session}/replans', [ReplanController::class, 'show'])->can('view', 'session');
    Route::put('sessions/{session}/replans', [ReplanController::class, 'store'])->can('update', 'session');
    Route::delete('sessions/{session}/replans/{batch}', [ReplanController::class, 'destroy'])->whereUuid('batch')->can('update', 'session');

    Route::get('items/{item}/swaps', [ItemSwapController::class, 'index'])->can('view', 'item');
    Route::post('items/{item}/swaps', [ItemSwapController::class, 'store'])->can('update', 'item');
    Route::post('items/{item}/swaps/live', [LiveSwapController::class, 'show'])->can('view', 'item');
    Route::put('items/{item}/swaps/live', [LiveSwapController::class, 'store'])->can('update', 'item');
    Route::delete('items/{item}/swaps', [ItemSwapController::class, 'destroy'])->can('update', 'item');

    // Each event names its client; KeepEvents refuses those of others.
    Route::post('floor-events', [FloorEventController::class, 'store']);
});
