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
     * @param  list<WrittenDoubtResource>  $doubts  What is asked.
     * @param  list<string>  $refused  What is understood and cannot be done so.
     * @param  list<string>  $left  Words that were left alone.
     * @param  list<WrittenSlotResource>  $slots
     */
    public function __construct(
        public string $text,
        public string $kind,
        public string $rule,
        public array $doubts,
        public array $refused,
        public array $left,
        public array $slots,
    ) {
    }
}
