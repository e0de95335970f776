<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

use NimbleShelf\Core\Exception\BrokenCatalogue;
use NimbleShelf\Core\Mechanics\Internal\FittedFigure;
use NimbleShelf\Core\Mechanics\Internal\Limbs;
use NimbleShelf\Core\Mechanics\Internal\Linkage;

/** A figure fitted to one body and one placement; gives the pose at any moment of the movement. */
final class Rig
{
    private const LIMB_JOINTS = [
        'near_shoulder' => 'far_shoulder', 'near_elbow' => 'far_elbow', 'near_wrist' => 'far_wrist', 'near_grip' => 'far_grip',
        'near_fingertip' => 'far_fingertip', 'near_hip' => 'far_hip', 'near_knee' => 'far_knee', 'near_ankle' => 'far_ankle',
        'near_heel' => 'far_heel', 'near_ball' => 'far_ball', 'near_toe' => 'far_toe',
    ];

    /** @var array{float, float}|null Where the hands rest, for figures that turn about their plant. */
    private readonly ?array $turnAt;

    private readonly FittedFigure $fit;

    private readonly Limbs $limbs;

    /** @throws BrokenCatalogue If the figure names a length that does not exist. */
    public function __construct(public readonly Figure $figure, Body $body, Placement $placement)
    {
        $this->fit = new FittedFigure($figure, $body, $placement);
        $this->limbs = new Limbs($this->fit);
        $this->turnAt = $figure->turn === null ? null : $this->whereHandsRest($figure->turn);
    }

    /** @param  float  $u 0 at the start of the lifting phase, 1 at its end; a little beyond either is allowed. */
    public function poseAt(float $u): Pose
    {
        $turn = $this->turnAt === null ? 0.0 : $this->turnNeededAt($u);
        $joints = $this->chain($u, $turn);
        foreach ($this->fit->pins as $pin) {
            $joints = $this->pinned($joints, $u, $pin['limb'], $pin['end'], $pin['bend'], $pin['at'], $turn);
        }
        if ($this->turnAt !== null && $this->figure->turn !== null) {
            $joints = $this->figure->turn['end'] === 'elbow'
                ? $this->onElbows($joints, $u, $this->turnAt)
                : $this->pinned($joints, $u, 'arms', $this->figure->turn['end'], $this->figure->elbowBend, $this->turnAt, $turn);
        }
        if (isset($this->figure->channels['hand_x'])) {
            $joints = $this->held($joints, $u, $turn);
        }
        if (count($this->fit->sides) === 1) {
            $joints = $this->withFarSideLikeNear($joints);
        }

        return new Pose($joints, bothSidesAlike: count($this->fit->sides) === 1);
    }

    /**
     * Furniture and other things the figure leans on, as drawn.
     *
     * @return list<array{kind: string, x: float, y: float}> Metres; `kind` names the drawing.
     */
    public function props(): array
    {
        return array_map(fn (array $prop): array => [
            'kind' => $prop['kind'],
            'x' => in_array($prop['kind'], ['hand-support', 'bar'], true)
                && $this->turnAt !== null ? $this->turnAt[0] : $this->fit->length($prop['x']),
            'y' => $this->fit->length($prop['y']),
        ], $this->figure->props);
    }

    public function body(): Body
    {
        return $this->fit->body;
    }

    /** True when only the near arm works. */
    public function farArmRests(): bool
    {
        return $this->fit->placement->farLimbRests;
    }

    /**
     * Joints from angles alone, placed so that the planted joint is where it belongs.
     *
     * @return array<string, array{float, float}>
     */
    private function chain(float $u, float $turn): array
    {
        $lengths = $this->fit->body->lengths;
        $front = $this->figure->view === View::Front;
        [$shoulderX, $shoulderY] = $this->shoulderFromHip($u, $turn);
        [$baseX, $baseY] = $this->hipAt($u, $turn);
        $head = deg2rad($this->fit->channel('head', $u, $this->fit->channel('trunk', $u, 180.0))) + $turn;
        $headM = $lengths['head'] * cos(deg2rad($this->fit->channel('head_out', $u)));
        $shoulderX += $baseX;
        $shoulderY += $baseY;
        $joints = [
            'hip' => [$baseX, $baseY],
            'shoulder' => [$shoulderX, $shoulderY],
            'head' => [$shoulderX + $headM * sin($head), $shoulderY - $headM * cos($head)],
        ];
        foreach ($this->fit->sides as $side) {
            $across = $front ? ($side === 'far' ? -1.0 : 1.0) : 0.0;
            $hip = [$baseX + $across * $lengths['half_hip'], $baseY];
            $shoulder = [$shoulderX + $across * $lengths['half_shoulder'], $shoulderY];
            $joints[$side.'_hip'] = $hip;
            $joints[$side.'_shoulder'] = $shoulder;
            // A limb that holds on to something is worked out from there, not from its angles.
            if (! isset($this->fit->pinnedLegs[$side])) {
                $joints += $this->limbs->leg($side, $u, $turn, $hip);
            }
            if (! isset($this->fit->placedArms[$side])) {
                $joints += $this->limbs->arm($side, $u, $turn, $shoulder);
            }
        }

        return $joints;
    }

