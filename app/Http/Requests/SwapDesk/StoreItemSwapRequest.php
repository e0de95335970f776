<?php

declare(strict_types=1);

namespace App\Http\Requests\SwapDesk;

use App\Enums\SwapScope;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class StoreItemSwapRequest extends FormRequest
{
    /** @return array<string, list<\Illuminate\Validation\Rules\Enum|string>> */
    public function rules(): array
    {
        return ['key' => ['required', 'string', 'size:16'], 'scope' => ['nullable', Rule::enum(SwapScope::class)]];
    }

    public function scope(): SwapScope
    {
        return SwapScope::tryFrom($this->string('scope')->toString()) ?? SwapScope::Today;
    }
}
