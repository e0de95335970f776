<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Shelf\Internal;

use NimbleShelf\Core\Kit\Contents;
use NimbleShelf\Core\Kit\PoleMaterial;
use NimbleShelf\Core\Text\BodyMeasures;

/**
 * What people call things, units and materials.
 *
 * @internal
 */
final class ShelfWords
{
    public const KG = [
        'kg' => 1.0,
        'kilo' => 1.0,
        'kilos' => 1.0,
        'kilogram' => 1.0,
        'kilograms' => 1.0,
        'g' => 0.001,
        'gram' => 0.001,
        'grams' => 0.001,
        'lb' => BodyMeasures::KG_PER_POUND,
        'lbs' => BodyMeasures::KG_PER_POUND,
        'pound' => BodyMeasures::KG_PER_POUND,
        'pounds' => BodyMeasures::KG_PER_POUND,
        'oz' => 0.028349523125,
        'ounces' => 0.028349523125,
        'kgs' => 1.0,
        'st' => 6.35029318,
        'stone' => 6.35029318,
        'stones' => 6.35029318,
    ];

    public const CM = [
        'cm' => 1.0,
        'mm' => 0.1,
        'm' => 100.0,
        'metre' => 100.0,
        'metres' => 100.0,
        'meter' => 100.0,
        'meters' => 100.0,
        'in' => 2.54,
        'inch' => 2.54,
        'inches' => 2.54,
        '"' => 2.54,
        'ft' => 30.48,
        'foot' => 30.48,
        'feet' => 30.48,
    ];

    public const LITRES = [
        'l' => 1.0,
        'litre' => 1.0,
        'litres' => 1.0,
        'liter' => 1.0,
        'liters' => 1.0,
        'ltr' => 1.0,
        'ml' => 0.001,
        'cl' => 0.01,
        'gallon' => self::GALLON,
        'gallons' => self::GALLON,
    ];

    /** The smaller of the two in use, litres; said where it is taken. */
    public const GALLON = 3.785411784;

    public const NUMBERS = [
        'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10,
        'twelve' => 12,
    ];

    public const COUNTS = [
        'pair' => 2, 'pairs' => 2, 'couple' => 2, 'both' => 2, 'dozen' => 12, 'half a dozen' => 6,
        'single' => 1, 'a' => 1, 'an' => 1,
    ] + self::NUMBERS;

