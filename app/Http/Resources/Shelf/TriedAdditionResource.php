<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\Resource;

/** What came of trying one thing of the usual additions. */
final readonly class TriedAdditionResource extends Resource
{
    /** @param  AdditionResource|null  $gain  Null where it opens nothing. */
    public function __construct(public ?AdditionResource $gain)
    {
    }
}
