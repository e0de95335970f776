<?php

declare(strict_types=1);

namespace App\Http\Requests\Programme;

use App\Actions\Programme\Wish;
use App\Http\Requests\Clients\ClientRequest;
use Carbon\CarbonImmutable;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Programme\OrderSchool;
use NimbleShelf\Core\Programme\Pin;
use NimbleShelf\Core\Programme\Structure;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Strength\Experience;

/** What a programme is wished for: to what end, on which days, for how many weeks, in what shape. */
final class PlanProgrammeRequest extends ClientRequest
{
    /** @return array<string, list<Enum|string>> */
    public function rules(): array
    {
        return [
            'goal' => ['required', Rule::enum(Goal::class)],
            'experience' => ['required', Rule::enum(Experience::class)],
            'weeks' => ['required', 'integer', 'between:1,26'],
            'order' => ['required', Rule::enum(OrderSchool::class)],
            'structure' => ['required', Rule::enum(Structure::class)],
            'startsOn' => ['required', 'date_format:Y-m-d'],
            'days' => ['required', 'array', 'min:1', 'max:7'],
            'days.*.weekday' => ['required', 'integer', 'between:1,7', 'distinct'],
            'days.*.minutes' => ['required', 'integer', 'between:10,180'],
            'days.*.time' => ['required', 'date_format:H:i'],
            'pinned' => ['sometimes', 'array', 'max:80'],
            'pinned.*.weekday' => ['required', 'integer', 'between:1,7'],
            'pinned.*.exercise' => ['required', 'string', 'max:80'],
            'pinned.*.sets' => ['required', 'integer', 'between:1,10'],
            'start' => ['sometimes', 'boolean'],
            'ends' => ['sometimes', 'nullable', 'date_format:Y-m-d'],
            'text' => ['sometimes', 'nullable', 'string', 'max:20000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'days.required' => 'On which days is there time? Choose at least one.',
            'days.*.minutes.between' => 'A visit lasts 10 to 180 minutes.',
            'days.*.time.date_format' => 'Give the time as 08:30.',
            'weeks.between' => 'A programme lasts 1 to 26 weeks.',
            'startsOn.date_format' => 'Give the day it starts.',
        ];
    }

    public function wish(): Wish
    {
        $days = $times = [];
        foreach ((array) $this->validated('days') as $day) {
            /** @var array{weekday: int|string, minutes: int|string, time: string} $day */
            $days[] = TrainingDay::of((int) $day['weekday'], (int) $day['minutes']);
            $times[(int) $day['weekday']] = $day['time'];
        }
        $pins = [];
        foreach ((array) $this->validated('pinned', []) as $pin) {
            /** @var array{weekday: int|string, exercise: string, sets: int|string} $pin */
            if (isset($times[(int) $pin['weekday']])) {
                $pins[] = new Pin((int) $pin['weekday'], $pin['exercise'], null, (int) $pin['sets']);
            }
        }

        return new Wish(
            goal: Goal::from($this->text('goal')),
            experience: Experience::from($this->text('experience')),
            days: $days,
            times: $times,
            weeks: $this->integer('weeks'),
            order: OrderSchool::from($this->text('order')),
            structure: Structure::from($this->text('structure')),
            startsOn: $this->dayOf('startsOn'),
            pinned: $pins,
            text: $this->filled('text') ? $this->text('text') : null,
        );
    }

    public function starts(): bool
    {
        return $this->boolean('start');
    }

    /** The last day of what runs, as dates are kept. */
    public function endsOther(): ?CarbonImmutable
    {
        return $this->filled('ends') ? CarbonImmutable::parse($this->text('ends'), 'UTC') : null;
    }
}
