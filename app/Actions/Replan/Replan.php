<?php

declare(strict_types=1);

namespace App\Actions\Replan;

use App\Enums\Occasion;
use App\Models\TrainingSession;
use NimbleShelf\Core\Matching\SorePart;

/** A session, and what happened to it. */
final readonly class Replan
{
    /**
     * @param  list<int>  $thingIds  Of the shelf, missing today.
     * @param  int  $minutes  There are today.
     */
    public function __construct(
        public TrainingSession $session,
        public Occasion $occasion,
        public array $thingIds,
        public int $minutes,
        public ?SorePart $sore,
    ) {
    }
}
