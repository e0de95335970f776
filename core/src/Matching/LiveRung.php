<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\Recipe;
use NimbleShelf\Core\Mechanics\BandLayout;
use NimbleShelf\Core\Mechanics\BandSetup;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Planning\Manner;

/** A rung whose setting is moved by hand within what the thing, the furniture and the body allow. */
final class LiveRung
{
    private const STANCE_CM = [20.0, 100.0];

    private const GRIP_CM = [0.0, 50.0];

    /** Band that stays between a foot near the end and the hand at the least, and under the foot, centimetres. */
    private const LEFT_CM = 30.0;

    private const ANCHOR_CM = [20.0, 250.0];

    private const LOWER_SECONDS = [1.0, 6.0];

    private const PAUSE_SECONDS = [0.0, 3.0];

    /** What taking up band, folding it and turning a wide stance cost beside its plain set-up, seconds; our estimates. */
    private const GRIP_SECONDS = 4;

    private const FOLD_SECONDS = 6;

    /** Two settings are the same within this, metres and kilograms. */
    private const NEAR = 0.0101;

    /** @return list<Control> What can be moved; empty where nothing can. */
    public static function controls(Rung $rung): array
    {
        $band = $rung->setting->band;
        $attachment = $rung->exercise->bandAttachment;
        $controls = [];
        if ($band !== null) {
            $held = $attachment->joint === 'grip';
            if ($band->layout->usesStance()) {
                $controls[] = new Control(
                    'stanceCm',
                    'Feet apart',
                    'cm',
                    self::STANCE_CM[0],
                    self::STANCE_CM[1],
                    1,
                    round(100 * ($band->stanceM ?? self::STANCE_CM[0] / 100)),
                );
            }
            if ($held) {
                $oneEnd = $band->layout === BandLayout::OneEnd;
                $controls[] = new Control(
                    'gripCm',
                    $oneEnd ? 'Foot farther along' : 'Hands below the ends',
                    'cm',
                    self::GRIP_CM[0],
                    $oneEnd ? max(0.0, floor(100 * $band->band->restLengthM) - self::LEFT_CM) : self::GRIP_CM[1],
                    1,
                    round(100 * $band->gripM),
                );
            }
            if ($band->layout->needsAnchor() && ! $attachment->isBetweenLimbs) {
                $controls[] = new Control(
                    'anchorDistanceCm',
                    'From the anchor',
                    'cm',
                    self::ANCHOR_CM[0],
                    self::ANCHOR_CM[1],
                    5,
                    round(100 * $band->anchorDistanceM),
                );
            }
            if ($held || ! $attachment->isBetweenLimbs) {
                $controls[] = new Control('folded', 'Folded double', '', 0, 1, 1, $band->folded ? 1 : 0);
            }
        }
        if (count($rung->places) > 1) {
            $stops = array_map(
                static fn (Place $place): array => ['value' => $place->heightCm(), 'label' => $place->label()],
                $rung->places,
            );
            usort($stops, static fn (array $one, array $two): int => $one['value'] <=> $two['value']);
            $controls[] = new Control(
                'supportCm',
                $rung->exercise->support?->isUnderFeet() === true ? 'Feet on' : 'Leaning on',
                'cm',
                $stops[0]['value'],
                $stops[count($stops) - 1]['value'],
                1,
                self::supportCm($rung->setting),
                $stops,
            );
        }
        if ($rung->packing !== null && count($rung->packing->recipes) > 1) {
            $stops = $rung->packing->stops();
            $controls[] = new Control(
                'massKg',
                $rung->packing->carrier->kind === 'rucksack' ? 'Packed to' : 'Filled to',
                'kg',
                $stops[0]['value'],
                $stops[count($stops) - 1]['value'],
                0.1,
                $rung->setting->massKg,
                $stops,
            );
        }

        return $controls;
    }

