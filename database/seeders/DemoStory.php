<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Client;
use Closure;

/** What happened to one client of the demo over twelve weeks; days are counted back from today. */
final readonly class DemoStory
{
    /**
     * @param  array<int, Closure(Client, DemoDiary): void>  $happens  What happens on a day, before its visit.
     * @param  list<int>  $missed  Days whose visit did not take place.
     * @param  array<int, array{string, string}>  $hurts  By day: the pattern whose last set was stopped for pain, and where it was.
     */
    public function __construct(
        public DemoBody $body,
        public array $happens,
        public array $missed = [],
        public array $hurts = [],
    ) {
    }
}
