<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;

/** Finds, near a band setting that stretches the rubber too far, one that does not. */
final readonly class NearestBandSetting
{
    /** Steps of grip, stance and anchor distance that are tried, metres. */
    private const STEP_M = 0.05;

    public function __construct(private ResistanceModel $model)
    {
    }

    /** Returns the usable setting with the least change of grip, stance and anchor distance; null where there is none. */
    public function to(Exercise $exercise, Body $body, Setting $setting): ?Setting
    {
        if ($setting->band === null) {
            return null;
        }
        $best = null;
        $leastChange = INF;
        $band = $setting->band;
        $stances = $band->layout->usesStance() ? $this->downFrom($band->stanceM ?? 0.4, 0.2) : [$band->stanceM];
        $distances = $band->layout->needsAnchor() ? $this->downFrom($band->anchorDistanceM, 0.2) : [$band->anchorDistanceM];
        foreach ($this->downFrom($setting->band->gripM, 0.0) as $gripM) {
            foreach ($stances as $stanceM) {
                foreach ($distances as $distanceM) {
                    $change = $band->gripM - $gripM + ($band->stanceM ?? 0.4) - ($stanceM ?? 0.4)
                        + $band->anchorDistanceM - $distanceM;
                    if ($change >= $leastChange) {
                        continue;
                    }
                    $nearby = $setting->withBand($setting->band->with(gripM: $gripM, stanceM: $stanceM, anchorDistanceM: $distanceM));
                    if ($this->works($exercise, $body, $nearby)) {
                        [$best, $leastChange] = [$nearby, $change];
                    }
                }
            }
        }

        return $best;
    }

    private function works(Exercise $exercise, Body $body, Setting $setting): bool
    {
        try {
            $curve = $this->model->curve($exercise, $body, $setting);
        } catch (InvalidQuantity) {
            return false;
        }

        return $curve->longestStretch !== null && $setting->band !== null && $curve->longestStretch <= $setting->band->limitRatio;
    }

    /** @return list<float> */
    private function downFrom(float $fromM, float $toM): array
    {
        $values = [$fromM];
        for ($value = $fromM - self::STEP_M; $value >= $toM - 1e-9; $value -= self::STEP_M) {
            $values[] = max($toM, $value);
        }

        return $values;
    }
}
