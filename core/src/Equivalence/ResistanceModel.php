<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Equivalence;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Mechanics\BandSetup;
use NimbleShelf\Core\Mechanics\Bends;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Mechanics\CurveSummary;
use NimbleShelf\Core\Mechanics\HandsReading;
use NimbleShelf\Core\Mechanics\LoadPoint;
use NimbleShelf\Core\Mechanics\Motion;
use NimbleShelf\Core\Mechanics\Placement;
use NimbleShelf\Core\Mechanics\PullLine;
use NimbleShelf\Core\Mechanics\ResistanceCurve;
use NimbleShelf\Core\Mechanics\Rig;
use NimbleShelf\Core\Mechanics\Setting;

/** Turns an exercise, a body and a setting into a resistance curve and an equivalent with its spread. */
final class ResistanceModel
{
    /** One sigma of a length of band in use, metres; ENGINE contract, section 7. */
    private const BAND_LENGTH_SD_M = 0.03;

    /** One sigma of limb lengths, as a fraction. */
    private const LIMB_SD = 0.03;

    /** One sigma of what share of body weight a limb bears, as a fraction. */
    private const BODY_SHARE_SD = 0.08;

    /** Below this share of what it weighs at its hardest a kilogram of the reference lift is no measure; our choice. */
    private const VANISHES = 0.15;

    /** So many curves are kept before all are let go; about 8 MB. */
    private const KEPT = 4000;

    /** So many summaries are kept in this run before all are let go; about 8 MB. */
    private const SUMMED = 20000;

    /** @var array<string, ResistanceCurve> */
    private array $curves = [];

    /** @var array<string, CurveSummary> Of this run. */
    private array $summed = [];

    /** @var array<string, float> How far anchored bands pull off the line of their movements, degrees. */
    private array $pulls = [];

    /** @var array<string, Bends> */
    private array $bends = [];

    /** @var array<string, float> */
    private array $reaches = [];

    /** @var array<string, Motion> */
    private array $motions = [];

    /** @var array<string, array{float, float}> */
    private array $means = [];

    /** @param  SumStore|null  $sums  Keeps what sums come to beyond this run; null to reckon them each time. */
    public function __construct(private readonly Catalogue $catalogue, private readonly ?SumStore $sums = null)
    {
    }

    /**
     * Returns the resistance over the lifting phase.
     *
     * @throws InvalidQuantity If the implement cannot load this exercise or a band has no length left.
     */
    public function curve(Exercise $exercise, Body $body, Setting $setting): ResistanceCurve
    {
        $reckoned = $this->catalogue->reckoned($exercise);
        $point = $setting->massKg > 0 ? $reckoned->loadPointFor($setting->implement)->value ?? null : '';
        // What is reckoned as something else keeps its own height, and so its own figure.
        $key = $point === null || ($setting->band !== null && ! $reckoned->takesBand($setting->band->layout))
            ? null
            : "{$reckoned->geometryKey}|{$exercise->figureId}|{$body->key}|{$point}|{$setting->key()}";
        if ($key !== null && isset($this->curves[$key])) {
            return $this->curves[$key];
        }
        $reckon = fn (): ResistanceCurve => $this->curveWith($exercise, $body, $setting, 1.0, 0.0, 1.0);
        if ($key === null) {
            return $reckon();
        }
        $curve = $this->sums === null ? $reckon() : ResistanceCurve::unpacked(
            $this->kept($body, $exercise, "curve|{$key}", static fn (): array => $reckon()->packed()),
            $reckoned->effort->unit(),
        );
        if (count($this->curves) >= self::KEPT) {
            $this->curves = [];
        }

        return $this->curves[$key] = $curve;
    }

    /**
     * Returns what the curve comes to on the whole: the quick half of `curve()`, for finding the nearest of many settings.
     * A school that reads off one point of the curve gets the curve.
     *
     * @throws InvalidQuantity As `curve()` does.
     */
    public function summary(Exercise $exercise, Body $body, Setting $setting, School $school = School::Mean): CurveSummary|ResistanceCurve
    {
        if ($school !== School::Mean) {
            return $this->curve($exercise, $body, $setting);
        }
        $of = "{$exercise->geometryKey}|{$setting->implement}|{$setting->key()}";
        $key = "{$exercise->id}|{$body->key}|{$of}";
        if (isset($this->summed[$key])) {
            return $this->summed[$key];
        }
        $summary = CurveSummary::unpacked($this->kept(
            $body,
            $exercise,
            "summary|{$of}",
            fn (): array => $this->summedUp($exercise, $body, $setting)->packed(),
        ));
        if (count($this->summed) >= self::SUMMED) {
            $this->summed = [];
        }

        return $this->summed[$key] = $summary;
    }

