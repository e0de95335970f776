<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Strength\Experience;

/** Hard sets a week that do a muscle good, fewest and most; planning contract, section 4. */
final readonly class VolumeBand
{
    /** Of the sets, what it takes to keep what there is. */
    private const KEEPING = 2 / 3;

    private function __construct(public float $low, public float $high)
    {
    }

    public static function for(Goal $goal, Experience $experience, Client $client): self
    {
        $isGentle = in_array($goal, [Goal::Health, Goal::Older, Goal::Youth], true) || $client->has(Limit::Youth);
        [$low, $high] = match (true) {
            $isGentle, $experience === Experience::None => [3.0, 8.0],
            $experience === Experience::Some => [6.0, 12.0],
            default => [8.0, 16.0],
        };

        return $goal === Goal::Keep ? new self($low * self::KEEPING, $high * self::KEEPING) : new self($low, $high);
    }

    public function middle(): float
    {
        return ($this->low + $this->high) / 2;
    }
}
