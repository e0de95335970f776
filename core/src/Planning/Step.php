<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

/** One thing the Floor plays, and how long it takes. */
final readonly class Step
{
    /**
     * @param  float  $seconds  Zero for what is only said.
     * @param  Slot|null  $slot  Whose work it is, or what is made ready for; null in a rest.
     * @param  'left'|'right'|null  $side  Null where both work.
     * @param  int|null  $round  Which set or round, from 1.
     * @param  int|null  $dose  Repetitions or seconds to aim at.
     * @param  'repetitions'|'seconds'|null  $unit  Of the dose.
     * @param  list<ThingInUse>  $pickUp
     * @param  list<ThingInUse>  $putDown
     * @param  Counting|null  $counting  What tells that the work is through; null for all but work.
     * @param  bool  $endsSet  True where a set, or a side of it, is through and can be logged.
     */
    public function __construct(
        public StepKind $kind,
        public float $seconds,
        public string $words,
        public ?Slot $slot = null,
        public ?string $side = null,
        public ?int $round = null,
        public ?int $dose = null,
        public ?string $unit = null,
        public array $pickUp = [],
        public array $putDown = [],
        public bool $endsSet = false,
        public ?Counting $counting = null,
    ) {
    }
}
