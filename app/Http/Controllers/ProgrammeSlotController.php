<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Programme\ShowSlot;
use App\Http\Resources\Programme\SessionDetailResource;
use App\Http\Resources\Programme\SlotDetailResource;
use App\Models\Programme;

final class ProgrammeSlotController extends Controller
{
    /** A session of the week as a whole. */
    public function index(Programme $programme, int $week, int $weekday, ShowSlot $show): SessionDetailResource
    {
        return $show->session($programme, $week, $weekday);
    }

    public function show(Programme $programme, int $week, int $weekday, string $thread, ShowSlot $show): SlotDetailResource
    {
        return $show->slot($programme, $week, $weekday, $thread);
    }
}
