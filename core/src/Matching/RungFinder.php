<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Internal\Combinations;
use NimbleShelf\Core\Matching\Internal\Places;
use NimbleShelf\Core\Mechanics\BandLayout;
use NimbleShelf\Core\Mechanics\BandSetup;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Mechanics\LoadPoint;
use NimbleShelf\Core\Mechanics\Setting;

/**
 * Lists the settings of an exercise that the things on a shelf allow, and why other things do not serve.
 *
 * A band stands in the list once for every way it can be rigged, held at its ends; how far it is gripped, folded or
 * stepped away from is for BandSolver to find.
 */
final class RungFinder
{
    /** @var \WeakMap<Thing, array{shelf: list<Thing>, packing: Packing}>|null */
    private ?\WeakMap $packings = null;

    /** @var \WeakMap<Situation, array<string, array{rungs: list<Rung>, problems: list<string>}>>|null What was found already. */
    private ?\WeakMap $found = null;

    /** Stances tried for a band below both feet, metres. */
    public const STANCES_M = [0.20, 0.50, 0.70];

    /** A carrier lighter than this loads nothing worth its name, one heavier than this is not handled; our estimates, kilograms. */
    private const LEAST_PACKED_KG = 0.5;

    private const MOST_PACKED_KG = 60.0;

    /** Packing or pouring, and putting it on, seconds; our estimate. */
    private const PACKING_SECONDS = 40;

    /** A bottle or tin up to this is held by its body in one hand, below the head; our estimate of a sure grip. */
    private const ONE_HAND_KG = 2.5;

    /** What changing the arm costs beside setting it up, seconds; our estimate. */
    private const ONE_ARM_SECONDS = 5;

    /** Clear way that walking with a load needs, metres; three steps and a turn, our estimate. */
    private const LANE_M = 3.0;

    /** What an exercise may need beside its loads, and the kind of thing that is it. */
    private const NEEDED_THINGS = ['towel' => 'a towel', 'pole' => 'a pole', 'half-ball' => 'a half-ball', 'wall' => 'a clear wall'];

    /**
     * @return array{rungs: list<Rung>, problems: list<string>} Problems say why a thing on the shelf is left out.
     */
    public function rungs(Exercise $exercise, Situation $situation): array
    {
        /** @var \WeakMap<Situation, array<string, array{rungs: list<Rung>, problems: list<string>}>> $none */
        $none = new \WeakMap;
        $this->found ??= $none;
        $place = $situation->place();
        $found = $this->found[$place] ?? [];
        // A trainer's own variant may go by the same id in another catalogue: the figure tells them apart.
        $key = "{$exercise->id}|{$exercise->geometryKey}";
        $found[$key] ??= $this->found($exercise, $situation);
        $this->found[$place] = $found;

        return $found[$key];
    }

    /** @return array{rungs: list<Rung>, problems: list<string>} */
    private function found(Exercise $exercise, Situation $situation): array
    {
        $problems = $this->missingThings($exercise, $situation);
        if ($problems !== []) {
            return ['rungs' => [], 'problems' => $problems];
        }
        ['places' => $places, 'problems' => $problems] = Places::of($exercise, $situation);
        $rungs = [];
        if ($exercise->usesBodyWeight) {
            foreach ($places as $place) {
                $rungs[] = $place->with(
                    new Rung(
                        $exercise,
                        Setting::bodyWeight(),
                        [],
                        Certainty::Weighed,
                        RungWords::bodyWeight($exercise),
                        $exercise->setUpSeconds,
                    ),
                )->movableTo($places);
            }
        }
        // A load goes with the floor where the floor will do for this client too, else with the first support that serves.
        $place = $places[0] ?? null;
        if ($place === null) {
            return ['rungs' => $rungs, 'problems' => $problems];
        }
        $bare = [];
        foreach ($situation->shelf as $thing) {
            if ($thing->outOfService !== null) {
                if ($this->couldServe($exercise, $thing)) {
                    $problems[] = "The {$thing->name} is out of service: {$thing->outOfService}.";
                }

                continue;
            }
            $found = $thing->band !== null
                ? $this->withBand($exercise, $situation, $thing)
                : $this->withLoad($exercise, $situation, $thing);
            array_push($bare, ...$found['rungs']);
            array_push($problems, ...$found['problems']);
        }
        array_push($bare, ...Combinations::of($exercise, $bare));
        foreach ($bare as $rung) {
            $rungs[] = $place->with($rung)->movableTo($places);
        }

        return ['rungs' => $rungs, 'problems' => array_values(array_unique($problems))];
    }

