<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Shelf;

use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Situation;

/** One thing that could come to a shelf or a home. */
final readonly class Addition
{
    /**
     * @param  string  $how  `buy`, `fill`, `borrow` from the trainer's bag or `find` in the home.
     * @param  Thing|null  $thing  Null where it is an anchor for the home.
     * @param  float|null  $anchorM  Height of the anchor, metres.
     */
    private function __construct(public string $how, public string $words, public ?Thing $thing, public ?float $anchorM)
    {
    }

    /** @param  array<string, mixed>  $entry  A shelf entry of the outside shape, without its id. */
    public static function thing(string $how, string $words, array $entry): self
    {
        return new self($how, $words, Thing::fromArray(['id' => 'addition'] + $entry), null);
    }

    public static function anchor(string $words, float $heightM): self
    {
        return new self('buy', $words, null, $heightM);
    }

    /** What is there once it is added. */
    public function to(Situation $situation): Situation
    {
        $situation = $this->thing === null ? $situation : $situation->with($this->thing);

        return $this->anchorM === null ? $situation : $situation->withAnchor('addition', $this->anchorM);
    }

    /**
     * What a trainer thinks of first; cheap things before dear ones. Rubber is taken as rated, medium; our estimate.
     *
     * @return list<self>
     */
    public static function usual(): array
    {
        $tube = ['kind' => 'tube', 'name' => 'medium tube', 'rest_length_cm' => 130, 'a_n' => 20, 'b_n' => 20, 'source' => 'rated'];

        return [
            self::anchor('an anchor for a door or a rail, at 180 cm', 1.8),
            self::thing('borrow', 'a medium tube of 130 cm', $tube),
            self::thing(
                'borrow',
                'a mini loop',
                ['kind' => 'mini-loop', 'name' => 'mini loop', 'rest_length_cm' => 30, 'a_n' => 30, 'b_n' => 20, 'source' => 'rated'],
            ),
            self::thing(
                'fill',
                'two 5 L jugs of water',
                [
                    'kind' => 'object',
                    'name' => '5 L jug of water',
                    'count' => 2,
                    'mass_kg' => 5.25,
                    'grip' => 'handle',
                    'certainty' => 'filled',
                ],
            ),
            self::thing(
                'fill',
                'two 10 L canisters of sand, sealed',
                [
                    'kind' => 'object',
                    'name' => '10 L canister of sand',
                    'count' => 2,
                    'mass_kg' => 16.5,
                    'grip' => 'handle',
                    'certainty' => 'filled',
                ],
            ),
            self::thing(
                'fill',
                'a 25 L rucksack, packed with what is there',
                ['kind' => 'rucksack', 'name' => 'rucksack', 'tare_kg' => 0.9, 'max_kg' => 20],
            ),
            self::thing('find', 'a towel', ['kind' => 'towel', 'name' => 'towel']),
            self::thing(
                'find',
                'a firm chair without castors',
                ['kind' => 'chair', 'name' => 'firm chair', 'height_cm' => 45, 'mass_kg' => 6],
            ),
            self::thing('buy', 'a pair of 4 kg dumbbells', ['kind' => 'dumbbell', 'name' => '4 kg dumbbell', 'count' => 2, 'mass_kg' => 4]),
            self::thing('buy', 'a pair of 8 kg dumbbells', ['kind' => 'dumbbell', 'name' => '8 kg dumbbell', 'count' => 2, 'mass_kg' => 8]),
            self::thing(
                'buy',
                'a pair of 12 kg dumbbells',
                ['kind' => 'dumbbell', 'name' => '12 kg dumbbell', 'count' => 2, 'mass_kg' => 12],
            ),
            self::thing('buy', 'a 16 kg kettlebell', ['kind' => 'kettlebell', 'name' => '16 kg kettlebell', 'count' => 1, 'mass_kg' => 16]),
        ];
    }
}