    /**
     * Where the shoulders are from the hips; a trunk that leans towards the eye is seen shorter than it is.
     *
     * @return array{float, float}
     */
    private function shoulderFromHip(float $u, float $turn): array
    {
        $trunk = deg2rad($this->fit->channel('trunk', $u, 180.0)) + $turn;
        $trunkM = $this->fit->body->lengths['trunk'] * cos(deg2rad($this->fit->channel('trunk_out', $u)));

        return [$trunkM * sin($trunk), -$trunkM * cos($trunk)];
    }

    /**
     * Where the hips must be for the planted joint to be where it belongs. In the front view the planted foot may
     * stand wide; the body stays in the middle unless the figure says otherwise.
     *
     * @return array{float, float}
     */
    private function hipAt(float $u, float $turn): array
    {
        $plant = $this->figure->plant;
        $front = $this->figure->view === View::Front;
        $side = $plant['side'] === 'far' ? 'far' : 'near';
        $across = $front ? ($side === 'far' ? -1.0 : 1.0) : 0.0;
        $joint = $plant['joint'];
        [$x, $y] = match ($joint) {
            'hip' => [0.0, 0.0],
            'shoulder' => $this->shoulderFromHip($u, $turn),
            'knee', 'ankle', 'heel', 'ball', 'toe' => $this->limbs->leg(
                $side,
                $u,
                $turn,
                [$across * $this->fit->body->lengths['half_hip'], 0.0],
            )["{$side}_{$joint}"],
            'elbow', 'wrist', 'grip', 'fingertip' => $this->limbs->arm(
                $side,
                $u,
                $turn,
                $this->shoulderFromHip($u, $turn),
            )["{$side}_{$joint}"],
            default => throw BrokenCatalogue::inFigure($this->figure->id, sprintf('there is no joint "%s" to plant.', $joint)),
        };

        return [
            $front && ! $plant['holdX'] ? 0.0 : $this->fit->place('root_x', $u, $this->fit->plantAt[0]) - $x,
            $this->fit->place('root_y', $u, $this->fit->plantAt[1]) - $y,
        ];
    }

    /**
     * @param  array<string, array{float, float}>  $joints
     * @return array<string, array{float, float}>
     */
    private function withFarSideLikeNear(array $joints): array
    {
        if ($this->figure->view === View::Front) {
            foreach (self::LIMB_JOINTS as $near => $far) {
                $joints[$far] = [-$joints[$near][0], $joints[$near][1]];
            }
        } else {
            foreach (self::LIMB_JOINTS as $near => $far) {
                $joints[$far] = $joints[$near];
            }
        }

        return $joints;
    }

    /** Length of the arm that reaches for the support: to the wrist, the grip, or only to the elbow. */
    private function turningArm(string $end): float
    {
        return match ($end) {
            'elbow' => $this->fit->body->lengths['upper_arm'],
            'grip' => $this->fit->terms['arm'],
            default => $this->fit->terms['arm_to_wrist'],
        };
    }

    /**
     * Where the hands rest: at the given height; and where the figure says, or as far along as makes the arm square to the
     * line from the planted point to the shoulder at the end of the movement. Presses are taught otherwise: on the floor
     * the hands stand below the shoulders with the chest low, at a wall square to the body there, in between in proportion.
     *
     * @param  array{end: string, y: float|array<string, float>, forPresses: bool, x?: float|array<string, float>}  $turn
     * @return array{float, float}
     */
    private function whereHandsRest(array $turn): array
    {
        $heightM = $this->fit->length($turn['y']);
        if (isset($turn['x'])) {
            return [$this->fit->length($turn['x']), $heightM];
        }
        $shoulder = $this->shoulderAt(1.0);
        $lineM = hypot($shoulder[0] - $this->fit->plantAt[0], $shoulder[1] - $this->fit->plantAt[1]);
        $riseM = $heightM - $this->fit->plantAt[1];
        $armM = $this->fit->channel('reach', $turn['forPresses'] ? 0.0 : 1.0, 1.0) * $this->turningArm($turn['end']);
        $alongM = sqrt(max(0.0, $lineM ** 2 + $armM ** 2 - $riseM ** 2));
        if ($turn['forPresses']) {
            $plumbM = sqrt(max(0.0, $lineM ** 2 - ($riseM + $armM) ** 2));
            $alongM = $plumbM + max(0.0, min(1.0, $riseM / $lineM)) * ($alongM - $plumbM);
        }

        return [$this->fit->plantAt[0] + $this->figure->turnAlong * $alongM, $heightM];
    }

