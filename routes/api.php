<?php

declare(strict_types=1);

use App\Http\Controllers\AppointmentController;
use App\Http\Controllers\ArchiveController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BenchItemController;
use App\Http\Controllers\BenchLengthController;
use App\Http\Controllers\BenchPlugController;
use App\Http\Controllers\BenchPointController;
use App\Http\Controllers\BenchReadingController;
use App\Http\Controllers\BenchTareController;
use App\Http\Controllers\BenchTestController;
use App\Http\Controllers\BenchWeighingController;
use App\Http\Controllers\BodyMeasureController;
use App\Http\Controllers\CatalogueController;
use App\Http\Controllers\ClearanceController;
use App\Http\Controllers\ClientController;
use App\Http\Controllers\CopyShelfItemController;
use App\Http\Controllers\CoverageController;
use App\Http\Controllers\DemoClientController;
use App\Http\Controllers\DueController;
use App\Http\Controllers\ExerciseRungController;
use App\Http\Controllers\ExerciseVariantController;
use App\Http\Controllers\FillController;
use App\Http\Controllers\FittingController;
use App\Http\Controllers\FloorEventController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HomeController;
use App\Http\Controllers\HouseholdMassController;
use App\Http\Controllers\InspectionController;
use App\Http\Controllers\ItemSwapController;
use App\Http\Controllers\LedgerController;
use App\Http\Controllers\LendShelfItemController;
use App\Http\Controllers\LimitController;
use App\Http\Controllers\LiveSwapController;
use App\Http\Controllers\MeController;
use App\Http\Controllers\MovementCheckController;
use App\Http\Controllers\PackController;
use App\Http\Controllers\ParsedLineController;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\PlateController;
use App\Http\Controllers\ProgrammeBreakController;
use App\Http\Controllers\ProgrammeController;
use App\Http\Controllers\ProgrammeCopyController;
use App\Http\Controllers\ProgrammeEditController;
use App\Http\Controllers\ProgrammeFollowController;
use App\Http\Controllers\ProgrammeForecastController;
use App\Http\Controllers\ProgrammeProposalController;
use App\Http\Controllers\ProgrammeReviewController;
use App\Http\Controllers\ProgrammeRunController;
use App\Http\Controllers\ProgrammeSlotController;
use App\Http\Controllers\ProgrammeUndoController;
use App\Http\Controllers\ProgrammeWeekController;
use App\Http\Controllers\RailController;
use App\Http\Controllers\RailRungController;
use App\Http\Controllers\ReplanController;
use App\Http\Controllers\RestoreShelfItemController;
use App\Http\Controllers\RestoreVariantController;
use App\Http\Controllers\RoundController;
use App\Http\Controllers\ScreeningController;
use App\Http\Controllers\SessionAlternativesController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SessionTogetherController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\ShelfItemController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\StartController;
use App\Http\Controllers\SupportCheckController;
use App\Http\Controllers\ToldResultController;
use App\Http\Controllers\VisitCancellationController;
use App\Http\Controllers\VisitController;
use App\Http\Middleware\FollowProgrammes;
use Illuminate\Support\Facades\Route;

Route::post('sign-in', [SignInController::class, 'store'])->middleware('throttle:20,1');

