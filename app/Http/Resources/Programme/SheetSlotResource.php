<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** One exercise of a week that is being changed. */
final readonly class SheetSlotResource extends Resource
{
    /**
     * @param  string  $thread  Names it within its day.
     * @param  string|null  $words  The setting by the names of this shelf.
     * @param  string  $dose  "10 repetitions per side".
     * @param  string  $short  "3 × 10".
     * @param  int|null  $reps  Null where seconds count.
     * @param  int|null  $seconds  Null where repetitions count, or there is no cap.
     * @param  string  $sides  `both`, `alternating`, `each`, `swap-each-round` or `own-slots`.
     * @param  list<PlanChoiceResource>  $sidesThere  Ways the sides can share a set.
     * @param  array<string, int>|null  $tempo  Seconds of each part; null for the usual one.
     * @param  array<string, int>  $usualTempo
     * @param  string  $means  What makes one repetition, where that needs saying.
     * @param  list<string>  $things  Names of what it uses.
     */
    public function __construct(
        public string $thread,
        public string $exercise,
        public string $name,
        public ?string $words,
        public int $sets,
        public string $dose,
        public string $short,
        public ?int $reps,
        public ?int $repsMost,
        public ?int $seconds,
        public bool $asLongAsClean,
        public bool $perSide,
        public string $sides,
        public array $sidesThere,
        public int $reserve,
        public int $restSeconds,
        public bool $isHeld,
        public bool $lastToFailure,
        public ?array $tempo,
        public array $usualTempo,
        public string $means,
        public float $factor,
        public string $why,
        public array $things,
    ) {
    }
}
