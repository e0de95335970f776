<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use App\Actions\Clients\DescribeClient;
use App\Enums\ProgrammeState;
use App\Http\Resources\Programme\MuscleSetsResource;
use App\Http\Resources\Programme\PlanChoiceResource;
use App\Http\Resources\Programme\PlannedBlockResource;
use App\Http\Resources\Programme\PlannedItemResource;
use App\Http\Resources\Programme\PlannedSessionResource;
use App\Http\Resources\Programme\PlannedWeekResource;
use App\Http\Resources\Programme\PlanStyleResource;
use App\Http\Resources\Programme\ProgrammeNameResource;
use App\Http\Resources\Programme\ProgrammeResource;
use App\Http\Resources\Programme\ProgrammesResource;
use App\Http\Resources\Programme\ProgrammeTurnResource;
use App\Http\Resources\Programme\ScorePartResource;
use App\Http\Resources\Programme\WeekCheckResource;
use App\Http\Resources\Programme\WrittenDoubtResource;
use App\Http\Resources\Programme\WrittenLineResource;
use App\Http\Resources\Programme\WrittenSlotResource;
use App\Models\Client;
use App\Models\Programme;
use App\Models\ProgrammeTurn;
use App\Models\TrainingSession;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\RestingLimbs;
use NimbleShelf\Core\Planning\Slot as CoreSlot;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\OrderSchool;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\ProgrammePlan;
use NimbleShelf\Core\Programme\Progression;
use NimbleShelf\Core\Programme\Structure;
use NimbleShelf\Core\Programme\WeekChecks;
use NimbleShelf\Core\Programme\WrittenBlock;
use NimbleShelf\Core\Programme\WrittenSlot;
use NimbleShelf\Core\Reading\Doubt;
use NimbleShelf\Core\Strength\Experience;

