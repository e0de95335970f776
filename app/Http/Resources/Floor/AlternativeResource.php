<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Http\Resources\Resource;

/** Another way of doing an exercise of a session, ready to be taken without asking anybody. */
final readonly class AlternativeResource extends Resource
{
    /**
     * @param  string  $key  Names it on this device.
     * @param  string  $way  `own`, `easier`, `harder` or `swap`.
     * @param  list<string>  $reasons
     * @param  list<string>  $lost
     * @param  array<string, mixed>  $instead  What taking it says back.
     * @param  ItemResource  $item  As it would be shown.
     * @param  list<StepResource>  $steps  Its work and what is announced before it, set by set.
     * @param  list<string>  $loads  Parts of the body, by their ids, that it would not spare.
     */
    public function __construct(
        public string $key,
        public string $way,
        public array $reasons,
        public array $lost,
        public array $instead,
        public ItemResource $item,
        public array $steps,
        public array $loads,
    ) {
    }
}
