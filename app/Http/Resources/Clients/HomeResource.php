<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Http\Resources\Resource;
use App\Models\Home;

/** The room a client trains in. */
final readonly class HomeResource extends Resource
{
    /** @param  list<AnchorResource>  $anchors */
    public function __construct(
        public ?float $ceilingCm,
        public string $floor,
        public bool $quiet,
        public string $quietHours,
        public ?float $lengthM,
        public ?float $widthM,
        public bool $pets,
        public bool $children,
        public bool $hasWall,
        public array $anchors,
        public string $note,
    ) {
    }

    public static function of(Home $home): self
    {
        return new self(
            ceilingCm: $home->ceiling_cm,
            floor: $home->floor,
            quiet: $home->quiet,
            quietHours: $home->quiet_hours,
            lengthM: $home->length_m,
            widthM: $home->width_m,
            pets: $home->pets,
            children: $home->children,
            hasWall: $home->has_wall,
            anchors: array_map(
                static fn (array $anchor): AnchorResource => new AnchorResource($anchor['id'], $anchor['height_cm'], $anchor['kind']),
                $home->anchors,
            ),
            note: $home->note,
        );
    }
}
