<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\ImmediateSqliteConnector;
use App\Models\Item;
use App\Models\TrainingSession;
use App\Support\CatalogueFiles;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Health\Screening;
use NimbleShelf\Core\Programme\Planner;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Catalogue::class, fn (): Catalogue => CatalogueFiles::load(
            base_path('catalogue'),
            storage_path('framework/cache/catalogue.php'),
        ));
        $this->app->singleton(ResistanceModel::class);
        $this->app->bind(Planner::class, static fn (Application $app): Planner => Planner::of(
            $app->make(Catalogue::class),
            $app->make(ResistanceModel::class),
        ));
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
