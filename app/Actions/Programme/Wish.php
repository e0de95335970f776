<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use Carbon\CarbonImmutable;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\OrderSchool;
use NimbleShelf\Core\Programme\Pin;
use NimbleShelf\Core\Programme\Structure;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Strength\Experience;
use NimbleShelf\Core\Text\Plain;

/** What somebody asks a programme to be, before it is known for whom. */
final readonly class Wish
{
    /**
     * @param  list<TrainingDay>  $days
     * @param  array<int, string>  $times  By weekday, on the clock on the wall.
     * @param  list<Pin>  $pinned
     * @param  string|null  $text  A session written by hand, done on each of the days; null to have it planned.
     */
    public function __construct(
        public Goal $goal,
        public Experience $experience,
        public array $days,
        public array $times,
        public int $weeks,
        public OrderSchool $order,
        public Structure $structure,
        public CarbonImmutable $startsOn,
        public array $pinned = [],
        public ?string $text = null,
    ) {
    }

    /** "Muscle, 6 weeks": the same while it is proposed and when it is kept. */
    public function name(): string
    {
        return sprintf('%s, %s', $this->goal->label(), Plain::count($this->weeks, 'week'));
    }

    /** @throws InvalidQuantity If it cannot be planned, naming what is wrong. */
    public function briefFor(Situation $situation): Brief
    {
        return Brief::of(
            situation: $situation,
            goal: $this->goal,
            experience: $this->experience,
            days: $this->days,
            weeks: $this->weeks,
            order: $this->order,
            structure: $this->structure,
            pinned: $this->pinned,
        );
    }
}
