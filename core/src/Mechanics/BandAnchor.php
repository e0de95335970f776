<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

/** The place a band is held at its other end: an anchor, a foot, the back, the other limb. */
final class BandAnchor
{
    /** How far below the hip joints the seat is, and below the knee joint the floor, as shares of height; our estimates. */
    private const SEAT = 0.055;

    private const KNEE = 0.03;

    /**
     * Where the strand to one limb comes from.
     *
     * @param  string  $side  `near` or `far`.
     * @param  float  $startHipX  Where the hip is at the start, from which an anchor's distance is measured, metres.
     * @return array{x: float, y: float, across: float} Metres; `across` is how far out of the picture's plane it lies from the limb.
     */
    public static function of(Rig $rig, Pose $pose, BandSetup $setup, BandAttachment $attachment, string $side, float $startHipX): array
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
                'across' => $rig->figure->view === View::Front ? 0.0 : $rig->body()->lengths['half_hip'],
            ];
        }
        if ($setup->layout === BandLayout::UnderSeat) {
            return ['x' => $pose->x("{$side}_hip"), 'y' => $pose->y('hip') - self::SEAT * $rig->body()->heightM, 'across' => 0.0];
        }
        if ($setup->layout === BandLayout::UnderKnee) {
            $knee = $pose->y('near_knee') <= $pose->y('far_knee') ? 'near_knee' : 'far_knee';

            return ['x' => $pose->x($knee), 'y' => $pose->y($knee) - self::KNEE * $rig->body()->heightM, 'across' => 0.0];
        }
        if ($setup->layout->needsAnchor()) {
            return [
                'x' => $startHipX + $attachment->along * $setup->anchorDistanceM,
                'y' => $setup->anchorHeightM,
                'across' => $attachment->across * $setup->anchorDistanceM,
            ];
        }
        $crossed = $setup->layout === BandLayout::Crossed;
        $foot = match (true) {
            $crossed, $setup->layout === BandLayout::AnkleToFoot => $other,
            // Under one foot for both hands.
            $setup->layout === BandLayout::OneFoot => 'near',
            default => $side,
        };
        if ($setup->layout === BandLayout::RoundFeet || $setup->layout === BandLayout::AnkleToFoot) {
            return [
                'x' => ($pose->x("{$foot}_heel") + $pose->x("{$foot}_toe")) / 2,
                'y' => ($pose->y("{$foot}_heel") + $pose->y("{$foot}_toe")) / 2,
                'across' => 0.0,
            ];
        }
        $x = $pose->x("{$foot}_ankle");
        $y = $pose->y("{$foot}_ankle") - $rig->body()->lengths['ankle_height'];
        if ($rig->figure->view === View::Front) {
            $stands = $setup->layout->usesStance() && $setup->stanceM !== null;

            return ['x' => $stands ? ($foot === 'near' ? 1 : -1) * $setup->stanceM / 2 : $x, 'y' => $y, 'across' => 0.0];
        }
        $halfStance = ($setup->stanceM ?? 2 * $rig->body()->lengths['half_hip']) / 2;

        return ['x' => $x, 'y' => $y, 'across' => $crossed ? $halfStance + $rig->body()->lengths['half_shoulder'] : 0.0];
    }
}
