<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Mechanics\Setting;

/** Which rung a client is on: the one last used, or the nearest in load where the shelf no longer has it. */
final class RungInUse
{
    /**
     * @param  list<array{rung: Rung, wholeKg: float}>  $rungs
     * @param  float  $wholeKg  Of the set last logged.
     * @return int|null Its place; null where there is none.
     */
    public static function among(array $rungs, string $exercise, Setting $setting, float $wholeKg): ?int
    {
        $nearest = null;
        $leastDistance = INF;
        foreach ($rungs as $place => ['rung' => $rung, 'wholeKg' => $kg]) {
            $isIt = $rung->exercise->id === $exercise && $rung->setting->sameAs($setting);
            $distance = $isIt ? -1.0 : abs($kg - $wholeKg);
            if ($distance < $leastDistance) {
                [$nearest, $leastDistance] = [$place, $distance];
            }
        }

        return $nearest;
    }
}
