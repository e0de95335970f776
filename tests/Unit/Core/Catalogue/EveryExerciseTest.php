<?php

declare(strict_types=1);

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Catalogue\LimitRules;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Mechanics\BandSetup;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Effort;
use NimbleShelf\Core\Mechanics\Motion;
use NimbleShelf\Core\Mechanics\PinAudit;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Mechanics\View;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Tests\Support\Shipped;

/*
 * What must hold for every exercise that ships, whatever it is.
 */

dataset(
    'every exercise',
    fn (): array => array_combine(Shipped::exerciseIds(), array_map(static fn (string $id): array => [$id], Shipped::exerciseIds())),
);
dataset('bodies', fn (): array => Shipped::bodies());

/** @return list<Setting> Settings that load an exercise in each of its ways, lighter first. */
function waysToLoad(Exercise $exercise): array
{
    $settings = $exercise->usesBodyWeight ? [Setting::bodyWeight()] : [];
    foreach ($exercise->loads as $load) {
        foreach ($load['implements'] as $implement) {
            foreach ([2.0, 6.0, 14.0] as $massKg) {
                $settings[] = Setting::of($implement, $massKg, perHand: $load['point']->isPerHand());
            }
        }
    }

    return $settings;
}

it('fits its schema', function (string $kind): void {
    $validator = new Validator;
    $schema = (object) json_decode(
        (string) file_get_contents(Shipped::path("schema/{$kind}.schema.json")),
        false,
        flags: JSON_THROW_ON_ERROR,
    );
    $wrong = [];
    foreach (Shipped::files("{$kind}s") as $file) {
        foreach (Catalogue::resolved($file, "{$kind}s") as $id => $entry) {
            $result = $validator->validate(json_decode((string) json_encode($entry), false), $schema);
            if (! $result->isValid() && $result->error() !== null) {
                $wrong[$id] = (new ErrorFormatter)->format($result->error());
            }
        }
    }
    expect($wrong)->toBe([]);
})->with(['exercise', 'figure']);

it('keeps what is planted where it is, and the whole body connected and above the floor', function (string $id, Body $body): void {
    $exercise = Shipped::catalogue()->exercise($id);
    $figure = Shipped::catalogue()->figureOf($exercise);
    $rig = Shipped::model()->rig($exercise, $body, Setting::bodyWeight());
    $planted = $figure->plant['joint'];
    $joint = in_array($planted, ['hip', 'shoulder', 'head'], true) ? $planted : $figure->plant['side'].'_'.$planted;
    $start = $rig->poseAt(0.0);
    foreach (PinAudit::misses($rig->figure, $body, $exercise->placementOf(Setting::bodyWeight())) as $limb => $missM) {
        expect($missM)->toBeLessThan(0.025 * $body->heightM, "{$id}: {$limb} leaves its place");
    }
    foreach (range(0, Motion::INTERVALS) as $step) {
        $u = $step / Motion::INTERVALS;
        $pose = $rig->poseAt($u);
        if (! isset($figure->places['root_y'])) {
            expect($pose->y($joint))->toEqualWithDelta($start->y($joint), 1e-6);
            if ($figure->view->value === 'side') {
                expect($pose->x($joint))->toEqualWithDelta($start->x($joint), 1e-6);
            }
        }
        foreach (['near', 'far'] as $side) {
            // In the plane of the picture a segment may look shorter than it is, never longer.
            foreach ([
                ['shoulder', 'elbow', 'upper_arm'],
                ['elbow', 'wrist', 'forearm'],
                ['hip', 'knee', 'thigh'],
                ['knee', 'ankle', 'shank'],
            ] as [$from, $to, $segment]) {
                expect($pose->distance("{$side}_{$from}", "{$side}_{$to}"))->toBeLessThanOrEqual(
                    $body->lengths[$segment] + 1e-4,
                    "{$id}: {$segment}, {$side}, at {$u}",
                );
            }
        }
        foreach ($pose->joints as $name => [, $y]) {
            expect($y)->toBeGreaterThan(-0.03 * $body->heightM, "{$id}: {$name} is below the floor at {$u}");
        }
    }
})->with('every exercise')->with('bodies');

