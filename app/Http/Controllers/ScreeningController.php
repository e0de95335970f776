<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Clients\RecordHealth;
use App\Http\Requests\Clients\StoreScreeningRequest;
use App\Http\Resources\Clients\HealthResource;
use App\Models\Client;
use NimbleShelf\Core\Health\Screening;

final class ScreeningController extends Controller
{
    public function store(StoreScreeningRequest $request, Client $client, Screening $screening, RecordHealth $record): HealthResource
    {
        $answers = $request->screening($screening);

        return $record->handle(
            $client,
            $request->trainer(),
            'answered the health questions',
            fn () => $client->screenings()->create($answers),
        );
    }
}
