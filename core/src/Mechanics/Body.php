<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

use NimbleShelf\Core\Exception\InvalidQuantity;

/**
 * One person's segments: lengths in metres, masses in kilograms.
 *
 * Lengths are fractions of height (Drillis & Contini 1966, as printed in Winter 2009, figure 4.1), masses and
 * centres of mass fractions of body mass and of segment length (Winter 2009, table 4.1). A measured limb
 * length always overrides its fraction.
 */
final readonly class Body
{
    /** Standard gravity, m/s² (CGPM 1901). */
    public const GRAVITY = 9.80665;

    /** Segment length / height. */
    private const LENGTHS = [
        'hand' => 0.108,
        'forearm' => 0.146,
        'upper_arm' => 0.186,
        'trunk' => 0.288,
        'head' => 0.182,
        'thigh' => 0.245,
        'shank' => 0.246,
        'foot' => 0.152,
        'ankle_height' => 0.039,
        'half_shoulder' => 0.129,
        'half_hip' => 0.0955,
    ];

    /** Segment mass / body mass, each side. */
    private const MASSES = [
        'hand' => 0.006,
        'forearm' => 0.016,
        'upper_arm' => 0.028,
        'trunk' => 0.497,
        'head' => 0.081,
        'thigh' => 0.100,
        'shank' => 0.0465,
        'foot' => 0.0145,
    ];

    /** Centre of mass from the proximal end / segment length. */
    public const CENTRES = [
        'hand' => 0.506,
        'forearm' => 0.430,
        'upper_arm' => 0.436,
        'trunk' => 0.50,
        'head' => 0.50,
        'thigh' => 0.433,
        'shank' => 0.433,
        'foot' => 0.50,
    ];

    /** Where the hand grips, past the wrist / hand length. */
    public const GRIP = 0.506;

    /** Distinguishes two bodies in a cache. */
    public string $key;

    /**
     * @param  array<string, float>  $lengths  Metres by segment name.
     * @param  array<string, float>  $masses  Kilograms by segment name, one side.
     */
    private function __construct(
        public float $heightM,
        public float $massKg,
        public array $lengths,
        public array $masses,
    ) {
        $this->key = hash('xxh3', $massKg.'|'.implode(',', $lengths));
    }

    /**
     * @param  float  $heightM  1.0 to 2.3 m.
     * @param  float  $massKg  25 to 250 kg.
     * @param  array<string, float>  $limbsM  Measured lengths in metres, by segment name; they override the fractions.
     *
     * @throws InvalidQuantity If a measure is outside its range or a limb has no such name.
     */
    public static function of(float $heightM, float $massKg, array $limbsM = []): self
    {
        if ($heightM < 1.0 || $heightM > 2.3) {
            throw InvalidQuantity::notBetween('height_cm', $heightM * 100, 100, 230, 'cm');
        }
        if ($massKg < 25 || $massKg > 250) {
            throw InvalidQuantity::notBetween('body_mass_kg', $massKg, 25, 250, 'kg');
        }
        $lengths = array_map(static fn (float $fraction): float => $fraction * $heightM, self::LENGTHS);
        foreach ($limbsM as $name => $lengthM) {
            if (! isset($lengths[$name])) {
                throw InvalidQuantity::because(
                    "limbs.{$name}_cm",
                    sprintf('There is no limb "%s" to measure; known are %s.', $name, implode(', ', array_keys(self::LENGTHS))),
                );
            }
            if ($lengthM < 0.5 * $lengths[$name] || $lengthM > 1.6 * $lengths[$name]) {
                throw InvalidQuantity::notBetween(
                    "limbs.{$name}_cm",
                    $lengthM * 100,
                    round(50 * $lengths[$name]),
                    round(160 * $lengths[$name]),
                    'cm',
                );
            }
            $lengths[$name] = $lengthM;
        }
        $masses = array_map(static fn (float $fraction): float => $fraction * $massKg, self::MASSES);

        return new self($heightM, $massKg, $lengths, $masses);
    }

    /** Returns the same body with every limb and trunk length multiplied; masses stay. Used for the spread. */
    public function withLengthsScaledBy(float $factor): self
    {
        return new self(
            $this->heightM * $factor,
            $this->massKg,
            array_map(static fn (float $lengthM): float => $lengthM * $factor, $this->lengths),
            $this->masses,
        );
    }

    /** Shoulder to grip, metres. */
    public function armM(): float
    {
        return $this->lengths['upper_arm'] + $this->lengths['forearm'] + self::GRIP * $this->lengths['hand'];
    }

    /** Body weight, newtons. */
    public function weightN(): float
    {
        return $this->massKg * self::GRAVITY;
    }
}
