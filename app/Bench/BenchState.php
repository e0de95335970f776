<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Contracts\Cache\Repository;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Mechanics\BandFit;

/**
 * What hangs on one trainer's scale, and the points taken so far; kept between requests, so that nothing is lost when
 * the page or the scale is.
 *
 * @phpstan-type Point array{lengthCm: float, forceN: float, sdN: float, isOwn?: bool}
 */
final class BenchState
{
    /** Points that are enough for a curve. */
    public const ENOUGH = 3;

    private const DAYS_KEPT = 7;

    public ?int $itemId = null;

    public float $lengthM = 0.0;

    /** When the load last changed, seconds. */
    public float $changedAt = 0.0;

    /** Force from which it changed, newtons. */
    public float $fromN = 0.0;

    public float $tareN = 0.0;

    public float $tareAt = 0.0;

    public bool $isPlugged = true;

    /** @var list<Point> */
    public array $points = [];

    private function __construct(private readonly Repository $cache, private readonly string $key)
    {
    }

    public static function of(Repository $cache, int $trainerId, int $clientId): self
    {
        $state = new self($cache, "bench.{$trainerId}.{$clientId}");
        $kept = $cache->get($state->key);
        if (is_array($kept)) {
            $number = static fn (string $name): float => is_numeric($kept[$name] ?? null) ? (float) $kept[$name] : 0.0;
            $state->itemId = is_int($kept['itemId'] ?? null) ? $kept['itemId'] : null;
            $state->lengthM = $number('lengthM');
            $state->changedAt = $number('changedAt');
            $state->fromN = $number('fromN');
            $state->tareN = $number('tareN');
            $state->tareAt = $number('tareAt');
            $state->isPlugged = ($kept['isPlugged'] ?? true) === true;
            /** @var list<Point> $points */
            $points = is_array($kept['points'] ?? null) ? array_values($kept['points']) : [];
            $state->points = $points;
        }

        return $state;
    }

    /**
     * The curve through the points taken so far; a force that noise made negative counts as none.
     *
     * @throws InvalidQuantity If there is no point, or no rubber would give them.
     */
    public function fit(Band $band): BandFit
    {
        return BandFit::through(
            $band->restLengthM,
            array_map(
                static fn (array $point): array => ['lengthM' => $point['lengthCm'] / 100, 'forceN' => max(0.0, $point['forceN'])],
                $this->points,
            ),
        );
    }

    /** True where some of the points were made up by the scale that is simulated here. */
    public function isMadeUp(): bool
    {
        return array_filter($this->points, static fn (array $point): bool => ! ($point['isOwn'] ?? false)) !== [];
    }

    public function keep(): void
    {
        $this->cache->put($this->key, [
            'itemId' => $this->itemId,
            'lengthM' => $this->lengthM,
            'changedAt' => $this->changedAt,
            'fromN' => $this->fromN,
            'tareN' => $this->tareN,
            'tareAt' => $this->tareAt,
            'isPlugged' => $this->isPlugged,
            'points' => $this->points,
        ], now()->addDays(self::DAYS_KEPT));
    }
}
