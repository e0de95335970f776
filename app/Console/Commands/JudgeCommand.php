<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input\BriefShape;
use App\Console\Input\Fields;
use App\Console\Input\SessionShape;
use App\Console\Output\Judgement;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Programme\WeekJudge;
use NimbleShelf\Core\Programme\WrittenEffort;

final class JudgeCommand extends JsonCommand
{
    protected $signature = 'nimble:judge';

    protected $description = 'Judges a week that somebody wrote, by the measures of the planner';

    public function __construct(
        private readonly BriefShape $briefs,
        private readonly Catalogue $catalogue,
        private readonly WeekJudge $judge,
    ) {
        parent::__construct();
    }

    protected function answer(Fields $asked): array
    {
        $brief = $this->briefs->read($asked, weeks: 1);
        $judged = $this->judge->judge(new PlannedWeek(1, false, $this->days($asked, $brief)), $brief);

        return [
            ...Judgement::of($judged->checks, $judged->score),
            'hard_sets' => (object) array_map(static fn (float $sets): float => round($sets, 2), $judged->hardSets),
            'slots' => array_map(
                static fn (array $one): array => self::slot($one['weekday'], $one['slot'], $one['effort']),
                $judged->slots,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function slot(int $weekday, Slot $slot, WrittenEffort $effort): array
    {
        $round = static fn (?float $exact): ?float => $exact === null ? null : round($exact, 1);

        return [
            'weekday' => $weekday,
            'exercise' => $slot->exercise->id,
            'reps_max' => $round($effort->toFailure),
            'low' => $round($effort->low),
            'high' => $round($effort->high),
            'expected_reserve' => $round($effort->reserve),
            'counts' => round($effort->counts, 3),
        ];
    }

    /** @return list<PlannedDay> */
    private function days(Fields $asked, Brief $brief): array
    {
        $trained = [];
        foreach ($brief->days as $day) {
            $trained[$day->weekday] = $day;
        }
        $shape = new SessionShape($this->catalogue, $brief->situation->shelf);
        $days = [];
        foreach ($asked->object('week')->objects('sessions') as $i => $session) {
            $weekday = $session->whole('weekday', 1, 7, '');
            $day = $trained[$weekday] ?? throw InvalidQuantity::because(
                "week.sessions.{$i}.weekday",
                "week.sessions.{$i}.weekday is none of the days.",
            );
            if (isset($days[$weekday])) {
                throw InvalidQuantity::because("week.sessions.{$i}.weekday", "week.sessions.{$i}.weekday stands there twice.");
            }
            $minutes = $session->has('minutes') ? $session->whole('minutes', 10, 180, 'min') : $day->minutes;
            $days[$weekday] = new PlannedDay(TrainingDay::of($weekday, $minutes), $shape->read($session, "week.sessions.{$i}"));
        }
        ksort($days);

        return array_values($days);
    }
}
