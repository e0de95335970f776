<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

use NimbleShelf\Core\Mechanics\Internal\Samples;

/**
 * One exercise done by one body in one placement, sampled over the lifting phase, before any load is added.
 *
 * Resistance is linear in what hangs on the body, so the samples are taken once and every load or band is laid
 * over them: V(u) = Σ m·g·y(u) + Σ W(ℓ(u)), R(u) = (dV/du) / (ds/du) / working limbs.
 */
final class Motion
{
    public const INTERVALS = Samples::FINE;

    /** Half step of the differences taken inside a reversal, in u. */
    private const STEP = 0.002;

    /** Where the effort hardly moves at a reversal, the slopes are taken this far inside. */
    private const INSIDE = 0.02;

    /** Where on the way up of a lunge the far foot has left the floor, in u; our choice, and the figures'. */
    private const HANDED_OVER_AT = 0.5;

    /** @var array<int, float> The moments sampled, 0 to 1. */
    public readonly array $us;

    /** @var array<int, float> Radians or metres from the start of the lifting phase. */
    public readonly array $effort;

    /** @var array<int, float> ds/du, all working limbs added up as they share the load. */
    private readonly array $effortSlopes;

    /** @var list<Pose> Evenly spaced, both ends of the movement included. */
    private readonly array $poses;

    /** @var array<int, array{Pose, Pose}>|null */
    private ?array $bandEnds = null;

    /** @var array<int, array{Pose, Pose}> Poses about the point that stands in for an end at which the effort reverses. */
    private readonly array $ends;

    /** @var array<int, float>|null */
    private ?array $bodyResistance = null;

    private ?float $highestPointM = null;

    /** @var array{float|null}|null */
    private ?array $share = null;

    /** @var array<string, array<int, float>> */
    private array $perKg = [];

    /** @var array<string, list<array{lengths: array<int, float>, slopes: array<int, float>}>> Way of each strand by how it is rigged. */
    private array $strands = [];

    /** @var array<string, list<array<int, float>>> What a newton of tension adds to the mean at each sample, by how it is rigged. */
    private array $means = [];

    /** @var array<string, float> Mean resistance of a kilogram by load point. */
    private array $meanPerKg = [];

    private ?float $meanOfBody = null;

    /** @var array<int, float>|null How much each sample's energy slope counts in the mean resistance. */
    private ?array $weights = null;

    /** @var array<int, float> The far limb's share against the near one's, 0 to 1. */
    public readonly array $farShares;

    public function __construct(
        private readonly Rig $rig,
        private readonly Body $body,
        private readonly Effort $coordinate,
        private readonly WorkingLimbs $limbs,
    ) {
        $us = $poses = $way = $farWay = $farShares = [];
        $last = $lastFar = null;
        $total = $farTotal = 0.0;
        $bothSides = $limbs->areUnequal();
        $farToeX = $rig->poseAt(0.0)->x('far_toe');
        for ($i = 0; $i <= Samples::COARSE; $i++) {
            $pose = $poses[] = $rig->poseAt($i / Samples::COARSE);
            $now = $coordinate->of($pose, 'near', $body);
            $total += $last === null ? 0.0 : $coordinate->step($last, $now);
            $last = $now;
            $way[] = $total;
            if ($bothSides) {
                $now = $coordinate->of($pose, 'far', $body);
                $farTotal += $lastFar === null ? 0.0 : $coordinate->step($lastFar, $now);
                $lastFar = $now;
                $farWay[] = $farTotal;
            }
            $handedOver = $limbs === WorkingLimbs::HandedOver ? min(1.0, $i / Samples::COARSE / self::HANDED_OVER_AT) : 0.0;
            $farShares[] = $this->farShareIn($pose, $handedOver, $farToeX);
        }
        for ($i = 0; $i <= self::INTERVALS; $i++) {
            $us[] = $i / self::INTERVALS;
        }
        $sign = $total < 0 ? -1.0 : 1.0;
        $this->us = $us;
        $this->poses = $poses;
        $this->farShares = $farShares = Samples::values($farShares);
        $this->effort = array_map(static fn (float $travelled): float => $sign * $travelled, Samples::values($way));
        $near = Samples::slopes($way);
        $far = $bothSides ? Samples::slopes($farWay) : $near;
        $slopes = [];
        foreach ($near as $i => $slope) {
            $slopes[] = $sign * ($slope + $farShares[$i] * $far[$i]);
        }
        // At a reversal, where the effort hardly moves, slopes are taken a little inside.
        $ends = [];
        foreach ([0, self::INTERVALS] as $i) {
            if (abs($slopes[$i]) >= 0.2 * abs($total) * (1 + $farShares[$i])) {
                continue;
            }
            [$before, $after] = $ends[$i] = $this->around($i === 0 ? self::INSIDE : 1 - self::INSIDE);
            $slopes[$i] = $sign * $this->slopeBetween($before, $after, $farShares[$i]);
        }
        $this->effortSlopes = $slopes;
        $this->ends = $ends;
    }

