<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Shelf\HouseholdMassRequest;
use App\Http\Resources\Shelf\HouseholdMassResource;

final class HouseholdMassController extends Controller
{
    public function __invoke(HouseholdMassRequest $request): HouseholdMassResource
    {
        return HouseholdMassResource::of($request->mass());
    }
}
