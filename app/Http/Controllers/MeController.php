<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\Settings\TrainerResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;

final class MeController extends Controller
{
    public function __invoke(#[CurrentUser] User $trainer): TrainerResource
    {
        return TrainerResource::of($trainer);
    }
}
