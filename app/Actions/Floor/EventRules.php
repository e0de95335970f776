<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Enums\FloorEventKind;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Matching\SorePart;
use NimbleShelf\Core\Mechanics\Certainty;

/** What an event of the Floor has to say, by its kind. */
final class EventRules
{
    /**
     * @param  array<string, mixed>  $event
     * @return array<string, mixed> What it says that can be kept.
     *
     * @throws ValidationException Naming the field that is wrong.
     */
    public static function read(array $event): array
    {
        /** @var array<string, mixed> $said */
        $said = Validator::make($event, self::rules($event), self::messages())->validate();

        return $said;
    }

    /**
     * @param  array<string, mixed>  $event
     * @return array<string, mixed>
     */
    private static function rules(array $event): array
    {
        $kind = FloorEventKind::tryFrom(is_string($event['kind'] ?? null) ? $event['kind'] : '');
        $needs = static fn (?bool $isNeeded): string => $isNeeded === true ? 'required' : 'nullable';

        return [
            'key' => ['required', 'uuid'],
            'kind' => ['required', Rule::enum(FloorEventKind::class)],
            'clientId' => ['required', 'integer'],
            'sessionId' => ['required', 'integer'],
            'itemId' => [$needs($kind?->isOfOneItem()), 'integer'],
            'at' => ['required', 'date_format:Y-m-d\TH:i:sP,Y-m-d\TH:i:s.vP'],
            'zone' => ['required', 'timezone'],
            'targetKey' => [$needs($kind?->hasTarget()), 'uuid'],
            'seconds' => ['nullable', 'integer', 'between:0,3600'],
            'note' => ['nullable', 'string', 'max:500'],
            'setNumber' => [$needs($kind?->isOfOneSet()), 'integer', 'between:1,40'],
            'side' => ['nullable', 'in:left,right'],
        ] + match ($kind) {
            FloorEventKind::SetDone => self::ofASet(),
            FloorEventKind::SetRated => ['reserve' => ['required', 'numeric', 'between:0,10']],
            FloorEventKind::Skipped => ['why' => ['nullable', 'in:left-out,cut,pain,enough']],
            FloorEventKind::Moved => ['to' => ['required', 'in:now,later']],
            FloorEventKind::Swapped => ['instead' => ['required', 'array'], 'why' => ['nullable', 'string', 'max:500']],
            FloorEventKind::Picked => ['itemIds' => ['required', 'array', 'list', 'max:20'], 'itemIds.*' => ['integer']],
            FloorEventKind::Pain => ['where' => ['nullable', 'string', 'max:100'], 'what' => ['nullable', 'string', 'max:100']],
            FloorEventKind::Readiness => [
                'sleep' => ['nullable', 'in:badly,so-so,well'],
                'soreness' => ['nullable', 'array'],
                'soreness.*' => ['integer', 'between:0,3'],
                'systolic' => ['nullable', 'integer', 'between:60,260', 'required_with:diastolic'],
                'diastolic' => ['nullable', 'integer', 'between:30,160', 'lt:systolic', 'required_with:systolic'],
                ...array_fill_keys(self::notParts($event), ['prohibited']),
            ],
            FloorEventKind::SessionRated => [
                'effort' => ['required', 'integer', 'between:0,10'],
                'soreExpected' => ['nullable', 'in:none,some,much'],
            ],
            default => [],
        };
    }

    /** @return array<string, mixed> */
    private static function ofASet(): array
    {
        return [
            'exercise' => ['required', 'string', 'max:100'],
            'setting' => ['required', 'array'],
            'words' => ['nullable', 'string', 'max:500'],
            'tempo' => ['nullable', 'array'],
            'rangeRatio' => ['nullable', 'numeric', 'between:0.1,2'],
            'certainty' => ['nullable', Rule::enum(Certainty::class)],
            // Work by the clock may go uncounted, and how hard it was is said after it, or not at all.
            'reps' => ['nullable', 'required_without:seconds', 'integer', 'between:0,300'],
            'reserve' => ['nullable', 'numeric', 'between:0,10'],
            'pain' => ['required', 'boolean'],
            'painNote' => ['nullable', 'string', 'max:200'],
        ];
    }

    /**
     * @param  array<string, mixed>  $event
     * @return list<string> Fields that speak of the soreness of something that is no part of a body.
     */
    private static function notParts(array $event): array
    {
        $sore = is_array($event['soreness'] ?? null) ? array_keys($event['soreness']) : [];

        return array_values(array_map(
            static fn (int|string $part): string => "soreness.{$part}",
            array_filter($sore, static fn (int|string $part): bool => SorePart::tryFrom((string) $part) === null),
        ));
    }

    /** @return array<string, string> */
    private static function messages(): array
    {
        return [
            'reps.required_without' => 'How many repetitions were done?',
            'reps.between' => 'Between 0 and 300.',
            'reserve.required' => 'How many more would have been clean?',
            'effort.required' => 'How hard was the whole, from 0 to 10?',
            'effort.between' => 'From 0 for nothing to 10 for all there was.',
            'systolic.between' => 'The upper pressure lies between 60 and 260 mmHg.',
            'diastolic.between' => 'The lower pressure lies between 30 and 160 mmHg.',
            'diastolic.lt' => 'The lower pressure is below the upper one: these two look swapped.',
            'at.date_format' => 'The time needs its offset, as in 2026-11-26T08:30:00+01:00.',
            'zone.timezone' => 'The zone is a name such as Europe/Berlin.',
        ];
    }
}
