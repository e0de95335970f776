<?php

declare(strict_types=1);

use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\RepetitionMaximum;
use NimbleShelf\Core\Strength\Experience;
use NimbleShelf\Core\Strength\Person;
use NimbleShelf\Core\Strength\Strength;
use NimbleShelf\Core\Strength\StrengthPrior;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\MadeUp;
use Tests\Support\Shipped;

function somebody(): Strength
{
    return (new StrengthPrior(Shipped::catalogue(), Shipped::model()))
        ->of(Person::of(Body::of(1.72, 74), Person::MALE, 40.0, Experience::Some));
}

it('is the scalar filter where one pattern is alone', function (): void {
    $alone = Strength::expected(['squat' => log(100.0)], ['squat' => ['squat' => 0.04]], ['squat' => 60.0]);
    $after = $alone->measured('squat', Capacity::expected(120.0, 0.1, Capacity::SETS))->capacity('squat');
    // By hand: variance 0.04 against 0.01 + 0.06² = 0.0136; gain 0.04 / 0.0536 = 0.7463.
    expect($after->kg)->toEqualWithDelta(100 * 1.2 ** 0.74627, 0.01)
        ->and($after->logSd())->toEqualWithDelta(sqrt(0.04 * (1 - 0.74627)), 1e-4)
        ->and($after->from)->toBe(Capacity::SETS);
});

it('takes what is cut off below a bound for what it is', function (): void {
    $alone = Strength::expected(['squat' => log(100.0)], ['squat' => ['squat' => 0.0364]], ['squat' => 60.0]);
    // Noise of the bound 0 beside 0.06²: variance 0.04; a bound at the middle leaves the upper half.
    $after = $alone->atLeast('squat', Capacity::expected(100.0, 1e-6, Capacity::SETS))->capacity('squat');
    // Half-normal: mean 0.2·√(2/π) = 0.15958 above, of which 0.91 is the state's; variance 0.04·(1 − 2/π).
    expect(log($after->kg / 100))->toEqualWithDelta(0.91 * 0.2 * sqrt(2 / M_PI), 1e-4)
        ->and($after->logSd() ** 2)->toEqualWithDelta(0.0364 - 0.91 ** 2 * 0.04 * (2 / M_PI), 1e-5);
});

it('learns nothing from a bound far below, and follows one far above', function (): void {
    $before = somebody()->capacity('squat');
    $low = somebody()->afterSet('squat', 60.0, 1.0, 1, 5.0)->capacity('squat');
    $high = somebody()->afterSet('squat', 150.0, 1.0, 15, 5.0)->capacity('squat');
    $bound = RepetitionMaximum::from(150.0, 15, 5)->medianKg();

    expect($low->kg)->toEqualWithDelta($before->kg, 0.02 * $before->kg)->toBeGreaterThanOrEqual($before->kg)
        ->and($high->kg)->toBeGreaterThan(0.8 * $bound)->toBeLessThan(1.15 * $bound);
});

it('never lowers what is expected by a set that ended with five or more left', function (int $reps, float $wholeKg): void {
    foreach (['squat', 'horizontal-press', 'hinge'] as $pattern) {
        $before = somebody();
        $after = $before->afterSet($pattern, $wholeKg, 1.0, $reps, 5.0);
        expect($after->capacity($pattern)->kg)->toBeGreaterThanOrEqual($before->capacity($pattern)->kg - 1e-9);
    }
})->with([1, 8, 20, 55])->with([5.0, 40.0, 120.0]);

it('moves other patterns by as much as they go together, and narrows them less', function (): void {
    $before = somebody();
    $known = $before->capacity('horizontal-press');
    $after = $before->measured('horizontal-press', Capacity::expected(1.3 * $known->kg, 0.03, Capacity::SETS));
    $moved = static fn (string $pattern): float => log($after->capacity($pattern)->kg / $before->capacity($pattern)->kg);
    $narrowed = static fn (string $pattern): float => $after->capacity($pattern)->logSd() / $before->capacity($pattern)->logSd();

    expect($moved('horizontal-press'))->toBeGreaterThan($moved('vertical-press'))
        ->and($moved('vertical-press'))->toBeGreaterThan($moved('horizontal-pull'))
        ->and($moved('horizontal-pull'))->toBeGreaterThan($moved('squat'))
        ->and($moved('squat'))->toBeGreaterThan(0.0)->toBeLessThan(0.1)
        ->and($narrowed('horizontal-press'))->toBeLessThan($narrowed('vertical-press'))
        ->and($narrowed('vertical-press'))->toBeLessThan($narrowed('squat'))
        ->and($narrowed('squat'))->toBeLessThan(1.0)
        ->and($after->capacity('vertical-press')->from)->toBe(Capacity::RELATED)
        ->and($after->capacity('horizontal-press')->from)->toBe(Capacity::SETS);
});

it('comes to the same whichever of two patterns was measured first', function (): void {
    $one = Capacity::expected(40.0, 0.05, Capacity::SETS);
    $other = Capacity::expected(110.0, 0.08, Capacity::SETS);
    $first = somebody()->measured('horizontal-press', $one)->measured('squat', $other);
    $second = somebody()->measured('squat', $other)->measured('horizontal-press', $one);
    foreach (Strength::patterns() as $pattern) {
        expect($first->capacity($pattern)->kg)->toEqualWithDelta($second->capacity($pattern)->kg, 1e-9)
            ->and($first->capacity($pattern)->logSd())->toEqualWithDelta($second->capacity($pattern)->logSd(), 1e-9);
    }
});

