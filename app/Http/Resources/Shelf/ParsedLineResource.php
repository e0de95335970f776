<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\Resource;

/** A typed line as far as it was understood. */
final readonly class ParsedLineResource extends Resource
{
    /**
     * @param  array<string, string>  $fields  What the form's fields are filled with.
     * @param  list<UnderstoodResource>  $understood
     * @param  list<string>  $unknown  Words that were not understood.
     * @param  array<string, string>  $missing  What is still needed, by the field that asks.
     * @param  list<string>  $assumed
     * @param  string|null  $refused  Why it is put on no shelf; null where it may be.
     */
    public function __construct(
        public string $line,
        public ?string $kind,
        public string $name,
        public int $count,
        public array $fields,
        public array $understood,
        public array $unknown,
        public array $missing,
        public array $assumed,
        public ?string $refused,
    ) {
    }
}
