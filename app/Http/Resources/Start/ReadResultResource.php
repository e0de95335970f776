<?php

declare(strict_types=1);

namespace App\Http\Resources\Start;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Programme\ToldResult;

/** How a typed result would be understood. */
final readonly class ReadResultResource extends Resource
{
    public function __construct(public string $exercise, public string $words, public string $result)
    {
    }

    public static function of(ToldResult $told): self
    {
        return new self($told->exercise->name, $told->words, $told->inWords());
    }
}
