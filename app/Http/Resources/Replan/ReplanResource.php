<?php

declare(strict_types=1);

namespace App\Http\Resources\Replan;

use App\Enums\Occasion;
use App\Http\Resources\Resource;
use App\Http\Resources\Shared\HealthLockResource;

/** A session planned anew: every exercise still to be done, changed or not. */
final readonly class ReplanResource extends Resource
{
    /**
     * @param  string  $title  What happened, in words.
     * @param  list<HealthLockResource>  $locks  Why nothing may be trained until a clearance is noted.
     * @param  list<ReplanChangeResource>  $changes
     * @param  int  $minutesBefore  For what is left, set-up and rests included; estimated.
     */
    public function __construct(
        public int $sessionId,
        public string $sessionName,
        public int $clientId,
        public string $clientName,
        public Occasion $occasion,
        public string $title,
        public array $locks,
        public array $changes,
        public int $minutesBefore,
        public int $minutesAfter,
    ) {
    }
}
