<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;

/** One line, or several, read as a block. */
final readonly class WrittenBlock
{
    /**
     * @param  list<WrittenSlot>  $slots
     * @param  Block|null  $block  Null where nothing of it could be read.
     * @param  list<string>  $unknown  Words that were not understood.
     */
    public function __construct(
        public string $text,
        public BlockKind $kind,
        public array $slots,
        public ?Block $block,
        public array $unknown,
    ) {
    }
}
