<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

use NimbleShelf\Core\Exception\InvalidQuantity;

/**
 * A stretch of rubber in use: its rest length and its Mooney–Rivlin constants.
 *
 * F(λ) = (λ − λ⁻²)(a + b/λ) for λ > 1, else 0, with λ = length / rest length (Mooney 1940; Rivlin 1948).
 */
final readonly class Band
{
    /** Stretch beyond which a setting is refused unless the maker allows more. */
    public const DEFAULT_LIMIT = 2.5;

    /** No band is used beyond this, whatever its label says. */
    public const HIGHEST_LIMIT = 3.0;

    private function __construct(
        public float $restLengthM,
        public float $aN,
        public float $bN,
    ) {
    }

    /**
     * @param  float  $restLengthM  0.02 to 5 m.
     * @param  float  $aN  0 to 2000 N.
     * @param  float  $bN  0 to 2000 N; not both zero.
     *
     * @throws InvalidQuantity If one is out of range.
     */
    public static function of(float $restLengthM, float $aN, float $bN): self
    {
        if ($restLengthM < 0.02 || $restLengthM > 5.0) {
            throw InvalidQuantity::notBetween('band.rest_length_cm', $restLengthM * 100, 2, 500, 'cm');
        }
        foreach (['band.a_n' => $aN, 'band.b_n' => $bN] as $field => $newtons) {
            if ($newtons < 0 || $newtons > 2000) {
                throw InvalidQuantity::notBetween($field, $newtons, 0, 2000, 'N');
            }
        }
        if ($aN + $bN <= 0) {
            throw InvalidQuantity::because('band.a_n', 'A band needs a or b above zero; both are 0 N.');
        }

        return new self($restLengthM, $aN, $bN);
    }

    /**
     * A first guess from one pair of length and force: a alone, with b = 0. A test of three lengths replaces it.
     *
     * @param  float  $lengthM  More than the rest length.
     * @param  float  $forceN  Above zero.
     *
     * @throws InvalidQuantity If the point is not on a stretched band.
     */
    public static function throughOnePoint(float $restLengthM, float $lengthM, float $forceN): self
    {
        $stretch = $restLengthM > 0 ? $lengthM / $restLengthM : 0.0;
        if ($stretch <= 1.0) {
            throw InvalidQuantity::because('band.length_cm', 'The band must be longer than at rest when its force is read.');
        }

        return self::of($restLengthM, $forceN / ($stretch - 1 / ($stretch * $stretch)), 0.0);
    }

    /** Returns the tension, newtons, at a length in metres; zero where the band hangs slack. */
    public function forceAt(float $lengthM): float
    {
        return $this->forcesAt([$lengthM])[0];
    }

    /**
     * Tensions, newtons, at many lengths, metres.
     *
     * @param  array<int, float>  $lengthsM
     * @return array<int, float>
     */
    public function forcesAt(array $lengthsM): array
    {
        $forces = [];
        foreach ($lengthsM as $lengthM) {
            $stretch = $lengthM / $this->restLengthM;
            $forces[] = $stretch <= 1.0 ? 0.0 : ($stretch - 1 / ($stretch * $stretch)) * ($this->aN + $this->bN / $stretch);
        }

        return $forces;
    }

    /** Returns the energy stored, joules, at a length in metres; its slope along the length is the tension. */
    public function energyAt(float $lengthM): float
    {
        $stretch = $lengthM / $this->restLengthM;
        if ($stretch <= 1.0) {
            return 0.0;
        }

        return $this->restLengthM * (
            $this->aN * ($stretch * $stretch / 2 + 1 / $stretch - 1.5)
            + $this->bN * ($stretch + 1 / (2 * $stretch * $stretch) - 1.5)
        );
    }

    public function withRestLength(float $restLengthM): self
    {
        return new self($restLengthM, $this->aN, $this->bN);
    }

    public function withForceMultipliedBy(float $factor): self
    {
        return new self($this->restLengthM, $this->aN * $factor, $this->bN * $factor);
    }
}
