<?php

declare(strict_types=1);

namespace App\Http\Requests\Round;

use App\Models\TrainingSession;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** A day and a time on the clock on the wall, in the trainer's zone; no earlier than today. */
class PlaceVisitRequest extends FormRequest
{
    public function authorize(): bool
    {
        $visit = $this->route('session');

        return ! $visit instanceof TrainingSession || ($this->user()?->can('update', $visit) ?? false);
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'date' => ['required', 'date_format:Y-m-d'],
            'time' => ['required', 'date_format:H:i'],
            'why' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @throws ValidationException If it would be on a day that is over. */
    public function startsAt(): CarbonImmutable
    {
        $at = CarbonImmutable::parse("{$this->string('date')} {$this->string('time')}", $this->trainer()->zone());
        if ($at->lessThan($this->trainer()->now()->startOfDay())) {
            throw ValidationException::withMessages(['date' => 'Date: that day is over. Choose today or a day to come.']);
        }

        return $at;
    }

    public function why(): string
    {
        return $this->string('why')->trim()->toString();
    }

    public function trainer(): User
    {
        $trainer = $this->user();

        return $trainer instanceof User ? $trainer : abort(401);
    }

    protected function failedAuthorization(): never
    {
        abort(404);
    }
}
