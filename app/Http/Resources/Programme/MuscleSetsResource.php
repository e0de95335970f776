<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\Muscles;

/** Hard sets of a muscle in a week, against the band that does it good. */
final readonly class MuscleSetsResource extends Resource
{
    public function __construct(public string $muscle, public float $sets, public float $low, public float $high)
    {
    }

    /**
     * @param  array<string, float>  $sets  Hard sets by muscle.
     * @return list<self> Of every muscle a week is judged by.
     */
    public static function allOf(array $sets, Brief $brief): array
    {
        $band = $brief->band();

        return array_map(
            static fn (string $muscle): self => new self(
                Muscles::label($muscle),
                round($sets[$muscle] ?? 0.0, 1),
                round($band->low, 1),
                round($band->high, 1),
            ),
            array_keys(Muscles::WEIGHTS),
        );
    }
}
