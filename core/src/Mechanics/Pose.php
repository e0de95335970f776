<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

/**
 * Where every joint is at one moment, metres; x forward (to the figure's left in the front view), y up, floor at 0.
 *
 * Joints: `hip`, `shoulder`, `head` (crown), and for each side (`near_…`, `far_…`) `shoulder`, `elbow`,
 * `wrist`, `grip`, `fingertip`, `hip`, `knee`, `ankle`, `heel`, `toe`.
 */
final readonly class Pose
{
    /**
     * @param  array<string, array{float, float}>  $joints
     * @param  bool  $bothSidesAlike  True where the far limbs are at the heights of the near ones.
     */
    public function __construct(public array $joints, public bool $bothSidesAlike = false)
    {
    }

    public function x(string $joint): float
    {
        return $this->joints[$joint][0];
    }

    public function y(string $joint): float
    {
        return $this->joints[$joint][1];
    }

    public function distance(string $from, string $to): float
    {
        return hypot($this->joints[$from][0] - $this->joints[$to][0], $this->joints[$from][1] - $this->joints[$to][1]);
    }

    /** Direction from one joint to another, radians, 0 pointing down and growing towards forward. */
    public function direction(string $from, string $to): float
    {
        return atan2($this->joints[$to][0] - $this->joints[$from][0], $this->joints[$from][1] - $this->joints[$to][1]);
    }

    /** Returns the potential energy of the body's own segments, joules, against the floor. */
    public function bodyEnergy(Body $body): float
    {
        $joints = $this->joints;
        $masses = $body->masses;
        $moment = $masses['trunk'] * ($joints['hip'][1] + Body::CENTRES['trunk'] * ($joints['shoulder'][1] - $joints['hip'][1]))
            + $masses['head'] * ($joints['shoulder'][1] + Body::CENTRES['head'] * ($joints['head'][1] - $joints['shoulder'][1]));
        $near = $this->limbMoment($masses, 'near_');
        $moment += $near + ($this->bothSidesAlike ? $near : $this->limbMoment($masses, 'far_'));

        return $moment * Body::GRAVITY;
    }

    /**
     * Mass times height of one side's limbs, kg·m.
     *
     * @param  array<string, float>  $masses
     */
    private function limbMoment(array $masses, string $side): float
    {
        $joints = $this->joints;
        $ankle = $joints[$side.'ankle'][1];
        $knee = $joints[$side.'knee'][1];
        $elbow = $joints[$side.'elbow'][1];
        $wrist = $joints[$side.'wrist'][1];

        return $masses['upper_arm'] * self::between($joints[$side.'shoulder'][1], $elbow, Body::CENTRES['upper_arm'])
            + $masses['forearm'] * self::between($elbow, $wrist, Body::CENTRES['forearm'])
            + $masses['hand'] * self::between($wrist, $joints[$side.'fingertip'][1], Body::CENTRES['hand'])
            + $masses['thigh'] * self::between($joints[$side.'hip'][1], $knee, Body::CENTRES['thigh'])
            + $masses['shank'] * self::between($knee, $ankle, Body::CENTRES['shank'])
            + $masses['foot'] * self::between($ankle, $joints[$side.'toe'][1], Body::CENTRES['foot']);
    }

    /** Returns the whole body's centre of mass along x, metres. */
    public function centreOfMassX(Body $body): float
    {
        $joints = $this->joints;
        $masses = $body->masses;
        $moment = $masses['trunk'] * self::between($joints['hip'][0], $joints['shoulder'][0], Body::CENTRES['trunk'])
            + $masses['head'] * self::between($joints['shoulder'][0], $joints['head'][0], Body::CENTRES['head']);
        $mass = $masses['trunk'] + $masses['head'];
        foreach (['near_', 'far_'] as $side) {
            foreach ([
                ['upper_arm', 'shoulder', 'elbow'],
                ['forearm', 'elbow', 'wrist'],
                ['hand', 'wrist', 'fingertip'],
                ['thigh', 'hip', 'knee'],
                ['shank', 'knee', 'ankle'],
                ['foot', 'ankle', 'toe'],
            ] as [$segment, $from, $to]) {
                $moment += $masses[$segment] * self::between($joints[$side.$from][0], $joints[$side.$to][0], Body::CENTRES[$segment]);
                $mass += $masses[$segment];
            }
        }

        return $moment / $mass;
    }

    private static function between(float $from, float $to, float $fraction): float
    {
        return $from + $fraction * ($to - $from);
    }

    /** Highest point of body and hands, metres above the floor; the grip counts a hand's breadth more. */
    public function highestM(): float
    {
        return max($this->y('head'), $this->y('near_fingertip'), $this->y('near_grip') + 0.1);
    }
}
