<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Clients\DescribeClient;
use App\Bench\BenchState;
use App\Http\Resources\Bench\BandTestResource;
use App\Http\Resources\Bench\BenchPointResource;
use App\Http\Resources\Bench\BenchResource;
use App\Http\Resources\Bench\BenchSetupResource;
use App\Http\Resources\Shared\EquivalentResource;
use App\Models\BandTest;
use App\Models\Client;
use App\Models\ShelfItem;
use App\Models\User;
use NimbleShelf\Core\Bench\BandComparison;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Mechanics\BandFit;
use NimbleShelf\Core\Mechanics\Body;

/** The bench as it stands: what hangs there, the points, the curve through them, and what earlier tests said. */
final readonly class ShowBench
{
    /** Points that are asked for. */
    private const ASKED = 5;

    /** Steps of the drawn curve. */
    private const STEPS = 24;

    /** Patterns in which a tested band is shown at once, the ones met most first. */
    private const PATTERNS = [
        'horizontal-pull',
        'elbow-flexion',
        'horizontal-press',
        'shoulder-raise',
        'hip-abduction',
        'hinge',
        'squat',
        'bridge',
    ];

    private const SETUPS = 3;

    public function __construct(
        private Catalogue $catalogue,
        private ResistanceModel $model,
        private ShelfRungs $rungs,
        private DescribeClient $describe,
        private RunBench $bench,
    ) {
    }

    public function handle(Client $client, User $trainer): BenchResource
    {
        $client->unsetRelations();
        $state = $this->bench->state($trainer, $client);
        $item = $this->bench->item($state, $client);
        $band = $item?->toThing()->band;
        $fit = $item === null || $band === null ? null : $this->fit($state, $band);
        $tests = $item === null ? [] : array_values($item->believedTests()->all());
        $before = $tests[0] ?? null;

        return new BenchResource(
            clientId: $client->id,
            itemId: $item?->id,
            itemName: $item?->name,
            kind: $item?->kind,
            isBand: $band !== null,
            massKg: $item === null || $band !== null ? null : $item->toThing()->massKg,
            certainty: $item?->toThing()->certainty->value,
            restLengthCm: $band === null ? null : round($band->restLengthM * 100, 1),
            longestCm: $band === null ? null : floor($band->restLengthM * Band::DEFAULT_LIMIT * 100),
            lengthCm: $band === null ? null : round($state->lengthM * 100, 1),
            suggestedCm: $band === null ? [] : $this->suggested($band->restLengthM),
            isPlugged: $state->isPlugged,
            points: array_map(
                fn (array $point): BenchPointResource => new BenchPointResource(
                    $point['lengthCm'],
                    $point['forceN'],
                    $point['sdN'],
                    $fit === null ? null : round($point['forceN'] - $fit->band->forceAt($point['lengthCm'] / 100), 2),
                    round($point['forceN'] / Body::GRAVITY, 2),
                    $point['isOwn'] ?? false,
                ),
                $state->points,
            ),
            enough: BenchState::ENOUGH,
            asked: self::ASKED,
            aN: $fit === null ? null : round($fit->band->aN, 1),
            bN: $fit === null ? null : round($fit->band->bN, 1),
            rmsN: $fit === null ? null : round($fit->rmsN, 2),
            rmsPercent: $fit === null ? null : round(100 * $fit->rmsFraction, 1),
            curve: $fit === null ? [] : $this->curve($fit->band),
            beforeCurve: $before === null ? [] : $this->curve(self::bandOf($before)),
            comparison: $fit === null
                || $before === null ? null : BandComparison::of(
                    self::bandOf($tests[count($tests) - 1]),
                    self::bandOf($before),
                    $fit->band,
                )->words,
            tests: array_map(
                static fn (BandTest $test): BandTestResource => new BandTestResource(
                    $test->tested_on->toDateString(),
                    count($test->points),
                    round($test->a_n, 1),
                    round($test->b_n, 1),
                    round($test->rms_n, 2),
                    round(self::bandOf($test)->forceAt(2 * $test->rest_length_cm / 100)),
                ),
                $tests,
            ),
            isPractice: ! $client->isMadeUp(),
            notBelieved: $item === null ? 0 : $item->bandTests->count() - count($tests),
            setups: $item === null || $tests === [] || $state->points !== [] ? [] : $this->setups($item, $client),
        );
    }

    public function fit(BenchState $state, Band $band): ?BandFit
    {
        if (count($state->points) < 2) {
            return null;
        }
        try {
            return $state->fit($band);
        } catch (InvalidQuantity) {
            // Points that no rubber would give; the page says so where the curve would be.
            return null;
        }
    }

    private static function bandOf(BandTest $test): Band
    {
        return Band::of($test->rest_length_cm / 100, $test->a_n, $test->b_n);
    }

    /** @return list<float> Five lengths that spread over what a band is used at, centimetres. */
    private function suggested(float $restM): array
    {
        return array_map(static fn (float $stretch): float => round($stretch * $restM * 100), [1.25, 1.5, 1.75, 2.0, 2.3]);
    }

    /** @return list<list<float>> Length in centimetres and force in newtons. */
    private function curve(Band $band): array
    {
        $points = [];
        for ($i = 0; $i <= self::STEPS; $i++) {
            $lengthM = $band->restLengthM * (1 + (Band::DEFAULT_LIMIT - 1) * $i / self::STEPS);
            $points[] = [round($lengthM * 100, 1), round($band->forceAt($lengthM), 1)];
        }

        return $points;
    }

    /** @return list<BenchSetupResource> What the band is worth to this client in three usual set-ups. */
    private function setups(ShelfItem $item, Client $client): array
    {
        $thing = $item->toThing();
        $person = $this->describe->withoutCapacities($client);
        $situation = new Situation($person, [$thing], $this->describe->home($client));
        $found = [];
        foreach ($this->catalogue->exercises as $exercise) {
            if (! in_array($exercise->pattern, self::PATTERNS, true)
                || isset($found[$exercise->pattern])
                || $exercise->bandLayouts === []) {
                continue;
            }
            $usable = $this->rungs->usable($exercise, $situation, only: static fn ($rung): bool => $rung->setting->band !== null);
            // The set-up in the middle; where that adds nothing, the heaviest.
            foreach ($usable === [] ? [] : [$usable[intdiv(count($usable), 2)]['rung'], $usable[count($usable) - 1]['rung']] as $rung) {
                $equivalent = EquivalentResource::of(
                    $this->model->equivalent($exercise, $person->body, $rung->setting, School::Mean, $rung->certainty),
                    $this->catalogue,
                );
                if ($equivalent->kg > 0) {
                    $found[$exercise->pattern] ??= new BenchSetupResource($exercise->name, $rung->words, $equivalent);
                }
            }
        }
        uksort(
            $found,
            static fn (string $one, string $two): int => array_search($one, self::PATTERNS, true)
                <=> array_search($two, self::PATTERNS, true),
        );

        return array_slice(array_values($found), 0, self::SETUPS);
    }
}
