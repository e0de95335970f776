<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Http\Resources\Catalogue\CuesResource;
use App\Http\Resources\Resource;
use App\Http\Resources\Shared\EquivalentResource;
use App\Http\Resources\Shared\FigureResource;

/** One exercise of a session as it will be done. */
final readonly class ItemResource extends Resource
{
    /**
     * @param  string  $rung  Names the exercise as it is set; what was reckoned for another rung is not shown for this one.
     * @param  array<string, mixed>  $setting  As it is done now; a set that is logged says it back.
     * @param  string  $certainty  How sure the load is.
     * @param  array<string, int>|null  $tempoParts  Seconds of each part; null for the usual tempo.
     * @param  string  $dose  What one set asks for, in words.
     * @param  float  $secondsEach  One repetition at the tempo that is asked for.
     * @param  int|null  $bestSeconds  Of a hold: the longest so far; null where there is none, or it is no hold.
     * @param  float|null  $rangeRatio  What the load comes to over the part of the range that is used; null for all of it.
     * @param  EquivalentResource|null  $equivalent  Null where kilograms mean nothing.
     * @param  string|null  $tempo  Slower than usual, in words; null for the usual one.
     * @param  string|null  $leftOut  Why it is left out today; null where it is done.
     * @param  bool  $servable  False where the shelf cannot serve it as it stands.
     * @param  list<string>  $problems
     * @param  string|null  $swappedFrom  What the programme wrote, where it has been swapped.
     * @param  list<string>  $cautions
     * @param  list<SetLogResource>  $setLogs
     */
    public function __construct(
        public int $id,
        public string $exercise,
        public string $name,
        public string $words,
        public string $rung,
        public array $setting,
        public string $certainty,
        public int $sets,
        public int $reps,
        public string $dose,
        public float $secondsEach,
        public int $reserve,
        public bool $isHold,
        public ?int $bestSeconds,
        public bool $lastToFailure,
        public ?string $lastTime,
        public bool $perSide,
        public int $restSeconds,
        public ?string $tempo,
        public ?array $tempoParts,
        public ?float $rangeRatio,
        public ?string $leftOut,
        public bool $servable,
        public array $problems,
        public ?string $swappedFrom,
        public ?string $swapWhy,
        public CuesResource $cues,
        public array $cautions,
        public ?EquivalentResource $equivalent,
        public FigureResource $figure,
        public array $setLogs,
    ) {
    }
}
