<?php

declare(strict_types=1);

namespace Tests\Support;

use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Planning\RepetitionMaximum;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\StartSession;
use NimbleShelf\Core\Strength\Strength;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Somebody made up, who is not the middle of anything: strong or weak, good or bad at judging what is left. Seeded. */
final class MadeUp
{
    private const REGIONS = [
        'horizontal-press' => 'arms', 'vertical-press' => 'arms', 'horizontal-pull' => 'arms', 'vertical-pull' => 'arms',
        'elbow-flexion' => 'arms', 'elbow-extension' => 'arms', 'shoulder-raise' => 'arms',
    ];

    /** @var array<string, float> What is lifted once, whole, by pattern; nobody is told. */
    public array $truth = [];

    private Randomizer $chance;

    private float $bias;

    private float $noise;

    public function __construct(int $seed, Strength $like)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $this->bias = [-1.0, 0.0, 0.0, 1.0][$this->chance->getInt(0, 3)];
        $this->noise = [0.5, 1.0, 1.5][$this->chance->getInt(0, 2)];
        $whole = $this->normal();
        $region = ['arms' => $this->normal(), 'legs' => $this->normal()];
        foreach ($like->capacities() as $pattern => $capacity) {
            $of = $region[self::REGIONS[$pattern] ?? 'legs'];
            $this->truth[$pattern] = $capacity->kg * exp($capacity->logSd() * (0.71 * $whole + 0.47 * $of + 0.52 * $this->normal()));
        }
    }

    /** A standard normal number. */
    public function normal(): float
    {
        $uniform = fn (): float => ($this->chance->getInt(0, 999_999) + 0.5) / 1_000_000;

        return sqrt(-2 * log($uniform())) * cos(2 * M_PI * $uniform());
    }

    public function pick(int $from, int $to): int
    {
        return $this->chance->getInt($from, $to);
    }

    /** Repetitions that are in them today, none left. */
    public function can(string $pattern, float $wholeKg): float
    {
        return RepetitionMaximum::repetitionsToFailure($this->truth[$pattern] * exp(0.04 * $this->normal()), $wholeKg);
    }

    /**
     * What is done of what is asked, and said to be left; "five or more" at the most.
     *
     * @return array{int, float}
     */
    public function does(string $pattern, float $wholeKg, int $asked): array
    {
        $can = $this->can($pattern, $wholeKg);
        $done = (int) min($asked, floor($can));
        $said = round($can - $done + $this->bias + $this->noise * $this->normal());

        return [$done, $done < $asked ? 0.0 : max(0.0, min(Strength::OR_MORE, $said))];
    }

    /** What is known after a first session, ended test by test as they say. */
    public function after(StartSession $start, Strength $known, \Closure $wholeKgOf): Strength
    {
        foreach ($start->tests as $test) {
            foreach ($test->isHold() ? [] : $test->steps as $step) {
                $kg = $wholeKgOf($step);
                [$done, $said] = $this->does($test->pattern, $kg, $step->assignment->dose->count());
                $known = $known->afterSet($test->pattern, $kg, 0.03 * $kg, $done, $said);
                if ($said < Strength::OR_MORE) {
                    break;
                }
            }
        }

        return $known;
    }

    /** Whole load of what a slot asks, kilograms of its pattern's reference lift. */
    public static function wholeKg(Slot $slot, Body $body): float
    {
        return Shipped::model()->wholeKg(
            $slot->exercise,
            $body,
            Shipped::model()->summary($slot->exercise, $body, $slot->assignment->setting),
            School::Mean,
            $slot->exercise->pattern,
        );
    }
}
