<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** One exercise of a written line, as it was read. */
final readonly class WrittenSlotResource extends Resource
{
    /**
     * @param  string|null  $name  The exercise; null where none was found, or this shelf cannot do it.
     * @param  string  $short  "3 × 10 repetitions".
     * @param  string|null  $words  The setting by the names of this shelf.
     * @param  string|null  $problem  What this shelf does not hold.
     * @param  list<string>  $assumed  What was taken for granted.
     * @param  string|null  $instead  What the shelf offers in its place.
     */
    public function __construct(
        public string $text,
        public ?string $name,
        public string $short,
        public ?string $words,
        public ?string $problem,
        public array $assumed,
        public ?string $instead,
        public ?string $insteadWords,
    ) {
    }
}
