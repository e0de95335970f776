<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics\Internal;

/**
 * One quantity of a figure over the movement, smooth through its keyframes and straight beyond them.
 *
 * Two keyframes give a straight line; three or more a monotone cubic (Fritsch & Carlson 1980), which never
 * swings past a keyframe, so that a joint does not bend backwards between two good poses.
 *
 * @internal
 */
final readonly class Channel
{
    private int $last;

    /**
     * @param  list<float>  $us
     * @param  list<float>  $values
     * @param  list<float>  $slopes
     */
    private function __construct(private array $us, private array $values, private array $slopes)
    {
        $this->last = count($us) - 1;
    }

    /** @param  non-empty-array<int|numeric-string, float>  $points Value by u, both ends of the movement included or not; u rising. */
    public static function through(array $points): self
    {
        $us = array_map(floatval(...), array_keys($points));
        $values = array_values($points);
        $count = count($us);
        if ($count === 1) {
            return new self($us, $values, [0.0]);
        }
        $secants = [];
        for ($i = 0; $i < $count - 1; $i++) {
            $secants[] = ($values[$i + 1] - $values[$i]) / ($us[$i + 1] - $us[$i]);
        }
        $slopes = array_slice($secants, 0, 1);
        $previous = $slopes[0];
        foreach (array_slice($secants, 1) as $secant) {
            $slopes[] = $previous * $secant <= 0 ? 0.0 : 2 * $previous * $secant / ($previous + $secant);
            $previous = $secant;
        }
        $slopes[] = $previous;

        return new self($us, $values, $slopes);
    }

    public function at(float $u): float
    {
        $last = max(0, $this->last);
        if ($last === 0) {
            return $this->values[0];
        }
        if ($last === 1) {
            return $this->values[0] + ($u - $this->us[0]) * $this->slopes[0];
        }
        if ($u <= $this->us[0]) {
            return $this->values[0] + ($u - $this->us[0]) * $this->slopes[0];
        }
        if ($u >= $this->us[$last]) {
            return $this->values[$last] + ($u - $this->us[$last]) * $this->slopes[$last];
        }
        $i = 0;
        while ($i < $last - 1 && $u > $this->us[$i + 1]) {
            $i++;
        }
        $width = $this->us[$i + 1] - $this->us[$i];
        $t = ($u - $this->us[$i]) / $width;
        $t2 = $t * $t;
        $t3 = $t2 * $t;

        return (2 * $t3 - 3 * $t2 + 1) * $this->values[$i]
            + ($t3 - 2 * $t2 + $t) * $width * $this->slopes[$i]
            + (3 * $t2 - 2 * $t3) * $this->values[$i + 1]
            + ($t3 - $t2) * $width * $this->slopes[$i + 1];
    }
}
