<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

use NimbleShelf\Core\Mechanics\Internal\FittedFigure;

/** Looks whether the hands and feet that hold on to something stay there, for one body. */
final class PinAudit
{
    /**
     * How far each pinned limb ends from where it should, at worst over the movement: zero in a sound figure.
     *
     * @return array<string, float> Metres, by limb and side.
     */
    public static function misses(Figure $figure, Body $body, Placement $placement): array
    {
        $rig = new Rig($figure, $body, $placement);
        $fit = new FittedFigure($figure, $body, $placement);
        $misses = [];
        foreach (range(0, 10) as $step) {
            $u = $step / 10;
            $pose = $rig->poseAt($u);
            foreach ($fit->pins as $pin) {
                $arm = str_contains($pin['limb'], 'arm');
                foreach ($fit->sidesOf($pin['limb'], ['near', 'far']) as $side) {
                    [$x, $y] = $fit->pinTarget($arm ? 'palm' : 'foot', $side, $u, $pin['at']);
                    $end = $arm ? $pin['end'] : 'ankle';
                    $miss = hypot($pose->x("{$side}_{$end}") - $x, $pose->y("{$side}_{$end}") - $y);
                    $misses["{$side}_{$end}"] = max($misses["{$side}_{$end}"] ?? 0.0, $miss);
                }
            }
        }

        return $misses;
    }
}
