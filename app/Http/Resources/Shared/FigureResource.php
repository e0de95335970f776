<?php

declare(strict_types=1);

namespace App\Http\Resources\Shared;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Mechanics\BandAnchor;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Pose;
use NimbleShelf\Core\Mechanics\Rig;
use NimbleShelf\Core\Mechanics\Setting;

/** A moving figure: joint positions in metres, start of the lifting phase first. */
final readonly class FigureResource extends Resource
{
    /**
     * @param  list<string>  $jointNames
     * @param  list<list<float>>  $frames  For each moment x and y of every joint in turn.
     * @param  list<FigurePropResource>  $props
     * @param  string  $bandEnd  Joint a band pulls at, without its side.
     * @param  float  $telling  Phase of the pose that tells the movement best in a still picture, 0 or 1.
     */
    public function __construct(
        public string $view,
        public array $jointNames,
        public array $frames,
        public array $props,
        public FigureLoadResource $load,
        public float $heightM,
        public float $liftSeconds,
        public float $lowerSeconds,
        public bool $hold,
        public string $bandEnd,
        public float $telling,
        public string $palms,
    ) {
    }

    /** Moments of a moving figure. */
    private const MOMENTS = 12;

    private const JOINTS = ['hip', 'shoulder', 'head'];

    private const LIMB_JOINTS = ['shoulder', 'elbow', 'wrist', 'grip', 'fingertip', 'hip', 'knee', 'ankle', 'heel', 'ball', 'toe'];

    /** @param  int  $moments  Steps from start to end; 1 for a still picture of both. */
    public static function of(Rig $rig, Exercise $exercise, Setting $setting, Body $body, int $moments = self::MOMENTS): self
    {
        $names = self::JOINTS;
        foreach (['near', 'far'] as $side) {
            foreach (self::LIMB_JOINTS as $joint) {
                $names[] = "{$side}_{$joint}";
            }
        }
        $band = $setting->band;
        $frames = [];
        $startHipX = $rig->poseAt(0.0)->x('hip');
        for ($i = 0; $i <= $moments; $i++) {
            $pose = $rig->poseAt($i / $moments);
            $frame = [];
            foreach ($names as $name) {
                $frame[] = round($pose->x($name), 3);
                $frame[] = round($pose->y($name), 3);
            }
            if ($band !== null) {
                foreach (['near', 'far'] as $hand) {
                    $anchor = BandAnchor::of($rig, $pose, $band, $exercise->bandAttachment, $hand, $startHipX);
                    $frame[] = round($anchor['x'], 3);
                    $frame[] = round($anchor['y'], 3);
                }
            }
            $frames[] = $frame;
        }
        $point = $setting->massKg > 0 ? $exercise->loadPointFor($setting->implement) : null;

        return new self(
            view: $rig->figure->view->value,
            jointNames: $band === null ? $names : [...$names, 'near_band', 'far_band'],
            frames: $frames,
            props: array_map(static fn (array $prop): FigurePropResource => new FigurePropResource(
                kind: $prop['kind'],
                x: round($prop['x'], 3),
                y: round($prop['y'], 3),
            ), $rig->props()),
            load: new FigureLoadResource(
                implement: $setting->implement,
                // A band used together with a weight is drawn too: its ends are among the joints.
                point: $point->value ?? ($band !== null ? 'band' : 'none'),
                kg: $setting->massKg,
                bothHands: $setting->limbs !== 1 && ! $exercise->worksOneArm(),
            ),
            heightM: $body->heightM,
            liftSeconds: (float) max(1, $exercise->tempo['lift']),
            lowerSeconds: (float) max(1, $exercise->tempo['lower']),
            hold: $exercise->isHold,
            bandEnd: $exercise->bandAttachment->joint,
            telling: self::tellingPhase($rig),
            palms: $exercise->palms,
        );
    }

    /** A lift that ends in plain standing is told by where it starts. */
    private static function tellingPhase(Rig $rig): float
    {
        $bend = static function (Pose $pose): float {
            $trunk = abs(M_PI - abs($pose->direction('hip', 'shoulder')));

            return $trunk + abs($pose->direction('near_hip', 'near_knee'));
        };

        return $bend($rig->poseAt(0.0)) > $bend($rig->poseAt(1.0)) + deg2rad(25) ? 0.0 : 1.0;
    }
}
