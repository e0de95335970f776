<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Kit\Recipe;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Mechanics\BandAttachment;
use NimbleShelf\Core\Mechanics\BandSetup;
use NimbleShelf\Core\Mechanics\LoadPoint;
use NimbleShelf\Core\Text\Plain;

/** Says a rung by the names of the things on this shelf. */
final class RungWords
{
    /** What an exercise wants that a shelf does not hold. */
    public static function missing(Exercise $exercise): string
    {
        $wanted = [];
        foreach ($exercise->loads as $load) {
            foreach ($load['implements'] as $implement) {
                if ($implement !== 'reference') {
                    $wanted[] = match ($implement) {
                        'object' => 'an object with a handle',
                        'ankle-weight' => 'ankle weights',
                        default => 'a '.$implement,
                    };
                }
            }
        }
        if ($exercise->bandLayouts !== []) {
            $wanted[] = 'a band';
        }
        if ($wanted === []) {
            return 'Nothing on the shelf lets it be done.';
        }

        return 'It needs '.implode(' or ', array_unique($wanted)).', and the shelf holds none that serves.';
    }

    public static function bodyWeight(Exercise $exercise): string
    {
        return match ($exercise->position) {
            'hands-and-feet' => 'Hands on the floor',
            'kneeling' => 'Hands and knees on the floor',
            'lying', 'prone' => 'On the floor, body weight alone',
            default => 'Body weight alone',
        };
    }

    public static function inEachHand(Thing $thing, float $massKg): string
    {
        $which = self::isPair($thing) ? "the {$thing->name}" : 'two '.Plain::plural($thing->name);

        return sprintf('%s kg in each hand: %s', SettingInWords::kg($massKg), $which);
    }

    public static function inOneHand(Thing $thing, float $massKg): string
    {
        return sprintf('%s kg in one hand: %s, one arm at a time', SettingInWords::kg($massKg), self::oneOf($thing));
    }

    public static function inTheWorkingHand(Thing $thing, float $massKg): string
    {
        return sprintf('%s kg in one hand: %s', SettingInWords::kg($massKg), self::oneOf($thing));
    }

    public static function inBothHands(Thing $thing, float $massKg): string
    {
        return sprintf('%s kg held in both hands: %s', SettingInWords::kg($massKg), self::oneOf($thing));
    }

    public static function held(LoadPoint $point, Thing $thing, float $massKg): string
    {
        $kg = SettingInWords::kg($massKg);

        return match ($point) {
            LoadPoint::Goblet => sprintf('%s kg held at the chest: the %s', $kg, $thing->name),
            LoadPoint::Back => sprintf('%s kg worn, straps tight: the %s', $kg, $thing->name),
            LoadPoint::Ankles => sprintf(
                '%s kg at each ankle: the %s',
                $kg,
                $thing->count > 1 ? Plain::plural($thing->name) : $thing->name,
            ),
            LoadPoint::Hips => sprintf('%s kg on a towel across the hips: the %s', $kg, $thing->name),
            default => sprintf('%s kg: the %s', $kg, $thing->name),
        };
    }

    /** A bag worn or held, with its recipe. */
    public static function packed(Exercise $exercise, Packing $packing, Recipe $recipe): string
    {
        $where = match ($exercise->loadPointFor('rucksack')) {
            LoadPoint::Hips => 'laid across the hips',
            LoadPoint::Front => 'worn on the chest, straps tight',
            LoadPoint::Back => 'high and tight on the back',
            LoadPoint::Goblet => 'hugged to the chest',
            default => 'held by its top loop',
        };
        $fill = $packing->inWords($recipe);

        return sprintf(
            '%s %s, %s',
            ucfirst($packing->carrier->name),
            $fill === '' ? sprintf('empty, %s kg', Packing::kg($recipe)) : sprintf('packed to %s kg: %s', Packing::kg($recipe), $fill),
            $where,
        );
    }

    /** A vessel held by its handle, with what was poured in. */
    public static function filled(Packing $packing, Recipe $recipe, bool $isInBothHands): string
    {
        $fill = $packing->inWords($recipe);

        return sprintf(
            '%s kg %s: the %s%s',
            Packing::kg($recipe),
            $isInBothHands ? 'held in both hands' : 'in one hand',
            $packing->carrier->name,
            $fill === '' ? ', empty' : " with {$fill}",
        );
    }

    public static function band(Thing $thing, BandSetup $setup, bool $oneArm, BandAttachment $attachment): string
    {
        return ucfirst($thing->name).': '.SettingInWords::layout($setup, $oneArm, $attachment);
    }

    private static function oneOf(Thing $thing): string
    {
        return match (true) {
            self::isPair($thing) => "one of the {$thing->name}",
            $thing->count >= 2 => "one {$thing->name}",
            default => "the {$thing->name}",
        };
    }

    /** "Adjustable pair" already says that there are two. */
    private static function isPair(Thing $thing): bool
    {
        return str_ends_with($thing->name, 'pair');
    }
}
