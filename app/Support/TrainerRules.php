<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\User;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Unique;

/** What the name, the address and the password of a trainer must be, wherever they are asked for. */
final class TrainerRules
{
    public const PASSWORD_LENGTH = 10;

    public const MESSAGES = [
        'name.required' => 'Your name is missing.',
        'name.max' => 'A name has at most 80 letters.',
        'email.required' => 'The e-mail address is missing.',
        'email.email' => 'That is not an e-mail address.',
        'email.max' => 'That address is too long.',
        'email.unique' => 'Somebody signs in with this address already.',
        'password.required' => 'The new password is missing.',
        'password.min' => 'A password has at least 10 characters; a few words in a row are easy to keep in mind.',
        'password.max' => 'A password has at most 200 characters.',
    ];

    /** @return list<string|Unique> */
    public static function of(string $field): array
    {
        return match ($field) {
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'email', 'max:190', Rule::unique(User::class, 'email')],
            default => ['required', 'string', 'min:'.self::PASSWORD_LENGTH, 'max:200'],
        };
    }
}
