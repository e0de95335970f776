<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Http\Resources\Resource;
use App\Http\Resources\Shared\HealthLockResource;

/** A client's health answers and what they come to today. Nothing here names an illness that was not told. */
final readonly class HealthResource extends Resource
{
    /**
     * @param  list<HealthAnswerResource>  $questions
     * @param  list<JointResource>  $joints  Those that can be named.
     * @param  list<NamedJointResource>  $named  Those that were.
     * @param  string|null  $dueOn  From when they are to be asked again.
     * @param  int|null  $systolic  Millimetres of mercury, as is the next.
     * @param  list<HealthLockResource>  $locks  What stands between the client and training today.
     * @param  list<LimitInForceResource>  $limits
     * @param  list<string>  $notes  What is left for the trainer to decide.
     * @param  list<ClearanceResource>  $clearances  Newest first.
     * @param  list<LimitInForceResource>  $proposals  Limits the checks suggest and that are not set.
     * @param  list<AuditEntryResource>  $audit  The newest, newest first.
     * @param  int  $auditCount  How many there are in all.
     */
    public function __construct(
        public int $clientId,
        public array $questions,
        public array $joints,
        public array $named,
        public ?string $answeredOn,
        public ?string $dueOn,
        public bool $isDue,
        public string $note,
        public ?int $systolic,
        public ?int $diastolic,
        public array $locks,
        public array $limits,
        public array $notes,
        public array $clearances,
        public ?string $checkedOn,
        public ?MovementChecksResource $seen,
        public array $proposals,
        public string $sideAdvice,
        public string $emergencyNumber,
        public array $audit,
        public int $auditCount,
    ) {
    }
}