    private function summedUp(Exercise $exercise, Body $body, Setting $setting): CurveSummary
    {
        $done = $exercise;
        $exercise = $this->catalogue->reckoned($exercise);
        $motion = $this->motion($exercise, $body, $exercise->placementOf($setting));
        $mean = $motion->meanBodyResistance();
        if ($setting->massKg > 0) {
            $point = $this->loadPoint($exercise, $setting, $done->name);
            $mean += $this->kgAt($point, $setting) * $motion->meanResistancePerKg($point);
        }
        $slack = 0.0;
        $longestStretch = null;
        if ($setting->band !== null) {
            $strand = $this->strand($exercise, $body, $setting->band, $done->name);
            $band = $motion->bandSummary($setting->band, $strand, $exercise->bandAttachment);
            $mean += $band['mean'];
            $slack = $band['slack'];
            $longestStretch = $band['longestM'] / $strand->restLengthM;
        }

        return new CurveSummary($mean, $slack, $longestStretch, $this->highestPointM($done, $exercise, $motion, $body, $setting));
    }

    /**
     * Returns the mass in the pattern's reference lift that feels the same to the same person.
     *
     * The spread is one-at-a-time propagation: mass, band curve, band length, limb lengths and body share are each
     * moved by one sigma, and the changes of the equivalent added as a root sum of squares. The body is the same in
     * both lifts, so an error of its share counts only where the two lifts carry different parts of it.
     *
     * @param  string  $pattern  The pattern whose reference lift to use; by default the exercise's own.
     *
     * @throws InvalidQuantity If the setting does not fit the exercise, or the two are felt along different coordinates.
     */
    public function equivalent(
        Exercise $exercise,
        Body $body,
        Setting $setting,
        School $school,
        ?Certainty $certainty = null,
        ?string $pattern = null,
    ): Equivalent {
        $certainty ??= Certainty::Labelled;
        $pattern = $this->catalogue->pattern($pattern ?? $exercise->pattern);
        if ($pattern->referenceExercise === null) {
            return Equivalent::unmeasured($pattern->id, $this->curve($exercise, $body, $setting));
        }
        $reference = $this->catalogue->exercise($pattern->referenceExercise);
        if (! $this->catalogue->reckoned($exercise)->effort->comparesWith($reference->effort)) {
            throw InvalidQuantity::because(
                'exercise',
                sprintf('%s is felt along another joint than %s; the two have no common measure.', $exercise->name, $reference->name),
            );
        }

        $curve = $this->curve($exercise, $body, $setting);
        [$kg, $ownKg] = $this->inReference($curve, $reference, $pattern->referencePoint, $body, $school);

        $key = "{$exercise->geometryKey}|{$setting->implement}|{$setting->key()}|{$school->value}|{$certainty->value}|{$pattern->id}";
        [$sdKg] = $this->kept(
            $body,
            $exercise,
            "spread|{$key}",
            fn (): array => [$this->spreadKg($kg, $exercise, $body, $setting, $school, $certainty, $reference, $pattern->referencePoint)],
        );

        $referenceCurve = $this->referenceCurve($reference, $pattern->referencePoint, $body, $kg);

        return new Equivalent(
            kg: $kg,
            sdKg: $sdKg,
            ownKg: $ownKg,
            pattern: $pattern->id,
            referenceExercise: $reference->id,
            unit: $pattern->unit,
            curve: $curve,
            referenceCurve: $referenceCurve,
            shapeDifference: $curve->shapeDifferenceFrom($referenceCurve),
            kgAlong: $this->kgAlong($curve, $reference, $pattern->referencePoint, $body),
            referenceName: $reference->name,
        );
    }

