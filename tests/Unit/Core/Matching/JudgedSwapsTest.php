<?php

declare(strict_types=1);

use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Matching\Candidate;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\Prescription;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Matching\SwapDesk;
use NimbleShelf\Core\Matching\SwapResult;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Goal;
use Tests\Support\Shipped;

/*
 * Swaps judged by hand: what a trainer would reach for first, what else would do, and what must not come first. On the
 * poorest shelves, for every limit, and for every person of the demonstration.
 */

const JUDGED_THINGS = [
    'wall' => ['kind' => 'wall'],
    'towel' => ['kind' => 'towel'],
    'mat' => ['kind' => 'mat'],
    'tins' => ['kind' => 'object', 'name' => 'tin', 'count' => 2, 'mass_kg' => 0.8, 'grip' => 'body', 'sealed' => true],
    'tube' => ['kind' => 'tube', 'rest_length_cm' => 130, 'a_n' => 24, 'b_n' => 20],
    'light tube' => ['kind' => 'tube', 'rest_length_cm' => 150, 'a_n' => 9, 'b_n' => 8],
    'black tube' => ['kind' => 'tube', 'rest_length_cm' => 130, 'a_n' => 60, 'b_n' => 45],
    'heavy loop' => ['kind' => 'long-loop', 'rest_length_cm' => 102, 'a_n' => 95, 'b_n' => 70],
    'mini loop' => ['kind' => 'mini-loop', 'rest_length_cm' => 30, 'a_n' => 22, 'b_n' => 16],
    'chair' => ['kind' => 'chair', 'height_cm' => 45, 'mass_kg' => 10],
    'sofa' => ['kind' => 'sofa', 'height_cm' => 43, 'mass_kg' => 45],
    'stool' => ['kind' => 'stool', 'height_cm' => 46, 'mass_kg' => 6],
    'table' => ['kind' => 'table', 'height_cm' => 76, 'mass_kg' => 35],
    'stair' => ['kind' => 'step', 'height_cm' => 19, 'mass_kg' => 200],
    '2 kg dumbbells' => ['kind' => 'dumbbell', 'count' => 2, 'mass_kg' => 2],
    '3 kg dumbbells' => ['kind' => 'dumbbell', 'count' => 2, 'mass_kg' => 3],
    '6 kg dumbbells' => ['kind' => 'dumbbell', 'count' => 2, 'mass_kg' => 6],
    '8 kg dumbbells' => ['kind' => 'dumbbell', 'count' => 2, 'mass_kg' => 8],
    '8 kg kettlebell' => ['kind' => 'kettlebell', 'mass_kg' => 8],
    'ballast jugs' => ['kind' => 'object', 'count' => 2, 'mass_kg' => 10, 'grip' => 'handle', 'sealed' => true],
    'flour sacks' => ['kind' => 'object', 'count' => 2, 'mass_kg' => 10, 'grip' => 'bag', 'sealed' => true],
    'clay bags' => ['kind' => 'object', 'count' => 6, 'mass_kg' => 12.5, 'grip' => 'bag'],
    'glaze buckets' => ['kind' => 'object', 'count' => 2, 'mass_kg' => 11.4, 'grip' => 'handle', 'sealed' => true],
    'toolbox' => ['kind' => 'object', 'mass_kg' => 9.2, 'grip' => 'handle'],
    'maple billets' => ['kind' => 'object', 'count' => 4, 'mass_kg' => 1.8, 'grip' => 'body'],
    'watering cans' => ['kind' => 'object', 'count' => 2, 'mass_kg' => 6.1, 'grip' => 'handle', 'sealed' => false],
    'school books' => ['kind' => 'object', 'count' => 8, 'mass_kg' => 0.7, 'grip' => 'body'],
    'rucksack' => ['kind' => 'rucksack', 'tare_kg' => 1, 'max_kg' => 20],
];