/** A client's programmes as the page shows them, the one that runs with its checks reckoned for today's shelf. */
final readonly class ShowProgramme
{
    /** What each part of the score counts. */
    private const PARTS = [
        'muscles' => 'working sets of each muscle, most in the middle of its band',
        'patterns' => 'what a week should hold, on one day and on two',
        'movements' => 'what the whole body does over the week, each once',
        'roles' => 'main lifts carry it, builders fill, drills cost',
        'effort' => 'sets whose load is not what the goal asks',
        'basics' => 'skill, mixed movements and holds where something plainer would do',
        'liking' => 'what is liked or known',
        'changes' => 'set-up',
        'positions' => 'getting down to the floor and up',
        'variety' => 'the same pattern twice in a session',
        'balance' => 'one side outweighing the other',
        'time' => 'minutes of the visit that are used',
    ];

    public function __construct(
        private ReadProgramme $read,
        private WeekChecks $checks,
        private DescribeClient $describe,
    ) {
    }

    /** @param  int|null  $wanted  The programme to show; null for the one that runs, else the newest draft. */
    public function handle(Client $client, ?int $wanted = null): ProgrammesResource
    {
        /** @var Collection<int, Programme> $all */
        $all = $client->programmes()->with('weeks')->orderByDesc('id')->get();
        $all->each->setRelation('client', $client);
        $of = static fn (ProgrammeState $state): ?Programme => $all->first(static fn (Programme $one): bool => $one->standing() === $state);
        /** @var Programme|null $shown */
        $shown = $wanted !== null
            ? $all->firstWhere('id', $wanted) ?? abort(404)
            : $of(ProgrammeState::Running) ?? $of(ProgrammeState::Waiting) ?? $of(ProgrammeState::Draft);
        $wish = FirstWish::of($client, $all->first(static fn (Programme $one): bool => $one->days !== []));

        return new ProgrammesResource(
            clientId: $client->id,
            shown: $shown === null || $shown->weeks->isEmpty() ? null : $this->kept($shown),
            all: array_values($all->map(ProgrammeNameResource::of(...))->all()),
            goal: $client->goal->value,
            goals: self::choices(Goal::cases()),
            experiences: self::choices(Experience::cases()),
            orders: self::choices(OrderSchool::cases()),
            structures: self::choices(Structure::cases()),
            experience: $wish->experience->value,
            days: $wish->days,
            isOnRecord: $client->isOnRecord(),
            startsOn: $wish->startsOn->toDateString(),
        );
    }

    /** @param  list<WrittenBlock>  $written  How the lines were read it was written in; empty where it was planned. */
    public function proposed(Client $client, Wish $wish, ProgrammePlan $plan, array $written = []): ProgrammeResource
    {
        $brief = $wish->briefFor($this->describe->situation($client));
        $why = static fn (CoreSlot $slot, int $week): string => $plan->steps[$slot->thread][$week - 1] ?? '';

        return new ProgrammeResource(
            clientId: $client->id,
            id: null,
            state: 'proposed',
            name: $wish->name(),
            goal: $wish->goal->label(),
            style: PlanStyleResource::of($brief),
            startsOn: $wish->startsOn->toDateString(),
            week: 1,
            weeks: array_map(
                fn (PlannedWeek $week): PlannedWeekResource => $this->week(
                    $week,
                    $brief,
                    $wish->startsOn->addWeeks($week->number - 1)->toDateString(),
                    $wish->times,
                    $why,
                    $plan->equivalents,
                ),
                $plan->weeks,
            ),
            checks: array_map(WeekCheckResource::of(...), $plan->checks),
            muscles: MuscleSetsResource::allOf($this->checks->hardSets($plan->weeks[0], $brief), $brief),
            score: self::parts($plan->score->parts ?? []),
            total: $plan->score === null ? null : round($plan->score->total, 1),
            heldBack: $plan->heldBack,
            written: array_map(self::line(...), $written),
        );
    }

    public function kept(Programme $programme): ProgrammeResource
    {
        $client = $programme->client ?? abort(404);
        $situation = $this->describe->situation($client);
        $brief = $this->read->brief($programme, $situation);
        $weeks = $checks = $times = $whys = [];
        foreach ($programme->weeks()->with('plannedSessions.blocks.slots')->get() as $row) {
            foreach ($row->plannedSessions as $session) {
                $times[$session->weekday] = $session->time;
                foreach ($session->blocks as $block) {
                    foreach ($block->slots as $slot) {
                        $whys["{$slot->thread}/{$row->number}"] = $slot->assignment->why;
                    }
                }
            }
            $weeks[] = $week = $this->read->week($row, $situation);
            array_push($checks, ...$this->checks->of($week, $brief));
        }
        // What was reckoned for the week as planned says nothing of one that was changed since.
        $isAsPlanned = $programme->lastEdit() === null;
        /** @var array<string, float> $score */
        $score = $isAsPlanned && is_array($programme->style['score'] ?? null) ? $programme->style['score'] : [];
        /** @var list<string> $heldBack */
        $heldBack = $isAsPlanned && is_array($programme->style['held_back'] ?? null) ? $programme->style['held_back'] : [];
        $why = static fn (CoreSlot $slot, int $week): string => $whys["{$slot->thread}/{$week}"] ?? '';
        $now = $programme->currentWeek();

        return new ProgrammeResource(
            clientId: $client->id,
            id: $programme->id,
            state: $programme->standing()->value,
            name: $programme->name,
            goal: $programme->goal->label(),
            style: PlanStyleResource::of($brief),
            startsOn: $programme->starts_on->toDateString(),
            week: $now,
            weeks: array_map(
                fn (PlannedWeek $week): PlannedWeekResource => $this->week(
                    $week,
                    $brief,
                    $programme->weekStartsOn($week->number)->toDateString(),
                    $times,
                    $why,
                    [],
                ),
                $weeks,
            ),
            checks: array_map(WeekCheckResource::of(...), $checks),
            muscles: $weeks === [] ? [] : MuscleSetsResource::allOf($this->checks->hardSets($weeks[$now - 1] ?? $weeks[0], $brief), $brief),
            score: self::parts($score),
            total: $score === [] ? null : round(array_sum($score), 1),
            heldBack: $heldBack,
            written: [],
            endsOn: $programme->ends_on?->toDateString(),
            pausedUntil: self::pausedUntil($programme),
            lastTurn: $this->lastTurn($programme),
        );
    }

    /** The last day of the pause that holds or comes; null where none does. */
    private static function pausedUntil(Programme $programme): ?string
    {
        $today = $programme->client?->trainer->today()->toDateString() ?? '';
        $ahead = array_filter(array_map(
            static fn (array $pause): string => CarbonImmutable::parse($pause['from'])->addWeeks($pause['weeks'])->subDay()->toDateString(),
            $programme->pauses,
        ), static fn (string $until): bool => $until >= $today);

        return $ahead === [] ? null : min($ahead);
    }

    /** What was done last with this client’s programmes as a whole, where it was done with this one. */
    private function lastTurn(Programme $programme): ?ProgrammeTurnResource
    {
        /** @var ProgrammeTurn|null $last */
        $last = ProgrammeTurn::query()->where('client_id', $programme->client_id)->whereNull('undone_at')->orderByDesc('id')->first();

        // What has been begun of it since stays; then there is nothing to take back.
        $isBegun = $last !== null && TrainingSession::query()->whereIn('id', $last->made)->whereNotNull('started_at')->exists();

        return $last === null || $isBegun || $last->programme_id !== $programme->id ? null : ProgrammeTurnResource::of($last);
    }

    /**
     * @param  array<int, string>  $times
     * @param  \Closure(CoreSlot, int): string  $why
     * @param  array<string, float|null>  $equivalents
     */
    private function week(
        PlannedWeek $week,
        Brief $brief,
        string $startsOn,
        array $times,
        \Closure $why,
        array $equivalents,
    ): PlannedWeekResource {
        return new PlannedWeekResource(
            number: $week->number,
            kind: $week->isDeload ? 'deload' : 'build',
            startsOn: $startsOn,
            sessions: array_map(function (PlannedDay $day) use ($brief, $times, $why, $week, $equivalents): PlannedSessionResource {
                $timeline = $day->timeline($brief);

                return new PlannedSessionResource(
                    weekday: $day->day->weekday,
                    day: $day->day->label(),
                    time: $times[$day->day->weekday] ?? '',
                    name: $day->plan->name,
                    minutes: $day->day->minutes,
                    likelyMinutes: (int) ceil($timeline->likelySeconds($brief->paceFactor) / 60),
                    positionChanges: $timeline->positionChanges,
                    blocks: array_map(static fn (Block $block): PlannedBlockResource => new PlannedBlockResource(
                        kind: $block->kind->value,
                        name: $block->name,
                        rule: $block->rule->inWords(),
                        items: array_map(static fn (CoreSlot $slot): PlannedItemResource => new PlannedItemResource(
                            thread: $slot->thread,
                            exercise: $slot->exercise->id,
                            name: $slot->exercise->name,
                            words: $slot->assignment->words,
                            sets: $slot->assignment->sets,
                            dose: $brief->situation->client->resting()->inWords($slot->exercise, $slot->assignment),
                            short: $slot->assignment->inShort(),
                            reserve: $slot->assignment->reserve,
                            restSeconds: $slot->assignment->restSeconds,
                            equivalentKg: isset($equivalents["{$slot->thread}/{$week->number}"])
                                ? round($equivalents["{$slot->thread}/{$week->number}"], 1)
                                : null,
                            // What stays as it is needs no line of its own.
                            why: $why($slot, $week->number) === Progression::SAME ? '' : $why($slot, $week->number),
                        ), $block->slots),
                    ), $day->plan->blocks),
                );
            }, $week->days),
        );
    }

    /** @param  list<int>  $doses  Of a ladder, one a round; empty for the others. */
    private static function asked(CoreSlot $slot, array $doses): string
    {
        return $doses === []
            ? sprintf('%d × %s', $slot->assignment->sets, RestingLimbs::none()->inWords($slot->exercise, $slot->assignment))
            : implode('–', $doses).' '.$slot->assignment->dose->unit();
    }

    private static function line(WrittenBlock $line): WrittenLineResource
    {
        return new WrittenLineResource(
            text: $line->text,
            kind: $line->block?->kind->label() ?? '',
            rule: $line->block === null ? '' : $line->block->rule->inWords(),
            doubts: array_map(static fn (Doubt $doubt): WrittenDoubtResource => new WrittenDoubtResource(
                question: $doubt->question(),
                from: $doubt->from,
                to: $doubt->to,
                choices: $doubt->nearest === []
                    ? $doubt->choices
                    : array_map(static fn (Exercise $one): string => $one->nameInASentence(), $doubt->nearest),
            ), $line->doubts),
            refused: $line->refused,
            left: $line->left,
            slots: array_map(static fn (WrittenSlot $slot): WrittenSlotResource => new WrittenSlotResource(
                text: $slot->text,
                name: $slot->slot?->exercise->name,
                short: $slot->slot === null ? '' : self::asked($slot->slot, $line->rule->doses),
                words: $slot->slot?->assignment->words,
                problem: $slot->exercise === null ? null : $slot->problem,
                assumed: $slot->assumed,
                instead: $slot->instead?->exercise->name,
                insteadWords: $slot->instead?->rung->words,
            ), $line->slots),
        );
    }

    /**
     * @param  array<string, float>  $parts
     * @return list<ScorePartResource>
     */
    private static function parts(array $parts): array
    {
        $shown = [];
        foreach (array_intersect_key($parts, self::PARTS) as $part => $points) {
            $shown[] = new ScorePartResource(ucfirst($part), round($points, 1), self::PARTS[$part]);
        }

        return $shown;
    }

    /**
     * @param  list<Goal|Experience|OrderSchool|Structure>  $cases
     * @return list<PlanChoiceResource>
     */
    private static function choices(array $cases): array
    {
        return array_map(
            static fn (Goal|Experience|OrderSchool|Structure $case): PlanChoiceResource => new PlanChoiceResource(
                $case->value,
                ucfirst($case->label()),
            ),
            $cases,
        );
    }
}
