<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Enums\SessionState;
use App\Http\Resources\Resource;
use App\Http\Resources\Shared\HealthLockResource;
use App\Http\Resources\Shared\SheetRowResource;

/** One session with everything the Floor needs. */
final readonly class SessionResource extends Resource
{
    /**
     * @param  bool  $isStart  True where it finds out what somebody can do.
     * @param  list<HealthLockResource>  $locks  What stands between the client and training today.
     * @param  list<string>  $layOut  What to have within reach before the clock starts, with what goes into it.
     * @param  list<string>  $clashes  Things that two exercises of one block want in two set-ups.
     * @param  list<BlockResource>  $blocks
     * @param  int  $minutes  Promised.
     * @param  int  $takesMinutes  What its sets, rests and changes add up to.
     * @param  int  $positionChanges  How often the client gets down to the floor or up.
     * @param  list<StepResource>  $steps  Everything that is played, in order.
     * @param  list<SheetRowResource>  $rows  What they come to on paper, by exercise.
     * @param  list<FloorFactResource>  $facts  What happened and stands, in order; sets apart.
     * @param  list<SheddingResource>  $shedding  What is given up first as time runs short.
     * @param  NextVisitResource|null  $next  Null where none is planned.
     * @param  list<PartResource>  $parts  Parts of the body that may be sore.
     * @param  bool  $asksPressure  True where the pressure is taken before every session.
     * @param  int  $stopSystolic  At or above it nobody trains, millimetres of mercury.
     * @param  int  $stopDiastolic  At or above it nobody trains, millimetres of mercury.
     * @param  string  $emergencyNumber  Whom to call.
     * @param  string|null  $startedAt  By the device's clock.
     * @param  string|null  $endedAt  By the device's clock.
     */
    public function __construct(
        public int $id,
        public int $clientId,
        public string $clientName,
        public string $name,
        public bool $isStart,
        public string $startsAt,
        public int $minutes,
        public int $takesMinutes,
        public int $positionChanges,
        public SessionState $state,
        public array $locks,
        public array $layOut,
        public array $clashes,
        public array $blocks,
        public array $steps,
        public array $rows,
        public array $facts,
        public array $shedding,
        public ?NextVisitResource $next,
        public array $parts,
        public bool $asksPressure,
        public int $stopSystolic,
        public int $stopDiastolic,
        public string $emergencyNumber,
        public ?string $startedAt,
        public ?string $endedAt,
    ) {
    }
}
