<?php

declare(strict_types=1);

namespace App\Providers;

use App\Actions\Programme\ReadProgramme;
use App\Actions\Programme\ShowWeek;
use App\Database\ImmediateSqliteConnector;
use App\Models\Item;
use App\Models\TrainingSession;
use App\Support\CatalogueFiles;
use App\Support\KeptSummaries;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Editing\AfterLogs;
use NimbleShelf\Core\Editing\AfterStart;
use NimbleShelf\Core\Editing\LaterWeeks;
use NimbleShelf\Core\Editing\Refit;
use NimbleShelf\Core\Editing\WeekEditor;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Health\Screening;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Programme\Planner;
use NimbleShelf\Core\Programme\WeekChecks;
use NimbleShelf\Core\Programme\WeekJudge;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Catalogue::class, fn (): Catalogue => CatalogueFiles::load(
            base_path('catalogue'),
            storage_path('framework/cache/catalogue.php'),
        ));
        $this->app->singleton(ResistanceModel::class);
        $this->app->bind(WeekJudge::class, static fn (Application $app): WeekJudge => WeekJudge::of(
            $app->make(Catalogue::class),
            $app->make(ResistanceModel::class),
        ));
        $this->app->bind(Planner::class, static fn (Application $app): Planner => Planner::of(
            $app->make(Catalogue::class),
            $app->make(ResistanceModel::class),
        ));
        foreach ([WeekEditor::class, LaterWeeks::class, Refit::class, AfterLogs::class, AfterStart::class] as $editing) {
            $this->app->bind($editing, static fn (Application $app): WeekEditor|LaterWeeks|Refit|AfterLogs|AfterStart => $editing::of(
                $app->make(Catalogue::class),
                $app->make(ResistanceModel::class),
            ));
        }
        $this->editing();
        $this->app->bind('db.connector.sqlite', ImmediateSqliteConnector::class);
        $this->app->singleton(Screening::class, fn (): Screening => CatalogueFiles::screening(base_path('catalogue')));
    }

    /** While a week is edited it is judged after every change: what its loads come to is kept from one request to the next. */
    private function editing(): void
    {
        $this->app->singleton(KeptSummaries::class, static function (Application $app): KeptSummaries {
            $stamp = CatalogueFiles::stamp(base_path('catalogue'), base_path('core/src/Mechanics'), base_path('core/src/Equivalence'));
            $kept = new KeptSummaries($app->make('cache.store'), "summaries.{$stamp}");
            $app->terminating($kept->save(...));

            return $kept;
        });
        $this->app->singleton('editing.model', static fn (Application $app): ResistanceModel => $app->make(ResistanceModel::class)
            ->keepingSummaries($app->make(KeptSummaries::class)));
        $this->app->singleton('editing.rungs', static fn (Application $app): ShelfRungs => ShelfRungs::of($app->make('editing.model')));
        $this->app->when(ReadProgramme::class)->needs(ShelfRungs::class)
            ->give(static fn (Application $app): ShelfRungs => $app->make('editing.rungs'));
        $this->app->when(ShowWeek::class)->needs(WeekChecks::class)->give(static fn (Application $app): WeekChecks => new WeekChecks(
            $app->make(Catalogue::class),
            $app->make('editing.model'),
            $app->make('editing.rungs'),
        ));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        // Relations load on demand; a screen here reads one client's few rows.
        Model::preventLazyLoading(false);
        Route::model('session', TrainingSession::class);
        Route::model('item', Item::class);
    }
}
