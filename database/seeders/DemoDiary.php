<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Clients\ReckonStrength;
use App\Actions\Clients\ShowHealth;
use App\Actions\Floor\KeepEvents;
use App\Actions\Floor\ReckonLoad;
use App\Actions\Programme\EditProgramme;
use App\Actions\Programme\FollowProgramme;
use App\Actions\Programme\PlanProgramme;
use App\Actions\Programme\ReadProgramme;
use App\Actions\Programme\ResumeProgramme;
use App\Actions\Programme\ReviewProgramme;
use App\Actions\Programme\RunProgramme;
use App\Actions\Replan\Replan;
use App\Actions\Replan\ReplanSession;
use App\Actions\Shelf\StoreShelfItem;
use App\Casts\AsMoment;
use App\Enums\FloorEventKind;
use App\Enums\Occasion;
use App\Enums\ProgrammeState;
use App\Models\Client;
use App\Models\Item;
use App\Models\Programme;
use App\Models\TrainingSession;
use App\Models\User;
use App\Models\Week;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Editing\Edit;
use NimbleShelf\Core\Planning\RestingLimbs;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;
use RuntimeException;

/**
 * Lives the weeks behind today, a day at a time: programmes are planned, changed and followed, visits are done and logged through
 * the same actions as in the application, at the time it was then.
 */
final class DemoDiary
{
    public const DAYS_BACK = 84;

    private CarbonImmutable $today;

    public function __construct(
        private readonly PlanProgramme $plan,
        private readonly RunProgramme $run,
        private readonly EditProgramme $edit,
        private readonly FollowProgramme $follow,
        private readonly ResumeProgramme $resume,
        private readonly ReviewProgramme $review,
        private readonly ReadProgramme $read,
        private readonly KeepEvents $keepEvents,
        private readonly ReckonLoad $reckon,
        private readonly ReckonStrength $strength,
        private readonly ReplanSession $replan,
        private readonly StoreShelfItem $shelve,
        private readonly Catalogue $catalogue,
    ) {
        $this->today = CarbonImmutable::today();
    }

    /**
     * From the day somebody is first met to this morning; the visits of today and later lie ahead.
     *
     * @param  Closure(User): Client  $meet
     */
    public function live(User $trainer, Closure $meet, DemoStory $story): Client
    {
        $clock = CarbonImmutable::getTestNow();
        $this->today = $trainer->now()->startOfDay();
        try {
            $this->dawn(self::DAYS_BACK);
            $client = $meet($trainer);
            for ($ago = self::DAYS_BACK; $ago >= 0; $ago--) {
                $this->dawn($ago);
                if (isset($story->happens[$ago])) {
                    ($story->happens[$ago])($client->refresh(), $this);
                }
                if ($ago > 0 && ! in_array($ago, $story->missed, true)) {
                    $this->visits($client, $story, $ago);
                }
            }
            $this->followed($client);

            return $client;
        } finally {
            CarbonImmutable::setTestNow($clock);
        }
    }

    /** Planned, kept and begun this morning. */
    public function plan(Client $client, DemoPlan $plan): void
    {
        $programme = $this->plan->keep($client, $plan->wish($client));
        $this->run->start($client, $programme, $client->runningProgramme() === null ? null : $client->trainer->today()->subDay());
    }

    /**
     * A change by hand of the week a day lies in.
     *
     * @param  int  $ago  The day of the session, days before today.
     * @param  array<string, mixed>  $edit  As the editor takes it, without the weekday; `slot` is an exercise or the place among the work,
     *     `to` a day like `ago`.
     */
    public function edit(Client $client, int $ago, array $edit): void
    {
        $programme = $this->running($client);
        [$number, $weekday] = $this->place($programme, $ago);
        if (is_int($edit['to'] ?? null)) {
            $edit['to'] = $this->today->subDays($edit['to'])->dayOfWeekIso;
        }
        if (isset($edit['slot'])) {
            $edit['slot'] = $this->slot($programme, $ago, $edit['slot'])->thread;
        }
        $this->edit->handle($programme, $number, Edit::fromArray(['weekday' => $weekday] + $edit), $programme->version);
    }

    /** The first exercise of a day for which there is a step harder takes it. */
    public function harder(Client $client, int $ago): void
    {
        foreach ($this->work($this->running($client), $ago) as $slot) {
            if ($this->tries($client, $ago, ['kind' => 'harder', 'slot' => $slot->exercise->id])) {
                return;
            }
        }
    }

    /**
     * A change that may not be possible with what the planner chose.
     *
     * @param  array<string, mixed>  $edit
     */
    public function tries(Client $client, int $ago, array $edit): bool
    {
        try {
            $this->edit($client, $ago, $edit);

            return true;
        } catch (ValidationException) {
            return false;
        }
    }

