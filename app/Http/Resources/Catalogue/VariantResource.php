<?php

declare(strict_types=1);

namespace App\Http\Resources\Catalogue;

use App\Http\Resources\Resource;
use App\Models\ExerciseVariant;
use NimbleShelf\Core\Catalogue\Catalogue;

/** A trainer's own version of a shipped exercise. */
final readonly class VariantResource extends Resource
{
    /**
     * @param  string  $exercise  Id of the shipped one.
     * @param  list<string>  $setUp
     * @param  list<string>  $outward
     * @param  list<string>  $inward
     */
    public function __construct(
        public int $id,
        public string $exercise,
        public string $exerciseName,
        public string $name,
        public array $setUp,
        public array $outward,
        public array $inward,
        public string $breath,
        public string $note,
    ) {
    }

    public static function of(ExerciseVariant $variant, Catalogue $catalogue): self
    {
        return new self(
            id: $variant->id,
            exercise: $variant->exercise,
            exerciseName: $catalogue->exercise($variant->exercise)->name,
            name: $variant->name,
            setUp: $variant->cues['set_up'],
            outward: $variant->cues['outward'],
            inward: $variant->cues['inward'],
            breath: $variant->cues['breath'],
            note: $variant->note,
        );
    }
}
