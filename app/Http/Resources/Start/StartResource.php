<?php

declare(strict_types=1);

namespace App\Http\Resources\Start;

use App\Http\Resources\Resource;
use App\Http\Resources\Shared\HealthLockResource;

/** How to find out what a client can do, what is known by now, and what that changed. */
final readonly class StartResource extends Resource
{
    /**
     * @param  string|null  $why  Why it is offered; null where enough is known.
     * @param  bool  $isCareful  True where a set ends well before it is hard.
     * @param  int  $minutes  With as many steps as are likely.
     * @param  list<StartTestResource>  $tests
     * @param  list<string>  $untested
     * @param  list<HealthLockResource>  $locks
     * @param  StartRunResource|null  $session  The newest.
     * @param  list<BeliefResource>  $beliefs
     * @param  list<ToldResultResource>  $told  Newest first.
     * @param  list<ChangedSlotResource>  $changed  What it changed in the programme.
     */
    public function __construct(
        public int $clientId,
        public string $clientName,
        public ?string $why,
        public bool $isCareful,
        public int $minutes,
        public int $mostMinutes,
        public array $tests,
        public array $untested,
        public array $locks,
        public ?string $nextVisit,
        public ?StartRunResource $session,
        public array $beliefs,
        public array $told,
        public array $changed,
    ) {
    }
}
