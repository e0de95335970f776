<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Clients\DescribeClient;
use App\Actions\Round\PlaceAppointments;
use App\Enums\AppointmentKind;
use App\Models\Client;
use App\Models\TrainingSession;
use App\Models\User;
use Carbon\CarbonImmutable;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\OptionFinder;
use NimbleShelf\Core\Programme\Pin;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Strength\Experience;
use RuntimeException;

/** Loose visits of tomorrow evening, outside any programme: between them they have every kind of block. */
final readonly class DemoVisits
{
    public function __construct(private DescribeClient $describe, private OptionFinder $finder, private PlaceAppointments $appointments)
    {
    }

    /** The day after tomorrow: an assessment, and noon at the workshop, which is kept free each week. */
    public function withoutSession(User $trainer): void
    {
        $day = $trainer->now()->startOfDay()->addDays(2);
        $place = fn (array $what, CarbonImmutable ...$at) => $this->appointments->add($trainer, $what + ['zone' => $trainer->zone()], $at);
        $place([
            'kind' => AppointmentKind::Assessment,
            'client_id' => $trainer->clients()->where('trade', 'ship chandler')->valueOrFail('id'),
            'words' => 'Measures, and the checks',
            'minutes' => 60,
        ], $day->setTime(14, 0));
        $noon = $day->setTime(12, 0);
        $place(
            ['kind' => AppointmentKind::Blocked, 'client_id' => null, 'words' => 'Bike at the workshop', 'minutes' => 60],
            ...array_map(static fn (int $week): CarbonImmutable => $noon->addWeeks($week), range(0, 7)),
        );
    }

    public function arrange(Client $client, string $trade): void
    {
        match ($trade) {
            'bell-founder' => $this->visit($client, '18:00', 'Pairs, a section and a ladder', [
                [BlockKind::WarmUp, 'Warm-up', [], [['marching-on-the-spot', Dose::seconds(30)]]],
                [BlockKind::Superset, 'A', ['rounds' => 2, 'round_rest_s' => 60], [
                    ['push-up', Dose::repetitions(10)],
                    ['standing-band-row', Dose::repetitions(12)],
                ]],
                [BlockKind::Section, 'B', ['rounds' => 2, 'rest_s' => 15, 'round_rest_s' => 45], [
                    ['split-squat', Dose::repetitions(8), Sides::SwapEachRound],
                    ['dead-bug', Dose::repetitions(6, perSide: true)],
                ]],
                [BlockKind::Ladder, 'C', ['doses' => [9, 6, 3], 'round_rest_s' => 30], [['squat', Dose::repetitions(9)]]],
                [BlockKind::CoolDown, 'Cool-down', [], [['hamstring-stretch', Dose::seconds(30, perSide: true), Sides::Each]]],
            ]),
            'botanist' => $this->visit($client, '18:45', 'Rounds and the clock', [
                [BlockKind::Circuit, 'A', ['rounds' => 2, 'rest_s' => 10, 'round_rest_s' => 40], [
                    ['squat', Dose::repetitions(10)],
                    ['wall-push-up', Dose::repetitions(10)],
                    ['suitcase-deadlift', Dose::repetitions(8, perSide: true), Sides::Each],
                    ['calf-raise', Dose::repetitions(12)],
                ]],
                [BlockKind::Intervals, 'B', ['rounds' => 2, 'work_s' => 30, 'rest_s' => 15, 'round_rest_s' => 30], [
                    ['glute-bridge', Dose::seconds(30)],
                    ['clamshell', Dose::seconds(30), Sides::Each],
                ]],
            ]),
            'coxswain' => $this->visit($client, '19:30', 'Two ways, and layer on layer', [
                [BlockKind::TwoPhase, 'A', ['phases' => [
                    ['sides' => 'alternating', 'seconds' => 20],
                    ['sides' => 'both', 'seconds' => 20],
                ]], [['glute-bridge', Dose::seconds(40)]], 2],
                [BlockKind::Layered, 'B', ['rounds' => 2, 'round_rest_s' => 45], [
                    ['squat', Dose::repetitions(6)],
                    ['squat-with-calf-raise', Dose::repetitions(6)],
                    ['walk-out', Dose::repetitions(4)],
                ]],
            ]),
            'night baker' => $this->visit($client, '20:15', 'Holding, and a choice', [
                [BlockKind::Hold, 'A', [], [
                    ['forearm-plank', Dose::asLongAsClean(60)],
                    ['side-plank', Dose::seconds(20, perSide: true), Sides::Each],
                ]],
                [BlockKind::Menu, 'B', ['pick' => 2, 'needs' => ['at least one for the legs']], [
                    ['split-squat', Dose::repetitions(8, perSide: true), Sides::Each],
                    ['push-up', Dose::repetitions(8)],
                    ['dead-bug', Dose::repetitions(8, perSide: true)],
                ]],
            ]),
            'ship chandler' => $this->visit($client, '18:00', 'Beside Gideon', [
                [BlockKind::Straight, 'Work', [], [
                    ['knee-push-up', Dose::repetitions(8)],
                    ['standing-band-row', Dose::repetitions(12)],
                    ['romanian-deadlift', Dose::repetitions(10)],
                ], 2],
            ]),
            default => null,
        };
    }

    /**
     * @param  list<array{BlockKind, string, array<string, mixed>, list<array{0: string, 1: Dose, 2?: Sides}>, 4?: int}>  $blocks
     *     Each with its kind, name, rule, exercises, and how many sets where its rule does not say.
     */
    private function visit(Client $client, string $time, string $name, array $blocks): void
    {
        $brief = Brief::of($this->describe->situation($client), $client->goal, Experience::Some, TrainingDay::spread(1, 40), 1);
        $session = TrainingSession::query()->create([
            'client_id' => $client->id,
            'name' => $name,
            'zone' => $client->trainer->zone(),
            'starts_at' => $client->trainer->today()->addDay()->setTimeFromTimeString($time),
            'minutes' => 40,
        ]);
        foreach ($blocks as $position => $block) {
            [$kind, $label, $rule, $exercises] = $block;
            $made = $session->blocks()->create(['kind' => $kind, 'name' => $label, 'rule' => $rule, 'position' => $position + 1]);
            $doses = $rule['doses'] ?? [];
            $rounds = is_array($doses) && $doses !== [] ? count($doses) : $rule['rounds'] ?? $block[4] ?? 1;
            foreach ($exercises as $place => $asked) {
                $assignment = $this->assignment($brief, $asked[0], is_int($rounds) ? $rounds : 1, $asked[1], $asked[2] ?? null);
                $made->items()->create([
                    'thread' => "{$label}-{$asked[0]}",
                    'position' => $place + 1,
                    'prescribed' => $assignment,
                ]);
            }
        }
    }

    private function assignment(Brief $brief, string $exercise, int $sets, Dose $dose, ?Sides $sides): Assignment
    {
        $option = $this->finder->pinned(new Pin(1, $exercise), $brief)
            ?? throw new RuntimeException("The demo's loose visit asks for {$exercise}, which that shelf and those limits do not allow.");

        return $option->assignment($sets)->with(dose: $dose, sides: $sides, restSeconds: 30);
    }
}
