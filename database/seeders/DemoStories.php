<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Client;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Programme\OrderSchool;
use NimbleShelf\Core\Programme\Structure;
use NimbleShelf\Core\Strength\Experience;

/**
 * What Saltmarrow did in the last twelve weeks: two programmes each, planned and then changed by hand; visits missed, a holiday,
 * a shoulder that hurt, a new kettlebell, and things that were lent and have been given back.
 */
final class DemoStories
{
    /** Days before today on which the first and the second programme begin. */
    private const FIRST = 84;

    private const SECOND = 42;

    /** @return array<string, DemoStory> By trade. */
    public function all(): array
    {
        return [
            'lock-keeper' => self::lockKeeper(),
            'night baker' => self::nightBaker(),
            'ferry pilot' => self::ferryPilot(),
            'luthier' => self::luthier(),
            'ceramicist' => self::ceramicist(),
            'coxswain' => self::coxswain(),
            'botanist' => self::botanist(),
            'bell-founder' => self::bellFounder(),
        ];
    }

    /** Trains today; the next lock has asked for its dumbbells back. */
    private static function lockKeeper(): DemoStory
    {
        $plan = static fn (int $weeks, Structure $structure): DemoPlan => new DemoPlan(
            $weeks,
            [0, 2, 4],
            '08:30',
            45,
            Goal::Muscle,
            Experience::Some,
            structure: $structure,
        );

        return new DemoStory(
            body: new DemoBody('Orrin', growth: 0.009, strong: 1.1),
            happens: [
                self::FIRST => static function (Client $client, DemoDiary $diary) use ($plan): void {
                    $diary->plan($client, $plan(6, Structure::Straight));
                    $diary->edit($client, 84, ['kind' => 'ask', 'slot' => 0, 'ask' => ['rest' => 120]]);
                    $diary->edit($client, 82, ['kind' => 'group', 'slot' => 0]);
                },
                self::SECOND => static function (Client $client, DemoDiary $diary) use ($plan): void {
                    $diary->plan($client, $plan(10, Structure::Superset));
                    $diary->write($client, 42, implode("\n", [
                        'rucksack squat 3x8 12 kg',
                        'A: half-kneeling press / row 3x9 rest 60',
                        'lateral raise 3x12',
                        'forearm plank 2x40s',
                    ]));
                    $diary->edit($client, 42, ['kind' => 'rename', 'name' => 'Full body on board']);
                },
                21 => static fn (Client $client, DemoDiary $diary) => $diary->planAnew($client, 'ballast jug'),
                16 => static function (Client $client, DemoDiary $diary): void {
                    $diary->shelve($client, 'dumbbell', '10 kg dumbbell', 2, ['mass_kg' => 10]);
                    $diary->shelve($client, 'dumbbell', '5 kg dumbbell', 2, ['mass_kg' => 5]);
                },
                2 => static function (Client $client, DemoDiary $diary): void {
                    $diary->edit($client, 0, ['kind' => 'swap', 'slot' => 'half-kneeling-press', 'exercise' => 'half-kneeling-press',
                        'setting' => ['implement' => 'dumbbell', 'mass_kg' => 10, 'per_hand' => true]]);
                    $diary->edit($client, 0, ['kind' => 'swap', 'slot' => 'lateral-raise', 'exercise' => 'lateral-raise',
                        'setting' => ['implement' => 'dumbbell', 'mass_kg' => 5, 'per_hand' => true]]);
                    $diary->edit($client, 0, ['kind' => 'ask', 'slot' => 'half-kneeling-press', 'ask' => ['reps' => 10]]);
                    $diary->edit($client, 0, ['kind' => 'ask', 'slot' => 'lateral-raise', 'ask' => ['reps' => 12]]);
                },
                1 => static function (Client $client, DemoDiary $diary): void {
                    $diary->unshelve($client, '10 kg dumbbell');
                    $diary->unshelve($client, '5 kg dumbbell');
                },
            ],
            missed: [61, 38],
            hurts: [7 => ['horizontal-pull', 'low back, eased when the trunk was raised']],
        );
    }

