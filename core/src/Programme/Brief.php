<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\Rail;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Strength\Experience;
use NimbleShelf\Core\Strength\Growth;

/** What a programme is to be planned for: who, with what, to what end, and on which days. */
final readonly class Brief
{
    /** Every so many weeks one is lighter: four to six is usual, five the contract's default. */
    public const DELOAD_EVERY = 5;

    /** A visit longer than this has time for a third set. */
    private const LONG_MINUTES = 40;

    private const NO_FAILURE = [
        Limit::Youth, Limit::Pregnant, Limit::Postnatal, Limit::HighBloodPressure, Limit::BackPain, Limit::LowBoneDensity, Limit::LaxJoints,
        Limit::BalanceSupport, Limit::NoHeldBreath, Limit::PelvicFloor, Limit::HipReplaced, Limit::Neck,
    ];

    /**
     * @param  list<TrainingDay>  $days  By weekday.
     * @param  list<Pin>  $pinned
     * @param  list<string>  $dislikes  Ids of exercises.
     * @param  float  $paceFactor  How rest and changes of this client compare with what is promised.
     * @param  int  $now  The week that is now: what is known of the client is what they can in it.
     */
    private function __construct(
        public Situation $situation,
        public Goal $goal,
        public Experience $experience,
        public array $days,
        public int $weeks,
        public OrderSchool $order,
        public Structure $structure,
        public array $pinned,
        public array $dislikes,
        public float $paceFactor,
        public int $now,
    ) {
    }

    /**
     * @param  list<TrainingDay>  $days  One to seven, each weekday once.
     * @param  int  $weeks  1 to 26.
     * @param  list<Pin>  $pinned
     * @param  list<string>  $dislikes
     *
     * @throws InvalidQuantity If there is no day, a weekday twice, a pin on another day, or too many weeks.
     */
    public static function of(
        Situation $situation,
        Goal $goal,
        Experience $experience,
        array $days,
        int $weeks,
        OrderSchool $order = OrderSchool::CompoundFirst,
        Structure $structure = Structure::Straight,
        array $pinned = [],
        array $dislikes = [],
        float $paceFactor = 1.0,
        int $now = 1,
    ): self {
        InvalidQuantity::unlessBetween('weeks', $weeks, 1, 26, 'weeks');
        if ($days === []) {
            throw InvalidQuantity::because('days', 'days is empty: on which day is there time?');
        }
        $weekdays = array_map(static fn (TrainingDay $day): int => $day->weekday, $days);
        foreach ($weekdays as $i => $weekday) {
            if (array_search($weekday, $weekdays, true) !== $i) {
                throw InvalidQuantity::because("days.{$i}.weekday", "days.{$i}.weekday: {$days[$i]->label()} stands there twice.");
            }
        }
        foreach ($pinned as $i => $pin) {
            if (! in_array($pin->weekday, $weekdays, true)) {
                throw InvalidQuantity::because("pinned.{$i}.weekday", "pinned.{$i}.weekday is none of the days.");
            }
        }
        usort($days, static fn (TrainingDay $one, TrainingDay $two): int => $one->weekday <=> $two->weekday);

        return new self($situation, $goal, $experience, $days, $weeks, $order, $structure, $pinned, $dislikes, $paceFactor, $now);
    }

    /**
     * The same with other capacities.
     *
     * @param  array<string, Capacity>  $capacities  By pattern.
     */
    public function knowing(array $capacities): self
    {
        return new self(
            $this->situation->knowing($capacities),
            $this->goal,
            $this->experience,
            $this->days,
            $this->weeks,
            $this->order,
            $this->structure,
            $this->pinned,
            $this->dislikes,
            $this->paceFactor,
            $this->now,
        );
    }

    /** As it is likely to be in another week: stronger by what the weeks of training up to then add, lighter ones left out. */
    public function inWeek(int $week): self
    {
        if ($week <= $this->now || $this->goal === Goal::Keep) {
            return $this;
        }
        $trained = count(array_filter(range($this->now, $week - 1), static fn (int $one): bool => ! Progression::isDeload($one)));
        $grown = Growth::after($trained, $this->experience);

        return $this->knowing(array_map(
            static fn (Capacity $capacity): Capacity => Capacity::expected($grown * $capacity->kg, $capacity->logSd(), $capacity->from),
            $this->situation->client->capacities,
        ));
    }

    /** New to it, older, young, with child, or with a limit that asks for care: begins lower, and never near what could be too much. */
    public function isCareful(): bool
    {
        return $this->experience === Experience::None || $this->whyNotToFailure() !== null;
    }

    /** Sets of one exercise on a day at most: who is new or older begins with two, with three where there is time; planning, section 4b. */
    public function mostSets(TrainingDay $day): int
    {
        if ($this->experience !== Experience::None && ! in_array($this->goal, [Goal::Beginner, Goal::Older], true)) {
            return $this->experience->mostSets();
        }

        return $day->minutes > self::LONG_MINUTES ? 3 : 2;
    }

    public function band(): VolumeBand
    {
        return VolumeBand::for($this->goal, $this->experience, $this->situation->client);
    }

    /** Fewest repetitions to leave in reserve: the goal's, never none (that takes three days to recover from), four under eighteen. */
    public function leastReserve(): int
    {
        $least = max(1, $this->goal->reserve()[0]);

        return $this->situation->client->has(Limit::Youth) ? max(Rail::YOUTH_RESERVE, $least) : $least;
    }

    public function mostReserve(): int
    {
        return max($this->leastReserve(), $this->goal->reserve()[1]);
    }

    /** Why nobody here is to go on until no repetition is clean; null where it is a choice. Our caution, wider than the contract asks. */
    public function whyNotToFailure(): ?string
    {
        $client = $this->situation->client;
        foreach (self::NO_FAILURE as $limit) {
            if ($client->has($limit)) {
                return sprintf('%s: a set ends with some left in reserve.', $limit->label());
            }
        }

        return in_array($this->goal, [Goal::Beginner, Goal::Older, Goal::Youth], true)
            ? sprintf('%s: a set ends with some left in reserve.', $this->goal->label())
            : null;
    }

    /** Getting down and up again costs more, and for some it is a risk. */
    public function isSlowOnFeet(): bool
    {
        return $this->situation->client->isSlowOnFeet() || $this->goal === Goal::Older;
    }

    /** Changes of position a session should keep to; planning contract, section 4. */
    public function mostPositionChanges(): int
    {
        return $this->isSlowOnFeet() || $this->situation->client->has(Limit::Postnatal) ? 3 : 6;
    }

    /** Rest after a set, seconds: longer where loads are high or breath is short; our choice within what is usual. */
    public function restSeconds(bool $isCompound): int
    {
        $seconds = match ($this->goal) {
            Goal::Strength => 120,
            Goal::Older => 90,
            Goal::Muscle, Goal::Keep, Goal::Beginner => 75,
            Goal::Health, Goal::Youth => 60,
            Goal::MuscleLight, Goal::Endurance => 45,
        };

        return $isCompound ? $seconds : max(30, $seconds - 20);
    }
}
