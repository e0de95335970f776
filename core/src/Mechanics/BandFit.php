<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

use NimbleShelf\Core\Exception\InvalidQuantity;

/**
 * The Mooney–Rivlin curve that fits readings of length and force best, with a, b ≥ 0.
 *
 * Least squares of F = (λ − λ⁻²)(a + b/λ); where the free solution has a negative constant, that constant is zero and
 * the other is fitted alone, which for two unknowns is the non-negative optimum (Lawson & Hanson 1974, chapter 23).
 */
final readonly class BandFit
{
    /** @param  int  $readings  How many points it rests on; one alone leaves b at zero and the curve uncertain. */
    private function __construct(
        public Band $band,
        public float $rmsN,
        public float $rmsFraction,
        public int $readings,
        public Certainty $certainty,
    ) {
    }

    /**
     * @param  float  $restLengthM  0.02 to 5 m.
     * @param  list<array{lengthM: float, forceN: float}>  $points  At least one; each longer than the rest length.
     *
     * @throws InvalidQuantity If a point is not on a stretched band, naming it; or if there is none.
     */
    public static function through(float $restLengthM, array $points): self
    {
        if ($points === []) {
            throw InvalidQuantity::because('points', 'At least one reading of length and force is needed.');
        }
        if ($restLengthM < 0.02 || $restLengthM > 5.0) {
            throw InvalidQuantity::notBetween('rest_length_cm', $restLengthM * 100, 2, 500, 'cm');
        }
        $pp = $pq = $qq = $pf = $qf = 0.0;
        foreach ($points as $i => ['lengthM' => $lengthM, 'forceN' => $forceN]) {
            if ($lengthM <= $restLengthM) {
                throw InvalidQuantity::because(
                    "points.{$i}.length_cm",
                    sprintf(
                        'points.%d.length_cm must be more than the rest length of %.1f cm; a slack band has no force to fit.',
                        $i,
                        $restLengthM * 100,
                    ),
                );
            }
            if ($lengthM > Band::HIGHEST_LIMIT * $restLengthM) {
                throw InvalidQuantity::because(
                    "points.{$i}.length_cm",
                    sprintf(
                        'points.%d.length_cm is more than %.1f times the rest length; no band is stretched that far.',
                        $i,
                        Band::HIGHEST_LIMIT,
                    ),
                );
            }
            if ($forceN < 0 || $forceN > 5000) {
                throw InvalidQuantity::notBetween("points.{$i}.force_n", $forceN, 0, 5000, 'N');
            }
            [$p, $q] = self::shape($lengthM / $restLengthM);
            $pp += $p * $p;
            $pq += $p * $q;
            $qq += $q * $q;
            $pf += $p * $forceN;
            $qf += $q * $forceN;
        }
        $onlyA = [$pf / $pp, 0.0];
        $candidates = [$onlyA, [0.0, $qf / $qq]];
        $determinant = $pp * $qq - $pq * $pq;
        if (count($points) > 1 && $determinant > 1e-9 * $pp * $qq) {
            $candidates[] = [($pf * $qq - $qf * $pq) / $determinant, ($qf * $pp - $pf * $pq) / $determinant];
        } else {
            $candidates = [$onlyA];
        }
        $best = null;
        foreach ($candidates as [$a, $b]) {
            $squares = self::squaredError($restLengthM, $points, $a, $b);
            if ($a >= 0 && $b >= 0 && ($best === null || $squares < $best[2] - 1e-12)) {
                $best = [$a, $b, $squares];
            }
        }
        if ($best === null || $best[0] + $best[1] <= 0) {
            throw InvalidQuantity::because('points', 'The readings show no force at all; check the scale.');
        }
        $rms = sqrt($best[2] / count($points));
        $mean = array_sum(array_column($points, 'forceN')) / count($points);

        return new self(
            band: Band::of($restLengthM, $best[0], $best[1]),
            rmsN: $rms,
            rmsFraction: $mean > 0 ? $rms / $mean : 0.0,
            readings: count($points),
            certainty: count($points) > 1 ? Certainty::Measured : Certainty::Unknown,
        );
    }

    /** @return array{float, float} What a and b are multiplied by at a stretch. */
    private static function shape(float $stretch): array
    {
        $p = $stretch - 1 / ($stretch * $stretch);

        return [$p, $p / $stretch];
    }

    /** @param  list<array{lengthM: float, forceN: float}>  $points */
    private static function squaredError(float $restLengthM, array $points, float $a, float $b): float
    {
        $squares = 0.0;
        foreach ($points as ['lengthM' => $lengthM, 'forceN' => $forceN]) {
            [$p, $q] = self::shape($lengthM / $restLengthM);
            $squares += ($a * $p + $b * $q - $forceN) ** 2;
        }

        return $squares;
    }
}
