<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SwapDesk\ChooseSwap;
use App\Actions\SwapDesk\ShowSwaps;
use App\Enums\SwapScope;
use App\Http\Requests\SwapDesk\StoreItemSwapRequest;
use App\Http\Resources\SwapDesk\SwapsResource;
use App\Models\Item;
use Illuminate\Http\Request;

final class ItemSwapController extends Controller
{
    public function index(Item $item, ShowSwaps $showSwaps): SwapsResource
    {
        return $showSwaps->handle($item);
    }

    public function store(StoreItemSwapRequest $request, Item $item, ChooseSwap $chooseSwap, ShowSwaps $showSwaps): SwapsResource
    {
        $key = $request->string('key')->toString();
        match ($request->scope()) {
            SwapScope::Programme => $chooseSwap->fromHereOn($item, $key),
            default => $chooseSwap->handle($item, $key, $request->scope()),
        };

        return $showSwaps->handle($item);
    }

    public function destroy(Request $request, Item $item, ChooseSwap $chooseSwap, ShowSwaps $showSwaps): SwapsResource
    {
        return $showSwaps->handle($request->query('scope') === 'programme' ? $chooseSwap->undoFromHereOn($item) : $chooseSwap->undo($item));
    }
}
