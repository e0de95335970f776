<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

final class StoreBodyMeasureRequest extends ClientRequest
{
    use MeasureRules;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'measuredOn' => ['nullable', 'date', 'before_or_equal:today'],
        ] + $this->measureRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'heightCm.between' => 'Height: between 100 and 230 cm.',
            'bodyMassKg.between' => 'Body mass: between 25 and 250 kg.',
            'measuredOn.before_or_equal' => 'A measure cannot be from a day to come.',
        ];
    }

    /** @return array<string, mixed> */
    public function measures(): array
    {
        return $this->measured($this->dayOf('measuredOn'));
    }
}
