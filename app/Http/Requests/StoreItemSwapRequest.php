<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class StoreItemSwapRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['key' => ['required', 'string', 'size:16'], 'scope' => ['nullable', 'in:set,today,programme']];
    }
}
