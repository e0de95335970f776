<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Settings\ChangePasswordRequest;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Str;

final class PasswordController extends Controller
{
    /** Other devices are signed out by it; this one stays. */
    public function __invoke(ChangePasswordRequest $request, #[CurrentUser] User $trainer): Response
    {
        $trainer->forceFill([
            'password' => $request->string('password')->toString(),
            'remember_token' => Str::random(60),
        ])->save();
        /** @var StatefulGuard $session */
        $session = Auth::guard('web');
        $session->login($trainer, remember: true);

        return response()->noContent();
    }
}
