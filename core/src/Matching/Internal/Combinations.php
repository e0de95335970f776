<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching\Internal;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Mechanics\BandLayout;
use NimbleShelf\Core\Mechanics\LoadPoint;

/**
 * Rungs made of two things at once.
 *
 * @internal
 */
final class Combinations
{
    /** A stance no wider than this, metres, with both hands full; our choice. */
    private const WIDEST_STANCE_M = 0.30;

    /** A band that the hand pulls goes with a weight where its other end holds by itself. */
    private const LAYOUTS = [
        BandLayout::TwoFeet,
        BandLayout::OneFoot,
        BandLayout::UnderSeat,
        BandLayout::RoundFeet,
        BandLayout::BehindBack,
    ];

    /** A weight below this adds too little to be held together with a band; our estimate. */
    private const WORTH_COMBINING_KG = 4.0;

    /** What holding two things at once costs beside setting each up, seconds; our estimate. */
    private const COMBINING_SECONDS = 15;

    /**
     * A band on top of a weight, where both can be held safely: the weight on the back or the hips, or a loop or flat
     * band round the hand that holds it. A tube's handle leaves no room for another, a bag held by its loop none
     * for a band; above the head nothing is combined.
     *
     * @param  list<Rung>  $rungs  Of single things.
     * @return list<Rung>
     */
    public static function of(Exercise $exercise, array $rungs): array
    {
        if ($exercise->has('overhead')
            || $exercise->isHold
            || $exercise->pattern === 'power'
            || $exercise->bandAttachment->isBetweenLimbs) {
            return [];
        }
        $combined = [];
        foreach ($rungs as $band) {
            if ($band->setting->band === null) {
                continue;
            }
            if (! in_array($band->setting->band->layout, self::LAYOUTS, true) && $exercise->bandAttachment->joint === 'grip') {
                continue;
            }
            $stanceM = $band->setting->band->stanceM;
            if ($stanceM !== null && $stanceM > self::WIDEST_STANCE_M) {
                continue;
            }
            foreach ($rungs as $weight) {
                $setting = $weight->setting;
                if ($setting->band !== null
                    || $setting->massKg < self::WORTH_COMBINING_KG
                    || ($setting->limbs ?? 2) !== ($band->setting->limbs ?? 2)) {
                    continue;
                }
                $inHands = in_array(
                    $exercise->loadPointFor($setting->implement),
                    [LoadPoint::Hands, LoadPoint::Goblet, LoadPoint::OneSide],
                    true,
                );
                if ($inHands && $weight->packing !== null) {
                    continue;
                }
                if ($inHands
                    && $exercise->bandAttachment->joint === 'grip'
                    && ! in_array($band->setting->implement, ['long-loop', 'flat-band'], true)) {
                    continue;
                }
                $combined[] = new Rung(
                    $exercise,
                    $setting->withBand($band->setting->band),
                    [...$weight->things, ...$band->things],
                    $weight->certainty->sigma() > $band->certainty->sigma() ? $weight->certainty : $band->certainty,
                    SettingInWords::combined($weight->words, $band->words),
                    $weight->setUpSeconds + $band->setUpSeconds - $exercise->setUpSeconds + self::COMBINING_SECONDS,
                    packing: $weight->packing,
                );
            }
        }

        return $combined;
    }
}
