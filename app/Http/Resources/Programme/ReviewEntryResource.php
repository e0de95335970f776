<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Editing\RefitEntry;
use NimbleShelf\Core\Programme\TrainingDay;

/** One exercise of a programme that no longer stands. */
final readonly class ReviewEntryResource extends Resource
{
    /**
     * @param  string  $kind  `swap`, `forward` (only what it was to become does not stand) or `out` (nothing takes its place).
     * @param  list<int>  $weeks  In which it does not stand.
     */
    public function __construct(
        public string $key,
        public string $day,
        public string $kind,
        public string $name,
        public string $words,
        public string $why,
        public array $weeks,
        public ?string $toName,
        public ?string $toWords,
        public ?string $toDose,
        public ?string $toWhy,
    ) {
    }

    public static function of(RefitEntry $entry): self
    {
        return new self(
            $entry->key(),
            TrainingDay::of($entry->weekday, 45)->label(),
            match (true) {
                $entry->goesOn => 'forward',
                $entry->option === null => 'out',
                default => 'swap',
            },
            $entry->slot->exercise->name,
            (string) $entry->slot->assignment->words,
            $entry->why,
            $entry->weeks,
            $entry->option?->exercise->name,
            $entry->option?->rung->words,
            $entry->option?->dose->inWords(),
            $entry->option?->why,
        );
    }
}
