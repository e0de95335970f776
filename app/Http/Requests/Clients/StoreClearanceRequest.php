<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;
use NimbleShelf\Core\Health\Question;
use NimbleShelf\Core\Health\Screening;
use NimbleShelf\Core\Matching\Limit;

final class StoreClearanceRequest extends ClientRequest
{
    /** @return array<string, list<string|In|Enum>> */
    public function rules(Screening $screening): array
    {
        return [
            'givenOn' => ['required', 'date', 'before_or_equal:today'],
            'expiresOn' => ['nullable', 'date', 'after:givenOn'],
            'givenBy' => ['required', 'string', 'max:120'],
            'allows' => ['required', 'string', 'max:1000'],
            'questions' => ['required', 'array', 'min:1'],
            'questions.*' => [Rule::in(array_map(static fn (Question $question): string => $question->id, $screening->questions))],
            'lifts' => ['present', 'array'],
            'lifts.*' => [Rule::enum(Limit::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'givenOn.required' => 'On which day was it given?',
            'givenOn.before_or_equal' => 'A clearance cannot be from a day to come.',
            'givenBy.required' => 'Who gave it?',
            'allows.required' => 'What does it allow, in the clinician’s words?',
            'questions.required' => 'Which of the answers does it cover?',
            'expiresOn.after' => 'It runs out after the day it was given.',
        ];
    }

    /** @return array<string, mixed> */
    public function clearance(): array
    {
        return [
            'given_on' => $this->dayOf('givenOn'),
            'expires_on' => $this->filled('expiresOn') ? $this->dayOf('expiresOn') : null,
            'given_by' => $this->text('givenBy'),
            'allows' => $this->text('allows'),
            'questions' => array_values((array) $this->validated('questions')),
            'lifts' => array_values((array) $this->validated('lifts')),
        ];
    }
}
