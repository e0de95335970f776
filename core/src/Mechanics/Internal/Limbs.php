<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics\Internal;

use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\View;

/**
 * Arms and legs of a fitted figure: from their angles, or bent to reach a place.
 *
 * @internal
 */
final readonly class Limbs
{
    public function __construct(private FittedFigure $fit)
    {
    }

    /**
     * @param  array{float, float}  $hip
     * @return array<string, array{float, float}>
     */
    public function leg(string $side, float $u, float $turn, array $hip): array
    {
        $front = $this->fit->figure->view === View::Front;
        $mirror = $front && $side === 'far' ? -1.0 : 1.0;
        $thigh = deg2rad($this->fit->sided($side, 'thigh', $u)) + $turn;
        $shank = deg2rad($this->fit->sided($side, 'shank', $u)) + (isset($this->fit->unturned['shank']) ? 0.0 : $turn);
        $foot = deg2rad($this->fit->sided($side, 'foot', $u, 90.0)) + (isset($this->fit->unturned['foot']) ? 0.0 : $turn);
        $knee = Linkage::along($hip, $thigh, $this->fit->seen($side, 'thigh', $u), $mirror);
        $ankle = Linkage::along($knee, $shank, $this->fit->seen($side, 'shank', $u), $mirror);

        return [$side.'_knee' => $knee, $side.'_ankle' => $ankle] + $this->foot(
            $side,
            $ankle,
            $foot,
            $this->toes($side, $u),
            $mirror,
            $front,
        );
    }

    /**
     * @param  array{float, float}  $shoulder
     * @return array<string, array{float, float}>
     */
    public function arm(string $side, float $u, float $turn, array $shoulder): array
    {
        $mirror = $this->fit->figure->view === View::Front && $side === 'far' ? -1.0 : 1.0;
        $handM = $this->fit->body->lengths['hand'];
        $upperArm = deg2rad($this->fit->sided($side, 'upper_arm', $u)) + $turn;
        $forearm = deg2rad($this->fit->sided($side, 'forearm', $u)) + $turn;
        $palm = isset($this->fit->figure->channels['palm']) ? deg2rad($this->fit->sided($side, 'palm', $u)) + $turn : $forearm;
        $elbow = Linkage::along($shoulder, $upperArm, $this->fit->seen($side, 'upper_arm', $u), $mirror);
        $wrist = Linkage::along($elbow, $forearm, $this->fit->seen($side, 'forearm', $u), $mirror);

        return [
            $side.'_elbow' => $elbow,
            $side.'_wrist' => $wrist,
            $side.'_grip' => Linkage::along($wrist, $palm, Body::GRIP * $handM, $mirror),
            $side.'_fingertip' => Linkage::along($wrist, $palm, $handM, $mirror),
        ];
    }

    /**
     * @param  array<string, array{float, float}>  $joints
     * @param  array{float, float}  $target
     * @return array<string, array{float, float}>
     */
    public function withArm(array $joints, string $side, float $u, array $target, string $end, int $bend, float $mirror): array
    {
        $handM = $this->fit->body->lengths['hand'];
        $upperM = $this->fit->seen($side, 'upper_arm', $u);
        $forearmM = $this->fit->seen($side, 'forearm', $u);
        $lowerM = $forearmM + ($end === 'grip' ? Body::GRIP * $handM : 0.0);
        $outM = $this->fit->channel('hand_out', $u) * $this->fit->terms['arm'];
        $reachM = $outM === 0.0 ? $upperM + $lowerM : sqrt(max(0.0, ($upperM + $lowerM) ** 2 - $outM ** 2));
        $target = Linkage::withinReach($joints[$side.'_shoulder'], $target, $reachM);
        $elbow = Linkage::twoLink(
            $joints[$side.'_shoulder'],
            $target,
            $upperM,
            $lowerM,
            $bend * $mirror,
            outM: $outM,
            flare: deg2rad($this->fit->channel('flare', $u)),
        );
        // Seen from the side, a flared forearm is shorter than it is; the wrist stays on its line.
        $shown = $forearmM / $lowerM;
        $wrist = [$elbow[0] + $shown * ($target[0] - $elbow[0]), $elbow[1] + $shown * ($target[1] - $elbow[1])];
        $palm = isset($this->fit->figure->channels['palm']) || isset($this->fit->figure->channels["{$side}_palm"])
            ? deg2rad($this->fit->sided($side, 'palm', $u)) * $mirror
            : atan2($target[0] - $elbow[0], $elbow[1] - $target[1]);
        $joints[$side.'_elbow'] = $elbow;
        $joints[$side.'_wrist'] = $wrist;
        $joints[$side.'_grip'] = $end === 'grip' ? $target : Linkage::along($wrist, $palm, Body::GRIP * $handM, 1.0);
        $joints[$side.'_fingertip'] = $end === 'grip'
            ? Linkage::along($target, $palm, (1 - Body::GRIP) * $handM, 1.0)
            : Linkage::along($wrist, $palm, $handM, 1.0);

        return $joints;
    }

    /**
     * @param  array<string, array{float, float}>  $joints
     * @param  array{float, float}  $target
     * @return array<string, array{float, float}>
     */
    public function withLeg(array $joints, string $side, float $u, array $target, int $bend, float $mirror, float $turn): array
    {
        $thighM = $this->fit->seen($side, 'thigh', $u);
        $shankM = $this->fit->seen($side, 'shank', $u);
        $target = Linkage::withinReach($joints[$side.'_hip'], $target, $thighM + $shankM);
        $joints[$side.'_knee'] = Linkage::twoLink($joints[$side.'_hip'], $target, $thighM, $shankM, $bend * $mirror);
        $joints[$side.'_ankle'] = $target;
        $foot = deg2rad($this->fit->sided($side, 'foot', $u, 90.0)) + (isset($this->fit->unturned['foot']) ? 0.0 : $turn);

        return array_replace(
            $joints,
            $this->foot($side, $target, $foot, $this->toes($side, $u), $mirror, $this->fit->figure->view === View::Front),
        );
    }

    /**
     * @param  array{float, float}  $ankle
     * @return array<string, array{float, float}>
     */
    private function foot(string $side, array $ankle, float $angle, ?float $toes, float $mirror, bool $front): array
    {
        $lengths = $this->fit->body->lengths;
        if ($front) {
            $sole = $ankle[1] - $lengths['ankle_height'];

            return [
                $side.'_heel' => [$ankle[0], $sole],
                $side.'_ball' => [$ankle[0] + $mirror * 0.1 * $lengths['foot'], $sole],
                $side.'_toe' => [$ankle[0] + $mirror * 0.15 * $lengths['foot'], $sole],
            ];
        }
        $alongX = sin($angle);
        $alongY = -cos($angle);
        $soleX = $ankle[0] + $lengths['ankle_height'] * $alongY;
        $soleY = $ankle[1] - $lengths['ankle_height'] * $alongX;
        $footM = $lengths['foot'];
        $ball = [$soleX + 0.45 * $footM * $alongX, $soleY + 0.45 * $footM * $alongY];

        return [
            $side.'_heel' => [$soleX - 0.25 * $footM * $alongX, $soleY - 0.25 * $footM * $alongY],
            $side.'_ball' => $ball,
            $side.'_toe' => Linkage::along($ball, $toes ?? $angle, 0.30 * $footM, 1.0),
        ];
    }

    /** Direction of the toes where they bend away from the sole, radians; null where the foot is straight. */
    private function toes(string $side, float $u): ?float
    {
        return isset($this->fit->figure->channels['toes']) ? deg2rad($this->fit->sided($side, 'toes', $u)) : null;
    }
}
