<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Bench\BenchState;
use App\Bench\ForceGauge;
use App\Bench\StandInGauge;
use App\Bench\StandInThings;
use App\Models\Client;
use App\Models\ShelfItem;
use App\Models\User;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Sleep;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Bench\SteadyReading;
use NimbleShelf\Core\Bench\TypedReadings;
use NimbleShelf\Core\Mechanics\Band;

/** Hangs things on the scale, sets lengths, takes points. The scale is a stand-in; all but `gauge()` would work with a real one. */
final readonly class RunBench
{
    /** Pause between the readings of one point, milliseconds. */
    private const PAUSE_MS = 60;

    public function __construct(private Repository $cache)
    {
    }

    public function state(User $trainer, Client $client): BenchState
    {
        return BenchState::of($this->cache, $trainer->id, $client->id);
    }

    public function item(BenchState $state, Client $client): ?ShelfItem
    {
        return $state->itemId === null ? null : $client->shelfItems()->find($state->itemId);
    }

    /** @param  ShelfItem|null  $item  What hangs there; null for an empty hook. */
    public function gauge(BenchState $state, ?ShelfItem $item): ForceGauge
    {
        return new StandInGauge(
            $state,
            $item === null ? 0.0 : StandInThings::pullN($item, $state->lengthM),
            $item === null ? 0 : StandInThings::seed($item),
            self::seconds(...),
        );
    }

    /** Zeroes the empty scale, whose zero has drifted since it was last used, and hangs a thing on it. */
    public function hang(BenchState $state, ShelfItem $item): void
    {
        $state->fromN = 0.0;
        $this->gauge($state, null)->tare();
        $state->itemId = $item->id;
        $state->points = [];
        $state->lengthM = $item->toThing()->band->restLengthM ?? 0.0;
        $state->changedAt = self::seconds();
        $state->keep();
    }

    /** @throws ValidationException If the length is no stretch, or one too far. */
    public function pull(BenchState $state, ShelfItem $item, float $lengthM): void
    {
        $thing = $item->toThing();
        $restM = $thing->band->restLengthM ?? throw ValidationException::withMessages(['lengthCm' => 'Only a band is set to a length.']);
        $most = min($thing->limitRatio, Band::DEFAULT_LIMIT) * $restM;
        if ($lengthM <= $restM || $lengthM > $most + 1e-9) {
            throw ValidationException::withMessages([
                'lengthCm' => sprintf(
                    'Between %.0f and %.0f cm: longer than at rest, and not beyond %.1f times that.',
                    ceil($restM * 100 + 1),
                    floor($most * 100),
                    $most / $restM,
                ),
            ]);
        }
        $state->fromN = StandInThings::pullN($item, $state->lengthM);
        $state->lengthM = $lengthM;
        $state->changedAt = self::seconds();
        $state->keep();
    }

    /**
     * A steady force, from several readings in a row.
     *
     * @throws ValidationException If the scale cannot say, or still swings.
     */
    public function steadyForce(BenchState $state, ShelfItem $item): SteadyReading
    {
        $gauge = $this->gauge($state, $item);
        $readings = [];
        for ($i = 0; $i < SteadyReading::COUNT; $i++) {
            $reading = $gauge->read();
            if ($reading->forceN === null) {
                throw ValidationException::withMessages(['gauge' => $reading->status->advice()]);
            }
            $readings[] = $reading->forceN;
            Sleep::for(self::PAUSE_MS)->milliseconds();
        }
        $steady = SteadyReading::of($readings);
        if (! $steady->isSteady) {
            throw ValidationException::withMessages(['gauge' => 'It still swings. Wait until it stands still, then take the point.']);
        }

        return $steady;
    }

    /** @param  TypedReadings|null  $typed  Read off another scale; null for the one here. */
    public function take(BenchState $state, ShelfItem $item, ?TypedReadings $typed = null): void
    {
        if ($typed !== null && $state->lengthM <= ($item->toThing()->band->restLengthM ?? INF)) {
            throw ValidationException::withMessages(['lengthCm' => 'How long is it now? Longer than at rest, in centimetres.']);
        }
        $steady = $typed ?? $this->steadyForce($state, $item);
        $lengthCm = round($state->lengthM * 100, 1);
        // A second reading at one length takes the place of the first.
        $points = array_values(array_filter($state->points, static fn (array $point): bool => abs($point['lengthCm'] - $lengthCm) > 0.05));
        $points[] = [
            'lengthCm' => $lengthCm,
            'forceN' => round($steady->meanN, 2),
            'sdN' => round($steady->sdN, 2),
            'isOwn' => $typed !== null,
        ];
        usort($points, static fn (array $one, array $two): int => $one['lengthCm'] <=> $two['lengthCm']);
        $state->points = $points;
        $state->keep();
    }

    public function drop(BenchState $state, int $place): void
    {
        unset($state->points[$place]);
        $state->points = array_values($state->points);
        $state->keep();
    }

    private static function seconds(): float
    {
        return now()->getPreciseTimestamp(6) / 1e6;
    }

    /** @return array{BenchState, ShelfItem} What hangs on this client's scale; a 409 where nothing does. */
    public function hanging(User $trainer, Client $client): array
    {
        $state = $this->state($trainer, $client);

        return [$state, $this->item($state, $client) ?? abort(409, 'Nothing hangs on the scale. Choose what to test first.')];
    }
}
