<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Actions\Clients\AssessHealth;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;
use Illuminate\Validation\Rules\RequiredIf;
use NimbleShelf\Core\Health\BloodPressure;
use NimbleShelf\Core\Health\Joint;
use NimbleShelf\Core\Health\Question;
use NimbleShelf\Core\Health\Screening;
use NimbleShelf\Core\Matching\Limit;

final class StoreScreeningRequest extends ClientRequest
{
    /** @return array<string, list<string|In|RequiredIf|Enum>> */
    public function rules(Screening $screening): array
    {
        $rules = [
            'occasion' => ['nullable', 'in:first,due,illness,injury,birth'],
            'answers' => ['required', 'array'],
            'systolic' => ['nullable', 'integer', 'required_with:diastolic'],
            'diastolic' => ['nullable', 'integer', 'required_with:systolic'],
            'note' => ['nullable', 'string', 'max:2000'],
        ];
        foreach ($this->asked($screening)->questions as $question) {
            $rules["answers.{$question->id}"] = ['required', 'boolean'];
        }
        $joints = array_map(static fn (Joint $joint): string => $joint->id, $screening->joints);

        return $rules + [
            'joints' => [Rule::requiredIf($this->namesJoints($screening)), 'array', 'max:14'],
            'joints.*.joint' => ['required', Rule::in($joints)],
            'joints.*.side' => ['nullable', 'in:left,right,both'],
            'joints.*.replaced' => ['nullable', 'integer', 'between:1950,'.$this->trainer()->today()->year],
            'setLimits' => ['sometimes', 'array'],
            'setLimits.*' => [Rule::enum(Limit::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $messages = [
            'systolic.required_with' => 'Blood pressure has two numbers; the first is missing.',
            'joints.required' => 'Which joint?',
            'joints.*.joint.required' => 'Which joint?',
            'joints.*.replaced.between' => 'The year it was replaced: from 1950 to this year.',
            'joints.*.replaced.integer' => 'The year it was replaced, as in 2019.',
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
        foreach (array_map(static fn (Question $question): string => $question->id, $this->asked($screening)->questions) as $id) {
            $answers[$id] = $this->boolean("answers.{$id}");
        }
        $pressure = $this->filled('systolic') ? BloodPressure::of($this->integer('systolic'), $this->integer('diastolic')) : null;

        return [
            'answered_on' => $this->dayOf('answeredOn'),
            'occasion' => $this->filled('occasion') ? $this->text('occasion') : 'first',
            'answers' => $answers,
            'pressure' => $pressure === null ? null : ['systolic' => $pressure->systolic, 'diastolic' => $pressure->diastolic],
            'joints' => $this->namesJoints($screening) ? $this->joints($screening) : null,
            'note' => $this->text('note'),
        ];
    }

    /**
     * The trainer's own limits as they are from now on: those there were, and those of the proposed ones that were said yes to.
     *
     * @return list<string>
     */
    public function ownLimits(Screening $screening): array
    {
        $named = array_column($this->namesJoints($screening) ? $this->joints($screening) : [], 'joint');
        $proposed = [];
        foreach ($screening->joints as $joint) {
            if (in_array($joint->id, $named, true)) {
                array_push($proposed, ...array_column($joint->limits, 'value'));
            }
        }
        $own = array_map(static fn (Limit $limit): string => $limit->value, $this->client()->limits->all());

        return array_values(array_unique([...$own, ...array_intersect($proposed, (array) $this->input('setLimits', []))]));
    }

    private function asked(Screening $screening): Screening
    {
        return resolve(AssessHealth::class)->asked($this->client(), $screening);
    }

    /** True where one of the answers goes on to say which joint it is. */
    private function namesJoints(Screening $screening): bool
    {
        foreach ($screening->questions as $question) {
            if ($question->namesJoints && $this->boolean("answers.{$question->id}")) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{joint: string, side: string, replaced: int|null}> */
    private function joints(Screening $screening): array
    {
        $sided = [];
        foreach ($screening->joints as $joint) {
            $sided[$joint->id] = $joint->hasSides;
        }
        $named = [];
        $said = $this->input('joints');
        foreach (is_array($said) ? array_values($said) : [] as $one) {
            if (is_array($one) && is_string($one['joint'] ?? null)) {
                $named[] = [
                    'joint' => $one['joint'],
                    'side' => ($sided[$one['joint']] ?? false) && is_string($one['side'] ?? null) ? $one['side'] : '',
                    'replaced' => is_numeric($one['replaced'] ?? null) ? (int) $one['replaced'] : null,
                ];
            }
        }

        return $named;
    }
}
