<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

/** One exercise of a session on paper: what its steps come to, so that paper, Round and Floor say the same. */
final readonly class SheetRow
{
    /**
     * @param  int  $sets  Sets or rounds; both sides of one are one here.
     * @param  string  $dose  "3 × 10", "12, 9, 6", "2 × 30 s each side".
     * @param  int  $restSeconds  Rest and changes after its first set, until the next work; 0 where none is.
     */
    private function __construct(public Slot $slot, public int $sets, public string $dose, public int $restSeconds)
    {
    }

    /**
     * @param  list<Step>  $steps  Of a whole session, in order.
     * @return list<self> In the order in which each exercise is first done.
     */
    public static function allOf(array $steps): array
    {
        $work = $rest = [];
        $last = null;
        foreach ($steps as $step) {
            if ($step->kind === StepKind::Work && $step->slot !== null) {
                $work[$step->slot->thread][$step->round ?? 1][] = $step;
                $last = $step;
            } elseif ($last !== null && $last->slot !== null && $last->round === 1 && $step->kind !== StepKind::Announce) {
                $rest[$last->slot->thread] = ($rest[$last->slot->thread] ?? 0.0) + $step->seconds;
            }
        }
        $rows = [];
        foreach ($work as $thread => $rounds) {
            $slot = array_values($rounds)[0][0]->slot;
            if ($slot !== null) {
                $doses = array_map(self::dose(...), array_values($rounds));
                $rows[] = new self($slot, count($rounds), self::together($doses), (int) round($rest[$thread] ?? 0));
            }
        }

        return $rows;
    }

    /** @param  non-empty-list<Step>  $ofRound */
    private static function dose(array $ofRound): string
    {
        $first = $ofRound[0];
        $sides = array_unique(array_map(static fn (Step $step): string => (string) $step->side, $ofRound));
        // Two phases of one set are one stretch of time; two sides are the same twice.
        $seconds = array_sum(array_map(static fn (Step $step): float => $step->seconds, $ofRound)) / count($sides);
        $words = match ($first->counting) {
            Counting::Down => sprintf('%.0f s', $seconds),
            Counting::Up => sprintf('as long as clean, at most %.0f s', $seconds),
            default => (string) ($first->dose ?? 0),
        };

        return count($sides) > 1 ? "{$words} each side" : $words;
    }

    /** @param  list<string>  $doses */
    private static function together(array $doses): string
    {
        return count(array_unique($doses)) === 1 ? sprintf('%d × %s', count($doses), $doses[0]) : implode(', ', $doses);
    }
}
