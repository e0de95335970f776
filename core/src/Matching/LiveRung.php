<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\BandSetup;
use NimbleShelf\Core\Mechanics\Setting;

/** A rung whose setting is moved by hand within what the thing and the body allow. */
final class LiveRung
{
    private const STANCE_M = [0.2, 1.0];

    private const GRIP_M = [0.0, 0.5];

    private const ANCHOR_M = [0.2, 2.5];

    /** Two settings are the same within this, metres and kilograms. */
    private const NEAR = 0.0101;

    /** @return list<Control> What can be moved; empty where nothing can. */
    public static function controls(Rung $rung): array
    {
        $band = $rung->setting->band;
        $controls = [];
        if ($band !== null) {
            if ($band->layout->usesStance()) {
                $controls[] = new Control('stanceCm', 'Feet apart', 'cm', 100 * self::STANCE_M[0], 100 * self::STANCE_M[1], 1, round(100 * ($band->stanceM ?? self::STANCE_M[0])));
            }
            $controls[] = new Control('gripCm', 'Hands below the ends', 'cm', 100 * self::GRIP_M[0], 100 * self::GRIP_M[1], 1, round(100 * $band->gripM));
            if ($band->layout->needsAnchor() && ! $rung->exercise->bandAttachment->isBetweenLimbs) {
                $controls[] = new Control('anchorDistanceCm', 'From the anchor', 'cm', 100 * self::ANCHOR_M[0], 100 * self::ANCHOR_M[1], 5, round(100 * $band->anchorDistanceM));
            }
            $controls[] = new Control('folded', 'Folded double', '', 0, 1, 1, $band->folded ? 1 : 0);
        }
        $rucksack = self::rucksack($rung);
        if ($rucksack !== null) {
            $controls[] = new Control('massKg', 'Packed to', 'kg', ceil($rucksack->massKg + 1), $rucksack->maxKg, 0.5, $rung->setting->massKg);
        }

        return $controls;
    }

    /**
     * The same rung with some of its controls moved.
     *
     * @param  array<string, float>  $moved  By control; what is left out stays.
     *
     * @throws InvalidQuantity If a control is not there or moved too far, naming it.
     */
    public static function moved(Rung $base, array $moved): Rung
    {
        $controls = [];
        foreach (self::controls($base) as $control) {
            $controls[$control->name] = $control;
        }
        foreach ($moved as $name => $value) {
            $control = $controls[$name] ?? throw InvalidQuantity::because($name, 'There is nothing of that kind to move here.');
            InvalidQuantity::unlessBetween($name, $value, $control->least, $control->most, $control->unit);
        }
        $setting = $base->setting;
        if ($setting->band !== null) {
            $band = $setting->band;
            $setting = $setting->withBand(new BandSetup(
                band: $band->band,
                layout: $band->layout,
                stanceM: isset($moved['stanceCm']) ? $moved['stanceCm'] / 100 : $band->stanceM,
                gripM: isset($moved['gripCm']) ? $moved['gripCm'] / 100 : $band->gripM,
                folded: isset($moved['folded']) ? $moved['folded'] > 0.5 : $band->folded,
                loop: $band->loop,
                anchorHeightM: $band->anchorHeightM,
                anchorDistanceM: isset($moved['anchorDistanceCm']) ? $moved['anchorDistanceCm'] / 100 : $band->anchorDistanceM,
                limitRatio: $band->limitRatio,
            ));
        }
        if (isset($moved['massKg'])) {
            $setting = $setting->withMassKg($moved['massKg']);
        }

        return self::with($base, $setting);
    }

    /**
     * A rung of the shelf moved to a setting that is not on its list, or null where no move leads there.
     *
     * @param  list<Rung>  $rungs
     */
    public static function at(array $rungs, Setting $setting): ?Rung
    {
        foreach ($rungs as $rung) {
            if (! self::sameButForControls($rung->setting, $setting)) {
                continue;
            }
            try {
                return self::moved($rung, self::readings($rung, $setting));
            } catch (InvalidQuantity) {
                // Further than this rung goes; another may.
            }
        }

        return null;
    }

    /** @return array<string, float> Where the controls of a rung would stand for a setting. */
    private static function readings(Rung $rung, Setting $setting): array
    {
        $readings = [];
        foreach (self::controls($rung) as $control) {
            $readings[$control->name] = match ($control->name) {
                'stanceCm' => 100 * ($setting->band->stanceM ?? 0.0),
                'gripCm' => 100 * ($setting->band->gripM ?? 0.0),
                'anchorDistanceCm' => 100 * ($setting->band->anchorDistanceM ?? 0.0),
                'folded' => ($setting->band->folded ?? false) ? 1.0 : 0.0,
                default => $setting->massKg,
            };
        }

        return $readings;
    }

    private static function sameButForControls(Setting $one, Setting $two): bool
    {
        if ($one->implement !== $two->implement || ($one->limbs ?? 2) !== ($two->limbs ?? 2)
            || abs($one->supportHeightM - $two->supportHeightM) > self::NEAR || abs($one->footHeightM - $two->footHeightM) > self::NEAR) {
            return false;
        }
        if ($one->band === null || $two->band === null) {
            return $one->band === $two->band && $one->implement === 'rucksack';
        }

        return $one->band->layout === $two->band->layout
            && abs($one->band->band->restLengthM - $two->band->band->restLengthM) <= self::NEAR
            && (! $one->band->layout->needsAnchor() || abs($one->band->anchorHeightM - $two->band->anchorHeightM) <= self::NEAR);
    }

    private static function with(Rung $base, Setting $setting): Rung
    {
        $words = $base->words;
        if ($setting->band !== null && $base->things !== []) {
            // Where it is done stands behind a semicolon and does not move.
            $place = strstr($base->words, '; ');
            $words = ucfirst($base->things[0]->name).': '.SettingInWords::layout($setting->band, $setting->limbs === 1, $base->exercise->bandAttachment)
                .($setting->band->folded ? ', folded double' : '').($place === false ? '' : $place);
        } elseif (self::rucksack($base) !== null) {
            $words = (string) preg_replace('/packed to [\d.]+ kg/', 'packed to '.SettingInWords::kg($setting->massKg).' kg', $base->words);
        }

        return new Rung($base->exercise, $setting, $base->things, $base->certainty, $words, $base->setUpSeconds);
    }

    private static function rucksack(Rung $rung): ?Thing
    {
        return $rung->setting->implement === 'rucksack' && isset($rung->things[0]) && $rung->things[0]->kind === 'rucksack' ? $rung->things[0] : null;
    }
}
