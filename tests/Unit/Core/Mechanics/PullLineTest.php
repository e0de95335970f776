<?php

declare(strict_types=1);

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\BandLayout;
use NimbleShelf\Core\Mechanics\BandSetup;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\PullLine;
use NimbleShelf\Core\Mechanics\Setting;
use Tests\Support\Shipped;

/** @return list<Exercise> */
function anchored(): array
{
    return array_values(array_filter(
        Shipped::catalogue()->exercises,
        static fn (Exercise $exercise): bool => ! $exercise->bandAttachment->isBetweenLimbs
            && array_filter($exercise->bandLayouts, static fn (BandLayout $layout): bool => $layout->needsAnchor()) !== [],
    ));
}

/** Degrees off its line where a band is anchored so high and so far away. */
function offItsLine(string $id, float $heightM, float $distanceM): float
{
    $exercise = Shipped::catalogue()->exercise($id);
    $tube = Shipped::shelf(['id' => '1', 'kind' => 'tube', 'name' => 'tube', 'rest_length_cm' => 130, 'a_n' => 25, 'b_n' => 20])[0];
    $layout = array_values(array_filter($exercise->bandLayouts, static fn (BandLayout $one): bool => $one->needsAnchor()))[0];

    return Shipped::model()->pullOffDegrees($exercise, Body::of(1.72, 74), Setting::of('tube', band: new BandSetup(
        $tube->band,
        $layout,
        anchorHeightM: $heightM,
        anchorDistanceM: $distanceM,
    )));
}

it('is on its line where the anchor stands as usual', function (): void {
    foreach (anchored() as $exercise) {
        $attachment = Shipped::catalogue()->reckoned($exercise)->bandAttachment;
        expect(offItsLine($exercise->id, 1.72 * $attachment->heightShare, $attachment->distanceM))->toBeWithin(1e-4, 0.0, $exercise->id);
    }
    expect(anchored())->not->toBe([]);
});

it('comes off its line the farther the anchor is from where it belongs', function (string $id, array $heights): void {
    $off = array_map(static fn (float $height): float => offItsLine($id, $height, 0.6), $heights);
    $sorted = $off;
    sort($sorted);
    expect($off)->toBe($sorted)->and($off[0])->toBeLessThan(PullLine::MOST_OFF)->and(end($off))->toBeGreaterThan(PullLine::MOST_OFF);
})->with([
    'a kick-back from the floor upwards' => ['standing-kick-back', [0.05, 0.3, 0.6, 1.1, 1.95]],
    'a chest press from the chest downwards' => ['band-chest-press', [1.2, 0.95, 0.6, 0.05]],
    'a push-down from above' => ['band-push-down', [1.95, 1.4, 1.1, 0.6]],
]);

it('says nothing of what no anchor holds', function (): void {
    $curl = Shipped::catalogue()->exercise('biceps-curl');
    expect(Shipped::model()->pullOffDegrees($curl, Body::of(1.72, 74), Setting::of('dumbbell', 8.0, perHand: true)))->toBe(0.0);
});

it('holds over a rich shelf: nothing is rigged off its line, no support out of its range, and why is said', function (): void {
    $shelf = Shipped::shelf(
        ['id' => '1', 'kind' => 'tube', 'name' => 'red tube', 'rest_length_cm' => 130, 'a_n' => 25, 'b_n' => 20],
        ['id' => '2', 'kind' => 'long-loop', 'name' => 'long loop', 'rest_length_cm' => 104, 'a_n' => 40, 'b_n' => 30],
        ['id' => '3', 'kind' => 'chair', 'name' => 'chair', 'height_cm' => 45, 'mass_kg' => 6],
        ['id' => '4', 'kind' => 'table', 'name' => 'table', 'height_cm' => 75, 'mass_kg' => 30],
        ['id' => '5', 'kind' => 'step', 'name' => 'step', 'height_cm' => 18],
    );
    $home = Home::of(ceilingM: 2.5, anchors: array_map(
        static fn (int $cm): array => ['id' => "at {$cm}", 'heightM' => $cm / 100, 'kind' => 'door'],
        [10, 60, 110, 195],
    ));
    $rungs = ShelfRungs::of(Shipped::model());
    foreach ([Body::of(1.58, 55), Body::of(1.84, 92)] as $body) {
        $there = new Situation(new Client($body), $shelf, $home);
        foreach (anchored() as $exercise) {
            foreach ($rungs->usable($exercise, $there) as ['rung' => $rung]) {
                $off = Shipped::model()->pullOffDegrees($exercise, $body, $rung->setting);
                expect($off)->toBeLessThanOrEqual(PullLine::MOST_OFF, $rung->words);
            }
        }
        expect(implode(' ', $rungs->leftOut(Shipped::catalogue()->exercise('standing-kick-back'), $there)))
            ->toContain('Anchored 195 cm up')->toContain('pulls off the line of the movement');
    }
});
