<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BuildLedger;
use App\Http\Resources\LedgerResource;
use App\Models\Client;

final class LedgerController extends Controller
{
    public function __invoke(Client $client, BuildLedger $buildLedger): LedgerResource
    {
        return $buildLedger->handle($client);
    }
}
