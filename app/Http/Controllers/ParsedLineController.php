<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Shelf\ShowParsedLine;
use App\Http\Requests\Shelf\ReadShelfLineRequest;
use App\Http\Resources\Shelf\ParsedLineResource;
use App\Models\Client;

final class ParsedLineController extends Controller
{
    public function show(ReadShelfLineRequest $request, Client $client, ShowParsedLine $show): ParsedLineResource
    {
        return $show->handle($request->line());
    }
}