    /**
     * Resistance of the body's own segments, per working limb.
     *
     * @return array<int, float>
     */
    public function bodyResistance(): array
    {
        return $this->bodyResistance ??= $this->resistanceOf(fn (Pose $pose): float => $pose->bodyEnergy($this->body));
    }

    /**
     * Resistance of one kilogram at a load point, in all; for `hands` and `ankles` one kilogram on each working limb.
     *
     * @return array<int, float>
     */
    public function resistancePerKg(LoadPoint $point): array
    {
        $joules = ($point->isPerLimb() ? 2.0 : 1.0) * Body::GRAVITY;

        return $this->perKg[$point->value] ??= $this->resistanceOf(
            fn (Pose $pose): float => $joules * $point->heightIn($pose, $this->body),
        );
    }

    /**
     * Resistance and length of a band, one strand to each working limb: its tension times how fast the strand grows.
     * A handle is part of the way and not of the rubber.
     *
     * @return array{resistance: array<int, float>, lengths: array<int, float>} N or N·m per limb; metres.
     */
    public function bandResistance(BandSetup $setup, Band $strand, ?BandAttachment $attachment = null): array
    {
        $attachment ??= BandAttachment::fromArray([]);
        $ways = $this->strandWays($setup, $attachment);
        $slopes = array_fill(0, self::INTERVALS + 1, 0.0);
        $handleM = $setup->handleInUseM();
        $rubber = [];
        foreach ($ways as $way) {
            $lengths = $handleM > 0
                ? array_map(static fn (float $wayM): float => max(0.0, $wayM - $handleM), $way['lengths'])
                : $way['lengths'];
            $rubber[] = $lengths;
            foreach ($strand->forcesAt($lengths) as $i => $tension) {
                $slopes[$i] += $tension * $way['slopes'][$i];
            }
        }
        $resistance = array_map($this->perEffort(...), $slopes, $this->effortSlopes);

        return ['resistance' => $resistance, 'lengths' => $rubber[0]];
    }

    /** Mean over the effort of `bodyResistance()`. */
    public function meanBodyResistance(): float
    {
        return $this->meanOfBody ??= ResistanceCurve::meanOf($this->bodyResistance(), $this->effort);
    }

    /** Mean over the effort of `resistancePerKg()`. */
    public function meanResistancePerKg(LoadPoint $point): float
    {
        return $this->meanPerKg[$point->value] ??= ResistanceCurve::meanOf($this->resistancePerKg($point), $this->effort);
    }

    /**
     * What `bandResistance()` comes to on the whole, without the curve itself.
     *
     * @return array{mean: float, longestM: float, slack: float} N or N·m per limb; metres; part of the samples, 0 to 1.
     */
    public function bandSummary(BandSetup $setup, Band $strand, ?BandAttachment $attachment = null): array
    {
        $attachment ??= BandAttachment::fromArray([]);
        $ways = $this->strandWays($setup, $attachment);
        $pulls = $this->means[$this->rigKey($setup, $attachment)] ??= array_map(
            fn (array $way): array => array_map(
                static fn (float $slope, float $weight): float => $slope * $weight,
                $way['slopes'],
                $this->weights(),
            ),
            $ways,
        );
        $handleM = $setup->handleInUseM();
        $mean = $longestM = 0.0;
        $slack = 0;
        foreach ($ways as $side => $way) {
            $lengths = $way['lengths'];
            if ($handleM > 0) {
                foreach ($lengths as $i => $wayM) {
                    $lengths[$i] = $wayM > $handleM ? $wayM - $handleM : 0.0;
                }
            }
            $pull = $pulls[$side];
            foreach ($strand->forcesAt($lengths) as $i => $tensionN) {
                $mean += $tensionN * $pull[$i];
                $slack += $side === 0 && $tensionN <= 0.0 ? 1 : 0;
            }
            $longestM = $side === 0 ? max(0.0, ...$lengths) : $longestM;
        }

        return ['mean' => $mean, 'longestM' => $longestM, 'slack' => $slack / (self::INTERVALS + 1)];
    }

