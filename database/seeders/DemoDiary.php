<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Floor\KeepEvents;
use App\Actions\Floor\MakeDay;
use App\Actions\Replan\Replan;
use App\Actions\Replan\ReplanSession;
use App\Enums\FloorEventKind;
use App\Enums\Occasion;
use App\Enums\ProgrammeState;
use App\Enums\WeekKind;
use App\Models\Change;
use App\Models\Client;
use App\Models\Item;
use App\Models\PlannedSession;
use App\Models\Programme;
use App\Models\TrainingSession;
use App\Models\Week;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Sides;
use RuntimeException;

/**
 * What the demo's clients have done and will do: weeks behind them, and a programme ahead.
 *
 * Kept through the same actions the Floor uses.
 */
final class DemoDiary
{
    public const WEEKS_BACK = 4;

    private const WEEKS = 12;

    public function __construct(
        private readonly KeepEvents $keepEvents,
        private readonly MakeDay $makeDay,
        private readonly ReplanSession $replanSession,
        private readonly Catalogue $catalogue,
    ) {
    }

    /**
     * Four weeks of sessions that grow by a repetition a week, with the week-three dip people have.
     *
     * @param  list<array{string, array<string, mixed>, int, int, int}>  $exercises  Exercise, setting, sets, repetitions, reserve.
     * @param  int|null  $painOn  Index of the exercise that hurt once, last week.
     */
    public function history(
        Client $client,
        string $name,
        int $perWeek,
        string $time,
        array $exercises,
        ?int $painOn = null,
        ?string $missing = null,
        ?int $minutes = null,
    ): void {
        /** @var Programme $programme */
        $programme = $client->programmes()->create([
            'name' => $name,
            'state' => ProgrammeState::Running,
            'starts_on' => CarbonImmutable::today()->subWeeks(self::WEEKS_BACK),
        ]);
        for ($number = 1; $number <= self::WEEKS; $number++) {
            $programme->weeks()->create(['number' => $number, 'kind' => $number % 5 === 0 ? WeekKind::Deload : WeekKind::Build]);
        }
        for ($week = 0; $week < self::WEEKS_BACK; $week++) {
            for ($visit = 0; $visit < $perWeek; $visit++) {
                $blocks = [['straight', 'Work', array_map(static fn (array $exercise): array => [...$exercise, 75], $exercises)]];
                $planned = $this->planned($programme, $week + 1, $name.' '.($visit + 1), intdiv(7 * $visit, $perWeek), $time, 40, $blocks);
                $session = $this->makeDay->handle($planned);
                $day = $session->starts_at;
                if ($week === self::WEEKS_BACK - 2 && $visit === 0 && ($missing !== null || $minutes !== null)) {
                    $this->planAnew($session, $client, $missing, $minutes, $day);
                }
                $tired = $week === 2 ? 1 : 0;
                $events = [$this->event($session, FloorEventKind::Started, $day)];
                foreach ($session->refresh()->items() as $i => $item) {
                    for ($set = 1; $set <= ($item->left_out === null ? $item->chosen->sets : 0); $set++) {
                        $last = $set === $item->chosen->sets ? 1 : 0;
                        $hurts = $painOn === $i && $week === self::WEEKS_BACK - 1 && $visit === $perWeek - 1 && $last === 1;
                        $events[] = $this->setDone(
                            $item,
                            $set,
                            $item->chosen->dose->count() + $week - $tired - $last,
                            max(0, $item->chosen->reserve + ($visit % 2) - $last),
                            $hurts,
                            $day->addMinutes(8 * $i + 2 * $set),
                        );
                    }
                }
                $this->keep($client, [...$events, $this->event($session, FloorEventKind::Ended, $day->addMinutes(44))]);
            }
        }
    }

    /**
     * What is planned from now on, twice a week, and this week's visits.
     *
     * @param  list<array{string, string, list<array{string, array<string, mixed>, int, int, int, int}>}>  $blocks
     */
    public function session(Client $client, string $name, CarbonImmutable $at, int $minutes, array $blocks): void
    {
        /** @var Programme $programme */
        $programme = $client->programmes()->firstOrFail();
        $daysOn = (int) CarbonImmutable::today()->diffInDays($at->startOfDay());
        for ($week = self::WEEKS_BACK + 1; $week <= self::WEEKS; $week++) {
            foreach ([$daysOn, $daysOn + 3] as $offset) {
                $planned = $this->planned($programme, $week, $name, $offset, $at->format('H:i'), $minutes, $blocks);
                if ($week === self::WEEKS_BACK + 1) {
                    $this->makeDay->handle($planned);
                }
            }
        }
    }

