<?php

declare(strict_types=1);

namespace App\Http\Resources\Settings;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Matching\MatchScore;

/** How much one part of a match counts, in hundredths. */
final readonly class WeightResource extends Resource
{
    public function __construct(
        public string $part,
        public int $percent,
        public int $usualPercent,
    ) {
    }

    /**
     * @param  array<string, int>  $set
     * @return list<self>
     */
    public static function of(array $set): array
    {
        $weights = [];
        foreach (MatchScore::WEIGHTS as $part => $usual) {
            $weights[] = new self($part, $set[$part] ?? (int) round(100 * $usual), (int) round(100 * $usual));
        }

        return $weights;
    }
}