/** How far an end sample lies from what its three neighbours foretell, by a parabola, a line or the nearest of them. */
function surpriseAt(float $end, float $first, float $second, float $third): float
{
    return min(abs($end - (3 * $first - 3 * $second + $third)), abs($end - (2 * $first - $second)), abs($end - $first));
}

it('has curves whose ends are what their neighbours foretell', function (string $id, Body $body): void {
    $exercise = Shipped::catalogue()->reckoned(Shipped::catalogue()->exercise($id));
    if ($exercise->effort === Effort::None) {
        expect($exercise->effort->unit())->toBe('');

        return;
    }
    $motion = Shipped::model()->motion($exercise, $body, $exercise->placementOf(Setting::bodyWeight()));
    $curves = $exercise->usesBodyWeight ? ['body' => $motion->bodyResistance()] : [];
    foreach ($exercise->loads as $load) {
        $curves[$load['point']->value] = $motion->resistancePerKg($load['point']);
    }
    expect($curves !== [] || $exercise->bandLayouts !== [])->toBeTrue();
    foreach ($curves as $of => $curve) {
        $most = max(array_map(abs(...), $curve));
        foreach ([$curve, array_reverse($curve)] as $fromEnd) {
            // A coordinate that stops before its movement does would make the last sample a spike.
            expect(surpriseAt($fromEnd[0], $fromEnd[1], $fromEnd[2], $fromEnd[3]))->toBeLessThanOrEqual(0.12 * $most, "{$id}: {$of}");
        }
    }
})->with('every exercise')->with('bodies');

it('stands on feet that do not slide, seen from the front', function (string $id, Body $body): void {
    $exercise = Shipped::catalogue()->exercise($id);
    $figure = Shipped::catalogue()->figureOf($exercise);
    $planted = $figure->view === View::Front && in_array($figure->plant['joint'], ['hip', 'ankle'], true) ? match ($figure->plant['side']) {
        'far' => ['far'],
        // A foot that steps somewhere is not planted.
        default => isset($figure->places['far_foot_x']) ? ['near'] : ['near', 'far'],
    } : [];
    $rig = Shipped::model()->rig($exercise, $body, Setting::bodyWeight());
    $start = $rig->poseAt(0.0);
    foreach ($planted as $side) {
        foreach ([0.15, 0.5, 0.85, 1.0] as $u) {
            expect($rig->poseAt($u)->x("{$side}_ankle"))->toEqualWithDelta($start->x("{$side}_ankle"), 1e-4, "{$id}, {$side}, at {$u}");
        }
    }
    expect($start->x('near_ankle'))->toBeFloat();
})->with('every exercise')->with('bodies');

it('gives a finite resistance that no load makes less', function (string $id, Body $body): void {
    $exercise = Shipped::catalogue()->exercise($id);
    $least = [];
    foreach (waysToLoad($exercise) as $setting) {
        $curve = Shipped::model()->curve($exercise, $body, $setting);
        foreach ($curve->resistance as $resistance) {
            expect(is_finite($resistance))->toBeTrue();
        }
        expect($curve->mean())->toBeGreaterThan(-0.02 * $body->weightN(), "{$id} with {$setting->massKg} kg");
        $before = $least[$setting->implement] ?? -INF;
        expect($curve->mean())->toBeGreaterThanOrEqual($before - 1e-6, "{$id}: more is less with {$setting->implement}");
        $least[$setting->implement] = $curve->mean();
    }
    expect(true)->toBeTrue();
})->with('every exercise')->with('bodies');

it('moves along its effort from one end to the other', function (string $id, Body $body): void {
    $exercise = Shipped::catalogue()->exercise($id);
    $exercise = Shipped::catalogue()->reckoned($exercise);
    if ($exercise->effort === Effort::None) {
        expect(Shipped::catalogue()->pattern($exercise->pattern)->isMeasured())->toBeFalse();

        return;
    }
    $effort = Shipped::model()->motion($exercise, $body, $exercise->placementOf(Setting::bodyWeight()))->effort;
    for ($i = 1, $count = count($effort); $i < $count; $i++) {
        expect($effort[$i])->toBeGreaterThanOrEqual($effort[$i - 1] - 1e-6);
    }
    expect($effort[$count - 1])->toBeGreaterThan(0.008);
})->with('every exercise')->with('bodies');

