<?php

declare(strict_types=1);

namespace App\Http\Resources\Shared;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Mechanics\ResistanceCurve;

/** Resistance over the lifting phase, per working limb. */
final readonly class CurveResource extends Resource
{
    /**
     * @param  string  $effortUnit  `m` of reach or `°` of the joint.
     * @param  list<float>  $percent  Of the lifting phase.
     * @param  list<float>  $effort  From its start.
     * @param  list<float>  $resistance
     */
    public function __construct(
        public string $unit,
        public string $effortUnit,
        public array $percent,
        public array $effort,
        public array $resistance,
        public float $mean,
        public float $peak,
        public float $hardestPercent,
        public float $slackPercent,
    ) {
    }

    public static function of(ResistanceCurve $curve): self
    {
        $angle = $curve->unit === 'N·m';
        $digits = $angle ? 1 : 0;

        return new self(
            unit: $curve->unit,
            effortUnit: $angle ? '°' : 'm',
            percent: array_map(static fn (float $u): float => round(100 * $u, 1), $curve->us),
            effort: array_map(static fn (float $effort): float => $angle ? round(rad2deg($effort), 1) : round($effort, 3), $curve->effort),
            resistance: array_map(static fn (float $value): float => round($value, $digits), $curve->resistance),
            mean: round($curve->mean(), $digits),
            peak: round($curve->peak(), $digits),
            hardestPercent: round(100 * $curve->hardestAt()),
            slackPercent: round(100 * $curve->slackFraction),
        );
    }
}
