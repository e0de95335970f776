<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\Resource;

/** A thing that is lent to somebody. */
final readonly class LentResource extends Resource
{
    /** @param  string  $to  Who has it. */
    public function __construct(public int $id, public string $name, public int $count, public string $to)
    {
    }
}
