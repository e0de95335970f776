<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** A programme, kept or proposed, with its proofs. */
final readonly class ProgrammeResource extends Resource
{
    /**
     * @param  int|null  $id  Null while it is only proposed.
     * @param  string  $state  `proposed`, `draft`, `waiting`, `running` or `ended`.
     * @param  string  $startsOn  A date.
     * @param  int  $week  The one that is being done; the first where it does not run.
     * @param  list<PlannedWeekResource>  $weeks
     * @param  list<WeekCheckResource>  $checks
     * @param  list<MuscleSetsResource>  $muscles  Of that week.
     * @param  list<ScorePartResource>  $score  Empty where it was written by hand.
     * @param  float|null  $total  What the first week is worth; null where it was written by hand.
     * @param  list<string>  $heldBack
     * @param  list<WrittenLineResource>  $written  How each line was read; empty where it was planned or is kept.
     * @param  string|null  $endsOn  Its last day; null where it goes on to the end of its weeks.
     * @param  string|null  $pausedUntil  The last day of the pause that holds or comes.
     * @param  ProgrammeTurnResource|null  $lastTurn  That it was started, stopped, paused or went on, where that can be taken back.
     */
    public function __construct(
        public int $clientId,
        public ?int $id,
        public string $state,
        public string $name,
        public string $goal,
        public PlanStyleResource $style,
        public string $startsOn,
        public int $week,
        public array $weeks,
        public array $checks,
        public array $muscles,
        public array $score,
        public ?float $total,
        public array $heldBack,
        public array $written,
        public ?string $endsOn = null,
        public ?string $pausedUntil = null,
        public ?ProgrammeTurnResource $lastTurn = null,
    ) {
    }
}
