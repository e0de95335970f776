<?php

declare(strict_types=1);

namespace App\Http\Resources\Replan;

use App\Http\Resources\Resource;
use App\Http\Resources\Shared\EquivalentResource;

/** One exercise of a session planned anew: what it was, and what it becomes. */
final readonly class ReplanChangeResource extends Resource
{
    /**
     * @param  string  $kind  `swap`, `fewer-sets`, `left-out` or `stays`.
     * @param  string  $from  What stood there, in words.
     * @param  string  $words  The new setting; empty where it stays.
     * @param  list<string>  $notes  What changes and what is lost.
     * @param  list<string>  $cautions
     */
    public function __construct(
        public int $itemId,
        public string $kind,
        public string $from,
        public string $why,
        public string $name,
        public string $words,
        public int $sets,
        public int $reps,
        public int $repsLow,
        public int $repsHigh,
        public int $reserve,
        public ?string $tempo,
        public bool $isHold,
        public bool $perSide,
        public ?int $matchPercent,
        public ?EquivalentResource $equivalent,
        public array $notes,
        public array $cautions,
    ) {
    }
}
