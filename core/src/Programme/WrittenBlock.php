<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Reading\Doubt;
use NimbleShelf\Core\Reading\Said;

/** One line, or several, read as a block. */
final readonly class WrittenBlock
{
    /**
     * @param  string  $form  Its kind in the planner's words; `every-minute` and `as-many-rounds` are read and not yet planned.
     * @param  Said  $all  What is said of all of its exercises.
     * @param  BlockRule  $rule  Its numbers as they were read.
     * @param  list<WrittenSlot>  $slots
     * @param  Block|null  $block  Null where nothing of it can be done here.
     * @param  list<Doubt>  $doubts  Words that are asked about.
     * @param  list<string>  $refused  What is understood and cannot be done so, in sentences.
     * @param  list<string>  $left  Words that were left alone.
     */
    public function __construct(
        public string $text,
        public BlockKind $kind,
        public string $form,
        public Said $all,
        public BlockRule $rule,
        public array $slots,
        public ?Block $block,
        public array $doubts,
        public array $refused,
        public array $left,
    ) {
    }

    /** True where nothing is asked and nothing stands in its way. */
    public function isClear(): bool
    {
        return $this->block !== null && $this->doubts === []
            && array_filter($this->slots, static fn (WrittenSlot $slot): bool => $slot->slot === null) === [];
    }

    public function named(string $name): self
    {
        return new self(
            $this->text,
            $this->kind,
            $this->form,
            $this->all,
            $this->rule,
            $this->slots,
            $this->block?->withName($name),
            $this->doubts,
            $this->refused,
            $this->left,
        );
    }
}
