<?php

declare(strict_types=1);

use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\RepetitionMaximum;
use NimbleShelf\Core\Strength\Experience;
use NimbleShelf\Core\Strength\FitnessTest;
use NimbleShelf\Core\Strength\Kin;
use NimbleShelf\Core\Strength\Norms;
use NimbleShelf\Core\Strength\Person;
use NimbleShelf\Core\Strength\Strength;
use NimbleShelf\Core\Strength\StrengthPrior;
use Tests\Support\Shipped;

function expectedOf(?string $sex, ?float $age, ?Experience $experience, ?Body $body = null): Strength
{
    [$heightM, $massKg] = Norms::MEASURED_ON[$sex ?? Person::FEMALE];

    return (new StrengthPrior(Shipped::catalogue(), Shipped::model()))
        ->of(Person::of($body ?? Body::of($heightM, $massKg), $sex, $age, $experience));
}

function bodyOf(string $sex): Body
{
    return Body::of(...Norms::MEASURED_ON[$sex]);
}

/** Repetitions to failure of the middle person of this kind. */
function middleOf(Strength $strength, string $id, array $setting, Body $body): float
{
    $exercise = Shipped::catalogue()->exercise($id);
    $setting = Setting::fromArray($setting);
    $wholeKg = Shipped::model()->wholeKg(
        $exercise,
        $body,
        Shipped::model()->summary($exercise, $body, $setting),
        School::Mean,
        $exercise->pattern,
    );

    return RepetitionMaximum::repetitionsToFailure($strength->capacity($exercise->pattern)->kg, $wholeKg);
}

it('gives the middle person of each sex and decade as many push-ups as the norm does, fair to good', function (
    string $sex,
    int $age,
): void {
    $id = $sex === Person::MALE ? 'push-up' : 'knee-push-up';
    [$fair, , $veryGood] = Norms::PUSH_UPS[$sex][$age];
    $count = middleOf(expectedOf($sex, $age, Experience::Some), $id, ['implement' => 'body-weight'], bodyOf($sex));

    expect($count)->toBeGreaterThanOrEqual((float) $fair)->toBeLessThan((float) $veryGood)
        // The middle stands at the edge of fair and good.
        ->toEqualWithDelta(Norms::PUSH_UPS[$sex][$age][1], 1.0);
})->with([Person::MALE, Person::FEMALE])->with([17, 25, 35, 45, 55, 65]);

it('lets the middle older person do at least what the clock let them do, and not three times as much', function (
    string $sex,
    int $age,
): void {
    [$low, $high] = Norms::CHAIR_STANDS[$sex][$age];
    $strength = expectedOf($sex, $age, Experience::Some);
    $rises = middleOf($strength, 'sit-to-stand', ['implement' => 'body-weight', 'support_height_cm' => 43], bodyOf($sex));
    [$fewest] = Norms::ARM_CURLS[$sex][$age];
    $curl = ['implement' => 'dumbbell', 'mass_kg' => Norms::CURL_KG[$sex], 'per_hand' => true, 'limbs' => 1];

    expect($rises)->toBeGreaterThanOrEqual((float) $low)->toBeLessThan(3.0 * $high)
        ->and(middleOf($strength, 'biceps-curl', $curl, bodyOf($sex)))->toBeGreaterThanOrEqual((float) $fewest);
})->with([Person::MALE, Person::FEMALE])->with([62, 67, 72, 77, 82, 87]);

it('stands between what ordinary adults do without a load', function (string $id, float $fewest, float $most, string $sex): void {
    $count = middleOf(expectedOf($sex, 30, Experience::Some), $id, ['implement' => 'body-weight'], bodyOf($sex));

    expect($count)->toBeGreaterThanOrEqual($fewest)->toBeLessThanOrEqual($most);
})->with([
    'squats' => ['squat', 25, 50], 'split squats' => ['split-squat', 8, 25], 'bridges on one leg' => ['single-leg-glute-bridge', 6, 15],
])->with([Person::MALE, Person::FEMALE]);

it('grows with training, with size and up to thirty, and falls from forty', function (): void {
    $kg = static fn (Strength $strength, string $pattern = 'squat'): float => $strength->capacity($pattern)->kg;
    foreach (['squat', 'horizontal-press', 'elbow-flexion', 'trunk'] as $pattern) {
        foreach ([Person::MALE, Person::FEMALE] as $sex) {
            $levels = array_map(static fn (Experience $level): float => $kg(expectedOf($sex, 40, $level), $pattern), Experience::cases());
            $ages = array_map(
                static fn (int $age): float => $kg(expectedOf($sex, $age, Experience::Some), $pattern),
                [41, 50, 60, 70, 80, 90],
            );
            $sizes = array_map(
                static fn (float $massKg): float => $kg(expectedOf($sex, 40, Experience::Some, Body::of(1.7, $massKg)), $pattern),
                [55.0, 70.0, 95.0],
            );
            $children = array_map(static fn (int $age): float => $kg(expectedOf($sex, $age, Experience::None), $pattern), [9, 12, 15, 17]);
            foreach ([$levels, array_reverse($ages), $sizes, $children] as $series) {
                $sorted = $series;
                sort($sorted);
                expect($series)->toBe($sorted);
            }
        }
    }
});

