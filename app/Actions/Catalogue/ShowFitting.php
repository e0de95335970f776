<?php

declare(strict_types=1);

namespace App\Actions\Catalogue;

use App\Actions\Clients\DescribeClient;
use App\Http\Resources\Catalogue\FittingResource;
use App\Models\Client;
use App\Support\KeptAnswers;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Matching\ShelfRungs;

/** Which exercises of the catalogue a client can do here: their limits allow it, and the shelf and the room have what it takes. */
final readonly class ShowFitting
{
    public function __construct(
        private Catalogue $catalogue,
        private DescribeClient $describe,
        private ShelfRungs $rungs,
        private KeptAnswers $kept,
    ) {
    }

    public function handle(Client $client): FittingResource
    {
        $situation = $this->describe->plainSituation($client);
        /** @var list<string> $fitting */
        $fitting = $this->kept->of('fitting', $situation, fn (): array => array_values(array_map(
            static fn (Exercise $exercise): string => $exercise->id,
            array_filter(
                $this->catalogue->exercises,
                fn (Exercise $exercise): bool => $this->rungs->isAnyUsable($exercise, $situation),
            ),
        )), $client->id);

        return new FittingResource($client->id, $client->name, $fitting);
    }
}
