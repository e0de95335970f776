<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/** What one week is likely to ask of a lift. */
final readonly class ForecastPoint
{
    public const START = 'start';

    public const MORE = 'more';

    public const STEP = 'step';

    public const BRIDGE = 'bridge';

    public const LIGHTER = 'lighter';

    public const SAME = 'same';

    /**
     * @param  float  $kg  Of the pattern's reference lift, without what the body itself adds.
     * @param  float  $lowKg  Four cases in five lie between this and `highKg`: what the load is, not what the client will do.
     * @param  int  $count  Repetitions.
     */
    public function __construct(
        public int $week,
        public float $kg,
        public float $lowKg,
        public float $highKg,
        public int $count,
        public int $sets,
        public string $kind,
        public string $words,
    ) {
    }
}