it('grows unsure with time, and a little weaker after three weeks away', function (): void {
    $trained = somebody()->afterSet('squat', 100.0, 1.0, 8, 2.0);
    $kg = static fn (float $days): float => $trained->after($days, wasTrained: true)->capacity('squat')->kg;
    $sd = static fn (float $days): float => $trained->after($days, wasTrained: true)->capacity('squat')->logSd();

    expect($kg(20))->toEqualWithDelta($trained->capacity('squat')->kg, 1e-9)
        // Eight weeks 5 to 10 %.
        ->and(1 - $kg(56) / $kg(0))->toBeGreaterThan(0.05)->toBeLessThan(0.10)
        ->and($kg(2000))->toBeGreaterThan(0.8 * $kg(0))
        ->and($sd(10))->toBeGreaterThan($sd(0))
        ->and($sd(100))->toBeGreaterThan($sd(10))
        ->and(somebody()->after(90)->capacity('squat')->kg)->toEqualWithDelta(somebody()->capacity('squat')->kg, 1e-9);
});

it('says nothing of what it keeps no strength of', function (): void {
    expect(somebody()->knows('stretch'))->toBeFalse()
        ->and(somebody()->afterSet('stretch', 40.0, 1.0, 8, 2.0))->toEqual(somebody())
        ->and(somebody()->afterSet('stretch', 40.0, 1.0, 0, 0.0))->toEqual(somebody());
});

it('takes a load that could not be lifted once for too heavy, and learns little from one that nobody could lift', function (): void {
    $before = somebody()->capacity('squat');
    $after = static fn (float $kg): float => somebody()->afterSet('squat', $kg, 1.0, 0, 0.0)->capacity('squat')->kg;
    expect($after($before->kg))->toBeLessThan(0.9 * $before->kg)
        ->and($after(4 * $before->kg))->toEqualWithDelta($before->kg, 0.02 * $before->kg);
});

it('learns of an exercise by itself, beside its pattern', function (): void {
    $far = Capacity::expected(1.3 * somebody()->capacity('squat')->kg, 0.02, Capacity::SETS);
    $after = somebody();
    for ($i = 0; $i < 6; $i++) {
        // A pattern known from one exercise, then another that is easier for this person than its sums say.
        [$said, $of] = $i % 2 === 0 ? [somebody()->capacity('squat'), 'squat'] : [$far, 'wide-squat'];
        $after = $after->measured('squat', $said, exercise: $of);
    }
    [$one, $other, $pattern] = [$after->capacity('squat', 'squat'), $after->capacity('squat', 'wide-squat'), $after->capacity('squat')];

    expect($other->kg)->toBeGreaterThan($pattern->kg)->and($pattern->kg)->toBeGreaterThan($one->kg)
        ->and($other->logSd())->toBeLessThan($pattern->logSd())
        // What was never done is what the pattern is.
        ->and($after->capacity('squat', 'box-squat'))->toEqual($pattern);
});

it('reads the first set of an exercise as a set of its pattern', function (): void {
    $said = Capacity::expected(100.0, 0.05, Capacity::SETS);
    $named = somebody()->measured('squat', $said, exercise: 'goblet-squat');
    $plain = somebody()->measured('squat', $said);
    foreach (Strength::patterns() as $pattern) {
        expect($named->capacity($pattern)->kg)->toEqualWithDelta($plain->capacity($pattern)->kg, 1e-9)
            ->and($named->capacity($pattern)->logSd())->toEqualWithDelta($plain->capacity($pattern)->logSd(), 1e-9);
    }
});

/**
 * Somebody made up: nine sets of four patterns, then one that is foretold.
 *
 * @return array{off: float, isInside: bool}
 */
function foretold(int $seed): array
{
    $chance = new Randomizer(new Mt19937($seed));
    $pick = static fn (array $of): mixed => $of[$chance->getInt(0, count($of) - 1)];
    $body = Body::of($pick([1.58, 1.70, 1.84]), $pick([55.0, 72.0, 95.0]));
    $person = Person::of($body, $pick([Person::MALE, Person::FEMALE]), (float) $pick([16, 24, 38, 52, 68, 80]), $pick(Experience::cases()));
    $strength = (new StrengthPrior(Shipped::catalogue(), Shipped::model()))->of($person);
    $somebody = new MadeUp($seed, $strength);
    $patterns = ['squat', 'horizontal-press', 'hinge', 'horizontal-pull'];
    $loadFor = static fn (string $pattern): float => $pick([0.62, 0.68, 0.74]) * $somebody->truth[$pattern];
    for ($set = 0; $set < 9; $set++) {
        $pattern = $patterns[$set % 4];
        $wholeKg = $loadFor($pattern);
        [$reps, $said] = $somebody->does($pattern, $wholeKg, max(1, (int) floor($somebody->can($pattern, $wholeKg) - $pick([1, 2, 3, 5]))));
        $strength = $strength->after(3)->afterSet($pattern, $wholeKg, 0.03 * $wholeKg, $reps, $said);
    }
    $pattern = $pick($patterns);
    $wholeKg = $loadFor($pattern);
    $most = $somebody->can($pattern, $wholeKg);
    [$low, $middle, $high] = $strength->capacity($pattern)->repetitionsAround($wholeKg, 0.03 * $wholeKg);

    return ['off' => abs($middle - $most) / $most, 'isInside' => $most >= $low && $most <= $high];
}

it('foretells sets of five hundred made-up people within a quarter in the middle, and its eight in ten hold', function (): void {
    $found = array_map(foretold(...), range(1, 500));
    $off = array_column($found, 'off');
    sort($off);
    $inside = count(array_filter(array_column($found, 'isInside'))) / 500;

    expect($off[249])->toBeLessThan(0.25)
        ->and($inside)->toBeGreaterThanOrEqual(0.75, "{$inside} of them")->toBeLessThanOrEqual(0.85, "{$inside} of them");
});
