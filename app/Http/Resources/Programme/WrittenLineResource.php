<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** One line of a written session, as it was read. */
final readonly class WrittenLineResource extends Resource
{
    /**
     * @param  string  $text  As it was written.
     * @param  string  $kind  The block it became; empty where it became none.
     * @param  list<string>  $unknown  What was not understood.
     * @param  list<WrittenSlotResource>  $slots
     */
    public function __construct(public string $text, public string $kind, public string $rule, public array $unknown, public array $slots)
    {
    }
}
