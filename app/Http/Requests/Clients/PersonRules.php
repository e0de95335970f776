<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\Exists;
use NimbleShelf\Core\Planning\Goal;

/** What is asked of a person, whether they are new or known. */
trait PersonRules
{
    /** @return array<string, list<string|Enum|Exists>> */
    private function personRules(int $trainerId): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'trade' => ['nullable', 'string', 'max:80'],
            'goal' => ['required', Rule::enum(Goal::class)],
            'experience' => ['nullable', 'in:beginner,some,years'],
            'daysPerWeek' => ['nullable', 'integer', 'between:1,7'],
            'minutes' => ['nullable', 'integer', 'between:5,180'],
            'likes' => ['nullable', 'string', 'max:500'],
            'dislikes' => ['nullable', 'string', 'max:500'],
            'note' => ['nullable', 'string', 'max:2000'],
            'place' => ['nullable', 'string', 'max:160'],
            'sex' => ['nullable', 'in:female,male'],
            'telephone' => ['nullable', 'string', 'max:40', 'regex:/^[+\d][\d\s().\/-]*$/'],
            'email' => ['nullable', 'string', 'email', 'max:120'],
            'emergencyContact' => ['nullable', 'string', 'max:160'],
            'doctor' => ['nullable', 'string', 'max:160'],
            'bornOn' => ['nullable', 'date', 'before:today', 'after:1900-01-01'],
            'guardian' => ['nullable', 'string', 'max:80', 'required_with:guardianOn'],
            'guardianOn' => ['nullable', 'date', 'before_or_equal:today', 'required_with:guardian'],
            'kitFromId' => ['nullable', 'integer', Rule::exists('clients', 'id')->where('user_id', $trainerId)],
        ];
    }

    /** @return array<string, string> */
    private function personMessages(): array
    {
        return [
            'name.required' => 'What is the client’s name?',
            'goal.required' => 'What is training for?',
            'telephone.regex' => 'Telephone: figures, with a plus before the country.',
            'email.email' => 'E-mail: as in name@place.example.',
            'minutes.between' => 'A session lasts between 5 and 180 minutes.',
            'daysPerWeek.between' => 'Between 1 and 7 days a week.',
            'bornOn.before' => 'The day of birth lies in the past.',
            'bornOn.date' => 'Write the day of birth as a date, such as 1961-04-30.',
            'guardian.required_with' => 'Who consented?',
            'guardianOn.required_with' => 'On which day did the guardian consent?',
            'kitFromId.exists' => 'There is no such client of yours.',
        ];
    }

    /** @return array<string, mixed> */
    public function person(): array
    {
        $person = ['name' => $this->text('name'), 'goal' => $this->string('goal')->toString()];
        foreach ([
            'trade' => 'trade',
            'likes' => 'likes',
            'dislikes' => 'dislikes',
            'note' => 'note',
            'place' => 'place',
        ] as $field => $column) {
            $person[$column] = $this->text($field);
        }
        $person['experience'] = $this->filled('experience') ? $this->text('experience') : 'beginner';
        foreach (['daysPerWeek' => 'days_per_week', 'minutes' => 'minutes', 'kitFromId' => 'kit_from_id'] as $field => $column) {
            $person[$column] = $this->filled($field) ? $this->integer($field) : null;
        }
        $person['sex'] = $this->text('sex');
        foreach ([
            'bornOn' => 'born_on',
            'guardian' => 'guardian',
            'guardianOn' => 'guardian_on',
            'telephone' => 'telephone',
            'email' => 'email',
            'emergencyContact' => 'emergency_contact',
            'doctor' => 'doctor',
        ] as $field => $column) {
            $person[$column] = $this->filled($field) ? $this->text($field) : null;
        }

        return $person;
    }
}