    /** @return list<Control> Tempo, how the sides share a set, and what makes it harder; none for a hold or a throw. */
    public static function executionControls(Rung $rung, ?Execution $execution = null): array
    {
        $usual = Execution::usualFor($rung->exercise);
        $now = $execution ?? $usual;
        $controls = KeptEffort::slows($rung->exercise) ? [
            new Control('lowerSeconds', 'Lowering', 's', self::LOWER_SECONDS[0], self::LOWER_SECONDS[1], 1, $now->tempo->lower),
            new Control('pauseSeconds', 'Pause', 's', self::PAUSE_SECONDS[0], self::PAUSE_SECONDS[1], 1, $now->tempo->pause),
        ] : [];
        // One arm alone, because there is one thing or one free foot, leaves no choice of sides.
        $sides = $rung->setting->limbs === 1 ? [] : Execution::sidesFor($rung->exercise);
        if (count($sides) > 1) {
            $stops = [];
            foreach ($sides as $place => $way) {
                $stops[] = ['value' => (float) $place, 'label' => $way->inWords()];
            }
            $at = array_search($now->sides, $sides, true);
            $controls[] = new Control('sides', 'Sides', '', 0, count($sides) - 1, 1, $at === false ? 0 : $at, $stops);
        }
        foreach (Execution::mannersFor($rung->exercise) as $manner) {
            $controls[] = new Control($manner->value, $manner->label(), '', 0, 1, 1, in_array($manner, $now->manners, true) ? 1 : 0);
        }

        return $controls;
    }

    /**
     * The way of doing it that was set by hand, and what else was moved.
     *
     * @param  array<string, float>  $moved
     * @return array{Execution|null, array<string, float>} Null where the way of doing it was left alone.
     *
     * @throws InvalidQuantity If a tempo is out of range, or the movement has none to change.
     */
    public static function executionIn(array $moved, Rung $rung): array
    {
        $usual = Execution::usualFor($rung->exercise);
        [$tempo, $sides, $manners] = [$usual->tempo, $usual->sides, []];
        $isMoved = false;
        foreach (self::executionControls($rung) as $control) {
            $value = $moved[$control->name] ?? null;
            if ($value === null) {
                continue;
            }
            InvalidQuantity::unlessBetween($control->name, $value, $control->least, $control->most, $control->unit);
            $isMoved = true;
            unset($moved[$control->name]);
            $manner = Manner::tryFrom($control->name);
            if ($control->name === 'lowerSeconds') {
                $tempo = $tempo->lowering((int) round($value));
            } elseif ($control->name === 'pauseSeconds') {
                $tempo = $tempo->pausing((int) round($value));
            } elseif ($control->name === 'sides') {
                $sides = Execution::sidesFor($rung->exercise)[(int) round($value)] ?? $sides;
            } elseif ($manner !== null && $value > 0.5) {
                $manners[] = $manner;
            }
        }

        return [$isMoved ? new Execution($tempo, $sides, $manners) : null, $moved];
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

        return self::placed(self::with($base, self::settingWith($base->setting, $moved)), $moved['supportCm'] ?? null);
    }

    /**
     * A setting with its band or fill moved, unchecked.
     *
     * @param  array<string, float>  $moved
     */
    public static function settingWith(Setting $setting, array $moved): Setting
    {
        if ($setting->band !== null) {
            $band = $setting->band;
            $metres = static fn (string $control): ?float => isset($moved[$control]) ? $moved[$control] / 100 : null;
            $setting = $setting->withBand($band->moved(
                gripM: $metres('gripCm'),
                stanceM: $metres('stanceCm'),
                anchorDistanceM: $metres('anchorDistanceCm'),
                folded: isset($moved['folded']) ? $moved['folded'] > 0.5 : null,
            ));
        }

        return isset($moved['massKg']) ? $setting->withMassKg($moved['massKg']) : $setting;
    }

    /** The rung with another setting of the same band or fill; words and set-up time follow. */
    public static function with(Rung $base, Setting $setting): Rung
    {
        if ($base->bare !== null && $base->place !== null) {
            return $base->place->with(self::with($base->bare, $setting->withHeights(0.0, 0.0)))->movableTo($base->places);
        }
        $words = $base->words;
        $seconds = $base->setUpSeconds;
        if ($setting->band !== null && $base->setting->band !== null) {
            $before = self::layout($base, $base->setting->band, $base->setting->limbs);
            $words = str_replace($before, self::layout($base, $setting->band, $setting->limbs), $words);
            $seconds += self::easeSeconds($setting->band) - self::easeSeconds($base->setting->band);
        }
        $things = $base->things;
        if ($base->packing !== null) {
            $before = $base->packing->near($base->setting->massKg);
            $recipe = $base->packing->near($setting->massKg);
            $setting = $setting->withMassKg(round($recipe->totalKg, 2));
            $words = str_replace(self::packed($base, $base->packing, $before), self::packed($base, $base->packing, $recipe), $words);
            $things = [
                ...$base->packing->thingsFor($recipe),
                ...array_slice($things, count($base->packing->thingsFor($before))),
            ];
        }

        return new Rung(
            $base->exercise,
            $setting,
            $things,
            $base->certainty,
            $words,
            $seconds,
            places: $base->places,
            packing: $base->packing,
        );
    }

