<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use Carbon\CarbonImmutable;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Exception\CoreException;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Text\BodyMeasures;

/** What is measured of a body, at the first visit or later. */
trait MeasureRules
{
    /** As people say them, in the units of the sums; what is none is left for the rules to refuse. */
    protected function prepareForValidation(): void
    {
        $read = [];
        foreach (['heightCm' => BodyMeasures::heightCm(...), 'bodyMassKg' => BodyMeasures::massKg(...)] as $field => $reading) {
            $said = $this->input($field);
            try {
                $read[$field] = is_string($said) && trim($said) !== '' ? round($reading($said), 2) : $said;
            } catch (CoreException) {
                $read[$field] = $said;
            }
        }
        $this->merge($read);
    }

    /** @return array<string, string> */
    private function measureMessages(): array
    {
        return [
            'heightCm.required' => 'How tall is the client? Every sum needs it.',
            'heightCm.numeric' => 'Height: as in 172, 1.72 m or 5 ft 8.',
            'heightCm.between' => 'Height: between 100 and 230 cm.',
            'bodyMassKg.required' => 'What does the client weigh? Every sum needs it.',
            'bodyMassKg.numeric' => 'Body mass: as in 72.5, 160 lb or 11 st 4.',
            'bodyMassKg.between' => 'Body mass: between 25 and 250 kg.',
        ];
    }

    /** @return array<string, list<string>> */
    private function measureRules(): array
    {
        return [
            'heightCm' => ['required', 'numeric', 'between:100,230'],
            'bodyMassKg' => ['required', 'numeric', 'between:25,250'],
            'limbsCm' => ['nullable', 'array'],
            'limbsCm.*' => ['nullable', 'numeric', 'between:3,120'],
        ];
    }

    /** "limbs.thigh_cm must be between 21 and 67 cm; got 5." as somebody would say it. */
    private function inWords(CoreException $wrong): string
    {
        preg_match('/^limbs\.(\w+)_cm$/', $wrong->field(), $limb);
        preg_match('/between ([\d.]+) and ([\d.]+) cm/', $wrong->getMessage(), $range);

        return $limb === [] || $range === []
            ? $wrong->getMessage()
            : sprintf('Length of the %s (cm): between %s and %s at this height.', str_replace('_', ' ', $limb[1]), $range[1], $range[2]);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws ValidationException If a limb is none, or cannot be that long at this height.
     */
    private function measured(CarbonImmutable $on): array
    {
        $limbs = [];
        $said = $this->input('limbsCm');
        foreach (is_array($said) ? $said : [] as $limb => $cm) {
            if (is_numeric($cm)) {
                $limbs[(string) $limb] = (float) $cm;
            }
        }
        // The core knows which limbs there are and how long they can be; it says so, and the form in the words of its label.
        try {
            Body::of(
                $this->float('heightCm') / 100,
                $this->float('bodyMassKg'),
                array_map(static fn (float $cm): float => $cm / 100, $limbs),
            );
        } catch (CoreException $wrong) {
            throw ValidationException::withMessages([$wrong->field() => $this->inWords($wrong)]);
        }

        return [
            'measured_on' => $on,
            'height_cm' => $this->float('heightCm'),
            'body_mass_kg' => $this->float('bodyMassKg'),
            'limbs' => $limbs,
        ];
    }
}