    /**
     * @return list<string>
     */
    private function missingThings(Exercise $exercise, Situation $situation): array
    {
        $missing = [];
        foreach ($exercise->needs as $need) {
            if ($need === 'smooth-floor' && $situation->home->floor !== 'smooth') {
                $missing[] = sprintf(
                    'It needs a smooth floor to slide on; this one is %s.',
                    $situation->home->floor === 'carpet' ? 'carpet' : 'not still',
                );
            }
            if ($need === 'free-length' && $situation->home->lengthM !== null && $situation->home->lengthM < self::LANE_M) {
                $missing[] = sprintf('It needs a clear lane of %.0f m; the room has %.1f m.', self::LANE_M, $situation->home->lengthM);
            }
            if (! isset(self::NEEDED_THINGS[$need])) {
                continue;
            }
            $there = array_filter(
                $situation->shelf,
                static fn (Thing $thing): bool => $thing->kind === $need && $thing->outOfService === null,
            );
            $sound = array_filter($there, static fn (Thing $thing): bool => $thing->supportProblem() === null);
            if ($there === []) {
                $missing[] = sprintf('It needs %s, and the shelf has none.', self::NEEDED_THINGS[$need]);
            } elseif ($sound === []) {
                $missing[] = ucfirst((string) reset($there)->supportProblem()).'.';
            }
        }

        return $missing;
    }

    /** True where a thing is of a kind that loads an exercise, whatever else may keep it out. */
    public function couldServe(Exercise $exercise, Thing $thing): bool
    {
        return $thing->isBand() ? $exercise->bandLayouts !== [] : $exercise->loadPointFor($this->implementOf($thing)) !== null;
    }

    private function implementOf(Thing $thing): string
    {
        return $thing->kind === 'adjustable-dumbbell' ? 'dumbbell' : $thing->kind;
    }

    /**
     * @return array{rungs: list<Rung>, problems: list<string>}
     */
    private function withLoad(Exercise $exercise, Situation $situation, Thing $thing): array
    {
        $implement = $this->implementOf($thing);
        $point = $exercise->loadPointFor($implement);
        if ($point === null) {
            return ['rungs' => [], 'problems' => []];
        }
        $problem = $this->handlingProblem($exercise, $thing, $point, $situation->client);
        if ($problem !== null) {
            return ['rungs' => [], 'problems' => [$problem]];
        }
        // A bag on the chest hangs by its straps; anything else in front of it is held by two hands.
        $oneHanded = $situation->client->resting()->restsAnArm();
        if ($oneHanded && $point === LoadPoint::Goblet) {
            return ['rungs' => [], 'problems' => ["The {$thing->name} is held by both hands there, and one arm rests."]];
        }
        if ($thing->kind === 'rucksack' || $thing->kind === 'pourable') {
            return ['rungs' => $this->packed($exercise, $situation, $thing, $point, $oneHanded), 'problems' => []];
        }

        $rungs = [];
        foreach ($thing->kind === 'adjustable-dumbbell' ? $thing->reachableLoadsKg() : [$thing->massKg] as $massKg) {
            if ($point->isPerHand() && $exercise->worksOneArm()) {
                $ways = [[Setting::of($implement, $massKg, perHand: true), RungWords::inTheWorkingHand($thing, $massKg), 0]];
            } elseif (! $point->isPerHand()) {
                // What is swung hangs from both hands on the same line as a goblet rests.
                $words = $point === LoadPoint::Goblet && $exercise->pattern === 'power'
                    ? RungWords::inBothHands($thing, $massKg)
                    : RungWords::held($point, $thing, $massKg);
                $ways = [[Setting::of($implement, $massKg), $words, 0]];
            } else {
                $inEach = [Setting::of($implement, $massKg, perHand: true), RungWords::inEachHand($thing, $massKg), 0];
                $one = $exercise->effort->isOfArms()
                    ? [
                        Setting::of($implement, $massKg, perHand: true, limbs: 1),
                        RungWords::inOneHand($thing, $massKg),
                        self::ONE_ARM_SECONDS,
                    ]
                    : [
                        Setting::of($implement, $massKg),
                        $oneHanded ? RungWords::inTheWorkingHand($thing, $massKg) : RungWords::inBothHands($thing, $massKg),
                        0,
                    ];
                $ways = $thing->count >= 2 && ! $oneHanded ? [$inEach, $one] : [$one];
            }
            foreach ($ways as [$setting, $words, $seconds]) {
                $rungs[] = new Rung($exercise, $setting, [$thing], $thing->certainty, $words, $exercise->setUpSeconds + $seconds);
            }
        }

        return ['rungs' => $rungs, 'problems' => []];
    }

    private function handlingProblem(Exercise $exercise, Thing $thing, LoadPoint $point, Client $client): ?string
    {
        $aboveTheBody = $exercise->has('overhead') || $exercise->pattern === 'horizontal-press';

        return match (true) {
            ! in_array($thing->kind, ['object', 'pourable'], true) => null,
            $exercise->pattern === 'power'
                && ($thing->glass || ! $thing->sealed) => "The {$thing->name} could break or spill: it is not swung.",
            $exercise->pattern === 'power'
                && ! in_array($thing->grip, ['handle', 'horn'], true) => "The {$thing->name} has no secure handle: it is not swung.",
            $thing->grip === 'none' => "The {$thing->name} has no secure hold.",
            $point->isPerHand() && $thing->grip === 'body' && $thing->massKg <= self::ONE_HAND_KG && ! $aboveTheBody => null,
            $point->isPerHand()
                && ! in_array($thing->grip, ['handle', 'horn'], true) => "The {$thing->name} has no handle to hold it by one hand.",
            $aboveTheBody && $thing->glass => "The {$thing->name} is glass and stays below the chest.",
            $aboveTheBody && ! $thing->sealed => "The {$thing->name} is not sealed and stays below the chest.",
            default => null,
        };
    }