    /**
     * A rung of the shelf moved to a setting that is not on its list, or null where no move leads there.
     *
     * @param  list<Rung>  $rungs
     */
    public static function at(array $rungs, Setting $setting): ?Rung
    {
        // Of two bands of one length the one that pulls as written; one that was measured anew since is found all the same.
        usort(
            $rungs,
            static fn (Rung $one, Rung $two): int => self::pullsLike($two->setting, $setting) <=> self::pullsLike($one->setting, $setting),
        );
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

    private static function placed(Rung $rung, ?float $supportCm): Rung
    {
        if ($supportCm === null) {
            return $rung;
        }
        foreach ($rung->places as $place) {
            if (abs($place->heightCm() - $supportCm) < 0.6) {
                $bare = $rung->bare ?? $rung;

                return $place->with(
                    new Rung(
                        $bare->exercise,
                        $bare->setting,
                        $bare->things,
                        $bare->certainty,
                        $bare->words,
                        $bare->setUpSeconds,
                        packing: $bare->packing,
                    ),
                )->movableTo($rung->places);
            }
        }

        throw InvalidQuantity::because('supportCm', sprintf('Nothing on the shelf is %.0f cm high and serves.', $supportCm));
    }

    private static function packed(Rung $rung, Packing $packing, Recipe $recipe): string
    {
        return $packing->carrier->kind === 'rucksack'
            ? RungWords::packed($rung->exercise, $packing, $recipe)
            : RungWords::filled($packing, $recipe, $rung->setting->limbs !== 1);
    }

    private static function layout(Rung $rung, BandSetup $band, ?int $limbs): string
    {
        return SettingInWords::layout($band, $limbs === 1, $rung->exercise->bandAttachment);
    }

    private static function easeSeconds(BandSetup $band): int
    {
        return ($band->gripM > 0 ? self::GRIP_SECONDS : 0) + ($band->folded ? self::FOLD_SECONDS : 0);
    }

    /** @return array<string, float> Where the controls of a rung would stand for a setting. */
    private static function readings(Rung $rung, Setting $setting): array
    {
        $readings = [];
        foreach (self::controls($rung) as $control) {
            if ($control->name === 'supportCm') {
                continue;
            }
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

    private static function pullsLike(Setting $one, Setting $two): bool
    {
        return $one->band !== null && $two->band !== null
            && abs($one->band->band->aN - $two->band->band->aN) <= self::NEAR
            && abs($one->band->band->bN - $two->band->band->bN) <= self::NEAR;
    }

    private static function sameButForControls(Setting $one, Setting $two): bool
    {
        if ($one->implement !== $two->implement || ($one->limbs ?? 2) !== ($two->limbs ?? 2)
            || abs($one->supportHeightM - $two->supportHeightM) > self::NEAR || abs($one->footHeightM - $two->footHeightM) > self::NEAR
            || (! self::isCarrier($one) && abs($one->massKg - $two->massKg) > self::NEAR)) {
            return false;
        }
        if ($one->band === null || $two->band === null) {
            return $one->band === $two->band && self::isCarrier($one);
        }

        return $one->band->layout->isLike($two->band->layout)
            && abs($one->band->band->restLengthM - $two->band->band->restLengthM) <= self::NEAR
            && (! $one->band->layout->needsAnchor()
                || ! $two->band->layout->needsAnchor()
                || abs($one->band->anchorHeightM - $two->band->anchorHeightM) <= self::NEAR);
    }

    private static function supportCm(Setting $setting): float
    {
        return round(100 * max($setting->supportHeightM, $setting->footHeightM));
    }

    private static function isCarrier(Setting $setting): bool
    {
        return $setting->implement === 'rucksack' || $setting->implement === 'pourable';
    }
}