/** @param  list<string>  $names */
function judgedShelf(array $names): array
{
    return Shipped::shelf(...array_map(
        static fn (string $name): array => JUDGED_THINGS[$name] + ['id' => $name, 'name' => $name],
        $names,
    ));
}

/**
 * @param  array{string, string, float|null}  $wanted  Exercise, implement and kilograms (in each hand for dumbbells).
 * @param  list<string>  $shelf
 * @param  list<Limit>  $limits
 */
function judgedSwaps(array $wanted, array $shelf, array $limits = [], ?Home $home = null, ?Body $body = null): SwapResult
{
    [$exercise, $implement, $massKg] = $wanted;
    $setting = ['implement' => $implement] + ($massKg === null ? [] : ['mass_kg' => $massKg])
        + ($implement === 'dumbbell' ? ['per_hand' => true] : []);

    return SwapDesk::of(Shipped::catalogue(), Shipped::model())->rank(
        Prescription::of($exercise, Setting::fromArray($setting), 3, 10, 2, Goal::Muscle),
        new Situation(new Client($body ?? Body::of(1.72, 74), $limits), judgedShelf($shelf), $home ?? Home::of()),
        limit: 40,
    );
}

it('puts first what a trainer would, and offers what else would do', function (
    array $wanted,
    array $shelf,
    array $limits,
    array $first,
    array $also,
    string $notFirst,
    ?Home $home = null,
    ?Body $body = null,
): void {
    $offered = array_map(
        static fn (Candidate $candidate): string => $candidate->rung->exercise->id,
        judgedSwaps($wanted, $shelf, $limits, $home, $body)->candidates,
    );
    expect($first)->toContain($offered[0] ?? 'nothing')
        ->and(count($also))->toBeGreaterThanOrEqual(2)
        ->and(Shipped::exerciseIds())->toContain($notFirst)
        ->and($offered[0] ?? '')->not->toBe($notFirst);
    foreach ($also as $exercise) {
        expect($offered)->toContain($exercise);
    }
})->with([
    // The poorest shelves.
    'a wall: pressing' => [
        ['floor-press', 'dumbbell', 8], ['wall'], [],
        ['narrow-push-up', 'push-up', 'wall-push-up'], ['wall-push-up', 'diamond-wall-lean'], 'pike-push-up',
    ],
    'a wall: legs' => [
        ['goblet-squat', 'kettlebell', 8], ['wall'], [],
        ['heels-raised-squat', 'narrow-squat', 'squat'], ['squat', 'wide-squat'], 'jump-squat',
    ],
    'a wall and a towel: rowing' => [
        ['bent-over-row', 'dumbbell', 5], ['wall', 'towel'], [],
        ['towel-door-row'], ['reverse-fly', 'prone-raise'], 'prone-pull-down',
    ],
    'a wall and a towel: hinging' => [
        ['romanian-deadlift', 'dumbbell', 10], ['wall', 'towel'], [],
        ['single-leg-romanian-deadlift'], ['single-leg-glute-bridge', 'towel-leg-curl'], 'good-morning',
    ],
    'two tins: side of the shoulder' => [
        ['lateral-raise', 'dumbbell', 1], ['tins'], [],
        ['lateral-raise'], ['side-and-front-raise', 'bent-elbow-lateral-raise'], 'upright-row',
    ],
    'two tins: back of the shoulder' => [
        ['reverse-fly', 'dumbbell', 1], ['tins'], [],
        ['reverse-fly'], ['row-and-fly', 'prone-raise'], 'bent-over-row',
    ],
    'one tube: pressing' => [
        ['floor-press', 'dumbbell', 7], ['tube'], [],
        ['floor-press', 'band-chest-press'], ['band-chest-press', 'one-arm-overhead-press'], 'front-raise',
    ],
    'one tube: overhead, one arm at a time' => [
        ['overhead-press', 'dumbbell', 4], ['tube'], [],
        ['overhead-press', 'one-arm-overhead-press'], ['one-arm-overhead-press', 'band-chest-press'], 'lateral-raise',
    ],
    'one tube: legs' => [
        ['goblet-squat', 'kettlebell', 8], ['tube'], [],
        ['heels-raised-squat', 'rack-squat'], ['rack-squat', 'narrow-squat'], 'jump-squat',
    ],
    // One for each limit.
    'seated only' => [
        ['bent-over-row', 'dumbbell', 6], ['6 kg dumbbells', 'chair', 'tube', 'towel'], [Limit::SeatedOnly],
        ['seated-bent-row'], ['seated-one-arm-row', 'seated-band-row'], 'bent-over-row',
    ],
    'no floor' => [
        ['glute-bridge', 'body-weight', null], ['chair', 'wall'], [Limit::NoFloor],
        ['seated-good-morning'], ['good-morning', 'hip-hinge-drill'], 'standing-heel-curl',
    ],
    'no kneeling' => [
        ['knee-push-up', 'body-weight', null], ['table', 'wall', 'mat'], [Limit::NoKneeling],
        ['push-up'], ['wide-push-up', 'narrow-push-up'], 'knee-push-up',
    ],
    'no jumping' => [
        ['jump-squat', 'body-weight', null], ['chair', 'wall'], [Limit::NoJumps],
        ['heels-raised-squat', 'squat'], ['squat', 'narrow-squat'], 'frog-jump',
    ],
    'nothing overhead' => [
        ['overhead-press', 'dumbbell', 6], ['6 kg dumbbells', 'table'], [Limit::NoOverhead],
        ['squeeze-press', 'floor-press'], ['floor-press', 'front-raise'], 'lateral-raise',
    ],
    'grip tires' => [
        ['bent-over-row', 'dumbbell', 8], ['8 kg dumbbells', 'table', 'mat'], [Limit::WeakGrip],
        ['bent-over-row', 'one-arm-row'], ['one-arm-row', 'prone-pull-down'], 'plank-row',
    ],
    'lax joints' => [
        ['chair-dip', 'body-weight', null], ['chair', 'table', 'tube'], [Limit::LaxJoints],
        ['narrow-push-up', 'push-up', 'diamond-push-up'], ['push-up', 'wide-push-up'], 'chair-back-dip',
    ],
    'support within reach' => [
        ['single-leg-romanian-deadlift', 'dumbbell', 6], ['6 kg dumbbells', 'chair', 'wall'], [Limit::BalanceSupport],
        ['single-leg-romanian-deadlift', 'staggered-romanian-deadlift'], ['single-leg-glute-bridge', 'suitcase-deadlift'], 'good-morning',
    ],
    'low bone density' => [
        ['crunch', 'body-weight', null], ['chair', 'mat', 'wall'], [Limit::LowBoneDensity],
        ['plank-shoulder-tap', 'dead-bug', 'plank-reach'], ['plank-reach', 'plank-step-out'], 'mountain-climber',
    ],
    'the first year after birth' => [
        ['crunch', 'body-weight', null], ['mat', 'chair'], [Limit::Postnatal],
        ['heel-tap', 'dead-bug'], ['dead-bug', 'seated-march'], 'bicycle-crunch',
    ],
    'pregnant' => [
        ['prone-pull-down', 'body-weight', null], ['tube', 'chair'], [Limit::Pregnant],
        ['loop-pull-down', 'seated-band-row', 'crossed-band-bent-row'], ['bent-over-row', 'seated-band-row'], 'prone-raise',
    ],
    'under 18' => [
        ['goblet-squat', 'kettlebell', 16], ['3 kg dumbbells', 'rucksack', 'school books'], [Limit::Youth],
        ['heels-raised-squat', 'goblet-squat'], ['goblet-squat', 'rucksack-front-squat'], 'jump-squat',
    ],
    'high blood pressure' => [
        ['pike-push-up', 'body-weight', null], ['6 kg dumbbells', 'chair', 'table'], [Limit::HighBloodPressure],
        ['overhead-press', 'seated-overhead-press', 'push-up'], ['overhead-press', 'half-kneeling-press'], 'one-leg-pike-push-up',
    ],
    'back pain' => [
        ['romanian-deadlift', 'dumbbell', 10], ['8 kg dumbbells', 'mat', 'chair'], [Limit::BackPain],
        ['romanian-deadlift', 'sumo-deadlift', 'single-leg-glute-bridge'], ['sumo-deadlift', 'single-leg-glute-bridge'], 'kettlebell-swing',
    ],
    'left leg rests' => [
        ['squat', 'body-weight', null], ['chair', 'wall', 'tube'], [Limit::LeftLegOut],
        ['single-leg-glute-bridge', 'seated-knee-extension'], ['seated-knee-extension', 'single-leg-glute-bridge'], 'split-squat',
    ],
    'right leg rests' => [
        ['glute-bridge', 'body-weight', null], ['chair', 'wall', 'mat'], [Limit::RightLegOut],
        ['kneeling-kick-back', 'seated-good-morning'], ['seated-good-morning', 'standing-heel-curl'], 'glute-bridge',
    ],
    'left arm rests' => [
        ['overhead-press', 'dumbbell', 6], ['6 kg dumbbells', 'chair'], [Limit::LeftArmOut],
        ['seated-one-arm-press', 'one-arm-overhead-press'], ['one-arm-overhead-press', 'one-arm-floor-press'], 'overhead-press',
    ],
    'right arm rests' => [
        ['bent-over-row', 'dumbbell', 6], ['6 kg dumbbells', 'tube', 'chair'], [Limit::RightArmOut],
        ['one-arm-row', 'seated-one-arm-row'], ['seated-one-arm-row', 'one-arm-row'], 'bent-over-row',
    ],
    'latex' => [
        ['bent-over-row', 'dumbbell', 6], ['tube', '6 kg dumbbells', 'table'], [Limit::LatexAllergy],
        ['bent-over-row'], ['one-arm-row', 'wide-row'], 'band-seated-row',
    ],
    // One for each person of the demonstration.
    'lock-keeper under 1.88 m' => [
        ['overhead-press', 'dumbbell', 10], ['8 kg dumbbells', 'ballast jugs', 'tube', 'sofa', 'wall'], [],
        ['half-kneeling-press'], ['pike-push-up', 'floor-press'], 'overhead-press',
        Home::of(ceilingM: 1.88, floor: 'rocking'), Body::of(1.78, 84),
    ],
    'night baker above sleepers' => [
        ['goblet-squat', 'kettlebell', 16], ['6 kg dumbbells', 'flour sacks', 'rucksack', 'table', 'chair', 'wall'], [Limit::NoJumps],
        ['heels-raised-squat', 'rack-squat', 'goblet-squat'], ['goblet-squat', 'bear-hug-squat'], 'jump-squat',
        Home::of(ceilingM: 2.45, quiet: true), Body::of(1.64, 68),
    ],
    'retired ferry pilot by the chair' => [
        ['squat', 'body-weight', null], ['2 kg dumbbells', 'light tube', 'chair', 'table', 'wall'],
        [Limit::LowBoneDensity, Limit::NoFloor, Limit::BalanceSupport],
        ['squat', 'narrow-squat'], ['box-squat', 'sit-to-stand'], 'jump-squat',
        Home::of(ceilingM: 2.32, floor: 'carpet'), Body::of(1.70, 66),
    ],
    'luthier with tired thumbs' => [
        ['bent-over-row', 'dumbbell', 9], ['toolbox', 'maple billets', 'rucksack', 'stool', 'wall'], [Limit::WeakGrip],
        ['bent-over-row', 'one-arm-row'], ['one-arm-row', 'seated-bent-row'], 'reverse-fly',
        null, Body::of(1.74, 71),
    ],
    'ceramicist among clay' => [
        ['romanian-deadlift', 'dumbbell', 12], ['clay bags', 'glaze buckets', 'rucksack', 'table', 'chair', 'towel', 'wall'], [],
        ['romanian-deadlift'], ['sumo-deadlift', 'suitcase-deadlift'], 'kettlebell-swing',
        null, Body::of(1.69, 66),
    ],
    'coxswain of fifteen' => [
        ['floor-press', 'dumbbell', 6], ['3 kg dumbbells', 'mini loop', 'rucksack', 'school books', 'sofa', 'mat', 'wall'], [Limit::Youth],
        ['half-kneeling-press', 'overhead-press', 'wall-push-up'], ['overhead-press', 'wall-push-up'], 'pike-push-up',
        null, Body::of(1.58, 48),
    ],
    'botanist after a birth' => [
        ['kettlebell-swing', 'kettlebell', 12], ['8 kg kettlebell', 'tube', 'watering cans', 'chair', 'table', 'mat', 'wall'],
        [Limit::Postnatal],
        ['sumo-deadlift', 'single-leg-romanian-deadlift'], ['romanian-deadlift', 'staggered-romanian-deadlift'], 'improvised-swing',
        Home::of(quiet: true), Body::of(1.71, 69),
    ],
    'bell-founder with bands and a stair' => [
        ['split-squat', 'dumbbell', 16], ['black tube', 'heavy loop', 'stair', 'wall'], [],
        ['rack-split-squat'], ['step-up-with-knee', 'single-leg-squat'], 'wall-sit',
        null, Body::of(1.86, 98),
    ],
]);

