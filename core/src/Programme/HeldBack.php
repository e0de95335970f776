<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Matching\Cautions;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\RepetitionMaximum;
use NimbleShelf\Core\Shelf\Addition;
use NimbleShelf\Core\Text\Plain;

/** Says what keeps a week from being better, and what would change it. */
final readonly class HeldBack
{
    public function __construct(private Catalogue $catalogue, private ShelfRungs $rungs, private OptionFinder $finder)
    {
    }

    /**
     * Why a group of patterns cannot be trained at all, by group.
     *
     * @param  list<PlanOption>  $options
     * @return array<string, string>
     */
    public function impossible(array $options, Brief $brief): array
    {
        $there = [];
        foreach ($options as $option) {
            $group = $option->group();
            if ($group !== null) {
                $there[$group->value] = true;
            }
        }
        $said = [];
        foreach (PatternGroup::cases() as $group) {
            if (! isset($there[$group->value])) {
                $said[$group->value] = $this->whyNot($group, $brief);
            }
        }

        return $said;
    }

    /**
     * @param  list<PlanOption>  $options
     * @param  list<array<int, int>>  $days
     * @param  array<string, string>  $impossible
     * @return list<string>
     */
    public function words(array $options, array $days, array $impossible, Brief $brief): array
    {
        $said = [];
        foreach ($impossible as $group => $why) {
            $said[] = ucfirst(PatternGroup::from($group)->label()).": {$why}";
        }
        array_push($said, ...$this->tooLight($options, $days, $brief), ...self::missing($options, $days, $impossible));
        foreach ($brief->days as $i => $day) {
            if ($days[$i] === []) {
                $said[] = "{$day->label()} stays free: what was trained the day before is not ready, or there is no time for two sets.";
            }
        }
        $unknown = array_diff(
            array_unique(array_map(
                fn (int $option): string => $this->catalogue->pattern($options[$option]->exercise->pattern)->isMeasured()
                    ? $options[$option]->exercise->pattern
                    : '',
                array_merge(...[[], ...array_map(array_keys(...), $days)]),
            )),
            ['', ...array_filter(
                array_keys($brief->situation->client->capacities),
                static fn (string $pattern): bool => $brief->situation->client->onRecord($pattern) !== null,
            )],
        );
        if ($unknown !== []) {
            $said[] = sprintf(
                'The first week is light on purpose: nothing is on record of %s, so loads come from what people like this can, '
                    .'and the first sets set them.',
                Plain::listed(array_map(
                    fn (string $pattern): string => mb_strtolower($this->catalogue->pattern($pattern)->name),
                    array_values($unknown),
                )),
            );
        }

        return $said;
    }

    /**
     * Movements of the whole body that the week does not hold, in one sentence; those of which nothing can be trained are said above.
     *
     * @param  list<PlanOption>  $options
     * @param  list<array<int, int>>  $days
     * @param  array<string, string>  $impossible
     * @return list<string>
     */
    private static function missing(array $options, array $days, array $impossible): array
    {
        $there = $could = [];
        foreach ($options as $i => $option) {
            $movement = Movement::of($option->exercise->pattern)->value ?? '';
            $could[$movement] = ($could[$movement] ?? false) || $option->isHard();
            foreach ($days as $slots) {
                $there[$movement] = ($there[$movement] ?? false) || isset($slots[$i]);
            }
        }
        $missing = [];
        foreach (Movement::cases() as $movement) {
            $isSaid = isset($impossible[$movement->group()->value ?? '']);
            if ($movement === Movement::Power || ($there[$movement->value] ?? false) || $isSaid) {
                continue;
            }
            $missing[] = $movement->value.' ('.match ($could[$movement->value] ?? null) {
                null => 'nothing here allows it',
                false => 'what there is is too light',
                true => 'no minutes left',
            }.')';
        }

        return $missing === [] ? [] : ['Not in the week: '.Plain::listed($missing).'.'];
    }

    private function whyNot(PatternGroup $group, Brief $brief): string
    {
        $reasons = [];
        $isTooHeavy = false;
        foreach ($this->catalogue->exercises as $exercise) {
            if (PatternGroup::of($exercise->pattern) !== $group || ! $this->finder->isPlanned($exercise, $brief)) {
                continue;
            }
            $against = [
                ...Cautions::against($exercise, $brief->situation),
                ...$this->rungs->bentTooFar($exercise, $brief->situation),
            ];
            if ($against !== []) {
                $reasons[$against[0]] = ($reasons[$against[0]] ?? 0) + 1;
            } elseif ($this->rungs->isAnyUsable($exercise, $brief->situation)) {
                $isTooHeavy = true;
            }
        }
        if ($isTooHeavy) {
            return 'what the shelf allows is too heavy, or too light to be work; something in between would open it.';
        }
        foreach (Addition::usual() as $addition) {
            $more = $addition->to($brief->situation);
            foreach ($this->catalogue->exercises as $exercise) {
                if (PatternGroup::of($exercise->pattern) === $group
                    && $this->finder->isPlanned($exercise, $brief)
                    && $this->rungs->isAnyUsable($exercise, $more)) {
                    return "nothing on the shelf trains it; {$addition->words} would open it.";
                }
            }
        }
        arsort($reasons);

        return $reasons === [] ? 'nothing on the shelf trains it.' : 'a limit or the room forbids it. '.array_key_first($reasons);
    }

    /**
     * Patterns whose heaviest rung is lighter than the goal asks.
     *
     * @param  list<PlanOption>  $options
     * @param  list<array<int, int>>  $days
     * @return list<string>
     */
    private function tooLight(array $options, array $days, Brief $brief): array
    {
        $isThere = $chosen = [];
        foreach ($options as $i => $option) {
            $pattern = $option->exercise->pattern;
            if (isset($brief->situation->client->capacities[$pattern]) && $option->wholeKg !== null && ! $option->exercise->isHold) {
                $isThere[$pattern] = ($isThere[$pattern] ?? false) || ! $option->isTooLight($brief);
            }
            foreach ($days as $slots) {
                if (isset($slots[$i]) && $option->isTooLight($brief)) {
                    $chosen[$pattern] = $option;
                }
            }
        }
        $said = [];
        foreach ($chosen as $pattern => $option) {
            if ($isThere[$pattern] ?? true) {
                continue;
            }
            $wanted = RepetitionMaximum::loadFor(
                $brief->situation->client->capacities[$pattern]->kg,
                $brief->goal->repetitions()[1] + $brief->mostReserve(),
            );
            $said[] = sprintf(
                '%s: the heaviest the shelf allows (%s) is %s kg of the reference lift short; until then repetitions or slow '
                    .'lowering make up for it.',
                $this->catalogue->pattern($pattern)->name,
                $option->rung->words,
                Plain::number(max(0.1, round($wanted - (float) $option->wholeKg, 1)), 1),
            );
        }

        return $said;
    }
}
