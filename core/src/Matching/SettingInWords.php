<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Mechanics\BandAttachment;
use NimbleShelf\Core\Mechanics\BandLayout;
use NimbleShelf\Core\Mechanics\BandSetup;
use NimbleShelf\Core\Mechanics\LoadPoint;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Text\Plain;

/** Says a setting so that a client can follow it, whether or not the shelf holds it. */
final class SettingInWords
{
    /** Breadth of a fist, metres; our estimate. */
    private const FIST_M = 0.09;

    private const NUMBERS = [2 => 'two', 3 => 'three', 4 => 'four', 5 => 'five', 6 => 'six'];

    public static function of(Exercise $exercise, Setting $setting): string
    {
        $parts = [];
        if ($setting->massKg > 0) {
            $kg = self::kg($setting->massKg);
            $thing = str_replace('-', ' ', $setting->implement);
            $parts[] = match ($exercise->loadPointFor($setting->implement)) {
                LoadPoint::Hands => match (true) {
                    $setting->limbs === 1 => "{$kg} kg {$thing} in one hand, one arm at a time",
                    $setting->perHand && $exercise->worksOneArm() => "{$kg} kg {$thing} in one hand",
                    $setting->perHand => "{$kg} kg {$thing} in each hand",
                    default => "{$kg} kg {$thing} held in both hands",
                },
                LoadPoint::Ankles => "{$kg} kg {$thing} on each ankle",
                LoadPoint::OneSide => "{$kg} kg {$thing} on one side",
                LoadPoint::Knees => "{$kg} kg {$thing} on the knees",
                LoadPoint::Front => "{$thing} of {$kg} kg on the chest",
                LoadPoint::Goblet => $exercise->pattern === 'power'
                    ? "{$kg} kg {$thing} held in both hands"
                    : "{$kg} kg {$thing} held at the chest",
                LoadPoint::Hips => "{$kg} kg {$thing} across the hips",
                LoadPoint::Back => "{$thing} packed to {$kg} kg on the back",
                default => "{$kg} kg {$thing}",
            };
        }
        if ($setting->band !== null) {
            $parts[] = str_replace('-', ' ', $setting->implement).' '.self::layout(
                $setting->band,
                oneArm: $setting->limbs === 1,
                attachment: $exercise->bandAttachment,
            );
        }
        if ($setting->supportHeightM > 0) {
            $parts[] = sprintf('hands %.0f cm above the floor', $setting->supportHeightM * 100);
        }
        if ($setting->footHeightM > 0) {
            $parts[] = sprintf('feet %.0f cm above the floor', $setting->footHeightM * 100);
        }

        return $parts === [] ? 'body weight alone' : implode(', ', $parts);
    }

    /** How a band runs and where it is held, without naming the band. */
    public static function layout(BandSetup $setup, bool $oneArm, ?BandAttachment $attachment = null): string
    {
        if ($attachment !== null && $attachment->isBetweenLimbs) {
            return match ($attachment->joint) {
                'ankle' => 'round both ankles',
                'knee' => 'round both legs, just above the knees',
                default => 'an end in each hand'.($setup->gripM > 0 ? sprintf(', %.0f cm taken up by each', $setup->gripM * 100) : ''),
            };
        }
        $stance = sprintf('%.0f cm apart', ($setup->stanceM ?? 0.0) * 100);
        $where = match ($setup->layout) {
            BandLayout::OneFoot => $oneArm ? 'the foot of the working side on its middle, one arm at a time' : 'one foot on its middle',
            BandLayout::TwoFeet => "both feet on it, {$stance}",
            BandLayout::Crossed => "both feet on it, {$stance}, ends crossed",
            BandLayout::RoundFeet => 'round the middle of both soles',
            BandLayout::BehindBack => 'across the upper back, an end in each hand',
            BandLayout::OneEnd => sprintf(
                'the foot of the working side on it %.0f cm below the %s, one arm at a time',
                $setup->fromFootToHandM() * 100,
                $setup->handleM > 0 ? 'handle' : 'hand',
            ),
            BandLayout::UnderSeat => 'sat on, an end on each side',
            BandLayout::UnderKnee => 'under the knee that kneels',
            BandLayout::AnkleToFoot => 'under the middle of the standing foot and round the other ankle',
            BandLayout::HandToHand => 'from hand to hand',
            BandLayout::RoundKnees => 'round both legs, just above the knees',
            BandLayout::AnchoredMiddle, BandLayout::AnchoredEnd => sprintf(
                'anchored %.0f cm up, %.0f cm away',
                $setup->anchorHeightM * 100,
                $setup->anchorDistanceM * 100,
            ),
        };

        $held = match ($setup->layout === BandLayout::AnkleToFoot ? 'at both' : $attachment?->joint) {
            'at both' => '',
            'ankle' => ', the end round the ankle',
            'knee' => ', the end just above the knee',
            'hip' => ', across the hips',
            'shoulder' => ', across the shoulders',
            default => $setup->layout === BandLayout::OneEnd ? '' : ($setup->gripM > 0 ? sprintf(
                ', hands %.0f cm below the ends, %s',
                $setup->gripM * 100,
                self::fists($setup->gripM),
            ) : ($setup->handleM > 0 ? ', hands on the handles' : ', hands at the ends')),
        };

        return $where.$held.($setup->folded ? ', folded double' : '');
    }

    /** A way to rig a band, without its measures. */
    public static function rig(BandLayout $layout): string
    {
        return match ($layout) {
            BandLayout::OneFoot => 'with a foot on its middle',
            BandLayout::TwoFeet => 'with both feet on it',
            BandLayout::Crossed => 'crossed below both feet',
            BandLayout::RoundFeet => 'round both feet',
            BandLayout::BehindBack => 'across the back',
            BandLayout::OneEnd => 'with a foot near one end',
            BandLayout::UnderSeat => 'sat on',
            BandLayout::UnderKnee => 'under a knee',
            BandLayout::AnkleToFoot => 'between ankle and foot',
            BandLayout::HandToHand => 'from hand to hand',
            BandLayout::RoundKnees => 'round both legs',
            BandLayout::AnchoredMiddle, BandLayout::AnchoredEnd => 'from the anchor',
        };
    }

    /** A length for who has no tape at hand: "a fist", "two and a half fists". */
    private static function fists(float $lengthM): string
    {
        $halves = max(1, (int) round(2 * $lengthM / self::FIST_M));
        $whole = intdiv($halves, 2);

        return match (true) {
            $halves === 1 => 'half a fist',
            $halves === 2 => 'a fist',
            $halves === 3 => 'a fist and a half',
            default => (self::NUMBERS[$whole] ?? (string) $whole).($halves % 2 === 1 ? ' and a half fists' : ' fists'),
        };
    }

    /** A weight and a band used together. */
    public static function combined(string $weight, string $band): string
    {
        return $weight.', and the '.lcfirst($band);
    }

    /** A mass without trailing noughts, two decimals at most. */
    public static function kg(float $massKg): string
    {
        return Plain::number($massKg);
    }
}
