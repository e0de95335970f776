<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Editing;

/** A change that would answer a check. */
final readonly class Mend
{
    /** @param  string  $words  What a button says: "Cut it to 45 minutes". */
    public function __construct(public string $words, public Edit $edit)
    {
    }
}
