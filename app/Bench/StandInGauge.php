<?php

declare(strict_types=1);

namespace App\Bench;

use Closure;

/**
 * A simulated hanging scale: it swings, settles, is noisy, drifts, overloads and can be unplugged. Seeded, so that the
 * same moment reads the same.
 */
final readonly class StandInGauge implements ForceGauge
{
    /** Seconds in which two thirds of a change have settled. */
    private const SETTLE_S = 0.6;

    /** One sigma of a reading: this much, and this share of the force. */
    private const NOISE_N = 0.25;

    private const NOISE_SHARE = 0.003;

    private const DRIFT_N_PER_S = 0.002;

    private const OVERLOAD_N = 500.0;

    /** Readings in one second that differ. */
    private const RATE = 20;

    /**
     * @param  float  $pullN  What really pulls on the hook.
     * @param  Closure(): float  $clock  Seconds.
     */
    public function __construct(private BenchState $state, private float $pullN, private int $seed, private Closure $clock)
    {
    }

    public function read(): GaugeReading
    {
        if (! $this->state->isPlugged) {
            return GaugeReading::none(GaugeStatus::Unplugged);
        }
        $now = ($this->clock)();
        $forceN = $this->rawN($now);
        if ($forceN > self::OVERLOAD_N) {
            return GaugeReading::none(GaugeStatus::Overload);
        }
        $noiseN = $this->noise((int) floor($now * self::RATE)) * (self::NOISE_N + self::NOISE_SHARE * $forceN);

        return GaugeReading::of($forceN - $this->state->tareN + $noiseN);
    }

    public function tare(): void
    {
        $now = ($this->clock)();
        $this->state->tareN = $this->rawN($now);
        $this->state->tareAt = $now;
        $this->state->keep();
    }

    /** Force on the hook without noise: settling towards what pulls, and drifting since the last tare. */
    private function rawN(float $now): float
    {
        $share = exp(-max(0.0, $now - $this->state->changedAt) / self::SETTLE_S);

        return $this->pullN + ($this->state->fromN - $this->pullN) * $share + self::DRIFT_N_PER_S * min(
            600.0,
            max(0.0, $now - $this->state->tareAt),
        );
    }

    /** A standard normal number out of two seeded uniform ones (Box & Muller 1958). */
    private function noise(int $tick): float
    {
        $one = (crc32("{$this->seed}|{$tick}|one") + 1) / 4294967297;
        $two = crc32("{$this->seed}|{$tick}|two") / 4294967296;

        return sqrt(-2 * log($one)) * cos(2 * M_PI * $two);
    }
}
