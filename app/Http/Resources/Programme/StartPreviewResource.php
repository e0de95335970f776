<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** What starting a draft would end. */
final readonly class StartPreviewResource extends Resource
{
    /**
     * @param  string  $firstDay  On which the draft would begin, a date.
     * @param  list<string>  $lastDays  On which what runs may end, each a date: the eve, and today where that is earlier.
     * @param  list<RunningProgrammeResource>  $running  Empty where nothing runs.
     */
    public function __construct(public string $firstDay, public array $lastDays, public array $running)
    {
    }
}
