<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChooseSwap;
use App\Actions\ShowSwaps;
use App\Http\Requests\StoreItemSwapRequest;
use App\Http\Resources\SwapsResource;
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
        if ($request->string('scope')->toString() === 'programme') {
            $chooseSwap->fromHereOn($item, $key);
        } else {
            $chooseSwap->handle($item, $key);
        }
        if ($request->string('scope')->toString() === 'set') {
            $chooseSwap->forOneSet($item);
        }

        return $showSwaps->handle($item);
    }

    public function destroy(Request $request, Item $item, ChooseSwap $chooseSwap, ShowSwaps $showSwaps): SwapsResource
    {
        return $showSwaps->handle($request->query('scope') === 'programme' ? $chooseSwap->undoFromHereOn($item) : $chooseSwap->undo($item));
    }
}
