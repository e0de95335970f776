<?php

declare(strict_types=1);

namespace App\Http\Resources\Round;

use App\Enums\SessionState;
use App\Http\Resources\Resource;
use App\Http\Resources\Shared\LimitResource;

/** One visit of the day. */
final readonly class VisitResource extends Resource
{
    /**
     * @param  list<string>  $exercises
     * @param  list<LimitResource>  $limits
     * @param  list<string>  $locks  Why nobody trains today.
     * @param  list<string>  $painNotes  Open pain flags of the last two weeks.
     * @param  list<string>  $bring  What the session asks for and this shelf has not.
     * @param  list<string>  $changes  What changed since the last session.
     * @param  string  $lastNote  With its day; empty where nobody noted anything.
     * @param  int|null  $daysSinceLast  Since the last logged set.
     * @param  TogetherWithResource|null  $together  Who shares the kit and has a visit at the same time; null where nobody does.
     * @param  list<string>  $overlaps  Visits elsewhere at the same time: "Orrin Kestlewick, 09:00".
     * @param  string|null  $movedFrom  ISO 8601; null where it stands where the plan has it.
     * @param  bool  $isAdded  True where it is done a time more than the plan says.
     * @param  string  $why  It was moved or cancelled; empty where nobody said.
     */
    public function __construct(
        public int $sessionId,
        public int $clientId,
        public string $clientName,
        public string $trade,
        public string $place,
        public string $sessionName,
        public string $startsAt,
        public int $minutes,
        public SessionState $state,
        public array $exercises,
        public int $swapsNeeded,
        public ?int $firstSwapItemId,
        public int $setsLogged,
        public int $setsPlanned,
        public array $limits,
        public array $painNotes,
        public array $locks,
        public array $bring,
        public array $changes,
        public string $lastNote,
        public ?int $daysSinceLast,
        public ?TogetherWithResource $together,
        public array $overlaps,
        public ?string $movedFrom,
        public bool $isAdded,
        public bool $isCancelled,
        public string $why,
    ) {
    }
}
