<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** One week of a kept programme, to be changed by hand, with what is said about it. */
final readonly class WeekSheetResource extends Resource
{
    /**
     * @param  int  $version  A change says which one it was made on.
     * @param  string  $kind  `build` or `deload`.
     * @param  string  $startsOn  Its Monday, as a date.
     * @param  list<SheetSessionResource>  $sessions
     * @param  list<WeekCheckResource>  $checks
     * @param  list<MuscleSetsResource>  $muscles
     * @param  list<PlanChoiceResource>  $shapes  Kinds of block there are.
     * @param  string|null  $undo  What would be taken back next.
     * @param  string|null  $redo  What would be made again next.
     * @param  int|null  $undoWeek  The week that change was made in.
     * @param  string  $said  What was just done; empty where nothing was.
     * @param  list<string>  $keptVisits  Dates of visits that keep what was changed for their day alone.
     */
    public function __construct(
        public int $programmeId,
        public int $clientId,
        public string $programme,
        public string $state,
        public int $version,
        public int $number,
        public int $weeks,
        public string $kind,
        public string $startsOn,
        public array $sessions,
        public array $checks,
        public array $muscles,
        public array $shapes,
        public ?string $undo,
        public ?string $redo,
        public ?int $undoWeek,
        public string $said,
        public array $keptVisits,
    ) {
    }
}
