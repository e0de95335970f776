<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use NimbleShelf\Core\Matching\Limit;

final class UpdateLimitsRequest extends ClientRequest
{
    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return ['limits' => ['present', 'array'], 'limits.*' => ['required', 'distinct', Rule::enum(Limit::class)]];
    }

    /** @return list<string> */
    public function limits(): array
    {
        /** @var list<string> $limits */
        $limits = array_values((array) $this->validated('limits'));

        return $limits;
    }
}
