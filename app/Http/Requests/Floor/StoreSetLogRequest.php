<?php

declare(strict_types=1);

namespace App\Http\Requests\Floor;

use Illuminate\Foundation\Http\FormRequest;

final class StoreSetLogRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'key' => ['required', 'uuid'],
            'setNumber' => ['required', 'integer', 'between:1,20'],
            'side' => ['nullable', 'in:left,right'],
            'reps' => ['required', 'integer', 'between:0,300'],
            'reserve' => ['required', 'numeric', 'between:0,10'],
            'pain' => ['required', 'boolean'],
            'painNote' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'reps.required' => 'How many repetitions were done? 0 is an answer.',
            'reps.between' => 'Repetitions (or seconds of a hold) go from 0 to 300.',
            'reserve.required' => 'How many more would have been clean?',
            'reserve.between' => 'Repetitions in reserve go from 0 to 10.',
            'side.in' => 'The side is left, right or both.',
        ];
    }

    /** @return array{key: string, set_number: int, side: string|null, reps: int, reserve: float, pain: bool, pain_note: string} */
    public function done(): array
    {
        return [
            'key' => $this->string('key')->toString(),
            'set_number' => $this->integer('setNumber'),
            'side' => $this->filled('side') ? $this->string('side')->toString() : null,
            'reps' => $this->integer('reps'),
            'reserve' => $this->float('reserve'),
            'pain' => $this->boolean('pain'),
            'pain_note' => $this->string('painNote')->toString(),
        ];
    }
}
