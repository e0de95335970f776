<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Text\Plain;

/** How much one set asks for: repetitions, seconds, metres, or as many or as long as it stays clean. */
final readonly class Dose
{
    /** A hold without a cap of its own is planned for this long, seconds; our estimate of a usual plank. */
    private const USUAL_CLEAN_SECONDS = 45;

    /**
     * Metres a second with a load in the hands, turning at the end of a room: well below the 1.2 to 1.4 of an unhurried walk
     * (Bohannon 1997, Age and Ageing 26:15-19); our estimate. It tells how long a distance takes.
     */
    private const CARRYING_PACE = 0.9;

    private const MOST_METRES = 1000.0;

    private const MOST_REPETITIONS = 300;

    private const MOST_SECONDS = 1800;

    /**
     * @param  int|null  $fewest  Repetitions; null where seconds count.
     * @param  int|null  $seconds  Null where repetitions count, or where there is no cap.
     * @param  float  $factor  What one repetition counts for in time and count: 2 for "two curls to a lunge".
     * @param  string  $means  What makes one repetition, where that needs saying.
     * @param  float|null  $metres  Where a distance counts; `seconds` is then about what it takes.
     * @param  bool  $asManyAsClean  True where `fewest` is only about what to expect.
     */
    private function __construct(
        public ?int $fewest,
        public ?int $most,
        public ?int $seconds,
        public bool $asLongAsClean,
        public bool $perSide,
        public float $factor,
        public string $means,
        public ?float $metres = null,
        public bool $asManyAsClean = false,
    ) {
    }

    /**
     * @param  int  $fewest  1 to 300.
     * @param  int|null  $most  Not below `fewest`; null for a plain number.
     *
     * @throws InvalidQuantity If a number is out of range or the range runs backwards.
     */
    public static function repetitions(int $fewest, ?int $most = null, bool $perSide = false, float $factor = 1.0, string $means = ''): self
    {
        InvalidQuantity::unlessBetween('dose.reps', $fewest, 1, self::MOST_REPETITIONS, 'repetitions');
        InvalidQuantity::unlessBetween('dose.reps_most', $most ?? $fewest, $fewest, self::MOST_REPETITIONS, 'repetitions');
        InvalidQuantity::unlessBetween('dose.factor', $factor, 0.5, 10, 'times');

        return new self($fewest, $most ?? $fewest, null, false, $perSide, $factor, $means);
    }

    /**
     * @param  int  $seconds  1 to 1800.
     *
     * @throws InvalidQuantity If it is out of range.
     */
    public static function seconds(int $seconds, bool $perSide = false): self
    {
        InvalidQuantity::unlessBetween('dose.seconds', $seconds, 1, self::MOST_SECONDS, 's');

        return new self(null, null, $seconds, false, $perSide, 1.0, '');
    }

    /**
     * A distance that is walked, carried or crawled.
     *
     * @param  float  $metres  1 to 1000.
     *
     * @throws InvalidQuantity If it is out of range.
     */
    public static function metres(float $metres, bool $perSide = false): self
    {
        InvalidQuantity::unlessBetween('dose.metres', $metres, 1, self::MOST_METRES, 'm');

        return new self(null, null, (int) max(1, round($metres / self::CARRYING_PACE)), false, $perSide, 1.0, '', $metres);
    }

    /**
     * As many repetitions as are clean.
     *
     * @param  int  $expected  About so many, 1 to 300.
     *
     * @throws InvalidQuantity If it is out of range.
     */
    public static function asManyAsClean(int $expected, bool $perSide = false): self
    {
        InvalidQuantity::unlessBetween('dose.reps', $expected, 1, self::MOST_REPETITIONS, 'repetitions');

        return new self($expected, $expected, null, false, $perSide, 1.0, '', null, true);
    }

    /** @throws InvalidQuantity If the cap is not 1 to 1800 s. */
    public static function asLongAsClean(?int $capSeconds = null, bool $perSide = false): self
    {
        InvalidQuantity::unlessBetween('dose.seconds', $capSeconds ?? 1, 1, self::MOST_SECONDS, 's');

        return new self(null, null, $capSeconds, true, $perSide, 1.0, '');
    }

    /**
     * Reads `{reps, reps_most?, factor?, means?} | {reps, as_many_as_clean: true} | {seconds} | {metres}
     * | {as_long_as_clean: true, seconds?}` with `per_side?`.
     *
     * @param  array<array-key, mixed>  $data
     *
     * @throws InvalidQuantity If it says both, neither, or a number out of range.
     */
    public static function fromArray(array $data): self
    {
        $reps = self::whole($data, 'reps');
        $seconds = self::whole($data, 'seconds');
        $clean = ($data['as_long_as_clean'] ?? false) === true;
        $perSide = ($data['per_side'] ?? false) === true;
        if ($reps !== null && ($seconds !== null || $clean)) {
            throw InvalidQuantity::because('dose.reps', 'A dose is repetitions or seconds, not both.');
        }
        if ($reps !== null && ($data['as_many_as_clean'] ?? false) === true) {
            return self::asManyAsClean($reps, $perSide);
        }
        if ($reps !== null) {
            $factor = $data['factor'] ?? 1.0;

            return self::repetitions(
                $reps,
                self::whole($data, 'reps_most'),
                $perSide,
                is_int($factor) || is_float($factor) ? (float) $factor : 1.0,
                is_string($data['means'] ?? null) ? $data['means'] : '',
            );
        }
        if ($clean) {
            return self::asLongAsClean($seconds, $perSide);
        }
        $metres = $data['metres'] ?? null;
        if (is_int($metres) || is_float($metres)) {
            return self::metres((float) $metres, $perSide);
        }
        if ($seconds === null) {
            throw InvalidQuantity::because('dose.reps', 'A dose needs reps, seconds, metres, or as_long_as_clean.');
        }

        return self::seconds($seconds, $perSide);
    }

    /** @return array<string, mixed> What `fromArray()` reads; what has its usual value is left out. */
    public function toArray(): array
    {
        return array_filter([
            'reps' => $this->fewest,
            'reps_most' => $this->most === $this->fewest ? null : $this->most,
            'as_many_as_clean' => $this->asManyAsClean ? true : null,
            'seconds' => $this->metres === null ? $this->seconds : null,
            'metres' => $this->metres,
            'as_long_as_clean' => $this->asLongAsClean ? true : null,
            'per_side' => $this->perSide ? true : null,
            'factor' => $this->factor === 1.0 ? null : $this->factor,
            'means' => $this->means === '' ? null : $this->means,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** What one side does where the other one rests: of what is meant in total, half. */
    public function onOneSide(): self
    {
        $count = $this->perSide ? $this->count() : max(1, (int) ceil($this->count() / 2));

        return $this->isTimed()
            ? new self(null, null, $this->seconds === null ? null : $count, $this->asLongAsClean, false, 1.0, '', $this->metresIn($count))
            : new self($count, $count, null, false, false, $this->factor, $this->means, null, $this->asManyAsClean);
    }

    public function isTimed(): bool
    {
        return $this->fewest === null;
    }

    /** The number to aim at: most repetitions of a range, or seconds. */
    public function count(): int
    {
        return $this->most ?? $this->seconds ?? self::USUAL_CLEAN_SECONDS;
    }

    /** The same movement counted to another number; a range becomes that number. */
    public function to(int $count): self
    {
        return $this->isTimed()
            ? new self(null, null, $count, $this->asLongAsClean, $this->perSide, 1.0, '', $this->metresIn($count))
            : ($this->asManyAsClean
                ? self::asManyAsClean($count, $this->perSide)
                : self::repetitions($count, null, $this->perSide, $this->factor, $this->means));
    }

    /** How far one goes in so many seconds; null where no distance counts. */
    private function metresIn(int $seconds): ?float
    {
        return match (true) {
            $this->metres === null => null,
            $seconds === $this->seconds => $this->metres,
            default => min(self::MOST_METRES, max(1.0, round($seconds * self::CARRYING_PACE))),
        };
    }

    /** @return 'repetitions'|'seconds' */
    public function unit(): string
    {
        return $this->isTimed() ? 'seconds' : 'repetitions';
    }

    /**
     * Seconds of work for the count of one side, or of all where the sides go together.
     *
     * @param  float  $secondsEach  Of one repetition.
     */
    public function workSeconds(float $secondsEach): float
    {
        return $this->isTimed() ? (float) $this->count() : $this->count() * $this->factor * $secondsEach;
    }

    /** "10 repetitions per side", "40 s", "as long as clean, at most 60 s". */
    public function inWords(): string
    {
        $count = match (true) {
            $this->asLongAsClean => 'as long as clean'.($this->seconds === null ? '' : ", at most {$this->seconds} s"),
            $this->metres !== null => Plain::number($this->metres)." m (about {$this->seconds} s)",
            $this->isTimed() => "{$this->seconds} s",
            $this->asManyAsClean => "as many as clean, about {$this->fewest}",
            $this->most !== $this->fewest => "{$this->fewest}–{$this->most} repetitions",
            default => Plain::count((int) $this->fewest, 'repetition'),
        };

        return $count.($this->perSide ? ' per side' : '').($this->means === '' ? '' : ", {$this->means}");
    }

    /** @param  array<array-key, mixed>  $data */
    private static function whole(array $data, string $key): ?int
    {
        $value = $data[$key] ?? null;

        return match (true) {
            $value === null => null,
            is_int($value) => $value,
            is_float($value) && floor($value) === $value => (int) $value,
            default => throw InvalidQuantity::because("dose.{$key}", "dose.{$key} must be a whole number."),
        };
    }
}
