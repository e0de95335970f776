<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Matching\Cautions;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\KitConflict;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Text\Plain;

/** Judges a week by what a good one keeps to, each rule with its figure; written by hand or planned, it is the same judge. */
final readonly class WeekChecks
{
    private const HARD_DAY_SETS = 3.0;

    private const BALANCED = [0.67, 1.5];

    /** A visit runs over by so much before it is refused and not only watched. */
    private const A_LITTLE_OVER = 1.1;

    private LighterLift $lighter;

    private EffortFinder $efforts;

    public function __construct(private Catalogue $catalogue, ResistanceModel $model, private ShelfRungs $rungs)
    {
        $this->lighter = new LighterLift($catalogue, $rungs);
        $this->efforts = new EffortFinder($catalogue, $model);
    }

    /**
     * @param  array<string, string>|null  $impossible  Why a pattern group cannot be trained here, by group; null for a week
     *     that was not planned, of which nobody tried whether there is room for more.
     * @return list<Check>
     */
    public function of(PlannedWeek $week, Brief $brief, ?array $impossible = null): array
    {
        $checks = [];
        foreach ($week->days as $day) {
            array_push($checks, ...$this->session($week, $day, $brief));
        }

        return [
            ...$checks,
            ...self::recovery($week),
            ...self::patterns($week, $brief, $impossible),
            $this->balance('balance-push-pull', $week, $brief, Region::Push, Region::Pull),
            $this->balance('balance-thigh', $week, $brief, Region::Front, Region::Back),
            ...self::volume($week, $brief, $this->hardSets($week, $brief), isPlanned: $impossible !== null),
            self::variety($week, $brief),
        ];
    }

    /**
     * @return array<string, float> What the sets of a week count by muscle: main 1, helping a half, each by what it can be
     *     expected to leave.
     */
    public function hardSets(PlannedWeek $week, Brief $brief): array
    {
        return Muscles::hardSets($week->work(), $this->efforts->counting($brief->inWeek($week->number)));
    }

    /** @return list<Check> */
    private function session(PlannedWeek $week, PlannedDay $day, Brief $brief): array
    {
        $timeline = $day->timeline($brief);
        $say = static fn (
            string $id,
            Verdict $verdict,
            string $value,
            string $wanted,
            string $words,
            array $threads = [],
        ): Check => new Check($id, $week->number, $day->day->weekday, $verdict, $value, $wanted, $words, $threads);
        $likely = $timeline->likelySeconds($brief->paceFactor) / 60;
        $unfit = array_values(array_filter($timeline->conflicts, static fn (KitConflict $conflict): bool => ! $conflict->fits()));
        $work = $day->work();
        $broken = SlotOrder::brokenAt($work, $brief->order);
        $promise = SessionName::brokenPromise($day->plan->name, $work);
        $against = $this->against($day, $brief);
        $names = array_column(array_map(
            static fn (Slot $slot): array => [$slot->thread, $slot->exercise->name],
            $day->plan->slots(),
        ), 1, 0);
        $most = $brief->mostPositionChanges();

        return [
            $say(
                'time',
                match (true) {
                    $likely <= $day->day->minutes + 1e-6 => Verdict::Ok,
                    $likely <= self::A_LITTLE_OVER * $day->day->minutes => Verdict::Watch,
                    default => Verdict::No,
                },
                sprintf('%.0f min', ceil($likely)),
                "at most {$day->day->minutes} min",
                $likely <= $day->day->minutes
                    ? sprintf('Likely %.0f of %d minutes.', ceil($likely), $day->day->minutes)
                    : sprintf('Likely %.0f minutes where there are %d: cut it, or give it more.', ceil($likely), $day->day->minutes),
            ),
            $say(
                'order',
                $broken === null ? Verdict::Ok : Verdict::Watch,
                $broken === null ? 'kept' : 'not kept',
                $brief->order->label(),
                $broken === null
                    ? ucfirst($brief->order->label()).'.'
                    : sprintf(
                        '%s stands before %s; the order is %s.',
                        $broken[0]->exercise->name,
                        mb_strtolower($broken[1]->exercise->name),
                        $brief->order->label(),
                    ),
                $broken === null ? [] : [$broken[0]->thread => 'It stands before '.mb_strtolower($broken[1]->exercise->name).'.'],
            ),
            $say(
                'kit',
                $unfit !== [] ? Verdict::No : ($timeline->conflicts !== [] ? Verdict::Watch : Verdict::Ok),
                Plain::count(count($timeline->conflicts), 'change that gets in the way', 'changes that get in the way'),
                'none that outlasts the rest',
                $timeline->conflicts === [] ? 'Nothing is needed in two places.' : ($unfit[0] ?? $timeline->conflicts[0])->inWords(),
                array_combine(
                    array_map(static fn (KitConflict $conflict): string => $conflict->to->thread, $unfit),
                    array_map(static fn (KitConflict $conflict): string => $conflict->inWords(), $unfit),
                ),
            ),
            $say(
                'positions',
                $timeline->positionChanges <= $most ? Verdict::Ok : Verdict::Watch,
                Plain::count($timeline->positionChanges, 'time', 'times'),
                "at most {$most}",
                sprintf('Down to the floor or up from it %s.', Plain::count($timeline->positionChanges, 'time', 'times')),
            ),
            $say(
                'limits',
                $against === [] ? Verdict::Ok : Verdict::No,
                Plain::count(count($against), 'broken rule'),
                'none',
                $against === [] ? 'No limit, room or health rule is broken.' : implode(' ', array_unique(array_map(
                    static fn (string $thread, string $said): string => "{$names[$thread]}: {$said}",
                    array_keys($against),
                    $against,
                ))),
                $against,
            ),
            $this->effort($week, $day, $brief),
            $say(
                'name',
                $promise === null ? Verdict::Ok : Verdict::Watch,
                $day->plan->name,
                'what it holds',
                $promise === null ? 'It holds what it is called.' : "It is called \"{$day->plan->name}\" and holds no {$promise}.",
            ),
            $this->frame($week, $day, $brief),
        ];
    }

    /** @return array<string, string> By thread, what it breaks. */
    private function against(PlannedDay $day, Brief $brief): array
    {
        $said = [];
        foreach ($day->plan->slots() as $slot) {
            $problems = Cautions::against($slot->exercise, $brief->situation);
            if ($problems === []) {
                $problems = $this->rungs->problemsAsWritten($slot->exercise, $slot->assignment->setting, $brief->situation);
            }
            if ($problems !== []) {
                $said[$slot->thread] = implode(' ', array_unique($problems));
            }
        }

        return $said;
    }

    private function effort(PlannedWeek $week, PlannedDay $day, Brief $brief): Check
    {
        [$fewest, $most] = $brief->goal->repetitions();
        $in = $unknown = 0;
        $off = $above = $threads = [];
        $slots = $day->work();
        foreach ($slots as $slot) {
            $before = count($off);
            $assignment = $slot->assignment;
            $count = $assignment->dose->count();
            $capacity = $brief->situation->client->onRecord($slot->exercise->pattern);
            // Without a set on record the first week is light on purpose; only what is more than is likely would be a fault.
            $isFirst = $capacity === null && $count < $fewest;
            $spare = $week->isDeload ? 2 : 0;
            $isAsWanted = $assignment->reserve >= $brief->leastReserve() && $assignment->reserve <= $brief->mostReserve() + $spare;
            if (! $isAsWanted) {
                $off[] = sprintf('%s leaves %d in reserve', $slot->exercise->name, $assignment->reserve);
            } elseif (! $assignment->dose->isTimed() && ! $isFirst && ($count < $fewest || $count > $most)) {
                $off[] = sprintf('%s stands at %s: %s', $slot->exercise->name, Plain::count($count, 'repetition'), $count > $most
                    ? 'the shelf has nothing heavier for it, so repetitions make up for it'
                    : 'fewer than the goal asks');
            } elseif ($assignment->dose->isTimed()
                || $capacity === null
                || ! $this->catalogue->pattern($slot->exercise->pattern)->isMeasured()) {
                $unknown++;
            } else {
                // What later weeks ask is a forecast; what is asked now must be what is known today.
                $left = $this->efforts->written($slot, $brief)->reserve ?? 0.0;
                if ($week->number !== $brief->now || ($left >= $brief->leastReserve() - 0.5 && $left <= $brief->mostReserve() + 0.5)) {
                    $in++;
                } else {
                    $off[] = $left < 0
                        ? sprintf(
                            '%s asks for %s more than is likely',
                            $slot->exercise->name,
                            Plain::count((int) ceil(-$left), 'repetition'),
                        )
                        : sprintf('%s would leave %.0f in reserve instead of %d', $slot->exercise->name, $left, $assignment->reserve);
                }
            }
            if (count($off) > $before) {
                $threads[$slot->thread] = $off[count($off) - 1].'.';
            }
            if ($isAsWanted && ! $assignment->dose->isTimed() && $count > $most) {
                $above[] = $slot->exercise->nameInASentence();
                array_pop($off);
            }
        }
        if ($above !== []) {
            // Said once for all that it is true of.
            $off[] = ucfirst(Plain::listed($above)).(count($above) === 1
                ? ' stands at more repetitions: the shelf has nothing heavier for it'
                : ' stand at more repetitions: the shelf has nothing heavier for them');
        }

        return new Check(
            'effort',
            $week->number,
            $day->day->weekday,
            $off === [] ? Verdict::Ok : Verdict::Watch,
            sprintf('%d of %d', count($slots) - count($threads), count($slots)),
            sprintf('%d–%d repetitions with %d–%d in reserve', $fewest, $most, $brief->leastReserve(), $brief->mostReserve()),
            match (true) {
                $off !== [] => implode('; ', $off).'.',
                $unknown > 0 => sprintf('%s light on purpose, until the first set is logged.', ucfirst(Plain::count($unknown, 'exercise'))),
                default => 'Every dose lies in the window of the goal.',
            },
            $threads,
        );
    }

    private function frame(PlannedWeek $week, PlannedDay $day, Brief $brief): Check
    {
        $blocks = [];
        foreach ($day->plan->blocks as $block) {
            $blocks[$block->kind->value] = $block;
        }
        $first = $day->work()[0] ?? null;
        $warmUp = $blocks[BlockKind::WarmUp->value] ?? null;
        $missing = array_values(array_filter([
            $warmUp === null ? 'warm-up' : null,
            isset($blocks[BlockKind::CoolDown->value]) ? null : 'cool-down',
        ]));
        $isPrepared = $first === null || $warmUp === null || array_filter(
            $warmUp->slots,
            static fn (Slot $slot): bool => array_intersect_key(
                Muscles::halvesOf($slot->exercise),
                Muscles::halvesOf($first->exercise),
            ) !== [],
        ) !== [];
        $unprepared = $warmUp === null ? null : $this->unprepared($day, $warmUp, $brief);

        return new Check(
            'frame',
            $week->number,
            $day->day->weekday,
            $missing === [] && $isPrepared && $unprepared === null ? Verdict::Ok : Verdict::Watch,
            $missing === [] ? 'both there' : 'no '.Plain::listed($missing),
            'warm-up and cool-down',
            match (true) {
                $missing !== [] => 'There is no '.Plain::listed($missing).'.',
                ! $isPrepared => 'Nothing in the warm-up prepares what comes first.',
                $unprepared !== null => "No lighter set of {$unprepared->nameInASentence()} stands before it.",
                default => 'The warm-up prepares what comes first.',
            },
        );
    }

    /** The first main lift, where the warm-up holds no lighter way of it though there is one. */
    private function unprepared(PlannedDay $day, Block $warmUp, Brief $brief): ?Exercise
    {
        $lift = LighterLift::mainLifts($day->work())[0] ?? null;
        $isThere = $lift === null || array_filter(
            $warmUp->slots,
            static fn (Slot $slot): bool => $slot->exercise->pattern === $lift->exercise->pattern,
        ) !== [];

        return $isThere || $this->lighter->of($lift, $brief->situation, '') === null ? null : $lift->exercise;
    }

    /** @return list<Check> */
    private static function recovery(PlannedWeek $week): array
    {
        $clashes = [];
        $hardDays = [];
        foreach ($week->days as $i => $day) {
            foreach (array_slice($week->days, $i + 1) as $later) {
                $nights = $day->day->nightsFrom($later->day);
                if ($nights >= 3) {
                    continue;
                }
                $one = Muscles::hardSets($day->work());
                $other = Muscles::hardSets($later->work());
                foreach (array_intersect_key($one, $other) as $muscle => $sets) {
                    if ($sets < self::HARD_DAY_SETS || $other[$muscle] < self::HARD_DAY_SETS) {
                        continue;
                    }
                    $toFailure = self::goesToFailure([...$day->work(), ...$later->work()], $muscle);
                    if ($nights < 2 || $toFailure) {
                        $clashes[] = sprintf(
                            '%s works hard on %s and %s',
                            Muscles::label($muscle),
                            $day->day->label(),
                            $later->day->label(),
                        );
                    }
                }
                if ($nights < 2) {
                    $hardDays[] = "{$day->day->label()} and {$later->day->label()}";
                }
            }
        }

        return [
            new Check(
                'recovery',
                $week->number,
                null,
                $clashes === [] ? Verdict::Ok : Verdict::No,
                Plain::count(count($clashes), 'clash', 'clashes'),
                '48 hours, 72 after sets to failure',
                $clashes === [] ? 'No muscle works hard again within 48 hours.' : implode('; ', $clashes).'.',
            ),
            new Check(
                'hard-days',
                $week->number,
                null,
                $clashes === [] ? Verdict::Ok : Verdict::Watch,
                Plain::count(count($hardDays), 'pair of days running', 'pairs of days running'),
                'different muscles',
                match (true) {
                    $hardDays === [] => 'No two training days follow each other.',
                    $clashes === [] => ucfirst(implode(', ', $hardDays)).': different muscles work hard.',
                    default => ucfirst(implode(', ', $hardDays)).': the same muscles work hard.',
                },
            ),
        ];
    }

    /** @param  list<Slot>  $slots */
    private static function goesToFailure(array $slots, string $muscle): bool
    {
        foreach ($slots as $slot) {
            if ($slot->assignment->goesToFailure() && isset(Muscles::halvesOf($slot->exercise)[$muscle])) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<string, string>|null  $impossible
     * @return list<Check>
     */
    private static function patterns(PlannedWeek $week, Brief $brief, ?array $impossible): array
    {
        $checks = [];
        $wanted = count($brief->days) >= 2 ? 2 : 1;
        foreach (PatternGroup::cases() as $group) {
            $days = count(array_filter($week->days, static fn (PlannedDay $day): bool => array_filter(
                $day->work(),
                static fn (Slot $slot): bool => PatternGroup::of($slot->exercise->pattern) === $group,
            ) !== []));
            $why = $impossible[$group->value] ?? null;
            $checks[] = new Check(
                'pattern',
                $week->number,
                null,
                $days >= $wanted ? Verdict::Ok : ($days > 0 || $why !== null ? Verdict::Watch : Verdict::No),
                Plain::count($days, 'day'),
                Plain::count($wanted, 'day'),
                ucfirst($group->label()).match (true) {
                    $days >= $wanted => sprintf(': on %s.', Plain::count($days, 'day')),
                    $why !== null => ": {$why}",
                    $impossible === null => sprintf(': on %s of %d.', Plain::count($days, 'day'), $wanted),
                    default => sprintf(': on %s of %d; time or recovery leave no room for more.', Plain::count($days, 'day'), $wanted),
                },
                about: $group->value,
            );
        }

        return $checks;
    }

    private function balance(string $id, PlannedWeek $week, Brief $brief, Region $one, Region $other): Check
    {
        $first = $second = 0.0;
        $counts = $this->efforts->counting($brief->inWeek($week->number));
        foreach ($week->work() as $slot) {
            $region = Region::of($slot->exercise->pattern);
            $sets = $region === $one || $region === $other ? $slot->assignment->sets * $counts($slot) : 0.0;
            $first += $region === $one ? $sets : 0.0;
            $second += $region === $other ? $sets : 0.0;
        }
        $ratio = $second <= 0.0 ? null : $first / $second;
        [$low, $high] = self::BALANCED;
        $isIn = ($first <= 0.0 && $second <= 0.0) || ($ratio !== null && $ratio >= $low && $ratio <= $high);
        [$names, $others] = $one === Region::Push ? ['pushing', 'pulling'] : ['the front of the leg', 'the back of the leg'];

        return new Check(
            $id,
            $week->number,
            null,
            $isIn ? Verdict::Ok : Verdict::Watch,
            $ratio === null ? sprintf('%s to 0', Plain::number($first, 1)) : sprintf('%.2f', $ratio),
            sprintf('%.2f to %.1f', $low, $high),
            sprintf(
                '%s %s for %s, %s for %s.',
                Plain::number($first, 1),
                abs($first - 1.0) < 0.05 ? 'working set' : 'working sets',
                $names,
                Plain::number($second, 1),
                $others,
            ),
            isTooLittle: $first < $second,
        );
    }

    /**
     * @param  array<string, float>  $sets
     * @return list<Check>
     */
    private static function volume(PlannedWeek $week, Brief $brief, array $sets, bool $isPlanned): array
    {
        $checks = [];
        $band = $brief->band();
        foreach (Muscles::WEIGHTS as $muscle => $weight) {
            if ($weight < 1.0) {
                continue;
            }
            $done = $sets[$muscle] ?? 0.0;
            $low = $week->isDeload ? 0.0 : $band->low;
            $isIn = $done >= $low - 1e-9 && $done <= $band->high + 1e-9;
            $checks[] = new Check(
                'volume',
                $week->number,
                null,
                $isIn ? Verdict::Ok : Verdict::Watch,
                Plain::number($done, 1).' working sets',
                sprintf('%s–%s', Plain::number($low, 1), Plain::number($band->high, 1)),
                Muscles::label($muscle).': '.match (true) {
                    $isIn => sprintf('%s working sets.', Plain::number($done, 1)),
                    $done < $low => sprintf(
                        '%s working sets; %s are wanted.%s',
                        Plain::number($done, 1),
                        Plain::number($low, 1),
                        $isPlanned ? ' The minutes, the shelf or the days leave no room for more.' : '',
                    ),
                    default => sprintf('%s working sets, more than %s.', Plain::number($done, 1), Plain::number($band->high, 1)),
                },
                about: $muscle,
                isTooLittle: $done < $low,
            );
        }

        return $checks;
    }

    private static function variety(PlannedWeek $week, Brief $brief): Check
    {
        $said = [];
        $on = [];
        foreach ($week->days as $day) {
            foreach ($day->work() as $slot) {
                if (in_array($slot->exercise->id, $brief->dislikes, true)) {
                    $said[] = "the client does not like {$slot->exercise->name}";
                }
                $on[$slot->exercise->name][] = $day->day;
            }
        }
        foreach ($on as $name => $days) {
            foreach ($days as $middle) {
                $next = array_filter(
                    $days,
                    static fn (TrainingDay $other): bool => $other !== $middle && $other->nightsFrom($middle) === 1,
                );
                if (count($next) >= 2) {
                    $said[] = "{$name} stands on three days running";
                }
            }
        }
        $said = array_values(array_unique($said));

        return new Check(
            'variety',
            $week->number,
            null,
            $said === [] ? Verdict::Ok : Verdict::Watch,
            Plain::count(count($said), 'objection'),
            'none',
            $said === [] ? 'Nothing disliked, nothing three days running.' : ucfirst(implode('; ', $said)).'.',
        );
    }
}
