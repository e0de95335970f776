<?php

declare(strict_types=1);

use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Matching\Cautions;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\JointRange;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use Tests\Support\Shipped;

/*
 * What people come with: knees and hips that must not bend far, wrists, shoulders, necks, pressure and the pelvic floor.
 */

function homeLimitedBy(Limit ...$limits): Situation
{
    return new Situation(new Client(Body::of(1.72, 74), array_values($limits)), Shipped::shelf(
        ['id' => '1', 'kind' => 'chair', 'name' => 'chair', 'height_cm' => 45, 'mass_kg' => 6],
        ['id' => '2', 'kind' => 'table', 'name' => 'table', 'height_cm' => 75, 'mass_kg' => 30],
        ['id' => '3', 'kind' => 'stool', 'name' => 'high stool', 'height_cm' => 60, 'mass_kg' => 6],
        ['id' => '4', 'kind' => 'step', 'name' => 'low step', 'height_cm' => 12, 'mass_kg' => 3],
        ['id' => '5', 'kind' => 'dumbbell', 'name' => '6 kg dumbbell', 'count' => 2, 'mass_kg' => 6],
        ['id' => '6', 'kind' => 'kettlebell', 'name' => '12 kg bell', 'count' => 1, 'mass_kg' => 12],
        ['id' => '7', 'kind' => 'mat', 'name' => 'mat'],
        ['id' => '8', 'kind' => 'wall', 'name' => 'wall'],
    ), Home::of(ceilingM: 2.5));
}

/** @return list<float> Heights of what it stands on or sits on, metres, of every way that is left. */
function waysLeft(string $id, Limit ...$limits): array
{
    return array_map(
        static fn (array $one): float => $one['rung']->setting->supportHeightM,
        ShelfRungs::of(Shipped::model())->usable(Shipped::catalogue()->exercise($id), homeLimitedBy(...$limits)),
    );
}

it('leaves out what must not be done, and leaves in the safer ways', function (Limit $limit, array $out, array $in): void {
    foreach ($out as $id) {
        expect(waysLeft($id))->not->toBe([], "{$id} can be done at all")->and(waysLeft($id, $limit))->toBe([], "{$id} is out");
    }
    foreach ($in as $id) {
        expect(waysLeft($id, $limit))->not->toBe([], "{$id} is left");
    }
})->with([
    'a knee to 60°' => [
        Limit::KneeTo60,
        [
            'squat', 'goblet-squat', 'split-squat', 'reverse-lunge', 'glute-bridge', 'bridge-hold', 'knee-push-up', 'wall-sit',
            'quad-stretch',
        ],
        ['romanian-deadlift', 'push-up', 'seated-overhead-press', 'floor-press', 'calf-raise', 'kettlebell-swing'],
    ],
    'a knee to 90°' => [
        Limit::KneeTo90,
        ['squat', 'goblet-squat', 'split-squat', 'glute-bridge', 'knee-plank'],
        ['wide-squat', 'lateral-lunge', 'step-up', 'wall-sit', 'romanian-deadlift', 'seated-overhead-press'],
    ],
    'a replaced hip' => [
        Limit::HipReplaced,
        ['squat', 'romanian-deadlift', 'curtsy-lunge', 'kettlebell-swing', 'seated-floor-twist', 'mountain-climber'],
        ['glute-bridge', 'wide-squat', 'step-up', 'push-up', 'overhead-press', 'calf-raise'],
    ],
    'a wrist that must stay straight' => [
        Limit::WristStraight,
        ['chair-dip', 'crab-walk', 'explosive-push-up', 'walk-out'],
        ['push-up', 'knee-push-up', 'forearm-plank', 'floor-press', 'push-up-on-handles'],
    ],
    'a shoulder that must not go behind the body' => [
        Limit::NoArmBehind,
        ['chair-dip', 'straight-leg-chair-dip', 'deep-push-up'],
        ['push-up', 'floor-press', 'overhead-press', 'bent-over-row'],
    ],
    'a neck' => [Limit::Neck, ['crunch', 'sit-up', 'hollow-hold', 'wall-handstand'], ['dead-bug', 'reverse-crunch', 'forearm-plank']],
    'the head above the heart' => [
        Limit::HeadUp, ['pike-push-up', 'wall-handstand', 'decline-push-up'], ['push-up', 'overhead-press', 'squat', 'glute-bridge'],
    ],
    'no held breath' => [Limit::NoHeldBreath, ['forearm-plank', 'wall-sit', 'kettlebell-swing'], ['squat', 'push-up', 'bent-over-row']],
    'the pelvic floor' => [
        Limit::PelvicFloor,
        ['jump-squat', 'kettlebell-swing', 'crunch', 'forearm-plank'],
        ['squat', 'glute-bridge', 'bent-over-row', 'dead-bug'],
    ],
]);

