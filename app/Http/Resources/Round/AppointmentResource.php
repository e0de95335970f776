<?php

declare(strict_types=1);

namespace App\Http\Resources\Round;

use App\Enums\AppointmentKind;
use App\Http\Resources\Resource;
use App\Models\Appointment;

/** A visit without a session, or time that is not free. */
final readonly class AppointmentResource extends Resource
{
    /**
     * @param  int|null  $clientId  Null where nobody is visited, as is the next.
     * @param  string  $place  Empty where none is known.
     * @param  bool  $isOfRow  True where it stands there again and again.
     * @param  list<string>  $overlaps  What is at the same time: "Orrin Kestlewick, 09:00".
     */
    public function __construct(
        public int $id,
        public AppointmentKind $kind,
        public string $label,
        public string $words,
        public ?int $clientId,
        public ?string $clientName,
        public string $place,
        public string $startsAt,
        public int $minutes,
        public bool $isOfRow,
        public array $overlaps,
    ) {
    }

    /** @param  list<string>  $overlaps */
    public static function of(Appointment $appointment, array $overlaps): self
    {
        return new self(
            id: $appointment->id,
            kind: $appointment->kind,
            label: $appointment->kind->label(),
            words: $appointment->words ?? '',
            clientId: $appointment->client_id,
            clientName: $appointment->client?->name,
            place: $appointment->client->place ?? '',
            startsAt: $appointment->starts_at->toIso8601String(),
            minutes: $appointment->minutes,
            isOfRow: $appointment->series !== null,
            overlaps: $overlaps,
        );
    }
}
