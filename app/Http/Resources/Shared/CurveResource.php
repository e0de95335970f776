<?php

declare(strict_types=1);

namespace App\Http\Resources\Shared;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Equivalence\Equivalent;
use NimbleShelf\Core\Mechanics\ResistanceCurve;

/** Resistance over the lifting phase, per working limb. */
final readonly class CurveResource extends Resource
{
    /**
     * @param  string  $effortUnit  `m` of reach or `°` of the joint.
     * @param  list<float>  $percent  Of the lifting phase.
     * @param  list<float>  $effort  From its start.
     * @param  list<float>  $resistance
     * @param  list<float|null>|null  $kg  The mass in the reference lift that would feel the same, at each sample; null where that
     *                                     lift vanishes, or where nothing is measured in kilograms.
     * @param  string|null  $kgUnit  As in `kg per hand`.
     * @param  string|null  $kgWords  As in `8 kg at the start, 15 at the end`.
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
        public ?array $kg,
        public ?string $kgUnit,
        public ?string $kgWords,
    ) {
    }

    /** The reference lift itself at the equivalent load: level in its own kilograms. */
    public static function ofReference(Equivalent $equivalent): self
    {
        $curve = self::of($equivalent->referenceCurve);
        $level = array_map(
            static fn (?float $kg): ?float => $kg === null ? null : round($equivalent->kg, 1),
            array_values($equivalent->kgAlong),
        );

        return new self(...[...get_object_vars($curve), 'kg' => $level, 'kgUnit' => $equivalent->unit]);
    }

    public static function of(ResistanceCurve $curve, ?Equivalent $equivalent = null): self
    {
        $measured = $equivalent !== null && $equivalent->isMeasured && $equivalent->kgAlong !== [];
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
            kg: ! $measured ? null : array_values(array_map(
                static fn (?float $kg): ?float => $kg === null ? null : round($kg, 1),
                $equivalent->kgAlong,
            )),
            kgUnit: $measured ? $equivalent->unit : null,
            kgWords: $measured && $equivalent->alongInWords() !== '' ? $equivalent->alongInWords() : null,
        );
    }
}