it('says how it is done instead where it is left in', function (Limit $limit, string $id, string $words): void {
    $exercise = Shipped::catalogue()->exercise($id);
    $rung = ShelfRungs::of(Shipped::model())->usable($exercise, homeLimitedBy($limit))[0]['rung'];
    expect(implode(' ', Cautions::of($rung, homeLimitedBy($limit))))->toContain("{$limit->label()}: ")->toContain($words);
})->with([
    [Limit::WristStraight, 'push-up', 'on dumbbell handles, on fists or on the forearms'],
    [Limit::HipReplaced, 'seated-overhead-press', 'the hips above the knees'],
    [Limit::KneeTo60, 'seated-overhead-press', 'the foot well forward'],
    [Limit::NoArmBehind, 'triceps-kickback', 'the elbow stops at the side'],
    [Limit::Neck, 'overhead-press', 'the shoulders away from the ears'],
    [Limit::HeadUp, 'romanian-deadlift', 'the head stays above the heart'],
    [Limit::NoHeldBreath, 'squat', 'breathe out on every effort'],
    [Limit::PelvicFloor, 'squat', 'before each effort'],
]);

it('asks the figure as it is set up: a higher seat and a lower step are allowed sooner', function (): void {
    expect(waysLeft('sit-to-stand'))->toContain(0.45)->toContain(0.6)
        ->and(waysLeft('sit-to-stand', Limit::KneeTo90))->toContain(0.6)
        ->and(min(waysLeft('sit-to-stand', Limit::KneeTo90)))->toBeGreaterThanOrEqual(min(waysLeft('sit-to-stand')))
        ->and(waysLeft('step-up', Limit::KneeTo60))->each->toBeLessThan(0.3);
    $bends = static fn (float $heightM): float => Shipped::model()->bends(
        Shipped::catalogue()->exercise('sit-to-stand'),
        Body::of(1.72, 74),
        Setting::fromArray(['implement' => 'body-weight', 'support_height_cm' => 100 * $heightM]),
    )->knee;
    expect($bends(0.4))->toBeGreaterThan($bends(0.5))->and($bends(0.5))->toBeGreaterThan($bends(0.6));
});

it('never lets through what bends further than is allowed', function (Limit $limit, float $mostKnee, float $mostHip): void {
    $rungs = ShelfRungs::of(Shipped::model());
    $there = homeLimitedBy($limit);
    $left = 0;
    foreach (Shipped::catalogue()->exercises as $exercise) {
        foreach (array_slice($rungs->usable($exercise, $there), 0, 3) as ['rung' => $rung]) {
            $bends = Shipped::model()->bends($exercise, $there->client->body, $rung->setting);
            $left++;
            expect($bends->hip)->toBeLessThanOrEqual($mostHip, $exercise->id);
            if (! JointRange::rests($exercise, $bends)) {
                expect($bends->knee)->toBeLessThanOrEqual($mostKnee, $exercise->id);
            }
            expect(JointRange::problem($exercise, $bends, $there->client))->toBeNull();
        }
    }
    expect($left)->toBeGreaterThan(100);
})->with([[Limit::KneeTo60, 66.0, 180.0], [Limit::KneeTo90, 96.0, 180.0], [Limit::HipReplaced, 180.0, 100.0]]);

it('bends a straight leg by nothing and a chair’s knee by a right angle', function (): void {
    $of = static fn (string $id): float => Shipped::model()->bends(
        Shipped::catalogue()->exercise($id),
        Body::of(1.72, 74),
        Setting::bodyWeight(),
    )->knee;
    expect($of('push-up'))->toBeLessThan(3.0)
        ->and($of('wall-sit'))->toBeBetween(84.0, 98.0)
        ->and($of('romanian-deadlift'))->toBeBetween(15.0, 45.0)
        ->and($of('squat'))->toBeGreaterThan(100.0);
});
