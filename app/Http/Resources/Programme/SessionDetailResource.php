<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;
use App\Http\Resources\Shared\SheetRowResource;

/** A planned session looked at closely: what to lay out, what is left of it in less time, how it goes minute by minute. */
final readonly class SessionDetailResource extends Resource
{
    /**
     * @param  list<string>  $layOut
     * @param  list<SheetRowResource>  $rows
     * @param  list<ShorterSelfResource>  $shorter
     * @param  int  $workMinutes  Of work alone.
     * @param  int  $restMinutes  Of rest.
     * @param  int  $changeMinutes  Of setting up and changing beyond what fits into the rest.
     */
    public function __construct(
        public int $weekday,
        public array $layOut,
        public array $rows,
        public array $shorter,
        public int $workMinutes,
        public int $restMinutes,
        public int $changeMinutes,
    ) {
    }
}
