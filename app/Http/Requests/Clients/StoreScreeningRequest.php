<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use NimbleShelf\Core\Health\BloodPressure;
use NimbleShelf\Core\Health\Question;
use NimbleShelf\Core\Health\Screening;

final class StoreScreeningRequest extends ClientRequest
{
    /** @return array<string, list<string>> */
    public function rules(Screening $screening): array
    {
        $rules = [
            'occasion' => ['nullable', 'in:first,due,illness,injury,birth'],
            'answers' => ['required', 'array'],
            'systolic' => ['nullable', 'integer', 'required_with:diastolic'],
            'diastolic' => ['nullable', 'integer', 'required_with:systolic'],
            'note' => ['nullable', 'string', 'max:2000'],
        ];
        foreach ($screening->questions as $question) {
            $rules["answers.{$question->id}"] = ['required', 'boolean'];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $messages = [
            'systolic.required_with' => 'Blood pressure has two numbers; the first is missing.',
            'diastolic.required_with' => 'Blood pressure has two numbers; the second is missing.',
        ];
        foreach (resolve(Screening::class)->questions as $question) {
            $messages["answers.{$question->id}.required"] = 'Not answered yet.';
        }

        return $messages;
    }

    /** @return array<string, mixed> */
    public function screening(Screening $screening): array
    {
        $answers = [];
        foreach (array_map(static fn (Question $question): string => $question->id, $screening->questions) as $id) {
            $answers[$id] = $this->boolean("answers.{$id}");
        }
        $pressure = $this->filled('systolic') ? BloodPressure::of($this->integer('systolic'), $this->integer('diastolic')) : null;

        return [
            'answered_on' => $this->dayOf('answeredOn'),
            'occasion' => $this->filled('occasion') ? $this->text('occasion') : 'first',
            'answers' => $answers,
            'pressure' => $pressure === null ? null : ['systolic' => $pressure->systolic, 'diastolic' => $pressure->diastolic],
            'note' => $this->text('note'),
        ];
    }
}
