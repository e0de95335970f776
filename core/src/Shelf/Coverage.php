<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Shelf;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Catalogue\Pattern;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\RungFinder;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\BandLayout;

/** What a shelf can train and how far it reaches, pattern by pattern, and which single addition would open most. */
final readonly class Coverage
{
    /** An addition that reaches this much further up in a pattern counts for it. */
    private const FURTHER = 1.1;

    /** Stances between the narrowest and the widest, metres. */
    private const BETWEEN_M = [RungFinder::STANCES_M[1]];

    public function __construct(
        private Catalogue $catalogue,
        private ResistanceModel $model,
        private ShelfRungs $rungs,
        private RungFinder $finder = new RungFinder,
    ) {
    }

    /**
     * @return array<string, PatternCoverage> By pattern, in the catalogue's order.
     */
    public function of(Situation $situation): array
    {
        $kg = $exercises = [];
        foreach ($this->catalogue->exercises as $exercise) {
            $loads = $this->loads($exercise, $situation, static fn (): bool => true);
            if ($loads !== []) {
                $kg[$exercise->pattern] = [...$kg[$exercise->pattern] ?? [], ...$loads];
                $exercises[$exercise->pattern] = ($exercises[$exercise->pattern] ?? 0) + 1;
            }
        }
        $coverage = [];
        foreach ($this->catalogue->patterns as $pattern) {
            $coverage[$pattern->id] = PatternCoverage::of(
                $pattern,
                $pattern->isMeasured() ? $kg[$pattern->id] ?? [] : [],
                $this->model->ownKg($pattern->id, $situation->client->body),
                $exercises[$pattern->id] ?? 0,
            );
        }

        return $coverage;
    }

    /**
     * Patterns of which no exercise can be done with what is there. Those that are neither measured nor ever loaded (squeezes,
     * play, stretches) are closed by the person or the room, not by the shelf, and are not named.
     *
     * @param  array<string, PatternCoverage>  $covered
     * @return list<Pattern>
     */
    public function missing(array $covered): array
    {
        $isLoaded = [];
        foreach ($this->catalogue->exercises as $exercise) {
            if ($exercise->loads !== [] || $exercise->bandLayouts !== []) {
                $isLoaded[$exercise->pattern] = true;
            }
        }
        $missing = array_filter(
            $covered,
            static fn (PatternCoverage $one): bool => ! $one->isTrained()
                && ($one->pattern->isMeasured() || isset($isLoaded[$one->pattern->id])),
        );

        return array_values(array_map(static fn (PatternCoverage $one): Pattern => $one->pattern, $missing));
    }

    /**
     * What each addition opens beyond what is covered, most first; those that open nothing are left out.
     *
     * @param  array<string, PatternCoverage>  $covered
     * @param  list<Addition>  $additions
     * @return list<AdditionGain>
     */
    public function gains(Situation $situation, array $covered, array $additions): array
    {
        $gains = [];
        foreach ($additions as $addition) {
            $gain = $this->gain($addition, $situation, $covered);
            if ($gain->score() > 0) {
                $gains[] = $gain;
            }
        }
        usort($gains, static fn (AdditionGain $one, AdditionGain $two): int => $two->score() <=> $one->score());

        return $gains;
    }

    /**
     * What one addition opens beyond what is covered.
     *
     * @param  array<string, PatternCoverage>  $covered
     */
    public function gain(Addition $addition, Situation $situation, array $covered): AdditionGain
    {
        return $this->gainOf($addition, $this->brings($addition, $situation), $situation->client, $covered);
    }

    /**
     * The loads that an addition brings, whatever anybody can lift.
     *
     * @return array<string, array{kg: list<float>, exercises: int}> By pattern: whole loads, kilograms, and of how many exercises.
     */
    public function brings(Addition $addition, Situation $situation): array
    {
        $thing = $addition->thing;
        $more = $addition->to($situation);
        $brings = [];
        foreach ($this->catalogue->exercises as $exercise) {
            $lacked = $thing !== null
                && in_array($thing->kind, $exercise->needs, true)
                && array_filter($situation->shelf, static fn (Thing $there): bool => $there->kind === $thing->kind) === [];
            if (! $lacked && ! $this->couldServe($exercise, $addition)) {
                continue;
            }
            $isNew = static fn (Rung $rung): bool => $thing === null
                ? $rung->setting->band !== null
                    && $rung->setting->band->layout->needsAnchor()
                    && abs($rung->setting->band->anchorHeightM - (float) $addition->anchorM) < 1e-9
                : $lacked || in_array($thing->id, array_column($rung->things, 'id'), true);
            $loads = $this->loads($exercise, $more, $isNew);
            if ($loads !== []) {
                $so = $brings[$exercise->pattern] ?? ['kg' => [], 'exercises' => 0];
                $brings[$exercise->pattern] = ['kg' => [...$so['kg'], ...$loads], 'exercises' => $so['exercises'] + 1];
            }
        }

        return $brings;
    }

    /**
     * What the loads that an addition brings are worth to this client.
     *
     * @param  array<string, array{kg: list<float>, exercises: int}>  $brings  Of `brings()`.
     * @param  array<string, PatternCoverage>  $covered
     */
    public function gainOf(Addition $addition, array $brings, Client $client, array $covered): AdditionGain
    {
        $opened = $further = [];
        $closed = 0;
        foreach ($brings as $id => ['kg' => $kg, 'exercises' => $count]) {
            $before = $covered[$id];
            $after = $before->with($before->pattern->isMeasured() ? $kg : [], $count);
            if (! $before->isTrained()) {
                $opened[] = $before->pattern->name;

                continue;
            }
            // Further up is worth something only where the shelf stops short of what the client can do once.
            $top = $before->wholeKg === [] ? INF : $before->wholeKg[count($before->wholeKg) - 1];
            if ($top < ($client->capacities[$id]->kg ?? INF)
                && $after->wholeKg[count($after->wholeKg) - 1] >= self::FURTHER * $top) {
                $further[] = $before->pattern->name;
            }
            $closed += count(array_filter($before->gaps(), static fn (array $gap): bool => array_filter(
                $after->wholeKg,
                static fn (float $whole): bool => $whole > ($gap['fromKg'] + $before->ownKg) * (1 + ShelfRungs::ALIKE)
                    && $whole < ($gap['toKg'] + $before->ownKg) / (1 + ShelfRungs::ALIKE),
            ) !== []));
        }

        return new AdditionGain($addition, $opened, $further, $closed);
    }

    /** False where no rung of an exercise can come of an addition, so that none need be listed. */
    private function couldServe(Exercise $exercise, Addition $addition): bool
    {
        $thing = $addition->thing;
        if ($thing === null) {
            return array_filter($exercise->bandLayouts, static fn (BandLayout $layout): bool => $layout->needsAnchor()) !== [];
        }
        // What is no load by itself may go into a bag, or be what the exercise is done on.
        $servesOtherwise = ! $thing->isBand() && ($exercise->support !== null || $exercise->loadPointFor('rucksack') !== null);

        return $servesOtherwise || $this->finder->couldServe($exercise, $thing);
    }

    /**
     * @param  \Closure(Rung): bool  $counts
     * @return list<float> Whole loads of the rungs that count, kilograms.
     */
    private function loads(Exercise $exercise, Situation $situation, \Closure $counts): array
    {
        return $this->rungs->loads(
            $exercise,
            $situation,
            // The narrowest and the widest stance bound what a band gives; grips fill the space between.
            only: static fn (Rung $rung): bool => ! in_array($rung->setting->band?->stanceM, self::BETWEEN_M, true) && $counts($rung),
        );
    }
}