    /**
     * What things are called. The first kind with a word in the line wins, and within it the longest word; of household
     * objects the word that comes first, because a box of books is a box.
     */
    public const KINDS = [
        'hanging-bar' => [
            'pull-up bar', 'pull up bar', 'pullup bar', 'chin-up bar', 'chin up bar', 'chinup bar', 'doorway bar', 'door bar',
            'bar on a frame', 'pull-up frame', 'pull up station',
        ],
        'long-loop' => [
            'long loop', 'long-loop', 'long loops', 'loop band', 'pull up band', 'pull-up band', 'pullup band', 'power band', 'power bands',
            'assist band', 'big loop',
        ],
        'mini-loop' => [
            'mini loops', 'mini loop', 'mini-loop', 'mini-loops', 'mini band', 'mini bands', 'mini-band', 'mini-bands',
            'miniband', 'minibands',
            'small loop', 'small loops', 'booty band', 'booty bands', 'glute band', 'glute bands', 'hip band', 'hip bands', 'loop bands',
        ],
        'tube' => ['tubes', 'tube', 'tubing', 'band with handles', 'bands with handles'],
        'vest' => ['weight vest', 'weighted vest', 'vest', 'weight jacket', 'weighted jacket'],
        'ankle-weight' => [
            'ankle weights', 'ankle weight', 'ankle cuffs', 'ankle cuff', 'weight cuffs', 'weight cuff', 'leg weights', 'leg weight',
        ],
        'barbell' => ['barbells', 'barbell', 'bar bell', 'olympic bar', 'ez bar', 'ez-bar', 'curl bar', 'weight bar', 'weightlifting bar'],
        'dumbbell' => [
            'dumbbells', 'dumbbell', 'dumb-bells', 'dumb bells', 'dumb-bell', 'dumb bell', 'hand weights', 'hand weight', 'handweights',
            'handweight', 'dbs', 'db',
        ],
        'kettlebell' => ['kettlebells', 'kettlebell', 'kettle bells', 'kettle bell', 'kettle-bell', 'girya', 'kbs', 'kb', 'bell'],
        'half-ball' => ['half-ball', 'half ball', 'balance dome'],
        'big-ball' => [
            'exercise ball', 'exercise balls', 'gym ball', 'fitness ball', 'stability ball', 'swiss ball', 'birthing ball', 'birth ball',
            'yoga ball', 'sitting ball', 'pilates ball', 'big ball',
        ],
        'roller' => ['foam roller', 'foam rollers', 'massage roller', 'roller'],
        'flat-band' => [
            'flat bands', 'flat band', 'flat-band', 'exercise band', 'exercise bands', 'sheet band', 'latex band', 'latex bands',
            'therapy band',
            'physio band', 'rubber band', 'elastic band', 'elastic bands', 'stretchy band', 'resistance bands', 'resistance band', 'bands',
            'band',
        ],
        'rucksack' => ['rucksacks', 'rucksack', 'backpack', 'backpacks', 'back pack', 'daypack', 'day pack', 'knapsack'],
        'stool' => ['stools', 'stool', 'footstool', 'ottoman', 'pouffe'],
        'chair' => ['armchair', 'chairs', 'chair'],
        'sofa' => ['sofa', 'couch', 'settee', 'locker bench', 'weight bench', 'bench', 'bed'],
        'table' => ['tables', 'table', 'desk', 'workbench', 'worktop', 'countertop', 'kitchen counter'],
        'step' => ['steps', 'step', 'doorstep', 'stairs', 'stair', 'staircase', 'step box'],
        'pole' => ['poles', 'pole', 'broomstick', 'broom handle', 'broom', 'mop handle', 'pipe', 'curtain rod', 'rod', 'dowel'],
        'towel' => ['towels', 'towel'],
        'mat' => ['mat', 'mats'],
        'wall' => ['wall'],
        'object' => [
            'bucket', 'buckets', 'pail', 'bottle', 'bottles', 'jug', 'jugs', 'canister', 'canisters', 'jerrycan', 'jerrycans', 'jerry can',
            'jerry cans', 'container', 'containers', 'sack', 'sacks', 'bag', 'bags', 'sandbag', 'sandbags', 'sand bag', 'tin',
            'tins', 'can',
            'cans', 'toolbox', 'tool box', 'box', 'boxes', 'crate', 'crates', 'basket', 'suitcase', 'suitcases', 'book', 'books', 'brick',
            'bricks', 'pack', 'packs', 'packet', 'packets', 'pannier', 'panniers', 'rope', 'coil', 'jar', 'jars', 'vase', 'watering can',
            'log', 'logs', 'stone block', 'paving stone', 'medicine ball', 'medicine balls', 'med ball', 'med balls',
            'slam ball', 'slam balls',
            'wall ball', 'weighted ball', 'weight plate', 'weight plates', 'plate', 'plates', 'weight disc', 'weight discs', 'frying pan',
            'pan', 'pans', 'saucepan', 'pot', 'pots', 'wok', 'skillet', 'casserole',
        ],
    ];

    /** Sold and owned two at a time: the plural without a number. */
    public const IN_PAIRS = [
        'dumbbells', 'dumb-bells', 'dumb bells', 'hand weights', 'handweights', 'dbs', 'ankle weights', 'ankle cuffs', 'weight cuffs',
        'leg weights',
    ];

    /** Household objects of which a number without a unit is kilograms. */
    public const BARE_KG_OBJECTS = [
        'medicine ball', 'medicine balls', 'med ball', 'med balls', 'slam ball', 'slam balls', 'plate', 'plates', 'weight plate',
        'weight plates',
    ];

    /** Words that say so much only where no other word says more. */
    public const KINDS_OTHERWISE = [
        'adjustable-dumbbell' => ['adjustable pair', 'adjustable set', 'adjustable weights', 'adjustable weight', 'adjustable'],
        'pole' => ['bar', 'stick'],
    ];

    /** Said of a dumbbell, they say that its load can be changed. */
    public const CHANGES_LOAD = [
        'adjustable', 'spinlock', 'spin lock', 'spin-lock', 'dial', 'selector', 'changeable', 'interchangeable', 'loadable', 'plates',
        'plate-loaded',
    ];

