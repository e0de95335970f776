<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Shelf;

/** A line about one thing, as far as it was understood. */
final readonly class ParsedLine
{
    /**
     * @param  string|null  $kind  One of `Thing::KINDS`; null where no word says what it is.
     * @param  array<string, mixed>  $measures  With units in the keys, as a shelf entry has them.
     * @param  list<array{text: string, means: string}>  $understood  Pieces of the line and what they were taken for.
     * @param  list<string>  $unknown  Words that were not understood.
     * @param  list<array{field: string, message: string}>  $missing  What it still needs, with the field that asks.
     * @param  list<string>  $assumed  What was filled in for it.
     * @param  string|null  $damage  What is amiss with it, "cracked": it is out of service until somebody has looked at it.
     * @param  string|null  $refused  Why it is not put on a shelf at all; null where it may be.
     */
    public function __construct(
        public ?string $kind,
        public string $name,
        public int $count,
        public array $measures,
        public array $understood,
        public array $unknown,
        public array $missing,
        public array $assumed,
        public ?string $refused = null,
        public ?string $damage = null,
    ) {
    }

    public function isComplete(): bool
    {
        return $this->kind !== null && $this->missing === [] && $this->refused === null;
    }
}
