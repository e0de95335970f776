<?php

declare(strict_types=1);

namespace App\Http\Resources\Settings;

use App\Http\Resources\Resource;
use App\Models\User;

/** What a trainer has set for all clients. */
final readonly class SettingsResource extends Resource
{
    /**
     * @param  list<WeightResource>  $weights  How much each part of a match counts.
     * @param  string  $zone  Where the trainer's days begin and end.
     * @param  string  $pushUp  What they call it: `push-up` or `press-up`.
     * @param  int  $systolic  Millimetres of mercury at or above which nobody trains that day, as is the next.
     */
    public function __construct(
        public int $systolic,
        public int $diastolic,
        public string $emergencyNumber,
        public array $weights,
        public string $zone,
        public string $pushUp,
    ) {
    }

    public static function of(User $trainer): self
    {
        return new self(
            (int) $trainer->setting('systolic'),
            (int) $trainer->setting('diastolic'),
            (string) $trainer->setting('emergency_number'),
            WeightResource::of($trainer->weights()),
            $trainer->zone(),
            (string) $trainer->setting('push_up'),
        );
    }
}
