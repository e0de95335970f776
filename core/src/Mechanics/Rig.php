<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

use NimbleShelf\Core\Exception\BrokenCatalogue;
use NimbleShelf\Core\Mechanics\Internal\Channel;
use NimbleShelf\Core\Mechanics\Internal\Linkage;

/** A figure fitted to one body and one placement; gives the pose at any moment of the movement. */
final class Rig
{
    private const LIMB_JOINTS = [
        'near_shoulder' => 'far_shoulder', 'near_elbow' => 'far_elbow', 'near_wrist' => 'far_wrist', 'near_grip' => 'far_grip',
        'near_fingertip' => 'far_fingertip', 'near_hip' => 'far_hip', 'near_knee' => 'far_knee', 'near_ankle' => 'far_ankle',
        'near_heel' => 'far_heel', 'near_ball' => 'far_ball', 'near_toe' => 'far_toe',
    ];

    private const ARM_CHANNELS = ['upper_arm', 'forearm', 'hand_x', 'hand_y', 'palm', 'upper_arm_out', 'forearm_out'];

    /** @var array<string, float> Lengths that positions in figure data may be made of, metres. */
    private readonly array $terms;

    /** @var array{float, float} */
    private readonly array $plantAt;

    /** @var array{float, float}|null Where the hands rest, for figures that turn about their plant. */
    private readonly ?array $turnAt;

    /** @var list<array{limb: string, end: string, bend: int, at: array{float, float}}> */
    private readonly array $pins;

    /** @var array<string, true> Sides whose arm holds on to something and is not free to hold a load. */
    private readonly array $pinnedArms;

    /** @var array<string, true> Sides whose arm is worked out from where its hand is. */
    private readonly array $placedArms;

    /** @var array<string, true> Sides whose leg is worked out from where its foot is. */
    private readonly array $pinnedLegs;

    /** @var array{near: array<string, Channel>, far: array<string, Channel>} Channels as each side sees them. */
    private readonly array $channels;

    /** @var list<'near'|'far'> Sides to work out; the far one is copied from the near one where both move alike. */
    private readonly array $sides;

    /** @var array<string, Channel> Places that move with the movement, metres. */
    private readonly array $places;

    /** @var array<string, bool> Segments that keep their direction while the figure turns. */
    private readonly array $unturned;

    public function __construct(
        public readonly Figure $figure,
        private readonly Body $body,
        private readonly Placement $placement,
    ) {
        $this->terms = $body->lengths + [
            'm' => 1.0,
            'height' => $body->heightM,
            'arm' => $body->armM(),
            'arm_to_wrist' => $body->lengths['upper_arm'] + $body->lengths['forearm'],
            'leg' => $body->lengths['thigh'] + $body->lengths['shank'],
            'support' => $placement->supportM,
            'foot_support' => $placement->footSupportM,
            'half_stance' => $placement->stanceM === null ? $body->lengths['half_hip'] : $placement->stanceM / 2,
        ];
        $this->places = array_map(
            fn (array $sums): Channel => Channel::through(array_map(
                fn (float|int|array $sum): float => is_array($sum) ? $this->length($sum) : $sum * $body->heightM,
                $sums,
            )),
            $figure->places,
        );
        $this->plantAt = [$this->length($figure->plant['x']), $this->length($figure->plant['y'])];
        $pins = [];
        foreach ($figure->pins as $pin) {
            $pins[] = ['at' => [$this->length($pin['at']['x']), $this->length($pin['at']['y'])]] + $pin;
        }
        $this->pins = $pins;
        $far = $figure->channels;
        $alike = ! $placement->farLimbRests;
        foreach ($figure->channels as $name => $channel) {
            if (str_starts_with($name, 'far_')) {
                $far[substr($name, 4)] = $channel;
                $alike = false;
            } elseif ($placement->farLimbRests && in_array($name, self::ARM_CHANNELS, true)) {
                $far[$name] = Channel::through([0 => $channel->at(0.0)]);
            }
        }
        foreach (array_keys($this->places) as $name) {
            $alike = $alike && ! str_starts_with($name, 'far_');
        }
        foreach ($pins as $pin) {
            $alike = $alike && ! str_starts_with($pin['limb'], 'near') && ! str_starts_with($pin['limb'], 'far');
        }
        $pinnedArms = $pinnedLegs = [];
        foreach ($pins as $pin) {
            $sides = array_fill_keys($this->sidesOf($pin['limb'], ['near', 'far']), true);
            if (str_contains($pin['limb'], 'arm')) {
                $pinnedArms += $sides;
            } else {
                $pinnedLegs += $sides;
            }
        }
        $this->pinnedArms = $pinnedArms;
        $this->pinnedLegs = $pinnedLegs;
        $this->placedArms = $figure->turn !== null || isset($figure->channels['hand_x']) ? ['near' => true, 'far' => true] : $pinnedArms;
        $this->channels = ['near' => $figure->channels, 'far' => $far];
        $this->sides = $alike ? ['near'] : ['near', 'far'];
        $this->unturned = array_fill_keys($figure->unturned, true);
        $this->turnAt = $figure->turn === null ? null : $this->whereHandsRest($figure->turn);
    }

