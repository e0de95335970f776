<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use NimbleShelf\Core\Mechanics\Body;

final class StoreBodyMeasureRequest extends ClientRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'heightCm' => ['required', 'numeric', 'between:100,230'],
            'bodyMassKg' => ['required', 'numeric', 'between:25,250'],
            'measuredOn' => ['nullable', 'date', 'before_or_equal:today'],
            'limbsCm' => ['nullable', 'array'],
            'limbsCm.*' => ['nullable', 'numeric', 'between:3,120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'heightCm.between' => 'Height is between 100 and 230 cm.',
            'bodyMassKg.between' => 'Body mass is between 25 and 250 kg.',
            'measuredOn.before_or_equal' => 'A measure cannot be from a day to come.',
        ];
    }

    /** @return array<string, mixed> */
    public function measures(): array
    {
        $limbs = [];
        $said = $this->input('limbsCm');
        foreach (is_array($said) ? $said : [] as $limb => $cm) {
            if (is_numeric($cm)) {
                $limbs[(string) $limb] = (float) $cm;
            }
        }
        // The core knows which limbs there are and how long they can be; it says so, naming the field.
        Body::of($this->float('heightCm') / 100, $this->float('bodyMassKg'), array_map(static fn (float $cm): float => $cm / 100, $limbs));

        return [
            'measured_on' => $this->dayOf('measuredOn'),
            'height_cm' => $this->float('heightCm'),
            'body_mass_kg' => $this->float('bodyMassKg'),
            'limbs' => $limbs,
        ];
    }
}
