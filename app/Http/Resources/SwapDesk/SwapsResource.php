<?php

declare(strict_types=1);

namespace App\Http\Resources\SwapDesk;

use App\Http\Resources\Resource;
use App\Http\Resources\Shared\ExclusionResource;
use App\Http\Resources\Shared\HealthLockResource;

/** The swap desk: what was prescribed, what could stand in for it, what could not. */
final readonly class SwapsResource extends Resource
{
    /**
     * @param  list<CandidateResource>  $candidates
     * @param  list<ExclusionResource>  $excluded
     * @param  list<ExclusionResource>  $leftOut
     * @param  list<HealthLockResource>  $locks  Why nothing may be trained until a clearance is noted.
     * @param  list<string>  $problems
     * @param  bool  $isRunning  True while the session runs, so that a swap may be for one set.
     * @param  int  $laterCount  Items of later sessions for which the programme wrote the same.
     * @param  list<OpenerResource>  $openers  Where there is no candidate: single things that would bring one.
     * @param  list<NeededSwapResource>  $needed  This exercise and those of its session that the shelf does not allow, in order.
     * @param  bool  $isFromHereOn  True where the swap in use holds for later sessions too.
     * @param  string|null  $chosenKey  Of the candidate in use now.
     */
    public function __construct(
        public int $itemId,
        public int $sessionId,
        public string $sessionName,
        public int $clientId,
        public string $clientName,
        public PrescribedResource $prescribed,
        public array $candidates,
        public array $excluded,
        public array $leftOut,
        public array $locks,
        public array $problems,
        public bool $capacityKnown,
        public ?string $chosenKey,
        public ?string $swappedFrom,
        public bool $isFromHereOn,
        public bool $isRunning,
        public int $laterCount,
        public array $openers,
        public array $needed,
    ) {
    }
}
