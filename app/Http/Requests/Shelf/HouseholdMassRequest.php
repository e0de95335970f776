<?php

declare(strict_types=1);

namespace App\Http\Requests\Shelf;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use NimbleShelf\Core\Kit\Contents;
use NimbleShelf\Core\Shelf\HouseholdMass;

final class HouseholdMassRequest extends FormRequest
{
    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'netKg' => ['nullable', 'numeric', 'between:0.02,60'],
            'contents' => ['required_without:netKg', 'nullable', Rule::enum(Contents::class)],
            'litres' => ['required_without:netKg', 'nullable', 'numeric', 'between:0.05,100'],
            'containerKg' => ['nullable', 'numeric', 'between:0,20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'litres.required_without' => 'How many litres are in it?',
            'litres.between' => 'Between 0.05 and 100 litres.',
            'containerKg.between' => 'An empty vessel weighs between 0 and 20 kg.',
            'netKg.between' => 'A label says between 0.02 and 60 kg.',
        ];
    }

    public function mass(): HouseholdMass
    {
        return $this->filled('netKg')
            ? HouseholdMass::ofPack($this->float('netKg'))
            : HouseholdMass::ofContents(
                Contents::from($this->string('contents')->toString()),
                $this->float('litres'),
                $this->float('containerKg'),
            );
    }
}
