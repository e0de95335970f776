<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SwapDesk\ChooseSwap;
use App\Actions\SwapDesk\MoveSwap;
use App\Actions\SwapDesk\ShowSwaps;
use App\Http\Requests\SwapDesk\MoveSwapRequest;
use App\Http\Resources\SwapDesk\LiveSwapResource;
use App\Http\Resources\SwapDesk\SwapsResource;
use App\Models\Item;
use Illuminate\Validation\ValidationException;

final class LiveSwapController extends Controller
{
    public function show(MoveSwapRequest $request, Item $item, MoveSwap $move): LiveSwapResource
    {
        return $move->handle($item, $request->string('exercise')->toString(), $request->offered(), $request->moved());
    }

    public function store(MoveSwapRequest $request, Item $item, MoveSwap $move, ChooseSwap $choose, ShowSwaps $showSwaps): SwapsResource
    {
        $candidate = $move->candidate($item, $request->string('exercise')->toString(), $request->offered(), $request->moved());
        if (is_string($candidate)) {
            throw ValidationException::withMessages(['moved' => $candidate]);
        }

        return $showSwaps->handle($choose->put($item, $candidate, $request->scope()));
    }
}
