<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Exception\InvalidQuantity;

/** Slots that are done together, in the shape of their kind. */
final readonly class Block
{
    /** @param  list<Slot>  $slots  In order. */
    private function __construct(public BlockKind $kind, public string $name, public BlockRule $rule, public array $slots)
    {
    }

    public function withName(string $name): self
    {
        return new self($this->kind, $name, $this->rule, $this->slots);
    }

    /**
     * @param  list<Slot>  $slots
     *
     * @throws InvalidQuantity If the kind does not go with so many slots or with what they ask for.
     */
    public static function of(BlockKind $kind, string $name, BlockRule $rule, array $slots): self
    {
        [$fewest, $most] = $kind->slots();
        if (count($slots) < $fewest || count($slots) > $most) {
            throw InvalidQuantity::because(
                'items',
                sprintf('A %s has %d to %d exercises; this one has %d.', $kind->label(), $fewest, $most, count($slots)),
            );
        }
        if ($kind === BlockKind::Menu && $rule->pick > count($slots)) {
            throw InvalidQuantity::because('pick', sprintf('%d cannot be picked out of %d.', $rule->pick, count($slots)));
        }
        foreach ($slots as $i => $slot) {
            $dose = $slot->assignment->dose;
            if ($kind === BlockKind::Hold && ! $dose->isTimed()) {
                throw InvalidQuantity::because("items.{$i}.reps", "{$slot->exercise->name} in a hold needs seconds, or as long as clean.");
            }
            if ($kind === BlockKind::Ladder && $dose->isTimed() && $dose->asLongAsClean) {
                throw InvalidQuantity::because("items.{$i}.seconds", 'A ladder counts down; "as long as clean" has no count.');
            }
        }

        // "3 rounds" of one set each are three sets of each, and so is a ladder of three doses.
        $rounds = $kind === BlockKind::Ladder ? count($rule->doses) : $rule->rounds;
        if ($kind->goesRound() && $rounds !== null) {
            $slots = array_map(
                static fn (Slot $slot): Slot => $kind === BlockKind::Ladder || $slot->assignment->sets === 1
                    ? $slot->withSets($rounds)
                    : $slot,
                $slots,
            );
        }

        return new self($kind, $name, $rule, $slots);
    }

    /**
     * A block as it stands on a day, with slots taken out or changed: what is left is done, whatever is missing.
     *
     * @param  list<Slot>  $slots
     */
    public static function asItStands(BlockKind $kind, string $name, BlockRule $rule, array $slots): self
    {
        return new self($kind, $name, $rule, $slots);
    }

    /** @param  list<Slot>  $slots */
    public function withSlots(array $slots): self
    {
        return new self($this->kind, $this->name, $this->rule, $slots);
    }

    /** How many rounds are done: what the rule says, and no more than the slot with most sets has. */
    public function rounds(): int
    {
        $most = max([1, ...array_map(static fn (Slot $slot): int => $slot->assignment->sets, $this->slots)]);

        return min($most, $this->kind === BlockKind::Ladder ? count($this->rule->doses) : $this->rule->rounds ?? $most);
    }
}
