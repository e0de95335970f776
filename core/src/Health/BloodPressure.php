<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Health;

use NimbleShelf\Core\Exception\InvalidQuantity;

/** A resting blood pressure, millimetres of mercury. */
final readonly class BloodPressure
{
    /** At or above either there is no training that day; a trainer may set lower ones. Usual practice; local rules go first. */
    public const USUAL_SYSTOLIC = 180;

    public const USUAL_DIASTOLIC = 110;

    private function __construct(public int $systolic, public int $diastolic)
    {
    }

    /** @throws InvalidQuantity If one is outside what a cuff reads (60–260 over 30–160), or the two are swapped. */
    public static function of(int $systolic, int $diastolic): self
    {
        InvalidQuantity::unlessBetween('systolic', $systolic, 60, 260, 'mmHg');
        InvalidQuantity::unlessBetween('diastolic', $diastolic, 30, 160, 'mmHg');
        if ($diastolic >= $systolic) {
            throw InvalidQuantity::because('diastolic', 'The second number is the lower one; these two look swapped.');
        }

        return new self($systolic, $diastolic);
    }

    public function forbidsTraining(int $systolicLimit = self::USUAL_SYSTOLIC, int $diastolicLimit = self::USUAL_DIASTOLIC): bool
    {
        return $this->systolic >= $systolicLimit || $this->diastolic >= $diastolicLimit;
    }
}
