<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Shelf\LendShelfItem;
use App\Http\Requests\Shelf\CopyShelfItemRequest;
use App\Models\Client;
use App\Models\ShelfItem;
use Illuminate\Http\Response;

/** Lends a thing to another client of the same trainer, and gives it back. */
final class LendShelfItemController extends Controller
{
    public function __construct(private readonly LendShelfItem $lend)
    {
    }

    public function store(CopyShelfItemRequest $request, Client $client, ShelfItem $shelfItem): Response
    {
        $this->lend->lend($shelfItem, $request->target());

        return response()->noContent();
    }

    public function destroy(ShelfItem $shelfItem): Response
    {
        $this->lend->giveBack($shelfItem);

        return response()->noContent();
    }
}