    /** @param  float  $u 0 at the start of the lifting phase, 1 at its end; a little beyond either is allowed. */
    public function poseAt(float $u): Pose
    {
        $turn = $this->turnAt === null ? 0.0 : $this->turnNeededAt($u);
        $joints = $this->chain($u, $turn);
        foreach ($this->pins as $pin) {
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
        if (count($this->sides) === 1) {
            $joints = $this->withFarSideLikeNear($joints);
        }

        return new Pose($joints, bothSidesAlike: count($this->sides) === 1);
    }

    /**
     * How far each pinned limb ends from where it should, at worst over the movement: zero in a sound figure.
     *
     * @return array<string, float> Metres, by limb and side.
     */
    public function pinMisses(): array
    {
        $misses = [];
        foreach (range(0, 10) as $step) {
            $u = $step / 10;
            $pose = $this->poseAt($u);
            foreach ($this->pins as $pin) {
                $arm = str_contains($pin['limb'], 'arm');
                foreach ($this->sidesOf($pin['limb'], ['near', 'far']) as $side) {
                    [$x, $y] = $this->pinTarget($arm ? 'palm' : 'foot', $side, $u, $pin['at']);
                    $end = $arm ? $pin['end'] : 'ankle';
                    $miss = hypot($pose->x("{$side}_{$end}") - $x, $pose->y("{$side}_{$end}") - $y);
                    $misses["{$side}_{$end}"] = max($misses["{$side}_{$end}"] ?? 0.0, $miss);
                }
            }
        }

        return $misses;
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
            'x' => in_array($prop['kind'], ['hand-support', 'bar'], true) && $this->turnAt !== null ? $this->turnAt[0] : $this->length($prop['x']),
            'y' => $this->length($prop['y']),
        ], $this->figure->props);
    }

    /**
     * Where the strand to one limb comes from.
     *
     * @param  string  $side  `near` or `far`.
     * @param  float  $startHipX  Where the hip is at the start, from which an anchor's distance is measured, metres.
     * @return array{x: float, y: float, across: float} Metres; `across` is how far out of the picture's plane it lies from the limb.
     */
    public function bandAnchor(Pose $pose, BandSetup $setup, BandAttachment $attachment, string $side, float $startHipX): array
    {
        if ($setup->layout === BandLayout::BehindBack) {
            return ['x' => $pose->x("{$side}_shoulder"), 'y' => $pose->y("{$side}_shoulder"), 'across' => 0.0];
        }
        $other = $side === 'near' ? 'far' : 'near';
        if ($attachment->isBetweenLimbs) {
            $mine = $attachment->jointOn($side);
            $theirs = $attachment->jointOn($other);

            return [
                'x' => ($pose->x($mine) + $pose->x($theirs)) / 2,
                'y' => ($pose->y($mine) + $pose->y($theirs)) / 2,
                // Seen from the side the two limbs are a hip's width apart.
                'across' => $this->figure->view === View::Front ? 0.0 : $this->body->lengths['half_hip'],
            ];
        }
        if ($setup->layout->needsAnchor()) {
            return [
                'x' => $startHipX + $attachment->along * $setup->anchorDistanceM,
                'y' => $setup->anchorHeightM,
                'across' => $attachment->across * $setup->anchorDistanceM,
            ];
        }
        $crossed = $setup->layout === BandLayout::Crossed;
        $foot = $crossed ? $other : $side;
        if ($setup->layout === BandLayout::RoundFeet) {
            return [
                'x' => ($pose->x("{$foot}_heel") + $pose->x("{$foot}_toe")) / 2,
                'y' => ($pose->y("{$foot}_heel") + $pose->y("{$foot}_toe")) / 2,
                'across' => 0.0,
            ];
        }
        $x = $pose->x("{$foot}_ankle");
        $y = $pose->y("{$foot}_ankle") - $this->body->lengths['ankle_height'];
        if ($this->figure->view === View::Front) {
            $stands = $setup->layout->usesStance() && $setup->stanceM !== null;

            return ['x' => $stands ? ($foot === 'near' ? 1 : -1) * $setup->stanceM / 2 : $x, 'y' => $y, 'across' => 0.0];
        }
        $halfStance = ($setup->stanceM ?? 2 * $this->body->lengths['half_hip']) / 2;

        return ['x' => $x, 'y' => $y, 'across' => $crossed ? $halfStance + $this->body->lengths['half_shoulder'] : 0.0];
    }

    /** True when only the near arm works. */
    public function farArmRests(): bool
    {
        return $this->placement->farLimbRests;
    }

    /** @param  float|array<string, float>  $sum Metres, or coefficients of named lengths. */
    private function length(float|int|array $sum): float
    {
        if (! is_array($sum)) {
            return (float) $sum;
        }
        $total = 0.0;
        foreach ($sum as $name => $coefficient) {
            if (! isset($this->terms[$name])) {
                throw BrokenCatalogue::inFigure($this->figure->id, sprintf('there is no length called "%s".', $name));
            }
            $total += $coefficient * $this->terms[$name];
        }

        return $total;
    }

    private function place(string $name, float $u, float $default): float
    {
        $channel = $this->places[$name] ?? null;

        return $channel === null ? $default : $channel->at($u);
    }

    private function channel(string $name, float $u, float $default = 0.0): float
    {
        $channel = $this->figure->channels[$name] ?? null;

        return $channel === null ? $default : $channel->at($u);
    }

    /** A channel's value for one side. */
    private function sided(string $side, string $name, float $u, float $default = 0.0): float
    {
        $channel = $this->channels[$side][$name] ?? null;

        return $channel === null ? $default : $channel->at($u);
    }

    /** Length of a segment as seen in the picture's plane. */
    private function seen(string $side, string $segment, float $u): float
    {
        $lengthM = $this->body->lengths[$segment];
        $out = $this->channels[$side][$segment.'_out'] ?? null;

        return $out === null ? $lengthM : $lengthM * cos(deg2rad($out->at($u)));
    }

    /**
     * Joints from angles alone, placed so that the planted joint is where it belongs.
     *
     * @return array<string, array{float, float}>
     */
    private function chain(float $u, float $turn): array
    {
        $lengths = $this->body->lengths;
        $front = $this->figure->view === View::Front;
        [$shoulderX, $shoulderY] = $this->shoulderFromHip($u, $turn);
        [$baseX, $baseY] = $this->hipAt($u, $turn);
        $head = deg2rad($this->channel('head', $u, $this->channel('trunk', $u, 180.0))) + $turn;
        $headM = $lengths['head'] * cos(deg2rad($this->channel('head_out', $u)));
        $shoulderX += $baseX;
        $shoulderY += $baseY;
        $joints = [
            'hip' => [$baseX, $baseY],
            'shoulder' => [$shoulderX, $shoulderY],
            'head' => [$shoulderX + $headM * sin($head), $shoulderY - $headM * cos($head)],
        ];
        foreach ($this->sides as $side) {
            $across = $front ? ($side === 'far' ? -1.0 : 1.0) : 0.0;
            $hip = [$baseX + $across * $lengths['half_hip'], $baseY];
            $shoulder = [$shoulderX + $across * $lengths['half_shoulder'], $shoulderY];
            $joints[$side.'_hip'] = $hip;
            $joints[$side.'_shoulder'] = $shoulder;
            // A limb that holds on to something is worked out from there, not from its angles.
            if (! isset($this->pinnedLegs[$side])) {
                $joints += $this->leg($side, $u, $turn, $hip);
            }
            if (! isset($this->placedArms[$side])) {
                $joints += $this->arm($side, $u, $turn, $shoulder);
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
        $trunk = deg2rad($this->channel('trunk', $u, 180.0)) + $turn;
        $trunkM = $this->body->lengths['trunk'] * cos(deg2rad($this->channel('trunk_out', $u)));

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
            'knee', 'ankle', 'heel', 'ball', 'toe' => $this->leg($side, $u, $turn, [$across * $this->body->lengths['half_hip'], 0.0])["{$side}_{$joint}"],
            'elbow', 'wrist', 'grip', 'fingertip' => $this->arm($side, $u, $turn, $this->shoulderFromHip($u, $turn))["{$side}_{$joint}"],
            default => throw BrokenCatalogue::inFigure($this->figure->id, sprintf('there is no joint "%s" to plant.', $joint)),
        };

        return [
            $front && ! $plant['holdX'] ? 0.0 : $this->place('root_x', $u, $this->plantAt[0]) - $x,
            $this->place('root_y', $u, $this->plantAt[1]) - $y,
        ];
    }

    /**
     * @param  array{float, float}  $hip
     * @return array<string, array{float, float}>
     */
    private function leg(string $side, float $u, float $turn, array $hip): array
    {
        $front = $this->figure->view === View::Front;
        $mirror = $front && $side === 'far' ? -1.0 : 1.0;
        $thigh = deg2rad($this->sided($side, 'thigh', $u)) + $turn;
        $shank = deg2rad($this->sided($side, 'shank', $u)) + (isset($this->unturned['shank']) ? 0.0 : $turn);
        $foot = deg2rad($this->sided($side, 'foot', $u, 90.0)) + (isset($this->unturned['foot']) ? 0.0 : $turn);
        $knee = Linkage::along($hip, $thigh, $this->seen($side, 'thigh', $u), $mirror);
        $ankle = Linkage::along($knee, $shank, $this->seen($side, 'shank', $u), $mirror);

        return [$side.'_knee' => $knee, $side.'_ankle' => $ankle] + $this->foot($side, $ankle, $foot, $this->toes($side, $u), $mirror, $front);
    }

    /**
     * @param  array{float, float}  $shoulder
     * @return array<string, array{float, float}>
     */
    private function arm(string $side, float $u, float $turn, array $shoulder): array
    {
        $mirror = $this->figure->view === View::Front && $side === 'far' ? -1.0 : 1.0;
        $handM = $this->body->lengths['hand'];
        $upperArm = deg2rad($this->sided($side, 'upper_arm', $u)) + $turn;
        $forearm = deg2rad($this->sided($side, 'forearm', $u)) + $turn;
        $palm = isset($this->figure->channels['palm']) ? deg2rad($this->sided($side, 'palm', $u)) + $turn : $forearm;
        $elbow = Linkage::along($shoulder, $upperArm, $this->seen($side, 'upper_arm', $u), $mirror);
        $wrist = Linkage::along($elbow, $forearm, $this->seen($side, 'forearm', $u), $mirror);

        return [
            $side.'_elbow' => $elbow,
            $side.'_wrist' => $wrist,
            $side.'_grip' => Linkage::along($wrist, $palm, Body::GRIP * $handM, $mirror),
            $side.'_fingertip' => Linkage::along($wrist, $palm, $handM, $mirror),
        ];
    }

    /**
     * @param  array{float, float}  $ankle
     * @return array<string, array{float, float}>
     */
    private function foot(string $side, array $ankle, float $angle, ?float $toes, float $mirror, bool $front): array
    {
        $lengths = $this->body->lengths;
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

    /** Direction of the toes where they bend away from the sole, radians; null where the foot is straight. */
    private function toes(string $side, float $u): ?float
    {
        return isset($this->figure->channels['toes']) ? deg2rad($this->sided($side, 'toes', $u)) : null;
    }

    /** Length of the arm that reaches for the support: to the wrist, the grip, or only to the elbow. */
    private function turningArm(string $end): float
    {
        return match ($end) {
            'elbow' => $this->body->lengths['upper_arm'],
            'grip' => $this->terms['arm'],
            default => $this->terms['arm_to_wrist'],
        };
    }

    /**
     * Where the hands rest: at the given height, and as far along as makes the arm square to the line from the
     * planted point to the shoulder at the end of the movement, unless the figure says where.
     *
     * @param  array{end: string, y: float|array<string, float>, x?: float|array<string, float>}  $turn
     * @return array{float, float}
     */
    private function whereHandsRest(array $turn): array
    {
        $heightM = $this->length($turn['y']);
        if (isset($turn['x'])) {
            return [$this->length($turn['x']), $heightM];
        }
        $shoulder = $this->shoulderAt(1.0);
        $lineM = hypot($shoulder[0] - $this->plantAt[0], $shoulder[1] - $this->plantAt[1]);
        $armM = $this->channel('reach', 1.0, 1.0) * $this->turningArm($turn['end']);
        $riseM = $heightM - $this->plantAt[1];

        return [$this->plantAt[0] + $this->figure->turnAlong * sqrt(max(0.0, $lineM ** 2 + $armM ** 2 - $riseM ** 2)), $heightM];
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
        $lineX = $shoulder[0] - $this->plantAt[0];
        $lineY = $shoulder[1] - $this->plantAt[1];
        $lineM = hypot($lineX, $lineY);
        $restX = $this->turnAt[0] - $this->plantAt[0];
        $restY = $this->turnAt[1] - $this->plantAt[1];
        $restM = hypot($restX, $restY);
        $armM = $this->channel('reach', $u, 1.0) * $this->turningArm($this->figure->turn['end']);
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
        $arm = str_contains($limb, 'arm');
        foreach ($this->sidesOf($limb, $this->sides) as $side) {
            $mirror = $this->figure->view === View::Front && $side === 'far' ? -1.0 : 1.0;
            $target = $this->pinTarget($arm ? 'palm' : 'foot', $side, $u, $at);
            $joints = $arm
                ? $this->withArm($joints, $side, $u, $target, $end, $bend, $mirror)
                : $this->withLeg($joints, $side, $u, $target, $bend, $mirror, $turn);
        }

        return $joints;
    }

    /**
     * @param  list<'near'|'far'>  $both  Sides a limb named without its side stands for.
     * @return list<'near'|'far'>
     */
    private function sidesOf(string $limb, array $both): array
    {
        return match (true) {
            str_starts_with($limb, 'near') => ['near'],
            str_starts_with($limb, 'far') => ['far'],
            default => $both,
        };
    }

    /**
     * @param  string  $end  `foot` or `palm`, the name its places go by.
     * @param  array{float, float}  $at
     * @return array{float, float}
     */
    private function pinTarget(string $end, string $side, float $u, array $at): array
    {
        $mirror = $this->figure->view === View::Front && $side === 'far' ? -1.0 : 1.0;
        $far = $side === 'far' ? 'far_' : '';

        return [
            $mirror * $this->place("{$far}{$end}_x", $u, $this->place("{$end}_x", $u, $at[0])),
            $this->place("{$far}{$end}_y", $u, $this->place("{$end}_y", $u, $at[1])),
        ];
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
        foreach ($this->sides as $side) {
            $forearm = deg2rad($this->sided($side, 'forearm', $u, 90.0));
            $joints[$side.'_elbow'] = $at;
            $joints[$side.'_wrist'] = Linkage::along($at, $forearm, $this->body->lengths['forearm'], 1.0);
            $joints[$side.'_grip'] = Linkage::along($joints[$side.'_wrist'], $forearm, Body::GRIP * $this->body->lengths['hand'], 1.0);
            $joints[$side.'_fingertip'] = Linkage::along($joints[$side.'_wrist'], $forearm, $this->body->lengths['hand'], 1.0);
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
        $armM = $this->terms['arm'];
        $trunk = $this->figure->holdFrame === 'trunk' ? deg2rad($this->channel('trunk', $u, 180.0)) + $turn : M_PI;
        // Axes of the frame: up along the trunk, and forward of it.
        $upX = sin($trunk);
        $upY = -cos($trunk);
        foreach ($this->sides as $side) {
            if (isset($this->pinnedArms[$side])) {
                continue;
            }
            $mirror = $this->figure->view === View::Front && $side === 'far' ? -1.0 : 1.0;
            $forward = $this->sided($side, 'hand_x', $u) * $armM;
            $up = $this->sided($side, 'hand_y', $u) * $armM;
            $shoulder = $joints[$side.'_shoulder'];
            $target = [
                $shoulder[0] + $mirror * ($forward * $upY + $up * $upX),
                $shoulder[1] - $forward * $upX + $up * $upY,
            ];
            $joints = $this->withArm($joints, $side, $u, $target, 'grip', $this->figure->elbowBend, $mirror);
        }

        return $joints;
    }

    /**
     * @param  array<string, array{float, float}>  $joints
     * @param  array{float, float}  $target
     * @return array<string, array{float, float}>
     */
    private function withArm(array $joints, string $side, float $u, array $target, string $end, int $bend, float $mirror): array
    {
        $handM = $this->body->lengths['hand'];
        $forearmM = $this->seen($side, 'forearm', $u);
        $lowerM = $forearmM + ($end === 'grip' ? Body::GRIP * $handM : 0.0);
        $outM = $this->channel('hand_out', $u) * $this->terms['arm'];
        $reachM = sqrt(max(0.0, ($this->seen($side, 'upper_arm', $u) + $lowerM) ** 2 - $outM ** 2));
        $target = Linkage::withinReach($joints[$side.'_shoulder'], $target, $reachM);
        $elbow = Linkage::twoLink(
            $joints[$side.'_shoulder'],
            $target,
            $this->seen($side, 'upper_arm', $u),
            $lowerM,
            $bend * $mirror,
            outM: $outM,
            flare: deg2rad($this->channel('flare', $u)),
        );
        // Seen from the side, a flared forearm is shorter than it is; the wrist stays on its line.
        $shown = $forearmM / $lowerM;
        $wrist = [$elbow[0] + $shown * ($target[0] - $elbow[0]), $elbow[1] + $shown * ($target[1] - $elbow[1])];
        $palm = isset($this->figure->channels['palm']) || isset($this->figure->channels["{$side}_palm"])
            ? deg2rad($this->sided($side, 'palm', $u)) * $mirror
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
    private function withLeg(array $joints, string $side, float $u, array $target, int $bend, float $mirror, float $turn): array
    {
        $target = Linkage::withinReach($joints[$side.'_hip'], $target, $this->seen($side, 'thigh', $u) + $this->seen($side, 'shank', $u));
        $joints[$side.'_knee'] = Linkage::twoLink($joints[$side.'_hip'], $target, $this->seen($side, 'thigh', $u), $this->seen($side, 'shank', $u), $bend * $mirror);
        $joints[$side.'_ankle'] = $target;
        $foot = deg2rad($this->sided($side, 'foot', $u, 90.0)) + (isset($this->unturned['foot']) ? 0.0 : $turn);

        return array_replace($joints, $this->foot($side, $target, $foot, $this->toes($side, $u), $mirror, $this->figure->view === View::Front));
    }
}
