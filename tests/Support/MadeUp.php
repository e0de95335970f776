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

    /** More or fewer repetitions at a share of what is lifted once than the formulas' middle says: as far apart as they are. */
    private float $lasting;

    /** @var array<string, float> By how much an exercise is easier for them than its sums say, a logarithm. */
    private array $knack = [];

    public function __construct(int $seed, Strength $like)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $this->bias = [-1.0, 0.0, 0.0, 1.0][$this->chance->getInt(0, 3)];
        $this->noise = [0.5, 1.0, 1.5][$this->chance->getInt(0, 2)];
        $this->lasting = exp(0.12 * $this->normal());
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

    /** Repetitions that are in them today of an exercise, none left. */
    public function can(string $pattern, float $wholeKg, string $exercise = ''): float
    {
        return $this->usually($pattern, $wholeKg * exp(0.04 * $this->normal()), $exercise);
    }

    /** The same on a day like any other. */
    public function usually(string $pattern, float $wholeKg, string $exercise = ''): float
    {
        $this->knack[$pattern.$exercise] ??= 0.06 * $this->normal();
        $share = $this->truth[$pattern] * exp($this->knack[$pattern.$exercise]) / $wholeKg;

        return RepetitionMaximum::repetitionsToFailure($share ** $this->lasting, 1.0);
    }

    /** What they would say is left of so many after a set, on a day like any other; nobody but them can tell. */
    public function wouldSay(string $pattern, float $wholeKg, int $asked, string $exercise): float
    {
        return $this->usually($pattern, $wholeKg, $exercise) - $asked + $this->bias;
    }

    /** What so many days away take: not everybody loses alike. */
    public function rested(int $days): void
    {
        $lost = 0.0018 * max(0, $days - 21) * $this->pick(5, 15) / 10;
        $this->truth = array_map(static fn (float $kg): float => $kg * exp(-$lost), $this->truth);
    }

    /**
     * What is done of what is asked, and said to be left; "five or more" at the most.
     *
     * @return array{int, float}
     */
    public function does(string $pattern, float $wholeKg, int $asked, string $exercise = ''): array
    {
        $can = $this->can($pattern, $wholeKg, $exercise);
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
                [$done, $said] = $this->does($test->pattern, $kg, $step->assignment->dose->count(), $step->exercise->id);
                $known = $known->afterSet($test->pattern, $kg, 0.03 * $kg, $done, $said, exercise: $step->exercise->id);
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
