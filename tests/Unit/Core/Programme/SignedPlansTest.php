<?php

declare(strict_types=1);

use NimbleShelf\Core\Catalogue\Role;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\OptionFinder;
use NimbleShelf\Core\Programme\Planner;
use NimbleShelf\Core\Programme\ProgrammePlan;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Strength\Experience;
use Tests\Support\People;
use Tests\Support\Shipped;

/** What is proposed for somebody; each is planned for once. */
function proposedTo(array $asked): ProgrammePlan
{
    static $known = [];

    return $known[json_encode($asked)] ??= Planner::of(Shipped::catalogue(), Shipped::model())->plan(People::brief($asked));
}

/**
 * What a practitioner would smile at must not be proposed: the first week of people with nothing on record.
 *
 * @return list<Slot>
 */
function firstWeekOf(array $asked): array
{
    return array_merge(...array_map(static fn ($day): array => $day->work(), proposedTo($asked)->weeks[0]->days));
}

it('proposes no drill and no empty hand as work, and mostly main lifts', function (array $asked): void {
    $slots = firstWeekOf($asked);
    $sets = ['main' => 0, 'power' => 0, 'builder' => 0, 'trunk' => 0, 'drill' => 0];
    foreach ($slots as $slot) {
        $sets[$slot->exercise->role($slot->assignment->setting)->value] += $slot->assignment->sets;
    }
    $isSeated = in_array('seated-only', $asked['client']['limits'], true);

    expect($slots)->not->toBe([])
        ->and($sets['drill'])->toBe(0, json_encode($sets))
        ->and(($sets['main'] + $sets['power']) / array_sum($sets))->toBeGreaterThanOrEqual($isSeated ? 0.3 : 0.5, json_encode($sets));
})->with(array_map(static fn (array $asked): array => [$asked], People::all()));

it('asks of nobody careful more than nine in ten like them could do', function (array $asked): void {
    $brief = People::brief($asked);
    $finder = new OptionFinder(Shipped::catalogue(), Shipped::model(), ShelfRungs::of(Shipped::model()));
    foreach (firstWeekOf($asked) as $slot) {
        $effort = $finder->written($slot, $brief)['expected'];
        if ($effort->low !== null && $brief->isCareful() && ! $slot->assignment->dose->isTimed()) {
            // Rounded down to whole repetitions; the interval has a day's difference in it.
            expect($slot->assignment->dose->count())->toBeLessThanOrEqual((int) ceil($effort->low) + 1, $slot->exercise->id);
        }
        if ($effort->reserve !== null && ! $slot->assignment->dose->isTimed()) {
            expect($effort->reserve)->toBeGreaterThanOrEqual(0.0, $slot->exercise->id);
        }
    }
})->with(array_map(static fn (array $asked): array => [$asked], People::all()));

it('uses what there is: the rucksack, the heavier pair, the bell', function (string $who, string $thing): void {
    $used = [];
    foreach (firstWeekOf(People::all()[$who]) as $slot) {
        foreach ($slot->things as $one) {
            $used[] = $one->id;
        }
    }
    expect($used)->toContain($thing);
})->with([
    ['strong, with a rucksack and bricks', 'sack'], [
        'new, with pairs of three and six',
        'pair of 6',
    ], ['strong, with two bells', 'bell of 24'],
    ['seated, with a bell and a tube', 'bell of 12'], ['seated, with a bell and a tube', 'tube'], ['short visits', 'pair of 8'],
    ['no load overhead', 'pair of 10'],
]);

it('gives somebody who trained a swing or a clean where the bell is heavy enough', function (): void {
    $roles = array_map(
        static fn (Slot $slot): Role => $slot->exercise->role($slot->assignment->setting),
        firstWeekOf(['goal' => 'muscle'] + People::all()['strong, with two bells']),
    );
    expect($roles)->toContain(Role::Power);
});

it('uses most of the visit', function (array $asked): void {
    $brief = People::brief($asked);
    $likely = array_sum(array_map(static fn ($day): float => $day->likelyMinutes($brief), proposedTo($asked)->weeks[0]->days));

    // Where one arm does all the work, what it can recover from is done before the visit is over.
    $least = $brief->situation->client->resting()->restsAnArm() ? 0.7 : 0.85;

    expect($likely / array_sum(array_map(static fn ($day): int => $day->minutes, $brief->days)))->toBeGreaterThan($least);
})->with(array_map(static fn (array $asked): array => [$asked], People::all()));

