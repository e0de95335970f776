<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use NimbleShelf\Core\Matching\MatchScore;

final class UpdateSettingsRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'systolic' => ['required', 'integer', 'between:120,200'],
            'diastolic' => ['required', 'integer', 'between:70,130', 'lt:systolic'],
            'weights' => ['nullable', 'array:'.implode(',', array_keys(MatchScore::WEIGHTS))],
            'weights.*' => ['required', 'integer', 'between:0,100'],
            'zone' => ['nullable', 'timezone'],
            'pushUp' => ['nullable', 'in:push-up,press-up'],
            'emergencyNumber' => ['required', 'string', 'max:20', 'regex:/^[0-9+ ]+$/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'systolic.between' => 'The upper threshold lies between 120 and 200 mmHg.',
            'diastolic.between' => 'The lower threshold lies between 70 and 130 mmHg.',
            'weights.*.required' => 'How much does it count?',
            'weights.*.integer' => 'A weight is a whole number.',
            'weights.*.between' => 'A weight is between 0 and 100.',
            'pushUp.in' => 'Push-up or press-up: one of the two.',
            'zone.timezone' => 'Choose a time zone from the list.',
            'emergencyNumber.required' => 'Which number is called in an emergency here?',
            'emergencyNumber.regex' => 'A number has digits, spaces and a plus sign.',
        ];
    }

    protected function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $weights = $this->input('weights');
            if (is_array($weights) && $weights !== [] && array_sum(array_filter($weights, is_numeric(...))) <= 0) {
                $validator->errors()->add('weights', 'Something must count: all weights are zero.');
            }
        });
    }

    /** @return array<string, int|string|array<string, int>> */
    public function settings(): array
    {
        $weights = $this->input('weights');

        $chosen = array_filter([
            'zone' => $this->string('zone')->toString(),
            'push_up' => $this->string('pushUp')->toString(),
        ], static fn (string $one): bool => $one !== '');

        return $chosen + [
            'weights' => is_array($weights) ? array_map(
                static fn (mixed $weight): int => is_numeric($weight) ? (int) $weight : 0,
                $weights,
            ) : [],
            'systolic' => $this->integer('systolic'),
            'diastolic' => $this->integer('diastolic'),
            'emergency_number' => $this->string('emergencyNumber')->trim()->toString(),
        ];
    }
}
