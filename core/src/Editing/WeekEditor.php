<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Editing;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\FrameFinder;
use NimbleShelf\Core\Programme\OptionFinder;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\PlanOption;
use NimbleShelf\Core\Programme\SessionReader;

/** Changes a planned week by hand, one thing at a time. */
final readonly class WeekEditor
{
    private function __construct(private SlotEditor $slots, private BlockEditor $blocks, private SessionEditor $sessions)
    {
    }

    public static function of(Catalogue $catalogue, ResistanceModel $model): self
    {
        $rungs = ShelfRungs::of($model);
        $finder = new OptionFinder($catalogue, $model, $rungs);

        return new self(
            new SlotEditor($catalogue, $finder, $rungs),
            new BlockEditor,
            new SessionEditor(new FrameFinder($catalogue, $rungs), new SessionReader($catalogue, $rungs, $finder)),
        );
    }

    /**
     * @throws InvalidQuantity If it cannot be done so, naming the field; nothing is changed then.
     */
    public function apply(PlannedWeek $week, Edit $edit, Brief $brief): EditedWeek
    {
        $hand = WeekInHand::of($week);

        return match ($edit->kind) {
            EditKind::Add => $this->slots->added($hand, $edit, $brief),
            EditKind::Forward => $this->slots->reckonedAnew($hand, $edit),
            EditKind::Hold => $this->slots->held($hand, $edit),
            EditKind::Fill => $this->slots->filled($hand, $edit, $brief),
            EditKind::Remove => $this->slots->removed($hand, $edit),
            EditKind::Move => $this->slots->moved($hand, $edit),
            EditKind::Shift => $this->slots->shifted($hand, $edit),
            EditKind::Copy => $this->slots->copied($hand, $edit),
            EditKind::Ask => $this->slots->asked($hand, $edit, $brief),
            EditKind::Swap => $this->slots->swapped($hand, $edit, $brief),
            EditKind::Easier, EditKind::Harder => $this->slots->stepped($hand, $edit, $brief),
            EditKind::StandIn => $this->slots->standIn($hand, $edit, $brief),
            EditKind::Group => $this->blocks->grouped($hand, $edit),
            EditKind::Ungroup => $this->blocks->ungrouped($hand, $edit),
            EditKind::Shape => $this->blocks->shapedAs($hand, $edit, $brief),
            EditKind::Write => $this->sessions->written($hand, $edit, $brief),
            EditKind::Order => $this->sessions->ordered($hand, $edit, $brief),
            EditKind::Shorter => $this->sessions->shorter($hand, $edit, $brief),
            EditKind::Frame => $this->sessions->framed($hand, $edit, $brief),
            EditKind::Rename => $this->sessions->renamed($hand, $edit),
            EditKind::Day => $this->sessions->onAnotherDay($hand, $edit),
            EditKind::Visit => $this->sessions->givenMinutes($hand, $edit),
            EditKind::CopySession => $this->sessions->copied($hand, $edit),
            EditKind::RemoveSession => $this->sessions->removed($hand, $edit),
            EditKind::AddSession => $this->sessions->added($hand, $edit),
            EditKind::Together => $this->together($week, $edit, $brief),
        };
    }

    /** What a step easier or harder would be; null where the shelf has none. */
    public function next(Slot $slot, bool $isHarder, Brief $brief): ?PlanOption
    {
        return $this->slots->next($slot, $isHarder, $brief);
    }

    /**
     * The best the shelf has in a slot's place.
     *
     * @param  list<string>  $taken  Exercises that stand in the session already.
     */
    public function bestFor(Slot $slot, array $taken, Brief $brief): ?PlanOption
    {
        return $this->slots->bestFor($slot, $taken, $brief);
    }

    /** Several changes as one: all of them, or none. */
    private function together(PlannedWeek $week, Edit $edit, Brief $brief): EditedWeek
    {
        $words = $anew = $from = [];
        foreach ($edit->edits as $i => $one) {
            $edited = InvalidQuantity::under("edits.{$i}", fn (): EditedWeek => $this->apply($week, $one, $brief));
            $week = $edited->week;
            $words[] = $edited->words;
            $anew = [...$anew, ...$edited->anew];
            $from = $edited->from + $from;
        }
        $words = array_values(array_filter($words, static fn (string $said): bool => $said !== ''));

        return new EditedWeek($week, implode('; ', $words), array_values(array_unique($anew)), $from);
    }
}