    /** In no other kind's name, and no rule of ours covers them: they are asked about like anything unknown. */
    public const WITHOUT_RULES = [
        'skipping rope', 'jump rope', 'battle rope', 'ab wheel', 'ab roller', 'suspension trainer', 'treadmill', 'exercise bike', 'tyre',
        'medicine cabinet', 'boxing bag', 'punch bag', 'heavy bag', 'bean bag', 'can opener', 'bottle opener',
    ];

    /** Who or what lives is no weight. */
    public const LIVING = [
        'child', 'children', 'kid', 'kids', 'toddler', 'baby', 'infant', 'son', 'daughter', 'grandchild', 'grandson',
        'granddaughter', 'boy',
        'girl', 'nephew', 'niece', 'brother', 'sister', 'mother', 'father', 'mum', 'dad', 'wife', 'husband', 'partner', 'friend', 'person',
        'man', 'woman', 'client', 'dog', 'dogs', 'puppy', 'cat', 'cats', 'kitten', 'rabbit', 'pet', 'animal', 'lamb', 'goat',
    ];

    /** A thing that can no longer be trusted: said, never passed over. */
    public const DAMAGED = ['broken', 'cracked', 'torn', 'frayed', 'leaking', 'leaky', 'loose', 'wobbly', 'rotten', 'perished', 'damaged'];

    /** How things are held; the trade's own sense, not measured. */
    public const GRIPS = [
        'handle' => [
            'bucket', 'buckets', 'pail', 'jug', 'jugs', 'canister', 'canisters', 'jerrycan', 'jerrycans', 'jerry can',
            'jerry cans', 'toolbox',
            'tool box', 'crate', 'crates', 'pannier', 'panniers', 'watering can', 'suitcase', 'suitcases', 'basket',
        ],
        'bag' => ['sack', 'sacks', 'bag', 'bags', 'sandbag', 'sandbags', 'sand bag', 'rope', 'coil'],
        'body' => [
            'bottle', 'bottles', 'tin', 'tins', 'can', 'cans', 'box', 'boxes', 'book', 'books', 'brick', 'bricks', 'pack',
            'packs', 'packet',
            'packets', 'jar', 'jars', 'log', 'logs', 'medicine ball', 'medicine balls', 'med ball', 'med balls', 'slam ball', 'slam balls',
            'wall ball', 'weighted ball', 'weight plate', 'weight plates', 'plate', 'plates', 'weight disc', 'weight discs', 'stone block',
            'paving stone',
        ],
    ];

    /** Their one handle turns in the hand, and the lid or what is in them falls. */
    public const PANS = ['frying pan', 'pan', 'pans', 'saucepan', 'pot', 'pots', 'wok', 'skillet', 'casserole'];

    /** Glass unless something else is said. */
    public const OF_GLASS = ['jar', 'jars', 'vase'];

    /** Sold by their net mass. */
    public const PACKS = ['pack', 'packs', 'packet', 'packets', 'tin', 'tins', 'can', 'cans'];

    public const OPEN = ['bucket', 'buckets', 'pail', 'crate', 'crates', 'box', 'boxes', 'basket'];

    public const CONTENTS = [
        'water' => Contents::Water,
        'dry sand' => Contents::DrySand,
        'sand' => Contents::DrySand,
        'rice' => Contents::Rice,
        'gravel' => Contents::Gravel,
        'table salt' => Contents::Salt,
        'salt' => Contents::Salt,
        'potting compost' => Contents::Compost,
        'compost' => Contents::Compost,
        'sugar' => Contents::Sugar,
        'laundry liquid' => Contents::LaundryLiquid,
        'detergent' => Contents::LaundryLiquid,
    ];

    public const MATERIALS = [
        'softwood' => PoleMaterial::Softwood,
        'pine' => PoleMaterial::Softwood,
        'spruce' => PoleMaterial::Softwood,
        'hardwood' => PoleMaterial::Hardwood,
        'beech' => PoleMaterial::Hardwood,
        'ash' => PoleMaterial::Hardwood,
        'oak' => PoleMaterial::Hardwood,
        'bamboo' => PoleMaterial::Bamboo,
        'steel' => PoleMaterial::SteelTube,
    ];

    /** Constants a and b, newtons, of rubber nobody has pulled yet; our estimate, shown with a third of doubt. */
    public const RUBBER = [
        'very light' => 6.0,
        'light' => 10.0,
        'medium' => 20.0,
        'very heavy' => 50.0,
        'heavy' => 35.0,
        'strong' => 35.0,
    ];

