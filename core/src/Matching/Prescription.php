<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Goal;

/** What the programme asks for: an exercise, its setting, sets, repetitions and how many to leave in reserve. */
final readonly class Prescription
{
    private function __construct(
        public string $exercise,
        public Setting $setting,
        public int $sets,
        public int $reps,
        public int $reserve,
        public Goal $goal,
    ) {
    }

    /** @throws InvalidQuantity If sets (1–10), reps (1–60; seconds of a hold up to 300) or reserve (0–10) are out of range. */
    public static function of(string $exercise, Setting $setting, int $sets, int $reps, int $reserve, Goal $goal): self
    {
        if ($sets < 1 || $sets > 10) {
            throw InvalidQuantity::notBetween('prescription.sets', $sets, 1, 10, 'sets');
        }
        if ($reps < 1 || $reps > 300) {
            throw InvalidQuantity::notBetween('prescription.reps', $reps, 1, 300, 'repetitions or seconds');
        }
        if ($reserve < 0 || $reserve > 10) {
            throw InvalidQuantity::notBetween('prescription.reserve', $reserve, 0, 10, 'repetitions');
        }

        return new self($exercise, $setting, $sets, $reps, $reserve, $goal);
    }
}
