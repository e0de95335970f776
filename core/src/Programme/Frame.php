<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/** What stands round the work of a session: warming up before, cooling down after, and their minutes. */
final readonly class Frame
{
    /** Laying out the first exercise, seconds at most. */
    private const FIRST_SECONDS = 45;

    /** @return array{warmUp: int, coolDown: int} Minutes, three to six each as is usual; short visits get the shorter. */
    public static function minutes(int $minutes): array
    {
        return match (true) {
            $minutes <= 25 => ['warmUp' => 3, 'coolDown' => 3],
            $minutes <= 40 => ['warmUp' => 4, 'coolDown' => 3],
            default => ['warmUp' => 5, 'coolDown' => 4],
        };
    }

    /** Seconds left for work. */
    public static function workSeconds(int $minutes): float
    {
        $frame = self::minutes($minutes);

        return 60.0 * ($minutes - $frame['warmUp'] - $frame['coolDown']) - self::FIRST_SECONDS;
    }
}