    /** The work of a day makes way for what is written. */
    public function write(Client $client, int $ago, string $lines): void
    {
        $edits = [];
        foreach ($this->work($this->running($client), $ago) as $slot) {
            $edits[] = ['kind' => 'remove', 'slot' => $slot->thread];
        }
        $edits[] = ['kind' => 'write', 'text' => $lines];
        $weekday = $this->today->subDays($ago)->dayOfWeekIso;
        $this->edit($client, $ago, [
            'kind' => 'together',
            'edits' => array_map(static fn (array $edit): array => ['weekday' => $weekday] + $edit, $edits),
        ]);
    }

    /** @param  array<string, mixed>  $measures */
    public function shelve(Client $client, string $kind, string $name, int $count, array $measures): void
    {
        $this->shelve->handle($client, null, compact('kind', 'name', 'count', 'measures'));
        $client->refresh();
    }

    public function unshelve(Client $client, string $name): void
    {
        $client->shelfItems()->where('name', $name)->firstOrFail()->delete();
        $client->refresh();
    }

    /** @param  list<string>  $limits */
    public function limit(Client $client, array $limits): void
    {
        $client->update(['limits' => $limits]);
        ShowHealth::note($client, $client->trainer, 'changed the limits');
        $client->refresh();
    }

    public function weigh(Client $client, float $kg): void
    {
        $client->bodyMeasures()->create([
            'measured_on' => $client->trainer->today(),
            'height_cm' => $client->bodyMeasure->height_cm,
            'body_mass_kg' => $kg,
            'limbs' => $client->bodyMeasure->limbs,
        ]);
        $client->refresh();
    }

    /** What no longer stands is looked through and mended, all of it. */
    public function mend(Client $client): void
    {
        $programme = $this->running($client);
        $this->followed($client);
        $found = $this->review->handle($programme->refresh());
        $keys = [];
        foreach ($found->entries as $entry) {
            $keys[] = $entry->key;
        }
        if ($keys !== []) {
            $this->review->apply($programme, $keys, $programme->version);
        }
    }

    /** It goes on after a break. */
    public function resume(Client $client): void
    {
        $this->resume->handle($this->running($client));
    }

    /** The visit of this day is planned anew: a thing is missing, or time is short. */
    public function planAnew(Client $client, ?string $missing, int $minutes = 0): void
    {
        $session = $this->visitsOf($client, $client->trainer->now()->startOfDay())->firstOrFail();
        $this->replan->apply(
            new Replan(
                session: $session,
                occasion: $missing === null ? Occasion::LessTime : Occasion::Missing,
                thingIds: $missing === null ? [] : [$client->shelfItems()->where('name', $missing)->firstOrFail()->id],
                minutes: $minutes,
                sore: null,
            ),
            array_map(static fn (Item $item): int => $item->id, $session->items()),
        );
    }

    private function dawn(int $ago): void
    {
        CarbonImmutable::setTestNow($this->today->subDays($ago)->setTime(5, 30));
    }

    private function visits(Client $client, DemoStory $story, int $ago): void
    {
        $day = $this->today->subDays($ago);
        $visits = $this->visitsOf($client, $day);
        if ($visits->isNotEmpty() && $this->followed($client)) {
            $visits = $this->visitsOf($client, $day);
        }
        foreach ($visits as $visit) {
            $this->train($client, $visit, $story, $ago);
        }
    }

    /** @return Collection<int, TrainingSession> Of one day, those that nobody began. */
    private function visitsOf(Client $client, CarbonImmutable $day): Collection
    {
        /** @var Collection<int, TrainingSession> $visits */
        $visits = TrainingSession::query()
            ->where('client_id', $client->id)
            ->whereNull('started_at')
            ->whereBetween('starts_at', [AsMoment::stored($day), AsMoment::stored($day->endOfDay())])
            ->get();

        return $visits;
    }

    private function train(Client $client, TrainingSession $visit, DemoStory $story, int $ago): void
    {
        $at = $visit->starts_at;
        $events = [$this->event($visit, FloorEventKind::Started, $at)];
        foreach ($visit->blocks as $block) {
            if ($block->kind->isFrame()) {
                continue;
            }
            $sets = $block->items->max(static fn (Item $item): int => $item->chosen->sets);
            for ($set = 1; $set <= $sets; $set++) {
                foreach ($block->items as $item) {
                    if ($item->left_out === null && $set <= $item->chosen->sets) {
                        $at = $at->addSeconds(150);
                        array_push($events, ...$this->set($client, $item, $set, $story, $ago, $at));
                    }
                }
            }
        }
        CarbonImmutable::setTestNow($at->addMinutes(3));
        $refused = $this->keepEvents->handle(
            $client->trainer,
            [...$events, $this->event($visit, FloorEventKind::Ended, $at->addMinutes(2))],
        )['refused'];
        if ($refused !== []) {
            throw new RuntimeException("The demo's history does not keep: {$refused[0]['field']}, {$refused[0]['message']}");
        }
    }

