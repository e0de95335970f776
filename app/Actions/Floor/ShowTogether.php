<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Actions\Clients\DescribeClient;
use App\Http\Resources\Floor\TogetherResource;
use App\Models\TrainingSession;
use NimbleShelf\Core\Planning\KitConflict;
use NimbleShelf\Core\Planning\TakingTurns;
use NimbleShelf\Core\Planning\Timeline;

/** Two sessions done in turns with one kit: how long both take, and what is in both hands. */
final readonly class ShowTogether
{
    public function __construct(private DescribeClient $describe, private DayPlan $dayPlan)
    {
    }

    public function handle(TrainingSession $one, TrainingSession $two): TogetherResource
    {
        $turns = TakingTurns::of($this->timeline($one), $this->timeline($two));

        return new TogetherResource(
            minutes: (int) ceil($turns->seconds / 60),
            waitMinutes: (int) round($turns->waits / 60),
            shared: $turns->shared,
            clashes: array_values(array_unique(array_map(
                static fn (KitConflict $conflict): string => $conflict->inWords(),
                $turns->conflicts,
            ))),
        );
    }

    private function timeline(TrainingSession $session): Timeline
    {
        $situation = $this->describe->plainSituation($session->client);
        $plan = $this->dayPlan->of($session, $this->dayPlan->rungs($session, $situation));

        return $this->dayPlan->timeline($plan, $situation);
    }
}
