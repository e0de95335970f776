<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Planning\Internal\ChangeOver;
use NimbleShelf\Core\Planning\Internal\Turn;
use NimbleShelf\Core\Planning\Internal\Turns;

/**
 * A session as it is played: every set, side, rest and change in order, with its seconds.
 *
 * Everything is laid out before the clock starts, so the first use of a thing costs its exercise's set-up and no more.
 * Changes run inside the rest; what exceeds it is added. After the last set of the session there is no rest.
 */
final readonly class Timeline
{
    /**
     * @param  list<Step>  $steps
     * @param  int  $positionChanges  How often somebody gets down to the floor or up from it.
     * @param  list<KitConflict>  $conflicts
     */
    private function __construct(public array $steps, public int $positionChanges, public array $conflicts)
    {
    }

    /**
     * @param  bool  $slowOnFeet  True where getting down and up takes longer: older, or unsure of balance.
     * @param  LeadingSides|null  $leading  Which side begins; null where nothing is known of them.
     * @param  RestingLimbs|null  $resting  Null where none rests.
     * @param  bool  $everyPick  True for all that a menu offers; otherwise the first ones stand for what will be picked.
     */
    public static function of(
        SessionPlan $plan,
        bool $slowOnFeet = false,
        ?LeadingSides $leading = null,
        ?RestingLimbs $resting = null,
        bool $everyPick = false,
    ): self {
        $steps = $conflicts = $inHand = $lastUse = $lastUser = [];
        $restSeconds = 0.0;
        $before = null;
        $isOnFloor = false;
        $positionChanges = 0;
        foreach ($plan->blocks as $block) {
            $isFirst = true;
            foreach (Turns::of($block, $leading ?? LeadingSides::unknown(), $resting ?? RestingLimbs::none(), $everyPick) as $turn) {
                $slot = $turn->slot;
                $change = ChangeOver::to($slot, $before, $inHand, $lastUse, $isOnFloor, $slowOnFeet);
                $positionChanges += $change->changesPosition ? 1 : 0;
                foreach (ThingInUse::allOf($slot) as $use) {
                    if ($before !== null && ! $isFirst && $block->kind->goesRound() && isset($change->anew[$use->id])) {
                        // Whoever had it last, which is not always whoever went before.
                        $user = $lastUser[$use->id] ?? $before;
                        $conflicts["{$use->id}/{$user->thread}/{$slot->thread}"] = new KitConflict(
                            $use,
                            $user,
                            $slot,
                            $change->seconds,
                            $restSeconds,
                        );
                    }
                    $lastUse[$use->id] = $use;
                    $lastUser[$use->id] = $slot;
                }
                $steps = [...$steps, ...self::between($turn, $before, $change, $restSeconds), ...self::workOf($turn)];
                [$restSeconds, $inHand, $before, $isOnFloor, $isFirst] = [
                    $turn->restSeconds,
                    ThingInUse::allOf($slot),
                    $slot,
                    $change->toTheFloor,
                    false,
                ];
            }
        }

        return new self($steps, $positionChanges, array_values($conflicts));
    }

    public function seconds(): float
    {
        return (float) array_sum(array_map(static fn (Step $step): float => $step->seconds, $this->steps));
    }

    /**
     * Seconds it is likely to take.
     *
     * @param  float  $paceFactor  How rest and changes of this client have compared with what was promised; 1 where nothing is logged.
     */
    public function likelySeconds(float $paceFactor = 1.0): float
    {
        return (float) array_sum(array_map(
            static fn (Step $step): float => $step->kind === StepKind::Work ? $step->seconds : $paceFactor * $step->seconds,
            $this->steps,
        ));
    }

    /** @return list<Step> The rest, then the change inside it or beyond it, then what is announced. */
    private static function between(Turn $turn, ?Slot $before, ChangeOver $change, float $restSeconds): array
    {
        $steps = [];
        $slot = $turn->slot;
        $left = $restSeconds - $change->seconds;
        if ($left > 0) {
            $next = $before !== null && $before->thread === $slot->thread ? 'the same again' : $slot->exercise->name;
            $steps[] = new Step(StepKind::Rest, $left, "Rest; next: {$next}");
        }
        if (! $change->isNothing()) {
            $steps[] = new Step(
                StepKind::Change,
                $change->seconds,
                $change->inWords($slot),
                $slot,
                pickUp: $change->pickUp,
                putDown: $change->putDown,
            );
        }
        if ($turn->announce !== '') {
            $steps[] = new Step(StepKind::Announce, 0.0, $turn->announce, $slot, round: $turn->round);
        }

        return $steps;
    }

    /** @return list<Step> */
    private static function workOf(Turn $turn): array
    {
        $steps = [];
        foreach ($turn->parts as $part) {
            if ($part->announce !== '') {
                $steps[] = new Step(StepKind::Announce, 0.0, $part->announce, $turn->slot, round: $turn->round);
            }
            $side = $part->side === null ? '' : ", {$part->side}";
            $steps[] = new Step(
                kind: StepKind::Work,
                seconds: $part->seconds,
                words: "{$turn->slot->exercise->name}{$side}: {$part->words}",
                slot: $turn->slot,
                side: $part->side,
                round: $turn->round,
                dose: $part->dose,
                unit: $part->unit,
                endsSet: $part->endsSet,
                counting: $part->counting,
            );
        }

        return $steps;
    }
}
