<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\Catalogue\VariantResource;
use App\Models\ExerciseVariant;
use NimbleShelf\Core\Catalogue\Catalogue;

/** Brings a trainer's own version back. */
final class RestoreVariantController extends Controller
{
    public function __invoke(ExerciseVariant $variant, Catalogue $catalogue): VariantResource
    {
        $variant->restore();

        return VariantResource::of($variant, $catalogue);
    }
}