    /** @return array<int, float> */
    private function weights(): array
    {
        if ($this->weights !== null) {
            return $this->weights;
        }
        $widths = [];
        for ($i = 1; $i <= self::INTERVALS; $i++) {
            $widths[$i] = abs($this->effort[$i] - $this->effort[$i - 1]);
        }
        $range = array_sum($widths);
        $weights = [];
        foreach ($this->effortSlopes as $i => $slope) {
            $share = $range < 1e-9 ? 0.0 : (($widths[$i] ?? 0.0) + ($widths[$i + 1] ?? 0.0)) / 2 / $range;
            $weights[$i] = $this->perEffort($share, $slope);
        }

        return $this->weights = $weights;
    }

    private function rigKey(BandSetup $setup, BandAttachment $attachment): string
    {
        return "{$setup->layout->value}|{$setup->stanceM}|{$setup->anchorHeightM}|{$setup->anchorDistanceM}"
            ."|{$attachment->joint}|{$attachment->along}|{$attachment->across}";
    }

    /**
     * How long each strand is and how fast it grows, whatever band it is; kept, because grip and rubber do not change it.
     * Where both sides move alike one way stands for both, growing twice as fast.
     *
     * @return non-empty-list<array{lengths: array<int, float>, slopes: array<int, float>}>
     */
    private function strandWays(BandSetup $setup, BandAttachment $attachment): array
    {
        $key = $this->rigKey($setup, $attachment);
        $ways = $this->strands[$key] ?? [];
        if ($ways === []) {
            $one = $this->limbs === WorkingLimbs::One || $this->rig->farArmRests();
            $alike = $this->poses[0]->bothSidesAlike;
            $weight = $alike && (! $one || $attachment->isBetweenLimbs) ? 2.0 : 1.0;
            foreach ($alike || ($one && ! $attachment->isBetweenLimbs) ? ['near'] : ['near', 'far'] as $side) {
                $length = fn (Pose $pose): float => $this->strandLength($pose, $setup, $attachment, $side);
                $evaluated = array_map($length, $this->poses);
                $lengths = Samples::values($evaluated);
                $slopes = Samples::slopes($evaluated);
                foreach ($this->bandEnds() as $i => [$before, $after]) {
                    $slopes[$i] = ($length($after) - $length($before)) / (2 * self::STEP);
                    $lengths[$i] = ($length($after) + $length($before)) / 2;
                }
                $ways[] = [
                    'lengths' => $lengths,
                    'slopes' => $weight === 1.0 ? $slopes : array_map(static fn (float $slope): float => $weight * $slope, $slopes),
                ];
            }
            $this->strands[$key] = $ways;
        }

        return $ways;
    }

    /**
     * @param  \Closure(Pose): float  $energy  Joules.
     * @return array<int, float>
     */
    private function resistanceOf(\Closure $energy): array
    {
        $slopes = Samples::slopes(array_map($energy, $this->poses));
        foreach ($this->ends as $i => [$before, $after]) {
            $slopes[$i] = ($energy($after) - $energy($before)) / (2 * self::STEP);
        }

        return array_map($this->perEffort(...), $slopes, $this->effortSlopes);
    }

    /**
     * The body's own part of the resistance, all working limbs together, as a share of body weight. Along a reach: at
     * the end. For legs: the energy the body gains for each metre the hips rise, of the working leg's share where the two differ.
     * Null along any other angle, and where the hips do not rise.
     */
    public function shareOfBodyWeight(): ?float
    {
        return ($this->share ??= [$this->reckonedShare()])[0];
    }