    /** An empty vessel weighs about this per litre it holds; our estimate. */
    public const VESSEL_KG_PER_L = 0.05;

    /** A rucksack carries about this per litre before its straps complain; our estimate. */
    public const PACK_KG_PER_L = 0.8;

    /** Passed over where nobody knows what the thing is; the rest is handed back. */
    public const FILLER = [
        'a', 'an', 'of', 'with', 'the', 'and', 'each', 'my', 'at', 'rest', 'long', 'high', 'tall', 'about', 'empty', 'weighing',
        'full', 'x',
        'in', 'on', 'up', 'to', 'holds', 'or', 'for', 'i', 'have', 'some', 'old', 'new', 'big', 'small', 'large', 'heavy', 'light', 'thing',
        'something', 'set', 'pair',
    ];

    /** Everyday words that are spelled right although they look like one of ours. */
    public const EVERYDAY = [
        'bottled' => true, 'banded' => true, 'chairs' => true, 'table' => true, 'stale' => true, 'stable' => true, 'cable' => true,
        'black' => true, 'block' => true, 'clock' => true, 'water' => true, 'small' => true, 'large' => true, 'green' => true,
        'white' => true,
        'brown' => true, 'stone' => true, 'store' => true, 'store-room' => true, 'house' => true, 'wheel' => true, 'panel' => true,
        'bottle' => true, 'battle' => true, 'kettle' => true, 'steel' => true, 'stainless' => true, 'thick' => true, 'thing' => true,
        'fitting' => true, 'couple' => true, 'sofas' => true, 'paper' => true, 'petrol' => true, 'plant' => true, 'plants' => true,
        'planter' => true, 'plastic' => true, 'handy' => true, 'candle' => true, 'ladle' => true, 'saddle' => true, 'books' => true,
        'boots' => true, 'boats' => true, 'birds' => true, 'cards' => true, 'cloth' => true, 'light' => true, 'night' => true,
        'tight' => true,
        'height' => true, 'weigh' => true, 'width' => true, 'vests' => true, 'beech' => true, 'beach' => true, 'peach' => true,
        'crane' => true,
        'grate' => true, 'plane' => true, 'place' => true, 'planes' => true, 'robot' => true, 'ruler' => true, 'rower' => true,
        'tower' => true,
        'trowel' => true, 'shovel' => true, 'hammer' => true, 'potato' => true, 'potatoes' => true, 'tomato' => true, 'tomatoes' => true,
        'short' => true, 'sports' => true, 'sport' => true, 'stack' => true, 'stick' => true, 'sticky' => true, 'strap' => true,
        'straps' => true, 'string' => true, 'towing' => true, 'walls' => true, 'woolen' => true, 'pillow' => true, 'pillar' => true,
    ];

    /** True where a line in small letters, a space before and after it, names some kind of thing. */
    public static function namesAThing(string $text): bool
    {
        static $pattern = null;
        $pattern ??= '/(?<=[ ,(])(?:'.implode('|', array_map(
            static fn (string $word): string => preg_quote($word, '/'),
            array_merge(...array_values(self::KINDS)),
        )).')(?=[ ,.;):])/';

        return preg_match($pattern, $text) === 1;
    }

    /** @return array<string, true> Every single word that says something to us: what spelling is forgiven towards. */
    public static function known(): array
    {
        static $known = null;
        if ($known !== null) {
            return $known;
        }
        $words = [
            ...array_merge(...array_values(self::KINDS), ...array_values(self::KINDS_OTHERWISE)), ...array_keys(self::CONTENTS),
            ...array_keys(self::MATERIALS), ...self::CHANGES_LOAD,
            ...self::LIVING, ...self::DAMAGED, ...array_keys(self::COUNTS), ...array_keys(self::KG), ...array_keys(self::CM),
            ...array_keys(self::LITRES), ...array_keys(self::RUBBER), ...self::WITHOUT_RULES,
            'handle', 'handles', 'sealed', 'glass', 'castors', 'wheels', 'folding', 'foldable', 'plates', 'steps', 'loops', 'balls',
        ];
        $known = [];
        foreach ($words as $word) {
            preg_match_all('/[a-z]+/', $word, $parts);
            foreach ($parts[0] as $part) {
                $known[$part] = true;
            }
        }

        return $known;
    }
}
