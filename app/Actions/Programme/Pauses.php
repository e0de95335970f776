<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use App\Models\PlannedSession;
use App\Models\Programme;
use Carbon\CarbonImmutable;

/** Weeks in which a programme rests, counted in whole weeks of its plan. */
final class Pauses
{
    /** @return list<array{from: string, weeks: int}> Weeks of the plan of which more than half falls away, done later. */
    public static function with(Programme $programme, CarbonImmutable $from, CarbonImmutable $until): array
    {
        $zone = $programme->client?->trainer->zone() ?? 'UTC';
        $first = null;
        $weeks = 0;
        foreach ($programme->weeks()->with('plannedSessions')->get() as $week) {
            $week->setRelation('programme', $programme);
            $days = array_map(static function (PlannedSession $session) use ($week, $zone): string {
                $session->setRelation('week', $week);

                return $session->startsAt($zone)->toDateString();
            }, array_values($week->plannedSessions->all()));
            $away = array_filter($days, static fn (string $day): bool => $day >= $from->toDateString() && $day <= $until->toDateString());
            if ($away !== [] && 2 * count($away) > count($days)) {
                $first ??= $week->number;
            }
        }
        if ($first === null) {
            return $programme->pauses;
        }
        $begins = $programme->weekStartsOn($first);
        // As many weeks later as it takes for the first of them to lie mostly behind the last day away.
        for ($day = $begins; $day->addDays(3)->toDateString() <= $until->toDateString(); $day = $day->addWeek()) {
            $weeks++;
        }

        return $weeks === 0 ? $programme->pauses : [...$programme->pauses, ['from' => $begins->toDateString(), 'weeks' => $weeks]];
    }

    /** @return list<array{from: string, weeks: int}> The pause that holds now ends with this week. */
    public static function endedOn(Programme $programme, CarbonImmutable $today): array
    {
        $now = $programme->pausedNow();
        $pauses = [];
        foreach ($programme->pauses as $pause) {
            if ($pause === $now) {
                $passed = (int) CarbonImmutable::parse($pause['from'])->diffInWeeks(CarbonImmutable::parse($today->toDateString()));
                $pause['weeks'] = min($pause['weeks'], $passed);
            }
            if ($pause['weeks'] > 0) {
                $pauses[] = $pause;
            }
        }

        return $pauses;
    }
}
