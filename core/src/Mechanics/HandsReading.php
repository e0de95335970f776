<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

/**
 * What a force plate under both hands would read if a press-up, plank or row were held still, as a share of body weight.
 *
 * It is not what the arms feel: the plate also carries hands and forearms, and it reads only the upright part of the push.
 * The push is taken to point from the hand to the shoulder, so that nothing has to turn the shoulder; then moments about
 * the planted point balance.
 */
final class HandsReading
{
    /**
     * "Held still, a scale under both hands would read 72 % of body weight at the start and 68 % at the end."
     *
     * @param  array{start: float, end: float}|null  $shares
     */
    public static function inWords(?array $shares): ?string
    {
        return $shares === null ? null : sprintf(
            'Held still, a scale under both hands would read %.0f %% of body weight at the start and %.0f %% at the end.',
            100 * $shares['start'],
            100 * $shares['end'],
        );
    }

    /** Null where the hands bear no weight. */
    public static function shareAt(Rig $rig, float $u): ?float
    {
        $turn = $rig->figure->turn;
        if ($turn === null) {
            return null;
        }
        $plant = $rig->figure->plant;
        $pose = $rig->poseAt($u);
        $feet = $plant['side'].'_'.$plant['joint'];
        $hands = 'near_'.$turn['end'];
        $handX = $pose->x($hands) - $pose->x($feet);
        $handY = $pose->y($hands) - $pose->y($feet);
        $alongX = $pose->x('near_shoulder') - $pose->x($hands);
        $alongY = $pose->y('near_shoulder') - $pose->y($hands);
        $lever = $handX * $alongY - $handY * $alongX;

        return abs($lever) < 1e-9 ? null : ($pose->centreOfMassX($rig->body()) - $pose->x($feet)) * $alongY / $lever;
    }
}
