<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Models\Block;
use App\Models\Item;
use App\Models\TrainingSession;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Exception\CoreException;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Planning\Block as CoreBlock;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\LeadingSides;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Timeline;

/** A day's session as the core plays it; each item is a thread of its own. */
final readonly class DayPlan
{
    public function __construct(private ShelfRungs $rungs, private Catalogue $catalogue)
    {
    }

    /** @return array<int, Rung|null> By item: the rung of the shelf it is done on; null where the shelf has none. */
    public function rungs(TrainingSession $session, Situation $situation): array
    {
        $rungs = [];
        foreach ($session->items() as $item) {
            $now = $item->now();
            $rungs[$item->id] = $this->rungs->rungFor(
                $this->catalogue->exercise($now->exercise),
                $now->setting,
                $situation,
                (string) $now->words,
            );
        }

        return $rungs;
    }

    /**
     * @param  array<int, Rung|null>  $rungs  By item.
     * @param  array<int, int>  $sets  By item: how many are asked about; by default as many as there are, none where it is left out.
     */
    public function of(TrainingSession $session, array $rungs, array $sets = []): SessionPlan
    {
        $blocks = [];
        foreach ($session->blocks as $block) {
            $slots = [];
            foreach ($block->items as $item) {
                /** @var Item $item */
                $wanted = $sets[$item->id] ?? ($item->left_out === null ? $item->chosen->sets : 0);
                if ($wanted > 0) {
                    $now = $item->now();
                    $slots[] = new Slot(
                        (string) $item->id,
                        $this->catalogue->exercise($now->exercise),
                        $now->withSets($wanted),
                        $rungs[$item->id]->things ?? [],
                    );
                }
            }
            if ($slots !== []) {
                $blocks[] = CoreBlock::asItStands($block->kind, $block->name, $this->rule($block), $slots);
            }
        }

        return new SessionPlan($session->name, $blocks);
    }

    /**
     * As it is played by this client.
     *
     * @param  bool  $everyPick  True for all that a menu offers.
     */
    public function timeline(
        SessionPlan $plan,
        Situation $situation,
        bool $everyPick = false,
        ?LeadingSides $leading = null,
    ): Timeline {
        return Timeline::of(
            $plan,
            $situation->client->isSlowOnFeet(),
            leading: $leading,
            resting: $situation->client->resting(),
            everyPick: $everyPick,
        );
    }

    /** What was planned, with the rounds that were added on the day. One that no longer reads is as good as none. */
    public function rule(Block $block): BlockRule
    {
        try {
            $more = $block->items->map(static fn (Item $item): int => $item->chosen->sets - $item->prescribed->sets)->max();

            return BlockRule::fromArray($block->kind, $block->rule)->withMoreRounds((int) $more);
        } catch (CoreException) {
            return BlockRule::plain();
        }
    }
}
