<?php

declare(strict_types=1);

namespace App\Http\Requests\Floor;

use App\Enums\SessionState;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;

final class UpdateSessionStateRequest extends FormRequest
{
    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return ['state' => ['required', Rule::enum(SessionState::class)]];
    }

    public function state(): SessionState
    {
        return SessionState::from($this->string('state')->toString());
    }
}
