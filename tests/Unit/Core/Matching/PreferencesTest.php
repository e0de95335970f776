<?php

declare(strict_types=1);

use NimbleShelf\Core\Matching\Preferences;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\SorePart;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Mechanics\Setting;
use Tests\Support\Shipped;

it('hears what a client likes, dislikes and knows', function (
    string $likes,
    string $dislikes,
    array $done,
    string $exercise,
    string $implement,
    float $score,
    ?string $says,
): void {
    $rung = new Rung(Shipped::catalogue()->exercise($exercise), Setting::of($implement), [], Certainty::Weighed, '', 10);
    $preferences = Preferences::of($likes, $dislikes, $done);
    expect($preferences->scoreOf($rung))->toBe($score)->and($preferences->reasonFor($rung))->toBe($says);
})->with([
    'nothing said' => ['', '', [], 'squat', 'body-weight', 0.5, null],
    'a plural' => ['lunges, singing', '', [], 'reverse-lunge', 'body-weight', 1.0, 'The client likes it (lunge).'],
    'a thing' => ['Kettlebells and the sea', '', [], 'goblet-squat', 'kettlebell', 1.0, 'The client likes it (kettlebell).'],
    'any band' => ['', 'bands.', [], 'biceps-curl', 'tube', 0.0, 'The client does not like it (band).'],
    'dislike weighs more' => ['curls', 'bands', [], 'biceps-curl', 'tube', 0.0, 'The client does not like it (band).'],
    'known' => ['', '', ['squat' => 6], 'squat', 'body-weight', 1.0, 'The client knows it: 6 sets of late.'],
    'tried once' => ['', '', ['squat' => 2], 'squat', 'body-weight', 0.5, null],
    'press is no plural' => ['press', '', [], 'floor-press', 'dumbbell', 1.0, 'The client likes it (press).'],
]);

it('spares a sore part and leaves the rest', function (SorePart $part, string $exercise, ?string $says): void {
    $against = $part->against(Shipped::catalogue()->exercise($exercise));
    $says === null ? expect($against)->toBeNull() : expect($against)->toContain($says);
})->with([
    [SorePart::Shoulder, 'overhead-press', 'Sore shoulder'],
    [SorePart::Shoulder, 'push-up', 'Sore shoulder'],
    [SorePart::Shoulder, 'squat', null],
    [SorePart::Shoulder, 'biceps-curl', null],
    [SorePart::Elbow, 'biceps-curl', '100 % of the work is done there'],
    [SorePart::Elbow, 'glute-bridge', null],
    [SorePart::Wrist, 'push-up', 'the arms carry the body'],
    [SorePart::Wrist, 'bent-over-row', 'a firm grip'],
    [SorePart::LowBack, 'romanian-deadlift', 'Sore low back'],
    [SorePart::LowBack, 'floor-press', null],
    [SorePart::Hip, 'glute-bridge', 'Sore hip'],
    [SorePart::Knee, 'squat', 'Sore knee'],
    [SorePart::Knee, 'bent-over-row', null],
    [SorePart::Ankle, 'calf-raise', 'Sore ankle'],
    [SorePart::Ankle, 'jump-squat', 'Sore ankle'],
]);
