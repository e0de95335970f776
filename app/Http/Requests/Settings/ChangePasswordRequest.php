<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Support\TrainerRules;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Unique;

final class ChangePasswordRequest extends FormRequest
{
    /** @return array<string, list<string|Unique>> */
    public function rules(): array
    {
        return [
            'current' => ['required', 'string', 'current_password:web'],
            'password' => [...TrainerRules::of('password'), 'different:current'],
            'again' => ['required', 'same:password'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return TrainerRules::MESSAGES + [
            'current.required' => 'The password you sign in with now is missing.',
            'current.current_password' => 'That is not the password you sign in with now.',
            'password.different' => 'The new password is the one you have already.',
            'again.required' => 'Enter the new password a second time.',
            'again.same' => 'The two differ. Enter the new password again.',
        ];
    }
}
