<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Reading\NotedBlock;
use NimbleShelf\Core\Reading\NotedDay;
use NimbleShelf\Core\Reading\NotedItem;
use NimbleShelf\Core\Reading\NoteReader;
use NimbleShelf\Core\Reading\Said;

/** Makes blocks of this client's shelf out of a session as trainers scribble it. */
final class SessionReader
{
    /** What one loosening or stretch lasts says nothing of the next. */
    private const OF_ALL_IN_A_FRAME = ['rounds', 'perSide'];

    private readonly NoteReader $notes;

    private readonly SlotWriter $slots;

    public function __construct(Catalogue $catalogue, ShelfRungs $rungs, OptionFinder $finder)
    {
        $this->notes = new NoteReader($catalogue);
        $this->slots = new SlotWriter($rungs, $finder);
    }

    /** @return list<WrittenBlock> Of all days there are. */
    public function read(string $text, Brief $brief): array
    {
        return array_merge(...[[], ...array_map(static fn (WrittenDay $day): array => $day->blocks, $this->days($text, $brief))]);
    }

    /** @return list<WrittenDay> One without a name where none is named. */
    public function days(string $text, Brief $brief): array
    {
        $number = 0;

        return array_map(function (NotedDay $day) use (&$number, $brief): WrittenDay {
            $blocks = [];
            foreach ($day->blocks as $noted) {
                $blocks[] = $this->block($noted, ++$number, $brief);
            }

            return new WrittenDay($day->weekday, $day->name, self::numbered($blocks));
        }, $this->notes->read($text)->days);
    }

    private function block(NotedBlock $noted, int $number, Brief $brief): WrittenBlock
    {
        $refused = [];
        $all = $noted->all;
        $why = $brief->whyNotToFailure();
        $ends = static fn (Said $said): bool => $said->says('toFailure') || $said->says('lastToFailure') || $said->says('isMax');
        $isRuledOut = $why !== null && array_filter([$all, ...array_map(
            static fn (NotedItem $item): Said => $item->said,
            $noted->items,
        )], $ends) !== [];
        if ($isRuledOut) {
            $refused[] = "To failure: not here. {$why}";
            $all = $all->without('toFailure', 'lastToFailure', 'isMax');
        }
        $kind = self::kindOf($noted, $all);
        $isFrame = $kind->isFrame();
        $slots = [];
        foreach ($noted->items as $i => $item) {
            $own = $isRuledOut ? $item->said->without('toFailure', 'lastToFailure', 'isMax') : $item->said;
            $said = $isFrame ? $own->over($all->only(...self::OF_ALL_IN_A_FRAME)) : $own->over($all);
            $slots[] = $this->slots->slot($item, "{$number}.".($i + 1), $kind, $said, $brief);
        }
        $made = array_values(array_filter(array_map(static fn (WrittenSlot $slot): ?Slot => $slot->slot, $slots)));
        $form = self::form($all);
        $rule = BlockRule::plain();
        $block = null;
        try {
            $kind = $made === [] ? $kind : self::kindFor($kind, count($made), $all->says('rounds'));
            $rule = self::rule($kind, $all, $noted->items === [] ? Said::nothing() : $noted->items[0]->said);
            if ($made !== [] && $form === null) {
                $block = Block::of($kind, $kind === BlockKind::Straight ? 'Work' : ucfirst($kind->label()), $rule, $made);
            }
        } catch (InvalidQuantity $why) {
            $refused[] = $why->getMessage();
        }
        if ($form !== null) {
            $refused[] = self::notYet($all);
        }

        return new WrittenBlock(
            text: $noted->text,
            kind: $kind,
            form: $form ?? $kind->value,
            all: $all,
            rule: $rule,
            slots: $slots,
            block: $block,
            doubts: $noted->doubts,
            refused: $refused,
            left: $noted->left,
        );
    }

