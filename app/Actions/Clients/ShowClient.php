<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Actions\Floor\ShowSession;
use App\Casts\AsMoment;
use App\Http\Resources\Clients\BodyMeasureResource;
use App\Http\Resources\Clients\ClientResource;
use App\Http\Resources\Clients\HomeResource;
use App\Http\Resources\Floor\SessionSummaryResource;
use App\Http\Resources\Shared\LimitResource;
use App\Models\BodyMeasure;
use App\Models\Client;
use App\Models\TrainingSession;
use Illuminate\Support\Collection;

/** One client as the Person page shows them. */
final readonly class ShowClient
{
    private const SESSIONS_SHOWN = 6;

    public function __construct(private ShowSession $showSession, private DescribeClient $describe, private AssessHealth $assess)
    {
    }

    public function handle(Client $client): ClientResource
    {
        /** @var Collection<int, TrainingSession> $sessions */
        $sessions = $client->trainingSessions()
            ->with(['blocks.items'])
            ->whereNull('ended_at')
            ->whereNull('cancelled_at')
            ->where('starts_at', '>=', AsMoment::stored($client->trainer->now()->startOfDay()))
            ->orderBy('starts_at')
            ->limit(self::SESSIONS_SHOWN)
            ->get();

        /** @var Collection<int, BodyMeasure> $measures */
        $measures = $client->bodyMeasures()->orderByDesc('measured_on')->orderByDesc('id')->get();

        return new ClientResource(
            id: $client->id,
            name: $client->name,
            trade: $client->trade,
            goal: $client->goal->label(),
            goalId: $client->goal->value,
            experience: $client->experience,
            daysPerWeek: $client->days_per_week,
            minutes: $client->minutes,
            likes: $client->likes,
            dislikes: $client->dislikes,
            sex: $client->sex,
            telephone: $client->telephone,
            email: $client->email,
            emergencyContact: $client->emergency_contact,
            doctor: $client->doctor,
            bornOn: $client->born_on?->toDateString(),
            age: $this->assess->age($client),
            guardian: $client->guardian,
            guardianOn: $client->guardian_on?->toDateString(),
            kitFromId: $client->kit_from_id,
            kitFromName: $client->kitFrom?->name,
            note: $client->note,
            place: $client->place,
            heightCm: $client->bodyMeasure->height_cm,
            bodyMassKg: $client->bodyMeasure->body_mass_kg,
            measuredOn: $client->bodyMeasure->measured_on->toDateString(),
            limbsCm: array_map(floatval(...), $client->bodyMeasure->limbs),
            measures: array_values($measures->map(BodyMeasureResource::of(...))->all()),
            limits: LimitResource::allOf($this->describe->limits($client)),
            locks: array_column($this->assess->locks($client), 'why'),
            home: HomeResource::of($client->home),
            shelfCount: $client->shelfItems->count(),
            sessions: array_values(
                $sessions->map(
                    fn (TrainingSession $session): SessionSummaryResource => SessionSummaryResource::of(
                        $session,
                        count($this->showSession->itemsToSwap($session)),
                    ),
                )->all(),
            ),
        );
    }
}
