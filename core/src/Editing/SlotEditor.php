<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Editing;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\Cautions;
use NimbleShelf\Core\Matching\RungWords;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Tempo;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\OptionFinder;
use NimbleShelf\Core\Programme\PatternGroup;
use NimbleShelf\Core\Programme\Pin;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\PlanOption;

/** Changes one exercise of a week: what it is, what is asked of it, where it stands. */
final readonly class SlotEditor
{
    private const USUAL_SETS = 3;

    public function __construct(private Catalogue $catalogue, private OptionFinder $finder, private ShelfRungs $rungs)
    {
    }

    /** @throws InvalidQuantity If the shelf, the room or a limit forbids it. */
    public function added(WeekInHand $week, Edit $edit, Brief $brief): EditedWeek
    {
        $option = $this->allowed($edit, $brief);

        return self::placed($week, $option, $edit->weekday, $edit->block, $edit->place, $brief);
    }

    /** Puts what trains a pattern group best into a session. */
    public function filled(WeekInHand $week, Edit $edit, Brief $brief): EditedWeek
    {
        $there = array_map(static fn (Slot $slot): string => $slot->exercise->id, $week->day($edit->weekday)->plan->slots());
        $trains = static fn (Exercise $one): bool => PatternGroup::of($one->pattern) === $edit->group;
        foreach ($this->finder->among($trains, $brief) as $option) {
            if (! in_array($option->exercise->id, $there, true)) {
                return self::placed($week, $option, $edit->weekday, null, null, $brief);
            }
        }

        throw InvalidQuantity::because('group', 'Nothing more on this shelf trains it.');
    }

    /** Let go where it was held: what it asks later is reckoned from here with what is there today. */
    public function reckonedAnew(WeekInHand $week, Edit $edit): EditedWeek
    {
        $slot = $week->slot($edit->weekday, $edit->slot);

        return new EditedWeek(
            $week->withSlot($edit->weekday, $slot->asking($slot->assignment->held(false)))->week(),
            "{$slot->exercise->name} reckoned forward anew",
            [$slot->thread],
        );
    }

    /** It stays as it stands, week after week, until it is let go. */
    public function held(WeekInHand $week, Edit $edit): EditedWeek
    {
        $slot = $week->slot($edit->weekday, $edit->slot);

        return new EditedWeek(
            $week->withSlot($edit->weekday, $slot->asking($slot->assignment->held(true)))->week(),
            "{$slot->exercise->name} held as it stands",
            [$slot->thread],
        );
    }

    public function removed(WeekInHand $week, Edit $edit): EditedWeek
    {
        $name = $week->slot($edit->weekday, $edit->slot)->exercise->name;

        return new EditedWeek($week->without($edit->weekday, $edit->slot)->week(), "{$name} taken out");
    }

    /** Moves it to another place, or another day; without a block it goes to the end of the work. */
    public function moved(WeekInHand $week, Edit $edit): EditedWeek
    {
        $slot = $week->slot($edit->weekday, $edit->slot);
        $to = $edit->to ?? $edit->weekday;
        $day = $week->day($to, 'to');
        if ($to !== $edit->weekday) {
            if (in_array($slot->thread, array_map(static fn (Slot $one): string => $one->thread, $day->plan->slots()), true)) {
                $slot = $slot->named($week->freeThread($to, $slot->exercise->id));
            }
            $moved = $week->without($edit->weekday, $edit->slot)->withInserted($to, $slot, $edit->block, $edit->place);

            return new EditedWeek($moved->week(), "{$slot->exercise->name} moved to {$day->day->label()}");
        }
        [$block, $place] = $week->placeOf($edit->weekday, $edit->slot);
        $before = $edit->block === $block && $edit->place !== null && $edit->place > $place ? 1 : 0;
        $blocks = $week->blocksWithout($edit->weekday, $edit->slot);
        $emptied = new PlannedDay($day->day, new SessionPlan($day->plan->name, $blocks));
        $moved = $week->with($emptied)->withInserted(
            $edit->weekday,
            $slot,
            $edit->block,
            $edit->place === null ? null : $edit->place - $before,
        );

        return new EditedWeek($moved->week(), "{$slot->exercise->name} moved");
    }

    /** One step up or down: within its block, out of it to stand alone, then into the next. */
    public function shifted(WeekInHand $week, Edit $edit): EditedWeek
    {
        [$block, $place] = $week->placeOf($edit->weekday, $edit->slot);
        $blocks = $week->blocksWithout($edit->weekday, $edit->slot);
        $places = [];
        $now = 0;
        foreach ($blocks as $i => $one) {
            $isFrame = $one->kind === BlockKind::WarmUp || $one->kind === BlockKind::CoolDown;
            $isOwn = $i === $block;
            if ($isFrame && ! $isOwn) {
                continue;
            }
            $isAlone = $one->kind === BlockKind::Straight;
            $before = $blocks[$i - 1] ?? null;
            // Between two rounds there is room to stand alone.
            if (! $isFrame && ! $isAlone && ($before === null || $before->kind !== BlockKind::Straight) && $one->slots !== []) {
                $places[] = [$i, null];
            }
            for ($at = 0; $at <= count($one->slots); $at++) {
                if ($isOwn && $at === $place) {
                    $now = count($places);
                }
                $places[] = [$i, $at];
            }
            $after = $blocks[$i + 1] ?? null;
            $isLastRound = $after === null || $after->kind === BlockKind::CoolDown;
            if (! $isFrame && ! $isAlone && $isLastRound && $one->slots !== []) {
                $places[] = [$i + 1, null];
            }
        }
        $to = $places[$now + ($edit->by ?? 0)] ?? null;
        if ($to === null) {
            return new EditedWeek($week->week(), '');
        }
        $slot = $week->slot($edit->weekday, $edit->slot);
        $day = $week->day($edit->weekday);
        $emptied = $week->with(new PlannedDay($day->day, new SessionPlan($day->plan->name, $blocks)));

        return new EditedWeek(
            $emptied->withInserted($edit->weekday, $slot, $to[0], $to[1])->week(),
            sprintf('%s moved %s', $slot->exercise->name, $edit->by === -1 ? 'up' : 'down'),
        );
    }

    public function copied(WeekInHand $week, Edit $edit): EditedWeek
    {
        $to = $edit->to ?? $edit->weekday;
        $slot = $week->slot($edit->weekday, $edit->slot);
        $copy = $slot->named($week->freeThread($to, $slot->exercise->id));

        return new EditedWeek(
            $week->withInserted($to, $copy, $edit->block, $edit->place)->week(),
            "{$slot->exercise->name} copied to {$week->day($to, 'to')->day->label()}",
            [$copy->thread],
        );
    }

    /**
     * What is asked of it: `{sets?, reps?, reps_most?, seconds?, clean?, per_side?, factor?, means?, sides?, reserve?, rest?,
     * tempo?: {lower, pause, lift, top} | null, last_to_failure?}`; what is not named stays. Sets of a round are those of all in it.
     *
     * @throws InvalidQuantity If a number is out of range, naming it, or nobody here is to go to failure.
     */
    public function asked(WeekInHand $week, Edit $edit, Brief $brief): EditedWeek
    {
        $slot = $week->slot($edit->weekday, $edit->slot);
        $ask = $edit->ask;
        $lastToFailure = is_bool($ask['last_to_failure'] ?? null) ? $ask['last_to_failure'] : null;
        $why = $brief->whyNotToFailure();
        if ($lastToFailure === true && $why !== null) {
            throw InvalidQuantity::because('ask.last_to_failure', $why);
        }
        $asked = $slot->assignment->with(
            sets: self::whole($ask, 'sets'),
            dose: self::dose($slot->assignment->dose, $ask),
            sides: is_string($ask['sides'] ?? null)
                ? Sides::tryFrom($ask['sides']) ?? throw InvalidQuantity::because('ask.sides', 'There is no such way to share the sides.')
                : null,
            reserve: self::whole($ask, 'reserve'),
            restSeconds: self::whole($ask, 'rest'),
            tempo: match (true) {
                ! array_key_exists('tempo', $ask) => null,
                is_array($ask['tempo']) => Tempo::fromArray($ask['tempo']),
                default => false,
            },
            lastToFailure: $lastToFailure,
        );
        $changed = $week->withSlot($edit->weekday, $slot->asking($asked));
        $anew = [$slot->thread];
        [$block] = $changed->placeOf($edit->weekday, $edit->slot);
        $blocks = $changed->day($edit->weekday)->plan->blocks;
        if ($blocks[$block]->kind->goesRound() && $asked->sets !== $slot->assignment->sets) {
            $blocks[$block] = self::inRounds($blocks[$block], $asked->sets);
            $changed = $changed->withBlocks($edit->weekday, array_values($blocks));
            $anew = array_map(static fn (Slot $one): string => $one->thread, $blocks[$block]->slots);
        }

        return new EditedWeek(
            $changed->week(),
            "{$slot->exercise->name}: ".self::inWords($slot->assignment, $asked),
            $anew,
        );
    }

    /** What is asked otherwise; sets and dose where that is nothing else. */
    private static function inWords(Assignment $before, Assignment $now): string
    {
        $isOfSets = $now->sets !== $before->sets || $now->dose->toArray() !== $before->dose->toArray();
        $said = array_filter([
            $now->restSeconds === $before->restSeconds ? '' : "rest {$now->restSeconds} s",
            $now->reserve === $before->reserve ? '' : "{$now->reserve} in reserve",
            $now->sides === $before->sides ? '' : $now->sides->inWords(),
            $now->lastToFailure === $before->lastToFailure ? '' : ($now->lastToFailure ? 'the last set to failure' : 'no set to failure'),
            $now->tempo?->toArray() === $before->tempo?->toArray() ? '' : $now->tempo?->inWords() ?? 'at the usual tempo',
        ], static fn (string $one): bool => $one !== '');

        return implode(', ', [
            ...$isOfSets || $said === [] ? [sprintf('%d × %s', $now->sets, $now->dose->inWords())] : [],
            ...array_values($said),
        ]);
    }

    /** @throws InvalidQuantity If the shelf, the room or a limit forbids it. */
    public function swapped(WeekInHand $week, Edit $edit, Brief $brief): EditedWeek
    {
        return self::insteadOf($week, $edit, $this->allowed($edit, $brief));
    }

    /** The next rung of the same exercise, or the next exercise of its ladder where there is none. */
    public function stepped(WeekInHand $week, Edit $edit, Brief $brief): EditedWeek
    {
        $slot = $week->slot($edit->weekday, $edit->slot);
        $isHarder = $edit->kind === EditKind::Harder;
        $next = $this->next($slot, $isHarder, $brief);

        return self::insteadOf($week, $edit, $next ?? throw InvalidQuantity::because(
            'slot',
            sprintf('This shelf has nothing %s than that for it.', $isHarder ? 'harder' : 'easier'),
        ));
    }

    /** What a step easier or harder would be; null where the shelf has none. */
    public function next(Slot $slot, bool $isHarder, Brief $brief): ?PlanOption
    {
        $exercise = $slot->exercise;
        $ladder = $this->rungs->usable($exercise, $brief->situation);
        $now = null;
        foreach ($ladder as $i => ['rung' => $rung]) {
            // Two tubes of one length are rigged alike; which it is, its words say.
            if ($rung->setting->sameAs($slot->assignment->setting) && ($now === null || $rung->words === $slot->assignment->words)) {
                $now = $i;
            }
        }
        if ($now !== null) {
            $kg = $ladder[$now]['wholeKg'];
            $further = $isHarder ? array_slice($ladder, $now + 1) : array_reverse(array_slice($ladder, 0, $now));
            $apart = array_filter($further, static fn (array $one): bool => abs($one['wholeKg'] / $kg - 1) >= ShelfRungs::ALIKE);
            // Two limbs stay two where that is possible: a step is a change of load before it is another movement.
            $limbs = $slot->assignment->setting->limbs;
            $alike = array_filter($apart, static fn (array $one): bool => $one['rung']->setting->limbs === $limbs);
            foreach ([...$alike, ...$apart] as ['rung' => $rung]) {
                return $this->finder->pinned(new Pin(1, $exercise->id, $rung->setting, words: $rung->words), $brief);
            }
        }
        foreach ($exercise->ladder[$isHarder ? 'harder' : 'easier'] ?? [] as $id) {
            $option = isset($this->catalogue->exercises[$id]) ? $this->finder->pinned(new Pin(1, $id), $brief) : null;
            if ($option !== null) {
                return $option;
            }
        }

        return null;
    }

    /** The best the shelf has in its place: of the same pattern, or else of what does the same office. */
    public function standIn(WeekInHand $week, Edit $edit, Brief $brief): EditedWeek
    {
        $slot = $week->slot($edit->weekday, $edit->slot);
        $there = array_map(static fn (Slot $one): string => $one->exercise->id, $week->day($edit->weekday)->plan->slots());
        $option = $this->bestFor($slot, array_values(array_diff($there, [$slot->exercise->id])), $brief);

        return self::insteadOf($week, $edit, $option ?? throw InvalidQuantity::because(
            'slot',
            'Nothing on this shelf does the same within the limits: take it out, or look at what would open it.',
        ));
    }

    /**
     * @param  list<string>  $taken  Exercises that stand in the session already.
     */
    public function bestFor(Slot $slot, array $taken, Brief $brief): ?PlanOption
    {
        $exercise = $slot->exercise;
        $group = PatternGroup::of($exercise->pattern);
        $isFrame = in_array($exercise->pattern, ['loosen', 'stretch'], true);
        if ($isFrame) {
            foreach ($this->catalogue->exercises as $other) {
                if ($other->pattern === $exercise->pattern && ! in_array($other->id, $taken, true)) {
                    $option = $this->finder->pinned(new Pin(1, $other->id), $brief);
                    if ($option !== null) {
                        return $option->asking($slot->assignment);
                    }
                }
            }

            return null;
        }
        foreach ([
            static fn (Exercise $one): bool => $one->id === $exercise->id,
            static fn (Exercise $one): bool => $one->pattern === $exercise->pattern,
            static fn (Exercise $one): bool => $group !== null && PatternGroup::of($one->pattern) === $group,
            static fn (Exercise $one): bool => array_intersect_key($one->mainMuscles, $exercise->mainMuscles) !== [],
        ] as $wanted) {
            foreach ($this->finder->among($wanted, $brief) as $option) {
                $isSame = $option->exercise->id === $exercise->id && $option->rung->setting->sameAs($slot->assignment->setting);
                if (! $isSame && ! in_array($option->exercise->id, $taken, true)) {
                    return $option;
                }
            }
        }

        return null;
    }

    /** @throws InvalidQuantity If the shelf, the room or a limit forbids it. */
    private function allowed(Edit $edit, Brief $brief): PlanOption
    {
        if (! isset($this->catalogue->exercises[$edit->exercise])) {
            throw InvalidQuantity::because('exercise', 'There is no such exercise in the catalogue.');
        }
        $option = $this->finder->pinned(new Pin(1, $edit->exercise, $edit->setting), $brief);
        if ($option !== null) {
            return $option;
        }
        $exercise = $this->catalogue->exercise($edit->exercise);
        $why = $edit->setting === null
            ? $this->rungs->leftOut($exercise, $brief->situation)
            : $this->rungs->problemsAsWritten($exercise, $edit->setting, $brief->situation);
        $against = Cautions::against($exercise, $brief->situation);

        throw InvalidQuantity::because(
            'exercise',
            "{$exercise->name}: ".($against[0] ?? $why[0] ?? RungWords::missing($exercise)),
        );
    }

    private static function placed(
        WeekInHand $week,
        PlanOption $option,
        int $weekday,
        ?int $block,
        ?int $place,
        Brief $brief,
    ): EditedWeek {
        $isFrame = in_array($option->exercise->pattern, ['loosen', 'stretch'], true);
        $slot = $option->slot(
            $week->freeThread($weekday, $option->exercise->id),
            $isFrame ? 1 : min(self::USUAL_SETS, $brief->mostSets($week->day($weekday)->day)),
        );

        return new EditedWeek(
            $week->withInserted($weekday, $slot, $block, $place)->week(),
            "{$option->exercise->name} added on {$week->day($weekday)->day->label()}",
            [$slot->thread],
        );
    }

    /** The same place for another rung; sets stay, and what the rung itself decides is asked anew. */
    private static function insteadOf(WeekInHand $week, Edit $edit, PlanOption $option): EditedWeek
    {
        $slot = $week->slot($edit->weekday, $edit->slot);
        $now = $slot->assignment;
        $new = new Slot($slot->thread, $option->exercise, $option->assignment($now->sets), $option->rung->things);

        return new EditedWeek(
            $week->withSlot($edit->weekday, $new)->week(),
            $option->exercise->id === $slot->exercise->id
                ? "{$slot->exercise->name}: {$option->rung->words}"
                : "{$slot->exercise->name} swapped for ".mb_strtolower($option->exercise->name),
            [$slot->thread],
        );
    }

    /** @param  array<string, mixed>  $ask */
    private static function dose(Dose $now, array $ask): ?Dose
    {
        $keys = ['reps' => 0, 'reps_most' => 0, 'seconds' => 0, 'clean' => 0, 'per_side' => 0, 'factor' => 0, 'means' => 0];
        $new = array_intersect_key($ask, $keys);
        if ($new === []) {
            return null;
        }
        if (isset($new['clean'])) {
            $new['as_long_as_clean'] = $new['clean'];
            unset($new['clean']);
        }
        $count = ['reps' => 0, 'reps_most' => 0, 'seconds' => 0, 'as_long_as_clean' => 0];
        $kept = array_intersect_key($new, $count) === [] ? $now->toArray() : array_diff_key($now->toArray(), $count);

        return InvalidQuantity::under('ask', static fn (): Dose => Dose::fromArray(array_filter(
            $new + $kept,
            static fn (mixed $value): bool => $value !== null,
        )));
    }

    private static function inRounds(Block $block, int $sets): Block
    {
        $rule = $block->kind === BlockKind::Ladder || $block->rule->rounds === null
            ? $block->rule
            : BlockRule::fromArray($block->kind, ['rounds' => $sets] + $block->rule->toArray());
        if ($block->kind === BlockKind::Ladder) {
            return $block;
        }

        return Block::asItStands(
            $block->kind,
            $block->name,
            $rule,
            array_map(static fn (Slot $slot): Slot => $slot->withSets($sets), $block->slots),
        );
    }

    /** @param  array<string, mixed>  $ask */
    private static function whole(array $ask, string $key): ?int
    {
        $value = $ask[$key] ?? null;

        return $value === null || is_int($value)
            ? $value
            : throw InvalidQuantity::because("ask.{$key}", ucfirst($key).' must be a whole number.');
    }
}
