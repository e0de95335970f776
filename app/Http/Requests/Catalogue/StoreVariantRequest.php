<?php

declare(strict_types=1);

namespace App\Http\Requests\Catalogue;

use App\Models\ExerciseVariant;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\In;
use Illuminate\Validation\Rules\Unique;
use NimbleShelf\Core\Catalogue\Catalogue;

final class StoreVariantRequest extends FormRequest
{
    /** @return array<string, list<string|In|Unique>> */
    public function rules(Catalogue $catalogue): array
    {
        /** @var User $trainer */
        $trainer = $this->user();
        $variant = $this->route('variant');

        return [
            'exercise' => ['required', Rule::in(array_keys($catalogue->exercises))],
            'name' => [
                'required',
                'string',
                'max:60',
                Rule::unique('exercise_variants')->where('user_id', $trainer->id)
                    ->whereNull('deleted_at')
                    ->ignore($variant instanceof ExerciseVariant ? $variant->id : null),
            ],
            'setUp' => ['required', 'array', 'min:1', 'max:6'],
            'setUp.*' => ['required', 'string', 'max:200'],
            'outward' => ['required', 'array', 'min:1', 'max:6'],
            'outward.*' => ['required', 'string', 'max:200'],
            'inward' => ['present', 'array', 'max:6'],
            'inward.*' => ['required', 'string', 'max:200'],
            'breath' => ['nullable', 'string', 'max:200'],
            'note' => ['nullable', 'string', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Give your version a name of its own.',
            'name.unique' => 'You already have a version of that name.',
            'setUp.required' => 'Say how it is set up, one cue to a line.',
            'outward.required' => 'Say what to do, one cue to a line.',
            'exercise.in' => 'There is no such exercise in the catalogue.',
            'setUp.*.max' => 'A cue has 200 letters at most.',
            'outward.*.max' => 'A cue has 200 letters at most.',
            'inward.*.max' => 'A cue has 200 letters at most.',
        ];
    }

    /** @return array{exercise: string, name: string, cues: array<string, mixed>, note: string} */
    public function variant(): array
    {
        /** @var array{setUp: list<string>, outward: list<string>, inward: list<string>} $said */
        $said = $this->safe()->only(['setUp', 'outward', 'inward']);

        return [
            'exercise' => $this->string('exercise')->toString(),
            'name' => $this->string('name')->trim()->toString(),
            'cues' => [
                'set_up' => $said['setUp'],
                'outward' => $said['outward'],
                'inward' => $said['inward'],
                'breath' => $this->string('breath')->toString(),
            ],
            'note' => $this->string('note')->toString(),
        ];
    }
}
