<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Timeline;

/** One session of a week, as it is planned. */
final readonly class PlannedDay
{
    public function __construct(public TrainingDay $day, public SessionPlan $plan)
    {
    }

    /** @return list<Slot> Without what warms up and cools down. */
    public function work(): array
    {
        $slots = [];
        foreach ($this->plan->blocks as $block) {
            if (! $block->kind->isFrame()) {
                array_push($slots, ...$block->slots);
            }
        }

        return $slots;
    }

    public function timeline(Brief $brief): Timeline
    {
        return Timeline::of($this->plan, $brief->isSlowOnFeet(), resting: $brief->situation->client->resting());
    }

    public function likelyMinutes(Brief $brief): float
    {
        return $this->timeline($brief)->likelySeconds($brief->paceFactor) / 60;
    }
}
