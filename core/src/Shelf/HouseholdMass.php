<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Shelf;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\Contents;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Mechanics\Certainty;

/** The mass of a household thing, with the sum that gave it and how sure it is. Engine contract, section 5. */
final readonly class HouseholdMass
{
    /** A pack weighs this share of its labelled contents more. */
    private const PACK = 0.03;

    private function __construct(public float $massKg, public Certainty $certainty, public string $sum)
    {
    }

    /**
     * @param  float  $litres  0.05 to 100 L of contents.
     * @param  float  $containerKg  The empty container, 0 to 20 kg.
     *
     * @throws InvalidQuantity If one is out of range.
     */
    public static function ofContents(Contents $contents, float $litres, float $containerKg): self
    {
        InvalidQuantity::unlessBetween('litres', $litres, 0.05, 100, 'L');
        InvalidQuantity::unlessBetween('containerKg', $containerKg, 0, 20, 'kg');
        $kg = $litres * $contents->kgPerL();

        return new self(
            $kg + $containerKg,
            Certainty::Filled,
            sprintf(
                '%s L × %s kg/L of %s = %s kg, and %s kg of vessel',
                SettingInWords::kg($litres),
                SettingInWords::kg($contents->kgPerL()),
                $contents->label(),
                SettingInWords::kg($kg),
                SettingInWords::kg($containerKg),
            ),
        );
    }

    /**
     * A pack with its net mass on the label.
     *
     * @param  float  $netKg  0.02 to 60 kg.
     *
     * @throws InvalidQuantity If it is out of range.
     */
    public static function ofPack(float $netKg): self
    {
        InvalidQuantity::unlessBetween('netKg', $netKg, 0.02, 60, 'kg');

        return new self(
            $netKg * (1 + self::PACK),
            Certainty::Labelled,
            sprintf('%s kg on the label and 3 %% for the pack', SettingInWords::kg($netKg)),
        );
    }

    /** One sigma, kilograms. */
    public function sdKg(): float
    {
        return $this->massKg * $this->certainty->sigma();
    }
}
