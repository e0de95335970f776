<?php

declare(strict_types=1);

namespace App\Http\Requests\Catalogue;

use App\Models\Client;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/** For whom and with what an exercise is reckoned; nothing given means a body of 1.72 m and 74 kg without load. */
final class ShowExerciseRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'client' => ['nullable', 'integer'],
            'implement' => ['nullable', 'string', 'max:30'],
            'massKg' => ['nullable', 'numeric', 'between:0,120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['massKg.between' => 'A load is between 0 and 120 kg.', 'massKg.numeric' => 'A load is a number of kilograms.'];
    }

    public function client(): ?Client
    {
        if (! $this->filled('client')) {
            return null;
        }
        /** @var User $trainer */
        $trainer = $this->user();

        return $trainer->clients()->findOrFail($this->integer('client'));
    }

    public function implement(): string
    {
        return $this->string('implement')->toString();
    }

    public function massKg(): ?float
    {
        return $this->filled('massKg') ? $this->float('massKg') : null;
    }
}
