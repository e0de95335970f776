<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading\Internal;

use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Reading\Doubt;
use NimbleShelf\Core\Reading\NotedItem;
use NimbleShelf\Core\Reading\Said;

/**
 * One line as it was read, before it is known which lines belong together.
 *
 * @internal
 */
final readonly class ReadLine
{
    /**
     * @param  string  $label  "A" of "A1" and of "A:"; empty for none.
     * @param  bool  $isNumbered  True for "A1", where "A:" stands for the whole block.
     * @param  bool  $isHead  True where nothing but what is said of the lines below stands in it.
     * @param  list<NotedItem>  $items
     * @param  list<Doubt>  $doubts
     * @param  list<string>  $left
     * @param  bool  $isList  True where its exercises are listed with commas.
     * @param  int  $from  Where it begins in the note, in characters.
     */
    public function __construct(
        public string $text,
        public string $label,
        public bool $isNumbered,
        public bool $isHead,
        public ?BlockKind $kind,
        public string $title,
        public Said $all,
        public array $items,
        public array $doubts,
        public array $left,
        public bool $isList,
        public int $from = 0,
    ) {
    }
}
