<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Programme\ResultReader;
use NimbleShelf\Core\Programme\ToldResult;
use NimbleShelf\Core\Strength\FitnessTest;
use Tests\Support\People;
use Tests\Support\Shipped;

function told(string $line): ToldResult
{
    static $reader = null;
    static $there = null;
    $reader ??= new ResultReader(Shipped::catalogue(), ShelfRungs::of(Shipped::model()));
    $there ??= People::brief(People::all()['new, with pairs of three and six'])->situation;

    return $reader->read($line, $there);
}

it('reads what somebody can do as a trainer says it', function (string $line, string $exercise, string $words, string $result): void {
    $told = told($line);
    expect([$told->exercise->id, $told->words, $told->inWords()])->toBe([$exercise, $words, $result]);
})->with([
    ['rows 12 kg for ten', 'bent-over-row', '12 kg dumbbell in each hand', '10 repetitions at least'],
    ['eight push-ups', 'push-up', 'body weight alone', '8 repetitions, all there were'],
    ['a dozen push ups', 'push-up', 'body weight alone', '12 repetitions, all there were'],
    ['Plank 40 s', 'forearm-plank', 'body weight alone', '40 s, all there were'],
    ['plank 1 min', 'forearm-plank', 'body weight alone', '60 s, all there were'],
    ['side plank 30 seconds', 'side-plank', 'body weight alone', '30 s, all there were'],
    ['14 chair stands in 30 s', 'sit-to-stand', 'body weight alone', '14 repetitions in 30 s'],
    ['arm curls 15 in 30 s with 2.3 kg', 'biceps-curl', '2.3 kg in one hand', '15 repetitions in 30 s'],
    // What is on the shelf is called as the shelf calls it.
    ['floor press 2 x 8 with 6 kg, 2 left', 'floor-press', '6 kg in each hand: two dumbbells', '8 repetitions with 2 left'],
    ['lateral raise 4kg 10 reps 3 in reserve', 'lateral-raise', '4 kg dumbbell in each hand', '10 repetitions with 3 left'],
    ['goblet squat 16kg × 8 to failure', 'goblet-squat', '16 kg dumbbell held at the chest', '8 repetitions, all there were'],
    ['one-arm row 14 kg 8', 'one-arm-row', '14 kg dumbbell in one hand', '8 repetitions at least'],
    ['50 lb squat ten times', 'squat', '22.68 kg dumbbell in each hand', '10 repetitions at least'],
    ['one push-up', 'push-up', 'body weight alone', '1 repetition, all there were'],
]);

it('knows a test that has norms of its own', function (): void {
    expect(told('14 chair stands in 30 s')->test)->toBe(FitnessTest::ChairStand)
        ->and(told('arm curls 15 in 30 s with 2.3 kg')->test)->toBe(FitnessTest::ArmCurl)
        ->and(told('arm curls 15 in half a minute with 2.3 kg')->setting->massKg)->toBe(2.3)
        ->and(told('eight push-ups')->test)->toBeNull()
        ->and(told('20 s of plank')->isTimed)->toBeTrue();
});

it('asks for what is missing, and takes nothing for something else', function (string $line, string $message): void {
    expect(static fn (): ToldResult => told($line))->toThrow(InvalidQuantity::class, $message);
})->with([
    ['', 'What was done?'],
    ['10 x 12 kg', 'What was done?'],
    ['overhead press', 'How many repetitions of overhead press?'],
    ['overhead press ten', 'with how many kilograms?'],
    ['twelve curls', 'with how many kilograms?'],
    ['arm curls 15 in 30 s', 'With how many kilograms in the hand?'],
    ['plank', 'for how many seconds?'],
    ['flurb 10', 'is called "flurb"'],
    ['bench press 40 kg 5', 'is called "bench press"'],
    ['push-ups 4000', 'more than 300'],
    ['seated floor twist 10', 'not measured in kilograms'],
    ['plank 90 min', 'more than an hour'],
]);