    /** @return list<array<string, mixed>> One for each side where they are done apart. */
    private function set(Client $client, Item $item, int $set, DemoStory $story, int $ago, CarbonImmutable $at): array
    {
        $done = $item->chosen;
        $exercise = $this->catalogue->exercise($done->exercise);
        $isMeasured = $this->catalogue->pattern($exercise->pattern)->isMeasured() && ! $done->dose->isTimed();
        $wholeKg = $isMeasured
            ? $this->reckon->handle($this->reckon->measureOn($client, $at), $exercise, $done->setting, null, $done->rangeRatio)->wholeKg()
            : 0.0;
        $usual = $this->strength->expected($client);
        [$pattern, $where] = $story->hurts[$ago] ?? ['', ''];
        $hurts = $pattern === $exercise->pattern && $set === $done->sets;
        $sets = [];
        $only = RestingLimbs::under(array_column($client->limits->all(), 'value'))->onlySideOf($exercise);
        $each = $only === null ? ['left', 'right'] : [$only];
        foreach ($done->sides === Sides::Each ? $each : [null] as $side) {
            $asked = [$wholeKg, $done->dose->count(), $set, self::DAYS_BACK - $ago, $side];
            [$reps, $reserve] = $isMeasured && $wholeKg > 0
                ? $story->body->does($exercise->pattern, $usual->capacity($exercise->pattern)->kg, ...$asked)
                : [$done->dose->count(), $done->reserve];
            $sets[] = $this->event($item->block->session, FloorEventKind::SetDone, $at) + [
                'itemId' => $item->id,
                'exercise' => $done->exercise,
                'setting' => $done->setting->toArray(),
                'words' => $done->words,
                'tempo' => $done->tempo?->toArray(),
                'rangeRatio' => $done->rangeRatio,
                'setNumber' => $set,
                'side' => $side,
                'reps' => $hurts ? max(1, intdiv($reps, 2)) : $reps,
                'reserve' => $reserve,
                'pain' => $hurts,
                'painNote' => $hurts ? $where : '',
            ];
        }

        return $sets;
    }

    /** @return array<string, mixed> */
    private function event(TrainingSession $visit, FloorEventKind $kind, CarbonImmutable $at): array
    {
        return [
            'key' => (string) Str::uuid(),
            'kind' => $kind->value,
            'clientId' => $visit->client_id,
            'sessionId' => $visit->id,
            'at' => $at->toIso8601String(),
            'zone' => $visit->zone,
        ];
    }

    private function running(Client $client): Programme
    {
        /** @var Programme $programme */
        $programme = $client->programmes()->where('state', ProgrammeState::Running)->firstOrFail();

        return $programme;
    }

    /** True where weeks or visits have changed by it. */
    private function followed(Client $client): bool
    {
        $programme = $this->running($client);
        $isWaiting = $programme->edits()->where('is_followed', false)->whereNull('undone_at')->exists();
        if ($isWaiting) {
            $this->follow->handle($programme);
        }

        return $isWaiting;
    }

    /** @return array{int, int} Number of the week and weekday of the session of a day. */
    private function place(Programme $programme, int $ago): array
    {
        $day = $this->today->subDays($ago);
        $starts = CarbonImmutable::parse($programme->starts_on->toDateString(), $day->timezone);

        return [intdiv((int) round($starts->diffInDays($day)), 7) + 1, $day->dayOfWeekIso];
    }

    /** @return list<Slot> */
    private function work(Programme $programme, int $ago): array
    {
        [$number, $weekday] = $this->place($programme, $ago);
        /** @var Week $row */
        $row = $programme->weeks()->where('number', $number)->firstOrFail();
        foreach ($this->read->week($row, null)->days as $day) {
            if ($day->day->weekday === $weekday) {
                return $day->work();
            }
        }

        return [];
    }

    private function slot(Programme $programme, int $ago, mixed $which): Slot
    {
        $work = $this->work($programme, $ago);
        foreach ($work as $place => $slot) {
            if ($slot->exercise->id === $which || $place === $which) {
                return $slot;
            }
        }

        throw new RuntimeException(sprintf(
            '%s has no %s %d days ago, but %s.',
            $programme->name,
            is_scalar($which) ? $which : '',
            $ago,
            implode(', ', array_map(static fn (Slot $slot): string => $slot->exercise->id, $work)),
        ));
    }
}
