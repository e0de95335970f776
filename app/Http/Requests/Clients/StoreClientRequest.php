<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\Exists;

final class StoreClientRequest extends FormRequest
{
    use MeasureRules, PersonRules;

    /** @return array<string, list<string|Enum|Exists>> */
    public function rules(): array
    {
        /** @var User $trainer */
        $trainer = $this->user();

        return $this->personRules($trainer->id) + $this->measureRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->personMessages() + $this->measureMessages();
    }

    /** @return array<string, mixed> */
    public function newPerson(): array
    {
        return $this->person() + ['limits' => []];
    }

    /** @return array<string, mixed> */
    public function measures(): array
    {
        /** @var User $trainer */
        $trainer = $this->user();

        return $this->measured($trainer->today());
    }

    private function text(string $field): string
    {
        return $this->string($field)->trim()->toString();
    }
}
