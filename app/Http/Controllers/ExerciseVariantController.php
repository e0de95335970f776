<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Catalogue\StoreVariantRequest;
use App\Http\Resources\Catalogue\VariantResource;
use App\Models\ExerciseVariant;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use NimbleShelf\Core\Catalogue\Catalogue;

final class ExerciseVariantController extends Controller
{
    public function store(StoreVariantRequest $request, Catalogue $catalogue, #[CurrentUser] User $trainer): JsonResponse
    {
        $variant = $trainer->exerciseVariants()->create($request->variant());

        return response()->json(VariantResource::of($variant, $catalogue), 201);
    }

    public function update(StoreVariantRequest $request, ExerciseVariant $variant, Catalogue $catalogue): VariantResource
    {
        $variant->update($request->variant());

        return VariantResource::of($variant, $catalogue);
    }

    public function destroy(ExerciseVariant $variant): Response
    {
        $variant->delete();

        return response()->noContent();
    }
}
