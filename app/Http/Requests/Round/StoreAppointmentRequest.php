<?php

declare(strict_types=1);

namespace App\Http\Requests\Round;

use App\Enums\AppointmentKind;
use App\Models\Appointment;
use Carbon\CarbonImmutable;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\Exists;
use Illuminate\Validation\Rules\RequiredIf;
use Illuminate\Validation\ValidationException;

/** A visit without a session, or time that is not free: once, or every so many weeks until a day. */
final class StoreAppointmentRequest extends PlaceVisitRequest
{
    /** Nobody plans further ahead in one go, weeks. */
    private const LONGEST_SERIES = 53;

    public function authorize(): bool
    {
        $appointment = $this->route('appointment');

        return ! $appointment instanceof Appointment || ($this->user()?->can('update', $appointment) ?? false);
    }

    /** @return array<string, list<string|Enum|Exists|RequiredIf>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(AppointmentKind::class)],
            'clientId' => [
                Rule::requiredIf($this->input('kind') !== AppointmentKind::Blocked->value),
                'nullable',
                'integer',
                Rule::exists('clients', 'id')->where('user_id', $this->trainer()->id),
            ],
            'minutes' => ['required', 'integer', 'between:5,720'],
            'words' => ['nullable', 'string', 'max:200'],
            'everyWeeks' => ['nullable', 'integer', 'between:1,8', 'required_with:until'],
            'until' => ['nullable', 'date_format:Y-m-d', 'required_with:everyWeeks'],
        ] + parent::rules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'clientId.required' => 'Who is visited?',
            'clientId.exists' => 'There is no such client of yours.',
            'minutes.between' => 'Between 5 minutes and 12 hours.',
            'until.required_with' => 'Until which day?',
            'everyWeeks.between' => 'Every one to eight weeks.',
        ];
    }

    /** @return array<string, mixed> */
    public function appointment(): array
    {
        return [
            'client_id' => $this->filled('clientId') ? $this->integer('clientId') : null,
            'kind' => $this->string('kind')->toString(),
            'words' => $this->string('words')->trim()->toString(),
            'minutes' => $this->integer('minutes'),
            'zone' => $this->trainer()->zone(),
        ];
    }

    /**
     * The same time on the clock on the wall, over changes of the clock too.
     *
     * @return non-empty-list<CarbonImmutable>
     *
     * @throws ValidationException If it would end before it begins, or go on for too long.
     */
    public function moments(): array
    {
        $first = $this->startsAt();
        if (! $this->filled('everyWeeks')) {
            return [$first];
        }
        $until = CarbonImmutable::parse($this->string('until')->toString(), $this->trainer()->zone())->endOfDay();
        if ($until->lessThan($first)) {
            throw ValidationException::withMessages(['until' => 'Until: a day after the first one.']);
        }
        if ($until->greaterThan($first->addWeeks(self::LONGEST_SERIES))) {
            throw ValidationException::withMessages(['until' => 'Until: a year ahead at most; go on from there then.']);
        }
        $moments = [];
        for ($at = $first; $at->lessThanOrEqualTo($until); $at = $at->addWeeks($this->integer('everyWeeks'))) {
            $moments[] = $at;
        }

        return $moments === [] ? [$first] : $moments;
    }
}
