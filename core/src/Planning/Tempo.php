<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Exception\InvalidQuantity;

/** Seconds of one repetition, and what they do to a set. */
final readonly class Tempo
{
    /**
     * Share of the repetitions lost for each second a repetition takes beyond the usual one. A rule of thumb, not a
     * measurement: slow repetitions tire sooner, and logged sets correct it.
     */
    private const LOST_PER_EXTRA_SECOND = 0.06;

    /** However slow, this share of the repetitions is left. */
    private const LEAST_LEFT = 0.4;

    private function __construct(public int $lower, public int $pause, public int $lift, public int $top)
    {
    }

    /** @throws InvalidQuantity If one part is not between 0 and 10 s, or all are 0. */
    public static function of(int $lower, int $pause, int $lift, int $top): self
    {
        foreach (['lower' => $lower, 'pause' => $pause, 'lift' => $lift, 'top' => $top] as $part => $seconds) {
            if ($seconds < 0 || $seconds > 10) {
                throw InvalidQuantity::notBetween("tempo.{$part}", $seconds, 0, 10, 's');
            }
        }
        if ($lower + $pause + $lift + $top === 0) {
            throw InvalidQuantity::because('tempo', 'A repetition takes at least one second.');
        }

        return new self($lower, $pause, $lift, $top);
    }

    /**
     * @param  array<array-key, mixed>  $data  `{lower, pause, lift, top}`; what is missing takes no time.
     *
     * @throws InvalidQuantity If a part is not a whole number of seconds in range.
     */
    public static function fromArray(array $data): self
    {
        $part = static fn (string $name): int => is_int($data[$name] ?? 0)
            ? $data[$name] ?? 0
            : throw InvalidQuantity::because("tempo.{$name}", "tempo.{$name} must be a whole number of seconds.");

        return self::of($part('lower'), $part('pause'), $part('lift'), $part('top'));
    }

    /** The same, lowered in so many seconds. */
    public function lowering(int $seconds): self
    {
        return new self($seconds, $this->pause, $this->lift, $this->top);
    }

    /** The same, held for so many seconds where it is hardest. */
    public function pausing(int $seconds): self
    {
        return new self($this->lower, $seconds, $this->lift, $this->top);
    }

    /** @return array{lower: int, pause: int, lift: int, top: int} */
    public function toArray(): array
    {
        return ['lower' => $this->lower, 'pause' => $this->pause, 'lift' => $this->lift, 'top' => $this->top];
    }

    /** "4 s down, 2 s held, 1 s up". */
    public function inWords(): string
    {
        return sprintf('%d s down, %s%d s up', $this->lower, $this->pause > 0 ? "{$this->pause} s held, " : '', $this->lift);
    }

    public function secondsPerRepetition(): int
    {
        return $this->lower + $this->pause + $this->lift + $this->top;
    }

    /**
     * Repetitions that are left of those possible at the usual tempo; rule of thumb.
     *
     * @param  self  $usual  The tempo the prediction was made for; a faster one gives no more repetitions.
     */
    public function repetitionsFrom(float $repetitions, self $usual): float
    {
        $extra = max(0, $this->secondsPerRepetition() - $usual->secondsPerRepetition());

        return $repetitions * max(self::LEAST_LEFT, 1 - self::LOST_PER_EXTRA_SECOND * $extra);
    }

    /**
     * Repetitions a set at this tempo would have had at the usual one, with the same reserve; the way back of
     * `repetitionsFrom()`.
     */
    public function repetitionsAtUsual(float $repetitions, float $reserve, self $usual): float
    {
        return ($repetitions + $reserve) / $this->repetitionsFrom(1.0, $usual) - $reserve;
    }

    /**
     * Whole repetitions that fit into a timed interval.
     *
     * @param  float  $workSeconds  0 to 600 s.
     *
     * @throws InvalidQuantity If the interval is out of range.
     */
    public function repetitionsIn(float $workSeconds): int
    {
        if ($workSeconds < 0 || $workSeconds > 600) {
            throw InvalidQuantity::notBetween('work_seconds', $workSeconds, 0, 600, 's');
        }

        return (int) floor($workSeconds / $this->secondsPerRepetition() + 1e-9);
    }
}
