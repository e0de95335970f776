<?php

declare(strict_types=1);

use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\Planner;
use Tests\Support\RandomBriefs;
use Tests\Support\Shipped;

function planner(): Planner
{
    static $planner = null;

    return $planner ??= Planner::of(Shipped::catalogue(), Shipped::model());
}

it('gives the same answer to the same question', function (): void {
    [$brief] = RandomBriefs::number(77, weeks: 3);
    expect(planner()->plan($brief))->toEqual(planner()->plan($brief));
});

it('grows a thread by small steps and rests every fifth week', function (): void {
    [$brief] = RandomBriefs::number(5, weeks: 12);
    $plan = planner()->plan($brief);
    $seen = 0;
    foreach ($plan->steps as $thread => $steps) {
        $before = null;
        foreach ($plan->weeks as $week) {
            $slots = array_merge(...[[], ...array_map(static fn (PlannedDay $day): array => $day->work(), $week->days)]);
            $slot = array_values(array_filter($slots, static fn (Slot $slot): bool => $slot->thread === $thread))[0] ?? null;
            expect($slot)->not->toBeNull();
            if ($week->isDeload) {
                expect($week->number % 5)->toBe(0);

                continue;
            }
            if ($before !== null && $before->assignment->setting->sameAs($slot->assignment->setting)) {
                $grown = $slot->assignment->dose->count() - $before->assignment->dose->count();
                expect($grown)->toBeLessThanOrEqual($slot->assignment->dose->isTimed() ? 5 : 2);
                $seen++;
            }
            $before = $slot;
        }
    }
    expect($seen)->toBeGreaterThan(20);
});
