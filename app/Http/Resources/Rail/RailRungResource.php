<?php

declare(strict_types=1);

namespace App\Http\Resources\Rail;

use App\Http\Resources\Resource;

/** One rung on a rail. */
final readonly class RailRungResource extends Resource
{
    /**
     * @param  float  $kg  Where it hangs.
     * @param  float  $shownKg  As it is said, rounded to what anyone could tell apart.
     * @param  int|null  $reps  Repetitions to expect at the goal's reserve; null where nothing is logged.
     * @param  bool  $isNow  True for the rung of the newest logged set, or the nearest to it.
     * @param  int|null  $jumpPercent  From the rung in use, for the next two either way.
     * @param  bool  $isBigJump  True above fifteen per cent.
     * @param  list<string>  $cautions
     */
    public function __construct(
        public string $key,
        public float $kg,
        public float $lowKg,
        public float $highKg,
        public float $shownKg,
        public string $exercise,
        public string $words,
        public string $implement,
        public string $position,
        public ?int $reps,
        public ?int $repsLow,
        public ?int $repsHigh,
        public bool $isHold,
        public bool $perSide,
        public int $setUpSeconds,
        public bool $isInWindow,
        public bool $isNow,
        public ?int $jumpPercent,
        public bool $isBigJump,
        public array $cautions,
    ) {
    }
}
