<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Matching\Internal\Combinations;
use NimbleShelf\Core\Matching\Internal\Place;
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
    /** Stances tried for a band below both feet, metres. */
    private const STANCES_M = [0.30, 0.50, 0.70];

    /** Step of a packed rucksack, kilograms: about a large bottle. */
    private const FILL_STEP_KG = 2.0;

    /** A bottle or tin up to this is held by its body in one hand, below the head; our estimate of a sure grip. */
    private const ONE_HAND_KG = 2.5;

    /** Clear way that walking with a load needs, metres; three steps and a turn, our estimate. */
    private const LANE_M = 3.0;

    /** What an exercise may need beside its loads, and the kind of thing that is it. */
    private const NEEDED_THINGS = ['towel' => 'a towel', 'pole' => 'a pole', 'half-ball' => 'a half-ball', 'wall' => 'a clear wall'];

    /**
     * @param  list<Thing>  $shelf
     * @return array{rungs: list<Rung>, problems: list<string>} Problems say why a thing on the shelf is left out.
     */
    public function rungs(Exercise $exercise, Client $client, Home $home, array $shelf): array
    {
        $problems = $this->missingThings($exercise, $home, $shelf);
        if ($problems !== []) {
            return ['rungs' => [], 'problems' => $problems];
        }
        ['places' => $places, 'problems' => $problems] = Places::of($exercise, $client, $shelf);
        $rungs = [];
        if ($exercise->usesBodyWeight) {
            foreach ($places as $place) {
                $rungs[] = $place->with(new Rung($exercise, Setting::bodyWeight(), [], Certainty::Weighed, $this->bodyWeightWords($exercise), $exercise->setUpSeconds))->movableTo($places);
            }
        }
        // A load goes with the floor where the floor will do, else with the first support that serves.
        $place = $exercise->support === null || ! $exercise->support->required ? Place::onTheFloor() : ($places[0] ?? null);
        if ($place === null) {
            return ['rungs' => $rungs, 'problems' => $problems];
        }
        $bare = [];
        foreach ($shelf as $thing) {
            if ($thing->outOfService !== null) {
                if ($this->couldServe($exercise, $thing)) {
                    $problems[] = "The {$thing->name} is out of service: {$thing->outOfService}.";
                }

                continue;
            }
            $found = $thing->band !== null
                ? $this->withBand($exercise, $client, $home, $thing)
                : $this->withLoad($exercise, $client, $shelf, $thing);
            $bare = [...$bare, ...$found['rungs']];
            $problems = [...$problems, ...$found['problems']];
        }

        foreach ([...$bare, ...Combinations::of($exercise, $bare)] as $rung) {
            $rungs[] = $place->with($rung)->movableTo($places);
        }

        return ['rungs' => $rungs, 'problems' => array_values(array_unique($problems))];
    }

    /**
     * @param  list<Thing>  $shelf
     * @return list<string>
     */
    private function missingThings(Exercise $exercise, Home $home, array $shelf): array
    {
        $missing = [];
        foreach ($exercise->needs as $need) {
            if ($need === 'smooth-floor' && $home->floor !== 'smooth') {
                $missing[] = sprintf('It needs a smooth floor to slide on; this one is %s.', $home->floor === 'carpet' ? 'carpet' : 'not still');
            }
            if ($need === 'free-length' && $home->lengthM !== null && $home->lengthM < self::LANE_M) {
                $missing[] = sprintf('It needs a clear lane of %.0f m; the room has %.1f m.', self::LANE_M, $home->lengthM);
            }
            if (! isset(self::NEEDED_THINGS[$need])) {
                continue;
            }
            $there = array_filter($shelf, static fn (Thing $thing): bool => $thing->kind === $need && $thing->outOfService === null);
            $sound = array_filter($there, static fn (Thing $thing): bool => $thing->supportProblem() === null);
            if ($there === []) {
                $missing[] = sprintf('It needs %s, and the shelf has none.', self::NEEDED_THINGS[$need]);
            } elseif ($sound === []) {
                $missing[] = ucfirst((string) reset($there)->supportProblem()).'.';
            }
        }

        return $missing;
    }

    /** What an exercise wants that a shelf does not hold, in words. */
    public function missing(Exercise $exercise): string
    {
        $wanted = [];
        foreach ($exercise->loads as $load) {
            foreach ($load['implements'] as $implement) {
                if ($implement !== 'reference') {
                    $wanted[] = $implement === 'object' ? 'an object with a handle' : 'a '.$implement;
                }
            }
        }
        if ($exercise->bandLayouts !== []) {
            $wanted[] = 'a band';
        }
        if ($wanted === []) {
            return 'Nothing on the shelf lets it be done.';
        }

        return 'It needs '.implode(' or ', array_unique($wanted)).', and the shelf holds none that serves.';
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

    private function bodyWeightWords(Exercise $exercise): string
    {
        return match ($exercise->position) {
            'hands-and-feet' => 'Hands on the floor',
            'kneeling' => 'Hands and knees on the floor',
            'lying', 'prone' => 'On the floor, body weight alone',
            default => 'Body weight alone',
        };
    }

    /**
     * @param  list<Thing>  $shelf
     * @return array{rungs: list<Rung>, problems: list<string>}
     */
    private function withLoad(Exercise $exercise, Client $client, array $shelf, Thing $thing): array
    {
        $implement = $this->implementOf($thing);
        $point = $exercise->loadPointFor($implement);
        if ($point === null) {
            return ['rungs' => [], 'problems' => []];
        }
        $problem = $this->handlingProblem($exercise, $thing, $point, $client);
        if ($problem !== null) {
            return ['rungs' => [], 'problems' => [$problem]];
        }
        if ($thing->kind === 'rucksack') {
            return ['rungs' => $this->packed($exercise, $shelf, $thing), 'problems' => []];
        }

        $rungs = [];
        foreach ($thing->kind === 'adjustable-dumbbell' ? $thing->reachableLoadsKg() : [$thing->massKg] as $massKg) {
            $plain = SettingInWords::kg($massKg);
            if (! $point->isPerHand()) {
                $rungs[] = new Rung($exercise, Setting::of($implement, $massKg), [$thing], $thing->certainty, $this->heldWords($point, $thing, $plain), $exercise->setUpSeconds);
            } elseif ($thing->count >= 2) {
                $rungs[] = new Rung($exercise, Setting::of($implement, $massKg, perHand: true), [$thing], $thing->certainty, sprintf('%s kg in each hand: %s', $plain, self::isPair($thing) ? "the {$thing->name}" : 'two '.$this->plural($thing->name)), $exercise->setUpSeconds);
                $rungs[] = $exercise->effort->isOfArms()
                    ? new Rung($exercise, Setting::of($implement, $massKg, perHand: true, limbs: 1), [$thing], $thing->certainty, sprintf('%s kg in one hand: one %s, one arm at a time', $plain, self::isPair($thing) ? "of the {$thing->name}" : $thing->name), $exercise->setUpSeconds + 5)
                    : new Rung($exercise, Setting::of($implement, $massKg), [$thing], $thing->certainty, sprintf('%s kg held in both hands: one %s', $plain, self::isPair($thing) ? "of the {$thing->name}" : $thing->name), $exercise->setUpSeconds);
            } elseif ($exercise->effort->isOfArms()) {
                $rungs[] = new Rung($exercise, Setting::of($implement, $massKg, perHand: true, limbs: 1), [$thing], $thing->certainty, sprintf('%s kg in one hand: the %s, one arm at a time', $plain, $thing->name), $exercise->setUpSeconds + 5);
            } else {
                $rungs[] = new Rung($exercise, Setting::of($implement, $massKg), [$thing], $thing->certainty, sprintf('%s kg held in both hands: the %s', $plain, $thing->name), $exercise->setUpSeconds);
            }
        }

        return ['rungs' => $rungs, 'problems' => []];
    }

    private function handlingProblem(Exercise $exercise, Thing $thing, LoadPoint $point, Client $client): ?string
    {
        $aboveTheBody = $exercise->has('overhead') || $exercise->pattern === 'horizontal-press';

        return match (true) {
            $thing->kind !== 'object' => null,
            $exercise->pattern === 'power' && ($thing->glass || ! $thing->sealed) => "The {$thing->name} could break or spill: it is not swung.",
            $exercise->pattern === 'power' && ! in_array($thing->grip, ['handle', 'horn'], true) => "The {$thing->name} has no secure handle: it is not swung.",
            $thing->grip === 'none' => "The {$thing->name} has no secure hold.",
            $point->isPerHand() && $thing->grip === 'body' && $thing->massKg <= self::ONE_HAND_KG && ! $aboveTheBody => null,
            $point->isPerHand() && ! in_array($thing->grip, ['handle', 'horn'], true) => "The {$thing->name} has no handle to hold it by one hand.",
            $aboveTheBody && $thing->glass => "The {$thing->name} is glass and stays below the chest.",
            $aboveTheBody && ! $thing->sealed => "The {$thing->name} is not sealed and stays below the chest.",
            default => null,
        };
    }

    /**
     * @param  list<Thing>  $shelf
     * @return list<Rung>
     */
    private function packed(Exercise $exercise, array $shelf, Thing $rucksack): array
    {
        $fillKg = 0.0;
        foreach ($shelf as $thing) {
            $fillKg += match ($thing->kind) {
                'object' => $thing->massKg * $thing->count,
                'pourable' => $thing->maxKg,
                default => 0.0,
            };
        }
        $mostKg = min($rucksack->maxKg, $rucksack->massKg + $fillKg);
        $rungs = [];
        for ($kg = 2 * self::FILL_STEP_KG; $kg <= $mostKg + 1e-9; $kg += self::FILL_STEP_KG) {
            $rungs[] = new Rung(
                $exercise,
                Setting::of('rucksack', $kg),
                [$rucksack],
                Certainty::Filled,
                sprintf('%s packed to %s kg in all, %s', ucfirst($rucksack->name), SettingInWords::kg($kg), match ($exercise->loadPointFor('rucksack')) {
                    LoadPoint::Hips => 'laid across the hips',
                    LoadPoint::Front => 'worn on the chest, straps tight',
                    default => 'high and tight on the back',
                }),
                max(40, $exercise->setUpSeconds),
            );
        }

        return $rungs;
    }

    /**
     * @return array{rungs: list<Rung>, problems: list<string>}
     */
    private function withBand(Exercise $exercise, Client $client, Home $home, Thing $thing): array
    {
        if ($exercise->bandLayouts === [] || $thing->band === null || ($thing->kind === 'mini-loop' && ! $exercise->bandAttachment->isBetweenLimbs)) {
            return ['rungs' => [], 'problems' => []];
        }
        if ($client->has(Limit::LatexAllergy)) {
            return ['rungs' => [], 'problems' => ["The {$thing->name} is rubber, and the client does not tolerate latex."]];
        }
        $rungs = $problems = [];
        foreach ($exercise->bandLayouts as $layout) {
            $anchors = $layout->needsAnchor() && ! $exercise->bandAttachment->isBetweenLimbs ? $home->anchors : [['heightM' => 0.0]];
            if ($anchors === []) {
                $problems[] = 'It needs something firm to anchor a band to; the home has no anchor noted.';
            }
            foreach ($anchors as $anchor) {
                foreach ($layout->usesStance() ? self::STANCES_M : [null] as $stanceM) {
                    $setup = new BandSetup(
                        band: $thing->band,
                        layout: $layout,
                        stanceM: $stanceM,
                        loop: $thing->kind === 'long-loop' || $thing->kind === 'mini-loop',
                        anchorHeightM: $anchor['heightM'],
                        anchorDistanceM: $exercise->bandAttachment->distanceM,
                        limitRatio: $thing->limitRatio,
                    );
                    $oneArm = $layout === BandLayout::OneFoot && $exercise->effort->isOfArms();
                    $rungs[] = new Rung(
                        $exercise,
                        Setting::of($thing->kind, band: $setup, limbs: $oneArm ? 1 : null),
                        [$thing],
                        $thing->certainty,
                        ucfirst($thing->name).': '.SettingInWords::layout($setup, $oneArm, $exercise->bandAttachment),
                        $exercise->setUpSeconds + 10,
                    );
                }
            }
        }

        return ['rungs' => $rungs, 'problems' => $problems];
    }

    private function heldWords(LoadPoint $point, Thing $thing, string $kg): string
    {
        return match ($point) {
            LoadPoint::Goblet => sprintf('%s kg held at the chest: the %s', $kg, $thing->name),
            LoadPoint::Hips => sprintf('%s kg on a towel across the hips: the %s', $kg, $thing->name),
            default => sprintf('%s kg: the %s', $kg, $thing->name),
        };
    }

    /** "Adjustable pair" already says that there are two. */
    private static function isPair(Thing $thing): bool
    {
        return str_ends_with($thing->name, 'pair');
    }

    private function plural(string $name): string
    {
        return str_ends_with($name, 's') ? $name : $name.'s';
    }
}