    /** What shape a line has where it is not named: by what is said of it. */
    private static function kindOf(NotedBlock $noted, Said $all): BlockKind
    {
        $count = count($noted->items);
        $only = $count === 1 ? $noted->items[0]->said->over($all) : $all;
        $doses = $only->doses ?? [];
        $kind = $noted->kind ?? match (true) {
            $only->phases !== null => BlockKind::TwoPhase,
            $only->work !== null => BlockKind::Intervals,
            // Three sets of five are no ladder.
            count(array_unique($doses)) > 1 => BlockKind::Ladder,
            $only->isClean === true && $count === 1 && ($only->sets ?? 1) === 1 => BlockKind::Hold,
            $noted->isList => BlockKind::Straight,
            default => null,
        };
        if ($kind === BlockKind::Circuit && $all->work !== null) {
            $kind = BlockKind::Intervals;
        }
        if ($kind === BlockKind::Straight) {
            return $kind;
        }

        return self::kindFor($kind, $count, $all->says('rounds'));
    }

    /** Two or three done in turn are a superset, more with rounds a circuit; one alone is straight sets. */
    private static function kindFor(?BlockKind $kind, int $count, bool $hasRounds): BlockKind
    {
        [$fewest, $most] = $kind?->slots() ?? [1, 1];

        return match (true) {
            $kind !== null && $count >= $fewest && $count <= $most => $kind,
            $count <= 1 => BlockKind::Straight,
            $count <= 3 => BlockKind::Superset,
            $count <= 10 && ($hasRounds || $kind === BlockKind::Superset || $kind === BlockKind::Section) => BlockKind::Circuit,
            default => BlockKind::Straight,
        };
    }

    /** What goes by a clock of its own; null for all others. */
    private static function form(Said $all): ?string
    {
        return match (true) {
            $all->period !== null => 'every-minute',
            $all->clock !== null => 'as-many-rounds',
            default => null,
        };
    }

    private static function notYet(Said $all): string
    {
        if ($all->period === null) {
            $minutes = intdiv($all->clock ?? 0, 60);

            return "As many rounds as clean in {$minutes} min is read, and cannot be planned yet. Say how many rounds.";
        }

        return sprintf(
            'A set every %s is read, and cannot be planned yet. Say how many sets, and how long the rest is.',
            $all->period === 60 ? 'minute' : "{$all->period} s",
        );
    }

    /**
     * Blocks of one kind are told apart by their number among them; one alone needs none.
     *
     * @param  list<WrittenBlock>  $written
     * @return list<WrittenBlock>
     */
    private static function numbered(array $written): array
    {
        $ofKind = array_count_values(array_map(static fn (WrittenBlock $one): string => $one->kind->value, $written));
        $seen = [];

        return array_map(static function (WrittenBlock $one) use ($ofKind, &$seen): WrittenBlock {
            $kind = $one->kind->value;
            $seen[$kind] = ($seen[$kind] ?? 0) + 1;

            return $one->block === null || $one->kind === BlockKind::Straight || $ofKind[$kind] === 1
                ? $one
                : $one->named("{$one->block->name} {$seen[$kind]}");
        }, $written);
    }

    /**
     * @param  Said  $first  What the first exercise says by itself.
     *
     * @throws InvalidQuantity
     */
    private static function rule(BlockKind $kind, Said $all, Said $first): BlockRule
    {
        $said = $first->over($all);
        $rounds = [
            'rounds' => $all->rounds,
            'rest_s' => $all->gap,
            'round_rest_s' => $all->roundRest ?? $all->rest,
        ];

        return BlockRule::fromArray($kind, array_filter(match ($kind) {
            BlockKind::Intervals => [
                'work_s' => $said->work ?? 40,
                'rest_s' => $said->between ?? 20,
                'rounds' => $said->rounds ?? $said->sets ?? 3,
                'round_rest_s' => $all->roundRest,
            ],
            BlockKind::Ladder => ['doses' => $said->doses ?? [], 'rest_s' => $all->gap, 'round_rest_s' => $all->roundRest ?? $all->rest],
            BlockKind::TwoPhase => ['phases' => $said->phases === null ? [] : [
                ['sides' => Sides::Alternating->value, 'seconds' => $said->phases[0]],
                ['sides' => Sides::Both->value, 'seconds' => $said->phases[1]],
            ]],
            BlockKind::Circuit, BlockKind::Section, BlockKind::Superset => $rounds,
            BlockKind::Menu => ['pick' => $all->pick],
            default => [],
        }, static fn (mixed $value): bool => $value !== null));
    }
}
