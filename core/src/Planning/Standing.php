<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

/**
 * What a slot asks for as things stand: what was prescribed, with the changes that are in force laid over it.
 *
 * Nothing is kept but the prescription and the changes, so taking any of them back leaves exactly the others.
 */
final readonly class Standing
{
    /** @param  string|null  $leftOut  Why it is left out; null where it is done. */
    private function __construct(public Assignment $assignment, public ?string $leftOut, public bool $isSwapped)
    {
    }

    /**
     * @param  list<Change>  $changes  In force, the oldest first.
     * @param  int|null  $set  The set that is asked about: a change for one set counts for that one alone. Null for none.
     */
    public static function after(Assignment $prescribed, array $changes, ?int $set = null): self
    {
        $assignment = $prescribed;
        $sets = $prescribed->sets;
        $leftOut = null;
        $isSwapped = false;
        foreach ($changes as $change) {
            if ($change->onlySet !== null && $change->onlySet !== $set) {
                continue;
            }
            $sets = $change->sets ?? $sets;
            if ($change->leftOut !== null) {
                $leftOut = $change->leftOut;
            }
            if ($change->instead !== null) {
                $assignment = $change->instead;
                $isSwapped = true;
                $leftOut = null;
            }
        }

        return new self($assignment->withSets($sets), $leftOut, $isSwapped);
    }
}
