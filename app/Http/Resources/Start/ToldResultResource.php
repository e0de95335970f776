<?php

declare(strict_types=1);

namespace App\Http\Resources\Start;

use App\Http\Resources\Resource;

/** What a trainer knew already, as it was typed and as it was understood. */
final readonly class ToldResultResource extends Resource
{
    public function __construct(
        public int $id,
        public string $line,
        public string $exercise,
        public string $words,
        public string $result,
        public string $toldOn,
    ) {
    }
}
