<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Shelf\Internal;

use NimbleShelf\Core\Kit\Contents;
use NimbleShelf\Core\Kit\PoleMaterial;

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
        'lb' => 0.45359237,
        'lbs' => 0.45359237,
        'pound' => 0.45359237,
        'pounds' => 0.45359237,
        'oz' => 0.028349523125,
    ];

    public const CM = [
        'cm' => 1.0,
        'mm' => 0.1,
        'm' => 100.0,
        'metre' => 100.0,
        'metres' => 100.0,
        'in' => 2.54,
        'inch' => 2.54,
        'inches' => 2.54,
        '"' => 2.54,
        'ft' => 30.48,
        'foot' => 30.48,
        'feet' => 30.48,
    ];

    public const LITRES = ['l' => 1.0, 'litre' => 1.0, 'litres' => 1.0, 'liter' => 1.0, 'liters' => 1.0, 'ml' => 0.001, 'cl' => 0.01];

    public const COUNTS = [
        'pair' => 2,
        'two' => 2,
        'three' => 3,
        'four' => 4,
        'five' => 5,
        'six' => 6,
        'eight' => 8,
        'ten' => 10,
        'dozen' => 12,
        'a' => 1,
        'an' => 1,
        'one' => 1,
        'single' => 1,
    ];

    /** Longest first within a kind; the first kind found in the line wins. */
    public const KINDS = [
        'adjustable-dumbbell' => ['adjustable dumbbells', 'adjustable dumbbell', 'adjustable pair', 'adjustable'],
        'dumbbell' => ['dumbbells', 'dumbbell', 'dumb-bells', 'hand weights', 'hand weight'],
        'kettlebell' => ['kettlebells', 'kettlebell', 'kettle bell', 'bell'],
        'mini-loop' => ['mini loops', 'mini loop', 'mini-loop', 'mini band', 'small loop'],
        'long-loop' => ['long loop', 'long-loop', 'loop band', 'loop'],
        'tube' => ['tubes', 'tube', 'band with handles', 'tubing'],
        'flat-band' => [
            'flat bands',
            'flat band',
            'flat-band',
            'exercise band',
            'sheet band',
            'resistance bands',
            'resistance band',
            'bands',
            'band',
        ],
        'rucksack' => ['rucksacks', 'rucksack', 'backpack', 'daypack'],
        'half-ball' => ['half-ball', 'half ball'],
        'stool' => ['stools', 'stool'],
        'chair' => ['armchair', 'chairs', 'chair'],
        'sofa' => ['sofa', 'couch', 'settee', 'locker bench', 'bench'],
        'table' => ['tables', 'table', 'desk', 'workbench', 'worktop'],
        'step' => ['steps', 'step', 'stairs', 'stair'],
        'pole' => ['poles', 'pole', 'broomstick', 'broom handle', 'broom', 'pipe', 'bar'],
        'towel' => ['towels', 'towel'],
        'mat' => ['mat'],
        'wall' => ['wall'],
        'object' => [
            'bucket',
            'buckets',
            'bottle',
            'bottles',
            'jug',
            'jugs',
            'canister',
            'sack',
            'sacks',
            'bag',
            'bags',
            'tin',
            'tins',
            'can',
            'cans',
            'toolbox',
            'box',
            'boxes',
            'crate',
            'book',
            'books',
            'brick',
            'bricks',
            'pack',
            'packs',
            'pannier',
            'panniers',
            'rope',
            'coil',
            'jar',
            'jars',
            'watering can',
            'log',
            'logs',
        ],
    ];

    /** How things are held; the trade's own sense, not measured. */
    public const GRIPS = [
        'handle' => ['bucket', 'buckets', 'jug', 'jugs', 'canister', 'toolbox', 'crate', 'pannier', 'panniers', 'watering can'],
        'bag' => ['sack', 'sacks', 'bag', 'bags', 'rope', 'coil'],
        'body' => [
            'bottle',
            'bottles',
            'tin',
            'tins',
            'can',
            'cans',
            'box',
            'boxes',
            'book',
            'books',
            'brick',
            'bricks',
            'pack',
            'packs',
            'jar',
            'jars',
            'log',
            'logs',
        ],
    ];

    /** Sold by their net mass. */
    public const PACKS = ['pack', 'packs', 'tin', 'tins', 'can', 'cans'];

    public const OPEN = ['bucket', 'buckets', 'crate', 'box', 'boxes'];

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

    public const FILLER = [
        'a',
        'an',
        'of',
        'with',
        'the',
        'and',
        'each',
        'my',
        'at',
        'rest',
        'long',
        'high',
        'tall',
        'about',
        'empty',
        'weighing',
        'full',
        'x',
        'in',
        'x.',
        'on',
        'up',
        'to',
        'holds',
        'wood',
        'wooden',
        'thick',
        'handle',
        'handles',
        'bar',
        'plates',
        'plate',
    ];
}
