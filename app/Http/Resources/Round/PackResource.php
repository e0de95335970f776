<?php

declare(strict_types=1);

namespace App\Http\Resources\Round;

use App\Http\Resources\Resource;

/** What two days of visits need where there is no network. */
final readonly class PackResource extends Resource
{
    /**
     * @param  string  $tag  Names it: as long as it is the same, nothing in it has changed.
     * @param  list<PackedAnswerResource>  $answers  Those that the device has not, or not as they are now.
     * @param  bool  $isWhole  False where more is to be asked for.
     */
    public function __construct(public string $tag, public array $answers, public bool $isWhole)
    {
    }
}
