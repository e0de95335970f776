<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Http\Resources\Resource;

/** Two sessions done in turns with one kit. */
final readonly class TogetherResource extends Resource
{
    /**
     * @param  int  $minutes  Until both are through.
     * @param  int  $waitMinutes  In which nobody works.
     * @param  list<string>  $shared  Things that both use.
     * @param  list<string>  $clashes  What has to be set up anew between the two.
     */
    public function __construct(public int $minutes, public int $waitMinutes, public array $shared, public array $clashes)
    {
    }
}
