<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\Equivalent;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Mechanics\CurveSummary;
use NimbleShelf\Core\Mechanics\PullLine;
use NimbleShelf\Core\Mechanics\ResistanceCurve;
use NimbleShelf\Core\Mechanics\Setting;

/** Which rungs of an exercise a client can use with what is there, and why the others cannot be. */
final readonly class ShelfRungs
{
    /** A setting slack for more of the range than this is not offered. */
    private const MOST_SLACK = 0.35;

    /** Rungs closer together than this count as one, fraction: less than anyone feels. Our estimate. */
    public const ALIKE = 0.02;

    /** Rungs of the same band lie at least this far apart. */
    private const BAND_APART = 1.06;

    /** @var \WeakMap<Situation, array<string, array<int, list<array{rung: Rung, wholeKg: float}>>>> What is usable, by rig. */
    private \WeakMap $known;

    public function __construct(private ResistanceModel $model, private RungFinder $finder, private BandSolver $bands)
    {
        /** @var \WeakMap<Situation, array<string, array<int, list<array{rung: Rung, wholeKg: float}>>>> $known */
        $known = new \WeakMap;
        $this->known = $known;
    }

    public static function of(ResistanceModel $model): self
    {
        return new self($model, new RungFinder, new BandSolver($model));
    }

    /**
     * Why an exercise cannot be done in exactly this setting with what is on the shelf; empty where it can.
     *
     * @return list<string>
     */
    public function problemsAsWritten(Exercise $exercise, Setting $setting, Situation $situation): array
    {
        $rung = $this->rungFor($exercise, $setting, $situation);
        $against = Cautions::against($exercise, $situation);
        if ($rung === null) {
            return [...$against, sprintf('The shelf does not hold what is written: %s.', SettingInWords::of($exercise, $setting))];
        }
        $problem = $this->problemOf($rung, $this->model->summary($exercise, $situation->client->body, $setting), $situation);

        return $problem === null ? $against : [...$against, $problem];
    }

    /**
     * The rung of the shelf that is this very setting, or one that can be moved to it; null where the shelf does not allow it.
     *
     * @param  string  $words  What was written: of two things alike, two tubes of one strength, the one that is named.
     */
    public function rungFor(Exercise $exercise, Setting $setting, Situation $situation, string $words = ''): ?Rung
    {
        $rungs = $this->finder->rungs($exercise, $situation)['rungs'];
        $same = array_values(array_filter($rungs, static fn (Rung $rung): bool => $rung->setting->sameAs($setting)));
        $named = array_values(array_filter($same, static fn (Rung $rung): bool => $rung->words === $words));

        return $named[0] ?? $same[0] ?? LiveRung::at($rungs, $setting);
    }

    /** @return list<string> Why things on the shelf do not serve the exercise. */
    public function problems(Exercise $exercise, Situation $situation): array
    {
        return $this->finder->rungs($exercise, $situation)['problems'];
    }

    /**
     * Every usable rung of one exercise, lightest first; of rungs that feel alike the quickest to set up.
     *
     * @return list<array{rung: Rung, equivalent: Equivalent}>
     */
    public function distinct(Exercise $exercise, Situation $situation, School $school = School::Mean): array
    {
        $rungs = $last = [];
        foreach ($this->usable($exercise, $situation, $school) as ['rung' => $rung, 'wholeKg' => $wholeKg]) {
            $things = implode('+', array_map(static fn (Thing $thing): string => $thing->id, $rung->things));
            // Two loads that feel alike are one rung; of one band, whose every centimetre is another, a step apart is near enough.
            $ofTheBand = $rung->setting->band === null ? 0.0 : ($last[$things] ?? 0.0) * self::BAND_APART;
            if ($wholeKg < max($last['any'] ?? 0.0, $ofTheBand) * (1 + self::ALIKE)) {
                continue;
            }
            $last['any'] = $last[$things] = $wholeKg;
            $rungs[] = [
                'rung' => $rung,
                'equivalent' => $this->model->equivalent($exercise, $situation->client->body, $rung->setting, $school, $rung->certainty),
            ];
        }

        return $rungs;
    }

    /**
     * Why things and settings are left out of an exercise that can be done here in another way.
     *
     * @return list<string>
     */
    public function leftOut(Exercise $exercise, Situation $situation): array
    {
        ['rungs' => $rungs, 'problems' => $problems] = $this->finder->rungs($exercise, $situation);
        $stretched = $works = [];
        foreach ($rungs as $rung) {
            try {
                $curve = $this->model->curve($exercise, $situation->client->body, $rung->setting);
            } catch (InvalidQuantity $usedUp) {
                $problems[] = "{$rung->words}: {$usedUp->getMessage()}";

                continue;
            }
            $problem = $this->problemOf($rung, $curve, $situation);
            $band = $rung->setting->band;
            if ($band === null || $rung->setting->massKg > 0) {
                $problems[] = $problem;
            } elseif ($problem === null) {
                $works[$rung->things[0]->id] ??= SettingInWords::layout($band, $rung->setting->limbs === 1, $exercise->bandAttachment);
            } elseif ($curve->longestStretch > $band->limitRatio) {
                $stretched[$rung->things[0]->id] = $problem;
            } else {
                $problems[] = $problem;
            }
        }
        foreach ($stretched as $id => $problem) {
            $problems[] = isset($works[$id]) ? rtrim($problem, '.')."; it works rigged so: {$works[$id]}." : $problem;
        }

        return array_values(array_unique(array_filter($problems, is_string(...))));
    }

    /**
     * Every usable rung of one exercise with its whole load, lightest first, quickest first among the equally heavy.
     *
     * @param  (\Closure(Rung): bool)|null  $only  Leaves the others out before anything is reckoned.
     * @return list<array{rung: Rung, wholeKg: float}> Kilograms of the pattern's reference lift, body included.
     */
    public function usable(Exercise $exercise, Situation $situation, School $school = School::Mean, ?\Closure $only = null): array
    {
        if (Cautions::against($exercise, $situation) !== []) {
            return [];
        }
        $place = $situation->place();
        $key = "{$school->value}|{$exercise->id}|{$exercise->geometryKey}";
        $known = $this->known[$place] ?? [];
        $usable = [];
        foreach ($this->finder->rungs($exercise, $situation)['rungs'] as $rig => $root) {
            if ($only === null || $only($root)) {
                $known[$key][$rig] ??= $this->ofRig($root, $situation, $school);
                array_push($usable, ...$known[$key][$rig]);
            }
        }
        $this->known[$place] = $known;
        usort(
            $usable,
            static fn (array $one, array $two): int => [
                round($one['wholeKg'], 1),
                $one['rung']->setUpSeconds,
            ] <=> [round($two['wholeKg'], 1), $two['rung']->setUpSeconds],
        );

        return $usable;
    }

    /** Whether `usable()` finds any rung, known as soon as one is found. */
    public function isAnyUsable(Exercise $exercise, Situation $situation): bool
    {
        if (Cautions::against($exercise, $situation) !== []) {
            return false;
        }
        $roots = $this->finder->rungs($exercise, $situation)['rungs'];
        // What needs no band is reckoned soonest, and a rig as it stands before all its grips.
        usort($roots, static fn (Rung $one, Rung $two): int => ($one->setting->band !== null) <=> ($two->setting->band !== null));
        foreach ($roots as $root) {
            if ($this->usableKg($root, $root->setting, $situation, School::Mean) !== null) {
                return true;
            }
        }
        foreach ($roots as $root) {
            foreach ($this->bands->settings($root, $situation->client->body, School::Mean, $exercise->pattern) as $setting) {
                if ($this->usableKg($root, $setting, $situation, School::Mean) !== null) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<array{rung: Rung, wholeKg: float}> */
    private function ofRig(Rung $root, Situation $situation, School $school): array
    {
        $usable = [];
        foreach ($this->bands->steps($root, $situation->client->body, $school, $root->exercise->pattern) as $rung) {
            $wholeKg = $this->usableKg($rung, $rung->setting, $situation, $school);
            if ($wholeKg !== null) {
                $usable[] = ['rung' => $rung, 'wholeKg' => $wholeKg];
            }
        }

        return $usable;
    }

    /**
     * The whole loads of `usable()` alone, in no order.
     *
     * @param  \Closure(Rung): bool  $only  Leaves the others out before anything is reckoned.
     * @return list<float> Kilograms of the pattern's reference lift, body included.
     */
    public function loads(Exercise $exercise, Situation $situation, \Closure $only): array
    {
        if (Cautions::against($exercise, $situation) !== []) {
            return [];
        }
        $loads = [];
        foreach ($this->finder->rungs($exercise, $situation)['rungs'] as $root) {
            if (! $only($root)) {
                continue;
            }
            foreach ($this->bands->settings($root, $situation->client->body, School::Mean, $exercise->pattern) as $setting) {
                $loads[] = $this->usableKg($root, $setting, $situation, School::Mean);
            }
        }

        return array_values(array_filter($loads, static fn (?float $kg): bool => $kg !== null));
    }

    /** Whole load of a setting, kilograms; null where it uses the band up, gives no resistance, or cannot be used here. */
    private function usableKg(Rung $rung, Setting $setting, Situation $situation, School $school): ?float
    {
        $exercise = $rung->exercise;
        $body = $situation->client->body;
        try {
            $curve = $this->model->summary($exercise, $body, $setting, $school);
        } catch (InvalidQuantity) {
            return null;
        }
        $wholeKg = $this->model->wholeKg($exercise, $body, $curve, $school, $exercise->pattern);

        return $wholeKg > 0 && $this->problemOf($rung, $curve, $situation) === null ? $wholeKg : null;
    }

    /**
     * Why a movement is out as it is usually set up, since a joint would bend too far; empty where it is not.
     *
     * @return list<string>
     */
    public function bentTooFar(Exercise $exercise, Situation $situation): array
    {
        $tooFar = $this->tooFar($exercise, Setting::bodyWeight(), $situation);

        return $tooFar === null ? [] : [$tooFar];
    }

    private function tooFar(Exercise $exercise, Setting $setting, Situation $situation): ?string
    {
        $client = $situation->client;

        return JointRange::matters($client)
            ? JointRange::problem($exercise, $this->model->bends($exercise, $client->body, $setting), $client)
            : null;
    }

    /** Why a rung cannot be used by this client, in this room or with this rubber; null where it can. */
    public function problemOf(Rung $rung, CurveSummary|ResistanceCurve $curve, Situation $situation): ?string
    {
        $home = $situation->home;
        $tooFar = $this->tooFar($rung->exercise, $rung->setting, $situation);
        if ($tooFar !== null) {
            return $tooFar;
        }
        if ($home->ceilingM !== null && $curve->highestPointM + Home::HEADROOM_M > $home->ceilingM) {
            return sprintf('Ceiling: it reaches %.2f m and the ceiling is at %.2f m.', $curve->highestPointM, $home->ceilingM);
        }
        $band = $rung->setting->band;
        if ($band !== null && $curve->longestStretch !== null && $curve->longestStretch > $band->limitRatio) {
            return sprintf(
                '%s is stretched too far %s, at every grip: more than %.1f times its length.',
                ucfirst($rung->things[0]->name),
                SettingInWords::rig($band->layout),
                $band->limitRatio,
            );
        }
        $off = $this->model->pullOffDegrees($rung->exercise, $situation->client->body, $rung->setting);
        if ($band !== null && $off > PullLine::MOST_OFF) {
            $usual = $rung->exercise->bandAttachment;

            return sprintf(
                'Anchored %.0f cm up, %.0f cm away, %s pulls off the line of the movement; usual are %.0f cm up, %.0f cm away.',
                100 * $band->anchorHeightM,
                100 * $band->anchorDistanceM,
                $rung->things[0]->name,
                100 * $usual->heightShare * $situation->client->body->heightM,
                100 * $usual->distanceM,
            );
        }
        if ($curve->slackFraction > self::MOST_SLACK) {
            return sprintf('%s hangs slack for too much of the range.', ucfirst($rung->things[0]->name));
        }

        return null;
    }
}