    /** One sigma of an equivalent, kilograms: how far it moves with each thing that is not known for sure. */
    private function spreadKg(
        float $kg,
        Exercise $exercise,
        Body $body,
        Setting $setting,
        School $school,
        Certainty $certainty,
        Exercise $reference,
        LoadPoint $point,
    ): float {
        $moved = [];
        if ($setting->massKg > 0) {
            $moved[] = $this->inReference(
                $this->curveWith($exercise, $body, $setting->withMassKg($setting->massKg * (1 + $certainty->sigma())), 1.0, 0.0, 1.0),
                $reference,
                $point,
                $body,
                $school,
            )[0];
        }
        if ($setting->band !== null) {
            $moved[] = $this->inReference(
                $this->curveWith($exercise, $body, $setting, 1 + $certainty->sigma(), 0.0, 1.0),
                $reference,
                $point,
                $body,
                $school,
            )[0];
            $moved[] = $this->inReference(
                $this->curveWith($exercise, $body, $setting, 1.0, self::BAND_LENGTH_SD_M, 1.0),
                $reference,
                $point,
                $body,
                $school,
            )[0];
        }
        $longer = $body->withLengthsScaledBy(1 + self::LIMB_SD);
        $moved[] = $this->inReference(
            $this->curveWith($exercise, $longer, $setting, 1.0, 0.0, 1.0),
            $reference,
            $point,
            $longer,
            $school,
        )[0];
        $heavier = $this->curveWith($exercise, $body, $setting, 1.0, 0.0, 1 + self::BODY_SHARE_SD);
        $moved[] = $this->inReference(
            $heavier,
            $reference,
            $point,
            $body,
            $school,
            bodyShare: 1 + self::BODY_SHARE_SD,
        )[0];
        $variance = 0.0;
        foreach ($moved as $movedKg) {
            $variance += ($movedKg - $kg) ** 2;
        }

        return sqrt($variance);
    }

    /**
     * Returns the whole load in kilograms of a pattern's reference lift, body included, without its spread.
     *
     * The quick half of `equivalent()`, for finding the nearest of many settings.
     *
     * @throws InvalidQuantity As `equivalent()` does.
     */
    public function wholeKg(Exercise $exercise, Body $body, CurveSummary|ResistanceCurve $curve, School $school, string $pattern): float
    {
        $pattern = $this->catalogue->pattern($pattern);
        if ($pattern->referenceExercise === null) {
            return Equivalent::UNMEASURED_WHOLE_KG;
        }
        [$kg, $ownKg] = $this->inReference(
            $curve,
            $this->catalogue->exercise($pattern->referenceExercise),
            $pattern->referencePoint,
            $body,
            $school,
        );

        return $kg + $ownKg;
    }

    /** Returns the body's own part of a measured pattern's reference lift, kilograms; zero where nothing is measured. */
    public function ownKg(string $pattern, Body $body): float
    {
        $pattern = $this->catalogue->pattern($pattern);
        if ($pattern->referenceExercise === null) {
            return 0.0;
        }
        [$meanPerKg, $meanOwn] = $this->referenceMeans(
            $this->catalogue->exercise($pattern->referenceExercise),
            $pattern->referencePoint,
            $body,
        );

        return $meanOwn / $meanPerKg;
    }

    /**
     * What a force plate under both hands would read at the start and at the end of the lift, body weight alone.
     *
     * @return array{start: float, end: float}|null Shares of body weight; null where the hands bear no weight.
     */
    public function handsReading(Exercise $exercise, Body $body, Setting $setting): ?array
    {
        $rig = $this->rig($exercise, $body, $setting);
        $start = HandsReading::shareAt($rig, 0.0);
        $end = HandsReading::shareAt($rig, 1.0);

        return $start === null || $end === null ? null : ['start' => $start, 'end' => $end];
    }

    public function rig(Exercise $exercise, Body $body, Setting $setting): Rig
    {
        return $this->catalogue->figureOf($exercise)->riggedFor($body, $exercise->placementOf($setting));
    }

    public function motion(Exercise $exercise, Body $body, Placement $placement): Motion
    {
        $key = "{$exercise->motionKey}|{$body->key}|{$placement->key()}";

        return $this->motions[$key] ??= new Motion(
            rig: $this->catalogue->figureOf($exercise)->riggedFor($body, $placement),
            body: $body,
            coordinate: $exercise->effort,
            limbs: $exercise->workingLimbs,
        );
    }

    /** How far knees and hips bend in this very setting. */
    public function bends(Exercise $exercise, Body $body, Setting $setting): Bends
    {
        $placement = $exercise->placementOf($setting);
        $key = "{$exercise->figureId}|{$body->key}|{$placement->key()}";

        return $this->bends[$key] ??= Bends::of($this->catalogue->figureOf($exercise)->riggedFor($body, $placement));
    }

    /** How far an anchored band pulls off the movement's own line, degrees; 0 where nothing is anchored. */
    public function pullOffDegrees(Exercise $exercise, Body $body, Setting $setting): float
    {
        if ($setting->band === null || ! $setting->band->layout->needsAnchor()) {
            return 0.0;
        }
        $reckoned = $this->catalogue->reckoned($exercise);
        $placement = $reckoned->placementOf($setting);
        $key = "{$reckoned->geometryKey}|{$body->key}|{$placement->key()}"
            ."|{$setting->band->anchorHeightM}|{$setting->band->anchorDistanceM}";

        return $this->pulls[$key] ??= $this->kept($body, $reckoned, "pull|{$key}", fn (): array => [PullLine::off(
            $this->catalogue->figureOf($reckoned)->riggedFor($body, $placement),
            $setting->band,
            $reckoned->bandAttachment,
            $body->heightM,
        )])[0];
    }