    /**
     * Where the shoulders are before the figure turns about its plant.
     *
     * @return array{float, float}
     */
    private function shoulderAt(float $u): array
    {
        [$hipX, $hipY] = $this->hipAt($u, 0.0);
        [$x, $y] = $this->shoulderFromHip($u, 0.0);

        return [$hipX + $x, $hipY + $y];
    }

    /** Returns the turn about the plant, radians, that brings the shoulder to the keyframed reach of the support. */
    private function turnNeededAt(float $u): float
    {
        assert($this->turnAt !== null && $this->figure->turn !== null);
        $shoulder = $this->shoulderAt($u);
        $lineX = $shoulder[0] - $this->fit->plantAt[0];
        $lineY = $shoulder[1] - $this->fit->plantAt[1];
        $lineM = hypot($lineX, $lineY);
        $restX = $this->turnAt[0] - $this->fit->plantAt[0];
        $restY = $this->turnAt[1] - $this->fit->plantAt[1];
        $restM = hypot($restX, $restY);
        $armM = $this->fit->channel('reach', $u, 1.0) * $this->turningArm($this->figure->turn['end']);
        $cosine = ($lineM ** 2 + $restM ** 2 - $armM ** 2) / (2 * $lineM * $restM);

        return atan2($restY, $restX) + $this->figure->turnSide * acos(max(-1.0, min(1.0, $cosine))) - atan2($lineY, $lineX);
    }

    /**
     * @param  array<string, array{float, float}>  $joints
     * @param  array{float, float}  $at
     * @return array<string, array{float, float}>
     */
    private function pinned(array $joints, float $u, string $limb, string $end, int $bend, array $at, float $turn): array
    {
        $arm = $limb === 'arms' || str_ends_with($limb, 'arm');
        foreach ($this->fit->sidesOf($limb, $this->fit->sides) as $side) {
            $mirror = $this->figure->view === View::Front && $side === 'far' ? -1.0 : 1.0;
            $target = $this->fit->pinTarget($arm ? 'palm' : 'foot', $side, $u, $at);
            $joints = $arm
                ? $this->limbs->withArm($joints, $side, $u, $target, $end, $bend, $mirror)
                : $this->limbs->withLeg($joints, $side, $u, $target, $bend, $mirror, $turn);
        }

        return $joints;
    }

    /**
     * Forearms lying on the support, pointing as the figure says.
     *
     * @param  array<string, array{float, float}>  $joints
     * @param  array{float, float}  $at
     * @return array<string, array{float, float}>
     */
    private function onElbows(array $joints, float $u, array $at): array
    {
        foreach ($this->fit->sides as $side) {
            $forearm = deg2rad($this->fit->sided($side, 'forearm', $u, 90.0));
            $joints[$side.'_elbow'] = $at;
            $joints[$side.'_wrist'] = Linkage::along($at, $forearm, $this->fit->body->lengths['forearm'], 1.0);
            $joints[$side.'_grip'] = Linkage::along($joints[$side.'_wrist'], $forearm, Body::GRIP * $this->fit->body->lengths['hand'], 1.0);
            $joints[$side.'_fingertip'] = Linkage::along($joints[$side.'_wrist'], $forearm, $this->fit->body->lengths['hand'], 1.0);
        }

        return $joints;
    }

    /**
     * Hands held at a place that moves with the shoulder.
     *
     * @param  array<string, array{float, float}>  $joints
     * @return array<string, array{float, float}>
     */
    private function held(array $joints, float $u, float $turn): array
    {
        $armM = $this->fit->terms['arm'];
        $trunk = $this->figure->holdFrame === 'trunk' ? deg2rad($this->fit->channel('trunk', $u, 180.0)) + $turn : M_PI;
        // Axes of the frame: up along the trunk, and forward of it.
        $upX = sin($trunk);
        $upY = -cos($trunk);
        foreach ($this->fit->sides as $side) {
            if (isset($this->fit->pinnedArms[$side])) {
                continue;
            }
            $mirror = $this->figure->view === View::Front && $side === 'far' ? -1.0 : 1.0;
            $forward = $this->fit->sided($side, 'hand_x', $u) * $armM;
            $up = $this->fit->sided($side, 'hand_y', $u) * $armM;
            $shoulder = $joints[$side.'_shoulder'];
            $target = [
                $shoulder[0] + $mirror * ($forward * $upY + $up * $upX),
                $shoulder[1] - $forward * $upX + $up * $upY,
            ];
            $joints = $this->limbs->withArm($joints, $side, $u, $target, 'grip', $this->figure->elbowBend, $mirror);
        }

        return $joints;
    }
}
