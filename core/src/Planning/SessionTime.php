<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

/** How long one exercise of a session takes, setting it up and resting included. */
final readonly class SessionTime
{
    /** Going from one exercise to the next, beside setting it up, seconds: walking, looking, a sip. Our estimate. */
    public const CHANGE_SECONDS = 20;

    /**
     * @param  int  $setUpSeconds  0 or more.
     * @param  float  $setSeconds  Work of one set, both sides where it has two.
     * @param  int  $restSeconds  After each set.
     */
    public function __construct(
        public int $id,
        public string $pattern,
        public bool $isCompound,
        public int $sets,
        public int $setUpSeconds,
        public float $setSeconds,
        public int $restSeconds,
    ) {
    }

    /** Seconds for so many sets; none for none. */
    public function secondsFor(int $sets): float
    {
        return $sets === 0 ? 0.0 : self::CHANGE_SECONDS + $this->setUpSeconds + $sets * ($this->setSeconds + $this->restSeconds);
    }
}
