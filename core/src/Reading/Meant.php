<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading;

use NimbleShelf\Core\Catalogue\Exercise;

/** Which exercise somebody's words mean. */
final readonly class Meant
{
    /**
     * @param  list<Exercise>  $exercises  The one that is meant first; where it is in doubt, those it may be; where nothing is called
     *     so, the nearest.
     * @param  bool  $isSure  False where it has to be asked.
     * @param  string|null  $kit  The kind of thing that was named with it.
     * @param  string  $assumed  What was taken for granted, in words; empty where it was written so.
     */
    public function __construct(
        public array $exercises,
        public bool $isSure,
        public ?string $kit = null,
        public string $assumed = '',
    ) {
    }

    public function exercise(): ?Exercise
    {
        return $this->isSure ? $this->exercises[0] ?? null : null;
    }
}