    /** @return array<string, mixed> */
    private function event(TrainingSession $session, FloorEventKind $kind, CarbonImmutable $at): array
    {
        return [
            'key' => (string) Str::uuid(),
            'kind' => $kind->value,
            'clientId' => $session->client_id,
            'sessionId' => $session->id,
            'at' => $at->toIso8601String(),
            'zone' => $session->zone,
        ];
    }

    /** @return array<string, mixed> */
    private function setDone(Item $item, int $set, int $reps, int $reserve, bool $hurts, CarbonImmutable $at): array
    {
        $done = $item->chosen;

        return $this->event($item->block->session, FloorEventKind::SetDone, $at) + [
            'itemId' => $item->id,
            'exercise' => $done->exercise,
            'setting' => $done->setting->toArray(),
            'words' => $done->words,
            'tempo' => $done->tempo?->toArray(),
            'rangeRatio' => $done->rangeRatio,
            'setNumber' => $set,
            'side' => null,
            'reps' => $reps,
            'reserve' => $reserve,
            'pain' => $hurts,
            'painNote' => $hurts ? 'low back, eased when the trunk was raised' : '',
        ];
    }

    /** @param  list<array<string, mixed>>  $events */
    private function keep(Client $client, array $events): void
    {
        $refused = $this->keepEvents->handle($client->trainer, $events)['refused'];
        if ($refused !== []) {
            throw new RuntimeException("The demo's history does not keep: {$refused[0]['field']}, {$refused[0]['message']}");
        }
    }

    /** The day on which a thing was missing, or time was short. */
    private function planAnew(TrainingSession $session, Client $client, ?string $missing, ?int $minutes, CarbonImmutable $day): void
    {
        $replan = new Replan(
            session: $session,
            occasion: $missing === null ? Occasion::LessTime : Occasion::Missing,
            thingIds: $missing === null ? [] : [$client->shelfItems()->where('name', $missing)->firstOrFail()->id],
            minutes: $minutes ?? 0,
            sore: null,
        );
        $batch = $this->replanSession->apply($replan, array_map(static fn (Item $item): int => $item->id, $session->items()));
        Change::query()->where('batch', $batch)->update(['created_at' => $day->subMinutes(10)]);
    }

    /**
     * @param  int  $offset  Days from the start of the week.
     * @param  list<array{string, string, list<array{string, array<string, mixed>, int, int, int, int}>}>  $blocks
     */
    private function planned(
        Programme $programme,
        int $week,
        string $name,
        int $offset,
        string $time,
        int $minutes,
        array $blocks,
    ): PlannedSession {
        /** @var Week $row */
        $row = $programme->weeks()->where('number', $week)->firstOrFail();
        $weekday = $programme->starts_on->toImmutable()->addDays($offset)->dayOfWeekIso;
        $planned = $row->plannedSessions()->create(['name' => $name, 'weekday' => $weekday, 'time' => $time, 'minutes' => $minutes]);
        foreach ($blocks as $i => [$kind, $title, $items]) {
            $block = $planned->blocks()->create(['kind' => $kind, 'name' => $title, 'position' => $i + 1]);
            foreach ($items as $j => [$exercise, $setting, $sets, $reps, $reserve, $rest]) {
                $known = $this->catalogue->exercise($exercise);
                $setting = Setting::fromArray($setting);
                $isEach = $known->isOneSidedIn($setting);
                $asked = Assignment::of(
                    exercise: $exercise,
                    setting: $setting,
                    sets: $sets,
                    dose: $known->isHold ? Dose::seconds($reps, perSide: $isEach) : Dose::repetitions($reps, perSide: $isEach),
                    reserve: $reserve,
                    restSeconds: $rest,
                    sides: $isEach ? Sides::Each : Sides::Both,
                );
                $thread = 't'.substr(md5("{$programme->id}/{$name}/{$i}/{$j}/{$exercise}"), 0, 12);
                $block->slots()->create(['thread' => $thread, 'position' => $j + 1, 'written' => $asked, 'assignment' => $asked]);
            }
        }

        return $planned;
    }
}
