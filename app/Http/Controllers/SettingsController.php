<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Settings\UpdateSettingsRequest;
use App\Http\Resources\Settings\SettingsResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;

final class SettingsController extends Controller
{
    public function show(#[CurrentUser] User $trainer): SettingsResource
    {
        return SettingsResource::of($trainer);
    }

    public function update(UpdateSettingsRequest $request, #[CurrentUser] User $trainer): SettingsResource
    {
        $trainer->update(['settings' => $request->settings() + ($trainer->settings ?? [])]);

        return SettingsResource::of($trainer);
    }
}
