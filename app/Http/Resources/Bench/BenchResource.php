<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;

/** The bench as it stands. */
final readonly class BenchResource extends Resource
{
    /**
     * @param  float|null  $longestCm  No band is pulled further.
     * @param  list<float>  $suggestedCm  Lengths that spread over the range.
     * @param  list<BenchPointResource>  $points  Shortest first.
     * @param  int  $enough  Points that are enough to finish.
     * @param  int  $asked  Points that are asked for.
     * @param  list<list<float>>  $curve  Length in centimetres and force in newtons, of the points so far.
     * @param  list<list<float>>  $beforeCurve  The same of the test before.
     * @param  list<BandTestResource>  $tests  Newest first.
     * @param  bool  $isPractice  True where nothing of the simulated scale's readings is kept.
     * @param  int  $notBelieved  Earlier tests that were made up.
     * @param  list<BenchSetupResource>  $setups  What the tested band is worth to this client.
     */
    public function __construct(
        public int $clientId,
        public ?int $itemId,
        public ?string $itemName,
        public ?string $kind,
        public bool $isBand,
        public ?float $massKg,
        public ?string $certainty,
        public ?float $restLengthCm,
        public ?float $longestCm,
        public ?float $lengthCm,
        public array $suggestedCm,
        public bool $isPlugged,
        public array $points,
        public int $enough,
        public int $asked,
        public ?float $aN,
        public ?float $bN,
        public ?float $rmsN,
        public ?float $rmsPercent,
        public array $curve,
        public array $beforeCurve,
        public ?string $comparison,
        public array $tests,
        public bool $isPractice,
        public int $notBelieved,
        public array $setups,
    ) {
    }
}