    /**
     * A carrier stands in the list with every load it can be packed to.
     *
     * @return list<Rung>
     */
    private function packed(Exercise $exercise, Situation $situation, Thing $carrier, LoadPoint $point, bool $oneHanded): array
    {
        $packing = $carrier->kind === 'rucksack' ? $this->packingOf($carrier, $situation->shelf) : Packing::ofVessel($carrier);
        $rungs = [];
        if ($packing === null) {
            return $rungs;
        }
        foreach ($packing->recipes as $recipe) {
            $massKg = round($recipe->totalKg, 2);
            if ($massKg < self::LEAST_PACKED_KG || $massKg > self::MOST_PACKED_KG) {
                continue;
            }
            $oneHand = $point->isPerHand() && $exercise->effort->isOfArms();
            $rungs[] = new Rung(
                $exercise,
                $oneHand ? Setting::of($carrier->kind, $massKg, perHand: true, limbs: 1) : Setting::of($carrier->kind, $massKg),
                $packing->thingsFor($recipe),
                Certainty::Filled,
                $carrier->kind === 'rucksack'
                    ? RungWords::packed($exercise, $packing, $recipe)
                    : RungWords::filled($packing, $recipe, ! $oneHand && ! $oneHanded),
                max(self::PACKING_SECONDS, $exercise->setUpSeconds) + ($oneHand ? self::ONE_ARM_SECONDS : 0),
                packing: $packing,
            );
        }

        return $rungs;
    }

    /**
     * What a bag can be packed to is the same for every exercise.
     *
     * @param  list<Thing>  $shelf
     */
    private function packingOf(Thing $carrier, array $shelf): Packing
    {
        $this->packings ??= new \WeakMap;
        $known = $this->packings[$carrier] ?? null;
        if ($known === null || $known['shelf'] !== $shelf) {
            $known = $this->packings[$carrier] = ['shelf' => $shelf, 'packing' => Packing::of($carrier, $shelf)];
        }

        return $known['packing'];
    }

    /**
     * @return array{rungs: list<Rung>, problems: list<string>}
     */
    private function withBand(Exercise $exercise, Situation $situation, Thing $thing): array
    {
        if ($exercise->bandLayouts === []
            || $thing->band === null
            || ($thing->kind === 'mini-loop'
                && ! $exercise->bandAttachment->isBetweenLimbs
                && array_filter($exercise->bandLayouts, static fn (BandLayout $layout): bool => $layout->takesMiniLoop()) === [])) {
            return ['rungs' => [], 'problems' => []];
        }
        if ($situation->client->has(Limit::LatexAllergy)) {
            return ['rungs' => [], 'problems' => ["The {$thing->name} is rubber, and the client does not tolerate latex."]];
        }
        $rungs = $problems = [];
        foreach ($exercise->bandLayouts as $layout) {
            if ($thing->kind === 'mini-loop' && ! $layout->takesMiniLoop() && ! $exercise->bandAttachment->isBetweenLimbs) {
                continue;
            }
            $anchors = $layout->needsAnchor() && ! $exercise->bandAttachment->isBetweenLimbs
                ? $situation->home->anchors
                : [['heightM' => 0.0]];
            if ($anchors === []) {
                $problems[] = 'It needs something firm to anchor a band to; the home has no anchor noted.';
            }
            foreach ($anchors as $anchor) {
                foreach ($layout->usesStance() ? self::STANCES_M : [null] as $stanceM) {
                    $setup = new BandSetup(
                        band: $thing->band,
                        layout: $layout,
                        stanceM: $stanceM,
                        loop: Setting::isLoop($thing->kind),
                        anchorHeightM: $anchor['heightM'],
                        anchorDistanceM: $exercise->bandAttachment->distanceM,
                        limitRatio: $thing->limitRatio,
                        handleM: $thing->handleM,
                    );
                    $oneArm = $layout->servesOneArm() && $exercise->effort->isOfArms();
                    $rungs[] = new Rung(
                        $exercise,
                        Setting::of($thing->kind, band: $setup, limbs: $oneArm ? 1 : null),
                        [$thing],
                        $thing->certainty,
                        RungWords::band($thing, $setup, $oneArm, $exercise->bandAttachment),
                        $exercise->setUpSeconds + 10,
                    );
                }
            }
        }

        return ['rungs' => $rungs, 'problems' => $problems];
    }
}
