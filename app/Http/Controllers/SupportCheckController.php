<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Shelf\CheckSupport;
use App\Http\Requests\Shelf\CheckSupportRequest;
use App\Http\Resources\Shelf\SupportCheckResource;
use App\Models\Client;
use App\Models\ShelfItem;

final class SupportCheckController extends Controller
{
    public function store(CheckSupportRequest $request, Client $client, ShelfItem $shelfItem, CheckSupport $check): SupportCheckResource
    {
        return $check->handle($client, $shelfItem, $request->exercise(), $request->measured());
    }
}
