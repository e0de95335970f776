<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use Closure;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\Exists;

final class UpdateClientRequest extends ClientRequest
{
    use PersonRules;

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->personMessages();
    }

    /** @return array<string, list<string|Enum|Exists|Closure>> */
    public function rules(): array
    {
        $rules = $this->personRules($this->trainer()->id);
        $rules['kitFromId'][] = function (string $field, mixed $value, Closure $fail): void {
            if ((int) (is_numeric($value) ? $value : 0) === $this->client()->id) {
                $fail('A client’s own shelf is theirs already; choose somebody else of the household.');
            }
        };

        return $rules;
    }
}