    private function reckonedShare(): ?float
    {
        if ($this->coordinate->isReach()) {
            return $this->bodyResistance()[self::INTERVALS] * (1 + $this->farShares[self::INTERVALS]) / $this->body->weightN();
        }
        $first = $this->poses[0];
        $last = $this->poses[Samples::COARSE];
        $riseM = $last->y('hip') - $first->y('hip');
        if (! $this->coordinate->isOfLegs() || $riseM < 0.005) {
            return null;
        }
        $onNear = $this->limbs->areUnequal()
            ? array_sum(array_map(static fn (float $far): float => 1 / (1 + $far), $this->farShares)) / count($this->farShares)
            : 1.0;

        return $onNear * ($last->bodyEnergy($this->body) - $first->bodyEnergy($this->body)) / $riseM / $this->body->weightN();
    }

    /** Highest point of the body over the movement, metres above the floor. */
    public function highestPointM(): float
    {
        if ($this->highestPointM !== null) {
            return $this->highestPointM;
        }
        $highest = 0.0;
        foreach ($this->poses as $pose) {
            $highest = max($highest, $pose->highestM());
        }

        return $this->highestPointM = $highest;
    }

    private function perEffort(float $energySlope, float $effortSlope): float
    {
        // A limb that does not move along its coordinate has no resistance to report there.
        return abs($effortSlope) < 1e-9 ? 0.0 : $energySlope / $effortSlope;
    }

    /**
     * Poses about both ends. A band may come tight right at one, where differences over the range would smear the kink.
     *
     * @return array<int, array{Pose, Pose}>
     */
    private function bandEnds(): array
    {
        return $this->bandEnds ??= [
            0 => $this->ends[0] ?? $this->around(0.0),
            self::INTERVALS => $this->ends[self::INTERVALS] ?? $this->around(1.0),
        ];
    }

    /** @return array{Pose, Pose} Poses a small step before and after. */
    private function around(float $u): array
    {
        return [$this->rig->poseAt($u - self::STEP), $this->rig->poseAt($u + self::STEP)];
    }

    private function slopeBetween(Pose $before, Pose $after, float $farShare): float
    {
        $near = $this->coordinate->step(
            $this->coordinate->of($before, 'near', $this->body),
            $this->coordinate->of($after, 'near', $this->body),
        );
        $far = match (true) {
            $farShare === 0.0 => 0.0,
            $this->limbs === WorkingLimbs::Both => $near,
            default => $this->coordinate->step(
                $this->coordinate->of($before, 'far', $this->body),
                $this->coordinate->of($after, 'far', $this->body),
            ),
        };

        return ($near + $farShare * $far) / (2 * self::STEP);
    }

    /**
     * How much the far limb carries against the near one. Shared legs split the weight as the moments about the
     * two feet balance, taking the floor's reactions as vertical; where the far foot leaves its place, the near leg's
     * part grows from that share to the whole, evenly at first and at last (our choice: no measurement says how).
     *
     * @param  float  $handedOver  How much of what the far foot bore has gone over to the near one, 0 to 1; 0 where it stays.
     * @param  float  $farToeX  Where the far foot started, metres.
     */
    private function farShareIn(Pose $pose, float $handedOver, float $farToeX): float
    {
        if ($this->limbs === WorkingLimbs::One || $this->rig->farArmRests()) {
            return 0.0;
        }
        if ($this->limbs === WorkingLimbs::Both) {
            return 1.0;
        }
        $near = ($pose->x('near_heel') + $pose->x('near_toe')) / 2;
        $far = $this->limbs === WorkingLimbs::HandedOver ? $farToeX : $pose->x('far_toe');
        $onNear = max(0.05, min(1.0, ($pose->centreOfMassX($this->body) - $far) / ($near - $far)));
        $onNear += (1 - $onNear) * $handedOver ** 2 * (3 - 2 * $handedOver);

        return min(1.0, (1 - $onNear) / $onNear);
    }

    private function strandLength(Pose $pose, BandSetup $setup, BandAttachment $attachment, string $side): float
    {
        $anchor = BandAnchor::of($this->rig, $pose, $setup, $attachment, $side, startHipX: $this->poses[0]->x('hip'));
        [$endX, $endY] = $pose->joints[$attachment->jointOn($side)];

        return sqrt(($endX - $anchor['x']) ** 2 + ($endY - $anchor['y']) ** 2 + $anchor['across'] ** 2);
    }
}
