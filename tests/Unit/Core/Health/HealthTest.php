<?php

declare(strict_types=1);

use NimbleShelf\Core\Bench\BandComparison;
use NimbleShelf\Core\Exception\BrokenCatalogue;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Health\BloodPressure;
use NimbleShelf\Core\Health\MovementChecks;
use NimbleShelf\Core\Health\Screening;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Mechanics\Band;
use Tests\Support\Shipped;

function screening(): Screening
{
    return Screening::fromArray(Shipped::json('screening.json'));
}

it('asks all that must be asked, and a yes to anything leads somewhere', function (): void {
    $ids = array_map(static fn ($question): string => $question->id, screening()->questions);
    expect($ids)->toContain(
        'chest-pain',
        'faint',
        'high-blood-pressure',
        'heart-metabolic',
        'pregnant',
        'birth',
        'operation',
        'joints',
        'back',
        'bone',
        'medication',
        'falls',
    )
        ->and(array_unique($ids))->toHaveCount(count($ids));
    foreach ($ids as $id) {
        $assessment = screening()->assess([$id => true]);
        expect(count($assessment->limits) + count($assessment->locks) + count($assessment->notes))->toBeGreaterThan(0, $id);
    }
});

it('finds all noes fine', function (): void {
    $assessment = screening()->assess(
        array_fill_keys(array_map(static fn ($question): string => $question->id, screening()->questions), false),
    );
    expect($assessment->isLocked())->toBeFalse()->and($assessment->limits)->toBe([])->and($assessment->notes)->toBe([]);
});

it('locks until a clearance covers the very question', function (): void {
    $answers = ['chest-pain' => true, 'birth' => true];
    expect(array_column(screening()->assess($answers)->locks, 'question'))->toBe(['chest-pain', 'birth'])
        ->and(array_column(screening()->assess($answers, ['birth'])->locks, 'question'))->toBe(['chest-pain'])
        ->and(screening()->assess($answers, ['birth', 'chest-pain'])->isLocked())->toBeFalse();
});

it('keeps the limits of an answer when its lock is cleared, each once', function (): void {
    $assessment = screening()->assess(['birth' => true, 'bone' => true], ['birth']);
    expect(
        array_map(static fn (array $limit): Limit => $limit['limit'], $assessment->limits),
    )->toBe([Limit::Postnatal, Limit::NoJumps, Limit::LowBoneDensity]);
});

it('names the question that was left out', function (): void {
    try {
        screening()->checkComplete(['chest-pain' => false]);
        $this->fail('It was taken.');
    } catch (InvalidQuantity $refused) {
        expect($refused->field())->toBe('answers.faint');
    }
});

it('takes no question that leads nowhere or sets a limit there is not', function (array $question): void {
    expect(fn () => Screening::fromArray(['questions' => [$question]]))->toThrow(BrokenCatalogue::class);
})->with(
    [
        [['id' => 'a', 'ask' => 'b', 'yes' => []]],
        [['id' => 'a', 'ask' => 'b', 'yes' => ['limits' => ['no-singing']]]],
        [['ask' => 'b', 'yes' => ['lock' => 'c']]],
    ],
);

it('forbids training at or above either number', function (int $systolic, int $diastolic, bool $forbids): void {
    expect(BloodPressure::of($systolic, $diastolic)->forbidsTraining())->toBe($forbids);
})->with([[120, 80, false], [179, 109, false], [180, 90, true], [140, 110, true], [200, 120, true]]);

it('follows a trainer’s own thresholds and catches swapped numbers', function (): void {
    expect(BloodPressure::of(165, 95)->forbidsTraining(160, 100))->toBeTrue()
        ->and(fn () => BloodPressure::of(80, 120))->toThrow(InvalidQuantity::class, 'swapped')
        ->and(fn () => BloodPressure::of(300, 120))->toThrow(InvalidQuantity::class, 'systolic');
});

it('proposes limits from what was seen, and only then', function (array $seen, array $limits): void {
    expect(array_keys(MovementChecks::of(...$seen)->proposals()))->toBe($limits);
})->with([
    [[], []],
    [['rises' => 12, 'leftBalanceS' => 20.0, 'rightBalanceS' => 18.0, 'overhead' => 'free'], []],
    [['rises' => 7], ['balance-support']],
    [['rises' => 8], []],
    [['leftBalanceS' => 4.9, 'rightBalanceS' => 30.0], ['balance-support']],
    [['overhead' => 'short'], ['no-overhead']],
    [['overhead' => 'painful', 'rises' => 3], ['balance-support', 'no-overhead']],
]);

it('says which side is weaker from fifteen per cent on', function (): void {
    expect(MovementChecks::of(leftKg: 8.0, rightKg: 10.0)->sideAdvice())->toContain('left side does 20 % less')
        ->and(MovementChecks::of(leftKg: 9.0, rightKg: 10.0)->sideAdvice())->toBe('')
        ->and(MovementChecks::of(leftKg: 9.0)->sideDifference())->toBeNull();
});

it('compares a band with its last test, and with its first', function (float $before, float $now, string $verdict, float $softer): void {
    $first = Band::of(1.2, 20, 15);
    $comparison = BandComparison::of($first, $first->withForceMultipliedBy($before), $first->withForceMultipliedBy($now));
    expect($comparison->verdict)->toBe($verdict)->and($comparison->softer)->toEqualWithDelta($softer, 1e-9);
})->with([
    [1.0, 1.0, 'fine', 0.0],
    [1.0, 0.95, 'fine', 0.05],
    [1.0, 0.86, 'watch', 0.14],
    [1.0, 0.84, 'retire', 0.16],
    'a little each time adds up' => [0.88, 0.84, 'retire', 0.16],
    [1.0, 1.2, 'doubt', -0.2],
]);