Route::middleware(['auth:sanctum', FollowProgrammes::class])->group(function (): void {
    Route::delete('sign-in', [SignInController::class, 'destroy']);
    Route::get('me', MeController::class);
    Route::get('round', RoundController::class);
    Route::get('due', DueController::class);
    Route::get('pack', PackController::class);
    Route::post('appointments', [AppointmentController::class, 'store']);
    Route::put('appointments/{appointment}', [AppointmentController::class, 'update']);
    Route::delete('appointments/{appointment}', [AppointmentController::class, 'destroy'])->can('delete', 'appointment');
    Route::post('appointments/{appointment}/restore', [AppointmentController::class, 'restore'])
        ->withTrashed()->can('update', 'appointment');
    Route::get('clients/{client}/fitting', FittingController::class)->can('view', 'client');
    Route::get('clients/{client}/visits', [VisitController::class, 'index'])->can('view', 'client');
    Route::post('clients/{client}/visits', [VisitController::class, 'store']);
    Route::put('visits/{session}', [VisitController::class, 'update']);
    Route::delete('visits/{session}', [VisitController::class, 'destroy'])->can('delete', 'session');
    Route::post('visits/{session}/cancellation', [VisitCancellationController::class, 'store'])->can('update', 'session');
    Route::delete('visits/{session}/cancellation', [VisitCancellationController::class, 'destroy'])->can('update', 'session');

    Route::apiResource('catalogue', CatalogueController::class)->only(['index', 'show'])->parameters(['catalogue' => 'exercise']);
    Route::post('variants', [ExerciseVariantController::class, 'store']);
    Route::put('variants/{variant}', [ExerciseVariantController::class, 'update'])->can('update', 'variant');
    Route::delete('variants/{variant}', [ExerciseVariantController::class, 'destroy'])->can('delete', 'variant');
    Route::post('variants/{variant}/restore', RestoreVariantController::class)->withTrashed()->can('update', 'variant');

    Route::apiResource('clients', ClientController::class)->except(['destroy']);
    Route::post('clients/{client}/archive', [ArchiveController::class, 'store']);
    Route::delete('clients/{client}/archive', [ArchiveController::class, 'destroy']);
    Route::post('household-mass', HouseholdMassController::class);
    Route::get('settings', [SettingsController::class, 'show']);
    Route::put('settings', [SettingsController::class, 'update']);
    Route::post('demo-client', [DemoClientController::class, 'store']);
    Route::delete('demo-client', [DemoClientController::class, 'destroy']);
    Route::put('password', PasswordController::class)->middleware('throttle:10,1');
    Route::post('clients/{client}/measures', [BodyMeasureController::class, 'store']);
    Route::put('clients/{client}/home', HomeController::class);
    Route::get('clients/{client}/limits', [LimitController::class, 'index'])->can('view', 'client');
    Route::put('clients/{client}/limits', [LimitController::class, 'update']);
    Route::get('clients/{client}/health', [HealthController::class, 'show'])->can('view', 'client');
    Route::get('clients/{client}/health/log', [HealthController::class, 'audit'])->can('view', 'client');
    Route::post('clients/{client}/screenings', [ScreeningController::class, 'store']);
    Route::post('clients/{client}/clearances', [ClearanceController::class, 'store']);
    Route::delete('clients/{client}/clearances/{clearance}', [ClearanceController::class, 'destroy'])
        ->scopeBindings()->can('update', 'client');
    Route::post('clients/{client}/checks', [MovementCheckController::class, 'store']);
    Route::apiResource('clients.shelf-items', ShelfItemController::class)->scoped()->except(['show']);
    Route::post('clients/{client}/shelf-items/{shelf_item}/restore', RestoreShelfItemController::class)
        ->withTrashed()->scopeBindings()->can('update', 'shelf_item');
    Route::post('clients/{client}/shelf-items/{shelf_item}/copy', CopyShelfItemController::class)->scopeBindings();
    Route::post('clients/{client}/shelf-items/{shelf_item}/loan', [LendShelfItemController::class, 'store'])->scopeBindings();
    Route::delete('shelf-items/{shelf_item}/loan', [LendShelfItemController::class, 'destroy'])->can('update', 'shelf_item');
    Route::post('clients/{client}/shelf-lines', [ParsedLineController::class, 'show']);
    Route::post('clients/{client}/fills', [FillController::class, 'show']);
    Route::get('clients/{client}/coverage', [CoverageController::class, 'show'])->can('view', 'client');
    Route::get('clients/{client}/coverage/additions/{place}', [CoverageController::class, 'addition'])
        ->whereNumber('place')->can('view', 'client');
    Route::scopeBindings()->group(function (): void {
        Route::get('clients/{client}/shelf-items/{shelf_item}/plates', [PlateController::class, 'show'])->can('view', 'client');
        Route::post('clients/{client}/shelf-items/{shelf_item}/check', [SupportCheckController::class, 'store']);
        Route::put('clients/{client}/shelf-items/{shelf_item}/inspection', [InspectionController::class, 'update']);
    });
    Route::prefix('clients/{client}/bench')->middleware('can:update,client')->group(function (): void {
        Route::get('/', [BenchController::class, 'show']);
        Route::get('stream', [BenchReadingController::class, 'index']);
        Route::post('hang', [BenchItemController::class, 'store']);
        Route::post('pull', [BenchLengthController::class, 'store']);
        Route::post('tare', [BenchTareController::class, 'store']);
        Route::post('plug', [BenchPlugController::class, 'store']);
        Route::post('points', [BenchPointController::class, 'store']);
        Route::delete('points/{place}', [BenchPointController::class, 'destroy'])->whereNumber('place');
        Route::post('finish', [BenchTestController::class, 'store']);
        Route::post('weigh', [BenchWeighingController::class, 'store']);
    });
    Route::get('clients/{client}/programmes', [ProgrammeController::class, 'index'])->can('view', 'client');
    Route::post('clients/{client}/programmes', [ProgrammeController::class, 'store']);
    Route::scopeBindings()->group(function (): void {
        Route::get('clients/{client}/programmes/{programme}/start', [ProgrammeRunController::class, 'show'])->can('view', 'client');
        Route::post('clients/{client}/programmes/{programme}/start', [ProgrammeRunController::class, 'store']);
        Route::delete('programmes/{programme}/turns/{turn}', [ProgrammeRunController::class, 'destroy'])->can('update', 'programme');
    });
    Route::post('programmes/{programme}/stop', [ProgrammeRunController::class, 'stop'])->can('update', 'programme');
    Route::post('programmes/{programme}/pause', [ProgrammeRunController::class, 'pause'])->can('update', 'programme');
    Route::post('programmes/{programme}/go-on', [ProgrammeRunController::class, 'goOn'])->can('update', 'programme');
    Route::post('clients/{client}/programme-proposals', [ProgrammeProposalController::class, 'show']);
    Route::get('programmes', [ProgrammeCopyController::class, 'index']);
    Route::delete('programmes/{programme}', [ProgrammeController::class, 'destroy'])->can('delete', 'programme');
    Route::post('programmes/{programme}/restore', [ProgrammeController::class, 'restore'])
        ->withTrashed()->can('update', 'programme');
    Route::post('programmes/{programme}/copies', [ProgrammeCopyController::class, 'store'])->can('view', 'programme');
    Route::get('programmes/{programme}/edits', [ProgrammeEditController::class, 'index'])->can('view', 'programme');
    Route::get('programmes/{programme}/forecast', ProgrammeForecastController::class)->can('view', 'programme');
    Route::get('programmes/{programme}/break', [ProgrammeBreakController::class, 'show'])->can('view', 'programme');
    Route::post('programmes/{programme}/break', [ProgrammeBreakController::class, 'store'])->can('update', 'programme');
    Route::put('programmes/{programme}/break', [ProgrammeBreakController::class, 'update'])->can('update', 'programme');
    Route::get('programmes/{programme}/review', [ProgrammeReviewController::class, 'show'])->can('view', 'programme');
    Route::post('programmes/{programme}/review', [ProgrammeReviewController::class, 'store'])->can('update', 'programme');
    // Quick answers while a week is edited: what follows from a change waits.
    Route::withoutMiddleware(FollowProgrammes::class)->group(function (): void {
        Route::get('programmes/{programme}/weeks/{week}', [ProgrammeWeekController::class, 'show'])
            ->whereNumber('week')->can('view', 'programme');
        Route::get('programmes/{programme}/weeks/{week}/days/{weekday}', [ProgrammeSlotController::class, 'index'])
            ->whereNumber(['week', 'weekday'])->can('view', 'programme');
        Route::get('programmes/{programme}/weeks/{week}/days/{weekday}/slots/{thread}', [ProgrammeSlotController::class, 'show'])
            ->whereNumber(['week', 'weekday'])->can('view', 'programme');
        Route::post('programmes/{programme}/weeks/{week}/edits', [ProgrammeWeekController::class, 'update'])
            ->whereNumber('week')->can('update', 'programme');
        Route::post('programmes/{programme}/undo', [ProgrammeUndoController::class, 'store'])->can('update', 'programme');
        Route::post('programmes/{programme}/redo', [ProgrammeUndoController::class, 'destroy'])->can('update', 'programme');
        Route::post('programmes/{programme}/follow', ProgrammeFollowController::class)->can('update', 'programme');
    });
    Route::get('clients/{client}/start', [StartController::class, 'show'])->can('view', 'client');
    Route::post('clients/{client}/start', [StartController::class, 'store']);
    Route::post('clients/{client}/told-lines', [ToldResultController::class, 'show']);
    Route::post('clients/{client}/told-results', [ToldResultController::class, 'store']);
    Route::scopeBindings()->group(function (): void {
        Route::delete('clients/{client}/told-results/{told_result}', [ToldResultController::class, 'destroy'])->can('update', 'client');
        Route::post('clients/{client}/told-results/{told_result}/restore', [ToldResultController::class, 'restore'])
            ->withTrashed()->can('update', 'client');
    });
    Route::get('clients/{client}/rail/{pattern}', [RailController::class, 'show'])->can('view', 'client');
    Route::get('clients/{client}/rail/{pattern}/{key}', [RailRungController::class, 'show'])->can('view', 'client');
    Route::get('clients/{client}/rungs/{exercise}', ExerciseRungController::class)->can('view', 'client');
    Route::get('clients/{client}/ledger', LedgerController::class)->can('view', 'client');

    Route::get('sessions/{session}', [SessionController::class, 'show'])->can('view', 'session');
    Route::get('sessions/{session}/together/{other}', SessionTogetherController::class)
        ->can('view', 'session')->can('view', 'other');
    Route::get('sessions/{session}/alternatives', SessionAlternativesController::class)->can('view', 'session');

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
