<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Http\Resources\Clients\AuditEntryResource;
use App\Http\Resources\Clients\ClearanceResource;
use App\Http\Resources\Clients\HealthAnswerResource;
use App\Http\Resources\Clients\HealthResource;
use App\Http\Resources\Clients\JointResource;
use App\Http\Resources\Clients\LimitInForceResource;
use App\Http\Resources\Clients\MovementChecksResource;
use App\Http\Resources\Clients\NamedJointResource;
use App\Http\Resources\Shared\HealthLockResource;
use App\Models\Client;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use NimbleShelf\Core\Health\MovementChecks;
use NimbleShelf\Core\Health\Question;
use NimbleShelf\Core\Health\Screening;
use Spatie\Activitylog\Models\Activity;

/** A client's health page; every look at it is written down. */
final readonly class ShowHealth
{
    private const LOG = 'health';

    private const ENTRIES_SHOWN = 30;

    private const ONE_LOOK_MINUTES = 5;

    public function __construct(private AssessHealth $assess, private Screening $screening)
    {
    }

    /** Writes down who did what with a client's health answers. */
    public static function note(Client $client, User $trainer, string $what): void
    {
        $recently = Activity::query()->where('log_name', self::LOG)
            ->where('subject_type', $client->getMorphClass())
            ->where('subject_id', $client->id)
            ->where('causer_id', $trainer->id)
            ->where('created_at', '>=', CarbonImmutable::now()->subMinutes(self::ONE_LOOK_MINUTES))
            ->latest('id')
            ->value('description');
        // A page that fetches itself anew is still one look.
        if (str_starts_with($what, 'looked') && $recently === $what) {
            return;
        }
        activity(self::LOG)->performedOn($client)->causedBy($trainer)->log($what);
    }

    public function handle(Client $client): HealthResource
    {
        $client->unsetRelations();
        $screening = $client->screening;
        $inForce = $this->assess->limits($client);
        $dueOn = $this->assess->dueOn($client);
        $checks = $client->movementCheck === null ? MovementChecks::of() : MovementChecks::of(...$client->movementCheck->seen);

        return new HealthResource(
            clientId: $client->id,
            questions: array_map(
                static fn (Question $question): HealthAnswerResource => new HealthAnswerResource(
                    $question->id,
                    $question->ask,
                    $screening->answers[$question->id] ?? null,
                    $question->lock !== null,
                    $question->namesJoints,
                ),
                $this->assess->asked($client, $this->screening)->questions,
            ),
            joints: array_map(JointResource::of(...), $this->screening->joints),
            named: array_map(fn (array $one): NamedJointResource => new NamedJointResource(
                $one['joint'],
                $this->nameOf($one['joint']),
                $one['side'],
                $one['replaced'],
            ), $screening->joints ?? []),
            answeredOn: $screening?->answered_on->toDateString(),
            dueOn: $dueOn?->toDateString(),
            isDue: $this->assess->isDue($client),
            note: $screening->note ?? '',
            systolic: $screening->pressure['systolic'] ?? null,
            diastolic: $screening->pressure['diastolic'] ?? null,
            locks: HealthLockResource::allOf($this->assess->locks($client)),
            limits: array_map(
                static fn (array $limit): LimitInForceResource => new LimitInForceResource(
                    $limit['limit']->value,
                    $limit['limit']->label(),
                    $limit['source'],
                    $limit['why'],
                ),
                array_values($inForce),
            ),
            notes: $this->assess->assessment($client)->notes,
            clearances: array_values($client->clearances->sortByDesc('given_on')->map(ClearanceResource::of(...))->all()),
            checkedOn: $client->movementCheck?->checked_on->toDateString(),
            seen: $client->movementCheck === null ? null : new MovementChecksResource(
                $checks->rises,
                $checks->leftBalanceS,
                $checks->rightBalanceS,
                $checks->overhead,
                $checks->leftKg,
                $checks->rightKg,
            ),
            proposals: array_values(array_map(
                static fn (array $proposal): LimitInForceResource => new LimitInForceResource(
                    $proposal['limit']->value,
                    $proposal['limit']->label(),
                    'check',
                    $proposal['why'],
                ),
                array_diff_key($checks->proposals(), $inForce),
            )),
            sideAdvice: $checks->sideAdvice(),
            emergencyNumber: (string) $client->trainer->setting('emergency_number'),
            audit: $this->audit($client),
            auditCount: $this->auditCount($client),
        );
    }

    /**
     * Who looked and who changed, newest first, a page at a time.
     *
     * @param  int|null  $before  The entry before which the page ends; null for the newest.
     * @return list<AuditEntryResource>
     */
    public function audit(Client $client, ?int $before = null): array
    {
        /** @var Collection<int, Activity> $entries */
        $entries = Activity::query()->with('causer')
            ->where('log_name', self::LOG)
            ->where('subject_type', $client->getMorphClass())
            ->where('subject_id', $client->id)
            ->when($before !== null, static fn ($query) => $query->where('id', '<', $before))
            ->latest('id')
            ->limit(self::ENTRIES_SHOWN)
            ->get();

        return array_values($entries->map(static fn (Activity $entry): AuditEntryResource => new AuditEntryResource(
            id: (int) $entry->id,
            at: CarbonImmutable::parse($entry->created_at)->toIso8601String(),
            who: $entry->causer instanceof User ? $entry->causer->name : 'the application',
            what: $entry->description,
        ))->all());
    }

    private function nameOf(string $joint): string
    {
        foreach ($this->screening->joints as $one) {
            if ($one->id === $joint) {
                return $one->name;
            }
        }

        return $joint;
    }

    private function auditCount(Client $client): int
    {
        return Activity::query()->where('log_name', self::LOG)
            ->where('subject_type', $client->getMorphClass())
            ->where('subject_id', $client->id)
            ->count();
    }
}
