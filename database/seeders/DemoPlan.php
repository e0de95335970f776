<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Programme\Wish;
use App\Models\Client;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Programme\OrderSchool;
use NimbleShelf\Core\Programme\Structure;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Strength\Experience;

/** A programme of the demo: what the planner is asked for on the day it begins. */
final readonly class DemoPlan
{
    /**
     * @param  list<int>  $days  Days of training, counted from the day it begins; 0 to 6.
     * @param  string  $time  On the clock on the wall.
     */
    public function __construct(
        public int $weeks,
        public array $days,
        public string $time,
        public int $minutes,
        public Goal $goal,
        public Experience $experience,
        public OrderSchool $order = OrderSchool::CompoundFirst,
        public Structure $structure = Structure::Straight,
    ) {
    }

    public function wish(Client $client): Wish
    {
        $starts = $client->trainer->today();
        $weekdays = array_map(static fn (int $day): int => $starts->addDays($day)->dayOfWeekIso, $this->days);
        sort($weekdays);

        return new Wish(
            goal: $this->goal,
            experience: $this->experience,
            days: array_map(fn (int $weekday): TrainingDay => TrainingDay::of($weekday, $this->minutes), $weekdays),
            times: array_fill_keys($weekdays, $this->time),
            weeks: $this->weeks,
            order: $this->order,
            structure: $this->structure,
            startsOn: $starts,
        );
    }
}
