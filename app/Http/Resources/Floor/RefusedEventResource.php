<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Http\Resources\Resource;

/** An event that was not kept, and why. */
final readonly class RefusedEventResource extends Resource
{
    /** @param  string  $field  What of it is wrong; `lock` where a health answer stands in the way. */
    public function __construct(public string $key, public string $field, public string $message)
    {
    }
}
