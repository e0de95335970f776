<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Strength;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Capacity;

/** A test of strength that needs little more than the body, and what its result says. */
enum FitnessTest: string
{
    case ChairStand = 'chair-stand-30s';
    case ArmCurl = 'arm-curl-30s';
    case PushUp = 'push-up';
    case KneePushUp = 'knee-push-up';
    case WallPushUp = 'wall-push-up';
    case Plank = 'plank-s';
    case Bridge = 'bridge';

    /** The chair of the norm, metres. */
    private const CHAIR_M = 0.43;

    /** Below so many in 30 s strength and not the clock has the last word; the clock alone allows about 15 to 20 (ours). */
    private const CLOCK = 15;

    /** What could still be done after half a minute of fewer than that, as a share; and how far that is off. Ours. */
    private const STILL = 1.3;

    private const CLOCKED_SD = 0.10;

    private const CLOCKED_SD_EACH = 0.015;

    public function exercise(): string
    {
        return match ($this) {
            self::ChairStand => 'sit-to-stand',
            self::ArmCurl => 'biceps-curl',
            self::PushUp => 'push-up',
            self::KneePushUp => 'knee-push-up',
            self::WallPushUp => 'wall-push-up',
            self::Plank => 'forearm-plank',
            self::Bridge => 'glute-bridge',
        };
    }

    public function unit(): string
    {
        return $this === self::Plank ? 'seconds' : 'repetitions';
    }

    public function needsMass(): bool
    {
        return $this === self::ArmCurl;
    }

    /** True where the clock ends it, so that a result is a lower bound. */
    public function isClocked(): bool
    {
        return $this === self::ChairStand || $this === self::ArmCurl;
    }

    public function setting(float $massKg = 0.0): Setting
    {
        return match ($this) {
            self::ChairStand => Setting::bodyWeight(supportHeightM: self::CHAIR_M),
            self::ArmCurl => Setting::of('dumbbell', $massKg, perHand: true, limbs: 1),
            default => Setting::bodyWeight(),
        };
    }

    /**
     * What is known of somebody after a result.
     *
     * @param  float  $value  In its unit; 0 where not one was managed.
     * @param  float  $massKg  In the hand, where it needs one.
     */
    public function read(
        Strength $strength,
        float $value,
        float $massKg,
        Body $body,
        Catalogue $catalogue,
        ResistanceModel $model,
    ): Strength {
        $exercise = $catalogue->exercise($this->exercise());
        $setting = $this->setting($massKg);
        $wholeKg = $model->wholeKg($exercise, $body, $model->summary($exercise, $body, $setting), School::Mean, $exercise->pattern);
        $spreadKg = $model->equivalent($exercise, $body, $setting, School::Mean)->sdKg;
        $repetitions = $this === self::Plank ? $value / Norms::HOLD_SECONDS : $value;
        if ($repetitions < 1) {
            return $strength->lessThan(
                $exercise->pattern,
                Capacity::expected($wholeKg, $spreadKg / $wholeKg, Capacity::TESTS),
                Capacity::TESTS,
            );
        }
        if (! $this->isClocked()) {
            return $strength->afterSet($exercise->pattern, $wholeKg, $spreadKg, $repetitions, 0.0, Capacity::TESTS);
        }
        if ($repetitions < self::CLOCK) {
            $strength = $strength->measured($exercise->pattern, Capacity::expected(
                $wholeKg * Norms::beyond(self::STILL * $repetitions),
                self::CLOCKED_SD + self::CLOCKED_SD_EACH * $repetitions,
                Capacity::TESTS,
            ), Capacity::TESTS);
        }

        return $strength->afterSet($exercise->pattern, $wholeKg, $spreadKg, $repetitions, null, Capacity::TESTS);
    }
}
