<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** Exercises that are done together, in a week that is being changed. */
final readonly class SheetBlockResource extends Resource
{
    /**
     * @param  string  $label  The kind in words.
     * @param  string  $rule  "3 rounds, 40 s of work"; empty where the exercises say it all.
     * @param  array<string, mixed>  $numbers  The rule as it is sent.
     * @param  list<string>  $shapes  Kinds it could be with so many exercises.
     * @param  list<SheetSlotResource>  $slots
     */
    public function __construct(
        public string $kind,
        public string $label,
        public string $name,
        public string $rule,
        public array $numbers,
        public array $shapes,
        public array $slots,
    ) {
    }
}
