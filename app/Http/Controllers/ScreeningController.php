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
        $own = $request->ownLimits($screening);

        return $record->handle(
            $client,
            $request->trainer(),
            'answered the health questions',
            function () use ($client, $answers, $own): void {
                $client->screenings()->create($answers);
                $client->update(['limits' => $own]);
            },
        );
    }
}
