<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** What a client trains by: the programme that runs, the drafts, and what planning can choose from. */
final readonly class ProgrammesResource extends Resource
{
    /**
     * @param  ProgrammeResource|null  $shown  The running one, else the newest draft; null where there is none.
     * @param  list<ProgrammeNameResource>  $all  Newest first.
     * @param  string  $goal  The client's.
     * @param  list<PlanChoiceResource>  $goals
     * @param  list<PlanChoiceResource>  $experiences
     * @param  list<PlanChoiceResource>  $orders
     * @param  list<PlanChoiceResource>  $structures
     * @param  string  $experience  The client's, as on record.
     * @param  list<PlanDayResource>  $days  As many and as long as on record.
     * @param  bool  $isOnRecord  False where nothing was logged or told of the client: plans go by what people like them can.
     * @param  string  $startsOn  Today where it is the first, else the next Monday.
     */
    public function __construct(
        public int $clientId,
        public ?ProgrammeResource $shown,
        public array $all,
        public string $goal,
        public array $goals,
        public array $experiences,
        public array $orders,
        public array $structures,
        public string $experience,
        public array $days,
        public bool $isOnRecord,
        public string $startsOn,
    ) {
    }
}
