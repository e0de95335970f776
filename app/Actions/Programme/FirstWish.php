<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use App\Http\Resources\Programme\PlanDayResource;
use App\Models\Client;
use App\Models\Programme;
use Carbon\CarbonImmutable;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Strength\Experience;

/** What a plan starts from before anything is said of it: what is on record of the client, and the days of the last one. */
final readonly class FirstWish
{
    /** Where nothing is on record; our choice. */
    private const DAYS = 2;

    private const MINUTES = 45;

    private const TIME = '09:00';

    /** The shortest visit that is planned, minutes. */
    private const LEAST_MINUTES = 10;

    /** @param  list<PlanDayResource>  $days */
    private function __construct(public Experience $experience, public array $days, public CarbonImmutable $startsOn)
    {
    }

    /** @param  Programme|null  $before  The newest there is; null where this is the first. */
    public static function of(Client $client, ?Programme $before): self
    {
        $today = $client->trainer->today();
        $minutes = max(self::LEAST_MINUTES, $client->minutes ?? $before?->days[0]['minutes'] ?? self::MINUTES);
        $wanted = $client->days_per_week ?? ($before === null ? self::DAYS : count($before->days));

        return new self(
            // What somebody is on record as wins over what an earlier plan was asked for.
            experience: match ($client->experience) {
                'some' => Experience::Some,
                'years' => Experience::Years,
                default => Experience::None,
            },
            days: $before !== null && count($before->days) === $wanted
                ? array_map(static fn (array $day): PlanDayResource => new PlanDayResource(
                    weekday: $day['weekday'],
                    minutes: $client->minutes === null ? $day['minutes'] : $minutes,
                    time: $day['time'],
                ), $before->days)
                : self::spread(max(1, min(7, $wanted)), $minutes, $before === null ? $today->dayOfWeekIso : 1),
            // A first one can begin at the first visit; any other begins with a week.
            startsOn: $before === null || $today->isMonday() ? $today : $today->next(CarbonImmutable::MONDAY),
        );
    }

    /** @return list<PlanDayResource> Spread over a week that begins on a weekday. */
    private static function spread(int $number, int $minutes, int $first): array
    {
        $weekdays = array_map(
            static fn (TrainingDay $day): int => ($day->weekday + $first - 2) % 7 + 1,
            TrainingDay::spread($number, $minutes),
        );
        sort($weekdays);

        return array_map(static fn (int $weekday): PlanDayResource => new PlanDayResource($weekday, $minutes, self::TIME), $weekdays);
    }
}
