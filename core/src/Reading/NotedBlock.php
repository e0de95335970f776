<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading;

use NimbleShelf\Core\Planning\BlockKind;

/** A line of a note, or several that belong together, as they were read. */
final readonly class NotedBlock
{
    /**
     * @param  BlockKind|null  $kind  Null where none is said.
     * @param  string  $label  "A" of "A1, A2"; empty for none.
     * @param  Said  $all  What is said of all of its exercises.
     * @param  list<NotedItem>  $items
     * @param  list<Doubt>  $doubts
     * @param  list<string>  $left  Words that were left alone.
     * @param  bool  $isList  True where its exercises stand one after another with sets of their own.
     */
    public function __construct(
        public string $text,
        public ?BlockKind $kind,
        public string $label,
        public string $title,
        public Said $all,
        public array $items,
        public array $doubts,
        public array $left,
        public bool $isList,
    ) {
    }

    /** What an exercise of it is asked for, what is said of all included. */
    public function asked(NotedItem $item): Said
    {
        return $item->said->over($this->all);
    }
}