    /** Trains today; the heavy kettlebell she had on loan went back yesterday. */
    private static function nightBaker(): DemoStory
    {
        $plan = static fn (int $weeks): DemoPlan => new DemoPlan($weeks, [0, 3], '13:00', 40, Goal::Muscle, Experience::Some);

        return new DemoStory(
            body: new DemoBody('Marisol', growth: 0.01, strong: 1.0),
            happens: [
                self::FIRST => static function (Client $client, DemoDiary $diary) use ($plan): void {
                    $diary->plan($client, $plan(6));
                    $diary->edit($client, 84, ['kind' => 'ask', 'slot' => 0, 'ask' => ['rest' => 120]]);
                    $diary->edit($client, 81, ['kind' => 'group', 'slot' => 0]);
                },
                self::SECOND => static function (Client $client, DemoDiary $diary) use ($plan): void {
                    $diary->plan($client, $plan(10));
                    $diary->write($client, 42, implode("\n", [
                        'goblet squat 3x9 12 kg',
                        'romanian deadlift 3x12 6 kg',
                        'A: floor press / row 3x12 rest 60',
                        'glute bridge 2x15',
                    ]));
                    $diary->edit($client, 42, ['kind' => 'rename', 'name' => 'Legs, push and pull']);
                },
                18 => static fn (Client $client, DemoDiary $diary) => $diary->shelve(
                    $client,
                    'kettlebell',
                    '16 kg kettlebell',
                    1,
                    ['mass_kg' => 16],
                ),
                11 => static fn (Client $client, DemoDiary $diary) => $diary->planAnew($client, null, minutes: 15),
                2 => static fn (Client $client, DemoDiary $diary) => $diary->edit($client, 0, [
                    'kind' => 'swap',
                    'slot' => 'goblet-squat',
                    'exercise' => 'goblet-squat',
                    'setting' => ['implement' => 'kettlebell', 'mass_kg' => 16],
                ]),
                1 => static fn (Client $client, DemoDiary $diary) => $diary->unshelve($client, '16 kg kettlebell'),
            ],
            missed: [60, 32],
        );
    }

    /** Trains today; the hook at the bookcase has come loose. A cold kept him from two visits in the first weeks. */
    private static function ferryPilot(): DemoStory
    {
        $plan = static fn (int $weeks): DemoPlan => new DemoPlan($weeks, [0, 3], '16:30', 30, Goal::Older, Experience::None);

        return new DemoStory(
            body: new DemoBody('Hollis', growth: 0.004, strong: 0.95),
            happens: [
                self::FIRST => static function (Client $client, DemoDiary $diary) use ($plan): void {
                    $diary->plan($client, $plan(6));
                    $diary->edit($client, 84, ['kind' => 'ask', 'slot' => 0, 'ask' => ['rest' => 120]]);
                },
                self::SECOND => static function (Client $client, DemoDiary $diary) use ($plan): void {
                    $client->home->update(['anchors' => [['id' => 'bookcase hook', 'height_cm' => 180, 'kind' => 'ring']]]);
                    $diary->plan($client->refresh(), $plan(10));
                    $diary->write($client, 42, implode("\n", [
                        'squat 3x8 rest 90',
                        'push-up 2x8',
                        'biceps curl 2x10 2 kg',
                        'straight-arm band pull-down 2x12',
                    ]));
                    $diary->edit($client, 42, ['kind' => 'rename', 'name' => 'Stand, press and pull']);
                },
                67 => static fn (Client $client, DemoDiary $diary) => $diary->resume($client),
                1 => static function (Client $client): void {
                    $client->home->update(['anchors' => []]);
                },
            ],
            missed: [74, 70, 25],
        );
    }

    private static function luthier(): DemoStory
    {
        return new DemoStory(
            body: new DemoBody('Anselm', growth: 0.006, strong: 1.15, left: 0.95),
            happens: [
                self::FIRST => static function (Client $client, DemoDiary $diary): void {
                    $diary->plan($client, new DemoPlan(14, [1, 3, 5], '18:30', 30, Goal::Health, Experience::Some));
                    $diary->edit($client, 83, ['kind' => 'rename', 'name' => 'Workshop strength']);
                    $diary->edit($client, 81, ['kind' => 'group', 'slot' => 0]);
                },
                30 => static fn (Client $client, DemoDiary $diary) => $diary->edit($client, 27, [
                    'kind' => 'ask',
                    'slot' => 0,
                    'ask' => ['tempo' => ['lower' => 3, 'pause' => 0, 'lift' => 1, 'top' => 0]],
                ]),
            ],
            missed: [64, 45, 36, 13],
        );
    }