    /** Highest point of the movement itself, metres, from its start, middle and end. */
    private function reachM(Exercise $exercise, Body $body, Placement $placement): float
    {
        $figure = $this->catalogue->figureOf($exercise);
        $key = "{$exercise->figureId}|{$body->key}|{$placement->key()}";
        if (! isset($this->reaches[$key])) {
            $rig = $figure->riggedFor($body, $placement);
            $this->reaches[$key] = max(array_map(static fn (float $u): float => $rig->poseAt($u)->highestM(), [0.0, 0.5, 1.0]));
        }

        return $this->reaches[$key];
    }

    private function curveWith(
        Exercise $exercise,
        Body $body,
        Setting $setting,
        float $bandForce,
        float $bandLongerByM,
        float $bodyShare,
    ): ResistanceCurve {
        $name = $exercise->name;
        $done = $exercise;
        $exercise = $this->catalogue->reckoned($exercise);
        $motion = $this->motion($exercise, $body, $exercise->placementOf($setting));
        $bodyPart = $motion->bodyResistance();
        if ($bodyShare !== 1.0) {
            $bodyPart = array_map(static fn (float $part): float => $part * $bodyShare, $bodyPart);
        }
        $resistance = $bodyPart;
        if ($setting->massKg > 0) {
            $point = $this->loadPoint($exercise, $setting, $name);
            $kg = $this->kgAt($point, $setting);
            foreach ($motion->resistancePerKg($point) as $i => $perKg) {
                $resistance[$i] += $kg * $perKg;
            }
        }
        $slack = 0.0;
        $longestStretch = $longestLengthM = null;
        if ($setting->band !== null) {
            $strand = $this->strand($exercise, $body, $setting->band, $name, $bandLongerByM);
            $band = $motion->bandResistance($setting->band, $strand->withForceMultipliedBy($bandForce), $exercise->bandAttachment);
            $slackSamples = 0;
            foreach ($band['resistance'] as $i => $pull) {
                $resistance[$i] += $pull;
                $slackSamples += $band['lengths'][$i] <= $strand->restLengthM ? 1 : 0;
            }
            $slack = $slackSamples / count($resistance);
            $longestLengthM = max(0.0, ...$band['lengths']);
            $longestStretch = $longestLengthM / $strand->restLengthM;
        }

        assert($resistance !== []);

        return new ResistanceCurve(
            us: $motion->us,
            effort: $motion->effort,
            resistance: $resistance,
            bodyPart: $bodyPart,
            unit: $exercise->effort->unit(),
            shareOfBodyWeight: $motion->shareOfBodyWeight(),
            slackFraction: $slack,
            longestStretch: $longestStretch,
            longestLengthM: $longestLengthM,
            highestPointM: $this->highestPointM($done, $exercise, $motion, $body, $setting),
        );
    }

    /** @throws InvalidQuantity If the implement cannot load the exercise. */
    private function loadPoint(Exercise $exercise, Setting $setting, string $name): LoadPoint
    {
        return $exercise->loadPointFor($setting->implement)
            ?? throw InvalidQuantity::because('setting.implement', sprintf('A %s cannot load %s.', $setting->implement, $name));
    }

    /** Kilograms at one load point; a single thing held in both hands of a two-handed lift counts half in each. */
    private function kgAt(LoadPoint $point, Setting $setting): float
    {
        return $point->isPerHand() && ! $setting->perHand && $setting->limbs !== 1 ? $setting->massKg / 2 : $setting->massKg;
    }

    /** @throws InvalidQuantity If the exercise takes no band rigged so, or too little of it is left. */
    private function strand(Exercise $exercise, Body $body, BandSetup $band, string $name, float $longerByM = 0.0): Band
    {
        if (! $exercise->takesBand($band->layout)) {
            throw InvalidQuantity::because(
                'setting.band.layout',
                sprintf('A band cannot be rigged "%s" for %s.', $band->layout->value, $name),
            );
        }

        return $band->strand(
            restStanceM: 2 * $body->lengths['half_hip'],
            shoulderWidthM: 2 * $body->lengths['half_shoulder'],
            longerByM: $longerByM,
        );
    }