it('gives a seated person three ways with two kits for every pattern that can be trained sitting', function (string $exercise): void {
    $catalogue = Shipped::catalogue();
    $wanted = $catalogue->exercise($exercise);
    $setting = match (true) {
        $wanted->loadPointFor('dumbbell') !== null => Setting::of(
            'dumbbell',
            2,
            perHand: $wanted->loadPointFor('dumbbell')->isPerHand(),
        ),
        $wanted->usesBodyWeight => Setting::bodyWeight(),
        default => Setting::fromArray(['implement' => 'tube', 'band' => [
            'rest_length_cm' => 130, 'a_n' => 24, 'b_n' => 20, 'layout' => $wanted->bandLayouts[0]->value,
        ]]),
    };
    $result = SwapDesk::of($catalogue, Shipped::model())->rank(
        Prescription::of($exercise, $setting, 3, 10, 2, Goal::Health),
        new Situation(
            new Client(Body::of(1.70, 70), [Limit::SeatedOnly]),
            judgedShelf([
                '2 kg dumbbells', '6 kg dumbbells', 'tube', 'light tube', 'mini loop', 'chair', 'table', 'towel', 'wall', 'toolbox',
            ]),
            Home::of(anchors: [
                ['id' => 'door', 'heightM' => 1.95, 'kind' => 'door'],
                ['id' => 'post', 'heightM' => 0.2, 'kind' => 'post'],
            ]),
        ),
        limit: 60,
    );
    $kits = array_map(static fn (Candidate $candidate): string => match (true) {
        $candidate->rung->setting->band !== null => 'band',
        $candidate->rung->setting->massKg > 0 => $candidate->rung->setting->implement,
        $candidate->rung->exercise->needs !== [] => implode('+', $candidate->rung->exercise->needs),
        default => 'body',
    }, $result->candidates);
    expect(count($kits))->toBeGreaterThanOrEqual(3, $exercise.': '.implode(', ', $kits))
        ->and(count(array_unique($kits)))->toBeGreaterThanOrEqual(2);
})->with(static function (): array {
    $seated = [];
    foreach (Shipped::catalogue()->exercises as $exercise) {
        $isSeated = ($exercise->limits[Limit::SeatedOnly->value]['effect'] ?? '') !== 'exclude';
        if ($isSeated && Shipped::catalogue()->pattern($exercise->pattern)->isMeasured()) {
            // What can be loaded is asked for before what cannot.
            if (! isset($seated[$exercise->pattern]) || $exercise->loadPointFor('dumbbell') !== null) {
                $seated[$exercise->pattern] = [$exercise->id];
            }
        }
    }

    return $seated;
});
