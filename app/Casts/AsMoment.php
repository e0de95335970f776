<?php

declare(strict_types=1);

namespace App\Casts;

use Carbon\CarbonImmutable;
use DateTimeInterface;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * Keeps a moment as universal time and shows it in the row's own zone, where the row has one.
 *
 * @implements CastsAttributes<CarbonImmutable|null, DateTimeInterface|string|null>
 */
final class AsMoment implements CastsAttributes
{
    /** What was just set is shown in the row's zone too, not in the one it came with. */
    public bool $withoutObjectCaching = true;

    private const FORMAT = 'Y-m-d H:i:s';

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?CarbonImmutable
    {
        if (! is_string($value)) {
            return null;
        }
        $zone = $attributes['zone'] ?? 'UTC';

        return CarbonImmutable::parse($value, 'UTC')->setTimezone(is_string($zone) ? $zone : 'UTC');
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return match (true) {
            $value === null => null,
            $value instanceof DateTimeInterface => self::stored($value),
            default => self::stored(CarbonImmutable::parse((string) $value, 'UTC')),
        };
    }

    /** For comparing in a query; parts of a second only where there are any, so that text sorts as time does. */
    public static function stored(DateTimeInterface $moment): string
    {
        $utc = CarbonImmutable::instance($moment)->utc();

        return $utc->format($utc->millisecond === 0 ? self::FORMAT : self::FORMAT.'.v');
    }

    /** To the millisecond, with its offset: which of two taps came first. */
    public static function said(CarbonImmutable $moment): string
    {
        return $moment->format('Y-m-d\TH:i:s.vP');
    }
}
