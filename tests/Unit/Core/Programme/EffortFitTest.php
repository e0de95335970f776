<?php

declare(strict_types=1);

use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\EffortFit;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Programme\Wanted;
use NimbleShelf\Core\Strength\Experience;

function wantedBy(Goal $goal, Experience $experience = Experience::Some, bool $isFirst = false): Wanted
{
    $brief = Brief::of(new Situation(new Client(Body::of(1.75, 75))), $goal, $experience, TrainingDay::spread(2, 40), 1);

    return Wanted::of($brief, $isFirst);
}

it('asks in the window of the goal and leaves what is wanted', function (
    Goal $goal,
    float $toFailure,
    ?int $reps,
    Experience $experience = Experience::Some,
    bool $isFirst = false,
): void {
    expect(EffortFit::of($toFailure, wantedBy($goal, $experience, $isFirst))?->reps)->toBe($reps);
})->with([
    // Muscle on record: 6 to 15 with 1 to 3 left; the middle is two.
    'in the window' => [Goal::Muscle, 12.0, 10], 'at its top' => [Goal::Muscle, 18.0, 15], 'too heavy' => [Goal::Muscle, 6.5, null],
    'too light' => [Goal::Muscle, 25.0, 22], 'no work at all' => [Goal::Muscle, 55.0, null],
    // A first load leaves up to two more, and begins at eight.
    'first' => [Goal::Muscle, 12.0, 9, Experience::Some, true], 'first, too heavy to ask eight of' => [
        Goal::Muscle,
        8.5,
        null,
        Experience::Some,
        true,
    ],
    // Who is new: one to four more than the goal's three to four.
    'new' => [Goal::Beginner, 16.0, 10, Experience::None, true], 'new, heavy' => [Goal::Beginner, 11.0, null, Experience::None, true],
    'strength begins at five' => [Goal::Strength, 8.0, 5, Experience::Years, true],
    'not at three' => [Goal::Strength, 6.0, null, Experience::Years, true],
]);

it('matches less the further it is from what is wanted, on either side', function (Goal $goal): void {
    $wanted = wantedBy($goal);
    $best = $wanted->toFailure();
    $matches = static fn (array $times): array => array_map(
        static fn (float $n): float => EffortFit::of($n, $wanted)->match ?? 0.0,
        $times,
    );
    $lighter = $matches([$best, 1.3 * $best, 1.8 * $best, 2.6 * $best]);
    $sorted = $lighter;
    rsort($sorted);
    expect($lighter)->toBe($sorted)->and($lighter[0])->toBeGreaterThan(0.97)
        ->and(EffortFit::asking($best, $wanted->usual, $wanted)->match)->toBeGreaterThan(0.95)
        // What nobody could finish is no match, what is nearly failure little of one.
        ->and(EffortFit::asking(5.0, 6, $wanted)->match)->toBe(0.0)
        ->and(EffortFit::asking($best, (int) $best, $wanted)->match)->toBeLessThan(0.8)
        ->and(EffortFit::asking($best, max(1, intdiv($wanted->fewest, 2)), $wanted)->match)->toBeLessThan(0.5);
})->with([Goal::Strength, Goal::Muscle, Goal::Health, Goal::Beginner, Goal::Older]);
