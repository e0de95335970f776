<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Health;

use NimbleShelf\Core\Matching\Limit;

/** What a set of health answers leads to. */
final readonly class Assessment
{
    /**
     * @param  list<array{limit: Limit, why: string, question: string}>  $limits
     * @param  list<array{question: string, why: string}>  $locks  Until a clearance covers them.
     * @param  list<string>  $notes  What is left for the trainer to decide.
     */
    public function __construct(public array $limits, public array $locks, public array $notes)
    {
    }

    public function isLocked(): bool
    {
        return $this->locks !== [];
    }
}
