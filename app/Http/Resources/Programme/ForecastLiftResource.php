<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Programme\ForecastLift;
use NimbleShelf\Core\Programme\ForecastPoint;
use NimbleShelf\Core\Programme\TrainingDay;

/** One main lift of a programme through its weeks, as it is forecast. */
final readonly class ForecastLiftResource extends Resource
{
    /**
     * @param  list<ForecastPointResource>  $points
     */
    public function __construct(public string $day, public string $thread, public string $name, public string $unit, public array $points)
    {
    }

    public static function of(ForecastLift $lift): self
    {
        return new self(
            TrainingDay::of($lift->weekday, 45)->label(),
            $lift->thread,
            $lift->name,
            $lift->unit,
            array_map(static fn (ForecastPoint $point): ForecastPointResource => new ForecastPointResource(
                $point->week,
                round($point->kg, 1),
                round($point->lowKg, 1),
                round($point->highKg, 1),
                $point->count,
                $point->sets,
                $point->kind,
                $point->words,
            ), $lift->points),
        );
    }
}
