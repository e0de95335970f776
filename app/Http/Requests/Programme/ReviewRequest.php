<?php

declare(strict_types=1);

namespace App\Http\Requests\Programme;

use Illuminate\Foundation\Http\FormRequest;

/** What is to be mended of a programme. */
final class ReviewRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'accepted' => ['present', 'array', 'max:200'],
            'accepted.*' => ['string', 'max:120'],
        ];
    }

    /** @return list<string> */
    public function accepted(): array
    {
        return array_values(array_filter((array) $this->validated('accepted'), is_string(...)));
    }
}