    /** Two weeks at a kiln fair, and back. */
    private static function ceramicist(): DemoStory
    {
        $plan = static fn (int $weeks): DemoPlan => new DemoPlan(
            $weeks,
            [1, 4],
            '10:00',
            40,
            Goal::Muscle,
            Experience::Some,
            OrderSchool::LegsFirst,
        );

        return new DemoStory(
            body: new DemoBody('Philippa', growth: 0.008, strong: 1.05),
            happens: [
                self::FIRST => static function (Client $client, DemoDiary $diary) use ($plan): void {
                    $diary->plan($client, $plan(6));
                    $diary->edit($client, 83, ['kind' => 'rename', 'name' => 'Buckets and bags']);
                },
                self::SECOND => static function (Client $client, DemoDiary $diary) use ($plan): void {
                    $diary->plan($client, $plan(10));
                    $diary->edit($client, 41, ['kind' => 'rename', 'name' => 'Buckets and bags']);
                    $diary->edit($client, 41, ['kind' => 'group', 'slot' => 1]);
                    $diary->edit($client, 38, ['kind' => 'write', 'text' => 'forearm plank as long as clean']);
                },
                20 => static fn (Client $client, DemoDiary $diary) => $diary->resume($client),
            ],
            missed: [34, 31, 27, 24],
        );
    }

    private static function coxswain(): DemoStory
    {
        $plan = static fn (int $weeks): DemoPlan => new DemoPlan($weeks, [2, 5], '15:45', 25, Goal::Youth, Experience::None);

        return new DemoStory(
            body: new DemoBody('Tamsin', growth: 0.012, strong: 1.05),
            happens: [
                self::FIRST => static function (Client $client, DemoDiary $diary) use ($plan): void {
                    $diary->plan($client, $plan(6));
                    $diary->edit($client, 82, ['kind' => 'rename', 'name' => 'Technique first']);
                },
                self::SECOND => static function (Client $client, DemoDiary $diary) use ($plan): void {
                    $diary->plan($client, $plan(10));
                    $diary->edit($client, 40, ['kind' => 'rename', 'name' => 'Technique first']);
                    $diary->edit($client, 37, ['kind' => 'shift', 'slot' => 0, 'by' => 1]);
                },
            ],
            missed: [65, 37],
        );
    }

    /** A heavier kettlebell for her birthday. */
    private static function botanist(): DemoStory
    {
        $plan = static fn (int $weeks): DemoPlan => new DemoPlan($weeks, [2, 5], '11:00', 20, Goal::Beginner, Experience::None);

        return new DemoStory(
            body: new DemoBody('Leonie', growth: 0.012, strong: 0.9),
            happens: [
                self::FIRST => static function (Client $client, DemoDiary $diary) use ($plan): void {
                    $diary->plan($client, $plan(6));
                    $diary->edit($client, 82, ['kind' => 'rename', 'name' => 'Twenty quiet minutes']);
                },
                self::SECOND => static function (Client $client, DemoDiary $diary) use ($plan): void {
                    $diary->plan($client, $plan(10));
                    $diary->edit($client, 40, ['kind' => 'rename', 'name' => 'Twenty quiet minutes']);
                },
                24 => static function (Client $client, DemoDiary $diary): void {
                    $diary->shelve($client, 'kettlebell', '12 kg kettlebell', 1, ['mass_kg' => 12]);
                    $diary->harder($client, 23);
                },
            ],
            missed: [68, 33],
        );
    }

    /** A shoulder that hurt, three weeks in which the left arm rests, and the way back. */
    private static function bellFounder(): DemoStory
    {
        return new DemoStory(
            body: new DemoBody('Gideon', growth: 0.007, strong: 1.3),
            happens: [
                self::FIRST => static function (Client $client, DemoDiary $diary): void {
                    $diary->plan($client, new DemoPlan(14, [3, 6], '06:30', 45, Goal::Strength, Experience::Years));
                    $diary->edit($client, 81, ['kind' => 'rename', 'name' => 'Bands and the stair']);
                    $diary->edit($client, 78, ['kind' => 'ask', 'slot' => 0, 'ask' => ['rest' => 180]]);
                },
                38 => static function (Client $client, DemoDiary $diary): void {
                    $diary->limit($client, ['left-arm-out']);
                    $diary->mend($client);
                },
                17 => static function (Client $client, DemoDiary $diary): void {
                    $diary->limit($client, []);
                    // The press and the row come back in place of what stood in for them.
                    foreach ([15, 11] as $ago) {
                        $diary->tries($client, $ago, ['kind' => 'swap', 'slot' => 2, 'exercise' => 'band-chest-press']);
                        $diary->tries($client, $ago, ['kind' => 'swap', 'slot' => 3, 'exercise' => 'crossed-band-bent-row']);
                    }
                },
            ],
            missed: [71, 50, 15],
            hurts: [39 => ['horizontal-press', 'left shoulder, at the end of the press']],
        );
    }
}
