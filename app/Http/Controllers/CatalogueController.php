<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Catalogue\ShowCatalogue;
use App\Actions\Catalogue\ShowExercise;
use App\Http\Requests\Catalogue\ShowExerciseRequest;
use App\Http\Resources\Catalogue\CatalogueResource;
use App\Http\Resources\Catalogue\ExerciseResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use NimbleShelf\Core\Catalogue\Catalogue;

final class CatalogueController extends Controller
{
    public function index(ShowCatalogue $list, #[CurrentUser] User $trainer): CatalogueResource
    {
        return $list->handle($trainer);
    }

    public function show(
        ShowExerciseRequest $request,
        string $exercise,
        Catalogue $catalogue,
        ShowExercise $show,
        #[CurrentUser] User $trainer,
    ): ExerciseResource {
        return $show->handle(
            $catalogue->exercises[$exercise] ?? abort(404),
            $trainer,
            $request->client(),
            $request->implement(),
            $request->massKg(),
        );
    }
}