it('has neighbours that exist, muscles that add up and limits with words', function (string $id): void {
    $exercise = Shipped::catalogue()->exercise($id);
    foreach ($exercise->ladder as $step => $neighbours) {
        foreach ($neighbours as $neighbour) {
            expect(Shipped::exerciseIds())->toContain($neighbour);
        }
    }
    expect(array_sum($exercise->muscles()))->toEqualWithDelta(1.0, 0.011);
    foreach ($exercise->limits as $limit => $rule) {
        expect(strlen($rule['why']))->toBeGreaterThan(8, "{$id}: {$limit}")
            ->and($rule['why'])->not->toEndWith('.');
    }
})->with('every exercise');

it('refuses an implement that cannot load it, naming the field', function (string $id): void {
    $exercise = Shipped::catalogue()->exercise($id);
    try {
        Shipped::model()->curve($exercise, Body::of(1.7, 70), Setting::of('pole', 4.0));
        $this->fail('A pole loaded it.');
    } catch (InvalidQuantity $refused) {
        expect($refused->field())->toBe('setting.implement')->and($refused->getMessage())->toContain($exercise->name);
    }
})->with('every exercise');

it('ships at least a hundred and fifty exercises, the ones that others count on among them', function (): void {
    expect(count(Shipped::exerciseIds()))->toBeGreaterThanOrEqual(150)
        ->and(Shipped::exerciseIds())->toContain(
            'push-up', 'knee-push-up', 'wall-push-up', 'floor-press', 'overhead-press', 'pike-push-up', 'bent-over-row', 'inverted-row',
            'band-seated-row', 'lateral-raise', 'front-raise', 'biceps-curl', 'triceps-kickback', 'overhead-triceps-extension', 'squat',
            'goblet-squat', 'rucksack-squat', 'rucksack-front-squat', 'split-squat', 'rear-foot-elevated-split-squat', 'romanian-deadlift',
            'glute-bridge', 'single-leg-glute-bridge', 'kettlebell-swing', 'towel-leg-curl', 'calf-raise', 'forearm-plank', 'wall-sit',
            'band-pull-apart', 'chair-dip', 'step-up',
        );
});

/** An exercise as it compares with its neighbours: without load where it can be, else with 8 kg. */
function comparedWith(Exercise $exercise, Exercise $neighbour): ?Setting
{
    if ($exercise->usesBodyWeight && $neighbour->usesBodyWeight) {
        return Setting::bodyWeight();
    }
    foreach (['dumbbell', 'kettlebell', 'object', 'rucksack'] as $implement) {
        if ($exercise->loadPointFor($implement) !== null && $neighbour->loadPointFor($implement) !== null) {
            return Setting::of($implement, 8);
        }
    }

    return null;
}

it('orders easier and harder neighbours by resistance where they are felt alike', function (string $id, Body $body): void {
    $catalogue = Shipped::catalogue();
    $exercise = $catalogue->exercise($id);
    if (! $catalogue->pattern($exercise->pattern)->isMeasured()) {
        expect(true)->toBeTrue();

        return;
    }
    foreach (['easier' => -1, 'harder' => 1] as $step => $way) {
        foreach ($exercise->ladder[$step] as $name) {
            $neighbour = $catalogue->exercise($name);
            $setting = comparedWith($exercise, $neighbour);
            if ($neighbour->pattern !== $exercise->pattern || $setting === null) {
                continue;
            }
            $whole = static fn (Exercise $one): float => Shipped::model()->wholeKg(
                $one,
                $body,
                Shipped::model()->curve($one, $body, $setting),
                School::Mean,
                $exercise->pattern,
            );
            // Five in a hundred is less than anyone feels between two ways of doing the same.
            expect($way * ($whole($neighbour) - $whole($exercise)))->toBeGreaterThan(
                -0.05 * abs($whole($exercise)),
                "{$id}: {$step} is {$name}",
            );
        }
    }
    expect($exercise->ladder)->toHaveKeys(['easier', 'harder', 'seated', 'quiet', 'without_kit', 'small_space']);
})->with('every exercise')->with('bodies');

