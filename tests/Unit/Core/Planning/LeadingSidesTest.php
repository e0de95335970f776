<?php

declare(strict_types=1);

use NimbleShelf\Core\Planning\LeadingSides;
use Tests\Support\Shipped;

/*
 * The weaker side begins; a difference is named only where it is large enough and sure enough.
 */

it('names a weaker side, or none', function (array $pairs, ?string $weaker): void {
    $curl = Shipped::catalogue()->exercise('biceps-curl');
    $squat = Shipped::catalogue()->exercise('split-squat');
    $sides = LeadingSides::from(['arms' => $pairs]);
    expect($sides->weaker($curl))->toBe($weaker)
        ->and($sides->first($curl))->toBe($weaker ?? 'left')
        // What an arm does says nothing of a leg.
        ->and($sides->weaker($squat))->toBeNull()
        ->and(LeadingSides::from(['legs' => $pairs])->weaker($squat))->toBe($weaker);
})->with([
    'nothing known' => [[], null],
    'two sets are not enough' => [[[8.0, 12.0], [8.0, 12.0]], null],
    // Differences -0.4 each time.
    'the left does two thirds' => [[[8.0, 12.0], [8.0, 12.0], [8.0, 12.0]], 'left'],
    'the right does two thirds' => [[[12.0, 8.0], [12.0, 8.0], [12.0, 8.0]], 'right'],
    // 2 x 1 / 21 = 0.095: within a tenth, however often.
    'less than a tenth' => [array_fill(0, 20, [10.0, 11.0]), null],
    // Mean -0.15, but from +0.4 to -0.7: its interval holds nothing for sure.
    'as it comes' => [[[12.0, 8.0], [8.0, 16.0], [10.0, 12.0]], null],
    'often enough' => [[...array_fill(0, 6, [9.0, 11.0]), ...array_fill(0, 6, [8.0, 11.0])], 'left'],
]);

it('is the same for left and right', function (): void {
    $pairs = [[9.0, 12.0], [10.0, 12.0], [8.0, 12.0], [9.0, 13.0]];
    $curl = Shipped::catalogue()->exercise('biceps-curl');
    $turned = array_map(static fn (array $pair): array => [$pair[1], $pair[0]], $pairs);
    expect(LeadingSides::from(['arms' => $pairs])->weaker($curl))->toBe('left')
        ->and(LeadingSides::from(['arms' => $turned])->weaker($curl))->toBe('right');
});