it('lets the heavy lift more and raise their own body less often', function (): void {
    [$light, $heavy] = [Body::of(1.75, 62), Body::of(1.75, 105)];
    $push = static fn (Body $body): float => middleOf(
        expectedOf(Person::MALE, 35, Experience::Some, $body),
        'push-up',
        ['implement' => 'body-weight'],
        $body,
    );
    expect($push($heavy))->toBeLessThan($push($light));
});

it('is the mixture where nobody said who it is, and less sure', function (): void {
    $body = Body::of(1.70, 72);
    $said = [];
    foreach ([Person::MALE, Person::FEMALE] as $sex) {
        $said[] = expectedOf($sex, 40, Experience::Some, $body)->capacity('horizontal-press');
    }
    $mixed = expectedOf(null, 40, Experience::Some, $body)->capacity('horizontal-press');

    expect($mixed->kg)->toEqualWithDelta(sqrt($said[0]->kg * $said[1]->kg), 0.01)
        ->and($mixed->logSd())->toBeGreaterThan($said[0]->logSd())
        // Half the difference of the two logarithms beside the spread of either.
        ->toEqualWithDelta(sqrt(($said[0]->logSd() ** 2 + $said[1]->logSd() ** 2) / 2 + (log($said[0]->kg / $said[1]->kg) / 2) ** 2), 0.02)
        ->and(expectedOf(null, null, null, $body)->capacity('horizontal-press')->logSd())->toBeGreaterThan($mixed->logSd());
});

it('spreads by a quarter to a third of what is lifted beyond the body', function (string $pattern): void {
    $strength = expectedOf(Person::MALE, 30, Experience::Some);
    $capacity = $strength->capacity($pattern);

    expect($capacity->sdKg / ($capacity->kg - $strength->ownKg($pattern)))->toBeGreaterThan(0.24)->toBeLessThan(0.36)
        ->and($capacity->from)->toBe(Capacity::NORMS);
})->with(['squat', 'horizontal-press', 'horizontal-pull', 'hinge', 'vertical-press', 'elbow-flexion']);

it('knows every pattern that is measured, and hangs them together as published', function (): void {
    $measured = array_keys(array_filter(Shipped::catalogue()->patterns, static fn ($pattern): bool => $pattern->isMeasured()));
    sort($measured);
    $known = Strength::patterns();
    sort($known);
    expect($known)->toBe($measured);
    foreach ($known as $one) {
        foreach ($known as $other) {
            $both = Kin::correlation($one, $other);
            expect($both)->toBe(Kin::correlation($other, $one))->toBeGreaterThan(0.2)
                ->toBeLessThanOrEqual($one === $other ? 1.0 : 0.86);
        }
    }
    foreach ([
        ['horizontal-press', 'vertical-press', 0.80], ['horizontal-press', 'horizontal-pull', 0.70], ['horizontal-press', 'squat', 0.50],
        ['squat', 'hinge', 0.75], ['elbow-flexion', 'shoulder-raise', 0.45], ['trunk', 'squat', 0.35], ['trunk', 'horizontal-pull', 0.35],
    ] as [$one, $other, $published]) {
        expect(Kin::correlation($one, $other))->toEqualWithDelta($published, 0.02, "{$one} and {$other}");
    }
});

it('refuses what is no age and no sex', function (array $said, string $field): void {
    expect(fn () => Person::of(Body::of(1.7, 70), ...$said))->toThrow(InvalidQuantity::class, $field);
})->with([
    [['sex' => 'both'], 'client.sex'], [['ageYears' => 3.0], 'client.birth_year'], [['ageYears' => 130.0], 'client.birth_year'],
]);

it('reads a test as what it says, and the clock as a bound', function (FitnessTest $test, array $values, string $pattern): void {
    $before = expectedOf(Person::FEMALE, 70, Experience::None);
    $body = bodyOf(Person::FEMALE);
    $kgs = array_map(static fn (float $value): float => $test->read(
        $before,
        $value,
        $test->needsMass() ? 2.3 : 0.0,
        $body,
        Shipped::catalogue(),
        Shipped::model(),
    )->capacity($pattern)->kg, $values);
    $sorted = $kgs;
    sort($sorted);
    expect($kgs)->toBe($sorted)
        // The least lowers what was expected, the most raises it.
        ->and($kgs[0])->toBeLessThan($before->capacity($pattern)->kg)
        ->and($kgs[count($kgs) - 1])->toBeGreaterThan($before->capacity($pattern)->kg);
})->with([
    [FitnessTest::ChairStand, [0.0, 4.0, 9.0, 13.0, 30.0], 'squat'],
    [FitnessTest::PushUp, [0.0, 1.0, 5.0, 12.0, 40.0], 'horizontal-press'],
    [FitnessTest::KneePushUp, [0.0, 3.0, 12.0, 30.0], 'horizontal-press'],
    [FitnessTest::WallPushUp, [0.0, 8.0, 20.0, 60.0], 'horizontal-press'],
    [FitnessTest::Plank, [1.0, 20.0, 60.0, 180.0], 'trunk'],
    [FitnessTest::Bridge, [2.0, 12.0, 30.0, 60.0], 'bridge'],
    [FitnessTest::ArmCurl, [0.0, 6.0, 12.0, 40.0, 60.0], 'elbow-flexion'],
]);
