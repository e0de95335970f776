<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Actions\Clients\DescribeClient;
use App\Http\Resources\Shelf\AdditionResource;
use App\Http\Resources\Shelf\CoverageGapResource;
use App\Http\Resources\Shelf\CoverageResource;
use App\Http\Resources\Shelf\PatternCoverageResource;
use App\Models\Client;
use App\Support\KeptAnswers;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Pattern;
use NimbleShelf\Core\Matching\Client as CoreClient;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Shelf\Addition;
use NimbleShelf\Core\Shelf\AdditionGain;
use NimbleShelf\Core\Shelf\Coverage;
use NimbleShelf\Core\Shelf\PatternCoverage;

/** How far a client's shelf reaches in each pattern, what is missing, and which one thing would open most. */
final readonly class ShowCoverage
{
    private const ADDITIONS_SHOWN = 6;

    public function __construct(
        private Coverage $coverage,
        private Catalogue $catalogue,
        private DescribeClient $describe,
        private KeptAnswers $kept,
    ) {
    }

    public function handle(Client $client): CoverageResource
    {
        $situation = $this->describe->situation($client);
        $covered = $this->covered($situation);

        return new CoverageResource(
            clientId: $client->id,
            patterns: array_values(array_map(
                fn (PatternCoverage $pattern): PatternCoverageResource => $this->pattern($pattern, $situation->client),
                $covered,
            )),
            missing: array_map(static fn (Pattern $pattern): string => $pattern->name, $this->coverage->missing($covered)),
        );
    }

    /** @return list<AdditionResource> Single things that would open more, most first. */
    public function additions(Client $client): array
    {
        $situation = $this->describe->situation($client);
        $gains = $this->kept->of('additions', $situation, fn (): array => array_map(
            static fn (AdditionGain $gain): array => [
                $gain->addition->how, $gain->addition->words, $gain->opened, $gain->further, $gain->closed, $gain->score(), $gain->sum(),
            ],
            array_slice(
                $this->coverage->gains($situation, $this->covered($situation), Addition::usual()),
                0,
                self::ADDITIONS_SHOWN,
            ),
        ));

        return array_map(static fn (array $gain): AdditionResource => new AdditionResource(...$gain), $gains);
    }

    /** @return array<string, PatternCoverage> By pattern. */
    private function covered(Situation $situation): array
    {
        return $this->kept->of('coverage', $situation, fn (): array => $this->coverage->of($situation));
    }

    private function pattern(PatternCoverage $covered, CoreClient $person): PatternCoverageResource
    {
        $capacity = $person->capacities[$covered->pattern->id] ?? null;
        $kg = static fn (?float $exact): ?float => $exact === null ? null : round($exact, 1);

        return new PatternCoverageResource(
            id: $covered->pattern->id,
            name: $covered->pattern->name,
            unit: $covered->pattern->unit,
            reference: $covered->pattern->referenceExercise === null
                ? null
                : $this->catalogue->exercise($covered->pattern->referenceExercise)->name,
            exercises: $covered->exercises,
            isBarely: $covered->isBarely(),
            lowKg: $kg($covered->lowKg()),
            highKg: $kg($covered->highKg()),
            neededKg: $capacity === null ? null : $kg($capacity->kg - $covered->ownKg),
            rungsKg: array_map(static fn (float $whole): float => round($whole - $covered->ownKg, 1), $covered->wholeKg),
            gaps: array_map(
                static fn (array $gap): CoverageGapResource => new CoverageGapResource(
                    round($gap['fromKg'], 1),
                    round($gap['toKg'], 1),
                    (int) round(100 * $gap['jump']),
                ),
                $covered->gaps(),
            ),
        );
    }
}
