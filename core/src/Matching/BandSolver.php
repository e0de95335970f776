<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;

/**
 * How a band must be gripped, stepped away from or folded to come to a wanted load: the inverse of a setting's
 * equivalent. Each of these makes the pull grow, so that the nearest whole step is found by halving.
 */
final readonly class BandSolver
{
    /** What is searched; the stance is tried in three widths by the finder, because where the feet stand is easier told than measured. */
    private const DIALS = ['gripCm', 'anchorDistanceCm'];

    /** Rungs of one band are about this far apart: just under a jump that repetitions can hardly bridge. Our choice. */
    private const STEP = 1.12;

    /** Places along a dial at which the load is looked at before the steps are laid out. */
    private const LOOKS = 10;

    public function __construct(private ResistanceModel $model)
    {
    }

    /**
     * The settings of one rig that come nearest to a wanted load: held at the ends, gripped, stepped away from the
     * anchor; folded where that alone reaches it. A rung without a band is its own answer, and
     * so is the softest where no load is known to look for.
     *
     * @param  float  $wantedKg  Whole load in kilograms of the pattern's reference lift, body included.
     * @return list<Rung>
     */
    public function toward(Rung $root, Body $body, School $school, string $pattern, float $wantedKg): array
    {
        if ($root->setting->band === null || $wantedKg <= 0) {
            return [$root];
        }
        $found = [$root];
        $reached = false;
        foreach ($this->dials($root) as $dial) {
            [$value, $wholeKg] = $this->nearest($root, $dial, $body, $school, $pattern, $wantedKg);
            if ($value !== null) {
                $found[] = $this->at($root, [$dial->name => $value]);
                $reached = $reached || $wholeKg >= $wantedKg * (1 - ShelfRungs::ALIKE);
            }
        }
        if (! $reached && $this->folds($root)) {
            $folded = $this->at($root, ['folded' => 1.0]);
            $found[] = $folded;
            foreach ($this->dials($folded) as $dial) {
                [$value] = $this->nearest($folded, $dial, $body, $school, $pattern, $wantedKg);
                if ($value !== null) {
                    $found[] = $this->at($folded, [$dial->name => $value]);
                }
            }
        }

        return $found;
    }

    /**
     * Settings of one rig that differ by a useful step, from the softest to the hardest the rubber bears.
     *
     * @return list<Rung>
     */
    public function steps(Rung $root, Body $body, School $school, string $pattern): array
    {
        return array_map(
            fn (array $step): Rung => $step['moved'] === [] ? $step['rig'] : $this->at($step['rig'], $step['moved']),
            $this->stepped($root, $body, $school, $pattern),
        );
    }

    /**
     * The settings of `steps()` alone, where nobody reads their words.
     *
     * @return list<Setting>
     */
    public function settings(Rung $root, Body $body, School $school, string $pattern): array
    {
        return array_map(
            static fn (array $step): Setting => $step['moved'] === []
                ? $step['rig']->setting
                : LiveRung::settingWith($step['rig']->setting, $step['moved']),
            $this->stepped($root, $body, $school, $pattern),
        );
    }

    /** @return list<array{rig: Rung, moved: array<string, float>}> */
    private function stepped(Rung $root, Body $body, School $school, string $pattern): array
    {
        // A band on top of a weight is stepped by the weight.
        if ($root->setting->band === null || $root->setting->massKg > 0) {
            return [['rig' => $root, 'moved' => []]];
        }
        $found = [];
        foreach ($this->folds($root) ? [$root, $this->at($root, ['folded' => 1.0])] : [$root] as $rig) {
            $found[] = ['rig' => $rig, 'moved' => []];
            foreach ($this->dials($rig) as $dial) {
                foreach ($this->laidOut($rig, $dial, $body, $school, $pattern) as $value) {
                    $found[] = ['rig' => $rig, 'moved' => [$dial->name => $value]];
                }
            }
        }

        return $found;
    }

    /** @return list<float> Values of a dial at which the load grows by a step, and the last that the rubber bears. */
    private function laidOut(Rung $rig, Control $dial, Body $body, School $school, string $pattern): array
    {
        $values = [];
        $stride = max(1.0, round(($dial->most - $dial->least) / self::LOOKS / $dial->step)) * $dial->step;
        $before = null;
        $beforeKg = 0.0;
        for ($value = $dial->least; $value <= $dial->most + 1e-9; $value += $stride) {
            $kg = $this->wholeKg($rig, $dial, $value, $body, $school, $pattern);
            if (is_infinite($kg)) {
                break;
            }
            if ($before !== null && $beforeKg > 0 && $kg > $beforeKg) {
                // Between two looks the load is taken as straight; what is offered is reckoned anew.
                for ($at = self::STEP ** ceil(log($beforeKg) / log(self::STEP) - 1e-9); $at <= $kg; $at *= self::STEP) {
                    $values[] = $before + round(($value - $before) * ($at - $beforeKg) / ($kg - $beforeKg) / $dial->step) * $dial->step;
                }
            }
            $before = $value;
            $beforeKg = $kg;
        }
        if ($before !== null) {
            $values[] = $before;
        }

        return array_values(array_unique($values));
    }

    /** @return array{float|null, float} The value of a dial nearest to a load, and what it comes to; null where the rubber bears none. */
    private function nearest(Rung $rig, Control $dial, Body $body, School $school, string $pattern, float $wantedKg): array
    {
        $kg = fn (int $place): float => $this->wholeKg($rig, $dial, $dial->least + $place * $dial->step, $body, $school, $pattern);
        $leastKg = $kg(0);
        if (is_infinite($leastKg)) {
            return [null, 0.0];
        }
        if ($leastKg >= $wantedKg) {
            return [$dial->least, $leastKg];
        }
        $low = 0;
        $lowKg = $leastKg;
        $high = (int) round(($dial->most - $dial->least) / $dial->step) + 1;
        $highKg = INF;
        $isGuess = false;
        while ($high - $low > 1) {
            $span = $high - $low;
            // Loads grow steadily along a dial: where both ends are known a straight line says where to look, until it stops helping.
            $middle = $isGuess
                ? max($low + 1, min($high - 1, $low + (int) round($span * ($wantedKg - $lowKg) / max(1e-9, $highKg - $lowKg))))
                : intdiv($low + $high, 2);
            $middleKg = $kg($middle);
            if ($middleKg < $wantedKg) {
                [$low, $lowKg] = [$middle, $middleKg];
            } else {
                [$high, $highKg] = [$middle, $middleKg];
            }
            $isGuess = is_finite($highKg) && (! $isGuess || 2 * ($high - $low) <= $span || $high - $low <= 3);
        }
        $takesLow = is_infinite($highKg) || ($lowKg > 0 && $wantedKg / $lowKg < $highKg / $wantedKg);

        return [$dial->least + ($takesLow ? $low : $high) * $dial->step, $takesLow ? $lowKg : $highKg];
    }

    /** Infinite where grip and stance use the band up or stretch it too far. */
    private function wholeKg(Rung $rig, Control $dial, float $value, Body $body, School $school, string $pattern): float
    {
        $setting = LiveRung::settingWith($rig->setting, [$dial->name => $value]);
        try {
            $curve = $this->model->summary($rig->exercise, $body, $setting, $school);
        } catch (InvalidQuantity) {
            return INF;
        }
        if ($setting->band !== null && $curve->longestStretch > $setting->band->limitRatio) {
            return INF;
        }

        return $this->model->wholeKg($rig->exercise, $body, $curve, $school, $pattern);
    }

    /** @param  array<string, float>  $moved */
    private function at(Rung $rig, array $moved): Rung
    {
        return LiveRung::with($rig, LiveRung::settingWith($rig->setting, $moved));
    }

    /** @return list<Control> */
    private function dials(Rung $rig): array
    {
        return array_values(
            array_filter(LiveRung::controls($rig), static fn (Control $control): bool => in_array($control->name, self::DIALS, true)),
        );
    }

    private function folds(Rung $root): bool
    {
        return array_filter(LiveRung::controls($root), static fn (Control $control): bool => $control->name === 'folded') !== [];
    }
}