it('gives one hand what one hand holds where an arm rests', function (): void {
    foreach (firstWeekOf(People::all()['an arm that rests']) as $slot) {
        expect((string) $slot->assignment->words)->not->toContain('both hands')
            ->not->toContain('each hand')->not->toContain('at the chest');
    }
});

it('takes up no weight that changes next to nothing', function (array $asked): void {
    $brief = People::brief($asked);
    $body = $brief->situation->client->body;
    $model = Shipped::model();
    $tiny = [];
    foreach (firstWeekOf($asked) as $slot) {
        $setting = $slot->assignment->setting;
        if ($setting->massKg <= 0 || ! $slot->exercise->usesBodyWeight || $setting->supportHeightM + $setting->footHeightM > 0) {
            continue;
        }
        $kg = static fn (Setting $in): float => $model->wholeKg(
            $slot->exercise,
            $body,
            $model->summary($slot->exercise, $body, $in),
            School::Mean,
            $slot->exercise->pattern,
        );
        if ($kg($setting) / $kg(Setting::bodyWeight()) <= 1.05) {
            $tiny[] = $slot->exercise->id;
        }
    }
    expect($tiny)->toBe([]);
})->with(array_map(static fn (array $asked): array => [$asked], People::all()));

it('has somebody who is old and weak rise from a chair, as often as nine in ten like them can', function (): void {
    $slots = array_values(array_filter(
        firstWeekOf(People::all()['old, with little']),
        static fn (Slot $slot): bool => $slot->exercise->pattern === 'squat',
    ));
    expect($slots)->not->toBe([]);
    foreach ($slots as $slot) {
        expect($slot->exercise->id)->toBeIn(['sit-to-stand', 'box-squat'])
            ->and($slot->assignment->dose->count())->toBeGreaterThanOrEqual(3)->toBeLessThanOrEqual(6);
    }
});

it('takes the heaviest there is where all of it is too light', function (): void {
    // A rucksack with eight bricks in it, and no row with a brick in each hand.
    $rows = array_filter(
        firstWeekOf(People::all()['strong, with a rucksack and bricks']),
        static fn (Slot $slot): bool => $slot->exercise->pattern === 'horizontal-pull',
    );
    expect($rows)->not->toBe([]);
    foreach ($rows as $row) {
        expect($row->assignment->setting->implement)->toBe('rucksack')
            ->and($row->assignment->setting->massKg)->toBeGreaterThan(15.0)
            ->and($row->exercise->position)->not->toBe('seated');
    }
});

it('swings no more often than sharply, however long a plan goes on', function (): void {
    $counts = [];
    foreach (proposedTo(['weeks' => 10] + People::all()['no load overhead'])->weeks as $week) {
        foreach ($week->days as $day) {
            foreach ($day->work() as $slot) {
                if ($slot->exercise->role($slot->assignment->setting) === Role::Power) {
                    $counts[] = $slot->assignment->dose->count();
                }
            }
        }
    }
    expect($counts)->not->toBe([])->and(max($counts))->toBeLessThanOrEqual(15);
});

it('gives what helps no more sets than three', function (array $asked): void {
    $most = [];
    foreach (firstWeekOf($asked) as $slot) {
        $role = $slot->exercise->role($slot->assignment->setting);
        $most[] = in_array($role, [Role::Main, Role::Power], true) ? 0 : $slot->assignment->sets;
    }
    expect(max($most))->toBeLessThanOrEqual(3);
})->with(array_map(static fn (array $asked): array => [$asked], People::all()));

it('begins with two sets of each for who is new or older, with three where a visit is long', function (array $asked): void {
    $brief = People::brief($asked);
    $most = array_map($brief->mostSets(...), $brief->days);
    foreach (proposedTo($asked)->weeks[0]->days as $i => $day) {
        $sets = array_map(static fn (Slot $slot): int => $slot->assignment->sets, $day->work());
        expect(max($sets))->toBeLessThanOrEqual($most[$i]);
    }
    $isGentle = $brief->experience === Experience::None || in_array($brief->goal, [Goal::Beginner, Goal::Older], true);
    expect(max($most))->toBe($isGentle ? ($brief->days[0]->minutes > 40 ? 3 : 2) : 4);
})->with(array_map(static fn (array $asked): array => [$asked], People::all()));

