<?php

declare(strict_types=1);

namespace App\Http\Requests\Replan;

use App\Actions\Replan\Replan;
use App\Enums\Occasion;
use App\Models\TrainingSession;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use NimbleShelf\Core\Matching\SorePart;

/** What happened: something is missing, there is less time, or something is sore. */
final class ReplanRequest extends FormRequest
{
    /** @return array<string, list<Enum|\Illuminate\Validation\Rules\RequiredIf|string>> */
    public function rules(): array
    {
        return [
            'occasion' => ['required', Rule::enum(Occasion::class)],
            'thingIds' => [Rule::requiredIf($this->input('occasion') === Occasion::Missing->value), 'array', 'min:1'],
            'thingIds.*' => ['integer'],
            'minutes' => [Rule::requiredIf($this->input('occasion') === Occasion::LessTime->value), 'integer', 'between:5,180'],
            'part' => [Rule::requiredIf($this->input('occasion') === Occasion::Sore->value), Rule::enum(SorePart::class)],
            'accepted' => ['sometimes', 'array'],
            'accepted.*' => ['integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'thingIds.required' => 'Say what is missing.',
            'thingIds.min' => 'Say what is missing.',
            'minutes.between' => 'Between 5 and 180 minutes.',
            'minutes.required' => 'Say how many minutes there are.',
            'part.required' => 'Say what is sore.',
        ];
    }

    public function replan(TrainingSession $session): Replan
    {
        return new Replan(
            session: $session,
            occasion: Occasion::from($this->string('occasion')->toString()),
            thingIds: $this->numbers('thingIds'),
            minutes: $this->integer('minutes'),
            sore: SorePart::tryFrom($this->string('part')->toString()),
        );
    }

    /** @return list<int> Items whose change is wanted. */
    public function accepted(): array
    {
        return $this->numbers('accepted');
    }

    /** @return list<int> */
    private function numbers(string $field): array
    {
        $said = $this->input($field);

        return array_map(intval(...), array_values(array_filter(is_array($said) ? $said : [], is_numeric(...))));
    }
}
