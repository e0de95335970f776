<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\Exists;

final class StoreClientRequest extends FormRequest
{
    use PersonRules;

    /** @return array<string, list<string|Enum|Exists>> */
    public function rules(): array
    {
        /** @var User $trainer */
        $trainer = $this->user();

        return $this->personRules($trainer->id) + [
            'heightCm' => ['required', 'numeric', 'between:100,230'],
            'bodyMassKg' => ['required', 'numeric', 'between:25,250'],
        ];
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

        return [
            'measured_on' => $trainer->today(),
            'height_cm' => $this->float('heightCm'),
            'body_mass_kg' => $this->float('bodyMassKg'),
            'limbs' => [],
        ];
    }

    private function text(string $field): string
    {
        return $this->string($field)->trim()->toString();
    }
}
