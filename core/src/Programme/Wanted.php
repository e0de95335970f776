<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/** What a goal asks of a set of this client: repetitions, and how many may be expected to be left. */
final readonly class Wanted
{
    /** Left beyond the goal's own most in a first week, for who takes care and for others; planning contract, section 4b. */
    private const CAREFUL_SPARE = 4;

    private const SPARE = 2;

    /** Of a first set trainers ask eight, or what is usual where that is fewer; rule of thumb (C in `Norms`). */
    private const FIRST = 8;

    private function __construct(
        public int $fewest,
        public int $most,
        public int $usual,
        public int $leastReserve,
        public int $mostReserve,
    ) {
    }

    /** @param  bool  $isFirst  True where nothing of the pattern was done yet: more is left on purpose. */
    public static function of(Brief $brief, bool $isFirst): self
    {
        [$fewest, $most] = $brief->goal->repetitions();
        $usual = $brief->goal->usualRepetitions();
        if (! $isFirst) {
            return new self($fewest, $most, $usual, $brief->leastReserve(), $brief->mostReserve());
        }
        $isCareful = $brief->isCareful();

        return new self(
            max($fewest, min($usual, self::FIRST)),
            $most,
            $usual,
            $brief->leastReserve() + ($isCareful ? 1 : 0),
            $brief->mostReserve() + ($isCareful ? self::CAREFUL_SPARE : self::SPARE),
        );
    }

    /** Repetitions to failure of the load that would be wanted most. */
    public function toFailure(): float
    {
        return $this->usual + $this->reserve();
    }

    /** Repetitions wanted left, the middle. */
    public function reserve(): float
    {
        return ($this->leastReserve + $this->mostReserve) / 2;
    }
}
