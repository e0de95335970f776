<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Bench\BenchState;
use App\Enums\Scale;
use App\Models\ShelfItem;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Bench\TypedReadings;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Certainty;

/** Writes what the bench found to the shelf: a band's curve, or a thing's mass. */
final readonly class FinishBench
{
    public function __construct(private RunBench $bench)
    {
    }

    /** @throws ValidationException If there are too few points. */
    public function band(BenchState $state, ShelfItem $item): void
    {
        $band = $item->toThing()->band ?? throw ValidationException::withMessages(['points' => 'Only a band has a curve.']);
        if (count($state->points) < BenchState::ENOUGH) {
            throw ValidationException::withMessages([
                'points' => sprintf('%d points are enough to finish; there are %d.', BenchState::ENOUGH, count($state->points)),
            ]);
        }
        if ($state->isMadeUp() && ! $item->client->isMadeUp()) {
            throw ValidationException::withMessages([
                'points' => 'These points are practice: the simulated scale makes them up, and nothing of them is kept. '
                    .'Take them with a scale of your own.',
            ]);
        }
        $scale = $state->isMadeUp() ? Scale::Simulated : Scale::Own;
        $fit = $state->fit($band);
        DB::transaction(static function () use ($item, $band, $fit, $state, $scale): void {
            $item->bandTests()->create([
                'tested_on' => $item->client->trainer->today(),
                'rest_length_cm' => $band->restLengthM * 100,
                'points' => array_map(
                    static fn (array $point): array => ['length_cm' => $point['lengthCm'], 'force_n' => $point['forceN']],
                    $state->points,
                ),
                'a_n' => $fit->band->aN,
                'b_n' => $fit->band->bN,
                'rms_n' => $fit->rmsN,
                'scale' => $scale,
            ]);
            $measures = $item->measures;
            $item->update(['measures' => [
                ...$measures,
                'label_a_n' => $measures['label_a_n'] ?? $measures['a_n'] ?? $band->aN,
                'label_b_n' => $measures['label_b_n'] ?? $measures['b_n'] ?? $band->bN,
                'a_n' => round($fit->band->aN, 3),
                'b_n' => round($fit->band->bN, 3),
                'source' => Certainty::Measured->value,
            ]]);
        });
        $state->points = [];
        $state->keep();
    }

    /**
     * @param  TypedReadings|null  $typed  Read off another scale; null for the one here.
     *
     * @throws ValidationException If the scale swings or cannot say.
     */
    public function weigh(BenchState $state, ShelfItem $item, ?TypedReadings $typed = null): void
    {
        if ($item->toThing()->isBand()) {
            throw ValidationException::withMessages(['gauge' => 'A band is tested at lengths, not weighed.']);
        }
        if ($typed === null && ! $item->client->isMadeUp()) {
            throw ValidationException::withMessages([
                'gauge' => 'This is practice: the simulated scale makes its readings up, and nothing of them is kept. '
                    .'Type what a scale of your own shows.',
            ]);
        }
        $massKg = ($typed ?? $this->bench->steadyForce($state, $item))->meanN / Body::GRAVITY;
        if ($massKg < 0.05) {
            throw ValidationException::withMessages([
                $typed === null ? 'gauge' : 'readings' => 'The scale shows next to nothing. Was it tared with the thing on the hook?',
            ]);
        }
        $key = $item->kind === 'rucksack' ? 'tare_kg' : 'mass_kg';
        $item->update(['measures' => [...$item->measures, $key => round($massKg, 2), 'certainty' => Certainty::Weighed->value]]);
    }
}
