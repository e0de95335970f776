<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\BandSetup;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;

/** Finds, near a band setting that stretches the rubber too far, one that does not; rigged another way if none of that way will do. */
final readonly class NearestBandSetting
{
    /** Steps of grip, stance and anchor distance that are tried, metres. */
    private const STEP_M = 0.05;

    /** Feet side by side, metres. */
    private const NARROW_M = 0.20;

    public function __construct(private ResistanceModel $model)
    {
    }

    /**
     * Returns the usable setting with the least change of grip, stance and anchor distance; if there is none, the first
     * other way to rig the band, held at its ends, that is usable; null where there is none either.
     */
    public function to(Exercise $exercise, Body $body, Setting $setting): ?Setting
    {
        return $setting->band === null
            ? null
            : $this->riggedAlike($exercise, $body, $setting, $setting->band)
                ?? $this->riggedOtherwise($exercise, $body, $setting, $setting->band);
    }

    private function riggedOtherwise(Exercise $exercise, Body $body, Setting $setting, BandSetup $band): ?Setting
    {
        foreach ($exercise->bandLayouts as $layout) {
            // An anchor cannot be conjured up; what is there already has been tried.
            if ($layout === $band->layout || $layout->needsAnchor()) {
                continue;
            }
            $otherwise = Setting::of(
                $setting->implement,
                $setting->massKg,
                $setting->perHand,
                $band->moved(gripM: 0.0, stanceM: $layout->usesStance() ? self::NARROW_M : $band->stanceM, layout: $layout),
                $setting->supportHeightM,
                $setting->footHeightM,
                $layout->servesOneArm() && $exercise->effort->isOfArms() ? 1 : $setting->limbs,
            );
            if ($this->works($exercise, $body, $otherwise)) {
                return $otherwise;
            }
        }

        return null;
    }

    private function riggedAlike(Exercise $exercise, Body $body, Setting $setting, BandSetup $band): ?Setting
    {
        $best = null;
        $leastChange = INF;
        $stances = $band->layout->usesStance() ? $this->downFrom($band->stanceM ?? 0.4, 0.2) : [$band->stanceM];
        $distances = $band->layout->needsAnchor() ? $this->downFrom($band->anchorDistanceM, 0.2) : [$band->anchorDistanceM];
        foreach ($this->downFrom($band->gripM, 0.0) as $gripM) {
            foreach ($stances as $stanceM) {
                foreach ($distances as $distanceM) {
                    $change = $band->gripM - $gripM + ($band->stanceM ?? 0.4) - ($stanceM ?? 0.4)
                        + $band->anchorDistanceM - $distanceM;
                    if ($change >= $leastChange) {
                        continue;
                    }
                    $nearby = $setting->withBand($band->moved(gripM: $gripM, stanceM: $stanceM, anchorDistanceM: $distanceM));
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
