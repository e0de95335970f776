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
use NimbleShelf\Core\Shelf\Addition;
use NimbleShelf\Core\Shelf\Coverage;
use NimbleShelf\Core\Shelf\PatternCoverage;

/** How far a client's shelf reaches in each pattern, what is missing, and which one thing would open most. */
final readonly class ShowCoverage
{
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
        $covered = $this->covered($client);

        return new CoverageResource(
            clientId: $client->id,
            patterns: array_values(array_map(
                fn (PatternCoverage $pattern): PatternCoverageResource => $this->pattern($pattern, $situation->client),
                $covered,
            )),
            missing: array_map(static fn (Pattern $pattern): string => $pattern->name, $this->coverage->missing($covered)),
            additions: count(Addition::usual()),
        );
    }

    /**
     * What one addition opens; null where it opens nothing.
     *
     * @param  int  $place  On the list of the usual ones, under which what it brings is kept.
     */
    public function addition(Client $client, Addition $addition, int $place): ?AdditionResource
    {
        $plain = $this->describe->plainSituation($client);
        $gain = $this->coverage->gainOf(
            $addition,
            $this->kept->of("addition.{$place}", $plain, fn (): array => $this->coverage->brings($addition, $plain)),
            $this->describe->person($client),
            $this->covered($client),
        );

        return $gain->score() <= 0 ? null : new AdditionResource(
            $addition->how,
            $addition->words,
            $gain->opened,
            $gain->further,
            $gain->closed,
            $gain->score(),
            $gain->sum(),
        );
    }

    /** @return array<string, PatternCoverage> By pattern; the same whatever has been logged. */
    private function covered(Client $client): array
    {
        $plain = $this->describe->plainSituation($client);

        return $this->kept->of('coverage', $plain, fn (): array => $this->coverage->of($plain));
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
