<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** One exercise of a planned session. */
final readonly class PlannedItemResource extends Resource
{
    /**
     * @param  string  $thread  Names the slot through the weeks.
     * @param  string|null  $words  The setting by the names of this shelf.
     * @param  string  $dose  "10 repetitions per side".
     * @param  string  $short  "3 × 10".
     * @param  float|null  $equivalentKg  In the pattern's reference lift; null where nothing is measured.
     * @param  string  $why  Why it stands here, or what changes in this week.
     */
    public function __construct(
        public string $thread,
        public string $exercise,
        public string $name,
        public ?string $words,
        public int $sets,
        public string $dose,
        public string $short,
        public int $reserve,
        public int $restSeconds,
        public ?float $equivalentKg,
        public string $why,
    ) {
    }
}