it('lets no exercise take a third of a visit', function (array $asked): void {
    $brief = People::brief($asked);
    $longest = max(array_map(static fn (TrainingDay $day): int => $day->minutes, $brief->days));
    foreach (firstWeekOf($asked) as $slot) {
        $minutes = $slot->assignment->sets
            * ($slot->assignment->dose->workSeconds($slot->secondsEach()) * ($slot->assignment->sides->countsTwice() ? 2 : 1)
                + $slot->assignment->restSeconds) / 60;
        expect($minutes)->toBeLessThan(max(11.0, $longest / 3), $slot->exercise->id);
    }
})->with(array_map(static fn (array $asked): array => [$asked], People::all()));

it('takes up no weight that adds nothing to a hinge, and no fourth set of what is far too light', function (): void {
    $asked = [
        'shelf' => [
            ['id' => 'three', 'kind' => 'dumbbell', 'mass_kg' => 3], ['id' => 'wall', 'kind' => 'wall'],
            ['id' => 'tube', 'kind' => 'tube', 'rest_length_cm' => 130, 'a_n' => 25, 'b_n' => 20, 'source' => 'rated'],
        ],
        'goal' => 'muscle', 'days' => 3, 'minutes' => 60,
        'client' => [
            'sex' => 'male', 'birth_year' => 1979, 'height_cm' => 192, 'body_mass_kg' => 104, 'experience' => 'some', 'limits' => [],
        ],
    ] + People::all()['no floor'];
    $finder = new OptionFinder(Shipped::catalogue(), Shipped::model(), ShelfRungs::of(Shipped::model()));
    $hinges = $tooLong = [];
    foreach (firstWeekOf($asked) as $slot) {
        if ($slot->exercise->pattern === 'hinge' && $slot->assignment->setting->massKg > 0) {
            $hinges[] = $slot->exercise->id;
        }
        if ($finder->written($slot, People::brief($asked))['expected']->counts < 0.5 && $slot->assignment->sets > 3) {
            $tooLong[] = $slot->exercise->id;
        }
    }
    expect($hinges)->toBe([])->and($tooLong)->toBe([]);
});

it('hands nobody old and heavy a bell to press that only their mass would let them press', function (): void {
    $asked = [
        'shelf' => [['id' => 'bell', 'kind' => 'kettlebell', 'mass_kg' => 16], ['id' => 'wall', 'kind' => 'wall']],
        'goal' => 'older', 'days' => 2,
        'client' => [
            'sex' => 'female', 'birth_year' => 1957, 'height_cm' => 156, 'body_mass_kg' => 100, 'experience' => 'years', 'limits' => [],
        ],
    ] + People::all()['no floor'];
    $pressed = array_filter(
        firstWeekOf($asked),
        static fn (Slot $slot): bool => str_ends_with($slot->exercise->pattern, '-press') && $slot->assignment->setting->massKg > 0,
    );
    expect($pressed)->toBe([]);
});

it('gives who takes care the steadiest way of each movement', function (array $asked): void {
    $isCareful = People::brief($asked)->isCareful();
    $skill = array_map(static fn (Slot $slot): int => $slot->exercise->skill, firstWeekOf($asked));
    expect(max($skill))->toBeLessThanOrEqual($isCareful ? 2 : 5);
})->with(array_map(static fn (array $asked): array => [$asked], People::all()));

it('gives nobody a weight to swing round the trunk that no strength says anything about, beyond a share of their own', function (
    array $asked,
): void {
    $brief = People::brief($asked);
    $mostKg = ($brief->isCareful() ? 0.10 : 0.18) * $brief->situation->client->body->massKg;
    $heavy = [];
    foreach (firstWeekOf($asked) as $slot) {
        $isMeasured = Shipped::catalogue()->pattern($slot->exercise->pattern)->isMeasured();
        if (! $isMeasured && ! $slot->exercise->isHold && $slot->assignment->setting->massKg > $mostKg) {
            $heavy[] = $slot->exercise->id;
        }
    }
    expect($heavy)->toBe([]);
})->with(array_map(static fn (array $asked): array => [$asked], [
    ...People::all(),
    [
        'shelf' => [['id' => 'bell', 'kind' => 'kettlebell', 'mass_kg' => 24], ['id' => 'wall', 'kind' => 'wall']],
        'goal' => 'health',
        'client' => [
            'sex' => 'female', 'birth_year' => 1995, 'height_cm' => 167, 'body_mass_kg' => 56, 'experience' => 'some', 'limits' => [],
        ],
    ] + People::all()['no floor'],
]));
