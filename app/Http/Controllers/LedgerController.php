<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Ledger\ShowLedger;
use App\Http\Resources\Ledger\LedgerResource;
use App\Models\Client;

final class LedgerController extends Controller
{
    public function __invoke(Client $client, ShowLedger $buildLedger): LedgerResource
    {
        return $buildLedger->handle($client);
    }
}
