<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

/** The blocks of one session, in order. */
final readonly class SessionPlan
{
    /** @param  list<Block>  $blocks */
    public function __construct(public string $name, public array $blocks)
    {
    }

    /** @return list<Slot> Of all blocks, in order. */
    public function slots(): array
    {
        return array_merge(...[[], ...array_map(static fn (Block $block): array => $block->slots, $this->blocks)]);
    }

    /** The same with another slot in the place of the one of its thread. */
    public function withSlot(Slot $slot): self
    {
        $put = static fn (Slot $one): Slot => $one->thread === $slot->thread ? $slot : $one;

        return new self($this->name, array_map(
            static fn (Block $block): Block => $block->withSlots(array_map($put, $block->slots)),
            $this->blocks,
        ));
    }

    /**
     * The same with other numbers of sets; a slot of none goes, and with the last one its block.
     *
     * @param  array<string, int>  $sets  By thread; what is not named stays.
     */
    public function withSets(array $sets): self
    {
        $blocks = [];
        foreach ($this->blocks as $block) {
            $slots = [];
            foreach ($block->slots as $slot) {
                $wanted = $sets[$slot->thread] ?? $slot->assignment->sets;
                if ($wanted > 0) {
                    $slots[] = $wanted === $slot->assignment->sets ? $slot : $slot->withSets($wanted);
                }
            }
            if ($slots !== []) {
                $blocks[] = $block->withSlots($slots);
            }
        }

        return new self($this->name, $blocks);
    }
}