it('compares every exercise with the reference lift of its pattern, and gives a spread', function (string $id): void {
    $exercise = Shipped::catalogue()->exercise($id);
    $setting = $exercise->usesBodyWeight ? Setting::bodyWeight() : waysToLoad($exercise)[0] ?? null;
    if ($setting === null) {
        expect($exercise->bandLayouts)->not->toBe([]);

        return;
    }
    $equivalent = Shipped::model()->equivalent($exercise, Body::of(1.72, 74), $setting, School::Mean);
    expect(is_finite($equivalent->kg))->toBeTrue()
        ->and(is_finite($equivalent->sdKg))->toBeTrue()
        ->and($equivalent->lowKg())->toBeLessThanOrEqual($equivalent->highKg())
        ->and($equivalent->isMeasured)->toBe(Shipped::catalogue()->pattern($exercise->pattern)->isMeasured());
})->with('every exercise');

it('takes a band in each of its layouts, with a resistance that is finite and never a silent nothing', function (string $id): void {
    $exercise = Shipped::catalogue()->exercise($id);
    foreach ($exercise->bandLayouts as $layout) {
        foreach ([false, true] as $folded) {
            $setup = new BandSetup(
                Band::of($exercise->bandAttachment->isBetweenLimbs ? 0.7 : 1.6, 18, 16),
                $layout,
                stanceM: $layout->usesStance() ? 0.4 : null,
                folded: $folded,
                anchorHeightM: $exercise->bandAttachment->heightShare * 1.72,
                anchorDistanceM: $exercise->bandAttachment->distanceM,
            );
            $curve = Shipped::model()->curve($exercise, Body::of(1.72, 74), Setting::of('tube', band: $setup));
            expect(array_filter($curve->resistance, static fn (float $resistance): bool => ! is_finite($resistance)))->toBe([])
                ->and($curve->longestStretch)->toBeGreaterThan(0.0)
                ->and($curve->slackFraction)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(1.0);
        }
    }
    expect(true)->toBeTrue();
})->with('every exercise');

it('names its limits only where they exist, and its traits only where there is a rule for them', function (string $id): void {
    $exercise = Shipped::catalogue()->exercise($id);
    foreach (array_keys($exercise->limits) as $limit) {
        expect(Limit::tryFrom($limit))->not->toBeNull();
    }
    $known = LimitRules::fromArray(Shipped::json('limits.json'))->traits();
    foreach ($exercise->traits as $trait) {
        expect($known)->toContain($trait);
    }
    if ($exercise->has('jump')) {
        expect($exercise->limits['no-jumps']['effect'])->toBe('exclude');
    }
    if ($exercise->has('overhead') || $exercise->pattern === 'vertical-press') {
        expect($exercise->limits['no-overhead']['effect'])->toBe('exclude');
    }
    if (in_array($exercise->position, ['lying', 'prone', 'side-lying', 'kneeling', 'floor-seated'], true)) {
        expect($exercise->limits['no-floor']['effect'])->toBe('exclude')
            ->and($exercise->limits['seated-only']['effect'])->toBe('exclude');
    }
})->with('every exercise');

it('has no two exercises of one name or alias', function (): void {
    $names = [];
    foreach (Shipped::catalogue()->exercises as $exercise) {
        foreach (array_unique(array_map(mb_strtolower(...), [$exercise->name, ...$exercise->aliases])) as $name) {
            $names[$name][] = $exercise->id;
        }
    }
    expect(array_filter($names, static fn (array $ids): bool => count($ids) > 1))->toBe([]);
});

it('offers both sides of every cue school and forces one only on a limit there is', function (string $id): void {
    $school = Shipped::catalogue()->schools[$id];
    expect(count($school->sides))->toBeGreaterThanOrEqual(2)
        ->and($school->sides)->toHaveKey($school->usual)
        ->and($school->cueFor())->toBe($school->sides[$school->usual])
        ->and($school->cueFor(house: 'nothing known'))->toBe($school->sides[$school->usual]);
    foreach ($school->forced as $limit => $side) {
        expect(Limit::tryFrom($limit))->not->toBeNull()
            ->and($school->cueFor(house: $school->usual, limits: [$limit]))->toBe($school->sides[$side]);
    }
})->with(array_keys(Shipped::json('schools.json')));
