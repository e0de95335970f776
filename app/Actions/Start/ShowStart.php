<?php

declare(strict_types=1);

namespace App\Actions\Start;

use App\Actions\Clients\AssessHealth;
use App\Actions\Clients\DescribeClient;
use App\Actions\Clients\ReckonStrength;
use App\Actions\Programme\SessionDocument;
use App\Enums\SessionState;
use App\Http\Resources\Shared\HealthLockResource;
use App\Http\Resources\Start\BeliefResource;
use App\Http\Resources\Start\ChangedSlotResource;
use App\Http\Resources\Start\StartResource;
use App\Http\Resources\Start\StartRunResource;
use App\Http\Resources\Start\StartStepResource;
use App\Http\Resources\Start\StartTestResource;
use App\Http\Resources\Start\ToldResultResource;
use App\Models\Client;
use App\Models\ProgrammeEdit;
use App\Models\SetLog;
use App\Models\ToldResult;
use App\Models\TrainingSession;
use Illuminate\Database\Eloquent\Collection;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\Equivalent;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\StartTest;
use NimbleShelf\Core\Strength\Strength;
use NimbleShelf\Core\Text\Plain;

/** How to find out what a client can do, what is known by now, and what that changed. */
final readonly class ShowStart
{
    /** After so many days without a set it is offered again: eight weeks off cost a tenth, three next to nothing. */
    public const LONG_BREAK_DAYS = 42;

    /** What is shown whatever was tested. */
    private const PATTERNS = [
        'squat', 'hinge', 'horizontal-press', 'vertical-press', 'horizontal-pull', 'vertical-pull', 'elbow-flexion', 'trunk',
    ];

    public function __construct(
        private PlanStart $plan,
        private FollowStart $follow,
        private ReckonStrength $strength,
        private DescribeClient $describe,
        private AssessHealth $health,
        private Catalogue $catalogue,
    ) {
    }

    public function handle(Client $client): StartResource
    {
        /** @var TrainingSession|null $session */
        $session = $client->trainingSessions()->where('is_start', true)->whereNull('cancelled_at')->orderByDesc('id')->first();
        $isDone = $session?->state() === SessionState::Done;
        $why = $this->why($client);
        $proposed = $this->plan->proposed($client);
        /** @var Collection<int, ToldResult> $told */
        $told = $client->toldResults()->orderByDesc('id')->get();
        $now = $this->strength->at($client);
        $before = match (true) {
            $isDone => $this->strength->at($client, $session->started_at),
            $told->isNotEmpty() => $this->strength->expected($client),
            default => null,
        };
        $tested = [
            ...array_map(static fn (StartTest $test): string => $test->pattern, $proposed->tests),
            ...$told->pluck('pattern')->all(),
            ...($isDone
                ? SetLog::query()->where('training_session_id', $session->id)->whereNull('voided_at')->pluck('pattern')->all()
                : []),
        ];

        return new StartResource(
            clientId: $client->id,
            clientName: $client->name,
            why: $why,
            isCareful: $this->describe->brief($client, $this->describe->plainSituation($client), 20)->isCareful(),
            minutes: (int) ceil($proposed->likelyMinutes),
            mostMinutes: (int) ceil($proposed->mostMinutes),
            tests: array_map(self::test(...), $proposed->tests),
            untested: $proposed->untested,
            locks: HealthLockResource::allOf($this->health->locks($client)),
            nextVisit: $client->nextVisit()?->starts_at->toIso8601String(),
            session: $session === null ? null : new StartRunResource(
                id: $session->id,
                state: $session->state(),
                startsAt: $session->starts_at->toIso8601String(),
                endedAt: $session->ended_at?->toIso8601String(),
            ),
            beliefs: $this->beliefs($now, $before, array_values(array_unique([...self::PATTERNS, ...$tested]))),
            told: array_values($told->map($this->told(...))->all()),
            changed: $this->changed($client),
        );
    }

    public function told(ToldResult $result): ToldResultResource
    {
        $exercise = $this->catalogue->exercise($result->exercise);
        $told = new \NimbleShelf\Core\Programme\ToldResult(
            $exercise,
            $result->test,
            $result->setting,
            $result->words,
            $result->count,
            $result->is_timed,
            $result->reserve,
        );

        return new ToldResultResource(
            $result->id,
            $result->line,
            $exercise->name,
            $result->words,
            $told->inWords(),
            $result->told_at->toDateString(),
        );
    }

    /** Why it is offered; null where enough is known. */
    private function why(Client $client): ?string
    {
        $days = $client->daysAway($client->trainer->now());
        if ($days === null) {
            return $client->toldResults()->exists() ? null : 'Nothing is on record yet.';
        }

        return $days < self::LONG_BREAK_DAYS
            ? null
            : sprintf('Nothing was done for %s.', Plain::count(intdiv($days, 7), 'week'));
    }

    private static function test(StartTest $test): StartTestResource
    {
        return new StartTestResource($test->name, $test->isHold(), array_map(
            static fn (Slot $slot): StartStepResource => new StartStepResource(
                $slot->exercise->id,
                $slot->exercise->name,
                (string) $slot->assignment->words,
                $slot->assignment->dose->inWords(),
            ),
            $test->steps,
        ));
    }

    /**
     * @param  list<string>  $patterns
     * @return list<BeliefResource> Of those that a strength is kept of.
     */
    private function beliefs(Strength $now, ?Strength $before, array $patterns): array
    {
        $beliefs = [];
        foreach ($patterns as $id) {
            $pattern = $this->catalogue->pattern($id);
            if (! $now->knows($id) || $pattern->referenceExercise === null) {
                continue;
            }
            [$low, $middle, $high] = self::range($now->capacity($id), $now->ownKg($id));
            $was = $before === null ? null : self::range($before->capacity($id), $before->ownKg($id));
            $beliefs[] = new BeliefResource(
                pattern: $id,
                name: $pattern->name,
                unit: $pattern->unit,
                reference: $this->catalogue->exercise($pattern->referenceExercise)->name,
                kg: $middle,
                lowKg: $low,
                highKg: $high,
                wasLowKg: $was[0] ?? null,
                wasHighKg: $was[2] ?? null,
                from: $now->capacity($id)->from,
            );
        }

        return $beliefs;
    }

    /** @return array{float, float, float} Beyond the body; what is below the body alone is nothing. */
    private static function range(Capacity $capacity, float $ownKg): array
    {
        return array_map(
            static fn (float $kg): float => max(0.0, Equivalent::rounded($kg - $ownKg, $capacity->sdKg)),
            [$capacity->atLeastKg(0.9), $capacity->kg, $capacity->atLeastKg(0.1)],
        );
    }

    /** @return list<ChangedSlotResource> What it changed in the programme last; what was undone is not said. */
    private function changed(Client $client): array
    {
        /** @var ProgrammeEdit|null $edit */
        $edit = $this->follow->programme($client)?->edits()->whereNull('undone_at')->where('words', 'like', FollowStart::AFTER.'%')
            ->orderByDesc('id')->first();
        $was = [];
        // The weeks after have taken it over by now; what became of the week itself says enough.
        $ofItsWeek = static fn (array $document): bool => ($document['week'] ?? 0) === $edit?->week;
        foreach (array_filter($edit->before ?? [], $ofItsWeek) as $document) {
            foreach (SessionDocument::read($document, $this->catalogue)->work() as $slot) {
                $was[$slot->thread] = $slot;
            }
        }
        $changed = [];
        foreach (array_filter($edit->after ?? [], $ofItsWeek) as $document) {
            $day = SessionDocument::read($document, $this->catalogue);
            foreach ($day->work() as $slot) {
                $before = $was[$slot->thread] ?? null;
                if ($before !== null && $before->assignment->toArray() !== $slot->assignment->toArray()) {
                    $changed[] = new ChangedSlotResource(
                        $day->day->label(),
                        $slot->exercise->name,
                        self::asked($slot),
                        ($before->exercise->id === $slot->exercise->id ? '' : "{$before->exercise->name}: ").self::asked($before),
                    );
                }
            }
        }

        return $changed;
    }

    private static function asked(Slot $slot): string
    {
        return "{$slot->assignment->inShort()}, ".lcfirst((string) $slot->assignment->words);
    }
}