    /** What is reckoned as something else still reaches as high as it does itself. */
    private function highestPointM(Exercise $done, Exercise $reckoned, Motion $motion, Body $body, Setting $setting): float
    {
        return $done->figureId === $reckoned->figureId
            ? $motion->highestPointM()
            : max($motion->highestPointM(), $this->reachM($done, $body, $done->placementOf($setting)));
    }

    /**
     * @return array{float, float} The mass that agrees, and what the body's own part amounts to, kilograms.
     */
    private function inReference(
        CurveSummary|ResistanceCurve $curve,
        Exercise $reference,
        LoadPoint $point,
        Body $body,
        School $school,
        float $bodyShare = 1.0,
    ): array {
        [$meanPerKg, $meanOwn] = $this->referenceMeans($reference, $point, $body);
        $ownKg = $meanOwn * $bodyShare / $meanPerKg;
        if ($school === School::Mean) {
            return [$curve->mean() / $meanPerKg - $ownKg, $ownKg];
        }
        assert($curve instanceof ResistanceCurve);
        $motion = $this->motion($reference, $body, $reference->placementOf(Setting::bodyWeight()));
        $perKg = $motion->resistancePerKg($point);
        $own = array_map(static fn (float $part): float => $part * $bodyShare, $motion->bodyResistance());
        $last = Motion::INTERVALS;
        $kg = match ($school) {
            School::EndOfRange => ($curve->end() - $own[$last]) / $perKg[$last],
            // The peak over the range of own + kg × perKg is the largest of straight lines in kg: invert each, take the least.
            School::Peak => min(INF, ...array_map(
                static fn (float $ownPart, float $slope): float => $slope > 1e-6 ? ($curve->peak() - $ownPart) / $slope : INF,
                $own,
                $perKg,
            )),
        };

        return [$kg, $ownKg];
    }

    /** @return array{float, float} Mean resistance of a kilogram and of the body itself in a reference lift. */
    private function referenceMeans(Exercise $reference, LoadPoint $point, Body $body): array
    {
        $key = "{$reference->id}|{$reference->geometryKey}|{$point->value}|{$body->key}";
        /** @var array{float, float} $means */
        $means = $this->means[$key] ?? $this->kept($body, $reference, "means|{$key}", function () use ($reference, $point, $body): array {
            $motion = $this->motion($reference, $body, $reference->placementOf(Setting::bodyWeight()));

            return [$motion->meanResistancePerKg($point), $motion->meanBodyResistance()];
        });

        return $this->means[$key] = $means;
    }

    /**
     * What was kept of a sum, or what it comes to.
     *
     * @param  \Closure(): non-empty-list<float>  $reckon
     * @return non-empty-list<float>
     */
    private function kept(Body $body, Exercise $exercise, string $key, \Closure $reckon): array
    {
        $sums = $this->sums?->find($body->key, $exercise->id, $key) ?? [];
        if ($sums === []) {
            $sums = $reckon();
            $this->sums?->keep($body->key, $exercise->id, $key, $sums);
        }

        return $sums;
    }

    /**
     * The mass in the reference lift that would feel the same at each sample of the way, the two lifts laid over each other.
     *
     * @return array<int, float|null> Kilograms; null where a kilogram in the reference lift weighs next to nothing.
     */
    private function kgAlong(ResistanceCurve $curve, Exercise $reference, LoadPoint $point, Body $body): array
    {
        $motion = $this->motion($reference, $body, $reference->placementOf(Setting::bodyWeight()));
        $own = $motion->bodyResistance();
        $perKg = $motion->resistancePerKg($point);
        $least = self::VANISHES * max([0.0, ...array_map(abs(...), $perKg)]);
        $along = [];
        foreach ($curve->resistance as $i => $resistance) {
            $along[] = abs($perKg[$i]) < $least ? null : ($resistance - $own[$i]) / $perKg[$i];
        }

        return $along;
    }

    private function referenceCurve(Exercise $reference, LoadPoint $point, Body $body, float $kg): ResistanceCurve
    {
        $motion = $this->motion($reference, $body, $reference->placementOf(Setting::bodyWeight()));
        $own = $motion->bodyResistance();
        $resistance = array_map(
            static fn (float $ownPart, float $perKg): float => $ownPart + $kg * $perKg,
            $own,
            $motion->resistancePerKg($point),
        );
        assert($resistance !== []);

        return new ResistanceCurve(
            us: $motion->us,
            effort: $motion->effort,
            resistance: $resistance,
            bodyPart: $own,
            unit: $reference->effort->unit(),
            shareOfBodyWeight: null,
            slackFraction: 0.0,
            longestStretch: null,
            longestLengthM: null,
            highestPointM: $motion->highestPointM(),
        );
    }
}
