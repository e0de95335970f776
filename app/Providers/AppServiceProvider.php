<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\ImmediateSqliteConnector;
use App\Models\Item;
use App\Models\TrainingSession;
use App\Support\CatalogueFiles;
use App\Support\KeptSums;
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
use NimbleShelf\Core\Matching\RungFinder;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Programme\Planner;
use NimbleShelf\Core\Programme\WeekJudge;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Catalogue::class, fn (): Catalogue => CatalogueFiles::load(
            base_path('catalogue'),
            storage_path('framework/cache/catalogue.php'),
        ));
        $this->app->singleton(KeptSums::class, static fn (Application $app): KeptSums => new KeptSums(
            $app->make('cache.store'),
            static fn (): string => CatalogueFiles::stamp(
                base_path('catalogue'),
                base_path('core/src/Catalogue'),
                base_path('core/src/Mechanics'),
                base_path('core/src/Equivalence'),
            ),
        ));
        $this->app->singleton(ResistanceModel::class, static fn (Application $app): ResistanceModel => new ResistanceModel(
            $app->make(Catalogue::class),
            $app->make(KeptSums::class),
        ));
        // What a place allows is found once a request, whoever asks.
        $this->app->singleton(RungFinder::class);
        $this->app->singleton(ShelfRungs::class);
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
        $this->app->bind('db.connector.sqlite', ImmediateSqliteConnector::class);
        $this->app->singleton(Screening::class, fn (): Screening => CatalogueFiles::screening(base_path('catalogue')));
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
