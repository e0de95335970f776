<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

use NimbleShelf\Core\Exception\BrokenCatalogue;
use NimbleShelf\Core\Mechanics\Internal\Channel;

/**
 * A planar figure: segment angles at two to four keyframes, what stays planted, and which limbs reach for a point.
 *
 * Angles are in degrees, from straight down, growing forward: a hanging arm is 0, an arm held forward 90, an
 * upright trunk (hip to shoulder) 180. `…_out` angles turn a segment out of the picture's plane and shorten it
 * there. `hand_x`, `hand_y` place the grip from the shoulder in arm lengths. `reach` is the arm's length in use,
 * as a fraction, for figures that turn about their planted point until the hands meet a support; `turn.side` is -1 for
 * a body that hangs below its hands, `turn.along` -1 for hands behind the planted point, `turn.as_press` true for
 * hands set as presses are taught (see Rig).
 *
 * Places may move too: `root_x`, `root_y` say where the planted joint is, `foot_x`, `foot_y` (and `far_…`) where pinned
 * feet stand, `palm_x`, `palm_y` where pinned hands hold. A number is a share of body height, a map a sum of named
 * lengths, so that a movement can follow the height of a chair or a step.
 */
final readonly class Figure
{
    /** Keyframe entries that are places, not angles. */
    private const PLACES = [
        'root_x',
        'root_y',
        'foot_x',
        'foot_y',
        'far_foot_x',
        'far_foot_y',
        'palm_x',
        'palm_y',
        'far_palm_x',
        'far_palm_y',
    ];

    /**
     * @param  array<string, Channel>  $channels
     * @param  array<string, non-empty-array<int|numeric-string, float|array<string, float>>>  $places  By name and u.
     * @param  array{joint: string, side: string, x: float|array<string, float>, y: float|array<string, float>, holdX: bool}  $plant
     * @param  list<array{
     *     limb: string, end: string, bend: int,
     *     at: array{x: float|array<string, float>, y: float|array<string, float>}
     * }>  $pins
     * @param  array{end: string, y: float|array<string, float>, forPresses: bool, x?: float|array<string, float>}|null  $turn
     * @param  list<string>  $unturned
     * @param  list<array{kind: string, x: float|array<string, float>, y: float|array<string, float>}>  $props
     */
    private function __construct(
        public string $id,
        public View $view,
        public array $channels,
        public array $places,
        public array $plant,
        public array $pins,
        public ?array $turn,
        public array $unturned,
        public string $holdFrame,
        public int $elbowBend,
        public array $props,
        public int $turnSide,
        public int $turnAlong,
    ) {
    }

    /**
     * @param  array<string, mixed>  $data  One entry of the figure library, already checked against its schema.
     *
     * @throws BrokenCatalogue If a keyframe or the plant is missing.
     */
    public static function fromArray(string $id, array $data): self
    {
        /**
         * @var array{
         *     view: string,
         *     plant?: array{joint: string, side?: string, hold_x?: bool, x?: float|array<string, float>, y?: float|array<string, float>},
         *     keyframes?: list<array<string, float|array<string, float>>>,
         *     pins?: list<array{
         *         limb: string, end?: string, bend?: int,
         *         at: array{x: float|array<string, float>, y: float|array<string, float>}
         *     }>,
         *     turn?: array{
         *         end?: string, side?: int, along?: int, as_press?: bool,
         *         y: float|array<string, float>, x?: float|array<string, float>
         *     },
         *     unturned?: list<string>, hold?: array{frame?: string, bend?: int},
         *     props?: list<array{kind: string, x?: float|array<string, float>, y?: float|array<string, float>}>
         * } $data
         */
        $keyframes = $data['keyframes'] ?? [];
        if ($keyframes === []) {
            throw BrokenCatalogue::inFigure($id, 'it has no keyframe.');
        }
        $points = $places = [];
        foreach ($keyframes as $keyframe) {
            /** @var float $u */
            $u = $keyframe['u'];
            foreach ($keyframe as $name => $value) {
                if (in_array($name, self::PLACES, true)) {
                    $places[$name][(string) $u] = $value;
                } elseif ($name !== 'u' && ! is_array($value)) {
                    $points[$name][(string) $u] = (float) $value;
                }
            }
        }
        if (! isset($points['trunk'], $data['plant'])) {
            throw BrokenCatalogue::inFigure($id, 'it needs a trunk angle and a planted joint.');
        }

        return new self(
            id: $id,
            view: View::from($data['view']),
            channels: array_map(static fn (array $values): Channel => Channel::through($values), $points),
            places: $places,
            plant: [
                'joint' => $data['plant']['joint'],
                'side' => $data['plant']['side'] ?? 'near',
                'x' => $data['plant']['x'] ?? 0.0,
                'y' => $data['plant']['y'] ?? 0.0,
                'holdX' => $data['plant']['hold_x'] ?? false,
            ],
            pins: array_map(static fn (array $pin): array => [
                'limb' => $pin['limb'],
                'end' => $pin['end'] ?? 'wrist',
                'bend' => $pin['bend'] ?? 1,
                'at' => $pin['at'],
            ], $data['pins'] ?? []),
            turn: isset($data['turn'])
                ? [
                    'end' => $data['turn']['end'] ?? 'wrist',
                    'y' => $data['turn']['y'],
                    'forPresses' => $data['turn']['as_press'] ?? false,
                ] + (isset($data['turn']['x']) ? ['x' => $data['turn']['x']] : [])
                : null,
            unturned: $data['unturned'] ?? [],
            holdFrame: $data['hold']['frame'] ?? 'world',
            elbowBend: $data['hold']['bend'] ?? -1,
            props: array_map(static fn (array $prop): array => [
                'kind' => $prop['kind'],
                'x' => $prop['x'] ?? 0.0,
                'y' => $prop['y'] ?? 0.0,
            ], $data['props'] ?? []),
            turnSide: $data['turn']['side'] ?? 1,
            turnAlong: $data['turn']['along'] ?? 1,
        );
    }

    /** Fits the figure to one body and one placement; the result gives poses. */
    public function riggedFor(Body $body, Placement $placement): Rig
    {
        return new Rig($this, $body, $placement);
    }
}
