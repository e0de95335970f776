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

    /**
     * All of them as one change.
     *
     * @param  list<self>  $mends  One at least.
     */
    public static function together(array $mends): Edit
    {
        return Edit::fromArray([
            'kind' => 'together',
            'edits' => array_map(static fn (self $mend): array => $mend->edit->toArray(), $mends),
        ]);
    }
}
