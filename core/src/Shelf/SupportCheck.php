<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Shelf;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\PoleMaterial;
use NimbleShelf\Core\Kit\SupportVerdict;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Mechanics\Body;

/**
 * Whether a pole or a piece of furniture may be loaded, with the sum. Engine contract, section 6.
 *
 * An estimate that can only refuse or warn: a passed check is a reason to test by hand, never a promise.
 */
final readonly class SupportCheck
{
    /** Moving on it doubles the load for a moment. */
    private const DYNAMIC = 2.0;

    /** Wood has knots and age: a quarter of its strength counts. */
    private const SAFETY = 4.0;

    /** Above this share of what is allowed it must be braced. Our estimate. */
    private const BRACE_ABOVE = 0.6;

    /** Where the edge of a seat or table stands out beyond its legs, metres, when nobody measured. Our estimate. */
    public const USUAL_OVERHANG_M = 0.06;

    private const TEST = 'Test it by hand first, low and slowly, before a client’s weight is on it.';

    /**
     * @param  float  $used  Share of what is allowed, 1 at the limit; infinite where it is refused outright.
     * @param  string  $sum  The sum with its units.
     */
    private function __construct(
        public SupportVerdict $verdict,
        public float $used,
        public string $sum,
        public string $words,
    ) {
    }

    /**
     * A pole lying on two supports, loaded in its middle: σ = F·L/4 ÷ W.
     *
     * @param  float  $spanM  Between the supports, 0.2 to 3 m.
     * @param  float  $diameterMm  10 to 120 mm.
     * @param  float|null  $wallMm  Of a tube, 0.5 mm to half its diameter; a tube of unknown wall is refused.
     * @param  float  $loadKg  Hanging on it, 1 to 200 kg.
     *
     * @throws InvalidQuantity If a measure is out of range.
     */
    public static function pole(PoleMaterial $material, float $spanM, float $diameterMm, ?float $wallMm, float $loadKg): self
    {
        InvalidQuantity::unlessBetween('spanCm', $spanM * 100, 20, 300, 'cm');
        InvalidQuantity::unlessBetween('diameterMm', $diameterMm, 10, 120, 'mm');
        InvalidQuantity::unlessBetween('loadKg', $loadKg, 1, 200, 'kg');
        $inner = 0.0;
        if ($material === PoleMaterial::SteelTube) {
            if ($wallMm === null) {
                return self::refused('The wall of the tube is not known, and its strength with it.');
            }
            InvalidQuantity::unlessBetween('wallMm', $wallMm, 0.5, $diameterMm / 2, 'mm');
            $inner = ($diameterMm - 2 * $wallMm) / 1000;
        }
        $outer = $diameterMm / 1000;
        $modulus = M_PI * ($outer ** 4 - $inner ** 4) / (32 * $outer);
        $forceN = self::DYNAMIC * $loadKg * Body::GRAVITY;
        $stressMPa = $forceN * $spanM / 4 / $modulus / 1e6;
        $allowedMPa = $material->strengthMPa() / self::SAFETY;

        return self::judged(
            $stressMPa / $allowedMPa,
            sprintf(
                '2 × %.0f kg × 9.81 = %.0f N in the middle of %.2f m bends it to %.1f MPa; %.0f MPa ÷ 4 = %.1f MPa are allowed',
                $loadKg,
                $forceN,
                $spanM,
                $stressMPa,
                $material->strengthMPa(),
                $allowedMPa,
            ),
            'Lay it on something that cannot roll or part, and hang from its middle.',
            sprintf(
                'It would bend to %.1f times what is allowed. A %.0f mm pole of this kind is not a bar.',
                $stressMPa / $allowedMPa,
                $diameterMm,
            ),
        );
    }

    /**
     * A chair, table or sofa loaded at its edge: the load's tipping moment against that of its own weight.
     *
     * @param  float  $massKg  Of the furniture, above 0 to 300 kg; an unknown mass cannot be checked.
     * @param  float  $depthM  Between its legs, the way it would tip, 0.15 to 3 m.
     * @param  float  $overhangM  From the legs out to where it is loaded, 0 to 1 m.
     * @param  float  $loadKg  Pressing on the edge, 1 to 200 kg.
     *
     * @throws InvalidQuantity If a measure is out of range.
     */
    public static function edge(float $massKg, float $depthM, float $overhangM, float $loadKg): self
    {
        InvalidQuantity::unlessBetween('massKg', $massKg, 0.5, 300, 'kg');
        InvalidQuantity::unlessBetween('depthCm', $depthM * 100, 15, 300, 'cm');
        InvalidQuantity::unlessBetween('overhangCm', $overhangM * 100, 0, 100, 'cm');
        InvalidQuantity::unlessBetween('loadKg', $loadKg, 1, 200, 'kg');
        $tipping = $loadKg * Body::GRAVITY * $overhangM;
        $holding = $massKg * Body::GRAVITY * $depthM / 2;

        return self::judged(
            $tipping / $holding,
            sprintf(
                '%.0f kg × 9.81 × %.2f m outside the legs = %.0f N·m tips it; %.0f kg × 9.81 × %.2f m = %.0f N·m holds it down',
                $loadKg,
                $overhangM,
                $tipping,
                $massKg,
                $depthM / 2,
                $holding,
            ),
            'Stand it with its back against a wall.',
            sprintf('It tips: the load has %.1f times the moment of its own weight.', $tipping / $holding),
        );
    }

    /** A door that holds a band's anchor. */
    public static function doorAnchor(bool $closesTowardsThePull, bool $atFaceHeight): self
    {
        if ($closesTowardsThePull) {
            return self::refused('The door opens towards the pull: it can give way. Anchor on the side it closes towards.');
        }

        return new self(
            $atFaceHeight ? SupportVerdict::Brace : SupportVerdict::Fine,
            0.0,
            'A shut door is held by its frame when the pull goes the way it closes.',
            ($atFaceHeight ? 'At face height: look away from the anchor and never step back '
                .'into a stretched band. ' : 'Lock the door and tell the household. ').self::TEST,
        );
    }

    /** Why a thing may not be leaned on at all, or null where the sums decide. */
    public static function refusal(Thing $thing): ?self
    {
        $problem = $thing->outOfService ?? $thing->makeProblem();

        return $problem === null ? null : self::refused(ucfirst($problem).'.');
    }

    private static function judged(float $used, string $sum, string $brace, string $refusal): self
    {
        return match (true) {
            $used > 1 => new self(SupportVerdict::DoNot, $used, $sum, $refusal),
            $used > self::BRACE_ABOVE => new self(SupportVerdict::Brace, $used, $sum, $brace.' '.self::TEST),
            default => new self(SupportVerdict::Fine, $used, $sum, self::TEST),
        };
    }

    private static function refused(string $why): self
    {
        return new self(SupportVerdict::DoNot, INF, 'no sum', $why);
    }
}
