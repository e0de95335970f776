<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Settings\SignInRequest;
use App\Http\Resources\Settings\TrainerResource;
use App\Models\User;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final class SignInController extends Controller
{
    public function store(SignInRequest $request): TrainerResource
    {
        if (! Auth::attempt($request->safe()->only(['email', 'password']), remember: true)) {
            throw ValidationException::withMessages(['email' => 'Address and password do not belong together. Check both and try again.']);
        }
        $request->session()->regenerate();
        /** @var User $trainer */
        $trainer = Auth::user();

        return TrainerResource::of($trainer);
    }

    public function destroy(Request $request): Response
    {
        /** @var StatefulGuard $session */
        $session = Auth::guard('web');
        $session->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }
}
