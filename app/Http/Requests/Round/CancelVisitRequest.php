<?php

declare(strict_types=1);

namespace App\Http\Requests\Round;

use Illuminate\Foundation\Http\FormRequest;

final class CancelVisitRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['why' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['why.required' => 'Why: a few words, so that the weeks can be read later.'];
    }

    public function why(): string
    {
        return $this->string('why')->trim()->toString();
    }
}
